import { describe, expect, it } from 'vitest';
import { benchFigures, riggingOfSystem } from '@/core/bench/figures';
import { spanFigures } from '@/core/bench/span';
import { strandTensions } from '@/core/bench/strands';
import { type BenchSystem, systemSchema } from '@/core/bench/rigging';
import { FORM_IDS } from '@/core/tackle/systems';
import { riggingForces } from '@/core/tackle/rigging';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { sayingOf } from './BenchVerdict';
import { compared, compareRows, withTurns } from './compareRows';
import { angleOf, drawRig, wayOf } from './drawing';
import { CANVAS } from './lanes';
import { spread } from './Gauge';
import { formOf, newRigging, withForm } from '@/core/bench/compose';
import { addPass, addTravelling, removeBody, removePass, setEnd } from './route';
import { practiceWords, schoolWords } from './schools';
import { strandWords } from './strandWords';
import { strength } from '../../../tests/support/tension-bench';

const bench = (form: (typeof FORM_IDS)[number], tied = false) => {
  const doc = newRigging(strength, form);
  return { doc, figures: benchFigures(doc), tied };
};

describe('everything that can be chosen', () => {
  it.each(FORM_IDS)(
    '%s: can be computed, is known again by its name, and is drawn inside the picture with every strand',
    (form) => {
      const { doc, figures } = bench(form);
      expect(formOf(doc.system)).toBe(form);
      for (const angle of [0, Math.PI / 2, Math.PI]) {
        const rigging = riggingOfSystem({ ...doc.system, handAngleRad: angle });
        const rig = drawRig(rigging, { ...doc.system, handAngleRad: angle }, 1, 1);
        expect(rig.strands).toHaveLength(figures.hauling.strands.flat().length);
        const numbers = rig.strands.flatMap((s) =>
          [...`${s.back}${s.front}`.matchAll(/-?\d+(\.\d+)?/g)].map((m) => Number(m[0])),
        );
        expect(
          numbers.every((n) => Number.isFinite(n) && n > -60 && n < CANVAS.height + 40),
          form,
        ).toBe(true);
        expect(rig.hand.x).toBeLessThanOrEqual(CANVAS.width);
        // Labels of one rope never lie on each other.
        const labels = rig.strands.map((s) => s.label);
        for (const a of labels)
          for (const b of labels)
            if (a !== b)
              expect(
                Math.abs(a.x - b.x) > 52 || Math.abs(a.y - b.y) > 20,
                `${form} ${JSON.stringify([a, b])}`,
              ).toBe(true);
      }
    },
  );
  it.each(FORM_IDS)('%s keeps the hand when another takes its place', (form) => {
    const changed = withForm({ ...newRigging(strength).system, handForceN: 333 }, form);
    expect(systemSchema.safeParse(changed).success).toBe(true);
    expect(changed.handForceN).toBe(333);
  });
  it('tied off, the strands of a loop balance the load line', () => {
    for (const form of ['single', 'reeved-twice', 'second-loop'] as const) {
      const b = bench(form, true);
      const strands = strandTensions(b.doc, b.figures, b.tied);
      const kept = b.figures.tension.kept.value!;
      const last = form === 'second-loop' ? strands[1]! : strands[0]!.slice(1);
      expect(last.reduce((x, y) => x + y, 0)).toBeCloseTo(kept, 9);
      expect(strands.at(-1)![0]).toBeCloseTo(kept, 9);
      expect(strands[0]![0]).toBe(0);
    }
  });
  it('says what every strand bears to somebody who cannot see it', () => {
    const { say, of } = strandWords(bench('single'), METRIC);
    expect(say).toContain(
      'your hand 250\u00a0N, loop to anchor 125\u00a0N, anchor to loop 75.0\u00a0N',
    );
    expect(of(1, 0)).toMatchObject({ figure: '450\u00a0N', most: true });
    expect(strandWords(bench('single'), US_CUSTOMARY).say).toContain('lbf');
  });
});

describe('the hand’s way on the drawing', () => {
  it('and its angle lead back to each other', () => {
    for (const a of [0, 0.4, 1.2, Math.PI / 2, 2.5, Math.PI])
      expect(angleOf(wayOf(a))).toBeCloseTo(a, 9);
  });
  it('left of the line counts as on it', () => expect(angleOf({ x: -5, y: 1 })).toBe(0));
});

describe('the labels of the gauge', () => {
  it('keep apart, keep their order, stay inside', () => {
    const out = spread([100, 101, 99, 600, 605], 30, 604);
    const sorted = out.toSorted((a, b) => a - b);
    expect(sorted.every((y, i) => i === 0 || y - sorted[i - 1]! >= 30 - 1e-9)).toBe(true);
    expect(Math.max(...out)).toBeLessThanOrEqual(604);
    expect(out[2]!).toBeLessThan(out[0]!);
  });
});

describe('what the bench says', () => {
  const saying = (
    system: Partial<Extract<BenchSystem, { kind: 'truckers' }>>,
    doc: object = {},
  ) => {
    const base = newRigging(strength);
    const whole = { ...base, ...doc, system: { ...base.system, ...system } as BenchSystem };
    return sayingOf(benchFigures(whole), whole.loadBearsN, METRIC);
  };
  it('holds, with the most the hand may pull and what gives first', () =>
    expect(saying({})).toMatchObject({
      verdict: 'holds',
      then: expect.stringMatching(/Do not pull more than \d{3}\u00a0N: slip loop gives first/),
    }));
  it('over the WLL: short, with the same limit', () =>
    expect(saying({ handForceN: 1500 })).toMatchObject({
      verdict: 'short',
      first: expect.stringContaining('more than the line’s WLL'),
    }));
  it('tied too near comes before everything', () =>
    expect(saying({ shortStrandM: 0.05, handForceN: 900 })).toMatchObject({
      verdict: 'short',
      first: expect.stringContaining('Tied too near'),
    }));
  it('a load that is crushed', () =>
    expect(saying({}, { loadBearsN: 200 })).toMatchObject({
      verdict: 'short',
      first: expect.stringContaining('crushes the load'),
    }));
  it('an anchor nobody has rated: cannot say, and what to do', () =>
    expect(
      saying(
        {},
        {
          anchor: {
            name: 'tree',
            rating: { state: 'unrated' },
            barDiameterM: 0.3,
            surface: 'wood',
          },
        },
      ),
    ).toMatchObject({ verdict: 'cannot-say', first: 'Nobody has said what “tree” bears.' }));
});

