import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Reef (square) knot. Paths in rope diameters; tying from the trade's common practice. */
export const reef = {
  id: 'reef',
  name: 'Reef (square) knot',
  aliases: ['square knot', 'flat knot', 'Hercules knot'],
  family: 'binding',
  purpose: 'Ties two ends of the same line round a bundle.',
  notFor:
    'Joining two ropes under load; wet or unequal ropes: it slips or turns into a hitch and falls off.',
  strength: 'reef',
  jams: 'Binds; capsizes open.',
  unties: 'Pull one end back over its own standing part: it capsizes and slides apart.',
  holds: KNOTS.reef.holds,
  needs: 'an end',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'One or both halves slipped: the shoe bow.',
  backup: 'Overhands in both ends.',
  tailD: 12,
  purposes: [],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Backups?',
      sides: [
        { school: 'field', says: 'Overhands round the standing parts.', source: 'practice' },
        { school: 'seamanship', says: 'Half hitches.', source: 'practice' },
      ],
      pick: 'Either, but better: another bend.',
    },
  ],
  checks: [
    'Both parts of each rope lie on the same side of the other’s bight.',
    'Both tails on the same side.',
    'Flat and symmetrical.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'Two half knots, the second crossed the other way from the first.',
      spec: {
        ropes: [
          {
            path: '-14,1.2 -7,1.2 O -3,1.5 U 3,3 5,2.6 O 5.6,0 O 5,-2.6 3,-3 U -3,-1.5 O -7,-1.2 -9.5,-1.6',
          },
          {
            path: '14,1.2 7,1.2 U 3,1.5 O -3,3 -5,2.6 U -5.6,0 U -5,-2.6 -3,-3 O 3,-1.5 U 7,-1.2 9.5,-1.6',
          },
        ],
      },
      claims: [
        { closure: 'bend', alone: ['3₁#3₁*'] },
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
      ],
      steps: [
        {
          shown: { upTo: [4, 10] },
          say: 'One rope as a bight.',
          look: 'Tail and standing part side by side.',
        },
        {
          shown: { upTo: [6.5, 10] },
          say: 'Bring the other {down through} it and round {in front of} both.',
          look: 'Both parts together.',
        },
        {
          shown: 'whole',
          say: 'Back {up through} the bight, beside itself.',
          look: 'Both parts on the same side.',
        },
        { shown: 'drawn up', say: 'Pull all four.', look: 'Flat.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 9.8, text: 'tail' },
        { rope: 1, u: 0.3, text: 'standing part' },
      ],
    },
    {
      id: 'crossings',
      name: 'by two crossings',
      note: 'As shoes are tied: two half knots, the second crossed the other way.',
      aliases: ['reef by two crossings'],
      spec: {
        ropes: [
          {
            path: '-11,-2 -7,-1.6 -4.4,-0.9 O -2.8,0 -1.2,0.7 U 0,0 1.2,-0.7 2.8,0 O 4.6,1.6 4.6,4 O 2.8,5.4 1.2,6.1 U 0,5.4 -1.2,4.7 -2.8,5.4 O -4.6,6.6 -8,8',
          },
          {
            path: '11,-2 7,-1.6 4.4,-0.9 U 2.8,0 1.2,0.7 O 0,0 -1.2,-0.7 U -2.8,0 -4.6,1.6 -4.6,4 U -2.8,5.4 -1.2,6.1 O 0,5.4 1.2,4.7 U 2.8,5.4 4.6,6.6 8,8',
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] },
        { closure: 'bend', alone: ['3₁#3₁*'] },
      ],
      sameAs: 'plain',
      steps: [
        {
          shown: { upTo: [8, 8] },
          say: 'Cross the ends and tuck one {under}: a half knot.',
          look: 'Remember which went {over}.',
        },
        {
          shown: 'whole',
          say: 'Cross them back, the same end {over} again, and tuck.',
          look: 'The other way round, it would be a granny.',
        },
        {
          shown: 'drawn up',
          say: 'Pull both ends.',
          look: 'Both parts of each rope on the same side.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'granny',
      name: 'granny',
      says: 'The second half crosses the same way as the first: it slips or jams.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-14,1.2 -7,1.2 O -3,1.5 U 3,3 5,2.6 O 5.6,0 U 5,-2.6 3,-3 O -3,-1.5 U -7,-1.2 -9.5,-1.6',
          },
          {
            path: '14,1.2 7,1.2 U 3,1.5 O -3,3 -5,2.6 U -5.6,0 O -5,-2.6 -3,-3 U 3,-1.5 O 7,-1.2 9.5,-1.6',
          },
        ],
      },
      claims: [{ closure: 'bend', alone: ['3₁#3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 5.4, wrong: 5.4 },
    },
    {
      id: 'thief',
      name: 'thief',
      says: 'The same curve as the reef, but the tails are on opposite sides: it slides apart under the least pull.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          {
            path: '-14,1.2 -7,1.2 O -3,1.5 U 3,3 5,2.6 O 5.6,0 O 5,-2.6 3,-3 U -3,-1.5 O -7,-1.2 -9.5,-1.6',
          },
          {
            path: '14,-1.2 7,-1.2 U 3,-1.5 O -3,-3 -5,-2.6 U -5.6,0 U -5,2.6 -3,3 O 3,1.5 U 7,1.2 9.5,1.6',
          },
        ],
      },
      claims: [
        {
          closure: 'bend',
          alone: ['6₁'],
          because: 'told by its labels: which ends are standing parts and which are tails',
        },
      ],
      toldBy: 'invariants',
      partsAt: { rope: 1, right: 9.6, wrong: 9.6 },
    },
  ],
} as const satisfies Entry;
