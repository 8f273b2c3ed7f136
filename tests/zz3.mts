import { holdMap } from '../src/core/securement/hold/map';
import { eightLinesOnBins } from './bench/hold';
import { staticsLoadOf } from '../src/core/securement/hold/statics-load';
import { placeUnits } from '../src/core/securement/load/placed';
import { lineFactsOf } from '../src/core/securement/assess';
import { ruleSet } from '../src/core/securement/rules';
const plan = eightLinesOnBins(); const load = staticsLoadOf(plan, placeUnits(plan.units), lineFactsOf(plan)); const a = ruleSet(plan.ruleSet).statics;
for (const n of [16, 72]) { const ts: number[] = []; for (let i = 0; i < 200; i++) { const t = performance.now(); holdMap(load, a, n); ts.push(performance.now() - t); } console.log(n, ts.sort((x, y) => x - y)[100]); }
