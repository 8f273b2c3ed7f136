import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Halter hitch. Paths in rope diameters; tying from the trade's common practice. */
export const halterHitch = {
  id: 'halter-hitch',
  name: 'Halter hitch',
  aliases: ['manger tie', 'lead-rope hitch'],
  family: 'hitch',
  purpose: 'Ties to a rail and comes off with one pull; also locks a trucker’s hitch.',
  notFor: 'A load that pulls steadily for days, without the tail tucked.',
  strength: 'halter-hitch',
  jams: 'No.',
  unties: 'Pull the tail.',
  holds: KNOTS['halter-hitch'].holds,
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'It is slipped.',
  backup: 'Tail through the bight: nobody pulls it by accident.',
  tailD: 20,
  purposes: ['off-under-load', 'gloves'],
  crews: ['farm', 'transport', 'stage', 'instructors'],
  disputes: [],
  checks: [
    'The overhand is round the standing part.',
    'A bight, not the end, comes through.',
    'The tail pulls it free.',
  ],
  forms: [
    {
      id: 'slipped',
      name: 'slipped',
      note: 'A slipped overhand tied round the standing part.',
      spec: {
        ropes: [
          {
            path: '-1,-22 -1,-14 OU -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 UU 3.2,-6.6 3,-7.9 1.6,-8.3 OO -1,-8.4 O -3.2,-8.5 -3.9,-9.6 -3.2,-10.6 -1,-10.9 UUU 1.8,-10.8 5.2,-9.6 5.8,-6.6 O 3.4,-4.6 O 1,-5 0,-6.6 U 0.1,-8.4 0.4,-9.6 0.6,-10.9 O 0.8,-14 1.4,-15.4 2,-14 1.7,-10.9 O 1.4,-9.6 1.3,-8.4 U 1.4,-7 O 3.2,-6 U 5.8,-5.8 10,-6.2',
            taut: [0, 2],
            tips: [27],
          },
        ],
        fixtures: [
          { kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 },
          { kind: 'post', at: [1.4, -14.1], radius: 0.25, hidden: true },
        ],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [1],
          because: 'fully slipped: only the turn over the rail is left',
        },
        { closure: 'cut 1', whole: 'A^24 + 2A^16 − A^12 + 2A^8 − A^4 + 1' },
      ],
      release: 'fully slipped',
      steps: [
        {
          shown: { upTo: [8.4] },
          say: 'Over the rail and down {behind}.',
          look: 'End beside the standing part.',
        },
        {
          shown: { upTo: [17.4] },
          say: 'Round the standing part.',
          look: '{Over} it, back {behind} it.',
        },
        {
          shown: { upTo: [21.3] },
          say: '{Over} its own part, upward.',
          look: 'A loop round the standing part.',
        },
        {
          shown: 'whole',
          say: 'Push a bight through that loop.',
          look: 'From {behind}, out {in front}.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the bight, then the standing part.',
          look: 'One pull on the tail frees it.',
        },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 27, text: 'bight' },
        { u: 34.7, text: 'tail' },
      ],
    },
  ],
  wrong: [
    {
      id: 'end-through',
      name: 'end through instead of a bight',
      says: 'It holds, but it is a noose: no quick release.',
      insteadOf: 'slipped',
      spec: {
        ropes: [
          {
            path: '-1,-22 -1,-14 OU -1,-5 -1,-2 o -1,2 0,3.6 1,2 u 1.3,-2 2,-4 U 3.2,-6.6 3,-7.9 1.6,-8.3 O -1,-8.4 O -3.2,-8.5 -3.9,-9.6 -3.2,-10.6 -1,-10.9 UU 1.8,-10.8 5.2,-9.6 5.8,-6.6 3.4,-4.6 O 1,-5 0.2,-6.6 U 0.3,-8.4 0.6,-9.6 1,-10.9 O 2,-15',
            taut: [0, 2],
            tips: [5],
          },
        ],
        fixtures: [{ kind: 'bar', from: [-8, 0], to: [8, 0], radius: 2 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] }],
      toldBy: 'invariants',
      partsAt: { right: 26, wrong: 25.6 },
    },
  ],
} as const satisfies Entry;
