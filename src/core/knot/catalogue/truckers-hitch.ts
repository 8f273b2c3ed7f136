import type { Entry } from './entry';
import { slipLoop } from './slip-loop';
import { slipLoopTruckers } from './truckers-hitch-slip-loop';
import { bellRingerTruckers, halfSheepshankTruckers } from './truckers-hitch-bell-ringer';
import { butterflyTruckers } from './truckers-hitch-butterfly';
import { inlineTruckers } from './truckers-hitch-inline-figure-eight';
import { figureEightTruckers } from './truckers-hitch-figure-eight';
import { doublePass, doubleLoop, ringInLoop } from './truckers-hitch-forms';
import { noEnd, noEndOther } from './truckers-hitch-no-end';

/** Trucker’s hitch. Paths in rope diameters; tying from the trade's common practice. */
export const truckersHitch = {
  id: 'truckers-hitch',
  name: 'Trucker’s hitch',
  aliases: [
    'wagoner’s hitch',
    'haymaker’s hitch',
    'dolly hitch',
    'lorry knot',
    'power cinch',
    'carter’s hitch',
    'harvester’s hitch',
    'truckie’s hitch',
    'trucker’s knot',
  ],
  family: 'tensioner',
  purpose: 'Pulls a line hard by hand and locks it.',
  notFor:
    'Commercial loads where knots are not allowed; a loop of overhand, which jams and gets cut off.',
  strength: 'slip-loop',
  jams: 'The loop decides: slip loop and butterfly do not.',
  unties: 'Pull the slipped hitch, ease the line.',
  holds: { slack: 'no', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'either',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'The lock is slipped.',
  backup: 'A second half hitch, then an overhand in the tail where somebody could pull it.',
  tailD: 20,
  purposes: ['tightens', 'off-under-load', 'no-end', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [
    {
      about: 'How much does it multiply?',
      sides: [
        { school: 'counted', says: 'Three to one.', source: 'practice' },
        {
          school: 'measured by hand',
          says: 'Not quite two to one, rope on rope.',
          source: 'practice',
        },
      ],
      pick: 'Under two, rope on rope: the line sheet computes it for yours.',
    },
  ],
  checks: [
    'The loop is loaded on the leg that does not slide.',
    'There is travel to spare between loop and anchor.',
    'The lock is hard against the loop, slipped, with a second hitch.',
  ],
  forms: [
    {
      id: 'slip-loop',
      name: 'slip loop, second hitch slipped',
      note: 'The quick one, its second hitch slipped. The load line comes from above, the anchor is below.',
      spec: {
        ropes: [
          {
            path: '0,18 0,6 O 0,2.6 0,0.2 U 0,-2.6 O 1.2,-5 O 4.2,-6 O 6.5,-3 6,1 3,3 0,3.2 U -2.6,2.6 -2.6,1 O 0,-0.6 3,-1.4 3.9,-3.4 U 4.4,-6.4 4.8,-10 5,-13 U 3.5,-15.2 O 2,-13 2.2,-9 U 2.2,-5 1,-3 U -2.8,-2.6 -6,-3.4 -7.6,-7 -6,-12 -2.6,-15.6 OUOOU -2.3,-28 -3.2,-31 o -2.8,-33.6 -1.7,-34.6 -0.6,-33.8 u 0.4,-30 1.4,-27 UOOUO 1.9,-16 U 2.6,-13 3.5,-11.5 4.4,-13 O 5.5,-16 4.6,-17.6 U 3.2,-18.8 OO -3.6,-19.7 -5,-19.4 -5.4,-18.4 -4.6,-17.5 UU 2.6,-17.3 3.4,-17.4 O 5.4,-18.6 6.8,-20.4 5.6,-22.2 U 4,-23.2 U 3,-24.2 OO -3.4,-25.1 -4.8,-25 -5.4,-24 -4.6,-23.2 UU 2.4,-23.2 3.5,-23.4 O 7,-24.9 10.5,-25.7 11.6,-24.9 10.5,-24.1 7,-23.1 O 4.8,-22.4 3.4,-21.7 2.4,-21.5 UU -5.5,-21.7 -9,-22.4',
            tips: [18, 32, 62],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [-1.7, -36], radius: 3, tube: 0.6 },
          { kind: 'post', at: [10.8, -24.9], radius: 0.35, hidden: true },
        ],
      },
      claims: [
        { closure: 'cut 1', linking: [0, 0, 1] },
        { closure: 'ends', linking: [1] },
        {
          closure: 'cut all',
          alone: ['3₁', 'unknot', '3₁#3₁', 'unknot', 'unknot'],
          linking: [0, 0, 1, 0, 0, 1, 0, 1, 0, 0],
          because: 'two half hitches, linked with the leg from the knot to the anchor',
        },
      ],
      steps: [
        {
          shown: { upTo: [24.5] },
          say: 'Tie a slip loop in the load line.',
          look: 'The sliding leg toward the anchor.',
        },
        {
          shown: { upTo: [34.4] },
          say: 'Take the end round the anchor.',
          look: 'Leave travel: a hand’s width and the stretch.',
        },
        {
          shown: { upTo: [40.4] },
          say: 'Up through the loop and down.',
          look: 'This is your purchase: pull.',
        },
        {
          shown: { upTo: [49.6] },
          say: 'Pinch it at the loop. Half hitch round both short strands.',
          look: '{Over}, {behind}, out {over} itself.',
        },
        {
          shown: 'whole',
          say: 'Second half hitch the same way, with a bight instead of the end.',
          look: 'The tail stays on its own side.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the bight snug.',
          look: 'Loop still open, lock close. The tail undoes the second hitch.',
        },
      ],
      labels: [
        { u: 0.3, text: 'to the load' },
        { u: 4, text: 'slip loop', inset: true },
        { u: 30, text: 'anchor' },
        { u: 52, text: 'lock', inset: true },
      ],
    },
    {
      id: 'butterfly',
      name: 'butterfly loop',
      note: 'Best to untie, does not fall out when slack. Two half hitches lock it, the second one slipped.',
      spec: {
        ropes: [
          {
            path: '0,16 0,9 U 0.3,3.5 OOO 3,-2 5.5,-4 8,-2.4 UUU 10.2,2 11,5 8,7.5 3,7.5 O -3,6.5 -4.5,4 -2,1.7 UU 5.5,1.4 OO 11,1.9 15,3 18,0 U 15,-3 O 11,-1.9 OO 5.5,-1.4 UU -2,-1.7 -4.5,-4 -3,-6.5 O 3,-7.5 8,-7.5 11,-5 10.2,-2 UOU 8,2.4 5.5,4 3,2 OUO 0.3,-3.5 U 0.3,-8 -0.6,-11 -2.2,-15 OUOOU -2.2,-28 -2,-29.8 -1.5,-31.8 o -0.6,-33.2 u 0.4,-31.6 1.2,-27.5 UOOUO 1.9,-16 4,-13.4 8.5,-12.2 12.6,-10.6 13.2,-6.5 U 14,-1.9 14.9,-0.4 15.8,-1.9 O 16.9,-4.9 16.5,-9 13.5,-14 8.5,-16.2 5.5,-16.8 4.6,-17.6 U 3.2,-18.8 OO -3.6,-19.7 -5,-19.4 -5.4,-18.4 -4.6,-17.5 UU 2.6,-17.3 3.4,-17.4 O 5.4,-18.6 6.8,-20.4 5.6,-22.2 U 4,-23.2 U 3,-24.2 OO -3.4,-25.1 -4.8,-25 -5.4,-24 -4.6,-23.2 UU 2.4,-23.2 3.5,-23.4 O 7,-24.9 10.5,-25.7 11.6,-24.9 10.5,-24.1 7,-23.1 O 4.8,-22.4 3.4,-21.7 2.4,-21.5 UU -5.5,-21.7 -9,-22.4',
            tips: [16, 37, 74],
          },
        ],
        fixtures: [
          { kind: 'ring', at: [-0.5, -35.2], radius: 3, tube: 0.6 },
          { kind: 'post', at: [10.8, -24.9], radius: 0.35, hidden: true },
          { kind: 'post', at: [15.6, 1.1], radius: 1.3, hidden: true },
        ],
      },
      claims: [
        { closure: 'cut 1', linking: [1, 0, 1] },
        {
          closure: 'cut all',
          alone: ['3₁', '3₁', '3₁#3₁', 'unknot', 'unknot'],
          linking: [1, 0, 1, 0, 0, 1, 0, 1, 0, 0],
          because: 'two half hitches, linked with the leg from the knot to the anchor',
        },
      ],
      checks: [
        'The butterfly’s parts lie parallel on one side.',
        'There is travel to spare between loop and anchor.',
        'The lock is hard against the loop, slipped, with a second hitch.',
      ],
      strength: 'alpine-butterfly',
      steps: [
        {
          shown: { upTo: [31.4] },
          say: 'Butterfly in the load line.',
          look: 'Parallel on one side.',
        },
        { shown: { upTo: [38.6] }, say: 'Round the anchor.', look: 'Leave travel.' },
        {
          shown: { upTo: [49.5] },
          say: 'Up through the loop and down: pull.',
          look: 'Purchase.',
        },
        {
          shown: { upTo: [61.6] },
          say: 'Pinch it at the loop. Half hitch round both short strands.',
          look: '{Over}, {behind}, out {over} itself.',
        },
        {
          shown: 'whole',
          say: 'Second half hitch the same way, with a bight instead of the end.',
          look: 'The tail stays on its own side.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the bight snug.',
          look: 'Loop still open, lock close. The tail undoes the second hitch.',
        },
      ],
      labels: [
        { u: 0.3, text: 'to the load' },
        { u: 13, text: 'butterfly', inset: true },
        { u: 37, text: 'anchor' },
        { u: 54.5, text: 'slipped lock', inset: true },
      ],
    },
    doublePass,
    doubleLoop,
    ringInLoop,
    noEnd,
    noEndOther,
    ...slipLoopTruckers,
    ...bellRingerTruckers,
    ...halfSheepshankTruckers,
    ...butterflyTruckers,
    ...inlineTruckers,
    ...figureEightTruckers,
  ],
  wrong: [
    {
      id: 'wrong-side',
      name: 'loop from the wrong side',
      says: 'The sliding leg faces the load: pull, and the loop closes or everything falls apart.',
      insteadOf: 'slip-loop',
      spec: slipLoop.wrong[0].spec,
      claims: [{ closure: 'cut 1', alone: ['unknot', '3₁'] }],
      toldBy: 'invariants',
      partsAt: { right: 3, wrong: 19 },
    },
  ],
} as const satisfies Entry;
