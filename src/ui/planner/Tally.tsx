'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { type CSSProperties, memo, useState } from 'react';
import type { Assessment } from '@/core/securement/assess';
import type { TallyRow } from '@/core/securement/verdict';
import { OPINION_WORDS, ROW_WORDS } from '@/wording/verdicts';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Hidden, Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { type OpenWorking, WorkingFigure } from '../working/WorkingFigure';
import { type OpinionRow, opinions, rowInWords } from '@/wording/opinions';
import { wordRow, wordValue } from '@/wording/figures';
import { Table, Dir, How, Opinion, Track, Held, Needs, Diamond } from './Tally.styles';
import { orMissing } from '../orMissing';

/** Fetched when somebody wants to see every comparison. */
const AllRows = dynamic(() => orMissing(import('./AllRows').then((m) => m.AllRows)), {
  loading: () => null,
});

/** Full length of a bar in g: all directions share it, so that they can be compared. */
const FULL_G = 1.25;

const part = (value: number, full: number): string =>
  `${Math.min(100, Math.max(0, (value / full) * 100))}%`;

/** The rule's figure as a bar, what is needed as a mark, statics as a diamond. A rule without figures has no bar. */
function Bar({ rule, statics, verdict }: Pick<OpinionRow, 'rule' | 'statics' | 'verdict'>) {
  const shown = rule ?? statics;
  if (!shown) return null;
  const held = ('provided' in shown ? shown.provided.value : shown.held.value) ?? 0;
  const needs = shown.required.value ?? 0;
  const inG = shown.required.unit === 'g';
  const full = inG ? FULL_G : Math.max(held, needs, 1e-9) / 0.92;
  const style = {
    '--held': part(Math.max(held, full * 0.02), full),
    '--needs': part(needs, full),
    '--statics': part(statics?.held.value ?? 0, FULL_G),
  } as CSSProperties;
  return (
    <Track style={style} aria-hidden>
      <Held data-is={rule?.verdict ?? verdict} />
      <Needs />
      {rule && statics && inG ? <Diamond /> : null}
    </Track>
  );
}

