import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Timber hitch. Paths in rope diameters; tying from the trade's common practice. */
export const timberHitch = {
  id: 'timber-hitch',
  name: 'Timber hitch',
  aliases: ['Bowyer’s knot', 'log hitch', 'countryman’s knot'],
  family: 'hitch',
  purpose: 'Drags or holds rough round things: logs, spars, bundles.',
  notFor: 'Pipe and metal, a straight lift, or a line that goes slack: it falls off.',
  strength: 'timber-hitch',
  jams: 'Never.',
  unties: 'Let the line go slack and shake it.',
  holds: KNOTS['timber-hitch'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Not slipped: it comes off by itself.',
  backup: 'A half hitch along the log, on the side of the pull.',
  tailD: 12,
  purposes: ['keeps-strength', 'not-jam', 'gloves'],
  crews: ['farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'How many tucks?',
      sides: [
        { school: 'seamanship', says: 'Three at least.', source: 'practice' },
        { school: 'farm', says: 'One more where bark is smooth.', source: 'practice' },
      ],
      pick: 'Three on rough bark. Never on pipe, however many.',
    },
  ],
  checks: [
    'Three tucks at least, each round the turn’s own part.',
    'The tucks lie against the log, where the load presses them.',
    'The standing part comes out straight, the way it is pulled.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'three tucks',
      note: 'The log is seen from its end.',
      spec: {
        ropes: [
          {
            path: '22,6 10,6.1 5.5,6.1 UO 0.6,6 UO -3.2,5.1 U -4.8,3.7 O -5.8,1.8 Uo -6,-1.2 -4.3,-4.2 0,-6 4.3,-4.3 5.9,-1.2 u 5.4,2.6 4.5,4.7 O 3.8,7.3 2.5,7.6 U 1.6,4.7 0.4,4.5 O -0.9,7.3 -2.1,7.1 U -2.4,4.4 -3.3,3.7 O -5,5.9 -6.2,4.7 U -4.5,2.3 -4.6,1.2 O -8,1.4 -11,2.2',
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 0], radius: 3.2, axis: true }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['7₁', 'unknot'],
          linking: [1],
          because: 'round the line and three times round its own turn',
        },
      ],
      steps: [
        {
          shown: { upTo: [11.6] },
          say: 'Take the end once round the log.',
          look: 'Back toward the standing part.',
        },
        {
          shown: { upTo: [16.2] },
          say: 'Cross it {over} the standing part and back {under} it.',
          look: 'A loop round the line.',
        },
        {
          shown: { upTo: [20.3] },
          say: 'Twist it round its own turn: {over}, {under}.',
          look: 'The first tuck.',
        },
        {
          shown: 'whole',
          say: 'Twice more, {over} and {under}, along the turn.',
          look: 'Three tucks against the log.',
        },
        { shown: 'drawn up', say: 'Pull the standing part.', look: 'The turn pins the tucks.' },
      ],
      labels: [
        { u: 0.3, text: 'pull' },
        { u: 26.8, text: 'end' },
      ],
    },
  ],
  wrong: [
    {
      id: 'one',
      name: 'one tuck',
      says: 'One tuck only: little presses on it, and it runs out.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '22,6 10,6.1 5.5,6.1 UO 0.6,6 U -3.2,5.1 -5.2,3 -6,0.4 o -6,-1.2 -4.3,-4.2 0,-6 4.3,-4.3 5.9,-1.2 u 5.4,2.6 4.5,4.7 O 3.8,7.3 2.5,7.6 U 1.6,4.7 0.4,4.5 O -0.9,7.3 -2.1,8.6 -5,10',
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 0], radius: 3.2, axis: true }],
      },
      claims: [{ closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] }],
      toldBy: 'invariants',
      partsAt: { right: 18, wrong: 17 },
    },
  ],
} as const satisfies Entry;
