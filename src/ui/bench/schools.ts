import type { BenchFigures } from '@/core/bench/figures';
import type { BenchSystem } from '@/core/bench/rigging';
import { PASS_KINDS } from '@/core/tackle/passes';
import { frictionBand } from '@/core/tackle/truckers';

const two = (n: number): string => n.toFixed(2);
const plain = (n: number): string => String(Number(n.toFixed(2)));

/** What people say of a system, and why: the count. */
export function schoolWords(
  system: BenchSystem,
  figures: Pick<BenchFigures, 'counted' | 'travel'>,
): string {
  const straight = system.handAngleRad === 0;
  if (system.kind === 'tackle')
    return `${plain(figures.travel)} m of rope comes in for 1 m of travel. Rope length cannot be cheated; friction can take the rest.`;
  if (!straight)
    return `Counted with the hand where it is: ${plain(figures.counted)}. Toward the anchor it would be ${system.form === 'single' ? 3 : system.form === 'reeved-twice' ? 5 : 9}.`;
  switch (system.form) {
    case 'single':
      return 'Three strands pull on the loop. This is the “3:1” school.';
    case 'reeved-twice':
      return 'Five strands, four without your hand. “4:1” is said of it.';
    case 'second-loop':
      return 'Three on three. “4:1” is said of this too, and it is neither.';
  }
}

/** What friction leaves, and whether “10 lb gives about 20 lb” (common practice, no source) is true of it. */
export function practiceWords(system: BenchSystem, band: BenchFigures['band']): string {
  const range =
    band.most - band.least < 0.005
      ? `${two(band.least)} by what its turns leave.`
      : `${two(band.least)} to ${two(band.most)} by what its turns leave.`;
  if (
    system.kind === 'tackle' ||
    system.form !== 'single' ||
    system.handAngleRad !== 0 ||
    system.passes === 2
  ) {
    const four =
      system.kind === 'truckers' && system.form !== 'single'
        ? ' Friction is why it is not “4:1”.'
        : '';
    return range + four;
  }
  const name = `${PASS_KINDS[system.inLoop].name}, ${PASS_KINDS[system.roundAnchor].name}`;
  if (band.least <= 2 && 2 <= band.most)
    return `${two(band.least)} to ${two(band.most)} (${name}). “10 lb gives about 20 lb”, the “2:1” school, is true here.`;
  const ring = frictionBand({ ...system, inLoop: 'ring', roundAnchor: 'ring' });
  return `${two(band.least)} to ${two(band.most)} (${name}). “10 lb gives about 20 lb” wants a ring or connector in the loop: ${two(ring.least)} to ${two(ring.most)}.`;
}
