'use client';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { Scene } from '@/core/securement/stage/scene';
import { StillDeck } from '../deck/StillDeck';
import { Button } from '../kit/Button';
import { Stack } from '../kit/layout';
import { Facts } from './Facts';
import { Beside, Choices, Marking } from './Marking';
import type { QuestionProps } from './question';

/** Over a line's tag on the drawing. */
const OnTag = styled(AriaButton)`
  position: absolute;
  transform: translate(-50%, -50%);
  width: 52px;
  height: 44px;
  padding: 0;
  border: 3px solid transparent;
  background: none;
  cursor: pointer;
  &[data-hovered] {
    border-color: var(--ink);
  }
`;

/** A deck pushed one way: what says how much is held? Answered on the tag of a line, or by what else it may be. */
export function GovernQuestion({ asked, marked, sending, give }: QuestionProps<'govern'>) {
  const says = (id: (typeof asked.options)[number]['id']): void =>
    give({ ask: 'govern', number: asked.number, says: id });
  const name = (id: string): string => asked.options.find((o) => o.id === id)!.name;
  return (
    <Beside>
      <StillDeck
        scene={marked ? (marked.scene as Scene) : asked.scene}
        label={marked ? 'The deck, with how it gives way' : 'The deck that is pushed'}
        over={(places) =>
          marked
            ? null
            : places.map(({ id, style }) => (
                <OnTag
                  key={id}
                  style={style}
                  aria-label={`${name(id)}, on its tag`}
                  isDisabled={sending}
                  onPress={() => says(id as Parameters<typeof says>[0])}
                />
              ))
        }
      />
      <Stack $gap={12}>
        <p>
          <b>{asked.pushed}</b> {asked.load}
        </p>
        <Facts label="Lines" lines={asked.lines} />
        {marked ? (
          <Marking
            grade={marked.grade}
            words={marked.grade === 'good' ? 'Right.' : `Not so. ${marked.words}.`}
          >
            {marked.says.map((words) => (
              <p key={words}>{words}</p>
            ))}
          </Marking>
        ) : (
          <Choices role="group" aria-label="What governs">
            <p>What says how much is held? Tap the line’s tag, or:</p>
            {asked.options.map((o) => (
              <Button key={o.id} isDisabled={sending} onPress={() => says(o.id)}>
                {o.name}
              </Button>
            ))}
          </Choices>
        )}
      </Stack>
    </Beside>
  );
}
