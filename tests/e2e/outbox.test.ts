import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations } from '../support/axe';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

interface Entry {
  readonly body: { readonly kind: string; readonly place?: string };
}

/** Sunniva at a rope of the locker. */
async function atRope(
  code: string,
): Promise<{ p: Person; id: string; places: () => Promise<(string | undefined)[]> }> {
  const p = await Person.at(browser);
  await p.stepInAs('Sunniva Dale', '/locker');
  const found = await p.api('GET', `/gear?search=${code}`);
  const id = (found.json['gear'] as { id: string }[])[0]!.id;
  await p.goto(`/locker/${id}`);
  const places = async () =>
    ((await p.api('GET', `/gear/${id}/history`)).json['history'] as Entry[])
      .filter((e) => e.body.kind === 'moved')
      .map((e) => e.body.place);
  return { p, id, places };
}

/** Opens the sheet and fills it in, while the page can still be fetched. */
async function openMove(p: Person, place: string): Promise<void> {
  await p.clickText('PE-12-1: cut');
  await p.clickText('Move');
  await p.fill('Where it is now', place);
}

async function record(p: Person): Promise<void> {
  await p.clickText('Record the move');
  await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
}

const untilSent = (p: Person) =>
  p.page.waitForFunction(() => !document.querySelector('[data-outbox]'));

describe('what is recorded while the server does not answer', () => {
  it('stays on the device, is seen there, and is recorded once, in order, when it answers again', async () => {
    const { p, places } = await atRope('PE-12-1');
    const before = await places();
    await openMove(p, 'the tunnel');
    await p.page.setOfflineMode(true);
    await record(p);
    await p.page.waitForSelector('[data-outbox="1"]');
    await openMove(p, 'behind the tunnel');
    await record(p);
    await p.page.waitForSelector('[data-outbox="2"]');
    await p.clickText('2 records wait on this device');
    const sheet = await p.text('[role=dialog]');
    expect(sheet).toMatch(/PE-12-1: .*the tunnel[\s\S]*PE-12-1: .*behind the tunnel/);
    expect(await violations(p.page)).toEqual([]);
    await p.page.keyboard.press('Escape');
    await p.page.setOfflineMode(false);
    await untilSent(p);
    expect(await places()).toEqual([...before, 'the tunnel', 'behind the tunnel']);
    await p.leave();
  });
  it('is recorded once where only the answer was lost', async () => {
    const { p, places } = await atRope('PE-12-1');
    const before = await places();
    await p.page.evaluate(() => {
      const ask = window.fetch;
      let lost = false;
      window.fetch = async (...request) => {
        const answer = await ask(...request);
        if (lost || !String(request[0]).endsWith('/history')) return answer;
        lost = true;
        throw new TypeError('connection lost');
      };
    });
    await openMove(p, 'said twice');
    await record(p);
    await untilSent(p);
    expect(await places()).toEqual([...before, 'said twice']);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('outlives the page; what is not taken later stays with its reason until it is let go', async () => {
    const { p, id, places } = await atRope('PE-12-1');
    const before = await places();
    await openMove(p, 'kept over a reload');
    await p.page.setOfflineMode(true);
    await record(p);
    await p.page.waitForSelector('[data-outbox="1"]');
    await p.page.setOfflineMode(false);
    await p.goto(`/locker/${id}`);
    await p.page.waitForFunction(() => localStorage.getItem('outbox') === '[]');
    expect(await places()).toEqual([...before, 'kept over a reload']);
    await openMove(p, 'not taken');
    await p.page.setOfflineMode(true);
    await record(p);
    await p.page.waitForSelector('[data-outbox="1"]');
    // What waits is spoilt, as if the rules had changed meanwhile.
    await p.page.evaluate(() => {
      const kept = JSON.parse(localStorage.getItem('outbox')!) as { body: { kind: string } }[];
      kept[0]!.body.kind = 'no such thing';
      localStorage.setItem('outbox', JSON.stringify(kept));
    });
    await p.page.setOfflineMode(false);
    await p.goto('/locker');
    await p.page.waitForFunction(() => /was not taken/.test(document.body.innerText));
    await p.clickText('One record was not taken');
    await p.clickText('Let go of it…');
    await p.clickText('Let it go');
    await untilSent(p);
    expect(await places()).toEqual([...before, 'kept over a reload']);
    await p.leave();
  });
});
