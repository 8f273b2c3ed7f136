import { readdirSync, readFileSync } from 'node:fs';
import { type Plan, parsePlan } from '@/core/exchange/plan';

/** A demo plan by file name, parsed. */
export function demoPlan(name: string): Plan {
  const parsed = parsePlan(demoDocument(name));
  if (!parsed.ok) throw new Error(`${name}: ${JSON.stringify(parsed.issues)}`);
  return parsed.value;
}

/** A demo plan as its document, unparsed. */
export function demoDocument(name: string): Record<string, unknown> {
  return (JSON.parse(readFileSync(new URL(`../../demo/plans/${name}.json`, import.meta.url), 'utf8')) as { plan: Record<string, unknown> }).plan;
}

export const demoNames = (): string[] =>
  readdirSync(new URL('../../demo/plans', import.meta.url)).map((f) => f.replace('.json', ''));
