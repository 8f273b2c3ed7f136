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
    {
      id: 'slipped',
      name: 'slipped',
      note: 'The last tuck a bight: the tail undoes it.',
      aliases: ['slipped stevedore'],
      spec: {
        ropes: [
          {
            path: '-17,0 -12,0 OU -6,0 OU 0,0 4,0.2 6,1.6 O 6.2,4 O 3.4,6.8 -0.5,6 U -2.8,3 U -3.3,0 O -4.6,-2 U -5.8,0 -6.4,1.4 -7.4,1.6 -8.4,0 O -9.6,-2 U -11,0 -11,2.4 -9.4,3.9 -6,3.6 O -2.8,3 1,2.4 6.1,2.2 U 9,2.8 11,3.4 11.8,4.4 11,5.2 8.6,4.8 U 5.8,4.2 2,4.2 O -1.8,4.9 -4,6.6 -7,8.5',
            tips: [26],
          },
        ],
        fixtures: [{ kind: 'post', at: [10.6, 4.3], radius: 0.4, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['6₁', 'unknot'], linking: [1] },
      ],
      release: 'fully slipped',
      slippedOf: 'plain',
      checks: [
        'Two turns round the standing part.',
        'A bight, not the end, goes through the loop.',
        'The tail stays outside.',
      ],
      steps: [
        { shown: { upTo: [9] }, say: 'Turn the end up and back.', look: 'Half a loop.' },
        {
          shown: { upTo: [13.4] },
          say: '{Over} the standing part and back {under} it.',
          look: 'So far a figure-eight.',
        },
        {
          shown: { upTo: [18] },
          say: 'Once more {over} and {under}.',
          look: 'The second turn beside the first.',
        },
        {
          shown: 'whole',
          say: 'Push a bight out through the loop, {under} its side.',
          look: 'The tail stays outside.',
        },
        { shown: 'drawn up', say: 'Pull bight and standing part.', look: 'The tail undoes it.' },
      ],
    },
    {
      id: 'tail-trapped',
      name: 'tail trapped',
      note: 'A noose of two turns that traps its own tail: it comes apart when the tail is pulled out of the noose.',
      aliases: ['noose stopper', 'stevedore with its tail trapped'],
      spec: {
        ropes: [
          {
            path: '-17,0 -12,0 OU -6,0 OU 0,0 4,0.2 6,1.6 O 6.2,4 O 3.4,6.8 -0.5,6 U -2.8,3 U -3.3,0 O -4.6,-2 U -5.8,0 -6.4,1.4 -7.4,1.6 -8.4,0 O -9.6,-2 U -11,0 -11,2.4 -9.4,3.9 -6,3.6 O -2.8,3 1,2.4 6.1,2.2 U 9,2.4 O 11.4,2.6 12.4,4 11.4,5.4 U 8.6,5 U 5.8,4.2 2,4.2 O -1.8,4.9 -3.4,7.4 0,9.8 6,9.8 9.8,7.6 O 10.4,5.4 10.6,3.8 10.6,2.5 U 10.4,-0.6 10.6,-4',
            tips: [26],
          },
        ],
      },
      claims: [
        {
          closure: 'ends',
          whole: '− A^36 + 2A^32 − 3A^28 + 5A^24 − 6A^20 + 6A^16 − 6A^12 + 4A^8 − 3A^4 + 1',
        },
        { closure: 'cut 1', alone: ['6₁', 'unknot'], linking: [1] },
      ],
      checks: [
        'A noose of two turns round the standing part.',
        'The tail goes through the noose’s bight.',
        'The noose is drawn down on the tail.',
      ],
      steps: [
        {
          shown: { upTo: [18] },
          say: 'Two turns round the standing part, {over} and {under}.',
          look: 'As for a stevedore.',
        },
        {
          shown: { upTo: [31.4] },
          say: 'A bight out through the loop: a noose.',
          look: 'The tail comes back outside.',
        },
        {
          shown: 'whole',
          say: 'The tail through that bight: {over} one side, {under} the other.',
          look: 'Trapped.',
        },
        {
          shown: 'drawn up',
          say: 'Draw the noose down on the tail.',
          look: 'Pull the tail out again, and it comes apart.',
        },
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
