import { formatNumber } from '../units';
import type { Rope } from '../rope/rope';
import { VERDICTS, type Verdict } from './verdict';
import type { DueState } from '../gear/due';
import type { Gear } from '../gear/schema';
import type { GearState } from '../gear/history';
import { ropeOf } from '../gear/rating';

/** A rope of the locker as the choice sees it. */
export interface Candidate {
  readonly id: string;
  readonly gear: Gear;
  readonly state: GearState;
  readonly due: DueState;
}

/** What a line would be with a rope on it: what the whole line may carry, knots and all, and what the plan comes to. */
export interface OnTheLine {
  readonly wllN: number | null;
  readonly verdict: Verdict;
}

/** What a line asks of a rope. `lengthM` with knots and tails; `pullN`: what it is hauled to; `verdict`: of the plan as it is. */
export interface RopeWanted {
  readonly lengthM: number | null;
  readonly pullN: number | null;
  readonly verdict: Verdict;
  readonly tryOn: (candidate: Candidate, rope: Rope) => OnTheLine;
}

export type FitReason =
  | {
      readonly code:
        'retired' | 'damaged' | 'overdue' | 'suspect' | 'no-strength' | 'history-unknown';
    }
  | { readonly code: 'too-short'; readonly byM: number }
  | { readonly code: 'long-enough'; readonly spareM: number }
  | { readonly code: 'too-weak'; readonly wllN: number; readonly wantedN: number }
  | { readonly code: 'strong-enough'; readonly wllN: number }
  | { readonly code: 'plan-worse'; readonly verdict: Verdict }
  | { readonly code: 'price'; readonly pricePerM: string };

/** A rope with how it fits: `usable` false means it must not be taken, `fits` that it does all the line asks. */
export interface Fit {
  readonly candidate: Candidate;
  readonly usable: boolean;
  readonly fits: boolean;
  readonly wllN: number | null;
  readonly reasons: readonly FitReason[];
}

function against(state: GearState, due: DueState): FitReason[] {
  if (state.state === 'retired') return [{ code: 'retired' }];
  return [
    ...(state.condition === 'damaged' ? [{ code: 'damaged' as const }] : []),
    ...(state.suspect
      ? [{ code: 'suspect' as const }]
      : due === 'overdue'
        ? [{ code: 'overdue' as const }]
        : []),
  ];
}

function lengthReason(state: GearState, lengthM: number | null): FitReason[] {
  if (lengthM === null || state.remainingM === null) return [];
  const spareM = state.remainingM - lengthM;
  return [spareM < 0 ? { code: 'too-short', byM: -spareM } : { code: 'long-enough', spareM }];
}

function strengthReason(wllN: number | null, wantedN: number | null): FitReason[] {
  if (wllN === null) return [{ code: 'no-strength' }];
  return [
    wantedN !== null && wllN < wantedN
      ? { code: 'too-weak', wllN, wantedN }
      : { code: 'strong-enough', wllN },
  ];
}

const AGAINST: readonly FitReason['code'][] = [
  'retired',
  'damaged',
  'suspect',
  'overdue',
  'no-strength',
  'too-short',
  'too-weak',
  'plan-worse',
];

/** Whether a verdict is worse than another. */
const worse = (a: Verdict, b: Verdict): boolean => VERDICTS.indexOf(a) < VERDICTS.indexOf(b);

/** How one rope fits. */
function fitOf(candidate: Candidate, wanted: RopeWanted): Fit | null {
  const { gear, state, due } = candidate;
  if (gear.item.kind !== 'rope') return null;
  const rope = ropeOf(gear.item, gear.code, state);
  const { wllN, verdict } = wanted.tryOn(candidate, rope);
  const reasons: FitReason[] = [
    ...against(state, due),
    ...lengthReason(state, wanted.lengthM),
    ...strengthReason(wllN, wanted.pullN),
    // What bars a plan because of its length or its state is said already.
    ...(worse(verdict, wanted.verdict) &&
    state.state === 'in-service' &&
    !(wanted.lengthM !== null && state.remainingM !== null && state.remainingM < wanted.lengthM)
      ? [{ code: 'plan-worse' as const, verdict }]
      : []),
    ...(gear.item.historyKnown ? [] : [{ code: 'history-unknown' as const }]),
    ...(gear.pricePerM === null
      ? []
      : [{ code: 'price' as const, pricePerM: formatNumber(gear.pricePerM) }]),
  ];
  return {
    candidate,
    usable: state.state !== 'retired' && state.condition !== 'damaged',
    fits: !reasons.some((r) => AGAINST.includes(r.code)),
    wllN,
    reasons,
  };
}

/**
 * Ropes best fit first: those that do all the line asks before those that do not, among them the cheapest metre (spend
 * cheap cord first; no price counts as dear), then the least rope left over. What must not be used comes last.
 */
export function rankRopes(candidates: readonly Candidate[], wanted: RopeWanted): Fit[] {
  const price = (f: Fit): number => f.candidate.gear.pricePerM ?? Infinity;
  const spare = (f: Fit): number => f.candidate.state.remainingM ?? Infinity;
  const failings = (f: Fit): number => f.reasons.filter((r) => AGAINST.includes(r.code)).length;
  const order = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1);
  return candidates
    .map((c) => fitOf(c, wanted))
    .filter((f) => f !== null)
    .sort(
      (a, b) =>
        order(Number(b.usable), Number(a.usable)) ||
        order(failings(a), failings(b)) ||
        order(price(a), price(b)) ||
        order(spare(a), spare(b)) ||
        (a.candidate.gear.code < b.candidate.gear.code ? -1 : 1),
    );
}
