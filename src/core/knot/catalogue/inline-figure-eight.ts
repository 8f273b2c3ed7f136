import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Inline figure-eight. Paths in rope diameters; tying from the trade's common practice. */
export const inlineFigureEight = {
  id: 'inline-figure-eight',
  name: 'Inline figure-eight',
  aliases: ['directional figure-eight'],
  family: 'mid-line loop',
  purpose: 'A loop in the middle of a line that is pulled one way only: along the line.',
  notFor: 'A pull the other way: it rolls and slips.',
  strength: 'inline-figure-eight',
  jams: 'Seldom.',
  unties: 'Push the bight back round the line.',
  holds: KNOTS['inline-figure-eight'].holds,
  needs: 'a bight',
  easy: { tie: 2, untie: 2 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 0,
  purposes: ['no-end', 'tightens'],
  crews: ['stage', 'trades', 'transport', 'instructors'],
  disputes: [],
  checks: [
    'The loop points the way it will be pulled.',
    'A figure-eight lies round the line.',
    'The two parts of the bight run side by side.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'round the line',
      note: 'A figure-eight tied with a bight round the line itself. The load pulls at both ends of the line and along the loop.',
      spec: {
        ropes: [
          {
            path: '-18,0 -13,0 O -8.3,0 OU -4,0 U 1,0 5,0.2 7.6,2 OO 7.4,5.2 4,7.2 -0.49,7.09 UU -2.83,3.22 O -3.43,-2.58 -5.83,-4.8 -8.86,-2.41 U -8.87,2.8 -5.92,5.39 OO -0.94,4.7 3.42,4.5 7.41,4.4 U 11,4.4 13,4.4 14.6,3.8 13,3.2 11,3.2 U 7.39,3.2 3.38,3.3 -1.06,3.5 OO -5.68,4.21 -7.73,2.4 U -7.74,-1.99 -5.77,-3.6 -4.57,-2.22 O -3.97,3.58 UU -1.51,7.71 3.4,8.6 9,8.8 15,8.8',
            tips: [21],
          },
        ],
        fixtures: [{ kind: 'post', at: [13.1, 3.8], radius: 0.9, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['4₁', 'unknot'], linking: [0] },
      ],
      release: 'in the bight',
      labels: [
        { u: 0.3, text: 'line' },
        { u: 21, text: 'loop' },
      ],
      steps: [
        {
          shown: { bight: [11.6, 30.4] },
          say: 'Turn the line back and lay a bight {over} it.',
          look: 'The bight is long enough for the loop.',
        },
        {
          shown: { bight: [15.5, 26.5] },
          say: 'Bring the bight round {behind} the line.',
          look: 'Both its parts side by side.',
        },
        {
          shown: 'whole',
          say: 'Push it through the first turn.',
          look: 'The loop points along the line.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the loop against the line.',
          look: 'A figure-eight with a loop out of its side.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
