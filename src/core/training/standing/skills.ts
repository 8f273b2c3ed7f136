import { allForms, type NamedForm } from '../../knot/catalogue';
import type { TiedForm } from '../../knot/catalogue/entry';
import { RECKONING_IDS, type ReckoningId } from '../reckoning/kinds';

/** What somebody can be signed off in: a form of a knot, or a kind of reckoning. */
export type SkillId = `${string}/${string}` | `reckon/${ReckoningId}`;

const FORMS: ReadonlyMap<string, NamedForm> = new Map(
  allForms()
    .filter((f) => !f.wrong)
    .map((f) => [f.name, f]),
);

/** Forms, in the order they are taught: what can be tied. */
export const FORM_SKILLS = [...FORMS.keys()] as [SkillId, ...SkillId[]];
export const SKILL_IDS: readonly [SkillId, ...SkillId[]] = [
  ...FORM_SKILLS,
  ...RECKONING_IDS.map((kind): SkillId => `reckon/${kind}`),
];
const ALL: ReadonlySet<string> = new Set(SKILL_IDS);
export const isSkillId = (text: string): text is SkillId => ALL.has(text);

/** The form of a skill; null where it is something to reckon. */
export const formOfSkill = (id: SkillId): NamedForm | null => FORMS.get(id) ?? null;

/** What is looked at in a reckoning; proposed default, no source. */
const RECKONING_POINTS = [
  'Says where each figure comes from: label, table or measurement.',
  'Comes to the right figure with its unit.',
  'Says which mistake would make it look safer than it is.',
];

/** The points an instructor looks at before signing: the form's own checks, or its entry's. */
export function pointsOf(id: SkillId): readonly string[] {
  const found = formOfSkill(id);
  if (!found) return RECKONING_POINTS;
  return (found.form as TiedForm).checks ?? found.entry.checks;
}
