import { KNOTS } from '../knots';
import { byTheMiddleWrap, crossedOnTheHand } from './alpine-butterfly-other-wraps';
import { onTheHand, onThePalm } from './alpine-butterfly-wraps';
import type { Entry } from './entry';

/** Alpine butterfly. Paths in rope diameters; tying from the trade's common practice. */
export const alpineButterfly = {
  id: 'alpine-butterfly',
  name: 'Alpine butterfly',
  aliases: ['butterfly loop', 'lineman’s loop', 'middleman’s loop', 'wireman’s loop (elsewhere)'],
  family: 'mid-line loop',
  purpose:
    'A loop in the middle of a line that takes load in all three directions, or that takes a damaged place out of it.',
  notFor: 'Hurry with thick gloves, unless the hand wrap is practised.',
  strength: 'alpine-butterfly',
  jams: 'Not when it is dressed.',
  unties: 'Push the two wings away from each other, then pull the loop back.',
  holds: KNOTS['alpine-butterfly'].holds,
  needs: 'a bight',
  easy: { tie: 2, untie: 3 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 0,
  purposes: ['no-end', 'not-jam', 'keeps-strength', 'tightens'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The two parts lie parallel on one side.',
    'They cross only at the back.',
    'Pull the wings: the loop stays.',
  ],
  forms: [
    {
      id: 'twist',
      name: 'twist twice and fold',
      note: 'Two half turns in a bight, then fold the loop round the line and up through the lower eye.',
      spec: {
        ropes: [
          {
            path: '-16,0 -9,0 U -3.5,0.3 OOO 2,3 4,5.5 2.4,8 UUU -2,10.2 -5,11 -7.5,8 -7.5,3 O -6.5,-3 -4,-4.5 -1.7,-2 UU -1.4,5.5 OO -1.9,11 -3,15 0,18 3,15 1.9,11 OO 1.4,5.5 UU 1.7,-2 4,-4.5 6.5,-3 O 7.5,3 7.5,8 5,11 2,10.2 UOU -2.4,8 -4,5.5 -2,3 OUO 3.5,0.3 U 9,0 16,0',
            tips: [16],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 14], radius: 2, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'], because: 'tied in the bight' },
        { closure: 'cut 1', alone: ['3₁', '3₁'], linking: [1] },
      ],
      release: 'in the bight',
      steps: [
        {
          shown: { bight: [5.5, 26.5] },
          say: 'Hang a bight and twist it half a turn.',
          look: 'One crossing.',
          grips: [{ at: 16, arm: 90, turns: true }],
        },
        {
          shown: { bight: [10.5, 21.5] },
          say: 'Twist once more the same way.',
          look: 'Two eyes, one above the other.',
          grips: [{ at: 16, arm: -90, turns: true }],
        },
        {
          shown: 'whole',
          say: 'Fold the far eye down round the line and up through the near one.',
          look: 'The loop comes up in the middle.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the loop, then the two wings.',
          look: 'Parallel {in front}, crossed {behind}.',
        },
      ],
      labels: [
        { u: 16, text: 'loop' },
        { u: 0.4, text: 'one wing' },
        { u: 31.6, text: 'other wing' },
      ],
    },
    onTheHand,
    onThePalm,
    byTheMiddleWrap,
    crossedOnTheHand,
  ],
  wrong: [
    {
      id: 'false',
      name: 'third wrap under the second',
      says: 'Looks alike, but the two parts cross {in front} as well: it slips at the wings and jams.',
      insteadOf: 'hand',
      spec: {
        ropes: [
          {
            path: '-1,-16 -3.4,-7 -3.4,-3 UOOU -3.4,3 -3.4,7 -0.53,5 UUUUU 0.93,-5 U 3.4,-7 3.4,-4.2 2.2,-2.6 OOOO -4.5,-2.6 -5.5,-1.8 -4.5,-0.9 UUOO 4.5,-0.9 8,-0.7 9.3,0 8,0.7 4.5,0.9 OOUU -4.5,0.9 -5.5,1.8 -4.5,2.6 OOO 2.2,2.6 O 3.4,4.2 3.4,7 2.87,5 UUUU 0.93,-5 O 0,-7 0,-3 UOOU 0,3 O 0,7 1,16',
            tips: [15],
          },
        ],
      },
      claims: [{ closure: 'cut 1', alone: ['3₁', '3₁'], linking: [0] }],
      idleCrossings: {
        count: 1,
        because:
          'where the last wrap passes the part behind the hand: once the hand is out they are free of each other',
      },
      toldBy: 'invariants',
      partsAt: { right: 24.4, wrong: 24.4 },
    },
    {
      id: 'undressed',
      name: 'not dressed',
      says: 'The same knot lying badly: parts cross on both sides, so it jams. Only the eye can tell.',
      insteadOf: 'twist',
      spec: {
        ropes: [
          {
            path: '-16,0 -9,0 U -3.5,0.3 OOO 2,3 4,5.5 2.4,8 UUU -2,10.2 -5,11 -7.5,8 -7.5,3 O -6.5,-3 -3,-6.8 O 1,-4.4 O -1.7,-2 UU -1.4,5.5 OO -1.9,11 -3,15 0,18 3,15 1.9,11 OO 1.4,5.5 UU 1.7,-2 U -1,-4.4 U 3,-6.8 6.5,-3 O 7.5,3 7.5,8 5,11 2,10.2 UOU -2.4,8 -4,5.5 -2,3 OUO 3.5,0.3 U 9,0 16,0',
            tips: [17],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 14], radius: 2, hidden: true }],
      },
      claims: [{ closure: 'cut 1', alone: ['3₁', '3₁'], linking: [1] }],
      toldBy: 'geometry',
      partsAt: { right: 12.5, wrong: 9 },
    },
  ],
} as const satisfies Entry;
