import { weightsOf } from './bench/bundle';
for (const e of process.argv.slice(2)) {
  const w = await weightsOf(e);
  console.log(
    e,
    Object.values(w).reduce((a, b) => a + b, 0),
  );
  for (const [k, v] of Object.entries(w)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 28))
    console.log('   ', v, k);
}
