import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Figure-eight. Paths in rope diameters; tying from the trade's common practice. */
export const figureEight = {
  id: 'figure-eight',
  name: 'Figure-eight',
  aliases: ['figure-of-eight', 'Flemish knot', 'eight knot', 'savoy'],
  family: 'stopper',
  purpose: 'Stops a rope running out through a block or a hole, and unties again.',
  notFor: 'Joining ropes by itself.',
  strength: 'figure-eight',
  jams: 'Can jam under a heavy load.',
  unties: 'Bend the two outer loops back against each other.',
  holds: KNOTS['figure-eight'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 2 },
  gloves: true,
  slipped: 'Leave a bight in the last tuck.',
  backup: 'A long tail.',
  tailD: 12,
  purposes: ['stops'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Jams?',
      sides: [
        { school: 'seamanship', says: '“Easy to untie.”', source: 'practice' },
        { school: 'field', says: '“Can jam under heavy load.”', source: 'practice' },
      ],
      pick: 'Count on easy by hand, hard after a heavy load.',
    },
    {
      about: 'Strength left',
      sides: [
        { school: 'seamanship', says: '50 % as a stopper', source: 'practice' },
        {
          school: 'rope-rescue pull tests',
          says: 'No value for a single one; 75 to 80 % doubled.',
          source: 'from-memory',
        },
      ],
      pick: 'We count 50 %.',
    },
  ],
  checks: [
    'It looks like an 8.',
    'The two ends leave in line, on opposite sides.',
    'One half-turn more than an overhand.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'Half a turn more than the overhand before the end goes through.',
      spec: {
        ropes: [
          {
            path: '-12,0 -7,0 O -4,0 U 4,0 6,1.5 O 6.5,4 3,6.5 -1,6 U -3,2.5 O -3.5,-2 -5,-3 U -7,-1.5 -7,2 -5,3.5 O -1,3.2 U 4,3 12,3',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['4₁'] }],
      steps: [
        {
          shown: { upTo: [7] },
          say: 'Turn the end up and back.',
          look: 'Half a loop; nothing crosses yet.',
        },
        {
          shown: { upTo: [10] },
          say: 'Cross it {over} the standing part.',
          look: 'The end lies {on top}.',
        },
        {
          shown: { upTo: [16] },
          say: 'Take it round {behind} the standing part and through the loop.',
          look: 'An 8 lies before you.',
        },
        { shown: 'drawn up', say: 'Pull both parts.', look: 'The 8 closes evenly.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 15.8, text: 'end' },
      ],
    },
    {
      id: 'twisted',
      name: 'a twisted eye',
      note: 'Quick in thick rope: an eye is turned twice and the end put through it.',
      spec: {
        ropes: [
          {
            path: '-14,1.2 -5,1.2 -2.4,0 U -0.6,-1 O 1.2,0 3,1.8 U 6.2,2.6 8.6,0 6.2,-2.6 O 3,-1.8 U 1.2,0 -0.6,1 O -2.4,0 -4.6,-1.6 -5.6,-4 -3,-6 2,-6.4 5,-5 U 5.6,-2 5.6,0 5.6,2 O 5.6,6 5.6,11',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['4₁'] }],
      sameAs: 'plain',
      dressedAs: 'plain',
      steps: [
        {
          shown: {
            laid: {
              spec: {
                ropes: [
                  {
                    path: '-14,1.4 -6,1.4 -1,0.8 U 2,-1.6 5.6,-2.6 8.6,0 5.6,2.6 2,1.6 O -1,-0.6 -4.6,-1.6 -9,-2',
                  },
                ],
              },
              claims: [{ closure: 'ends', alone: ['unknot'] }],
            },
          },
          say: 'Turn an eye; the end lies {over} the standing part.',
          look: 'One crossing.',
          grips: [{ at: 5, arm: 0, turns: true }],
          adds: [2, 8],
        },
        {
          shown: { upTo: [13.2] },
          say: 'Give the eye one more half turn, the same way.',
          look: 'Two crossings in a row.',
          grips: [{ at: 7, arm: 0, turns: true }],
          adds: [2, 13],
        },
        {
          shown: { upTo: [17.3] },
          say: 'Lead the end round to the eye.',
          look: 'Below both crossings.',
        },
        {
          shown: 'whole',
          say: 'Put it through: {under} the near side of the eye, {over} the far side.',
          look: 'It comes out toward you.',
        },
        { shown: 'drawn up', say: 'Pull both parts.', look: 'The 8 closes evenly.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'overhand',
      name: 'half a turn too few',
      says: 'An overhand: smaller, and it jams.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          { path: '-11,0 -5,0 OU 4,0 6,2 O 6,4 3,6.5 -1,6 -3,3 U -2.5,-2 0,-3 O 2,1 5,3 U 11,4' },
        ],
      },
      claims: [{ closure: 'ends', alone: ['3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 10.5, wrong: 8.5 },
    },
  ],
} as const satisfies Entry;
