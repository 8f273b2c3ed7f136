'use client';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { MY_SIDE } from '@/core/knot/drawing/view';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { KnotFacts } from '@/server/knots';
import { ButtonLink } from '../kit/Button';
import { SourceMark } from '../kit/SourceMark';
import { Label, Small } from '../kit/text';
import { KnotPicture } from './KnotPicture';

const Page = styled.div`
  padding: 16px 24px 28px 20px;
  @media (max-width: 760px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: flex-end;
  margin-bottom: 12px;
  & > div {
    flex: 1;
  }
`;
const Scroll = styled.div`
  overflow-x: auto;
`;
const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  min-width: 640px;
  font-size: 15px;
  & th,
  & td {
    text-align: left;
    vertical-align: top;
    padding: 9px 14px 9px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & thead th {
    border-bottom: var(--w-strong) solid var(--ink);
    font: 680 19px/1.2 var(--font-figure);
  }
  & thead svg {
    display: block;
    width: 100%;
    max-width: 230px;
    height: 150px;
    margin-bottom: 6px;
  }
  & tbody th {
    width: 118px;
    font: 560 13px/1.35 var(--font-figure);
    font-stretch: 84%;
    color: var(--ink-2);
  }
  & td + td {
    border-left: var(--w-hair) solid var(--line);
    padding-left: 14px;
  }
  & thead th + th + th {
    padding-left: 14px;
  }
`;
const EASE = ['', 'takes practice', 'fair', 'easy'] as const;

const ROWS: readonly [string, (k: KnotFacts) => ReactNode][] = [
  ['What for', (k) => k.purpose],
  ['Not for', (k) => k.notFor],
  [
    'Strength left',
    (k) =>
      k.schools.length === 0 ? (
        <>no published value; counts {Math.round(k.counted * 100)} %</>
      ) : (
        k.schools.map((s) => (
          <div key={s.school}>
            <b>
              {s.least === s.most
                ? `${Math.round(s.least * 100)} %`
                : `${Math.round(s.least * 100)} to ${Math.round(s.most * 100)} %`}
            </b>{' '}
            <Small>{s.name}</Small> <SourceMark confidence={s.confidence} />
          </div>
        ))
      ),
  ],
  ['Tying', (k) => `${EASE[k.easy.tie]}; ${k.gloves ? 'goes with gloves' : 'hard with gloves'}`],
  ['Needs', (k) => k.needs],
  [
    'Untying',
    (k) => (
      <>
        {EASE[k.easy.untie]}. {k.unties}
      </>
    ),
  ],
  ['Jams', (k) => k.jams],
  ['Going slack', (k) => k.holds.slack],
  ['Wet', (k) => k.holds.wet],
  ['Stiff rope', (k) => k.holds.stiff],
  ['Slick rope', (k) => k.holds.slick],
  ['Slipped', (k) => k.slipped],
  ['Backup', (k) => k.backup],
  ['Least tail', (k) => (k.tailD > 0 ? `${k.tailD} rope diameters` : 'no tail')],
  ['Look for', (k) => k.checks.map((c) => turnedWords(c, MY_SIDE)).join(' ')],
];

/** Two to four knots as people compare them: what each is for, what it leaves, how it behaves, how it comes off. */
export function Comparison({ knots }: { knots: readonly KnotFacts[] }) {
  return (
    <Page>
      <Head>
        <div>
          <Label>
            <Link href="/knots">Knots</Link> / side by side
          </Label>
          <h1>{knots.map((k) => k.name).join(' or ')}</h1>
        </div>
        <ButtonLink
          as={Link}
          href={`/knots/${knots[0]!.id}/card?with=${knots
            .slice(1)
            .map((k) => k.id)
            .join(',')}`}
        >
          Pocket cards
        </ButtonLink>
      </Head>
      <Scroll tabIndex={0} role="region" aria-label="Comparison">
        <Table>
          <thead>
            <tr>
              <th scope="col">
                <Small>compared</Small>
              </th>
              {knots.map((k) => (
                <th key={k.id} scope="col">
                  <KnotPicture id={k.id} />
                  <Link href={`/knots/${k.id}`}>{k.name}</Link>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(([name, cell]) => (
              <tr key={name}>
                <th scope="row">{name}</th>
                {knots.map((k) => (
                  <td key={k.id}>{cell(k)}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </Scroll>
    </Page>
  );
}
