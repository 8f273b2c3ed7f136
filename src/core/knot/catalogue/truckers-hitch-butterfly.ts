import type { TiedForm } from './entry';

/** Trucker’s hitches with a butterfly, by their lock. Paths in rope diameters; tying from the trade's common practice. */
export const butterflySlipped = {
  id: 'butterfly-slipped',
  name: 'butterfly loop, slipped half hitch',
  note: 'The butterfly loop with a slipped half hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '0,16 0,9 U 0.3,3.5 OOO 3,-2 5.5,-4 8,-2.4 UUU 10.2,2 11,5 8,7.5 3,7.5 O -3,6.5 -4.5,4 -2,1.7 UU 5.5,1.4 OO 11,1.9 15,3 18,0 U 15,-3 O 11,-1.9 OO 5.5,-1.4 UU -2,-1.7 -4.5,-4 -3,-6.5 O 3,-7.5 8,-7.5 11,-5 10.2,-2 UOU 8,2.4 5.5,4 3,2 OUO 0.3,-3.5 U -0.4,-8 -1.4,-12 -2.4,-16 OOU -2.3,-21 -2.1,-23.4 o -0.5,-25.2 u 1.1,-23.4 1.4,-21 UO 2,-16.5 O 4.6,-13.6 8.5,-12.2 12.2,-10.2 13.2,-6.5 U 14,-2.4 14.9,-0.4 15.8,-2.4 O 16.6,-5.6 15.6,-10 12,-14.4 8,-16.2 5.6,-16.6 U 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 6.5,-18.5 8.6,-18.9 9.5,-18.2 8.6,-17.5 6.4,-17.2 O 4.3,-16.7 2.8,-16.2 U 1.4,-16.1 -2.3,-16.1 U -5,-16.3 -8,-17',
        tips: [16, 36, 64],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -27], radius: 3, tube: 0.6 },
      { kind: 'post', at: [15.6, 1.1], radius: 1.3, hidden: true },
      { kind: 'post', at: [8.4, -18.1], radius: 0.35, hidden: true },
    ],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole:
        '− A^48 + 2A^44 − 3A^40 + 4A^36 − 2A^32 + 2A^28 + 2A^24 − 3A^20 + 4A^16 − 5A^12 + 3A^8 − 2A^4 + 1',
    },
    {
      closure: 'cut all',
      alone: ['3₁', '3₁', '3₁', 'unknot', 'unknot'],
      linking: [1, 0, 0, 0, 0, 1, 0, 1, 0, 0],
    },
  ],
  strength: 'alpine-butterfly',
  checks: [
    'The butterfly’s parts lie parallel on one side.',
    'There is travel to spare between loop and anchor.',
    'The lock is hard against the loop, and slipped.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 13, text: 'butterfly loop', inset: true },
    { u: 36, text: 'anchor' },
    { u: 68, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [31] },
      say: 'Tie a butterfly in the load line.',
      look: 'Parallel on one side.',
    },
    {
      shown: { upTo: [37.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [51.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Half hitch round both short strands, its last tuck a bight.',
      look: '{Over}, {behind}, the bight out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const butterflyTwoHalfHitches = {
  id: 'butterfly-two-half-hitches',
  name: 'butterfly loop, two half hitches',
  note: 'The butterfly loop with two half hitches for a lock.',
  spec: {
    ropes: [
      {
        path: '0,16 0,9 U 0.3,3.5 OOO 3,-2 5.5,-4 8,-2.4 UUU 10.2,2 11,5 8,7.5 3,7.5 O -3,6.5 -4.5,4 -2,1.7 UU 5.5,1.4 OO 11,1.9 15,3 18,0 U 15,-3 O 11,-1.9 OO 5.5,-1.4 UU -2,-1.7 -4.5,-4 -3,-6.5 O 3,-7.5 8,-7.5 11,-5 10.2,-2 UOU 8,2.4 5.5,4 3,2 OUO 0.3,-3.5 U -0.4,-8 -1.4,-12 -2.4,-16 OUOU -2.3,-24 -2.1,-26.4 o -0.5,-28.2 u 1.1,-26.4 1.4,-24 UOUO 2,-16.5 4.6,-13.6 8.5,-12.2 12.2,-10.2 13.2,-6.5 U 14,-2.4 14.9,-0.4 15.8,-2.4 O 16.6,-5.6 15.6,-10 12,-14.4 8,-16.2 5.6,-16.6 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 5.4,-18.6 5.9,-20.2 4.4,-21.4 U 3.4,-22.4 O 1.4,-23 -2.3,-23.2 O -3.7,-22.9 -3.9,-21.9 U -2.3,-21.4 1.4,-21.3 U 2.8,-21.2 3.9,-21.7 O 6,-22.6 8.5,-24',
        tips: [16, 36],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -30], radius: 3, tube: 0.6 },
      { kind: 'post', at: [15.6, 1.1], radius: 1.3, hidden: true },
    ],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole:
        '− A^48 + 2A^44 − 3A^40 + 4A^36 − 2A^32 + 2A^28 + 2A^24 − 3A^20 + 4A^16 − 5A^12 + 3A^8 − 2A^4 + 1',
    },
    { closure: 'cut all', alone: ['3₁', '3₁', '3₁#3₁', 'unknot'], linking: [1, 0, 1, 0, 1, 0] },
  ],
  strength: 'alpine-butterfly',
  checks: [
    'The butterfly’s parts lie parallel on one side.',
    'There is travel to spare between loop and anchor.',
    'Two half hitches the same way, hard against the loop.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 13, text: 'butterfly loop', inset: true },
    { u: 36, text: 'anchor' },
    { u: 71, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [31] },
      say: 'Tie a butterfly in the load line.',
      look: 'Parallel on one side.',
    },
    {
      shown: { upTo: [37.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [51.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Two half hitches round both short strands, the same way.',
      look: '{Over}, {behind}, out {over} itself, twice.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const butterflyTautLine = {
  id: 'butterfly-taut-line',
  name: 'butterfly loop, taut-line hitch',
  note: 'The butterfly loop with a taut-line hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '0,16 0,9 U 0.3,3.5 OOO 3,-2 5.5,-4 8,-2.4 UUU 10.2,2 11,5 8,7.5 3,7.5 O -3,6.5 -4.5,4 -2,1.7 UU 5.5,1.4 OO 11,1.9 15,3 18,0 U 15,-3 O 11,-1.9 OO 5.5,-1.4 UU -2,-1.7 -4.5,-4 -3,-6.5 O 3,-7.5 8,-7.5 11,-5 10.2,-2 UOU 8,2.4 5.5,4 3,2 OUO 0.3,-3.5 U -0.4,-8 -1.4,-12 -2.4,-16 OUOUOU -2.3,-26 -2.1,-28.4 o -0.5,-30.2 u 1.1,-28.4 1.4,-26 UOUOUO 2,-16.5 4.6,-13.6 8.5,-12.2 12.2,-10.2 13.2,-6.5 U 14,-2.4 14.9,-0.4 15.8,-2.4 O 16.6,-5.6 15.6,-10 12,-14.4 8,-16.2 5.6,-16.6 5.6,-18.6 4.8,-21 U 3.2,-21.5 O 1.4,-21.4 -2.3,-21 O -3.6,-20.6 U -2.3,-20.1 1.4,-19.9 U 2.8,-19.7 3,-19 O 1.4,-18.8 -2.3,-18.4 O -3.6,-18 U -2.3,-17.5 1.4,-17.3 U 2.9,-17.4 3.9,-18.4 4.1,-20.6 O 4.2,-22 U 4.9,-23.4 3.2,-24.3 O 1.4,-24.3 -2.3,-24 O -3.6,-23.6 U -2.3,-23 1.4,-22.8 U 2.9,-22.8 4.4,-23 O 6.6,-24 9,-25.4',
        tips: [16, 36],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -32], radius: 3, tube: 0.6 },
      { kind: 'post', at: [15.6, 1.1], radius: 1.3, hidden: true },
    ],
    light: true,
  },
  claims: [
    {
      closure: 'ends',
      linking: [1],
      whole:
        '− A^48 + 2A^44 − 3A^40 + 4A^36 − 2A^32 + 2A^28 + 2A^24 − 3A^20 + 4A^16 − 5A^12 + 3A^8 − 2A^4 + 1',
    },
    { closure: 'cut all', alone: ['3₁', '3₁', '5₁#3₁', 'unknot'], linking: [1, 0, 2, 0, 1, 0] },
  ],
  strength: 'alpine-butterfly',
  checks: [
    'The butterfly’s parts lie parallel on one side.',
    'There is travel to spare between loop and anchor.',
    'Two turns toward the loop and one beyond, all the same way.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 13, text: 'butterfly loop', inset: true },
    { u: 36, text: 'anchor' },
    { u: 77, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [31] },
      say: 'Tie a butterfly in the load line.',
      look: 'Parallel on one side.',
    },
    {
      shown: { upTo: [37.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [51.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Two turns round both short strands, toward the loop; then one beyond, the same way.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;
