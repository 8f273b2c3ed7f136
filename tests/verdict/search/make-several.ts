import { num, round } from './make-cargo';
import { lug, makeOf, middleOf, onDeck, type RawElement } from './make-plan';
import type { Random } from './random';

/** A plan document of version 2 with several units, as somebody might write it; now and then malformed. */
export type RawSeveral = Record<string, unknown> & {
  units: RawUnit[];
  deck: Record<string, unknown> & { anchors: Record<string, unknown>[] };
  lines: RawSeveralLine[];
  ruleSet: string;
};
export type RawUnit = Record<string, unknown> & { id: string };
export type RawSeveralLine = Record<string, unknown> & {
  id: string;
  kind: string;
  units: string[];
  elements: RawElement[];
};

const MOST_ACROSS_M = 1.9;

function unitOf(r: Random, id: string, more: Record<string, unknown>): RawUnit {
  const heightM = round(r.between(0.3, 1.1));
  return {
    id,
    name: id,
    massKg: r.chance(0.015) ? null : round(r.ratio(60, 900), 1),
    lengthM: round(r.between(0.6, 1.6)),
    widthM: round(r.between(0.7, MOST_ACROSS_M)),
    heightM,
    cgHeightM: r.chance(0.03) ? null : round(heightM * r.between(0.3, 0.55)),
    cgForwardM: 0,
    cgLeftM: 0,
    ...(r.chance(0.1) ? { cgForwardWithinM: 0.05, cgLeftWithinM: r.pick([0, 0.05]) } : {}),
    ...(r.chance(0.05) ? { cgHeightWithinM: 0.05 } : {}),
    friction: r.chance(0.03)
      ? { known: 'no' }
      : { known: 'entered', mu: round(r.between(0.3, 0.75), 2) },
    ...(r.chance(0.03) ? { edges: r.pick(['sharp', 'rounded', 'protected']) } : {}),
    ...(r.chance(0.02) ? { maxLineForceN: r.pick([0, 800, 5000]) } : {}),
    fullyContained: r.chance(0.05),
    ...more,
  };
}

const diameterOf = (r: Random): number => round(r.between(0.5, 1));

/** What may stand in one place along the deck: one thing, a stack, a pair side by side, something turned or round. */
function groupOf(r: Random, n: number, fromFrontM: number): { units: RawUnit[]; tops: string[] } {
  const [a, b] = [`u${n}a`, `u${n}b`];
  const at = { fromFrontM, fromCentreM: r.chance(0.8) ? 0 : round(r.between(-0.2, 0.2)) };
  switch (r.int(0, 6)) {
    case 0: {
      const lower = unitOf(r, a, at);
      const [l, w] = [num(lower['lengthM']), num(lower['widthM'])];
      const size = { lengthM: round(l * r.between(0.6, 1)), widthM: round(w * r.between(0.6, 1)) };
      const upper = unitOf(r, b, {
        ...size,
        fromFrontM: round(fromFrontM + (l - size.lengthM) / 2 + (r.chance(0.1) ? 0.3 : 0)),
        fromCentreM: at.fromCentreM,
        on: { kind: 'unit', unitId: a },
      });
      return { units: [lower, upper], tops: [b] };
    }
    case 1: {
      const widthM = round(r.between(0.6, 0.95));
      const lengthM = round(r.between(0.8, 1.6));
      const heightM = round(r.between(0.4, 1));
      const like = { lengthM, widthM, fromFrontM };
      return {
        units: [
          unitOf(r, a, { ...like, fromCentreM: round(widthM / 2, 4) }),
          unitOf(r, b, {
            ...like,
            ...(r.chance(0.5) ? { heightM, cgHeightM: round(heightM / 2) } : {}),
            fromCentreM: round(-widthM / 2, 4),
          }),
        ],
        tops: [a, b],
      };
    }
    case 2: {
      const turned = unitOf(r, a, {
        ...at,
        turnRad: round(r.pick([Math.PI / 2, 0.3, -0.5, Math.PI / 4]), 6),
      });
      return { units: [{ ...turned, lengthM: 1, widthM: round(r.between(0.7, 1.1)) }], tops: [a] };
    }
    case 3: {
      const d = diameterOf(r);
      return {
        units: [
          unitOf(r, a, { ...at, shape: { kind: 'cylinder-upright' }, lengthM: d, widthM: d }),
        ],
        tops: [a],
      };
    }
    case 4: {
      const d = diameterOf(r);
      const chocks = r.chance(0.85)
        ? { heightM: round(d * r.between(0.1, 0.3)), capacityN: r.chance(0.9) ? 30_000 : null }
        : null;
      return {
        units: [
          unitOf(r, a, {
            ...at,
            shape: { kind: 'cylinder-lying', axis: 'length', chocks },
            widthM: d,
            heightM: d,
            cgHeightM: round(d / 2),
          }),
        ],
        tops: [a],
      };
    }
    default:
      return { units: [unitOf(r, a, at)], tops: [a] };
  }
}

