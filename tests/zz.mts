import { smallDeck } from './support/enough-decks';
import { randomOf } from './verdict/search/random';
import { cheapestEnough } from '../src/core/securement/enough/search';
import { assess } from '../src/core/securement/assess';
const seeds = Number(process.argv[2] ?? 20);
for (let s = 1; s <= seeds; s++) {
  const d = smallDeck(randomOf(s));
  const t = performance.now();
  const g = cheapestEnough(d.plan, d.locker, d.wishes);
  let v; do { v = g.next(false); } while (!v.done);
  const o: any = v.value;
  console.log(s, d.plan.ruleSet, d.plan.units[0].massKg, 'lines', d.plan.lines.length, assess(d.plan, d.locker).verdict, o.refused ? 'REFUSED ' + o.refused.map((f: any) => f.code) : JSON.stringify(o.found?.cost ?? null) + ' mats ' + o.found?.field.mats + ' choices ' + o.searches[0]?.field.choices.length + ' cuts ' + o.searches.map((x: any) => x.field.cuts.length) + ' judged ' + o.judged + ' steps ' + o.steps, Math.round(performance.now() - t) + 'ms');
}
