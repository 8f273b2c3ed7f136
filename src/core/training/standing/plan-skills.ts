import { KNOTS } from '../../knot/knots';
import { knotsIn } from '../../line/elements';
import type { Plan } from '../../securement/plan';
import { isSkillId, type SkillId } from './skills';

/** What somebody must be able to tie for a plan: the taught forms of its knots, each once, with the lines they are on. */
export function skillsOfPlan({
  lines,
}: Pick<Plan, 'lines'>): { readonly skill: SkillId; readonly lineIds: readonly string[] }[] {
  const wanted = new Map<SkillId, Set<string>>();
  for (const line of lines)
    for (const id of line.elements.flatMap((e) => knotsIn(e))) {
      const { taught } = KNOTS[id];
      const skill = taught && `${taught.entry}/${taught.form}`;
      if (!skill || !isSkillId(skill)) continue;
      wanted.set(skill, (wanted.get(skill) ?? new Set()).add(line.id));
    }
  return [...wanted].map(([skill, lineIds]) => ({ skill, lineIds: [...lineIds] }));
}
