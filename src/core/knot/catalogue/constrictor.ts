import type { Entry } from './entry';

/** Constrictor. Paths in rope diameters; tying from the trade's common practice. */
export const constrictor = {
  id: 'constrictor',
  name: 'Constrictor',
  aliases: ['gunner’s knot', 'timmerknut', 'miller’s binder'],
  family: 'binding',
  purpose: 'Binds a bundle, a sack, a hose: grips and stays gripped.',
  notFor: 'Round a limb, ever. Anything you want back undamaged: it may have to be cut.',
  strength: null,
  jams: 'Made to: may have to be cut.',
  unties: 'Slipped: pull the bight. Plain: pry the riding turn, or cut it on top.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  needs: 'either',
  easy: { tie: 2, untie: 1 },
  gloves: false,
  slipped: 'Tuck a bight under the X.',
  backup: 'None.',
  tailD: 6,
  purposes: ['slick-pole'],
  crews: ['stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Two turns, and a riding turn across both.',
    '{Under} the riding turn the two parts are knotted: an overhand.',
    'Both ends leave between the turns.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: '',
      spec: {
        ropes: [
          {
            path: '-1,-14 -1,-5 U -1,-1.8 UoO -1,2 -1.3,3.8 -2,4.2 -2.8,3 -4.2,0.5 u -5.2,-3 -5,-4 -4.2,-3.8 -3.6,-2.7 OOo 4.4,2.9 5,3.9 5.6,3.6 5.4,0.5 u 4.6,-3 3.6,-4 2,-3.4 0.4,-2.9 O -1.8,-2.5 -2.6,-2 U -2,-0.4 oU 0,2 0.5,4 0.6,12',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [2],
          whole: '− A^28 + 2A^24 − 3A^20 + 3A^16 − 4A^12 + 3A^8 − 3A^4 + 1',
        },
        { closure: 'behind', linking: [3] },
      ],
      steps: [
        { shown: { upTo: [8.4] }, say: 'Once round.', look: 'As for a clove hitch.' },
        {
          shown: { upTo: [12.6] },
          say: 'Cross {over} the standing part.',
          look: 'The riding turn.',
        },
        {
          shown: { upTo: [18.3] },
          say: 'Round {behind} again.',
          look: 'End comes up on the {right}.',
        },
        { shown: { upTo: [21.05] }, say: '{Over} the standing part.', look: 'To the {left}.' },
        {
          shown: { upTo: [25] },
          say: 'Then {under} the riding turn and {under} the standing part.',
          look: 'An overhand {under} the X.',
        },
        { shown: 'drawn up', say: 'Pull both ends hard.', look: 'It bites.' },
      ],
    },
    {
      id: 'slipped',
      name: 'slipped',
      note: 'A bight instead of the end: binds as well and comes off with one pull.',
      aliases: ['slipped constrictor'],
      spec: {
        ropes: [
          {
            path: '-1,-14 -1,-5 U -1,-1.8 UoOO -1,2.6 -1.4,4.2 -2.1,4.6 -2.9,3 -4.2,0.5 u -5.2,-3 -5,-4.2 -4.2,-3.8 -3.6,-2.7 OOOo 4.4,2.9 5,3.9 5.6,3.8 5.4,0.5 u 4.6,-3 3.6,-4.2 2,-3.4 0.4,-3 O -1.6,-2.8 -2.3,-2.3 U -1.9,-0.5 oU 0.3,1.9 1.1,4.4 1.3,8.6 0.5,10 -0.3,8.6 0.1,4.8 -0.4,3 U -1.9,1.2 o -2.7,-0.4 U -3,-3 -3.2,-8 -4,-13',
            tips: [26],
          },
        ],
        fixtures: [
          { kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 },
          { kind: 'post', at: [0.5, 8.9], radius: 0.35, hidden: true },
        ],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [2],
          whole: 'A^16 + A^8 − A^4 + 1',
          because: 'fully slipped: only a round turn is left',
        },
      ],
      release: 'fully slipped',
      slippedOf: 'plain',
      checks: [
        'Two turns, and a riding turn across both.',
        '{Under} the riding turn a bight is knotted with the standing part.',
        'The bight leaves on one side, the tail beside the standing part.',
      ],
      steps: [
        { shown: { upTo: [12.6] }, say: 'Once round and across.', look: 'The riding turn.' },
        {
          shown: { upTo: [21.05] },
          say: 'Round again, then {over} the standing part.',
          look: 'To the {left}.',
        },
        {
          shown: 'whole',
          say: 'Tuck a bight {under} the riding turn and the standing part.',
          look: 'The tail stays out.',
        },
        { shown: 'drawn up', say: 'Pull standing part and bight.', look: 'The tail lets it go.' },
      ],
    },
    {
      id: 'handle',
      name: 'two as a handle',
      note: 'Two constrictors with slack between: something to carry a log or a bundle by.',
      aliases: ['constrictor handle', 'carrying handle'],
      spec: {
        light: true,
        ropes: [
          {
            path: '-8.5,-14 -8.5,-5 U -8.5,-1.8 UoO -8.5,2 -8.8,3.8 -9.5,4.2 -10.3,3 -11.7,0.5 u -12.7,-3 -12.5,-4 -11.7,-3.8 -11.1,-2.7 OOo -3.1,2.9 -2.5,3.9 -1.9,3.6 -2.1,0.5 u -2.9,-3 -3.9,-4 -5.5,-3.4 -7.1,-2.9 O -9.3,-2.5 -10.1,-2 U -9.5,-0.4 oU -7.5,2 -7,4 -7,7 -5.5,11 -2,13.4 2,13.4 5.5,11 7,7 8.5,5 U 8.5,1.8 UoO 8.5,-2 8.8,-3.8 9.5,-4.2 10.3,-3 11.7,-0.5 u 12.7,3 12.5,4 11.7,3.8 11.1,2.7 OOo 3.1,-2.9 2.5,-3.9 1.9,-3.6 2.1,-0.5 u 2.9,3 3.9,4 5.5,3.4 7.1,2.9 O 9.3,2.5 10.1,2 U 9.5,0.4 oU 7.5,-2 7,-4 6.9,-12',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-16, 0], to: [16, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] }],
      needs: 'an end',
      checks: [
        'Both are constrictors: the end {under} two crossings.',
        'The slack between is a hand wide.',
        'Both pulled hard.',
      ],
      steps: [
        { shown: { upTo: [20] }, say: 'A constrictor on one side.', look: 'Pulled hard.' },
        {
          shown: { upTo: [28] },
          say: 'Leave slack for the hand.',
          look: 'A hand wide and a fist high.',
        },
        { shown: 'whole', say: 'A second constrictor on the other side.', look: 'Tied the same.' },
        { shown: 'drawn up', say: 'Pull all ends.', look: 'Neither slides.' },
      ],
    },
    {
      id: 'in-the-bight',
      name: 'in the bight, onto an open end',
      note: 'No end is needed: a turn, and a bight of it twisted and dropped onto the end of the post. Seen from there.',
      aliases: ['constrictor in the bight', 'dropped constrictor'],
      spec: {
        ropes: [
          {
            path: '-4.2,-14 -4.2,-8 UO -4.3,-4 o -4.2,0 O -3,3 U 0,4.2 3,3 u 4.2,0 3,-3 0,-4.4 -3.4,-4.3 UU -6.2,-2.8 o -7,0 -5.6,4 O -2,6.4 2,6.4 6,3 u 6.6,-2 4,-6 0,-7 -3.6,-6.4 O -5.5,-5.2 O -5.7,-3 -5,-0.6 oU -3.2,1 -2.6,2.4 O -2.3,4.6 U -2,9 -2,14',
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 0], radius: 2, axis: true }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [2],
          whole: '− A^28 + 2A^24 − 3A^20 + 3A^16 − 4A^12 + 3A^8 − 3A^4 + 1',
        },
        { closure: 'behind', linking: [3] },
      ],
      sameAs: 'plain',
      dressedAs: 'plain',
      release: 'in the bight',
      steps: [
        {
          shown: {
            laid: {
              spec: {
                ropes: [
                  {
                    path: '-4.2,-14 -4.2,-8 -4.3,-4 o -4.2,0 -3,3 U 0,4.2 3,3 u 4.2,0 3,-3 0,-4.4 -2.2,-3 o -2.8,0 -2.6,2.4 O -2.3,4.6 -2,9 -2,14',
                  },
                ],
                fixtures: [{ kind: 'post', at: [0, 0], radius: 2, axis: true }],
              },
              claims: [
                { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
                { closure: 'behind', alone: ['unknot', 'unknot'], linking: [2] },
              ],
            },
          },
          say: 'Take a turn round the post; the part that leaves goes up inside the one that comes, and out {over} the turn.',
          look: 'You look onto the end of the post.',
          adds: [2, 14],
        },
        {
          shown: {
            laid: {
              spec: {
                ropes: [
                  {
                    path: '-4.2,-14 -4.2,-8 O -4.3,-4 o -4.2,0 O -3,3 U 0,4.2 3,3 u 4.2,0 3,-3 0,-4.4 -3.4,-4.6 U -8,-4.8 -10.6,-2.6 -8,-0.8 -5,-0.4 oU -3.2,1 -2.6,2.4 O -2.3,4.6 -2,9 -2,14',
                  },
                ],
                fixtures: [{ kind: 'post', at: [0, 0], radius: 2, axis: true }],
              },
              claims: [
                { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
                { closure: 'behind', alone: ['unknot', 'unknot'], linking: [2] },
              ],
              byNose: true,
            },
          },
          say: 'Pull a bight of the inner part out {under} the standing part.',
          look: 'Long enough for the post.',
          adds: [9, 14],
        },
        {
          shown: 'whole',
          say: 'Give the bight half a twist and drop it onto the end of the post, {over} all.',
          look: 'The leaving part comes out {under} it.',
          grips: [{ at: 13, arm: 180, turns: true }],
          adds: [9.6, 22.4],
        },
        {
          shown: 'drawn up',
          say: 'Pull both ends hard.',
          look: 'An overhand {under} the riding turn.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'clove',
      name: 'no overhand under the X',
      says: 'A clove hitch: the end is only {under} the riding turn. It does not bind.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-2,-13 -2,-5 U -2,-1 o -2,2 -2.3,3.8 -3,4.2 -3.8,3 -4.6,0.5 u -5.2,-3 -5,-4 -4.2,-3.8 -3.4,-2.4 OoO 3.4,2.4 4.2,3.8 5,4 5.2,3 4.8,0.5 u 4,-3 3.4,-4.1 2.6,-3.8 2,-2 o 2,0.8 U 2,4 2,13',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [2] }],
      toldBy: 'invariants',
      partsAt: { right: 20, wrong: 20 },
    },
  ],
} as const satisfies Entry;
