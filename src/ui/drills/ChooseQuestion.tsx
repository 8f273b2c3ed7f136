'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { Button } from '../kit/Button';
import { Choices, Marking } from './Marking';
import type { QuestionProps } from './question';

const Ask = styled.div`
  font: 500 21px/1.4 var(--font-read);
  max-width: 36em;
`;
const Said = styled.ul`
  list-style: none;
  padding: 0;
  & > li {
    padding: 8px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
`;

/** A situation and four knots: which suits? And then, of each, why or why not. */
export function ChooseQuestion({ asked, marked, sending, give }: QuestionProps<'choose'>) {
  return (
    <>
      <Ask>
        <p>A knot is wanted for {asked.job}.</p>
        <p>And: {asked.conditions.join('; ')}.</p>
      </Ask>
      {marked ? (
        <Marking
          grade={marked.grade}
          words={
            marked.grade === 'good'
              ? 'Right.'
              : `Not right. It is: ${marked.options.find((o) => o.suits)!.name}.`
          }
        >
          <Said aria-label="Why, and why not">
            {marked.options.map((o) => (
              <li key={o.entry}>
                <Link href={`/knots/${o.entry}`} prefetch={false}>
                  <b>{o.name}</b>
                </Link>{' '}
                {o.suits ? 'suits' : 'does not'}: {o.says.join(' ')}
              </li>
            ))}
          </Said>
        </Marking>
      ) : (
        <Choices role="group" aria-label="What suits">
          {asked.options.map((o) => (
            <Button
              key={o.id}
              isDisabled={sending}
              onPress={() => give({ ask: 'choose', number: asked.number, pick: o.id })}
            >
              {o.name}
            </Button>
          ))}
        </Choices>
      )}
    </>
  );
}
