'use client';
import styled from 'styled-components';
import { useMember } from '../frame/MemberContext';
import { ButtonLink } from '../kit/Button';
import { NumberField, FieldGrid } from '../kit/fields';
import { Label, Small } from '../kit/text';
import { StrengthFields } from '../planner/StrengthFields';
import { Grow, Fields } from '../kit/layout';
import { SCHOOLS } from '@/core/rope/schools';
import { RULE_SET_IDS, RULE_SET_TITLES, type RuleSetId } from '@/core/securement/rule-set-ids';
import type { CrewSettings } from '@/db/queries/crews';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { Select } from '../kit/Select';
import { AddMember } from './AddMember';
import { Everything } from './Everything';
import { Members } from './Members';
import { OwnAccount } from './OwnAccount';
import type { MemberLine } from './roles';
import { Programs } from './Programs';
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
const UNIT_NAMES = { '': 'as they choose', metric: 'metric', us: 'US' } as const;
const UNIT_CHOICES = (['', 'metric', 'us'] as const).map((id) => ({ id, name: UNIT_NAMES[id] }));
const ruleName = (id: RuleSetId | null): string =>
  id === null ? 'by the units of who plans' : RULE_SET_TITLES[id].name;
const RULE_CHOICES = [
  { id: '', name: ruleName(null) },
  ...RULE_SET_IDS.map((id) => ({ id, name: ruleName(id) })),
] as const;
const MOVES = 'Kept. What is due moves with it.';

/** Settings as facts that can be compared. */
const sideOf = ({ strength, intervals, defaults }: CrewSettings): Side => ({
  facts: [
    ['Units', UNIT_NAMES[defaults.units ?? '']],
    ['Rules', ruleName(defaults.ruleSet)],
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
  const { strength, intervals, defaults } = settings;
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
        <h2>What new plans and new people begin with</h2>
        <Fields disabled={!viewer.canChangeCrew} $top={10} $bottom={10}>
          <FieldGrid $min={220}>
            <Select
              label="Rules for new plans"
              value={defaults.ruleSet ?? ''}
              choices={RULE_CHOICES}
              onChange={(id) =>
                change('defaults', { ruleSet: id || null }, 'Kept. Plans that exist keep theirs.')
              }
            />
            <Select
              label="Units for new people"
              value={defaults.units ?? ''}
              choices={UNIT_CHOICES}
              onChange={(id) =>
                change('defaults', { units: id || null }, 'Kept. Everybody changes their own.')
              }
            />
          </FieldGrid>
        </Fields>
        {notes.defaults ? <Small role="status">{notes.defaults}</Small> : null}
      </section>
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
      <Programs />
      {viewer.canChangeCrew ? <Trail /> : null}
      {viewer.canChangeCrew ? <Everything /> : null}
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
