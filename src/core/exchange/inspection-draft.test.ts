import { describe, expect, it } from 'vitest';
import { type InspectionDraft, keptDraft, readInspectionDraft } from './inspection-draft';

const draft: InspectionDraft = {
  at: 1,
  answered: ['cuts'],
  found: [],
  seen: null,
  begunAt: '2026-11-02T08:00:00.000Z',
};
const CHECKS = ['cuts', 'core'];
const kept = (change: Record<string, unknown>): unknown => ({
  ...(keptDraft(draft) as object),
  ...change,
});

describe('a draft of an inspection on a device', () => {
  it('comes back as it was kept', () =>
    expect(readInspectionDraft(keptDraft(draft), CHECKS)).toEqual({ ok: true, value: draft }));
  it.each([
    [{ version: 2 }, 'too-new'],
    [{ version: 0 }, 'too-old'],
    [{ format: undefined }, 'broken'],
    [{ at: 3 }, 'broken'],
    [{ answered: ['no such check'] }, 'broken'],
    [{ found: [null] }, 'broken'],
    [{ begunAt: 'yesterday' }, 'broken'],
    [{ seen: 7 }, 'broken'],
  ])('%j is %s', (change, reason) =>
    expect(readInspectionDraft(kept(change), CHECKS)).toMatchObject({ why: { reason } }),
  );
  it('nothing at all is no draft', () => expect(readInspectionDraft(null, CHECKS).ok).toBe(false));
});
