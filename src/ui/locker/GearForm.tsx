'use client';
import { type FormEvent, useState } from 'react';
import type { Gear, GearStart } from '@/core/gear/schema';
import { GEAR_FORMAT, GEAR_KINDS, GEAR_VERSION, USES } from '@/core/gear/vocabulary';
import { CONDITIONS } from '@/core/rope/condition';
import type { StoredGear } from '@/db/queries/gear';
import { KIND_WORDS } from '@/wording/gear';
import { call, messageOf, type Problem } from '../api';
import { isKept, useOutbox } from '../outbox/OutboxContext';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { FieldGrid, QuantityField } from '../kit/fields';
import { TextAreaField } from '../kit/TextAreaField';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { FRESH_ITEMS, ItemFields } from './itemFields';
import { Stack } from '../kit/layout';

const BLANK: Gear = {
  format: GEAR_FORMAT,
  version: GEAR_VERSION,
  code: '',
  name: '',
  item: FRESH_ITEMS.rope,
  lengthM: null,
  neverCut: false,
  pricePerM: null,
  use: 'normal',
  boughtOn: null,
  firstUsedOn: null,
  place: '',
  notes: '',
};
const START: GearStart = {
  condition: 'new',
  remainingM: null,
  lastInspectedOn: null,
  suspect: false,
  damagedAtM: [],
  retired: false,
};
const USE_WORDS = { normal: 'now and then', daily: 'every day' };

/** The tag's own error stands at the tag; the rest at the foot. */
const errorAt = (problem: Problem | null, key: string): string | null =>
  problem?.issues.find((i) => i.path.includes(key))?.message ?? null;

function PriceField({
  value,
  onChange,
}: {
  value: number | null;
  onChange: (v: number | null) => void;
}) {
  const [text, setText] = useState(value === null ? '' : String(value));
  const bad = text.trim() !== '' && !/^\d+(\.\d+)?$/.test(text.trim());
  const change = (next: string): void => {
    setText(next);
    if (next.trim() === '') onChange(null);
    else if (/^\d+(\.\d+)?$/.test(next.trim())) onChange(Number(next));
  };
  return (
    <TextField
      label="Price of a metre"
      value={text}
      onChange={change}
      error={bad ? 'A plain number, such as 1.40.' : null}
    />
  );
}

function StartFields({
  start,
  set,
  hasLength,
}: {
  start: GearStart;
  set: (s: GearStart) => void;
  hasLength: boolean;
}) {
  const { units } = useMember();
  return (
    <FieldGrid $min={150}>
      <Select
        label="Condition now"
        value={start.condition}
        choices={CONDITIONS.map((id) => ({ id, name: id }))}
        onChange={(condition) => set({ ...start, condition })}
      />
      {hasLength ? (
        <QuantityField
          label="Length left"
          dimension="length"
          unit={units.length}
          optional
          placeholder="all of it"
          most={5000}
          value={start.remainingM}
          onChange={(remainingM) => set({ ...start, remainingM })}
        />
      ) : null}
      <TextField
        label="Last inspected"
        type="date"
        value={start.lastInspectedOn ?? ''}
        onChange={(d) => set({ ...start, lastInspectedOn: d || null })}
      />
    </FieldGrid>
  );
}

