import { readFileSync } from 'node:fs';
import { allForms } from '../src/core/knot/catalogue';
import { DrawingUp } from '../src/core/knot/shape/drawing-up';
import { fileOf } from '../scripts/knots/forms';
let t = performance.now();
for (const f of allForms()
  .filter((f) => !f.wrong)
  .slice(0, 14)) {
  const hand = new DrawingUp(JSON.parse(readFileSync(fileOf(f.name), 'utf8')));
  let w = 0.3;
  for (let r = 0; r < 6; r++) {
    w = (w * 7.3 + 0.21) % 1;
    for (let p = 0; p < 12 && !hand.toward(w, 12); p++);
    hand.atRest();
  }
}
console.log(performance.now() - t);
