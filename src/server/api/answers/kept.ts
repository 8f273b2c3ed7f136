import { z } from 'zod';
import { keptDeckSchema, keptLoadSchema } from '@/core/securement/kept/schema';
import { unitSchema } from '@/core/securement/load/schema';
import { kept, next, stored } from './parts';

const deck = keptDeckSchema.meta({ id: 'KeptDeck' });
const load = keptLoadSchema.meta({ id: 'KeptLoad' });

/** Of each anchor, who read it and on which day. */
export const readings = z.record(z.string(), z.strictObject({ on: z.iso.date(), by: z.string() }));

export const keptDeckAnswer = stored(deck).extend({ readings }).meta({ id: 'StoredDeck' });
export const keptLoadAnswer = stored(load).extend({ readings }).meta({ id: 'StoredLoad' });

const list = z.array(z.strictObject({ ...kept, title: z.string() }));
export const keptDecksAnswer = z.strictObject({ decks: list, next });
export const keptLoadsAnswer = z.strictObject({ loads: list, next });

const standing = { id: z.uuid(), version: z.int(), removed: z.boolean() };
export const keptStandingAnswer = z.strictObject({
  decks: z.array(z.strictObject({ ...standing, deck: keptDeckSchema.shape.deck })),
  loads: z.array(z.strictObject({ ...standing, unit: unitSchema })),
});
