/** What would help most: an answer that was asked for before something was typed does not pass for one of what is typed. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { request } from '../support/api';
import { frames, launch, Person } from '../support/browser';
import { demoDocument } from '../support/demo';
import { cookieOf } from '../support/world';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** Answers of the workers that look for advice are held back until they are let go. */
async function holdAdvice(p: Person): Promise<void> {
  await p.page.evaluateOnNewDocument(() => {
    const held: (() => void)[] = [];
    const gate = {
      shut: false,
      waiting: () => held.length,
      letGo: () => held.splice(0).forEach((f) => f()),
    };
    Object.assign(window, { gate });
    const { set, get } = Object.getOwnPropertyDescriptor(Worker.prototype, 'onmessage')!;
    Object.defineProperty(Worker.prototype, 'onmessage', {
      get,
      set(this: Worker, handle: (e: MessageEvent) => void) {
        set!.call(this, (e: MessageEvent) => {
          if (gate.shut && 'changes' in (e.data as object)) held.push(() => handle(e));
          else handle(e);
        });
      },
    });
  });
}

type Gate = { shut: boolean; waiting(): number; letGo(): void };

it('an answer that comes after something was typed leaves the advice old', async () => {
  const p = await Person.at(browser);
  await holdAdvice(p);
  const { json } = await request('POST', '/plans', {
    body: { ...demoDocument('fair-flatbed'), title: 'Advice' },
    cookie: await cookieOf('Ilse Varrow'),
  });
  await p.stepInAs('Ilse Varrow', `/loads/${String(json['id'])}`);
  await p.section('Load');
  await p.page.evaluate(() => {
    (window as unknown as { gate: Gate }).gate.shut = true;
  });
  await p.fill('Mass', '410');
  await p.page.waitForFunction(() => (window as unknown as { gate: Gate }).gate.waiting() > 0);
  // The next figure is typed and, before it can be asked about, the answer of the figure before comes.
  const busy = await p.page.evaluate(async () => {
    const field = document.activeElement as HTMLInputElement;
    const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
    write.call(field, '411');
    field.dispatchEvent(new Event('input', { bubbles: true }));
    (window as unknown as { gate: Gate }).gate.letGo();
    const next = (): Promise<unknown> => new Promise((r) => requestAnimationFrame(r));
    for (let i = 0; i < 6; i++) await next();
    return document.querySelector('[aria-label="What would help most"]')?.getAttribute('aria-busy');
  });
  expect(busy).toBe('true');
  await p.page.evaluate(() => {
    const { gate } = window as unknown as { gate: Gate };
    gate.shut = false;
    gate.letGo();
  });
  await p.page.waitForSelector('[aria-label="What would help most"][aria-busy=false]');
  await frames(p.page, 2);
  expect(p.errors).toEqual([]);
  await p.leave();
});
