import type { Entry } from './entry';

/** Jam knot. Paths in rope diameters; tying from the trade's common practice. */
export const jamKnot = {
  id: 'jam-knot',
  name: 'Jam knot',
  aliases: ['bundle knot', 'noose and stopper'],
  family: 'binding',
  purpose: 'Cinches a bundle: pull the line and it stays tight.',
  notFor: 'A bundle you want to open quickly, unless it is slipped.',
  strength: null,
  jams: 'That is its work; the plain form may have to be cut.',
  unties: 'Slipped: pull the tail. Plain: push the stopper’s knot back.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 3, untie: 2 },
  gloves: true,
  slipped: 'As a slipped figure-eight round the line.',
  backup: 'An overhand of the line against it.',
  tailD: 8,
  purposes: ['tightens', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The knot in the end is tied round the line.',
    'A stopper stands beyond it.',
    'The line slides one way only.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'overhand and stopper',
      note: 'An overhand round the line, a second overhand in its tail.',
      spec: {
        ropes: [
          {
            path: '17,-1.2 11,-1.2 5,-1.2 U -1,-1.2 O -5.4,-1.2 -9,-1.4 -11.8,0.8 -10.6,3.8 -8,4 -5.6,2.2 -4,0.4 O 0,0 U 3.6,0.1 5.4,1.4 O 5.2,3.4 3,4.8 -0.8,4.6 -2.4,2.8 U -2.3,-0.6 U -1.4,-3 O 0,-0.6 O 1.4,1.4 4.8,2.5 U 7.6,3.4 10,3.6 O 12.4,3.6 U 13.8,4.4 O 13.8,6.2 12.4,7.2 10.8,6.4 10.6,3.6 U 11.2,2.2 12.2,2.4 O 12.6,4.4 13.8,5.2 U 17,6',
            tips: [6],
          },
        ],
        fixtures: [{ kind: 'post', at: [-8.6, 1.4], radius: 2.1 }],
      },
      claims: [
        { closure: 'ends', alone: ['3₁'] },
        { closure: 'cut 1', alone: ['unknot', '3₁#3₁'], linking: [1] },
      ],
      labels: [
        { u: 0.3, text: 'line' },
        { u: 34.6, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [10.6] },
          say: 'Round the bundle and back beside the line.',
          look: 'A long end.',
        },
        { shown: { upTo: [19.4] }, say: '{Behind} both parts.', look: 'Line and end together.' },
        {
          shown: { upTo: [23.4] },
          say: 'Up {in front} and out through the turn: an overhand round the line.',
          look: 'The end points away.',
        },
        { shown: 'whole', say: 'A second overhand in the tail, close by.', look: 'The stopper.' },
        {
          shown: 'drawn up',
          say: 'Pull the line.',
          look: 'The stopper jams against the first knot.',
        },
      ],
    },
    {
      id: 'slipped',
      name: 'slipped figure-eight',
      note: 'A figure-eight round the line, its last tuck a bight.',
      aliases: ['slipped jam knot'],
      spec: {
        ropes: [
          {
            path: '15,-1.2 9,-1.2 3,-1.2 -1,-1.2 UO -5.4,-1.2 -9,-1.4 -11.8,0.8 -10.6,3.8 -8,4 -5.6,2.2 O -4,0.4 U 0,0 3.4,0.1 5.2,1.4 OO 5,3.6 2.6,5.2 -0.4,4.6 UU -1.6,2.4 O -1.8,-0.6 O -2.6,-3 -3.6,-3 U -4.2,-0.6 U -3.6,2.2 U -2.2,3.6 O 0.4,3.2 3,2.8 5.2,2.8 U 8,3.2 9.6,2.6 9.4,1.4 8,1.4 U 5.2,1.6 3,1.7 0.6,2 O -1.6,2.6 O -2.6,4.8 -3.4,7.6',
            tips: [6, 28],
          },
        ],
        fixtures: [
          { kind: 'post', at: [-8.6, 1.4], radius: 2.1 },
          { kind: 'post', at: [8.7, 2.2], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', '4₁', 'unknot'], linking: [1, 0, 0] },
      ],
      release: 'fully slipped',
      checks: [
        'A figure-eight lies round the line.',
        'A bight, not the end, goes through.',
        'The line slides one way only.',
      ],
      steps: [
        {
          shown: { upTo: [10.6] },
          say: 'Round the bundle and back beside the line.',
          look: 'A long end.',
        },
        { shown: { upTo: [19.4] }, say: '{Over} both parts.', look: 'Line and end together.' },
        { shown: { upTo: [22.6] }, say: '{Behind} both parts.', look: 'An eight, so far.' },
        {
          shown: 'whole',
          say: 'A bight back through the first turn.',
          look: 'The tail stays outside.',
        },
        { shown: 'drawn up', say: 'Pull the line.', look: 'The tail undoes it.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
