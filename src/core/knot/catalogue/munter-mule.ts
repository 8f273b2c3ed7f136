import type { Entry } from './entry';

/** Munter and mule. Paths in rope diameters; tying from the trade's common practice. */
export const munterMule = {
  id: 'munter-mule',
  name: 'Munter and mule',
  aliases: ['munter mule', 'lowering hitch and lock', 'crossing hitch'],
  family: 'hitch',
  purpose: 'Holds a load on a connector and lowers it slowly when the mule is taken off.',
  notFor: 'Lifting people.',
  strength: null,
  jams: 'No.',
  unties: 'Pull the tail of the mule, then pay out through the munter.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'a bight',
  easy: { tie: 1, untie: 3 },
  gloves: true,
  slipped: 'It is slipped.',
  backup: 'An overhand with the bight.',
  tailD: 20,
  purposes: ['off-under-load', 'no-end', 'not-jam'],
  crews: ['stage', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The rope crosses itself on the connector: the munter.',
    'The mule’s loop locks against the load’s part.',
    'The bight is finished with an overhand.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'munter, then mule',
      note: 'The connector’s stock lies across.',
      spec: {
        ropes: [
          {
            path: '-1.6,-14 -1.6,-8 OUU -1.6,-3 -1.6,0 o -2.2,1.8 -3.2,1.8 -3.6,0 u -3.4,-2 -2.6,-3.2 -1.6,-3.6 O 0,-3.8 U 1.6,-3.6 2.6,-3.2 3.4,-2 3.6,0 u 3.2,1.8 2.2,1.8 1.6,0 o 1.6,-3 OU 1.6,-6.6 O 2.2,-9.6 O 3.6,-11 5.4,-10.8 U 6.4,-8.8 U 5.2,-6.6 3.2,-5.9 1.6,-5.8 OO -1.6,-5.8 -3.2,-6.2 -3.4,-7.4 -1.6,-8 UU 1.8,-8.2 3.4,-8.2 5.2,-8.2 O 6.4,-8.1 8.8,-7.7 10,-8.5 8.8,-9.3 O 6.3,-9.4 5.2,-9.4 3.8,-9.6 2.9,-10.4 U 2.7,-13 3,-17',
            tips: [10, 36],
            taut: [0, 3],
          },
        ],
        fixtures: [
          { kind: 'bar', from: [-8, 0], to: [8, 0], radius: 0.8 },
          { kind: 'post', at: [8.8, -8.5], radius: 0.6, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        {
          closure: 'cut all',
          alone: ['unknot', '3₁', 'unknot', 'unknot'],
          linking: [1, 0, 1, 0, 0, 0],
        },
      ],
      release: 'in the bight',
      labels: [
        { u: 0.3, text: 'load' },
        { u: 36, text: 'bight' },
        { u: 42.6, text: 'tail' },
      ],
      steps: [
        {
          shown: { upTo: [6.4] },
          say: 'The load’s part up {in front of} the stock and down {behind} it.',
          look: 'First turn.',
        },
        {
          shown: { upTo: [11] },
          say: 'Across {in front of} the load’s part.',
          look: 'This crossing is the brake.',
        },
        {
          shown: { upTo: [19.4] },
          say: 'Up {behind} the stock and down {in front}.',
          look: 'The part you hold.',
        },
        {
          shown: { upTo: [31.4] },
          say: 'The mule: a loop, then {over} both parts and {behind} them.',
          look: 'Close to the munter.',
        },
        {
          shown: 'whole',
          say: 'Push a bight through the loop.',
          look: 'Finish it with an overhand.',
        },
        { shown: 'drawn up', say: 'Draw it up.', look: 'Nothing moves when you let go.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
