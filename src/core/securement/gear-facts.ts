import { ropeOf } from '../gear/rating';
import type { Gear, GearItem } from '../gear/schema';
import type { GearState } from '../gear/history';
import type { DueStanding } from '../gear/due';
import type { Plan } from './plan';
import { CONDITION_FACTORS } from '../rope/condition';
import type { Rope } from '../rope/rope';
import type { LineFacts } from './rule-input';
import type { Line } from './schema';
import type { LineElement } from '../line/schema';
import type { Finding } from './verdict';

/** What the locker says today of a thing that a plan uses. `due` is only known where there is a day to compare with. */
export interface GearFact {
  readonly gear: Gear;
  readonly state: GearState;
  readonly due: DueStanding | null;
  /** Taken out of the locker; what it was and how it stood then is still known. */
  readonly removed: boolean;
}

/** By the locker's id. An id a plan uses that is not here the crew's locker has never had. */
export type GearFacts = ReadonlyMap<string, GearFact>;

/** The locker was not asked, or did not answer: nothing is known of its things, and nothing good is assumed. */
export const LOCKER_NOT_ASKED = 'not-asked';
export type LockerWord = GearFacts | typeof LOCKER_NOT_ASKED;

/** The locker's thing an element is, or null. */
export const gearIdOf = (element: LineElement): string | null =>
  'gearId' in element ? element.gearId : null;

/** Ids of everything of the locker that a plan uses. */
export const gearIdsOf = (plan: Pick<Plan, 'lines'>): string[] => [
  ...new Set(plan.lines.flatMap((l) => l.elements.map(gearIdOf).filter((id) => id !== null))),
];

/** Whether the locker now knows less good of a rope than the plan counts with. */
function worseNow(planned: Rope, now: Rope): boolean {
  const factor = (r: Rope): number =>
    r.historyKnown
      ? CONDITION_FACTORS[r.condition]
      : Math.min(CONDITION_FACTORS[r.condition], CONDITION_FACTORS.doubtful);
  const less = (a: number | null, b: number | null): boolean =>
    a !== b && (a === null || (b !== null && a < b));
  return (
    factor(now) < factor(planned) ||
    less(now.mbsN, planned.mbsN) ||
    less(now.markedWllN, planned.markedWllN) ||
    now.material !== planned.material ||
    now.diameterM < planned.diameterM - 1e-9
  );
}

/** Markings of made gear as a plan counts them: its own figure, or what a table gives by its size. */
function markedIn(element: LineElement): {
  readonly wllN: number | null;
  readonly sizeM: number | null;
  readonly grade: string | null;
} | null {
  switch (element.kind) {
    case 'webbing':
      return { wllN: element.markedWllN, sizeM: element.widthM, grade: null };
    case 'chain':
      return { wllN: element.markedWllN, sizeM: element.sizeM, grade: element.grade };
    case 'ratchet':
    case 'binder':
    case 'fitting':
      return {
        wllN: element.rating.state === 'rated' ? element.rating.wllN : null,
        sizeM: null,
        grade: null,
      };
    default:
      return null;
  }
}

const KIND_OF: Partial<Record<LineElement['kind'], GearItem['kind']>> = {
  rope: 'rope',
  webbing: 'webbing',
  chain: 'chain',
  ratchet: 'hardware',
  binder: 'hardware',
  fitting: 'hardware',
};

/** Whether the locker now says less of webbing, chain or hardware than the plan counts with: other thing, doubtful, label corrected or gone. */
function lessMarked(
  element: LineElement,
  item: GearItem,
  condition: GearState['condition'],
): boolean {
  const planned = markedIn(element);
  if (planned === null) return false;
  const now = item.markedWllN;
  const less = planned.wllN !== null && (now === null || now < planned.wllN * (1 - 1e-9));
  const sizeNow = item.kind === 'webbing' ? item.widthM : item.kind === 'chain' ? item.sizeM : null;
  const smaller =
    planned.wllN === null &&
    planned.sizeM !== null &&
    (sizeNow === null || sizeNow < planned.sizeM - 1e-9);
  const otherGrade =
    planned.wllN === null &&
    planned.grade !== null &&
    item.kind === 'chain' &&
    item.grade !== planned.grade;
  return (
    less || smaller || otherGrade || CONDITION_FACTORS[condition] <= CONDITION_FACTORS.doubtful
  );
}

/** Whether the locker's word is worse than what the plan counts with. */
function worse(element: LineElement, { gear, state }: GearFact): boolean {
  if (KIND_OF[element.kind] !== gear.item.kind) return true;
  if (element.kind === 'rope')
    return gear.item.kind !== 'rope' || worseNow(element.rope, ropeOf(gear.item, gear.code, state));
  return lessMarked(element, gear.item, state.condition);
}

/** What was taken out of the locker nobody answers for any more; if it was bad then, it is forbidden still. */
function removedStanding({ state }: GearFact): Pick<Finding, 'code' | 'effect'> {
  return state.state !== 'in-service'
    ? { code: 'gear-gone-bad', effect: 'barred' }
    : state.suspect
      ? { code: 'gear-gone-bad', effect: 'barred' }
      : { code: 'gear-gone', effect: 'cannot-say' };
}

function standing(
  line: Line,
  element: LineElement,
  fact: GearFact,
): Pick<Finding, 'code' | 'effect'> | null {
  const { state, due } = fact;
  if (fact.removed) return removedStanding(fact);
  if (state.state === 'retired') return { code: 'gear-retired', effect: 'barred' };
  const isolated =
    element.kind === 'rope' &&
    element.rope.condition === 'damaged' &&
    element.rope.damageIsolated &&
    line.temporary;
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
    const fact = locker.get(id);
    if (!fact)
      return [{ ...common, code: 'gear-gone', effect: 'cannot-say', values: { line: line.name } }];
    const said = standing(line, element, fact);
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
  elements.map((e) =>
    'gearId' in e
      ? {
          ...e,
          gearId: null,
          ...(e.kind === 'rope' ? { lengthM: null, rope: { ...e.rope, tag: '' } } : { tag: '' }),
        }
      : e,
  );

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
