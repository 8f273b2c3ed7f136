import type { TiedForm } from './entry';

/** Taut-line hitch with its last turn slipped. Paths in rope diameters; tying from the trade's common practice. */
export const slippedTautLine = {
  id: 'slipped',
  name: 'slipped',
  note: 'The last turn with a bight: the tail undoes it.',
  aliases: ['slipped taut-line'],
  spec: {
    ropes: [
      {
        path: '-16.7,0 -11.7,0 UOOUOUO 2.2,0 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 -1.7,-5.4 U -3.5,-3.2 -3.8,-0.9 O -3.4,1.2 -2.7,1.9 -2.1,1.2 U -1.7,-0.9 -0.8,-1.8 -0.4,-0.9 O 0,1.2 0.7,1.9 1.3,1.2 U 1.7,-0.9 1.3,-2.6 -0.9,-3.5 O -3.9,-3.8 U -6.1,-3.2 U -8.1,-1.8 -8.6,-0.8 O -8.5,1.2 -7.7,1.9 -6.9,1.2 U -6.6,-1.2 -6.4,-2.4 O -6.3,-4.2 -6.6,-6.6 -5.7,-7.8 -4.8,-6.6 -4.9,-4.2 O -5,-2.4 -5.1,-1 U -5.2,1.2 -5.6,3.6 -6.1,7',
        taut: [0, 2.4],
        tips: [5, 34],
      },
    ],
    fixtures: [
      { kind: 'post', at: [9, -2.5], radius: 2.2 },
      { kind: 'post', at: [-5.7, -6.7], radius: 0.4, hidden: true },
    ],
  },
  claims: [
    { closure: 'ends', alone: ['5₁'] },
    { closure: 'cut all', alone: ['unknot', 'unknot', 'unknot'], linking: [3, 0, 1] },
  ],
  release: {
    leaves: '5₁',
    says: 'The tail pulls the last turn out; the inside turns still hold until they are pushed off.',
  },
  checks: [
    'Two turns inside, toward the post.',
    'The last turn outside is made with a bight.',
    'The tail stays free.',
  ],
  steps: [
    {
      shown: { upTo: [10] },
      say: 'Round the post and back beside the line.',
      look: 'A long end.',
    },
    {
      shown: { upTo: [21.4] },
      say: 'Two turns round the line toward the post: {over}, {behind}.',
      look: 'Side by side.',
    },
    {
      shown: 'whole',
      say: 'The last turn on the far side with a bight in place of the end.',
      look: 'The tail stays outside.',
    },
    { shown: 'drawn up', say: 'Draw it snug.', look: 'The tail undoes the last turn.' },
  ],
} as const satisfies TiedForm;

/** Taut-line hitch tied with a bight. */
export const tautLineOnABight = {
  id: 'on-a-bight',
  name: 'on a bight',
  note: 'A long rope goes round the post as a bight, and the hitch is tied with that.',
  aliases: ['taut-line on a bight'],
  spec: {
    ropes: [
      {
        path: '-19,0 -13,0 UUOOUU -5,0 OOUUO 2.4,-0.3 O 5.13,-0.36 7.91,0.33 11.55,-1.27 11.73,-3.85 7.85,-5.74 3.01,-6.02 -2.81,-5.65 UU -5.1,-3.31 -5.42,-0.93 O -4.8,1.31 -4,2.02 -3.43,1.36 U -2.95,-1.08 -1.6,-2.98 -0.15,-1.09 O 0.33,1.36 0.9,2.02 1.46,1.38 U 1.82,-1.03 1.05,-3.14 -2.07,-3.92 O -5.45,-3.82 OU -8.41,-3.35 U -10.81,-1.97 -11.42,-0.74 O -11.08,1.34 -10.3,2.02 -9.74,1.38 U -9.27,-1.51 -8.87,-3.1 OO -8.58,-5.47 -8.18,-8.67 -7.4,-10.2 -7.02,-8.53 -7.42,-5.33 OO -7.73,-2.9 -8.13,-1.29 U -8.66,1.82 -10.3,3.18 -12.12,1.86 O -12.58,-0.86 -11.59,-2.83 -8.79,-4.45 UU -5.55,-4.98 OO -1.93,-5.08 1.75,-4.06 2.98,-1.17 U 2.54,1.82 0.9,3.18 -0.73,1.84 O -1.25,-0.71 -1.6,-1.82 -1.85,-0.72 U -2.37,1.84 -4,3.18 -5.8,1.89 O -6.58,-0.87 U -6.1,-3.89 U -3.19,-6.75 2.99,-7.18 8.15,-6.86 12.67,-4.55 12.45,-0.53 8.09,1.47 4.87,0.76 2.6,2.4 -0.6,5 -3.4,6.4',
        taut: [0, 2.6],
        tips: [36],
      },
    ],
    fixtures: [
      { kind: 'post', at: [9, -2.6], radius: 1.9 },
      { kind: 'post', at: [-7.5, -8.7], radius: 0.5, hidden: true },
    ],
  },
  claims: [
    { closure: 'ends', alone: ['unknot'] },
    { closure: 'cut 1', alone: ['5₁#3₁', 'unknot'], linking: [5] },
  ],
  needs: 'a bight',
  release: 'in the bight',
  checks: [
    'Two turns inside, toward the post, all strands double.',
    'The last turn outside, the same way.',
    'The bight sticks out a hand long.',
  ],
  steps: [
    {
      shown: { bight: [11, 61] },
      say: 'Take a bight round the post.',
      look: 'Both its parts side by side.',
    },
    {
      shown: { bight: [24, 48] },
      say: 'Two turns round the line toward the post, with the bight.',
      look: 'Side by side.',
    },
    {
      shown: 'whole',
      say: 'One turn on the far side, the same way.',
      look: 'The bight comes out {over} itself.',
    },
    {
      shown: 'drawn up',
      say: 'Draw it snug.',
      look: 'It slides by hand and grips under load.',
    },
  ],
} as const satisfies TiedForm;
