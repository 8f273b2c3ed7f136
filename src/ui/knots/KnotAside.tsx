'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { formatQuantity } from '@/core/units';
import { thicknessText } from '../diagrams/ropeLooks';
import type { KnotFacts, StageData } from '@/server/knots';
import { useMember } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { SourceMark } from '../kit/SourceMark';
import { Label, Small } from '../kit/text';
import { Spaced } from '../kit/layout';

const Section = styled.section`
  margin-top: 16px;
  border-top: var(--w-rule) solid var(--ink);
  padding-top: 8px;
  & > h2 {
    margin-bottom: 2px;
  }
`;
const Line = styled.li`
  border-bottom: var(--w-hair) solid var(--line);
  display: flex;
  align-items: center;
  gap: 8px;
  & > label {
    flex: 1;
  }
`;
const Factor = styled.span`
  font: 600 12px/1 var(--font-figure);
  border: 1px solid var(--edge);
  padding: 4px 5px;
  white-space: nowrap;
`;
const Table = styled.dl`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  font-size: 14px;
  & > dt,
  & > dd {
    padding: 6px 0;
    border-bottom: var(--w-hair) solid var(--line);
    margin: 0;
  }
  & > dt {
    color: var(--ink-2);
    font: 560 13px/1.3 var(--font-figure);
    font-stretch: 84%;
  }
`;
const Holds = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  font-size: 14px;
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 0;
  border-bottom: var(--w-hair) solid var(--line);
  padding: 7px 0;
  font-size: 14px;
  & > div {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(96px, 1fr));
    gap: 0;
  }
  & > div > span {
    padding-left: 10px;
    border-left: var(--w-rule) solid var(--ink);
  }
  & > div > span:first-child {
    border-left: 0;
    padding-left: 0;
  }
  & p {
    grid-column: 2;
    font-size: 13px;
    color: var(--ink-2);
    padding-top: 4px;
  }
`;
const Side = styled.span`
  display: block;
  & > b {
    display: block;
    font-weight: 600;
  }
`;

/** Checks to tick with the knot in hand. */
export function Checks({
  facts,
  words,
  diameterM,
}: {
  facts: KnotFacts;
  /** Turns what is said with the view. */
  words: (text: string) => string;
  diameterM: number;
}) {
  const { units } = useMember();
  const [done, setDone] = useState<readonly string[]>([]);
  const tick =
    (check: string) =>
    (on: boolean): void =>
      setDone((d) => (on ? [...d, check] : d.filter((x) => x !== check)));
  const size = (m: number): string => formatQuantity(m, 'length', units, 'demand', true);
  const tail =
    facts.tailD === 0
      ? null
      : `Tail at least ${size(facts.tailD * diameterM)} in ${thicknessText(diameterM, units)} rope.`;
  const all = tail === null ? facts.checks : [...facts.checks, tail];
  return (
    <Section aria-label="Look, then pull">
      <h2>Look, then pull</h2>
      <ul>
        {all.map((check) => (
          <Line key={check === tail ? 'tail' : check}>
            <Check
              selected={done.includes(check === tail ? 'tail' : check)}
              onChange={tick(check === tail ? 'tail' : check)}
            >
              {words(check)}
            </Check>
            {check === tail ? <Factor>{facts.tailD} d</Factor> : null}
          </Line>
        ))}
      </ul>
      <Small role="status">
        {done.length === all.length
          ? 'All looked at: now pull.'
          : `${done.length} of ${all.length} looked at`}
      </Small>
    </Section>
  );
}

const HOLD_WORDS = {
  slack: 'going slack',
  wet: 'wet',
  stiff: 'stiff rope',
  slick: 'slick rope',
} as const;
const HOLD_MARKS = { yes: '✓', 'with care': '~', no: '✗' } as const;

const RELEASE_WORDS = {
  'in the bight':
    'Tied in the bight: without the loop or the pole in it, nothing is left in the rope.',
  'fully slipped': 'Pull the tail: the bight slips out and nothing stays tied.',
} as const;

/** What the knot is good for and what not. */
export function Facts({ stage, diameterM }: { stage: StageData; diameterM: number }) {
  const { units } = useMember();
  const {
    facts,
    shipped,
    form: { release },
  } = stage;
  // Twine round a rope: the thickness chosen is the rope's.
  const isTwine = shipped.fixtures.some((f) => f.kind === 'bar' && f.as === 'rope');
  const inside = shipped.insideD
    .map((d) => formatQuantity(d * diameterM, 'length', units, 'demand'))
    .join(' and ');
  return (
    <Section aria-label="What to know">
      <h2>What to know</h2>
      <Table>
        <dt>Not for</dt>
        <dd>{facts.notFor}</dd>
        <dt>Needs</dt>
        <dd>
          {facts.needs}
          {facts.gloves ? '; goes with gloves on' : ''}
        </dd>
        {isTwine ? null : (
          <>
            <dt>Rope in it</dt>
            <dd>{inside} from where it bends to where it is straight again</dd>
          </>
        )}
        <dt>Jams</dt>
        <dd>{facts.jams}</dd>
        <dt>Unties</dt>
        <dd>{facts.unties}</dd>
        {release ? (
          <>
            <dt>Comes off</dt>
            <dd>
              {typeof release === 'string'
                ? RELEASE_WORDS[release]
                : `Pull the tail: the bight slips out; ${release.says}.`}
            </dd>
          </>
        ) : null}
        <dt>Slipped</dt>
        <dd>{facts.slipped}</dd>
        <dt>Backup</dt>
        <dd>{facts.backup}</dd>
        <dt>Holds</dt>
        <dd>
          <Holds>
            {(Object.keys(HOLD_WORDS) as (keyof typeof HOLD_WORDS)[]).map((k) => (
              <span key={k}>
                <b aria-hidden>{HOLD_MARKS[facts.holds[k]]}</b> {HOLD_WORDS[k]}: {facts.holds[k]}
              </span>
            ))}
          </Holds>
        </dd>
      </Table>
      {stage.leadsTo.length > 0 ? (
        <Spaced as="ul" $top={8} aria-label="Leads to">
          {stage.leadsTo.map((k) => (
            <li key={k.id}>
              <Label>leads to </Label>
              <Link href={`/knots/${k.id}`} prefetch={false}>
                {k.name}
              </Link>
              : {k.changes}
            </li>
          ))}
        </Spaced>
      ) : null}
      <Spaced as="p" $top={8}>
        <Link href={`/knots/map?knot=${facts.id}`} prefetch={false}>
          What it builds on
        </Link>
      </Spaced>
    </Section>
  );
}

/** Facts two schools dispute: both named, with what we take and why. */
export function Disputes({ stage }: { stage: StageData }) {
  if (stage.disputes.length === 0) return null;
  return (
    <Section aria-label="Where schools disagree">
      <h2>Where schools disagree</h2>
      <ul>
        {stage.disputes.map((d) => (
          <Row key={d.about}>
            <Label>{d.about}</Label>
            <div>
              {d.sides.map((s) => (
                <Side key={s.school + s.says}>
                  <b>{s.says}</b>
                  <Small>{s.school}</Small> <SourceMark confidence={s.source} />
                </Side>
              ))}
            </div>
            <p>{d.pick}</p>
          </Row>
        ))}
      </ul>
    </Section>
  );
}
