import { kindOf, knotsIn } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import { PULLS_N } from '../advice/candidates';
import { allAtOnce } from '../../steps';
import { lineFactsOf } from '../assess';
import { type Across, freshLine, pairsAcross } from '../compose';
import { gearFindings } from '../gear-facts';
import { lineFindings } from '../line-findings';
import { loadFindings } from '../load/findings';
import { type Placed, placeUnits } from '../load/placed';
import type { LoadUnit } from '../load/schema';
import { type GearFacts, gearIdOf } from '../locker-word';
import type { Plan } from '../plan';
import { namedAnchorIds } from '../route/shape';
import { articlesOf, type LineFacts, tieDownOf } from '../rule-input';
import { ruleSet } from '../rules';
import type { Finding } from '../verdict';
import { soundnessOf } from '../soundness';
import type { Line } from '../schema';
import { type GearLine, gearLines, tiedWays } from './made';
import type { MayTie } from '../advice/may-tie';
import type { LineMake } from '../vocabulary';
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

/** Judges lines one by one: nothing that is short, forbidden or unknown of a line is mended by another. */
class Alone {
  readonly load: readonly Placed[];
  /** What a rule set says of how a line is made hangs on nothing else. */
  private readonly forbidden = new Map<string, boolean>();
  /** What stood against the line that was looked at last, if anything. */
  said: Finding | null = null;

  constructor(
    readonly plan: Plan,
    private readonly locker: GearFacts,
  ) {
    this.load = placeUnits(plan.units);
  }

  facts(line: Line): LineFacts | null {
    const facts = lineFactsOf({ ...this.plan, lines: [line] }, this.load)[0]!;
    return soundnessOf(facts) === 'sound' ? facts : null;
  }

  /** Codes of what stands against it. `made`: lines that are made alike have one. */
  against(facts: LineFacts, made: string): Set<string> {
    const { plan, load, locker } = this;
    const { line } = facts;
    const rules = ruleSet(plan.ruleSet);
    const rows = rules.rowsOfLine?.(tieDownOf(facts), plan.strength.dynamicAllowance) ?? [];
    const findings = [
      ...lineFindings(facts, plan.units, rules.countsPretension),
      ...loadFindings({ ...plan, lines: [line] }, load, [facts]),
      ...gearFindings(line, locker),
    ];
    const said = findings.filter((f) => isAgainst(f, line));
    this.said = said[0] ?? this.said;
    return new Set<string>([
      ...said.map((f) => f.code),
      ...rows.filter((r) => r.verdict !== 'holds').map((r) => r.code),
      ...(this.isForbidden(facts, made) ? ['forbidden'] : []),
    ]);
  }

  private isForbidden(facts: LineFacts, made: string): boolean {
    const known = this.forbidden.get(made);
    if (known !== undefined) return known;
    const rules = ruleSet(this.plan.ruleSet);
    const said = articlesOf(this.plan, this.load, [facts])
      .flatMap((article) => rules.assess(article).findings)
      .find((f) => isAgainst(f, facts.line));
    this.said = said ?? this.said;
    this.forbidden.set(made, said !== undefined);
    return said !== undefined;
  }

  /** The line hauled as hard as hand, rope, anchors and load let it; null: something else stands against it. */
  hauled(line: Line, made: string): LineFacts | null {
    const { handLimitN } = this.plan.strength;
    const pulls = [handLimitN, ...PULLS_N.toReversed().filter((n) => n < handLimitN)];
    const hands = line.elements.some((e) => kindOf(e).hand);
    for (const pullN of hands ? pulls : [handLimitN]) {
      const facts = this.facts({
        ...line,
        elements: line.elements.map((e) => kindOf(e).hand?.pulled(e, pullN) ?? e),
      });
      if (facts === null) return null;
      const against = this.against(facts, made);
      if (against.size === 0) return facts;
      if (![...against].every((code) => TOO_HARD.includes(code))) return null;
    }
    return null;
  }
}

const isAgainst = (f: Finding, line: Line): boolean =>
  f.lineId === line.id && f.effect !== 'notice';

/** What less pull would mend. */
const TOO_HARD = ['over-tension', 'load-crushed', 'static-load'];

/** Where a line that is there is held: another between the same ends over the same things is in its way. */
const placeOf = (line: Line): string =>
  line.kind === 'over' && line.points.length === 0
    ? [...line.units, ...namedAnchorIds(line.elements).toSorted()].join('/')
    : `#${line.id}`;

