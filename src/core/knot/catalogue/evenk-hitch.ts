import type { Entry } from './entry';

/** Evenk hitch. Paths in rope diameters; tying from the trade's common practice. */
export const evenkHitch = {
  id: 'evenk-hitch',
  name: 'Evenk hitch',
  aliases: ['Siberian hitch', 'glove hitch'],
  family: 'hitch',
  purpose: 'Ties a line to a post in heavy gloves, and comes off with one pull.',
  notFor: 'A load that somebody depends on: one pull undoes it.',
  strength: null,
  jams: 'No.',
  unties: 'Pull the tail.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'It is slipped.',
  backup: 'The bight once more through, or an overhand with it.',
  tailD: 15,
  purposes: ['gloves', 'off-under-load', 'not-jam'],
  crews: ['farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'A figure-eight lies round the standing part.',
    'A bight, not the end, goes through.',
    'The hitch is snug against the post.',
  ],
  leadsTo: [],
  forms: [
    {
      id: 'slipped',
      name: 'slipped figure-eight',
      note: 'In gloves it is wound on the hand; the form is the same.',
      spec: {
        ropes: [
          {
            path: '18,-1.2 12,-1.2 U 4,-1.2 O -2,-1.2 U -6,-0.9 -9.6,0.4 -10.4,3 -8,5.6 -4,5.4 O 0,4.4 U 3,3.2 O 4.6,1.2 O 4.9,-1 O 4.2,-3 2.8,-3.2 2,-1.6 UUU 1.6,1.6 0.9,3.6 O 0,5.6 -1.4,6.2 U -2.4,5 -2.2,3 -0.8,1.7 O 1.8,1.5 U 4.6,1.7 8,2.6 10.4,2.2 10.2,0.8 8,0.8 U 4.8,0.5 1.8,0.3 O -1.4,0.5 -3,-1 O -4,-5',
            tips: [26],
          },
        ],
        fixtures: [
          { kind: 'post', at: [-7.4, 2.3], radius: 2.2 },
          { kind: 'post', at: [9.3, 1.6], radius: 0.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['5₂'] },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [2] },
      ],
      release: {
        leaves: '5₂',
        says: 'The tail pulls the bight out; what is left falls off the post.',
      },
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 26, text: 'bight' },
        { u: 32.5, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [9.5] },
          say: 'Round the post and back beside the standing part.',
          look: 'A long end.',
        },
        {
          shown: { upTo: [15.5] },
          say: '{Over} the standing part and {behind} it.',
          look: 'One turn round the line.',
        },
        {
          shown: { upTo: [21.5] },
          say: '{Over} the end’s own part and {under} it.',
          look: 'A figure-eight.',
        },
        {
          shown: 'whole',
          say: 'Push a bight back through the turn.',
          look: 'The end stays outside.',
        },
        {
          shown: 'drawn up',
          say: 'Slide it to the post and pull the bight.',
          look: 'The tail undoes it.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
