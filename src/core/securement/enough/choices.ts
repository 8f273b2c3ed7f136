import { kindOf, knotsIn } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import { PULLS_N } from '../advice/candidates';
import { lineFactsOf, ruleOpinion } from '../assess';
import type { Across } from '../compose';
import { pairsAcross } from '../compose';
import type { LoadUnit } from '../load/schema';
import { type GearFacts, gearIdOf } from '../locker-word';
import type { Plan } from '../plan';
import { namedAnchorIds } from '../route/shape';
import type { LineFacts } from '../rule-input';
import { soundnessOf } from '../soundness';
import type { Line } from '../schema';
import { type GearLine, gearLines, tiedWays } from './made';
import type { MayTie } from '../advice/may-tie';
import type { StockClass, Use } from './stock';
import type { EnoughWishes } from './vocabulary';

/** A line that may be part of a securement. */
export interface Choice {
  /** As it would stand alone; what it takes of the locker is one of its class. */
  readonly line: Line;
  readonly facts: LineFacts;
  /** It is there already, as it is. */
  readonly was: boolean;
  /** Of one place only one is taken. */
  readonly place: string;
  readonly uses: readonly Use[];
  readonly ropeDm: number;
  readonly steps: number;
  readonly protectors: number;
}

/** More pairs of anchors are not tried for a unit: the straightest across. */
const MOST_PAIRS = 60;

/** Tenths of a metre, rounded up; what only rounding adds is none. */
const decimetres = (m: number): number => Math.ceil(m * 10 - 1e-6);

const stepsOf = (elements: readonly LineElement[]): number =>
  elements.reduce(
    (sum, e) =>
      sum +
      knotsIn(e).length +
      (e.kind === 'truckers' && e.form !== 'single' ? 1 : 0) +
      (e.kind === 'ratchet' || e.kind === 'binder' ? 1 : 0),
    0,
  );

const isSharp = (e: LineElement): boolean => kindOf(e).sharp?.(e) ?? false;

/** What stands against a line whatever else holds the load: nothing that is short, forbidden or unknown of it is mended by another line. */
function againstAlone(plan: Plan, line: Line, locker: GearFacts): ReadonlySet<string> {
  const { findings, rows } = ruleOpinion({ ...plan, lines: [line] }, locker);
  return new Set([
    ...findings.filter((f) => f.lineId === line.id && f.effect !== 'notice').map((f) => f.code),
    ...rows.filter((r) => r.lineId === line.id && r.verdict !== 'holds').map((r) => r.code),
  ]);
}

/** What less pull would mend. */
const TOO_HARD = ['over-tension', 'load-crushed', 'static-load'];

/** The line hauled as hard as hand, rope, anchors and load let it; null: something else stands against it. */
function hauled(plan: Plan, line: Line, locker: GearFacts): Line | null {
  const { handLimitN } = plan.strength;
  const pulls = [handLimitN, ...PULLS_N.toReversed().filter((n) => n < handLimitN)];
  const hands = line.elements.some((e) => kindOf(e).hand);
  for (const pullN of hands ? pulls : [handLimitN]) {
    const tried = {
      ...line,
      elements: line.elements.map((e) => kindOf(e).hand?.pulled(e, pullN) ?? e),
    };
    const against = againstAlone(plan, tried, locker);
    if (against.size === 0) return tried;
    if (![...against].every((code) => TOO_HARD.includes(code))) return null;
  }
  return null;
}

const alone = (plan: Plan, line: Line): LineFacts | null => {
  const facts = lineFactsOf({ ...plan, lines: [line] })[0]!;
  return soundnessOf(facts) === 'sound' ? facts : null;
};

/** Where a line that is there is held: another between the same ends over the same things is in its way. */
const placeOf = (line: Line): string =>
  line.kind === 'over' && line.points.length === 0
    ? [...line.units, ...namedAnchorIds(line.elements).toSorted()].join('/')
    : `#${line.id}`;

/** A line that is there, as it is, and with every bare edge protected. */
function ofThere(plan: Plan, line: Line, locker: GearFacts, stock: readonly StockClass[]): Choice[] {
  const things = line.elements.map(gearIdOf).filter((id) => id !== null);
  const uses = things.map((thingId): Use => {
    const at = stock.findIndex((c) => c.members.some((m) => m.id === thingId));
    return { class: at, lengthM: 0, thingId };
  });
  const bare = line.elements.filter(isSharp).length;
  const protectedLine = {
    ...line,
    elements: line.elements.map((e) => (isSharp(e) ? (kindOf(e).protect?.(e) ?? e) : e)),
  };
  return (bare > 0 ? [line, protectedLine] : [line]).flatMap((way, i): Choice[] => {
    const facts = alone(plan, way);
    if (facts === null || againstAlone(plan, way, locker).size > 0) return [];
    return [
      {
        line: way,
        facts,
        was: i === 0,
        place: placeOf(line),
        uses,
        // How long what lies there is, where nobody knows, is no reason to take it off.
        ropeDm: decimetres(facts.rope.value ?? 0),
        steps: i * bare,
        protectors: i * bare,
      },
    ];
  });
}

