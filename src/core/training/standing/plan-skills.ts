import { type KnotId, KNOTS } from '../../knot/knots';
import { knotsIn } from '../../line/elements';
import type { Plan } from '../../securement/plan';
import { isSkillId, type SkillId } from './skills';

/** The form that is taught of a knot of the strength table; null where none is. */
export function skillOfKnot(id: KnotId): SkillId | null {
  const { taught } = KNOTS[id];
  const skill = taught && `${taught.entry}/${taught.form}`;
  return skill && isSkillId(skill) ? skill : null;
}

/** What somebody must be able to tie for a plan: the taught forms of its knots, each once, with the lines they are on. */
export function skillsOfPlan({
  lines,
}: Pick<Plan, 'lines'>): { readonly skill: SkillId; readonly lineIds: readonly string[] }[] {
  const wanted = new Map<SkillId, Set<string>>();
  for (const line of lines)
    for (const id of line.elements.flatMap((e) => knotsIn(e))) {
      const skill = skillOfKnot(id);
      if (skill === null) continue;
      wanted.set(skill, (wanted.get(skill) ?? new Set()).add(line.id));
    }
  return [...wanted].map(([skill, lineIds]) => ({ skill, lineIds: [...lineIds] }));
}
