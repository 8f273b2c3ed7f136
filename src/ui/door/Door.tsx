'use client';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import type { Role } from '@/db/queries/members';
import { CAUTIONS } from '@/wording/cautions';
import { ROLE_WORDS } from '@/wording/trail';
import { call, messageOf } from '../api';
import { CleatMark } from '../frame/Rail';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { ErrorText, Label } from '../kit/text';
import { at, DoorForm, DoorHead, DoorPage, general, useEntry } from './entry';
import { NameFields, type Names, NO_NAMES, sent } from './NameFields';

const Crew = styled.span`
  font-weight: 500;
  font-size: 13px;
`;
const Caution = styled.li`
  padding: 6px 0;
  color: var(--ink-2);
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
interface DemoPerson {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly crewName: string;
}

function SignIn() {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const { problem, busy, send } = useEntry();
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    void send(call('POST /session', { body: { name, password } }));
  };
  return (
    <DoorForm onSubmit={submit}>
      <h2>Sign in</h2>
      <TextField
        label="Sign-in name"
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
    </DoorForm>
  );
}

function FoundCrew() {
  const [crew, setCrew] = useState('');
  const [names, setNames] = useState<Names>(NO_NAMES);
  const { problem, busy, send } = useEntry();
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    void send(call('POST /crews', { body: { crew, ...sent(names) } }));
  };
  return (
    <DoorForm onSubmit={submit}>
      <h2>Found a crew</h2>
      <TextField label="Crew" value={crew} onChange={setCrew} error={at(problem, 'crew')} />
      <NameFields names={names} onChange={setNames} problem={problem} />
      {general(problem) ? <ErrorText role="alert">{general(problem)}</ErrorText> : null}
      <Button type="submit" isDisabled={busy}>
        Found the crew
      </Button>
    </DoorForm>
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
              onPress={() => void send(call('POST /session/demo', { body: { memberId: p.id } }))}
            >
              {p.name}
              <Crew>
                {p.crewName}, {ROLE_WORDS[p.role]}
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
    <DoorPage>
      <DoorHead>
        <CleatMark />
        <div>
          <h1>Vast Cleat</h1>
          <p>What each line may carry, and whether all lines together hold the load.</p>
        </div>
      </DoorHead>
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
    </DoorPage>
  );
}
