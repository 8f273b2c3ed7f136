import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';
import { demoDocument } from '../support/demo';
import { enter, gearPath, readTag, rowsShown, untilRows, until } from '../support/locker';

let browser: Browser;

beforeAll(async () => {
  browser = await launch();
});

afterAll(() => browser.close());

async function keeper(options: Parameters<typeof Person.at>[1] = {}): Promise<Person> {
  const p = await Person.at(browser, options);
  await p.stepInAs('Sunniva Dale');
  return p;
}

describe('the list', () => {
  it('finds by words, what it is, length left and state', async () => {
    const p = await keeper();
    await p.goto('/locker');
    expect((await rowsShown(p)).includes('MO-25-1')).toBe(false);
    await p.choose('What', 'manila');
    await untilRows(p, (rows) => rows.every((r) => r.startsWith('MA-')) && rows.length >= 2);
    await p.choose('What', 'everything');
    await p.choose('State', 'retired');
    await untilRows(p, (rows) => rows.includes('MO-25-1'));
    await p.choose('State', 'not retired');
    await p.fill('Length left, at least', '45 m');
    await untilRows(p, (rows) => rows.includes('PP-10-2') && !rows.includes('PP-10-3'));
    await p.fill('Length left, at least', '');
    await p.fill('Find by tag, name or place', 'tarp line');
    await untilRows(p, (rows) => rows.join() === 'PP-10-1');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('a rope is entered, opened, changed, and its working shown', async () => {
    const p = await keeper();
    await p.goto('/locker');
    const code = `E2E-${Date.now() % 1e6}`;
    await p.clickText('Enter a rope');
    await p.fill('Tag code', code);
    await p.fill('Breaking strength on the label', '1,800 lbf');
    await p.fill('Diameter', '5/16 in');
    await p.clickText('Enter it');
    await until(p, '[role=dialog]', 'how much there was of it');
    await p.fill('Length when it came', '100 ft');
    await p.clickText('Enter it');
    await until(p, 'h1', code);
    // 1,800 lbf ÷ 5 = 360 lbf = 1.60 kN, new.
    await until(p, '[data-school=design-factor]', '1.60 kN');
    await p.page.click('[data-school=design-factor] [data-working]');
    await until(p, '[role=dialog]', 'breaking strength');
    await p.page.keyboard.press('Escape');
    await p.choose('Weather', 'wet');
    await p.clickText(`${code}: cut, move, retire, change`);
    await p.clickText('Change label and notes');
    await p.choose('Material', 'nylon three-strand');
    await p.fill('Notes', 'from the fair at Pell Marsh');
    await p.clickText('Keep');
    await until(p, 'dl', 'Pell Marsh');
    await until(p, '[data-school=design-factor]', '1.36 kN');
    await p.clickText(`${code}: cut, move, retire, change`);
    await p.clickText('Move');
    await p.fill('Where it is now', 'peg 7');
    await p.clickText('Record the move');
    await until(p, 'dl', 'peg 7');
    await until(p, 'section[aria-label=History]', 'Moved to peg 7');
    await p.leave();
  });
});

describe('a tag reader that types', () => {
  it('opens the thing from the list, whatever has the focus, and leaves no trace in a field', async () => {
    const p = await keeper();
    await p.goto('/locker');
    await readTag(p, 'PE-12-1');
    await until(p, 'h1', 'PE-12-1');
    await p.goto('/locker');
    await p.fill('Find by tag, name or place', 'barn');
    await readTag(p, 'NB-8-1');
    await until(p, 'h1', 'NB-8-1');
    await p.goto('/locker');
    await readTag(p, 'NO-SUCH');
    await until(p, '[role=alert]', 'wears the tag “NO-SUCH”');
    // In a dialog it types like any keyboard: nothing that was entered is left behind.
    await p.clickText('Enter a rope');
    await p.page.waitForSelector('[role=dialog]');
    await p.fill('Tag code', '');
    await readTag(p, 'NB-8-1');
    await until(p, '[role=dialog]', 'how much there was of it');
    expect(await p.page.$eval('[role=dialog] input', (e) => (e as HTMLInputElement).value)).toBe(
      'NB-8-1',
    );
    await p.page.keyboard.press('Escape');
    // A hand at its usual pace is no reader.
    await p.fill('Find by tag, name or place', '');
    await p.page.focus('input[type=search]');
    await p.page.keyboard.type('NB-8-2', { delay: 90 });
    await p.page.keyboard.press('Enter');
    expect(await p.page.$eval('input[type=search]', (e) => (e as HTMLInputElement).value)).toBe(
      'NB-8-2',
    );
    expect(new URL(p.page.url()).pathname).toBe('/locker');
    await p.leave();
  });
  it('the stand-in that ships with it does the same', async () => {
    const p = await keeper();
    await p.goto('/locker');
    await p.clickText('Import, export, tags, calendar, reader');
    await p.clickText('Tag reader stand-in');
    await p.fill('Code on the tag', 'CH-1');
    await p.clickText('Read it');
    await until(p, 'h1', 'CH-1');
    await p.leave();
  });
  it('puts a rope on the picked line of a plan, and the planner’s keys do not answer to it', async () => {
    const p = await keeper();
    const { json } = await p.api('POST', '/plans', {
      ...demoDocument('carousel-crate'),
      title: `Read a tag ${Date.now()}`,
    });
    await p.goto(`/loads/${json['id'] as string}`);
    await p.clickText('rope itself');
    await until(p, 'section', 'Choose from the locker');
    await readTag(p, 'PE-12-1');
    await until(p, 'section', 'From the locker: PE-12-1');
    await p.afterEdit();
    const stored = (await p.api('GET', `/plans/${json['id'] as string}`)).json as {
      document: {
        lines: {
          elements: {
            kind: string;
            gearId?: string | null;
            lengthM?: number;
            rope?: { tag: string };
          }[];
        }[];
      };
    };
    const rope = stored.document.lines[0]!.elements.find((e) => e.kind === 'rope')!;
    expect([rope.rope!.tag, rope.lengthM]).toEqual(['PE-12-1', 30]);
    expect(rope.gearId).toMatch(/^[0-9a-f-]{36}$/);
    // A single key still does what it did.
    await p.page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await p.page.keyboard.press('2');
    await p.page.waitForFunction(
      () => document.querySelector('[data-line="2"] section[aria-label^="Picked"]') !== null,
    );
    await p.leave();
  });
});

describe('rope of the locker in a plan', () => {
  it('is chosen best fit first with reasons, and the length is checked', async () => {
    const p = await keeper();
    const { json } = await p.api('POST', '/plans', {
      ...demoDocument('carousel-crate'),
      title: `Chosen ${Date.now()}`,
    });
    await p.goto(`/loads/${json['id'] as string}`);
    await p.clickText('rope itself');
    await p.clickText('Choose from the locker');
    await p.page.waitForSelector('ul[aria-label^="Ropes of the locker"] li');
    const rows = await p.page.$$eval('ul[aria-label^="Ropes of the locker"] li', (list) =>
      list.map((e) => ({ text: (e as HTMLElement).innerText, fits: e.getAttribute('data-fits') })),
    );
    expect(rows[0]!.fits).toBe('true');
    expect(rows[0]!.text).toMatch(/long enough.*the line carries/s);
    expect(rows.findIndex((r) => r.fits === 'false')).toBeGreaterThan(0);
    expect(rows.map((r) => r.fits)).toEqual([...rows.map((r) => r.fits)].sort().reverse());
    await p.clickText('Take it');
    await until(p, 'section', 'From the locker: PP-10-');
    await p.fill('Length there is of it', '4 m');
    await until(p, 'ul[aria-label=Findings]', 'take a longer rope');
    await p.leave();
  });
  it('retired while a plan is open, it bars the plan at once; the list says so, too', async () => {
    const [p, other] = [await keeper(), await keeper()];
    const code = `RET-${Date.now() % 1e6}`;
    const id = await enter(p, code, { lengthM: 30 });
    const bins = demoDocument('apple-bins') as { lines: { elements: Record<string, unknown>[] }[] };
    bins.lines[0]!.elements = bins.lines[0]!.elements.map((e) =>
      e['kind'] === 'webbing'
        ? {
            id: e['id'],
            kind: 'rope',
            gearId: id,
            lengthM: 30,
            rope: {
              tag: code,
              material: 'polyester',
              diameterM: 0.012,
              mbsN: 21000,
              condition: 'new',
            },
          }
        : e,
    );
    const title = `Barred at once ${code}`;
    const { json } = await p.api('POST', '/plans', { ...bins, title });
    await p.goto(`/loads/${json['id'] as string}`);
    expect(await p.verdict()).not.toBe('barred');
    await other.goto(`/locker/${id}`);
    await other.clickText(`${code}: cut, move, retire, change`);
    await other.clickText('Retire');
    await other.fill('Why', 'driven over');
    await other.clickText('Retire it');
    await until(other, 'header', 'retired');
    // The open page looks again when it is looked at, and now and then by itself.
    await p.page.bringToFront();
    await p.page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await p.page.waitForFunction(
      () => document.querySelector('[data-verdict]')?.getAttribute('data-verdict') === 'barred',
    );
    await until(p, 'ul[aria-label=Findings]', 'It is retired');
    await other.goto('/loads');
    await other.fill('Find a load', title);
    await until(other, 'ul[aria-label=Plans] li', 'BARRED');
    expect((await p.api('POST', '/plans', { ...bins, title: 'Again' })).status).toBe(422);
    await Promise.all([p.leave(), other.leave()]);
  });
});

describe('for everybody', () => {
  it('axe finds nothing on any page of the locker, in three themes and on a phone', async () => {
    for (const phone of [false, true]) {
      const p = await keeper({ phone });
      const item = await gearPath(p, 'MA-14-2');
      for (const path of [
        '/locker',
        item,
        `${item}/inspect`,
        '/locker/cuts',
        '/locker/import',
        '/locker/tags',
      ]) {
        await p.goto(path);
        expect(await (phone ? violations : violationsInThemes)(p.page), path).toEqual([]);
        expect(
          await p.page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth),
          `${path} fits`,
        ).toBe(true);
      }
      expect(p.errors).toEqual([]);
      await p.leave();
    }
  });
  it('a trainee reads the locker and changes nothing', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Joss Pemberly');
    const path = await gearPath(p, 'PE-12-2');
    await p.goto(path);
    const text = await p.text();
    expect(text).not.toContain('Inspect\n');
    expect(text).not.toContain('Correct');
    const id = path.split('/').at(-1)!;
    expect((await p.api('POST', `/gear/${id}/history`, { kind: 'moved', place: 'x' })).status).toBe(
      403,
    );
    expect((await p.api('POST', '/gear/import?keep=good')).status).toBe(403);
    await p.leave();
  });
});
