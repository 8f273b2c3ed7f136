import type { Entry } from './entry';
import { overhand } from './overhand';

/** Surgeon’s loop. Paths in rope diameters; tying from the trade's common practice. */
export const surgeonsLoop = {
  id: 'surgeons-loop',
  name: 'Surgeon’s loop',
  aliases: ['double loop', 'double overhand loop'],
  family: 'end loop',
  purpose: 'A fixed loop, quick and stronger than an overhand loop.',
  notFor: 'A loop that must be untied: it jams.',
  strength: null,
  jams: 'Yes, after load.',
  unties: 'Hardly; cut it.',
  holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  needs: 'a bight',
  easy: { tie: 3, untie: 1 },
  gloves: true,
  slipped: 'Not slipped.',
  backup: 'None needed.',
  tailD: 12,
  purposes: ['no-end', 'gloves', 'does-not-bind'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'The bight goes through twice.',
    'All strands side by side before it is drawn up.',
    'Loop on one side, both parts on the other.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'in the bight',
      note: 'An overhand loop with a second pass.',
      spec: {
        ropes: [
          {
            path: '-11,0.6 -7,0.6 OO -3,0.6 UUOO 1,0.6 UU 4.95,0.6 7.27,1.1 O 8.4,2.65 O 7.63,4.53 3.93,6 -2.22,5.63 -4.45,3.57 U -4.41,0.1 U -3.9,-2.1 O -3.14,0.26 O -1.4,3.1 U 0.44,0.26 U 1.1,-2.1 O 1.88,0.29 O 3.66,3 6.94,3.7 UU 10.49,3.8 13,3.8 14.6,3.2 13,2.6 10.51,2.6 UU 7.06,2.5 4.34,2 O 2.92,-0.29 O 1.1,-3.3 U -0.64,-0.26 U -1.4,1.9 O -2.06,-0.26 O -3.9,-3.3 U -5.59,-0.1 U -5.55,4.03 -2.58,6.77 4.07,7.2 8.37,5.47 OO 9.6,2.55 7.93,0.1 5.05,-0.6 UU 1,-0.6 OOU -3,-0.6 UOO -7,-0.6 -11,-0.6',
            tips: [22],
          },
        ],
        fixtures: [{ kind: 'post', at: [13.1, 3.2], radius: 0.9, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['5₁', '5₁'], linking: [5] },
      ],
      release: 'in the bight',
      labels: [{ u: 22, text: 'loop' }],
      steps: [
        { shown: { bight: [7, 37] }, say: 'Double the rope.', look: 'Two parts side by side.' },
        {
          shown: { bight: [13.5, 30.5] },
          say: 'Turn the bight once round the doubled part.',
          look: 'An overhand loop, so far.',
        },
        {
          shown: { bight: [17.5, 26.5] },
          say: 'Once more round the same way.',
          look: 'The second pass.',
        },
        { shown: 'whole', say: 'Bring the bight out through the turn.', look: 'The loop.' },
        {
          shown: 'drawn up',
          say: 'Wet it, then pull all four parts.',
          look: 'The turns lie side by side.',
        },
      ],
    },
  ],
  wrong: [
    {
      id: 'single',
      name: 'one pass',
      says: 'One pass only: an overhand loop, weaker.',
      insteadOf: 'plain',
      spec: overhand.forms[2].spec,
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut 1', alone: ['3₁', '3₁'], linking: [3] },
      ],
      toldBy: 'invariants',
      partsAt: { right: 17, wrong: 10 },
    },
  ],
} as const satisfies Entry;
