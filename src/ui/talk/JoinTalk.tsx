'use client';
import { type FormEvent, type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { call, type Problem } from '../api';
import { at, general } from '../door/entry';
import { Button } from '../kit/Button';
import { Narrow, Stack } from '../kit/layout';
import { ErrorText, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import type { AnswerOf } from '../routes';

const Page = styled.main`
  max-width: 900px;
  margin: 0 auto;
  padding: 14px 16px 40px;
`;
const Head = styled.header`
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: 10px;
  margin-bottom: 14px;
`;

/** A page on a phone that is not the crew’s own rooms. */
export function PhonePage({
  title,
  over,
  children,
}: {
  title: string;
  over?: string;
  children?: ReactNode;
}) {
  return (
    <Page>
      <Head>
        {over ? <Small $block>{over}</Small> : null}
        <h1>{title}</h1>
      </Head>
      {children}
    </Page>
  );
}

/** The code that a photographed address brought; it never went to a server. */
const broughtCode = (): string => decodeURIComponent(window.location.hash.slice(1));

/** One takes part by the code on the screen and a name. */
export function JoinTalk({ onJoined }: { onJoined: (seen: AnswerOf<'GET /talk'>) => void }) {
  const [code, setCode] = useState(broughtCode);
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const join = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    setBusy(true);
    const answer = await call('POST /talk/join', { body: { code, name: name.trim() || null } });
    setBusy(false);
    if (answer.ok) onJoined(answer.value);
    else setProblem(answer.problem);
  };
  return (
    <PhonePage title="Join the talk">
      <Narrow $most={420}>
        <Stack as="form" onSubmit={(e) => void join(e as FormEvent)}>
          <TextField
            label="Code on the screen"
            value={code}
            onChange={setCode}
            error={at(problem, 'code')}
            autoComplete="off"
          />
          <TextField
            label="Your name"
            value={name}
            onChange={setName}
            error={at(problem, 'name')}
            autoComplete="name"
          />
          <Small>
            Who took part is kept; who answered what is not. Whoever is signed in here needs no
            name.
          </Small>
          {general(problem) ? <ErrorText role="alert">{general(problem)}</ErrorText> : null}
          <Button type="submit" $kind="primary" isDisabled={busy || code.trim().length < 4}>
            Join
          </Button>
        </Stack>
      </Narrow>
    </PhonePage>
  );
}
