'use client';
import { type FormEvent, type ReactNode, useState } from 'react';
import type { Happening, HistoryEntry, ToRecord } from '@/core/gear/events';
import { CONDITIONS } from '@/core/rope/condition';
import { OUTCOMES } from '@/core/inspection/outcome';
import { OUTCOME_WORDS, wordHappening } from '@/wording/gear';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { FieldGrid, QuantityField } from '../kit/fields';
import { TextAreaField } from '../kit/TextAreaField';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { useRecord } from './useRecord';
import type { LockerItem } from './useLockerList';
import { Stack } from '../kit/layout';

function RecordForm({
  title,
  says,
  action,
  error,
  busy,
  onSubmit,
  onClose,
  children,
}: {
  title: string;
  says?: string;
  action: string;
  error: string | null;
  busy: boolean;
  onSubmit: () => void;
  onClose: () => void;
  children: ReactNode;
}) {
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    onSubmit();
  };
  return (
    <Sheet title={title} open onClose={onClose}>
      <Stack onSubmit={submit} as="form">
        {says ? <p>{says}</p> : null}
        {children}
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        <div>
          <Button type="submit" $kind="primary" isDisabled={busy}>
            {action}
          </Button>
        </div>
      </Stack>
    </Sheet>
  );
}

interface SheetProps {
  readonly item: LockerItem;
  readonly onClose: () => void;
}

/** A piece is cut off, or the damage cut out. */
export function CutSheet({ item, onClose }: SheetProps) {
  const { units } = useMember();
  const { error, busy, record } = useRecord(item, onClose);
  const [lengthM, setLength] = useState<number | null>(null);
  const [what, setWhat] = useState('');
  const [scrapM, setScrap] = useState<number | null>(null);
  const [damageGone, setGone] = useState(false);
  const submit = (): void =>
    void record({
      kind: 'cut',
      pieces: lengthM === null ? [] : [{ lengthM, what }],
      scrapM: scrapM ?? 0,
      damageGone,
    });
  const common = {
    dimension: 'length' as const,
    unit: units.length,
    optional: true,
    least: 0.01,
    most: 5000,
  };
  return (
    <RecordForm
      title={`Cut ${item.document.code}`}
      action="Record the cut"
      {...{ error, busy, onClose }}
      onSubmit={submit}
    >
      <FieldGrid $min={150}>
        <QuantityField
          {...common}
          label="Length of the piece"
          placeholder="none kept"
          value={lengthM}
          onChange={setLength}
        />
        <TextField label="What it is for" value={what} onChange={setWhat} />
        <QuantityField
          {...common}
          label="Thrown away"
          placeholder="nothing"
          value={scrapM}
          onChange={setScrap}
        />
      </FieldGrid>
      {item.standing.state === 'set-aside' ? (
        <Check selected={damageGone} onChange={setGone}>
          The damage went with what was cut off
        </Check>
      ) : null}
    </RecordForm>
  );
}

const TEXTS = {
  moved: {
    title: 'Move',
    label: 'Where it is now',
    action: 'Record the move',
    says: undefined,
    body: (place: string): ToRecord => ({ kind: 'moved', place }),
  },
  incident: {
    title: 'Something happened to',
    label: 'What happened',
    action: 'Record it',
    says: 'A shock load, a chemical, a hot run, a cut: it is due for inspection at once, and plans that use it say so.',
    body: (what: string): ToRecord => ({ kind: 'incident', what }),
  },
  retired: {
    title: 'Retire',
    label: 'Why',
    action: 'Retire it',
    says: 'It cannot be put into a plan any more, and every plan that uses it is barred from now on. A retirement by mistake can be corrected in the history.',
    body: (reason: string): ToRecord => ({ kind: 'retired', reason }),
  },
} as const;
export type TextRecord = keyof typeof TEXTS;

