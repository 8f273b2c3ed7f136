import type { LineFacts } from '../rule-input';

/** The place that governs a line, or the one that nobody knows; null for a line without places. */
export function weakElement({
  places,
  governing: [first],
}: LineFacts['capacity']): LineFacts['capacity']['places'][number] | null {
  const unknown = places.find((p) => p.problem !== null);
  return unknown ?? (first === undefined ? null : places[first]!);
}
