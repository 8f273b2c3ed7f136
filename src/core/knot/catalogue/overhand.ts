import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Overhand knot. Paths in rope diameters; tying from the trade's common practice. */
export const overhand = {
  id: 'overhand',
  name: 'Overhand knot',
  aliases: ['thumb knot', 'simple knot', 'half knot'],
  family: 'stopper',
  purpose: 'The smallest stopper, and the first half of many other knots.',
  notFor: 'Stopping a loaded rope: it pulls small, jams and costs the most strength.',
  strength: 'overhand-on-bight',
  jams: 'Jams once loaded.',
  unties: 'Work the loop back along the rope before it has been loaded; afterwards cut it.',
  holds: KNOTS['overhand-on-bight'].holds,
  needs: 'either',
  easy: { tie: 3, untie: 1 },
  gloves: true,
  slipped: 'Leave a bight in the last tuck: a slip knot that only the tail undoes.',
  backup: 'None: it is itself a backup for other knots.',
  tailD: 12,
  purposes: ['stops'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Strength left',
      sides: [
        { school: 'seamanship', says: '45 %, the weakest of all', source: 'practice' },
        { school: 'field', says: '60 to 65 %', source: 'practice' },
      ],
      pick: 'We count 45 %: the lowest is the safe one.',
    },
  ],
  checks: [
    'One crossing turn with the end through it.',
    'The loaded part and the end leave on opposite sides.',
    'Drawn up round, without a second twist.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'Whichever hand leads: the two are mirror images of each other, and both are overhand knots.',
      spec: {
        ropes: [
          { path: '-11,0 -5,0 OU 4,0 6,2 O 6,4 3,6.5 -1,6 -3,3 U -2.5,-2 0,-3 O 2,1 5,3 U 11,4' },
        ],
      },
      claims: [{ closure: 'ends', alone: ['3₁'] }],
      steps: [
        {
          shown: { upTo: [8.4] },
          say: 'Turn a loop: take the end back {behind} the standing part.',
          look: 'The end has gone {under}.',
        },
        {
          shown: { upTo: [10.4] },
          say: 'Bring it round {in front of} the standing part.',
          look: 'Now it lies {on top}.',
        },
        {
          shown: { upTo: [12] },
          say: 'Out through the loop, {under} its side.',
          look: 'The end points away; nothing slips out.',
        },
        { shown: 'drawn up', say: 'Pull both parts.', look: 'A small round knot.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 11.7, text: 'end' },
      ],
    },
    {
      id: 'slipped',
      name: 'slipped',
      note: 'A stopper that comes off: the load must pull the standing part, never the tail. Only the tail releases it; if the other part slid, it would be a noose.',
      aliases: ['slip knot', 'slipknot', 'slipped overhand'],
      spec: {
        ropes: [
          {
            path: '-16,0 -5,0 O -2,0 UU 4,0 6,2 OO 6,4 3,6.5 -1,6 -3,3 U -2.8,-2 -1.5,-3.4 -0.4,-2.6 O 1.5,2.6 U 9,4.6 12,4.4 12.6,3.2 11.8,2 9,1.6 U 2.4,0.9 O 0.8,-4 0,-10',
            tips: [15],
          },
        ],
        fixtures: [{ kind: 'post', at: [11, 3.1], radius: 0.8, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'], because: 'fully slipped: the bight pulls out' },
        { closure: 'cut 1', alone: ['3₁', 'unknot'] },
      ],
      release: 'fully slipped',
      slippedOf: 'plain',
      checks: [
        'A bight, not the end, goes through the loop.',
        'The tail stays on its own side.',
        'Pull the standing part: it locks. Pull the tail: it opens.',
      ],
      steps: [
        {
          shown: { upTo: [6] },
          say: 'Turn the end up and back.',
          look: 'Half a loop; nothing crosses yet.',
        },
        {
          shown: { upTo: [9.5] },
          say: 'Take the end {behind} the standing part.',
          look: 'Leave it long.',
        },
        {
          shown: 'whole',
          say: 'Push a bight of it through the loop, not the end.',
          look: 'The tail stays outside.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the bight and the standing part.',
          look: 'Pulling the tail undoes it; pulling the standing part does not.',
        },
      ],
    },
    {
      id: 'on-a-bight',
      name: 'overhand loop',
      note: 'The same knot tied in a doubled rope: a fixed loop that jams.',
      aliases: ['overhand loop', 'overhand on a bight', 'loop knot'],
      spec: {
        ropes: [
          {
            path: '-13,0.62 -5,0.62 OO -0.02,0.62 U 4.78,0.98 U 7.43,3.24 OO 7.14,6.19 2.97,7.98 -1.81,6.52 -3.18,2.95 UU -2.46,-2.1 -0.08,-3.19 2.71,-1.22 OO 4.55,3.02 UU 8.87,5.21 14,5.22 18,6 21,4.6 18,3.2 14,3.98 9.13,3.99 UU 5.45,2.18 OO 3.69,-1.98 0.08,-4.41 -3.54,-2.7 UU -4.42,3.05 -2.59,7.48 3.03,9.22 8.06,7.01 OO 8.57,2.76 5.22,-0.18 UU 0.02,-0.62 OO -5,-0.62 -13,-0.62',
            tips: [16],
          },
        ],
        fixtures: [{ kind: 'post', at: [18.4, 4.6], radius: 1, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'], because: 'tied in the bight' },
        { closure: 'cut 1', alone: ['3₁', '3₁'], linking: [3] },
      ],
      release: 'in the bight',
      checks: [
        'Two strands run side by side the whole way.',
        'The loop comes out on one side, both parts on the other.',
        'Drawn up round, without a second twist.',
      ],
      steps: [
        {
          shown: { bight: [5, 27] },
          say: 'Double the rope into a bight.',
          look: 'Two parts side by side.',
        },
        {
          shown: { bight: [10.5, 21.5] },
          say: 'Turn it once round the doubled part.',
          look: 'The bight goes {behind}.',
        },
        {
          shown: 'whole',
          say: 'Push the bight through the turn.',
          look: 'Both parts stay parallel.',
        },
        {
          shown: 'drawn up',
          say: 'Pull all four parts.',
          look: 'It will jam: choose a figure-eight where you must untie.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'untucked',
      name: 'end on the wrong side',
      says: 'The end comes up on the same side it went down: nothing is tied, it falls out.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          { path: '-11,0 -5,0 UU 4,0 6,2 O 6,4 3,6.5 -1,6 -3,3 O -2.5,-2 0,-3 O 2,1 5,3 U 11,4' },
        ],
      },
      claims: [{ closure: 'ends', alone: ['unknot'] }],
      idleCrossings: {
        count: 2,
        because: 'nothing is tied: the loop falls open whichever part lies on top',
      },
      toldBy: 'invariants',
      partsAt: { right: 7.3, wrong: 7.3 },
    },
  ],
} as const satisfies Entry;
