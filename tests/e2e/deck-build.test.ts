/** Four decks built from nothing on the drawn stage, driven off with, and their cards: by mouse, by keys alone, and by finger on a phone. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newPlan } from '@/core/securement/compose';
import type { Plan } from '@/core/securement/plan';
import { strengthSchema } from '@/core/securement/schema';
import { stopsInWords } from '@/core/securement/stage/ends';
import { request } from '../support/api';
import { BASE, launch, Person } from '../support/browser';
import { type Builder, byFinger, byKeys, byMouse } from '../support/builders';
import { cardAgainstApi } from '../support/card';
import { handsReady } from '../support/deck';
import { cookieOf } from '../support/world';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const kept = async (p: Person): Promise<Plan> => {
  await p.afterEdit();
  const { json } = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
  return json['document'] as Plan;
};

/** A person at a plan that nobody has entered anything in. */
async function atNewPlan(title: string, phone: boolean): Promise<Person> {
  const { json } = await request('POST', '/plans', {
    body: { ...newPlan(strengthSchema.parse({}), 'metric'), title },
    cookie: await cookieOf('Ilse Varrow'),
  });
  const p = await Person.at(browser, { phone });
  await p.stepInAs('Ilse Varrow', `/loads/${String(json['id'])}`);
  await handsReady(p);
  return p;
}

/** Hands are not exact: a finger's breadth on the deck. */
const NEAR_M = 0.06;
const near = (m: number) => expect.closeTo(m, -Math.log10(2 * NEAR_M)) as number;

/** The tall crate of the fair: 1.6 x 0.9 x 1.9 m, 310 kg, under two lines, between rings whose plates were read. */
async function crate(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.grow('load', 'rear', 0.6);
  await b.grow('load', 'right', -0.1);
  await b.grow('load', 'top', 0.9);
  await b.enter('Load', 'Mass', '310 kg');
  await b.enter('Load', 'CG height', '1 m');
  await b.take('Friction and blocking', 'Stands on', 'sawn wood on grooved aluminium, μ 0.4');
  await kept(p);
  for (const ring of ['L2', 'R2', 'L3', 'R3']) {
    await b.rate(ring, '8 kN');
    await kept(p);
  }
  await b.pull('L2', 'R2');
  await kept(p);
  await b.pull('L3', 'R3');
  const plan = await kept(p);
  expect(plan.units).toMatchObject([
    {
      lengthM: near(1.6),
      widthM: near(0.9),
      heightM: near(1.9),
      fromFrontM: near(0.5),
      massKg: 310,
      cgHeightM: 1,
      friction: { known: 'pair' },
    },
  ]);
  expect(plan.lines.map(stopsInWords)).toEqual(['L2 to R2', 'L3 to R3']);
  expect(plan.lines.map((l) => l.units)).toEqual([['load'], ['load']]);
}

/** One bin, 1.2 x 1.0 x 0.75 m, 380 kg, on a mat, from the front edge of the deck back. */
async function bin(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.grow('load', 'top', -0.25);
  await b.grow('load', 'front', 0.5);
  await b.grow('load', 'rear', -0.3);
  await b.enter('Load', 'Mass', '380 kg');
  await b.take('Friction and blocking', 'Stands on', 'anti-slip mat, labelled, μ 0.6');
  await kept(p);
}

/** Six bins, two high, three behind each other, a line over each pair. */
async function bins(p: Person, b: Builder): Promise<void> {
  await b.enter('Deck and anchors', 'Length', '4 m');
  await kept(p);
  await bin(p, b);
  await b.press('One more behind');
  await kept(p);
  await b.press('One more behind');
  const row = (await kept(p)).units.map((u) => u.id);
  for (const id of row) {
    await b.pick(id);
    await b.press('One more on top');
    await kept(p);
  }
  await b.pull('L2', 'R2');
  await kept(p);
  await b.pull('L3', 'R3');
  await kept(p);
  await b.pull('L4', 'R4');
  const { units, lines } = await kept(p);
  expect(units).toHaveLength(6);
  expect(units.map((u) => u.massKg)).toEqual(units.map(() => 380));
  expect(units[0]).toMatchObject({ lengthM: near(1.2), heightM: near(0.75), fromFrontM: near(0) });
  row.forEach((id, i) => {
    expect(units[i + 3]!.on).toEqual({ kind: 'unit', unitId: id });
    expect(units[i]!.fromFrontM).toBeCloseTo(units[0]!.fromFrontM + i * units[0]!.lengthM, 6);
  });
  expect(lines.map((l) => l.units)).toEqual(units.slice(3).map((u) => [u.id]));
}

/** Two bins, one on the other, moved together, with a line over the upper. */
async function stack(p: Person, b: Builder): Promise<void> {
  await bin(p, b);
  await b.press('One more on top');
  const [, top] = (await kept(p)).units;
  expect(top!.on).toEqual({ kind: 'unit', unitId: 'load' });
  await b.move(top!.id, 0.1, 0.05);
  await kept(p);
  await b.pull('L2', 'R2');
  const plan = await kept(p);
  expect(plan.units[1]).toMatchObject({ on: { kind: 'unit', unitId: 'load' }, massKg: 380 });
  expect(plan.units[1]!.fromFrontM).toBeGreaterThan(plan.units[0]!.fromFrontM);
  expect(plan.lines[0]!.units).toContain(top!.id);
}

/** One rope over a long load, led over four hooks more. */
async function run(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.grow('load', 'rear', 1.6);
  await b.enter('Load', 'Mass', '450 kg');
  await kept(p);
  await b.pull('L2', 'R2');
  await kept(p);
  for (const id of ['R3', 'L3', 'L4']) {
    await b.leadOn(1, id);
    await kept(p);
  }
  await b.leadOn(1, 'R4');
  const plan = await kept(p);
  expect(plan.units[0]).toMatchObject({ lengthM: near(2.6), massKg: 450 });
  expect(plan.lines.map(stopsInWords)).toEqual(['L2 to R2 to R3 to L3 to L4 to R4']);
  expect(plan.lines[0]!.elements.filter((e) => e.kind === 'hook')).toHaveLength(4);
}

/** Drives off with what was built: one check of all lines, and the card, figure by figure. */
async function driveOff(p: Person, b: Builder, lines: number): Promise<void> {
  const id = p.page.url().split('/').at(-1)!;
  await p.goto(`/loads/${id}/check`);
  await b.press(lines === 1 ? 'All 1 tight: drive off' : `All ${lines} tight: drive off`);
  await p.page.waitForSelector('[role=status][data-road="on-the-road"]');
  const { json } = await p.api('GET', `/plans/${id}/checks`);
  expect(json['checks']).toMatchObject([
    {
      occasion: 'before-driving',
      lines: Array.from({ length: lines }, () => ({ state: 'tight' })),
    },
  ]);
  const { accelerations } = await cardAgainstApi(p, id);
  expect(accelerations).toBeGreaterThan(0);
}

const BUILDS = [
  ['Carousel crate', crate, 2],
  ['Apple bins', bins, 3],
  ['A stack of two bins', stack, 1],
  ['A run over four hooks', run, 1],
] as const;

describe.each([
  ['by mouse', byMouse, false],
  ['by keys alone', byKeys, false],
  ['by finger on a phone', byFinger, true],
] as const)('%s', (how, builderOf, phone) => {
  it.each(BUILDS)('%s: built, driven off with, on its card', async (what, build, lines) => {
    const p = await atNewPlan(`${what} ${how}`, phone);
    const b = builderOf(p);
    await build(p, b);
    await driveOff(p, b, lines);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
