'use client';
import { type FormEvent, useState } from 'react';
import { call, messageOf } from '../api';
import { Signature } from '../drills/Signature';
import { Stack } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { TextField } from '../kit/TextField';

/** Who led a talk ends it and signs for it. */
export function SignTalk({
  id,
  people,
  onClose,
  onSigned,
}: {
  id: string;
  people: number;
  onClose: () => void;
  onSigned: () => void;
}) {
  const [note, setNote] = useState('');
  const [password, setPassword] = useState('');
  const [error, setError] = useState<string | null>(null);
  const sign = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('POST /talks/{id}/record', {
      params: { id },
      body: { note, password },
    });
    if (answer.ok) onSigned();
    else setError(messageOf(answer.problem));
  };
  return (
    <Sheet title="End the talk and sign" over="Toolbox talk" open onClose={onClose}>
      <Stack as="form" onSubmit={(e) => void sign(e as FormEvent)}>
        <p>
          Kept for good: what was asked, how many had it right, and who took part ({people}). Who
          answered what is forgotten.
        </p>
        <TextField label="Note" value={note} onChange={setNote} />
        <Signature password={password} onPassword={setPassword} error={error} />
      </Stack>
    </Sheet>
  );
}
