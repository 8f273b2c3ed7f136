import type { Entry } from './entry';

/** Pipe hitch. Paths in rope diameters; tying from the trade's common practice. */
export const pipeHitch = {
  id: 'pipe-hitch',
  name: 'Pipe hitch',
  aliases: ['lengthwise hitch', 'many-turn hitch'],
  family: 'hitch',
  purpose: 'Lifts or hauls a slick pipe along its length, by hand.',
  notFor: 'Overhead lifting; anything somebody stands under.',
  strength: null,
  jams: 'No.',
  unties: 'Take off the half hitches, then unwind the turns.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'yes' },
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'Slip the second half hitch.',
  backup: 'The half hitch above as guide, and a stopper in the tail.',
  tailD: 15,
  purposes: ['slick-pole', 'not-jam', 'gloves'],
  crews: ['trades', 'stage', 'farm', 'instructors'],
  disputes: [],
  checks: [
    'Five turns or more, side by side.',
    'Two half hitches on the line, the same way.',
    'The guide half hitch sits high on the pipe.',
    'Stopper in the tail.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'five turns',
      note: 'The pipe stands; the line comes from above.',
      spec: {
        ropes: [
          {
            path: '6,26 6,21.5 O 5.4,18.4 3.2,16.6 0,15.6 o -2.8,15.4 -3.4,16.6 -2.8,17.6 0,18.2 u 3,19 5.2,20 U 7.2,19.6 7.6,17.6 6.4,14.6 UO 6,11 UO 5.6,7.4 3.4,4.4 0,3.4 o -2.8,3.1 -3.3,2.8 -2.8,2.5 u 0,2.3 2.8,2 3.3,1.8 2.8,1.6 o 0,1.5 -2.8,1.2 -3.3,0.9 -2.8,0.6 u 0,0.4 2.8,0.1 3.3,-0.1 2.8,-0.3 0,-0.4 o -2.8,-0.7 -3.3,-1 -2.8,-1.3 0,-1.5 u 2.8,-1.8 3.3,-2 2.8,-2.2 o 0,-2.3 -2.8,-2.6 -3.3,-2.9 -2.8,-3.2 u 0,-3.4 2.8,-3.7 3.3,-3.9 2.8,-4.1 0,-4.2 o -2.8,-4.5 -3.3,-4.8 -2.8,-5.1 0,-5.3 u 2.8,-5.6 3.3,-5.8 5.4,-5.4 8,-2.8 9.4,2 9.2,6 8.4,8 U 6,9.4 O 4.4,9.8 4.4,8.7 U 6,8.3 7.7,8.2 O 9.4,8.8 9.6,10.6 8.2,11.6 UO 6.1,12.8 4.5,13.2 4.5,12.1 U 6.1,11.7 7.8,11.7 O 9.6,12 11.6,12.2 O 13.8,12.2 U 15,13 O 15,14.4 13.6,15.4 12.2,14.6 12.2,12.6 U 12.6,11.2 13.6,11.2 O 14,13 14.8,13.7 U 17.5,14.6',
            taut: [0, 13],
          },
        ],
        fixtures: [{ kind: 'bar', from: [0, -14], to: [0, 26], radius: 2.3 }],
      },
      claims: [
        {
          closure: 'ends',
          linking: [6],
          whole:
            '− A^80 + 3A^76 − 6A^72 + 12A^68 − 19A^64 + 26A^60 − 34A^56 + 39A^52 − 43A^48 + 44A^44 − 42A^40 + 39A^36 − 32A^32 + 26A^28 − 18A^24 + 9A^20 − 6A^16 + A^8 − A^4 + 1',
        },
      ],
      labels: [
        { u: 0.3, text: 'to the hand' },
        { u: 7, text: 'guide' },
        { u: 36, text: 'turns' },
        { u: 85.5, text: 'stopper' },
      ],
      steps: [
        {
          shown: { upTo: [16] },
          say: 'A half hitch round the pipe, high up: the guide.',
          look: 'It keeps the pipe upright.',
        },
        {
          shown: { upTo: [56] },
          say: 'Five turns down the pipe: {in front}, {behind}.',
          look: 'Side by side, none crossed.',
        },
        {
          shown: { upTo: [74.4] },
          say: 'Two half hitches round the line, above the turns.',
          look: 'Both the same way.',
        },
        { shown: 'whole', say: 'A stopper in the tail.', look: 'The tail cannot run out.' },
        {
          shown: 'drawn up',
          say: 'Pull the line: the turns bite.',
          look: 'No slack between turns and hitches.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
