'use client';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Cluster, Stack } from '../kit/layout';
import { ErrorText, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import type { AnswerOf } from '../routes';

type Token = AnswerOf<'GET /tokens'>['tokens'][number];
type Scope = Token['scopes'][number];

const SCOPES: readonly { readonly id: Scope; readonly name: string }[] = [
  { id: 'read', name: 'read plans, locker, log and standing' },
  { id: 'plans', name: 'write plans and riggings' },
  { id: 'gear', name: 'enter gear and record what happens to it' },
  { id: 'records', name: 'record checks and write the log' },
];

const Row = styled.li`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  padding: 8px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Once = styled.output`
  display: block;
  padding: 10px 14px;
  border: var(--w-strong) solid var(--ink);
  background: var(--sheet);
  & > code {
    display: block;
    font: 560 15px/1.5 var(--font-figure);
    overflow-wrap: anywhere;
    user-select: all;
  }
`;

const day = (iso: string): string => iso.slice(0, 10);

function NewToken({ onMade }: { onMade: () => void }) {
  const [name, setName] = useState('');
  const [scopes, setScopes] = useState<readonly Scope[]>(['read']);
  const [made, setMade] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('POST /tokens', { body: { name, scopes: [...scopes] } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setName('');
    setMade(answer.value.token);
    onMade();
  };
  return (
    <Stack as="form" $gap={6} $top={10} onSubmit={(e: FormEvent) => void submit(e)}>
      <TextField label="What the program is called" value={name} onChange={setName} />
      {SCOPES.map((s) => (
        <Check
          key={s.id}
          selected={scopes.includes(s.id)}
          onChange={(on) =>
            setScopes((was) => (on ? [...was, s.id] : was.filter((id) => id !== s.id)))
          }
        >
          It may {s.name}
        </Check>
      ))}
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Cluster>
        <Button type="submit">Make a token, good for 90 days</Button>
      </Cluster>
      {made ? (
        <Once>
          This is shown once. The program sends it as “Authorization: Bearer”.
          <code data-token>{made}</code>
        </Once>
      ) : null}
    </Stack>
  );
}

/** Tokens by which programs ask in somebody's name, fetched when they are asked for. */
export function Programs() {
  const [tokens, setTokens] = useState<readonly Token[] | null>(null);
  const [error, setError] = useState<string | null>(null);
  const show = async (): Promise<void> => {
    const answer = await call('GET /tokens');
    if (answer.ok) setTokens(answer.value.tokens);
    setError(answer.ok ? null : messageOf(answer.problem));
  };
  const end = async (id: string): Promise<void> => {
    const answer = await call('DELETE /tokens/{id}', { params: { id } });
    setError(answer.ok ? null : messageOf(answer.problem));
    await show();
  };
  return (
    <section>
      <h2>Programs</h2>
      <p>
        A program of yours may ask for and record what you may, as far as its token goes. What it
        can ask is written in <a href="/api/v1/openapi.json">the description of the interface</a>.
      </p>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {tokens === null ? (
        <Cluster $top={10}>
          <Button onPress={() => void show()}>Show tokens</Button>
        </Cluster>
      ) : (
        <>
          <ul aria-label="Tokens">
            {tokens.map((t) => (
              <Row key={t.id}>
                <span>
                  <b>{t.name}</b>, {t.by}
                  <br />
                  <Small>
                    {t.scopes.join(', ')}; good until {day(t.expiresAt)};{' '}
                    {t.lastUsedAt ? `last used ${day(t.lastUsedAt)}` : 'never used'}
                  </Small>
                </span>
                <Button $kind="quiet" aria-label={`End ${t.name}`} onPress={() => void end(t.id)}>
                  End it
                </Button>
              </Row>
            ))}
          </ul>
          <NewToken onMade={() => void show()} />
        </>
      )}
    </section>
  );
}