/** Every way to lay a line with one sort of gear across a unit at a pair of anchors. */
function across(
  plan: Plan,
  unit: LoadUnit,
  pair: Across,
  { stock, locker, ways }: Source & { readonly ways: Ways },
  id: () => string,
): Choice[] {
  return gearLines(stock).flatMap((gear, i) =>
    ways(gear, i, pair).flatMap((tied): Choice[] => {
      const { uses } = gear;
      const line = hauled(plan, lineAcross(id(), unit, tied), locker);
      const facts = line && alone(plan, line);
      const needM = facts?.rope.value ?? null;
      if (!line || !facts || needM === null) return [];
      const protectors = unit.edges === 'protected' ? 0 : tied.filter((e) => e.kind === 'edge').length;
      return [
        {
          line,
          facts,
          was: false,
          place: [unit.id, ...pair.ends.toSorted()].join('/'),
          uses: uses.map((u) => ({ ...u, lengthM: u.ofRun ? needM : 0, thingId: null })),
          ropeDm: decimetres(needM),
          steps: stepsOf(tied) + protectors,
          protectors,
        },
      ];
    }),
  );
}

/** Lines tied at a pair of anchors in every way; what suits anchors that are alike is found out once. */
type Ways = (gear: GearLine, index: number, pair: Across) => LineElement[][];
function waysFound(plan: Plan, mayTie: MayTie): Ways {
  const found = new Map<string, LineElement[][]>();
  const sort = (id: string): string => {
    const { rating, barDiameterM, surface } = plan.deck.anchors.find((a) => a.id === id)!;
    return JSON.stringify([rating, barDiameterM, surface]);
  };
  return (gear, index, { ends }) => {
    const key = `${index}/${ends.map(sort).join('/')}`;
    const ways = found.get(key) ?? tiedWays(plan, gear.elements(ends), mayTie);
    found.set(key, ways);
    const at = gear.elements(ends);
    return ways.map((way) => way.map((e, i) => (e.kind === 'anchor' ? at[i]! : e)));
  };
}

const lineAcross = (id: string, unit: LoadUnit, elements: readonly LineElement[]): Line => ({
  id,
  name: id,
  kind: 'over',
  units: [unit.id],
  points: [],
  angle: { by: 'anchors' },
  routeLengthM: null,
  enteredPretensionN: null,
  reading: null,
  settling: elements.some((e) => e.kind === 'rope') ? 0.2 : 0,
  temporary: false,
  hauling: 'from-one-end',
  elements: [...elements],
});

/** From what lines are made. */
export interface Source {
  readonly stock: readonly StockClass[];
  readonly locker: GearFacts;
  readonly wishes: EnoughWishes;
}

/** Whether one line does all that another does for no more: then the other is never needed. */
function outdoes(a: Choice, b: Choice): boolean {
  const kept = (c: Choice): number | null => c.facts.tension.pretension.value;
  const wll = (c: Choice): number => c.facts.capacity.wll.value ?? 0;
  return (
    !a.was &&
    !b.was &&
    a.place === b.place &&
    a.uses.length === b.uses.length &&
    a.uses.every((u, i) => u.class === b.uses[i]!.class && u.thingId === b.uses[i]!.thingId) &&
    kept(a) === kept(b) &&
    wll(a) >= wll(b) &&
    a.ropeDm <= b.ropeDm &&
    a.uses.every((u, i) => u.lengthM <= b.uses[i]!.lengthM + 1e-9) &&
    a.steps <= b.steps &&
    a.protectors <= b.protectors
  );
}

/**
 * Every line that may be part of a securement of a plan: those that are there, and lines over each unit that carries nothing,
 * between every pair of anchors across it, of every sort of gear in the locker, tied with knots that may be asked for and
 * hauled as hard as hand, rope and load let them.
 */
export function choicesOf(plan: Plan, source: Source): Choice[] {
  let made = 0;
  const taken = new Set(plan.lines.map((l) => l.id));
  const id = (): string => {
    do made += 1;
    while (taken.has(`new-${made}`));
    return `new-${made}`;
  };
  const carrying = new Set(plan.units.flatMap((u) => (u.on.kind === 'unit' ? [u.on.unitId] : [])));
  const ways = waysFound(plan, source.wishes.mayTie);
  const there = plan.lines.flatMap((l) => ofThere(plan, l, source.locker, source.stock));
  const fresh = plan.units
    .filter((u) => !carrying.has(u.id))
    .flatMap((unit) =>
      [...pairsAcross(unit, plan)]
        .sort((a, b) => a.askewM - b.askewM)
        .slice(0, MOST_PAIRS)
        .flatMap((pair) => {
          const here = across(plan, unit, pair, { ...source, ways }, id);
          return here.filter(
            (b, i) =>
              !here.some((a, k) => k !== i && outdoes(a, b) && (k < i || !outdoes(b, a))),
          );
        }),
    );
  return [...there, ...fresh];
}
