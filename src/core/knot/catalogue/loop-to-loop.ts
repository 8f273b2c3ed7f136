import type { Entry } from './entry';

/** Loop to loop. Paths in rope diameters; tying from the trade's common practice. */
export const loopToLoop = {
  id: 'loop-to-loop',
  name: 'Loop to loop',
  aliases: ['interlocked loops', 'strap join'],
  family: 'bend',
  purpose: 'Joins two ready-made slings without untying anything.',
  notFor: 'Loops that do not seat: as a girth one cuts the other.',
  strength: null,
  jams: 'No.',
  unties: 'Push the two bights together.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'yes' },
  needs: 'a bight',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 0,
  purposes: ['joins', 'no-end', 'not-jam', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'It seats as a reef: each bight round both parts of the other.',
    'Both lie flat and alike.',
    'Not as a girth, one gripping the other.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'seated as a reef',
      note: 'Only the near parts of both loops are drawn.',
      spec: {
        ropes: [
          {
            path: '-14,1.2 -7,1.2 O -3,1.5 U 3,3 5,2.6 O 5.6,0 O 5,-2.6 3,-3 U -3,-1.5 O -7,-1.2 -14,-1.2',
          },
          {
            path: '14,1.2 7,1.2 U 3,1.5 O -3,3 -5,2.6 U -5.6,0 U -5,-2.6 -3,-3 O 3,-1.5 U 7,-1.2 14,-1.2',
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        { closure: 'bend', alone: ['3₁#3₁*'] },
      ],
      labels: [
        { u: 0.3, text: 'one loop' },
        { rope: 1, u: 0.3, text: 'the other' },
      ],
      steps: [
        {
          shown: { upTo: [10, 0.9] },
          say: 'Lay the two loops nose to nose.',
          look: 'Two parts each.',
        },
        {
          shown: { upTo: [10, 7.4] },
          say: 'Pass one through the other, then its far end through itself.',
          look: 'It comes back beside itself.',
        },
        { shown: 'whole', say: 'Draw them out.', look: 'Each round both parts of the other.' },
        { shown: 'drawn up', say: 'Seat it with care.', look: 'Flat: a reef form.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'girth',
      name: 'seated as a girth',
      says: 'One loop grips the other’s nose instead of lying flat: the same crossings, but it cuts. Push it back until it lies as a reef.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          { path: '-12,1.4 -6,1.4 0,1.4 4,1.4 OU 6.6,0 UO 4,-1.4 0,-1.4 -6,-1.4 -12,-1.4' },
          {
            path: '16,0.9 11,0.9 U 8.8,0.8 6.3,0.7 O 4.7,0.7 U 4,1.5 5.2,3 7.2,3.4 8.6,2.4 O 9,0 O 8.6,-2.4 7.2,-3.4 5.2,-3 4,-1.5 U 4.7,-0.7 O 6.3,-0.7 8.8,-0.8 U 11,-0.9 16,-0.9',
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        { closure: 'bend', alone: ['3₁#3₁*'] },
      ],
      toldBy: 'geometry',
      partsAt: { rope: 1, right: 5, wrong: 9 },
    },
  ],
} as const satisfies Entry;
