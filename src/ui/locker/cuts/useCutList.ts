'use client';
import { useMemo, useState } from 'react';
import { bestJoin, type Join } from '@/core/cutting/joining';
import { cutLength, type EndKnotId } from '@/core/cutting/piece';
import { type CutJob, type Hank, pieceCm, ropeCm } from '@/core/cutting/problem';
import { bare } from '@/core/working/working';
import { useCuts } from '@/workers/useCuts';
import type { LockerItem } from '../useLockerList';

/** A line of what is wanted. */
export interface Wanted {
  readonly key: number;
  readonly count: number;
  readonly finishedM: number;
  readonly ends: readonly [EndKnotId, EndKnotId];
  readonly secures: boolean;
  readonly what: string;
}

/** Most pieces of one job; beyond it a list is a mistake. */
export const MOST_PIECES = 400;
/** A rest shorter than this is waste, unless told otherwise. */
const KEEP_M = 1;

const mayBeCut = (item: LockerItem): boolean =>
  item.standing.state === 'in-service' &&
  !item.document.neverCut &&
  item.standing.remainingM !== null &&
  item.standing.remainingM > 0;
const diameterOf = (item: LockerItem): number =>
  item.document.item.kind === 'rope' ? item.document.item.diameterM : 0;

/** One kind of cord for a start: the kind of the cheapest rope that may be cut. */
function firstChoice(ropes: readonly LockerItem[]): Set<string> {
  const price = (r: LockerItem): number => r.document.pricePerM ?? Infinity;
  const cheapest = ropes.filter(mayBeCut).toSorted((a, b) => price(a) - price(b))[0]?.document.item;
  if (cheapest?.kind !== 'rope') return new Set();
  const alike = (r: LockerItem): boolean => {
    const { item } = r.document;
    return (
      item.kind === 'rope' &&
      item.material === cheapest.material &&
      item.diameterM === cheapest.diameterM
    );
  };
  return new Set(ropes.filter((r) => mayBeCut(r) && alike(r)).map((r) => r.id));
}

/** State of the cut list: what is wanted, which ropes may be cut, and the plan for it. */
export function useCutList(ropes: readonly LockerItem[], first: readonly Wanted[]) {
  const [wanted, setWanted] = useState(first);
  const [chosen, setChosen] = useState(() => firstChoice(ropes));
  const [keepM, setKeep] = useState(KEEP_M);
  const { answer, searching, start, stop, forget } = useCuts();
  const hanks = useMemo(() => ropes.filter((r) => chosen.has(r.id)), [ropes, chosen]);
  const diameterM = Math.max(0, ...hanks.map(diameterOf));
  const lengths = useMemo(
    () =>
      wanted.map((w) => ({
        ...w,
        cutM: diameterM > 0 ? cutLength(bare, w, diameterM)! : w.finishedM,
      })),
    [wanted, diameterM],
  );
  const pieces = useMemo(
    () =>
      lengths.flatMap((w) =>
        Array.from({ length: w.count }, (_, i) => ({ id: `${w.key}.${i + 1}`, lengthM: w.cutM })),
      ),
    [lengths],
  );
  const joins = useMemo((): readonly { readonly key: number; readonly join: Join | null }[] => {
    const longest = Math.max(0, ...hanks.map((h) => ropeCm(h.standing.remainingM!)));
    const toJoin = hanks.flatMap((h) =>
      h.document.item.kind === 'rope'
        ? [
            {
              id: h.id,
              material: h.document.item.material,
              diameterM: h.document.item.diameterM,
              lengthM: h.standing.remainingM!,
            },
          ]
        : [],
    );
    return lengths
      .filter((w) => pieceCm(w.cutM) > longest)
      .map((w) => ({ key: w.key, join: bestJoin(toJoin, w.cutM) }));
  }, [hanks, lengths]);
  const changed =
    <A extends unknown[]>(work: (...args: A) => void) =>
    (...args: A): void => {
      forget();
      work(...args);
    };
  const job: CutJob = {
    hanks: hanks.map((h): Hank => ({
      id: h.id,
      lengthM: h.standing.remainingM!,
      pricePerM: h.document.pricePerM,
    })),
    pieces,
    keepM,
  };
  return {
    wanted,
    lengths,
    pieces,
    chosen,
    keepM,
    joins,
    answer,
    searching,
    stop,
    mayBeCut,
    diameterM,
    forget,
    tooMany: pieces.length > MOST_PIECES,
    find: () => start(job),
    set: changed((key: number, part: Partial<Wanted>) =>
      setWanted((list) => list.map((w) => (w.key === key ? { ...w, ...part } : w))),
    ),
    add: changed(() =>
      setWanted((list) => [
        ...list,
        {
          key: Math.max(0, ...list.map((w) => w.key)) + 1,
          count: 1,
          finishedM: 2,
          ends: ['none', 'none'],
          secures: false,
          what: '',
        },
      ]),
    ),
    remove: changed((key: number) => setWanted((list) => list.filter((w) => w.key !== key))),
    choose: changed((id: string, on: boolean) =>
      setChosen((set) => {
        const next = new Set(set);
        if (on) next.add(id);
        else next.delete(id);
        return next;
      }),
    ),
    setKeep: changed(setKeep),
  };
}
export type CutList = ReturnType<typeof useCutList>;
