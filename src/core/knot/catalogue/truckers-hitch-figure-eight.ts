import type { TiedForm } from './entry';

/** Trucker’s hitches with a figure-eight on a bight, by their lock. Paths in rope diameters; tying from the trade's common practice. */
export const figureEightSlipped = {
  id: 'figure-eight-slipped',
  name: 'figure-eight on a bight, slipped half hitch',
  note: 'The figure-eight on a bight with a slipped half hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '-0.48,19.8 O -0.48,15.8 O -0.48,12.8 U -0.48,10.7 U -0.48,5.83 -0.11,0.98 1.84,-2.08 OO 4.56,-2.28 7.49,1.93 6.55,7.02 U 3.58,9.57 U 1.33,10.08 O -1.17,10.08 O -4.79,10.85 -6.72,13.46 -4.39,15.95 U -1.1,16.62 U 2.84,15.92 4.7,12.77 O 4.62,9.97 O 4.42,5.78 4.32,0.79 U 4.22,-2.82 U 4.12,-6.21 4.12,-9.2 4.9,-12.2 U 3.5,-15.2 O 2.1,-12.2 2.88,-9.2 2.88,-6.19 U 2.98,-2.78 U 3.08,0.81 3.18,5.82 O 3.38,10.03 O 3.5,12.43 2.16,14.88 U -1.1,15.38 U -3.81,14.85 -5.48,13.34 -4.21,11.95 O -1.03,11.32 O 1.47,11.32 U 4.22,10.63 U 7.65,7.58 8.71,1.67 5.24,-3.32 OO 1.16,-3.12 -1.29,0.62 -1.72,5.77 U -1.72,10.7 U -1.72,12.8 O -1.72,15.8 O -1.72,18.8 -2.5,20.8 -4.4,22 -6.4,19 -6.8,8 -6.8,-6 -5,-13 -2.6,-16 OOU -2.3,-21 -2.1,-23.4 o -0.5,-25.2 u 1.1,-23.4 1.4,-21 UO 1.6,-17 O 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 U 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 6.5,-18.5 8.6,-18.9 9.5,-18.2 8.6,-17.5 6.4,-17.2 O 4.3,-16.7 2.8,-16.2 U 1.4,-16.1 -2.3,-16.1 U -5,-16.3 -8,-17',
        tips: [26, 62, 84],
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
      whole: '− A^64 + 2A^60 − 2A^56 + 2A^52 − A^48 + A^32 + A^24 + A^16 − 2A^12 + 2A^8 − 2A^4 + 1',
    },
    {
      closure: 'cut all',
      alone: ['4₁', '4₁', '3₁', 'unknot', 'unknot'],
      linking: [0, 0, 0, 0, 0, 1, 0, 1, 0, 0],
    },
  ],
  strength: 'figure-eight-on-bight',
  checks: [
    'The figure-eight’s strands run parallel.',
    'There is travel to spare between loop and anchor.',
    'The lock is hard against the loop, and slipped.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'figure-eight on a bight', inset: true },
    { u: 62, text: 'anchor' },
    { u: 88, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [57] },
      say: 'Tie a figure-eight on a bight in the load line.',
      look: 'All strands parallel.',
    },
    {
      shown: { upTo: [63.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [71.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Half hitch round both short strands, its last tuck a bight.',
      look: '{Over}, {behind}, the bight out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const figureEightTwoHalfHitches = {
  id: 'figure-eight-two-half-hitches',
  name: 'figure-eight on a bight, two half hitches',
  note: 'The figure-eight on a bight with two half hitches for a lock.',
  spec: {
    ropes: [
      {
        path: '-0.48,19.8 O -0.48,15.8 O -0.48,12.8 U -0.48,10.7 U -0.48,5.83 -0.11,0.98 1.84,-2.08 OO 4.56,-2.28 7.49,1.93 6.55,7.02 U 3.58,9.57 U 1.33,10.08 O -1.17,10.08 O -4.79,10.85 -6.72,13.46 -4.39,15.95 U -1.1,16.62 U 2.84,15.92 4.7,12.77 O 4.62,9.97 O 4.42,5.78 4.32,0.79 U 4.22,-2.82 U 4.12,-6.21 4.12,-9.2 4.9,-12.2 U 3.5,-15.2 O 2.1,-12.2 2.88,-9.2 2.88,-6.19 U 2.98,-2.78 U 3.08,0.81 3.18,5.82 O 3.38,10.03 O 3.5,12.43 2.16,14.88 U -1.1,15.38 U -3.81,14.85 -5.48,13.34 -4.21,11.95 O -1.03,11.32 O 1.47,11.32 U 4.22,10.63 U 7.65,7.58 8.71,1.67 5.24,-3.32 OO 1.16,-3.12 -1.29,0.62 -1.72,5.77 U -1.72,10.7 U -1.72,12.8 O -1.72,15.8 O -1.72,18.8 -2.5,20.8 -4.4,22 -6.4,19 -6.8,8 -6.8,-6 -5,-13 -2.6,-16 OUOU -2.3,-24 -2.1,-26.4 o -0.5,-28.2 u 1.1,-26.4 1.4,-24 UOUO 1.6,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 O -2.3,-19.4 -3.7,-19.1 -3.9,-18.1 -2.3,-17.6 U 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 5.4,-18.6 5.9,-20.2 4.4,-21.4 U 3.4,-22.4 O 1.4,-23 -2.3,-23.2 O -3.7,-22.9 -3.9,-21.9 -2.3,-21.4 U 1.4,-21.3 U 2.8,-21.2 3.9,-21.7 O 6,-22.6 9.4,-24.8',
        tips: [26, 62],
      },
    ],
    fixtures: [{ kind: 'ring', at: [-0.5, -30], radius: 3, tube: 0.6 }],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole: '− A^64 + 2A^60 − 2A^56 + 2A^52 − A^48 + A^32 + A^24 + A^16 − 2A^12 + 2A^8 − 2A^4 + 1',
    },
    { closure: 'cut all', alone: ['4₁', '4₁', '3₁#3₁', 'unknot'], linking: [0, 0, 1, 0, 1, 0] },
  ],
  strength: 'figure-eight-on-bight',
  checks: [
    'The figure-eight’s strands run parallel.',
    'There is travel to spare between loop and anchor.',
    'Two half hitches the same way, hard against the loop.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'figure-eight on a bight', inset: true },
    { u: 62, text: 'anchor' },
    { u: 91, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [57] },
      say: 'Tie a figure-eight on a bight in the load line.',
      look: 'All strands parallel.',
    },
    {
      shown: { upTo: [63.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [71.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Two half hitches round both short strands, the same way.',
      look: '{Over}, {behind}, out {over} itself, twice.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const figureEightTautLine = {
  id: 'figure-eight-taut-line',
  name: 'figure-eight on a bight, taut-line hitch',
  note: 'The figure-eight on a bight with a taut-line hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '-0.48,19.8 O -0.48,15.8 O -0.48,12.8 U -0.48,10.7 U -0.48,5.83 -0.11,0.98 1.84,-2.08 OO 4.56,-2.28 7.49,1.93 6.55,7.02 U 3.58,9.57 U 1.33,10.08 O -1.17,10.08 O -4.79,10.85 -6.72,13.46 -4.39,15.95 U -1.1,16.62 U 2.84,15.92 4.7,12.77 O 4.62,9.97 O 4.42,5.78 4.32,0.79 U 4.22,-2.82 U 4.12,-6.21 4.12,-9.2 4.9,-12.2 U 3.5,-15.2 O 2.1,-12.2 2.88,-9.2 2.88,-6.19 U 2.98,-2.78 U 3.08,0.81 3.18,5.82 O 3.38,10.03 O 3.5,12.43 2.16,14.88 U -1.1,15.38 U -3.81,14.85 -5.48,13.34 -4.21,11.95 O -1.03,11.32 O 1.47,11.32 U 4.22,10.63 U 7.65,7.58 8.71,1.67 5.24,-3.32 OO 1.16,-3.12 -1.29,0.62 -1.72,5.77 U -1.72,10.7 U -1.72,12.8 O -1.72,15.8 O -1.72,18.8 -2.5,20.8 -4.4,22 -6.4,19 -6.8,8 -6.8,-6 -5,-13 -2.6,-16 OUOUOU -2.3,-26 -2.1,-28.4 o -0.5,-30.2 u 1.1,-28.4 1.4,-26 UOUOUO 1.6,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 5.6,-18.6 4.8,-21 U 3.2,-21.5 O 1.4,-21.4 O -2.3,-21 -3.6,-20.6 -2.3,-20.1 U 1.4,-19.9 U 2.8,-19.7 3,-19 O 1.4,-18.8 O -2.3,-18.4 -3.6,-18 -2.3,-17.5 U 1.4,-17.3 U 2.9,-17.4 3.9,-18.4 4.1,-20.6 O 4.2,-22 U 4.9,-23.4 3.2,-24.3 O 1.4,-24.3 O -2.3,-24 -3.6,-23.6 -2.3,-23 U 1.4,-22.8 U 2.9,-22.8 4.4,-23 O 6.6,-24 9,-25.4',
        tips: [26, 62],
      },
    ],
    fixtures: [{ kind: 'ring', at: [-0.5, -32], radius: 3, tube: 0.6 }],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole: '− A^64 + 2A^60 − 2A^56 + 2A^52 − A^48 + A^32 + A^24 + A^16 − 2A^12 + 2A^8 − 2A^4 + 1',
    },
    { closure: 'cut all', alone: ['4₁', '4₁', '5₁#3₁', 'unknot'], linking: [0, 0, 2, 0, 1, 0] },
  ],
  strength: 'figure-eight-on-bight',
  checks: [
    'The figure-eight’s strands run parallel.',
    'There is travel to spare between loop and anchor.',
    'Two turns toward the loop and one beyond, all the same way.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'figure-eight on a bight', inset: true },
    { u: 62, text: 'anchor' },
    { u: 97, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [57] },
      say: 'Tie a figure-eight on a bight in the load line.',
      look: 'All strands parallel.',
    },
    {
      shown: { upTo: [63.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [71.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Two turns round both short strands, toward the loop; then one beyond, the same way.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;
