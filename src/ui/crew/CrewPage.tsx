'use client';
import { useRouter } from 'next/navigation';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import type { Role } from '@/db/queries/members';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { NumberField, FieldGrid } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { ErrorText, Label, Small } from '../kit/text';
import { StrengthFields } from '../planner/StrengthFields';
import { Grow, Fields } from '../kit/layout';
import { SCHOOLS } from '@/core/rope/schools';
import type { CrewSettings } from '@/db/queries/crews';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { useCrewSettings } from './useCrewSettings';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 860px;
  display: grid;
  gap: 26px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: flex-end;
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: 14px;
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: 1fr 1fr 1.4fr;
  gap: 10px;
  padding: 10px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Form = styled.form`
  display: grid;
  gap: 12px;
  max-width: 420px;
`;

interface MemberLine {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly cautioned: boolean;
}
const ROLE_CHOICES: readonly { id: Role; name: string }[] = [
  { id: 'lead', name: 'lead: everything' },
  { id: 'instructor', name: 'instructor: plans, signs off' },
  { id: 'keeper', name: 'yard keeper: plans, the locker' },
  { id: 'hand', name: 'hand: plans' },
  { id: 'trainee', name: 'trainee: reads' },
];

function AddMember() {
  const router = useRouter();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [role, setRole] = useState<Role>('hand');
  const [error, setError] = useState<string | null>(null);
  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('POST', '/members', { name, password, role });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setName('');
    setPassword('');
    router.refresh();
  };
  return (
    <Form onSubmit={(e) => void submit(e)}>
      <h2>Add a member</h2>
      <TextField label="Full name" value={name} onChange={setName} autoComplete="off" />
      <TextField
        label="First password, 10 characters or more"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
      />
      <Select label="Role" value={role} choices={ROLE_CHOICES} onChange={setRole} />
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Button type="submit">Add to the crew</Button>
    </Form>
  );
}

const MOVES = 'Kept. What is due moves with it.';

/** Settings as facts that can be compared. */
const sideOf = ({ strength, intervals }: CrewSettings): Side => ({
  facts: [
    ['School', SCHOOLS[strength.school].name],
    ['Design factor', String(strength.designFactor)],
    ['Knots by', strength.knotSchool],
    ['A hand is asked for, N', String(strength.handLimitN)],
    ['Inspected every so many months', String(intervals.normalMonths)],
    ['In daily use, months', String(intervals.dailyMonths)],
  ],
});

/** The crew: its members, and where its working loads come from by default. */
export function CrewPage({
  settings: first,
  members,
}: {
  settings: CrewSettings;
  members: readonly MemberLine[];
}) {
  const { viewer } = useMember();
  const { settings, notes, theirs, change, settle } = useCrewSettings(first);
  const { strength, intervals } = settings;
  const leave = async (): Promise<void> => {
    await call('DELETE', '/session');
    window.location.assign('/');
  };
  return (
    <Page>
      <Head>
        <Grow>
          <Label>
            {viewer.name}, {viewer.role}
          </Label>
          <h1>{viewer.crewName}</h1>
        </Grow>
        <Button onPress={() => void leave()}>Sign out</Button>
      </Head>
      <section>
        <h2>Rope strength, for new plans</h2>
        <Fields disabled={!viewer.canChangeCrew} $top={10} $bottom={10}>
          <StrengthFields
            strength={strength}
            onChange={(part) =>
              change(
                'strength',
                part,
                'Kept. New plans begin with it; plans that exist keep their own.',
              )
            }
          />
        </Fields>
        {viewer.canChangeCrew ? null : <Small>Only the lead changes this.</Small>}
        {notes.strength ? <Small role="status">{notes.strength}</Small> : null}
      </section>
      <section>
        <h2>Recorded inspections</h2>
        <Fields $top={10} $bottom={10} disabled={!viewer.canChangeCrew}>
          <FieldGrid $min={190}>
            <NumberField
              label="Every so many months"
              value={intervals.normalMonths}
              least={1}
              most={60}
              whole
              onChange={(n) => change('intervals', { normalMonths: n }, MOVES)}
            />
            <NumberField
              label="In daily use, months"
              value={intervals.dailyMonths}
              least={1}
              most={60}
              whole
              onChange={(n) => change('intervals', { dailyMonths: n }, MOVES)}
            />
          </FieldGrid>
        </Fields>
        {notes.intervals ? <Small role="status">{notes.intervals}</Small> : null}
      </section>
      <section>
        <h2>Members</h2>
        <ul>
          {members.map((m) => (
            <Row key={m.id}>
              <b>{m.name}</b>
              <span>{m.role}</span>
              <Small>
                {m.cautioned ? 'has read the cautions' : 'has not read the cautions yet'}
              </Small>
            </Row>
          ))}
        </ul>
      </section>
      {viewer.canChangeCrew ? <AddMember /> : null}
      {theirs ? (
        <ConflictSheet
          what="crew’s settings"
          by="Somebody else"
          mine={sideOf(settings)}
          theirs={sideOf(theirs)}
          onKeep={settle}
        >
          Both are shown. What you keep is what new plans begin with from now on.
        </ConflictSheet>
      ) : null}
    </Page>
  );
}
