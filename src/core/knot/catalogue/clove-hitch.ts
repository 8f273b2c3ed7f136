import { KNOTS } from '../knots';
import type { Entry } from './entry';

/** Clove hitch. Paths in rope diameters; tying from the trade's common practice. */
export const cloveHitch = {
  id: 'clove-hitch',
  name: 'Clove hitch',
  aliases: ['builder’s knot', 'peg knot', 'ratline hitch'],
  family: 'hitch',
  purpose: 'Starts and ends a lashing run; holds a line to a post while you work on.',
  notFor: 'Slick poles, or standing alone under a load that swings.',
  strength: 'clove-hitch',
  jams: 'Can bind on soft wood.',
  unties: 'Push the two parts together and open the diagonal.',
  holds: KNOTS['clove-hitch'].holds,
  needs: 'either',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'Tuck a bight under the diagonal.',
  backup: 'A half hitch round the standing part, in the bight where the end is far.',
  tailD: 12,
  purposes: ['no-end', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'Strength left',
      sides: [
        { school: 'seamanship', says: '55 to 60 %', source: 'practice' },
        { school: 'field', says: '60 to 65 %', source: 'practice' },
      ],
      pick: 'We count 55 %.',
    },
  ],
  checks: [
    'Two parallel turns and one diagonal {over} them.',
    'Both ends leave {under} the diagonal, on opposite sides.',
  ],
  forms: [
    {
      id: 'passed',
      name: 'passed round',
      note: 'Where the pole has no free end.',
      spec: {
        ropes: [
          {
            path: '-2,-13 -2,-5 U -2,-1 o -2,2 -2.3,3.8 -3,4.2 -3.8,3 -4.6,0.5 u -5.2,-3 -5,-4 -4.2,-3.8 -3.4,-2.4 OoO 3.4,2.4 4.2,3.8 5,4 5.2,3 4.8,0.5 u 4,-3 3.4,-4.1 2.6,-3.8 2,-2 o 2,0.8 U 2,4 2,13',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [
        { closure: 'ends', alone: ['unknot', 'unknot'], linking: [2] },
        { closure: 'behind', linking: [3] },
      ],
      steps: [
        {
          shown: { upTo: [8.4] },
          say: 'Take the end over the pole and down {behind}.',
          look: 'To the {left} of the standing part.',
        },
        {
          shown: { upTo: [12.6] },
          say: 'Cross {over} the standing part to the {right}.',
          look: 'The diagonal.',
        },
        { shown: { upTo: [19.4] }, say: 'Round {behind} again.', look: 'The second turn.' },
        {
          shown: { upTo: [23] },
          say: 'Up {in front}, {under} the diagonal.',
          look: 'Both ends {under} it.',
        },
        { shown: 'drawn up', say: 'Pull both ends.', look: 'Two parallels, one diagonal.' },
      ],
      labels: [
        { u: 0.3, text: 'standing part' },
        { u: 22.8, text: 'end' },
        { u: 12, text: 'diagonal' },
      ],
    },
    {
      id: 'dropped',
      name: 'dropped over an open end',
      note: 'Two loops alike; the near one goes {behind} the far one; both over the post. Seen from the top of the post.',
      aliases: ['clove hitch over a post', 'dropped clove hitch'],
      spec: {
        ropes: [
          {
            path: '-16,-4.4 -9,-4.6 OU -3,-5.2 2,-4.9 5,-2 u 5.4,1.5 2.6,5 -1.6,5.2 -5,2.4 o -5.4,-1.6 -4,-4.2 OO -2.2,-6.6 0.6,-8 U 5.4,-6.2 7.4,-1.5 u 6.6,4 2,7.4 -4,6.6 -7.4,2 o -7.4,-2.4 U -5.6,-5.6 U -2.6,-6 0.4,-6.3 O 4,-7.4 8,-9.4 14,-10',
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 0], radius: 4.2, axis: true }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [2],
          whole: 'A^24 − 2A^20 + 2A^16 − 2A^12 + 3A^8 − A^4 + 1',
        },
      ],
      sameAs: 'passed',
      dressedAs: 'passed',
      release: 'in the bight',
      steps: [
        {
          shown: { upTo: [11.2] },
          say: 'Turn a loop, its end {on top}.',
          look: 'First loop.',
          grips: [{ at: 5, arm: 0, turns: true }],
        },
        {
          shown: 'whole',
          say: 'Turn another just like it and lay it {behind} the first.',
          look: 'Both ends come out between the loops.',
        },
        {
          shown: 'drawn up',
          say: 'Drop both over the post and pull.',
          look: 'Two parallels, one diagonal.',
        },
      ],
    },
    {
      id: 'half-hitch',
      name: 'with a half hitch',
      note: 'The end goes once round the standing part: now it stays put.',
      aliases: ['clove hitch and half hitch'],
      spec: {
        ropes: [
          {
            path: '-2,-16 U -2,-9 O -2,-5 U -2,-1 o -2,2 -2.3,3.8 -3,4.4 -3.8,3 -4.6,0.5 u -5.2,-3 -5,-4.2 -4.2,-3.8 -3.4,-2.4 OoO 3.4,2.4 4.2,3.8 5,4.2 5.2,3 4.8,0.5 u 4,-3 3.4,-4.3 2.6,-3.8 2,-2 o 2,0.8 U 1.6,4 -1,6.5 -6.5,6 -8.5,0 o -6.8,-5.6 -5,-7.6 U -3.6,-9.3 -2,-10.3 O -0.4,-10.7 0.8,-9.6 0,-8.4 -2,-8.2 U -3.2,-8.3 O -5.4,-9 -9,-10',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-11, 0], to: [9, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['3₁', 'unknot'], linking: [2] }],
      checks: [
        'Two parallel turns and one diagonal {over} them.',
        'Both ends leave {under} the diagonal, on opposite sides.',
        'A half hitch round the standing part secures it.',
      ],
      steps: [
        {
          shown: { upTo: [23.4] },
          say: 'Tie the clove hitch.',
          look: 'Two parallels, one diagonal.',
        },
        {
          shown: { upTo: [29.4] },
          say: 'Lead the end round to the standing part.',
          look: '{Over} it.',
        },
        {
          shown: 'whole',
          say: 'Half hitch: {behind}, and out {over} itself.',
          look: 'The end is pinched.',
        },
        { shown: 'drawn up', say: 'Pull it up to the pole.', look: 'Close to the clove hitch.' },
      ],
    },
  ],
  wrong: [
    {
      id: 'cow',
      name: 'second turn reversed',
      says: 'The second turn goes the other way: a cow hitch. It slides along the pole when one part is loaded.',
      insteadOf: 'passed',
      spec: {
        ropes: [
          {
            path: '-2,-13 U -2,-5 -2,-1 o -2,2 -2.3,3.8 -3,4.4 -3.8,3 -4.2,0.5 u -4.4,-3 -3.6,-5.2 -2,-5.2 O 1,-5.4 O 3.4,-5 4.4,-3 u 4.2,0.5 3.8,3 3,4.4 2.3,3.8 2,2 o 2,-1 1.6,-4 U 1,-6.4 2,-13',
          },
        ],
        fixtures: [{ kind: 'bar', from: [-10, 0], to: [10, 0], radius: 3 }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [0] }],
      toldBy: 'invariants',
      partsAt: { right: 12, wrong: 11 },
    },
    {
      id: 'stacked',
      name: 'second loop laid on top',
      says: 'The loops are stacked in order: only a round turn, it falls off when the post is pulled out and slides when loaded.',
      insteadOf: 'dropped',
      spec: {
        ropes: [
          {
            path: '-16,-4.4 -9,-4.6 UU -3,-5.2 2,-4.9 5,-2 u 5.4,1.5 2.6,5 -1.6,5.2 -5,2.4 o -5.4,-1.6 -4,-4.2 O -2.2,-6.6 1,-7.8 5.4,-6 7.4,-1.5 u 6.6,4 2,7.4 -4,6.6 -7.4,2 o -7.2,-3 O -4.4,-7.4 0,-10 6,-10.4 14,-10.4',
          },
        ],
        fixtures: [{ kind: 'post', at: [0, 0], radius: 4.2, axis: true }],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot'], linking: [2] }],
      idleCrossings: {
        count: 1,
        because: 'a plain round turn stays a round turn whichever of its ends lies on top',
      },
      toldBy: 'invariants',
      partsAt: { right: 12.6, wrong: 12.6 },
    },
  ],
} as const satisfies Entry;
