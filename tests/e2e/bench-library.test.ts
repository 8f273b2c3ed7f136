import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { atBench as open, until, untilFigures } from '../support/tension-bench';
import { demoDocument } from '../support/demo';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());
const atBench = (path?: string): Promise<Person> => open(browser, path);

describe('a rigging in the library', () => {
  it('is kept, saves itself, goes out as a file and comes in again, and is found', async () => {
    const p = await atBench('/bench?system=compound-9');
    await p.clickText('Keep, export, import');
    await p.clickText('Keep in the library');
    await p.page.waitForFunction(() => /^\/bench\/[0-9a-f-]{36}$/.test(location.pathname));
    await p.ready();
    const id = p.page.url().split('/').at(-1)!;
    await p.clickText('Change the line');
    const title = `Stock trailer tackle ${Date.now()}`;
    const saved = p.page.waitForResponse(
      (r) =>
        r.request().method() === 'PUT' &&
        r.url().includes('/riggings/') &&
        (r.request().postData() ?? '').includes(title),
    );
    await p.fill('Name of the rigging', title);
    await saved;
    await p.page.keyboard.press('Escape');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await p.untilKept();
    const stored = (await p.api('GET', `/riggings/${id}`)).json as { document: { title: string } };
    expect(stored.document.title).toBe(title);
    const again = await p.api('POST', '/riggings', JSON.parse(JSON.stringify(stored.document)));
    expect(again.json['document']).toEqual(stored.document);
    await p.goto('/bench/library');
    await p.fill('Find a rigging', title);
    await p.page.waitForFunction(
      (t) =>
        [...document.querySelectorAll('ul[aria-label="Riggings"] a')].filter(
          (a) => a.textContent === t,
        ).length === 2,
      {},
      title,
    );
  });
  it('two editors: the second sees both versions and nothing is overwritten', async () => {
    const p = await atBench();
    const { json } = await p.api('POST', '/riggings', { ...demoRigging(), title: 'Shared' });
    await p.goto(`/bench/${json['id'] as string}`);
    expect(
      (
        await p.api(
          'PUT',
          `/riggings/${json['id'] as string}`,
          { ...demoRigging(), title: 'Saved first' },
          { 'if-match': '"1"' },
        )
      ).status,
    ).toBe(200);
    await p.fill('Hand pull', '300 N');
    await until(p, '[role=dialog]', 'saved this rigging first');
    await p.clickText('Take theirs');
    await until(p, 'h1', 'Saved first');
  });
});

const demoRigging = (): Record<string, unknown> => ({
  format: 'vast-cleat/rigging',
  version: 1,
  title: 'R',
  system: { kind: 'truckers', loop: 'alpine-butterfly', handForceN: '250 N' },
  rope: { material: 'polyester', diameterM: '12 mm', mbsN: '28 kN' },
  lengthM: '5 m',
  anchor: { name: 'ring', rating: { state: 'rated', wllN: '5 kN' } },
  farAnchor: { name: 'ring', rating: { state: 'rated', wllN: '5 kN' } },
});

describe('the bench in a plan', () => {
  it('opens in place and gives its choice back; leaving it changes nothing', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow');
    const { json } = await p.api('POST', '/plans', {
      ...demoDocument('carousel-crate'),
      title: `Bench in place ${Date.now()}`,
    });
    await p.goto(`/loads/${json['id'] as string}`);
    await p.clickText('rope turn in the loop');
    await p.clickText('Open the pull bench');
    await p.page.waitForSelector('[data-bench]');
    await p.choose('What pulls', 'trucker’s, second loop');
    await untilFigures(p, '3.24');
    await p.clickText('Leave it as it was');
    await p.page.waitForFunction(() => !document.querySelector('[data-bench]'));
    expect((await p.text('article[data-line="1"]')).replaceAll('\u00a0', ' ')).toContain(
      'counted 3.00 to 1, hauling 1.80 to 1',
    );
    await p.clickText('Open the pull bench');
    await p.page.waitForSelector('[data-bench]');
    await p.choose('What pulls', 'trucker’s, second loop');
    await untilFigures(p, '3.24');
    await p.clickText('Take it into the plan');
    await until(p, 'article[data-line="1"]', 'counted 9.00 to 1, hauling 3.24 to 1');
    await p.afterEdit();
    expect(p.errors).toEqual([]);
  });
  it('from the bench into a plan: the line says which rigging of the library it came from', async () => {
    const p = await atBench();
    const stamp = Date.now();
    await p.api('POST', '/plans', {
      ...demoDocument('carousel-crate'),
      title: `Takes a rigging ${stamp}`,
    });
    const kept = await p.api('POST', '/riggings', {
      ...demoRigging(),
      title: `Butterfly ${stamp}`,
    });
    await p.goto(`/bench/${kept.json['id'] as string}`);
    await p.clickText('Use in a plan');
    await p.fill('Find a load', `Takes a rigging ${stamp}`);
    await p.clickText(`Choose Takes a rigging ${stamp}`);
    await p.clickText('Put it on line 2');
    await p.clickText(`Open Takes a rigging ${stamp}`);
    await p.page.waitForSelector('article[data-line="2"]');
    await (await p.page.waitForSelector(
      '::-p-xpath(//article[@data-line="2"]//button[starts-with(normalize-space(.),"rope turn in the loop")])',
    ))!.click();
    await until(p, 'article[data-line="2"] a', `Butterfly ${stamp}`);
  });
});
