import { KNOTS } from '../knots';
import type { FormSpec } from '../form/form';
import type { Entry } from './entry';

const PATH = {
  ropes: [
    {
      path: '-15,-5 -9,-2 OU -4,1.6 -2,2.7 O 1,3.9 3.6,3.6 4.9,2 U 5.2,0 O 4.9,-2 3.6,-3.6 1,-3.9 U -2,-2.7 -4,-1.6 OU -9,2 -15,5',
    },
    {
      path: '15,5 9,2 OU 4,-1.6 2,-2.7 O -1,-3.9 -3.6,-3.6 -4.9,-2 U -5.2,0 O -4.9,2 -3.6,3.6 -1,3.9 U 2,2.7 4,1.6 OU 9,-2 15,-5',
    },
  ],
} as const satisfies FormSpec;

/** Carrick bend. Paths in rope diameters; tying from the trade's common practice. */
export const carrickBend = {
  id: 'carrick-bend',
  name: 'Carrick (full) bend',
  aliases: ['full carrick', 'sailor’s breastplate', 'anchor cable bend', 'mat bend'],
  family: 'bend',
  purpose: 'Joins two large or stiff ropes that other bends would kink.',
  notFor: 'Ropes of unequal thickness, or ends that cannot be seized.',
  strength: 'carrick-bend',
  jams: 'No.',
  unties: 'Push the two collars back; it opens after any load.',
  holds: KNOTS['carrick-bend'].holds,
  needs: 'an end',
  easy: { tie: 1, untie: 3 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'Seize each end to its own standing part: it then keeps its flat form.',
  tailD: 15,
  purposes: ['joins', 'not-jam'],
  crews: ['transport', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Seize the ends?',
      sides: [
        {
          school: 'seamanship',
          says: '“Always: else it draws up and loses its form.”',
          source: 'practice',
        },
        { school: 'field', says: '“Let it draw up: it holds all the same.”', source: 'practice' },
      ],
      pick: 'Seize them in a line that stays; drawn up it holds, and is harder to look at.',
    },
  ],
  checks: [
    'Every crossing is {over}, then {under}, all the way round.',
    'Each rope makes one loop, and crosses itself once.',
    'The ends come out on opposite sides, corner to corner.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'ends on opposite sides',
      note: 'Drawn flat, as it lies before the load comes on.',
      spec: PATH,
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [3] },
        { closure: 'bend', whole: '− A^28 + 2A^24 − 3A^20 + 2A^16 − 3A^12 + 2A^8 − A^4 + 1' },
      ],
      steps: [
        {
          shown: { upTo: [14, 0.6] },
          say: 'A loop in the first rope, its end {under} its own part.',
          look: 'It crosses itself once.',
        },
        {
          shown: { upTo: [14, 4.4] },
          say: 'Bring the second rope {under} the loop and out {over} its side.',
          look: 'It follows no part of the first.',
        },
        {
          shown: { upTo: [14, 8.2] },
          say: '{Under} the end of the first, {over} its standing part.',
          look: 'Round the crossing, not through it.',
        },
        {
          shown: 'whole',
          say: 'Back {under} the loop, {over} its far side, and {under} itself.',
          look: 'Ends corner to corner.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the standing parts, after the ends are seized where it must stay flat.',
          look: 'Two collars face each other.',
        },
      ],
      labels: [
        { u: 0.3, text: 'first rope' },
        { u: 13.8, text: 'its end' },
        { rope: 1, u: 0.3, text: 'second rope' },
        { rope: 1, u: 13.8, text: 'its end' },
      ],
    },
    {
      id: 'seized',
      name: 'ends seized',
      note: 'Each end seized to its own standing part: it keeps this flat form under load. The seizings are not drawn; see Seizing.',
      aliases: ['seized carrick bend'],
      spec: { ...PATH, light: true },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [3] },
        { closure: 'bend', whole: '− A^28 + 2A^24 − 3A^20 + 2A^16 − 3A^12 + 2A^8 − A^4 + 1' },
      ],
      sameAs: 'plain',
      checks: [
        'Every crossing is {over}, then {under}, all the way round.',
        'Each end is seized to its own standing part.',
        'It lies flat.',
      ],
      steps: [
        {
          shown: 'whole',
          say: 'Tie it flat and seize each end to its own standing part.',
          look: 'Twine round both, drawn together.',
        },
        { shown: 'drawn up', say: 'Pull the standing parts.', look: 'It stays flat.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'missed',
      name: 'one crossing missed',
      says: 'The second rope lies {over} where it should go {under}: it slides out.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-15,-5 -9,-2 OU -4,1.6 -2,2.7 U 1,3.9 3.6,3.6 4.9,2 U 5.2,0 O 4.9,-2 3.6,-3.6 1,-3.9 U -2,-2.7 -4,-1.6 OU -9,2 -15,5',
          },
          {
            path: '15,5 9,2 OU 4,-1.6 2,-2.7 O -1,-3.9 -3.6,-3.6 -4.9,-2 U -5.2,0 O -4.9,2 -3.6,3.6 -1,3.9 O 2,2.7 4,1.6 OU 9,-2 15,-5',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [2] }],
      toldBy: 'invariants',
      partsAt: { rope: 1, right: 11.4, wrong: 11.4 },
    },
  ],
} as const satisfies Entry;
