import { z } from 'zod';
import { ENTRY_IDS } from '@/core/knot/entry-ids';
import { RECKONING_IDS } from '@/core/training/reckoning/kinds';
import { SLIPS } from '@/core/training/reckoning/reckoning';
import { DONE_UNDER_IDS } from '@/core/training/standing/done-under';
import { FORM_SKILLS } from '@/core/training/standing/skills';
import { GOVERNORS } from '@/core/training/governing/governing';
import { DECISIONS, PARTS, STRETCHES, WHERES } from '@/core/training/inspecting/inspecting';
import { READINGS } from '@/core/training/reading/reading';
import type { Scene } from '@/core/securement/stage/scene';
import { GRADES } from '@/core/training/schedule/memory';
import { UNITS, type UnitId } from '@/core/units';
import type { Drawn } from '../drills/question';
import { working } from './answers/parts';

/** Largest number of a question. */
export const MOST_NUMBER = 2_147_483_647;
const TYPED = Object.keys(UNITS) as [UnitId, ...UnitId[]];
const number = z.int().min(1).max(MOST_NUMBER);
const place = z.int().min(0).max(60);

/** What is wrong with what was shown: nothing, one crossing by its place in the list, or more than one crossing. */
const soundness = z.union([z.enum(['right', 'otherwise']), place]);

/** Where on a rope that is laid out: a part counted from its end, the tag, all along, nowhere. */
const onRope = z.union([
  z
    .int()
    .min(0)
    .max(STRETCHES * PARTS - 1),
  z.enum(WHERES),
]);

/** An answer to a numbered question, by the manner it was asked in. */
export const markBody = z.discriminatedUnion('ask', [
  z.strictObject({
    ask: z.literal('reckon'),
    number,
    kind: z.enum(RECKONING_IDS),
    typed: z.string().trim().min(1).max(40),
    unit: z.enum(TYPED),
  }),
  z.strictObject({ ask: z.literal('name'), number, pick: z.enum(ENTRY_IDS) }),
  z.strictObject({ ask: z.literal('look'), number, says: soundness }),
  z.strictObject({ ask: z.literal('order'), number, order: z.array(place).min(1).max(12) }),
  z.strictObject({ ask: z.literal('choose'), number, pick: z.enum(ENTRY_IDS) }),
  z.strictObject({ ask: z.literal('read'), number, says: z.enum(READINGS) }),
  z.strictObject({ ask: z.literal('govern'), number, says: z.enum(GOVERNORS) }),
  z.strictObject({
    ask: z.literal('inspect'),
    number,
    place: onRope,
    decision: z.enum(DECISIONS),
  }),
]);
export type MarkBody = z.infer<typeof markBody>;

const grade = z.enum(GRADES);
/** A knot as it is drawn. */
const drawn = z.custom<Drawn>((v) => typeof v === 'object' && v !== null && 'frame' in v);
/** A deck as it is drawn. */
const scene = z.custom<Scene>((v) => typeof v === 'object' && v !== null && 'plan' in v);
const ofForm = {
  entry: z.enum(ENTRY_IDS),
  form: z.string(),
  name: z.string(),
  way: z.string(),
  /** Where crews tie or say it two ways: both, and what is safer. */
  disagreed: z.strictObject({ said: z.array(z.string()), safer: z.string() }).nullable(),
};

/** What is said to an answer, by the manner of asking. `grade`: wrong, right with trouble, right. */
export const markAnswer = z.discriminatedUnion('ask', [
  z.strictObject({
    ask: z.literal('reckon'),
    grade,
    mark: z.enum(['right', 'slip', 'wrong']),
    slip: z.enum(SLIPS).nullable(),
    says: z.string().nullable(),
    right: z.number(),
    steps: z.array(working),
    working,
  }),
  z.strictObject({ ask: z.literal('name'), grade, ...ofForm, checks: z.array(z.string()) }),
  z.strictObject({
    ask: z.literal('look'),
    grade,
    ...ofForm,
    answer: soundness,
    /** What people tie instead, where that was shown. */
    mistake: z.strictObject({ id: z.string(), name: z.string(), says: z.string() }).nullable(),
    checks: z.array(z.string()),
    /** Where it is wrong: the same knot as it should be, to be drawn beside it. */
    shouldBe: drawn.nullable(),
  }),
  z.strictObject({
    ask: z.literal('order'),
    grade,
    ...ofForm,
    order: z.array(z.int()),
    /** From which place on it is not right. */
    misplaced: z.int().nullable(),
    steps: z.array(z.strictObject({ say: z.string(), look: z.string() })),
  }),
  z.strictObject({
    ask: z.literal('choose'),
    grade,
    right: z.enum(ENTRY_IDS),
    options: z.array(
      z.strictObject({
        entry: z.enum(ENTRY_IDS),
        name: z.string(),
        suits: z.boolean(),
        says: z.array(z.string()),
      }),
    ),
  }),
  z.strictObject({
    ask: z.literal('read'),
    grade,
    answer: z.enum(READINGS),
    words: z.string(),
    /** What to do about it, or why it holds. */
    says: z.array(z.string()),
    scene,
  }),
  z.strictObject({
    ask: z.literal('govern'),
    grade,
    answer: z.enum(GOVERNORS),
    words: z.string(),
    /** How it gives way, and what each thing adds. */
    says: z.array(z.string()),
    scene,
  }),
  z.strictObject({
    ask: z.literal('inspect'),
    grade,
    places: z.array(onRope),
    decision: z.enum(DECISIONS),
    words: z.string(),
    /** What it is, what follows, and how it is looked for. */
    says: z.array(z.string()),
  }),
]);

