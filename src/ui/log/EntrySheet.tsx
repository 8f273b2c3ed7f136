'use client';
import { type FormEvent, useState } from 'react';
import type { NewEntry, Written } from '@/core/log/schema';
import { messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Segments } from '../kit/Segments';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { TextAreaField } from '../kit/TextAreaField';
import { TextField } from '../kit/TextField';
import { isKept, useOutbox } from '../outbox/OutboxContext';
import {
  type Draft,
  draftOf,
  EMPTY_DRAFT,
  missing,
  WRITTEN_KINDS,
  WRITTEN_WORDS,
  writtenOf,
} from './draft';
import { type EntryChoices, EntryFields } from './EntryFields';
import { PhotoField } from './PhotoField';

export type { EntryChoices } from './EntryFields';

const KINDS = WRITTEN_KINDS.map((id) => ({ id, name: WRITTEN_WORDS[id] }));

/** Sends an entry by way of the device's outbox. */
function useSend(onDone: () => void) {
  const outbox = useOutbox();
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (body: NewEntry, words: string): Promise<void> => {
    setBusy(true);
    const answer = await outbox.record('POST /log', { body }, words);
    setBusy(false);
    if (answer.ok || isKept(answer)) return onDone();
    setError(messageOf(answer.problem));
  };
  return { error, setError, busy, send };
}

interface Props {
  readonly choices: EntryChoices;
  /** Begins as this. */
  readonly begin?: Partial<Draft>;
  readonly onClose: () => void;
  readonly onDone: () => void;
}

/** Writes an entry: what it was, of what, why, with pictures. */
export function EntrySheet({ choices, begin, onClose, onDone }: Props) {
  const { error, setError, busy, send } = useSend(onDone);
  const [draft, setDraft] = useState<Draft>({ ...EMPTY_DRAFT, ...begin });
  const [when, setWhen] = useState('');
  const [photos, setPhotos] = useState<readonly string[]>([]);
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    const lacks = missing(draft);
    if (lacks) return setError(lacks);
    const version = choices.plans.find((p) => p.id === draft.planId)?.version ?? 1;
    const at = when === '' ? new Date() : new Date(when);
    void send(
      {
        entry: writtenOf(draft, version),
        madeAt: at.toISOString(),
        photos: [...photos],
      },
      `Log: ${WRITTEN_WORDS[draft.kind].toLowerCase()}`,
    );
  };
  return (
    <Sheet title="Write it down" open onClose={onClose}>
      <Stack as="form" onSubmit={submit}>
        <Segments
          label="What it was"
          value={draft.kind}
          choices={KINDS}
          onChange={(kind) => setDraft((d) => ({ ...d, kind }))}
        />
        <EntryFields
          draft={draft}
          choices={choices}
          change={(part) => setDraft((d) => ({ ...d, ...part }))}
        />
        <TextField label="When, if not now" type="datetime-local" value={when} onChange={setWhen} />
        <PhotoField photos={photos} onChange={setPhotos} />
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        <div>
          <Button type="submit" $kind="primary" isDisabled={busy}>
            Write it down
          </Button>
        </div>
      </Stack>
    </Sheet>
  );
}

/** Corrects an entry: it was otherwise, or was not at all. Nothing is written over. `written` null: it can only be taken back. */
export function CorrectSheet({
  id,
  written,
  choices,
  onClose,
  onDone,
}: Omit<Props, 'begin'> & { readonly id: string; readonly written: Written | null }) {
  const { error, setError, busy, send } = useSend(onDone);
  const [draft, setDraft] = useState<Draft>(written ? draftOf(written) : EMPTY_DRAFT);
  const [reason, setReason] = useState('');
  const correct = (instead: Written | null): void => {
    if (reason.trim() === '') return setError('Say why.');
    const lacks = instead && missing(draft);
    if (lacks) return setError(lacks);
    const entry = { kind: 'correction' as const, corrects: id, instead, reason };
    void send({ entry, madeAt: null, photos: [] }, 'Log: a correction');
  };
  const version = written?.kind === 'securement' ? written.planVersion : 1;
  return (
    <Sheet title="Correct it" open onClose={onClose}>
      <Stack>
        <p>The entry stays as it was written, with what you say now beside it.</p>
        {written ? (
          <EntryFields
            draft={draft}
            choices={choices}
            change={(part) => setDraft((d) => ({ ...d, ...part }))}
          />
        ) : null}
        <TextAreaField label="Why it is corrected" value={reason} onChange={setReason} />
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        <Cluster>
          {written ? (
            <Button
              $kind="primary"
              isDisabled={busy}
              onPress={() => correct(writtenOf(draft, version))}
            >
              It was like this
            </Button>
          ) : null}
          <Button isDisabled={busy} onPress={() => correct(null)}>
            It never happened
          </Button>
        </Cluster>
      </Stack>
    </Sheet>
  );
}
