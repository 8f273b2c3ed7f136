import { loadSolver } from '../tests/verdict/search/highs';
import { reduced, search } from '../tests/verdict/search/search';

/** `npm run search -- 300000 [first seed]`: random plans against the oracle and the relations; prints the smallest failing plan of each kind. */
const [count, from] = [Number(process.argv[2] ?? 20_000), Number(process.argv[3] ?? 1)];
if (!Number.isInteger(count) || count < 1 || !Number.isInteger(from))
  throw new Error('npm run search -- COUNT [FIRST_SEED]');
const solver = await loadSolver();
const began = Date.now();
const report = search(from, count, solver, (done, faults) => {
  if (done % 10_000 === 0)
    console.log(`${done} plans, ${faults} faults, ${Math.round((Date.now() - began) / 1000)} s`);
});
console.table(report.verdicts);
console.log(
  `${report.plans} plans from seed ${from} in ${Math.round((Date.now() - began) / 1000)} s; ${report.refused} refused at the door; ${report.faults.length} faults`,
);
const kinds = new Map<string, (typeof report.faults)[number]>();
for (const f of report.faults) {
  const kind = f.what.replace(/[\d.]+/g, '#').slice(0, 28);
  if (!kinds.has(kind)) kinds.set(kind, f);
}
for (const f of kinds.values()) {
  const small = reduced(f, solver);
  console.log(`\nseed ${small.seed}: ${small.what}\n${JSON.stringify(small.plan)}`);
}
process.exitCode = report.faults.length > 0 ? 1 : 0;
