import { describe, expect, it } from 'vitest';
import { API } from '@/server/api/endpoints';
import { request } from '../support/api';

const post = (path: string, body: unknown) => request('POST', path, { body });
const num = (v: unknown): number => v as number;

describe('POST /tackle', () => {
  it('the trucker’s hitch: counted 3, hauling 1.8, holding easier; every strand and the anchor', async () => {
    const { status, json } = await post('/tackle', API.tackle.example);
    expect(status).toBe(200);
    expect(json).toMatchObject({ countedRatio: 3, travelRatio: 3 });
    const hauling = json['hauling'] as unknown as {
      ratio: number;
      loadN: number;
      anchorsN: Record<string, number>;
      strandsN: number[][];
    };
    expect(hauling.ratio).toBeCloseTo(1.8, 9);
    expect(hauling.loadN).toBeCloseTo(450, 6);
    expect(hauling.strandsN[0]!.map((n) => Math.round(n))).toEqual([250, 125, 75]);
    expect(hauling.anchorsN['anchor']).toBeCloseTo(200, 6);
    expect(num((json['holding'] as unknown as { ratio: number }).ratio)).toBeGreaterThan(3);
    expect(num((json['working'] as unknown as { value: number }).value)).toBeCloseTo(450, 6);
  });
  it('a turn may be given by friction and the wrapped angle', async () => {
    const ropes = [
      { from: 'hand', passes: [{ body: 'anchor', mu: 0.2, wrapRad: '180 deg' }], to: 'load' },
    ];
    const { json } = await post('/tackle', {
      bodies: [
        { id: 'load', kind: 'load' },
        { id: 'anchor', kind: 'anchor' },
      ],
      ropes,
      handAngleRad: Math.PI,
    });
    expect(num((json['hauling'] as unknown as { ratio: number }).ratio)).toBeCloseTo(
      Math.exp(-0.2 * Math.PI),
      9,
    );
  });
  it('a system that cannot be worked out is refused in words', async () => {
    const { status, json } = await post('/tackle', {
      ...API.tackle.example,
      ropes: API.tackle.example.ropes.slice(0, 1),
    });
    expect(status).toBe(422);
    expect(JSON.stringify(json)).toContain('Each travelling part needs one.');
  });
});

describe('POST /tie-off, /take-up, /span, /wraps', () => {
  it('tie-off keeps less than was hauled, and less still after settling', async () => {
    const { json } = await post('/tie-off', API.tieOff.example);
    const [kept, settled] = [num(json['keptN']), num(json['settledN'])];
    expect(kept).toBeLessThan(450);
    expect(kept).toBeGreaterThan(0);
    expect(settled).toBeCloseTo(0.8 * kept, 9);
  });
  it('take-up: tied at 20 cm it does not do; at what it says, it does', async () => {
    const { json } = await post('/take-up', API.takeUp.example);
    expect(num(json['takeUpM'])).toBeCloseTo(0.04 + 0.1 + 0.03, 9);
    expect(json['tiedAt']).toMatchObject({ enough: true });
    const near = await post('/take-up', { ...API.takeUp.example, tiedAtM: '0.1 m' });
    expect(near.json['tiedAt']).toMatchObject({ enough: false });
    expect(
      num((near.json['tiedAt'] as unknown as Record<string, number>)['tensionWhenLoopArrivesN']),
    ).toBeCloseTo(300, 6);
  });
  it('a span at 1 % sag bears 25 times its load, and a deeper one keeps to its limit', async () => {
    const greatest = async (extra: object): Promise<number> =>
      num(
        (
          (await post('/span', { ...API.span.example, ...extra })).json[
            'load'
          ] as unknown as Record<string, number>
        )['greatestN'],
      );
    expect((await greatest({ weightNPerM: 0.001 })) / 400).toBeCloseTo(25, 1);
    // With the line's own newton a metre: H = (1000 + 12.5) / 0.1, each end upright 200 + 5.
    expect(await greatest({})).toBeCloseTo(Math.hypot(10125, 205), 6);
    const { json } = await post('/span', API.span.example);
    expect(num(json['sagAtLimitM'])).toBeCloseTo(1012.5 / Math.sqrt(2000 ** 2 - 205 ** 2), 6);
    expect(num((json['working'] as unknown as { value: number }).value)).toBeCloseTo(
      Math.hypot(10125, 205),
      6,
    );
    expect(
      (await post('/span', { ...API.span.example, load: { loadN: '400 N', atM: '12 m' } })).status,
    ).toBe(422);
    expect((await post('/span', { ...API.span.example, limitN: '100 N' })).json['status']).toBe(
      422,
    );
  });
  it('wraps: what is left at the tail, and the turns a hand wants', async () => {
    const { json } = await post('/wraps', API.wraps.example);
    const tail = json['tailN'] as unknown as { least: number; greatest: number };
    expect(tail.least).toBeLessThan(tail.greatest);
    expect(num(json['turnsWanted'])).toBe(2.5);
  });
});

describe('POST /run', () => {
  it('four legs over hooks: 1, 0.55, 0.30, 0.17 of the first hauled from one end; one tie-down', async () => {
    const { status, json } = await post('/run', {
      handN: '100 N',
      haulingRatio: 1,
      turns: [{}, {}, {}],
    });
    expect(status).toBe(200);
    const tensions = (json['fromOneEnd'] as unknown as { tensionsN: number[] }).tensionsN;
    expect(tensions.map((n) => Math.round(n))).toEqual([100, 55, 30, 17]);
    expect(json).toMatchObject({
      tieDowns: 1,
      legByLeg: { tensionsN: [100, 100, 100, 100] },
      slackLegs: [],
      haulAgain: [],
    });
  });
  it('a lock that lets go: what goes slack on both its sides, and how it is hauled again', async () => {
    const { json } = await post('/run', API.run.example);
    expect(json['slackLegs']).toEqual([1, 2, 3, 4]);
    const steps = json['haulAgain'] as unknown as { do: string; number: number }[];
    expect(steps.map((s) => `${s.do} ${s.number}`)).toEqual([
      'undo 0',
      'undo 2',
      'haul 4',
      'haul 3',
      'lock 2',
      'haul 2',
      'haul 1',
      'lock 0',
    ]);
  });
  it('a leg that is not there, or a turn that is not locked, is refused in words', async () => {
    for (const failure of [
      { kind: 'leg', leg: 7 },
      { kind: 'leg', leg: 0 },
      { kind: 'lock', turn: 1 },
    ]) {
      const { status, json } = await post('/run', { ...API.run.example, failure });
      expect(status).toBe(422);
      expect(JSON.stringify(json)).toContain('Name one of the run’s 6 legs');
    }
  });
});
