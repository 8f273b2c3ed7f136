import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Zeppelin bend. Paths in rope diameters; tying from the trade's common practice. */
export const zeppelin = {
  id: 'zeppelin',
  name: 'Zeppelin bend',
  aliases: ['Rosendahl bend', 'six-and-nine bend'],
  family: 'bend',
  purpose: 'Joins two equal ropes and unties after any load.',
  notFor: 'Very unequal ropes.',
  strength: 'zeppelin',
  jams: 'No.',
  unties: 'Push the two bights apart with the thumbs.',
  holds: KNOTS.zeppelin.holds,
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'Either end as a bight.',
  backup: 'None needed.',
  tailD: 12,
  purposes: ['joins', 'not-jam', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'A 6 lies on a 9.',
    'Each end goes round the outside and through both loops.',
    'The tails leave on opposite sides, square to the line.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'One loop with its end {on top}, one with its end {underneath}.',
      spec: {
        ropes: [
          {
            path: '-18,-3 -10,-3 U -4.5,-3 O -1,-3 OO 2,-2.8 3.4,0 O 2,3.4 U -1,4.4 U -4,3.4 -5.4,0 -4.9,-3 O -4,-5.5 -1.6,-6.8 0.2,-5.6 UU 0,-3 -0.9,0 -1.2,3 OO -1.4,4.6 -1.8,11',
          },
          {
            path: '18,3 10,3 O 4.5,3 U 1,3 UU -2,2.8 -3.4,0 U -2,-3.4 O 1,-4.4 O 4,-3.4 5.4,0 4.9,3 U 4,5.5 1.6,6.8 -0.2,5.6 OO 0,3 0.9,0 1.2,-3 UU 1.4,-4.6 1.8,-11',
          },
        ],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['3₁', '3₁'],
          linking: [0],
          amphichiral: true,
          because: 'each rope ties an overhand in the other; turning the bend over swaps them',
        },
      ],
      steps: [
        {
          shown: { upTo: [11.3, 1.2] },
          say: 'First rope: a 6, its end {on top}.',
          look: 'The end crosses {over}.',
        },
        {
          shown: { upTo: [11.3, 11.3] },
          say: 'Second rope: a 9, its end {underneath}. Lay the 6 on the 9.',
          look: 'Ends on the outside.',
        },
        {
          shown: { upTo: [18, 11.3] },
          say: 'The 6’s end goes round {behind} and {up through} both loops.',
          look: 'It comes out {on top}.',
        },
        {
          shown: 'whole',
          say: 'The 9’s end goes round {in front} and {down through} both.',
          look: 'It comes out {underneath}.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the standing parts, then the tails.',
          look: 'Tails square to the line.',
        },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { rope: 1, u: 0.3, text: 'standing part' },
        { u: 17.8, text: 'tail' },
      ],
    },
  ],
  wrong: [
    {
      id: 'same-way',
      name: 'both loops made the same way',
      says: 'Two 6s: the ends run through alike, but it jams.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-18,-3 -10,-3 U -4.5,-3 O -1,-3 OO 2,-2.8 3.4,0 O 2,3.4 O -1,4.4 U -4,3.4 -5.4,0 -4.9,-2.7 O -4,-5.5 -1.6,-6.8 0.2,-5.6 UU 0,-3 -0.9,0 -1.2,3 OO -1.4,4.6 -1.8,11',
          },
          {
            path: '18,3 10,3 U 4.5,3 U 1,3 OU -2,2.8 -3.4,0 U -2,-3.4 O 1,-4.4 U 4,-3.4 5.4,0 4.9,2.7 O 4,5.5 1.6,6.8 -0.2,5.6 UU 0,3 0.9,0 1.2,-3 UO 1.4,-4.6 1.8,-11',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['3₁', '3₁'], linking: [1] }],
      toldBy: 'invariants',
      partsAt: { rope: 1, right: 10, wrong: 10 },
    },
  ],
} as const satisfies Entry;
