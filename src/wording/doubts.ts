import { knot, type KnotId } from '@/core/knot/knots';
import type { KnotDoubt } from '@/core/line/doubts';

const WORDS: Record<KnotDoubt, string> = {
  'slips-on-metal': 'slips on metal',
  'not-for-joining-loads': 'does not join loaded ropes',
  'equal-ropes-only': 'for ropes of one thickness',
  'needs-thick-post': 'needs a measured post of 12 rope diameters',
  'along-a-pole-only': 'for a pull along a pole',
  'both-legs-loaded': 'for a load on both legs',
  'slips-in-stiff-rope': 'slips in stiff rope',
  'slips-in-slick-rope': 'slips in rope this slick',
  'loosens-when-slack': 'lets go when slack',
  'safer-form': 'holds less well',
  jams: 'may jam',
  'no-figure': 'nobody has published what it leaves',
};

/** Why a knot comes after those that suit: "lets go when slack; the two half hitches hold better". */
export const wordDoubts = ({
  key,
  doubts,
}: {
  readonly key: string;
  readonly doubts: readonly KnotDoubt[];
}): string =>
  doubts
    .map((doubt) => {
      const safer = doubt === 'safer-form' ? knot(key as KnotId).saferForm : undefined;
      return safer === undefined ? WORDS[doubt] : `better: ${knot(safer as KnotId).name}`;
    })
    .join('; ');
