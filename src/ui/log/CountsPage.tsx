'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useMemo } from 'react';
import styled from 'styled-components';
import { ENTRY_NAMES } from '@/core/knot/entry-names';
import type { Answered } from '@/server/api/endpoint';
import type { LOG_API } from '@/server/api/log-endpoints';
import { CAUSE_WORDS, wordLock, wordMaterial } from '@/wording/log';
import { Cluster } from '../kit/layout';
import { Label, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { Bars } from './Bars';

export type Counts = Answered<typeof LOG_API.logCounts>;

const Page = styled.div`
  max-width: 1080px;
  padding: 16px 24px 28px;
  display: grid;
  gap: 26px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Part = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 6px 24px;
  padding-top: 12px;
  border-top: var(--w-strong) solid var(--ink);
  & > header {
    grid-column: 1 / -1;
  }
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Table = styled.table`
  border-collapse: collapse;
  align-self: start;
  font-size: 14px;
  line-height: 1.3;
  width: 100%;
  & th,
  & td {
    text-align: left;
    vertical-align: top;
    padding: 5px 8px 5px 0;
    border-bottom: var(--w-hair) solid var(--line);
    font-weight: 500;
  }
  & td:not(:first-child),
  & thead th:not(:first-child) {
    text-align: right;
    font-family: var(--font-figure);
    font-variant-numeric: tabular-nums;
  }
`;

function Question({
  title,
  says,
  empty,
  children,
}: {
  title: string;
  says: string;
  empty: boolean;
  children: ReactNode;
}) {
  return (
    <Part aria-label={title}>
      <header>
        <h2>{title}</h2>
        <Small $block>{says}</Small>
      </header>
      {empty ? <p>Nothing of it is in the log of these days.</p> : children}
    </Part>
  );
}

const percent = (part: number, whole: number): string => `${Math.round((part / whole) * 100)} %`;
const LOOSE_NAMES = ['slack or hauled again', 'tight or damaged'];
const FAILED_NAMES = ['incidents', 'near misses'];

function Loosest({ loosest }: Pick<Counts, 'loosest'>) {
  const bars = useMemo(
    () =>
      loosest.map((l) => ({ name: `${l.plan}: ${l.line}`, parts: [l.loose, l.looked - l.loose] })),
    [loosest],
  );
  return (
    <Question
      title="Which lines come loose?"
      says="Times a line was found slack at a check or hauled again, of all times it was looked at or hauled."
      empty={loosest.length === 0}
    >
      <Bars label="How often lines came loose" bars={bars} names={LOOSE_NAMES} />
      <Table>
        <thead>
          <tr>
            <th>Line</th>
            <th>Loose</th>
            <th>Looked at</th>
          </tr>
        </thead>
        <tbody>
          {loosest.map((l) => (
            <tr key={`${l.planId} ${l.lineId}`}>
              <td>
                <Link href={`/log?plan=${l.planId}`}>{l.plan}</Link>: {l.line}
                <br />
                <Small>
                  {wordMaterial(l.material)}; {wordLock(l.lock)}
                </Small>
              </td>
              <td>{l.loose}</td>
              <td>{l.looked}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Question>
  );
}

function Found({ found }: Pick<Counts, 'found'>) {
  const bars = useMemo(
    () =>
      found.map((f) => ({
        name: `${wordMaterial(f.material)}; ${wordLock(f.lock)}`,
        parts: [f.loose, f.looked - f.loose],
      })),
    [found],
  );
  return (
    <Question
      title="What goes slack, by material and lock?"
      says="What checks found on lines of each make. Few looks say little."
      empty={found.length === 0}
    >
      <Bars label="How often lines of each make came loose" bars={bars} names={LOOSE_NAMES} />
      <Table>
        <thead>
          <tr>
            <th>Make</th>
            <th>Loose</th>
            <th>Damaged</th>
            <th>Looked at</th>
          </tr>
        </thead>
        <tbody>
          {found.map((f) => (
            <tr key={`${f.material} ${f.lock}`}>
              <td>
                {wordMaterial(f.material)}; {wordLock(f.lock)}
              </td>
              <td>{percent(f.loose, f.looked)}</td>
              <td>{f.damaged}</td>
              <td>{f.looked}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Question>
  );
}

const knotName = (knot: string | null): string =>
  knot === null ? 'no knot' : (ENTRY_NAMES[knot as keyof typeof ENTRY_NAMES] ?? knot);

function Failed({ failed }: Pick<Counts, 'failed'>) {
  const bars = useMemo(() => {
    const byKnot = new Map<string, [number, number]>();
    for (const f of failed) {
      const [incidents, near] = byKnot.get(knotName(f.knot)) ?? [0, 0];
      byKnot.set(knotName(f.knot), [incidents + f.incidents, near + f.times - f.incidents]);
    }
    return [...byKnot]
      .map(([name, parts]) => ({ name, parts }))
      .toSorted((a, b) => b.parts[0] + b.parts[1] - a.parts[0] - a.parts[1]);
  }, [failed]);
  return (
    <Question
      title="What fails, and why?"
      says="Incidents and near misses by knot, with the mistake behind them."
      empty={failed.length === 0}
    >
      <Bars label="Incidents and near misses by knot" bars={bars} names={FAILED_NAMES} />
      <Table>
        <thead>
          <tr>
            <th>Cause</th>
            <th>Times</th>
          </tr>
        </thead>
        <tbody>
          {failed.map((f) => (
            <tr key={`${f.knot} ${f.cause}`}>
              <td>
                {CAUSE_WORDS[f.cause]}
                <br />
                <Small>
                  {f.knot === null ? (
                    knotName(null)
                  ) : (
                    <Link href={`/log?knot=${f.knot}`}>{knotName(f.knot)}</Link>
                  )}
                </Small>
              </td>
              <td>{f.times}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Question>
  );
}

/** What the log comes to: questions that a season answers. */
export function CountsPage({ counts }: { counts: Counts }) {
  const router = useRouter();
  const { from, to } = counts;
  const between = (first: string, last: string): void => {
    if (first && last && first <= last) router.replace(`/log/counts?from=${first}&to=${last}`);
  };
  return (
    <Page>
      <div>
        <Label>
          <Link href="/log">Log</Link>
        </Label>
        <h1>What it comes to</h1>
        <Cluster $top={8}>
          <TextField label="From" type="date" value={from} onChange={(day) => between(day, to)} />
          <TextField label="To" type="date" value={to} onChange={(day) => between(from, day)} />
        </Cluster>
      </div>
      <Loosest loosest={counts.loosest} />
      <Found found={counts.found} />
      <Failed failed={counts.failed} />
    </Page>
  );
}
