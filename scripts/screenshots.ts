import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { BASE, launch, Person } from '../tests/support/browser';

/** Takes the pictures of docs/screenshots from the demo data of a running application (APP_URL). */

const FOLDER = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const browser = await launch();
const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

async function picture(
  name: string,
  options: Parameters<typeof Person.at>[1],
  steps: (p: Person) => Promise<void>,
): Promise<void> {
  const p = await Person.at(browser, options);
  await steps(p);
  await wait(900);
  await p.page.screenshot({ path: `${FOLDER}${name}.png` as `${string}.png` });
  await p.leave();
}
const plan =
  (title: string, more: (p: Person) => Promise<void> = async () => {}) =>
  async (p: Person): Promise<void> => {
    await p.comeInAs('Ilse Varrow');
    await p.openPlan(title);
    await more(p);
  };

await picture('today', {}, (p) => p.comeInAs('Ilse Varrow'));
await picture('planner', {}, plan('Carousel crate'));
await picture(
  'deck-night',
  { theme: 'night' },
  plan('Fair on the flatbed', async (p) => {
    await p.clickText('Deck across the page');
    await p.clickText('Seen from the side');
  }),
);
await picture(
  'working',
  {},
  plan('Carousel crate', (p) => p.clickText('WLL of line 1')),
);
await picture(
  'rules',
  {},
  plan('Fair on the flatbed', async (p) => {
    await p.goto(`${new URL(p.page.url()).pathname}/rules`);
    await p.page.waitForFunction(() => !document.querySelector('td[aria-busy=true]'));
  }),
);
await picture(
  'enough',
  {},
  plan('Carousel crate', async (p) => {
    await p.section('The cheapest that is enough');
    await p.clickText('Look for it');
    await p.page.waitForSelector('[data-enough=found]');
    await p.clickText('Show it on the deck');
    await p.untilVerdict('holds');
    await p.page.$eval('[data-enough]', (e) => e.scrollIntoView());
  }),
);
await picture(
  'drive',
  {},
  plan('Fair on the flatbed', async (p) => {
    await p.goto(`${new URL(p.page.url()).pathname}/drive`);
    await p.page.waitForSelector('[data-driven=there]');
    await p.page.waitForSelector('[data-limits=there]');
  }),
);
await picture(
  'phone-check',
  { phone: true },
  plan('Water tote', async (p) => {
    await p.goto(`${new URL(p.page.url()).pathname}/check`);
    await p.clickText('All 2 tight');
    await p.page.waitForSelector('[role=status][data-road="on-the-road"]');
    await p.ready();
    await p.clickText('slack found');
  }),
);
{
  // The card is a PDF; another program makes a picture of it.
  const p = await Person.at(browser);
  await plan('Carousel crate')(p);
  const pdf = await p.page.evaluate(
    async (url) => {
      const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
      return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
    },
    `/api/v1/plans/${new URL(p.page.url()).pathname.split('/').at(-1)!}/card.pdf`,
  );
  execFileSync('pdftoppm', ['-r', '90', '-png', '-singlefile', '-', `${FOLDER}card`], {
    input: Buffer.from(pdf, 'base64'),
  });
  await p.leave();
}
const knot =
  (path: string, more: (p: Person) => Promise<void> = async () => {}) =>
  async (p: Person): Promise<void> => {
    await p.comeInAs('Ilse Varrow');
    await p.goto(path);
    await more(p);
  };
const step =
  (times: number) =>
  async (p: Person): Promise<void> => {
    for (let i = 0; i < times; i++) await p.page.keyboard.press('ArrowRight');
  };
await picture('knots', {}, knot('/knots'));
await picture('knot', {}, knot('/knots/bowline', step(2)));
await picture(
  'tied',
  {},
  knot('/knots/tied?by=tracing', async (p) => {
    await p.choose('Lay a form of ours down, to try it', 'Bowline: facing away');
    await p.choose('I meant to tie', 'Bowline: facing away');
    await p.page.click('button[aria-label^="Crossing 4:"]');
    await p.page.waitForSelector('button[data-pointed]');
  }),
);
await picture(
  'phone-hands-busy',
  { phone: true },
  knot('/knots/bowline', async (p) => {
    await step(2)(p);
    await p.clickText('Hands-busy mode');
  }),
);
await picture('phone-planner', { phone: true }, plan('Water tote'));
await picture(
  'bench',
  {},
  knot('/bench', async (p) => {
    await p.fill('Hand pull', '500 N');
    await p.page.mouse.click(5, 600);
  }),
);
/** A page of the locker as its keeper sees it. */
const locker =
  (path: string) =>
  async (p: Person): Promise<void> => {
    await p.comeInAs('Sunniva Dale');
    await p.goto(path);
  };
await picture('locker', {}, locker('/locker'));
await picture('log', {}, knot('/log'));
await picture('standing', {}, async (p) => {
  await p.comeInAs('Tomas Quill');
  await p.goto('/drills/standing');
});
/** A talk in which some are there, and most have answered by pointing here and there; its answer is shown. */
await picture('talk', {}, async (p) => {
  await p.comeInAs('Tomas Quill');
  const drills = ['look/bowline/facing-away', 'reckon/hauling', 'name/clove-hitch/passed'];
  const { id, code } = (await p.api('POST', '/talks', { drills })).json as Record<string, string>;
  const ask = (path: string, body: unknown, cookie = '') =>
    fetch(`${BASE}/api/v1${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify(body),
    });
  await p.goto(`/talk/${id}`);
  const phones = await Promise.all(
    Array.from({ length: 16 }, (_, i) => ask('/talk/join', { code, name: `Hand ${i + 1}` })),
  );
  await p.clickText('First question');
  await p.page.waitForSelector('main[data-item="0"]');
  const { asked } = (await p.api('GET', `/talks/${id}`)).json as unknown as {
    asked: { number: number; crossings: unknown[] };
  };
  for (const [i, phone] of phones.slice(2).entries()) {
    const says = i % 3 === 0 ? 'right' : i % asked.crossings.length;
    const answer = { ask: 'look', number: asked.number, says };
    await ask('/talk/answers', { item: 0, answer }, phone.headers.get('set-cookie')!.split(';')[0]);
  }
  await p.clickText('Show the answer');
  await p.page.waitForSelector('main[data-shown="true"]');
});
await browser.close();
