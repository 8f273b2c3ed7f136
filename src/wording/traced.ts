import type { Against } from '@/core/knot/trace/name';

/** Parts of a tracing, as the core names them, in words. */
export function partsInWords(parts: string): string {
  return parts
    .split(', ')
    .map((part) => {
      const [count, what] = part.split(' ');
      if (what === 'rope') return count === '1' ? 'one rope' : `${count} ropes`;
      if (what === 'held')
        return count === '0'
          ? 'no loop that holds something'
          : count === '1'
            ? 'one loop that holds something'
            : `${count} loops that hold something`;
      return `a ${part}`;
    })
    .join(', ');
}

/** How a tracing differs from the form that was wanted. */
export function againstInWords(against: Against, wanted: string): string {
  if (against.kind === 'it is') return `This is the ${wanted}.`;
  if (against.kind === 'parts')
    return `The ${wanted} is traced with ${partsInWords(against.wanted)}. Here there is ${partsInWords(against.traced)}.`;
  if (against.kind === 'crossings')
    return against.crossings.length === 1
      ? `One crossing makes it the ${wanted}: turn over the one that is marked.`
      : `One crossing makes it the ${wanted}: turn over any one of those that are marked.`;
  return `More than one crossing differs from the ${wanted}. Tie it again from its first step.`;
}
