import type { SkillId } from './skills';

/** What a skill builds on; given, because who puts a course in order need not have the whole catalogue at hand. */
export type BuildsOn = (skill: SkillId) => readonly SkillId[];

/** What of a course must be sure before a skill of it: what its knot builds on, as far as the course teaches it. */
export function comesBefore(
  skills: readonly SkillId[],
  skill: SkillId,
  buildsOn: BuildsOn,
): SkillId[] {
  const on = buildsOn(skill);
  return skills.filter((s) => on.includes(s));
}

/** What stands in a course before something that it builds on: each with the first such thing. */
export function outOfOrder(
  skills: readonly SkillId[],
  buildsOn: BuildsOn,
): { readonly skill: SkillId; readonly on: SkillId }[] {
  return skills.flatMap((skill, i) => {
    const later = comesBefore(skills, skill, buildsOn).find((s) => skills.indexOf(s) > i);
    return later === undefined ? [] : [{ skill, on: later }];
  });
}

/** The same skills with nothing before what it builds on; what may stay where it was stays. */
export function inOrder(skills: readonly SkillId[], buildsOn: BuildsOn): SkillId[] {
  const placed = new Set<SkillId>();
  const place = (skill: SkillId): void => {
    if (placed.has(skill)) return;
    comesBefore(skills, skill, buildsOn).forEach(place);
    placed.add(skill);
  };
  skills.forEach(place);
  return [...placed];
}
