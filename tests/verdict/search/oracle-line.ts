/** The oracle's own figures of one line: strength from tables typed anew, tension, completeness. Sources as in `oracle.ts`. */
import type { Plan } from '@/core/securement/plan';

export type Element = Plan['lines'][number]['elements'][number];
export const G = 9.80665;
const LBF = 4.4482216152605;

export const SPLICE = 'eye-splice';
const KNOT: Record<string, number> = {
  'eye-splice': 0.85,
  bowline: 0.6,
  'round-turn-two-half-hitches': 0.45,
  'figure-eight-on-bight': 0.75,
  'double-fishermans': 0.6,
  'alpine-butterfly': 0.75,
  'slip-loop': 0.45,
  'two-half-hitches': 0.45,
};
const BEND: [number, number][] = [
  [1, 0.5],
  [2, 0.65],
  [3, 0.75],
  [4, 0.82],
  [6, 0.9],
  [8, 0.95],
  [12, 1],
];
function bend(D: number | null, d: number): number {
  if (D === null || D / d < 1 - 1e-9) return 0;
  for (let i = 1; i < BEND.length; i++)
    if (D / d <= BEND[i]![0])
      return (
        BEND[i - 1]![1] +
        ((D / d - BEND[i - 1]![0]) / (BEND[i]![0] - BEND[i - 1]![0])) *
          (BEND[i]![1] - BEND[i - 1]![1])
      );
  return 1;
}
const CONDITION = { new: 1, good: 0.9, worn: 0.75, doubtful: 0.5, damaged: 0 };
/** 12 mm polyester three-strand: makers' table, and 7/16 in of 49 CFR 393.108. */
const TABLE_MBS = 2270 * G;
const US_ROPE = 750 * LBF;
/** Maximum securing load of fibre rope: CSS Code Annex 13. */
const SEA_ROPE_PART = 0.33;
const rated = (r: { state: string; wllN?: number }): number => (r.state === 'rated' ? r.wllN! : 0);

/** The rope of a chain, place by place: what it carries with these factors, working or until it parts. */
function ropeAt(
  e: Extract<Element, { kind: 'rope' }>,
  ruleSet: string,
  factor: number,
  breaking: boolean,
): number {
  const { rope } = e;
  const whole = CONDITION[rope.condition] * factor;
  if (breaking) return whole * (rope.mbsN ?? rope.markedWllN ?? TABLE_MBS / 2);
  const ceiling = rope.markedWllN ?? Infinity;
  if (ruleSet === 'us-cmv') return Math.min(ceiling, whole * (rope.markedWllN ?? US_ROPE));
  if (rope.mbsN === null && rope.markedWllN !== null)
    return Math.min(ceiling, whole * rope.markedWllN);
  const part = ruleSet.startsWith('sea-') ? SEA_ROPE_PART : 1 / 5;
  return Math.min(ceiling, whole * (rope.mbsN ?? TABLE_MBS / 2) * part);
}

/** Most that a line may carry or stand: everything unknown is nothing. */
export function strength(
  elements: readonly Element[],
  plan: Plan,
  sharing: ReadonlyMap<string, number>,
  breaking: boolean,
): number {
  const ropes = elements.filter((e) => e.kind === 'rope');
  const US = plan.ruleSet.startsWith('us-');
  const q = breaking ? 2 : 1;
  const weakestRope = (factor: number): number =>
    Math.min(Infinity, ...ropes.map((e) => ropeAt(e, plan.ruleSet, factor, breaking)));
  const hard = (x: Element): boolean =>
    x.kind === 'anchor' || x.kind === 'ratchet' || x.kind === 'binder' || x.kind === 'fitting';
  /** The weakest rope that a knot here can be tied in: those it reaches without going through hardware. */
  const tiedIn = (i: number, factor: number): number => {
    const reached = [-1, 1].flatMap((step) => {
      for (let k = i + step; k >= 0 && k < elements.length; k += step) {
        const x = elements[k]!;
        if (x.kind === 'rope') return [ropeAt(x, plan.ruleSet, factor, breaking)];
        if (hard(x)) return [];
      }
      return [];
    });
    return reached.length > 0 ? Math.min(...reached) : 0;
  };
  const R = elements.some((e) => e.kind === 'truckers' && e.form === 'second-loop') ? 3.24 : 1.8;
  const limits = elements.map((e, i): number => {
    switch (e.kind) {
      case 'anchor': {
        if (e.at.on === 'own') return q * rated(e.at.rating);
        const id = e.at.anchorId;
        const found = plan.deck.anchors.find((a) => a.id === id);
        return found ? (q * rated(found.rating)) / (sharing.get(id) ?? 1) : 0;
      }
      case 'ratchet':
      case 'binder':
      case 'fitting':
        return q * rated(e.rating);
      case 'webbing':
        return q * (e.markedWllN ?? (US ? 2000 * LBF : 0));
      case 'chain':
        return q * (e.markedWllN ?? (US ? 6600 * LBF : 0));
      case 'rope':
        return ropeAt(e, plan.ruleSet, 1, breaking);
      case 'knot':
      case 'bend':
        return tiedIn(i, KNOT[e.knot]!);
      case 'lock':
        return tiedIn(i, KNOT[e.knot]!) / 0.5;
      case 'truckers': {
        const hitch = elements.find((x) => x.kind === 'anchor' && x.id === 'b');
        const bar =
          hitch?.kind === 'anchor'
            ? hitch.at.on === 'own'
              ? hitch.at.barDiameterM
              : (plan.deck.anchors.find((a) => hitch.at.on === 'deck' && a.id === hitch.at.anchorId)
                  ?.barDiameterM ?? null)
            : null;
        return Math.min(
          tiedIn(i, KNOT[e.loop]!),
          tiedIn(i, 0.5) / Math.max(0.5, 1 / R),
          bar === null ? 0 : tiedIn(i, bend(bar, 0.012)) / 0.5,
        );
      }
      case 'edge': {
        if (e.shape === 'sharp') return 0;
        if (ropes.length > 0)
          return Math.max(
            tiedIn(i, bend(e.bendDiameterM, 0.012)),
            weakestRope(bend(e.bendDiameterM, 0.012)),
          );
        const chained = elements.some((x) => x.kind === 'chain');
        if (!chained && e.shape === 'protected') return Infinity;
        return e.bendDiameterM !== null && e.bendDiameterM >= (chained ? 3 * 0.009525 : 0.05) - 1e-9
          ? Infinity
          : 0;
      }
      default:
        return Infinity;
    }
  });
  return elements.some((e) => e.kind === 'rope' || e.kind === 'webbing' || e.kind === 'chain')
    ? Math.min(...limits)
    : 0;
}

