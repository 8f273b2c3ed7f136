import type { Entry } from './entry';

/** Seizing. Paths in rope diameters; tying from the trade's common practice. */
export const seizing = {
  id: 'seizing',
  name: 'Seizing',
  aliases: ['flat seizing', 'round seizing'],
  family: 'binding',
  purpose:
    'Binds two parts of rope side by side: an eye, or a bend’s end to its own standing part.',
  notFor: 'A load of its own on one part only.',
  strength: null,
  jams: 'It is made to stay.',
  unties: 'Cut it.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'an end',
  easy: { tie: 1, untie: 1 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'A second one beside it.',
  tailD: 0,
  purposes: [],
  crews: ['transport', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Turns round both parts, side by side.',
    'Turns between the parts draw them together.',
    'The end is made fast.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'turns drawn together',
      note: 'Three turns are drawn; make six or more.',
      spec: {
        ropes: [
          {
            path: '-7.5,4.4 -4.5,4 -3,3.1 u -2.4,1.3 OU -1.9,-1.3 u -1.6,-3.1 o -1.46,-1.39 UO -1.19,1.4 o -1.03,3.1 u -0.89,1.4 OU -0.59,-1.39 u -0.45,-3.1 o -0.31,-1.39 UO -0.04,1.4 o 0.12,3.1 u 0.26,1.4 OU 0.56,-1.39 u 0.7,-3.1 o 0.84,-1.39 UO 1.11,1.4 o 1.27,3.1 u 1.41,1.4 OU 1.71,-1.39 u 1.9,-2.9 o 2.9,-1.1 3.3,0 2.2,0.2 UUUU 0,0.2 UUUU -2.6,0.1 -3.6,0 -2.6,-0.2 OO -1,0 OOOO 1.2,0.1 OO 2.9,0.5 4.3,0.2 o 6,-3.6 7,-5',
          },
        ],
        fixtures: [
          { kind: 'bar', as: 'rope', from: [-10, -1.6], to: [10, -1.6], radius: 1 },
          { kind: 'bar', as: 'rope', from: [-10, 1.6], to: [10, 1.6], radius: 1 },
        ],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot', 'unknot'], linking: [4, 4, 0] }],
      steps: [
        { shown: { upTo: [22.4] }, say: 'Turns of twine round both ropes.', look: 'Side by side.' },
        {
          shown: { upTo: [29.4] },
          say: 'Then between the ropes, {behind} the turns.',
          look: 'At the middle.',
        },
        {
          shown: 'whole',
          say: 'And {in front}: the turns draw together. Make the end fast.',
          look: 'The ropes cannot slide.',
        },
        { shown: 'drawn up', say: 'Pull it snug.', look: 'Both parts lie still.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
