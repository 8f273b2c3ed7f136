import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Fisherman’s knot. Paths in rope diameters; tying from the trade's common practice. */
export const fishermansKnot = {
  id: 'fishermans-knot',
  name: 'Fisherman’s knot',
  aliases: ['water knot (old name)', 'true-lover’s knot', 'English knot', 'waterman’s'],
  family: 'bend',
  purpose: 'Joins thin line: an overhand of each round the other.',
  notFor: 'Ropes you want to untie.',
  strength: 'fishermans-knot',
  jams: 'Jams.',
  unties: 'Pull the two knots apart by their tails, if at all.',
  holds: KNOTS['fishermans-knot'].holds,
  needs: 'an end',
  easy: { tie: 3, untie: 1 },
  gloves: false,
  slipped: 'Not slipped.',
  backup: 'The double form.',
  tailD: 8,
  purposes: ['joins'],
  crews: ['trades', 'farm', 'instructors'],
  disputes: [
    {
      about: 'Strength left (double)',
      sides: [
        { school: 'field', says: '60 to 70 %', source: 'practice' },
        { school: 'rope-rescue pull tests', says: '79 %', source: 'from-memory' },
      ],
      pick: 'We count 60 %.',
    },
  ],
  checks: [
    'Each knot goes round the other rope.',
    'They slide together and meet flat.',
    'Tails point away from each other.',
  ],
  forms: [
    {
      id: 'single',
      name: 'single',
      note: 'Two overhands.',
      spec: {
        ropes: [
          {
            path: '-19,0.6 UO 0,0.6 O 6,0.6 U 9,0.9 11,2.6 O 10.8,5.2 7.5,7 3.8,6 2.2,3.2 U 2.3,0 U 3.2,-2.6 4.8,-2.8 6.2,-0.8 OO 7.2,1.4 9,3 11,3.9 U 16,4.6',
          },
          {
            path: '19,-0.6 UO 0,-0.6 O -6,-0.6 U -9,-0.9 -11,-2.6 O -10.8,-5.2 -7.5,-7 -3.8,-6 -2.2,-3.2 U -2.3,0 U -3.2,2.6 -4.8,2.8 -6.2,0.8 OO -7.2,-1.4 -9,-3 -11,-3.9 U -16,-4.6',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['3₁', '3₁'], linking: [2] }],
      steps: [
        {
          shown: { upTo: [3, 1.2] },
          say: 'Lay the two ends side by side, pointing opposite ways.',
          look: 'A long overlap.',
        },
        {
          shown: { upTo: [16, 2] },
          say: 'Overhand with one end round the other rope.',
          look: 'Out {under} its own loop.',
        },
        {
          shown: 'whole',
          say: 'The same with the other end.',
          look: 'Turned half round, it looks alike.',
        },
        {
          shown: 'drawn up',
          say: 'Tighten each, then pull the standing parts.',
          look: 'They slide together.',
        },
      ],
    },
    {
      id: 'double',
      name: 'double',
      note: 'Two double overhands: for grip-hitch slings.',
      aliases: ['double fisherman’s knot', 'grapevine bend', 'double English knot'],
      spec: {
        ropes: [
          {
            path: '-22,0.6 UOUO 1,0.6 OUOU 11,0.6 13.5,2.4 O 13.5,5.4 9,8.4 4,7.4 2,4.4 UU 2,-2 3,-2.8 4,-2 OO 4.1,1.9 5,2.8 5.9,1.9 UU 6,-2 7,-2.8 8,-2 OO 8.4,1.9 10,3.6 13.6,4.2 U 19,4.6',
          },
          {
            path: '22,-0.6 UOUO -1,-0.6 OUOU -11,-0.6 -13.5,-2.4 O -13.5,-5.4 -9,-8.4 -4,-7.4 -2,-4.4 UU -2,2 -3,2.8 -4,2 OO -4.1,-1.9 -5,-2.8 -5.9,-1.9 UU -6,2 -7,2.8 -8,2 OO -8.4,-1.9 -10,-3.6 -13.6,-4.2 U -19,-4.6',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['5₁', '5₁'], linking: [4] }],
      checks: [
        'Each knot goes twice round the other rope.',
        'They slide together and meet flat.',
        'Tails point away from each other.',
      ],
      strength: 'double-fishermans',
      holds: KNOTS['double-fishermans'].holds,
      steps: [
        {
          shown: { upTo: [3, 2] },
          say: 'Lay the two ends side by side.',
          look: 'A longer overlap.',
        },
        {
          shown: { upTo: [20, 2] },
          say: 'Double overhand with one end round the other rope.',
          look: 'Two turns.',
        },
        {
          shown: 'whole',
          say: 'The same with the other end.',
          look: 'Turned half round, it looks alike.',
        },
        {
          shown: 'drawn up',
          say: 'Tighten each, then pull.',
          look: 'Two barrels meet, an X on each.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'beside',
      name: 'one knot beside the rope',
      says: 'The end’s turn misses the other rope: they pull straight apart.',
      insteadOf: 'single',
      spec: {
        ropes: [
          {
            path: '-19,0.6 0,0.6 O 6,0.6 U 9,0.9 11,2.6 O 10.8,5.2 7.5,7 3.8,6 2.2,3.2 U 2.3,0 U 3.2,-2.6 4.8,-2.8 6.2,-0.8 OO 7.2,1.4 9,3 11,3.9 U 16,4.6',
          },
          {
            path: '19,-0.6 UO 0,-0.6 OU -6,-0.6 -9,-0.9 -11,-2.6 O -10.8,-5.2 -7.5,-7 -3.8,-6 -2.2,-3.2 -2.4,-1.6 U -3.2,0 -4.8,0 O -6.2,-1.6 -7.4,-2.8 -9,-3.4 -11,-3.9 U -16,-4.6',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['3₁', '3₁'], linking: [1] }],
      toldBy: 'invariants',
      partsAt: { rope: 1, right: 9, wrong: 9 },
    },
  ],
} as const satisfies Entry;
