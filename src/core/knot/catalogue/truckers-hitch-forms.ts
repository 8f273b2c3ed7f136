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

/** Trucker’s hitch with a ring or connector in its loop. */
export const ringInLoop = {
  id: 'ring',
  name: 'ring in the loop',
  note: 'The loop holds a ring or connector, and the rope runs through that: less friction, no rope on rope.',
  aliases: ['trucker’s hitch with a connector'],
  spec: {
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 U 0,3.2 -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 4.9,-13 u 3.5,-16 o 2.1,-13 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -4.6,-3.6 -5.6,-6 -6,-9 -4.6,-13 -2.6,-16 OUOU -2.3,-30 -2.1,-32.4 o -0.5,-34.2 u 1.1,-32.4 1.4,-30 UOUO 1.7,-22.5 2.6,-19.6 u 3.6,-18.2 o 4.6,-19.6 5.4,-21.6 4.4,-23 U 3.4,-24 O 1.4,-24.6 O -2.3,-24.8 -3.7,-24.5 -3.9,-23.5 -2.3,-23 U 1.4,-22.9 U 2.8,-22.8 3.9,-23.3 O 5.4,-24 5.9,-25.6 4.4,-26.8 U 3.4,-27.8 O 1.4,-28.4 -2.3,-28.6 O -3.7,-28.3 -3.9,-27.3 -2.3,-26.8 U 1.4,-26.7 U 2.8,-26.6 3.9,-27.1 O 6,-28 8.5,-29.4',
        tips: [18, 32],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -36], radius: 3, tube: 0.6 },
      { kind: 'ring', at: [3.5, -17], radius: 2.4, tube: 0.4 },
    ],
    light: true,
  },
  claims: [
    { closure: 'ends', alone: ['3₁', 'unknot', 'unknot'], linking: [1, 2, 0] },
    {
      closure: 'cut all',
      alone: ['3₁', 'unknot', '3₁#3₁', 'unknot', 'unknot'],
      linking: [0, 0, 2, 0, 1, 0, 0, 1, 1, 0],
    },
  ],
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'The ring is shut, and rated.',
    'The lock is hard against the ring.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 4, text: 'slip loop', inset: true },
    { u: 18, text: 'ring' },
    { u: 32, text: 'anchor' },
  ],
  steps: [
    {
      shown: { upTo: [27] },
      say: 'Slip loop in the load line, its bight through a ring.',
      look: 'Or a connector, shut.',
    },
    { shown: { upTo: [33.4] }, say: 'Take the end round the anchor.', look: 'Leave travel.' },
    {
      shown: { upTo: [38.6] },
      say: 'Through the ring and down: pull.',
      look: 'It runs more easily than through rope.',
    },
    {
      shown: 'whole',
      say: 'Two half hitches round both short strands.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The ring stays free.' },
  ],
} as const satisfies TiedForm;

/** Trucker’s hitch with a second loop in its hauling part. */
export const doubleLoop = {
  id: 'double',
  name: 'second loop',
  note: 'A second loop in the hauling part, its end round a second turn of the anchor: pulls harder, and has far more friction.',
  aliases: ['compound trucker’s hitch', 'trucker’s hitch with a second loop'],
  spec: {
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 U 0,3.2 -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 5,-13 U 3.5,-15.2 O 2,-13 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -4.6,-3.6 -5.6,-6 -6,-9 -4.6,-13 -2.6,-16 -2.3,-24 -2.1,-26.4 o -0.5,-28.2 u 1.1,-26.4 1.4,-24 1.6,-17 2.4,-14.4 U 2.9,-12.6 3.5,-11.6 4.2,-12.6 O 4.8,-14.4 6,-17 8,-20 9.5,-24 9.5,-26 O 9.5,-29.4 9.5,-31.8 U 9.5,-34.6 O 10.7,-37 O 13.7,-38 O 16,-35 15.5,-31 12.5,-29 U 9.5,-28.8 6.9,-29.4 6.9,-31 O 9.5,-32.6 12.5,-33.4 13.4,-35.4 U 13.9,-38.4 14.3,-42 14.5,-45 U 13,-47.2 O 11.5,-45 11.7,-41 U 11.7,-37 10.5,-35 U 6.7,-34.6 4.9,-35.6 3.9,-38 3.5,-41 4.9,-45 6.9,-48 OUOU 7.2,-56 7.4,-58.4 o 9,-60.2 u 10.6,-58.4 10.9,-56 UOUO 11.1,-49 11.9,-46.4 U 12.4,-44.6 13,-43.6 13.7,-44.6 O 14.3,-46.4 14.9,-48 13.9,-49.6 U 12.9,-50.6 O 10.9,-51.2 O 7.2,-51.4 5.8,-51.1 5.6,-50.1 U 7.2,-49.6 10.9,-49.5 U 12.3,-49.4 13.4,-49.9 O 14.9,-50.6 15.4,-52.2 13.9,-53.4 U 12.9,-54.4 O 10.9,-55 7.2,-55.2 O 5.8,-54.9 5.6,-53.9 7.2,-53.4 U 10.9,-53.3 U 12.3,-53.2 13.4,-53.7 O 15.5,-54.6 18,-56',
        tips: [18, 32, 61, 75],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -30], radius: 3, tube: 0.6 },
      { kind: 'ring', at: [9, -62], radius: 3, tube: 0.6 },
    ],
    light: true,
  },
  claims: [
    { closure: 'ends', alone: ['3₁#3₁', 'unknot', 'unknot'], linking: [1, 1, 0] },
    {
      closure: 'cut all',
      alone: ['3₁', 'unknot', '3₁', 'unknot', '3₁#3₁', 'unknot', 'unknot'],
      linking: [0, 0, 1, 0, 0, 0, 0, 0, 0, 1, 0, 1, 0, 0, 0, 0, 0, 0, 1, 0, 0],
    },
  ],
  checks: [
    'Both loops are loaded on the leg that does not slide.',
    'There is travel to spare at both.',
    'The lock is hard against the second loop.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 4, text: 'first loop', inset: true },
    { u: 49, text: 'second loop', inset: true },
  ],
  steps: [
    { shown: { upTo: [27] }, say: 'Slip loop in the load line.', look: 'Leave travel.' },
    {
      shown: { upTo: [39.4] },
      say: 'Round the anchor and up through the loop.',
      look: 'As for one loop.',
    },
    {
      shown: { upTo: [68] },
      say: 'A second slip loop in the hauling part.',
      look: 'The same way round.',
    },
    { shown: { upTo: [79] }, say: 'Round the anchor again.', look: 'A second ring is drawn.' },
    {
      shown: 'whole',
      say: 'Up through the second loop; pull; two half hitches.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'Both loops stay open.' },
  ],
} as const satisfies TiedForm;
