import { kindOf } from '../line/elements';
import type { LineFacts } from './rule-input';
import {
  type GearFact,
  gearFactIn,
  gearIdOf,
  LOCKER_NOT_ASKED,
  type LockerWord,
} from './locker-word';
import type { Line } from './schema';
import type { LineElement } from '../line/schema';
import type { Finding } from './verdict';

/** Whether the locker's word is worse than what the plan counts with. */
function worse(element: LineElement, now: GearFact): boolean {
  const { gear } = kindOf(element);
  return gear === undefined || gear.item !== now.gear.item.kind || gear.worse(element, now);
}

/** What was taken out of the locker nobody answers for any more; if it was bad then, it is forbidden still. */
function findingOfRemoved({ state }: GearFact): Pick<Finding, 'code' | 'effect'> {
  return state.state !== 'in-service'
    ? { code: 'gear-gone-bad', effect: 'barred' }
    : state.suspect
      ? { code: 'gear-gone-bad', effect: 'barred' }
      : { code: 'gear-gone', effect: 'cannot-say' };
}

function findingOf(
  line: Line,
  element: LineElement,
  fact: GearFact,
): Pick<Finding, 'code' | 'effect'> | null {
  const { state, due } = fact;
  if (fact.removed) return findingOfRemoved(fact);
  if (state.state === 'retired') return { code: 'gear-retired', effect: 'barred' };
  const isolated = line.temporary && (kindOf(element).gear?.isolated?.(element) ?? false);
  if (state.state === 'set-aside')
    return isolated ? null : { code: 'gear-set-aside', effect: 'barred' };
  if (worse(element, fact)) return { code: 'gear-worse', effect: 'cannot-say' };
  if (state.suspect) return { code: 'gear-suspect', effect: 'cannot-say' };
  return due === 'overdue' ? { code: 'gear-overdue', effect: 'notice' } : null;
}

/** What is to be said of a line because of what the locker says of its gear. */
export function gearFindings(line: Line, locker: LockerWord): Finding[] {
  return line.elements.flatMap((element): Finding[] => {
    const id = gearIdOf(element);
    if (id === null) return [];
    const common = { clause: '', lineId: line.id, elementId: element.id };
    if (locker === LOCKER_NOT_ASKED)
      return [
        { ...common, code: 'locker-not-asked', effect: 'cannot-say', values: { line: line.name } },
      ];
    const fact = gearFactIn(locker, id);
    if (!fact)
      return [{ ...common, code: 'gear-gone', effect: 'cannot-say', values: { line: line.name } }];
    const said = findingOf(line, element, fact);
    return said
      ? [
          {
            ...common,
            ...said,
            values: { line: line.name, code: fact.gear.code, condition: fact.state.condition },
          },
        ]
      : [];
  });
}

/** Elements of a line as they would be for another line like it: the same sort of rope, not the same rope. */
export const withoutGear = (elements: readonly LineElement[]): LineElement[] =>
  elements.map((e) => {
    const { gear } = kindOf(e);
    return gear ? ({ ...gear.another(e), gearId: null } as LineElement) : e;
  });

/** One rope on several lines reaches only if it is long enough for all of them together. */
export function sharedRopes(lines: readonly LineFacts[]): Finding[] {
  const uses = new Map<
    string,
    { readonly facts: LineFacts; readonly element: Extract<LineElement, { kind: 'rope' }> }[]
  >();
  for (const facts of lines)
    for (const element of facts.line.elements) {
      if (element.kind === 'rope' && element.gearId !== null)
        uses.set(element.gearId, [...(uses.get(element.gearId) ?? []), { facts, element }]);
    }
  return [...uses.values()]
    .filter((u) => new Set(u.map((x) => x.facts.line.id)).size > 1)
    .map((u): Finding => {
      const [first] = u;
      const needs = u.map((x) => x.facts.rope.value);
      const needM = needs.every((n): n is number => n !== null)
        ? needs.reduce((a, b) => a + b, 0)
        : null;
      const haveM = first!.element.lengthM;
      const short = needM !== null && haveM !== null && needM > haveM;
      return {
        code: short ? 'rope-shared-short' : 'rope-shared',
        effect: short ? 'short' : 'notice',
        clause: '',
        lineId: first!.facts.line.id,
        elementId: first!.element.id,
        values: {
          lines: u.map((x) => x.facts.line.name).join('; '),
          code: first!.element.rope.tag,
          ...(short ? { shortM: needM - haveM } : {}),
        },
      };
    });
}
