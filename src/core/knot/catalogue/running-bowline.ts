import type { Entry } from './entry';

/** Running bowline. Paths in rope diameters; tying from the trade's common practice. */
export const runningBowline = {
  id: 'running-bowline',
  name: 'Running bowline',
  aliases: ['running noose', 'sliding bowline'],
  family: 'end loop',
  purpose:
    'A noose that tightens under load and opens again: round a branch or a log out of reach.',
  notFor: 'Anything that must not be squeezed; a person.',
  strength: null,
  jams: 'No: the bowline stays open.',
  unties: 'Ease the line; the noose slides open, and the bowline unties as usual.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'Slip the bowline’s tail.',
  backup: 'As for the bowline.',
  tailD: 12,
  purposes: ['not-jam', 'gloves'],
  crews: ['farm', 'trades', 'stage', 'instructors'],
  disputes: [],
  checks: [
    'The line runs freely through the bowline’s loop.',
    'The bowline’s collar goes round its own standing part.',
    'Tail long enough.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'round its own line',
      note: 'A bowline whose loop has the line in it. The object is not drawn: it lies in the noose.',
      spec: {
        ropes: [
          {
            path: '-15,-6.5 -10,-6.6 -6,-6.8 O 0,-7 4.6,-7 U 9,-6.4 13,-3 15,3 14.4,9 11,14.6 6,17 2,16.4 0,13 O 0,9 -0.4,6.4 U -0.8,4.5 U -2.8,2.6 -1.9,0.3 O 0,-0.4 O 1.9,0.3 2.8,2.6 2.4,4.6 U 1.2,5.8 O -1.5,6.3 U -4.4,5.4 -5.6,2 -5.8,-4 U -5.4,-7 -3,-9.6 0,-10.4 3,-9.6 4.8,-7 O 4.6,-4.6 3,-2.4 1.2,-1.3 U 1.2,2.6 1.4,5.6 O 2.1,7.6 1.2,9.6 U -1.2,9.6 -2.1,7.6 O -1.6,5.2 O -1.4,2.6 U -1.5,-1.4 -1.8,-4.6',
            tips: [29],
          },
        ],
        fixtures: [{ kind: 'post', at: [8.4, 5], radius: 3.4, hidden: true }],
      },
      claims: [
        {
          closure: 'ends',
          whole: 'A^32 − 2A^28 + 4A^24 − 5A^20 + 5A^16 − 6A^12 + 4A^8 − 3A^4 + 1',
        },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [2] },
      ],
      labels: [
        { u: 0.3, text: 'line' },
        { u: 8.5, text: 'noose' },
        { u: 29, text: 'bowline’s loop' },
      ],
      steps: [
        {
          shown: { upTo: [12.4] },
          say: 'Take the end round the object and back to the line.',
          look: 'The noose is as wide as you want.',
        },
        {
          shown: { upTo: [23.6] },
          say: 'Turn a small loop in the end.',
          look: 'As for a bowline.',
        },
        {
          shown: { upTo: [33.4] },
          say: 'Lead the end once round the line: {under} it and {over} it.',
          look: 'The line now lies in the big loop.',
        },
        {
          shown: 'whole',
          say: 'Finish the bowline: up through the small loop, {behind} its standing part, and back down.',
          look: 'The line slides in the loop.',
        },
        {
          shown: 'drawn up',
          say: 'Draw the bowline up, then pull the line.',
          look: 'The noose closes.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'outside',
      name: 'line outside the loop',
      says: 'The line does not run through the bowline’s loop: there is a fixed loop and no noose.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-15,-6.5 -10,-6.6 -6,-6.8 O 0,-7 4.6,-7 O 9,-6.4 13,-3 15,3 14.4,9 11,14.6 6,17 2,16.4 0,13 O 0,9 -0.4,6.4 U -0.8,4.5 U -2.8,2.6 -1.9,0.3 O 0,-0.4 O 1.9,0.3 2.8,2.6 2.4,4.6 U 1.2,5.8 O -1.5,6.3 U -4.4,5.4 -5.6,2 -5.8,-4 U -5.4,-7 -3,-9.6 0,-10.4 3,-9.6 4.8,-7 U 4.6,-4.6 3,-2.4 1.2,-1.3 U 1.2,2.6 1.4,5.6 O 2.1,7.6 1.2,9.6 U -1.2,9.6 -2.1,7.6 O -1.6,5.2 O -1.4,2.6 U -1.5,-1.4 -1.8,-4.6',
            tips: [29],
          },
        ],
        fixtures: [
          { kind: 'post', at: [8.4, 5], radius: 3.4, hidden: true },
          { kind: 'post', at: [0, -7.4], radius: 2, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['8₂₀'] },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [1] },
      ],
      toldBy: 'invariants',
      partsAt: { right: 2, wrong: 2 },
    },
  ],
} as const satisfies Entry;
