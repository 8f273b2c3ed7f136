import { traced } from '../../working/working';
import type { Direction } from '../schema';
import type { Finding, TallyRow } from '../verdict';
import { atMost } from '../../units/constants';
import { cappedTension, directPull, EU, heldByOver, heldOlder, heldTilting, heldWithDirect, part } from './eu-formulas';
import type { Ranged, RuleInput, RuleSet, TieDown } from './rule-set';
import { about, alongMotion, commonNotices, type Provided, rangedRow, type Reader, requirement, weight, worseSide } from './shared';

const CLAUSE_SLIDING = 'EN 12195-1:2010, sliding';
const CLAUSE_TILTING = 'EN 12195-1:2010, tilting';

function constant<V>(r: Reader<V>, label: string, symbol: string, value: number, source = 'EN 12195-1:2010'): V {
  return r.t.given({ label, symbol, value, unit: 'ratio', source, confidence: 'from-memory' });
}
function geometry<V>(r: Reader<V>, label: string, symbol: string, value: number, unit: 'ratio' | 'm' = 'ratio'): V {
  return r.t.given({ label, symbol, value, unit, source: 'geometry', confidence: 'computed' });
}

const safety = (direction: Direction): number => (direction === 'forward' ? EU.safetyForward : EU.safetyOther);

/** Pretension of an over-line as far as it counts: up to half its lashing capacity. */
function tensionOf<V>(r: Reader<V>, td: TieDown): V {
  return r.t.apply(cappedTension, `${td.name}, tension that counts`, { F: r.read(td.pretension), LC: r.read(td.wll) });
}

function pressing<V>(r: Reader<V>, input: RuleInput): V {
  const over = input.tieDowns.filter((td) => td.kind === 'over');
  return r.t.sum('pressing of the over-lines', 'P', 'N', over.map((td) =>
    r.t.apply(part, td.name, {
      F: tensionOf(r, td), s: geometry(r, 'sine of both legs’ angles', 's', td.legs.reduce((sum, l) => sum + l.sinAlpha, 0)),
    })));
}

/** Legs of direct and loop lines that pull against the motion. */
function directLegs(input: RuleInput, direction: Direction): { td: TieDown; leg: TieDown['legs'][number]; against: number }[] {
  return input.tieDowns.flatMap((td) => (td.kind === 'over' ? [] : td.legs
    .map((leg) => ({ td, leg, against: alongMotion(leg, direction) * leg.cosAlpha }))
    .filter(({ against }) => against > 0)));
}

function directForce<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  return r.t.sum('direct lashings', 'D', 'N', directLegs(input, direction).map(({ td, leg, against }) =>
    r.t.apply(directPull, td.name, {
      LC: r.read(td.pull), h: geometry(r, 'cos α × cos β', 'h', against), f: constant(r, 'friction factor', 'f_μ', EU.directFrictionFactor),
      mu: r.read(input.article.friction), v: geometry(r, 'sin α', 'v', leg.sinAlpha),
    })));
}

function slidingRow(input: RuleInput, direction: Direction): TallyRow {
  const hasDirect = directLegs(input, direction).length > 0;
  const required = requirement('required acceleration', 'c', EU.required[direction], 'g', CLAUSE_SLIDING);
  const provided: Provided = (r) => {
    const common = {
      mu: r.read(input.article.friction), P: pressing(r, input), fs: constant(r, 'safety factor', 'f_s', safety(direction)),
      B: r.read(input.article.blocking[direction].capacity), W: weight(r.t, input.article.massKg),
    };
    const over = r.t.apply(heldByOver, 'held by over-lashing', common);
    if (!hasDirect) return over;
    // Leaving a line out of account never endangers anybody, so the better of the two readings counts.
    const mixed = r.t.apply(heldWithDirect, 'held with direct lashing', {
      ...common, f: constant(r, 'friction factor', 'f_μ', EU.directFrictionFactor), D: directForce(r, input, direction),
    });
    return r.t.extreme('greatest', 'held', 'a', [over, mixed]);
  };
  const sideways = direction === 'left' || direction === 'right';
  const row = rangedRow({ code: 'sliding', direction: sideways ? 'sideways' : direction, clause: CLAUSE_SLIDING, required }, provided);
  return { ...row, beside: olderSchool(input, direction) };
}

function olderSchool(input: RuleInput, direction: Direction) {
  const r: Reader<ReturnType<typeof traced.given>> = { t: traced, read: (ranged) => ranged.working };
  return traced.apply(heldOlder, 'older school: k 1.5, dynamic friction, no safety factor', {
    q: constant(r, 'dynamic friction as part of static', 'q', EU.olderDynamicPart, 'EN 12195-1:2003'), mu: r.read(input.article.friction),
    P: pressing(r, input), k: constant(r, 'both legs together', 'k', EU.olderK, 'EN 12195-1:2003'),
    B: r.read(input.article.blocking[direction].capacity), W: weight(traced, input.article.massKg),
  });
}

