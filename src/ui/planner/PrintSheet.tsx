'use client';
import Link from 'next/link';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import { assess } from '@/core/securement/assess';
import { RULE_SET_TITLES } from '@/core/securement/rule-set-ids';
import { formatQuantity, formatTogether, type UnitChoice } from '@/core/units';
import type { LineFacts } from '@/core/securement/rule-input';
import { CAUTIONS } from '@/wording/cautions';
import { wordFinding } from '@/wording/findings';
import { OPINION_WORDS, ROW_WORDS } from '@/wording/verdicts';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { grouped } from './Findings';
import type { FactEntries } from '../locker/useGearFacts';
import { standsOnWords, unitName } from '@/core/securement/load/describe';
import { headline } from '@/wording/headline';
import { opinions, rowInWords } from './opinions';
import { wordRow, wordRun, wordValue } from '@/wording/figures';

const Verdict = styled.div`
  text-align: right;
`;

const Paper = styled.article`
  max-width: 760px;
  margin: 20px auto;
  padding: 28px;
  background: #fff;
  color: #000;
  font-size: 14px;
  --ink: #000;
  --ink-2: #222;
  --signal: #000;
  --plate: #000;
  --sheet: #fff;
  --line: #777;
  --p-short: repeating-linear-gradient(135deg, #000 0 2px, transparent 2px 6px);
  --p-barred:
    linear-gradient(to bottom, transparent 0 40%, #fff 40% 60%, transparent 60%),
    linear-gradient(#000, #000);
  & table {
    font-family: var(--font-figure);
    width: 100%;
    border-collapse: collapse;
    margin: 6px 0 14px;
  }
  & th,
  & td {
    text-align: left;
    padding: 4px 8px 4px 0;
    border-bottom: 1px solid #777;
    vertical-align: top;
  }
  & h2 {
    margin-top: 14px;
    border-bottom: 2px solid #000;
  }
  & a {
    color: #000;
  }
  @media print {
    margin: 0;
    padding: 0;
    max-width: none;
  }
`;
const Bar = styled.div`
  display: flex;
  gap: 10px;
  max-width: 760px;
  margin: 16px auto 0;
  padding: 0 12px;
  @media print {
    display: none;
  }
`;
const Top = styled.header`
  display: flex;
  justify-content: space-between;
  gap: 20px;
  border-bottom: 3px solid #000;
  padding-bottom: 8px;
  margin-bottom: 10px;
`;

function LineRow({
  facts,
  number,
  units,
}: {
  facts: LineFacts;
  number: number;
  units: UnitChoice;
}) {
  const { line, capacity, tension } = facts;
  const force = (v: number | null): string =>
    v === null ? 'not known' : formatQuantity(v, 'force', units, 'capacity');
  const weakest =
    capacity.wll.value === null
      ? capacity.places.find((p) => p.problem)?.name
      : capacity.governing.map((i) => capacity.places[i]!.name).join(', ');
  return (
    <tr>
      <td>{number}</td>
      <td>
        <b>{line.name}</b>
        <br />
        {wordRun(line, units)}
      </td>
      <td>{capacity.places.map((p) => p.name).join(' – ')}</td>
      <td>
        {force(capacity.wll.value)}
        <br />
        <Small>{weakest}</Small>
      </td>
      <td>
        {force(tension.hauled.value)}
        <br />
        <Small>counts {force(tension.pretension.value)}</Small>
      </td>
    </tr>
  );
}