/** Enters a thing, or changes what is known of one. How it fares and where it is are not changed here but recorded. */
export function GearForm({
  stored,
  onClose,
  onKept,
}: {
  stored?: StoredGear;
  onClose: () => void;
  onKept: (id: string) => void;
}) {
  const { units } = useMember();
  const outbox = useOutbox();
  const [gear, setGear] = useState<Gear>(stored?.document ?? BLANK);
  const [start, setStart] = useState(START);
  const [problem, setProblem] = useState<Problem | null>(null);
  const [version, setVersion] = useState(stored?.version ?? 0);
  const [again, setAgain] = useState(false);
  const worn = problem?.issues.some((i) => i.code === 'code-worn-before') ?? false;
  const set = (part: Partial<Gear>): void => setGear((g) => ({ ...g, ...part }));
  const flexible = gear.item.kind !== 'hardware';
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const query = { tagAgain: again ? 'true' : null };
    const document = flexible ? gear : { ...gear, lengthM: null };
    const answer = stored
      ? await call('PUT /gear/{id}', { params: { id: stored.id }, query, body: document, version })
      : await outbox.record(
          'POST /gear',
          { query, body: { gear: document, start } },
          `${gear.code}: entered`,
        );
    if (isKept(answer)) return onClose();
    if (answer.ok) return onKept(answer.value.id);
    setProblem(answer.problem);
    // Nothing is lost: the next press keeps what stands here over what was kept meanwhile.
    if (answer.problem.current) setVersion(answer.problem.current.version);
  };
  return (
    <Sheet
      side
      title={stored ? `Change ${stored.document.code}` : 'Enter a rope or other gear'}
      open
      onClose={onClose}
    >
      <Stack onSubmit={(e) => void submit(e)} as="form" $gap={16}>
        <FieldGrid $min={150}>
          <TextField
            label="Tag code"
            value={gear.code}
            onChange={(code) => set({ code })}
            autoComplete="off"
            error={errorAt(problem, 'code')}
          />
          <Select
            label="What it is"
            value={gear.item.kind}
            choices={GEAR_KINDS.map((id) => ({ id, name: KIND_WORDS[id] }))}
            onChange={(kind) => set({ item: FRESH_ITEMS[kind] })}
          />
          <ItemFields item={gear.item} set={(item) => set({ item })} units={units} />
          {flexible ? (
            <QuantityField
              label="Length when it came"
              dimension="length"
              unit={units.length}
              optional
              placeholder="needed"
              least={0.01}
              most={5000}
              value={gear.lengthM}
              onChange={(lengthM) => set({ lengthM })}
            />
          ) : null}
        </FieldGrid>
        {worn || again ? (
          <Check selected={again} onChange={setAgain}>
            This is to wear the tag of the thing that was removed
          </Check>
        ) : null}
        {stored ? null : <StartFields start={start} set={setStart} hasLength={flexible} />}
        <FieldGrid $min={150}>
          <TextField
            label="Name, if it has one"
            value={gear.name}
            onChange={(name) => set({ name })}
          />
          {stored ? null : (
            <TextField
              label="Where it is kept"
              value={gear.place}
              onChange={(place) => set({ place })}
            />
          )}
          <Select
            label="Worked"
            value={gear.use}
            choices={USES.map((id) => ({ id, name: USE_WORDS[id] }))}
            onChange={(use) => set({ use })}
          />
          {flexible ? (
            <PriceField value={gear.pricePerM} onChange={(pricePerM) => set({ pricePerM })} />
          ) : null}
          <TextField
            label="Bought"
            type="date"
            value={gear.boughtOn ?? ''}
            onChange={(d) => set({ boughtOn: d || null })}
          />
          <TextField
            label="First used"
            type="date"
            value={gear.firstUsedOn ?? ''}
            onChange={(d) => set({ firstUsedOn: d || null })}
          />
        </FieldGrid>
        {flexible ? (
          <Check selected={gear.neverCut} onChange={(neverCut) => set({ neverCut })}>
            Never cut: a good rope that stays whole
          </Check>
        ) : null}
        <TextAreaField label="Notes" value={gear.notes} onChange={(notes) => set({ notes })} />
        {problem ? (
          <ErrorText role="alert">
            {problem.current
              ? 'Somebody changed it meanwhile. Press again to keep yours over theirs, or close and look.'
              : messageOf(problem)}
          </ErrorText>
        ) : null}
        <div>
          <Button type="submit" $kind="primary">
            {stored ? 'Keep' : 'Enter it'}
          </Button>
        </div>
      </Stack>
    </Sheet>
  );
}
