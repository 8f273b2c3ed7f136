import type { Entry } from './entry';

/** Cleat hitch. Paths in rope diameters; tying from the trade's common practice. */
export const cleatHitch = {
  id: 'cleat-hitch',
  name: 'Cleat hitch',
  aliases: ['belaying on a cleat', 'cleat belay'],
  family: 'hitch',
  purpose: 'Makes a line fast on a cleat, and lets it go under load.',
  notFor: 'A lead so blunt that the line jams on its own turn.',
  strength: null,
  jams: 'The locking turn does, under a heavy constant pull.',
  unties: 'Take the eights off one by one; the first turn still holds.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'One eight more.',
  tailD: 30,
  purposes: ['off-under-load', 'gloves', 'not-jam'],
  crews: ['transport', 'stage', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Lock it?',
      sides: [
        { school: 'seamanship', says: '“A locking turn to end with.”', source: 'practice' },
        {
          school: 'stage',
          says: '“Never: under a constant pull it will not come off, and fingers go in. More eights.”',
          source: 'practice',
        },
      ],
      pick: 'No lock under a heavy constant pull; there add eights.',
    },
  ],
  checks: [
    'The line leads to the far horn first.',
    'A whole turn round the foot before the first eight.',
    'Eights lie in order, none crossed.',
  ],
  forms: [
    {
      id: 'open',
      name: 'eights, no lock',
      note: 'For a heavy constant pull.',
      spec: {
        ropes: [
          {
            path: '15,-9 9,-6 3,-3.4 -3,-3 UU -5.6,-2.2 -6.4,0 uU -5,2.6 U 0,2.8 5,2.8 UUu 6.2,0 U 5,-2.6 3,-2.6 U 0,-0.6 Uo -3.6,1.6 O -6,2.4 -7.6,1.4 u -7.6,-1.4 -6,-2.4 O -3.6,-1.5 Oo 0,0 U 4,1.7 O 6.2,2.5 U 7.8,1.4 u 7.8,-1.4 6.4,-2.4 O 3.8,-1.4 oUO 0.4,0.7 -3.6,2.9 O -6.8,3.4 -9,1.8 u -9,-1.6 -7.4,-3.2 O -4,-2.6 -0.4,-0.9 OoO 4,1.2 OO 9,3.6 12,5.4',
          },
        ],
        fixtures: [{ kind: 'bar', as: 'cleat', from: [-11, 0], to: [11, 0], radius: 0.8 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [3] }],
      needs: 'an end',
      labels: [
        { u: 0.3, text: 'load' },
        { u: 35.8, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [4.4] },
          say: 'Lead to the far horn first.',
          look: 'Not to the near one: it would jam.',
        },
        {
          shown: { upTo: [11.4] },
          say: 'A whole turn round the foot, {under} both horns.',
          look: 'It takes the pull.',
        },
        {
          shown: { upTo: [17.4] },
          say: 'Across {over} the top and {under} the far horn.',
          look: 'Half an eight.',
        },
        {
          shown: { upTo: [24.5] },
          say: 'Across {over} again and {under} the near horn.',
          look: 'One eight.',
        },
        { shown: 'whole', say: 'Another eight, and more.', look: 'Never lock it.' },
        { shown: 'drawn up', say: 'Pull the end snug.', look: 'Eights in order.' },
      ],
    },
    {
      id: 'locked',
      name: 'one eight, locking turn',
      note: 'For light pulls that change.',
      aliases: ['locked cleat hitch'],
      spec: {
        ropes: [
          {
            path: '15,-9 9,-6 3,-3.4 -3,-3 U -5.6,-2.2 -6.4,0 uU -5,2.6 U 0,2.8 U 5,2.8 u 6.2,0 U 5,-2.6 3,-2.6 0,-0.6 Uo -3.6,1.6 O -6,2.4 -7.6,1.4 u -7.6,-1.4 -6,-2.4 O -3.6,-1.5 Oo 0,0.4 O 4,2.4 O 6.6,3.2 8.4,1.8 u 8.4,-1.6 6.6,-2.4 O 3.6,-0.6 oU 0.2,1.1 O -3.4,3.4 -6,5.4 -9,7',
          },
        ],
        fixtures: [{ kind: 'bar', as: 'cleat', from: [-11, 0], to: [11, 0], radius: 0.8 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [2] }],
      needs: 'an end',
      checks: [
        'The line leads to the far horn first.',
        'A whole turn round the foot, then an eight.',
        'The last diagonal lies {under} the one before.',
      ],
      steps: [
        {
          shown: { upTo: [4.4] },
          say: 'Lead to the far horn first.',
          look: 'Not to the near one.',
        },
        {
          shown: { upTo: [11.4] },
          say: 'A whole turn round the foot, {under} both horns.',
          look: 'It takes the pull.',
        },
        {
          shown: { upTo: [17.4] },
          say: 'Across {over} the top and {under} the far horn.',
          look: 'Half an eight.',
        },
        {
          shown: 'whole',
          say: 'Across once more, round the near horn, and back {under} that last diagonal.',
          look: 'The locking turn.',
        },
        { shown: 'drawn up', say: 'Pull the end.', look: 'It lies beside the first diagonal.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
