import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Rolling hitch. Paths in rope diameters; tying from the trade's common practice. */
export const rollingHitch = {
  id: 'rolling-hitch',
  name: 'Rolling hitch',
  aliases: ['Magnus hitch', 'Magner’s hitch', 'pole hitch'],
  family: 'grip hitch',
  purpose: 'Pulls along a pole or a thicker rope without sliding.',
  notFor: 'A pull the other way, or across.',
  strength: 'rolling-hitch',
  jams: 'No.',
  unties: 'Push the turns against the pull.',
  holds: KNOTS['rolling-hitch'].holds,
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'Tuck a bight last.',
  backup: 'One more turn on slick poles.',
  tailD: 12,
  purposes: ['slick-pole', 'grips-rope'],
  crews: ['stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'How many turns?',
      sides: [
        { school: 'seamanship', says: 'Three, always.', source: 'practice' },
        { school: 'trades', says: 'Two on the pull side.', source: 'practice' },
      ],
      pick: 'Two on rough, three on slick. Both are drawn.',
    },
  ],
  checks: [
    'The turns are on the side the pull comes from.',
    'Each turn crosses {over} the standing part.',
    'The last tuck is on the other side.',
  ],
  forms: [
    {
      id: 'two',
      name: 'two turns',
      note: 'The pull comes from the {left}, along the pole.',
      spec: {
        ropes: [
          {
            path: '-20,-7 -13,-6.2 -9,-4 -5,-2 UOU -0.5,-1.5 O 1.1,-0.4 oU 1.4,2 1.3,3.9 0.6,3.8 U -0.2,0 uU -1,-4 -1.3,-4.2 -1.4,-3 O -1.5,-1.2 Uo -1.3,2 -1.2,4.2 -1.3,3.8 -2.1,0 uUU -2.9,-4 -3.2,-4.2 -3.3,-3 O -2.9,-1.4 OOoOOO 3.4,2.6 4.2,3.8 5,4.2 5.3,3 5.2,0 u 4.8,-3 4.2,-4.3 3.4,-3.6 2.8,-2 o 2.8,0.8 U 3,4 3.2,11',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-14, 0], to: [10, 0], radius: 3 }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [3] },
        { closure: 'behind', linking: [4] },
      ],
      steps: [
        {
          shown: { upTo: [10.6] },
          say: 'Once round the pole.',
          look: 'Standing part along the pole.',
        },
        {
          shown: { upTo: [18.4] },
          say: 'Cross {over} it and round again, on the pull side.',
          look: 'Beside the first turn.',
        },
        {
          shown: { upTo: [22.4] },
          say: 'Cross {over} everything to the other side.',
          look: 'The diagonal.',
        },
        {
          shown: { upTo: [32] },
          say: 'Round once more and {under} the diagonal.',
          look: 'The lock.',
        },
        { shown: 'drawn up', say: 'Pull along the pole.', look: 'It does not creep.' },
      ],
    },
    {
      id: 'three',
      name: 'three turns',
      note: 'One more turn on the pull side for slick poles.',
      spec: {
        ropes: [
          {
            path: '-20,-7 -13,-6.2 -9,-4 U -5,-2 OUOU -0.5,-1.5 O 1.1,-0.4 oU 1.4,2 1.3,3.9 0.6,3.8 U -0.2,0 uU -1,-4 -1.3,-4.2 -1.4,-3 O -1.5,-1.2 oU -1.3,2 -1.2,4.2 -1.3,3.8 U -2.1,0 uU -2.9,-4 -3.2,-4.2 -3.3,-3 O -3.4,-1.2 Uo -3.2,2 -3.1,4.2 -3.2,3.8 -4,0 uUU -4.8,-4 -5.1,-4.2 -5.2,-3 O -4.8,-1.4 OOoOOOOO 3.4,2.6 4.2,3.8 5,4.2 5.3,3 5.2,0 u 4.8,-3 4.2,-4.3 3.4,-3.6 2.8,-2 o 2.8,0.8 U 3,4 3.2,11',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-14, 0], to: [10, 0], radius: 3 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [4],
          whole: 'A^32 − A^28 + 2A^24 − 2A^20 + 3A^16 − 3A^12 + 2A^8 − A^4 + 1',
        },
        { closure: 'behind', linking: [5] },
      ],
      steps: [
        {
          shown: { upTo: [18.4] },
          say: 'Two turns on the pull side.',
          look: 'Each {over} the standing part.',
        },
        { shown: { upTo: [26.4] }, say: 'A third.', look: 'Side by side.' },
        { shown: 'whole', say: 'Across to the other side, round and {under}.', look: 'The lock.' },
        { shown: 'drawn up', say: 'Pull along the pole.', look: 'It does not creep.' },
      ],
    },
    {
      id: 'two-half-hitches',
      name: 'finished with two half hitches',
      note: 'Two turns, then two half hitches on the pole in place of one.',
      aliases: ['rolling hitch and two half hitches'],
      spec: {
        ropes: [
          {
            path: '-20,-7 -13,-6.2 -9,-4 -5,-2 UOU -0.5,-1.5 O 1.1,-0.4 oU 1.4,2 1.3,3.9 0.6,3.8 U -0.2,0 uU -1,-4 -1.3,-4.2 -1.4,-3 O -1.5,-1.2 Uo -1.3,2 -1.2,4.2 -1.3,3.8 -2.1,0 uUU -2.9,-4 -3.2,-4.2 -3.3,-3 O -2.9,-1.4 OOoOOO 3.4,2.6 4.2,3.8 5,4.2 5.3,3 5.2,0 u 4.8,-3 4.2,-4.3 3.4,-3.6 2.8,-2 o 2.8,0.8 U 3,4 3.6,5.6 5.2,6.2 O 7.6,5.6 8.6,3.4 8.6,0 u 8.2,-3 7.4,-4.2 6.6,-3.4 6.3,-1.5 o 6.3,1.5 6.3,4.4 U 6.4,8 6.5,11',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-14, 0], to: [13, 0], radius: 3 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [4],
          whole: 'A^32 − 2A^28 + 4A^24 − 4A^20 + 4A^16 − 4A^12 + 3A^8 − A^4 + 1',
        },
      ],
      steps: [
        {
          shown: { upTo: [15] },
          say: 'Two turns {over} the pole’s front, on the side of the pull.',
          look: 'Each beside the last.',
        },
        {
          shown: { upTo: [30] },
          say: 'Across both, then a half hitch on the other side, {behind} the pole.',
          look: 'A rolling hitch.',
        },
        {
          shown: 'whole',
          say: 'A second half hitch beside it, tucked {under} itself.',
          look: 'The end cannot work loose.',
        },
        {
          shown: 'drawn up',
          say: 'Pull along the pole.',
          look: 'Turns grip; hitches hold the end.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'clove',
      name: 'only one turn on the pull side',
      says: 'A clove hitch: it slides along the pole.',
      insteadOf: 'two',
      spec: {
        ropes: [
          {
            path: '-2,-13 -2,-5 U -2,-1 o -2,2 -2.3,3.8 -3,4.2 -3.8,3 -4.6,0.5 u -5.2,-3 -5,-4 -4.2,-3.8 -3.4,-2.4 OoO 3.4,2.4 4.2,3.8 5,4 5.2,3 4.8,0.5 u 4,-3 3.4,-4.1 2.6,-3.8 2,-2 o 2,0.8 U 2,4 2,13',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', linking: [2] }],
      toldBy: 'invariants',
      partsAt: { right: 12, wrong: 8 },
    },
  ],
} as const satisfies Entry;
