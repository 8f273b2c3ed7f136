'use client';
import styled from 'styled-components';
import { useMember } from '../frame/MemberContext';
import { ButtonLink } from '../kit/Button';
import { NumberField, FieldGrid } from '../kit/fields';
import { Label, Small } from '../kit/text';
import { StrengthFields } from '../planner/StrengthFields';
import { Grow, Fields } from '../kit/layout';
import { SCHOOLS } from '@/core/rope/schools';
import type { CrewSettings } from '@/db/queries/crews';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { AddMember } from './AddMember';
import { Members } from './Members';
import { OwnAccount } from './OwnAccount';
import type { MemberLine } from './roles';
import { Trail } from './Trail';
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
    ['Lines checked on the road every so many minutes', String(intervals.checkMinutes)],
    ['Sign-offs good for so many months', String(intervals.signOffMonths)],
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
  return (
    <Page>
      <Head>
        <Grow>
          <Label>
            {viewer.name}, {viewer.role}
          </Label>
          <h1>{viewer.crewName}</h1>
        </Grow>
        <ButtonLink href="#you">Password, sign out</ButtonLink>
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
        <h2>Inspections, checks and sign-offs</h2>
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
            <NumberField
              label="Lines on the road, minutes"
              value={intervals.checkMinutes}
              least={15}
              most={1440}
              whole
              onChange={(n) => change('intervals', { checkMinutes: n }, MOVES)}
            />
            <NumberField
              label="Sign-offs are good for, months"
              value={intervals.signOffMonths}
              least={1}
              most={60}
              whole
              onChange={(n) => change('intervals', { signOffMonths: n }, 'Kept.')}
            />
          </FieldGrid>
        </Fields>
        {notes.intervals ? <Small role="status">{notes.intervals}</Small> : null}
      </section>
      <Members members={members} />
      {viewer.canChangeCrew ? <AddMember /> : null}
      <OwnAccount />
      {viewer.canChangeCrew ? <Trail /> : null}
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
