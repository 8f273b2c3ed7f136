import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { z } from 'zod';
import {
  askedByChance,
  type Question,
  RECKONING_IDS,
  type ReckoningId,
} from '@/core/training/reckoning/kinds';
import { dimensionOf, levelsOf, mark } from '@/core/training/reckoning/mark';
import { unitFor, type UnitChoice, type UnitId } from '@/core/units';
import { askOf, RECKONING_TITLES, SLIP_WORDS } from '@/wording/training';
import { type markReckoningBody, MOST_NUMBER } from './api/drill-schemas';
import { Refusal } from './problem';

/** Questions of a kind are numbered; a number always is the same question. */
function questionOf(kind: ReckoningId, number: number): Question {
  const generator = xoroshiro128plus(number);
  return askedByChance(kind, () => uniformFloat64(generator));
}

/** A question as it is asked: nothing in it tells the answer. */
export interface DrillPage {
  readonly kinds: readonly { readonly id: ReckoningId; readonly title: string }[];
  readonly kind: ReckoningId;
  readonly number: number;
  /** Another question of the kind, by chance. */
  readonly next: number;
  readonly ask: string;
  /** Taken where only a number is typed. */
  readonly unit: UnitId;
}

const ASKED = z.object({
  kind: z.enum(RECKONING_IDS).catch(RECKONING_IDS[0]),
  n: z.coerce.number().int().min(1).max(MOST_NUMBER).nullable().catch(null),
});

/** The question an address names; one by chance where it names none. */
export function drillPage(
  asked: Readonly<Record<string, string | string[] | undefined>>,
  units: UnitChoice,
  chance: () => number,
): DrillPage {
  const first = (key: string): string | null => [asked[key] ?? []].flat()[0] ?? null;
  const { kind, n } = ASKED.parse({ kind: first('kind') ?? undefined, n: first('n') });
  const byChance = (): number => 1 + Math.floor(chance() * (MOST_NUMBER - 1));
  const number = n ?? byChance();
  const question = questionOf(kind, number);
  return {
    kinds: RECKONING_IDS.map((id) => ({ id, title: RECKONING_TITLES[id] })),
    kind,
    number,
    next: byChance(),
    ask: askOf(question, units),
    unit: unitFor(dimensionOf(question), units),
  };
}

/** Marks an answer as it was typed; the working comes with it. Refused where it cannot be read. */
export function markReckoning({ kind, number, typed, unit }: z.infer<typeof markReckoningBody>) {
  const question = questionOf(kind, number);
  const marked = mark(question, typed, unit);
  if (!marked.ok)
    throw new Refusal(
      422,
      marked.issues.map((issue) => ({ ...issue, path: ['typed'] })),
    );
  const { sheet } = question.reckoned;
  const code = marked.value.kind === 'slip' ? marked.value.code : null;
  return {
    mark: marked.value.kind,
    slip: code,
    says: code === null ? null : SLIP_WORDS[code],
    right: sheet.value!,
    steps: levelsOf(sheet),
    working: sheet,
  };
}
