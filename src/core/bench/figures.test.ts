import { describe, expect, it } from 'vitest';
import { checkFormulas } from '../../../tests/support/working';
import { parseRigging, type RiggingDocument, riggingSchema } from './rigging';
import { SYSTEMS, type SystemId, systemRigging } from '../tackle/systems';
import type { PassKind } from '../tackle/passes';
import type { Working } from '../working/working';
import { benchFigures, capacityOf, ownLine } from './figures';
import { strandWorkings } from './strands';

/** 12 mm polyester of 28 kN, used and good, on rings that bear 5 kN. */
const base = {
  format: 'vast-cleat/rigging',
  version: 1,
  title: 'Test',
  rope: { material: 'polyester', diameterM: 0.012, mbsN: 28_000, tag: 'T-1' },
  lengthM: 4.78,
  anchor: { name: 'ring', rating: { state: 'rated', wllN: 5000 }, barDiameterM: 0.016 },
  farAnchor: { name: 'far ring', rating: { state: 'rated', wllN: 5000 } },
};
const hitch = (
  extra: Record<string, unknown> = {},
  more: Record<string, unknown> = {},
): RiggingDocument =>
  riggingSchema.parse({
    ...base,
    ...more,
    system: { kind: 'truckers', loop: 'slip-loop', handForceN: 500, ...extra },
  });
const tackle = (
  id: SystemId,
  round: PassKind = 'plain-pulley',
  wllN: number | null = 8000,
): RiggingDocument => {
  const r = systemRigging(SYSTEMS[id], round);
  return riggingSchema.parse({
    ...base,
    system: {
      kind: 'tackle',
      handForceN: 250,
      handAngleRad: r.handAngleRad,
      bodies: r.bodies.map(({ id: body, kind }) => ({
        id: body,
        kind,
        holds: wllN === null ? { by: 'unrated' } : { by: 'rated', wllN },
      })),
      ropes: r.ropes.map((x) => ({
        ...x,
        passes: x.passes.map((p) => ({
          body: p.body,
          turn: { by: 'efficiency', round, efficiency: p.efficiency },
        })),
      })),
    },
  });
};
const all = (node: Working): Working[] => [node, ...node.inputs.flatMap(all)];

