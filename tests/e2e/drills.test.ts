/** Questions in every manner: asked, answered, marked, explained; kept in a sitting; by keys, by touch, in three themes. */
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

const at = async (path: string, phone = false, who = 'Ilse Varrow'): Promise<Person> => {
  const p = await Person.at(browser, { phone });
  await p.stepInAs(who, path);
  return p;
};

const figure = (p: Person, kind: string, number: number): Promise<MarkedAs<'reckon'>> =>
  told(p, 'reckon', { kind, number, typed: '1 N', unit: 'N' });

const typeIn = async (p: Person, text: string): Promise<void> => {
  const field = await p.page.waitForSelector('form input');
  await field!.focus();
  await p.page.keyboard.type(text);
  await p.page.keyboard.press('Enter');
};
const numberOf = (p: Person): number => Number(new URL(p.page.url()).searchParams.get('n'));
const onceMore = (p: Person, n: number): Promise<unknown> =>
  p.page.waitForFunction((old) => !location.search.endsWith(`n=${old}`), {}, n);

/** On to the next question by keys: the button that goes on is where the keys are. */
const goOn = async (p: Person): Promise<void> => {
  await p.page.waitForFunction(() => document.activeElement?.getAttribute('type') === 'submit');
  await p.page.keyboard.press('Enter');
};

