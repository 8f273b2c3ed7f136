import type { Entry } from './entry';

/** Mule hitch. Paths in rope diameters; tying from the trade's common practice. */
export const muleHitch = {
  id: 'mule-hitch',
  name: 'Mule hitch',
  aliases: ['connector lock', 'hauling lock'],
  family: 'hitch',
  purpose: 'Locks a rope that was hauled through a connector, and lets it go under load.',
  notFor: 'Lifting people.',
  strength: null,
  jams: 'No.',
  unties: 'Take off the finish, pull the tail, and lower by hand.',
  holds: { slack: 'no', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'a bight',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'It is slipped.',
  backup: 'A half hitch or an overhand with the bight.',
  tailD: 20,
  purposes: ['off-under-load', 'no-end', 'not-jam', 'tightens'],
  crews: ['stage', 'trades', 'instructors'],
  disputes: [
    {
      about: 'How to finish?',
      sides: [
        {
          school: 'stage',
          says: '“A half hitch with the bight round both parts.”',
          source: 'practice',
        },
        {
          school: 'rope rescue',
          says: '“An overhand with the bight: nothing flicks it off.”',
          source: 'from-memory',
        },
      ],
      pick: 'The overhand where it is left alone, the half hitch while you stand beside it.',
    },
  ],
  checks: [
    'Both parts are caught.',
    'The loop lies on the outside.',
    'The hitch sits hard against the connector.',
    'The bight is finished.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'round both parts',
      note: 'Before its finish.',
      spec: {
        ropes: [
          {
            path: '-1.3,-15 -1.3,-6 -1.3,2 OU -1.2,8 o -0.8,10 0,10.8 0.8,10 u 1.2,8 U 1.3,5 O 1.8,1.8 O 3.2,0 5.2,0.2 U 6.2,2.4 U 5,4.8 3,5.4 1.3,5.5 O -1.3,5.5 O -3,5.2 -3.2,4 -1.3,3.4 U 1.4,3.2 U 3,3 5,3 O 6.2,3.2 8.6,3.6 9.8,2.8 8.6,2 O 6.1,1.8 5,1.8 3.4,1.8 2.4,1 U 2.2,-2 2.6,-8 3,-14',
            tips: [5, 25],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [0, 12.6], radius: 4.6, tube: 0.6 },
          { kind: 'post', at: [8.7, 2.8], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'cut all',
          alone: ['unknot', '3₁', 'unknot', 'unknot'],
          linking: [1, 0, 1, 1, 0, 0],
        },
      ],
      release: { leaves: 'unknot', says: 'The tail pulls the bight out.' },
      labels: [
        { u: 0.3, text: 'load' },
        { u: 25, text: 'bight' },
        { u: 32.6, text: 'tail' },
      ],
      steps: [
        {
          shown: { upTo: [8.4] },
          say: 'The rope goes through the connector; both parts hang side by side.',
          look: 'You hold one of them.',
        },
        {
          shown: { upTo: [12.6] },
          say: 'Turn a loop in the part you hold, on the outside.',
          look: 'Not between the parts.',
        },
        {
          shown: { upTo: [20.4] },
          say: '{Over} both parts and {behind} them.',
          look: 'Hard against the connector.',
        },
        { shown: 'whole', say: 'Push a bight through the loop.', look: 'The tail hangs free.' },
        {
          shown: 'drawn up',
          say: 'Draw it up against the connector, then finish it.',
          look: 'Nothing moves when you let go.',
        },
      ],
    },
    {
      id: 'half-hitch',
      name: 'finished with a half hitch',
      note: 'The bight itself makes a half hitch round the load’s part.',
      spec: {
        ropes: [
          {
            path: '-1.3,-15 -1.3,-9 OOUU -1.3,2 OU -1.2,8 o -0.8,10 0,10.8 0.8,10 u 1.2,8 U 1.3,5 O 1.8,1.8 O 3.2,0.6 5,1 U 5.8,2.8 U 4.8,4.8 3,5.4 1.3,5.5 O -1.3,5.5 O -3,5.2 -3.2,4 -1.3,3.4 U 1.4,3.2 U 3,3.2 4.6,3.4 O 6,3.4 O 8.4,2.6 9,-0.4 7,-3.2 U 4.6,-4 OU 1.4,-4.3 -1.3,-4.3 O -3.2,-4.8 -3.2,-6.4 U -1.3,-7.2 2,-7.4 4,-6.8 OO 5,-4.6 O 5.2,-2 4.6,-0.6 3.8,-2 OO 3.7,-4.6 O 2.8,-5.8 1.6,-6.1 -1.3,-6 U -2.1,-5.8 -2.1,-5.4 O -1.3,-5.4 1.4,-5.4 U 4,-5.2 OU 7.6,-4.4 10.2,-1.2 9.6,3.2 7.4,4.8 UO 5.4,2.2 4.4,2 3.2,2 2.5,1 U 3,-1 UUUU 6,-9 7,-14',
            tips: [5, 37],
            taut: [0, 2.8],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [0, 12.6], radius: 4.6, tube: 0.6 },
          { kind: 'post', at: [4.5, -1.7], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'cut all',
          alone: ['unknot', '3₁', 'unknot', 'unknot'],
          linking: [2, 1, 3, 1, 0, 0],
        },
      ],
      release: { leaves: 'unknot', says: 'Undo the half hitch, then pull the tail.' },
      steps: [
        {
          shown: { upTo: [23.4] },
          say: 'Tie the mule hitch.',
          look: 'Hard against the connector.',
        },
        {
          shown: { bight: [30, 44] },
          say: 'Lead its bight down beside the parts.',
          look: 'Long enough to go round.',
        },
        {
          shown: 'whole',
          say: 'Half hitch with the bight round the load’s part: {over}, {behind}, out {over} itself.',
          look: 'The bight cannot be flicked out.',
        },
        { shown: 'drawn up', say: 'Draw it up.', look: 'Finish close to the hitch.' },
      ],
    },
    {
      id: 'overhand',
      name: 'finished with an overhand',
      note: 'An overhand in the bight itself: too thick to be pulled back through.',
      spec: {
        ropes: [
          {
            path: '-1.3,-15 -1.3,-6 -1.3,2 OU -1.2,8 o -0.8,10 0,10.8 0.8,10 u 1.2,8 U 1.3,5 O 1.8,1.8 O 3.2,0 5.2,0.2 U 6.2,2.4 U 5,4.8 3,5.4 1.3,5.5 O -1.3,5.5 O -3,5.2 -3.2,4 -1.3,3.4 U 1.4,3.2 U 3,3 5,3 O 7.4,3.12 7.54,3.12 OO 10.99,3.12 13.75,3.12 U 16.05,3.12 U 18.45,3.06 20.65,5.26 OO 20.69,7.12 17.26,10 12.83,9.42 10.64,6.11 UU 11.18,0.29 13.41,-0.71 OO 15.75,4.13 19.42,6.67 UU 24.68,7.62 25.87,7.2 24.9,6.4 UU 19.86,5.51 16.72,3.35 OO 14.09,-1.74 10.07,-0.26 UU 9.42,6.34 12.19,10.49 17.6,11.19 21.72,7.81 OO 21.76,4.71 18.99,1.94 16.05,1.88 UU 13.75,1.88 10.99,1.88 OO 7.54,1.88 7.4,1.88 O 5,1.8 3.4,1.8 2.4,1 U 2.2,-2 2.6,-8 3,-14',
            tips: [5, 39],
          },
        ],
        fixtures: [{ kind: 'ring', at: [0, 12.6], radius: 4.6, tube: 0.6 }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        { closure: 'cut 2', alone: ['3₁', '3₁', 'unknot'], linking: [2, 1, 0] },
      ],
      release: { leaves: 'unknot', says: 'Undo the overhand, then pull the tail.' },
      checks: [
        'Both parts are caught.',
        'The hitch sits hard against the connector.',
        'The overhand lies close to the hitch.',
      ],
      steps: [
        {
          shown: { bight: [25.6, 53.4] },
          say: 'Tie the mule hitch with a long bight.',
          look: 'Hard against the connector.',
          adds: [19, 25.6],
        },
        {
          shown: { bight: [33.2, 45.8] },
          say: 'Turn the bight back {over} and round {behind} itself.',
          look: 'As one doubled rope.',
        },
        {
          shown: 'whole',
          say: 'Through its own loop: an overhand.',
          look: 'Both parts side by side throughout.',
        },
        {
          shown: 'drawn up',
          say: 'Draw it tight, close to the hitch.',
          look: 'The bight cannot be pulled back.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'inside',
      name: 'loop on the inside',
      says: 'The turn catches one part of the two: the other runs.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1.3,-15 -1.3,-6 -1.3,2 OU -1.2,8 o -0.8,10 0,10.8 0.8,10 u 1.2,8 O 1.3,5 O 1.8,1.8 O 3.2,0 5.2,0.2 U 6.2,2.4 U 5,4.8 3,5.4 1.3,5.5 U 0,5.6 -1.3,5.5 O -3,5.2 -3.2,4 -1.3,3.4 U 1.4,3.2 U 3,3 5,3 O 6.2,3.2 8.6,3.6 9.8,2.8 8.6,2 O 6.1,1.8 5,1.8 3.4,1.8 2.4,1 U 2.2,-2 2.6,-8 3,-14',
            tips: [5, 26],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [0, 12.6], radius: 4.6, tube: 0.6 },
          { kind: 'post', at: [8.7, 2.8], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'cut all',
          alone: ['unknot', 'unknot', 'unknot', 'unknot'],
          linking: [1, 0, 1, 1, 0, 0],
        },
      ],
      toldBy: 'invariants',
      partsAt: { right: 15, wrong: 15 },
    },
    {
      id: 'low',
      name: 'tied low',
      says: 'Tied far from the connector: the load drops that distance before it holds.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1.3,-20 -1.3,-12 -1.3,-2 OU -1.2,8 o -0.8,10 0,10.8 0.8,10 u 1.2,8 U 1.3,0 O 1.8,-3.2 O 3.2,-5 5.2,-4.8 U 6.2,-2.6 U 5,-0.2 3,0.4 1.3,0.5 O -1.3,0.5 O -3,0.2 -3.2,-1 -1.3,-1.6 U 1.4,-1.8 U 3,-2 5,-2 O 6.2,-1.8 8.6,-1.4 9.8,-2.2 8.6,-3 O 6.1,-3.2 5,-3.2 3.4,-3.2 2.4,-4 U 2.2,-7 2.6,-13 3,-19',
            tips: [5, 25],
            taut: [0, 2],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [0, 12.6], radius: 4.6, tube: 0.6 },
          { kind: 'post', at: [8.7, -2.2], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'cut all',
          alone: ['unknot', '3₁', 'unknot', 'unknot'],
          linking: [1, 0, 1, 1, 0, 0],
        },
      ],
      toldBy: 'geometry',
      partsAt: { right: 15, wrong: 15 },
    },
    {
      id: 'no-twist',
      name: 'no loop to lock',
      says: 'The bight only lies {over} the loop, not through it: a plain slip. It gives slack and lets go.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1.3,-15 -1.3,-6 -1.3,2 OU -1.2,8 o -0.8,10 0,10.8 0.8,10 u 1.2,8 U 1.3,5 O 1.8,1.8 U 3.2,0 5.2,0.2 U 6.2,2.4 U 5,4.8 3,5.4 1.3,5.5 O -1.3,5.5 O -3,5.2 -3.2,4 -1.3,3.4 U 1.4,3.2 U 3,3 5,3 O 6.2,3.2 8.6,3.6 9.8,2.8 8.6,2 O 6.1,1.8 5,1.8 3.4,1.8 2.4,1 O 2.2,-2 2.6,-8 3,-14',
            tips: [5, 25],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [0, 12.6], radius: 4.6, tube: 0.6 },
          { kind: 'post', at: [8.4, 2.8], radius: 0.5, hidden: true },
        ],
        light: true,
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'cut all',
          alone: ['unknot', '3₁', 'unknot', 'unknot'],
          linking: [1, 0, 0, 1, 0, 0],
        },
      ],
      toldBy: 'invariants',
      partsAt: { right: 21, wrong: 21 },
    },
  ],
} as const satisfies Entry;
