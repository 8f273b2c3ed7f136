import { type Plan, parsePlan } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import type { Solver } from './highs';
import { makePlan, type RawPlan } from './make-plan';
import { whyNotHolds } from './oracle';
import { randomOf } from './random';
import { RELATIONS, wordOf } from './relations';

/** What a plan is accused of. */
export interface Fault {
  readonly seed: number;
  readonly what: string;
  readonly plan: RawPlan;
}

export interface SearchReport {
  readonly plans: number;
  readonly refused: number;
  /** Verdicts by rule set. */
  readonly verdicts: Record<string, Record<string, number>>;
  readonly faults: readonly Fault[];
}

/** What is wrong with the verdict of one plan, or null. `seed` decides which of many edits is tried. */
export function faultOf(
  raw: RawPlan,
  seed: number,
  solver: Solver,
): { readonly verdict: string; readonly what: string | null } | null {
  const parsed = parsePlan(raw);
  if (!parsed.ok) return null;
  const plan: Plan = parsed.value;
  const verdict = wordOf(plan);
  const denied = verdict === 'holds' ? whyNotHolds(plan, solver) : null;
  if (denied) return { verdict, what: `HOLDS, but: ${denied}` };
  // One relation a plan keeps the search fast; over many plans each has its turn, what HOLDS on forgetting more often.
  const turn =
    seed % 2 === 0 && verdict !== 'holds'
      ? RELATIONS.findIndex((x) => x.name === 'forgetting')
      : Math.floor(seed / 2) % RELATIONS.length;
  return { verdict, what: RELATIONS[turn]!.check(raw, plan, verdict, randomOf(seed ^ 0x5bd1e995)) };
}

/** Judges random plans and looks for what cannot be right. The same seeds give the same plans. */
export function search(
  from: number,
  count: number,
  solver: Solver,
  report: (done: number, faults: number) => void = () => undefined,
): SearchReport {
  const verdicts: Record<string, Record<string, number>> = {};
  const faults: Fault[] = [];
  let refused = 0;
  for (let seed = from; seed < from + count; seed++) {
    const raw = makePlan(randomOf(seed), RULE_SET_IDS);
    const found = faultOf(raw, seed, solver);
    if (found === null) {
      refused += 1;
      continue;
    }
    const of = (verdicts[raw.ruleSet] ??= {});
    of[found.verdict] = (of[found.verdict] ?? 0) + 1;
    if (found.what) faults.push({ seed, what: found.what, plan: raw });
    if ((seed - from + 1) % 1000 === 0) report(seed - from + 1, faults.length);
  }
  return { plans: count, refused, verdicts, faults };
}

/** What can be taken out of a plan to make it smaller. */
function* smaller(raw: RawPlan): Generator<RawPlan> {
  const copy = (): RawPlan => structuredClone(raw);
  for (let i = 0; i < raw.lines.length; i++) {
    const p = copy();
    p.lines.splice(i, 1);
    yield p;
  }
  for (let i = 0; i < raw.lines.length; i++)
    for (let k = 0; k < raw.lines[i]!.elements.length; k++) {
      const p = copy();
      p.lines[i]!.elements.splice(k, 1);
      yield p;
    }
  const used = new Set(
    raw.lines.flatMap((l) =>
      l.elements.map((e) => (e['at'] as { anchorId?: string } | undefined)?.anchorId),
    ),
  );
  if (raw.deck.anchors.some((a) => !used.has(String(a['id'])))) {
    const p = copy();
    p.deck.anchors = p.deck.anchors.filter((a) => used.has(String(a['id'])));
    yield p;
  }
  for (const key of ['cgForwardM', 'cgLeftM', 'maxLineForceN', 'surface', 'rows', 'fullyContained'])
    if (raw.cargo[key] !== undefined) {
      const p = copy();
      delete p.cargo[key];
      yield p;
    }
  for (const side of ['forward', 'rearward']) {
    const p = copy();
    const b = p.deck['blocking'] as Record<string, unknown>;
    if ((b[side] as { touching?: boolean }).touching) {
      b[side] = {};
      yield p;
    }
  }
}

/** The smallest plan that still shows the same kind of fault. */
export function reduced(fault: Fault, solver: Solver): Fault {
  const kind = (what: string): string => what.replace(/[\d.]+/g, '#').slice(0, 28);
  let now = fault;
  for (let again = true; again;) {
    again = false;
    for (const plan of smaller(now.plan)) {
      const what = faultOf(plan, fault.seed, solver)?.what;
      if (what && kind(what) === kind(fault.what)) {
        now = { ...fault, what, plan };
        again = true;
        break;
      }
    }
  }
  return now;
}
