import type { Browser } from 'puppeteer-core';
import type { Plan } from '@/core/securement/plan';
import { launch, Person } from '../support/browser';
import { demoPlan } from '../support/demo';
import { eightLinesOnBins } from './hold';
import { LONG_MS, tasksDuring } from './tasks';

type Print = (what: string, figure: string) => void;

const PLAY = '[aria-label="Play the drive"]';

/** Tasks of a page while something is done on it, in words. */
async function told(person: Person, work: () => Promise<void>): Promise<string> {
  const { ownMs, wallMs } = await tasksDuring(person.page, work);
  const over = wallMs.filter((ms) => ms > LONG_MS).length;
  const [own, wall] = [ownMs, wallMs].map((all) => Math.max(...all).toFixed(0));
  return `longest ${own} ms of its own, ${wall} ms by the clock; ${over} over ${LONG_MS} ms`;
}

/** A person at a plan of their own. */
async function at(browser: Browser, plan: Plan, page = ''): Promise<Person> {
  const person = await Person.at(browser);
  await person.stepInAs('Ilse Varrow');
  const { json } = await person.api('POST', '/plans', { ...plan, title: 'On the way' });
  await person.goto(`/loads/${json['id'] as string}${page}`);
  return person;
}

async function onThePage(browser: Browser, what: string, plan: Plan, print: Print): Promise<void> {
  const person = await at(browser, plan, '/drive');
  const { page } = person;
  await page.waitForSelector('[data-driven=there]');
  await page.waitForSelector('[data-limits=there]');
  await page.waitForSelector('main [role=img][data-drawn]');
  await page.focus('input[type=range]');
  await page.keyboard.press('Home');
  print(
    `${what}: a drive is played to its end`,
    await told(person, async () => {
      await page.click(PLAY);
      await page.waitForFunction((play) => document.querySelector(play) === null, {}, PLAY);
      await page.waitForSelector(PLAY);
    }),
  );
  print(
    `${what}: 100,000 draws are made`,
    await told(person, async () => {
      await person.clickText('Draw');
      await page.waitForSelector('[data-sure=there]');
    }),
  );
  await person.leave();
  const planner = await at(browser, plan);
  await planner.section('The cheapest that is enough');
  print(
    `${what}: the cheapest that is enough is looked for`,
    await told(planner, async () => {
      await planner.clickText('Look for it');
      await planner.page.waitForSelector('[data-enough]');
    }),
  );
  await planner.leave();
}

/** The longest tasks of a page that plays a drive, draws what is not sure, and looks for the cheapest that is enough. */
export async function benchOnTheWay(print: Print): Promise<void> {
  const browser = await launch();
  await onThePage(browser, 'three lines', demoPlan('carousel-crate'), print);
  await onThePage(browser, 'eight lines', eightLinesOnBins(), print);
  await browser.close();
}
