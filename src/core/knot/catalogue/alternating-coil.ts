import type { Entry } from './entry';

/** Alternating coil. Paths in rope diameters; tying from the trade's common practice. */
export const alternatingCoil = {
  id: 'alternating-coil',
  name: 'Alternating coil',
  aliases: ['figure-eight coil', 'coil without twist'],
  family: 'binding',
  purpose: 'Stores a rope so that it runs out without a hockle.',
  notFor: 'A rope put away wet.',
  strength: null,
  jams: 'No.',
  unties: 'Take off the turns and let it run.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Finish with a bight.',
  backup: 'None needed.',
  tailD: 20,
  purposes: ['not-jam', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The rope was laid straight, hand to hand, with no turn of the wrist.',
    'Five turns round the middle.',
    'The tail goes through the upper loop.',
  ],
  forms: [
    {
      id: 'hang',
      name: 'to hang',
      note: 'One eight is drawn; a coil has as many as the rope is long. One and a half to two loop lengths go into the turns.',
      spec: {
        light: true,
        ropes: [
          {
            path: '-6.4,-10 -4.6,-5.6 U -1.2,-2.6 UOUOUUOUOU 0.7,2 O 2.8,5.6 O 2,9 0,10 -2,9 -2.8,5.6 UO -0.7,2 UOUOOUOUOU 0.9,-2.4 2.8,-6 2,-9 0,-10 -2,-9 -3,-6 O -2.9,-3.6 -2.3,-2.6 O -1,-2.3 O 1,-2.2 2.2,-1.95 1,-1.7 UU -1,-1.6 -2.3,-1.55 -1,-1.25 OO 1,-1.15 2.2,-0.9 1,-0.65 UU -1,-0.55 -2.3,-0.5 -1,-0.2 OO 1,-0.1 2.2,0.15 1,0.4 UU -1,0.5 -2.3,0.55 -1,0.85 OO 1,0.95 2.2,1.2 1,1.45 UU -1,1.55 -2.3,1.6 -1,1.9 OO 1,2 2.2,2.25 1,2.5 U -1,2.6 U -2.4,3 -2.6,4.6 O -1,6 1,6.6 U 2.9,7.2 5,8.6 6.4,12',
          },
        ],
      },
      claims: [
        {
          closure: 'ends',
          whole:
            'A^48 − A^44 + 2A^40 − 2A^36 + 2A^32 − 2A^28 + 2A^24 − 2A^20 + 2A^16 − 2A^12 + A^8 − A^4 + 1',
        },
      ],
      idleCrossings: {
        count: 2,
        because:
          'the first turn of the binding is held by the turns beside it: laid the other way round one strand, the coil is bound all the same',
      },
      labels: [
        { u: 10, text: 'coil' },
        { u: 32, text: 'five turns' },
        { u: 52.8, text: 'end' },
      ],
      steps: [
        {
          shown: { upTo: [16.4] },
          say: 'Lay the rope in eights, straight from side to side.',
          look: 'No twist goes in.',
        },
        {
          shown: { upTo: [46.6] },
          say: 'Five turns round the middle with the last part.',
          look: 'Snug, side by side.',
        },
        { shown: 'whole', say: 'The end through the upper loop.', look: 'It hangs by its end.' },
        { shown: 'drawn up', say: 'Pull the end.', look: 'The turns close on the coil.' },
      ],
    },
    {
      id: 'stow',
      name: 'to stow',
      note: 'The tail goes through the upper loop as a bight, and back round the head of the coil.',
      aliases: ['stowing coil'],
      spec: {
        light: true,
        ropes: [
          {
            path: '-6.4,-10 -4.6,-5.6 U -1.2,-2.6 UOUOUUOUOU 0.7,2 OOU 2.8,5.6 2.2,9 O 0,10.4 -2.2,9 O -2.8,5.6 UOO -0.7,2 UOUOOUOUOU 0.9,-2.4 2.8,-6 2,-9 0,-10 -2,-9 -3,-6 O -2.9,-3.6 -2.3,-2.6 O -1,-2.3 O 1,-2.2 2.2,-1.95 1,-1.7 UU -1,-1.6 -2.3,-1.55 -1,-1.25 OO 1,-1.15 2.2,-0.9 1,-0.65 UU -1,-0.55 -2.3,-0.5 -1,-0.2 OO 1,-0.1 2.2,0.15 1,0.4 UU -1,0.5 -2.3,0.55 -1,0.85 OO 1,0.95 2.2,1.2 1,1.45 UU -1,1.55 -2.3,1.6 -1,1.9 OO 1,2 2.2,2.25 1,2.5 U -1,2.6 U -3,3 OU -3.8,4.6 U -2.8,6.6 -1.2,7.2 -1.6,5.6 O -2.9,5 O -4.4,4 U -3,3.4 U 0,3.3 U 3,3.4 4.4,4.4 2.9,5.4 O 1.2,6.4 0.6,8 U 0.8,10.4 1.6,13.5',
          },
        ],
      },
      claims: [
        {
          closure: 'ends',
          whole:
            'A^56 − 2A^52 + 3A^48 − 5A^44 + 6A^40 − 7A^36 + 8A^32 − 8A^28 + 8A^24 − 8A^20 + 7A^16 − 6A^12 + 4A^8 − 3A^4 + 1',
        },
      ],
      idleCrossings: {
        count: 2,
        because:
          'the first turn of the binding is held by the turns beside it: laid the other way round one strand, the coil is bound all the same',
      },
      checks: [
        'The rope was laid straight, hand to hand, with no turn of the wrist.',
        'Five turns round the middle.',
        'A bight of the tail lies round the coil’s neck.',
      ],
      steps: [
        {
          shown: { upTo: [46.6] },
          say: 'Eights, then five turns round the middle.',
          look: 'As for hanging.',
        },
        {
          shown: { upTo: [50.4] },
          say: 'Push a bight of the tail through the upper loop.',
          look: 'From {behind}.',
        },
        {
          shown: 'whole',
          say: 'Pass it round the head of the coil and down round its neck.',
          look: 'It comes {behind} the neck.',
        },
        { shown: 'drawn up', say: 'Pull the tail.', look: 'Nothing comes loose in the bag.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
