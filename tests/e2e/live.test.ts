/** Several people at one plan or deck at once: who is there, what they change, and that nobody loses what they type. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { atOwnPlan, BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const here = (p: Person, says: string): Promise<unknown> =>
  p.page.waitForFunction(
    (words) => document.querySelector('[data-here]')?.textContent?.includes(words),
    {},
    says,
  );
const gone = (p: Person): Promise<unknown> => p.page.waitForSelector('[data-here="0"]');
const pathOf = (p: Person): string => p.page.url().replace(BASE, '');

describe('two people at one plan', () => {
  it('see each other come and go, and what the other changes; what is half typed stays', async () => {
    const first = await atOwnPlan(browser, 'apple-bins', 'Looked at by two');
    const second = await Person.at(browser);
    await second.stepInAs('Tomas Quill', pathOf(first));
    await here(first, 'Tomas Quill');
    await here(second, 'Ilse Varrow');
    await second.section('Name and notes');
    await second.page.waitForSelector('textarea');
    await first.section('Name and notes');
    await first.page.waitForSelector('textarea');
    // At the same time, different things; the one ends with half a figure, which is none.
    await second.section('Load');
    await Promise.all([second.fill('Mass', '38 k'), first.fill('Notes', 'mats under all of them')]);
    await first.page.waitForFunction(() =>
      document.querySelector('[data-save][data-pending=false]'),
    );
    await here(second, 'Taken in what Ilse Varrow saved.');
    await second.page.waitForFunction(
      () => document.querySelector('textarea')?.value === 'mats under all of them',
    );
    const typed = (): Promise<string> =>
      second.page.evaluate(() => (document.activeElement as HTMLInputElement).value);
    expect(await typed()).toBe('38 k');
    await second.page.keyboard.press('Backspace');
    await second.page.keyboard.press('Backspace');
    await second.page.keyboard.type('9');
    await here(first, 'Taken in what Tomas Quill saved.');
    await first.page.waitForFunction(
      () => document.querySelector('[data-save][data-pending=false]') !== null,
    );
    await second.page.waitForFunction(
      () => document.querySelector('[data-save][data-pending=false]') !== null,
    );
    expect(await first.page.$('[role=dialog]')).toBeNull();
    const { json } = await first.api('GET', pathOf(first).replace('/loads', '/plans'));
    expect(json['document']).toMatchObject({ notes: 'mats under all of them' });
    expect((json['document'] as { units: { massKg: number }[] }).units[0]!.massKg).toBe(389);
    await second.goto('/loads');
    await gone(first);
    expect([...first.errors, ...second.errors]).toEqual([]);
    await first.leave();
    await second.leave();
  });
  it('are told at once that a rope on it was retired', async () => {
    const first = await Person.at(browser);
    await first.stepInAs('Ilse Varrow', '/loads');
    await first.clickText('Carousel crate');
    await first.page.waitForSelector('[data-verdict]');
    const second = await Person.at(browser);
    await second.stepInAs('Sunniva Dale', '/locker');
    const { json } = await second.api('GET', '/gear?search=PE-12-1');
    const [{ id }] = json['gear'] as [{ id: string }];
    const retired = await second.api('POST', `/gear/${id}/history`, {
      kind: 'retired',
      reason: 'run over',
    });
    expect(retired.status).toBe(201);
    await first.page.waitForFunction(() =>
      document.body.innerText.includes('PE-12-1 off. It is retired'),
    );
    expect(first.errors).toEqual([]);
    await first.leave();
    await second.leave();
  });
});

describe('two people at one deck', () => {
  it('see what the other changes', async () => {
    const first = await Person.at(browser);
    await first.stepInAs('Ilse Varrow', '/loads/kept');
    const { json } = await first.api('GET', '/decks');
    const [{ id }] = json['decks'] as [{ id: string }];
    await first.goto(`/loads/decks/${id}`);
    const second = await Person.at(browser);
    await second.stepInAs('Tomas Quill', `/loads/decks/${id}`);
    await here(second, 'Ilse Varrow');
    await first.fill('Name of the deck', 'Old flatbed');
    await here(second, 'Taken in what Ilse Varrow saved.');
    expect(await second.text('h1')).toBe('Old flatbed');
    await first.leave();
    await gone(second);
    expect([...first.errors, ...second.errors]).toEqual([]);
    await second.leave();
  });
});
