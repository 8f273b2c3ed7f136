import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Fisherman’s (anchor) bend. Paths in rope diameters; tying from the trade's common practice. */
export const fishermansBend = {
  id: 'fishermans-bend',
  name: 'Fisherman’s (anchor) bend',
  aliases: ['fisherman’s bend', 'anchor bend', 'bucket hitch', 'anchor hitch'],
  family: 'hitch',
  purpose: 'The strongest plain hitch to a ring or rail, wet or dry.',
  notFor: 'A quick release.',
  strength: 'fishermans-bend',
  jams: 'Tight when wet, but comes.',
  unties: 'Slack the hitch, then roll the turns open.',
  holds: KNOTS['fishermans-bend'].holds,
  needs: 'an end',
  easy: { tie: 2, untie: 2 },
  gloves: false,
  slipped: 'The second hitch as a bight.',
  backup: 'Seize the end.',
  tailD: 12,
  purposes: ['keeps-strength', 'slick-pole'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Two turns round the ring.',
    'The first hitch passes {under} both turns.',
    'A second half hitch round the standing part.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: '',
      spec: {
        ropes: [
          {
            path: '-1.4,-20 -1.4,-13 UOU -1.4,-5 -1.4,-2 Oo -1.4,2 -0.9,3.4 -0.3,2 uU 0.1,-2 0.6,-3.4 0.9,-2 Oo 1.1,2 1.7,3.4 2.1,2 uU 2.4,-2 2.4,-4 1.2,-5.2 -1.4,-5.6 O -3.8,-5 -4.8,-3 -3.8,-0.7 U -1.4,-0.4 OU 1,-0.2 Oo 3.4,0 o 5,-1 5.4,-4 4.2,-8 1.2,-9.3 U 0,-10.3 O -1.8,-11.1 -3.2,-11.2 -3.8,-10 -3,-9 U -0.4,-9.1 0.6,-9.2 O 2.4,-10.2 6,-12',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['5₁#3₁', 'unknot'], linking: [2] }],
      steps: [
        { shown: { upTo: [8.4] }, say: 'One turn round the rail.', look: 'Keep it open.' },
        { shown: { upTo: [14.2] }, say: 'A second turn.', look: 'Side by side.' },
        {
          shown: { upTo: [18.4] },
          say: 'Cross {in front of} the standing part.',
          look: 'To the {left}.',
        },
        {
          shown: { upTo: [23.2] },
          say: 'Tuck {under} both turns.',
          look: 'Between them and the rail.',
        },
        { shown: { upTo: [35] }, say: 'A half hitch round the standing part.', look: 'Close up.' },
        {
          shown: 'drawn up',
          say: 'Draw it up, then seize the end.',
          look: 'The turns pin the end.',
        },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 34.8, text: 'end' },
      ],
    },
    {
      id: 'two-half-hitches',
      name: 'finished with two half hitches',
      note: 'The safer school: one half hitch more on the standing part.',
      aliases: ['anchor bend and two half hitches'],
      spec: {
        ropes: [
          {
            path: '-1.4,-23 -1.4,-17.5 UOUOU -1.4,-5 -1.4,-2 Oo -1.4,2 -0.9,3.4 -0.3,2 uU 0.1,-2 0.6,-3.4 0.9,-2 Oo 1.1,2 1.7,3.4 2.1,2 uU 2.4,-2 2.4,-4 1.2,-5.2 -1.4,-5.6 O -3.8,-5 -4.8,-3 -3.8,-0.7 U -1.4,-0.4 OU 1,-0.2 Oo 3.4,0 o 5,-1 5.4,-4 4.2,-8 1.2,-9.3 U 0,-10.3 O -1.8,-11.1 -3.2,-11.2 -3.8,-10 -3,-9 U -0.4,-9.1 0.6,-9.2 O 2.4,-10.2 3.8,-11.8 2.6,-13.6 1,-14.7 U 0,-15.4 O -1.8,-16.2 -3.2,-16.3 -3.8,-15.1 -3,-14.1 U -0.4,-14.2 0.5,-14.3 O 2.4,-15.3 6,-16.8',
            taut: [0, 2],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [
        {
          closure: 'ends',
          linking: [2],
          whole:
            '− A^56 + 3A^52 − 4A^48 + 6A^44 − 8A^40 + 8A^36 − 7A^32 + 4A^28 − 3A^24 − A^20 + 2A^16 − A^12 + 3A^8 + 1',
        },
      ],
      steps: [
        {
          shown: { upTo: [10.4] },
          say: 'Two turns round the ring or rail.',
          look: 'Side by side.',
        },
        {
          shown: { upTo: [20.6] },
          say: 'First half hitch {under} both turns.',
          look: 'Round the standing part.',
        },
        {
          shown: { upTo: [34] },
          say: 'A second half hitch round the standing part.',
          look: 'Below the first.',
        },
        { shown: 'whole', say: 'And a third one, the same way.', look: 'Then seize the end.' },
        { shown: 'drawn up', say: 'Draw it up.', look: 'Turns snug, hitches close.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'over',
      name: 'first hitch not under the turns',
      says: 'The end lies {over} the turns: nothing pins it.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-1.4,-20 -1.4,-13 UOU -1.4,-5 -1.4,-2 Uo -1.4,2 -0.9,3.4 -0.3,2 uU 0.1,-2 0.6,-3.4 0.9,-2 Uo 1.1,2 1.7,3.4 2.1,2 uU 2.4,-2 2.4,-4 1.2,-5.2 -1.4,-5.6 O -3.8,-5 -4.8,-3 -3.8,-0.7 O -1.4,-0.4 OO 1,-0.2 Oo 3.4,0 o 5,-1 5.4,-4 4.2,-8 1.2,-9.3 U 0,-10.3 O -1.8,-11.1 -3.2,-11.2 -3.8,-10 -3,-9 U -0.4,-9.1 0.6,-9.2 O 2.4,-10.2 6,-12',
            taut: [0, 2],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁', 'unknot'] }],
      idleCrossings: {
        count: 1,
        because: 'the end is not pinned, so it may hang before or behind the last turn',
      },
      toldBy: 'invariants',
      partsAt: { right: 20.5, wrong: 20.5 },
    },
  ],
} as const satisfies Entry;