/** What a driver carries: verdict, load, lines, comparisons, findings, cautions. A4 and Letter. */
export function PrintSheet({
  plan,
  facts,
  version,
  savedBy,
  savedAt,
}: {
  plan: Plan;
  facts: FactEntries;
  version: number;
  savedBy: string;
  savedAt: string;
}) {
  const { units, viewer } = useMember();
  const a = assess(plan, new Map(facts));
  const { whole, directions } = opinions(a);
  const ofNeeded = (held: string, needed: string): string => `${held} of ${needed}`;
  return (
    <>
      <Bar>
        <Button $kind="primary" onPress={() => window.print()}>
          Print
        </Button>
        <Link
          href="../"
          onClick={(e) => {
            e.preventDefault();
            window.history.back();
          }}
        >
          Back to the plan
        </Link>
      </Bar>
      <Paper>
        <Top>
          <div>
            <h1>{plan.title}</h1>
            {viewer.crewName}. Version {version}, {savedBy},{' '}
            {savedAt.slice(0, 16).replace('T', ' ')} UTC
          </div>
          <Verdict>
            <VerdictMark verdict={a.verdict} />
            <br />
            <Small>{RULE_SET_TITLES[plan.ruleSet].edition}</Small>
          </Verdict>
        </Top>
        <p>
          <b>{headline(a, units)}</b> {RULE_SET_TITLES[plan.ruleSet].scope}
        </p>
        {plan.units.map((u) => (
          <p key={u.id}>
            {unitName(u)}:{' '}
            {u.massKg === null
              ? 'mass not known'
              : formatQuantity(u.massKg, 'mass', units, 'demand')}
            , {formatTogether([u.lengthM, u.widthM, u.heightM], 'length', units)}, on{' '}
            {standsOnWords(u, plan)}.
          </p>
        ))}
        <h2>Lines</h2>
        <table>
          <thead>
            <tr>
              <th>No.</th>
              <th>Line</th>
              <th>From anchor to anchor</th>
              <th>WLL, weakest</th>
              <th>Tension</th>
            </tr>
          </thead>
          <tbody>
            {a.lines.map((facts, i) => (
              <LineRow key={facts.line.id} facts={facts} number={i + 1} units={units} />
            ))}
          </tbody>
        </table>
        <h2>Held against needed, by the rule and by statics</h2>
        <table>
          <thead>
            <tr>
              <th>Direction</th>
              <th>Rule</th>
              <th>Statics</th>
              <th>What gives way</th>
              <th>The worse</th>
            </tr>
          </thead>
          <tbody>
            {whole.map((r) => (
              <tr key={r.code}>
                <td>
                  {r.of ?? 'All lines'}, {ROW_WORDS[r.code]}
                </td>
                <td>{ofNeeded(wordRow(r, units).provided, wordRow(r, units).required)}</td>
                <td />
                <td>
                  <Small>{r.clause}</Small>
                </td>
                <td>
                  <VerdictMark verdict={r.verdict} />
                </td>
              </tr>
            ))}
            {directions
              .map((row) => ({ ...row, words: rowInWords(row) }))
              .map(({ key, direction, rule, statics, verdict, words }) => (
                <tr key={key}>
                  <td>
                    {OPINION_WORDS[direction]}
                    {rule ? `, ${ROW_WORDS[rule.code]}` : ''}
                  </td>
                  <td>
                    {rule
                      ? ofNeeded(wordRow(rule, units).provided, wordRow(rule, units).required)
                      : 'by count and sum'}
                  </td>
                  <td>
                    {statics
                      ? ofNeeded(
                          statics.held.value === null
                            ? 'none'
                            : wordValue(statics.held.value, 'g', units, 'capacity'),
                          wordValue(statics.required.value, 'g', units, 'demand'),
                        )
                      : 'not asked'}
                  </td>
                  <td>
                    {words} <Small>{rule?.clause ?? statics?.clause}</Small>
                  </td>
                  <td>
                    <VerdictMark verdict={verdict} />
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
        {a.findings.length > 0 ? (
          <>
            <h2>What to know</h2>
            <ul>
              {grouped(a.findings).map((f, i) => (
                <li key={i}>
                  {wordFinding(f, units)} <Small>{f.clause}</Small>
                </li>
              ))}
            </ul>
          </>
        ) : null}
        {plan.notes ? (
          <>
            <h2>Notes</h2>
            <p>{plan.notes}</p>
          </>
        ) : null}
        <h2>Cautions</h2>
        <ul>
          {CAUTIONS.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      </Paper>
    </>
  );
}
