import type { TiedForm } from './entry';

/** The bowline tied to a ring, its small loop made first. */
export const bowlineAtARing = {
  id: 'at-a-ring',
  name: 'small loop first, then the ring',
  note: 'The small loop is turned before the end reaches the ring.',
  aliases: ['bowline to a ring'],
  spec: {
    ropes: [
      {
        path: '0,17 O 0,9 U -0.8,5.5 U -3.2,3 -2,0.3 O 0,-0.4 O 2,0.3 3.2,3 2.6,5.5 U 1.2,6.8 O -1.5,7.3 U -5,6.5 -7,2 -7,-6 -4,-11 o 0,-12.5 u 4,-11 6,-7 4,-3 1.2,-1.5 U 1.2,3 O 2.2,9 1.2,11.5 U -1.2,11.5 -2.2,9 OO -1.4,3 U -1.6,-2 -2,-6',
        tips: [14],
      },
    ],
    fixtures: [{ kind: 'ring', at: [0, -14.6], radius: 3, tube: 0.6 }],
  },
  claims: [
    { closure: 'ends', alone: ['8₂₀', 'unknot'], linking: [1] },
    { closure: 'cut 1', alone: ['unknot', 'unknot', 'unknot'], linking: [1, 0, 1] },
  ],
  steps: [
    {
      shown: { upTo: [10.6] },
      say: 'Turn the small loop in the standing part, end {on top}.',
      look: 'Hold it while the other hand goes on.',
    },
    {
      shown: { upTo: [17.4] },
      say: 'Pass the end through the ring.',
      look: 'The big loop hangs in the ring.',
    },
    {
      shown: { upTo: [20.4] },
      say: 'Bring it {up through} the small loop, from {behind}.',
      look: 'Beside the standing part.',
    },
    {
      shown: { upTo: [23.3] },
      say: 'Pass it {behind} the standing part.',
      look: 'It comes out on the other side.',
    },
    {
      shown: 'whole',
      say: 'Back {down through} the small loop.',
      look: 'Beside itself, the way it came up.',
    },
    { shown: 'drawn up', say: 'Draw it up.', look: 'Hold the ring, pull the standing part.' },
  ],
} as const satisfies TiedForm;
