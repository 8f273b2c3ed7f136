'use client';
import Link from 'next/link';
import styled from 'styled-components';
import type { Looking, SetToLookAt } from '@/server/knots-tied';
import { capital } from '@/wording/text';
import { ButtonLink } from '../../kit/Button';
import { Cluster } from '../../kit/layout';
import { Small } from '../../kit/text';
import { FormPicture } from '../KnotPicture';

const Room = styled.div`
  padding: 16px 24px 28px 20px;
  display: grid;
  gap: 16px;
  max-width: 1040px;
  @media (max-width: 760px) {
    padding: 12px;
  }
  & h2 {
    font-size: 23px;
    line-height: 1.2;
    max-width: 720px;
  }
`;
const Choices = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(250px, 1fr));
  gap: 14px;
`;
const Card = styled(Link)`
  display: grid;
  grid-template-rows: auto 1fr;
  height: 100%;
  border: var(--w-rule) solid var(--ink);
  background: var(--sheet);
  color: var(--ink);
  text-decoration: none;
  & > svg {
    width: 100%;
    height: 230px;
    padding: 8px;
  }
  & > span {
    padding: 12px 14px;
    border-top: var(--w-hair) solid var(--line);
    font: 640 16px/1.3 var(--font-figure);
  }
  &:hover {
    background: var(--sunk);
  }
`;
const Found = styled.div<{ $wrong: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 1fr);
  gap: 20px;
  align-items: center;
  border: ${({ $wrong }) => ($wrong ? 'var(--w-strong) solid var(--signal)' : 'var(--w-rule) solid var(--ink)')};
  background: var(--sheet);
  padding: 16px;
  & > svg {
    width: 100%;
    height: 300px;
  }
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Word = styled.p<{ $wrong: boolean }>`
  font: 760 26px/1.15 var(--font-figure);
  ${({ $wrong }) => $wrong && 'color:var(--signal);'}
`;

const place = (set: string, path: readonly number[]): string =>
  `/knots/tied?set=${set}${path.length > 0 ? `&at=${path.join('.')}` : ''}`;

function Back({ set, path }: { set: SetToLookAt; path: readonly number[] }) {
  return (
    <Cluster>
      {path.length > 0 ? (
        <ButtonLink as={Link} href={place(set.id, path.slice(0, -1))}>
          One look back
        </ButtonLink>
      ) : null}
      <ButtonLink as={Link} $kind="quiet" href="/knots/tied">
        Another kind of knot
      </ButtonLink>
    </Cluster>
  );
}

/** Two or three looks that tell apart what people mix up: every answer is a picture and a link, so that it works without script. */
export function Looks({ looking }: { looking: Looking }) {
  if (looking.kind === 'sets')
    return (
      <Room>
        <h2>Which of these is it like?</h2>
        <Choices aria-label="Kinds of knot">
          {looking.sets.map((s) => (
            <li key={s.id}>
              <Card href={place(s.id, [])}>
                <FormPicture name={s.shows} />
                <span>{s.name}</span>
              </Card>
            </li>
          ))}
        </Choices>
        <p>
          None of them? <Link href="/knots/tied?by=tracing">Trace it</Link>, and it is named by how
          the rope runs.
        </p>
      </Room>
    );
  const { set, path } = looking;
  if (looking.kind === 'question')
    return (
      <Room>
        <Small>{set.name}</Small>
        <h2>{looking.question.ask}</h2>
        <Choices aria-label="Answers">
          {looking.question.answers.map((a, i) => (
            <li key={a.says}>
              <Card href={place(set.id, [...path, i])}>
                <FormPicture name={a.shows} />
                <span>{a.says}</span>
              </Card>
            </li>
          ))}
        </Choices>
        <Back set={set} path={path} />
      </Room>
    );
  const { form, checks } = looking;
  const wrong = form.says !== null;
  return (
    <Room>
      <Small>{set.name}</Small>
      <Found $wrong={wrong}>
        <FormPicture name={form.name} />
        <div>
          <Word $wrong={wrong}>
            {wrong ? `A mistake: ${form.formName}` : `${form.entryName}: ${form.formName}`}
          </Word>
          {wrong ? <p>{capital(form.says ?? '')}</p> : null}
          <p>
            {wrong ? `What it should be, ${form.entryName.toLowerCase()}:` : 'Make sure of it:'}
          </p>
          <ul>
            {checks.map((c) => (
              <li key={c}>· {c}</li>
            ))}
          </ul>
          <Cluster $top={10}>
            <ButtonLink
              as={Link}
              $kind="primary"
              href={`/knots/${form.entry}${wrong ? '' : `?form=${form.form}`}`}
            >
              See how it is tied
            </ButtonLink>
          </Cluster>
        </div>
      </Found>
      <Back set={set} path={path} />
    </Room>
  );
}
