import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Two half hitches. Paths in rope diameters; tying from the trade's common practice. */
export const twoHalfHitches = {
  id: 'two-half-hitches',
  name: 'Two half hitches',
  aliases: ['double half hitch', 'clove hitch round itself'],
  family: 'hitch',
  purpose: 'Ties a line to a rail or ring, or locks a tensioned one.',
  notFor: 'A heavy load that must come off under strain: put a round turn first.',
  strength: 'two-half-hitches',
  jams: 'Seldom.',
  unties: 'Pull the hitches back one at a time.',
  holds: KNOTS['two-half-hitches'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Tuck the last one as a bight.',
  backup: 'A third hitch in slick rope.',
  tailD: 12,
  purposes: ['gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Same way or opposite?',
      sides: [
        {
          school: 'seamanship',
          says: '“The same way, so that they make a clove hitch on the standing part.”',
          source: 'practice',
        },
        { school: 'field', says: '“Opposite holds too.”', source: 'practice' },
      ],
      pick: 'The same way. Opposite makes a cow hitch on the standing part: weaker.',
    },
  ],
  checks: [
    'Both hitches go round the same way.',
    'They make a clove hitch on the standing part: two parallel turns and one across.',
    'They sit close together.',
  ],
  forms: [
    {
      id: 'same-way',
      name: 'same way',
      note: 'Each hitch goes {over} the standing part and round {behind}.',
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UOUO -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 3.8,-7.8 2.6,-9.6 1,-10.7 U 0,-11.7 O -1.8,-12.5 -3.2,-12.6 -3.8,-11.4 -3,-10.4 U -0.4,-10.5 0.5,-10.6 O 2.4,-11.6 6,-13',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁#3₁', 'unknot'], linking: [1] }],
      steps: [
        {
          shown: { upTo: [8.3] },
          say: 'Over the rail and down {behind}.',
          look: 'End beside the standing part.',
        },
        {
          shown: { upTo: [17.5] },
          say: 'First half hitch: {over}, {behind}, out {over} itself.',
          look: 'End points away.',
        },
        {
          shown: { upTo: [23.4] },
          say: 'Cross {over} the standing part again.',
          look: 'The same way as before.',
        },
        {
          shown: { upTo: [29] },
          say: '{Behind}, and out {over} itself.',
          look: 'Two hitches alike.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the end and push the hitches together.',
          look: 'A clove hitch on the standing part.',
        },
      ],
    },
    {
      id: 'slipped',
      name: 'both slipped',
      note: 'Both hitches with a bight: two pulls take it off.',
      aliases: ['two slipped half hitches'],
      spec: {
        ropes: [
          {
            path: '-1,-21 -1,-15 UOOUO -1,-4 O -1,0 o -0.6,3 0.4,3.2 1.2,0 u 2,-3.4 U 1,-4.8 UO -1,-6 -2.6,-6.4 -3.4,-5.6 -2.8,-4.7 -1,-4.9 UO 0.9,-5 3.4,-5.7 6.4,-6.8 7.4,-6 6.4,-5.2 3.6,-4.4 O 1.6,-4 0.2,-3.5 -1,-3.4 U -3.4,-3.2 -5.4,-4.4 -5.6,-7 U -3.8,-8.8 U -2.4,-9.6 -1,-10.1 OO 0.8,-10.2 1.7,-9.4 0.8,-8.6 -1,-8.5 U -2.4,-8.6 -3.4,-8.5 O -6.4,-8.2 -9,-8.6 -9.6,-9.6 -9,-10.4 -6.2,-9.8 -3.4,-9.4 O -2.2,-9 -1,-9.3 UU 1.4,-10.6 4,-12.6 6,-15',
            taut: [0, 2],
            tips: [17, 39],
          },
        ],
        fixtures: [
          { kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 },
          { kind: 'post', at: [6.5, -6], radius: 0.35, hidden: true },
          { kind: 'post', at: [-8.9, -9.5], radius: 0.45, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'cut all',
          alone: ['3₁', 'unknot', 'unknot', 'unknot'],
          linking: [2, 0, 1, 1, 0, 0],
        },
      ],
      release: 'fully slipped',
      checks: ['Each hitch is made with a bight.', 'Both go the same way.', 'The tail stays free.'],
      steps: [
        {
          shown: { upTo: [9] },
          say: 'Round the rail and back.',
          look: 'Beside the standing part.',
        },
        {
          shown: { upTo: [27] },
          say: 'A half hitch round the standing part, with a bight.',
          look: 'The tail goes {behind} it.',
        },
        {
          shown: 'whole',
          say: 'A second one below, the same way, with a bight too.',
          look: 'The tail stays outside.',
        },
        { shown: 'drawn up', say: 'Draw both up.', look: 'Pull the tail twice, and it is off.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'reversed',
      name: 'second hitch reversed',
      says: 'The second goes {behind} first: a cow hitch on the standing part. It holds less and slides.',
      insteadOf: 'same-way',
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 OUUO -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 3.8,-7.8 2.6,-9.6 1,-10.7 O 0,-11.7 U -1.8,-12.5 -3.2,-12.6 -3.8,-11.4 -3,-10.4 O -0.4,-10.5 0.5,-10.6 U 2.4,-11.6 6,-13',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁#3₁*', 'unknot'] }],
      toldBy: 'invariants',
      partsAt: { right: 21.6, wrong: 21.6 },
    },
  ],
} as const satisfies Entry;
