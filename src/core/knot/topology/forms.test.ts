import { describe, expect, it } from 'vitest';
import { readForm } from '../form/form';
import { parseRope, type RopePath } from '../path/notation';
import { alexander } from './alexander';
import { closed, eachToItself } from './closure';
import { type Diagram, diagramOf, type Fixed } from './diagram';
import { jones, jonesInA } from './jones';
import { inverted, laurent, laurentText, multiply } from './laurent';
import { linkingNumber, onlyComponent, planarCode } from './planar-code';
import { type ProofView, viewsOf } from './views';

/** Hitches and loops: what closing the ends cannot see is judged with the pole as axis, or with the loop cut at its tip. */
const FORMS = {
  roundTurnTwoHalfHitches:
    '-1,-20 -1,-13 U -1,-11 O -1,-8.5 U -1,-6 O -1,-2 o -1,2 -0.8,3.2 -0.6,2 u -0.3,-2 -0.1,-3.2 0.2,-2 o 0.6,2 0.8,3.2 1.1,2 u 1.5,-2 2,-4 U 0,-6.3 O -1.8,-7.1 -3,-7.2 -3.6,-6 -3,-5 U 0.2,-5.1 O 2.5,-6.2 3.5,-8 2.3,-9.6 U 0,-11.3 O -1.8,-12.1 -3,-12.2 -3.6,-11 -3,-10 U 0.2,-10.1 O 3,-11.5 6,-13',
  tautLine:
    '-18,0 -8,0 U -5,0 O -3,0 U -1.6,0 O -0.6,0 U 0.6,0 O 4,0 9,0.3 13,0.6 16.8,-1 16.8,-4 13,-5.6 6,-6 0,-6.8 -2,-5.5 U -2.2,-2 O -2.2,1.2 -1.6,1.8 -1.1,1.2 U -1,-1.1 -0.5,-1.7 0,-1 O 0.1,1.2 0.6,1.8 1.2,1.2 U 1.3,-1.2 0.4,-2.8 -1,-3.2 O -3.2,-3 U -4.9,-1.6 O -5.2,1.2 -4.6,1.8 -4,1.2 U -4,-1.2 O -3.8,-4.5 -3.5,-9',
  slipLoop:
    '0,20 0,6 O 0,2 U 0,-0.5 U 0,-4 1,-5.6 OO 4.2,-6 6.5,-3 6,1 3,3 U -2,2.8 -3,1.5 O 3,-1 U 4.5,-9 5,-13 3.5,-15 2,-13 2,-9 U 1.2,-3 O -3,-2 -6,-3 -8,-8 -8,-18',
  butterfly:
    '-16,0 -9,0 U -3.5,0.3 OOO 2,3 4,5.5 2.4,8 UUU -2,10.2 -5,11 -7.5,8 -7.5,3 O -6.5,-3 -4,-4.5 -1.7,-2 UU -1.4,5.5 OO -1.9,11 -3,15 0,18 3,15 1.9,11 OO 1.4,5.5 UU 1.7,-2 4,-4.5 6.5,-3 O 7.5,3 7.5,8 5,11 2,10.2 UOU -2.4,8 -4,5.5 -2,3 OUO 3.5,0.3 U 9,0 16,0',
  clove:
    '-2,-13 -2,-5 U -2,-1 o -2,2 -2.3,3.8 -3,4.2 -3.8,3 -4.6,0.5 u -5.2,-3 -5,-4 -4.2,-3.8 -3.4,-2.4 OoO 3.4,2.4 4.2,3.8 5,4 5.2,3 4.8,0.5 u 4,-3 3.4,-4.1 2.6,-3.8 2,-2 o 2,0.8 U 2,4 2,13',
  constrictor:
    '-1,-14 -1,-5 U -1,-1.8 UoO -1,2 -1.3,3.8 -2,4.2 -2.8,3 -4.2,0.5 u -5.2,-3 -5,-4 -4.2,-3.8 -3.6,-2.7 OOo 4.4,2.9 5,3.9 5.6,3.6 5.4,0.5 u 4.6,-3 3.6,-4 2,-3.4 0.4,-2.9 O -1.8,-2.5 -2.6,-2 U -2,-0.4 oU 0,2 0.5,4 0.6,12',
  bowline:
    '0,17 O 0,9 U -0.8,5.5 U -3.2,3 -2,0.3 O 0,-0.4 O 2,0.3 3.2,3 2.6,5.5 U 1.2,6.8 O -1.5,7.3 U -5,6.5 -7,2 -7,-6 -4,-11 0,-12.5 4,-11 6,-7 4,-3 1.2,-1.5 U 1.2,3 O 2.2,9 1.2,11.5 U -1.2,11.5 -2.2,9 OO -1.4,3 U -1.6,-2 -2,-6',
} as const;
type Form = keyof typeof FORMS;

