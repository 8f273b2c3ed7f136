import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations } from '../support/axe';
import { request } from '../support/api';
import { BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** The link that a sheet shows. */
const linkOf = (p: Person): Promise<string> =>
  p.page
    .waitForSelector('[role=dialog] input')
    .then((e) => e!.evaluate((input) => (input as HTMLInputElement).value));

describe('people of a crew', () => {
  it('one joins by a link, gets another role, is taken out: every step at once, and in the trail', async () => {
    const lead = await Person.at(browser);
    await lead.stepInAs('Edda Thorne', '/crew');
    await lead.choose('Role', 'yard keeper: plans, the locker');
    await lead.clickText('Make a link to join');
    const link = await linkOf(lead);
    expect(await violations(lead.page)).toEqual([]);
    await lead.page.keyboard.press('Escape');

    const comer = await Person.at(browser, { phone: true });
    await comer.goto(link.replace(BASE, ''));
    expect(await comer.text('main')).toContain('You join as yard keeper');
    expect(await violations(comer.page)).toEqual([]);
    const name = `Rook Penhale ${Date.now()}`;
    await comer.fill('Your full name', name);
    await comer.fill('New password, 10 characters or more', 'yard gate key');
    await comer.clickText('Join the crew');
    await comer.page.waitForFunction(() => location.pathname === '/today');
    expect((await comer.api('GET', '/gear')).status).toBe(200);
    const again = await Person.at(browser);
    await again.page.goto(link);
    expect(await again.text('main')).toContain('leads nowhere now');
    await again.leave();

    await lead.goto('/crew');
    await lead.clickText(`More about ${name}`);
    await lead.clickText('Change the role');
    await lead.page.waitForSelector('[role=dialog]');
    await lead.page.waitForFunction(() => document.querySelector('[role=dialog] button'));
    const dialogRole = await lead.page.waitForSelector(
      '[role=dialog] button[aria-haspopup=listbox]',
    );
    await dialogRole!.click();
    await lead.clickText('trainee: reads');
    await lead.clickText('Change the role');
    await lead.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    expect((await comer.api('POST', '/plans', {})).status).toBe(403);

    await lead.clickText(`More about ${name}`);
    await lead.clickText('Take out of the crew');
    await lead.page.waitForSelector('[role=dialog]');
    await lead.clickText('Take out of the crew');
    await lead.page.waitForFunction(
      (n) => !document.querySelector('ul[aria-label="Members"]')!.textContent!.includes(n),
      {},
      name,
    );
    expect((await comer.api('GET', '/gear')).status).toBe(401);
    await lead.clickText('Show');
    const trail = await lead.text('ul[aria-label="Who changed what"]');
    expect(trail).toContain(`Edda Thorne took ${name} out of the crew`);
    expect(trail).toContain(`Edda Thorne made ${name} trainee, before yard keeper`);
    expect(trail).toContain(`${name} joined by link as yard keeper`);
    expect([...lead.errors, ...comer.errors]).toEqual([]);
    await lead.leave();
    await comer.leave();
  });
  it('a password is changed by oneself; signing out ends the calendar address when asked', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Wren Halloway', '/crew');
    const feed = String((await p.api('POST', '/calendar')).json['path']);
    await p.fill('Present password', 'not this one');
    await p.fill('New password, 10 characters or more', 'another long one');
    await p.clickText('Change the password');
    await p.page.waitForFunction(() => /not your present password/.test(document.body.innerText));
    await p.fill('Present password', 'pell-marsh-fair');
    await p.clickText('Change the password');
    await p.page.waitForFunction(() => /Your password is changed/.test(document.body.innerText));
    expect((await request('GET', feed.replace('/api/v1', ''))).status).toBe(200);
    await p.clickText('End my calendar address too');
    await p.clickText('Sign out');
    await p.page.waitForFunction(() => location.pathname === '/');
    expect((await request('GET', feed.replace('/api/v1', ''))).status).toBe(404);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
