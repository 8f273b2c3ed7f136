import { z } from 'zod';
import { quantity, ratio } from '@/core/units/quantity';
import { PASS_KIND_IDS } from '@/core/tackle/passes';
import { HAND_WIDTH_M, KNOT_SETTING_M } from '@/core/tackle/take-up';

/** Bodies of the stateless computations of tension. */

const force = quantity('force', { least: 0, most: 5e6 });
const pull = quantity('force', { least: 1, most: 5e6 });
const short = quantity('length', { least: 0, most: 60 });
const span = quantity('length', { least: 0.1, most: 1000 });
const stiffness = quantity('force', { least: 100, most: 1e9 });
const angle = quantity('angle', { least: 0, most: Math.PI });
const name = z.string().trim().min(1).max(40);
const passKind = z.enum(PASS_KIND_IDS);

export const tackleBody = z.strictObject({
  /** Bodies in their order from the load to the anchor. */
  bodies: z
    .array(z.strictObject({ id: name, kind: z.enum(['load', 'anchor', 'travelling']) }))
    .min(2)
    .max(12),
  ropes: z
    .array(
      z.strictObject({
        from: z.union([z.literal('hand'), z.strictObject({ body: name })]),
        passes: z
          .array(
            z.union([
              z.strictObject({ body: name, efficiency: ratio(0.01, 1) }),
              z.strictObject({
                body: name,
                mu: ratio(0, 1),
                wrapRad: quantity('angle', { least: 0.01, most: 40 }),
              }),
            ]),
          )
          .max(16),
        to: name,
      }),
    )
    .min(1)
    .max(8),
  handAngleRad: angle.default(0),
  handForceN: force.default(250),
});

export const tieOffBody = z.strictObject({
  hauledN: force,
  handN: force,
  stiffnessN: stiffness,
  loadLengthM: quantity('length', { least: 0.05, most: 200 }),
  shortLengthM: quantity('length', { least: 0.05, most: 20 }).default(0.3),
  slipM: short.default(0.005),
  anchorStrandN: force.default(0),
  anchor: z.enum(['slides', 'holds']).default('slides'),
  settling: ratio(0, 0.9).default(0.2),
});

export const takeUpBody = z.strictObject({
  lengthM: quantity('length', { least: 0.1, most: 500 }),
  stiffnessN: stiffness,
  tensionN: force,
  spanM: span,
  sagM: short.default(0),
  settingM: short.default(KNOT_SETTING_M),
  handWidthM: short.default(HAND_WIDTH_M),
  /** Where the loop is tied, if that is known. */
  tiedAtM: short.nullable().default(null),
});

export const spanBody = z
  .strictObject({
    spanM: span,
    riseM: quantity('length', { least: -1000, most: 1000 }).default(0),
    sagM: quantity('length', { least: 0.001, most: 1000 }),
    weightNPerM: ratio(0.001, 1000).default(1),
    load: z.strictObject({ loadN: pull, atM: span }).nullable().default(null),
    limitN: pull.nullable().default(null),
  })
  .refine((b) => b.load === null || b.load.atM < b.spanM, {
    path: ['load', 'atM'],
    message: 'load-off-span',
    params: { code: 'load-off-span', values: {} },
  });

export const wrapsBody = z.strictObject({
  loadN: pull,
  handN: pull,
  round: passKind,
  angleRad: quantity('angle', { least: 0, most: 200 }).default(2 * Math.PI),
});

const efficiency = ratio(0.01, 1);
const count = (most: number) => z.int().min(0).max(most);
const MOST_TURNS = 40;

export const runBody = z
  .strictObject({
    handN: pull.default(250),
    haulingRatio: ratio(1, 50).default(1.8),
    /** From the hauled end: what each turn lets through, and whether the rope is locked there. */
    turns: z
      .array(
        z.strictObject({
          efficiency: efficiency.default(0.55),
          locked: z.boolean().default(false),
        }),
      )
      .max(MOST_TURNS),
    /** A leg that is cut, or a lock that lets go: turn 0 is the hauled end. */
    failure: z
      .discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('leg'), leg: count(MOST_TURNS + 1) }),
        z.strictObject({ kind: z.literal('lock'), turn: count(MOST_TURNS) }),
      ])
      .nullable()
      .default(null),
  })
  .superRefine(({ turns, failure }, context) => {
    const is =
      failure === null ||
      (failure.kind === 'leg'
        ? failure.leg >= 1 && failure.leg <= turns.length + 1
        : failure.turn === 0 || turns[failure.turn - 1]?.locked === true);
    if (is) return;
    context.addIssue({
      code: 'custom',
      path: ['failure', failure.kind === 'leg' ? 'leg' : 'turn'],
      message: 'not-in-run',
      params: { code: 'not-in-run', values: { legs: turns.length + 1 } },
    });
  });

/** The trucker's hitch as a system: a loop knot travelling between load and anchor. */
export const tackleExample = {
  bodies: [
    { id: 'load', kind: 'load' },
    { id: 'loop', kind: 'travelling' },
    { id: 'anchor', kind: 'anchor' },
  ],
  ropes: [
    {
      from: 'hand',
      passes: [
        { body: 'loop', efficiency: 0.5 },
        { body: 'anchor', efficiency: 0.6 },
      ],
      to: 'loop',
    },
    { from: { body: 'loop' }, passes: [], to: 'load' },
  ],
  handForceN: '250 N',
};
export const tieOffExample = {
  hauledN: '450 N',
  handN: '250 N',
  stiffnessN: '150 kN',
  loadLengthM: '4 m',
};
export const takeUpExample = {
  lengthM: '6 m',
  stiffnessN: '60 kN',
  tensionN: '1 kN',
  spanM: '6 m',
  sagM: '0.3 m',
  tiedAtM: '0.2 m',
};
export const spanExample = {
  spanM: '10 m',
  sagM: '0.1 m',
  load: { loadN: '400 N', atM: '5 m' },
  limitN: '2 kN',
};
/** Six legs over hooks, locked at every second turn; the lock at the second lets go. */
export const runExample = {
  handN: '250 N',
  turns: [{}, { locked: true }, {}, { locked: true }, {}],
  failure: { kind: 'lock', turn: 2 },
};
export const wrapsExample = { loadN: '3 kN', handN: '100 N', round: 'post' };
