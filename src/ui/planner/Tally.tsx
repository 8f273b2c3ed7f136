'use client';
import { type CSSProperties, useState } from 'react';
import styled, { css } from 'styled-components';
import type { TallyRow } from '@/core/securement/verdict';
import { DIRECTION_WORDS, ROW_WORDS } from '@/wording/verdicts';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { type OpenWorking, WorkingFigure } from './LineCard';
import { wordRow, wordValue } from './words';

const Table = styled.table`width:100%;border-collapse:collapse;font-family:var(--font-figure);
  & th,& td{text-align:right;padding:0 8px 0 0;border-bottom:var(--w-hair) solid var(--line);height:44px;white-space:nowrap}
  & th:first-child,& td:first-child{text-align:left} & thead th,& thead td{height:26px;font-weight:400} & td:last-child,& th:last-child:not(:first-child){text-align:left;padding-left:8px;width:122px}
  @media (max-width:760px){& .bar{display:none} & th:first-child{white-space:normal;line-height:1.15} & td:last-child{width:auto} & td:nth-child(3) > span{display:none} & th,& td{padding-right:6px}}
`;
const Track = styled.div`position:relative;width:150px;height:22px`;
const Held = styled.i<{ $v: TallyRow['verdict'] }>`
  position:absolute;left:0;top:5px;height:11px;width:var(--held);border:2px solid ${({ $v }) => ($v === 'short' ? 'var(--signal)' : 'var(--ink)')};
  ${({ $v }) => $v === 'holds' && css`background:var(--plate);`} ${({ $v }) => $v === 'short' && css`background:var(--p-short);`} ${({ $v }) => $v === 'cannot-say' && css`border-style:dashed;`}
`;
const Needs = styled.i`position:absolute;left:var(--needs);top:0;bottom:0;border-left:2.5px solid var(--ink);&::before{content:"";position:absolute;left:-6px;top:0;border:5px solid transparent;border-top:6px solid var(--ink);border-bottom:0}`;

/** Full length of a bar in g: all directions share it, so that they can be compared. */
const FULL_G = 1.25;

/** Provided against required as a bar with a mark. Other units have a scale of their own, the larger filling 92 %. */
function Bar({ row }: { row: TallyRow }) {
  const [held, needs] = [row.provided.value ?? 0, row.required.value ?? 0];
  const full = row.unit === 'g' ? FULL_G : Math.max(held, needs, 1e-9) / 0.92;
  const style = { '--held': `${Math.min(100, Math.max(2, (held / full) * 100))}%`, '--needs': `${(needs / full) * 100}%` } as CSSProperties;
  return <Track style={style} aria-hidden><Held $v={row.verdict} /><Needs /></Track>;
}

/** Required against provided, per direction and rule. Every figure opens its working. */
export function Tally({ rows, onWorking }: { rows: readonly TallyRow[]; onWorking: OpenWorking }) {
  const { units } = useMember();
  const [all, setAll] = useState(false);
  const shown = all ? rows : folded(rows);
  return (
    <>
    <Table>
      <caption style={{ position: 'absolute', clipPath: 'inset(50%)' }}>Required against provided</caption>
      <thead><tr><th scope="col"><Label>Direction</Label></th><td className="bar" /><th scope="col"><Label>held</Label></th><th scope="col"><Label>needs</Label></th><th scope="col"><Label>verdict</Label></th></tr></thead>
      <tbody>
        {shown.map((row) => {
          const text = wordRow(row, units);
          const name = `${DIRECTION_WORDS[row.direction]}, ${ROW_WORDS[row.code] ?? row.code}`;
          return (
            <tr key={`${row.code}/${row.direction}`}>
              <th scope="row"><b style={{ fontWeight: 640, fontSize: 15 }}>{DIRECTION_WORDS[row.direction]}</b> <Small style={{ fontFamily: 'var(--font-figure)', fontWeight: 480 }}>{ROW_WORDS[row.code] ?? row.code}</Small></th>
              <td className="bar"><Bar row={row} /></td>
              <td><WorkingFigure working={row.provided} title={`${name}: held`} text={text.provided} onOpen={onWorking} size={16} />{row.beside ? <Hint title={row.beside.label} text={wordValue(row.beside.value, row.unit, units, 'capacity')} /> : null}</td>
              <td><WorkingFigure working={row.required} title={`${name}: needed`} text={text.required} onOpen={onWorking} size={14} rounding="demand" /></td>
              <td><VerdictMark verdict={row.verdict} /></td>
            </tr>
          );
        })}
      </tbody>
    </Table>
    {shown.length < rows.length || all ? <Button $kind="quiet" onPress={() => setAll(!all)}>{all ? 'Only the tightest tilting' : 'Tilting in every direction'}</Button> : null}
    </>
  );
}

/** Tilting that holds everywhere is one row, the tightest: what is short or unknown is always shown. */
function folded(rows: readonly TallyRow[]): readonly TallyRow[] {
  const tilting = rows.filter((r) => r.code === 'tilting');
  if (tilting.some((r) => r.verdict !== 'holds')) return rows.filter((r) => r.code !== 'tilting' || r.verdict !== 'holds');
  const tightest = tilting.toSorted((a, b) => (a.margin ?? 0) - (b.margin ?? 0))[0];
  return rows.filter((r) => r.code !== 'tilting' || r === tightest);
}

/** The older edition's figure, beside and never mixed in. */
const Hint = ({ title, text }: { title: string; text: string }) => <Small style={{ marginLeft: 8, fontSize: 12 }} title={title}>older {text}</Small>;