/** Points where a loop's tip is cut. */
const TIPS: Partial<Record<Form, number>> = { slipLoop: 15, butterfly: 16, bowline: 14 };
const POLE: Fixed = {
  points: [
    { x: -60, y: 0 },
    { x: 60, y: 0 },
  ],
  shut: false,
};
const POLES: Partial<Record<Form, readonly Fixed[]>> = {
  roundTurnTwoHalfHitches: [POLE],
  clove: [POLE],
  constrictor: [POLE],
};

const rope = (form: Form): RopePath => {
  const r = parseRope(FORMS[form]);
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
  return r.value;
};
const must = (d: ReturnType<typeof diagramOf>): Diagram => {
  if (!d.ok) throw new Error(JSON.stringify(d.issues));
  return d.value;
};
const drawing = (form: Form): Diagram => must(diagramOf([rope(form)], POLES[form]));
const whole = (form: Form): Closable => asItIs(drawing(form));
type Closable = Pick<ProofView, 'diagram' | 'closure'>;
const asItIs = (diagram: Diagram): Closable => ({
  diagram,
  closure: eachToItself(diagram.ropes.length),
});
/** The rope with its loop cut. */
function cut(form: Form): Closable {
  const read = readForm(form, { ropes: [{ path: FORMS[form], tips: [TIPS[form]!] }] });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return viewsOf(read.value).find((v) => v.name === 'cut 1')!;
}

const closedOf = ({ diagram, closure }: Closable) => closed(diagram, closure);
/** The rope alone, the pole taken away. */
const ropeAlone = (d: Closable, component = 0) => planarCode(onlyComponent(closedOf(d), component));
const V31 = laurent({ 1: 1, 3: 1, 4: -1 });
const either = (p: ReturnType<typeof multiply>) => [laurentText(p), laurentText(inverted(p))];

describe('hitches and loops against what the tables of knots say of them, from memory', () => {
  it('round turn and two half hitches: the rope alone is two like trefoils', () =>
    expect(either(multiply(V31, V31))).toContain(
      laurentText(jones(ropeAlone(whole('roundTurnTwoHalfHitches')))),
    ));
  it('taut-line: a 5₁ and a 3₁', () => {
    const code = ropeAlone(whole('tautLine'));
    const five = laurent({ 2: 1, 4: 1, 5: -1, 6: 1, 7: -1 });
    expect([...either(multiply(five, V31)), ...either(multiply(five, inverted(V31)))]).toContain(
      laurentText(jones(code)),
    );
    expect(alexander(code)).toEqual([1, -2, 3, -3, 3, -2, 1]);
  });
  it.each(['slipLoop', 'butterfly', 'clove', 'constrictor'] as const)(
    '%s is tied in the bight: with its ends joined the rope alone is the unknot',
    (form) => {
      expect(laurentText(jones(ropeAlone(whole(form))))).toBe('1');
    },
  );
  it('slip loop with its loop cut: a trefoil and an unknot', () => {
    const parts = [0, 1].map((c) => laurentText(jones(ropeAlone(cut('slipLoop'), c))));
    expect(parts).toContain('1');
    expect(parts.some((p) => either(V31).includes(p))).toBe(true);
  });
  it('butterfly with its loop cut: a trefoil and its mirror image, linking −1', () => {
    const parts = [0, 1].map((c) => laurentText(jones(ropeAlone(cut('butterfly'), c))));
    expect(parts.toSorted()).toEqual(either(V31).toSorted());
    expect(linkingNumber(planarCode(closedOf(cut('butterfly'))), 0, 1)).toBe(-1);
  });
  it('clove hitch and its pole: linking ±2 closed in front of it, ±3 behind; the constrictor is another form on the same pole', () => {
    const [clove, constrictor] = [
      planarCode(closedOf(whole('clove'))),
      planarCode(closedOf(whole('constrictor'))),
    ];
    const behind = planarCode(closed(drawing('clove'), [...eachToItself(2)].reverse()));
    expect([linkingNumber(clove, 0, 1), linkingNumber(behind, 0, 1)].map(Math.abs)).toEqual([2, 3]);
    expect(either(jonesInA(clove))).not.toContain(laurentText(jonesInA(constrictor)));
  });
});

describe('marks at poles', () => {
  const issue = (text: string, poles: readonly Fixed[] = []) => {
    const r = parseRope(text);
    const d = r.ok ? diagramOf([r.value], poles) : r;
    return d.ok ? 'ok' : d.issues[0]!.code;
  };
  it('o and u belong to poles, O and U to ropes', () => {
    expect(issue('0,-5 o 0,5', [POLE])).toBe('ok');
    expect(issue('0,-5 O 0,5', [POLE])).toBe('fixture-mark');
    expect(issue('0,-5 0,5', [POLE])).toBe('crossings-unmarked');
    expect(issue(FORMS.slipLoop.replace('0,6 O 0,2', '0,6 o 0,2'))).toBe('fixture-mark');
  });
});
