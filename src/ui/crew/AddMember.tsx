'use client';
import { useRouter } from 'next/navigation';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import type { Role } from '@/db/queries/members';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Select } from '../kit/Select';
import { ErrorText, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { LinkSheet } from './LinkSheet';
import { type OneTimeLink, ROLE_CHOICES } from './roles';

const Form = styled.form`
  display: grid;
  gap: 12px;
  max-width: 420px;
`;

/** Whoever is there takes a first password; everybody else joins by a link and chooses name and password. */
export function AddMember() {
  const router = useRouter();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [role, setRole] = useState<Role>('hand');
  const [error, setError] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [link, setLink] = useState<OneTimeLink | null>(null);
  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('POST /members', { body: { name, password, role } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setSaid(`${name} signs in as ${answer.value.signInName}.`);
    setName('');
    setPassword('');
    router.refresh();
  };
  const invite = async (): Promise<void> => {
    const answer = await call('POST /members/links', { body: { role } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setLink(answer.value);
  };
  return (
    <Form onSubmit={(e) => void submit(e)}>
      <h2>Add a member</h2>
      <Select label="Role" value={role} choices={ROLE_CHOICES} onChange={setRole} />
      <Cluster>
        <Button $kind="primary" onPress={() => void invite()}>
          Make a link to join
        </Button>
        <Small>Whoever opens it chooses name and password.</Small>
      </Cluster>
      <TextField label="Full name" value={name} onChange={setName} autoComplete="off" />
      <TextField
        label="First password, 10 characters or more"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
      />
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {said ? <Small role="status">{said}</Small> : null}
      <Button type="submit">Add to the crew</Button>
      {link ? (
        <LinkSheet title="A link to join" link={link} onClose={() => setLink(null)}>
          Send it to one person. Whoever opens it first joins the crew in the role you chose.
        </LinkSheet>
      ) : null}
    </Form>
  );
}
