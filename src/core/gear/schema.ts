import { z } from 'zod';
import { quantity, ratio } from '../units/quantity';
import { CONDITIONS } from '../rope/condition';
import { ROPE_MATERIAL_IDS } from '../rope/materials';
import {
  CHAIN_GRADES,
  CODE_PATTERN,
  GEAR_FORMAT,
  GEAR_VERSION,
  HARDWARE_FORMS,
  USES,
} from './vocabulary';

const force = quantity('force', { least: 1, most: 5e6 }).nullable().default(null);
const size = quantity('length', { least: 0.001, most: 0.5 });
const length = quantity('length', { least: 0.01, most: 5000 });

const codeSchema = z
  .string()
  .trim()
  .max(24)
  .transform((text, context) => {
    const code = text.toUpperCase();
    if (!CODE_PATTERN.test(code))
      context.addIssue({
        code: 'custom',
        message: 'code-unusable',
        params: { code: 'code-unusable', values: { code: text } },
      });
    return code;
  })
  .pipe(z.string());

/** Before and after these nobody owns rope, and a database's arithmetic of days ends. */
const [EARLIEST, LATEST] = ['1900-01-01', '2199-12-31'];
const day = z.iso
  .date()
  .refine((on) => on >= EARLIEST && on <= LATEST, {
    params: { code: 'day-out-of-range', values: { least: EARLIEST, most: LATEST } },
  })
  .nullable()
  .default(null);

/** What a piece of gear is, and what is marked on it. `mbsN`: breaking strength from the label, null: not on it. */
export const itemSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('rope'),
    material: z.enum(ROPE_MATERIAL_IDS),
    diameterM: quantity('length', { least: 0.001, most: 0.12 }),
    mbsN: force,
    markedWllN: force,
    historyKnown: z.boolean().default(true),
  }),
  z.strictObject({ kind: z.literal('webbing'), widthM: size, mbsN: force, markedWllN: force }),
  z.strictObject({
    kind: z.literal('chain'),
    grade: z.enum(CHAIN_GRADES),
    sizeM: size,
    mbsN: force,
    markedWllN: force,
  }),
  z.strictObject({
    kind: z.literal('wire'),
    sizeM: size,
    mbsN: force,
    markedWllN: force,
    singleUse: z.boolean().default(false),
  }),
  z.strictObject({
    kind: z.literal('hardware'),
    form: z.enum(HARDWARE_FORMS),
    barDiameterM: size.nullable().default(null),
    mbsN: force,
    markedWllN: force,
    marking: z.string().trim().max(60).default(''),
  }),
]);
export type GearItem = z.infer<typeof itemSchema>;
export type GearKind = GearItem['kind'];
/** The document `vast-cleat/gear`, version 1: one thing the crew owns, as its tag and label say. How it fares is in its history. */
export const gearSchema = z
  .strictObject({
    format: z.literal(GEAR_FORMAT),
    version: z.literal(GEAR_VERSION),
    code: codeSchema,
    name: z.string().trim().max(80).default(''),
    item: itemSchema,
    /** Whole length when it came; null for hardware. */
    lengthM: length.nullable().default(null),
    /** A good rope that is never cut. */
    neverCut: z.boolean().default(false),
    /** What a metre cost, in the crew's money; null: not known. */
    pricePerM: ratio(0, 100_000).nullable().default(null),
    use: z.enum(USES).default('normal'),
    boughtOn: day,
    firstUsedOn: day,
    place: z.string().trim().max(80).default(''),
    notes: z.string().trim().max(2000).default(''),
  })
  .superRefine((gear, context) => {
    const flexible = gear.item.kind !== 'hardware';
    if (flexible && gear.lengthM === null)
      context.addIssue({
        code: 'custom',
        path: ['lengthM'],
        message: 'length-missing',
        params: { code: 'length-missing', values: {} },
      });
    if (gear.boughtOn !== null && gear.firstUsedOn !== null && gear.firstUsedOn < gear.boughtOn)
      context.addIssue({
        code: 'custom',
        path: ['firstUsedOn'],
        message: 'used-before-bought',
        params: { code: 'used-before-bought', values: {} },
      });
  });
export type Gear = z.infer<typeof gearSchema>;

/** How a thing stands when it is entered. */
export const startSchema = z.strictObject({
  condition: z.enum(CONDITIONS).default('good'),
  remainingM: quantity('length', { least: 0, most: 5000 }).nullable().default(null),
  lastInspectedOn: day,
  /** Something happened since that asks for an inspection first. */
  suspect: z.boolean().default(false),
  /** Where it may carry nothing, from the tagged end; only rope that is set aside has such places. */
  damagedAtM: z
    .array(quantity('length', { least: 0, most: 5000 }))
    .max(60)
    .default([]),
  retired: z.boolean().default(false),
});
export type GearStart = z.infer<typeof startSchema>;
