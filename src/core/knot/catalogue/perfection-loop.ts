import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Perfection loop. Paths in rope diameters; tying from the trade's common practice. */
export const perfectionLoop = {
  id: 'perfection-loop',
  name: 'Perfection loop',
  aliases: ['angler’s loop'],
  family: 'end loop',
  purpose: 'A fixed loop in line with the rope, in thin line and cord.',
  notFor: 'Thin line that must be untied again: it is hard to undo.',
  strength: 'perfection-loop',
  jams: 'In thin line it does.',
  unties: 'Push the loop’s legs back into the knot; in thin line cut it.',
  holds: KNOTS['perfection-loop'].holds,
  needs: 'an end',
  easy: { tie: 2, untie: 1 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 12,
  purposes: ['does-not-bind', 'keeps-strength'],
  crews: ['stage', 'farm', 'instructors'],
  disputes: [],
  checks: [
    'The loop stands in line with the rope.',
    'The tail sticks out square to it.',
    'The tail is caught between the two turns.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'two loops',
      note: 'Two loops, the end between them, one pulled through the other.',
      spec: {
        ropes: [
          {
            path: '1.6,-15 1.6,-10 O 1.6,-6 O 2.6,-3 U 5,0 U 5.6,4 3.6,7.6 O 0,8.8 O -3.6,7.6 -5.6,4 U -5,0 -2.8,-3.2 U 1.6,-4.9 U 4.6,-4.8 5,-2.8 O 3.2,-0.4 2,3 O 1.4,6 U 1.3,8.7 1.5,11.6 0,13.2 -1.5,11.6 -1.3,8.7 U -1.4,6 O -2,3 -2.2,-0.6 O -1.9,-3.8 -1,-6.8 U 1.6,-8 4.8,-7.4 7.4,-3.8 7.6,0.8 O 5.6,3.1 U 0,3.4 U -5.6,3.2 O -10.5,3.2',
            tips: [20],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 11.5], radius: 0.9, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['3₁', 'unknot'], linking: [1] },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 20, text: 'loop' },
        { u: 34.8, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [12.5] },
          say: 'Turn a first loop, the end {behind} the standing part.',
          look: 'It is the larger one.',
        },
        {
          shown: { bight: [17, 23] },
          say: 'A second loop {in front of} it, the end {behind} again; then lay the end across, between the two loops.',
          look: 'The end lies {over} the first loop and {under} the second.',
        },
        {
          shown: 'whole',
          say: 'Pull the second loop out through the first, {under} its top.',
          look: 'The end stays caught.',
        },
        {
          shown: 'drawn up',
          say: 'Hold the standing part and pull the loop.',
          look: 'The end stands out square.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'behind',
      name: 'end not between',
      says: 'The end lies {in front of} both loops: nothing holds it, and the loop pulls out.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '1.6,-15 1.6,-10 O 1.6,-6 O 2.6,-3 U 5,0 U 5.6,4 3.6,7.6 O 0,8.8 O -3.6,7.6 -5.6,4 U -5,0 -2.8,-3.2 U 1.6,-4.9 U 4.6,-4.8 5,-2.8 O 3.2,-0.4 2,3 U 1.4,6 U 1.3,8.7 1.5,11.6 0,13.2 -1.5,11.6 -1.3,8.7 U -1.4,6 U -2,3 -2.2,-0.6 O -1.9,-3.8 -1,-6.8 U 1.6,-8 4.8,-7.4 7.4,-3.8 7.6,0.8 O 5.6,3.1 O 0,3.4 O -5.6,3.2 O -10.5,3.2',
            tips: [20],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 11.5], radius: 0.9, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['3₁', 'unknot'], linking: [0] },
      ],
      toldBy: 'invariants',
      partsAt: { right: 33, wrong: 33 },
    },
  ],
} as const satisfies Entry;
