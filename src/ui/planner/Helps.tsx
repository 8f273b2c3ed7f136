'use client';
import { memo } from 'react';
import styled from 'styled-components';
import type { Change } from '@/core/securement/advice/one-change';
import type { Verdict } from '@/core/securement/verdict';
import { wordChange, wordCost } from '@/wording/changes';
import type { DraftStore } from '../deck/draft';
import { useDraft } from '../deck/useDraft';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { VerdictMark } from '../kit/VerdictMark';
import type { PlanHand } from './usePlanner';
import { Spaced } from '../kit/layout';
import { Small } from '../kit/text';
import { LongEnough } from './LongEnough';

const Strip = styled.section`
  display: grid;
  grid-template-columns: 104px repeat(3, minmax(0, 1fr));
  border-top: var(--w-rule) solid var(--ink);
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
  }
`;
const Cell = styled.div`
  padding: 8px 12px;
  border-left: var(--w-hair) solid var(--line);
  display: flex;
  flex-direction: column;
  gap: 4px;
  & > b {
    font: 640 14px/1.25 var(--font-figure);
  }
  @media (max-width: 760px) {
    border-left: 0;
    border-top: var(--w-hair) solid var(--line);
    padding: 8px 0;
  }
  &[data-stale='true'] {
    opacity: 0.55;
  }
`;
const Row = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
  & button {
    min-height: 44px;
    padding: 0 4px;
  }
`;

/** What a plate says is for the driver to enter. */
const NOT_APPLICABLE = new Set(['enter-rating']);

/** The single changes that help most, each with what the plan would then be. */
export const Helps = memo(function Helps({
  changes,
  fresh,
  verdict,
  hand,
  draft: store,
}: {
  changes: readonly Change[];
  fresh: boolean;
  verdict: Verdict;
  hand: PlanHand;
  draft: DraftStore;
}) {
  const { units } = useMember();
  const draft = useDraft(store);
  // By its words: when the same is proposed again, of a newer locker, it is still what is tried.
  const tried = draft?.kind === 'proposal' ? draft.words : null;
  const tryIt = (c: Change): void => {
    const words = wordChange(c, units);
    store.set(tried === words ? null : { kind: 'proposal', plan: c.plan, words, assessment: null });
  };
  if (verdict === 'holds') return null;
  return (
    <Strip aria-label="What would help most" aria-busy={!fresh}>
      <Spaced as="h2" $top={8} $bottom={8}>
        What would help most
      </Spaced>
      {changes.slice(0, 3).map((c) => (
        <Cell key={`${c.code}${JSON.stringify(c.values)}`} data-stale={!fresh}>
          <b>{wordChange(c, units)}</b>
          <Small>
            {wordCost(c.cost, units)}
            <LongEnough pieceM={c.cost.pieceM} />
          </Small>
          <VerdictMark verdict={c.verdict} />
          <Row>
            {NOT_APPLICABLE.has(c.code) || hand.readOnly ? null : (
              <>
                <Button
                  $kind="quiet"
                  isDisabled={!fresh}
                  onPress={() => tryIt(c)}
                  aria-label={`${tried === wordChange(c, units) ? 'Leave it' : 'Try it on the deck'}: ${wordChange(c, units)}`}
                >
                  {tried === wordChange(c, units) ? 'Leave it' : 'Try it'}
                </Button>
                <Button
                  $kind="quiet"
                  isDisabled={!fresh}
                  onPress={() => {
                    store.set(null);
                    hand.edit(() => c.plan);
                  }}
                  aria-label={`Do it: ${wordChange(c, units)}`}
                >
                  Do it
                </Button>
              </>
            )}
          </Row>
        </Cell>
      ))}
      {changes.length === 0 ? (
        <Cell>
          {fresh
            ? 'No single change is enough. Enter what is not known first, then add lines.'
            : 'Trying…'}
        </Cell>
      ) : null}
    </Strip>
  );
});