describe('a trucker’s hitch on the bench', () => {
  it('counted 3, hauling 1.8, and the pull that the weakest place bears is the WLL over 1.8', () => {
    const f = benchFigures(hitch());
    expect([f.counted, f.tension.ratio!.value, f.tension.hauled.value]).toEqual([3, 1.8, 900]);
    expect(f.pullLimit.value).toBeCloseTo(f.capacity.wll.value! / 1.8, 9);
    expect(f.limits[0]!.pull.value).toBeCloseTo(f.pullLimit.value!, 9);
    expect(f.limits.map((l) => l.pull.value)).toEqual(
      f.limits.map((l) => l.pull.value).toSorted((a, b) => a! - b!),
    );
  });
  it('a line and its strength made before the hand pulled on serve for every later pull', () => {
    for (const doc of [hitch({ handForceN: 100 }), tackle('compound-9')]) {
      const line = ownLine(doc);
      const pulled = { ...doc, system: { ...doc.system, handForceN: 420 } };
      const [kept, anew] = [benchFigures(pulled, line, capacityOf(line)), benchFigures(pulled)];
      expect([kept.tension, kept.hauling, kept.loop, kept.afterHour]).toEqual([
        anew.tension,
        anew.hauling,
        anew.loop,
        anew.afterHour,
      ]);
      kept.limits.forEach((l, i) =>
        expect(l.pull.value).toBeCloseTo(anew.limits[i]!.pull.value!, 9),
      );
      expect(kept.pullLimit.value).toBeCloseTo(anew.pullLimit.value!, 9);
    }
  });
  it('what is kept by hand: k₁ = EA/4.48, k₂ = EA/0.3, EA = 0.2·28 kN/0.04, 5 mm slip', () => {
    const f = benchFigures(hitch());
    const [k1, k2] = [140_000 / 4.48, 140_000 / 0.3];
    expect(f.tension.kept.value).toBeCloseTo(900 - (k1 * (500 + k2 * 0.005)) / (k1 + 2 * k2), 9);
    expect(f.afterHour!.leastN).toBeCloseTo(0.7 * f.tension.kept.value!, 9);
    expect(f.tension.pretension.value).toBeCloseTo(0.8 * f.tension.kept.value!, 9);
  });
  it.each([
    ['reeved-twice', 5, 2.04],
    ['second-loop', 9, 3.24],
  ] as const)('%s: counted %d, hauling %d', (form, counted, hauling) => {
    const f = benchFigures(hitch({ form }));
    expect(f.counted).toBeCloseTo(counted, 12);
    expect(f.tension.ratio!.value).toBeCloseTo(hauling, 12);
    expect(f.tension.kept.value).toBeLessThan(f.tension.hauled.value!);
    expect(f.capacity.wll.value).toBeGreaterThan(0);
  });
  it('all eighteen: six loops, three locks', () => {
    const loops = [
      'slip-loop',
      'bell-ringer',
      'half-sheepshank',
      'alpine-butterfly',
      'inline-figure-eight',
      'figure-eight-on-bight',
    ];
    const locks = ['slipped-half-hitch', 'two-half-hitches', 'taut-line-hitch'];
    for (const loop of loops)
      for (const lock of locks)
        expect(benchFigures(hitch({ loop, lock })).pullLimit.value).toBeGreaterThan(100);
  });
  it('tied too near, the loop arrives before the line is hauled; far enough, it never does', () => {
    const near = benchFigures(hitch({ shortStrandM: 0.06 }));
    expect(near.loop!.arrivesAtN).not.toBeNull();
    expect(near.loop!.arrivesAtN!).toBeGreaterThan(0);
    expect(near.loop!.arrivesAtN!).toBeLessThan(900);
    expect(benchFigures(hitch({ shortStrandM: 0.3 })).loop!.arrivesAtN).toBeNull();
    expect(
      benchFigures(hitch({ shortStrandM: 0.3 }, { lengthM: 20, sagM: 1.5 })).loop!.arrivesAtN,
    ).toBe(0);
  });
  it('a second loop wants three times the travel', () => {
    const [one, two] = [
      benchFigures(hitch({ handForceN: 200 })),
      benchFigures(hitch({ form: 'second-loop', handForceN: 200 * (1.8 / 3.24) })),
    ];
    expect(two.tension.hauled.value).toBeCloseTo(one.tension.hauled.value!, 9);
    expect(two.loop!.takeUp.value).toBeCloseTo(one.loop!.takeUp.value!, 9);
    expect(two.loop!.needed.value! - 0.1).toBeCloseTo(3 * (one.loop!.needed.value! - 0.1), 9);
  });
  it('every strand has its working, for a hitch as for a tackle', () => {
    for (const doc of [
      hitch({ form: 'second-loop', passes: 2, handAngleRad: 1 }),
      tackle('compound-9'),
    ]) {
      const [mine, solved] = [
        strandWorkings(doc.system).strandsN,
        benchFigures(doc).hauling.strands,
      ];
      mine.forEach((rope, r) =>
        rope.forEach((w, i) =>
          expect(w.value).toBeCloseTo(solved[r]![i]! * doc.system.handForceN, 9),
        ),
      );
      expect(mine.flat().every((w) => w.source !== '')).toBe(true);
    }
  });
  it('the working shows what was computed: every formula’s text, with its inputs, gives its value', () => {
    const docs = [
      hitch(),
      hitch({ form: 'second-loop', handAngleRad: 0.7 }),
      hitch({ form: 'reeved-twice', passes: 2 }),
      tackle('compound-9'),
      tackle('complex-7', 'ring'),
      tackle('spanish-burton'),
    ];
    for (const doc of docs) {
      const f = benchFigures({ ...doc, loadBearsN: 700 });
      [
        f.tension.hauled,
        f.tension.pretension,
        f.pullLimit,
        f.capacity.wll,
        f.crushPull!,
        ...f.limits.map((l) => l.pull),
        ...strandWorkings(doc.system).strandsN.flat(),
      ].forEach(checkFormulas);
      if (f.loop) [f.loop.takeUp, f.loop.needed].forEach(checkFormulas);
    }
  });
  it('a load that bears 500 N is crushed at 500/1.8 of pull', () =>
    expect(benchFigures(hitch({}, { loadBearsN: 500 })).crushPull!.value).toBeCloseTo(
      500 / 1.8,
      9,
    ));
});

