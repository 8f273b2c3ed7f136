import type { TiedForm } from './entry';
import { BROAD_HAND, NARROW_HAND, ONE_TURN, THREE_TURNS, WITH_THE_LOOP } from './on-the-hand';

/** The alpine butterfly wrapped on the hand; the turn at the finger tips is the loop. */
export const onTheHand = {
  id: 'hand',
  name: 'three wraps on the hand',
  note: 'Wrap the hand: palm, finger tips, then between. Take the wrap at the finger tips {over} the other two and back {under} both.',
  spec: {
    ropes: [
      {
        path: '-1,-16 -3.4,-7 -3.4,-3 UOOU -3.4,3 -3.4,7 -0.53,5 UUUUU 0.93,-5 O 3.4,-7 3.4,-4.2 2.2,-2.6 OOOO -4.5,-2.6 -5.5,-1.8 -4.5,-0.9 UUOO 4.5,-0.9 8,-0.7 9.3,0 8,0.7 4.5,0.9 OOUU -4.5,0.9 -5.5,1.8 -4.5,2.6 OOO 2.2,2.6 O 3.4,4.2 3.4,7 2.87,5 UUUU 0.93,-5 U 0,-7 0,-3 UOOU 0,3 O 0,7 1,16',
        tips: [15],
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
    count: 2,
    because:
      'where the picked wrap passes the part behind the hand: the hand lies between them while it is tied, and once it is out they are free of each other',
  },
  release: 'in the bight',
  steps: [
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.4,-16 -3.4,-6 o -3.4,6 -2.2,7.4 -0.6,6 u 2.2,-6 2.9,-7.3 3.6,-9 4,-16',
              },
            ],
            fixtures: [NARROW_HAND],
          },
          claims: ONE_TURN,
        },
      },
      say: 'First turn at the thumb side of the hand.',
      look: 'The palm is toward you.',
      adds: [1, 7],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.4,-16 -3.4,-6 o -3.4,6 -2.2,7.4 -0.6,6 UuO 2.2,-6 2.9,-7.3 3.6,-6 o 3.6,6 3.1,7.3 2.6,6 uU 1.6,-6 0.7,-7.3 -0.2,-6 oO -0.2,6 -0.2,16',
              },
            ],
            fixtures: [NARROW_HAND],
          },
          claims: THREE_TURNS,
        },
      },
      say: 'Second turn at the finger tips, third between the two.',
      look: 'Three parts across the palm.',
      adds: [6, 14],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.4,-16 -3.4,-6 UoU -3.4,6 -2.2,7.4 -0.6,6 UUuUO 2.2,-6 2.9,-7.3 3.8,-6 3.8,-4 2.9,-2.6 OOOO -5,-2.4 -6.6,-1.2 o -6.6,1.2 -5,2.4 OOOO 2.9,2.6 3.8,4 3.8,6 3.1,7.3 2.6,6 UuUU 1.6,-6 0.7,-7.3 -0.2,-6 UoUO -0.2,6 -0.2,16',
              },
            ],
            fixtures: [NARROW_HAND],
          },
          claims: THREE_TURNS,
          byNose: true,
        },
      },
      say: 'Pick up the turn at the finger tips and lay it {over} the other two.',
      look: 'Toward the thumb.',
      adds: [9, 14],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-3.4,-16 -3.4,-6 UOoOU -3.4,6 -2.2,7.4 -0.6,6 UUUuUUO 2.2,-6 2.9,-7.3 3.8,-6 3.8,-4 2.9,-2.6 OOOO -4.7,-2.6 -5.6,-1.8 -4.7,-0.9 UUOO 5,-0.9 9,-0.8 o 10.2,0.1 9,0.8 5,0.9 OOUU -4.7,0.9 -5.6,1.8 -4.7,2.6 OOOO 2.9,2.6 3.8,4 3.8,6 3.1,7.3 2.6,6 UUuUUU 1.6,-6 0.7,-7.3 -0.2,-6 UOoOUO -0.2,6 -0.2,16',
                tips: [15],
              },
            ],
            fixtures: [NARROW_HAND],
          },
          claims: WITH_THE_LOOP,
          byNose: true,
        },
      },
      say: 'Push it back {under} both, along the palm.',
      look: 'It comes out at the finger tips.',
      adds: [12, 18],
    },
    {
      shown: 'drawn up',
      say: 'Slide it off and pull the wings.',
      look: 'Parallel {in front}, crossed {behind}.',
    },
  ],
} as const satisfies TiedForm;

