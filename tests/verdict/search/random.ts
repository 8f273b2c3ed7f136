/** Seeded random numbers: the same seed gives the same plans on every machine (mulberry32, public domain). */
export interface Random {
  /** 0 ≤ value < 1. */
  next(): number;
  between(least: number, most: number): number;
  /** Evenly by ratio: for quantities that span decades. */
  ratio(least: number, most: number): number;
  int(least: number, most: number): number;
  chance(part: number): boolean;
  pick<T>(list: readonly T[]): T;
}

export function randomOf(seed: number): Random {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const between = (least: number, most: number): number => least + (most - least) * next();
  return {
    next,
    between,
    ratio: (least, most) => least * (most / least) ** next(),
    int: (least, most) => Math.floor(between(least, most + 1)),
    chance: (part) => next() < part,
    pick: (list) => list[Math.floor(next() * list.length)]!,
  };
}
