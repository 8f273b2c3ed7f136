import { freshId } from '../../ids';
import { gearIdOf } from '../locker-word';
import { onMats } from '../advice/candidates';
import type { Plan } from '../plan';
import type { Line } from '../schema';
import type { Found } from './level';

/** One thing to do to a plan. */
export type ProposedChange =
  | { readonly kind: 'mats' }
  | { readonly kind: 'add'; readonly line: Line }
  | { readonly kind: 'protect'; readonly line: Line }
  | { readonly kind: 'take-off'; readonly line: Line };

/** What is found, as changes to a plan that can be taken one by one; all of them make it the plan that was found. */
export interface Proposal {
  readonly changes: readonly ProposedChange[];
  readonly plan: Plan;
}

/** A plan with one change made; what it is about may have gone meanwhile, and then nothing happens. */
export function withChange(plan: Plan, change: ProposedChange): Plan {
  switch (change.kind) {
    case 'mats':
      return onMats(plan);
    case 'add':
      return plan.lines.some((l) => l.id === change.line.id)
        ? plan
        : { ...plan, lines: [...plan.lines, change.line] };
    case 'protect':
      return {
        ...plan,
        lines: plan.lines.map((l) => (l.id === change.line.id ? change.line : l)),
      };
    case 'take-off':
      return { ...plan, lines: plan.lines.filter((l) => l.id !== change.line.id) };
  }
}

/** The changes that make a securement that was found of a plan: lines that go, lines that stay with protectors, new ones, mats. */
export function proposalOf(plan: Plan, found: Found): Proposal {
  const wanted = new Map(found.plan.lines.map((l) => [l.id, l]));
  const there = new Set(plan.lines.map((l) => l.id));
  const changes: ProposedChange[] = [];
  const mats = found.plan.units.some((u, i) => u !== plan.units[i]);
  if (mats) changes.push({ kind: 'mats' });
  let numbered = plan.lines;
  for (const line of found.plan.lines.filter((l) => !there.has(l.id))) {
    const named = {
      ...line,
      id: freshId('l', numbered),
      name: `Over ${numbered.length + 1}`,
    };
    numbered = [...numbered, named];
    changes.push({ kind: 'add', line: named });
  }
  for (const line of plan.lines) {
    const now = wanted.get(line.id);
    if (now === undefined) changes.push({ kind: 'take-off', line });
    else if (now !== line) changes.push({ kind: 'protect', line: now });
  }
  return { changes, plan: changes.reduce(withChange, plan) };
}

/** Whether a plan has a change already. */
export function proposed(plan: Plan, change: ProposedChange): boolean {
  if (change.kind === 'mats') return onMats(plan).units.every((u, i) => u === plan.units[i]);
  const now = plan.lines.find((l) => l.id === change.line.id);
  if (change.kind === 'add') return now !== undefined;
  return change.kind === 'take-off' ? now === undefined : now === undefined || now === change.line;
}

/** Things of the locker that a line is made of. */
export const thingsOf = (line: Line): string[] =>
  line.elements.map(gearIdOf).filter((id) => id !== null);
