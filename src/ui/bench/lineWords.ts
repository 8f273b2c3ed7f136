import type { RiggingDocument } from '@/core/bench/rigging';
import { ROPE_MATERIALS } from '@/core/rope/materials';
import { formatQuantity, type UnitChoice } from '@/core/units';

/** The line in one sentence. */
export function lineWords(
  { rope, system, lengthM, anchor }: RiggingDocument,
  units: UnitChoice,
): string {
  const size = formatQuantity(rope.diameterM, 'length', units, 'nearest', true).replace(
    /\.0+(?=\D)/,
    '',
  );
  const length = formatQuantity(
    system.kind === 'truckers' ? Math.max(0, lengthM - system.shortStrandM) : lengthM,
    'length',
    units,
  );
  return `${size} ${ROPE_MATERIALS[rope.material].name}${rope.tag ? `, rope ${rope.tag}` : ''}, to ${anchor.name || 'its anchor'}. ${length} from ${system.kind === 'truckers' ? 'loop' : 'anchor'} to far anchor.`;
}
