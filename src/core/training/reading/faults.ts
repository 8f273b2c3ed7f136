import type { LineElement } from '../../line/schema';
import type { FindingCode } from '../../securement/codes';
import type { Assessment } from '../../securement/assess';
import type { Plan } from '../../securement/plan';
import type { Line } from '../../securement/schema';
import { type Chance, oneOf } from '../../chance';

/** What can be wrong with a deck. */
export const FAULT_IDS = [
  'sharp-edge',
  'one-side',
  'beyond-load',
  'label-gone',
  'plate-gone',
  'tension-not-said',
  'too-few',
] as const;
export type FaultId = (typeof FAULT_IDS)[number];

interface Fault {
  /** What makes a sound deck have it; null where this one cannot. */
  readonly put: (plan: Plan, chance: Chance) => Plan | null;
  /** By what the plan's assessment shows it; null: by figures alone, with every line as it should be. */
  readonly shownBy: readonly FindingCode[] | null;
}

const withElement = (line: Line, id: string, change: Partial<LineElement>): Line => ({
  ...line,
  elements: line.elements.map((e) => (e.id === id ? ({ ...e, ...change } as LineElement) : e)),
});

/** One line by chance, changed. */
function onOneLine(plan: Plan, chance: Chance, change: (line: Line) => Line | null): Plan | null {
  const at = Math.min(plan.lines.length - 1, Math.floor(chance() * plan.lines.length));
  const changed = change(plan.lines[at]!);
  return changed && { ...plan, lines: plan.lines.with(at, changed) };
}

const ringOf = (line: Line, end: 'a' | 'b'): string | null => {
  const found = line.elements.find((e) => e.id === end);
  return found?.kind === 'anchor' && found.at.on === 'deck' ? found.at.anchorId : null;
};
const toRing = (line: Line, end: 'a' | 'b', anchorId: string): Line =>
  withElement(line, end, { at: { on: 'deck', anchorId } });

/** Rings of a side that lie beyond the load, well clear of it. */
function ringsBeyond({ deck, units }: Plan): string[] {
  const CLEAR_M = 0.4;
  const [unit] = units;
  const rear = unit!.fromFrontM + unit!.lengthM;
  return deck.anchors
    .filter((a) => a.fromCentreM > 0 && a.fromFrontM > rear + CLEAR_M)
    .map((a) => a.id.slice(1));
}

const EDGES = ['e1', 'e2'] as const;

/** Faults by name: how each is put into a sound deck, and by what the assessment shows it. */
export const FAULTS: Readonly<Record<FaultId, Fault>> = {
  'sharp-edge': {
    put: (plan, chance) =>
      onOneLine(plan, chance, (line) =>
        withElement(line, oneOf(chance, EDGES), { shape: 'sharp', bendDiameterM: 0.004 }),
      ),
    shownBy: ['edge-unprotected', 'webbing-over-edge', 'bend-too-sharp'],
  },
  'one-side': {
    put: (plan, chance) =>
      onOneLine(plan, chance, (line) => {
        const own = ringOf(line, 'a');
        const others = plan.deck.anchors.filter((a) => a.fromCentreM > 0 && a.id !== own);
        const used = new Set(plan.lines.map((l) => ringOf(l, 'a')));
        const [next] = others.filter((a) => !used.has(a.id));
        return next ? toRing(line, 'b', next.id) : null;
      }),
    shownBy: ['over-one-side', 'over-same-ring'],
  },
  'beyond-load': {
    put: (plan, chance) => {
      const [at] = ringsBeyond(plan);
      if (at === undefined) return null;
      return onOneLine(plan, chance, (line) => toRing(toRing(line, 'a', `L${at}`), 'b', `R${at}`));
    },
    shownBy: ['over-beyond-load'],
  },
  'label-gone': {
    put: (plan, chance) =>
      onOneLine(plan, chance, (line) => withElement(line, 'web', { markedWllN: null })),
    shownBy: ['unmarked-gear'],
  },
  'plate-gone': {
    put: (plan, chance) => {
      const line = oneOf(chance, plan.lines as [Line, ...Line[]]);
      const id = ringOf(line, oneOf(chance, ['a', 'b']));
      const anchors = plan.deck.anchors.map((a) =>
        a.id === id ? { ...a, rating: { state: 'unrated' as const } } : a,
      );
      return { ...plan, deck: { ...plan.deck, anchors } };
    },
    shownBy: ['unrated-anchor'],
  },
  'tension-not-said': {
    put: (plan, chance) =>
      onOneLine(plan, chance, (line) => withElement(line, 'rat', { standardTensionN: null })),
    shownBy: ['tension-unknown'],
  },
  'too-few': {
    put: (plan, chance) => {
      const out = Math.min(plan.lines.length - 1, Math.floor(chance() * plan.lines.length));
      return plan.lines.length < 2 ? null : { ...plan, lines: plan.lines.toSpliced(out, 1) };
    },
    shownBy: null,
  },
};

/** Which faults an assessment shows; where it shows none and does not hold, there are too few lines. */
export function faultsShown({ findings, verdict }: Assessment): FaultId[] {
  const named = FAULT_IDS.filter((id) =>
    findings.some((f) => FAULTS[id].shownBy?.includes(f.code)),
  );
  return named.length === 0 && verdict !== 'holds' ? ['too-few'] : named;
}

/** The lines that findings of a fault name. */
export const linesShown = ({ findings }: Assessment, fault: FaultId): string[] =>
  findings.flatMap((f) => (FAULTS[fault].shownBy?.includes(f.code) && f.lineId ? [f.lineId] : []));
