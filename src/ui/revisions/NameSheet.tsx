'use client';
import { type FormEvent, useState } from 'react';
import type { RevisionLine } from '@/server/revisions';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { TextField } from '../kit/TextField';

/** Gives a version a name, or takes it away. */
export function NameSheet({
  of,
  id,
  revision,
  onDone,
  onClose,
}: {
  of: 'plans' | 'riggings';
  id: string;
  revision: RevisionLine;
  onDone: (version: number, name: string | null) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState(revision.name ?? '');
  const [error, setError] = useState<string | null>(null);
  const save = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const wish = name.trim() === '' ? null : name.trim();
    const answer = await call(`PUT /${of}/{id}/revisions/{version}`, {
      params: { id, version: revision.version },
      body: { name: wish },
    });
    if (answer.ok) onDone(revision.version, wish);
    else setError(messageOf(answer.problem));
  };
  return (
    <Sheet title={`Name version ${revision.version}`} open onClose={onClose}>
      <form onSubmit={(e) => void save(e)}>
        <Stack>
          <p>A version with a name is kept for ever. Leave it empty to take the name away.</p>
          <TextField label="Name" value={name} onChange={setName} autoComplete="off" />
          {error ? <ErrorText role="alert">{error}</ErrorText> : null}
          <Cluster>
            <Button $kind="primary" type="submit">
              Keep the name
            </Button>
          </Cluster>
        </Stack>
      </form>
    </Sheet>
  );
}
