import { formatNumber } from '../units';
import { bare } from '../working/working';
import type { StrengthBasis } from '../rope/strength';
import { placeCapacity } from '../rope/strength';
import type { DueStanding } from './due';
import type { Gear } from './gear';
import type { GearState } from './history';
import { ropeOf } from './rating';

/** A rope of the locker as the choice sees it. */
export interface Candidate {
  readonly id: string;
  readonly gear: Gear;
  readonly state: GearState;
  readonly due: DueStanding;
}

/** What a line asks of a rope. `lengthM` with knots and tails; `wllN`: what its rope should carry at least, null: anything. */
export interface RopeWanted {
  readonly lengthM: number | null;
  readonly wllN: number | null;
  readonly basis: StrengthBasis;
}

export type FitReason =
  | { readonly code: 'retired' | 'damaged' | 'overdue' | 'suspect' | 'no-strength' | 'history-unknown' }
  | { readonly code: 'too-short'; readonly byM: number }
  | { readonly code: 'long-enough'; readonly spareM: number }
  | { readonly code: 'too-weak'; readonly wllN: number; readonly wantedN: number }
  | { readonly code: 'strong-enough'; readonly wllN: number }
  | { readonly code: 'price'; readonly pricePerM: string };

/** A rope with how it fits: `usable` false means it must not be taken, `fits` that it does all the line asks. */
export interface Fit {
  readonly candidate: Candidate;
  readonly usable: boolean;
  readonly fits: boolean;
  readonly wllN: number | null;
  readonly reasons: readonly FitReason[];
}

function against(state: GearState, due: DueStanding): FitReason[] {
  if (state.state === 'retired') return [{ code: 'retired' }];
  return [
    ...(state.condition === 'damaged' ? [{ code: 'damaged' as const }] : []),
    ...(state.suspect ? [{ code: 'suspect' as const }] : due === 'overdue' ? [{ code: 'overdue' as const }] : []),
  ];
}

function lengthReason(state: GearState, lengthM: number | null): FitReason[] {
  if (lengthM === null || state.remainingM === null) return [];
  const spareM = state.remainingM - lengthM;
  return [spareM < 0 ? { code: 'too-short', byM: -spareM } : { code: 'long-enough', spareM }];
}

function strengthReason(wllN: number | null, wantedN: number | null): FitReason[] {
  if (wllN === null) return [{ code: 'no-strength' }];
  return [wantedN !== null && wllN < wantedN ? { code: 'too-weak', wllN, wantedN } : { code: 'strong-enough', wllN }];
}

const AGAINST: readonly FitReason['code'][] = ['retired', 'damaged', 'suspect', 'overdue', 'no-strength', 'too-short', 'too-weak'];

/** How one rope fits. */
export function fitOf(candidate: Candidate, wanted: RopeWanted): Fit | null {
  const { gear, state, due } = candidate;
  if (gear.item.kind !== 'rope') return null;
  const rope = ropeOf(gear.item, gear.code, state);
  const wllN = placeCapacity(bare, rope, wanted.basis, false, { label: '', strands: 1, factor: 1 });
  const reasons: FitReason[] = [
    ...against(state, due), ...lengthReason(state, wanted.lengthM), ...strengthReason(wllN, wanted.wllN),
    ...(gear.item.historyKnown ? [] : [{ code: 'history-unknown' as const }]),
    ...(gear.pricePerM === null ? [] : [{ code: 'price' as const, pricePerM: formatNumber(gear.pricePerM) }]),
  ];
  return { candidate, usable: state.state !== 'retired' && state.condition !== 'damaged', fits: !reasons.some((r) => AGAINST.includes(r.code)), wllN, reasons };
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
  return candidates.map((c) => fitOf(c, wanted)).filter((f) => f !== null).sort((a, b) =>
    order(Number(b.usable), Number(a.usable)) || order(failings(a), failings(b)) || order(price(a), price(b)) || order(spare(a), spare(b))
    || (a.candidate.gear.code < b.candidate.gear.code ? -1 : 1));
}
