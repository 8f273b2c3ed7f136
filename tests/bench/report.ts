export const print = (what: string, figure: string): void =>
  console.log(`${what.padEnd(58)} ${figure}`);

export function percentile(times: number[], p: number): number {
  const sorted = times.toSorted((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * p))]!;
}

export const spread = (times: number[]): string =>
  `p50 ${percentile(times, 0.5).toFixed(1)} ms, p99 ${percentile(times, 0.99).toFixed(1)} ms`;

export async function timed(times: number, work: () => Promise<unknown>): Promise<number[]> {
  const list: number[] = [];
  for (let i = 0; i < times; i++) {
    const began = performance.now();
    await work();
    list.push(performance.now() - began);
  }
  return list;
}
