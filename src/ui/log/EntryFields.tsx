'use client';
import { useEffect, useState } from 'react';
import { ENTRY_IDS } from '@/core/knot/entry-ids';
import { ENTRY_NAMES } from '@/core/knot/entry-names';
import { CAUSES } from '@/core/log/vocabulary';
import { CAUSE_WORDS } from '@/wording/log';
import { call } from '../api';
import { useMember } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { FieldGrid, QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import { TextAreaField } from '../kit/TextAreaField';
import type { Draft } from './draft';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** What an entry can be about. */
export interface EntryChoices {
  readonly plans: readonly (Named & { readonly version: number })[];
  readonly gear: readonly Named[];
  readonly people: readonly Named[];
}

interface FieldsProps {
  readonly draft: Draft;
  readonly change: (part: Partial<Draft>) => void;
  readonly choices: EntryChoices;
}

const NONE: Named = { id: '', name: 'none in particular' };
const CAUSE_CHOICES = CAUSES.map((id) => ({ id, name: CAUSE_WORDS[id] }));
const KNOT_CHOICES = [
  { id: '', name: 'none in particular' },
  ...ENTRY_IDS.map((id) => ({ id, name: ENTRY_NAMES[id] })),
] as const;

/** Lines of a plan by name; none while they are fetched, or cannot be. */
function useLines(planId: string): readonly Named[] {
  const [lines, setLines] = useState<{ readonly of: string; readonly lines: Named[] } | null>(null);
  useEffect(() => {
    if (planId === '') return;
    let gone = false;
    void call('GET /plans/{id}', { params: { id: planId } }).then((answer) => {
      if (!gone && answer.ok)
        setLines({
          of: planId,
          lines: answer.value.document.lines.map(({ id, name }) => ({ id, name })),
        });
    });
    return () => {
      gone = true;
    };
  }, [planId]);
  return lines?.of === planId ? lines.lines : [];
}

function Load({ draft, change, choices, must }: FieldsProps & { readonly must: boolean }) {
  const lines = useLines(draft.kind === 'note' || draft.kind === 'securement' ? '' : draft.planId);
  const empty = must ? { id: '', name: 'choose' } : NONE;
  return (
    <>
      <Select
        label="Load"
        value={draft.planId}
        choices={[empty, ...choices.plans]}
        onChange={(planId) => change({ planId, lineId: '' })}
      />
      {lines.length > 0 ? (
        <Select
          label="Line"
          value={draft.lineId}
          choices={[empty, ...lines]}
          onChange={(lineId) => change({ lineId })}
        />
      ) : null}
    </>
  );
}

function Readings({ draft, change }: Omit<FieldsProps, 'choices'>) {
  const { units } = useMember();
  const common = {
    dimension: 'force' as const,
    unit: units.force,
    optional: true,
    placeholder: 'not read',
    most: 1e6,
  };
  return (
    <>
      <QuantityField
        {...common}
        label="Meter before"
        value={draft.beforeN}
        onChange={(beforeN) => change({ beforeN })}
      />
      <QuantityField
        {...common}
        label="Meter after"
        value={draft.afterN}
        onChange={(afterN) => change({ afterN })}
      />
    </>
  );
}

const WORDS: Record<Draft['kind'], string> = {
  'near-miss': 'What happened, and what kept it from getting worse',
  incident: 'What happened',
  securement: 'What should be remembered',
  're-tension': 'What should be remembered',
  note: 'What should be remembered',
};

/** What is asked of each kind of entry. */
export function EntryFields({ draft, change, choices }: FieldsProps) {
  const { kind } = draft;
  const happened = kind === 'near-miss' || kind === 'incident';
  return (
    <>
      <FieldGrid $min={200}>
        <Load
          {...{ draft, change, choices }}
          must={kind === 'securement' || kind === 're-tension'}
        />
        {happened || kind === 'note' ? (
          <Select
            label="Rope or fitting"
            value={draft.gearId}
            choices={[NONE, ...choices.gear]}
            onChange={(gearId) => change({ gearId })}
          />
        ) : null}
        {kind === 'securement' ? (
          <Select
            label="Tied together with"
            value={draft.person}
            choices={[{ id: '', name: 'nobody else' }, ...choices.people]}
            onChange={(person) => change({ person })}
          />
        ) : null}
        {kind === 're-tension' ? <Readings {...{ draft, change }} /> : null}
        {happened ? (
          <>
            <Select
              label="Cause"
              value={draft.cause}
              choices={CAUSE_CHOICES}
              onChange={(cause) => change({ cause })}
            />
            <Select
              label="Knot"
              value={draft.knot}
              choices={KNOT_CHOICES}
              onChange={(knot) => change({ knot })}
            />
          </>
        ) : null}
      </FieldGrid>
      <TextAreaField
        label={WORDS[kind]}
        value={draft.words}
        onChange={(words) => change({ words })}
      />
      {happened ? (
        <Check selected={draft.hurt} onChange={(hurt) => change({ hurt })}>
          Somebody was hurt
        </Check>
      ) : null}
    </>
  );
}
