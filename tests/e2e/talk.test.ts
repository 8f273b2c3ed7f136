/** A toolbox talk on a big screen and on phones: put together, joined by its code, answered, shown, signed. */
import { readFileSync } from 'node:fs';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violationsInThemes } from '../support/axe';
import { BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const { password } = JSON.parse(readFileSync('demo/people.json', 'utf8')) as { password: string };

/** A phone that opens an address and stays there. */
async function phoneAt(path: string, theme?: string): Promise<Person> {
  const phone = await Person.at(browser, { phone: true, ...(theme ? { theme } : {}) });
  await phone.page.goto(`${BASE}${path}`);
  return phone;
}
const onScreen = (p: Person, item: number, shown: boolean) =>
  p.page.waitForSelector(`main[data-item="${item}"][data-shown="${shown}"]`);
const stands = (p: Person, text: string) =>
  p.page.waitForFunction((t) => document.body.innerText.includes(t), {}, text);

describe('a toolbox talk', () => {
  it('is put together, joined by the photographed code, answered, shown with what was said, and signed', async () => {
    const tomas = await Person.at(browser);
    await tomas.stepInAs('Tomas Quill', '/drills/talk?minutes=5');
    expect(await violationsInThemes(tomas.page)).toEqual([]);
    expect(await tomas.page.$$('[aria-label="Questions of the talk"] > li')).toHaveLength(4);
    // Of what is proposed the last three are left out, and a choice of four put in their place by the interface for programs.
    const drills = ['name/bowline/facing-away', 'look/clove-hitch/passed', 'reckon/hauling'];
    const { id } = (await tomas.api('POST', '/talks', { drills })).json as { id: string };
    await tomas.goto(`/talk/${id}`);
    const code = await tomas.text('main b');
    expect(code).toMatch(/^[A-Z0-9]{6}$/);
    const picture = await (await tomas.page.$('svg[role=img]'))!.screenshot();
    const { data, width, height } = PNG.sync.read(Buffer.from(picture));
    const address = jsQR(new Uint8ClampedArray(data), width, height)!.data;
    expect(address).toBe(`${BASE}/talk#${code}`);
    expect(await violationsInThemes(tomas.page)).toEqual([]);

    const mira = await phoneAt(`/talk#${code}`);
    await mira.page.waitForSelector('form');
    await mira.fill('Your name', 'Mira Vale');
    await mira.clickText('Join');
    await stands(mira, 'The first question comes here by itself.');
    await stands(tomas, '1 is here');

    await tomas.clickText('First question');
    await onScreen(tomas, 0, false);
    expect(await violationsInThemes(tomas.page)).toEqual([]);
    const choice = await mira.page.waitForSelector('[role=group][aria-label="It is"] button');
    expect(await violationsInThemes(mira.page)).toEqual([]);
    const chosen = (await choice!.evaluate((e) => e.textContent))!;
    await choice!.click();
    await stands(mira, 'Your answer is in.');
    await stands(tomas, '1 of 1 answered');
    expect(await tomas.page.$('li[data-right]')).toBeNull();

    // The page is lost and opened again, without the code.
    await mira.page.goto('about:blank');
    await mira.page.goto(`${BASE}/talk`);
    await stands(mira, 'Your answer is in.');

    await tomas.page.keyboard.press('ArrowRight');
    await onScreen(tomas, 0, true);
    const rows = await tomas.page.$$eval('[aria-label=Answers] > li', (all) =>
      all.map((li) => li.innerText.replace(/\s+/g, ' ')),
    );
    expect(rows.filter((r) => r.endsWith(' 1'))).toEqual([`${chosen} 1`]);
    expect(await tomas.text('li[data-right]')).toContain('Bowline');
    expect(await violationsInThemes(tomas.page)).toEqual([]);
    await mira.page.waitForSelector('[role=status][data-grade]');
    expect(await violationsInThemes(mira.page)).toEqual([]);

    await tomas.clickText('Next question');
    await onScreen(tomas, 1, false);
    await stands(mira, 'Clove hitch');
    await tomas.clickText('End and sign');
    await tomas.fill('Your own password', password);
    await tomas.clickText('Sign');
    await stands(tomas, 'The talk is over');
    await stands(mira, 'The talk is over. Thank you.');
    const record = await tomas.api('GET', `/talks/${id}/record`);
    expect(record.json).toMatchObject({
      signedBy: 'Tomas Quill',
      body: { people: [{ name: 'Mira Vale', memberId: null }] },
    });
    await tomas.goto('/drills/talk');
    expect(await tomas.text('[aria-label="Talks that were held"]')).toContain(
      'Took part: 1. Questions: 2.',
    );
    expect([...tomas.errors, ...mira.errors]).toEqual([]);
  });
  it('shows nothing to a stranger; a wrong code is said beside its field; a hand leads none', async () => {
    const eve = await phoneAt('/talk#WRONG1', 'night');
    await eve.page.waitForSelector('form');
    await eve.fill('Your name', 'Eve');
    await eve.clickText('Join');
    await stands(eve, 'No talk is held under this code.');
    expect(await eve.page.$('svg')).toBeNull();
    const joss = await Person.at(browser, { phone: true });
    await joss.stepInAs('Joss Pemberly', '/drills/talk');
    expect(await joss.text('main')).toContain('An instructor or the lead');
    expect(await joss.page.$('[aria-label="Questions of the talk"]')).toBeNull();
    expect((await joss.api('POST', '/talks', { drills: ['reckon/hauling'] })).status).toBe(403);
    expect(await joss.page.evaluate(() => document.body.scrollWidth <= innerWidth)).toBe(true);
  });
});
