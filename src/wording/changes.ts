import type { Change } from '@/core/securement/advice/one-change';
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
  'use-instead': (v) => `${v['line']}: ${v['instead']} instead`,
  'enter-rating': (v, f) => `Read the plate on ${v['anchor']} (tried: ${f('tryN', 'capacity')})`,
  'protect-edge': (v) => `${v['line']}: edge protectors`,
  'use-webbing': (v, f) =>
    `2 in webbing with ratchets marked ${f('ratchetN', 'capacity')}, for ${v['lines'] === 1 ? 'the knotted line' : `all ${v['lines']} knotted lines`}`,
  'add-lines': (v) =>
    `${v['count'] === 1 ? 'One more line' : `${v['count']} more lines`} like “${v['like']}”`,
};

/** One helpful change in words. */
export function wordChange(change: Pick<Change, 'code' | 'values'>, units: UnitChoice): string {
  // A hand's pull is said in newtons, not in thousandths of a kilonewton.
  const chosen: UnitChoice =
    (change.code === 'pull-harder' || change.code === 'second-loop') && units.force === 'kN'
      ? { ...units, force: 'N' }
      : units;
  const force: Force = (key, rounding = 'nearest') =>
    formatQuantity(Number(change.values[key]), 'force', chosen, rounding);
  return CHANGES[change.code](change.values, force);
}
