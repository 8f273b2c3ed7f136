/** The drawn deck through the real planner: by mouse, by keys alone, by finger on a phone; what is wrong is marked, proposals are tried. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newPlan } from '@/core/securement/compose';
import type { Plan } from '@/core/securement/plan';
import { strengthSchema } from '@/core/securement/schema';
import { stopsInWords } from '@/core/securement/stage/ends';
import { request } from '../support/api';
import { violationsInThemes } from '../support/axe';
import { atOwnPlan, BASE, launch, Person } from '../support/browser';
import { drag, dragByFinger, handsReady, perMetre, placeOf } from '../support/deck';
import { cookieOf } from '../support/world';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** A person at a plan that nothing is entered in yet. */
async function atNewPlan(title: string, phone = false, change = (p: Plan): Plan => p) {
  const body = change({ ...newPlan(strengthSchema.parse({}), 'metric'), title });
  const { json } = await request('POST', '/plans', { body, cookie: await cookieOf('Ilse Varrow') });
  const p = await Person.at(browser, { phone });
  await p.stepInAs('Ilse Varrow', `/loads/${String(json['id'])}`);
  await handsReady(p);
  return p;
}
const kept = async (p: Person): Promise<Plan> => {
  await p.afterEdit();
  const { json } = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
  return json['document'] as Plan;
};
const reading = (p: Person): Promise<string> => p.text('[data-reading]');

