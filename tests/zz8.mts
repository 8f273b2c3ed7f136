import { readFileSync } from 'node:fs';
import { allForms } from '../src/core/knot/catalogue';
import { bodyOfFrame } from '../src/core/knot/shape/frames';
import { sketchOf, turnOf } from '../src/core/knot/trace/look';
import { printOf } from '../src/core/knot/trace/print';
import { randomOf, formOf } from './support/knots';
const ST=6;
const sh=(body,random,amp)=>{const at=body.at.slice();for(const {first,count} of body.strands){let off=[0,0,0];for(let n=ST;n<count-ST;n++){const fade=Math.min(1,(n-ST)/8,(count-ST-n)/8);off=off.map(v=>0.8*v+amp*(random()-0.5));for(const k of [0,1,2])at[3*(first+n)+k]+=fade*off[k];}}return {...body,at};};
const f=allForms().find(f=>f.name===process.argv[2])!;
 const s=JSON.parse(readFileSync(`public/knot-forms/${f.name.replace('/','--')}.json`,'utf8'));
 const ids=new Map<string,number>();
 for(const amp of [0,0.05,0.1,0.2]) for(const fr of [0,1,2]){ const r=randomOf(99); const c=new Map<number,number>(); let n=0;
 for(let t=0;t<400&&n<100;t++){const k=sketchOf(formOf(f.name),sh(bodyOfFrame(s,s.frames[fr]),r,amp),turnOf(r)); if(!k||k.crossings.length>16)continue; n++; const p=printOf(k); if(!ids.has(p))ids.set(p,ids.size); const i=ids.get(p)!; c.set(i,(c.get(i)??0)+1);}
 console.log(amp,fr,n,JSON.stringify([...c])); }