/** A line that is there, as it is, and with every bare edge protected. */
function ofThere(alone: Alone, line: Line, stock: readonly StockClass[]): Choice[] {
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
    const facts = alone.facts(way);
    if (facts === null || alone.against(facts, `#${line.id}/${i}`).size > 0) return [];
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
  unit: LoadUnit,
  pair: Across,
  { gear, alone, ways }: Makes,
  id: () => string,
): Choice[] {
  return gear.flatMap((made, g) =>
    ways(made, g, pair).flatMap((tied, w): Choice[] => {
      const facts = alone.hauled(lineAcross(id(), unit, made.make, tied), `${unit.id}/${g}/${w}`);
      const needM = facts?.rope.value ?? null;
      if (!facts || needM === null) return [];
      const protectors =
        unit.edges === 'protected' ? 0 : tied.filter((e) => e.kind === 'edge').length;
      return [
        {
          line: facts.line,
          facts,
          was: false,
          place: [unit.id, ...pair.ends.toSorted()].join('/'),
          uses: made.uses.map((u) => ({
            class: u.class,
            lengthM: u.ofRun ? needM : 0,
            thingId: null,
          })),
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
    const { barDiameterM, surface } = plan.deck.anchors.find((a) => a.id === id)!;
    return JSON.stringify([barDiameterM, surface]);
  };
  return (gear, index, { ends }) => {
    const key = `${index}/${ends.map(sort).join('/')}`;
    const ways = found.get(key) ?? tiedWays(plan, gear.elements(ends), mayTie);
    found.set(key, ways);
    const at = gear.elements(ends);
    return ways.map((way) => way.map((e, i) => (e.kind === 'anchor' ? at[i]! : e)));
  };
}

const lineAcross = (
  id: string,
  unit: LoadUnit,
  make: LineMake,
  elements: readonly LineElement[],
): Line => ({
  ...freshLine([], {
    name: `a line over ${unit.name || unit.id}`.slice(0, 80),
    elements: [...elements],
    make,
  }),
  id,
  units: [unit.id],
});

/** The lines there are to choose from. */
export interface Chosen {
  readonly choices: readonly Choice[];
  /** Where none can be laid anew, what stands against one of them. */
  readonly against: Finding | null;
  /** Pairs of anchors that were not tried: those that run most askew. */
  readonly pairsLeftOut: number;
}

/** What lines are made with. */
interface Makes {
  readonly gear: readonly GearLine[];
  readonly alone: Alone;
  readonly ways: Ways;
}

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
 * Every line that may be part of a securement of a plan, in steps: those that are there, and lines over each unit that carries
 * nothing, between every pair of anchors across it, of every sort of gear in the locker, tied with knots that may be asked for
 * and hauled as hard as hand, rope and load let them. Told `true` it leaves with what is made so far, which is what is there at
 * least.
 */
export function* choosing(
  plan: Plan,
  source: Source,
): Generator<void, Chosen, boolean | undefined> {
  let made = 0;
  const taken = new Set(plan.lines.map((l) => l.id));
  const id = (): string => {
    do made += 1;
    while (taken.has(`new-${made}`));
    return `new-${made}`;
  };
  const carrying = new Set(plan.units.flatMap((u) => (u.on.kind === 'unit' ? [u.on.unitId] : [])));
  const alone = new Alone(plan, source.locker);
  const makes: Makes = {
    gear: gearLines(source.stock),
    alone,
    ways: waysFound(plan, source.wishes.mayTie),
  };
  const choices = plan.lines.flatMap((l) => ofThere(alone, l, source.stock));
  // What stands against lines that are there is said of the plan.
  alone.said = null;
  let pairsLeftOut = 0;
  for (const unit of plan.units.filter((u) => !carrying.has(u.id))) {
    const pairs = pairsAcross(unit, plan).toSorted((a, b) => a.askewM - b.askewM);
    pairsLeftOut += Math.max(0, pairs.length - MOST_PAIRS);
    for (const pair of pairs.slice(0, MOST_PAIRS)) {
      if (yield) return { choices, against: null, pairsLeftOut: 0 };
      const here = across(unit, pair, makes, id);
      choices.push(
        ...here.filter(
          (b, i) => !here.some((a, k) => k !== i && outdoes(a, b) && (k < i || !outdoes(b, a))),
        ),
      );
    }
  }
  return { choices, against: choices.some((c) => !c.was) ? null : alone.said, pairsLeftOut };
}

/** The same at once. */
export const choicesOf = (plan: Plan, source: Source): readonly Choice[] =>
  allAtOnce(choosing(plan, source)).choices;
