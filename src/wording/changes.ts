import type { Change } from '@/core/securement/advice/one-change';
import type { Cost, Thing } from '@/core/securement/advice/costs';
import type { ChangeCode } from '@/core/securement/codes';
import { formatQuantity, type Rounding, type UnitChoice } from '@/core/units';

type Values = Change['values'];
type Force = (key: string, rounding?: Rounding) => string;

/** Wording of changes: what to do, with its figure. */
const CHANGES: Record<ChangeCode, (v: Values, force: Force) => string> = {
  'put-mat': () => 'Put an anti-slip mat under the load',
  'pull-harder': (_, f) => `Pull ${f('toN', 'demand')}, not ${f('fromN')}`,
  'second-loop': (_, f) =>
    `Double trucker’s hitch: a second loop in the hauling part, ${f('pullN', 'demand')} of pull`,
  'put-tackle': (v, f) =>
    `A ${v['tackle']} tackle on pulleys in the place of the hitch, ${f('pullN', 'demand')} of pull; read its pulleys`,
  'use-instead': (v) => `${v['line']}: ${v['instead']} instead`,
  'enter-rating': (v, f) =>
    `Read the plates of ${v['anchors']}: from ${f('enoughN', 'demand')} on it holds`,
  'protect-edge': (v) => `${v['line']}: edge protectors`,
  'use-webbing': (v, f) =>
    `2 in webbing with ratchets marked ${f('ratchetN', 'capacity')}, for ${v['lines'] === 1 ? 'the knotted line' : `all ${v['lines']} knotted lines`}`,
  'add-lines': (v) =>
    `${v['count'] === 1 ? 'One more line' : `${v['count']} more lines`} like “${v['like']}”`,
};

const HAULED: readonly ChangeCode[] = ['pull-harder', 'second-loop', 'put-tackle'];

/** One helpful change in words. */
export function wordChange(change: Pick<Change, 'code' | 'values'>, units: UnitChoice): string {
  // A hand's pull is said in newtons, not in thousandths of a kilonewton.
  const chosen: UnitChoice =
    HAULED.includes(change.code) && units.force === 'kN' ? { ...units, force: 'N' } : units;
  const force: Force = (key, rounding = 'nearest') =>
    formatQuantity(Number(change.values[key]), 'force', chosen, rounding);
  return CHANGES[change.code](change.values, force);
}

const THING_WORDS: Record<Thing, (n: number) => string> = {
  mat: (n) => (n === 1 ? 'a mat' : `${n} mats`),
  'edge-protector': (n) => (n === 1 ? 'an edge protector' : `${n} edge protectors`),
  webbing: (n) => (n === 1 ? 'a strap' : `${n} straps`),
  ratchet: (n) => (n === 1 ? 'a ratchet' : `${n} ratchets`),
  pulley: (n) => (n === 1 ? 'a pulley' : `${n} pulleys`),
};

/** What a change costs: time, rope and things. */
export function wordCost(cost: Cost, units: UnitChoice): string {
  return [
    `about ${cost.minutes} min`,
    ...(cost.ropeM > 0.005
      ? [`${formatQuantity(cost.ropeM, 'length', units, 'demand')} more rope`]
      : []),
    ...cost.things.map(({ what, count }) => THING_WORDS[what](count)),
  ].join(', ');
}
