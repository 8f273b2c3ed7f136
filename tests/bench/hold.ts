import type { Browser } from 'puppeteer-core';
import { assess, lineFactsOf, ruleOpinion } from '@/core/securement/assess';
import { HoldSearch } from '@/core/securement/hold/limit';
import { MOTIONS, motionAt } from '@/core/securement/hold/programme';
import { holdMap, MAP_DIRECTIONS, mapBoxes } from '@/core/securement/hold/map';
import { holdProblem } from '@/core/securement/hold/load-model';
import type { HoldProblem } from '@/core/securement/hold/problem';
import { staticsLoadOf } from '@/core/securement/hold/statics-load';
import { placeUnits } from '@/core/securement/load/placed';
import { ruleSet } from '@/core/securement/rules';
import type { Plan } from '@/core/securement/plan';
import { launch, Person } from '../support/browser';
import { demoPlan } from '../support/demo';
import { lineBody, planOf, ringBody, unitBody } from '../support/units';
import { asRows, loadSolver } from '../verdict/search/highs';
import { LONG_MS, tasksDuring } from './tasks';

type Print = (what: string, figure: string) => void;

/** The bins with eight lines: three over-lines and five that work, two of them with edges that let their legs differ. */
export function eightLinesOnBins(): Plan {
  const [bins, crate] = [demoPlan('apple-bins'), demoPlan('carousel-crate')];
  const round = crate.lines[2]!;
  const loops = Array.from({ length: 5 }, (_, i) => ({
    ...round,
    id: `r${i}`,
    points: [{ ...round.points[0]!, fromFrontM: i % 2 ? 0.5 : 4.1, fromCentreM: 0, heightM: 0.9 }],
    elements: round.elements.map((e) =>
      e.kind === 'anchor' && e.at.on === 'deck'
        ? {
            ...e,
            at: { on: 'deck' as const, anchorId: `${e.id === 'a' ? 'R' : 'L'}${i % 2 ? 2 : 5}` },
          }
        : e.kind === 'edge' && i < 2
          ? { ...e, mu: 0.2 }
          : e,
    ),
  }));
  return { ...bins, lines: [...bins.lines, ...loops] };
}

/** Two boxes, one on the other, with sixteen lines over them. */
export function stackedWithSixteen(): Plan {
  const at = Array.from({ length: 16 }, (_, i) => 0.2 + i * 0.1);
  return planOf(
    [
      unitBody('low', { lengthM: 2, fromFrontM: 0 }),
      unitBody('high', { lengthM: 2, fromFrontM: 0, on: { kind: 'unit', unitId: 'low' } }),
    ],
    at.map((_, i) => lineBody(`l${i}`, [`L${i}`, `R${i}`], ['high'])),
    at.flatMap((x, i) => [ringBody(`L${i}`, x, 1.5), ringBody(`R${i}`, x, -1.5)]),
  );
}

/** A full deck: twelve boxes, eight in a row that touch and four on top of them, with sixteen lines over them. */
export function fullDeck(): Plan {
  const row = Array.from({ length: 8 }, (_, i) => unitBody(`u${i}`, { fromFrontM: i }));
  const top = Array.from({ length: 4 }, (_, i) =>
    unitBody(`s${i}`, { fromFrontM: 2 * i, on: { kind: 'unit', unitId: `u${2 * i}` } }),
  );
  const at = Array.from({ length: 16 }, (_, i) => 0.25 + i * 0.5);
  const over = (x: number): string => {
    const u = Math.floor(x);
    return u % 2 === 0 ? `s${u / 2}` : `u${u}`;
  };
  return planOf(
    [...row, ...top],
    at.map((x, i) => lineBody(`l${i}`, [`L${i}`, `R${i}`], [over(x)])),
    at.flatMap((x, i) => [ringBody(`L${i}`, x, 1.5), ringBody(`R${i}`, x, -1.5)]),
  );
}

/** Plans that draws and drives are timed on: few lines and many, one unit and eight. */
export const benchPlans = (): readonly Plan[] => [
  demoPlan('apple-bins'),
  demoPlan('carousel-crate'),
  eightLinesOnBins(),
  stackedWithSixteen(),
  demoPlan('fair-flatbed'),
];

/** As fine as a map is ever asked for. */
const FINE = 72;

const median = (times: number[]): number =>
  times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)]!;
/** Medians of several works in ms, taken turn about: what else the machine does falls on all of them alike. */
function each(runs: readonly number[], ...works: readonly ((i: number) => unknown)[]): number[] {
  const times: number[][] = works.map(() => []);
  for (let k = 0; k < 15; k++) {
    works.forEach((work, w) => {
      const began = performance.now();
      for (let i = 0; i < runs[w]!; i++) work(i);
      times[w]!.push((performance.now() - began) / runs[w]!);
    });
  }
  return times.map(median);
}

/** A whole map's directions from nothing, as a key pressed asks for them. */
function sixteen(problem: HoldProblem): void {
  const search = new HoldSearch(problem);
  for (let i = 0; i < MAP_DIRECTIONS; i++)
    search.limit(motionAt((2 * Math.PI * i) / MAP_DIRECTIONS));
}

