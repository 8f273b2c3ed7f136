import { drawing } from '../src/core/securement/uncertainty/draws';
import { DOUBTS } from '../src/core/securement/uncertainty/vocabulary';
import { ParametricHold } from '../src/core/securement/uncertainty/parametric';
import { demoPlan } from './support/demo';
const P: any = ParametricHold.prototype;
let tries = 0, evals = 0, solved = 0;
const count = process.argv[2] === 'count';
if (count) { const v = P.valueOf, h = P.heldG, s = P.solve; P.valueOf = function (b: any) { tries++; return v.call(this, b); }; P.heldG = function (d: any, l: any) { evals++; return h.call(this, d, l); }; P.solve = function () { solved++; return s.call(this); }; }
for (const name of ['apple-bins', 'carousel-crate'] as const) for (let k = 0; k < (name === 'fair-flatbed' ? 1 : 3); k++) {
  tries = evals = solved = 0;
  const plan = demoPlan(name); const t = performance.now();
  const draws = drawing(plan, { seed: 1, draws: name === 'fair-flatbed' ? 10000 : 100000, open: DOUBTS });
  let s = draws.next(); while (!s.done) s = draws.next();
  console.log(name, Math.round(performance.now() - t), 'ms', count ? { evals, perEval: tries / evals, solved } : '');
}
