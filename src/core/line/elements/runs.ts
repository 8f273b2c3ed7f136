import { type StrengthRow, tabulatedAtMost, US_CHAIN_WLL, US_WEBBING_WLL } from '../../rope/strength-tables';
import type { Tracer } from '../../working/working';
import type { LineContext } from '../chain';
import { type ElementKind, makePlace, unknownCapacity } from '../place';
import { bendAt, noLoss, ropePlace } from './rope-places';

export const ropeKind: ElementKind<'rope'> = {
  kind: 'rope',
  places: (t, element, _at, context) =>
    [makePlace(t, 'rope', 'rope itself', ropePlace(t, element.rope, context, 'rope itself', noLoss(t)), 'unknown-rope')],
};

/** Marked WLL, else the US default table where the rule set allows it, else unknown. */
function gearCapacity<V>(
  t: Tracer<V>, name: string, markedWllN: number | null, rows: readonly StrengthRow[], sizeM: number, context: LineContext,
): V {
  if (markedWllN !== null) {
    return t.given({ label: `${name}, marked WLL`, symbol: 'C', value: markedWllN, unit: 'N', source: 'marking', confidence: 'rope-tag' });
  }
  const entry = context.unmarkedByUsTable ? tabulatedAtMost(rows, sizeM) : null;
  if (!entry) return unknownCapacity(t, name, 'not marked');
  return t.given({ label: `${name}, unmarked`, symbol: 'C', value: entry.strengthN, unit: 'N', source: `49 CFR 393.108, ${entry.sizeIn} in`, confidence: 'from-memory' });
}

export const webbingKind: ElementKind<'webbing'> = {
  kind: 'webbing',
  places: (t, element, _at, context) =>
    [makePlace(t, 'webbing', 'webbing', gearCapacity(t, 'webbing', element.markedWllN, US_WEBBING_WLL, element.widthM, context), 'unmarked-gear')],
};

export const chainKind: ElementKind<'chain'> = {
  kind: 'chain',
  places(t, element, _at, context) {
    // 49 CFR 393.108: unmarked welded chain counts as grade 30.
    const rows = US_CHAIN_WLL[element.grade === 'unmarked' ? '30' : element.grade];
    return [makePlace(t, 'chain', 'chain', gearCapacity(t, 'chain', element.markedWllN, rows, element.sizeM, context), 'unmarked-gear')];
  },
};

export const edgeKind: ElementKind<'edge'> = {
  kind: 'edge',
  places(t, element, at, context) {
    const name = element.name || 'edge';
    if (element.shape === 'sharp') {
      return [makePlace(t, 'edge', name, unknownCapacity(t, name, 'sharp edge without protection'), 'bend-too-sharp')];
    }
    // Webbing and chain lose nothing over a rounded or protected edge that their own marking does not cover.
    if (at.flexible?.kind !== 'rope') return [];
    const { rope } = at.flexible;
    const sharp = element.bendDiameterM !== null && element.bendDiameterM < rope.diameterM;
    const capacity = ropePlace(t, rope, context, name, bendAt(t, rope, element.bendDiameterM));
    return [makePlace(t, 'edge', name, capacity, sharp ? 'bend-too-sharp' : 'unknown-rope')];
  },
};
