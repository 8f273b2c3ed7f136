import { GRIP_CORD } from '../grip-cord';
import type { Entry } from './entry';

/** Prusik. Paths in rope diameters; tying from the trade's common practice. */
export const prusik = {
  id: 'prusik',
  name: 'Prusik',
  aliases: ['prussik', 'triple sliding hitch', 'loop grip hitch'],
  family: 'grip hitch',
  purpose: 'A cord loop that slides along a rope unloaded and grips it both ways loaded.',
  notFor: 'Lifting people. A cord as thick as its rope: it will not grip.',
  strength: null,
  jams: 'Stiff after load; push the middle strap.',
  unties: 'Push the bridge back, then slide.',
  holds: { slack: 'yes', wet: 'with care', stiff: 'with care', slick: 'no' },
  needs: 'either',
  easy: { tie: 3, untie: 2 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'A knot in the main rope below.',
  tailD: 0,
  purposes: ['grips-rope', 'adjusts', 'no-end'],
  crews: ['stage', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Two wraps or three?',
      sides: [
        { school: 'field', says: 'Two: releases more easily.', source: 'practice' },
        { school: 'rope rescue', says: 'Three.', source: 'from-memory' },
      ],
      pick: `Three for load, two for adjusting. Cord of ${Math.round(GRIP_CORD.least * 100)} to ${Math.round(GRIP_CORD.most * 100)} % of the rope’s thickness.`,
    },
  ],
  checks: [
    'Wraps lie side by side, none crosses.',
    'As many above as below.',
    'The joint of the cord is away from the wraps.',
  ],
  forms: [
    {
      id: 'three',
      name: 'three wraps',
      needs: 'a bight',
      note: 'A girth hitch repeated inside itself: with a closed loop, lay it {behind} the rope and pass its knot through it once for every wrap. Drawn here leg by leg.',
      spec: {
        ropes: [
          { path: '0,-15 OU 0,-5 OUOUUOUO 0,5 UO 0,15', diameter: 1.5, taut: [0, 3] },
          {
            path: '16,0.9 6,0.9 U 2,0.8 O -1.2,0.9 -1.9,1.4 -1.2,1.95 U 1.2,2.1 1.9,2.6 1.2,3.1 O -1.2,3.35 -1.9,3.85 -1.2,4.4 U 1.2,4.55 1.9,5.05 1.2,5.55 O -1.2,5.8 -1.9,6.3 -1.2,6.85 U 1.2,7.05 3.2,6.85 4.2,5.25 O 5,0 O 4.2,-5.25 3.2,-6.85 1.2,-7.05 U -1.2,-6.85 -1.9,-6.3 -1.2,-5.8 O 1.2,-5.55 1.9,-5.05 1.2,-4.55 U -1.2,-4.4 -1.9,-3.85 -1.2,-3.35 O 1.2,-3.1 1.9,-2.6 1.2,-2.1 U -1.2,-1.95 -1.9,-1.4 -1.2,-0.9 O 2,-0.8 U 6,-0.9 16,-0.9',
            diameter: 0.9,
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        {
          closure: 'bend',
          whole:
            'A^56 − A^52 + 2A^48 − 3A^44 + 4A^40 − 5A^36 + 5A^32 − 6A^28 + 6A^24 − 5A^20 + 4A^16 − 3A^12 + 2A^8 − A^4 + 1',
        },
      ],
      steps: [
        {
          shown: { upTo: [3, 6.4] },
          say: 'Take the cord {over} the rope and back {behind} it.',
          look: 'One wrap; the other leg waits.',
        },
        {
          shown: { upTo: [3, 20.5] },
          say: '{Over} and {behind} twice more.',
          look: 'Each wrap nearer the middle.',
        },
        {
          shown: 'whole',
          say: 'Three wraps more on the other side, {over} and {behind}; both legs come out {under} the bridge.',
          look: 'As many wraps above as below.',
        },
        {
          shown: 'drawn up',
          say: 'Dress the wraps and pull both legs.',
          look: 'Side by side, none crossed.',
        },
      ],
      labels: [
        { rope: 1, u: 0.3, text: 'cord loop' },
        { u: 0.2, text: 'rope' },
      ],
    },
    {
      id: 'two',
      name: 'two wraps',
      needs: 'a bight',
      note: 'Slides more easily, grips less.',
      spec: {
        ropes: [
          { path: '0,-15 0,-5 OUOUUOUO 0,5 0,15', diameter: 1.5, taut: [0, 3] },
          {
            path: '16,0.9 6,0.9 U 2,0.8 O -1.2,0.9 -1.9,1.4 -1.2,1.95 U 1.2,2.1 1.9,2.6 1.2,3.1 O -1.2,3.35 -1.9,3.85 -1.2,4.4 U 1.2,4.6 3.2,4.4 4.2,2.8 O 5,0 O 4.2,-2.8 3.2,-4.4 1.2,-4.6 U -1.2,-4.4 -1.9,-3.85 -1.2,-3.35 O 1.2,-3.1 1.9,-2.6 1.2,-2.1 U -1.2,-1.95 -1.9,-1.4 -1.2,-0.9 O 2,-0.8 U 6,-0.9 16,-0.9',
            diameter: 0.9,
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        {
          closure: 'bend',
          whole: 'A^40 − A^36 + 2A^32 − 3A^28 + 3A^24 − 4A^20 + 4A^16 − 3A^12 + 2A^8 − A^4 + 1',
        },
      ],
      steps: [
        {
          shown: { upTo: [3, 14.5] },
          say: '{Over} the rope and {behind} it, twice.',
          look: 'Two wraps.',
        },
        {
          shown: 'whole',
          say: 'Two wraps more on the other side, {over} and {behind}; both legs come out {under} the bridge.',
          look: 'Two above, two below.',
        },
        { shown: 'drawn up', say: 'Dress and pull.', look: 'Side by side.' },
      ],
    },
    {
      id: 'with-an-end',
      name: 'with an end',
      note: 'Two wraps each way made with the end of a long cord, which is made fast elsewhere.',
      aliases: ['prusik with an end'],
      spec: {
        ropes: [
          { path: '0,-13 0,-5 OUOUUOUO 0,5 0,13', diameter: 1.5, taut: [0, 3] },
          {
            path: '13,0.6 6,0.6 U 3.4,0.7 1.4,0.8 O 0,0.9 -1.2,0.9 -1.9,1.4 -1.2,1.95 0,2 U 1.2,2.1 1.9,2.6 1.2,3.1 0,3.2 O -1.2,3.35 -1.9,3.85 -1.2,4.4 0,4.5 U 1.2,4.6 3,4.4 4.2,2.8 O 4.8,0 O 4.2,-2.8 3,-4.4 1.2,-4.6 U 0,-4.5 -1.2,-4.4 -1.9,-3.85 -1.2,-3.35 O 0,-3.2 1.2,-3.1 1.9,-2.6 1.2,-2.1 U 0,-2 -1.2,-1.95 -1.9,-1.4 -1.2,-0.9 0,-0.8 O 1.2,-0.7 3.4,-0.6 U 6,-0.6 10,-1 14,-4',
            diameter: 0.9,
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        {
          closure: 'bend',
          whole: 'A^40 − A^36 + 2A^32 − 3A^28 + 3A^24 − 4A^20 + 4A^16 − 3A^12 + 2A^8 − A^4 + 1',
        },
      ],
      needs: 'an end',
      tailD: 12,
      checks: [
        'Wraps lie side by side, none crosses.',
        'As many above as below.',
        'The tail is made fast to the cord.',
      ],
      sameAs: 'two',
      steps: [
        {
          shown: { upTo: [3, 15.4] },
          say: '{Over} the rope and {behind} it, twice, toward the far side.',
          look: 'Two wraps.',
        },
        {
          shown: 'whole',
          say: 'Across, then two wraps back; the end comes out {under} the bridge.',
          look: 'Two above, two below.',
        },
        {
          shown: 'drawn up',
          say: 'Make the end fast to its own part and load both.',
          look: 'Side by side.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'girth',
      name: 'one wrap only',
      says: 'A girth hitch: it slides under load.',
      insteadOf: 'three',
      spec: {
        ropes: [
          { path: '0,-15 0,-5 OUUO 0,5 0,15', diameter: 1.5, taut: [0, 3] },
          {
            path: '16,0.9 6,0.9 U 2,0.8 O -1.2,0.9 -1.9,1.4 -1.2,1.95 U 1.2,2.15 3.2,1.95 O 4.2,0.35 5,0 4.2,-0.35 O 3.2,-1.95 1.2,-2.15 U -1.2,-1.95 -1.9,-1.4 -1.2,-0.9 O 2,-0.8 U 6,-0.9 16,-0.9',
            diameter: 0.9,
          },
        ],
      },
      claims: [{ closure: 'bend', alone: ['6₁'] }],
      toldBy: 'invariants',
      partsAt: { rope: 1, right: 10, wrong: 7 },
    },
  ],
} as const satisfies Entry;
