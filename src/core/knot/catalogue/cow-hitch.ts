import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Cow hitch, with its tucked and its looped form. Paths in rope diameters; tying from the trade's common practice. */
export const cowHitch = {
  id: 'cow-hitch',
  name: 'Cow hitch',
  aliases: ['lark’s head', 'lanyard hitch', 'deadeye hitch'],
  family: 'hitch',
  purpose: 'Holds a line to a rail or ring where both legs pull, or where its end is tucked.',
  notFor: 'A load on one leg alone: it creeps along and works loose.',
  strength: 'cow-hitch',
  jams: 'No.',
  unties: 'Push the bridge back and pull the legs out.',
  holds: KNOTS['cow-hitch'].holds,
  needs: 'either',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Tuck a bight instead of the end.',
  backup: 'Tuck the tail between the turns and the rail.',
  tailD: 12,
  purposes: ['no-end', 'gloves', 'not-jam'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Is it a hitch for one leg?',
      sides: [
        { school: 'seamanship', says: '“With its tail tucked.”', source: 'practice' },
        { school: 'farm', says: '“For a halter it will do.”', source: 'practice' },
      ],
      pick: 'Plain only where both legs pull alike; otherwise tuck the tail.',
    },
  ],
  checks: [
    'Both legs come out {under} one bridge.',
    'The two turns lie side by side, one the mirror of the other.',
    'Both legs are loaded alike.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'with an end',
      note: 'Begins like a clove hitch; the second turn goes round the other way.',
      spec: {
        ropes: [
          {
            path: '-1.5,-16 -1.5,-7 U -1.5,-2.6 o -1.5,2.6 -2.2,4 -3.4,4 -4,2.6 u -4.2,-2.6 -4,-4.2 -2.8,-4.9 OO 2.8,-4.9 4,-4.2 4.2,-2.6 u 4,2.6 3.4,4 2.2,4 1.5,2.6 o 1.5,-2.6 U 1.5,-7 1.5,-14',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] }],
      steps: [
        {
          shown: { upTo: [8.4] },
          say: 'Take the end over the rail and down {behind}.',
          look: 'To the {left} of the standing part.',
        },
        {
          shown: { upTo: [11.4] },
          say: 'Cross {over} the standing part.',
          look: 'To the {right}, below the rail: the bridge.',
        },
        {
          shown: { upTo: [16.4] },
          say: 'Up {behind} the rail.',
          look: 'The other way round than the first turn.',
        },
        {
          shown: 'whole',
          say: 'Over the rail, down {in front}, then {under} the bridge.',
          look: 'Both legs come out side by side.',
        },
        { shown: 'drawn up', say: 'Pull both legs.', look: 'One bridge across two legs.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 10.5, text: 'bridge' },
        { u: 18.8, text: 'end' },
      ],
    },
    {
      id: 'tucked',
      name: 'tail tucked',
      note: 'The tail lies between the turns and the rail, pinned by both: it stays with one leg loaded.',
      aliases: ['pedigree cow hitch', 'cow hitch with its tail tucked'],
      spec: {
        ropes: [
          {
            path: '-1.5,-16 -1.5,-7 U -1.5,-2.6 oO -1.5,2.6 -2.2,4 -3.4,4 -4,2.6 Uu -4.2,-2.6 -4,-4.2 -2.8,-4.9 OO 2.8,-4.9 4,-4.2 4.2,-2.6 uU 4,2.6 3.4,4 2.2,4 1.5,2.6 Oo 1.5,-2.6 U 1.5,-6.2 2.4,-7.8 4.8,-7.4 6.6,-4.8 6.8,-1.5 o 5.8,1 OUUO -5.8,0.8 -10,0.6',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-12, 0], to: [12, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁#3₁*', 'unknot'], linking: [1] }],
      checks: [
        'Both legs come out {under} one bridge.',
        'The tail lies between the rail and both turns.',
        'The tail sticks out beyond the far turn.',
      ],
      steps: [
        {
          shown: { upTo: [18.6] },
          say: 'Tie a cow hitch.',
          look: 'Bridge across both legs.',
        },
        {
          shown: { upTo: [22.9] },
          say: 'Lead the tail back up beside the hitch.',
          look: '{In front of} the rail.',
        },
        {
          shown: 'whole',
          say: 'Tuck it {under} both turns, along the rail.',
          look: 'Out on the far side.',
        },
        { shown: 'drawn up', say: 'Pull the standing part.', look: 'Both turns pin the tail.' },
      ],
    },
    {
      id: 'girth',
      name: 'with a closed loop',
      note: 'A loop of sling or cord passed round and through itself: made without an end, both legs loaded.',
      aliases: ['girth hitch', 'ring hitch', 'strap hitch', 'bale sling hitch'],
      spec: {
        ropes: [
          {
            path: '-1.5,-18 -1.5,-7 U -1.5,-2.6 o -1.5,2.6 -2.2,4 -3.4,4 -4,2.6 u -4.2,-2.6 -4,-4.2 -2.8,-4.9 OO 2.8,-4.9 4,-4.2 4.2,-2.6 u 4,2.6 3.4,4 2.2,4 1.5,2.6 o 1.5,-2.6 U 1.5,-7 1.5,-18',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] }],
      sameAs: 'plain',
      release: 'in the bight',
      strength: 'girth-hitch',
      holds: KNOTS['girth-hitch'].holds,
      checks: [
        'Both legs come out {under} one bridge.',
        'The two turns lie side by side, not crossed.',
        'Both legs are loaded alike, and the joint of the loop is away from the hitch.',
      ],
      steps: [
        {
          shown: 'whole',
          say: 'Lay the bight {behind} the rail, fold it down {over} the front and pull both legs through it, {under} the bridge.',
          look: 'Two turns, one bridge.',
        },
        { shown: 'drawn up', say: 'Pull both legs.', look: 'The bridge bites across both.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'clove',
      name: 'second turn the same way',
      says: 'The second turn goes the same way as the first: a clove hitch. It holds one leg, and is another knot.',
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
      partsAt: { right: 10.5, wrong: 12 },
    },
  ],
} as const satisfies Entry;
