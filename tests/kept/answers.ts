import { type Plan, parsePlan } from '@/core/securement/plan';
import { assess } from '@/core/securement/assess';
import { demoNames, demoPlan } from '../support/demo';
import { makePlan } from '../verdict/search/make-plan';
import { randomOf } from '../verdict/search/random';

/** Random plans whose answers are kept, by seed from 1 on. */
export const KEPT_PLANS = 200;

const figure = (value: number | null): string =>
  value === null ? '?' : Number(value.toPrecision(9)).toString();

/** Everything a plan comes to, a short line for each row, line and finding. */
export function answerOf(plan: Plan): string[] {
  const a = assess(plan, new Map());
  return [
    a.verdict,
    ...a.rows.map(
      (r) =>
        `rule ${r.code} ${r.direction} ${r.verdict} ${figure(r.required.value)} ${figure(r.provided.value)}`,
    ),
    ...a.statics.map(
      (r) =>
        `statics ${r.box} ${r.direction} ${r.verdict} ${figure(r.required.value)} ${figure(r.held.value)} ${r.mechanism?.kind ?? '?'}`,
    ),
    ...a.lines.map(
      (l) =>
        `line ${l.line.id} ${figure(l.capacity.wll.value)} ${figure(l.tension.hauled.value)} ${figure(l.tension.kept.value)} ${figure(l.tension.pretension.value)} ${figure(l.rope.value)} ${figure(l.shape.routeLengthM)}`,
    ),
    ...a.findings.map(
      (f) =>
        `finding ${f.code} ${f.effect} ${f.lineId ?? ''} ${f.elementId ?? ''} ${JSON.stringify(f.values, (_, v: unknown) => (typeof v === 'number' ? Number(v.toPrecision(9)) : v))}`,
    ),
  ];
}

/** Answers of the demo's plans and of random ones, by name. */
export function answers(): Record<string, string[]> {
  const all: Record<string, string[]> = {};
  for (const name of demoNames()) all[name] = answerOf(demoPlan(name));
  for (let seed = 1; seed <= KEPT_PLANS; seed++) {
    const parsed = parsePlan(makePlan(randomOf(seed)));
    all[`seed ${seed}`] = parsed.ok ? answerOf(parsed.value) : ['refused'];
  }
  return all;
}
