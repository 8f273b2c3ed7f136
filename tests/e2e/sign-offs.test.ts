/** A trainee's bowline: practised, seen by an instructor, signed; it shows on the matrix and on the plan; taken back it is gone. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const { password } = JSON.parse(readFileSync('demo/people.json', 'utf8')) as { password: string };
const at = async (who: string, path: string, phone = false): Promise<Person> => {
  const p = await Person.at(browser, { phone });
  await p.stepInAs(who, path);
  return p;
};
const cell = (state: string): string =>
  `button[aria-label^="Joss Pemberly, Bowline (facing away): ${state}"]`;

describe('a skill', () => {
  it('is practised by the trainee, who cannot sign; seen and signed by an instructor; shown, and taken back with a reason', async () => {
    const joss = await at('Joss Pemberly', '/drills/today?of=1', true);
    await (await joss.page.waitForSelector('form button'))!.click();
    await joss.goto('/drills/standing');
    await (await joss.page.waitForSelector(cell('missing')))!.click();
    await joss.page.waitForSelector('[role=dialog]');
    expect(await joss.text('[role=dialog]')).toContain('An instructor or the lead signs.');
    expect(await joss.page.$('[role=dialog] input[type=password]')).toBeNull();
    const refused = await joss.api('POST', '/sign-offs', {
      memberId: '0190b5a0-0000-7000-8000-000000000000',
      skill: 'bowline/facing-away',
      points: [true],
      times: 3,
      under: ['gloves'],
      password,
    });
    expect(refused.status).toBe(403);

    const tomas = await at('Tomas Quill', '/drills/standing?course=transport');
    expect(await violationsInThemes(tomas.page)).toEqual([]);
    await (await tomas.page.waitForSelector(cell('missing')))!.click();
    await tomas.page.waitForSelector('[role=dialog] input[type=password]');
    expect(await violations(tomas.page)).toEqual([]);
    const points = '[role=dialog] [aria-label="Each point was right"] label';
    for (const point of await tomas.page.$$(points)) await point.click();
    await tomas.fill('Your own password', 'not mine');
    await tomas.clickText('Sign');
    await tomas.page.waitForFunction(() =>
      document.querySelector('[role=alert]')?.textContent?.includes('not your present password'),
    );
    await tomas.fill('Your own password', password);
    await tomas.clickText('Sign');
    await tomas.page.waitForSelector(cell('current'));

    await joss.goto('/drills/standing');
    await (await joss.page.waitForSelector(cell('current')))!.click();
    await joss.page.waitForFunction(() =>
      document.querySelector('[role=dialog]')?.textContent?.includes('Signed by Tomas Quill'),
    );
    expect(
      await joss.page.evaluate(() => document.documentElement.scrollWidth),
    ).toBeLessThanOrEqual(390);
    await joss.leave();

    await (await tomas.page.waitForSelector(cell('current')))!.click();
    await tomas.fill('Why it is taken back', 'Enters the loop from the wrong side since.');
    await tomas.clickText('Take it back');
    await tomas.page.waitForSelector(cell('taken back'));
    expect(tomas.errors).toEqual([]);
    await tomas.leave();
  });
  it('that nobody of a crew is current in is flagged on the plan that needs it', async () => {
    const p = await at('Ilse Varrow', '/loads');
    const { json } = await p.api('GET', '/plans?search=carousel');
    const [plan] = json['plans'] as unknown as { id: string }[];
    await p.goto(`/loads/${plan!.id}`);
    await p.page.waitForSelector('section[aria-label="Who can tie it"]');
    expect(await p.text('section[aria-label="Who can tie it"]')).toContain(
      'Nobody is current in: Alpine butterfly',
    );
    expect(await p.text('section[aria-label="Who can tie it"]')).toContain(
      'Proposals ask for no other knots',
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