/** What takes one text: a move, an incident, a retirement. */
export function TextSheet({ item, onClose, what }: SheetProps & { what: TextRecord }) {
  const { error, busy, record } = useRecord(item, onClose);
  const [text, setText] = useState('');
  const { title, label, action, says, body } = TEXTS[what];
  return (
    <RecordForm
      title={`${title} ${item.document.code}`}
      action={action}
      {...(says ? { says } : {})}
      {...{ error, busy, onClose }}
      onSubmit={() => void record(body(text))}
    >
      {what === 'moved' ? (
        <TextField label={label} value={text} onChange={setText} />
      ) : (
        <TextAreaField label={label} value={text} onChange={setText} />
      )}
    </RecordForm>
  );
}

/** Fields for what an entry should have been; those that cannot be put right here can be taken back and recorded anew. */
function InsteadFields({ body, set }: { body: Happening; set: (b: Happening) => void }) {
  const { units } = useMember();
  switch (body.kind) {
    case 'entered':
      return (
        <FieldGrid $min={150}>
          <Select
            label="Condition"
            value={body.condition}
            choices={CONDITIONS.map((id) => ({ id, name: id }))}
            onChange={(condition) => set({ ...body, condition })}
          />
          <QuantityField
            label="Length left"
            dimension="length"
            unit={units.length}
            optional
            most={5000}
            value={body.remainingM}
            onChange={(remainingM) => set({ ...body, remainingM })}
          />
          <TextField
            label="Last inspected"
            type="date"
            value={body.lastInspectedOn ?? ''}
            onChange={(d) => set({ ...body, lastInspectedOn: d || null })}
          />
        </FieldGrid>
      );
    case 'inspected':
      return (
        <FieldGrid $min={150}>
          <Select
            label="Outcome"
            value={body.decided}
            choices={OUTCOMES.map((id) => ({ id, name: OUTCOME_WORDS[id] }))}
            onChange={(decided) => set({ ...body, decided })}
          />
          <TextField
            label="Why, where it differs from what was found"
            value={body.reason}
            onChange={(reason) => set({ ...body, reason })}
          />
        </FieldGrid>
      );
    case 'cut':
      return (
        <QuantityField
          label="Length of the first piece"
          dimension="length"
          unit={units.length}
          least={0.01}
          most={5000}
          value={body.pieces[0]?.lengthM ?? null}
          onChange={(v) =>
            v !== null &&
            set({
              ...body,
              pieces: [{ what: '', ...body.pieces[0], lengthM: v }, ...body.pieces.slice(1)],
            })
          }
        />
      );
    case 'moved':
      return (
        <TextField
          label="Where it was moved to"
          value={body.place}
          onChange={(place) => set({ ...body, place })}
        />
      );
    case 'incident':
      return (
        <TextField
          label="What happened"
          value={body.what}
          onChange={(what) => set({ ...body, what })}
        />
      );
    case 'retired':
      return null;
  }
}

/** Corrects an entry by a later one. The entry itself stays as it was written. */
export function CorrectionSheet({
  item,
  entry,
  body,
  onClose,
}: SheetProps & { entry: HistoryEntry; body: Happening }) {
  const { units } = useMember();
  const { error, busy, record } = useRecord(item, onClose);
  const [instead, setInstead] = useState(body);
  const [withdrawn, setWithdrawn] = useState(body.kind === 'retired');
  const [reason, setReason] = useState('');
  const submit = (): void =>
    void record({
      kind: 'corrected',
      corrects: entry.id,
      instead: withdrawn ? null : instead,
      reason,
    });
  return (
    <RecordForm
      title="Correct an entry"
      says={`“${wordHappening(body, units)}” stays in the history; what you write here counts instead of it.`}
      action="Record the correction"
      {...{ error, busy, onClose }}
      onSubmit={submit}
    >
      {body.kind === 'entered' ? null : (
        <Check selected={withdrawn} onChange={setWithdrawn}>
          It never happened: take it back
        </Check>
      )}
      {withdrawn ? null : <InsteadFields body={instead} set={setInstead} />}
      <TextField label="Why" value={reason} onChange={setReason} />
    </RecordForm>
  );
}
