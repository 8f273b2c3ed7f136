import type { TiedForm } from './entry';

/** Trucker’s hitch with the rope led twice round the anchor. */
export const doublePass = {
  id: 'double-pass',
  name: 'double pass',
  note: 'Round the anchor and through the loop twice: holds itself while you lock it.',
  aliases: ['double trucker’s hitch'],
  spec: {
    ropes: [
      {
        path: '0,18 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 0,3.2 U -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.6,-6.4 5.8,-10 6.8,-13.5 5.8,-16.2 UO 3.8,-17 UO 1.6,-15.8 1,-12.5 1.8,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -6,-3.4 -8,-8 -7,-20 OU -4.4,-29 -3,-31.6 o -2.4,-33.2 u -1.4,-31.6 0,-27 UO 1.4,-20 U 2.3,-16 2.8,-13.4 3.3,-16 O 3.4,-20 OU 2.6,-27 1.3,-31.4 o 1.9,-33.4 u 2.7,-31.2 4.2,-26 UO 4.4,-20 U 4.5,-16.4 5,-13.6 5.6,-16.2 O 6.6,-19.5 6.4,-22.5 U 5.2,-24.8 OOOO -7.6,-26 -8.6,-24.8 -7.6,-23.6 UU 3,-23 UU 5,-23 5.7,-23.1 O 7.4,-23.6 11,-25',
        tips: [18, 32, 42],
      },
    ],
    fixtures: [{ kind: 'ring', at: [0, -36], radius: 4.5, tube: 0.6 }],
  },
  claims: [
    { closure: 'cut 1', linking: [0, 0, 2] },
    {
      closure: 'cut all',
      alone: ['3₁', 'unknot', 'unknot', '3₁', 'unknot'],
      linking: [0, 0, 1, 0, 0, 0, 0, 1, 1, 0],
      because: 'a half hitch, linked with the leg from the knot to the anchor',
    },
  ],
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'Both passes lie side by side, not crossed.',
    'The lock is hard against the loop.',
  ],
  steps: [
    {
      shown: { upTo: [26.5] },
      say: 'Slip loop in the load line.',
      look: 'Wide enough for two.',
    },
    {
      shown: { upTo: [39.4] },
      say: 'Round the anchor and through the loop.',
      look: 'First pass.',
    },
    {
      shown: { upTo: [49.2] },
      say: 'Round the anchor and through again.',
      look: 'Second pass beside the first.',
    },
    {
      shown: 'whole',
      say: 'Pull; it holds itself. Half hitch round all short strands.',
      look: 'Lock close.',
    },
    { shown: 'drawn up', say: 'Draw up.', look: 'Passes side by side.' },
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 4, text: 'slip loop', inset: true },
    { u: 42, text: 'anchor' },
    { u: 54.5, text: 'lock', inset: true },
  ],
} as const satisfies TiedForm;

/** Trucker’s hitch made without an end. */
export const noEnd = {
  id: 'no-end',
  name: 'no-end form',
  note: 'A long rope goes back and forth over a load: everything is done with bights. Lock with two half hitches of the bight.',
  aliases: ['trucker’s hitch without an end'],
  needs: 'a bight',
  spec: {
    ropes: [
      {
        path: '0,18 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 0,3.2 U -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 U 5,-13 U 3.5,-15.2 O 2,-13 O 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -6,-3.4 -8,-8 -7,-20 O -4.8,-30 -4.4,-35.5 -2.2,-38.2 0.4,-36 0.6,-30 1.2,-24 1.7,-19 2.4,-15.6 U 2.9,-12.6 3.4,-11.6 4,-12.8 O 4.5,-15.6 5.4,-20 6.4,-26 7.4,-27.6 8.4,-26 7,-20 5.9,-15.2 5.2,-11.6 O 3.6,-9.8 2,-11 U 1.2,-15.6 0.4,-20 -1.6,-23 U -7.4,-25 -12,-25.5',
        tips: [17, 28, 42],
      },
    ],
    fixtures: [
      { kind: 'post', at: [-2.1, -35.4], radius: 1.9 },
      { kind: 'post', at: [7.4, -26], radius: 0.4, hidden: true },
    ],
  },
  claims: [{ closure: 'cut 1', alone: ['3₁', 'unknot'], linking: [0] }],
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'There is travel to spare between loop and anchor.',
    'Two half hitches of the bight lie hard against the loop.',
  ],
  steps: [
    {
      shown: { upTo: [24.5] },
      say: 'Twist a loop in the load line and push a bight of the slack through, from the side on which it locks.',
      look: 'If it falls apart, go in from the other side.',
    },
    {
      shown: { upTo: [33] },
      say: 'Put the slack round the anchor.',
      look: 'No end is needed.',
    },
    {
      shown: 'whole',
      say: 'Push a bight of the slack up through the loop and pull it down.',
      look: 'Your purchase.',
    },
    {
      shown: 'drawn up',
      say: 'Pull, then lock with half hitches of the bight.',
      look: 'Both round the short strands. They are not drawn here.',
    },
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 4, text: 'slip loop', inset: true },
    { u: 30, text: 'anchor' },
    { u: 37, text: 'bight of the slack', inset: true },
  ],
} as const satisfies TiedForm;
