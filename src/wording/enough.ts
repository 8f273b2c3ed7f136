import { kindOf } from '@/core/line/elements';
import { namedAnchorIds } from '@/core/securement/route/shape';
import type { Against } from '@/core/securement/enough/judged';
import type { ProposedChange } from '@/core/securement/enough/proposal';
import type { EnoughResult } from '@/core/securement/enough/result';
import type { EnoughProgress } from '@/core/securement/enough/search';
import type { EnoughCost } from '@/core/securement/enough/vocabulary';
import type { CheaperFails } from '@/core/securement/enough/why';
import type { DeckAnchor } from '@/core/securement/schema';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { wordRun, wordValue } from './figures';
import { wordFinding } from './findings';
import { OPINION_WORDS, ROW_WORDS } from './verdicts';

const counted = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;
const lines = (n: number): string => (n === 0 ? 'no line at all' : counted(n, 'line', 'lines'));
const rope = (dm: number, units: UnitChoice): string =>
  formatQuantity(dm / 10, 'length', units, 'demand');

/** What a securement costs. */
export function wordEnoughCost({ lines: n, ropeDm, steps }: EnoughCost, units: UnitChoice): string {
  return [
    lines(n),
    ...(n > 0 ? [`${rope(ropeDm, units)} of rope and strap`] : []),
    ...(steps > 0 ? [counted(steps, 'thing to do', 'things to do')] : []),
  ].join(', ');
}

/** How far a search is. */
export function wordEnoughProgress(
  { least, judged, best }: EnoughProgress,
  units: UnitChoice,
): string {
  const tried = `${counted(judged, 'securement', 'securements')} judged`;
  const fewer = least === 0 ? '' : `; fewer than ${lines(least)} are not enough`;
  return best === null
    ? `Looking: ${tried}${fewer}.`
    : `Enough so far: ${wordEnoughCost(best, units)}. ${tried}${fewer}.`;
}

function wordCompared(against: Extract<Against, { kind: 'compared' }>, units: UnitChoice): string {
  const { about, needs, reached } = against;
  const asked = wordValue(needs, about.unit, units, 'demand');
  const figures =
    reached === null
      ? `nobody can say whether ${asked}`
      : `${wordValue(Math.max(0, reached), about.unit, units, 'capacity')} of ${asked}`;
  const rule = about.code === 'statics' ? null : ROW_WORDS[about.code];
  if (about.direction === 'all' || about.direction === 'down')
    return `${rule ?? 'held down, by statics'}: ${figures}`;
  return `${figures} ${OPINION_WORDS[about.direction].toLowerCase()}, by ${rule === null ? 'statics' : `the rule (${rule})`}`;
}

/** What stands against a securement. */
export const wordAgainst = (against: Against, units: UnitChoice): string =>
  against.kind === 'finding' ? wordFinding(against.finding, units) : wordCompared(against, units);

/** Why what would be cheaper is not enough. `what`: “2 lines”, “less rope”. */
export function wordCheaper(fails: CheaperFails, what: string, units: UnitChoice): string {
  if (fails.kind === 'none') return `With ${what}: there are not the things or the places for it.`;
  const { surely, against } = fails;
  const so = surely ? 'at most' : 'the best that was tried';
  return `With ${what}, ${so}: ${wordAgainst(against, units)}${against.kind === 'finding' ? '' : '.'}`;
}

/** What was not there to choose from. */
const limitsOf = ({ against, pairsLeftOut }: EnoughResult, units: UnitChoice): string[] => [
  ...(against
    ? [`No new line can be laid with what the locker has: ${wordFinding(against, units)}`]
    : []),
  ...(pairsLeftOut > 0
    ? [`Of so many rings the straightest pairs were tried; ${pairsLeftOut} more askew were not.`]
    : []),
];

/** Why nothing cheaper will do, or what is still open. */
export function wordWhy(result: EnoughResult, units: UnitChoice): string[] {
  const { found, open, why, nothing } = result;
  const noNew = limitsOf(result, units);
  if (found === null)
    return [
      ...noNew,
      open === null
        ? 'Nothing there is to lay is enough.'
        : 'Nothing that is enough was found; it was not looked through to the end.',
      ...(nothing ? [wordCheaper(nothing, 'everything there is', units)] : []),
    ];
  const { cost } = found;
  const gap =
    open === null
      ? 'Nothing cheaper is enough: everything was looked through.'
      : open.lines < cost.lines
        ? `Not looked through to the end: whether ${lines(open.lines)} could be enough is open.`
        : `Not looked through to the end: ${lines(cost.lines)} it takes, but up to ${rope(Math.max(0, cost.ropeDm - open.ropeDm), units)} less rope is not ruled out.`;
  return [
    gap,
    ...noNew,
    ...(why?.fewer ? [wordCheaper(why.fewer, lines(cost.lines - 1), units)] : []),
    ...(why?.shorter && cost.lines > 0 ? [wordCheaper(why.shorter, 'less rope', units)] : []),
  ];
}

/** One change that is proposed, as somebody would do it. */
export function wordProposed(
  change: ProposedChange,
  anchors: readonly DeckAnchor[],
  units: UnitChoice,
): string {
  switch (change.kind) {
    case 'mats':
      return 'Put anti-slip mats under the load';
    case 'protect':
      return `${change.line.name}: edge protectors`;
    case 'take-off':
      return `Take off “${change.line.name}”`;
    case 'add': {
      const { line } = change;
      const ends = namedAnchorIds(line.elements).map(
        (id) => anchors.find((a) => a.id === id)?.name ?? id,
      );
      const pullN = line.elements.flatMap((e) => kindOf(e).hand?.pullN(e) ?? [])[0];
      const twice = line.elements.some((e) => e.kind === 'truckers' && e.form !== 'single');
      const force: UnitChoice = units.force === 'kN' ? { ...units, force: 'N' } : units;
      return [
        `${line.name}: ${wordRun(line, units)}, ${ends.join(' to ')}`,
        ...(twice ? ['a second loop in the hitch'] : []),
        ...(pullN === undefined ? [] : [`pull ${formatQuantity(pullN, 'force', force, 'demand')}`]),
      ].join('; ');
    }
  }
}
