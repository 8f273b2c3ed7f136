import { watchFrames } from './frames';
import { benchFigures } from '@/core/bench/figures';
import { riggingSchema } from '@/core/bench/rigging';
import { type Rigging, riggingForces } from '@/core/tackle/rigging';
import { ropeOf } from '@/core/tackle/systems';
import { riggingExample } from '@/server/api/examples';
import { gzipSync } from 'node:zlib';
import { launch, Person } from '../support/browser';
import { BUDGETS, overBudget } from './bundle';
import { countPictures } from '../support/stage';
import { print, percentile, spread, timed } from './report';

/** A 9 to 1 with grips: three travelling bodies and four ropes. */
const NINE: Rigging = {
  handAngleRad: 0,
  bodies: [
    { id: 'L', kind: 'load', at: 0 },
    { id: 'G', kind: 'travelling', at: 1 },
    { id: 'P', kind: 'travelling', at: 2 },
    { id: 'Q', kind: 'travelling', at: 3 },
    { id: 'A', kind: 'anchor', at: 4 },
  ],
  ropes: ['hand Q A Q', 'Q P', 'P G A G', 'G L'].map((route) => ropeOf(route, 0.9)),
};

export function benchTension(): void {
  const each = (runs: number, work: (i: number) => unknown): number => {
    let best = Infinity;
    for (let k = 0; k < 5; k++) {
      const began = performance.now();
      for (let i = 0; i < runs; i++) work(i);
      best = Math.min(best, (performance.now() - began) / runs);
    }
    return best * 1000;
  };
  print(
    'solving a 9 to 1 with three travelling bodies',
    `${each(20_000, () => riggingForces(NINE, 'hauling')).toFixed(1)} µs`,
  );
  const doc = riggingSchema.parse(riggingExample);
  print(
    'all of the bench for one pull, with working',
    `${Math.round(each(300, (i) => benchFigures({ ...doc, system: { ...doc.system, handForceN: 200 + i } })))} µs`,
  );
}

/** Pictures a second while the key is held, and the longest task meanwhile. */
export async function benchPulling(): Promise<void> {
  const browser = await launch();
  const person = await Person.at(browser);
  await person.stepInAs('Ilse Varrow', '/bench');
  const told = await watchFrames(person);
  await person.page.keyboard.down('p');
  await new Promise((r) => setTimeout(r, 3000));
  await person.page.keyboard.up('p');
  const { perS, long } = await told();
  const longest = Math.max(0, ...long);
  print(
    'pulling on the bench',
    `${perS.toFixed(0)} pictures a second, longest task ${longest === 0 ? 'under 50' : longest.toFixed(0)} ms`,
  );
  await browser.close();
}

/** A knot drawn up on its stage: pictures a second, and how soon the first step is seen by who comes with nothing cached. */
export async function benchStage(): Promise<void> {
  const browser = await launch();
  const person = await Person.at(browser);
  await countPictures(person.page);
  await person.stepInAs('Ilse Varrow', '/knots/bowline');
  await person.page.focus('input[type=range]');
  await person.page.keyboard.press('End');
  await person.page.waitForFunction(
    () => (window as unknown as { times: number[] }).times.length > 8,
  );
  await person.page.waitForSelector('[data-moving=false]');
  const times = await person.page.evaluate(() => (window as unknown as { times: number[] }).times);
  const gaps = times.slice(1).map((t, i) => t - times[i]!);
  print(
    'drawing a bowline up on its stage',
    `${(1000 / percentile(gaps, 0.5)).toFixed(0)} pictures a second`,
  );
  const cookies = await person.context.cookies();
  const paints = [];
  for (let i = 0; i < 5; i++) {
    const fresh = await Person.at(browser);
    await fresh.context.setCookie(...cookies);
    await fresh.goto('/knots/alpine-butterfly');
    paints.push(
      await fresh.page.evaluate(
        () => performance.getEntriesByName('first-contentful-paint')[0]!.startTime,
      ),
    );
    await fresh.leave();
  }
  print('first step seen on a cold page', spread(paints));
  await browser.close();
}

/** Pages beyond their budget: the run fails in the end. */
export const overweight: string[] = [];

export async function benchPages(): Promise<void> {
  const browser = await launch();
  const person = await Person.at(browser);
  await person.stepInAs('Ilse Varrow');
  await person.openPlan('Apple bins');
  const plan = new URL(person.page.url()).pathname;
  const locker = `/locker/${(await person.api('GET', '/tags/PE-12-1')).json['id'] as string}`;
  const course = await person.api('POST', '/courses', {
    format: 'vast-cleat/course',
    version: 1,
    title: 'Weighed',
    skills: ['reef/plain'],
  });
  const entry = await person.api('POST', '/log', { entry: { kind: 'note', what: 'Weighed.' } });
  const cookie = (await person.context.cookies()).map((c) => `${c.name}=${c.value}`).join('; ');
  for (const [name, route] of [
    ['/', '/'],
    ['/today', '/today'],
    ['/loads', '/loads'],
    ['/loads/[id]', plan],
    ['/loads/[id]/print', `${plan}/print`],
    ['/loads/[id]/drive', `${plan}/drive`],
    ['/log', '/log'],
    ['/log/[id]', `/log/${entry.json['id'] as string}`],
    ['/log/counts', '/log/counts'],
    ['/crew', '/crew'],
    ['/knots', '/knots'],
    ['/knots/[id]', '/knots/bowline'],
    ['/knots/tied', '/knots/tied?by=tracing'],
    ['/knots/which', '/knots/which'],
    ['/knots/map', '/knots/map?knot=bowline'],
    ['/knots/rigs', '/knots/rigs'],
    ['/drills', '/drills'],
    ['/drills/courses', '/drills/courses'],
    ['/drills/courses/[id]', `/drills/courses/${course.json['id'] as string}`],
    ['/drills/practice', '/drills/practice?ask=look'],
    ['/drills/standing', '/drills/standing'],
    ['/drills/tie', '/drills/tie'],
    ['/drills/today', '/drills/today'],
    ['/bench', '/bench'],
    ['/bench/compare', '/bench/compare'],
    ['/bench/spans', '/bench/spans'],
    ['/locker', '/locker'],
    ['/locker/[id]', locker],
    ['/locker/[id]/inspect', `${locker}/inspect`],
    ['/locker/cuts', '/locker/cuts'],
  ] as const) {
    const html = await (
      await fetch(`${process.env['APP_URL']}${route}`, { headers: name === '/' ? {} : { cookie } })
    ).text();
    const scripts = [
      ...new Set(
        [...html.matchAll(/<script(?![^>]*nomodule)[^>]+src="([^"]+)"/gi)].map((m) => m[1]!),
      ),
    ];
    const sizes = await Promise.all(
      scripts.map(
        async (s) =>
          gzipSync(
            Buffer.from(await (await fetch(new URL(s, process.env['APP_URL']))).arrayBuffer()),
          ).length,
      ),
    );
    const kb = sizes.reduce((a, b) => a + b, 0) / 1000;
    const over = await overBudget(name, kb);
    print(
      `first-load JavaScript ${name}, gzip`,
      `${Math.round(kb)} kB of ${BUDGETS[name]!.mostKb}`,
    );
    if (over) overweight.push(over);
  }
  const cold = await timed(5, async () => {
    const page = await person.context.newPage();
    await page.setCacheEnabled(false);
    await page.goto(`${process.env['APP_URL']}${plan}`, { waitUntil: 'domcontentloaded' });
    await page.waitForSelector('[data-verdict]');
    await page.close();
  });
  print('first verdict on a cold page', spread(cold));
  await browser.close();
}