function malform(r: Random, plan: RawSeveral): void {
  const unit = r.pick(plan.units);
  const line = plan.lines.length > 0 ? r.pick(plan.lines) : null;
  switch (r.int(0, 6)) {
    case 0:
      unit['fromFrontM'] = num(plan.units[0]!['fromFrontM']) + 0.2;
      return;
    case 1:
      unit['fromCentreM'] = 1.4;
      return;
    case 2:
      if (line) line.units = line.units.slice(1);
      return;
    case 3:
      if (line) line.units = plan.units.map((u) => u.id);
      return;
    case 4:
      if (line) line.elements = line.elements.filter((_, i) => i !== r.int(0, 5));
      return;
    case 5:
      if (line) line['enteredPretensionN'] = r.pick([0, 500, 9000]);
      return;
    default:
      unit['against'] = ['forward'];
  }
}

/** One random plan with several units under one of some rule sets. */
export function makeSeveral(r: Random, ruleSets: readonly string[]): RawSeveral {
  const ruleSet = r.pick(ruleSets);
  const make = makeOf(r, ruleSet);
  const widthM = 2.4;
  const anchors: Record<string, unknown>[] = [];
  const units: RawUnit[] = [];
  const lines: RawSeveralLine[] = [];
  const ring = (id: string, fromFrontM: number, fromCentreM: number): string => {
    anchors.push({
      id,
      name: id,
      fromFrontM: round(fromFrontM),
      fromCentreM,
      rating: r.chance(0.99) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' },
      barDiameterM: 0.016,
      ...(r.chance(0.05) ? { on: 'post', heightM: 0.2 } : {}),
    });
    return id;
  };
  let front = round(r.between(0, 0.4));
  for (let n = 0, groups = r.pick([1, 1, 2, 2, 3]); n < groups; n++) {
    const group = groupOf(r, n, front);
    units.push(...group.units);
    const long = Math.max(...group.units.map((u) => (u['turnRad'] ? 1.5 : num(u['lengthM']))));
    const overs = r.pick(ruleSet === 'us-cmv' ? [1, 2, 2] : [1, 2, 2, 3]);
    for (let i = 0; i < overs; i++) {
      const x = front + (long * (i + 1)) / (overs + 1);
      const ends = [
        ring(`L${n}${i}`, x, 1.15),
        ring(`R${n}${i}`, r.chance(0.93) ? x : x + 0.2, -1.15),
      ];
      lines.push({
        id: `o${n}${i}`,
        name: `o${n}${i}`,
        kind: 'over',
        units: group.tops,
        settling: r.pick([0, 0, 0.2]),
        elements: [onDeck('a', ends[0]!), ...middleOf(r, make, ruleSet), onDeck('b', ends[1]!)],
      });
    }
    // A turned or round thing stands clear of its neighbours; boxes may touch.
    front = round(front + long + (r.chance(0.4) && !group.units[0]!['turnRad'] ? 0 : 0.15), 4);
  }
  if (lines.length > 1 && r.chance(0.2)) lead(r, lines);
  if (units.length > 1 && r.chance(0.15)) lines.push(between(r, units, make, ruleSet));
  const plan: RawSeveral = {
    format: 'vast-cleat/plan',
    version: 2,
    title: 'random',
    ruleSet,
    units,
    deck: {
      name: 'deck',
      lengthM: 8,
      widthM,
      anchors,
      boards: {
        forward: r.chance(0.3) ? { capacityN: 20_000, heightM: 0.8 } : {},
        rearward: {},
        left: {},
        right: {},
      },
    },
    lines,
  };
  if (r.chance(0.1)) malform(r, plan);
  return plan;
}

/** Two over-lines as one rope: over, round a hook, back over, and so on; its hauling system stays where it was. */
function lead(r: Random, lines: RawSeveralLine[]): void {
  const second = lines[1]!;
  const first = lines[0]!;
  if (first.units.join() !== second.units.join()) return;
  const hook = (id: string, end: RawElement | undefined): RawElement => ({
    id,
    kind: 'hook',
    anchorId: (end?.['at'] as { anchorId: string } | undefined)?.anchorId ?? 'gone',
    efficiency: r.pick([0.55, 0.7]),
    locked: r.chance(0.2),
  });
  const ends = second.elements.filter((e) => e.kind === 'anchor');
  const own = first.elements.filter((e) => e.kind === 'anchor');
  const run = first.elements.findIndex((e) => e.kind === 'webbing' || e.kind === 'rope');
  if (run < 0 || ends.length < 2 || own.length < 2) return;
  // From its own left ring over to the right one, back to the other left one, over to the other right one.
  first.elements = [
    ...first.elements.slice(0, run + 1),
    hook('h1', own[1]),
    hook('h2', ends[0]),
    ...first.elements.slice(run + 1, -1),
    { ...ends[1]!, id: 'b' },
  ];
  lines.splice(1, 1);
}

/** A line from the first unit to the last: it holds neither to the deck. */
function between(
  r: Random,
  units: readonly RawUnit[],
  make: ReturnType<typeof makeOf>,
  ruleSet: string,
): RawSeveralLine {
  const [a, b] = [units[0]!, units.at(-1)!];
  const at = (u: RawUnit, rear: boolean) => ({
    unitId: u.id,
    fromFrontM: round(num(u['fromFrontM']) + (rear ? num(u['lengthM']) : 0)),
    fromCentreM: num(u['fromCentreM'] ?? 0),
    heightM: 0.25,
  });
  return {
    id: 'd',
    name: 'd',
    kind: 'direct',
    units: [a.id, b.id],
    points: [at(a, true), at(b, false)],
    settling: 0,
    elements: [{ ...lug(r), id: 'a' }, ...middleOf(r, make, ruleSet), lug(r)],
  };
}
