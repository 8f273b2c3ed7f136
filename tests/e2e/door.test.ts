import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { request } from '../support/api';
import { BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('signing in', () => {
  it('with name and password; a wrong one is refused in words; out again', async () => {
    const p = await Person.at(browser);
    await p.goto('/');
    await p.fill('Sign-in name', 'wren halloway');
    await p.fill('Password', 'not this one');
    await p.clickText('Sign in');
    await p.page.waitForFunction(() => /do not match/.test(document.body.innerText));
    await p.fill('Password', 'pell-marsh-fair');
    await p.clickText('Sign in');
    await p.page.waitForFunction(() => location.pathname === '/today');
    const cookie = (await p.context.cookies()).find((c) => c.name === 'vc_session')!;
    expect([cookie.httpOnly, cookie.sameSite]).toEqual([true, 'Strict']);
    await p.page.waitForSelector('[aria-label=Now]');
    await p.goto('/crew');
    await p.readCautions();
    await p.clickText('Sign out');
    await p.page.waitForFunction(() => location.pathname === '/');
    await p.goto('/loads');
    expect(new URL(p.page.url()).pathname).toBe('/');
    await p.leave();
  });

  it('attempts are limited and the answer says how long to wait', async () => {
    const name = `Nobody ${Date.now()}`;
    // The wait doubles with each: in the end it is longer than any machine is slow.
    const attempt = () => request('POST', '/session', { body: { name, password: 'x' } });
    let answer = await attempt();
    for (let i = 0; i < 30 && answer.status === 401; i++) answer = await attempt();
    expect(answer.status).toBe(429);
    expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0);
    expect(answer.json['issues']).toMatchObject([{ code: 'too-many-attempts' }]);
  });

  it('a lead adds a member, who signs in and may do what their role may', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Edda Thorne', '/crew');
    const name = `Corin Ash ${Date.now()}`;
    await p.fill('Full name', name);
    await p.fill('First password, 10 characters or more', 'first password');
    await p.choose('Role', 'trainee: reads');
    await p.clickText('Add to the crew');
    await p.page.waitForFunction((n) => document.body.innerText.includes(n), {}, name);
    const entered = await request('POST', '/session', {
      body: { name, password: 'first password' },
    });
    const cookie = entered.headers.get('set-cookie')!.split(';')[0]!;
    expect((await request('GET', '/crew', { cookie })).json['name']).toMatch(/^Pipeworks /);
    expect((await request('PUT', '/crew', { cookie, body: { strength: {} } })).status).toBe(403);
    await p.leave();
  });

  it('pages carry a content security policy that holds', async () => {
    const response = await fetch(BASE);
    expect(response.headers.get('content-security-policy')).toMatch(
      /script-src 'self' 'nonce-[^']+' 'strict-dynamic'/,
    );
    expect(response.headers.get('x-powered-by')).toBeNull();
  });
});
