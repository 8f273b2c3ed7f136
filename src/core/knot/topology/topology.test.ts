import { describe, expect, it } from 'vitest';
import { parseRope, type RopePath } from '../path/notation';
import { alexander } from './alexander';
import { type Closure, closed, eachToItself } from './closure';
import { type Diagram, diagramOf, flipped } from './diagram';
import { jones, jonesInA } from './jones';
import { inverted, type Laurent, laurent, laurentText, multiply } from './laurent';
import { linkingNumber, planarCode } from './planar-code';

/** Forms in the notation, in rope diameters. */
const FORMS = {
  overhand: ['-11,0 -5,0 OU 4,0 6,2 O 6,4 3,6.5 -1,6 -3,3 U -2.5,-2 0,-3 O 2,1 5,3 U 11,4'],
  figureEight: [
    '-12,0 -7,0 O -4,0 U 4,0 6,1.5 O 6.5,4 3,6.5 -1,6 U -3,2.5 O -3.5,-2 -5,-3 U -7,-1.5 -7,2 -5,3.5 O -1,3.2 U 4,3 12,3',
  ],
  doubleOverhand: [
    '-12,0 -5,0 OUOU 6,0 8.5,2 O 8.5,5 4,8 -1,7 -3,4 U -3,-1.8 -2,-2.4 -1,-1.6 O -0.9,1.5 0,2.2 0.9,1.5 U 1,-1.6 2,-2.4 3,-1.6 O 3.4,1.5 5,3.2 U 14,4',
  ],
  stevedore: [
    '-20,0 -12,0 OUOU 4,0 6,1.5 O 6.5,4 3,6.5 -1,6 U -3,2.5 O -3.4,-1.8 -4.3,-2.4 -5.3,-1.6 U -5.6,1.4 -6.7,2.1 -7.8,1.4 O -8.2,-1.6 -9.4,-2.4 -10.5,-1.6 U -11,2 -9,4.2 -5,4.3 O -1,3.5 U 4,3 13,3',
  ],
  reef: [
    '-14,1.2 -7,1.2 O -3,1.5 U 3,3 5,2.6 O 5.6,0 O 5,-2.6 3,-3 U -3,-1.5 O -7,-1.2 -14,-1.2',
    '14,1.2 7,1.2 U 3,1.5 O -3,3 -5,2.6 U -5.6,0 U -5,-2.6 -3,-3 O 3,-1.5 U 7,-1.2 14,-1.2',
  ],
  granny: [
    '-14,1.2 -7,1.2 O -3,1.5 U 3,3 5,2.6 O 5.6,0 U 5,-2.6 3,-3 O -3,-1.5 U -7,-1.2 -14,-1.2',
    '14,1.2 7,1.2 U 3,1.5 O -3,3 -5,2.6 U -5.6,0 O -5,-2.6 -3,-3 U 3,-1.5 O 7,-1.2 14,-1.2',
  ],
} as const;

function ropes(texts: readonly string[]): RopePath[] {
  return texts.map((t) => {
    const r = parseRope(t);
    if (!r.ok) throw new Error(JSON.stringify(r.issues));
    return r.value;
  });
}
function diagram(form: keyof typeof FORMS): Diagram {
  const d = diagramOf(ropes(FORMS[form]));
  if (!d.ok) throw new Error(`${form}: ${JSON.stringify(d.issues)}`);
  return d.value;
}
/** Standing parts joined over the top, tails below: a bend judged as one knot. */
const BEND: Closure = [
  [
    { rope: 0, end: 'start' },
    { rope: 1, end: 'start' },
  ],
  [
    { rope: 0, end: 'end' },
    { rope: 1, end: 'end' },
  ],
];
const codeOf = (d: Diagram) => planarCode(closed(d, d.ropes.length === 2 ? BEND : eachToItself(1)));

/** Jones polynomials of the tables of knots (Rolfsen; Jones 1985), from memory; one of the two mirror images. */
const V = {
  unknot: laurent({ 0: 1 }),
  '3_1': laurent({ 1: 1, 3: 1, 4: -1 }),
  '4_1': laurent({ '-2': 1, '-1': -1, 0: 1, 1: -1, 2: 1 }),
  '5_1': laurent({ 2: 1, 4: 1, 5: -1, 6: 1, 7: -1 }),
  '6_1': laurent({ 2: 1, 1: -1, 0: 2, '-1': -2, '-2': 1, '-3': -1, '-4': 1 }),
};
const either = (p: Laurent) => [laurentText(p), laurentText(inverted(p))];

