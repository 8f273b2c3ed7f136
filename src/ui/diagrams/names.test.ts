import { describe, expect, it } from 'vitest';
import { brokenToFit, heightOfText, widthOfText, withRoom } from './names';

const at = (x: number, y: number) => ({ x, y, width: 10, height: 4 });

describe('names in a drawing', () => {
  it('are all there while none lies on another, also side by side', () =>
    expect(withRoom([at(0, 0), at(10, 0), at(0, 4), at(30, 1)])).toEqual([true, true, true, true]));
  it('give way to the one before, and what has given way is in nobody’s way', () =>
    expect(withRoom([at(0, 0), at(0, 3), at(0, 6), at(9, 6)])).toEqual([true, false, true, false]));
  it('are wider the longer they are', () =>
    expect(widthOfText('water tote', 12)).toBeGreaterThan(widthOfText('tote', 12)));
  it('are broken between words to stay within what they name', () => {
    const room = { width: widthOfText('bins, two', 12), height: heightOfText(3, 12) };
    expect(brokenToFit('6 wooden bins, two high', 12, room)).toEqual([
      '6 wooden',
      'bins, two',
      'high',
    ]);
    expect(brokenToFit('crate', 12, room)).toEqual(['crate']);
  });
  it('stay in one line where there is no room for several', () =>
    expect(brokenToFit('6 wooden bins', 12, { width: 40, height: 20 })).toEqual(['6 wooden bins']));
});
