import { foldedFirst, truckersVariant } from './truckers-hitch-variant';

/** Trucker’s hitches with a bell-ringer’s loop, by their lock. Paths in rope diameters; tying from the trade's common practice. */
export const bellRingerTruckers = [
  truckersVariant({
    loop: 'bell-ringer',
    lock: 'slipped',
    spec: {
      fixtures: [
        { at: [-0.5, -27], kind: 'ring', radius: 3, tube: 0.6 },
        { at: [8.4, -18.1], hidden: true, kind: 'post', radius: 0.35 },
      ],
      light: true,
      ropes: [
        {
          path: '2.6,10.6 O 3.1,4.6 O 3.2,1 O 3.2,-1 O 2.2,-2.8 O 0.8,-3 -1,-2.5 -1.2,-1.2 0.6,-0.5 UU 2.6,-0.4 U 4,-0.4 5.4,-1.4 6,-5.4 6.4,-11.4 5.2,-14.4 U 3.5,-15.2 O 2,-14 1.8,-10.4 2.3,-5.4 U 2.4,-1 O 2.5,1 U 3.8,3.4 U 3,5.4 1.6,6 0.2,5.4 -0.6,3.4 0.7,1 O 0.8,-1 U 0.7,-5.4 -3,-9 -3.4,-13 -2.6,-16 OOU -2.3,-21 -2.1,-23.4 o -0.5,-25.2 u 1.1,-23.4 1.4,-21 UO 1.6,-17 OU 2.4,-14.4 2.9,-12.6 3.5,-11.6 4.2,-12.6 4.8,-14.4 O 5.4,-16 U 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 6.5,-18.5 8.6,-18.9 9.5,-18.2 8.6,-17.5 6.4,-17.2 O 4.3,-16.7 2.8,-16.2 U 1.4,-16.1 -2.3,-16.1 U -5,-16.3 -8,-17',
          taut: [18, 28],
          tips: [15, 23, 34, 56],
        },
      ],
    },
    claims: [
      { alone: ['unknot', 'unknot'], closure: 'ends', linking: [1] },
      {
        alone: ['unknot', 'unknot', 'unknot', '3₁', 'unknot', 'unknot'],
        closure: 'cut all',
        linking: [1, 1, 0, 0, 1, 1, 0, 0, 0, 1, 0, 0, 1, 0, 0],
      },
    ],
    ends: [29, 35.4, 43.4],
    labels: [8, 34, 60],
  }),
  truckersVariant({
    loop: 'bell-ringer',
    lock: 'two-half-hitches',
    spec: {
      fixtures: [{ at: [-0.5, -30], kind: 'ring', radius: 3, tube: 0.6 }],
      light: true,
      ropes: [
        {
          path: '2.6,10.6 O 3.1,4.6 O 3.2,1 O 3.2,-1 O 2.2,-2.8 O 0.8,-3 -1,-2.5 -1.2,-1.2 0.6,-0.5 UU 2.6,-0.4 U 4,-0.4 5.4,-1.4 6,-5.4 6.4,-11.4 5.2,-14.4 U 3.5,-15.2 O 2,-14 1.8,-10.4 2.3,-5.4 U 2.4,-1 O 2.5,1 U 3.8,3.4 U 3,5.4 1.6,6 0.2,5.4 -0.6,3.4 0.7,1 O 0.8,-1 U 0.7,-5.4 -3,-9 -3.4,-13 -2.6,-16 OUOU -2.3,-24 -2.1,-26.4 o -0.5,-28.2 u 1.1,-26.4 1.4,-24 UOUO 1.6,-17 U 2.4,-14.4 2.9,-12.6 3.5,-11.6 4.2,-12.6 4.8,-14.4 O 5.4,-16 4.4,-17.6 U 3.4,-18.6 O 1.4,-19.2 -2.3,-19.4 O -3.7,-19.1 -3.9,-18.1 U -2.3,-17.6 1.4,-17.5 U 2.8,-17.4 3.9,-17.9 O 5.4,-18.6 5.9,-20.2 4.4,-21.4 U 3.4,-22.4 O 1.4,-23 -2.3,-23.2 O -3.7,-22.9 -3.9,-21.9 U -2.3,-21.4 1.4,-21.3 U 2.8,-21.2 3.9,-21.7 O 6,-22.6 8.5,-24',
          taut: [18, 28],
          tips: [15, 23, 34],
        },
      ],
    },
    claims: [
      { alone: ['unknot', 'unknot'], closure: 'ends', linking: [1] },
      {
        alone: ['unknot', 'unknot', 'unknot', '3₁#3₁', 'unknot'],
        closure: 'cut all',
        linking: [1, 1, 0, 0, 1, 2, 0, 0, 1, 0],
      },
    ],
    ends: [29, 35.4, 43.4],
    labels: [8, 34, 63],
  }),
  truckersVariant({
    loop: 'bell-ringer',
    lock: 'taut-line',
    spec: {
      fixtures: [{ at: [-0.5, -32], kind: 'ring', radius: 3, tube: 0.6 }],
      light: true,
      ropes: [
        {
          path: '2.6,10.6 O 3.1,4.6 O 3.2,1 O 3.2,-1 O 2.2,-2.8 O 0.8,-3 -1,-2.5 -1.2,-1.2 0.6,-0.5 UU 2.6,-0.4 U 4,-0.4 5.4,-1.4 6,-5.4 6.4,-11.4 5.2,-14.4 U 3.5,-15.2 O 2,-14 1.8,-10.4 2.3,-5.4 U 2.4,-1 O 2.5,1 U 3.8,3.4 U 3,5.4 1.6,6 0.2,5.4 -0.6,3.4 0.7,1 O 0.8,-1 U 0.7,-5.4 -3,-9 -3.4,-13 -2.6,-16 OUOUOU -2.3,-26 -2.1,-28.4 o -0.5,-30.2 u 1.1,-28.4 1.4,-26 UOUOUO 1.6,-17 U 2.4,-14.4 2.9,-12.6 3.5,-11.6 4.2,-12.6 4.8,-14.4 O 5.4,-16 5.6,-18.6 4.8,-21 U 3.2,-21.5 O 1.4,-21.4 -2.3,-21 O -3.6,-20.6 U -2.3,-20.1 1.4,-19.9 U 2.8,-19.7 3,-19 O 1.4,-18.8 -2.3,-18.4 O -3.6,-18 U -2.3,-17.5 1.4,-17.3 U 2.9,-17.4 3.9,-18.4 4.1,-20.6 O 4.2,-22 U 4.9,-23.4 3.2,-24.3 O 1.4,-24.3 -2.3,-24 O -3.6,-23.6 U -2.3,-23 1.4,-22.8 U 2.9,-22.8 4.4,-23 O 6.6,-24 9,-25.4',
          taut: [18, 28],
          tips: [15, 23, 34],
        },
      ],
    },
    claims: [
      { alone: ['unknot', 'unknot'], closure: 'ends', linking: [1] },
      {
        alone: ['unknot', 'unknot', 'unknot', '5₁#3₁', 'unknot'],
        closure: 'cut all',
        linking: [1, 1, 0, 0, 1, 3, 0, 0, 1, 0],
      },
    ],
    ends: [29, 35.4, 43.4],
    labels: [8, 34, 69],
  }),
];

/** The same, their loop made by folding first. */
export const halfSheepshankTruckers = bellRingerTruckers.map(foldedFirst);