describe('forms against the published knot tables, from memory', () => {
  it.each([
    ['overhand', V['3_1'], [1, -1, 1]],
    ['figureEight', V['4_1'], [1, -3, 1]],
    ['doubleOverhand', V['5_1'], [1, -1, 1, -1, 1]],
    ['stevedore', V['6_1'], [2, -5, 2]],
  ] as const)('%s', (form, polynomial, coefficients) => {
    const code = codeOf(diagram(form));
    expect(either(polynomial)).toContain(laurentText(jones(code)));
    expect(alexander(code)).toEqual(coefficients);
  });

  it('reef is a trefoil and its mirror, granny two alike: same Alexander, other Jones', () => {
    const [reef, granny] = [codeOf(diagram('reef')), codeOf(diagram('granny'))];
    const twoAlike = multiply(V['3_1'], V['3_1']);
    expect(laurentText(jones(reef))).toBe(laurentText(multiply(V['3_1'], inverted(V['3_1']))));
    expect(either(twoAlike)).toContain(laurentText(jones(granny)));
    expect(alexander(reef)).toEqual([1, -2, 3, -2, 1]);
    expect(alexander(granny)).toEqual(alexander(reef));
  });

  it('handedness: a trefoil of three right-handed crossings has t + t³ − t⁴', () => {
    const code = codeOf(diagram('overhand'));
    const expected = code.writhe > 0 ? V['3_1'] : inverted(V['3_1']);
    expect(Math.abs(code.writhe)).toBe(3);
    expect(laurentText(jones(code))).toBe(laurentText(expected));
  });

  it('a mirror image inverts the polynomial', () => {
    const d = diagram('stevedore');
    const mirror = { ...d, crossings: d.crossings.map((c) => ({ over: c.under, under: c.over })) };
    expect(laurentText(jones(codeOf(mirror)))).toBe(laurentText(inverted(jones(codeOf(d)))));
  });

  it('two bights hooked into each other are the Hopf link, linking ±1; laid on each other they are two loose rings', () => {
    const of = (marks: readonly [string, string], other: readonly [string, string]) => {
      const d = diagramOf(
        ropes([
          `-6,2 0,2 ${marks[0]} 1.5,0 ${marks[1]} 0,-2 -6,-2`,
          `6,1 ${other[0]} 0,1 -1.5,0 0,-1 ${other[1]} 6,-1`,
        ]),
      );
      if (!d.ok) throw new Error(JSON.stringify(d.issues));
      return planarCode(closed(d.value, eachToItself(2)));
    };
    const [hooked, loose] = [of(['U', 'O'], ['O', 'U']), of(['U', 'U'], ['O', 'O'])];
    expect([Math.abs(linkingNumber(hooked, 0, 1)), linkingNumber(loose, 0, 1)]).toEqual([1, 0]);
    // V = −√t − t²√t with t = A⁻⁴ (Jones 1985, from memory), or its mirror image.
    expect(either(laurent({ '-2': -1, '-10': -1 }))).toContain(laurentText(jonesInA(hooked)));
    expect(laurentText(jonesInA(loose))).toBe(laurentText(laurent({ 2: -1, '-2': -1 })));
  });

  it('a rope without a crossing is the unknot; two of them are one loop more', () => {
    const straight = ropes(['-5,0 0,1 5,0']);
    const one = diagramOf(straight);
    expect(one.ok && laurentText(jones(planarCode(closed(one.value, eachToItself(1)))))).toBe('1');
    const two = diagramOf(ropes(['-5,3 0,4 5,3', '-5,-3 0,-4 5,-3']));
    expect(
      two.ok && laurentText(jonesInA(planarCode(closed(two.value, eachToItself(2)))), 'A'),
    ).toBe('−A^2 −A^-2'.replaceAll('−A', '− A'));
  });
});

describe('a flipped crossing', () => {
  it.each(Object.keys(FORMS) as (keyof typeof FORMS)[])(
    'is noticed by the invariants alone, every one of %s',
    (form) => {
      const d = diagram(form);
      const right = laurentText(jones(codeOf(d)));
      const missed = d.crossings
        .map((_, i) => i)
        .filter((i) => laurentText(jones(codeOf(flipped(d, i)))) === right);
      expect(d.crossings.length).toBeGreaterThanOrEqual(3);
      expect(missed).toEqual([]);
    },
  );
});

describe('a bad path is refused and located', () => {
  const issue = (...texts: string[]) => {
    const parsed = texts.map(parseRope);
    const bad = parsed.find((p) => !p.ok);
    const result =
      bad ?? diagramOf(parsed.map((p) => (p.ok ? p.value : { points: [], marks: [] })));
    return result.ok ? 'ok' : [result.issues[0]!.code, result.issues[0]!.values];
  };
  it.each([
    ['0,0 1;1 2,2', ['path-token', { token: '1;1', place: 2 }]],
    ['O 0,0 1,1', ['path-marks-at-end', { token: 'O', place: 1 }]],
    ['0,0 1,1 U', ['path-marks-at-end', { token: 'U', place: 3 }]],
    ['0,0 O U 1,1', ['path-marks-twice', { token: 'U', place: 3 }]],
    ['0,0', ['path-too-short', { points: 1 }]],
    ['', ['path-too-short', { points: 0 }]],
    ['0,0 0,0 1,1', ['path-point-twice', { token: '0,0', place: 2 }]],
  ])('%s', (text, expected) => expect(issue(text)).toEqual(expected));
  it('a missing mark names rope and interval', () =>
    expect(issue(FORMS.overhand[0].replace('OU 4,0', 'O 4,0'))).toEqual([
      'crossings-unmarked',
      { rope: 1, interval: 2, written: 'O', marks: 1, crossings: 2 },
    ]));
  it('a wrong mark contradicts its partner', () =>
    expect(issue(FORMS.overhand[0].replace('OU 4,0', 'UU 4,0'))[0]).toBe('marks-contradict'));
  it('a crossing that neither strand decides', () => {
    expect(issue('-5,0 . 5,0', '0,-5 . 0,5')[0]).toBe('crossing-undecided');
    expect(issue('-5,0 . 5,0', '0,-5 O 0,5')).toBe('ok');
  });
});
