import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/knot/catalogue';
import { violations } from '../support/axe';
import { BASE, frames, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

async function at(path: string, options: Parameters<typeof Person.at>[1] = {}): Promise<Person> {
  const p = await Person.at(browser, options);
  await p.stepInAs('Ilse Varrow', path);
  return p;
}
/** Figures are written with a space that does not break. */
const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

describe('the finder', () => {
  it('finds by an old name, by what it must do, by crew; puts four side by side and not five', async () => {
    const p = await at('/knots');
    await p.page.keyboard.press('/');
    await p.page.keyboard.type('haymaker');
    await p.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Knots found"] > li').length === 1,
    );
    expect(await p.text('ul[aria-label="Knots found"]')).toContain('Trucker’s hitch');
    await p.fill('Any name, or what it must do', '');
    await p.clickText('unequal ropes');
    await p.page.waitForFunction(
      (all) => document.querySelectorAll('ul[aria-label="Knots found"] > li').length < all,
      {},
      CATALOGUE.length,
    );
    expect(await p.text('ul[aria-label="Knots found"]')).toContain('Sheet bend');
    await p.clickText('unequal ropes');
    await p.clickText('stage');
    expect(await p.text('[role=status]')).toContain(`of ${CATALOGUE.length} knots`);
    await p.clickText('every crew');
    await p.fill('Any name, or what it must do', 'double sheet bnd');
    // In one look: with every letter typed the list may be another one, or none.
    const like = await p.page.waitForFunction(() => {
      const list = document.querySelector<HTMLElement>('ul[aria-label="Knots found"]');
      return list?.querySelector('a[href="/knots/sheet-bend?form=double"]') &&
        list.innerText.includes('here: double')
        ? list.innerText
        : null;
    });
    expect(await like.jsonValue()).toContain('45 %, no published value');
    await p.fill('Any name, or what it must do', '');
    await p.page.waitForFunction(
      (all) => document.querySelectorAll('ul[aria-label="Knots found"] > li').length === all,
      {},
      CATALOGUE.length,
    );
    for (const name of ['Bowline', 'Clove hitch', 'Prusik', 'Reef']) {
      // As a person would: away from the bar at the foot, then clicked.
      await p.page.evaluate((n) => {
        const label = [...document.querySelectorAll('ul[aria-label="Knots found"] > li')]
          .find((li) => li.querySelector('h2')?.textContent?.startsWith(n))!
          .querySelector('label')!;
        label.setAttribute('data-next', '');
        label.scrollIntoView({ block: 'center' });
      }, name);
      await p.page.click('label[data-next]');
      await p.page.evaluate(() =>
        document.querySelector('label[data-next]')?.removeAttribute('data-next'),
      );
    }
    await p.page.waitForFunction(() =>
      [...document.querySelectorAll('li')].some((li) =>
        li.textContent?.includes('four are picked'),
      ),
    );
    await p.clickText('Put side by side');
    await p.page.waitForFunction(() => location.pathname === '/knots/compare');
    await p.page.waitForSelector('table');
    expect((await p.page.$$('thead th')).length).toBe(5);
    const table = await p.text('table');
    for (const row of ['STRENGTH LEFT', 'JAMS', 'UNTYING', 'SLICK ROPE'])
      expect(table.toUpperCase()).toContain(row);
    expect(table).toContain('rope-rescue pull tests');
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('one knot alone is not compared', async () => {
    const p = await at('/knots/compare?ids=bowline,bowline,nothing');
    expect(new URL(p.page.url()).pathname).toBe('/knots');
    await p.leave();
  });
  it('a knot that is not there is not found', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow');
    for (const path of [
      '/knots/nothing',
      '/knots/bowline?form=nothing',
      '/knots/..%2f..%2fpackage',
    ]) {
      const answer = await p.page.goto(`${BASE}${path}`);
      expect(answer!.status(), path).toBe(404);
    }
    await p.leave();
  });
});

describe('right beside wrong, disputes, downloads, card', () => {
  it('both schools are named with what we take; the tail is given in the rope chosen', async () => {
    const p = await at('/knots/bowline');
    const disputes = await p.text('section[aria-label="Where schools disagree"]');
    for (const word of [
      '“Never.”',
      '“Under very high load it does.”',
      'seamanship',
      'field',
      'rope-rescue pull tests',
      'We count 60 %',
    ])
      expect(disputes).toContain(word);
    expect(plain(await p.text('section[aria-label="Look, then pull"]'))).toContain(
      '144 mm in 12 mm rope',
    );
    await p.choose('Its thickness', '20\u00a0mm');
    await p.page.waitForFunction(() =>
      document.body.innerText.replaceAll('\u00a0', ' ').includes('240 mm in 20 mm rope'),
    );
    const hemp = await p.page.$eval('svg[data-knot-picture]', (e) =>
      getComputedStyle(e).getPropertyValue('--rope'),
    );
    await p.choose('Your rope', 'theatre black');
    await p.page.waitForFunction(
      (h) =>
        getComputedStyle(document.querySelector('svg[data-knot-picture]')!).getPropertyValue(
          '--rope',
        ) !== h,
      {},
      hemp,
    );
    expect((await p.page.$$('section[aria-label="Right and wrong"] figure')).length).toBe(2);
    await p.leave();
  });

  it('SVG stands alone, PNG is a picture, glTF a model, planar code a code', async () => {
    const p = await Person.at(browser);
    await p.page.evaluateOnNewDocument(() => {
      const files: { name: string; bytes: number[] }[] = [];
      Object.assign(window, { files });
      let last: Blob | null = null;
      const make = URL.createObjectURL.bind(URL);
      URL.createObjectURL = (b: Blob) => {
        last = b;
        return make(b);
      };
      HTMLAnchorElement.prototype.click = function () {
        const name = this.download;
        void last!.arrayBuffer().then((b) => files.push({ name, bytes: [...new Uint8Array(b)] }));
      };
    });
    await p.stepInAs('Ilse Varrow', '/knots/overhand');
    const keep = async (
      what: string,
      n: number,
    ): Promise<{ name: string; text: string; bytes: number[] }> => {
      await p.clickText('Keep this picture');
      await p.clickText(what);
      await p.page.waitForFunction(
        (k) => (window as unknown as { files: unknown[] }).files.length === k,
        {},
        n,
      );
      const file = await p.page.evaluate(() =>
        (window as unknown as { files: { name: string; bytes: number[] }[] }).files.at(-1)!,
      );
      return { ...file, text: Buffer.from(file.bytes).toString('latin1') };
    };
    const svg = await keep('Picture, SVG', 1);
    expect(svg.name).toBe('overhand-plain.svg');
    expect(svg.text).toContain('xmlns="http://www.w3.org/2000/svg"');
    expect(svg.text).not.toContain('var(--');
    expect((await keep('Picture, PNG', 2)).bytes.slice(0, 4)).toEqual([0x89, 0x50, 0x4e, 0x47]);
    const glb = await keep('Model in space, glTF', 3);
    expect(glb.text.slice(0, 4)).toBe('glTF');
    expect(glb.text).toContain('rope 1');
    expect((await keep('Planar code', 4)).text).toMatch(
      /^PD\[X\[\d+,\d+,\d+,\d+\],X\[.*\],X\[.*\]\]\n$/,
    );
    await p.leave();
  });

  it('the model in space is fetched only when asked for, and turns by keys', async () => {
    const p = await at('/knots/bowline');
    const fetched: string[] = [];
    p.page.on('response', (r) => {
      if (r.url().endsWith('.js')) fetched.push(r.url());
    });
    await p.clickText('turn in 3D');
    const canvas = await p.page.waitForSelector('canvas[role=img]');
    expect(fetched.length).toBeGreaterThan(0);
    await frames(p.page, 10);
    const before = await canvas!.screenshot({ encoding: 'base64' });
    await canvas!.focus();
    for (let i = 0; i < 5; i++) await p.page.keyboard.press('ArrowLeft');
    await frames(p.page, 10);
    expect(await canvas!.screenshot({ encoding: 'base64' })).not.toBe(before);
    expect(await violations(p.page)).toEqual([]);
    await p.leave();
  });

  it('four pocket cards fill one sheet of A4', async () => {
    const p = await at('/knots/bowline/card?with=clove-hitch,reef');
    expect((await p.page.$$('article')).length).toBe(4);
    expect(await p.text('article:nth-of-type(2)')).toContain('Clove hitch');
    expect(
      await p.page.$$eval('article', (list) =>
        list.every((a) => a.scrollHeight <= a.clientHeight + 1),
      ),
    ).toBe(true);
    expect(await violations(p.page)).toEqual([]);
    const pdf = Buffer.from(
      await p.page.pdf({ format: 'A4', printBackground: true, preferCSSPageSize: true }),
    ).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBe(1);
    await p.leave();
  });
});

describe.each(['day', 'night'])('axe finds nothing in %s', (theme) => {
  it('finder, stage', async () => {
    const p = await at('/knots', { theme });
    expect(await violations(p.page), 'finder').toEqual([]);
    await p.goto('/knots/truckers-hitch');
    await p.clickText('Next step');
    expect(await violations(p.page), 'stage').toEqual([]);
    await p.leave();
  });
});

describe('from the planner', () => {
  it('a knot on a line leads to how it is tied', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow');
    await p.openPlan('Carousel crate');
    expect(
      await p.page.$$eval('article[data-line="1"] use', (list) =>
        list.map((u) => u.getAttribute('href')!.split('#')[1]),
      ),
    ).toContain('line-bowline--facing-away');
    await p.clickText('bowline');
    await p.clickText('How to tie it');
    await p.page.waitForFunction(() => location.pathname === '/knots/bowline');
    expect(await p.text('h1')).toBe('Bowline');
    await p.leave();
  });
});
