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
  leadsTo: ['round-turn-two-half-hitches', 'clove-hitch', 'taut-line-hitch'],
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
