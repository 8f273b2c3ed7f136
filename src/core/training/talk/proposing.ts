import type { Chance } from '../../chance';
import { DRILL_IDS, type DrillId, FORM_ASKS, isDrillId } from '../schedule/drill-ids';
import type { SkillId } from '../standing/skills';

/** What a crew answered to a drill of late: how often in all, and how often not right. */
export interface CrewAnswers {
  readonly drill: DrillId;
  readonly asked: number;
  readonly wrong: number;
}
/** How often a line tied with a form was found slack at checks. */
export interface FoundSlack {
  readonly skill: SkillId;
  readonly found: number;
}
/** A form that a plan needs, and on how many of its lines. */
export interface NeededForm {
  readonly skill: SkillId;
  readonly lines: number;
}

/** Why something is asked in a talk. */
export type TalkReason =
  | { readonly is: 'answered wrong'; readonly asked: number; readonly wrong: number }
  | { readonly is: 'found slack'; readonly found: number }
  | { readonly is: 'in the plan'; readonly lines: number }
  | { readonly is: 'taught early' };

export interface Proposed {
  readonly drill: DrillId;
  readonly why: TalkReason;
}

/** What a talk is put together from. */
export interface TalkSources {
  readonly answers: readonly CrewAnswers[];
  readonly slack: readonly FoundSlack[];
  readonly plan: readonly NeededForm[];
}

/** One question with its answer takes about so long before a crew. Proposed default, no source. */
const SECONDS_A_QUESTION = 75;

/** How many questions fit into so many minutes; one at least. */
export const questionsIn = (minutes: number): number =>
  Math.max(1, Math.floor((minutes * 60) / SECONDS_A_QUESTION));

/** A drill of a form, in a manner by chance: what is not asked of a form is not proposed. */
function drillOf(skill: SkillId, chance: Chance): DrillId | null {
  const all = FORM_ASKS.map((ask) => `${ask}/${skill}`).filter(isDrillId);
  return all[Math.floor(chance() * all.length)] ?? null;
}

const subjectOf = (drill: DrillId): string => drill.slice(drill.indexOf('/') + 1);

/** What was answered wrong most, as far as it was at all: by how often, then by how much of it. */
const wrongFirst = (answers: readonly CrewAnswers[]): Proposed[] =>
  answers
    .filter((a) => a.wrong > 0)
    .toSorted((a, b) => b.wrong - a.wrong || b.wrong / b.asked - a.wrong / a.asked)
    .map(({ drill, asked, wrong }) => ({ drill, why: { is: 'answered wrong', asked, wrong } }));

function ofForms<T extends { readonly skill: SkillId }>(
  forms: readonly T[],
  chance: Chance,
  why: (form: T) => TalkReason,
): Proposed[] {
  return forms.flatMap((form) => {
    const drill = drillOf(form.skill, chance);
    return drill ? [{ drill, why: why(form) }] : [];
  });
}

/**
 * Puts a talk together: in turn what the crew answers wrong, where its lines came loose, and what the plan needs; no form twice.
 * Where these give too little, what is taught first comes after them.
 * @param count how many questions at most
 */
export function proposeTalk(
  { answers, slack, plan }: TalkSources,
  count: number,
  chance: Chance,
): Proposed[] {
  const sources = [
    wrongFirst(answers),
    ofForms(
      slack.toSorted((a, b) => b.found - a.found),
      chance,
      ({ found }) => ({ is: 'found slack', found }),
    ),
    ofForms(plan, chance, ({ lines }) => ({ is: 'in the plan', lines })),
  ];
  const longest = Math.max(...sources.map((s) => s.length));
  const inTurn = Array.from({ length: longest }, (_, i) => sources.flatMap((s) => s[i] ?? []));
  const early = DRILL_IDS.map((drill): Proposed => ({ drill, why: { is: 'taught early' } }));
  const taken = new Set<string>();
  const proposed: Proposed[] = [];
  for (const next of [...inTurn.flat(), ...early]) {
    if (proposed.length >= count) break;
    const subject = subjectOf(next.drill);
    if (taken.has(subject)) continue;
    taken.add(subject);
    proposed.push(next);
  }
  return proposed;
}