describe('a tackle on the bench', () => {
  it('3 to 1 over plain pulleys: 1 + 0.9 + 0.81, made fast at 5 mm over a travel of 3', () => {
    const f = benchFigures(tackle('simple-3'));
    expect(f.tension.hauled.value).toBeCloseTo(250 * 2.71, 9);
    expect([f.counted, f.travel]).toEqual([3, 3]);
    expect(f.tension.kept.value).toBeCloseTo(250 * 2.71 - ((140_000 / 4.78) * 0.005) / 3, 9);
    expect(f.band).toEqual({ least: 1 + 0.9 + 0.81, most: 1 + 0.9 + 0.81 });
  });
  it('its anchor bears the whole line once it is made fast; a redirect makes it bear the hand too', () => {
    const share = (id: SystemId): number =>
      benchFigures(tackle(id)).capacity.places.find(
        (p) => p.part === 'anchor' && p.elementId === 'near',
      )!.share.value!;
    expect(share('simple-3')).toBe(1);
    expect(share('redirect')).toBeCloseTo((1 + 0.9) / 0.9, 9);
  });
  it('a block with no rating plate leaves the line unknown, and so the pull', () => {
    const f = benchFigures(tackle('compound-9', 'plain-pulley', null));
    expect([f.capacity.wll.value, f.pullLimit.value]).toEqual([null, null]);
    expect(f.capacity.places.find((p) => p.part === 'tackle-block')!.problem).toBe(
      'unrated-fitting',
    );
  });
  it('rings instead of pulleys have a range', () => {
    const { band } = benchFigures(tackle('simple-3', 'ring'));
    expect(band.least).toBeCloseTo(1 + 0.55 + 0.55 ** 2, 12);
    expect(band.most).toBeCloseTo(1 + 0.65 + 0.65 ** 2, 12);
  });
  it('every figure of its working names where it comes from', () => {
    for (const node of all(benchFigures(tackle('compound-9')).tension.kept))
      expect(node.source, node.label).not.toBe('');
  });
});

describe('the document', () => {
  it('what cannot be worked out is refused with the reason and the place', () => {
    const lame = parseRigging({
      ...base,
      system: {
        kind: 'tackle',
        bodies: [
          { id: 'L', kind: 'load' },
          { id: 'P', kind: 'travelling' },
          { id: 'A', kind: 'anchor' },
        ],
        ropes: [
          {
            from: 'hand',
            passes: [{ body: 'P', turn: { by: 'efficiency', efficiency: 0.9 } }],
            to: 'A',
          },
        ],
      },
    });
    expect(lame).toMatchObject({
      ok: false,
      issues: [{ code: 'rigging-undetermined', path: ['system', 'ropes'] }],
    });
  });
  it('a system that pulls nothing is refused', () => {
    const idle = parseRigging({
      ...base,
      system: {
        kind: 'tackle',
        bodies: [
          { id: 'L', kind: 'load' },
          { id: 'A', kind: 'anchor' },
        ],
        ropes: [{ from: 'hand', passes: [], to: 'A' }],
      },
    });
    expect(idle).toMatchObject({ ok: false, issues: [{ code: 'rigging-no-pull' }] });
  });
  it('comes back as it was', () => {
    const doc = tackle('compound-9');
    expect(parseRigging(JSON.parse(JSON.stringify(doc)))).toEqual({ ok: true, value: doc });
  });
});
