import { assess } from '@/core/securement/assess';
import { readdirSync, readFileSync } from 'node:fs';
import { happeningSchema, type HistoryEntry } from '@/core/gear/events';
import { type Gear, gearSchema, startSchema } from '@/core/gear/schema';
import { type GearState, stateOf } from '@/core/gear/history';
import type { LoadUnit } from '@/core/securement/load/schema';
import { type Plan, parsePlan } from '@/core/securement/plan';
import type { RuleSetId } from '@/core/securement/rule-set-ids';

/** A demo plan by file name, parsed. */
export function demoPlan(name: string): Plan {
  const parsed = parsePlan(demoDocument(name));
  if (!parsed.ok) throw new Error(`${name}: ${JSON.stringify(parsed.issues)}`);
  return parsed.value;
}

/** A plan whose first unit is otherwise. */
export const withLoad = (plan: Plan, change: Partial<LoadUnit>): Plan => ({
  ...plan,
  units: plan.units.map((u, i) => (i === 0 ? { ...u, ...change } : u)),
});

/** A box of a tonne by itself in the middle of a wide deck, low enough to slide before it tips. Lengths m. */
export function bareBox(
  ruleSet: RuleSetId,
  { mu = 0.5, lengthM = 2, cgHeightM = 0.2 }: { mu?: number; lengthM?: number; cgHeightM?: number },
): Plan {
  const parsed = parsePlan({
    format: 'vast-cleat/plan',
    version: 1,
    title: 'box',
    ruleSet,
    cargo: {
      name: 'box',
      massKg: 1000,
      lengthM,
      widthM: 4,
      heightM: 2 * cgHeightM,
      cgHeightM,
      cgForwardM: 0,
      cgLeftM: 0,
      fromFrontM: 2,
      friction: { known: 'entered', mu },
    },
    deck: { name: 'deck', lengthM: 20, widthM: 5, anchors: [] },
    lines: [],
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.value;
}

/** A demo plan as its document, unparsed. */
export function demoDocument(name: string): Record<string, unknown> {
  return (
    JSON.parse(readFileSync(new URL(`../../demo/plans/${name}.json`, import.meta.url), 'utf8')) as {
      plan: Record<string, unknown>;
    }
  ).plan;
}

export const demoNames = (): string[] =>
  readdirSync(new URL('../../demo/plans', import.meta.url)).map((f) => f.replace('.json', ''));

const DAY_MS = 86_400_000;
interface DemoThing {
  readonly crew: string;
  readonly gear: Record<string, unknown>;
  readonly start: unknown;
  readonly enteredDaysAgo: number;
  readonly history: readonly { daysAgo: number; by: string; body: unknown }[];
}

/** Everything of the demo's locker with its history added up, as of a day. */
export function demoLocker(today: Date): {
  readonly crew: string;
  readonly gear: Gear;
  readonly entries: HistoryEntry[];
  readonly state: GearState;
}[] {
  const { items } = JSON.parse(
    readFileSync(new URL('../../demo/locker.json', import.meta.url), 'utf8'),
  ) as { items: DemoThing[] };
  const at = (daysAgo: number): string =>
    new Date(today.getTime() - daysAgo * DAY_MS).toISOString();
  return items.map(({ crew, gear: document, start, enteredDaysAgo, history }) => {
    const gear = gearSchema.parse({ format: 'vast-cleat/gear', version: 1, ...document });
    const bodies = [
      { daysAgo: enteredDaysAgo, by: '', body: { kind: 'entered', ...startSchema.parse(start) } },
      ...history,
    ];
    const entries = bodies.map((h, i): HistoryEntry => ({
      id: `0190b5a0-0000-7000-8000-${String(i).padStart(12, '0')}`,
      at: at(h.daysAgo),
      by: h.by,
      body: happeningSchema.parse(h.body),
    }));
    return { crew, gear, entries, state: stateOf(gear, entries) };
  });
}

/** A plan that uses nothing of a locker, judged. */
export const judge = (plan: Plan) => assess(plan, new Map());
