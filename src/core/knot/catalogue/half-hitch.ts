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
      name: 'with a bight',
      note: 'Where the end is far: the rope below the rail is taken double and the bight does what the end does.',
      aliases: ['half hitch in the bight'],
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UUO -1,-5 O -1,-2 o -1,2 0,3.6 1,2 u 1.3,-1 2.26,-3.28 U 1.9,-5.34 U 0.37,-7.71 O -2.09,-8.96 -4.79,-8.49 -5.39,-6.62 -3.37,-5.21 -1.52,-5.34 U 0.35,-6 O 2.31,-6.98 O 4.72,-8.19 7.73,-9.59 9,-9.47 8.27,-8.41 5.28,-7.01 O 2.89,-5.82 O 0.85,-4.8 U -1.28,-4.06 -3.83,-3.99 -6.61,-6.18 -5.61,-9.51 -1.91,-10.24 O 1.23,-8.69 UU 3.1,-5.86 3.54,-3.52 4.4,-1.6 8,-1.4 15,-4',
            taut: [0, 2],
            tips: [20],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [1],
          because: 'tied in the bight: only the turn over the rail is left',
        },
        { closure: 'cut 1', alone: ['3₁', 'unknot', 'unknot'], linking: [2, 1, 0] },
      ],
      slippedOf: 'plain',
      release: 'in the bight',
      needs: 'a bight',
      checks: [
        'The bight passes {over} the standing part, {behind} it, and out {over} itself.',
        'Both its parts lie side by side.',
        'A second hitch follows.',
      ],
      steps: [
        {
          shown: { bight: [9.4, 30.6] },
          say: 'Below the rail take the rope double.',
          look: 'A bight hangs beside the standing part.',
        },
        {
          shown: { bight: [12.3, 27.7] },
          say: 'Cross the bight {over} the standing part.',
          look: 'To the {left}.',
        },
        { shown: { bight: [15.5, 24.5] }, say: 'Bring it round {behind}.', look: 'Above itself.' },
        {
          shown: 'whole',
          say: 'Out through the gap, {over} itself.',
          look: 'The bight points away.',
        },
        { shown: 'drawn up', say: 'Pull the bight.', look: 'Now make a second one.' },
      ],
    },
    {
      id: 'dropped',
      name: 'a loop dropped onto an open end',
      note: 'The quick one on a stake or a rail with an open end. What pins the end is the standing part’s pull: slack, it is only a turn.',
      aliases: ['dropped half hitch', 'single hitch over a stake'],
      spec: {
        ropes: [
          {
            path: '0,-17 0,-6 O -0.4,-3 -0.6,0 o -0.2,2.4 0.6,3 1.2,2.2 u 1.4,0 1.2,-3 0,-4.6 U -2,-5.2 -6,-6 -11,-7',
            tips: [5],
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-9, 0], to: [3.5, 0], radius: 2 }],
        light: true,
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        { closure: 'cut 1', alone: ['unknot', 'unknot', 'unknot'], linking: [0, 0, 1] },
      ],
      release: 'in the bight',
      needs: 'a bight',
      tailD: 12,
      checks: [
        'The standing part lies {over} the end.',
        'The pull comes on the standing part, never on the end.',
        'A second hitch follows.',
      ],
      steps: [
        {
          shown: {
            laid: {
              spec: {
                ropes: [
                  {
                    path: '0,-17 0,-6 O -0.4,-3 -2.6,0 -2.4,3 0,4.2 2.4,3 2.6,0 1.4,-3 0,-4.6 U -2,-5.4 -6,-6 -11,-7',
                  },
                ],
              },
              claims: [{ closure: 'ends', alone: ['unknot'] }],
            },
          },
          say: 'Turn a loop, the standing part {over} the end.',
          look: 'The end points away to the {left}.',
          grips: [{ at: 5, arm: 90, turns: true }],
          adds: [1, 10],
        },
        {
          shown: 'whole',
          say: 'Drop it onto the open end of the rail.',
          look: 'The end is pinched between the rail and the standing part.',
          adds: [2, 9],
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
