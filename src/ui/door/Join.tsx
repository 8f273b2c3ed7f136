'use client';
import { type FormEvent, useState } from 'react';
import type { Role } from '@/db/queries/members';
import { ROLE_WORDS } from '@/wording/trail';
import { call } from '../api';
import { CleatMark } from '../frame/Rail';
import { Button } from '../kit/Button';
import { Narrow } from '../kit/layout';
import { ErrorText } from '../kit/text';
import { TextField } from '../kit/TextField';
import { at, DoorForm, DoorHead, DoorPage, general, useEntry } from './entry';
import { NameFields, type Names, NO_NAMES, sent } from './NameFields';

interface Props {
  readonly token: string;
  readonly crew: string;
  /** The role one joins in; null: the link is for a new password. */
  readonly role: Role | null;
}

/** Where a one-time link leads: one joins a crew, or sets a new password. */
export function Join({ token, crew, role }: Props) {
  const [names, setNames] = useState<Names>(NO_NAMES);
  const { problem, busy, send } = useEntry();
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    const body = role ? sent(names) : { password: names.password };
    void send(call('POST /join/{token}', { params: { token }, body }));
  };
  return (
    <DoorPage>
      <DoorHead>
        <CleatMark />
        <div>
          <h1>{role ? `Join ${crew}` : 'A new password'}</h1>
          <p>{role ? `You join as ${ROLE_WORDS[role]}.` : `For your place in ${crew}.`}</p>
        </div>
      </DoorHead>
      <Narrow $most={460}>
        <DoorForm onSubmit={submit}>
          {role ? (
            <NameFields names={names} onChange={setNames} problem={problem} />
          ) : (
            <TextField
              label="New password, 10 characters or more"
              type="password"
              value={names.password}
              onChange={(password) => setNames({ ...names, password })}
              autoComplete="new-password"
              error={at(problem, 'password')}
            />
          )}
          {general(problem) ? <ErrorText role="alert">{general(problem)}</ErrorText> : null}
          <Button type="submit" $kind="primary" isDisabled={busy}>
            {role ? 'Join the crew' : 'Set the password'}
          </Button>
        </DoorForm>
      </Narrow>
    </DoorPage>
  );
}
