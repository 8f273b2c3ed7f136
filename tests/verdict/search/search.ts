import { type Plan, parsePlan } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import type { Solver } from './highs';
import { makePlan, type RawPlan } from './make-plan';
import { makeSeveral, type RawSeveral } from './make-several';
import { whyNotHolds } from './oracle';
import { whyNotHoldsSeveral } from './oracle-several';
import { randomOf } from './random';
import { RELATIONS, wordOf } from './relations';
import { SEVERAL_RELATIONS } from './relations-several';

/** What a plan is accused of. */
export interface Fault {
  readonly seed: number;
  readonly what: string;
  readonly plan: RawPlan | RawSeveral;
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
  raw: RawPlan | RawSeveral,
  seed: number,
  solver: Solver,
): { readonly verdict: string; readonly what: string | null } | null {
  return isSeveral(raw) ? faultOfSeveral(raw, seed, solver) : faultOfOne(raw, seed, solver);
}

const isSeveral = (raw: RawPlan | RawSeveral): raw is RawSeveral => 'units' in raw;

function faultOfSeveral(raw: RawSeveral, seed: number, solver: Solver): ReturnType<typeof faultOf> {
  const parsed = parsePlan(raw);
  if (!parsed.ok) return null;
  const verdict = wordOf(parsed.value);
  const denied = verdict === 'holds' ? whyNotHoldsSeveral(parsed.value, solver) : null;
  if (denied) return { verdict, what: `HOLDS, but: ${denied}` };
  const turn =
    seed % 2 === 0 && verdict !== 'holds' ? 0 : Math.floor(seed / 2) % SEVERAL_RELATIONS.length;
  const r = randomOf(seed ^ 0x5bd1e995);
  return { verdict, what: SEVERAL_RELATIONS[turn]!.check(raw, parsed.value, verdict, r) };
}

function faultOfOne(raw: RawPlan, seed: number, solver: Solver): ReturnType<typeof faultOf> {
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
    const r = randomOf(seed);
    // Of every three plans one has several units.
    const raw = seed % 3 === 0 ? makeSeveral(r, RULE_SET_IDS) : makePlan(r, RULE_SET_IDS);
    const found = faultOf(raw, seed, solver);
    if (found === null) {
      refused += 1;
      continue;
    }
    const of = (verdicts[`${raw.ruleSet}${isSeveral(raw) ? ', several' : ''}`] ??= {});
    of[found.verdict] = (of[found.verdict] ?? 0) + 1;
    if (found.what) faults.push({ seed, what: found.what, plan: raw });
    if ((seed - from + 1) % 1000 === 0) report(seed - from + 1, faults.length);
  }
  return { plans: count, refused, verdicts, faults };
}

/** What can be taken out of a plan of several units to make it smaller. */
function* smallerSeveral(raw: RawSeveral): Generator<RawSeveral> {
  for (let i = 0; i < raw.lines.length; i++) yield { ...raw, lines: raw.lines.toSpliced(i, 1) };
  for (let i = 0; i < raw.units.length && raw.units.length > 1; i++) {
    const gone = raw.units[i]!.id;
    yield {
      ...raw,
      units: raw.units.toSpliced(i, 1),
      lines: raw.lines.filter((l) => !l.units.includes(gone)),
    };
  }
  const used = JSON.stringify(raw.lines);
  const anchors = raw.deck.anchors.filter((a) => used.includes(`"${String(a['id'])}"`));
  if (anchors.length < raw.deck.anchors.length) yield { ...raw, deck: { ...raw.deck, anchors } };
}

function* smallerOne(raw: RawPlan): Generator<RawPlan> {
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
    for (const plan of isSeveral(now.plan) ? smallerSeveral(now.plan) : smallerOne(now.plan)) {
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
