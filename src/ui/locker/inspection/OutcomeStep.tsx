'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled, { css } from 'styled-components';
import type { Inspection } from '@/core/gear/events';
import { conditionGoingOn } from '@/core/gear/history';
import { type Outcome, OUTCOMES } from '@/core/inspection/outcome';
import type { Condition } from '@/core/rope/condition';
import { formatQuantity } from '@/core/units';
import { OUTCOME_SAYS, OUTCOME_WORDS, wordReason } from '@/wording/gear';
import { useMember } from '../../frame/MemberContext';
import { Button, ButtonLink } from '../../kit/Button';
import { Cluster } from '../../kit/layout';
import { TextAreaField } from '../../kit/TextAreaField';
import { Select } from '../../kit/Select';
import { ErrorText, Small } from '../../kit/text';
import { useRecord } from '../useRecord';
import type { LockerItem } from '../useLockerList';
import type { InspectionState } from './useInspection';
import { FieldGrid } from '../../kit/fields';

/** Big: it is pressed with a glove on. */
const Confirm = styled(Button)`
  min-height: 72px;
  font-size: 19px;
`;

const Plate = styled.section<{ $outcome: Outcome }>`
  border: 2.5px solid
    ${({ $outcome }) => ($outcome === 'pass' || $outcome === 'downgrade' ? 'var(--ink)' : 'var(--signal)')};
  padding: 14px 16px;
  display: grid;
  gap: 6px;
  background: var(--sheet);
`;
const Word = styled.b<{ $outcome: Outcome }>`
  font: 800 30px/1 var(--font-figure);
  font-stretch: 112%;
  ${({ $outcome }) =>
    ($outcome === 'isolate' || $outcome === 'retire') &&
    css`
      color: var(--signal);
    `}
`;
const Reasons = styled.ul`
  & li {
    padding: 8px 0;
    border-bottom: var(--w-hair) solid var(--line);
    font-size: 16px;
  }
`;
const Step = styled.div`
  display: grid;
  gap: 16px;
`;

const AFTER: readonly Condition[] = ['new', 'good', 'worn', 'doubtful'];

/** What the inspection comes to and why; the inspector confirms it, or decides otherwise and says why. */
export function OutcomeStep({
  item,
  state,
  onRecorded,
}: {
  item: LockerItem;
  state: InspectionState;
  onRecorded: () => void;
}) {
  const { units } = useMember();
  const { outcome, draft } = state;
  const [decided, setDecided] = useState<Outcome | null>(null);
  const [condition, setCondition] = useState<Condition | null>(null);
  const [reason, setReason] = useState('');
  const { error, moved, busy, record } = useRecord(item, () => {
    state.forget();
    onRecorded();
  });
  const chosen = decided ?? outcome.outcome;
  const goesOn = chosen === 'pass' || chosen === 'downgrade';
  const computed = conditionGoingOn(outcome);
  const otherwise =
    chosen !== outcome.outcome || (goesOn && condition !== null && condition !== computed);
  const body: Inspection = {
    kind: 'inspected',
    seen: draft.seen,
    answered: [...draft.answered],
    found: [...draft.found],
    decided: chosen,
    condition: goesOn && condition !== null && condition !== outcome.condition ? condition : null,
    reason,
  };
  return (
    <Step>
      <Plate $outcome={outcome.outcome} aria-label="What it comes to">
        <Small>It comes to</Small>
        <Word $outcome={outcome.outcome} data-outcome={outcome.outcome}>
          {OUTCOME_WORDS[outcome.outcome]}
        </Word>
        <p>
          {OUTCOME_SAYS[outcome.outcome]}
          {outcome.outcome === 'pass' || outcome.outcome === 'downgrade'
            ? ` It counts as ${outcome.condition}.`
            : ''}
        </p>
        {outcome.soundM.length > 0 ? (
          <p>
            With the damage cut out,{' '}
            {outcome.soundM
              .map((m) => formatQuantity(m, 'length', units, 'capacity'))
              .join(' and ')}{' '}
            stay sound.
          </p>
        ) : null}
      </Plate>
      {outcome.unchecked > 0 ? (
        <ErrorText role="alert">
          {outcome.unchecked === 1 ? 'One check is' : `${outcome.unchecked} checks are`} not
          answered. Go back to {outcome.unchecked === 1 ? 'it' : 'them'}.
        </ErrorText>
      ) : null}
      {outcome.reasons.length > 0 ? (
        <Reasons aria-label="Why">
          {outcome.reasons.map((r, i) => (
            <li key={i}>{wordReason(r, units)}</li>
          ))}
        </Reasons>
      ) : (
        <p>Nothing was found.</p>
      )}
      <FieldGrid $min={180}>
        <Select
          label="You decide"
          value={chosen}
          choices={OUTCOMES.map((id) => ({
            id,
            name: id === outcome.outcome ? `${OUTCOME_WORDS[id]}, as computed` : OUTCOME_WORDS[id],
          }))}
          onChange={setDecided}
        />
        {goesOn ? (
          <Select
            label="It counts as"
            value={condition ?? computed}
            choices={AFTER.map((id) => ({ id, name: id }))}
            onChange={setCondition}
          />
        ) : null}
      </FieldGrid>
      {otherwise ? (
        <TextAreaField label="Why you decide otherwise" value={reason} onChange={setReason} />
      ) : null}
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {moved !== null ? (
        <Cluster>
          <ButtonLink as={Link} href={`/locker/${item.id}`}>
            See its history
          </ButtonLink>
          <Button
            isDisabled={busy}
            onPress={() => {
              state.know(moved);
              void record({ ...body, seen: moved });
            }}
          >
            I looked with that in mind: record it
          </Button>
        </Cluster>
      ) : (
        <Confirm
          $kind="primary"
          isDisabled={busy || outcome.unchecked > 0 || (otherwise && reason.trim() === '')}
          onPress={() => void record(body)}
        >
          {otherwise ? 'Record my decision' : 'Confirm and record'}
        </Confirm>
      )}
    </Step>
  );
}
