'use client';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import { call, messageOf, type Problem } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Cluster, Stack } from '../kit/layout';
import { ErrorText, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { forgetPages } from '../offline/keeping';

const Form = styled.form`
  display: grid;
  gap: 12px;
  max-width: 420px;
`;

const endedWords = (ended: number): string =>
  ended === 0
    ? 'You were signed in nowhere else.'
    : ended === 1
      ? 'You are signed out on one other device.'
      : `You are signed out on ${ended} other devices.`;

function Password({ said }: { said: (text: string) => void }) {
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const at = (field: string): string | null =>
    problem?.issues.find((i) => i.path[0] === field)?.message ?? null;
  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('PUT /me/password', { body: { current, password } });
    if (!answer.ok) return setProblem(answer.problem);
    setProblem(null);
    setCurrent('');
    setPassword('');
    said(`Your password is changed. ${endedWords(answer.value.ended)}`);
  };
  return (
    <Form onSubmit={(e) => void submit(e)}>
      <TextField
        label="Present password"
        type="password"
        value={current}
        onChange={setCurrent}
        autoComplete="current-password"
        error={at('current')}
      />
      <TextField
        label="New password, 10 characters or more"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
        error={at('password')}
      />
      {problem?.issues.every((i) => i.path.length === 0) ? (
        <ErrorText role="alert">{messageOf(problem)}</ErrorText>
      ) : null}
      <Cluster>
        <Button type="submit">Change the password</Button>
      </Cluster>
    </Form>
  );
}

/** What is one's own: the sign-in name, the password, other devices, the way out. */
export function OwnAccount() {
  const { viewer } = useMember();
  const [said, setSaid] = useState<string | null>(null);
  const [endsCalendar, setEndsCalendar] = useState(false);
  const endOthers = async (): Promise<void> => {
    const answer = await call('DELETE /me/sessions');
    setSaid(answer.ok ? endedWords(answer.value.ended) : messageOf(answer.problem));
  };
  const leave = async (): Promise<void> => {
    const answer = await call('DELETE /session', {
      query: { calendar: endsCalendar ? 'end' : null },
    });
    if (answer.ok) {
      await forgetPages();
      return window.location.assign('/');
    }
    setSaid(messageOf(answer.problem));
  };
  return (
    <section id="you">
      <h2>You</h2>
      <Stack $top={10}>
        <p>
          You sign in as <b>{viewer.signInName}</b>.
        </p>
        <Password said={setSaid} />
        {said ? <Small role="status">{said}</Small> : null}
        <Cluster>
          <Button onPress={() => void endOthers()}>Sign out everywhere else</Button>
        </Cluster>
        <Cluster>
          <Button onPress={() => void leave()}>Sign out</Button>
          <Check selected={endsCalendar} onChange={setEndsCalendar}>
            End my calendar address too
          </Check>
        </Cluster>
      </Stack>
    </section>
  );
}