describe('schools', () => {
  it('“10 lb gives about 20 lb” is true with a ring in the loop only, and the bench says so', () => {
    const plain = newRigging(strength).system as Extract<BenchSystem, { kind: 'truckers' }>;
    const words = (s: BenchSystem): string =>
      practiceWords(s, benchFigures({ ...newRigging(strength), system: s }).band);
    expect(words(plain)).toBe(
      '1.62 to 1.91 (rope loop, steel ring or connector). “10 lb gives about 20 lb” wants a ring or connector in the loop: 1.85 to 2.07.',
    );
    expect(words({ ...plain, inLoop: 'ring', loopEfficiency: 0.6 })).toBe(
      '1.85 to 2.07 (steel ring or connector, steel ring or connector). “10 lb gives about 20 lb”, the “2:1” school, is true here.',
    );
    expect(words({ ...plain, form: 'second-loop' })).toContain('not “4:1”');
  });
  it('the count is named for what it is', () => {
    const words = (form: (typeof FORM_IDS)[number]): string => {
      const b = bench(form);
      return schoolWords(b.doc.system, b.figures);
    };
    expect(
      [words('single'), words('reeved-twice'), words('second-loop')].map(
        (w) => /“(\d:1)”/.exec(w)?.[1],
      ),
    ).toEqual(['3:1', '4:1', '4:1']);
    expect(words('compound-9')).toContain('9 m of rope');
  });
});

describe('a route that is edited', () => {
  const start = newRigging(strength, 'simple-2').system as Extract<BenchSystem, { kind: 'tackle' }>;
  const ratio = (d: object): number | null => {
    const p = systemSchema.safeParse({ ...start, ...d });
    const f = p.success ? riggingForces(riggingOfSystem(p.data), 'hauling') : null;
    return f?.ok ? f.value.loadRatio : null;
  };
  it('a turn more round the anchor, the end at the load: 2 to 1 becomes 3 to 1', () => {
    const longer = setEnd(addPass(start, 0, 'A', 'plain-pulley'), 0, 'L');
    expect(ratio(longer)).toBeCloseTo(1 + 0.9 + 0.81, 9);
    expect(ratio(setEnd(removePass(longer, 0, 1), 0, 'A'))).toBeCloseTo(1.9, 9);
  });
  it('a travelling pulley more hangs on a rope of its own and multiplies; taken out, it is as before', () => {
    const more = addTravelling(start, 'plain-pulley');
    expect(ratio(more)).toBeCloseTo(1.9 * 1.9, 9);
    expect(ratio(addTravelling(more, 'plain-pulley'))).toBeCloseTo(1.9 ** 3, 9);
    expect(removeBody(more, 'P1').bodies).toEqual(start.bodies);
  });
  it('an unfinished route is no system', () =>
    expect(ratio(addPass(start, 0, 'A', 'ring'))).toBeNull());
});

describe('side by side', () => {
  const list = (['single', 'second-loop', 'simple-3'] as const).map((f) =>
    compared(f, f, newRigging(strength, f), 250),
  );
  const rows = compareRows(list, METRIC);
  it('every row has a cell a system; the best is marked where there is one', () => {
    expect(rows.every((r) => r.cells.length === 3)).toBe(true);
    expect(rows.find((r) => r.what === 'while hauling')).toMatchObject({
      cells: ['1.80 : 1', '3.24 : 1', '2.71 : 1'],
      best: 1,
    });
    expect(rows.find((r) => r.what === 'counted, no friction')!.best).toBeNull();
  });
  it('rings instead of pulleys take their part', () => {
    const ring = compared('r', 'r', withTurns(newRigging(strength, 'simple-3'), 'ring'), 250);
    expect(ring.figures.tension.ratio!.value).toBeCloseTo(1 + 0.6 + 0.36, 9);
  });
});

describe('a span', () => {
  const input = {
    spanM: 10,
    riseM: 0,
    rope: newRigging(strength).rope,
    loadN: 200,
    atM: 5,
    by: 'sag' as const,
    sagM: 0.1,
    unstretchedM: 10,
  };
  it('1 % sag: 25 times the load and the line’s own weight on top', () => {
    const f = spanFigures(input, strength);
    expect(f.timesLoad).toBeGreaterThan(25);
    expect(f.timesLoad).toBeLessThan(26);
    expect(f.sagAtWllM!).toBeGreaterThan(0.1);
    expect(
      spanFigures({ ...input, sagM: f.sagAtWllM! }, strength).ends.greatestN.value,
    ).toBeCloseTo(f.wll.value!, 3);
  });
  it('an elastic line finds its own sag', () => {
    const tight = spanFigures({ ...input, by: 'length', unstretchedM: 10 }, strength);
    expect(tight.sagM).toBeGreaterThan(0.3);
    expect(
      spanFigures({ ...input, by: 'length', unstretchedM: 10.3 }, strength).sagM,
    ).toBeGreaterThan(tight.sagM);
  });
});
