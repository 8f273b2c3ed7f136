import type { Entry } from './entry';

/** Bowline on a bight. Paths in rope diameters; tying from the trade's common practice. */
export const bowlineOnABight = {
  id: 'bowline-on-a-bight',
  name: 'Bowline on a bight',
  aliases: ['double bowline loop', 'two-loop bowline'],
  family: 'mid-line loop',
  purpose: 'Two fixed loops in the middle of a rope: a bridle for towing.',
  notFor: 'Lifting people; one loop loaded alone by a jerk.',
  strength: null,
  jams: 'Hardly ever.',
  unties: 'Bend the collar back, then open it over both loops.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'a bight',
  easy: { tie: 1, untie: 3 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'None needed where both ends are made fast.',
  tailD: 0,
  purposes: ['no-end', 'does-not-bind', 'not-jam'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Which knot is it?',
      sides: [
        { school: 'seamanship', says: '“Made without an end: two loops.”', source: 'practice' },
        { school: 'farm', says: '“A bowline in a doubled end: three loops.”', source: 'practice' },
      ],
      pick: 'The one without an end, for a bridle. The other is shown too: know which you asked for.',
    },
  ],
  checks: [
    'The collar goes round both standing parts.',
    'Both loops are of one length.',
    'The small loop is double, its strands side by side.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'without an end',
      note: 'Two loops. Both standing parts come out at one side.',
      spec: {
        ropes: [
          {
            path: '-0.62,17 O -0.62,11.06 UU -1.54,7.71 U -4.6,4.16 -3.37,-0.01 O 0,-1.22 O 3.37,-0.01 4.62,3.95 3.92,7.33 U 1.39,8.99 OO -2.27,9.42 U -6.45,8.02 -8.22,3.08 -8.2,-5.14 -5.01,-10.46 0,-12.42 5.01,-10.47 7.15,-6.28 5,-2.8 2.2,-1 UU 1.9,3 O 2.2,8 O 2.8,11 1.6,13.6 UU -1.6,13.6 -2.8,11 OO -2.4,8 OO -2.2,3 UU -2.2,-1 0,-3.6 3.4,-4.6 6.05,-5.72 4.19,-9.53 0,-11.18 -4.19,-9.54 -7,-4.86 -6.98,2.92 -5.55,7.18 U -2.13,8.18 OO 1.01,7.81 U 2.88,6.67 3.38,4.05 2.43,0.81 O 0,0.02 O -2.43,0.81 -3.4,3.84 U -0.46,7.09 UU 0.62,10.94 O 0.62,17',
            tips: [15, 33],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, -7.2], radius: 2.6, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', 'unknot', 'unknot'], linking: [1, 1, 1] },
      ],
      release: 'in the bight',
      labels: [
        { u: 0.3, text: 'standing parts' },
        { u: 15, text: 'outer loop' },
        { u: 33, text: 'inner loop' },
        { u: 23.5, text: 'collar' },
      ],
      steps: [
        {
          shown: { bight: [11, 37] },
          say: 'Double the rope and turn a small loop in both parts.',
          look: 'Two strands side by side.',
        },
        {
          shown: { bight: [21, 27] },
          say: 'Bring the bight up through the small loop.',
          look: 'The two big loops hang below.',
        },
        {
          shown: 'whole',
          say: 'Open the bight, pass it down round both big loops and up to the standing parts.',
          look: 'It lies {behind} both standing parts.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the big loops, then the standing parts.',
          look: 'A bowline, doubled but for its collar.',
        },
      ],
    },
    {
      id: 'doubled-end',
      name: 'in a doubled end',
      note: 'A bowline tied with the doubled end of a rope: three loops, and a bight for a tail.',
      aliases: ['triple bowline', 'bowline in a doubled end'],
      spec: {
        ropes: [
          {
            path: '0.6,15 OO 0.6,9.93 UU -0.5,6.67 UU -3.42,3.83 O -2.54,0.58 O 0,-0.2 O 2.54,0.58 O 3.4,4 U 2.51,6.65 U 0.82,7.63 OO -1.93,8 UU -5.16,6.99 -6.6,2.92 -6.62,-4.87 -3.79,-9.56 0,-11 3.79,-9.56 5.4,-5.98 3.93,-3.38 1.74,-1.61 UU 1.6,3.01 O 1.9,8.06 O 2.41,10.7 1.32,12.67 UU -1.32,12.67 -2.41,10.7 OO -1.9,7.65 OO -1.8,3.41 -1.8,1.6 UU -1.8,-1.61 -1.9,-4.62 -2.55,-6.2 -3.1,-4.58 -3,-1.59 UU -3,1.6 -3,3.39 OO -3.1,7.55 OO -3.59,10.9 -1.88,13.73 UU 1.88,13.73 3.59,10.9 3.1,7.94 OO 2.8,2.99 UU 2.86,-1.19 4.87,-2.62 6.6,-6.02 4.61,-10.44 0,-12.2 -4.61,-10.44 -7.78,-5.13 -7.8,3.08 -6.04,7.81 UU -2.07,9.2 OO 1.18,8.77 UU 3.49,7.35 4.6,4 3.46,-0.18 OO 0,-1.4 OO -3.46,-0.18 -4.58,4.17 UU -1.5,7.33 UU -0.6,10.07 OO -0.6,15',
            tips: [15, 31],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, -7.6], radius: 2.4, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', 'unknot', '8₂₀'], linking: [1, 1, 1] },
      ],
      release: 'in the bight',
      checks: [
        'The collar goes round both standing parts.',
        'The tail is a bight: a third loop.',
        'All strands run side by side.',
      ],
      steps: [
        {
          shown: { bight: [10.8, 49.2] },
          say: 'Double the end and turn a small loop in both parts.',
          look: 'Two strands side by side.',
        },
        {
          shown: { bight: [21.4, 38.6] },
          say: 'Bring the doubled end up through the small loop.',
          look: 'From {behind}.',
        },
        {
          shown: { bight: [25, 35] },
          say: 'Pass it {behind} the standing parts.',
          look: 'Both of them.',
        },
        {
          shown: 'whole',
          say: 'Back through the small loop.',
          look: 'Its bight is the third loop.',
        },
        {
          shown: 'drawn up',
          say: 'Pull all loops and the standing parts.',
          look: 'A bowline, every strand double.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
