import type { TiedForm } from './entry';

/** Trucker’s hitch made without an end, twisted one way and the other. Paths in rope diameters; tying from the trade's common practice. */
export const noEnd = {
  id: 'no-end',
  name: 'no-end form',
  note: 'A long rope goes back and forth over a load: everything is done with bights.',
  aliases: ['trucker’s hitch without an end'],
  spec: {
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 U 0,3.2 -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 U 5,-13 U 3.5,-15.2 O 2,-13 O 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -4.6,-3.6 -5.6,-6 -6,-9 -4.6,-13 -2.6,-16 OOOUUOOUU -2.3,-31 -2.1,-33.4 o -0.5,-35.2 u 1.1,-33.4 1.4,-31 UUOOUUOO 1.5,-17 2.2,-14.6 U 2.8,-12.2 3.6,-11 4.4,-12.2 O 4.75,-15.12 5.25,-17.11 U 4.17,-18.85 U 2.93,-19.91 O 1.32,-20.45 O -2.28,-20.64 -3.8,-20.4 -3.79,-19.69 -2.23,-19.36 UU 1.43,-19.16 2.93,-19.06 O 4.41,-19.53 O 6.15,-20.13 6.67,-22.42 U 4.64,-24.17 U 3.15,-25.3 O 1.32,-25.85 O -2.28,-26.04 -3.8,-25.8 -3.79,-25.09 -2.23,-24.76 UU 1.43,-24.56 2.9,-24.45 O 4.61,-25.13 O 7.43,-26.13 10.46,-26.94 12,-26.9 10.74,-25.86 7.77,-25.07 O 4.99,-24.07 O 3.1,-23.35 1.37,-23.44 UU -2.37,-23.64 -4.61,-24.31 -4.6,-26.6 -2.32,-27.16 OO 1.48,-26.95 3.65,-26.3 U 5.36,-25.03 U 7.73,-22.78 7.05,-19.47 O 4.79,-18.47 O 3.07,-17.94 U 1.37,-18.04 U -2.37,-18.24 -4.61,-18.91 -4.6,-21.2 -2.32,-21.76 OO 1.48,-21.55 3.47,-20.89 U 5.03,-19.55 U 6.35,-17.29 5.85,-14.88 O 4.6,-10.8 3.8,-9.9 3,-11 U 0.9,-13.6 -0.2,-15.6 -2.3,-16.8 U -6,-17.4 -10,-17.8',
        tips: [18, 32, 66],
      },
    ],
    fixtures: [
      { kind: 'ring', at: [-0.5, -37], radius: 3, tube: 0.6 },
      { kind: 'post', at: [10.4, -26.3], radius: 0.2, hidden: true },
    ],
    light: true,
  },
  claims: [
    { closure: 'ends', alone: ['3₁', 'unknot'], linking: [1] },
    {
      closure: 'cut all',
      alone: ['3₁', 'unknot', '3₁#3₁', 'unknot', 'unknot'],
      linking: [0, 0, 1, 0, 1, 4, 0, 1, 0, 0],
    },
  ],
  needs: 'a bight',
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'There is travel to spare between loop and anchor.',
    'Two half hitches of the bight lie hard against the loop.',
  ],
  labels: [
    { u: 0.3, text: 'to the load' },
    { u: 4, text: 'slip loop', inset: true },
    { u: 32, text: 'anchor' },
  ],
  steps: [
    {
      shown: { upTo: [27] },
      say: 'Twist a loop in the load line and push a bight of the slack through, from the side on which it locks.',
      look: 'If it falls apart, go in from the other side.',
    },
    { shown: { upTo: [33.4] }, say: 'Put the slack round the anchor.', look: 'No end is needed.' },
    {
      shown: { bight: [44, 94] },
      say: 'Push a bight of the slack up through the loop and pull it down.',
      look: 'Your purchase.',
    },
    {
      shown: 'whole',
      say: 'Two half hitches of the bight round the short strands.',
      look: '{Over}, {behind}, out {over} itself.',
    },
    { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
  ],
} as const satisfies TiedForm;

const { aliases: _, ...withoutNames } = noEnd;

/** The other twist of the same. */
export const noEndOther: TiedForm = {
  ...withoutNames,
  id: 'no-end-other',
  name: 'no-end form, other twist',
  note: 'The loop twisted the other way, the bight pushed in from the other side: the same hitch for the other hand. Going in from the wrong side, it falls apart.',
  sameAs: 'no-end',
  spec: {
    fixtures: [
      { at: [0.5, -37], kind: 'ring', radius: 3, tube: 0.6 },
      { at: [-10.4, -26.3], hidden: true, kind: 'post', radius: 0.2 },
    ],
    light: true,
    ropes: [
      {
        path: '0,12 0,6 O 0,2.6 0,0.2 U 0,-2.6 O -1.2,-5 O -4.2,-6 O -6.5,-3 -6,1 -3,3 U 0,3.2 2.6,2.6 2.6,1 O 0,-0.6 -3,-1.4 -3.9,-3.4 U -4.4,-6.4 -4.8,-10 U -5,-13 U -3.5,-15.2 O -2,-13 O -2.2,-9 U -2.2,-5 -1,-3 U 2.8,-2.6 4.6,-3.6 5.6,-6 6,-9 4.6,-13 2.6,-16 OOOUUOOUU 2.3,-31 2.1,-33.4 o 0.5,-35.2 u -1.1,-33.4 -1.4,-31 UUOOUUOO -1.5,-17 -2.2,-14.6 U -2.8,-12.2 -3.6,-11 -4.4,-12.2 O -4.75,-15.12 -5.25,-17.11 U -4.17,-18.85 U -2.93,-19.91 O -1.32,-20.45 O 2.28,-20.64 3.8,-20.4 3.79,-19.69 2.23,-19.36 UU -1.43,-19.16 -2.93,-19.06 O -4.41,-19.53 O -6.15,-20.13 -6.67,-22.42 U -4.64,-24.17 U -3.15,-25.3 O -1.32,-25.85 O 2.28,-26.04 3.8,-25.8 3.79,-25.09 2.23,-24.76 UU -1.43,-24.56 -2.9,-24.45 O -4.61,-25.13 O -7.43,-26.13 -10.46,-26.94 -12,-26.9 -10.74,-25.86 -7.77,-25.07 O -4.99,-24.07 O -3.1,-23.35 -1.37,-23.44 UU 2.37,-23.64 4.61,-24.31 4.6,-26.6 2.32,-27.16 OO -1.48,-26.95 -3.65,-26.3 U -5.36,-25.03 U -7.73,-22.78 -7.05,-19.47 O -4.79,-18.47 O -3.07,-17.94 U -1.37,-18.04 U 2.37,-18.24 4.61,-18.91 4.6,-21.2 2.32,-21.76 OO -1.48,-21.55 -3.47,-20.89 U -5.03,-19.55 U -6.35,-17.29 -5.85,-14.88 O -4.6,-10.8 -3.8,-9.9 -3,-11 U -0.9,-13.6 0.2,-15.6 2.3,-16.8 U 6,-17.4 10,-17.8',
        tips: [18, 32, 66],
      },
    ],
  },
};
