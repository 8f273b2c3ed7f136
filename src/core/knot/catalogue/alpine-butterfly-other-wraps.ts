import type { TiedForm } from './entry';
import { HAND, ONE_TURN, THREE_TURNS, WITH_THE_LOOP } from './on-the-hand';

/** Two more ways to wrap the alpine butterfly: by the middle turn, and with the last turn crossing the first. */
export const byTheMiddleWrap = {
  id: 'middle',
  name: 'the middle wrap',
  note: 'Three plain turns on the hand, wound one beside the other. The middle one is the loop.',
  spec: {
    ropes: [
      {
        path: '-3.2,-15 -3.2,-7 UOOU -3.2,6.2 -2.4,8 -1.6,6.2 UUUU -0.8,-6.2 -0.4,-8 0,-6.6 0.2,-4.9 1.2,-4.1 OU 4.8,-4 5.8,-3.3 4.8,-2.6 OOOO -4.7,-2.6 -5.6,-1.8 -4.7,-0.9 UOOU 5.6,-0.9 9.5,-0.8 10.7,0.1 9.5,0.8 5.6,0.9 UOOU -4.7,0.9 -5.6,1.8 -4.7,2.6 OOOO 4.8,2.6 5.8,3.3 4.8,4 UO 1.2,4.1 0.2,4.9 0,6.6 0.8,8 1.6,6.2 UUUUUU 2.4,-6.2 2.8,-8 3.2,-6.2 OUOOUO 3.2,7 3.2,15',
        tips: [18],
      },
    ],
  },
  claims: [
    { closure: 'ends', alone: ['unknot'] },
    { closure: 'cut 1', alone: ['3₁', '3₁'], linking: [1] },
  ],
  sameAs: 'twist',
  dressedAs: 'twist',
  idleCrossings: {
    count: 1,
    because:
      'where the middle turn passes the one beside it on the back of the hand: once the hand is out they are free of each other',
  },
  release: 'in the bight',
  steps: [
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.2,-15 -3.2,-7 o -3.2,6.2 -2.4,8 -1.6,6.2 u -0.8,-6.2 -0.4,-8 0,-6.6 o 0,6.6 0.8,8 1.6,6.2 u 2.4,-6.2 2.8,-8 3.2,-6.2 o 3.2,7 3.2,15',
              },
            ],
            fixtures: [HAND],
          },
          claims: THREE_TURNS,
        },
      },
      say: 'Three turns on the hand, side by side.',
      look: 'Wound from the thumb toward the finger tips.',
      adds: [1, 14],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.2,-15 -3.2,-7 o -3.2,6.2 -2.4,8 -1.6,6.2 u -0.8,-6.2 -0.4,-8 0,-6.6 0.2,-4.4 1.2,-3.3 OU 5,-3.1 7,-1.6 o 7,1.6 5,3.1 UO 1.2,3.3 0.2,4.4 0,6.6 0.8,8 1.6,6.2 UuU 2.4,-6.2 2.8,-8 3.2,-6.2 OoO 3.2,7 3.2,15',
              },
            ],
            fixtures: [HAND],
          },
          claims: THREE_TURNS,
          byNose: true,
        },
      },
      say: 'Pull the middle turn out {under} the one at the finger tips.',
      look: 'It lies outside all.',
      adds: [8, 15],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.2,-15 -3.2,-7 UoU -3.2,6.2 -2.4,8 -1.6,6.2 UuU -0.8,-6.2 -0.4,-8 0,-6.6 0.2,-4.6 1.2,-3.7 OU 4.8,-3.6 5.8,-2.9 4.8,-2.2 OOOO -4.8,-2 -6.6,-1 o -6.6,1 -4.8,2 OOOO 4.8,2.2 5.8,2.9 4.8,3.6 UO 1.2,3.7 0.2,4.6 0,6.6 0.8,8 1.6,6.2 UUuUU 2.4,-6.2 2.8,-8 3.2,-6.2 OUoUO 3.2,7 3.2,15',
              },
            ],
            fixtures: [HAND],
          },
          claims: THREE_TURNS,
          byNose: true,
        },
      },
      say: 'Lay it {over} both others.',
      look: 'Toward the thumb.',
      adds: [12, 17],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.2,-15 -3.2,-7 UOoOU -3.2,6.2 -2.4,8 -1.6,6.2 UUuUU -0.8,-6.2 -0.4,-8 0,-6.6 0.2,-4.9 1.2,-4.1 OU 4.8,-4 5.8,-3.3 4.8,-2.6 OOOO -4.7,-2.6 -5.6,-1.8 -4.7,-0.9 UOOU 5.6,-0.9 9.5,-0.8 o 10.7,0.1 9.5,0.8 5.6,0.9 UOOU -4.7,0.9 -5.6,1.8 -4.7,2.6 OOOO 4.8,2.6 5.8,3.3 4.8,4 UO 1.2,4.1 0.2,4.9 0,6.6 0.8,8 1.6,6.2 UUUuUUU 2.4,-6.2 2.8,-8 3.2,-6.2 OUOoOUO 3.2,7 3.2,15',
                tips: [18],
              },
            ],
            fixtures: [HAND],
          },
          claims: WITH_THE_LOOP,
          byNose: true,
        },
      },
      say: 'Push it back {under} both, along the palm.',
      look: 'It comes out at the finger tips.',
      adds: [15, 21],
    },
    {
      shown: 'drawn up',
      say: 'Slide it off and pull the wings.',
      look: 'Parallel {in front}, crossed {behind}.',
    },
  ],
} as const satisfies TiedForm;

