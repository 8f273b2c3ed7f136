import type { Entry } from './entry';

/** Splint lashing. Paths in rope diameters; tying from the trade's common practice. */
export const splintLashing = {
  id: 'splint-lashing',
  name: 'Splint lashing',
  aliases: ['handle lashing', 'mending lash'],
  family: 'binding',
  purpose: 'Binds a cracked pole or handle, with or without a splint.',
  notFor: 'A pole that carries people or hangs overhead.',
  strength: null,
  jams: 'It is made to stay.',
  unties: 'Cut it.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 1 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'A second lashing at the other end of the crack.',
  tailD: 8,
  purposes: [],
  crews: ['farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Each wrap pulled hard, side by side.',
    'Longer than the crack.',
    'The loop is pulled in {under} the middle.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'round a pole',
      note: 'Pole and splint are drawn as one.',
      spec: {
        ropes: [
          {
            path: '-9,-0.75 -5,-0.75 OUOUO 0,-0.75 UOUOU 3.4,-0.75 o 4.4,0 O 3.4,0.75 OUOU 0,0.75 OUOUO -3.2,0.8 -4,1.7 -3.8,2.55 -2.9,1.3 UuU -2.5,-1 -2.4,-2.55 -2.26,-1.15 OoO -1.99,1.15 -1.82,2.55 -1.69,1.15 UuU -1.39,-1.15 -1.25,-2.55 -1.11,-1.15 OoO -0.84,1.15 -0.67,2.55 -0.54,1.15 UuU -0.24,-1.15 -0.1,-2.55 0.04,-1.15 OoO 0.31,1.15 0.47,2.55 0.61,1.15 UuU 0.91,-1.15 1.05,-2.55 1.19,-1.15 OoO 1.46,1.15 1.62,2.55 1.76,1.15 UuU 2.06,-1.15 2.3,-2.55 2.8,-1.8 O 3.3,-0.75 o 3.8,0 U 4.1,1 5.4,2.6 7.4,4.4',
            heights: [
              [0, 1.56],
              [1, 2.6],
              [2, 2.6],
              [3, 2.6],
              [4, 2.6],
              [5, 2.6],
              [6, 2.6],
              [7, 2.6],
            ],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-13, 0], to: [13, 0], radius: 2 }],
      },
      claims: [
        {
          closure: 'ends',
          linking: [5],
          whole: '− A^68 + A^64 − A^60 + A^56 + A^36 − A^32 + A^28 − A^24 + A^20 − A^16 + A^12 + 1',
        },
      ],
      idleCrossings: {
        count: 1,
        because:
          'where the fold turns into the first wrap it makes a kink: which part lies on top there is all one',
      },
      labels: [
        { u: 0.3, text: 'first end' },
        { u: 41.6, text: 'last end' },
      ],
      steps: [
        {
          shown: { upTo: [7.6] },
          say: 'Lay a fold of cord along the pole.',
          look: 'Past the crack.',
        },
        {
          shown: { upTo: [35.4] },
          say: 'Wrap back {over} it, each turn pulled hard.',
          look: 'Side by side.',
        },
        {
          shown: 'whole',
          say: 'Put the end through the fold, {over} its side.',
          look: 'Both ends show.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the wraps snug; then pull the first end until the fold has gone in, and trim.',
          look: 'Drawn before that last pull.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
