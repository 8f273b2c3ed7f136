'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import { RULE_SET_TITLES, type RuleSetId } from '@/core/securement/rule-set-ids';
import type { Verdict } from '@/core/securement/verdict';
import { formatNumber, formatQuantity } from '@/core/units';
import { wordChange } from '@/wording/changes';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { ErrorText, Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import type { AnswerOf } from '../routes';
import { Clause, Head, Name, Page, Spare, Table } from './RulesCompared.styles';

/** What one rule set says of the plan, as the page is served. */
export interface SetLine {
  readonly ruleSet: RuleSetId;
  readonly verdict: Verdict;
  /** What decides, in a sentence. */
  readonly words: string;
  readonly clause: string;
  /** What the deciding comparison has to spare, as a part of what is required. */
  readonly margin: number | null;
}

type Compared = AnswerOf<'POST /compare'>['sets'][number];

/** What would help takes a hundred judgements a set: it comes after the page. */
function useChanges(plan: Plan) {
  const [sets, setSets] = useState<readonly Compared[] | null>(null);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void call('POST /compare', { body: plan }).then((answer) => {
      if (gone) return;
      if (answer.ok) setSets(answer.value.sets);
      else setError(messageOf(answer.problem));
    });
    return () => {
      gone = true;
    };
  }, [plan]);
  return { sets, error };
}

/** What there is to spare or is missing, in percent of what is required. */
function percent(margin: number | null): string {
  if (margin === null) return '';
  const value = `${formatNumber(Math.abs(margin) * 100, 'nearest', 2)} %`;
  return margin < 0 ? `${value} too little` : `${value} to spare`;
}

function Help({ change }: { change: Compared['change'] }) {
  const { units } = useMember();
  if (!change) return <Small>No single change that was tried.</Small>;
  return (
    <>
      <b>{wordChange(change as Parameters<typeof wordChange>[0], units)}</b>
      <div>
        <VerdictMark verdict={change.verdict} />
      </div>
    </>
  );
}

/** How many lines like those of the plan are enough, or how hard they must be pulled. */
function Enough({ needed }: { needed: Compared['needed'] }) {
  const { units } = useMember();
  if (!needed) return <Small>No line over the load to count with.</Small>;
  return (
    <>
      {needed.lines === null
        ? 'More lines like these are not enough'
        : needed.lines === 0
          ? 'No line over it is needed'
          : `${needed.lines} ${needed.lines === 1 ? 'line' : 'lines'} like these`}
      <Clause>
        {needed.keptN === null
          ? 'no pull they may carry is enough'
          : needed.keptN === 0
            ? 'slack ones are enough'
            : `or ${formatQuantity(needed.keptN, 'force', units, 'demand')} kept in each`}
      </Clause>
    </>
  );
}

function Row({
  line,
  isPlan,
  compared,
  isBusy,
}: {
  line: SetLine;
  isPlan: boolean;
  compared: Compared | undefined;
  isBusy: boolean;
}) {
  const { name, edition } = RULE_SET_TITLES[line.ruleSet];
  return (
    <tr data-set={line.ruleSet} data-verdict={line.verdict} aria-current={isPlan || undefined}>
      <th scope="row">
        {name}
        <Clause>{isPlan ? `${edition}; the plan is made for it` : edition}</Clause>
      </th>
      <td>
        <VerdictMark verdict={line.verdict} />
        <Spare>{percent(line.margin)}</Spare>
      </td>
      <td>
        {line.words}
        {line.clause ? <Clause>{line.clause}</Clause> : null}
      </td>
      <td aria-busy={isBusy}>
        {compared ? (
          <Enough needed={compared.needed} />
        ) : (
          <Small>{isBusy ? 'Counting…' : ''}</Small>
        )}
      </td>
      <td aria-busy={isBusy}>
        {line.verdict === 'holds' ? (
          <Small>Nothing is asked.</Small>
        ) : compared ? (
          <Help change={compared.change} />
        ) : (
          <Small>{isBusy ? 'Trying changes…' : ''}</Small>
        )}
      </td>
    </tr>
  );
}

/** One plan under every rule set: the word, what decides it, and what would have to change. */
export function RulesCompared({
  id,
  plan,
  sets,
}: {
  id: string;
  plan: Plan;
  sets: readonly SetLine[];
}) {
  const { sets: compared, error } = useChanges(plan);
  return (
    <Page>
      <Head>
        <Label>
          <Link href="/loads">Loads</Link> / <Link href={`/loads/${id}`}>{plan.title}</Link>
        </Label>
        <h1>Every rule set</h1>
        <Name>
          The plan as it is kept, judged under each. All figures of rules are from memory: the rule
          itself comes first.
        </Name>
      </Head>
      {error ? (
        <ErrorText role="alert">What would help could not be found out. {error}</ErrorText>
      ) : null}
      <Table>
        <thead>
          <tr>
            <th scope="col">Rule set</th>
            <th scope="col">Verdict</th>
            <th scope="col">What decides</th>
            <th scope="col">What is enough</th>
            <th scope="col">What would help most</th>
          </tr>
        </thead>
        <tbody>
          {sets.map((line) => (
            <Row
              key={line.ruleSet}
              line={line}
              isPlan={line.ruleSet === plan.ruleSet}
              compared={compared?.find((c) => c.ruleSet === line.ruleSet)}
              isBusy={compared === null && error === null}
            />
          ))}
        </tbody>
      </Table>
    </Page>
  );
}
