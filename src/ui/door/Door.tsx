'use client';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import { CAUTIONS } from '@/wording/cautions';
import { type Answer, call, messageOf, type Problem } from '../api';
import { CleatMark } from '../frame/Rail';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { ErrorText, Label } from '../kit/text';

const Crew = styled.span`
  font-weight: 500;
  font-size: 13px;
`;
const Caution = styled.li`
  padding: 6px 0;
  color: var(--ink-2);
`;

const Page = styled.main`
  max-width: 1120px;
  margin: 0 auto;
  padding: 28px 24px 40px;
`;
const Head = styled.header`
  display: flex;
  align-items: center;
  gap: 16px;
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: 16px;
  margin-bottom: 20px;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 40px;
  @media (max-width: 820px) {
    grid-template-columns: 1fr;
  }
`;
const People = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 10px;
  margin: 12px 0 24px;
`;
const Person = styled(Button)`
  width: 100%;
  flex-direction: column;
  align-items: flex-start;
  gap: 3px;
  padding: 12px 16px;
  text-align: left;
`;
const Form = styled.form`
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 0 0 24px;
  margin-bottom: 24px;
  border-bottom: var(--w-hair) solid var(--line);
`;

interface DemoPerson {
  readonly id: string;
  readonly name: string;
  readonly role: string;
  readonly crewName: string;
}

const ROLE_WORDS: Record<string, string> = {
  lead: 'lead',
  instructor: 'instructor',
  keeper: 'yard keeper',
  hand: 'hand',
  trainee: 'trainee, reads only',
};
const enter = (): void => window.location.assign('/loads');

/** Sends a form and goes in; what was refused stays beside its field. */
function useEntry(): {
  problem: Problem | null;
  busy: boolean;
  send: (work: Promise<Answer<unknown>>) => Promise<void>;
} {
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (work: Promise<Answer<unknown>>): Promise<void> => {
    setBusy(true);
    const answer = await work;
    if (answer.ok) return enter();
    setProblem(answer.problem);
    setBusy(false);
  };
  return { problem, busy, send };
}

const at = (problem: Problem | null, field: string): string | null =>
  problem?.issues.find((i) => i.path[0] === field)?.message ?? null;
const general = (problem: Problem | null): string | null =>
  problem && problem.issues.every((i) => i.path.length === 0) ? messageOf(problem) : null;

function SignIn() {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const { problem, busy, send } = useEntry();
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    void send(call('POST', '/session', { name, password }));
  };
  return (
    <Form onSubmit={submit}>
      <h2>Sign in</h2>
      <TextField
        label="Your name"
        value={name}
        onChange={setName}
        autoComplete="username"
        error={at(problem, 'name')}
      />
      <TextField
        label="Password"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="current-password"
        error={at(problem, 'password')}
      />
      {general(problem) ? <ErrorText role="alert">{general(problem)}</ErrorText> : null}
      <Button type="submit" isDisabled={busy}>
        Sign in
      </Button>
    </Form>
  );
}

function FoundCrew() {
  const [crew, setCrew] = useState('');
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const { problem, busy, send } = useEntry();
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    void send(call('POST', '/crews', { crew, name, password }));
  };
  return (
    <Form onSubmit={submit}>
      <h2>Found a crew</h2>
      <TextField label="Crew" value={crew} onChange={setCrew} error={at(problem, 'crew')} />
      <TextField
        label="Your full name"
        value={name}
        onChange={setName}
        autoComplete="username"
        error={at(problem, 'name')}
      />
      <TextField
        label="New password, 10 characters or more"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
        error={at(problem, 'password')}
      />
      {general(problem) ? <ErrorText role="alert">{general(problem)}</ErrorText> : null}
      <Button type="submit" isDisabled={busy}>
        Found the crew
      </Button>
    </Form>
  );
}

function DemoPeople({ people }: { people: readonly DemoPerson[] }) {
  const { problem, busy, send } = useEntry();
  return (
    <section aria-labelledby="demo">
      <h2 id="demo">Step in as somebody of the demo</h2>
      <p>
        Pell Marsh Fairground Works carries, builds and strikes a travelling harvest fair. People,
        loads and ropes are invented.
      </p>
      {problem ? <ErrorText role="alert">{messageOf(problem)}</ErrorText> : null}
      <People>
        {people.map((p, i) => (
          <li key={p.id}>
            <Person
              $kind={i === 0 ? 'primary' : 'plain'}
              isDisabled={busy}
              onPress={() => void send(call('POST', '/session/demo', { memberId: p.id }))}
            >
              {p.name}
              <Crew>
                {p.crewName}, {ROLE_WORDS[p.role] ?? p.role}
              </Crew>
            </Person>
          </li>
        ))}
      </People>
    </section>
  );
}

/** The first page. */
export function Door({ people }: { people: readonly DemoPerson[] }) {
  return (
    <Page>
      <Head>
        <CleatMark />
        <div>
          <h1>Vast Cleat</h1>
          <p>What each line may carry, and whether all lines together hold the load.</p>
        </div>
      </Head>
      <Columns>
        <div>
          {people.length > 0 ? (
            <DemoPeople people={people} />
          ) : (
            <p>No demo is loaded here. Found a crew to begin.</p>
          )}
          <Label as="h2">Always</Label>
          <ul>
            {CAUTIONS.map((c) => (
              <Caution key={c}>{c}</Caution>
            ))}
          </ul>
        </div>
        <div>
          <SignIn />
          <FoundCrew />
        </div>
      </Columns>
    </Page>
  );
}
