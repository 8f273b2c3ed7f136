import { launch, Person } from './support/browser';
const [,, theme = 'shade', size = '1280x800', ...what] = process.argv;
const [w, h] = size.split('x').map(Number);
const b = await launch();

const p = await Person.at(b, { theme: theme as never, ...(w! < 500 ? { phone: true } : { height: h! }) });
await p.stepInAs('Ilse Varrow');
for (const title of what) { const [name, rules] = title.split('@'); await p.goto('/loads'); await p.openPlan(name!); if (rules) { await p.choose('Rules', rules); }
  await new Promise((r) => setTimeout(r, 1500)); await p.page.screenshot({ path: `/tmp/shot-${theme}-${w}-${name!.replace(/ /g, '-')}${rules ? '-' + rules.slice(0, 5).replace(/ /g, '') : ''}.png` as `${string}.png`, fullPage: false }); 
  if (rules) await p.choose('Rules', 'Europe, road'); }
console.log(p.errors);
await b.close();
