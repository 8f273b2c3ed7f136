import type { Entry } from './entry';

/** Marlinspike hitch. Paths in rope diameters; tying from the trade's common practice. */
export const marlinspikeHitch = {
  id: 'marlinspike-hitch',
  name: 'Marlinspike hitch',
  aliases: ['boat knot', 'toggle hitch', 'lever hitch'],
  family: 'hitch',
  purpose: 'A toggle in the middle of a line: a handle to pull by, a ladder rung, a quick anchor.',
  notFor: 'A load on the toggle itself: load the knot.',
  strength: null,
  jams: 'No: pull the toggle out.',
  unties: 'Pull out the toggle.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'a bight',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'It is: nothing is left without the toggle.',
  backup: 'Tape a toggle that could fall out.',
  tailD: 0,
  purposes: ['no-end', 'off-under-load', 'gloves'],
  crews: ['stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The toggle goes {over} one side of the loop, {under} the standing part, {over} the other.',
    'The load pulls on the knot, not on the toggle.',
    'The toggle is longer than the hitch is wide.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'The rope without its toggle is no knot at all.',
      spec: {
        ropes: [
          {
            path: '0,16 0,9 U 0,5 0,0 o 0,-4 1.5,-6 4,-5 5,0 u 4,4.4 0,5.8 O -4,4.4 -5,0 u -4.4,-5 -3,-9 -2,-15',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-11, 0], to: [11, 0], radius: 0.8 }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        { closure: 'behind', linking: [1] },
      ],
      release: 'in the bight',
      steps: [
        {
          shown: { upTo: [7] },
          say: 'Lay a turn in the line.',
          look: 'The standing part runs down its middle.',
        },
        {
          shown: { upTo: [14] },
          say: 'Fold it {over} the standing part.',
          look: 'The standing part shows in the loop.',
        },
        {
          shown: 'whole',
          say: 'Toggle: {over} one side of the loop, {under} the standing part, {over} the other.',
          look: 'It lies across all three.',
        },
        { shown: 'drawn up', say: 'Pull the standing part.', look: 'It bites on the toggle.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'missed',
      name: 'standing part missed',
      says: 'The toggle passes {over} the standing part too: it drops out.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '0,16 0,9 U 0,5 0,0 u 0,-4 1.5,-6 4,-5 5,0 u 4,4.4 0,5.8 O -4,4.4 -5,0 u -4.4,-5 -3,-9 -2,-15',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-11, 0], to: [11, 0], radius: 0.8 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] }],
      idleCrossings: {
        count: 1,
        because: 'the toggle holds nothing: the loop falls open whichever part lies on top',
      },
      toldBy: 'invariants',
      partsAt: { right: 3, wrong: 3 },
    },
  ],
} as const satisfies Entry;
