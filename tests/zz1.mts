import { CATALOGUE } from '../src/core/knot/catalogue';
for (const e of CATALOGUE) console.log(`${e.id} | ${e.family} | ${e.purpose} | NOT: ${e.notFor} | ${JSON.stringify(e.holds)} | jams: ${e.jams} | unties: ${e.unties} | ${e.needs} g${e.gloves} tie${e.easy.tie} untie${e.easy.untie} | ${e.purposes.join()} | rel ${e.forms.map(f=>f.release?'y':'n').join('')}`);
