import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Round turn and two half hitches. Paths in rope diameters; tying from the trade's common practice. */
export const roundTurnTwoHalfHitches = {
  id: 'round-turn-two-half-hitches',
  name: 'Round turn and two half hitches',
  aliases: ['round turn and two', 'turn and two halves'],
  family: 'hitch',
  purpose: 'Holds a strain while you tie: the turn takes the load, the hitches only keep it.',
  notFor: 'A place where the line will be shaken slack for days: seize the end.',
  strength: 'round-turn-two-half-hitches',
  jams: 'No.',
  unties: 'Undo the hitches; the turn still holds the strain.',
  holds: KNOTS['round-turn-two-half-hitches'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'The last hitch, or both, as bights: comes off under load.',
  backup: 'Seize the end for long standing.',
  tailD: 12,
  purposes: ['off-under-load', 'gloves', 'not-jam', 'slick-pole'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The rope goes round the rail twice: both parts leave on the same side.',
    'Turns lie side by side, not crossed.',
    'Both hitches go the same way.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: '',
      spec: {
        ropes: [
          {
            path: '-1.4,-20 -1.4,-13 UOU -1.4,-5 O -1.4,-2 o -1.4,2 -0.9,3.2 -0.5,2 u -0.1,-2 0.2,-3.2 0.4,-2 o 0.7,2 1.2,3.2 1.6,2 u 1.9,-2 2.4,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 3.8,-7.8 2.6,-9.6 1,-10.7 U 0,-11.7 O -1.8,-12.5 -3.2,-12.6 -3.8,-11.4 -3,-10.4 U -0.4,-10.5 0.5,-10.6 O 2.4,-11.6 6,-13',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁#3₁', 'unknot'], linking: [2] }],
      steps: [
        { shown: { upTo: [8.3] }, say: 'Take the end over the rail and round.', look: 'One turn.' },
        {
          shown: { upTo: [14.2] },
          say: 'Once more round: a round turn.',
          look: 'It holds the strain already.',
        },
        {
          shown: { upTo: [23.6] },
          say: 'First half hitch round the standing part.',
          look: '{Over}, {behind}, out {over} itself.',
        },
        { shown: { upTo: [35] }, say: 'Second half hitch, the same way.', look: 'Both alike.' },
        { shown: 'drawn up', say: 'Pull the end tight.', look: 'Hitches close to the rail.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 34.8, text: 'end' },
      ],
    },
    {
      id: 'slipped',
      name: 'slipped',
      note: 'The second hitch is a bight: one pull lets it go.',
      aliases: ['slipped round turn and two half hitches'],
      spec: {
        ropes: [
          {
            path: '-1.4,-20 -1.4,-13 UOOU -1.4,-5 O -1.4,-2 o -1.4,2 -0.9,3.2 -0.5,2 u -0.1,-2 0.2,-3.2 0.4,-2 o 0.7,2 1.2,3.2 1.6,2 u 1.9,-2 2.4,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 3.8,-7.8 2.6,-9.6 U 1,-10.7 U 0,-11.7 O -1.8,-12.5 -3.2,-12.6 -3.8,-11.6 -3,-10.7 U -0.4,-10.8 0.5,-10.9 O 4,-12.4 7.5,-13.2 8.6,-12.4 7.5,-11.6 4,-10.6 O 1.8,-9.9 0.4,-9.2 -1.4,-9 U -4,-9.4 -8,-10',
            taut: [0, 2],
            tips: [36],
          },
        ],
        fixtures: [
          { kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 },
          { kind: 'post', at: [7.6, -12.4], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['3₁', 'unknot'],
          linking: [2],
          because: 'the slipped hitch pulls out, the plain one stays; tail led under',
        },
      ],
      release: { leaves: '3₁', says: 'the first hitch stays' },
      slippedOf: 'plain',
      checks: [
        'The rope goes round the rail twice: both parts leave on the same side.',
        'Turns lie side by side, not crossed.',
        'Both hitches go the same way; the second is a bight.',
      ],
      steps: [
        {
          shown: { upTo: [14.2] },
          say: 'Round turn on the rail.',
          look: 'Both parts on one side.',
        },
        { shown: { upTo: [23.6] }, say: 'First half hitch.', look: '{Over}, {behind}, out.' },
        {
          shown: 'whole',
          say: 'Second half hitch with a bight instead of the end.',
          look: 'The tail stays on its own side.',
        },
        { shown: 'drawn up', say: 'Pull the bight snug.', look: 'The tail undoes it.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'single-turn',
      name: 'one turn only',
      says: 'Without the second turn the hitches take the strain and bind.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1,-18 -1,-13 UOUO -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 1,-5.3 U 0,-6.3 O -1.8,-7.1 -3.2,-7.2 -3.8,-6 -3,-5 U -0.4,-5.1 0.5,-5.2 O 2.4,-6.2 3.8,-7.8 2.6,-9.6 1,-10.7 U 0,-11.7 O -1.8,-12.5 -3.2,-12.6 -3.8,-11.4 -3,-10.4 U -0.4,-10.5 0.5,-10.6 O 2.4,-11.6 6,-13',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁#3₁', 'unknot'], linking: [1] }],
      toldBy: 'invariants',
      partsAt: { right: 9.5, wrong: 4 },
    },
  ],
} as const satisfies Entry;
