import { closest, distance } from 'fastest-levenshtein';
import type { z } from 'zod';

type Def = {
  readonly shape?: Readonly<Record<string, z.core.$ZodType>>;
  readonly options?: readonly z.core.$ZodType[];
  readonly element?: z.core.$ZodType;
  readonly valueType?: z.core.$ZodType;
  readonly innerType?: z.core.$ZodType;
  readonly in?: z.core.$ZodType;
  readonly getter?: () => z.core.$ZodType;
};

/** The schemas that a schema may stand for: what is optional, defaulted or piped, and every branch of a union. */
function branches(schema: z.core.$ZodType): z.core.$ZodType[] {
  const def = schema._zod.def as Def;
  const inner = def.innerType ?? def.in ?? def.getter?.();
  if (inner) return branches(inner);
  return def.options ? def.options.flatMap(branches) : [schema];
}

/** Names that a document may have at a place, in any branch of its schema. */
export function keysAt(schema: z.core.$ZodType, path: readonly PropertyKey[]): string[] {
  let here = branches(schema);
  for (const step of path)
    here = here.flatMap((s) => {
      const { shape, element, valueType } = s._zod.def as Def;
      const next = shape?.[String(step)] ?? element ?? valueType;
      return next ? branches(next) : [];
    });
  return [...new Set(here.flatMap((s) => Object.keys((s._zod.def as Def).shape ?? {})))];
}

/** Of the known names the one that was probably meant: one within the other, or most letters the same; null: nothing like it. */
export function nearest(name: string, known: readonly string[]): string | null {
  if (known.length === 0) return null;
  const [low, plain] = [name.toLowerCase(), known.map((k) => k.toLowerCase())];
  const within = plain.findIndex((k) => k.length > 2 && (low.includes(k) || k.includes(low)));
  if (within >= 0) return known[within]!;
  const best = closest(low, plain);
  const alike =
    distance(low, best) <= Math.max(1, Math.floor(Math.max(low.length, best.length) / 3));
  return alike ? known[plain.indexOf(best)]! : null;
}
