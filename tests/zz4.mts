import { largeDeck } from './support/enough-decks';
import { cheapestEnough } from '../src/core/securement/enough/search';
for (const rs of ["us-light","us-light","us-light"] as const) for (const m of [800]) {
  const d = largeDeck(m, rs);
  const t = performance.now();
  const g = cheapestEnough(d.plan, d.locker, d.wishes);
  let v = g.next(false); let first = 0; let firstAt = 0;
  while (!v.done) { const p: any = v.value; if (p.best && !first) { first = p.best.lines; firstAt = performance.now()-t; } v = g.next(performance.now() - t > 3000); }
  const o: any = v.value;
  console.log(rs, m, JSON.stringify(o.found?.cost ?? null), 'mats', o.found?.field.mats, 'open', JSON.stringify(o.open), 'choices', o.searches?.map((x: any) => x.field.choices.length), 'cuts', o.searches?.map((x: any) => x.field.cuts.length), 'judged', o.judged, 'steps', o.steps, 'first', first, Math.round(firstAt), Math.round(performance.now() - t) + 'ms');
}
