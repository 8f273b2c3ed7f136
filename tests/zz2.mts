import { smallDeck } from './support/enough-decks';
import { randomOf } from './verdict/search/random';
import { cheapestEnough } from '../src/core/securement/enough/search';
import { gearLines, tiedWays } from '../src/core/securement/enough/made';
import { stockOf } from '../src/core/securement/enough/stock';
import { pairsAcross } from '../src/core/securement/compose';
const d = smallDeck(randomOf(Number(process.argv[2])));
const g = cheapestEnough(d.plan, d.locker, d.wishes);
let v; do { v = g.next(false); } while (!v.done);
const o: any = v.value;
console.log(o.searches[0]?.field.cuts.slice(0,6).map((c: any)=>({...c.about, base:c.base, needs:c.needs, each:[...c.each]})));
const stock = stockOf(d.locker);
console.log(stock.map(s=>[s.kind,s.members.length,s.longest.leftM]));
console.log(d.plan.deck.anchors.length, pairsAcross(d.plan.units[0], d.plan).length);
for (const gl of gearLines(stock)) { const e = gl.elements(['L1','R1']); console.log(e.map(x=>x.kind), tiedWays(d.plan, e, ()=>true).length);
 const { ruleOpinion } = await import('../src/core/securement/assess');
 for (const w of tiedWays(d.plan, e, ()=>true)) { const line: any = { id:'q', name:'q', kind:'over', units:['load'], points:[], angle:{by:'anchors'}, routeLengthM:null, enteredPretensionN:null, reading:null, settling:0.2, temporary:false, hauling:'from-one-end', elements:w};
  console.log(ruleOpinion({...d.plan, lines:[line]}, d.locker).findings.filter(f=>f.effect!=='notice')); }
}
