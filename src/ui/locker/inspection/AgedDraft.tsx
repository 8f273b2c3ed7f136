'use client';
import styled from 'styled-components';
import type { HistoryEntry } from '@/core/gear/events';
import { wordHappening } from '@/wording/gear';
import { useMember } from '../../frame/MemberContext';
import { Button } from '../../kit/Button';
import { Cluster } from '../../kit/layout';
import { shortTime } from '../../kit/time';
import type { InspectionDraft } from './useInspection';

const Plate = styled.section`
  border: 2.5px solid var(--ink);
  background: var(--sheet);
  padding: 14px 16px;
  display: grid;
  gap: 10px;
`;

/** An inspection that was begun some time ago on this device: what happened since, and whether it still holds. */
export function AgedDraft({
  draft,
  history,
  onGoOn,
  onAgain,
}: {
  draft: InspectionDraft;
  history: readonly HistoryEntry[];
  onGoOn: () => void;
  onAgain: () => void;
}) {
  const { units } = useMember();
  const since = history.slice(history.findIndex((e) => e.id === draft.seen) + 1);
  return (
    <Plate aria-label="An inspection was begun before">
      <h2>Begun on this device, {shortTime(draft.begunAt)}</h2>
      <p>
        {draft.answered.length === 1 ? 'One check is' : `${draft.answered.length} checks are`}{' '}
        answered.
        {since.length > 0 ? ' Since then there is on its record:' : ' Is it still the same rope?'}
      </p>
      {since.length > 0 ? (
        <ul>
          {since.map((e) => (
            <li key={e.id}>
              {e.body.kind === 'corrected' ? 'A correction' : wordHappening(e.body, units)}
            </li>
          ))}
        </ul>
      ) : null}
      <Cluster>
        <Button $kind="primary" onPress={onAgain}>
          Begin again
        </Button>
        <Button onPress={onGoOn}>Go on: I know that</Button>
      </Cluster>
    </Plate>
  );
}
