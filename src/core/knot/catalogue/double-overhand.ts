import type { Entry } from './entry';

/** Double overhand. Paths in rope diameters; tying from the trade's common practice. */
export const doubleOverhand = {
  id: 'double-overhand',
  name: 'Double overhand',
  aliases: ['blood knot stopper', 'barrel stopper', 'two-turn overhand'],
  family: 'stopper',
  purpose: 'A bulkier stopper and the usual backup for a loop knot.',
  notFor: 'Anything you must untie in a hurry.',
  strength: null,
  jams: 'Jams under load.',
  unties: 'Push the turns apart along the rope.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  needs: 'an end',
  easy: { tie: 2, untie: 1 },
  gloves: false,
  slipped: 'Not slipped in practice.',
  backup: 'None needed; it backs up others.',
  tailD: 8,
  purposes: ['stops'],
  crews: ['stage', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Two turns lie side by side, both the same way.',
    'The end leaves in line with the standing part.',
    'No turn rides {over} the other.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'An overhand with one more turn of the end before the tuck.',
      spec: {
        ropes: [
          {
            path: '-12,0 -5,0 OUOU 6,0 8.5,2 O 8.5,5 4,8 -1,7 -3,4 U -3,-1.8 -2,-2.4 -1,-1.6 O -0.9,1.5 0,2.2 0.9,1.5 U 1,-1.6 2,-2.4 3,-1.6 O 3.4,1.5 5,3.2 U 14,4',
          },
        ],
      },
      claims: [{ closure: 'ends', alone: ['5₁'] }],
      steps: [
        {
          shown: { upTo: [7] },
          say: 'Turn the end up and back.',
          look: 'Half a loop, as for an overhand.',
        },
        {
          shown: { upTo: [11] },
          say: 'Take the end round {behind} and up.',
          look: '{Behind} the standing part, then {in front of} it: one turn.',
        },
        {
          shown: { upTo: [16] },
          say: 'Go round once more the same way.',
          look: 'The second turn lies beside the first.',
        },
        {
          shown: { upTo: [19] },
          say: 'Bring the end out through the loop.',
          look: '{Over} the standing part, {under} the loop.',
        },
        {
          shown: 'drawn up',
          say: 'Pull both parts and roll the turns tight.',
          look: 'Two turns, a neat barrel.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'single',
      name: 'one turn only',
      says: 'A plain overhand: smaller, weaker, shakes out sooner.',
      insteadOf: 'plain',
      spec: {
        ropes: [
          { path: '-11,0 -5,0 OU 4,0 6,2 O 6,4 3,6.5 -1,6 -3,3 U -2.5,-2 0,-3 O 2,1 5,3 U 11,4' },
        ],
      },
      claims: [{ closure: 'ends', alone: ['3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 13, wrong: 8 },
    },
  ],
} as const satisfies Entry;
