import type { TackleBody, TackleRoute } from '@/core/tackle/fields';
import type { PassKind } from '@/core/tackle/passes';
import type { BenchSystem } from '@/core/bench/rigging';
import { turnsRound } from '@/core/bench/compose';

/** Edits of a tackle's route. A route may be unfinished while it is edited; only one that can be worked out is taken over. */
export type TackleDraft = Pick<Extract<BenchSystem, { kind: 'tackle' }>, 'bodies' | 'ropes'>;

const fresh = (stem: string, taken: readonly string[]): string => {
  for (let i = 1; ; i++) if (!taken.includes(`${stem}${i}`)) return `${stem}${i}`;
};
const withRope = (
  draft: TackleDraft,
  rope: number,
  change: (r: TackleRoute) => TackleRoute,
): TackleDraft => ({ ...draft, ropes: draft.ropes.map((r, i) => (i === rope ? change(r) : r)) });

/** A turn more, after the last one, round some body. */
export const addPass = (
  draft: TackleDraft,
  rope: number,
  body: string,
  round: PassKind,
): TackleDraft =>
  withRope(draft, rope, (r) => ({
    ...r,
    passes: [...r.passes, { body, turn: turnsRound(round) }],
  }));
export const removePass = (draft: TackleDraft, rope: number, pass: number): TackleDraft =>
  withRope(draft, rope, (r) => ({ ...r, passes: r.passes.toSpliced(pass, 1) }));
export const setPass = (
  draft: TackleDraft,
  rope: number,
  pass: number,
  change: Partial<TackleRoute['passes'][number]>,
): TackleDraft =>
  withRope(draft, rope, (r) => ({
    ...r,
    passes: r.passes.map((p, i) => (i === pass ? { ...p, ...change } : p)),
  }));
export const setEnd = (draft: TackleDraft, rope: number, to: string): TackleDraft =>
  withRope(draft, rope, (r) => ({ ...r, to }));
export const setStart = (draft: TackleDraft, rope: number, body: string): TackleDraft =>
  withRope(draft, rope, (r) => (r.from === 'hand' ? r : { ...r, from: { body } }));

/** A travelling body more, next to the anchor, with the rope that it hangs on: from it over the load to the anchor. */
export function addTravelling(draft: TackleDraft, round: PassKind): TackleDraft {
  const id = fresh(
    'P',
    draft.bodies.map((b) => b.id),
  );
  const load = draft.bodies.find((b) => b.kind === 'load')!.id;
  const anchor = draft.bodies.findLast((b) => b.kind === 'anchor')!.id;
  const body: TackleBody = {
    id,
    name: 'travelling pulley',
    kind: 'travelling',
    holds: { by: 'unrated' },
  };
  const last = draft.bodies.findLastIndex((b) => b.kind === 'anchor');
  // The rope in hand now pulls the new body; what it pulled before hangs on the new body's own rope.
  const ropes = draft.ropes.map((r): TackleRoute =>
    r.from === 'hand'
      ? { from: 'hand', passes: [{ body: id, turn: turnsRound(round) }], to: anchor }
      : r,
  );
  const hand = draft.ropes.find((r) => r.from === 'hand')!;
  const hung: TackleRoute = {
    ...hand,
    from: { body: id },
    passes: hand.passes.length > 0 ? hand.passes : [{ body: load, turn: turnsRound(round) }],
  };
  return { bodies: draft.bodies.toSpliced(last, 0, body), ropes: [...ropes, hung] };
}

/** Takes a travelling body out with everything that runs to it. */
export function removeBody(draft: TackleDraft, id: string): TackleDraft {
  const keeps = (r: TackleRoute): boolean =>
    r.to !== id && (r.from === 'hand' || r.from.body !== id);
  const ropes = draft.ropes
    .filter((r) => r.from === 'hand' || keeps(r))
    .map((r) => ({
      ...r,
      passes: r.passes.filter((p) => p.body !== id),
      to: r.to === id ? draft.bodies.findLast((b) => b.kind === 'anchor')!.id : r.to,
    }));
  return { bodies: draft.bodies.filter((b) => b.id !== id), ropes };
}
export const setBody = (
  draft: TackleDraft,
  id: string,
  change: Partial<TackleBody>,
): TackleDraft => ({
  ...draft,
  bodies: draft.bodies.map((b) => (b.id === id ? { ...b, ...change } : b)),
});
