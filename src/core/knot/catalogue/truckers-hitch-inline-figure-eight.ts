import type { TiedForm } from './entry';

/** Trucker’s hitches with an inline figure-eight, by their lock. Paths in rope diameters; tying from the trade's common practice. */
export const inlineFigureEightSlipped = {
  id: 'inline-figure-eight-slipped',
  name: 'inline figure-eight, slipped half hitch',
  note: 'The inline figure-eight with a slipped half hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '7.3,18 7.3,13 O 7.3,8.3 OU 7.3,4 U 7.3,-1 7.1,-5 5.3,-7.6 OO 2.1,-7.4 0.1,-4 0.21,0.49 UU 4.08,2.83 O 9.88,3.43 12.1,5.83 9.71,8.86 U 4.5,8.87 1.91,5.92 OO 2.6,0.94 2.8,-3.42 2.9,-7.41 U 2.4,-10.5 2,-13 O 3.5,-15.2 U 5,-13 4.6,-10.5 U 4.1,-7.39 4,-3.38 3.8,1.06 OO 3.09,5.68 4.9,7.73 U 9.29,7.74 10.9,5.77 9.52,4.57 O 3.72,3.97 UU -0.41,1.51 -1.3,-3.4 -1.5,-9 -2.1,-14 OOU -2.3,-21 -2.1,-23.4 o -0.5,-25.2 u 1.1,-23.4 1.4,-21 UO 1.4,-17 O 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 U 4.4,-17.6 U 3.4,-18.6 1.4,-19.2 O -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 -2.3,-17.6 UU 1.4,-17.5 2.8,-17.4 3.9,-17.9 O 6.5,-18.5 8.6,-18.9 9.5,-18.2 8.6,-17.5 6.4,-17.2 O 4.3,-16.7 2.8,-16.2 U 1.4,-16.1 U -2.3,-16.1 -5,-16.3 -8,-17',
        tips: [21, 39, 61],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -27], radius: 3, tube: 0.6 },
      { kind: 'post', at: [8.4, -18.1], radius: 0.35, hidden: true },
    ],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole: '− A^36 + 2A^32 − 3A^28 + 4A^24 − 5A^20 + 4A^16 − 5A^12 + 3A^8 − 2A^4 + 1',
    },
    {
      closure: 'cut all',
      alone: ['4₁', 'unknot', '3₁', 'unknot', 'unknot'],
      linking: [0, 1, 1, 0, 0, 1, 0, 1, 0, 0],
    },
  ],
  strength: 'inline-figure-eight',
  checks: [
    'The loop points toward the anchor.',
    'There is travel to spare between loop and anchor.',
    'The lock is hard against the loop, and slipped.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'inline figure-eight', inset: true },
    { u: 39, text: 'anchor' },
    { u: 65, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [34] },
      say: 'Tie an inline figure-eight in the load line.',
      look: 'The loop points toward the anchor.',
    },
    {
      shown: { upTo: [40.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [48.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Half hitch round both short strands, its last tuck a bight.',
      look: '{Over}, {behind}, the bight out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const inlineFigureEightTwoHalfHitches = {
  id: 'inline-figure-eight-two-half-hitches',
  name: 'inline figure-eight, two half hitches',
  note: 'The inline figure-eight with two half hitches for a lock.',
  spec: {
    ropes: [
      {
        path: '7.3,18 7.3,13 O 7.3,8.3 OU 7.3,4 U 7.3,-1 7.1,-5 5.3,-7.6 OO 2.1,-7.4 0.1,-4 0.21,0.49 UU 4.08,2.83 O 9.88,3.43 12.1,5.83 9.71,8.86 U 4.5,8.87 1.91,5.92 OO 2.6,0.94 2.8,-3.42 2.9,-7.41 U 2.4,-10.5 2,-13 O 3.5,-15.2 U 5,-13 4.6,-10.5 U 4.1,-7.39 4,-3.38 3.8,1.06 OO 3.09,5.68 4.9,7.73 U 9.29,7.74 10.9,5.77 9.52,4.57 O 3.72,3.97 UU -0.41,1.51 -1.3,-3.4 -1.5,-9 -2.1,-14 OUOU -2.3,-24 -2.1,-26.4 o -0.5,-28.2 u 1.1,-26.4 1.4,-24 UOUO 1.4,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 4.4,-17.6 U 3.4,-18.6 1.4,-19.2 O -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 -2.3,-17.6 UU 1.4,-17.5 2.8,-17.4 3.9,-17.9 O 5.4,-18.6 5.9,-20.2 4.4,-21.4 U 3.4,-22.4 O 1.4,-23 -2.3,-23.2 O -3.7,-22.9 -3.9,-21.9 U -2.3,-21.4 U 1.4,-21.3 2.8,-21.2 3.9,-21.7 O 6,-22.6 8.5,-24',
        tips: [21, 39],
      },
    ],
    fixtures: [{ kind: 'ring', at: [-0.5, -30], radius: 3, tube: 0.6 }],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole: '− A^36 + 2A^32 − 3A^28 + 4A^24 − 5A^20 + 4A^16 − 5A^12 + 3A^8 − 2A^4 + 1',
    },
    { closure: 'cut all', alone: ['4₁', 'unknot', '3₁#3₁', 'unknot'], linking: [0, 1, 2, 0, 1, 0] },
  ],
  strength: 'inline-figure-eight',
  checks: [
    'The loop points toward the anchor.',
    'There is travel to spare between loop and anchor.',
    'Two half hitches the same way, hard against the loop.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'inline figure-eight', inset: true },
    { u: 39, text: 'anchor' },
    { u: 68, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [34] },
      say: 'Tie an inline figure-eight in the load line.',
      look: 'The loop points toward the anchor.',
    },
    {
      shown: { upTo: [40.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [48.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Two half hitches round both short strands, the same way.',
      look: '{Over}, {behind}, out {over} itself, twice.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const inlineFigureEightTautLine = {
  id: 'inline-figure-eight-taut-line',
  name: 'inline figure-eight, taut-line hitch',
  note: 'The inline figure-eight with a taut-line hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '7.3,18 7.3,13 O 7.3,8.3 OU 7.3,4 U 7.3,-1 7.1,-5 5.3,-7.6 OO 2.1,-7.4 0.1,-4 0.21,0.49 UU 4.08,2.83 O 9.88,3.43 12.1,5.83 9.71,8.86 U 4.5,8.87 1.91,5.92 OO 2.6,0.94 2.8,-3.42 2.9,-7.41 U 2.4,-10.5 2,-13 O 3.5,-15.2 U 5,-13 4.6,-10.5 U 4.1,-7.39 4,-3.38 3.8,1.06 OO 3.09,5.68 4.9,7.73 U 9.29,7.74 10.9,5.77 9.52,4.57 O 3.72,3.97 UU -0.41,1.51 -1.3,-3.4 -1.5,-9 -2.1,-14 OUOUOU -2.3,-26 -2.1,-28.4 o -0.5,-30.2 u 1.1,-28.4 1.4,-26 UOUOUO 1.4,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 5.6,-18.6 4.8,-21 U 3.2,-21.5 1.4,-21.4 O -2.3,-21 O -3.6,-20.6 U -2.3,-20.1 U 1.4,-19.9 2.8,-19.7 3,-19 1.4,-18.8 OO -2.3,-18.4 -3.6,-18 -2.3,-17.5 UU 1.4,-17.3 2.9,-17.4 3.9,-18.4 4.1,-20.6 O 4.2,-22 U 4.9,-23.4 3.2,-24.3 O 1.4,-24.3 -2.3,-24 O -3.6,-23.6 U -2.3,-23 U 1.4,-22.8 2.9,-22.8 4.4,-23 O 6.6,-24 9,-25.4',
        tips: [21, 39],
      },
    ],
    fixtures: [{ kind: 'ring', at: [-0.5, -32], radius: 3, tube: 0.6 }],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole: '− A^36 + 2A^32 − 3A^28 + 4A^24 − 5A^20 + 4A^16 − 5A^12 + 3A^8 − 2A^4 + 1',
    },
    { closure: 'cut all', alone: ['4₁', 'unknot', '5₁#3₁', 'unknot'], linking: [0, 1, 3, 0, 1, 0] },
  ],
  strength: 'inline-figure-eight',
  checks: [
    'The loop points toward the anchor.',
    'There is travel to spare between loop and anchor.',
    'Two turns toward the loop and one beyond, all the same way.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'inline figure-eight', inset: true },
    { u: 39, text: 'anchor' },
    { u: 74, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [34] },
      say: 'Tie an inline figure-eight in the load line.',
      look: 'The loop points toward the anchor.',
    },
    {
      shown: { upTo: [40.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [48.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Two turns round both short strands, toward the loop; then one beyond, the same way.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;
