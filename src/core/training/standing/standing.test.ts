import { describe, expect, it } from 'vitest';
import { buildsOn, readCourse } from './course';
import { comesBefore, inOrder, outOfOrder } from './order';
import { COURSE_IDS, courseOf } from './courses';
import { formOfSkill, isSkillId, pointsOf, SKILL_IDS } from './skills';
import { counts, standingIn } from './standing';

describe('how somebody stands', () => {
  const signed = { signedOn: '2026-01-31', revokedOn: null };
  it.each([
    [null, '2026-02-01', 'missing', null],
    [signed, '2026-02-01', 'current', '2027-01-31'],
    [signed, '2026-12-31', 'current', '2027-01-31'],
    [signed, '2027-01-01', 'lapsing', '2027-01-31'],
    [signed, '2027-01-30', 'lapsing', '2027-01-31'],
    [signed, '2027-01-31', 'lapsed', '2027-01-31'],
    [{ ...signed, revokedOn: '2026-02-02' }, '2026-02-03', 'revoked', null],
  ] as const)('%o on %s: %s', (last, today, state, until) => {
    expect(standingIn(last, 12, today)).toEqual({ state, until });
  });
  it('a month that is too short ends it on its last day', () => {
    expect(standingIn(signed, 1, '2026-02-27').state).toBe('lapsing');
    expect(standingIn(signed, 1, '2026-02-28').state).toBe('lapsed');
  });
  it('only what is current, or about to lapse, counts', () => {
    const states = ['current', 'lapsing', 'lapsed', 'revoked', 'missing'] as const;
    expect(states.filter((state) => counts({ state }))).toEqual(['current', 'lapsing']);
  });
});

describe('skills', () => {
  it('are every right form and every reckoning, each with points to look at', () => {
    expect(new Set(SKILL_IDS).size).toBe(SKILL_IDS.length);
    for (const id of SKILL_IDS) expect(pointsOf(id).length, id).toBeGreaterThan(0);
    expect(isSkillId('bowline/facing-away')).toBe(true);
    expect(isSkillId('bowline/wrong-turned-wrong')).toBe(false);
  });
});

describe('courses', () => {
  it.each(COURSE_IDS)(
    '%s teaches what there is, each once, and nothing before what it builds on',
    (id) => {
      const skills = courseOf(id);
      expect(new Set(skills).size).toBe(skills.length);
      for (const [i, skill] of skills.entries()) {
        expect(isSkillId(skill), skill).toBe(true);
        for (const before of comesBefore(skills, skill, buildsOn))
          if (formOfSkill(before)?.entry.id !== formOfSkill(skill)?.entry.id)
            expect(skills.indexOf(before), `${before} before ${skill}`).toBeLessThan(i);
      }
    },
  );
  it('the far end of a trucker’s hitch is learned before it, and its loop', () => {
    expect(comesBefore(courseOf('transport'), 'truckers-hitch/slip-loop', buildsOn)).toContain(
      'slip-loop/plain',
    );
  });
});

describe('a course of one’s own', () => {
  const document = (skills: unknown) => ({
    format: 'vast-cleat/course',
    version: 1,
    title: 'Yard',
    skills,
  });
  it('is refused with a skill that there is not, one said twice, and with none', () => {
    for (const [skills, code] of [
      [['bowline/facing-away', 'bowline/no-such-way'], 'invalid-value'],
      [['reef/plain', 'reef/plain'], 'said-twice'],
      [[], 'too-small'],
    ] as const) {
      const read = readCourse(document(skills));
      expect(read.ok ? [] : read.why.issues.map((i) => i.code), String(skills)).toContain(code);
    }
    expect(readCourse(document(['reef/plain'])).ok).toBe(true);
    expect(readCourse({ ...document(['reef/plain']), version: 2 })).toMatchObject({
      ok: false,
      why: { reason: 'too-new' },
    });
  });
  it('says what stands before what it builds on; put in order nothing does, and nothing is lost', () => {
    for (const id of COURSE_IDS) {
      const turned = courseOf(id).toReversed();
      expect(outOfOrder(courseOf(id), buildsOn)).toEqual([]);
      expect(outOfOrder(turned, buildsOn).length).toBeGreaterThan(2);
      expect(outOfOrder(inOrder(turned, buildsOn), buildsOn)).toEqual([]);
      expect(inOrder(turned, buildsOn).toSorted()).toEqual(turned.toSorted());
      expect(inOrder(courseOf(id), buildsOn)).toEqual(courseOf(id));
    }
    expect(outOfOrder(['truckers-hitch/slip-loop', 'slip-loop/plain'], buildsOn)).toEqual([
      { skill: 'truckers-hitch/slip-loop', on: 'slip-loop/plain' },
    ]);
  });
});
