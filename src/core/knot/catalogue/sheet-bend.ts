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
  leadsTo: ['bowline'],
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
