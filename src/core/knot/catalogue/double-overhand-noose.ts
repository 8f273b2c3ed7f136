import type { Entry } from './entry';

/** Poacher’s noose. Paths in rope diameters; tying from the trade's common practice. */
export const doubleOverhandNoose = {
  id: 'double-overhand-noose',
  name: 'Poacher’s noose',
  aliases: ['double overhand noose', 'poacher’s knot', 'strangle snare'],
  family: 'end loop',
  purpose: 'A noose that slides and then grips: on a ring or a thimble that is not to turn.',
  notFor: 'A loop that must be opened again in a hurry: it is hard to undo.',
  strength: null,
  jams: 'Hard to undo after load.',
  unties: 'Slide it open, then work the turns loose.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 1 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 12,
  purposes: [],
  crews: ['stage', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Two turns side by side, then the end through both.',
    'The line runs through the turns.',
    'The end points away from the loop.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'two turns',
      note: 'A double overhand round the line.',
      spec: {
        ropes: [
          {
            path: '-17,0 -10,0 UO -4,0 UO 2,0 U 8,-0.4 12,0.4 15,3 14,6.6 10,6.8 5.6,4 1.5,1.5 UOU -4,1.3 O -6.6,1.2 O -7.6,-0.4 O -6.4,-2.9 UU -5,0.4 U -4.1,2.9 O -2.9,0.2 OO -1.9,-2.9 UU -0.7,0.2 U 0.2,2.9 O 1.6,0.4 O 2.9,-0.9 2.2,-2 0.4,-1.6 OU -3,-1.2 OU -8,-1.3 -13,-2',
            tips: [6],
          },
        ],
        fixtures: [{ kind: 'post', at: [11.6, 3.6], radius: 1.8, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['unknot', '5₁'], linking: [3] },
      ],
      labels: [
        { u: 0.3, text: 'line' },
        { u: 6.5, text: 'loop' },
        { u: 27, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [11.5] },
          say: 'Bring the end back beside the line.',
          look: 'The loop is wide.',
        },
        {
          shown: { upTo: [16.4] },
          say: 'Wrap it {over} both parts and {behind} them.',
          look: 'First turn.',
        },
        {
          shown: { upTo: [21.5] },
          say: 'A second turn toward the loop.',
          look: 'Beside the first.',
        },
        {
          shown: 'whole',
          say: 'Push the end back through both turns, {under} them.',
          look: 'It points away from the loop.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the end, then slide the loop small.',
          look: 'Turns side by side.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'single',
      name: 'one turn',
      says: 'One turn only: an overhand noose. It holds less and cuts in.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-15,0 -9,0 U -4,0 OU 2,0 8,-0.4 12,0.4 15,3 14,6.6 10,6.8 5.6,4 1.5,1.5 U -1.5,1.3 O -3.4,1.2 O -4.4,-0.4 O -3.2,-2.9 UU -1.8,0.4 U -0.9,2.9 O 0.4,0.4 O 1.7,-0.9 1,-2 -0.8,-1.6 O -4,-1.2 U -8,-1.4 -12,-2',
            tips: [6],
          },
        ],
        fixtures: [{ kind: 'post', at: [11.6, 3.6], radius: 1.8, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['unknot', '3₁'], linking: [2] },
      ],
      toldBy: 'invariants',
      partsAt: { right: 17, wrong: 17 },
    },
  ],
} as const satisfies Entry;
