import { afterAll, expect, it } from 'vitest';
import { demoPlan } from '../../../tests/support/demo';
import { Refusal } from '../problem';
import { compareInThread, driveInThread, endThreads } from './pool';

afterAll(endThreads);

it('a comparison is made in a thread; when too many wait, the next are told to come again', async () => {
  const work = { plan: demoPlan('apple-bins'), facts: [] };
  const { sets } = await compareInThread(work);
  expect(sets.find((s) => s.ruleSet === work.plan.ruleSet)!.verdict).toBe('holds');
  const asked = Array.from({ length: 30 }, () => compareInThread(work));
  const refused = asked.slice(25).map((a) => a.catch((error: unknown) => error));
  const late = await Promise.all(refused);
  expect(late.every((e) => e instanceof Refusal && e.status === 503)).toBe(true);
  // What still waits fails with its thread.
  await Promise.all([endThreads(), Promise.allSettled(asked)]);
});

it('what takes longer than a request may is refused, and what comes next is done', async () => {
  const work = {
    plan: demoPlan('apple-bins'),
    drive: { kind: 'slow' as const, towardRad: 0 },
  };
  await expect(driveInThread(work, AbortSignal.abort())).rejects.toMatchObject({
    status: 422,
    issues: [{ code: 'takes-too-long' }],
  });
  expect((await driveInThread(work)).run!.way).toBe('slides');
});
