import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Slip loop. Paths in rope diameters; tying from the trade's common practice. */
export const slipLoop = {
  id: 'slip-loop',
  name: 'Slip loop',
  aliases: ['slip knot loop', 'trucker’s loop', 'quick loop', 'running overhand loop'],
  family: 'mid-line loop',
  purpose: 'The quick loop of a trucker’s hitch: no end needed, out with one pull.',
  notFor: 'A load on the leg that slides.',
  strength: 'slip-loop',
  jams: 'Seldom; pull it out slack.',
  unties: 'Take the line out of the loop and pull both legs.',
  holds: KNOTS['slip-loop'].holds,
  needs: 'a bight',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'It is slipped.',
  backup: 'Keep it loaded, or tie a butterfly.',
  tailD: 0,
  purposes: ['no-end', 'gloves', 'not-jam', 'tightens'],
  crews: ['transport', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Safe in a load line?',
      sides: [
        { school: 'transport', says: '“Fast, and it has always held.”', source: 'practice' },
        {
          school: 'stage',
          says: '“Falls out when it goes slack: tie a butterfly.”',
          source: 'practice',
        },
      ],
      pick: 'Fine while it stays tight; use a butterfly where the line can go slack.',
    },
  ],
  checks: [
    'The leg that slides leads to the anchor, not to the load.',
    'Pull on the load side: the loop stays open.',
    'Two strands pass through the round turn.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'The load pulls from above. The loop hangs toward the anchor.',
      spec: {
        ropes: [
          {
            path: '0,20 0,6 O 0,2 U 0,-0.5 U 0,-4 1,-5.6 OO 4.2,-6 6.5,-3 6,1 3,3 U -2,2.8 -3,1.5 O 3,-1 U 4.5,-9 5,-13 3.5,-15 2,-13 2,-9 U 1.2,-3 O -3,-2 -6,-3 -8,-8 -8,-18',
            tips: [15],
          },
        ],
        fixtures: [{ kind: 'post', at: [3.5, -11.8], radius: 0.9, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'], because: 'tied in the bight' },
        { closure: 'cut 1', alone: ['3₁', 'unknot'], linking: [1] },
      ],
      release: 'in the bight',
      steps: [
        {
          shown: { upTo: [10.3] },
          say: 'Twist a loop in the line.',
          look: 'The line has gone {under} itself.',
        },
        {
          shown: { bight: [11, 18.5] },
          say: 'Reach through it for the slack on the anchor side.',
          look: 'Not for the load side.',
        },
        {
          shown: 'whole',
          say: 'Pull a bight of that slack through.',
          look: 'A loop hangs toward the anchor.',
        },
        {
          shown: 'drawn up',
          say: 'Snug it on the load side.',
          look: 'Pull the load part: the loop does not close.',
        },
      ],
      labels: [
        { u: 0.3, text: 'to the load' },
        { u: 15, text: 'loop' },
        { u: 21.8, text: 'to the anchor' },
      ],
    },
  ],
  wrong: [
    {
      id: 'wrong-side',
      name: 'made from the wrong side',
      says: 'The sliding leg faces the load: the loop closes on the line, or the whole thing falls apart.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '8,18 8,8 6,3 3,2 O -1.2,3 U -2,9 -2,13 -3.5,15 -5,13 -4.5,9 U -3,1 O 3,-1.5 2,-2.8 U -3,-3 -6,-1 -6.5,3 -4.2,6 OO -1,5.6 0,4 U 0,0.5 U 0,-2 O 0,-6 0,-20',
            tips: [7],
          },
        ],
        fixtures: [{ kind: 'post', at: [-3.5, 11.8], radius: 0.9, hidden: true }],
      },
      claims: [{ closure: 'cut 1', alone: ['unknot', '3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 3, wrong: 19 },
    },
  ],
} as const satisfies Entry;
