'use client';
import { type FormEvent, useState } from 'react';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { TextField } from '../kit/TextField';
import { forgetPages } from '../offline/keeping';

function DeleteSheet({ onClose }: { onClose: () => void }) {
  const { viewer } = useMember();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [error, setError] = useState<string | null>(null);
  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('DELETE /crew', { body: { name, password } });
    if (answer.ok) {
      await forgetPages();
      return window.location.assign('/');
    }
    setError(messageOf(answer.problem));
  };
  return (
    <Sheet title={`Delete ${viewer.crewName}`} open onClose={onClose}>
      <Stack as="form" onSubmit={(e: FormEvent) => void submit(e)}>
        <p>
          Plans, ropes with their histories, the log with its pictures, sign-offs and people: all of
          it goes, for everybody, and cannot be brought back. Take a copy first.
        </p>
        <TextField label="Name of the crew" value={name} onChange={setName} />
        <TextField
          label="Your password"
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
        />
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        <Cluster>
          <Button type="submit" $kind="primary" isDisabled={name === '' || password === ''}>
            Delete everything
          </Button>
          <Button onPress={onClose}>Keep it</Button>
        </Cluster>
      </Stack>
    </Sheet>
  );
}

/** A copy of everything that the crew owns, and its end. */
export function Everything() {
  const [deleting, setDeleting] = useState(false);
  return (
    <section>
      <h2>Everything of the crew</h2>
      <Cluster $top={10}>
        <ButtonLink href="/api/v1/crew/export.json" download>
          Take a copy of everything
        </ButtonLink>
        <Button onPress={() => setDeleting(true)}>Delete the crew</Button>
      </Cluster>
      {deleting ? <DeleteSheet onClose={() => setDeleting(false)} /> : null}
    </section>
  );
}
