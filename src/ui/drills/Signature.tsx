'use client';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { ErrorText } from '../kit/text';
import { TextField } from '../kit/TextField';

/** What a signature is given by: one's own password; what was refused stands below it. */
export function Signature({
  password,
  onPassword,
  error,
  isOpen = true,
}: {
  password: string;
  onPassword: (password: string) => void;
  error: string | null;
  /** Whether it may be signed. */
  isOpen?: boolean;
}) {
  return (
    <>
      <TextField
        label="Your own password"
        type="password"
        value={password}
        onChange={onPassword}
        autoComplete="current-password"
      />
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Cluster>
        <Button $kind="primary" type="submit" isDisabled={!isOpen || password === ''}>
          Sign
        </Button>
      </Cluster>
    </>
  );
}
