import { describe, expect, it } from 'vitest';
import type { Step } from '@/core/exchange/differences';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { wordDifference } from './differences';

const changed = (path: Step[], before: never, after: never) =>
  ({ what: 'changed', path, before, after }) as const;

describe('what changed, in words', () => {
  it.each([
    [['cargo', 'massKg'], 650, 700, 'Load, mass: 700 kg, before 650 kg.'],
    [['cargo', 'cgHeightM'], null, 0.6, 'not known.'],
    [
      ['lines', { thing: 'Over, rear' }, 'settling'],
      0.2,
      0.5,
      'Lines, “Over, rear”, settling: 0.500, before 0.200.',
    ],
    [['cargo', 'fullyContained'], false, true, 'Load, fully contained: yes, before no.'],
    [['notes'], '', 'mind the mast', 'Notes: “mind the mast”, before empty.'],
  ])('%j', (path, before, after, words) => {
    expect(
      wordDifference(changed(path, before as never, after as never), METRIC).replaceAll(
        '\u00a0',
        ' ',
      ),
    ).toContain(words);
  });
  it('in the reader’s units', () => {
    const words = wordDifference(
      changed(['deck', 'lengthM'], 6 as never, 3.048 as never),
      US_CUSTOMARY,
    );
    expect(words).toMatch(/Deck, length: 10\.0\s?ft, before 19\.7\s?ft\./);
  });
  it('what came, went and moved', () => {
    expect(wordDifference({ what: 'added', path: ['lines'], name: 'One more' }, METRIC)).toBe(
      'Lines: “One more” added.',
    );
    expect(wordDifference({ what: 'reordered', path: ['deck', 'anchors'] }, METRIC)).toBe(
      'Deck, anchors: in another order.',
    );
  });
});