describe('by mouse', () => {
  it('a unit is moved, made longer and turned, a line is pulled over it and led elsewhere, each one step of undo', async () => {
    const p = await atNewPlan('By mouse');
    const at = await placeOf(p, 'unit/load');
    const m = await perMetre(p, 'load', 1);
    let said = '';
    await drag(p, at, [at[0] + 0.2 * m, at[1] + 0.5 * m], async () => {
      said = await reading(p);
    });
    expect(said).toMatch(/behind the front edge, 0\.[12]\d*\sm right of the middle/);
    const [moved] = (await kept(p)).units;
    expect(moved!.fromFrontM).toBeCloseTo(1, 1);
    expect(moved!.fromCentreM).toBeCloseTo(-0.2, 1);
    expect(moved!.fromFrontM * 100).toBeCloseTo(Math.round(moved!.fromFrontM * 100), 6);

    expect(await p.page.$$('[data-hand^="size/load/"]')).toHaveLength(5);
    const [x, y] = await placeOf(p, 'size/load/rear');
    await drag(p, [x, y], [x, y + 0.4 * m]);
    const [longer] = (await kept(p)).units;
    expect(longer!.lengthM).toBeCloseTo(1.4, 1);
    expect(longer!.fromFrontM).toBeCloseTo(moved!.fromFrontM, 6);

    await drag(p, await placeOf(p, 'anchor/L2'), await placeOf(p, 'anchor/R2'), async () => {
      said = await reading(p);
    });
    expect(said).toMatch(/L2: \d\d\.\d\s°, \d\.\d+\sm/);
    const [line] = (await kept(p)).lines;
    expect(line!.units).toEqual(['load']);
    expect(stopsInWords(line!)).toBe('L2 to R2');
    // It is picked, and so is its strength line.
    expect(await p.page.$('article[data-line="1"] [aria-pressed=true]')).not.toBeNull();
    const end = await placeOf(p, `end/${line!.id}/last`);
    await drag(p, end, await placeOf(p, 'anchor/R3'));
    expect(stopsInWords((await kept(p)).lines[0]!)).toBe('L2 to R3');
    for (let i = 0; i < 4; i++) await p.clickText('Undo');
    expect(await kept(p)).toMatchObject({
      lines: [],
      units: [{ fromFrontM: 0.5, fromCentreM: 0, lengthM: 1 }],
    });
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('a unit dropped on another stands on it, and the verdict follows while it is dragged', async () => {
    const p = await atNewPlan('Stacked by mouse', false, (plan) => ({
      ...plan,
      units: [
        { ...plan.units[0]!, massKg: 380 },
        { ...plan.units[0]!, id: 'two', name: 'two', massKg: 380, fromFrontM: 1.8 },
      ],
    }));
    const [from, to] = [await placeOf(p, 'unit/two'), await placeOf(p, 'unit/load')];
    await drag(p, from, to, () =>
      p.page.waitForSelector('[data-verdict][data-tried=true][aria-busy=false]'),
    );
    const [low, high] = (await kept(p)).units;
    expect(high!.on).toEqual({ kind: 'unit', unitId: low!.id });
    expect(await p.page.$('[data-verdict][data-tried=false]')).not.toBeNull();
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('by keys alone', () => {
  it('everything is in the list; arrows move by 10 and 100 mm; a run over four hooks is led on', async () => {
    const p = await atNewPlan('By keys', false, (plan) => ({
      ...plan,
      units: [{ ...plan.units[0]!, massKg: 300, lengthM: 2.2, fromFrontM: 0.2 }],
    }));
    await p.section('Everything on the deck');
    const rows = '[aria-label="Everything on the deck"] [role=option]';
    await p.page.waitForSelector(rows);
    expect(await p.page.$$eval(rows, (all) => all.map((e) => e.textContent!))).toContain(
      'ring L1plate not read',
    );
    await p.page.focus(rows);
    await p.page.keyboard.press('Enter');
    await p.clickText('Move with the arrow keys');
    await p.page.keyboard.press('ArrowDown');
    await p.page.keyboard.down('Shift');
    await p.page.keyboard.press('ArrowLeft');
    await p.page.keyboard.up('Shift');
    expect((await kept(p)).units[0]).toMatchObject({ fromFrontM: 0.21, fromCentreM: 0.1 });
    // Seen from the side forward lies to the left, and the keys go by what is seen.
    await p.clickText('Seen from the side');
    await p.page.waitForSelector('[data-stage][data-side=side]');
    await p.clickText('Move with the arrow keys');
    await p.page.keyboard.press('ArrowLeft');
    await p.page.keyboard.press('ArrowDown');
    expect((await kept(p)).units[0]).toMatchObject({ fromFrontM: 0.2, fromCentreM: 0.11 });

    await p.page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('[role=option]')]
        .find((e) => e.textContent!.startsWith('ring L1'))!
        .focus(),
    );
    await p.page.keyboard.press('Enter');
    await p.choose('Pull a line from ring L1 to', 'ring R1, over the load');
    for (const id of ['R2', 'L2', 'L3']) await p.choose('Lead line 1 on to', `ring ${id}`);
    expect(stopsInWords((await kept(p)).lines[0]!)).toBe('L1 to R1 to R2 to L2 to L3');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('by finger, on a phone', () => {
  it('what is picked is moved by a finger, a line is pulled from ring to ring, and the verdict stays in sight', async () => {
    const p = await atNewPlan('By finger', true, (plan) => ({
      ...plan,
      units: [{ ...plan.units[0]!, massKg: 300 }],
    }));
    const tapped = await placeOf(p, 'unit/load');
    await p.page.touchscreen.tap(...tapped);
    await p.page.waitForSelector('[data-hand="unit/load"][aria-pressed=true]');
    const at = await placeOf(p, 'unit/load');
    const m = await perMetre(p, 'load', 1);
    await dragByFinger(p, at, [at[0], at[1] + 0.6 * m]);
    expect((await kept(p)).units[0]!.fromFrontM).toBeCloseTo(1.1, 1);
    await dragByFinger(p, await placeOf(p, 'anchor/L2'), await placeOf(p, 'anchor/R2'));
    expect((await kept(p)).lines.map(stopsInWords)).toEqual(['L2 to R2']);
    await p.page.evaluate(() => window.scrollTo(0, document.body.scrollHeight / 2));
    await p.page.waitForSelector('[data-staying-verdict]');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('what the deck shows', () => {
  it('faults where they are, the weak line in words; axe finds nothing with something picked', async () => {
    const p = await atNewPlan('Faults', false, (plan) => ({
      ...plan,
      units: [
        { ...plan.units[0]!, massKg: 300, fromCentreM: 0.6 },
        { ...plan.units[0]!, id: 'two', name: 'two', massKg: 300, fromFrontM: 1.2 },
      ],
    }));
    await p.page.waitForSelector('[data-fault="hangs-over"]');
    expect(await p.page.$('[data-fault="units-overlap"]')).not.toBeNull();
    expect(await p.text('[aria-label="Marked on the deck"]')).toMatch(
      /load and two stand in each other\.\s+load hangs over the edge of the deck by 0\.250\sm\./,
    );
    const [x, y] = await placeOf(p, 'unit/two');
    await p.page.mouse.click(x - 20, y + 20);
    await p.page.waitForSelector('[data-hand="unit/two"][aria-pressed=true]');
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('a proposal is tried as a ghost with its verdict, and left again', async () => {
    const p = await atOwnPlan(browser, 'fair-flatbed', 'Tried');
    await handsReady(p);
    const before = await p.verdict();
    await p.page.waitForSelector('[aria-label="What would help most"][aria-busy=false]');
    await p.clickText('Try it on the deck');
    await p.page.waitForSelector('[data-ghost]');
    await p.page.waitForSelector('[data-verdict][data-tried=true][aria-busy=false]');
    await p.clickText('Leave it');
    await p.page.waitForFunction(() => !document.querySelector('[data-ghost]'));
    expect(await p.verdict()).toBe(before);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
