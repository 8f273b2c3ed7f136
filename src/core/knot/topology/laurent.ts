/** A Laurent polynomial with whole coefficients: exponent → coefficient, zeros left out. */
export type Laurent = ReadonlyMap<number, number>;

export function laurent(terms: Readonly<Record<number, number>>): Laurent {
  return new Map(
    Object.entries(terms)
      .map(([e, c]) => [Number(e), c] as const)
      .filter(([, c]) => c !== 0),
  );
}

/** target + coefficient · x^shift · p, in place. */
export function addScaled(
  target: Map<number, number>,
  p: Laurent,
  coefficient: number,
  shift: number,
): void {
  for (const [e, c] of p) {
    const sum = (target.get(e + shift) ?? 0) + coefficient * c;
    if (sum === 0) target.delete(e + shift);
    else target.set(e + shift, sum);
  }
}

export function multiply(p: Laurent, q: Laurent): Laurent {
  const result = new Map<number, number>();
  for (const [e, c] of p) addScaled(result, q, c, e);
  return result;
}

/** x → 1/x: what a mirror image does. */
export function inverted(p: Laurent): Laurent {
  return new Map([...p].map(([e, c]) => [-e, c]));
}

/** One text for equal polynomials, highest exponent first: for comparing and for reports. */
export function laurentText(p: Laurent, variable = 't'): string {
  const terms = [...p]
    .sort(([a], [b]) => b - a)
    .map(
      ([e, c]) =>
        `${c < 0 ? '−' : '+'} ${Math.abs(c) === 1 && e !== 0 ? '' : Math.abs(c)}${e === 0 ? '' : `${variable}^${e}`}`,
    );
  return terms.join(' ').replace(/^\+ /, '') || '0';
}
