'use client';
import { useMemo, useState } from 'react';
import { spanFigures, type SpanInput } from '@/core/bench/span';
import type { Strength } from '@/core/securement/schema';
import { plainRope } from '@/core/rope/plain';

/** State of the span: a drum-tight ridge line with a small load, which is the lesson. */
export function useSpan(strength: Strength) {
  const [input, setInput] = useState<SpanInput>(() => ({
    spanM: 10,
    riseM: 0,
    rope: plainRope({ material: 'polyester', diameterM: 0.012 }),
    loadN: 200,
    atM: 5,
    by: 'sag',
    sagM: 0.1,
    unstretchedM: 10,
  }));
  const set = (change: Partial<SpanInput>): void => setInput((i) => ({ ...i, ...change }));
  const figures = useMemo(() => spanFigures(input, strength), [input, strength]);
  return { input, set, figures };
}
