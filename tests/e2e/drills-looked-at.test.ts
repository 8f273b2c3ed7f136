/** Questions that are looked at: a deck that is read, a rope that is inspected. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';
import { labelsIn, marked, type MarkedAs, told } from '../support/drills';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const at = async (path: string, phone = false): Promise<Person> => {
  const p = await Person.at(browser, { phone });
  await p.stepInAs('Ilse Varrow', path);
  return p;
};

describe('a question', () => {
  it('on a deck is read: drawn with nothing marked, then with what is wrong', async () => {
    const p = await at('/drills/practice?ask=read&n=4');
    await p.page.waitForSelector('[aria-label="The deck to be read"]');
    expect(await p.page.$$('[aria-label=Straps] > li')).not.toHaveLength(0);
    expect(await violationsInThemes(p.page)).toEqual([]);
    await (await p.page.waitForSelector('[aria-label="What is wrong"] button'))!.click();
    await p.page.waitForSelector('[role=status][data-grade]');
    await p.page.waitForSelector('[aria-label="The deck, with what is wrong"]');
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
  });
  it('of what governs is answered on the tag of the line, by keys too; then how it gives way is drawn', async () => {
    const p = await at('/drills/practice?ask=govern&n=1');
    let [number, answer] = [0, 'friction' as MarkedAs<'govern'>['answer']];
    while (!answer.startsWith('l'))
      ({ answer } = await told(p, 'govern', { number: ++number, says: 'friction' }));
    await p.goto(`/drills/practice?ask=govern&n=${number}`);
    const tag = `button[aria-label="Line ${answer.slice(1)}, on its tag"]`;
    await p.page.waitForSelector(tag);
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.page.click(tag);
    await marked(p, 'good');
    expect(await p.text('[role=status]')).toContain('It gives way so');
    expect(await violations(p.page)).toEqual([]);
    await p.goto(`/drills/practice?ask=govern&n=${number}`);
    await (await p.page.waitForSelector(tag))!.focus();
    await p.page.keyboard.press('Tab');
    const wrong = (await labelsIn(p, 'What governs')).find((w) => !w.startsWith('Line'))!;
    await p.clickText(wrong);
    await marked(p, 'again');
    await p.page.waitForSelector('[aria-label="The deck, with how it gives way"]');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('of inspecting is answered on the rope: by touch at phone size, by keys; nothing on the page names the damage before', async () => {
    const p = await at('/drills/practice?ask=inspect&n=1', true);
    // One with damage at a place, that the eye sees.
    let [number, marked_] = [0, null as MarkedAs<'inspect'> | null];
    while (!marked_ || typeof marked_.places[0] !== 'number' || marked_.decision === 'goes-on')
      marked_ = await told(p, 'inspect', { number: ++number, place: 'none', decision: 'goes-on' });
    const [name] = marked_.says[0]!.split(':');
    await p.goto(`/drills/practice?ask=inspect&n=${number}`);
    await p.page.waitForSelector('[aria-label="The rope, laid out"] button');
    expect(await p.page.$eval('section', (e) => e.outerHTML)).not.toContain(name);
    expect(await violations(p.page)).toEqual([]);
    const part = (place: number): string =>
      `button[aria-label="length ${Math.floor(place / 5) + 1}, part ${(place % 5) + 1}"]`;
    const right = part(marked_.places[0]);
    const { x, y } = await p.page.$eval(right, (e) => {
      e.scrollIntoView({ block: 'center' });
      const r = e.getBoundingClientRect();
      return { x: r.x + r.width / 2, y: r.y + r.height / 2 };
    });
    await p.page.touchscreen.tap(x, y);
    await p.page.waitForSelector('[role=group][aria-label="What becomes of it"]');
    const decisions = await labelsIn(p, 'What becomes of it');
    const says = marked_.says[0]!;
    await p.clickText(decisions.find((d) => says.includes(d))!);
    await marked(p, 'good');
    expect(await p.text('[role=status]')).toContain(name);
    expect(await violationsInThemes(p.page)).toEqual([]);
    // Elsewhere, by keys.
    await p.goto(`/drills/practice?ask=inspect&n=${number}`);
    const wrong = part((marked_.places[0] + 5) % 15);
    await (await p.page.waitForSelector(wrong))!.focus();
    await p.page.keyboard.press('Enter');
    await p.clickText('It is retired');
    await marked(p, 'again');
    expect(await p.text('[role=status]')).toContain('Not there');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
