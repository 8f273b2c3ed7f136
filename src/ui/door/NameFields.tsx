'use client';
import type { Problem } from '../api';
import { TextField } from '../kit/TextField';
import { at } from './entry';

export interface Names {
  readonly name: string;
  /** Empty: made from the name. */
  readonly signInName: string;
  readonly password: string;
}
export const NO_NAMES: Names = { name: '', signInName: '', password: '' };

/** Names as they are sent: what was left empty is left out. */
export const sent = ({ name, signInName, password }: Names) => ({
  name,
  password,
  ...(signInName.trim() === '' ? {} : { signInName }),
});

/** Who one is, what one signs in by, and a new password. */
export function NameFields({
  names,
  onChange,
  problem,
}: {
  names: Names;
  onChange: (names: Names) => void;
  problem: Problem | null;
}) {
  return (
    <>
      <TextField
        label="Your full name"
        value={names.name}
        onChange={(name) => onChange({ ...names, name })}
        autoComplete="name"
        error={at(problem, 'name')}
      />
      <TextField
        label="Sign-in name; empty: made from your name"
        value={names.signInName}
        onChange={(signInName) => onChange({ ...names, signInName })}
        autoComplete="username"
        error={at(problem, 'signInName')}
      />
      <TextField
        label="New password, 10 characters or more"
        type="password"
        value={names.password}
        onChange={(password) => onChange({ ...names, password })}
        autoComplete="new-password"
        error={at(problem, 'password')}
      />
    </>
  );
}
