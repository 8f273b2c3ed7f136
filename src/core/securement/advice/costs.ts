import type { Assessment } from '../assess';
import type { ChangeCode } from '../codes';
import { type kindOf } from '../../line/elements';

/** What a change costs. */
export interface Cost {
  /** More rope than now, m; less counts as none. */
  readonly ropeM: number;
  /** The longest new piece of rope that is needed at once, m; 0: no new rope. */
  readonly pieceM: number;
  /** Minutes of one person, roughly. */
  readonly minutes: number;
  /** Things that are not there yet. */
  readonly things: readonly { readonly what: Thing; readonly count: number }[];
}

/** What may have to be fetched. */
export const THINGS = ['mat', 'edge-protector', 'webbing', 'ratchet', 'pulley'] as const;
export type Thing = (typeof THINGS)[number];

/** Minutes it takes one person, each time it has to be done. Common practice, no source. */
const MINUTES: Record<ChangeCode, number> = {
  'put-mat': 15,
  'pull-harder': 1,
  'second-loop': 3,
  'put-tackle': 6,
  'use-instead': 3,
  'enter-rating': 1,
  'protect-edge': 2,
  'use-webbing': 5,
  'add-lines': 6,
};

/** How often it has to be done: once a line that is not as it was, or once. */
function times(code: ChangeCode, before: Assessment, after: Assessment): number {
  if (code === 'put-mat' || code === 'enter-rating') return 1;
  const was = new Map(before.lines.map((f) => [f.line.id, JSON.stringify(f.line.elements)]));
  const other = after.lines.filter((f) => was.get(f.line.id) !== JSON.stringify(f.line.elements));
  return Math.max(1, other.length);
}

const count = (a: Assessment, is: (e: Parameters<typeof kindOf>[0]) => boolean): number =>
  a.lines.reduce((sum, f) => sum + f.line.elements.filter(is).length, 0);

/** Things of the lines that are more than there were; a mat is one for the load. */
function things(code: ChangeCode, before: Assessment, after: Assessment): Cost['things'] {
  const more = (is: (e: Parameters<typeof kindOf>[0]) => boolean): number =>
    Math.max(0, count(after, is) - count(before, is));
  const turns = (a: Assessment): number =>
    a.lines.reduce(
      (sum, f) =>
        sum +
        f.line.elements.reduce(
          (n, e) =>
            e.kind === 'tackle' ? n + e.ropes.reduce((k, r) => k + r.passes.length, 0) : n,
          0,
        ),
      0,
    );
  const all: Record<Thing, number> = {
    mat: code === 'put-mat' ? 1 : 0,
    'edge-protector': more((e) => e.kind === 'edge' && e.shape === 'protected'),
    webbing: more((e) => e.kind === 'webbing'),
    ratchet: more((e) => e.kind === 'ratchet'),
    pulley: Math.max(0, turns(after) - turns(before)),
  };
  return THINGS.flatMap((what) => (all[what] > 0 ? [{ what, count: all[what] }] : []));
}

/** Rope that lines of rope take, by line; null where nobody knows. */
const ropes = (a: Assessment): Map<string, number> =>
  new Map(
    a.lines.flatMap((f) =>
      f.line.elements.some((e) => e.kind === 'rope') && f.rope.value !== null
        ? [[f.line.id, f.rope.value] as const]
        : [],
    ),
  );

/** What it costs to make one plan of another, as far as their lines tell. */
export function costOf(code: ChangeCode, before: Assessment, after: Assessment): Cost {
  const [was, is] = [ropes(before), ropes(after)];
  const more = [...is].map(([id, m]) => ({ id, m, moreM: m - (was.get(id) ?? 0) }));
  return {
    ropeM: more.reduce((sum, x) => sum + Math.max(0, x.moreM), 0),
    // Of a line that was there the whole rope has to be longer.
    pieceM: Math.max(0, ...more.filter((x) => x.moreM > 1e-9).map((x) => x.m)),
    minutes: MINUTES[code] * times(code, before, after),
    things: things(code, before, after),
  };
}