/** Whether every rope says what it breaks at: else its stiffness, and what a hitch keeps, is nobody’s figure. */
export const isLabelled = (elements: readonly Element[]): boolean =>
  elements.every((e) => e.kind !== 'rope' || e.rope.mbsN !== null);

/** Tension that stays after tie-off and settling; null: nobody knows. */
export function keptTension(line: Plan['lines'][number], routeM: number | null): number | null {
  if (line.enteredPretensionN !== null) return line.enteredPretensionN * (1 - line.settling);
  const e = line.elements.find(
    (x) => x.kind === 'truckers' || x.kind === 'ratchet' || x.kind === 'binder',
  );
  if (e?.kind === 'ratchet')
    return e.standardTensionN === null
      ? null
      : ((e.standardTensionN * Math.min(e.handForceN, 500)) / 500) * (1 - line.settling);
  if (e?.kind === 'binder') return e.handForceN * 25 * 0.3 * (1 - line.settling);
  if (e?.kind !== 'truckers' || routeM === null || routeM <= 0.3) return null;
  const ropes = line.elements.filter((x) => x.kind === 'rope');
  if (ropes.length === 0) return null;
  const EA = Math.max(...ropes.map((x) => (0.2 * (x.rope.mbsN ?? TABLE_MBS)) / 0.04));
  const [k1, k2, H] = [EA / (routeM - 0.3), EA / 0.3, e.handForceN];
  const kept =
    e.form === 'second-loop'
      ? 3.24 * H - (3 * k1 * (H + k2 * 0.005)) / (7 * k1 + 18 * k2)
      : 1.8 * H - (k1 * (H + k2 * 0.005)) / (k1 + 2 * k2);
  return Math.max(0, kept) * (1 - line.settling);
}

/** Both ends at an anchor, and each rope end tied to something. */
export function complete(elements: readonly Element[]): boolean {
  const anchors = elements.flatMap((e, i) => (e.kind === 'anchor' ? [i] : []));
  if (anchors.length !== 2 || anchors[0] !== 0 || anchors[1] !== elements.length - 1) return false;
  const hitch = elements.some((e) => e.kind === 'truckers');
  if (hitch && !elements.some((e) => e.kind === 'lock')) return false;
  const hard = (x: string): boolean =>
    x === 'anchor' || x === 'ratchet' || x === 'binder' || x === 'fitting';
  const runs = (i: number, step: number): boolean => {
    for (let k = i + step; k >= 0 && k < elements.length; k += step) {
      if (['rope', 'webbing', 'chain'].includes(elements[k]!.kind)) return true;
      if (hard(elements[k]!.kind)) return false;
    }
    return false;
  };
  return elements.every((e, i) => {
    if (e.kind === 'bend') return runs(i, -1) && runs(i, 1);
    if (['knot', 'lock', 'truckers'].includes(e.kind)) return runs(i, -1) || runs(i, 1);
    if (e.kind !== 'rope') return true;
    return [-1, 1].every((step) => {
      for (let k = i + step; k >= 0 && k < elements.length; k += step) {
        const x = elements[k]!.kind;
        if (['knot', 'bend', 'truckers', 'tackle', 'lock', 'ratchet', 'binder'].includes(x))
          return true;
        if (x !== 'edge' && x !== 'loop' && x !== 'hook') return false;
      }
      return false;
    });
  });
}
