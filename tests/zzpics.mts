import { launch, Person } from './support/browser';
import { demoDocument } from './support/demo';
const b = await launch();
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));
for (const [theme, w, h] of [['night', 1280, 800], ['day', 1280, 800], ['shade', 390, 844]] as const) {
  const p = await Person.at(b, { theme, width: w, height: h, phone: w < 500 });
  await p.stepInAs('Ilse Varrow', '/loads');
  const made = await p.api('POST', '/plans', { ...demoDocument('carousel-crate'), title: 'Carousel crate' });
  const id = made.json['id'];
  await p.goto('/loads/' + id);
  await p.section('The cheapest that is enough');
  await p.clickText('Look for it');
  await p.page.waitForSelector('[data-enough]', { timeout: 60000 });
  await p.clickText('Show it on the deck');
  await wait(2500);
  const at = (sel: string) => p.page.$eval(sel, (e) => e.scrollIntoView({ block: 'start' }));
  await at('[data-enough]');
  await p.page.screenshot({ path: `/tmp/zz/enough-${theme}-${w}.png` });
  if (w < 500) { await p.page.evaluate(() => window.scrollTo(0, 0)); await p.page.screenshot({ path: `/tmp/zz/enough-${theme}-${w}-top.png` }); }
  await p.goto('/loads/' + id + '/drive');
  await p.page.waitForSelector('[data-driven=there]');
  await p.page.$eval('input[type=range]', (e) => { const i = e as HTMLInputElement; const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!; set.call(i, String((Number(i.min) + Number(i.max)) / 2)); i.dispatchEvent(new Event('input', { bubbles: true })); i.dispatchEvent(new Event('change', { bubbles: true })); });
  await wait(800);
  await p.page.screenshot({ path: `/tmp/zz/drive-${theme}-${w}.png` });
  await p.page.evaluate(() => [...document.querySelectorAll('button')].find((x) => x.textContent === 'Draw')!.click());
  await p.page.waitForSelector('[data-sure=there]', { timeout: 90000 });
  await at('[data-sure]');
  await wait(300);
  await p.page.screenshot({ path: `/tmp/zz/sure-${theme}-${w}.png` });
  await p.leave();
}
await b.close();