export const onThePalm = {
  id: 'palm',
  name: 'wrapped across the palm',
  note: 'As the hand wrap, but the last turn slants across the palm, {over} the others, instead of {behind} the hand.',
  spec: {
    ropes: [
      {
        path: '-4,-18 -3.4,-9.5 -3.4,-5.6 -3.4,-3 UOOU -3.4,3 -3.4,7 -2.6,8.2 -2.1,6 UUUU -2.1,-8 -2.4,-10.6 -2.04,-9.5 U 3.4,-5.6 3.4,-4.2 2.2,-2.6 OOO -4.5,-2.6 -5.5,-1.8 -4.5,-0.9 UOU 4.5,-0.9 O 8,-0.7 9.3,0 8,0.7 O 4.5,0.9 UOU -4.5,0.9 -5.5,1.8 -4.5,2.6 OOO 2.2,2.6 3.4,4.2 3.4,7 4.2,8.2 4.7,6 UU 4.7,-8 4.4,-10.6 2.72,-9.5 O 0,-5.6 0,-3 UOOU 0,3 0,7 1,16',
        tips: [19],
      },
    ],
    fixtures: [{ kind: 'post', at: [7.8, 0], radius: 0.3, hidden: true }],
  },
  claims: [
    { closure: 'ends', alone: ['unknot'] },
    { closure: 'cut 1', alone: ['3₁', '3₁'], linking: [1] },
  ],
  sameAs: 'twist',
  dressedAs: 'twist',
  release: 'in the bight',
  steps: [
    {
      shown: {
        laid: {
          spec: {
            ropes: [{ path: '-4,-18 -3.4,-9 o -3.4,6.5 -2.75,9 -2.1,6.5 u -2.1,-8 -2.1,-18' }],
            fixtures: [BROAD_HAND],
          },
          claims: ONE_TURN,
        },
      },
      say: 'Lay the rope across the palm at the thumb side.',
      look: 'The end hangs on the back of the hand.',
      adds: [1, 5],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-4,-18 -3.4,-9 o -3.4,6.5 -2.75,9 -2.1,6.5 u -2.1,-8 -1.4,-10 0,-8.6 U 3.2,-3.6 o 3.4,6.5 4.1,9 4.8,6.5 u 4.8,-8 4,-10 2.6,-8.6 O 0.2,-4 o 0,7 0,18',
              },
            ],
            fixtures: [BROAD_HAND],
          },
          claims: THREE_TURNS,
        },
      },
      say: 'Up the palm at the finger tips; the last turn slants {over} it to the middle.',
      look: 'Three parts across the palm.',
      adds: [5, 16],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-4,-18 -3.4,-9 UoU -3.4,6.5 -2.75,9 -2.1,6.5 UuU -2.1,-8 -1.4,-10 0,-8.6 U 3.2,-3.6 2.4,-2.4 OOO -5,-2.4 -6.6,-1.2 o -6.6,1.2 -5,2.4 OOO 2.4,2.4 3.4,3.8 3.4,6.5 4.1,9 4.8,6.5 u 4.8,-8 4,-10 2.6,-8.6 O 0.2,-4 UoU 0,7 0,18',
              },
            ],
            fixtures: [BROAD_HAND],
          },
          claims: THREE_TURNS,
          byNose: true,
        },
      },
      say: 'Take the part at the finger tips {over} the others.',
      look: 'Toward the thumb.',
      adds: [9, 14],
    },
    {
      shown: {
        laid: {
          spec: {
            ropes: [
              {
                path: '-4,-18 -3.4,-9 UOoOU -3.4,6.5 -2.75,9 -2.1,6.5 UUuUU -2.1,-8 -1.4,-10 0,-8.6 U 3.2,-3.6 2.4,-2.6 OOO -4.7,-2.6 -5.6,-1.8 -4.7,-0.9 UOUO 5.6,-0.9 9.5,-0.8 o 10.7,0.1 9.5,0.8 5.6,0.9 OUOU -4.7,0.9 -5.6,1.8 -4.7,2.6 OOO 2.4,2.6 3.4,3.8 3.4,6.5 4.1,9 4.8,6.5 UuU 4.8,-8 4,-10 2.6,-8.6 O 0.2,-4 UOoOU 0,7 0,18',
                tips: [15],
              },
            ],
            fixtures: [BROAD_HAND],
          },
          claims: WITH_THE_LOOP,
          byNose: true,
        },
      },
      say: 'Push it back {under} both, along the palm.',
      look: 'The loop comes out at the finger tips.',
      adds: [12, 18],
    },
    {
      shown: 'drawn up',
      say: 'Slide it off and pull the wings.',
      look: 'Parallel {in front}, crossed {behind}.',
    },
  ],
} as const satisfies TiedForm;
