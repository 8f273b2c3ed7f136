import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Wrap (tensionless) hitch. Paths in rope diameters; tying from the trade's common practice. */
export const wrapHitch = {
  id: 'wrap-hitch',
  name: 'Wrap (tensionless) hitch',
  aliases: ['tensionless hitch', 'high-strength tie-off', 'no-knot anchor', 'frictionless hitch'],
  family: 'hitch',
  purpose:
    'Anchors a rope near its limit: friction on a thick post does the work, the knot stays slack.',
  notFor: 'Thin posts: at least 12 rope diameters.',
  strength: 'wrap-hitch',
  jams: 'No.',
  unties: 'Unwrap.',
  holds: KNOTS['wrap-hitch'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'The slack figure-eight loop and connector are the backup.',
  tailD: 30,
  purposes: ['keeps-strength', 'not-jam', 'gloves'],
  crews: ['stage', 'trades', 'farm', 'instructors'],
  disputes: [],
  checks: [
    'Three to four wraps, side by side.',
    'The last part and the connector are slack.',
    'The post is at least 12 rope diameters thick.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'four wraps',
      note: 'Tie a figure-eight loop in the end and clip it round the standing part, slack.',
      spec: {
        ropes: [
          {
            path: '28,10 18,9.6 9,9 0,8.6 o -6.6,8 0,7.4 u 6.6,6.8 0,6.2 o -6.6,5.6 0,5 u 6.6,4.4 0,3.8 o -6.6,3.2 0,2.6 u 6.6,2 0,1.4 o -6.6,0.8 0,0.2 u 6.6,-0.4 9,-0.8 14,-1 20,-1',
          },
        ],
        fixtures: [{ kind: 'bar', from: [0, -14], to: [0, 15], radius: 6 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [4] }],
      steps: [
        {
          shown: { upTo: [6.2] },
          say: 'Once round the post.',
          look: 'The standing part is the uppermost wrap.',
        },
        { shown: { upTo: [14.2] }, say: 'Twice more, downward.', look: 'Side by side.' },
        {
          shown: 'whole',
          say: 'A fourth wrap, then lead the end out.',
          look: 'No wrap rides another.',
        },
        {
          shown: 'drawn up',
          say: 'Figure-eight loop in the end, clipped to the standing part, slack.',
          look: 'If the connector is loaded, add wraps.',
        },
      ],
      labels: [
        { u: 0.3, text: 'load' },
        { u: 20.8, text: 'end: slack loop' },
      ],
    },
  ],
  wrong: [
    {
      id: 'one',
      name: 'too few wraps',
      says: 'One wrap: the knot takes the load, and the strength is the knot’s.',
      insteadOf: 'plain',
      spec: {
        ropes: [{ path: '28,10 18,9.6 9,9 0,8.6 o -6.6,8 0,7.4 u 6.6,6.8 9,6.4 14,6.2 20,6.2' }],
        fixtures: [{ kind: 'bar', from: [0, -14], to: [0, 15], radius: 6 }],
      },
      claims: [{ closure: 'ends', linking: [1] }],
      toldBy: 'invariants',
      partsAt: { right: 9, wrong: 7.4 },
    },
  ],
} as const satisfies Entry;
