import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/knot/catalogue';
import { boxOf, knotBoxOf, pictureOf } from '@/core/knot/drawing/picture';
import { accentsOf, arrowOf, withGrips } from '@/core/knot/drawing/step';
import { MY_SIDE, type View } from '@/core/knot/drawing/view';
import { bodyOfFrame, bodyOfStep } from '@/core/knot/shape/frames';
import { knotCards, knotFacts, knotName, stageData } from '@/server/knots';
import { KnotStrokes, NextArrow, viewBox } from '@/ui/knots/KnotDrawing';

const all = CATALOGUE.flatMap((e) => e.forms.map((f) => [e.id, f.id] as const));

describe('the stage of every form', () => {
  it.each(all)('%s, %s: geometry, words and wrong forms belong together', async (id, formId) => {
    const stage = (await stageData(id, formId))!;
    expect(stage.form.id).toBe(formId);
    expect(stage.facts.id).toBe(id);
    const { shipped } = stage;
    const body = bodyOfFrame(shipped, shipped.frames[0]!);
    const last = body.strands.map((s) => s.u.at(-1)!);
    for (const label of stage.form.labels)
      expect(label.u).toBeLessThanOrEqual(last[label.rope ?? 0]! + 0.01);
    for (const wrong of stage.wrong) {
      const rope = wrong.partsAt.rope ?? 0;
      expect(wrong.partsAt.right).toBeLessThanOrEqual(
        bodyOfFrame(wrong.right, wrong.right.frames[0]!).strands[rope]!.u.at(-1)!,
      );
      expect(wrong.partsAt.wrong).toBeLessThanOrEqual(
        bodyOfFrame(wrong.shipped, wrong.shipped.frames[0]!).strands[rope]!.u.at(-1)!,
      );
    }
    expect(shipped.insideD.every((d) => d > 0)).toBe(true);
    expect(stage.planarCode).toMatch(/^PD\[(X\[\d+,\d+,\d+,\d+\],?)+\]$/);
  });
  it.each(all)(
    '%s, %s: every step can be drawn, and nothing in it is not a number',
    async (id, formId) => {
      const { shipped, form } = (await stageData(id, formId))!;
      for (const [i, step] of form.steps.entries()) {
        const body = bodyOfStep(shipped, i, step.shown === 'drawn up');
        const picture = withGrips(pictureOf(body, undefined, step.shown), step);
        const accents = accentsOf(form.steps, i, body.strands.length);
        const arrow = arrowOf(picture, accents, step);
        const svg = renderToStaticMarkup(
          createElement(
            'svg',
            { viewBox: viewBox(boxOf(picture)) },
            createElement(KnotStrokes, { picture, accents }),
            arrow ? createElement(NextArrow, { arrow }) : null,
          ),
        );
        expect(svg).not.toMatch(/NaN|undefined|Infinity/);
        expect(svg.split('<path').length).toBeGreaterThan(3);
        // What a step adds is seen in it, in the signal colour, and points somewhere.
        if (step.shown !== 'drawn up') {
          expect(svg).toContain('var(--signal)');
          if (step.grips?.some((g) => g.turns)) expect(arrow).toBeNull();
          else expect(Math.hypot(arrow!.dx, arrow!.dy)).toBeCloseTo(1, 6);
        }
        if (step.shown !== 'drawn up') continue;
        const box = knotBoxOf(picture);
        expect(box.width).toBeGreaterThanOrEqual(10);
        expect(box.height).toBeGreaterThanOrEqual(10);
      }
    },
  );
  it('where a hand makes it the hand is drawn, and changes sides with the view', async () => {
    const drawn = async (id: string, formId: string, index: number, view: View) => {
      const { shipped, form } = (await stageData(id, formId))!;
      const step = form.steps[index]!;
      const picture = withGrips(
        pictureOf(bodyOfStep(shipped, index, false), view, step.shown),
        step,
        view,
      );
      return renderToStaticMarkup(
        createElement('svg', {}, createElement(KnotStrokes, { picture })),
      );
    };
    const facing: View = { side: 'facing', leftHanded: false };
    for (const [id, formId, index] of [
      ['alpine-butterfly', 'hand', 1],
      ['alpine-butterfly', 'twist', 0],
      ['figure-eight', 'twisted', 1],
    ] as const) {
      const [mine, other] = [
        await drawn(id, formId, index, MY_SIDE),
        await drawn(id, formId, index, facing),
      ];
      expect(mine).toContain('data-hand-drawn');
      expect(other).toContain('data-hand-drawn');
      const place = (svg: string): number =>
        Number(/<g transform="translate\((-?[\d.]+)[^>]*data-hand-drawn/.exec(svg)![1]);
      expect(place(other)).toBeCloseTo(-place(mine), 6);
    }
    expect(await drawn('bowline', 'facing-away', 1, MY_SIDE)).not.toContain('data-hand-drawn');
  });
  it('is put together once', async () =>
    expect(await stageData('reef')).toBe(await stageData('reef', 'plain')));
  it('is null for what is not there', async () => {
    for (const [id, form] of [
      ['nothing', undefined],
      ['bowline', 'nothing'],
      ['../../package', undefined],
      ['', ''],
    ] as const)
      expect(await stageData(id, form)).toBeNull();
    expect(knotName('nothing')).toBeNull();
    expect(knotName('reef')).toBe('Reef (square) knot');
  });
  it('a form that lies badly when drawn up shows what it must look like', async () => {
    const [hand, twist] = [
      (await stageData('alpine-butterfly', 'hand'))!,
      (await stageData('alpine-butterfly', 'twist'))!,
    ];
    expect(hand.dressed).toBe(twist.shipped);
    expect(twist.dressed).toBeNull();
  });
  it('wrong forms stand beside the form they are mistaken for', async () => {
    const names = async (form: string): Promise<string[]> =>
      (await stageData('clove-hitch', form))!.wrong.map((w) => w.id);
    expect(await names('passed')).toEqual(['cow']);
    expect(await names('dropped')).toEqual(['stacked']);
  });
});

describe('cards and facts', () => {
  it('a card an entry; what is counted is the lowest school, 45 % when none has a value', () => {
    const cards = knotCards();
    expect(cards.map((c) => c.id)).toEqual(CATALOGUE.map((e) => e.id));
    const of = (id: string) => cards.find((c) => c.id === id)!;
    expect([of('bowline').counted, of('bowline').published]).toEqual([0.6, true]);
    expect([of('prusik').counted, of('prusik').published]).toEqual([0.45, false]);
    expect([
      of('round-turn-two-half-hitches').counted,
      of('round-turn-two-half-hitches').published,
    ]).toEqual([0.45, false]);
  });
  it('facts of at most four, each once, what is unknown left out, in the order asked for', () => {
    expect(
      knotFacts(['reef', 'bowline', 'reef', 'nothing', 'prusik', 'zeppelin', 'overhand']).map(
        (k) => k.id,
      ),
    ).toEqual(['reef', 'bowline', 'prusik', 'zeppelin']);
    expect(knotFacts([])).toEqual([]);
  });
  it('every school’s own figure is told', () => {
    const [bowline] = knotFacts(['bowline']);
    expect(bowline!.schools.map((s) => [s.name, s.least, s.most])).toEqual([
      ['seamanship school', 0.6, 0.6],
      ['field school', 0.7, 0.75],
      ['rope-rescue pull tests', 0.67, 0.67],
    ]);
  });
});
