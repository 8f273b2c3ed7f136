import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Sheet bend. Paths in rope diameters; tying from the trade's common practice. */
export const sheetBend = {
  id: 'sheet-bend',
  name: 'Sheet bend',
  aliases: ['becket bend', 'weaver’s knot', 'flag bend'],
  family: 'bend',
  purpose: 'Joins two ropes of unequal thickness, or a rope to an eye or a bunched tarp corner.',
  notFor: 'A line that goes slack: it shakes loose.',
  strength: 'sheet-bend',
  jams: 'Seldom.',
  unties: 'Bend the bight back and push the thin rope in.',
  holds: KNOTS['sheet-bend'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Tuck a bight of the thin rope.',
  backup: 'The double form.',
  tailD: 12,
  purposes: ['unequal-ropes', 'joins', 'not-jam', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The bight is in the thicker rope.',
    'Both tails are on the same side.',
    'The thin rope is pinned {under} itself, {over} the bight.',
  ],
  forms: [
    {
      id: 'single',
      name: 'single',
      note: 'For ropes nearly alike.',
      aliases: ['single sheet bend'],
      spec: {
        ropes: [
          {
            diameter: 1.5,
            path: '-14,-2.2 -7,-2.2 O -2,-2.2 U 3,-2.2 5.5,-1.8 6.5,0 O 5.5,1.8 3,2.2 UU -2,2.2 O -7,2.2 -10,2.2',
          },
          {
            diameter: 0.9,
            path: '16,-0.5 9,-0.5 U 3,0 O 1,1.2 O -0.5,4 -2.5,5 -4,4 U -4.2,0 U -4,-4 -2.5,-5 -0.5,-4 O 1,-0.5 U 2.2,1.5 O 3.2,4.5 4,8',
          },
        ],
      },
      claims: [
        { closure: 'bend', alone: ['6₂'] },
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
      ],
      steps: [
        {
          shown: { upTo: [10, 1.5] },
          say: 'A bight in the thicker rope.',
          look: 'Tail and standing part side by side.',
        },
        {
          shown: { upTo: [10, 4.3] },
          say: 'The thin rope {up through} it.',
          look: '{From below}.',
        },
        {
          shown: { upTo: [10, 9.6] },
          say: 'Round {behind} both parts.',
          look: 'Not between them.',
        },
        {
          shown: 'whole',
          say: 'Tuck it {under} itself, {over} the bight.',
          look: 'Tails on the same side.',
        },
        {
          shown: 'drawn up',
          say: 'Hold the bight, pull the thin rope.',
          look: 'It pinches itself.',
        },
      ],
      labels: [
        { u: 0.3, text: 'thick rope' },
        { rope: 1, u: 0.3, text: 'thin rope' },
        { rope: 1, u: 13.8, text: 'tail' },
      ],
    },
    {
      id: 'double',
      serves: ['unequal-ropes'],
      name: 'double',
      note: 'The thin rope goes round twice: for unequal ropes.',
      aliases: ['double sheet bend', 'double becket bend'],
      spec: {
        ropes: [
          {
            path: '-14,-2.4 -7,-2.4 OUOU 6.5,-2.4 9,-1.8 O 10,0 9,1.8 6.5,2.4 UUOUO -7,2.4 -11,2.4',
            diameter: 1.5,
          },
          {
            path: '20,-0.4 14,-0.4 10,-0.3 U 5.5,-0.2 OO 0.5,0.2 O -1.2,1 -1.8,2.4 O -2.6,4.4 -4,5 -5,3.8 U -5.2,0 U -5,-3.8 -4,-5 -2.6,-4.4 O -1.4,-2.4 0,-0.8 OU 1,0.6 2,2.4 O 2.6,4 2.2,5.2 1,4.9 0.4,3.4 UU 0.2,0 UU 0.4,-3.4 1,-4.9 2.2,-5 3.2,-4 O 3.9,-2.4 4.6,-0.3 U 5.2,2.4 O 6,4.6 7,9',
            diameter: 0.9,
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        { closure: 'bend', whole: 'A^36 − 2A^32 + 2A^28 − 2A^24 + 2A^20 − A^16 + A^8 − A^4 + 1' },
      ],
      checks: [
        'The bight is in the thicker rope.',
        'Both tails are on the same side.',
        'Two turns of the thin rope lie side by side, its end {under} both.',
      ],
      strength: 'double-sheet-bend',
      holds: KNOTS['double-sheet-bend'].holds,
      steps: [
        {
          shown: { upTo: [8, 6.4] },
          say: '{Up through} the bight.',
          look: 'The bight in the thicker rope.',
        },
        {
          shown: { upTo: [8, 17.6] },
          say: 'Round {behind} both and {under} itself.',
          look: 'That is the single.',
        },
        {
          shown: 'whole',
          say: 'Round once more and {under} itself again.',
          look: 'Two turns side by side.',
        },
        { shown: 'drawn up', say: 'Pull the thin rope.', look: 'Two turns pinch it.' },
      ],
    },
    {
      id: 'triple',
      name: 'triple',
      note: 'Three turns: for ropes that differ greatly, or slick ones.',
      aliases: ['triple sheet bend'],
      spec: {
        ropes: [
          {
            path: '-14,-2.4 O -7,-2.4 UOU 0,-2.4 OU 6.5,-2.4 9,-1.8 O 10,0 9,1.8 6.5,2.4 UOU 0,2.4 OUU -7,2.4 O -12,2.4',
            diameter: 1.5,
          },
          {
            path: '17,-0.4 13.5,-0.4 10,-0.3 U 7.6,-0.2 5.8,-0.2 OO 0,0 OOO -5,0.6 -6.4,2.4 O -7,4.6 -7.6,5 -8.2,4 U -8,0 U -7.8,-4 -7,-5 -6,-4 O -5.4,-2.4 -4.9,0 UO -4.4,2.4 -4,4.4 -3.4,5 -2.8,4 UU -2.6,0 U -2.4,-4 -1.8,-5 -1.2,-4 -0.7,-2.4 O -0.2,0 U 0.2,2.4 O 0.6,4.4 1.2,5 1.8,4 U 2,0 UU 2.2,-4 2.8,-5 3.4,-4 O 3.8,-2.4 4.3,-0.2 U 4.8,2.4 O 5.4,5 6,8',
            diameter: 0.9,
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        {
          closure: 'bend',
          whole:
            'A^48 − 2A^44 + 2A^40 − 2A^36 + 2A^32 − 2A^28 + 2A^24 − A^20 + A^16 − A^12 + A^8 − A^4 + 1',
        },
      ],
      checks: [
        'The bight is in the thicker rope.',
        'Three turns, each tucked {under} the thinner rope’s own part.',
        'Both ends on the same side.',
      ],
      steps: [
        {
          shown: { upTo: [10, 5] },
          say: 'Up through the bight of the thicker rope, from {behind}.',
          look: 'The thinner rope runs inside.',
        },
        { shown: { upTo: [10, 13] }, say: 'Round both legs, {behind} them.', look: 'Once.' },
        {
          shown: { upTo: [10, 18] },
          say: 'Tuck it {under} its own part.',
          look: 'A single sheet bend.',
        },
        {
          shown: 'whole',
          say: 'Twice more round, each time {under} its own part.',
          look: 'Three turns side by side.',
        },
        { shown: 'drawn up', say: 'Pull the standing parts.', look: 'The turns grip the bight.' },
      ],
    },
    {
      id: 'corner',
      name: 'to a bunched corner or an eye',
      note: 'The corner of a tarp, bunched and folded back, stands for the thicker rope; a spliced eye likewise.',
      aliases: ['sheet bend to a tarp corner', 'becket hitch', 'sheet bend to an eye'],
      spec: {
        ropes: [
          {
            path: '-13,-2.6 -7,-2.6 O -2,-2.6 U 3,-2.6 5.6,-2 O 6.8,0 5.6,2 3,2.6 UU -2,2.6 O -7,2.6 -13,2.6',
            diameter: 2.2,
          },
          {
            path: '14,-0.5 9.5,-0.5 6.8,-0.3 U 4,0 O 2,0.6 0.6,2.6 O -1.4,4.8 -3,5.2 -4.2,4 U -4.4,0 U -4.2,-4 -2.8,-5.2 -1,-4.4 O 0.6,-2.6 2,0 UO 3,2.6 3.8,5 4.4,8.5',
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
        { closure: 'bend', alone: ['6₂'] },
      ],
      checks: [
        'The cloth is folded back far enough.',
        'The line is tucked {under} its own part.',
        'The line grips both parts of the corner.',
      ],
      sameAs: 'single',
      steps: [
        {
          shown: { upTo: [10, 4] },
          say: 'Up through the fold of the corner, from {behind}.',
          look: 'Hold the bunched cloth.',
        },
        {
          shown: { upTo: [10, 11] },
          say: 'Round both parts, {behind} them.',
          look: 'Close to the fold.',
        },
        {
          shown: 'whole',
          say: 'Tuck the end {under} its own part.',
          look: 'Between line and cloth.',
        },
        { shown: 'drawn up', say: 'Pull line and cloth.', look: 'It grips the fold.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'opposite',
      name: 'tails on opposite sides',
      says: 'It looks the same but the thin rope’s tail is on the far side from the thick rope’s: it slips sooner.',
      insteadOf: 'single',
      spec: {
        ropes: [
          {
            diameter: 1.5,
            path: '-14,2.2 -7,2.2 O -2,2.2 UU 3,2.2 5.5,1.8 O 6.5,0 5.5,-1.8 3,-2.2 U -2,-2.2 O -7,-2.2 -10,-2.2',
          },
          {
            diameter: 0.9,
            path: '16,-0.5 9,-0.5 U 3,0 O 1,1.2 O -0.5,4 -2.5,5 -4,4 U -4.2,0 U -4,-4 -2.5,-5 -0.5,-4 O 1,-0.5 U 2.2,1.5 O 3.2,4.5 4,8',
          },
        ],
      },
      claims: [{ closure: 'bend', alone: ['8₂₀'] }],
      toldBy: 'invariants',
      partsAt: { right: 9.6, wrong: 9.6 },
    },
  ],
} as const satisfies Entry;
