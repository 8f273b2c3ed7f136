import type { Entry } from './entry';
import { HAND, THREE_TURNS } from './on-the-hand';

/** Wireman’s loop. Paths in rope diameters; tying from the trade's common practice. */
export const wiremansLoop = {
  id: 'wiremans-loop',
  name: 'Wireman’s loop',
  aliases: ['farmer’s loop', 'three-turn loop'],
  family: 'mid-line loop',
  purpose: 'A fixed loop in the middle of a rope, made on the hand.',
  notFor: 'A line that must come undone after a massive load.',
  strength: null,
  jams: 'Hard to undo after a massive load.',
  unties: 'Push the loop’s base back, then spread the turns.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'a bight',
  easy: { tie: 2, untie: 2 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 0,
  purposes: ['no-end', 'does-not-bind'],
  crews: ['farm', 'trades', 'stage', 'instructors'],
  disputes: [
    {
      about: 'What is a wireman’s loop?',
      sides: [
        {
          school: 'farm',
          says: '“Three turns on the hand, the middle one moved out three times.”',
          source: 'practice',
        },
        { school: 'elsewhere', says: '“The alpine butterfly.”', source: 'from-memory' },
      ],
      pick: 'This one here; the butterfly is found under the name too.',
    },
  ],
  checks: [
    'The loop stands square to the line.',
    'Both parts leave in line, on opposite sides.',
    'Pulled apart it does not slide.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'three turns on the hand',
      note: 'The hand is taken out; the three turns lie as they are moved.',
      spec: {
        ropes: [
          {
            path: '-13,0 -9,1.5 -6,6 -4,7.6 -2.6,6.4 -2.6,4.6 -1.6,3.4 OUU 0,2.3 UO 1.4,1.4 O 2.6,0.2 O 1.4,-1.4 O 0,-2.3 UO -1.6,-3.4 -2.6,-4.6 -2.6,-6.2 -2.2,-7.4 -1.3,-6.4 UU -1.3,0 UU -1.3,6.4 U -0.4,7.6 0,6.4 0.2,5.4 UO 1.4,4.4 O 2.6,3.2 2.4,2.2 U 1.4,1.2 OU 0.2,0.5 -0.6,1.4 OO -0.7,5 O -0.9,9 -0.9,11.4 0.2,12.6 1.2,11.4 1.1,9 0.9,5 OOO 0.7,1 O 0.4,-0.4 O 1.4,-1.2 U 2.4,-2.2 2.6,-3.2 OO 1.4,-4.4 0.2,-5.4 0,-6.2 0.4,-7.4 1.3,-6.4 UUUU 1.3,0 UUUU 1.3,6.4 2.2,7.6 2.6,6.4 2.6,5.4 U 1.4,4.4 OU 0,3.4 UO -1.4,2.6 O -2.6,0.4 -2.6,-0.4 -1.4,-2.6 OO 0,-3.4 1.4,-4.4 UO 2.6,-5.4 2.6,-6.2 4,-7.4 6,-6 9,-1.5 13,0',
            tips: [32],
          },
        ],
        fixtures: [{ kind: 'post', at: [0.2, 10.6], radius: 0.9, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [1] },
      ],
      release: 'in the bight',
      idleCrossings: {
        count: 2,
        because:
          'where the first and the last turn leave the hand the rope makes a kink: which part lies on top there is all one',
      },
      labels: [{ u: 32, text: 'loop' }],
      steps: [
        {
          shown: {
            laid: {
              spec: {
                ropes: [
                  {
                    path: '-3.2,-15 -3.2,-7 o -3.2,6.2 -2.4,8 -1.6,6.2 u -0.8,-6.2 -0.4,-8 0,-6.2 o 0,6.2 0.8,8 1.6,6.2 u 2.4,-6.2 2.8,-8 3.2,-6.2 o 3.2,7 3.2,15',
                  },
                ],
                fixtures: [HAND],
              },
              claims: THREE_TURNS,
            },
          },
          say: 'Three turns on the hand, side by side.',
          look: 'Begin at the thumb.',
          adds: [1, 14],
        },
        {
          shown: { bight: [26, 39] },
          say: 'Move the middle one across its neighbour to the outside; then the new middle one to the other side; then the new middle one to the first side.',
          look: 'Three moves, each time the turn in the middle.',
        },
        { shown: 'whole', say: 'Pull the turn that is in the middle now out.', look: 'The loop.' },
        { shown: 'drawn up', say: 'Pull the loop, then both parts.', look: 'Square to the line.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
