import type { Entry } from './entry';

/** Evenk hitch. Paths in rope diameters; tying from memory of the trade's common practice. */
export const evenkHitch = {
  id: 'evenk-hitch',
  name: 'Evenk hitch',
  aliases: ['Siberian hitch', 'cold-weather hitch'],
  family: 'hitch',
  purpose: 'Ties to a tree or rail with heavy gloves on and comes off with one pull.',
  notFor: 'A line that goes slack, without the tail tucked.',
  strength: null,
  jams: 'No.',
  unties: 'Pull the tail.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'It is slipped.',
  backup: 'Tail through the bight: nobody pulls it by accident.',
  tailD: 24,
  purposes: ['off-under-load', 'gloves', 'not-jam'],
  crews: ['trades', 'farm', 'transport', 'instructors'],
  disputes: [],
  checks: [
    'An 8 lies round the standing part.',
    'A bight, not the end, lies {behind} both turns.',
    'The tail pulls it free.',
  ],
  forms: [
    {
      id: 'slipped',
      name: 'slipped',
      note: 'A slipped figure-eight round the standing part. With gloves the turns are made round the hand, which then draws the bight through.',
      spec: {
        ropes: [
          {
            path: '-1,-20 -1,-14 OU -1,-5 -1,-2 o -1,2 0.4,3.6 1.8,2 u 2.8,-2 U 3.6,-4 U 2.8,-6.4 OOO -1,-7 -3.6,-7.8 -4.4,-9.4 -3.4,-10.9 -1,-11.2 UOO 3.6,-10.8 6.4,-8.4 6.2,-5.6 4.63,-4.9 O 2.61,-4.96 1.74,-5.85 U 1.6,-7.43 1.6,-9.4 U 1.6,-11.37 1.8,-13.95 2,-16.45 1.49,-17.6 0.8,-16.55 0.6,-14.05 0.4,-11.43 U 0.4,-9.4 0.4,-7.37 U 0.66,-5.35 2.19,-3.84 O 4.57,-3.7 7.4,-3.4 11,-4 17,-6',
            taut: [0, 2],
            tips: [26],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-9, 0], to: [9, 0], radius: 2 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [1],
          because: 'fully slipped: only the turn over the rail is left',
        },
        { closure: 'cut 1', alone: ['4₁', 'unknot', 'unknot'], linking: [1, 1, 0] },
      ],
      release: 'fully slipped',
      steps: [
        {
          shown: { upTo: [8.7] },
          say: 'Over the rail and down {behind}.',
          look: 'The end hangs beside the standing part.',
        },
        { shown: { upTo: [12.3] }, say: 'Cross {over} the standing part.', look: 'To the {left}.' },
        {
          shown: { upTo: [16.5] },
          say: 'Back {behind} the standing part.',
          look: 'Below the first turn.',
        },
        { shown: { upTo: [19.3] }, say: 'Up, and {over} its own part.', look: 'An 8 is begun.' },
        {
          shown: 'whole',
          say: 'Push a bight down {behind} both turns, between the two parts.',
          look: 'It comes out below; the tail stays above.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the bight, then the standing part.',
          look: 'One pull on the tail frees it.',
        },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 26, text: 'bight' },
        { u: 36.7, text: 'tail' },
      ],
    },
  ],
  wrong: [
    {
      id: 'one-turn',
      name: 'bight behind one turn only',
      says: 'Nothing is tied: the bight pulls straight out.',
      insteadOf: 'slipped',
      spec: {
        ropes: [
          {
            path: '-1,-20 -1,-14 OU -1,-5 -1,-2 o -1,2 0.4,3.6 1.8,2 u 2.8,-2 U 3.6,-4 U 2.8,-6.4 OOO -1,-7 -3.6,-7.8 -4.4,-9.4 -3.4,-10.9 -1,-11.2 UUU 3.6,-10.8 6.4,-8.4 6.2,-5.6 4.63,-4.9 O 2.61,-4.96 1.74,-5.85 U 1.6,-7.43 1.6,-9.4 O 1.6,-11.37 1.8,-13.95 2,-16.45 1.49,-17.6 0.8,-16.55 0.6,-14.05 0.4,-11.43 O 0.4,-9.4 0.4,-7.37 U 0.66,-5.35 2.19,-3.84 O 4.57,-3.7 7.4,-3.4 11,-4 17,-6',
            taut: [0, 2],
            tips: [26],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-9, 0], to: [9, 0], radius: 2 }],
      },
      claims: [{ closure: 'cut 1', alone: ['unknot', 'unknot', 'unknot'], linking: [2, 1, 0] }],
      toldBy: 'invariants',
      partsAt: { right: 22, wrong: 22 },
    },
  ],
} as const satisfies Entry;
