'use client';
import styled from 'styled-components';
import { knot } from '@/core/knot/knots';
import { formatCount, formatNumber, formatQuantity } from '@/core/units';
import { JOIN_WORDS } from '@/wording/gear';
import { RopeStrip } from '../../diagrams/RopeLength';
import { useMember } from '../../frame/MemberContext';
import { Button } from '../../kit/Button';
import { Tag } from '../../kit/Tag';
import { ErrorText, Figure, Label, Small } from '../../kit/text';
import type { LockerItem } from '../useLockerList';
import type { CutList } from './useCutList';
import { Cluster, Spaced } from '../../kit/layout';

/** As tall with the button as without it: nothing below jumps. */
const Progress = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  min-height: 44px;
`;

const Hank = styled.li`
  padding: 12px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Strip = styled.div`
  position: relative;
  height: 26px;
  margin: 8px 0 4px;
  display: flex;
`;
const Part = styled.span`
  position: relative;
  min-width: 2px;
  height: 26px;
  border-right: 3px solid var(--canvas);
  & > i {
    position: absolute;
    inset: 5px 0;
  }
  width: var(--share);
`;
const Over = styled.b<{ $wide: boolean }>`
  ${({ $wide }) => $wide && '@media (max-width:760px){display:none}'}position:absolute;
  left: 50%;
  top: 50%;
  transform: translate(-50%, -50%);
  background: var(--sheet);
  border: 1px solid var(--ink);
  padding: 0 4px;
  font: 680 12px/1.3 var(--font-figure);
  white-space: nowrap;
`;
const Rest = styled.span<{ $scrap: boolean }>`
  flex: 1;
  min-width: 2px;
  height: 26px;
  & > i {
    display: block;
    height: 16px;
    margin: 5px 0;
    border: 1.5px ${({ $scrap }) => ($scrap ? 'solid var(--signal)' : 'dashed var(--edge)')};
    background: ${({ $scrap }) => ($scrap ? 'var(--p-short)' : 'none')};
  }
`;
const Sum = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 26px;
  padding: 12px 0;
  border-bottom: var(--w-rule) solid var(--ink);
  & > span {
    display: inline-flex;
    flex-direction: column;
  }
