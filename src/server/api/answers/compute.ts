import { THINGS } from '@/core/securement/advice/costs';
import { z } from 'zod';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { VERDICTS } from '@/core/securement/verdict';
import { DIRECTIONS } from '@/core/securement/vocabulary';
import { unit, values, working } from './parts';

const number = z.number();
const known = z.number().nullable();
const verdict = z.enum(VERDICTS);
const compared = z.enum(['short', 'cannot-say', 'holds']);
const direction = z.enum(DIRECTIONS);

const place = z.strictObject({
  elementId: z.string(),
  part: z.string(),
  name: z.string(),
  capacityN: known,
  share: known,
  allowedLineTensionN: known,
  governs: z.boolean(),
  problem: z.string().nullable(),
  working,
});
const governing = z.array(z.strictObject({ elementId: z.string(), part: z.string() }));

/** What the elements of a line may carry. */
export const lineAnswer = z.strictObject({
  wllN: known,
  elements: z.array(place),
  governing,
  tension: z.strictObject({
    system: z.string(),
    countedRatio: known,
    haulingRatio: known,
    hauledN: known,
    keptN: known,
    pretensionN: known,
    overTension: z.boolean(),
    working,
  }),
  working,
});

const row = z.strictObject({
  code: z.string(),
  direction: z.enum(['forward', 'rearward', 'sideways', 'all', 'down']),
  clause: z.string(),
  unit,
  verdict: compared,
  required: known,
  provided: known,
  margin: known,
  of: z.string().nullable(),
  working: z.strictObject({ required: working, provided: working, beside: working.optional() }),
});

/** How something gives way. */
export const mechanism = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('slides'), to: direction, onlyFriction: z.boolean() }),
  z.strictObject({
    kind: z.literal('tips'),
    to: direction,
    overBoard: z.boolean(),
    onlyWeight: z.boolean(),
  }),
  z.strictObject({ kind: z.literal('rolls'), to: direction, chocked: z.boolean() }),
  z.strictObject({
    kind: z.literal('swings'),
    round: z.enum(['front-left', 'front-right', 'rear-left', 'rear-right', 'middle']),
    onlyFriction: z.boolean(),
  }),
  z.strictObject({ kind: z.enum(['lifts', 'dragged', 'stands']) }),
]);

const statics = z.strictObject({
  box: z.string(),
  strength: z.enum(['working', 'breaking']),
  direction: z.enum([...DIRECTIONS, 'down']),
  clause: z.string(),
  verdict: compared,
  ruleStands: z.boolean(),
  requiredG: known,
  heldG: known,
  marginG: known,
  mechanism: mechanism.nullable(),
  moving: z.array(z.string()),
  mechanismInWords: z.string(),
  holding: z.array(
    z.strictObject({
      lineId: z.string().optional(),
      board: direction.optional(),
      partG: number,
    }),
  ),
  working: z.strictObject({ required: working, held: working }),
});

const finding = z.strictObject({
  code: z.string(),
  effect: z.enum([...VERDICTS, 'notice']),
  clause: z.string(),
  lineId: z.string().optional(),
  elementId: z.string().optional(),
  values,
  message: z.string(),
});

/** A change that would help: what the plan would surely be, and what it costs. */
const change = z.strictObject({
  code: z.string(),
  values,
  verdict,
  cost: z.strictObject({
    ropeM: number,
    pieceM: number,
    minutes: number,
    things: z.array(z.strictObject({ what: z.enum(THINGS), count: z.int() })),
  }),
  message: z.string(),
});

/** What the rule and what statics say of a plan. */
export const assessAnswer = z.strictObject({
  verdict,
  rows: z.array(row),
  statics: z.array(statics),
  findings: z.array(finding),
  lines: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      wllN: known,
      routeLengthM: known,
      ropeNeededM: known,
      hauledN: known,
      keptN: known,
      pretensionN: known,
      elements: z.array(place),
      governing,
      working: z.strictObject({ wll: working, pretension: working, ropeNeeded: working }),
    }),
  ),
  helps: z.array(change),
});

const compares = {
  direction: z.enum([...DIRECTIONS, 'sideways', 'all', 'down']),
  clause: z.string(),
  unit,
  required: known,
  provided: known,
  margin: known,
};

/** One plan under every rule set. */
export const compareAnswer = z.strictObject({
  sets: z.array(
    z.strictObject({
      ruleSet: z.enum(RULE_SET_IDS),
      verdict,
      message: z.string(),
      governing: z
        .discriminatedUnion('by', [
          z.strictObject({ by: z.literal('rule'), code: z.string(), ...compares }),
          z.strictObject({ by: z.literal('statics'), ...compares }),
          z.strictObject({
            by: z.literal('finding'),
            code: z.string(),
            clause: z.string(),
            lineId: z.string().optional(),
            message: z.string(),
          }),
        ])
        .nullable(),
      marginPart: known,
      /** Over-lines like those of the plan in all, and the tension each must keep; null: not found, or no such line. */
      needed: z.strictObject({ lines: z.int().nullable(), keptN: known }).nullable(),
      change: change.nullable(),
    }),
  ),
});

/** What one rule set says of an article and its tie-downs. */
export const rulesAnswer = z.strictObject({
  ruleSet: z.enum(RULE_SET_IDS),
  edition: z.string(),
  standing: z.string(),
  verdict,
  findings: z.array(z.union([finding, row.extend({ effect: verdict })])),
});

const forces = z.strictObject({
  ratio: number,
  loadN: number,
  anchorsN: z.record(z.string(), number),
  strandsN: z.array(z.array(number)),
});
export const tackleAnswer = z.strictObject({
  countedRatio: number,
  travelRatio: number,
  efficiency: known,
  hauling: forces,
  holding: forces,
  working,
});

export const tieOffAnswer = z.strictObject({ keptN: known, settledN: known, working });

export const takeUpAnswer = z.strictObject({
  takeUpM: known,
  loopFromAnchorM: known,
  tiedAt: z.strictObject({ enough: z.boolean(), tensionWhenLoopArrivesN: number }).nullable(),
  working,
});

export const spanAnswer = z.strictObject({
  catenary: z.strictObject({
    parameterM: known,
    lowestAtM: known,
    lengthM: number,
    horizontalN: number,
    greatestN: number,
    sagM: number,
  }),
  parabolaHorizontalN: known,
  load: z
    .strictObject({ horizontalN: known, firstN: known, secondN: known, greatestN: known })
    .nullable(),
  sagAtLimitM: known,
  working,
});

const hauledRun = z.strictObject({
  tensionsN: z.array(number),
  parts: z.array(
    z.strictObject({ legs: z.array(number), leastN: number, greatestN: number, meanN: number }),
  ),
  working: z.array(working),
});
export const runAnswer = z.strictObject({
  tieDowns: number,
  fromOneEnd: hauledRun,
  legByLeg: hauledRun,
  slackLegs: z.array(number),
  haulAgain: z.array(z.strictObject({ do: z.enum(['undo', 'haul', 'lock']), number })),
});

export const wrapsAnswer = z.strictObject({
  tailN: z.strictObject({ least: known, greatest: known }),
  turnsWanted: known,
  working,
});

/** One rope under every school. */
export const strengthAnswer = z.strictObject({
  schools: z.array(
    z.strictObject({
      school: z.string(),
      name: z.string(),
      rule: z.string(),
      wllN: known,
      knottedN: known,
      doubledN: known,
      working: z.strictObject({ wll: working, knotted: working.nullable() }),
    }),
  ),
});
