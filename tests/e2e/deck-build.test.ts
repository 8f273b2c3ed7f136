/** Four decks built from nothing on the drawn stage: by mouse, by keys alone, and by finger on a phone. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newPlan } from '@/core/securement/compose';
import type { Plan } from '@/core/securement/plan';
import { strengthSchema } from '@/core/securement/schema';
import { stopsInWords } from '@/core/securement/stage/ends';
import { request } from '../support/api';
import { BASE, launch, Person } from '../support/browser';
import { type Builder, byFinger, byKeys, byMouse } from '../support/builders';
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

/** A tall crate under two lines. */
async function crate(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.grow('load', 'rear', 0.6);
  await b.grow('load', 'right', -0.1);
  await b.grow('load', 'top', 0.9);
  await kept(p);
  await b.pull('L2', 'R2');
  await kept(p);
  await b.pull('L3', 'R3');
  const plan = await kept(p);
  expect(plan.units).toMatchObject([
    { lengthM: near(1.6), widthM: near(0.9), heightM: near(1.9), fromFrontM: near(0.5) },
  ]);
  expect(plan.lines.map(stopsInWords)).toEqual(['L2 to R2', 'L3 to R3']);
  expect(plan.lines.map((l) => l.units)).toEqual([['load'], ['load']]);
}

/** Two bins behind each other, a line over each. */
async function bins(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.grow('load', 'top', -0.25);
  await b.grow('load', 'rear', 0.2);
  await kept(p);
  await b.press('One more behind');
  await kept(p);
  await b.pull('L2', 'R2');
  await kept(p);
  await b.pull('L4', 'R4');
  const { units, lines } = await kept(p);
  expect(units).toHaveLength(2);
  expect(units[1]).toMatchObject({ lengthM: units[0]!.lengthM, heightM: near(0.75) });
  expect(units[1]!.fromFrontM).toBeCloseTo(units[0]!.fromFrontM + units[0]!.lengthM, 6);
  expect(lines.map((l) => l.units)).toEqual([['load'], [units[1]!.id]]);
}

/** A stack of two, moved together, with a line over its top. */
async function stack(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.press('One more on top');
  const [, top] = (await kept(p)).units;
  expect(top!.on).toEqual({ kind: 'unit', unitId: 'load' });
  await b.move(top!.id, 0.1, 0.05);
  await kept(p);
  await b.pull('L2', 'R2');
  const plan = await kept(p);
  expect(plan.units[1]).toMatchObject({ on: { kind: 'unit', unitId: 'load' } });
  expect(plan.units[1]!.fromFrontM).toBeGreaterThan(plan.units[0]!.fromFrontM);
  expect(plan.lines[0]!.units).toContain(top!.id);
}

/** One rope over a long load, led over three hooks more. */
async function run(p: Person, b: Builder): Promise<void> {
  await b.pick('load');
  await b.grow('load', 'rear', 1.6);
  await kept(p);
  await b.pull('L2', 'R2');
  await kept(p);
  for (const id of ['R3', 'L3', 'L4']) {
    await b.leadOn(1, id);
    await kept(p);
  }
  await b.leadOn(1, 'R4');
  const plan = await kept(p);
  expect(plan.lines.map(stopsInWords)).toEqual(['L2 to R2 to R3 to L3 to L4 to R4']);
  expect(plan.lines[0]!.elements.filter((e) => e.kind === 'hook')).toHaveLength(4);
}

const BUILDS = [
  ['a crate', crate],
  ['bins', bins],
  ['a stack', stack],
  ['a run over four hooks', run],
] as const;

describe.each([
  ['by mouse', byMouse, false],
  ['by keys alone', byKeys, false],
  ['by finger on a phone', byFinger, true],
] as const)('%s', (how, builderOf, phone) => {
  it.each(BUILDS)('%s', async (what, build) => {
    const p = await atNewPlan(`${what} ${how}`, phone);
    await build(p, builderOf(p));
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