`;

/** A label fits on a part that is long enough to be read on. */
const LABEL_PART = 0.05;
/** On a phone only the long ones. */
const PHONE_LABEL_PART = 0.16;

function HankView({
  cut,
  list,
  ropes,
}: {
  cut: NonNullable<CutList['answer']>['plan']['cuts'][number];
  list: CutList;
  ropes: readonly LockerItem[];
}) {
  const { units } = useMember();
  const item = ropes.find((r) => r.id === cut.hankId)!;
  const length = (m: number): string => formatQuantity(m, 'length', units);
  const whatOf = (id: string): string =>
    list.wanted.find((w) => w.key === Number(id.split('.')[0]))?.what ?? '';
  return (
    <Hank>
      <Cluster>
        <Tag>{item.document.code}</Tag>
        <span>{length(cut.lengthM)} there</span>
        <Small>{item.standing.place}</Small>
      </Cluster>
      <Strip aria-hidden>
        {cut.pieces.map((p) => (
          <Part key={p.pieceId} style={{ '--share': `${(100 * p.lengthM) / cut.lengthM}%` }}>
            <RopeStrip as="i" />
            {p.lengthM / cut.lengthM > LABEL_PART ? (
              <Over $wide={p.lengthM / cut.lengthM <= PHONE_LABEL_PART}>{length(p.lengthM)}</Over>
            ) : null}
          </Part>
        ))}
        {cut.restM > 0 ? (
          <Rest $scrap={cut.restIsScrap}>
            <i />
          </Rest>
        ) : null}
      </Strip>
      <Small>
        {grouped(
          cut.pieces.map(
            (p) => `${length(p.lengthM)}${whatOf(p.pieceId) ? ` ${whatOf(p.pieceId)}` : ''}`,
          ),
        )}
        ;{' '}
        {cut.restM > 0.005
          ? `${length(cut.restM)} ${cut.restIsScrap ? 'waste' : 'kept'}`
          : 'nothing over'}
      </Small>
    </Hank>
  );
}

/** "3 × 2.14 m, 10.7 m": equal texts together, in order. */
function grouped(texts: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const t of texts) counts.set(t, (counts.get(t) ?? 0) + 1);
  return [...counts].map(([t, n]) => (n > 1 ? `${n} × ${t}` : t)).join(', ');
}

/** Two ropes for a piece that none is long enough for. */
export function Joins({ list, ropes }: { list: CutList; ropes: readonly LockerItem[] }) {
  const { units } = useMember();
  const code = (id: string): string => ropes.find((r) => r.id === id)?.document.code ?? '';
  return (
    <>
      {list.joins.map(({ key, join }) => {
        const piece = list.lengths.find((w) => w.key === key)!;
        const what = `${formatQuantity(piece.cutM, 'length', units, 'demand')}${piece.what ? ` (${piece.what})` : ''}`;
        return (
          <Spaced key={key} data-join={join ? join.bend : 'none'} as="p" $top={8} $bottom={8}>
            {join ? (
              <>
                No rope you chose is {what} long. Join {code(join.ropes[0].id)} and{' '}
                {code(join.ropes[1].id)} with a {knot(join.bend).name}: {JOIN_WORDS[join.because]}
                {join.bightIn === null ? '' : `, ${code(join.ropes[join.bightIn].id)}`}. It comes
                out {formatQuantity(join.joinedM, 'length', units, 'capacity')} long.
              </>
            ) : (
              <>No rope you chose is {what} long, and no two of them joined are.</>
            )}
          </Spaced>
        );
      })}
    </>
  );
}

/** The plan found so far: progress while it is searched, then hank by hank what to cut, what is left, what is waste. */
export function CutPlanView({ list, ropes }: { list: CutList; ropes: readonly LockerItem[] }) {
  const { units } = useMember();
  const { answer, searching } = list;
  if (!answer) return searching ? <p role="status">Searching…</p> : null;
  const { plan } = answer;
  const length = (m: number): string => formatQuantity(m, 'length', units);
  return (
    <section aria-label="Cutting plan" data-proven={answer.proven} data-done={answer.done}>
      <Progress role="status">
        {searching ? (
          <>
            Searching, {formatCount(answer.tried)} ways tried. The best so far stands below.{' '}
            <Button onPress={list.stop}>Stop, take this</Button>
          </>
        ) : answer.proven ? (
          'No plan takes less rope: gone through to the end.'
        ) : (
          `Stopped after ${formatCount(answer.tried)} ways. A better plan could take at most ${formatNumber(100 * answer.gapPart, 'demand', 2)} % less.`
        )}
      </Progress>
      <Sum>
        <span>
          <Label>Waste</Label>
          <Figure $size={20} data-waste>
            {length(plan.scrapM)}
          </Figure>
        </span>
        <span>
          <Label>In pieces</Label>
          <Figure $size={20}>{length(plan.usedM)}</Figure>
        </span>
        <span>
          <Label>Ropes cut</Label>
          <Figure $size={20}>{plan.cuts.length}</Figure>
        </span>
        <span>
          <Label>Pieces cut</Label>
          <Figure $size={20}>
            {list.pieces.length - plan.missing.length} of {list.pieces.length}
          </Figure>
        </span>
      </Sum>
      {plan.missing.length > 0 ? (
        <ErrorText>
          {plan.missing.length === 1 ? 'One piece does' : `${plan.missing.length} pieces do`} not
          come out of these ropes. Choose more rope.
        </ErrorText>
      ) : null}
      <ul aria-label="Ropes to cut">
        {plan.cuts.map((c) => (
          <HankView key={c.hankId} cut={c} list={list} ropes={ropes} />
        ))}
      </ul>
    </section>
  );
}