/** The rule's own figure for a direction, or its word where it compares nothing by direction. */
function RuleCell({
  row,
  governs,
  onWorking,
}: {
  row: OpinionRow;
  governs: boolean;
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  const { rule } = row;
  if (rule === null) return <Small>by count and sum</Small>;
  const text = wordRow(rule, units);
  const name = `${OPINION_WORDS[row.direction]}, ${ROW_WORDS[rule.code]}`;
  return (
    <Opinion $governs={governs}>
      <WorkingFigure
        working={rule.provided}
        title={`${name}: held`}
        text={text.provided}
        onOpen={onWorking}
        size={16}
      />
      <Small $block>
        of{' '}
        <WorkingFigure
          working={rule.required}
          title={`${name}: needed`}
          text={text.required}
          onOpen={onWorking}
          size={13}
          rounding="demand"
        />
      </Small>
    </Opinion>
  );
}

function StaticsCell({
  row,
  governs,
  onWorking,
}: {
  row: OpinionRow;
  governs: boolean;
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  const { statics } = row;
  if (statics === null) return <Small>not asked</Small>;
  const name = `${OPINION_WORDS[row.direction]}, by statics`;
  const held =
    statics.held.value === null ? 'none' : wordValue(statics.held.value, 'g', units, 'capacity');
  return (
    <Opinion $governs={governs}>
      <WorkingFigure
        working={statics.held}
        title={`${name}: held`}
        text={held}
        onOpen={onWorking}
        size={16}
      />
      <Small $block>
        of {wordValue(statics.required.value, 'g', units, 'demand')}
        {statics.strength === 'breaking' ? ' until it parts' : ''}
      </Small>
    </Opinion>
  );
}

/** Which of the two decides: the worse; alike, the one with less to spare. */
function governing({ rule, statics }: OpinionRow): 'rule' | 'statics' {
  if (!statics || statics.ruleStands) return 'rule';
  if (!rule) return 'statics';
  const rank = { short: 0, 'cannot-say': 1, holds: 2 };
  if (rank[rule.verdict] !== rank[statics.verdict])
    return rank[rule.verdict] < rank[statics.verdict] ? 'rule' : 'statics';
  const spare = (r: { margin: number | null; required: { value: number | null } }): number =>
    r.margin === null || !r.required.value ? -Infinity : r.margin / r.required.value;
  return spare(rule) <= spare(statics) ? 'rule' : 'statics';
}

/** A comparison that is of no direction: how many lines, and what they may carry together. */
function WholeRow({ row, onWorking }: { row: TallyRow; onWorking: OpenWorking }) {
  const { units } = useMember();
  const text = wordRow(row, units);
  const of = row.of ?? 'All lines';
  const name = `${of}, ${ROW_WORDS[row.code]}`;
  return (
    <tr>
      <th scope="row">
        <Dir>{of}</Dir>
        <How data-bad={row.verdict === 'short'}>{ROW_WORDS[row.code]}</How>
      </th>
      <td className="bar">
        <Bar rule={row} statics={null} verdict={row.verdict} />
      </td>
      <td className="fig" data-what="rule">
        <Opinion $governs>
          <WorkingFigure
            working={row.provided}
            title={`${name}: held`}
            text={text.provided}
            onOpen={onWorking}
            size={16}
          />
          <Small $block>
            of{' '}
            <WorkingFigure
              working={row.required}
              title={`${name}: needed`}
              text={text.required}
              onOpen={onWorking}
              size={13}
              rounding="demand"
            />
          </Small>
        </Opinion>
      </td>
      <td className="fig">
        <Hidden>statics look at each direction below</Hidden>
      </td>
      <td className="last">
        <VerdictMark verdict={row.verdict} />
      </td>
    </tr>
  );
}

/** Rule and statics side by side, direction by direction; the worse of the two is the row's word. Every figure opens its working. */
export const Tally = memo(function Tally({
  assessment,
  rulesHref,
  onWorking,
}: {
  assessment: Pick<Assessment, 'rows' | 'statics' | 'findings'>;
  /** Where the plan stands under every rule set. */
  rulesHref: string;
  onWorking: OpenWorking;
}) {
  const [all, setAll] = useState(false);
  const { whole, directions } = opinions(assessment);
  return (
    <>
      <Table>
        <caption>What is held against what is needed, by the rule and by statics</caption>
        <thead>
          <tr>
            <th scope="col">
              <Label>Direction</Label>
            </th>
            <td className="bar" />
            <th scope="col" className="fig">
              <Label>rule</Label>
            </th>
            <th scope="col" className="fig">
              <Label>◇ statics</Label>
            </th>
            <th scope="col" className="last">
              <Label>the worse</Label>
            </th>
          </tr>
        </thead>
        <tbody>
          {whole.map((row) => (
            <WholeRow key={row.code} row={row} onWorking={onWorking} />
          ))}
          {directions.map((row) => {
            const governs = governing(row);
            return (
              <tr key={row.key} data-direction={row.direction}>
                <th scope="row">
                  <Dir>{OPINION_WORDS[row.direction]}</Dir>
                  <How data-bad={row.verdict === 'short'}>{rowInWords(row)}</How>
                </th>
                <td className="bar">
                  <Bar {...row} />
                </td>
                <td className="fig" data-what="rule">
                  <RuleCell row={row} governs={governs === 'rule'} onWorking={onWorking} />
                </td>
                <td className="fig" data-what="◇ statics">
                  <StaticsCell row={row} governs={governs === 'statics'} onWorking={onWorking} />
                </td>
                <td className="last">
                  <VerdictMark verdict={row.verdict} />
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      <Button $kind="quiet" onPress={() => setAll(!all)} aria-expanded={all}>
        {all ? 'Only the tightest of each direction' : 'Every comparison of the rule'}
      </Button>
      <ButtonLink as={Link} $kind="quiet" href={rulesHref} prefetch={false}>
        The plan under every rule set
      </ButtonLink>
      {all ? <AllRows rows={assessment.rows} onWorking={onWorking} /> : null}
    </>
  );
});
