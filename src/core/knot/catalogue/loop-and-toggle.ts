import type { Entry } from './entry';

/** Loop and toggle. Paths in rope diameters; tying from the trade's common practice. */
export const loopAndToggle = {
  id: 'loop-and-toggle',
  name: 'Loop and toggle',
  aliases: ['toggle join', 'beckets and toggle'],
  family: 'bend',
  purpose: 'Joins two loops so that they come apart at once: pull the toggle.',
  notFor: 'A toggle that can work out: tie it in.',
  strength: null,
  jams: 'Never.',
  unties: 'Pull the toggle out.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'yes' },
  needs: 'a bight',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'The toggle is the slip.',
  backup: 'Tie the toggle to one of the loops.',
  tailD: 0,
  purposes: ['joins', 'off-under-load', 'no-end', 'not-jam', 'gloves'],
  crews: ['stage', 'farm', 'transport', 'instructors'],
  disputes: [],
  checks: [
    'The toggle goes through one loop and lies across the other.',
    'It is longer than the loop is wide.',
    'It is tied in.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'toggle through a loop',
      note: 'Only the near parts of both loops are drawn.',
      spec: {
        ropes: [
          {
            path: '-13,2.4 -7,2.4 u -2,2.4 2,2.4 4.4,2 O 6.4,0 O 4.4,-2 2,-2.4 u -2,-2.4 -7,-2.4 -13,-2.4',
          },
          {
            path: '15,0.9 10,0.9 6,0.9 U 2,0.9 u -2,0.9 -4.6,0.8 -5.6,0 -4.6,-0.8 -2,-0.9 o 2,-0.9 U 6,-0.9 10,-0.9 15,-0.9',
          },
        ],
        fixtures: [{ kind: 'bar', as: 'toggle', from: [-2, -5.5], to: [-2, 5.5], radius: 0.7 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot', 'unknot'], linking: [0, 0, 1] }],
      labels: [
        { u: 0.3, text: 'one loop' },
        { rope: 1, u: 0.3, text: 'the other' },
      ],
      steps: [
        {
          shown: { upTo: [10, 6.4] },
          say: 'Push one loop’s bight through the other.',
          look: 'It shows beyond it.',
        },
        {
          shown: 'whole',
          say: 'Put the toggle through that bight, across both parts of the other loop.',
          look: 'It cannot follow through.',
        },
        { shown: 'drawn up', say: 'Pull both loops.', look: 'The toggle lies square.' },
      ],
    },
    {
      id: 'eyelet',
      name: 'through an eyelet',
      note: 'A loop pushed through a tarp’s eyelet or a ring and held there by a toggle.',
      aliases: ['eyelet and toggle', 'toggled eyelet'],
      spec: {
        ropes: [
          {
            path: '-15,0.9 o -11,0.9 -8,0.9 -5,0.9 u -1.4,0.9 u 1.6,0.9 4,0.7 5,0 4,-0.7 o 1.6,-0.9 -1.4,-0.9 u -5,-0.9 -8,-0.9 -11,-0.9 o -15,-0.9',
            tips: [7],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [-8, 0], radius: 4.2, tube: 0.6 },
          { kind: 'bar', as: 'toggle', from: [1.6, -5], to: [1.6, 5], radius: 0.7 },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot', 'unknot'], linking: [0, 1, 0] },
        {
          closure: 'cut 1',
          alone: ['unknot', 'unknot', 'unknot', 'unknot'],
          linking: [0, 1, 1, 1, 0, 0],
        },
      ],
      checks: [
        'The toggle goes through the loop beyond the eyelet.',
        'It is longer than the eyelet is wide.',
        'It is tied in.',
      ],
      steps: [
        {
          shown: { upTo: [7.4] },
          say: 'Push the loop through the eyelet.',
          look: 'It shows beyond.',
        },
        {
          shown: 'whole',
          say: 'Put the toggle through the loop.',
          look: 'It lies across the eyelet.',
        },
        { shown: 'drawn up', say: 'Pull the loop back.', look: 'The toggle holds.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
