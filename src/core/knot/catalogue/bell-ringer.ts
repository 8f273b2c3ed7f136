import { KNOTS } from '../knots';
import type { FormSpec } from '../form/form';
import type { Entry } from './entry';

const PATH = {
  ropes: [
    {
      path: '-1,16 O -1.5,10 O -1.6,6.4 O -1.6,4.4 O -0.6,2.6 O 0.8,2.4 2.6,2.9 2.8,4.2 1,4.9 UU -1,5 U -2.4,5 -3.8,4 -4.4,0 -4.8,-6 -3.6,-9 -1.9,-9.8 -0.4,-8.6 -0.2,-5 -0.7,0 U -0.8,4.4 O -0.9,6.4 U -2.2,8.8 U -1.4,10.8 0,11.4 1.4,10.8 2.2,8.8 0.9,6.4 O 0.8,4.4 U 0.9,0 2.5,-6 4,-13',
      taut: [18, 28],
      tips: [15, 23],
    },
  ],
  fixtures: [{ kind: 'post', at: [-2.3, -7.9], radius: 1.2, hidden: true }],
} as const satisfies FormSpec;

/** Bell-ringer’s loop. Paths in rope diameters; tying from the trade's common practice. */
export const bellRinger = {
  id: 'bell-ringer',
  name: 'Bell-ringer’s loop',
  aliases: ['bell-ringer', 'bellringer’s knot', 'half sheepshank'],
  family: 'mid-line loop',
  purpose: 'Takes up slack and gives a loop for hauling, without an end.',
  notFor: 'A line that goes slack: it collapses.',
  strength: 'bell-ringer',
  jams: 'Never.',
  unties: 'Let the line go slack and shake it.',
  holds: KNOTS['bell-ringer'].holds,
  needs: 'a bight',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'It is all slipped.',
  backup: 'A half hitch of the upper bight round the line, or tape.',
  tailD: 0,
  purposes: ['no-end', 'tightens', 'not-jam', 'gloves'],
  crews: ['transport', 'farm', 'stage', 'instructors'],
  disputes: [],
  checks: [
    'The bight stands up through the turn, a hand long.',
    'The line stays tight.',
    'The turn grips both parts of the bight.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'bight through a turn',
      note: 'Turn in the line, bight up through it; the lower bight is the loop for hauling.',
      spec: PATH,
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', 'unknot', 'unknot'], linking: [1, 1, 0] },
      ],
      release: 'in the bight',
      labels: [
        { u: 0.3, text: 'to the load' },
        { u: 23, text: 'upper bight' },
        { u: 15, text: 'hauling loop' },
      ],
      steps: [
        {
          shown: { upTo: [11.4] },
          say: 'Turn a loop in the line.',
          look: 'Its lower part comes out {under} the line.',
        },
        {
          shown: { upTo: [19.4] },
          say: 'Let the slack hang as a bight and bring it back up.',
          look: 'The lower bight is your hauling loop.',
        },
        {
          shown: 'whole',
          say: 'Push the slack up through the turn as a bight.',
          look: 'A hand long.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the line tight and keep it so.',
          look: 'The turn grips the bight.',
        },
      ],
    },
    {
      id: 'folded',
      name: 'half sheepshank',
      note: 'The same, made by folding first: the slack in three, and one end hitched.',
      aliases: ['half sheepshank'],
      spec: PATH,
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', 'unknot', 'unknot'], linking: [1, 1, 0] },
      ],
      sameAs: 'plain',
      release: 'in the bight',
      strength: 'half-sheepshank',
      holds: KNOTS['half-sheepshank'].holds,
      steps: [
        {
          shown: 'whole',
          say: 'Fold the slack in three and throw a half hitch of the line round one fold.',
          look: 'The other fold is the hauling loop.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the line tight and keep it so.',
          look: 'It collapses when slack.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'round-one',
      name: 'turn round one part',
      says: 'The turn holds one part of the bight only: it pulls through.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1,16 O -1.5,10 O -1.6,6.4 O -1.6,4.4 O -0.6,2.6 O 0.8,2.4 2.6,2.9 2.8,4.2 1,4.9 U 0,4.95 O -0.8,5 U -2.4,5 -3.8,4 -4.4,0 -4.8,-6 -3.6,-9 -1.9,-9.8 -0.4,-8.6 -0.2,-5 -0.7,0 U -0.8,4.4 U -0.9,6.4 U -2.2,8.8 U -1.4,10.8 0,11.4 1.4,10.8 2.2,8.8 0.9,6.4 O 0.8,4.4 U 0.9,0 2.5,-6 4,-13',
            taut: [19, 29],
            tips: [16, 24],
          },
        ],
        fixtures: [{ kind: 'post', at: [-2.3, -7.9], radius: 1.2, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', 'unknot', 'unknot'], linking: [0, 1, 0] },
      ],
      toldBy: 'invariants',
      partsAt: { right: 20, wrong: 20 },
    },
  ],
} as const satisfies Entry;
