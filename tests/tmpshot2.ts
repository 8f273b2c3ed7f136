import { readFileSync } from 'node:fs';
import { launch, Person } from './support/browser';
const b = await launch();
for (const [theme, phone] of [['shade', false], ['night', false], ['day', false], ['shade', true]] as const) {
const p = await Person.at(b, { theme: theme as never, ...(phone ? { phone: true } : { height: 800 }) });
await p.stepInAs('Ilse Varrow');
const c = JSON.parse(readFileSync('tests/verdict/cases/u26-us-cmv-everything-pulls-forward.json', 'utf8'));
const { json } = await p.api('POST', '/plans', { ...c.plan, title: 'Two straps forward' });
await p.goto(`/loads/${json['id'] as string}`);
await new Promise((r) => setTimeout(r, 1500));
await p.page.screenshot({ path: `/tmp/u26-${theme}${phone ? '-phone' : ''}.png` as `${string}.png` });
if (phone) { await p.page.evaluate(() => window.scrollTo(0, 560)); await new Promise((r) => setTimeout(r, 300)); await p.page.screenshot({ path: '/tmp/u26-phone2.png' }); }
console.log(p.errors);
await p.leave();
}
await b.close();
