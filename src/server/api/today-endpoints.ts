import { z } from 'zod';
import { VERDICTS } from '@/core/securement/verdict';
import { done } from './answers/parts';
import { endpoint, type Endpoint } from './endpoint';

const at = z.string().nullable();
const plan = { at, planId: z.uuid(), title: z.string() };
const due = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('check'), ...plan, verdict: z.enum(VERDICTS) }),
  z.strictObject({ kind: z.literal('going-out'), ...plan, verdict: z.enum(VERDICTS) }),
  z.strictObject({ kind: z.literal('inspection'), at, codes: z.array(z.string()) }),
  z.strictObject({ kind: z.literal('lapse'), at, person: z.string(), title: z.string() }),
  z.strictObject({ kind: z.literal('drills'), at, due: z.int(), fresh: z.int() }),
]);

/** What is due now. */
export const TODAY_API = {
  dueToday: endpoint({
    method: 'GET',
    path: '/today',
    summary:
      'What is due to your crew and to you: checks on the road, loads going out, inspections, sign-offs lapsing, drills',
    body: null,
    action: 'plan.read',
    answers: z.strictObject({ overdue: z.array(due), soon: z.array(due), later: z.array(due) }),
    answer: 'overdue[], soon[] (within a day), later[]; each with kind and at, a time or a day',
  }),
  goingOut: endpoint({
    method: 'PUT',
    path: '/plans/{id}/going-out',
    summary: 'Note when the load of a plan goes out; the plan and its version stay as they are',
    body: z.strictObject({ at: z.iso.datetime({ offset: true }).nullable() }),
    action: 'plan.write',
    example: { at: '2026-12-01T06:30:00Z' },
    answers: done,
    answer: 'Nothing',
  }),
} as const satisfies Record<string, Endpoint>;
