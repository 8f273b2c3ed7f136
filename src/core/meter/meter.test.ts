import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EMPTY_LOG, LineCutter, MOST_KEPT, withLines } from './log';
import { checkOf, meterLine, METER_STATES, readLine } from './reading';
import { type MeterScene, READINGS_PER_S, sceneReading, sceneTension } from './stand-in';

const scene: MeterScene = { hauledN: 900, keptN: 827, settling: 0.2, capacityN: 5000, seed: 7 };

describe('the line protocol', () => {
  it('the line of the description reads as it says', () => {
    expect(checkOf('812 81200 843.2 ok')).toBe('07');
    expect(readLine('812 81200 843.2 ok 07')).toEqual({
      sequence: 812,
      atMs: 81200,
      tensionN: 843.2,
      state: 'ok',
    });
  });
  it('what is written is read again', () => {
    fc.assert(
      fc.property(
        fc.nat(),
        fc.nat(),
        fc.integer({ min: -1e6, max: 1e7 }),
        fc.constantFrom(...METER_STATES),
        (sequence, atMs, tenths, state) => {
          const reading = { sequence, atMs, tensionN: tenths / 10, state };
          expect(readLine(meterLine(reading))).toEqual(
            reading.tensionN === 0 ? { ...reading, tensionN: 0 } : reading,
          );
        },
      ),
    );
  });
  it('any damage to a line is noticed: every single character changed', () => {
    const line = meterLine({ sequence: 41, atMs: 4100, tensionN: 812.5, state: 'ok' });
    for (let i = 0; i < line.length; i++)
      for (const by of '0 9.xkf-')
        if (line[i] !== by)
          expect(typeof readLine(line.slice(0, i) + by + line.slice(i + 1)), `${i} ${by}`).toBe(
            'string',
          );
  });
  it('garbage never throws and never reads', () => {
    fc.assert(fc.property(fc.string(), (text) => typeof readLine(text) === 'string'));
    expect(readLine('1 100 5e3 ok 00')).toBe('garbage');
    const far = '1 100 99999999 ok';
    expect(readLine(`${far} ${checkOf(far)}`)).toBe('out-of-range');
  });
});

describe('the log of a meter', () => {
  const lines = (from: number, n: number): string[] =>
    Array.from({ length: n }, (_, i) => meterLine(sceneReading(scene, from + i)));
  it('ten minutes at ten a second keep a minute, whatever went wrong between', () => {
    const log = withLines(withLines(EMPTY_LOG, lines(0, 3000)), [
      'x',
      '',
      '7 700 1.0 ok 00',
      ...lines(3010, 2990),
    ]);
    expect(log.trace).toHaveLength(MOST_KEPT);
    expect([log.read, log.missed, log.faults.garbage, log.faults.check]).toEqual([5990, 10, 1, 1]);
    expect(log.latest!.sequence).toBe(5999);
    expect(log.peakN!).toBeGreaterThan(880);
  });
  it('does not grow: the heap after ten more minutes is as before', () => {
    const collect = globalThis.gc ?? (() => undefined);
    let log = withLines(EMPTY_LOG, lines(0, 6000));
    collect();
    const before = process.memoryUsage().heapUsed;
    for (let k = 1; k <= 10; k++) log = withLines(log, lines(6000 * k, 600));
    collect();
    // Readings are some hundred bytes: 6,000 kept would be well over half a megabyte more than 600. Without --expose-gc garbage lies about, so the trace itself is the check.
    if (globalThis.gc) expect(process.memoryUsage().heapUsed - before).toBeLessThan(300_000);
    expect(JSON.stringify(log).length).toBeLessThan(MOST_KEPT * 120);
  });
  it('a cell switched on again misses nothing', () =>
    expect(withLines(withLines(EMPTY_LOG, lines(500, 3)), lines(0, 3)).missed).toBe(0));
  it('lines come in pieces of any size', () => {
    const text = `${lines(0, 40).join('\r\n')}\r\n`;
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 40, maxLength: 80 }),
        (sizes) => {
          const cutter = new LineCutter();
          let [at, all] = [0, [] as string[]];
          for (const size of sizes) {
            all = all.concat(cutter.push(text.slice(at, at + size)));
            at += size;
          }
          all = all.concat(cutter.push(text.slice(at)));
          return withLines(EMPTY_LOG, all).read === 40;
        },
      ),
      { numRuns: 50 },
    );
  });
  it('a line without an end fills nothing', () => {
    const cutter = new LineCutter();
    for (let i = 0; i < 1000; i++) cutter.push('9'.repeat(1000));
    expect(cutter.push('\n')[0]!.length).toBeLessThanOrEqual(200);
  });
});

describe('the stand-in', () => {
  it('hauls, ties off to what is kept, then creeps by the settling within the hour', () => {
    expect([0, 1.5, 4, 6.5].map((s) => sceneTension(scene, s))).toEqual([0, 450, 900, 827]);
    expect(sceneTension(scene, 3606.5)).toBeCloseTo(827 * 0.8, 6);
    expect(sceneTension(scene, 300)).toBeGreaterThan(827 * 0.8);
    expect(sceneTension(scene, 300)).toBeLessThan(827);
  });
  it('is noisy but right: the mean of a minute is within a part in a hundred of its capacity', () => {
    const errors = Array.from(
      { length: 60 * READINGS_PER_S },
      (_, i) =>
        sceneReading(scene, 1000 + i).tensionN - sceneTension(scene, (1000 + i) / READINGS_PER_S),
    );
    expect(Math.abs(errors.reduce((a, b) => a + b, 0) / errors.length)).toBeLessThan(
      0.004 * scene.capacityN,
    );
    expect(Math.max(...errors) - Math.min(...errors)).toBeGreaterThan(0.004 * scene.capacityN);
  });
  it('says so when it is overloaded, and reads no higher', () => {
    const reading = sceneReading({ ...scene, hauledN: 9000 }, 45);
    expect(reading).toMatchObject({ tensionN: 5000, state: 'over' });
  });
});
