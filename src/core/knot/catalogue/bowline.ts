import { KNOTS } from '../knots';
import { bowlineAtARing } from './bowline-at-a-ring';
import type { Entry } from './entry';

/** Bowline. Paths in rope diameters; tying from the trade's common practice. */
export const bowline = {
  id: 'bowline',
  name: 'Bowline',
  aliases: ['bolin', 'king knot', 'rescue loop (old name)', 'bulin'],
  family: 'end loop',
  purpose: 'A fixed loop that does not bind: for a ring, a post, a rail.',
  notFor: 'Lifting people. A line that shakes slack, unless it is backed up.',
  strength: 'bowline',
  jams: 'Hardly ever.',
  unties: 'Bend the collar down over the standing part, then push.',
  holds: KNOTS.bowline.holds,
  needs: 'an end',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'Bring a bight back through the small loop instead of the end.',
  backup: 'A stopper in the tail round a loop leg for heavy or moving loads.',
  tailD: 12,
  purposes: ['does-not-bind', 'not-jam', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Jams?',
      sides: [
        { school: 'seamanship', says: '“Never.”', source: 'practice' },
        { school: 'field', says: '“Under very high load it does.”', source: 'practice' },
      ],
      pick: 'Never in hand work; allow for it after a shock.',
    },
    {
      about: 'Strength left',
      sides: [
        { school: 'seamanship', says: '60 %', source: 'practice' },
        { school: 'field', says: '70 to 75 %', source: 'practice' },
        { school: 'rope-rescue pull tests', says: '67 %', source: 'from-memory' },
      ],
      pick: 'We count 60 %, the lowest.',
    },
    {
      about: 'Tail inside or outside the loop?',
      sides: [
        { school: 'seamanship', says: '“Inside.”', source: 'practice' },
        { school: 'field', says: '“Either.”', source: 'practice' },
      ],
      pick: 'Same strength; inside catches less.',
    },
  ],
  checks: [
    'The collar goes round the standing part, not round a loop leg.',
    'The small loop grips two strands, side by side.',
  ],
  forms: [
    {
      id: 'facing-away',
      name: 'facing away',
      note: 'The standing part leads away from you, the loop lies toward you.',
      spec: {
        ropes: [
          {
            path: '0,17 O 0,9 U -0.8,5.5 U -3.2,3 -2,0.3 O 0,-0.4 O 2,0.3 3.2,3 2.6,5.5 U 1.2,6.8 O -1.5,7.3 U -5,6.5 -7,2 -7,-6 -4,-11 0,-12.5 4,-11 6,-7 4,-3 1.2,-1.5 U 1.2,3 O 2.2,9 1.2,11.5 U -1.2,11.5 -2.2,9 OO -1.4,3 U -1.6,-2 -2,-6',
            tips: [14],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, -8.8], radius: 2.6, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['8₂₀'] },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [1] },
      ],
      steps: [
        {
          shown: { upTo: [10.6] },
          say: 'Turn a small loop, end {on top}.',
          look: 'The end crosses {over} the standing part.',
          grips: [{ at: 8.9, arm: 180, turns: true }],
        },
        {
          shown: { upTo: [20.4] },
          say: 'Bring the end {up through} it, from {behind}.',
          look: 'The big loop is the size you want.',
        },
        {
          shown: { upTo: [23.3] },
          say: 'Pass it {behind} the standing part.',
          look: 'It comes out on the other side.',
        },
        {
          shown: { upTo: [27] },
          say: 'Back {down through} the small loop.',
          look: 'Beside itself, the way it came up.',
        },
        {
          shown: 'drawn up',
          say: 'Draw it up.',
          look: 'Hold both legs and the end, pull the standing part.',
        },
      ],
      labels: [
        { u: 0.2, text: 'standing part' },
        { u: 16.6, text: 'big loop' },
        { u: 26.8, text: 'end' },
      ],
    },
    {
      id: 'facing-toward',
      name: 'facing toward',
      note: 'The standing part comes from your own side, the thing you tie to lies beyond. The wrist turns the other way, so that the end lies below the standing part; the knot is the same.',
      spec: {
        ropes: [
          {
            path: '0,-17 U 0,-9 O -0.8,-5.5 O -3.2,-3 -2,-0.3 U 0,0.4 U 2,-0.3 3.2,-3 2.6,-5.5 O 1.2,-6.8 U -1.5,-7.3 O -5,-6.5 -7,-2 -7,6 -4,11 0,12.5 4,11 6,7 4,3 1.2,1.5 O 1.2,-3 U 2.2,-9 1.2,-11.5 O -1.2,-11.5 -2.2,-9 UU -1.4,-3 O -1.6,2 -2,6',
            tips: [14],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 8.8], radius: 2.6, hidden: true }],
        tailInFront: true,
      },
      claims: [{ closure: 'ends', alone: ['8₂₀'] }],
      sameAs: 'facing-away',
      steps: [
        {
          shown: { upTo: [10.6] },
          say: 'Turn a small loop with the other turn of the wrist, end {underneath}.',
          look: 'The end crosses {under} the standing part.',
          grips: [{ at: 8.9, arm: 180, turns: true }],
        },
        {
          shown: { upTo: [20.4] },
          say: 'Round the object, then {down through} the small loop.',
          look: 'The big loop is the size you want.',
        },
        {
          shown: { upTo: [23.3] },
          say: '{In front of} the standing part.',
          look: 'It comes out on the other side.',
        },
        { shown: { upTo: [27] }, say: 'Back {up through} the small loop.', look: 'Beside itself.' },
        { shown: 'drawn up', say: 'Draw it up.', look: 'Collar round the standing part.' },
      ],
    },
    {
      id: 'anti',
      name: 'anti form',
      note: 'The end goes round the loop leg instead of the standing part. It holds; know that you tied it. It likes a load across the loop.',
      aliases: ['anti bowline', 'left-hand bowline', 'outside bowline'],
      spec: {
        ropes: [
          {
            path: '-16,8.5 -5,6.5 U -1.5,7.3 O 1.2,6.8 U 2.6,5.5 3.2,3 2,0.3 O 0,-0.4 O -2,0.3 -3.2,3 U -0.8,5.5 U 0,9 O 0,15 3,19 8,19 11,14 11,0 9,-6 6,-6.5 4,-3 1.2,-1.5 U 1.2,3 O 2.2,9 1.2,11.5 U -1.2,11.5 -2.2,9 OO -1.4,3 U -1.6,-2 -2,-6',
            tips: [14],
          },
        ],
        fixtures: [{ kind: 'post', at: [6.5, 12], radius: 3, hidden: true }],
      },
      claims: [{ closure: 'ends', alone: ['6₂'] }],
      checks: [
        'The collar goes round the loop leg, not round the standing part.',
        'The small loop grips two strands, side by side.',
      ],
      steps: [
        {
          shown: { upTo: [11.2] },
          say: 'Turn a small loop in the standing part.',
          look: 'The loop leg leaves it upward.',
        },
        {
          shown: { upTo: [21.4] },
          say: 'Make the big loop and bring the end {up through} the small one.',
          look: 'From {behind}.',
        },
        {
          shown: { upTo: [24.4] },
          say: 'Pass it {behind} the loop leg.',
          look: 'The standing part stays free.',
        },
        {
          shown: { upTo: [28] },
          say: 'Back {down through} the small loop.',
          look: 'Beside itself.',
        },
        { shown: 'drawn up', say: 'Draw it up.', look: 'Collar round the loop leg.' },
      ],
    },
    {
      id: 'tail-outside',
      name: 'tail outside',
      note: 'The end goes round the standing part the other way, so that the tail comes out beside the loop. As strong; it catches more. The crossings are those of the anti form; what differs is which part is the standing part.',
      aliases: ['cowboy bowline', 'outside-tail bowline'],
      spec: {
        ropes: [
          {
            path: '0,15 O 0,9.4 U -0.8,5.5 U -3.2,3 -2,0.3 O 0,-0.4 O 2,0.3 3.2,3 2.6,5.5 U 1.2,6.8 O -1.5,7.3 U -5,6.5 -6.6,2 -6.6,-5 -3.6,-9.6 0,-11 3.6,-9.6 5.6,-6 3.4,-3 -0.4,-1.6 U -1.4,0 -1.4,3 O -1.6,6.2 O -2.2,9 -1.2,11.5 U 1.2,11.5 2.2,9 O 1.6,6 1.4,3 1.5,0.6 U 2.4,-1.2 5,-1.6 8,-2 11,-3',
            tips: [14],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, -7.4], radius: 2.4, hidden: true }],
      },
      claims: [
        { closure: 'ends', alone: ['6₂'], whole: 'A^24 − 2A^20 + 2A^16 − 2A^12 + 2A^8 − A^4 + 1' },
        { closure: 'cut 1', alone: ['unknot', 'unknot'], linking: [1] },
      ],
      checks: [
        'The collar goes round the standing part.',
        'The small loop grips two strands, side by side.',
        'The tail lies outside the big loop.',
      ],
      sameAs: 'anti',
      steps: [
        {
          shown: { upTo: [10.6] },
          say: 'Turn a small loop, end {on top}.',
          look: 'The end crosses {over} the standing part.',
        },
        {
          shown: { upTo: [21.4] },
          say: 'Bring the end {up through} it on the other side.',
          look: 'Beside the standing part.',
        },
        {
          shown: { upTo: [25.4] },
          say: 'Pass it {behind} the standing part.',
          look: 'The other way round.',
        },
        {
          shown: 'whole',
          say: 'Back down through the small loop.',
          look: 'The tail comes out beside the loop.',
        },
        { shown: 'drawn up', say: 'Draw it up.', look: 'Collar round the standing part.' },
      ],
    },
    bowlineAtARing,
  ],
  wrong: [
    {
      id: 'turned-wrong',
      name: 'small loop turned under',
      says: 'Small loop turned with the end {underneath}: it does not grip, it slides and runs out when you pull.',
      insteadOf: 'facing-away',
      spec: {
        ropes: [
          {
            path: '0,17 O 0,9 O -0.8,5.5 U -3.2,3 -2,0.3 O 0,-0.4 O 2,0.3 3.2,3 2.6,5.5 U 1.2,6.8 U -1.5,7.3 U -5,6.5 -7,2 -7,-6 -4,-11 0,-12.5 4,-11 6,-7 4,-3 1.2,-1.5 U 1.2,3 O 2.2,9 1.2,11.5 U 0,11.8 -1.2,11.5 -2.2,9 OO -1.4,3 U -1.6,-2 -2,-6',
            tips: [14],
          },
        ],
        fixtures: [{ kind: 'post', at: [0, -8.8], radius: 2.6, hidden: true }],
      },
      claims: [{ closure: 'ends', alone: ['5₂'] }],
      toldBy: 'invariants',
      partsAt: { right: 10, wrong: 10 },
    },
  ],
} as const satisfies Entry;
