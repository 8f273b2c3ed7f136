import { traced } from '../../working/working';
import type { Direction } from '../vocabulary';
import { RULE_SET_NAMES } from '../rule-set-ids';
import type { Finding, TallyRow } from '../verdict';
import { atMost } from '../../units/constants';
import { cappedTension, directPull, EU, heldByOver, heldByUnlike, heldOlder, heldTilting, heldWithDirect, part } from './eu-formulas';
import type { Ranged, RuleInput, RuleSet, StaticsBox, TieDown } from './rule-set';
import { about, againstMotion, alongMotion, commonNotices, pressingPart, type Provided, rangedRow, type Reader, requirement, weight, worseSide } from './shared';

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
      F: tensionOf(r, td), s: geometry(r, 'sine of both legs’ angles', 's', pressingPart(td)),
    })));
}

/** Direct and loop lines that pull against the motion. */
const directLines = (input: RuleInput, direction: Direction): TieDown[] => input.tieDowns.filter((td) => td.kind !== 'over' && againstMotion(td, direction) > 0);

function directForce<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  return r.t.sum('direct lashings', 'D', 'N', directLines(input, direction).map((td) =>
    r.t.apply(directPull, td.name, {
      LC: r.read(td.pull), h: geometry(r, 'cos α × cos β, both legs', 'h', againstMotion(td, direction)), f: constant(r, 'friction factor', 'f_μ', EU.directFrictionFactor),
      mu: r.read(input.article.friction), v: geometry(r, 'sin α, both legs', 'v', pressingPart(td)),
    })));
}

/** Over-lines whose legs are unlike enough to pull along a direction. */
const unlikeOver = (input: RuleInput, direction: Direction, dragCounts = true): TieDown[] => input.tieDowns.filter((td) => td.kind === 'over' && !td.anyWay && Math.abs(againstMotion(td, direction)) > 1e-9
  && (dragCounts || againstMotion(td, direction) > 0));

/** What unlike legs leave along a direction; where it helps the safety factor takes its part, where it drags all of it counts. */
function unlikePull<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  return r.t.sum('pull of unlike legs', 'H', 'N', unlikeOver(input, direction, r.dragCounts).map((td) => {
    const s = againstMotion(td, direction);
    return r.t.apply(part, td.name, { F: tensionOf(r, td), s: geometry(r, 'against the motion, both legs', 's', s > 0 ? s / safety(direction) : s) });
  }));
}

function slidingRow(input: RuleInput, direction: Direction): TallyRow {
  const hasDirect = directLines(input, direction).length > 0;
  const unlike = unlikeOver(input, direction).length > 0;
  const required = requirement('required acceleration', 'c', EU.required[direction], 'g', CLAUSE_SLIDING);
  const provided: Provided = (r) => {
    const common = {
      mu: r.read(input.article.friction), P: pressing(r, input), fs: constant(r, 'safety factor', 'f_s', safety(direction)),
      B: r.read(input.article.blocking[direction].capacity), W: weight(r.t, input.article.massKg),
    };
    const H = unlikePull(r, input, direction);
    const over = unlike ? r.t.apply(heldByUnlike, 'held by over-lashing', { ...common, H }) : r.t.apply(heldByOver, 'held by over-lashing', common);
    if (!hasDirect) return over;
    // Leaving a line out of account never endangers anybody, so the better of the two readings counts.
    const mixed = r.t.apply(heldWithDirect, 'held with direct lashing', {
      ...common, H, f: constant(r, 'friction factor', 'f_μ', EU.directFrictionFactor), D: directForce(r, input, direction),
    });
    return r.t.extreme('greatest', 'held', 'a', [over, mixed]);
  };
  const sideways = direction === 'left' || direction === 'right';
  const row = rangedRow({ code: 'sliding', direction: sideways ? 'sideways' : direction, clause: CLAUSE_SLIDING, required }, provided);
  return { ...row, beside: olderSchool(input, direction) };
}

function olderSchool(input: RuleInput, direction: Direction) {
  const r: Reader<ReturnType<typeof traced.given>> = { t: traced, dragCounts: true, read: (ranged) => ranged.working };
  return traced.apply(heldOlder, 'older school: k 1.5, dynamic friction, no safety factor', {
    q: constant(r, 'dynamic friction as part of static', 'q', EU.olderDynamicPart, 'EN 12195-1:2003'), mu: r.read(input.article.friction),
    P: pressing(r, input), k: constant(r, 'both legs together', 'k', EU.olderK, 'EN 12195-1:2003'),
    B: r.read(input.article.blocking[direction].capacity), W: weight(traced, input.article.massKg),
  });
}

