import { describe, expect, it } from 'vitest';
import { SLICK_KNOT_CAP } from '../../rope/materials';
import { CATALOGUE } from '../catalogue';
import { CONDITIONS, type Condition, type Job, JOBS } from './situation';
import { SUITS } from './suits';
import { whichKnots } from './which';

const jobs = Object.keys(JOBS) as Job[];
const conditions = Object.keys(CONDITIONS) as Condition[];

/** How an entry's own *not for* says a condition. */
const SAID: Record<Condition, RegExp | null> = {
  'goes-slack': /slack/,
  wet: /\bwet\b.*ropes/,
  stiff: /stiff/i,
  'slick-rope': /glazed/,
  unequal: /unequal/,
  'off-under-load': /quick release|come off under/i,
  gloves: /gloves/,
  'slick-thing': /slick poles|pipe and metal/i,
  untie: /untied?\b|undone|open(ed)? (quickly|again)|back undamaged|it jams|small, jams/,
  // No knot is against its being tied without an end: it can be, or it cannot.
  'no-end': null,
};

/** All sets of conditions. */
function* combinations(): Generator<Condition[]> {
  for (let bits = 0; bits < 2 ** conditions.length; bits++)
    yield conditions.filter((_, i) => bits & (1 << i));
}

describe('which knot', () => {
  it.each(conditions)('%s: the data say it where the words of the entry say it', (condition) => {
    for (const { id, notFor } of CATALOGUE.filter((e) => SUITS[e.id].jobs.length > 0))
      expect(condition in (SUITS[id].notFor ?? {}), `${id}: ${notFor}`).toBe(
        SAID[condition]?.test(notFor) ?? false,
      );
  });

  it('all jobs under all sets of conditions: nothing is offered that is not for it, and nothing is lost', () => {
    for (const job of jobs) {
      const candidates = CATALOGUE.filter((e) => SUITS[e.id].jobs.includes(job));
      expect(candidates.length, job).toBeGreaterThan(0);
      for (const asked of combinations()) {
        const { suits, out } = whichKnots({ job, conditions: asked }, 'polyester');
        expect(suits.length + out.length).toBe(candidates.length);
        for (const { entry, form, reasons } of suits) {
          const notFor = SUITS[entry.id].notFor ?? {};
          for (const c of asked) {
            const reason = reasons.find((r) => r.condition === c)!;
            if (c in notFor && reason.says === 'suits')
              throw new Error(`${entry.id} is offered for ${c}`);
            if (notFor[c] === null) throw new Error(`${entry.id} is not for ${c}`);
          }
          if (asked.includes('no-end') && (form.needs ?? entry.needs) === 'an end')
            expect(form.release, `${entry.id}/${form.id}`).toBe('in the bight');
        }
        for (const { reasons } of out) expect(reasons.some((r) => r.says === 'out')).toBe(true);
      }
    }
  });

  // What the trade answers first. Common practice, no source.
  it.each([
    ['join', ['unequal'], 'sheet-bend/double'],
    ['join', ['untie'], 'zeppelin/plain'],
    ['post', [], 'wrap-hitch/plain'],
    ['end-loop', ['untie'], 'bowline/facing-away'],
    ['middle-loop', ['untie'], 'alpine-butterfly/twist'],
    ['rail', ['off-under-load', 'gloves'], 'round-turn-two-half-hitches/slipped'],
    ['stop', ['goes-slack'], 'figure-eight/plain'],
    ['bind', ['wet'], 'jam-knot/plain'],
    ['log', [], 'timber-hitch/plain'],
    ['along', ['slick-thing'], 'rolling-hitch/two'],
    ['lower', [], 'munter-mule/plain'],
    ['noose', ['untie'], 'running-bowline/plain'],
    ['shorten', ['goes-slack'], 'alpine-butterfly/twist'],
  ] as const)('%s, %j: %s', (job, asked, first) => {
    const [best] = whichKnots({ job, conditions: asked }, 'polyester').suits;
    expect(`${best?.entry.id}/${best?.form.id}`).toBe(first);
  });

  it('in a slick fibre no knot counts for more than slick fibres leave', () => {
    for (const job of jobs)
      for (const { efficiency } of whichKnots({ job, conditions: [] }, 'hmpe').suits)
        expect(efficiency).toBeLessThanOrEqual(SLICK_KNOT_CAP);
  });
});
