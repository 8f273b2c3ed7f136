import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { launch, Person } from '../support/browser';
import { enter } from '../support/locker';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const heading = (p: Person): Promise<string> => p.page.$eval('main h2', (e) => e.textContent ?? '');
const untilHeading = (p: Person, text: string) =>
  p.page.waitForFunction((t) => document.querySelector('main h2')?.textContent === t, {}, text);
const standing = async (p: Person, id: string) =>
  (await p.api('GET', `/gear/${id}`)).json as {
    standing: { state: string; condition: string; damagedAtM: number[]; inspections: number };
    due: string;
  };

describe('an inspection by keys alone', () => {
  it('walks all checks, marks a place, comes to an outcome with reasons, and is recorded', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Sunniva Dale');
    const id = await enter(p, `KEY-${Date.now() % 1e6}`, { lengthM: 20 });
    await p.goto(`/locker/${id}/inspect`);
    expect(await heading(p)).toBe('Cut yarns or strands');
    // Each level is drawn as it looks on rope of this lay.
    expect(await p.page.$$('ul[aria-label="How it looks"] svg')).toHaveLength(3);
    await p.page.keyboard.press('c');
    await untilHeading(p, 'Fuzz and wear');
    // The focus goes along with the walk.
    expect(await p.page.evaluate(() => document.activeElement?.textContent)).toBe('Fuzz and wear');
    await p.page.keyboard.press('f');
    await p.page.waitForSelector('input[type=range]');
    await p.page.focus('input[type=range]');
    for (let i = 0; i < 26; i++) await p.page.keyboard.press('ArrowLeft');
    await p.page.waitForFunction(() => document.body.innerText.includes('7.40'));
    await p.page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await p.page.keyboard.press('3');
    await p.page.waitForFunction(() =>
      document
        .querySelector('ul[aria-label="Found so far"]')
        ?.textContent?.includes('worn more than half'),
    );
    await p.page.keyboard.press('n');
    await untilHeading(p, 'Glazed or melted');
    for (let i = 0; i < 10; i++) {
      const before = await heading(p);
      await p.page.keyboard.press('c');
      await p.page.waitForFunction(
        (b) => document.querySelector('main h2')?.textContent !== b,
        {},
        before,
      );
    }
    await p.page.waitForSelector('[data-outcome=isolate]');
    const text = await p.text('main');
    expect(text.replaceAll('\u00a0', ' ')).toContain(
      'Fuzz and wear at 7.40 m: outer yarns worn more than half. That place may carry nothing.',
    );
    expect(text.replaceAll('\u00a0', ' ')).toContain('12.5 m and 7.30 m stay sound');
    // Tab to the button and press it.
    for (
      let i = 0;
      i < 30 &&
      !(await p.page.evaluate(() => document.activeElement?.textContent === 'Confirm and record'));
      i++
    )
      await p.page.keyboard.press('Tab');
    await p.page.keyboard.press('Enter');
    await p.page.waitForFunction(() =>
      document.querySelector('section[aria-label=History]')?.textContent?.includes('SET ASIDE'),
    );
    expect(await standing(p, id)).toMatchObject({
      standing: { state: 'set-aside', condition: 'damaged', damagedAtM: [7.4], inspections: 1 },
      due: 'later',
    });
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('an inspection by touch on a phone', () => {
  it('has targets for a thumb within reach, keeps what was begun, and lets the inspector decide otherwise with a reason', async () => {
    const p = await Person.at(browser, { phone: true });
    await p.stepInAs('Sunniva Dale');
    const id = await enter(p, `TAP-${Date.now() % 1e6}`, { lengthM: 20 });
    await p.goto(`/locker/${id}/inspect`);
    const tap = async (text: string): Promise<void> => {
      const handle = (await p.page.waitForSelector(
        `::-p-xpath(//main//button[normalize-space(.)="${text}"])`,
      ))!;
      const box = (await handle.boundingBox())!;
      expect(box.height, text).toBeGreaterThanOrEqual(44);
      await handle.evaluate((e) => e.scrollIntoView({ block: 'center' }));
      await handle.tap();
    };
    const buttons = await p.page.$$eval('main button', (list) =>
      list
        .filter((b) => ['Found', 'Clear'].includes(b.textContent ?? ''))
        .map((b) => b.getBoundingClientRect())
        .map((r) => [r.height, r.top > innerHeight / 2, r.bottom < innerHeight - 68]),
    );
    expect(buttons).toEqual([
      [72, true, true],
      [72, true, true],
    ]);
    for (const next of ['Fuzz and wear', 'Glazed or melted', 'Hard or thin places']) {
      await tap('Clear');
      await untilHeading(p, next);
    }
    await tap('Found');
    // A tap on the drawn rope puts the mark there.
    const track = (
      await (await p.page.waitForSelector('input[type=range]'))!.evaluateHandle((e) =>
        e.closest('[role=group]')!.querySelector('div')!,
      )
    ).asElement() as Awaited<ReturnType<typeof p.page.$>>;
    const box = (await track!.boundingBox())!;
    await p.page.touchscreen.tap(box.x + box.width * 0.25, box.y + box.height / 2);
    await p.page.waitForFunction(() =>
      /\b(4\.[89]|5\.[0-2])\d m/.test(document.body.innerText.replaceAll('\u00a0', ' ')),
    );
    await tap('1. one place');
    await p.page.waitForSelector('ul[aria-label="Found so far"] li');
    // The telephone rings: the page is left and opened again.
    await p.goto('/locker');
    await p.goto(`/locker/${id}/inspect`);
    await untilHeading(p, 'Hard or thin places');
    await p.page.waitForSelector('ul[aria-label="Found so far"] li');
    await tap('Next check');
    for (let i = 0; i < 8; i++) {
      const before = await heading(p);
      await tap('Clear');
      await p.page.waitForFunction(
        (b) => document.querySelector('main h2')?.textContent !== b,
        {},
        before,
      );
    }
    await p.page.waitForSelector('[data-outcome=isolate]');
    await p.choose('You decide', 'DOWNGRADE');
    expect(
      await p.page.$eval(
        '::-p-xpath(//button[contains(., "Record my decision")])',
        (b) => (b as HTMLButtonElement).disabled,
      ),
    ).toBe(true);
    await p.fill('Why you decide otherwise', 'A lump of tar, rubbed off.');
    await tap('Record my decision');
    await p.page.waitForFunction(() =>
      document.querySelector('section[aria-label=History]')?.textContent?.includes('rubbed off'),
    );
    expect(await standing(p, id)).toMatchObject({
      standing: { state: 'in-service', condition: 'doubtful', inspections: 1 },
    });
    await p.leave();
  });
});

describe('an inspection and what happens meanwhile', () => {
  /** Clears every check that is left, by key. */
  const clearAll = async (p: Person): Promise<void> => {
    while ((await p.page.$('[data-outcome]')) === null) {
      const before = await heading(p);
      await p.page.keyboard.press('c');
      await p.page.waitForFunction(
        (b) =>
          document.querySelector('[data-outcome]') !== null ||
          document.querySelector('main h2')?.textContent !== b,
        {},
        before,
      );
    }
  };
  const shock = { kind: 'incident', what: 'A lorry ran over it.' };

  it('an incident that came in between is told before anything is recorded, and nothing wipes it unseen', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Sunniva Dale');
    const id = await enter(p, `INC-${Date.now() % 1e6}`, { lengthM: 20 });
    await p.goto(`/locker/${id}/inspect`);
    await p.page.keyboard.press('c');
    await untilHeading(p, 'Fuzz and wear');
    expect((await p.api('POST', `/gear/${id}/history`, shock)).status).toBe(201);
    await clearAll(p);
    await p.clickText('Confirm and record');
    await p.page.waitForFunction(() =>
      document.querySelector('[role=alert]')?.textContent?.includes('an incident is on its record'),
    );
    const suspect = async () =>
      ((await p.api('GET', `/gear/${id}`)).json['standing'] as { suspect: boolean }).suspect;
    expect(await suspect()).toBe(true);
    await p.clickText('I looked with that in mind: record it');
    await p.page.waitForSelector('section[aria-label=History]');
    expect(await suspect()).toBe(false);
    await p.leave();
  });

  it('a draft of this device that does not know of it is put to the inspector first', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Sunniva Dale');
    const id = await enter(p, `AGE-${Date.now() % 1e6}`, { lengthM: 20 });
    await p.goto(`/locker/${id}/inspect`);
    await p.page.keyboard.press('c');
    await untilHeading(p, 'Fuzz and wear');
    await p.api('POST', `/gear/${id}/history`, shock);
    await p.goto(`/locker/${id}/inspect`);
    const plate = 'section[aria-label="An inspection was begun before"]';
    await p.page.waitForSelector(plate);
    expect(await p.text(plate)).toMatch(/One check is answered.*A lorry ran over it/s);
    await p.clickText('Begin again');
    await untilHeading(p, 'Cut yarns or strands');
    // One that is simply old is put to the inspector, too.
    await p.page.keyboard.press('c');
    await untilHeading(p, 'Fuzz and wear');
    await p.page.evaluate((key) => {
      const draft = JSON.parse(localStorage.getItem(key)!) as { begunAt: string };
      draft.begunAt = new Date(Date.parse(draft.begunAt) - 13 * 3_600_000).toISOString();
      localStorage.setItem(key, JSON.stringify(draft));
    }, `inspection-${id}`);
    await p.goto(`/locker/${id}/inspect`);
    await p.page.waitForSelector(plate);
    await p.clickText('Go on: I know that');
    await untilHeading(p, 'Fuzz and wear');
    await clearAll(p);
    await p.clickText('Confirm and record');
    await p.page.waitForSelector('section[aria-label=History]');
    expect((await standing(p, id)).standing.inspections).toBe(1);
    await p.leave();
  });
});

describe('a history', () => {
  it('cannot be changed from outside, only corrected by a later entry that shows beside it', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Sunniva Dale');
    const id = await enter(p, `HIS-${Date.now() % 1e6}`, { lengthM: 20 });
    await p.api('POST', `/gear/${id}/history`, {
      kind: 'cut',
      pieces: [{ lengthM: 15, what: 'stay' }],
    });
    const before = (await p.api('GET', `/gear/${id}/history`)).json['history'] as {
      id: string;
      body: { kind: string };
    }[];
    const cut = before.find((e) => e.body.kind === 'cut')!;
    for (const [method, path] of [
      ['PUT', `/gear/${id}/history`],
      ['DELETE', `/gear/${id}/history`],
      ['PUT', `/gear/${id}/history/${cut.id}`],
      ['DELETE', `/gear/${id}/history/${cut.id}`],
    ] as const) {
      expect([404, 405], `${method} ${path}`).toContain(
        (await p.api(method, path, { kind: 'moved', place: 'x' })).status,
      );
    }
    expect(
      (await p.api('POST', `/gear/${id}/history`, { kind: 'entered', condition: 'new' })).status,
    ).toBe(422);
    expect((await p.api('GET', `/gear/${id}/history`)).json['history']).toEqual(before);
    await p.goto(`/locker/${id}`);
    await p.page.$$eval('section[aria-label=History] li', (list) =>
      [...list.find((l) => l.textContent!.includes('15.0'))!.querySelectorAll('button')]
        .at(-1)!
        .click(),
    );
    await p.fill('Length of the first piece', '1.5 m');
    await p.fill('Why', 'Misread the tape.');
    await p.clickText('Record the correction');
    await p.page.waitForFunction(() =>
      document
        .querySelector('section[aria-label=History]')
        ?.textContent?.includes('Misread the tape'),
    );
    const history = (await p.api('GET', `/gear/${id}/history`)).json['history'] as unknown[];
    expect(history.slice(0, before.length)).toEqual(before);
    expect(history).toHaveLength(before.length + 1);
    const now = (await p.api('GET', `/gear/${id}`)).json as { standing: { remainingM: number } };
    expect(now.standing.remainingM).toBe(18.5);
    await p.leave();
  });
});
