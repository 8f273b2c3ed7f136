import { describe, expect, it } from 'vitest';
import { demoNames, demoPlan, judge, withLoad } from '../../../tests/support/demo';
import { parsePlan } from '@/core/securement/plan';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { wordFinding } from '@/wording/findings';
import { headline } from '@/wording/headline';
import { newLine } from '@/core/securement/compose';
import { LINE_MAKES } from '@/core/securement/vocabulary';
import { newElement } from '@/core/line/compose';
import { type History, step } from '../history';
import { freshId } from '@/core/ids';
import { ELEMENT_KINDS, wordRow, wordRun, wordValue } from '@/wording/figures';

const plan = demoPlan('carousel-crate');

describe('history of edits', () => {
  const start: History<typeof plan> = { past: [], now: plan, future: [], lastKey: null };
  const title = (t: string, key: string | null = null) => ({
    type: 'edit' as const,
    key,
    edit: (p: typeof plan) => ({ ...p, title: t }),
  });
  it('typing on in one field is one step of undo, another field another', () => {
    let h = ['A', 'AB', 'ABC'].reduce((state, t) => step(state, title(t, 'title')), start);
    h = step(h, title('X', 'notes'));
    expect(h.past.map((p) => p.title)).toEqual(['Carousel crate', 'ABC']);
    expect(step(step(h, { type: 'undo' }), { type: 'undo' }).now.title).toBe('Carousel crate');
  });
  it('undo and redo are inverse; a new edit ends the redo', () => {
    const h = step(step(start, title('A')), title('B'));
    const back = step(h, { type: 'undo' });
    expect(step(back, { type: 'redo' })).toEqual({ ...h, lastKey: null });
    expect(step(back, title('C')).future).toEqual([]);
  });
  it('nothing to undo, nothing to redo, nothing changed: the same state', () => {
    expect(step(start, { type: 'undo' })).toBe(start);
    expect(step(start, { type: 'redo' })).toBe(start);
    expect(step(start, { type: 'edit', key: null, edit: (p) => p })).toBe(start);
  });
  it('does not grow without end', () => {
    let h = start;
    for (let i = 0; i < 400; i++) h = step(h, title(`t${i}`));
    expect(h.past).toHaveLength(200);
  });
});

describe('the headline', () => {
  it.each([
    ['apple-bins', 'Least margin: Forward sliding, 0.213\u00a0g to spare.'],
    ['carousel-crate', 'Round the front, rearward: read the plate on ring L1.'],
    ['water-tote', 'Over, front: use webbing with a ratchet or chain with a binder.'],
    ['bee-stand', 'Down 20 % of the weight: short by 0.311\u00a0kN.'],
    ['maypole', 'Logs have rules of their own (49 CFR 393.116), which are not computed here.'],
  ])('%s', (name, words) => expect(headline(judge(demoPlan(name)), METRIC)).toBe(words));
  it('never shows an unworded code, NaN or undefined, for any demo in any unit', () => {
    for (const name of demoNames())
      for (const units of [METRIC, US_CUSTOMARY]) {
        const a = judge(demoPlan(name));
        const all = [
          headline(a, units),
          ...a.findings.map((f) => wordFinding(f, units)),
          ...a.rows.flatMap((r) => Object.values(wordRow(r, units))),
        ];
        for (const text of all) expect(String(text)).not.toMatch(/NaN|undefined|null\b|Infinity/);
        for (const f of a.findings) expect(wordFinding(f, units)).not.toBe(f.code);
      }
  });
});

describe('figures in words', () => {
  it('by unit of the working', () => {
    expect(wordValue(2268, 'N', METRIC, 'capacity')).toBe('2.26\u00a0kN');
    expect(wordValue(0.012, 'm', METRIC)).toBe('12.0\u00a0mm');
    expect(wordValue(1.9, 'm', US_CUSTOMARY)).toBe('6.23\u00a0ft');
    expect(wordValue(Math.PI / 2, 'rad', METRIC)).toBe('90.0\u00a0°');
    expect(wordValue(2, 'count', METRIC)).toBe('2');
    expect(wordValue(350_000, 'N/m', METRIC)).toBe('350\u00a0kN/m');
    expect(wordValue(null, 'N', METRIC)).toBe('not known');
  });
  it('what runs along a line', () => {
    expect(wordRun(plan.lines[0]!, METRIC)).toBe('12\u00a0mm polyester three-strand, rope PE-12-2');
    expect(wordRun(demoPlan('pipe-bundle').lines[0]!, US_CUSTOMARY)).toBe(
      '0.375\u00a0in chain, grade 70, CH-1',
    );
    expect(wordRun({ ...plan.lines[0]!, elements: [] }, METRIC)).toBe('no rope yet');
  });
});

describe('new lines and elements', () => {
  it.each(LINE_MAKES.map((m) => m.id))(
    'a new %s line makes a valid plan, on the next pair of anchors, claiming no rating',
    (make) => {
      const line = newLine(make, plan)!;
      const parsed = parsePlan(
        JSON.parse(JSON.stringify({ ...plan, lines: [...plan.lines, line] })),
      );
      expect(parsed.ok).toBe(true);
      // Ratchets and binders are not rated before somebody reads them; a rope without label counts half its table.
      const { capacity } = judge({ ...plan, lines: [line] }).lines[0]!;
      if (make === 'rope') expect(capacity.wll.value).toBeLessThan((0.5 * 2270 * 9.80665) / 5);
      else expect(capacity.wll.value).toBeNull();
      expect(judge({ ...plan, lines: [line] }).lines[0]!.shape).toMatchObject({
        problem: null,
        crosses: true,
      });
      expect(line.id).toBe('l4');
    },
  );
  it('every kind can be added, with an id of its own', () => {
    const elements = [...plan.lines[0]!.elements];
    for (const kind of ELEMENT_KINDS) elements.push(newElement(kind, elements));
    expect(new Set(elements.map((e) => e.id)).size).toBe(elements.length);
    expect(
      parsePlan(JSON.parse(JSON.stringify({ ...plan, lines: [{ ...plan.lines[0]!, elements }] })))
        .ok,
    ).toBe(true);
  });
  it('the first lies across the load, the next apart from it; an anchor pair beside the load is never taken', () => {
    const one = { ...plan, lines: [newLine('webbing', { ...plan, lines: [] })!] };
    const two = { ...one, lines: [...one.lines, newLine('webbing', one)!] };
    const at = judge(two).lines.map((l) => l.shape.legs[0]!.at!.x);
    expect(Math.abs(at[0]! - at[1]!)).toBeGreaterThan(0.5);
    // The load moved before every ring but one pair: there is only that one, and it is used again.
    const behind = withLoad({ ...plan, lines: [] }, { fromFrontM: 2.4, lengthM: 0.7 });
    expect(
      newLine('webbing', behind)!
        .elements.flatMap((e) => (e.kind === 'anchor' && e.at.on === 'deck' ? [e.at.anchorId] : []))
        .toSorted(),
    ).toEqual(['L1', 'R1']);
  });
  it('where no anchors lie on both sides of the load it says so instead of putting a line beside it', () => {
    expect(newLine('rope', { ...plan, deck: { ...plan.deck, anchors: [] } })).toBeNull();
    expect(newLine('rope', withLoad(plan, { fromFrontM: 2.3, lengthM: 0.1 }))).toBeNull();
  });
  it('fresh ids skip those taken', () =>
    expect(freshId('l', [{ id: 'l1' }, { id: 'l3' }])).toBe('l2'));
});
