/** The log in the browser: written with a picture, found, corrected, looked at by knot, counted; what is recorded elsewhere is in it. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import sharp from 'sharp';
import type { Browser, ElementHandle } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const submit = async (p: Person): Promise<void> => {
  await (await p.page.waitForSelector('[role=dialog] button[type=submit]'))!.click();
  await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
};
/** The first entry of a kind that says this. */
const entry = (p: Person, kind: string, says: string): Promise<unknown> =>
  p.page.waitForFunction(
    (k, words) =>
      [...document.querySelectorAll(`[data-entry=${k}]`)].some((e) =>
        e.textContent?.includes(words),
      ),
    {},
    kind,
    says,
  );

const SAID = 'What happened, and what kept it from getting worse';

describe('the log', () => {
  it('takes a near miss with its picture, and is corrected without losing it', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Tomas Quill', '/log');
    await p.clickText('Write it down');
    await p.choose('Load', 'Water tote');
    await p.choose('Line', 'Over, rear');
    await p.choose('Cause', 'Loop tied too near the anchor: tight before the line was');
    await p.choose('Knot', 'Slip loop');
    await p.fill(SAID, 'Loop at the ring before it was tight; tied it higher.');
    const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'photo-')), 'ring.png');
    const plain = { width: 900, height: 600, channels: 3, background: '#777777' } as const;
    writeFileSync(file, await sharp({ create: plain }).png().toBuffer());
    const input = await p.page.waitForSelector('input[type=file]');
    await (input as ElementHandle<HTMLInputElement>).uploadFile(file);
    await p.page.waitForSelector('img[alt="Picture 1"]');
    expect(await violations(p.page)).toEqual([]);
    await submit(p);
    await entry(p, 'incident', 'tied it higher');
    await p.page.waitForFunction(
      () =>
        document.querySelector<HTMLImageElement>('[data-entry=incident] img')?.naturalWidth === 900,
    );
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.clickText('Near miss: Water tote');
    await p.clickText('Correct it');
    await p.fill(SAID, 'It was the front line.');
    await p.fill('Why it is corrected', 'Mixed up front and rear');
    await p.clickText('It was like this');
    await p.page.waitForFunction(() =>
      document.body.innerText.includes('It was otherwise: Mixed up front and rear (Tomas Quill).'),
    );
    // What was written first is still there, and with it its picture.
    expect(await p.text('article')).toContain('tied it higher');
    expect(await p.page.$$('article img')).toHaveLength(1);
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.goto('/log?knot=slip-loop');
    await entry(p, 'correction', 'Instead:');
    await p.goto('/log/counts');
    expect(await p.text('section[aria-label="What fails, and why?"] table')).toMatch(
      /Loop tied too near the anchor[^]*Slip loop\s+1/,
    );
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('has the checks and what happens to ropes by itself; words and kinds narrow it', async () => {
    const p = await Person.at(browser, { phone: true });
    await p.stepInAs('Ilse Varrow', '/log');
    const { json } = await p.api('GET', '/plans?search=water');
    const id = (json['plans'] as { id: string }[])[0]!.id;
    await p.api('POST', `/plans/${id}/checks`, {
      occasion: 'before-driving',
      lines: [{ lineId: 'l2', state: 'slack' }],
    });
    await p.goto('/log');
    await entry(p, 'check', 'Over, rear slack found');
    await p.choose('Kind', 'Rope');
    await p.page.waitForFunction(() => !document.querySelector('[data-entry=check]'));
    expect((await p.page.$$('[data-entry=rope-event]')).length).toBeGreaterThan(5);
    await p.fill('Find words', 'no-such-word');
    await p.page.waitForFunction(() =>
      document.body.innerText.includes('Nothing in the log is like that.'),
    );
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('keeps the figures of a load as it was secured', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Sunniva Dale', '/log');
    await p.clickText('Write it down');
    await p.clickText('Load secured');
    await submitWants(p, 'Say which load.');
    await p.choose('Load', 'Carousel crate');
    await submit(p);
    await entry(p, 'securement', 'with 3 lines');
    await p.clickText('Secured: Carousel crate');
    const figures = await p.text('section[aria-label="As it was secured"]');
    expect(figures).toMatch(/version 1, 310\skg, on drop-side trailer/);
    expect(figures).toMatch(/Over, rear third[^]*WLL, at [^]*kN[^]*Keeps\s+[\d.]+\skN/);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

async function submitWants(p: Person, says: string): Promise<void> {
  await (await p.page.waitForSelector('[role=dialog] button[type=submit]'))!.click();
  await p.page.waitForFunction(
    (words) => document.querySelector('[role=dialog] [role=alert]')?.textContent === words,
    {},
    says,
  );
}
