import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { meterLine } from '@/core/meter/reading';
import { type MeterScene, sceneReading } from '@/core/meter/stand-in';
import { atBench as open, until } from '../support/tension-bench';
import { foundCrew } from '../support/api';
import { demoDocument } from '../support/demo';
import { BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

async function atMeter(): Promise<Person> {
  const p = await open(browser);
  await p.clickText('Read the meter');
  await p.page.waitForSelector('[data-meter]');
  return p;
}
const link = (p: Person, state: string): Promise<unknown> =>
  p.page.waitForFunction(
    (s) => document.querySelector('[data-link]')?.getAttribute('data-link') === s,
    {},
    state,
  );
const counts = (p: Person): Promise<string> =>
  p.page.$eval('[data-counts]', (e) => e.textContent!.replaceAll('\u00a0', ' '));
const readings = async (p: Person, least: number): Promise<unknown> =>
  p.page.waitForFunction(
    (n) => Number(/^\d+/.exec(document.querySelector('[data-counts]')!.textContent!)![0]) >= n,
    {},
    least,
  );

/** The scene that is played for an address. */
function sceneAsked(url: string): MeterScene {
  const { searchParams } = new URL(url);
  const of = (name: string): number => Number(searchParams.get(name));
  const [hauledN, keptN, settling] = [of('hauledN'), of('keptN'), of('settling')];
  return { hauledN, keptN, settling, capacityN: 5000, seed: 1 };
}

describe('the stand-in for a load cell', () => {
  it('reads ten a second: hauled, tied off, kept; a reading is recorded with its time', async () => {
    const p = await atMeter();
    const asked = p.page.waitForRequest((r) => r.url().includes('hauledN='));
    await p.clickText('Read the stand-in');
    const played = sceneAsked((await asked).url());
    await link(p, 'live');
    await readings(p, 75);
    expect(await counts(p)).toMatch(/peak 0\.4[4-9]\d? kN/);
    const kept = Number(
      await p.page.$eval('[data-meter]', (e) => /^[\d.]+/.exec(e.textContent!)![0]),
    );
    // Which reading is looked at hangs on how fast the machine is: it is one of those after the line was tied off.
    const tiedOff = Array.from({ length: 600 }, (_, i) => sceneReading(played, 74 + i).tensionN);
    expect(Math.max(...tiedOff)).toBeLessThan(0.95 * played.hauledN);
    expect(1000 * kept).toBeGreaterThan(Math.min(...tiedOff) - 1);
    expect(1000 * kept).toBeLessThan(Math.max(...tiedOff) + 1);
    await p.clickText('Record this reading');
    await until(p, 'ul[aria-label="Recorded readings"]', 'stand-in cell');
    await p.clickText('Stop reading');
    await link(p, 'off');
    expect(p.errors).toEqual([]);
  });
  it('damaged lines are dropped and counted, and reading goes on', async () => {
    const p = await atMeter();
    await p.choose('The stand-in gets wrong', 'a bad plug: damaged lines');
    await p.clickText('Read the stand-in');
    await readings(p, 30);
    expect(await counts(p)).toMatch(/(?:[3-9]|\d\d) damaged lines dropped/);
    await link(p, 'live');
  });
  it('a cut connection is shown, restored by itself, and says what was missed', async () => {
    const p = await atMeter();
    await p.choose('The stand-in gets wrong', 'a loose cable: cut every 5 s');
    await p.clickText('Read the stand-in');
    await link(p, 'live');
    // The cable is plugged in again within a second, so all of it is looked at in one moment.
    const lost = await p.page.waitForFunction(() => {
      const state = document.querySelector('[data-link]');
      const record = [...document.querySelectorAll('button')].find(
        (b) => b.textContent === 'Record this reading',
      );
      return state?.getAttribute('data-link') === 'lost'
        ? { said: state.textContent, disabled: record?.disabled }
        : false;
    });
    expect(await lost.jsonValue()).toEqual({
      said: 'connection lost, trying again',
      disabled: true,
    });
    await link(p, 'live');
    await readings(p, 60);
    expect(await counts(p)).toMatch(/\d+ readings missed/);
  });
  it('an overload is shouted, and what the cell shows then cannot be recorded', async () => {
    const p = await atMeter();
    await p.choose('The stand-in gets wrong', 'too small a cell: overload');
    await p.clickText('Read the stand-in');
    await until(p, '[data-link]', 'OVER: beyond what the cell may take');
    expect(
      await p.page.$eval(
        '::-p-xpath(//button[normalize-space()="Record this reading"])',
        (e) => (e as HTMLButtonElement).disabled,
      ),
    ).toBe(true);
  });
  it('twelve minutes of readings at ten a second, sixty times faster: only the last minute is kept', async () => {
    const p = await atMeter();
    await p.choose('Time runs', '60 times faster');
    await p.clickText('Read the stand-in');
    await readings(p, 7200);
    // Every reading the page still holds on to, wherever it does: a trace of 600, and what is on its way.
    const plain = await p.page.evaluateHandle(() => Object.prototype);
    const objects = await p.page.queryObjects(plain);
    const held = await objects.evaluate(
      (all) =>
        (all as unknown as object[]).filter(
          (o) => Object.hasOwn(o, 'sequence') && Object.hasOwn(o, 'tensionN'),
        ).length,
    );
    expect(held).toBeGreaterThanOrEqual(600);
    expect(held).toBeLessThan(1300);
    await link(p, 'live');
  });
});

describe('a real cell', () => {
  it('that speaks the same lines over the serial port is read, in pieces and with garbage between; unplugged, it says so', async () => {
    const p = await Person.at(browser);
    const lines = Array.from(
      { length: 90 },
      (_, i) =>
        `${meterLine(sceneReading({ hauledN: 1500, keptN: 1200, settling: 0.2, capacityN: 5000, seed: 3 }, 70 + i))}\r\n`,
    ).join('');
    await p.page.evaluateOnNewDocument((text: string) => {
      const readable = (): ReadableStream<Uint8Array> =>
        new ReadableStream({
          async start(controller) {
            const bytes = new TextEncoder();
            const pause = (ms: number): Promise<void> =>
              new Promise((r) => {
                setTimeout(r, ms);
              });
            for (let i = 0; i < text.length; i += 37) {
              controller.enqueue(bytes.encode(text.slice(i, i + 37)));
              if (i % 370 === 0) {
                controller.enqueue(bytes.encode('\u0000#?!\r\n'));
                await pause(100);
              }
            }
            await pause(1500);
            controller.close();
          },
        });
      Object.defineProperty(navigator, 'serial', {
        value: {
          requestPort: () =>
            Promise.resolve({
              open: () => Promise.resolve(),
              close: () => Promise.resolve(),
              readable: readable(),
            }),
        },
      });
    }, lines);
    await p.stepInAs('Ilse Varrow', '/bench');
    await p.clickText('Read the meter');
    await p.clickText('Plug in a real cell');
    await readings(p, 70);
    expect(
      Number(await p.page.$eval('[data-meter]', (e) => /^[\d.]+/.exec(e.textContent!)![0])),
    ).toBeCloseTo(1.2, 0);
    expect(await counts(p)).toMatch(/damaged lines dropped/);
    await until(p, '[role=alert]', 'unplugged or switched off');
    await link(p, 'lost');
  });
});

describe('the meter in a plan', () => {
  it('records its reading on the line with the time, and the rules count it; typing another tension forgets it', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow');
    const { json } = await p.api('POST', '/plans', {
      ...demoDocument('carousel-crate'),
      title: `Metered ${Date.now()}`,
    });
    const id = json['id'] as string;
    await p.goto(`/loads/${id}`);
    await p.clickText('Line 1: settings, copy, remove');
    await p.clickText('Read the meter');
    await p.clickText('Read the stand-in');
    await readings(p, 40);
    const saved = p.page.waitForResponse(
      (r) =>
        r.request().method() === 'PUT' && (r.request().postData() ?? '').includes('stand-in cell'),
    );
    await p.clickText('Record this reading');
    await saved;
    await p.page.keyboard.press('Escape');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await until(p, 'article[data-line="1"]', 'stand-in cell');
    const line = (
      (await p.api('GET', `/plans/${id}`)).json['document'] as {
        lines: { enteredPretensionN: number; reading: { at: string; tensionN: number } | null }[];
      }
    ).lines[0]!;
    expect(line.reading!.tensionN).toBeCloseTo(line.enteredPretensionN, 9);
    expect(Math.abs(Date.now() - Date.parse(line.reading!.at))).toBeLessThan(60_000);
    await p.clickText('Line 1: settings, copy, remove');
    await p.clickText('Settings');
    const again = p.page.waitForResponse(
      (r) => r.request().method() === 'PUT' && /"reading":null/.test(r.request().postData() ?? ''),
    );
    await p.fill('Tension measured', '1 kN');
    await again;
    expect(await p.text('article[data-line="1"]')).not.toContain('stand-in cell');
  });
});

describe('the stream over the programming interface', () => {
  it('is text/event-stream, wants a session and a scene, and ends when its listener goes', async () => {
    const cookie = await foundCrew('Meter');
    const at = (query: string, headers: Record<string, string> = { cookie }): Promise<Response> =>
      fetch(`${BASE}/api/v1/meter${query}`, { headers, signal: AbortSignal.timeout(10_000) });
    expect((await at('?hauledN=1&keptN=1&since=0', {})).status).toBe(401);
    expect((await at('')).status).toBe(422);
    const response = await at(`?hauledN=900&keptN=800&since=${Date.now() - 10_000}`);
    expect(response.headers.get('content-type')).toBe('text/event-stream');
    const reader = response.body!.getReader();
    let text = '';
    while (!/data: \d+ \d+ [\d.]+ ok [0-9a-f]{2}\n/.test(text))
      text += new TextDecoder().decode((await reader.read()).value);
    await reader.cancel();
  });
});