export const crossedOnTheHand = {
  id: 'crossed',
  name: 'crossed on the hand',
  note: 'The last turn crosses the first on the palm: an X, whose arms the picked turn goes round.',
  spec: {
    ropes: [
      {
        path: '-3.3,-15 -3.3,-7 -3.2,-4.6 UOUOU 0.1,4.6 0.1,6.4 0.8,8 1.3,6.2 UUUUO 2.3,-6.2 2.8,-8 3.3,-6.4 3.2,-4.2 2.4,-3 OOOO -5,-2.9 -6,-2 -5,-1.1 UUOO 5.6,-1.1 9.5,-1 10.7,0.1 9.5,1 5.6,1.1 OOUU -5,1.1 -6,2 -5,2.9 OOO 2.4,3 3.2,4.2 3.3,6.4 4,8 4.4,6.2 UUUU 1.1,-6.2 0.6,-8 0.1,-6.4 0.1,-4.6 UOOOU -3.2,4.6 -3.3,7 -3.3,15',
        tips: [17],
      },
    ],
  },
  claims: [
    { closure: 'ends', alone: ['unknot'] },
    { closure: 'cut 1', alone: ['3₁', '3₁'], linking: [1] },
  ],
  sameAs: 'twist',
  dressedAs: 'twist',
  idleCrossings: {
    count: 1,
    because:
      'where the picked turn passes the one on the back of the hand: once the hand is out they are free of each other',
  },
  release: 'in the bight',
  steps: [
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.3,-15 -3.3,-7 -3.2,-4.6 o 0.1,4.6 0.1,6.4 0.8,8 1.3,6.2 u 2.3,-6.2 2.8,-8 3.3,-9.6 4,-15',
              },
            ],
            fixtures: [HAND],
          },
          claims: ONE_TURN,
        },
      },
      say: 'First turn: slanting across the palm, from the thumb toward the finger tips.',
      look: 'It leaves at the finger tips.',
      adds: [1, 9],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.3,-15 -3.3,-7 -3.2,-4.6 Uo 0.1,4.6 0.1,6.4 0.8,8 1.3,6.2 uO 2.3,-6.2 2.8,-8 3.3,-6.4 oO 3.3,6.4 4,8 4.4,6.2 UuU 1.1,-6.2 0.6,-8 0.1,-6.4 0.1,-4.6 Oo -3.2,4.6 -3.3,7 -3.3,15',
              },
            ],
            fixtures: [HAND],
          },
          claims: THREE_TURNS,
        },
      },
      say: 'Second turn straight up at the finger tips; the third slants back {over} the first.',
      look: 'An X on the palm, one part beside it.',
      adds: [8, 18],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.3,-15 -3.3,-7 -3.2,-4.6 UUoU 0.1,4.6 0.1,6.4 0.8,8 1.3,6.2 UuUO 2.3,-6.2 2.8,-8 3.3,-6.4 3.2,-4 2.4,-2.8 OOOO -5,-2.7 -6.6,-1.2 o -6.6,1.2 -5,2.7 OOO 2.4,2.8 3.2,4 3.3,6.4 4,8 4.4,6.2 uUU 1.1,-6.2 0.6,-8 0.1,-6.4 0.1,-4.6 UOoU -3.2,4.6 -3.3,7 -3.3,15',
              },
            ],
            fixtures: [HAND],
          },
          claims: THREE_TURNS,
          byNose: true,
        },
      },
      say: 'Lay the part at the finger tips {over} the X.',
      look: 'Toward the thumb.',
      adds: [11, 16],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.3,-15 -3.3,-7 -3.2,-4.6 UOUoOU 0.1,4.6 0.1,6.4 0.8,8 1.3,6.2 UUuUUO 2.3,-6.2 2.8,-8 3.3,-6.4 3.2,-4.2 2.4,-3 OOOO -5,-2.9 -6,-2 -5,-1.1 UUOO 5.6,-1.1 9.5,-1 o 10.7,0.1 9.5,1 5.6,1.1 OOUU -5,1.1 -6,2 -5,2.9 OOO 2.4,3 3.2,4.2 3.3,6.4 4,8 4.4,6.2 UuUUU 1.1,-6.2 0.6,-8 0.1,-6.4 0.1,-4.6 UOOoOU -3.2,4.6 -3.3,7 -3.3,15',
                tips: [17],
              },
            ],
            fixtures: [HAND],
          },
          claims: WITH_THE_LOOP,
          byNose: true,
        },
      },
      say: 'Push it back {under} the X.',
      look: 'It comes out at the finger tips.',
      adds: [14, 20],
    },
    {
      shown: 'drawn up',
      say: 'Slide it off and pull the wings.',
      look: 'Parallel {in front}, crossed {behind}.',
    },
  ],
} as const satisfies TiedForm;
