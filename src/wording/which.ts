import { CONDITIONS } from '@/core/knot/which/situation';
import type { Reason } from '@/core/knot/which/which';

/** Why a knot suits, wants care or is out, by the property that says so. */
const BECAUSE: Record<Reason['because'], Record<Reason['says'], string>> = {
  'not for': {
    suits: 'it is made for it',
    care: 'it is not for it by itself',
    out: 'it is not for it',
  },
  holds: {
    suits: 'it holds',
    care: 'it holds when it is tied with care',
    out: 'it does not hold then',
  },
  unties: {
    suits: 'it unties easily',
    care: 'it unties with some work',
    out: 'it jams',
  },
  'comes off': {
    suits: 'it comes off under load',
    care: 'it comes off with some work',
    out: 'it cannot be taken off under load',
  },
  gloves: {
    suits: 'it can be tied in gloves',
    care: 'it wants bare fingers',
    out: 'it cannot be tied in gloves',
  },
  end: {
    suits: 'it is tied without an end',
    care: 'it is tied without an end',
    out: 'it needs an end',
  },
  thickness: {
    suits: 'it takes unequal lines',
    care: 'it takes unequal lines',
    out: 'it is for equal lines only',
  },
  'slick thing': {
    suits: 'it grips slick things',
    care: 'it may slide along',
    out: 'it slides along',
  },
};

/** A reason as a sentence: what was asked, and what the knot has to say to it. */
export function reasonInWords({ condition, because, says, unless }: Reason): string {
  const words = BECAUSE[because][says];
  return `${CONDITIONS[condition]}: ${words}${unless === undefined ? '' : `; ${unless}`}`;
}
