import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Half hitch. Paths in rope diameters; tying from the trade's common practice. */
export const halfHitch = {
  id: 'half-hitch',
  name: 'Half hitch',
  aliases: ['single hitch', 'hitch'],
  family: 'hitch',
  purpose:
    'One turn of the end round the standing part: the brick that other hitches are built of.',
  notFor: 'Anything by itself: never alone.',
  strength: 'slipped-half-hitch',
  jams: 'No.',
  unties: 'Pull the end back.',
  holds: KNOTS['slipped-half-hitch'].holds,
  needs: 'either',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Tuck a bight instead of the end: comes off in a hurry.',
  backup: 'Always a second one.',
  tailD: 12,
  purposes: ['gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The end passes {over} the standing part, {behind} it, and out {over} itself.',
    'The end is pinched when you pull.',
    'A second hitch follows.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'Drawn round a rail.',
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UO -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 6,-8.5',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] }],
      steps: [
        {
          shown: { upTo: [8.3] },
          say: 'Take the end over the rail and down {behind}.',
          look: 'It hangs beside the standing part.',
        },
        {
          shown: { upTo: [12.4] },
          say: 'Cross it {over} the standing part.',
          look: 'To the {left}.',
        },
        { shown: { upTo: [15.2] }, say: 'Bring it round {behind}.', look: 'Above itself.' },
        {
          shown: { upTo: [18] },
          say: 'Out through the gap, {over} itself.',
          look: 'The end points away.',
        },
        { shown: 'drawn up', say: 'Pull the end.', look: 'Now make a second one.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 17.8, text: 'end' },
      ],
    },
    {
      id: 'slipped',
      name: 'slipped',
      note: 'A bight is tucked in place of the end: pulling the tail undoes it, under load too.',
      aliases: ['slipped half hitch'],
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UOO -1,-3 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-3.6 U 1.7,-4.8 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6.2 -3,-5.2 U 0.2,-5.2 O 2.8,-6.4 6,-8.6 7.4,-9 7.9,-8 7,-7.1 3.4,-5.2 O 0.6,-3.9 U -4,-3.7 -6.6,-5.6 -8,-10',
            taut: [0, 2],
            tips: [19],
          },
        ],
        fixtures: [
          { kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 },
          { kind: 'post', at: [6.8, -8.1], radius: 0.6, hidden: true },
        ],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [1],
          because: 'fully slipped: the bight pulls out',
        },
        { closure: 'cut 1', alone: ['3₁', 'unknot', 'unknot'], linking: [1, 1, 0] },
      ],
      release: 'fully slipped',
      slippedOf: 'plain',
      checks: [
        'The end passes {over} the standing part and round {behind} it.',
        'A bight, not the end, comes out {over} itself.',
        'The tail hangs free on the other side.',
      ],
      tailD: 20,
      steps: [
        {
          shown: { upTo: [8.3] },
          say: 'Take the end over the rail and down {behind}.',
          look: 'It hangs beside the standing part.',
        },
        {
          shown: { upTo: [12.4] },
          say: 'Cross it {over} the standing part.',
          look: 'To the {left}.',
        },
        { shown: { upTo: [15.2] }, say: 'Bring it round {behind}.', look: 'Above itself.' },
        {
          shown: 'whole',
          say: 'Push a bight of it out through the gap, {over} itself.',
          look: 'The tail stays {behind}, on the {left}.',
        },
        { shown: 'drawn up', say: 'Pull the bight snug.', look: 'The tail undoes it.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 19, text: 'bight' },
        { u: 23.8, text: 'tail' },
      ],
    },
    {
      id: 'in-the-bight',
      name: 'in the bight',
      note: 'A loop turned in the rope and dropped onto an open end.',
      aliases: ['half hitch in the bight', 'dropped half hitch'],
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UO -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 6,-8.5',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] }],
      sameAs: 'plain',
      needs: 'a bight',
      steps: [
        {
          shown: 'whole',
          say: 'Turn a loop in the rope and drop it onto the end of the rail, the standing part on the outside.',
          look: 'It grips its own part.',
        },
        { shown: 'drawn up', say: 'Pull the standing part.', look: 'Alone it does not hold.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'untucked',
      name: 'end not tucked',
      says: 'The end lies {under} its own part: it is only a turn and runs out.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UO -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 1,-5.3 O 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 U 2.4,-6.2 6,-8.5',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'] }],
      idleCrossings: {
        count: 2,
        because:
          'nothing is tied: the turn round the standing part falls open whichever part lies on top',
      },
      toldBy: 'invariants',
      partsAt: { right: 16.6, wrong: 16.6 },
    },
  ],
} as const satisfies Entry;