/** Hold map and assessment, and the general solver on the same programmes in the same run. */
export async function benchHold(print: Print): Promise<void> {
  const plan = eightLinesOnBins();
  const asked = ruleSet(plan.ruleSet).statics;
  const load = staticsLoadOf(plan, placeUnits(plan.units), lineFactsOf(plan));
  const problem = holdProblem(load.parts[0]!, mapBoxes(asked)[0]!, {
    end: 'worst',
    present: true,
    cone: 'inscribed',
  })!;
  print(
    `hold map, ${MAP_DIRECTIONS} directions, 8 lines (median)`,
    `${each([5], () => holdMap(load, asked))[0]!.toFixed(2)} ms`,
  );
  const stacked = stackedWithSixteen();
  const two = staticsLoadOf(stacked, placeUnits(stacked.units), lineFactsOf(stacked));
  const [fine, piled] = each(
    [2, 2],
    () => holdMap(load, asked, FINE),
    () => holdMap(two, ruleSet(stacked.ruleSet).statics, FINE),
  ) as [number, number];
  print(
    `hold map, ${FINE} directions: 8 lines; two units, one on the other, and 16 lines`,
    `${fine.toFixed(1)} ms, ${piled.toFixed(1)} ms`,
  );
  const solver = await loadSolver();
  const programmes = Array.from({ length: 16 }, (_, i) =>
    asRows(new HoldSearch(problem).programme(motionAt((2 * Math.PI * i) / 16))),
  );
  const [map, general] = each(
    [10, 16],
    () => sixteen(problem),
    (i) => solver.maximum(programmes[i % 16]!),
  ) as [number, number];
  const own = map / MAP_DIRECTIONS;
  const search = new HoldSearch(problem);
  const agree = Math.abs(
    search.limit(MOTIONS.forward)!.heldG -
      solver.maximum(asRows(search.programme(MOTIONS.forward)))!,
  );
  print(
    'one direction: own method, general solver, how many times faster',
    `${(own * 1000).toFixed(0)} µs, ${general.toFixed(2)} ms, ${Math.round(general / own)} times (they differ by ${agree.toExponential(0)})`,
  );
  print(
    'assess() with statics, 8 lines, traced (median)',
    `${each([5], () => assess(plan, new Map()))[0]!.toFixed(1)} ms`,
  );
  const deck = fullDeck();
  const full = staticsLoadOf(deck, placeUnits(deck.units), lineFactsOf(deck));
  const [whole, byRule, round] = each(
    [2, 4, 1],
    () => assess(deck, new Map()),
    () => ruleOpinion(deck, new Map()),
    () => holdMap(full, ruleSet(deck.ruleSet).statics),
  ) as [number, number, number];
  print(
    'full deck, 12 units and 16 lines: assess(), of it the rule’s opinion, hold map',
    `${whole.toFixed(1)} ms, ${byRule.toFixed(1)} ms, ${round.toFixed(0)} ms`,
  );
  const light: Plan = { ...plan, ruleSet: 'us-light' };
  print(
    'the same under two boxes (us-light)',
    `${each([5], () => assess(light, new Map()))[0]!.toFixed(1)} ms`,
  );
}

/** Typing a mass into a plan, as a person does, and the longest task meanwhile: eight lines, and a full deck. */
export async function benchTyping(print: Print): Promise<void> {
  const browser = await launch();
  for (const [what, plan] of [
    ['a plan of 8 lines', eightLinesOnBins()],
    ['a full deck of 12 units and 16 lines', fullDeck()],
  ] as const)
    print(
      `typing in ${what}, longest task`,
      await longestTask(browser, { ...plan, title: 'Typing' }),
    );
  await browser.close();
}

async function longestTask(browser: Browser, plan: Plan): Promise<string> {
  const person = await Person.at(browser);
  await person.stepInAs('Ilse Varrow');
  const { json } = await person.api('POST', '/plans', plan);
  await person.goto(`/loads/${json['id'] as string}`);
  await person.section('Load');
  await person.page.waitForSelector('[data-hold-map][aria-busy=false]');
  await new Promise((r) => setTimeout(r, 1500));
  const field = await person.page.waitForSelector(
    '::-p-xpath(//*[normalize-space(text())="Mass"]/following::input[1])',
  );
  const { ownMs, wallMs } = await tasksDuring(person.page, async () => {
    for (const digit of ['2', '1', '0', '0']) {
      await field!.type(digit);
      await new Promise((r) => setTimeout(r, 220));
    }
    for (let i = 0; i < 4; i++) {
      await person.page.keyboard.press('Backspace');
      await new Promise((r) => setTimeout(r, 220));
    }
  });
  await person.leave();
  const over = wallMs.filter((ms) => ms > LONG_MS).length;
  return `${Math.max(...ownMs).toFixed(0)} ms of its own; ${over} of 8 keys and what follows took over ${LONG_MS} ms with what else ran on its core`;
}