describe('a figure', () => {
  it('by keys alone: a mistake is named and explained, the next question comes, the right answer is right', async () => {
    const p = await at('/drills/practice?ask=reckon&kind=turned-line&n=12');
    const { right } = await figure(p, 'turned-line', 12);
    const said = await p.text('section');
    // The tension of the line stands in the question; taken for what the ring bears it is one strand.
    const tension = /tight at ([\d.,]+)\s(\w+)/.exec(said)!;
    await typeIn(p, `${tension[1]} ${tension[2]}`);
    await marked(p, 'again');
    expect(await p.text('[role=status]')).toContain('One strand was counted');
    expect(await p.page.$eval('[role=status]', (e) => e.getAttribute('data-slip'))).toBe(
      'one-strand',
    );
    await goOn(p);
    await onceMore(p, 12);
    await p.goto('/drills/practice?ask=reckon&kind=turned-line&n=12');
    await typeIn(p, `${(right / 1000).toFixed(4)} kN`);
    await marked(p, 'good');
    expect(await p.text('[role=status]')).toContain('Right.');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('can be come to one step at a time: a step that is right shows its figure and the next', async () => {
    const p = await at('/drills/practice?ask=reckon&kind=kept-pull&n=21');
    const { steps } = await figure(p, 'kept-pull', 21);
    expect(steps.length).toBeGreaterThan(1);
    await p.clickText('One step at a time');
    const list = 'ol[aria-label="One step at a time"]';
    await p.page.waitForSelector(`${list} input`);
    expect(await violations(p.page)).toEqual([]);
    const type = async (text: string): Promise<void> => {
      await p.page.$eval(`${list} input`, (e) => (e as HTMLInputElement).select());
      await p.page.type(`${list} input`, text);
      await p.page.keyboard.press('Enter');
    };
    await type('123456');
    await p.page.waitForSelector(`${list} input[aria-invalid=true]`);
    const [first] = steps;
    await type(first!.unit === 'N' ? `${first!.value} N` : String(first!.value));
    await p.page.waitForFunction(
      (l) => document.querySelectorAll(`${l} > li`).length === 2,
      {},
      list,
    );
    expect(await p.text(`${list} > li`)).not.toContain('?');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('that cannot be read is said at the field, and the question stays', async () => {
    const p = await at('/drills/practice?ask=reckon&kind=hauling&n=5');
    await typeIn(p, 'about forty');
    await p.page.waitForFunction(() => document.querySelector('form input[aria-invalid=true]'));
    expect(await p.page.$('[role=status][data-grade]')).toBeNull();
    await p.leave();
  });
  it('stands nowhere on the page before it is given', async () => {
    const p = await at('/drills/practice?ask=reckon&kind=rope-line&n=77');
    const { right } = await figure(p, 'rope-line', 77);
    // As it is computed nowhere on the page; as it would be written, nowhere in the question.
    expect(await p.page.content()).not.toContain(String(right).slice(0, 8));
    const figures = await p.page.$eval(
      'section',
      (e) => e.outerHTML.match(/\d[\d.,]*/g) as string[] | null,
    );
    for (const unit of [1, 1000, 4.4482216152605])
      expect(figures).not.toContain(String(Number((right / unit).toPrecision(3))));
    await p.leave();
  });
  it('on a phone nothing is wider than the screen; axe finds nothing, before and after an answer', async () => {
    const p = await at('/drills/practice?ask=reckon&kind=loop-height&n=3', true);
    expect(await violations(p.page)).toEqual([]);
    await typeIn(p, '1 m');
    await p.page.waitForSelector('[role=status][data-grade]');
    expect(await p.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.leave();
  });
});

describe('a knot', () => {
  it('is named from its drawing: nothing tells it before; then what tells it is said', async () => {
    const p = await at('/drills/practice?ask=name&n=41');
    const knot = await told(p, 'name', { number: 41, pick: 'bowline' });
    expect(await labelsIn(p, 'It is')).toHaveLength(4);
    expect((await labelsIn(p, 'It is')).filter((c) => c === knot.name)).toHaveLength(1);
    // In the page and in what it was sent the name stands once, among the four; its form stands nowhere.
    const html = await p.page.content();
    for (const joint of ['--', '/'])
      expect(html).not.toContain(`${knot.entry}${joint}${knot.form}`);
    expect(await p.page.$eval('section svg', (e) => e.outerHTML)).not.toContain(knot.name);
    expect(await violations(p.page)).toEqual([]);
    await p.clickText(knot.name);
    await marked(p, 'good');
    await goOn(p);
    await onceMore(p, 41);
    await p.page.waitForSelector('[role=group][aria-label="It is"]');
    const second = await told(p, 'name', { number: numberOf(p), pick: 'bowline' });
    await p.clickText((await labelsIn(p, 'It is')).find((c) => c !== second.name)!);
    await marked(p, 'again');
    expect(await p.text('[role=status]')).toContain(second.name);
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('with a crossing turned over is seen to be wrong, and where: by touch and by keys; the ring shows it afterwards', async () => {
    const p = await at('/drills/practice?ask=look&n=1', true);
    let [number, answer] = [0, 'right' as MarkedAs<'look'>['answer']];
    while (typeof answer !== 'number')
      ({ answer } = await told(p, 'look', { number: ++number, says: 'right' }));
    await p.goto(`/drills/practice?ask=look&n=${number}`);
    expect(await p.page.$eval('section', (e) => e.outerHTML)).not.toMatch(/mend|turned over/);
    await p.clickText('Something is wrong');
    expect(await violations(p.page)).toEqual([]);
    // By touch: near the crossing is enough.
    const dot = `button[aria-label="Crossing ${answer + 1}"]`;
    await p.page.waitForSelector(dot);
    const { x, y } = await p.page.$eval(dot, (e) => {
      e.scrollIntoView({ block: 'center' });
      const r = e.getBoundingClientRect();
      return { x: r.x + r.width / 2, y: r.y + r.height / 2 };
    });
    await p.page.touchscreen.tap(x + 3, y + 3);
    await p.page.waitForSelector(`${dot}[aria-pressed=true]`);
    await p.clickText('That is the crossing');
    await marked(p, 'good');
    expect(await p.text('[role=status]')).toContain('The one move that mends it');
    await p.page.waitForSelector('[aria-label="The knot as it should be"]');
    await p.goto(`/drills/practice?ask=look&n=${number}`);
    await p.clickText('Something is wrong');
    await (await p.page.waitForSelector(dot))!.focus();
    await p.page.keyboard.press('Enter');
    await p.page.waitForSelector(`${dot}[aria-pressed=true]`);
    await p.clickText('No one crossing: it is tied otherwise');
    await marked(p, 'hard');
    expect(await p.text('[role=status]')).toContain('not there');
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('is put together from the pictures of its steps; one out of place is named', async () => {
    const p = await at('/drills/practice?ask=order&n=5');
    const { order, steps } = await told(p, 'order', { number: 5, order: [0] });
    expect(await p.text('section')).not.toContain(steps[0]!.say);
    const pictures = 'ol[aria-label="Steps, mixed"] button';
    expect(await p.page.$$(pictures)).toHaveLength(order.length);
    for (const i of order) await (await p.page.$$(pictures))[i]!.click();
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('That is the order');
    await marked(p, 'good');
    expect(await p.text('[role=status]')).toContain(steps[0]!.say);
    await p.goto('/drills/practice?ask=order&n=5');
    await p.page.waitForSelector(pictures);
    // One is taken back again before the order is given.
    for (const i of [order[1]!, order[0]!, order[1]!, order[1]!, ...order.slice(2)])
      await (await p.page.$$(pictures))[i]!.click();
    await p.page.waitForFunction(
      () => !document.querySelector('ol[aria-label="Steps, mixed"] button:not([data-chosen])'),
    );
    await p.clickText('That is the order');
    await p.page.waitForSelector('[role=status][data-grade]');
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('is chosen for a situation; of each it is said why, or why not', async () => {
    const p = await at('/drills/practice?ask=choose&n=9');
    const { options, right } = await told(p, 'choose', { number: 9, pick: 'bowline' });
    const wrong = options.find((o) => o.entry !== right)!;
    await p.clickText(wrong.name);
    await marked(p, 'again');
    for (const o of options) expect(await p.text('[role=status]')).toContain(o.says[0]!);
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('today', () => {
  it('a trainee’s first sitting: what is new, in the order it is taught; kept, counted, asked again; nothing counts twice', async () => {
    const p = await at('/drills', false, 'Joss Pemberly');
    expect(await p.text('section')).toContain('6 new');
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.clickText('5 questions');
    await p.page.waitForFunction(() => location.pathname === '/drills/today');
    await p.page.waitForSelector('[role=group][aria-label="It is"]');
    expect(await labelsIn(p, 'It is')).toContain('Overhand knot');
    await p.clickText('Overhand knot');
    await marked(p, 'good');
    expect(await p.text('form')).toContain('Asked again in a few minutes');
    await goOn(p);
    await p.page.waitForFunction(() => location.search.includes('done=1'));
    await p.page.waitForSelector('[role=group][aria-label="Is it?"]');
    expect(await p.text('section')).toContain('Question 2 of 5');
    await p.clickText('It is tied right');
    await p.page.waitForSelector('[role=status][data-grade]');
    await p.goto('/drills');
    expect(await p.text('section')).toContain('2 answered today. 2 of');
    expect(await p.text('ul[aria-label="Last answers"]')).toContain('Overhand knot (plain): known');
    const { json } = await p.api('GET', '/drills/reviews');
    const [, first] = json['reviews'] as unknown as { number: number; tookMs: number }[];
    expect(first!.tookMs).toBeGreaterThan(0);
    // The same question sent again: marked, not kept.
    const again = await p.api('POST', '/drills/reviews', {
      answer: { ask: 'name', number: first!.number, pick: 'reef' },
      tookMs: null,
    });
    expect(again.json).toMatchObject({ kept: false, marked: { grade: 'again' } });
    expect((await p.api('GET', '/drills/today')).json['answeredToday']).toBe(2);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('on a phone a sitting of one goes to its end, and says so', async () => {
    const p = await at('/drills/today?of=1', true, 'Ilse Varrow');
    await (await p.page.waitForSelector('form [role=group] button'))!.click();
    await p.page.waitForSelector('[role=status][data-grade]');
    expect(await p.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    await p.clickText('Done');
    await p.page.waitForFunction(() =>
      document.querySelector('section')?.textContent?.includes('answered today.'),
    );
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
