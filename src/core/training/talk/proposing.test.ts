import { describe, expect, it } from 'vitest';
import { DRILL_IDS, isDrillId } from '../schedule/drill-ids';
import { proposeTalk, questionsIn } from './proposing';

const first = (): number => 0;
const NOTHING = { answers: [], slack: [], plan: [] };

describe('a talk is put together', () => {
  it('from what the crew answers wrong, what came loose and what the plan needs, in turn', () => {
    const talk = proposeTalk(
      {
        answers: [
          { drill: 'reckon/hauling', asked: 9, wrong: 2 },
          { drill: 'name/overhand/plain', asked: 5, wrong: 4 },
          { drill: 'reckon/least-sag', asked: 9, wrong: 0 },
        ],
        slack: [
          { skill: 'clove-hitch/passed', found: 1 },
          { skill: 'bowline/facing-away', found: 3 },
        ],
        plan: [{ skill: 'bowline/facing-away', lines: 2 }],
      },
      5,
      first,
    );
    expect(talk).toEqual([
      { drill: 'name/overhand/plain', why: { is: 'answered wrong', asked: 5, wrong: 4 } },
      { drill: 'name/bowline/facing-away', why: { is: 'found slack', found: 3 } },
      { drill: 'reckon/hauling', why: { is: 'answered wrong', asked: 9, wrong: 2 } },
      { drill: 'name/clove-hitch/passed', why: { is: 'found slack', found: 1 } },
      { drill: expect.any(String), why: { is: 'taught early' } },
    ]);
  });
  it('where nothing is known it is what is taught first', () => {
    const talk = proposeTalk(NOTHING, 4, first);
    expect(talk.map((p) => p.why.is)).toEqual(Array(4).fill('taught early'));
    expect(talk[0]!.drill).toBe(DRILL_IDS[0]);
  });
  it('every proposal is a drill there is, none of the same thing twice, and never too many', () => {
    for (let n = 1; n <= 12; n++) {
      const talk = proposeTalk(
        { ...NOTHING, plan: [{ skill: 'reckon/hauling', lines: 1 }] },
        n,
        Math.random,
      );
      expect(talk).toHaveLength(n);
      expect(talk.every((p) => isDrillId(p.drill))).toBe(true);
      expect(new Set(talk.map((p) => p.drill.split('/').slice(1).join('/'))).size).toBe(n);
    }
  });
  it('ten minutes are eight questions, and there is always one', () => {
    expect(questionsIn(10)).toBe(8);
    expect(questionsIn(5)).toBe(4);
    expect(questionsIn(0)).toBe(1);
  });
});
