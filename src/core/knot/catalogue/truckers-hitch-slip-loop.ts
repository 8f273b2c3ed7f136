import type { TiedForm } from './entry';

/** Trucker’s hitches with a slip loop, by their lock. Paths in rope diameters; tying from the trade's common practice. */
export const slipLoopSlipped = {
  id: 'slip-loop-slipped',
  name: 'slip loop, slipped half hitch',
  note: 'The slip loop with a slipped half hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 U 0,3.2 -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 5,-13 U 3.5,-15.2 O 2,-13 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -4.6,-3.6 -5.6,-6 -6,-9 -4.6,-13 -2.6,-16 OOU -2.3,-21 -2.1,-23.4 o -0.5,-25.2 u 1.1,-23.4 1.4,-21 UO 1.6,-17 O 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 U 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 6.5,-18.5 8.6,-18.9 9.5,-18.2 8.6,-17.5 6.4,-17.2 O 4.3,-16.7 2.8,-16.2 U 1.4,-16.1 -2.3,-16.1 U -5,-16.3 -8,-17',
        tips: [19, 32, 54],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -27], radius: 3, tube: 0.6 },
      { kind: 'post', at: [8.4, -18.1], radius: 0.35, hidden: true },
    ],
    light: true,
  },
  claims: [
    { closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] },
    {
      closure: 'cut all',
      alone: ['3₁', 'unknot', '3₁', 'unknot', 'unknot'],
      linking: [0, 0, 0, 0, 0, 1, 0, 1, 0, 0],
    },
  ],
  strength: 'slip-loop',
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'There is travel to spare between loop and anchor.',
    'The lock is hard against the loop, and slipped.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'slip loop', inset: true },
    { u: 32, text: 'anchor' },
    { u: 58, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [27] },
      say: 'Tie a slip loop in the load line.',
      look: 'The sliding leg toward the anchor.',
    },
    {
      shown: { upTo: [33.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [41.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Half hitch round both short strands, its last tuck a bight.',
      look: '{Over}, {behind}, the bight out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const slipLoopTwoHalfHitches = {
  id: 'slip-loop-two-half-hitches',
  name: 'slip loop, two half hitches',
  note: 'The slip loop with two half hitches for a lock.',
  spec: {
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 U 0,3.2 -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 5,-13 U 3.5,-15.2 O 2,-13 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -4.6,-3.6 -5.6,-6 -6,-9 -4.6,-13 -2.6,-16 OUOU -2.3,-24 -2.1,-26.4 o -0.5,-28.2 u 1.1,-26.4 1.4,-24 UOUO 1.6,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 O -2.3,-19.4 -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 5.4,-18.6 5.9,-20.2 4.4,-21.4 U 3.4,-22.4 O 1.4,-23 -2.3,-23.2 O -3.7,-22.9 -3.9,-21.9 -2.3,-21.4 U 1.4,-21.3 U 2.8,-21.2 3.9,-21.7 O 6,-22.6 8.5,-24',
        tips: [19, 32],
      },
    ],
    fixtures: [{ kind: 'ring', at: [-0.5, -30], radius: 3, tube: 0.6 }],
    light: true,
  },
  claims: [
    { closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] },
    { closure: 'cut all', alone: ['3₁', 'unknot', '3₁#3₁', 'unknot'], linking: [0, 0, 1, 0, 1, 0] },
  ],
  strength: 'slip-loop',
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'There is travel to spare between loop and anchor.',
    'Two half hitches the same way, hard against the loop.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'slip loop', inset: true },
    { u: 32, text: 'anchor' },
    { u: 61, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [27] },
      say: 'Tie a slip loop in the load line.',
      look: 'The sliding leg toward the anchor.',
    },
    {
      shown: { upTo: [33.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [41.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Pinch it at the loop. Two half hitches round both short strands, the same way.',
      look: '{Over}, {behind}, out {over} itself, twice.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

export const slipLoopTautLine = {
  id: 'slip-loop-taut-line',
  name: 'slip loop, taut-line hitch',
  note: 'The slip loop with a taut-line hitch for a lock.',
  spec: {
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 U 0,3.2 -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 5,-13 U 3.5,-15.2 O 2,-13 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -4.6,-3.6 -5.6,-6 -6,-9 -4.6,-13 -2.6,-16 OUOUOU -2.3,-26 -2.1,-28.4 o -0.5,-30.2 u 1.1,-28.4 1.4,-26 UOUOUO 1.6,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 5.4,-16 5.6,-18.6 4.8,-21 U 3.2,-21.5 O 1.4,-21.4 O -2.3,-21 -3.6,-20.6 -2.3,-20.1 U 1.4,-19.9 U 2.8,-19.7 3,-19 O 1.4,-18.8 O -2.3,-18.4 -3.6,-18 U -2.3,-17.5 1.4,-17.3 U 2.9,-17.4 3.9,-18.4 4.1,-20.6 O 4.2,-22 U 4.9,-23.4 3.2,-24.3 O 1.4,-24.3 -2.3,-24 O -3.6,-23.6 -2.3,-23 U 1.4,-22.8 U 2.9,-22.8 4.4,-23 O 6.6,-24 9,-25.4',
        tips: [19, 32],
      },
    ],
    fixtures: [{ kind: 'ring', at: [-0.5, -32], radius: 3, tube: 0.6 }],
    light: true,
  },
  claims: [
    { closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] },
    { closure: 'cut all', alone: ['3₁', 'unknot', '5₁#3₁', 'unknot'], linking: [0, 0, 2, 0, 1, 0] },
  ],
  strength: 'slip-loop',
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'There is travel to spare between loop and anchor.',
    'Two turns toward the loop and one beyond, all the same way.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 8, text: 'slip loop', inset: true },
    { u: 32, text: 'anchor' },
    { u: 67, text: 'lock', inset: true },
  ],
  steps: [
    {
      shown: { upTo: [27] },
      say: 'Tie a slip loop in the load line.',
      look: 'The sliding leg toward the anchor.',
    },
    {
      shown: { upTo: [33.4] },
      say: 'Take the end round the anchor.',
      look: 'Leave travel: a hand’s width and the stretch.',
    },
    { shown: { upTo: [41.4] }, say: 'Up through the loop and down: pull.', look: 'Your purchase.' },
    {
      shown: 'whole',
      say: 'Two turns round both short strands, toward the loop; then one beyond, the same way.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;
