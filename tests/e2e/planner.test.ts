import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pool } from '@/db/pool';
import { request } from '../support/api';
import { demoDocument } from '../support/demo';
import { cookieOf } from '../support/world';
import { atOwnPlan as openOwnPlan, BASE, launch, Person } from '../support/browser';

let browser: Browser;

beforeAll(async () => {
  browser = await launch();
});

afterAll(() => browser.close());

const atOwnPlan = (demo: string, title: string, who?: string): Promise<Person> =>
  openOwnPlan(browser, demo, title, who);

describe('from the first page to a verdict', () => {
  it('one click as a demo person, the cautions once, one click to a plan with a verdict', async () => {
    // Whoever was here before may have read them.
    await pool().query(
      "DELETE FROM caution_acknowledgement WHERE member_id IN (SELECT id FROM member WHERE demo AND name = 'Tomas Quill')",
    );
    const p = await Person.at(browser);
    await p.goto('/');
    await p.clickText('Tomas Quill');
    await p.page.waitForSelector('[role=dialog]');
    expect(await p.text('[role=dialog]')).toMatch(
      /Never for lifting people|Not for lifting people/,
    );
    await p.page.keyboard.press('Escape');
    expect(await p.page.$('[role=dialog]')).not.toBeNull();
    await p.clickText('I have read this');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await p.openPlan('Apple bins');
    expect(await p.verdict()).toBe('holds');
    await p.goto('/loads');
    expect(await p.page.$('[role=dialog]')).toBeNull();
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('a newcomer founds a crew, plans a load from nothing, and it comes back', async () => {
    const p = await Person.at(browser);
    await p.goto('/');
    await p.fill('Crew', `Hop Yard ${Date.now()}`);
    await p.fill('Your full name', 'Nan Arkwright');
    await p.fill('New password, 10 characters or more', 'short');
    await p.clickText('Found the crew');
    await p.page.waitForFunction(() => /shorter than allowed/.test(document.body.innerText));
    await p.fill('New password, 10 characters or more', 'long enough indeed');
    await p.clickText('Found the crew');
    await p.page.waitForFunction(() => location.pathname === '/today');
    await p.clickText('I have read this');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    expect(await p.text()).toContain('Plan a first load');
    await p.goto('/loads');
    expect(await p.text()).toContain('Nothing planned yet');
    await p.clickText('Plan a load');
    await p.page.waitForFunction(() => location.pathname === '/loads/new');
    await p.ready();
    await p.fill('Mass', '1,060 lb');
    await p.clickText('Begin');
    await p.untilVerdict('cannot-say');
    await p.ready();
    const address = p.page.url();
    await p.page.goto(address);
    await p.ready();
    expect(await p.text()).toContain('481\u00a0kg');
    expect(await p.page.$$('article[data-line]')).toHaveLength(1);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('all four words through the real interface', () => {
  it('CANNOT SAY → HOLDS when the plate is read; SHORT when the load grows; BARRED under US commercial rules', async () => {
    const p = await atOwnPlan('carousel-crate', 'Four words');
    expect(await p.verdict()).toBe('cannot-say');
    expect(await p.text('[data-verdict]')).toContain('read the plate on ring L1');
    await p.section('Deck and anchors');
    const plate = await p.page.waitForSelector(
      '::-p-xpath(//*[normalize-space(text())="Anchor L1"]/following::input[2])',
    );
    await plate!.type('8 kN');
    await p.untilVerdict('holds');
    await p.afterEdit();
    await p.section('Load');
    await p.fill('Mass', '900 kg');
    await p.untilVerdict('short');
    expect(await p.text('[data-verdict]')).toMatch(/SHORT.*short by 0\.\d+\sg/s);
    await p.choose('Rules', 'US commercial road');
    await p.untilVerdict('barred');
    expect(await p.text('[data-verdict]')).toContain('webbing with a ratchet');
    await p.afterEdit();
    expect(
      (await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'))).json['document'],
    ).toMatchObject({ ruleSet: 'us-cmv', units: [{ massKg: 900 }] });
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('each finding and row names its clause; figures open their working, level by level', async () => {
    const p = await atOwnPlan('water-tote', 'Clauses');
    const text = await p.text();
    for (const clause of ['49 CFR 393.104(f)(1)', '49 CFR 392.9']) expect(text).toContain(clause);
    await p.clickText('All lines, sum of working load limits: held');
    await p.page.waitForSelector('[role=dialog]');
    expect(await p.text('[role=dialog]')).toContain('ΣWLL = c₁ + c₂');
    await p.clickText('Working of Over, front');
    await p.clickText('Working of working load limit of the line');
    expect(await p.text('[role=dialog]')).toMatch(/bowline, governs/);
    await p.clickText('Working of bowline');
    const level = await p.text('[role=dialog]');
    expect(level).toContain('C₂ = n × WLL × κ × ω × η');
    expect(level).toContain('49 CFR 393.108');
    expect(level).toContain('from memory');
    expect(level).toMatch(/seamanship school: the lowest school/);
    // What was pressed is gone with its level; keys are heard once the sheet has the focus again.
    await p.page.waitForFunction(() =>
      document.querySelector('[role=dialog]')?.contains(document.activeElement),
    );
    await p.page.keyboard.press('Escape');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await p.leave();
  });
});

describe('the strength line', () => {
  it('an element is picked, replaced from the ranked list, moved, removed, added; undo and redo walk back and forth', async () => {
    const p = await atOwnPlan('carousel-crate', 'Elements');
    const wll = (): Promise<string> =>
      p.page.$eval('article[data-line="1"] [data-working]', (e) => (e as HTMLElement).innerText);
    const stands = (...order: string[]): Promise<unknown> =>
      p.page.waitForFunction(
        (o) =>
          o.every(
            (name, i) =>
              document
                .querySelectorAll('article[data-line="1"] ol > li button')
                [i + 1]?.textContent?.split(',')[0] === name,
          ),
        {},
        order,
      );
    const names = (): Promise<string[]> =>
      p.page.$$eval('article[data-line="1"] ol > li button', (list) =>
        list.map((b) => b.textContent!.split(',')[0]!),
      );
    expect(await wll()).toBe('2.26\u00a0kN');
    await p.clickText('bowline');
    const offered = await p.text('section[aria-label="Picked: attachment knot"]');
    expect(offered).toMatch(/\+27 %\s+fisherman’s \(anchor\) bend/);
    expect(offered).toMatch(/line \+25 %, 2\.83\skN/);
    await p.clickText('+27 %');
    await p.page.waitForFunction(() =>
      document
        .querySelector('article[data-line="1"] [data-working]')!
        .textContent!.startsWith('2.83'),
    );
    await p.afterEdit();
    await stands('fisherman’s (anchor) bend');
    await p.clickText('Move toward the end');
    await stands('rope itself', 'fisherman’s (anchor) bend');
    await p.clickText('Undo');
    await stands('fisherman’s (anchor) bend');
    await p.clickText('Undo');
    await p.page.waitForFunction(() =>
      document
        .querySelector('article[data-line="1"] [data-working]')!
        .textContent!.startsWith('2.26'),
    );
    await p.clickText('Redo');
    await p.page.waitForFunction(() =>
      document
        .querySelector('article[data-line="1"] [data-working]')!
        .textContent!.startsWith('2.83'),
    );
    const count = (await names()).length;
    await p.choose('Put after it', 'hook, ring or shackle');
    await p.clickText('Add');
    await p.page.waitForFunction(
      (n) => document.querySelectorAll('article[data-line="1"] ol > li button').length === n + 1,
      {},
      count,
    );
    await p.fill('Marked WLL', '1 kN');
    await p.page.waitForFunction(() =>
      document
        .querySelector('article[data-line="1"] [data-working]')!
        .textContent!.startsWith('1.00'),
    );
    await p.clickText('Remove');
    await p.page.waitForFunction(
      (n) => document.querySelectorAll('article[data-line="1"] ol > li button').length === n,
      {},
      count,
    );
    await p.afterEdit();
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('what cannot be read stays in the field with the reason, and the last good value stays in force', async () => {
    const p = await atOwnPlan('apple-bins', 'Bad input');
    await p.section('Load');
    for (const [text, reason] of [
      ['1,5', 'decimal point, not a comma'],
      ['-3 kg', 'below 0'],
      ['3 kN', 'not a unit of mass'],
      ['', 'CANNOT SAY'],
    ] as const) {
      await p.fill('Mass', text);
      const said = await p.text();
      expect(said, text).toContain(text === '' ? 'mass not known' : reason);
    }
    await p.fill('Mass', '2,280 kg');
    await p.fill('Mass', 'heavy');
    expect(await p.text()).toMatch(/“heavy” is not a figure.*Kept: 2280 kg/s);
    await p.untilVerdict('holds');
    await p.fill('Height', '4\' 11"');
    expect(await p.text()).toContain('taken as ft');
    await p.afterEdit();
    expect(
      (await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'))).json['document'],
    ).toMatchObject({ units: [{ massKg: 2280, heightM: expect.closeTo(1.4986, 12) }] });
    await p.leave();
  });

  it('the verdict stays in sight while a line further down is changed, on a desk and on a phone', async () => {
    for (const phone of [false, true]) {
      const p = await Person.at(browser, { phone });
      const { json } = await request('POST', '/plans', {
        body: { ...demoDocument('apple-bins'), title: 'In sight' },
        cookie: await cookieOf('Ilse Varrow'),
      });
      await p.stepInAs('Ilse Varrow', `/loads/${String(json['id'])}`);
      expect(await p.page.$('[data-staying-verdict]')).toBeNull();
      await p.page.evaluate(() =>
        document.querySelector('article[data-line="3"]')!.scrollIntoView({ block: 'end' }),
      );
      const strip = await p.page.waitForSelector('[data-staying-verdict=holds]');
      expect(
        await strip!.evaluate((e) => [
          e.getBoundingClientRect().top >= 0,
          e.textContent!.startsWith('HOLDS'),
        ]),
      ).toEqual([true, true]);
      await p.clickText('Line 3: settings, copy, remove');
      await p.clickText('Remove');
      await p.page.waitForFunction(
        () => document.querySelectorAll('article[data-line]').length === 2,
      );
      const now = await p.verdict();
      await p.page.waitForFunction(
        (v) => {
          const e = document.querySelector('[data-staying-verdict]');
          return !e || e.getAttribute('data-staying-verdict') === v;
        },
        {},
        now,
      );
      await p.leave();
    }
  });
  it('one change that helps is done in one click', async () => {
    const p = await atOwnPlan('water-tote', 'Helps');
    await p.page.waitForFunction(() => /2 in webbing with ratchets/.test(document.body.innerText));
    await p.clickText('Do it: 2 in webbing with ratchets');
    await p.untilVerdict('holds');
    await p.clickText('Undo');
    await p.untilVerdict('barred');
    await p.leave();
  });
});
