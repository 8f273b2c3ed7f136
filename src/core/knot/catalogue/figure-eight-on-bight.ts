import { KNOTS } from '../knots';
import type { Entry } from './entry';
import { overhand } from './overhand';

/** Figure-eight on a bight. Paths in rope diameters; tying from the trade's common practice. */
export const figureEightOnBight = {
  id: 'figure-eight-on-bight',
  name: 'Figure-eight on a bight',
  aliases: ['figure-eight loop', 'Flemish loop', 'double figure-eight'],
  family: 'end loop',
  purpose: 'A fixed loop anywhere in the rope, easy to check at a glance.',
  notFor: 'A trucker’s hitch that must come apart in the cold: it may roll and jam.',
  strength: 'figure-eight-on-bight',
  jams: 'Jams after a heavy load.',
  unties: 'Bend the outer loops apart, then push the doubled part in.',
  holds: KNOTS['figure-eight-on-bight'].holds,
  needs: 'a bight',
  easy: { tie: 3, untie: 2 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'A stopper in the tail for loads that move.',
  tailD: 12,
  purposes: ['no-end', 'does-not-bind', 'keeps-strength'],
  crews: ['stage', 'trades', 'instructors', 'farm'],
  disputes: [],
  checks: [
    'Two strands run parallel the whole way.',
    'No strand crosses its neighbour.',
    'Tail and standing part leave side by side.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'on a bight',
      note: 'The figure-eight tied in a doubled rope.',
      spec: {
        ropes: [
          {
            path: '-16,0.62 -12,0.62 O -10,0.62 O -7,0.62 U -4.9,0.62 U -0.03,0.62 4.82,0.99 7.88,2.94 OO 8.08,5.66 3.87,8.59 -1.22,7.65 U -3.77,4.68 U -4.28,2.43 O -4.28,-0.07 O -5.05,-3.69 -7.66,-5.62 -10.15,-3.29 U -10.82,0 U -10.12,3.94 -6.97,5.8 O -4.17,5.72 O 0.02,5.52 5.01,5.42 U 8.62,5.32 U 12.01,5.22 15,5.22 18,6 21,4.6 18,3.2 15,3.98 11.99,3.98 U 8.58,4.08 U 4.99,4.18 -0.02,4.28 O -4.23,4.48 O -6.63,4.6 -9.08,3.26 U -9.58,0 U -9.05,-2.71 -7.54,-4.38 -6.15,-3.11 O -5.52,0.07 O -5.52,2.57 U -4.83,5.32 U -1.78,8.75 4.13,9.81 9.12,6.34 OO 8.92,2.26 5.18,-0.19 0.03,-0.62 U -4.9,-0.62 U -7,-0.62 O -10,-0.62 O -12,-0.62 -16,-0.62',
            tips: [27],
          },
        ],
        fixtures: [{ kind: 'post', at: [18.4, 4.6], radius: 1, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'], because: 'tied in the bight' },
        { closure: 'cut 1', alone: ['4₁', '4₁'], linking: [0] },
      ],
      release: 'in the bight',
      steps: [
        {
          shown: { bight: [8, 46] },
          say: 'Double the rope into a bight.',
          look: 'Two parts side by side.',
        },
        {
          shown: { bight: [15.5, 38.5] },
          say: 'Turn the bight back across the doubled part.',
          look: 'It lies {on top}, as in a single figure-eight.',
        },
        {
          shown: 'whole',
          say: 'Take it round {behind} the doubled part and through the first turn.',
          look: 'The loop comes out.',
        },
        {
          shown: 'drawn up',
          say: 'Dress it: strands parallel, then pull all four parts.',
          look: 'No strand crosses its twin.',
        },
      ],
      labels: [{ u: 27, text: 'loop' }],
    },
  ],
  wrong: [
    {
      id: 'overhand',
      name: 'overhand on a bight',
      says: 'Half a turn too few: jams and costs more strength.',
      insteadOf: 'plain',
      spec: overhand.forms[2].spec,
      claims: [{ closure: 'cut 1', alone: ['3₁', '3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 15, wrong: 10 },
    },
  ],
} as const satisfies Entry;
