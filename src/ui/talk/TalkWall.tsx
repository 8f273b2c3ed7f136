'use client';
import Link from 'next/link';
import { useCallback, useState } from 'react';
import styled from 'styled-components';
import type { Asked } from '@/server/drills/question';
import type { TalkWall as Wall } from '@/server/talk/leading';
import { call, messageOf } from '../api';
import { UnitsProvider } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { ErrorText } from '../kit/text';
import { useKeys } from '../useKeys';
import { CleatTurns } from './CleatTurns';
import { Gathering } from './Gathering';
import { SignTalk } from './SignTalk';
import { useNews } from '../useNews';
import { WallQuestion } from './WallQuestion';

/** The whole window; nothing is scrolled on a big screen. */
const Room = styled.main`
  --u: min(1vw, 1.6vh);
  height: 100dvh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: calc(1.2 * var(--u));
  padding: calc(1.4 * var(--u)) calc(2.4 * var(--u));
  overflow: hidden;
`;
const Head = styled.header`
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: calc(2 * var(--u));
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: calc(0.8 * var(--u));
  & h1 {
    font: 740 calc(3.4 * var(--u)) / 1.1 var(--font-figure);
  }
  & p {
    font: 640 calc(2.4 * var(--u)) / 1.1 var(--font-figure);
    white-space: nowrap;
  }
`;
const Foot = styled.footer`
  display: flex;
  justify-content: space-between;
  align-items: end;
  gap: calc(2 * var(--u));
  & > div:first-child {
    display: flex;
    align-items: center;
    gap: calc(1.6 * var(--u));
    height: calc(9 * var(--u));
  }
  & output {
    font: 740 calc(3 * var(--u)) / 1.1 var(--font-figure);
    font-variant-numeric: tabular-nums;
  }
`;

/** Where the talk goes next, and what the button for it says. */
function nextOf({ item, shown, titles }: Wall): {
  readonly words: string;
  readonly item: number;
  readonly shown: boolean;
} | null {
  if (item === null) return { words: 'First question', item: 0, shown: false };
  if (!shown) return { words: 'Show the answer', item, shown: true };
  return item + 1 < titles.length ? { words: 'Next question', item: item + 1, shown: false } : null;
}

/** A talk on the big screen: people gather, are asked, answer, and see what is right with what was answered. */
export function TalkWall({
  wall: first,
  address,
  qr,
  reachable,
}: {
  wall: Wall;
  /** Where people take part. */
  address: string;
  /** The same as a code to be photographed: its outline, and its size in modules. */
  qr: { readonly path: string; readonly size: number };
  /** Whether phones can come to it. */
  reachable: boolean;
}) {
  const [wall, setWall] = useState(first);
  const [signing, setSigning] = useState(false);
  const [recorded, setRecorded] = useState(first.ended);
  const [error, setError] = useState<string | null>(null);
  const params = { id: first.id };
  const look = useCallback(async (): Promise<void> => {
    const answer = await call('GET /talks/{id}', { params: { id: first.id } });
    // While the server is away the screen stays as it is.
    if (answer.ok) setWall((w) => (answer.value.version >= w.version ? answer.value : w));
  }, [first.id]);
  useNews(recorded ? null : `/api/v1/talks/${first.id}/news`, () => void look());
  const next = nextOf(wall);
  const go = async (): Promise<void> => {
    if (!next) return setSigning(true);
    const { item, shown } = next;
    const body = { version: wall.version, item, shown };
    const answer = await call('POST /talks/{id}/step', { params, body });
    setError(answer.ok ? null : messageOf(answer.problem));
    if (answer.ok) setWall(answer.value);
    else void look();
  };
  useKeys({ ArrowRight: () => void go() });
  const people = `${wall.people} ${wall.people === 1 ? 'is' : 'are'} here`;
  return (
    <UnitsProvider system={wall.units}>
      <Room data-item={wall.item ?? 'none'} data-shown={wall.shown}>
        <Head>
          <h1>
            {recorded
              ? 'The talk is over'
              : wall.item === null
                ? 'Toolbox talk'
                : (wall.asked?.title ?? wall.titles[wall.item])}
          </h1>
          <p>
            {wall.item === null || recorded
              ? people
              : `${wall.item + 1} of ${wall.titles.length} · code ${wall.code}`}
          </p>
        </Head>
        {recorded ? (
          <Cluster>
            <ButtonLink $kind="primary" href={`/api/v1/talks/${wall.id}/record.pdf`} download>
              The record, PDF
            </ButtonLink>
            <Link href="/drills/talk">All talks</Link>
          </Cluster>
        ) : wall.item === null || !wall.asked ? (
          <Gathering code={wall.code} address={address} qr={qr} reachable={reachable} />
        ) : (
          <WallQuestion
            key={wall.item}
            asked={wall.asked as Asked}
            right={wall.right}
            spread={wall.spread}
          />
        )}
        {recorded ? null : (
          <Foot>
            <div>
              {wall.item === null ? null : (
                <>
                  <CleatTurns
                    turns={wall.answered}
                    of={wall.people}
                    label={`${wall.answered} turns on the cleat, one for each answer`}
                  />
                  <output>
                    {wall.answered} of {wall.people} answered
                  </output>
                </>
              )}
            </div>
            <Cluster>
              {error ? <ErrorText role="alert">{error}</ErrorText> : null}
              <Button $kind="quiet" onPress={() => setSigning(true)}>
                End and sign
              </Button>
              {next ? (
                <Button $kind="primary" onPress={() => void go()}>
                  {next.words}
                </Button>
              ) : null}
            </Cluster>
          </Foot>
        )}
        {signing ? (
          <SignTalk
            id={wall.id}
            people={wall.people}
            onClose={() => setSigning(false)}
            onSigned={() => {
              setSigning(false);
              setRecorded(true);
            }}
          />
        ) : null}
      </Room>
    </UnitsProvider>
  );
}
