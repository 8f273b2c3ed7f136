import {
  type Rigging,
  type RiggingBody,
  riggingForces,
  type RiggingRope,
} from '@/core/tackle/rigging';

export const LOAD: RiggingBody = { id: 'load', kind: 'load', at: 0 };

export const ANCHOR: RiggingBody = { id: 'anchor', kind: 'anchor', at: 10 };

export const travelling = (id: string, at: number): RiggingBody => ({ id, kind: 'travelling', at });

/** A rope as “hand L A | L”: what it passes, and where it ends. `L` load, `A` anchor, other letters travelling bodies. */
const NAMES: Record<string, string> = { L: 'load', A: 'anchor' };

export const rope = (text: string, e: number): RiggingRope => {
  const [from, ...rest] = text
    .split(' ')
    .filter((w) => w !== '|')
    .map((w) => NAMES[w] ?? w);
  return {
    from: from === 'hand' ? 'hand' : { body: from! },
    passes: rest.slice(0, -1).map((body) => ({ body, efficiency: e })),
    to: rest.at(-1)!,
  };
};

export const system =
  (more: readonly RiggingBody[], ropes: readonly string[], handAngleRad = 0) =>
  (e: number): Rigging => ({
    bodies: [LOAD, ANCHOR, ...more],
    ropes: ropes.map((t) => rope(t, e)),
    handAngleRad,
  });

export const [P, Q] = [travelling('P', 4), travelling('Q', 6)];

export const TABLE: readonly [string, number, (e: number) => Rigging, (e: number) => number][] = [
  ['1 to 1, straight', 1, system([], ['hand | L']), () => 1],
  ['1 to 1 over a redirect', 1, system([], ['hand A | L'], Math.PI), (e) => e],
  ['simple 2 to 1', 2, system([], ['hand L | A']), (e) => 1 + e],
  ['simple 2 to 1 over a redirect', 2, system([], ['hand A L | A'], Math.PI), (e) => e + e ** 2],
  ['simple 3 to 1', 3, system([], ['hand L A | L']), (e) => 1 + e + e ** 2],
  ['simple 4 to 1', 4, system([], ['hand L A L | A']), (e) => 1 + e + e ** 2 + e ** 3],
  ['simple 5 to 1', 5, system([], ['hand L A L A | L']), (e) => 1 + e + e ** 2 + e ** 3 + e ** 4],
  ['compound 4 to 1: 2 on 2', 4, system([P], ['hand P | A', 'P L | A']), (e) => (1 + e) ** 2],
  [
    'compound 6 to 1: 2 on 3',
    6,
    system([P], ['hand P | A', 'P L A | L']),
    (e) => (1 + e) * (1 + e + e ** 2),
  ],
  [
    'compound 6 to 1: 3 on 2',
    6,
    system([P], ['hand P A | P', 'P L | A']),
    (e) => (1 + e + e ** 2) * (1 + e),
  ],
  [
    'compound 9 to 1: 3 on 3',
    9,
    system([P], ['hand P A | P', 'P L A | L']),
    (e) => (1 + e + e ** 2) ** 2,
  ],
  [
    'compound 8 to 1: 2 on 2 on 2',
    8,
    system([P, Q], ['hand Q | A', 'Q P | A', 'P L | A']),
    (e) => (1 + e) ** 3,
  ],
  [
    'complex 5 to 1',
    5,
    system([P], ['hand L P | L', 'P A | L']),
    (e) => 1 + e + 2 * e ** 2 + e ** 3,
  ],
  [
    'complex 7 to 1',
    7,
    system([P], ['hand L P L | P', 'P A | L']),
    (e) => 1 + e + 2 * e ** 2 + 2 * e ** 3 + e ** 4,
  ],
  [
    'Spanish burton, single',
    3,
    system([P], ['hand P | L', 'P A | L'], Math.PI),
    (e) => 2 * e + e ** 2,
  ],
];

export const EFFICIENCIES = [1, 0.95, 0.9, 0.6, 0.5];

export const forces = (r: Rigging, state: 'hauling' | 'holding' = 'hauling') => {
  const f = riggingForces(r, state);
  if (!f.ok) throw new Error(f.issues[0]!.code);
  return f.value;
};