export const markExample = { ask: 'reckon', kind: 'hauling', number: 7, typed: '400 N', unit: 'N' };

/** One step of a numbered reckoning, answered by itself. */
export const levelBody = z.strictObject({
  kind: z.enum(RECKONING_IDS),
  number,
  level: place,
  typed: z.string().trim().min(1).max(40),
  unit: z.enum(TYPED),
});
export const levelExample = { kind: 'hauling', number: 7, level: 0, typed: '400', unit: 'N' };
/** Whether it is right; the step with its figure where it is. */
export const levelAnswer = z.strictObject({ right: z.boolean(), step: working.nullable() });

/** An answer that counts: the same, with how long it took. */
export const reviewBody = z.strictObject({
  answer: markBody,
  tookMs: z.int().min(0).max(86_400_000).nullable(),
});
export const reviewExample = { answer: { ask: 'name', number: 7, pick: 'bowline' }, tookMs: 4200 };

const todayParts = {
  /** To be asked now. */
  due: z.int(),
  /** New things that may still be begun today. */
  fresh: z.int(),
  answeredToday: z.int(),
};

/** How somebody stands today, and what is to be expected. */
export const todayAnswer = z.strictObject({
  ...todayParts,
  begun: z.int(),
  of: z.int(),
  /** Questions to be expected, from today on, if every day's are answered. */
  forecast: z.array(z.number()),
  /** Known and forgotten so often that asking alone does not teach it. */
  leeches: z.array(
    z.strictObject({ drill: z.string(), title: z.string(), lapses: z.int(), href: z.string() }),
  ),
});

/** What is said to an answer that counts; `kept` false where the question was answered before. */
export const reviewAnswer = z.strictObject({
  marked: markAnswer,
  kept: z.boolean(),
  dueAt: z.iso.datetime().nullable(),
  today: z.strictObject(todayParts),
});

/** Answers as they were kept, newest first. */
export const reviewsAnswer = z.strictObject({
  reviews: z.array(
    z.strictObject({
      id: z.uuid(),
      drill: z.string(),
      title: z.string(),
      number: z.int(),
      grade,
      instead: z.string().nullable(),
      tookMs: z.int().nullable(),
      at: z.iso.datetime(),
    }),
  ),
  next: z.string().nullable(),
});

const tyable = z.enum(FORM_SKILLS);

/** One time that a form was tied with real rope. `points`: of each point that is looked at, whether it was right. */
export const tyingBody = z.strictObject({
  skill: tyable,
  under: z.enum(DONE_UNDER_IDS),
  tookMs: z.int().min(300).max(3_600_000),
  /** When it was tied, where it waited on a device; null: now. */
  madeAt: z.iso.datetime().nullable().default(null),
  points: z.array(z.boolean()).min(1).max(20),
});
export const tyingExample = {
  skill: 'bowline/facing-away',
  under: 'gloves',
  tookMs: 12_400,
  points: [true, true],
};

/** How somebody ties a form: by condition, easy to hard, and which comes next. */
export const tyingsAnswer = z.strictObject({
  skill: tyable,
  title: z.string(),
  points: z.array(z.string()),
  by: z.array(
    z.strictObject({
      under: z.enum(DONE_UNDER_IDS),
      tied: z.int(),
      fumbled: z.int(),
      running: z.int(),
      bestMs: z.int().nullable(),
      typicalMs: z.int().nullable(),
    }),
  ),
  next: z.enum(DONE_UNDER_IDS),
});
