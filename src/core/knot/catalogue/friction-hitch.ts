import type { Entry } from './entry';

/** Friction hitch. Paths in rope diameters; tying from the trade's common practice. */
export const frictionHitch = {
  id: 'friction-hitch',
  name: 'Friction hitch',
  aliases: ['three-turn friction hitch', 'many-turn taut-line'],
  family: 'grip hitch',
  purpose: 'An adjustable loop that grips harder than a taut-line: more turns inside.',
  notFor: 'Stiff or glazed rope: it slides.',
  strength: null,
  jams: 'No.',
  unties: 'Push the turns toward the tail.',
  holds: { slack: 'with care', wet: 'with care', stiff: 'no', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'Slip the last turn.',
  backup: 'A half hitch beyond it.',
  tailD: 15,
  purposes: ['adjusts', 'not-jam'],
  crews: ['stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'All turns inside go the same way, toward the post.',
    'The last turn outside goes the same way too.',
    'The turns lie side by side.',
  ],
  forms: [
    {
      id: 'three',
      name: 'three turns',
      note: 'One turn more than a taut-line.',
      spec: {
        ropes: [
          {
            path: '-18.9,0 -13.9,0 UOUOUOUO 2.2,0 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 0.1,-5.8 -3.9,-5.4 U -5.7,-3.2 -6,-0.9 O -5.6,1.2 -4.9,1.9 -4.3,1.2 U -3.9,-0.9 -3.4,-1.8 -3,-0.9 O -2.6,1.2 -1.9,1.9 -1.3,1.2 U -0.9,-0.9 -0.4,-1.8 0,-0.9 O 0.4,1.2 1.1,1.9 1.7,1.2 U 2.1,-0.9 1.7,-2.6 -0.5,-3.5 -3.3,-3.7 O -6.1,-3.8 -8.3,-3.2 U -10.3,-1.8 -10.8,-0.8 O -10.7,1.2 -9.9,1.9 -9.1,1.2 U -8.8,-1.2 -8.6,-2.4 O -8.4,-4.4 -8.1,-8.5',
            taut: [0, 2.4],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'post', at: [9, -2.5], radius: 2.2 }],
      },
      claims: [
        { closure: 'ends', alone: ['7₁#3₁'] },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [4] },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 41.6, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [11] },
          say: 'Round the post and back beside the line.',
          look: 'The end points away.',
        },
        {
          shown: { upTo: [28.6] },
          say: 'Three turns round the line, each nearer the post: {over}, {behind}.',
          look: 'Side by side.',
        },
        {
          shown: 'whole',
          say: 'One turn more on the far side, the same way.',
          look: 'The end comes out {over} itself.',
        },
        {
          shown: 'drawn up',
          say: 'Draw the turns snug, then slide it.',
          look: 'It moves by hand and holds under load.',
        },
      ],
    },
    {
      id: 'four',
      name: 'four turns',
      note: 'For slick or thin line.',
      spec: {
        ropes: [
          {
            path: '-21.1,0 -16.1,0 UOUOUOUOU 2.2,0 O 5,0.3 8,0.6 11.8,-1 11.8,-4 8,-5.6 3,-6 -2.1,-5.8 -6.1,-5.4 U -7.9,-3.2 -8.2,-0.9 O -7.8,1.2 -7.1,1.9 -6.5,1.2 U -6.1,-0.9 -5.8,-1.8 -5.4,-0.9 O -5,1.2 -4.3,1.9 -3.7,1.2 U -3.3,-0.9 -3,-1.8 -2.6,-0.9 O -2.2,1.2 -1.5,1.9 -0.9,1.2 U -0.5,-0.9 -0.2,-1.8 0.2,-0.9 O 0.6,1.2 1.3,1.9 1.9,1.2 U 2.3,-0.9 1.9,-2.6 -0.3,-3.5 -5.5,-3.7 O -8.3,-3.8 -10.5,-3.2 U -12.5,-1.8 -13,-0.8 O -12.9,1.2 -12.1,1.9 -11.3,1.2 U -11,-1.2 -10.8,-2.4 O -10.6,-4.4 -10.3,-8.5',
            taut: [0, 2.4],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'post', at: [9, -2.5], radius: 2.2 }],
      },
      claims: [
        {
          closure: 'ends',
          whole:
            'A^48 + 2A^40 − 2A^36 + 2A^32 − 3A^28 + 3A^24 − 3A^20 + 3A^16 − 3A^12 + 2A^8 − 2A^4 + 1',
        },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [5] },
      ],
      steps: [
        {
          shown: { upTo: [11] },
          say: 'Round the post and back beside the line.',
          look: 'The end points away.',
        },
        {
          shown: { upTo: [34.6] },
          say: 'Four turns round the line, each nearer the post: {over}, {behind}.',
          look: 'Side by side.',
        },
        {
          shown: 'whole',
          say: 'One turn more on the far side, the same way.',
          look: 'The end comes out {over} itself.',
        },
        {
          shown: 'drawn up',
          say: 'Draw the turns snug, then slide it.',
          look: 'It moves by hand and holds under load.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
