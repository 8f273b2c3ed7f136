import { describe, expect, it } from 'vitest';
import { assess } from '../assess';
import { LOCKER_NOT_ASKED } from '../locker-word';
import { placeUnits } from '../load/placed';
import { parsePlan, type Plan } from '../plan';
import { lineShape } from '../route/shape';
import { runLegs } from '../route/run';
import { planOf, ringBody, unitBody } from '../../../../tests/support/units';
import { endAnchor, stopsInWords } from './ends';
import { bentTo, ledOn, ledTo, lineOver, lineTo, pointsOf } from './lines';

const rings = ['L1', 'L2', 'R1', 'R2'].map((id) =>
  ringBody(id, id.endsWith('1') ? 1.5 : 2.5, id.startsWith('L') ? 1.2 : -1.2),
);
const deck = (): Plan =>
  planOf(
    [
      unitBody('low', { fromFrontM: 1, lengthM: 2 }),
      unitBody('top', { fromFrontM: 1, lengthM: 2, on: { kind: 'unit', unitId: 'low' } }),
      unitBody('away', { fromFrontM: 8 }),
    ],
    [],
    rings,
  );
const withLine = (plan: Plan, line: Plan['lines'][number]): Plan => ({ ...plan, lines: [line] });

describe('a line pulled from anchor to anchor', () => {
  it('lies over what lies between: of a stack over its top, and the plan can be read', () => {
    const line = lineOver(deck(), 'L1', 'R1', 'rope')!;
    expect(line).toMatchObject({ kind: 'over', units: ['top'], settling: 0.2 });
    expect(stopsInWords(line)).toBe('L1 to R1');
    const plan = withLine(deck(), line);
    expect(parsePlan(plan)).toMatchObject({ ok: true });
    expect(assess(plan, LOCKER_NOT_ASKED).lines[0]!.shape.problem).toBeNull();
  });
  it('is none where nothing lies between, from an anchor to itself, or to one that is not there', () => {
    for (const [a, b] of [
      ['L1', 'L2'],
      ['L1', 'L1'],
      ['L1', 'X'],
    ] as const)
      expect(lineOver(deck(), a, b, 'webbing')).toBeNull();
  });
});

describe('a line pulled from an anchor to a unit', () => {
  it('is made fast on its rim, half way up, and counts for nothing until the lug is read', () => {
    const line = lineTo(deck(), 'L1', 'low', { x: -1.5, y: 0.9 }, 'rope')!;
    expect(line).toMatchObject({
      kind: 'direct',
      units: ['low'],
      points: [{ unitId: 'low', fromFrontM: 1.5, fromCentreM: 0.5, heightM: 0.5 }],
    });
    expect(line.elements.some((e) => e.kind === 'edge')).toBe(false);
    const { lines, verdict } = assess(withLine(deck(), line), LOCKER_NOT_ASKED);
    expect(lines[0]!.capacity.wll.value).toBeNull();
    expect(verdict).not.toBe('holds');
  });
});

describe('a line led elsewhere', () => {
  const line = lineOver(deck(), 'L1', 'R1', 'rope')!;
  it('changes the end that is led, and nothing else', () => {
    const led = ledTo(line, 'last', 'R2');
    expect([endAnchor(led, 'first'), endAnchor(led, 'last')]).toEqual(['L1', 'R2']);
    expect(ledTo(led, 'last', 'R2')).toBe(led);
    const direct = lineTo(deck(), 'L1', 'low', null, 'rope')!;
    expect([endAnchor(direct, 'first'), endAnchor(direct, 'last')]).toEqual(['L1', null]);
    expect(ledTo(direct, 'last', 'R2')).toBe(direct);
  });
  it('led on over hooks is one rope: hauled at its last leg, less tension behind each hook', () => {
    let plan = withLine(deck(), line);
    for (const id of ['R2', 'L2', 'L1']) plan = withLine(plan, ledOn(plan, plan.lines[0]!, id));
    const [run] = plan.lines;
    expect(stopsInWords(run!)).toBe('L1 to R1 to R2 to L2 to L1');
    const parts = runLegs(run!).map((l) => l.part);
    // What passes a hook: 0.55 of what is hauled on it (common practice, no source).
    expect(parts.toReversed().map((p) => p / parts.at(-1)!)).toEqual(
      [0, 1, 2, 3].map((n) => expect.closeTo(0.55 ** n, 9)),
    );
    expect(parsePlan(plan)).toMatchObject({ ok: true });
  });
});

describe('a line bent by hand', () => {
  const line = lineOver(deck(), 'L1', 'R1', 'rope')!;
  it('stays on the rim of the top where it is put, and lies there', () => {
    const plan = withLine(deck(), line);
    const load = placeUnits(plan.units);
    expect(pointsOf(line, plan, load).map((p) => [p.fromFrontM, p.fromCentreM, p.heightM])).toEqual(
      [
        [1.5, 0.5, 2],
        [1.5, -0.5, 2],
      ],
    );
    const bent = bentTo(plan, line, 0, { x: -2, y: 0.9 });
    expect(bent.points[0]).toEqual({
      unitId: 'top',
      fromFrontM: 2,
      fromCentreM: 0.5,
      heightM: 2,
    });
    expect(bent.points[1]).toMatchObject({ fromFrontM: 1.5, fromCentreM: -0.5 });
    expect(lineShape(bent, load, plan.deck).problem).toBeNull();
  });
  it('of a direct line keeps its height, or takes one within its unit', () => {
    const direct = lineTo(deck(), 'L1', 'top', null, 'rope')!;
    const plan = withLine(deck(), direct);
    expect(bentTo(plan, direct, 0, { x: -2, y: 2 }).points[0]!.heightM).toBe(1.5);
    expect(bentTo(plan, direct, 0, { x: -2, y: 2 }, 9).points[0]!.heightM).toBe(2);
    expect(bentTo(plan, direct, 0, { x: -2, y: 2 }, 0).points[0]!.heightM).toBe(1);
  });
});
