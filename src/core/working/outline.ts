import type { Working } from './working';

const isWorking = (value: object): value is Working => 'inputs' in value && 'symbol' in value;

/**
 * The same result with every figure as it is and none of what it was made from: a few per cent of the size. For a first
 * picture; whoever opens a figure needs the result with its inputs.
 */
export function outlineOf<T>(result: T): T {
  if (Array.isArray(result)) return result.map(outlineOf) as T;
  if (result === null || typeof result !== 'object') return result;
  if (isWorking(result)) return { ...result, inputs: [] } as T;
  return Object.fromEntries(
    Object.entries(result).map(([key, value]) => [key, outlineOf(value as unknown)]),
  ) as T;
}
