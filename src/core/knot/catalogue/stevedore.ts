import type { Entry } from './entry';

/** Stevedore’s knot. Paths in rope diameters; tying from the trade's common practice. */
export const stevedore = {
  id: 'stevedore',
  name: 'Stevedore’s knot',
  aliases: ['stevedore stopper', 'long figure-eight', 'docker’s stopper'],
  family: 'stopper',
  purpose: 'A bulkier stopper than the figure-eight, where the hole is larger.',
  notFor: 'Joining ropes; a stopper in an end that is not whipped.',
  strength: null,
  jams: 'Seldom: it is long and stays round.',
  unties: 'Bend it back like a figure-eight and work the turns open.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 2 },
  gloves: true,
  slipped: 'Leave a bight in the last tuck.',
  backup: 'A long tail.',
  tailD: 12,
  purposes: ['stops'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'One turn round the standing part more than a figure-eight has.',
    'The two ends leave in line, on opposite sides.',
    'The turns lie side by side.',
  ],
  leadsTo: [],
  forms: [
    {
      id: 'plain',
      name: 'extra turn',
      note: 'A figure-eight with one whole turn more round the standing part before the end goes through.',
      spec: {
        ropes: [
          {
            path: '-19,0 -14,0 OUOU 4,0 6,1.5 O 6.5,4 3,6.8 -0.5,6 U -3,2.5 O -3.3,-1.8 -4.6,-2.4 -5.8,-1.6 U -6.2,1.2 -7.4,2 -8.6,1.2 O -9,-1.6 -10.4,-2.4 -11.6,-1.4 U -12,1.6 -10.4,4 -6,4.4 O -0.5,3.8 4,3.2 U 12,3',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['6₁'] }],
      steps: [
        {
          shown: { upTo: [7.6] },
          say: 'Turn the end up and back.',
          look: 'Half a loop, as for a figure-eight.',
        },
        {
          shown: { upTo: [11] },
          say: 'Cross it {over} the standing part and back {under} it.',
          look: 'So far it is a figure-eight.',
        },
        {
          shown: { upTo: [17.5] },
          say: 'Once more {over} the standing part and {under} it.',
          look: 'The second turn lies beside the first.',
        },
        {
          shown: 'whole',
          say: 'Out through the loop: {over} one side, {under} the other.',
          look: 'The end points away.',
        },
        { shown: 'drawn up', say: 'Pull both parts.', look: 'Longer and thicker than an 8.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 21.8, text: 'end' },
      ],
    },
  ],
  wrong: [
    {
      id: 'figure-eight',
      name: 'one turn too few',
      says: 'A figure-eight: smaller, it may pull through the hole this one was meant for.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-12,0 -7,0 O -4,0 U 4,0 6,1.5 O 6.5,4 3,6.5 -1,6 U -3,2.5 O -3.5,-2 -5,-3 U -7,-1.5 -7,2 -5,3.5 O -1,3.2 U 4,3 12,3',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['4₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 16, wrong: 11.5 },
    },
  ],
} as const satisfies Entry;