/** Lever arm of a leg about the edge over which the load would tilt, m. */
function lever(input: RuleInput, leg: TieDown['legs'][number], direction: Direction): number {
  const { box, widthM, lengthM } = input.article;
  const extent = direction === 'left' || direction === 'right' ? widthM : lengthM;
  if (!leg.at || !box) return extent / 2;
  const arm = { forward: box.front - leg.at.x, rearward: leg.at.x - box.rear, left: box.left - leg.at.y, right: leg.at.y - box.right }[direction];
  return Math.min(extent, Math.max(0, arm));
}

function overMoment<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  const over = input.tieDowns.filter((td) => td.kind === 'over');
  return r.t.sum('moment of the over-lines', 'M', 'N', over.map((td) =>
    r.t.apply(part, td.name, {
      F: tensionOf(r, td),
      s: geometry(r, 'sine times lever arm, both legs', 's', td.legs.reduce((sum, l) => sum + l.sinAlpha * lever(input, l, direction), 0), 'm'),
    })));
}

function directMoment<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  return r.t.sum('moment of direct lines', 'N', 'N', directLegs(input, direction).map(({ td, leg, against }) =>
    r.t.apply(part, td.name, {
      F: r.read(td.pull),
      s: geometry(r, 'lever arms of both components', 's', leg.sinAlpha * lever(input, leg, direction) + against * (leg.at?.z ?? 0), 'm'),
    })));
}

/** CG height: unknown lies between the deck and the top of the load. */
function cgHeight(input: RuleInput): Ranged {
  const { cgHeightM, heightM } = input.article;
  const working = traced.given({ label: 'height of the centre of gravity', symbol: 'd', value: cgHeightM, unit: 'm', source: 'your entry', confidence: 'entered' });
  return { working, low: heightM, high: 1e-6 };
}

/** An over-line whose tension counts as LC/2 because it is set higher. */
function overHalfLc(td: TieDown): boolean {
  const [F, LC] = [td.pretension.working.value, td.wll.working.value];
  return td.kind === 'over' && F !== null && LC !== null && !atMost(F, EU.largestPartOfLc * LC);
}

function tiltingRow(input: RuleInput, direction: Direction): TallyRow {
  const { article } = input;
  const sideways = direction === 'left' || direction === 'right';
  const extent = sideways ? article.widthM / article.rows : article.lengthM;
  // Several rows side by side need a formula of their own; only what stands by itself is claimed here.
  const alone = sideways && article.rows > 1;
  const provided: Provided = (r) => {
    const none = (label: string, symbol: string) => r.t.sum(label, symbol, 'N', []);
    return r.t.apply(heldTilting, alone ? 'held, each row by itself' : 'held against tilting', {
      b: geometry(r, 'CG to the tilting edge', 'b', extent / 2, 'm'), d: r.read(cgHeight(input)),
      M: alone ? none('over-lines, not counted for several rows', 'M') : overMoment(r, input, direction),
      fs: constant(r, 'safety factor', 'f_s', safety(direction)),
      N: alone ? none('direct lines, not counted for several rows', 'N') : directMoment(r, input, direction), W: weight(r.t, article.massKg),
    });
  };
  const c = sideways && input.tieDowns.some(overHalfLc) ? EU.tiltingAtHalfLc : EU.required[direction];
  const required = requirement('required acceleration', 'c', c, 'g', CLAUSE_TILTING);
  const row = rangedRow({ code: 'tilting', direction: sideways ? 'sideways' : direction, clause: CLAUSE_TILTING, required }, provided);
  return alone && row.verdict === 'short' ? { ...row, verdict: 'cannot-say' } : row;
}

function lineFindings(td: TieDown): Finding[] {
  return [
    ...(td.gear === 'rope' ? [about(td, 'no-lashing-capacity', 'notice', 'EN 12195-2')] : []),
    ...(td.gear === 'webbing' && td.knotIds[0] ? [about(td, 'webbing-knotted', 'barred', 'EN 12195-2', td.knotIds[0])] : []),
    ...(overHalfLc(td) ? [about(td, 'pretension-over-half-lc', 'notice', 'EN 12195-1:2010')] : []),
  ];
}

/** Europe, road: EN 12195-1:2010, all from memory. */
export const euRoad: RuleSet = {
  id: 'eu-road',
  name: 'Europe, road',
  edition: 'EN 12195-1:2010',
  standing: 'European road transport. Hand-tied rope has no lashing capacity under EN 12195-2; the statics use your crew’s school.',
  unmarkedByUsTable: false,
  countsPretension: true,
  basis: (strength) => ({ school: strength.school, designFactor: strength.designFactor, markedOrTableOnly: false }),
  assess(input) {
    const both = (row: (input: RuleInput, d: Direction) => TallyRow): TallyRow[] =>
      [row(input, 'forward'), row(input, 'rearward'), worseSide(row(input, 'left'), row(input, 'right'))];
    const rows = input.article.rows > 1;
    return {
      rows: [...both(slidingRow), ...both(tiltingRow)],
      findings: [
        ...input.tieDowns.flatMap(lineFindings),
        ...(rows ? [{ code: 'tilting-rows', effect: 'notice' as const, clause: CLAUSE_TILTING, values: { rows: input.article.rows } }] : []),
        ...commonNotices(input),
      ],
    };
  },
};
