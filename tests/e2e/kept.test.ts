/** Decks and loads that come back, the start of a plan with them, and the card, through the real interface. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Plan } from '@/core/securement/plan';
import { VERDICT_WORDS } from '@/wording/verdicts';
import { violationsInThemes } from '../support/axe';
import { atOwnPlan, BASE, launch, Person } from '../support/browser';
import { cardAgainstApi } from '../support/card';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const kept = async (p: Person): Promise<Plan> => {
  await p.afterEdit();
  const { json } = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
  return json['document'] as Plan;
};

describe('decks and loads that come back', () => {
  it('are kept from a plan; a plan with them has a verdict after five actions; axe finds nothing', async () => {
    const own = await atOwnPlan(browser, 'apple-bins', 'To be kept');
    await own.section('Deck and anchors');
    await own.clickText('Keep this deck');
    const [first] = (await kept(own)).units;
    await own.section('Load');
    await own.clickText(`Keep ${first!.name}`);
    const plan = await kept(own);
    expect(plan.deck.keptAs).toMatchObject({ version: 1 });
    expect(plan.units[0]!.keptAs).toMatchObject({ version: 1 });
    await own.untilVerdict('holds');

    let actions = 0;
    const act = async (text: string): Promise<void> => {
      actions += 1;
      await own.clickText(text);
    };
    await own.goto('/loads');
    await act('Plan a load');
    await own.page.waitForSelector('[aria-label="Kept decks"] button');
    await own.page.waitForSelector('[aria-label="Kept loads"] button');
    expect(await violationsInThemes(own.page)).toEqual([]);
    await act(plan.deck.name);
    await act(first!.name);
    await own.page.evaluate(() =>
      document
        .querySelector<HTMLElement>('[aria-label="Ropes of the locker"] button:not([disabled])')!
        .click(),
    );
    actions += 1;
    await act('Begin');
    await own.page.waitForSelector('[data-verdict]');
    await own.ready();
    expect(actions).toBeLessThanOrEqual(8);
    expect(Object.values(VERDICT_WORDS)).toContain(
      await own.page.$eval('[data-verdict] b', (e) => e.textContent),
    );
    const { json } = await own.api('GET', own.page.url().replace(`${BASE}/loads`, '/plans'));
    const begun = json['document'] as Plan;
    expect(begun.deck.keptAs).toEqual(plan.deck.keptAs);
    expect(begun.units[0]).toMatchObject({ massKg: first!.massKg, keptAs: plan.units[0]!.keptAs });
    expect(begun.lines).toHaveLength(1);
    expect(begun.lines[0]!.elements.find((e) => e.kind === 'rope')).toMatchObject({
      gearId: expect.any(String) as string,
    });
    expect(own.errors).toEqual([]);
    await own.leave();
  });
  it('a deck found worse takes the word from plans on it, until they take it as it is; who read what is said', async () => {
    const p = await atOwnPlan(browser, 'apple-bins', 'On a worse deck');
    await p.section('Deck and anchors');
    await p.clickText('Keep this deck');
    const plan = await kept(p);
    const id = plan.deck.keptAs!.id;
    const planPath = p.page.url().replace(BASE, '');
    await p.goto(`/loads/decks/${id}`);
    await p.page.waitForSelector('svg[role=img]');
    expect(await p.text('[aria-label="Who read what"]')).toContain('Ilse Varrow');
    const used = plan.lines[0]!.elements.find((e) => e.kind === 'anchor')!;
    const anchorId = used.kind === 'anchor' && used.at.on === 'deck' ? used.at.anchorId : '';
    const plate = await p.page.waitForSelector(
      `::-p-xpath(//*[normalize-space(text())="Anchor ${anchorId}"]/following::input[2])`,
    );
    await plate!.evaluate((e) => {
      (e as HTMLInputElement).focus();
      (e as HTMLInputElement).select();
    });
    await plate!.type('0.05 kN');
    await p.afterEdit();
    await p.goto(planPath);
    await p.untilVerdict('cannot-say');
    expect(await p.text('[data-verdict]')).toContain('take it as it is now');
    await p.section('Deck and anchors');
    await p.clickText('Take it as it is now');
    expect((await kept(p)).deck.keptAs!.version).toBeGreaterThan(1);
    await p.page.waitForFunction(
      () => !document.querySelector('[data-verdict]')!.textContent!.includes('as it is now'),
    );
    expect(await p.verdict()).not.toBe('holds');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('two people at one deck: the second is shown both, drawn', async () => {
    const first = await atOwnPlan(browser, 'apple-bins', 'Two at a deck');
    await first.section('Deck and anchors');
    await first.clickText('Keep this deck');
    const id = (await kept(first)).deck.keptAs!.id;
    const second = await Person.at(browser);
    await first.goto(`/loads/decks/${id}`);
    await second.stepInAs('Tomas Quill', `/loads/decks/${id}`);
    // Neither hears of the other: one of them is in the tunnel.
    await second.page.setOfflineMode(true);
    await first.fill('Name of the deck', 'flatbed, green');
    await first.afterEdit();
    await second.fill('Name of the deck', 'flatbed, blue');
    await second.page.setOfflineMode(false);
    await second.page.waitForSelector('[role=dialog]');
    const both = await second.text('[role=dialog]');
    expect(both).toContain('flatbed, green');
    expect(both).toContain('flatbed, blue');
    expect(await second.page.$$('[role=dialog] svg[role=img]')).toHaveLength(2);
    await second.clickText('Keep mine');
    await second.untilKept();
    expect(
      ((await second.api('GET', `/decks/${id}`)).json['document'] as { title: string }).title,
    ).toBe('flatbed, blue');
    await second.goto('/loads/kept');
    expect(await second.text('[aria-label="Kept decks"]')).toContain('flatbed, blue');
    expect(await violationsInThemes(second.page), 'what is kept').toEqual([]);
    await second.goto(`/loads/decks/${id}`);
    expect(await violationsInThemes(second.page), 'a deck').toEqual([]);
    const away = 'Failed to load resource: net::ERR_INTERNET_DISCONNECTED';
    expect([...first.errors, ...second.errors].filter((e) => e !== away)).toEqual([]);
    await first.leave();
    await second.leave();
  });
});

describe('the card', () => {
  it('is one page whose figures are those of the programming interface', async () => {
    const p = await atOwnPlan(browser, 'carousel-crate', 'Card of the crate');
    const id = p.page.url().split('/').at(-1)!;
    for (const paper of ['a4', 'letter'] as const) {
      const { text, accelerations } = await cardAgainstApi(p, id, paper);
      expect(accelerations).toBeGreaterThanOrEqual(6);
      expect(text).toContain('Before driving');
    }
    expect((await p.api('GET', `/plans/${id}/card.pdf?paper=a3`)).status).toBe(422);
    await p.goto(`/loads/${id}/print`);
    expect(await p.page.$('svg[aria-label="The deck from above and from behind"]')).not.toBeNull();
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
