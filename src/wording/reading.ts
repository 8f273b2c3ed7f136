import type { LineElement } from '@/core/line/schema';
import type { Plan } from '@/core/securement/plan';
import type { Reading } from '@/core/training/reading/reading';
import { formatQuantity, type UnitChoice } from '@/core/units';

/** What a deck can be read to be. */
export const READING_WORDS: Record<Reading, string> = {
  sound: 'Nothing: it holds as it is',
  'sharp-edge': 'A strap lies over a bare sharp edge',
  'one-side': 'A strap begins and ends on the same side',
  'beyond-load': 'A strap lies behind the load, not over it',
  'label-gone': 'The label of a strap cannot be read',
  'plate-gone': 'A ring has no plate',
  'tension-not-said': 'Nobody knows how hard a ratchet pulls',
  'too-few': 'Every strap is as it should be; they are too few',
};

/** A part of a line as somebody sees it who walks round; null for what says nothing by itself. */
function partWords(e: LineElement, plan: Plan, units: UnitChoice): string | null {
  const force = (n: number): string => formatQuantity(n, 'force', units);
  switch (e.kind) {
    case 'anchor': {
      if (e.at.on !== 'deck') return null;
      const { anchorId } = e.at;
      const rating = plan.deck.anchors.find((a) => a.id === anchorId)?.rating;
      return `ring ${anchorId}, ${rating?.state === 'rated' ? `plate ${force(rating.wllN)}` : 'no plate'}`;
    }
    case 'webbing':
      return e.markedWllN === null ? 'webbing, no label' : `webbing, label ${force(e.markedWllN)}`;
    case 'edge':
      return e.shape === 'sharp' ? `${e.name}: sharp, bare` : `${e.name}: protected`;
    case 'ratchet':
      return e.standardTensionN === null
        ? 'ratchet, its pull not on the label'
        : `ratchet, pulls ${force(e.standardTensionN)}`;
    default:
      return null;
  }
}

/** What is told of a deck beside its drawing: the load, and each line from end to end. */
export function deckFacts(
  plan: Plan,
  needed: number,
  units: UnitChoice,
): { readonly load: string; readonly lines: readonly string[] } {
  const [unit] = plan.units;
  const mass = formatQuantity(unit!.massKg!, 'mass', units);
  return {
    load: `${unit!.name}, ${mass}. For this load on this floor the road rules ask for ${needed} straps like these, each over the load from side to side.`,
    lines: plan.lines.map((line) =>
      line.elements.flatMap((e) => partWords(e, plan, units) ?? []).join(' – '),
    ),
  };
}
