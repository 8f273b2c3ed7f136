import { allForms, CATALOGUE } from '../../knot/catalogue';
import type { Job } from '../../knot/which/situation';
import { CHOSEN_FOR } from '../choosing/choosing';
import { GOVERNS, type Governs } from '../governing/governing';
import { INSPECTED } from '../inspecting/inspecting';
import { ORDERED } from '../ordering/ordering';
import { RECKONING_IDS, type ReckoningId } from '../reckoning/kinds';
import { READINGS, type Reading } from '../reading/reading';
import { LOOKED_THROUGH } from '../soundness/soundness';

/** Manners in which a form of a knot is asked: which is it, is it right, its steps in order. */
export const FORM_ASKS = ['name', 'look', 'order'] as const;
export type FormAsk = (typeof FORM_ASKS)[number];
export const ASKS = [...FORM_ASKS, 'choose', 'reckon', 'read', 'govern', 'inspect'] as const;
export type Ask = (typeof ASKS)[number];

/** What somebody is asked again and again: a form of a knot in one manner, a job to choose a knot for, a kind of reckoning, what a deck can be, what governs, what a rope can have. */
export type DrillId =
  | `${FormAsk}/${string}/${string}`
  | `choose/${Job}`
  | `reckon/${ReckoningId}`
  | `read/${Reading}`
  | `govern/${Governs}`
  | `inspect/${string}`;

/** What each manner of asking can ask for, in the order in which chance counts it. */
export const SUBJECTS: Readonly<Record<Ask, readonly string[]>> = {
  name: allForms()
    .filter((f) => !f.wrong)
    .map((f) => f.name),
  look: LOOKED_THROUGH.map((f) => f.name),
  order: ORDERED.map((f) => f.name),
  choose: CHOSEN_FOR,
  reckon: RECKONING_IDS,
  read: READINGS,
  govern: GOVERNS,
  inspect: INSPECTED,
};

/** After so many forms of knots comes something to reckon or to choose: purpose and hands first. Proposed default, no source. */
const KNOTS_BETWEEN = 6;

/** The forms, the first way of each knot before any second way. */
function formsAsTaught(): string[] {
  const first = new Set(CATALOGUE.map((e) => `${e.id}/${e.forms[0].id}`));
  return [...first, ...SUBJECTS.name.filter((name) => !first.has(name))];
}

/** All there is, in the order it is taught. */
export const DRILL_IDS: readonly DrillId[] = (() => {
  const knots = formsAsTaught().flatMap((name) =>
    FORM_ASKS.filter((ask) => SUBJECTS[ask].includes(name)).map(
      (ask) => `${ask}/${name}` as DrillId,
    ),
  );
  const longer = Math.max(
    CHOSEN_FOR.length,
    RECKONING_IDS.length,
    READINGS.length,
    INSPECTED.length,
  );
  const heads = Array.from({ length: longer }, (_, i) => i).flatMap((i): DrillId[] => [
    ...CHOSEN_FOR.slice(i, i + 1).map((j) => `choose/${j}` as const),
    ...RECKONING_IDS.slice(i, i + 1).map((k) => `reckon/${k}` as const),
    ...READINGS.slice(i, i + 1).map((r) => `read/${r}` as const),
    ...GOVERNS.slice(i, i + 1).map((g) => `govern/${g}` as const),
    ...INSPECTED.slice(i, i + 1).map((c) => `inspect/${c}` as const),
  ]);
  return knots.flatMap((id, i) => {
    const head = (i + 1) % KNOTS_BETWEEN === 0 ? heads[(i + 1) / KNOTS_BETWEEN - 1] : undefined;
    return head ? [id, head] : [id];
  });
})();

const ALL: ReadonlySet<string> = new Set(DRILL_IDS);

/** Whether a text names a drill there is. */
export const isDrillId = (text: string): text is DrillId => ALL.has(text);

/** A drill's manner and subject. */
export function partsOf(id: DrillId): { readonly ask: Ask; readonly subject: string } {
  const [ask, ...rest] = id.split('/');
  return { ask: ask as Ask, subject: rest.join('/') };
}
