import { KNOTS } from '../knots';
import type { Entry } from './entry';
import { slippedTautLine, tautLineOnABight } from './taut-line-hitch-forms';

/** Taut-line hitch. Paths in rope diameters; tying from the trade's common practice. */
export const tautLineHitch = {
  id: 'taut-line-hitch',
  name: 'Taut-line hitch',
  aliases: ['tent hitch', 'guy-line hitch', 'adjustable hitch', 'rigger’s adjustable'],
  family: 'grip hitch',
  purpose: 'A loop you can lengthen and shorten all day: guy lines, awnings, bundles.',
  notFor: 'Stiff rope: it will not grip. Heavy loads.',
  strength: 'taut-line-hitch',
  jams: 'No.',
  unties: 'Slide it slack and pull the last hitch.',
  holds: KNOTS['taut-line-hitch'].holds,
  needs: 'either',
  easy: { tie: 2, untie: 3 },
  gloves: false,
  slipped: 'The last hitch as a bight.',
  backup: 'A second outside hitch.',
  tailD: 12,
  purposes: ['adjusts', 'grips-rope'],
  crews: ['stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Which of the three is it?',
      sides: [
        {
          school: 'seamanship',
          says: 'Two inside turns, one outside, all the same way.',
          source: 'practice',
        },
        {
          school: 'field',
          says: 'Last turn reversed, or the second turn across the first.',
          source: 'practice',
        },
      ],
      pick: 'All three hold. Plain for soft laid rope, crossed turns for slick, reversed where it must slide easily.',
    },
  ],
  checks: [
    'Two turns inside the loop, one outside.',
    'All turns the same way.',
    'It slides by hand and grips under load.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'taut-line',
      note: 'Two inside turns and one outside, same sense.',
      spec: {
        ropes: [
          {
            path: '-17,0 -12,0 UOUOU 2,0 O 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 -2,-5.4 U -4,-3 -4.4,-1 O -3.9,1.4 -3,2 -2.2,1.2 U -1.8,-1 -1.1,-1.9 -0.3,-1 O 0.2,1.4 1.1,2 1.9,1.2 U 2.3,-1 1.6,-2.9 -1,-3.7 O -4.2,-3.8 -7,-3.2 U -9.4,-1.6 O -9.5,1.2 -8.6,2 -7.7,1.2 U -7.3,-1.4 -7.1,-2.5 O -6.9,-4.6 -6.6,-9',
            taut: [0, 2.6],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'post', at: [9, -2.5], radius: 2.2 }],
      },
      claims: [
        { closure: 'ends', alone: ['5₁#3₁'] },
        { closure: 'cut 1', linking: [3] },
      ],
      steps: [
        {
          shown: { upTo: [9.5] },
          say: 'Take the end round the anchor and back.',
          look: 'Along the standing part.',
        },
        {
          shown: { upTo: [16.3] },
          say: 'One turn round the standing part, inside the loop.',
          look: 'Up {in front}, down {behind}.',
        },
        {
          shown: { upTo: [22.2] },
          say: 'A second turn inside, toward the anchor.',
          look: 'Side by side, same way.',
        },
        {
          shown: { upTo: [25.4] },
          say: 'Cross {over} to the outside.',
          look: 'Away from the anchor.',
        },
        {
          shown: { upTo: [33] },
          say: 'One hitch outside, the same way.',
          look: 'Out {over} itself.',
        },
        {
          shown: 'drawn up',
          say: 'Draw up the turns, then slide it tight.',
          look: 'It grips under load.',
        },
      ],
      labels: [
        { u: 0.2, text: 'standing part' },
        { u: 32.7, text: 'end' },
      ],
    },
    {
      id: 'reversed',
      name: 'last turn reversed',
      note: 'The outside hitch goes the other way: the end comes out {behind}. Slides more easily, holds as well in soft line.',
      aliases: ['adjustable grip hitch', 'reversed taut-line'],
      spec: {
        ropes: [
          {
            path: '-17,0 -12,0 OUUOU 2,0 O 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 -2,-5.4 U -4,-3 -4.4,-1 O -3.9,1.4 -3,2 -2.2,1.2 U -1.8,-1 -1.1,-1.9 -0.3,-1 O 0.2,1.4 1.1,2 1.9,1.2 U 2.3,-1 1.6,-2.9 -1,-3.7 O -4.2,-3.8 -7,-3.2 O -9.4,-1.6 U -9.5,1.2 -8.6,2 -7.7,1.2 O -7.3,-1.4 -7.1,-2.5 U -6.9,-4.6 -6.6,-9',
            taut: [0, 2.6],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'post', at: [9, -2.5], radius: 2.2 }],
      },
      claims: [
        { closure: 'ends', alone: ['5₁#3₁*'] },
        { closure: 'cut 1', linking: [1] },
      ],
      checks: [
        'Two turns inside the loop, one outside.',
        'The outer turn goes the other way round.',
        'It slides by hand and grips under load.',
      ],
      steps: [
        {
          shown: { upTo: [22.2] },
          say: 'Two turns inside, as for the taut-line.',
          look: 'Same way.',
        },
        {
          shown: { upTo: [25.4] },
          say: 'Cross {over} to the outside.',
          look: 'Away from the anchor.',
        },
        {
          shown: { upTo: [33] },
          say: 'One hitch outside, but {behind} first.',
          look: 'Out {under} itself.',
        },
        { shown: 'drawn up', say: 'Draw up the turns.', look: 'The last turn lies the other way.' },
      ],
    },
    {
      id: 'crossed',
      name: 'second turn across the first',
      note: 'The second turn rides {over} the first and jams it: holds in slick line, and does not slip while you finish.',
      aliases: ['midshipman’s hitch', 'crossed taut-line'],
      spec: {
        ropes: [
          {
            path: '-17,0 -12,0 UOUOUO 2,0 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 1,-5.6 U -0.8,-3.6 U -1.2,-1 OO -0.8,1.4 0,2 0.8,1.2 U 1.2,-1 0.7,-2.1 O -0.6,-2.3 O -2.6,-1.8 O -3.4,0 -3.2,1.6 -2.4,2.4 -1.9,1.2 UU -1,-1.2 U 0.6,-3.4 0.4,-4.5 O -1.4,-4.6 -4,-4.2 -7,-3.2 U -9.4,-1.6 O -9.5,1.2 -8.6,2 -7.7,1.2 U -7.3,-1.4 -7.1,-2.5 O -6.9,-4.6 -6.6,-9',
            taut: [0, 2.6],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'post', at: [9, -2.5], radius: 2.2 }],
      },
      claims: [
        { closure: 'ends', alone: ['5₁#3₁'] },
        {
          closure: 'cut 1',
          linking: [3],
          because:
            'the turns can be slid into those of the plain form: the two are told apart by how they lie',
        },
      ],
      sameAs: 'plain',
      checks: [
        'Two turns inside the loop, the second riding across the first.',
        'One turn outside, the same way.',
        'It slides by hand and grips under load.',
      ],
      steps: [
        {
          shown: { upTo: [9.5] },
          say: 'Round the anchor and back.',
          look: 'Along the standing part.',
        },
        {
          shown: { upTo: [16.3] },
          say: 'One turn inside the loop.',
          look: 'Up {in front}, down {behind}.',
        },
        {
          shown: { upTo: [24.5] },
          say: 'A second turn across the first, on its outer side.',
          look: 'It rides {over} the first.',
        },
        {
          shown: { upTo: [36] },
          say: 'One hitch outside, the same way.',
          look: 'Out {over} itself.',
        },
        { shown: 'drawn up', say: 'Draw up.', look: 'The riding turn pins the first.' },
      ],
    },
    slippedTautLine,
    tautLineOnABight,
  ],
  wrong: [
    {
      id: 'one-inside',
      name: 'one turn inside only',
      says: 'Two half hitches round the standing part: it does not grip, it slides.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-17,0 -12,0 UOUO 2,0 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 -2,-5.4 U -4,-3 -4.4,-1 O -3.9,1.4 -3,2 -2.2,1.2 U -1.8,-1 -2,-2.7 -3,-3.5 O -5,-3.6 -7,-3.2 U -9.4,-1.6 O -9.5,1.2 -8.6,2 -7.7,1.2 U -7.3,-1.4 -7.1,-2.5 O -6.9,-4.6 -6.6,-9',
            taut: [0, 2.6],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'post', at: [9, -2.5], radius: 2.2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁#3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 18, wrong: 13 },
    },
  ],
} as const satisfies Entry;