/** Horizontal distance of a leg's hold from the edge over which the load would tilt, m; half the extent where no place is known. */
function leverM(input: RuleInput, leg: TieDown['legs'][number], direction: Direction): number {
  const { box, widthM, lengthM } = input.article;
  if (!leg.at || !box) return (direction === 'left' || direction === 'right' ? widthM : lengthM) / 2;
  return { forward: box.front - leg.at.x, rearward: leg.at.x - box.rear, left: box.left - leg.at.y, right: leg.at.y - box.right }[direction];
}

/** Moment about that edge for a tension of 1 in all legs: what presses down, and what pulls at its height against the motion or with it. */
function momentArmM(input: RuleInput, td: TieDown, direction: Direction): number {
  const { widthM, lengthM, heightM } = input.article;
  if (td.anyWay) return 2 * (direction === 'left' || direction === 'right' ? widthM : lengthM) + heightM;
  return td.legs.reduce((sum, l) => sum + l.sinAlpha * leverM(input, l, direction) + alongMotion(l, direction) * l.cosAlpha * (l.at?.z ?? 0), 0);
}

function overMoment<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  const over = input.tieDowns.filter((td) => td.kind === 'over' && (r.dragCounts || momentArmM(input, td, direction) > 0));
  return r.t.sum('moment of the over-lines', 'M', 'N', over.map((td) => {
    const s = momentArmM(input, td, direction);
    // The safety factor divides what helps; what pulls the load over counts whole.
    return r.t.apply(part, td.name, { F: tensionOf(r, td), s: geometry(r, 'lever arms of both legs', 's', s < 0 ? s * safety(direction) : s, 'm') });
  }));
}

function directMoment<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  const lines = directLines(input, direction).filter((td) => momentArmM(input, td, direction) > 0);
  return r.t.sum('moment of direct lines', 'N', 'N', lines.map((td) =>
    r.t.apply(part, td.name, { F: r.read(td.pull), s: geometry(r, 'lever arms of all legs', 's', momentArmM(input, td, direction), 'm') })));
}

/** From the centre of gravity to the edge over which the load would tilt, m; each of several rows has its own middle. */
function toTiltingEdgeM({ article }: RuleInput, direction: Direction): number {
  if (direction === 'left' || direction === 'right') {
    if (article.rows > 1) return article.widthM / article.rows / 2;
    return article.widthM / 2 - (direction === 'left' ? 1 : -1) * (article.cgLeftM ?? 0);
  }
  return article.lengthM / 2 - (direction === 'forward' ? 1 : -1) * (article.cgForwardM ?? 0);
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
  // Several rows side by side need a formula of their own; only what stands by itself is claimed here.
  const alone = sideways && article.rows > 1;
  const provided: Provided = (r) => {
    const none = (label: string, symbol: string) => r.t.sum(label, symbol, 'N', []);
    return r.t.apply(heldTilting, alone ? 'held, each row by itself' : 'held against tilting', {
      b: geometry(r, 'CG to the tilting edge', 'b', toTiltingEdgeM(input, direction), 'm'), d: r.read(cgHeight(input)),
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

/** What statics must balance: the accelerations of the edition, lines up to their lashing capacity. */
const BOX: StaticsBox = { id: 'lc', clause: 'EN 12195-1:2010, accelerations', strength: 'working', requiredG: EU.required };

/** Europe, road: EN 12195-1:2010, all from memory. */
export const euRoad: RuleSet = {
  id: 'eu-road',
  name: RULE_SET_NAMES['eu-road'],
  edition: 'EN 12195-1:2010',
  standing: 'European road transport. Hand-tied rope has no lashing capacity under EN 12195-2; the statics use your crew’s school.',
  unmarkedByUsTable: false,
  countsPretension: true,
  statics: { boxes: [BOX], downPart: null, ruleStandsWithoutTension: false },
  basis: (strength) => ({ school: strength.school, designFactor: strength.designFactor, markedOrTableOnly: false }),
  assess(input) {
    const both = (row: (input: RuleInput, d: Direction) => TallyRow): TallyRow[] =>
      [row(input, 'forward'), row(input, 'rearward'), worseSide(row(input, 'left'), row(input, 'right'))];
    const rows = input.article.rows > 1;
    return {
      rows: [...both(slidingRow), ...both(tiltingRow)],
      findings: [
        ...input.tieDowns.flatMap(lineFindings),
        ...(rows ? [{ code: 'tilting-rows' as const, effect: 'notice' as const, clause: CLAUSE_TILTING, values: { rows: input.article.rows } }] : []),
        ...commonNotices(input),
      ],
    };
  },
};
