import { between } from '../../inspection/drawing/pen';
import { INSPECTION_CHECKS, type InspectionCheck } from '../../inspection/checks';
import {
  canHave,
  damaged,
  FELT,
  NOTHING_FELT,
  soundStretch,
} from '../../inspection/drawing/damage';
import { readTag } from '../../inspection/drawing/label';
import { LAY_OF } from '../../inspection/drawing/lay';
import type { Stretch } from '../../inspection/drawing/stretch';
import { inspectionOutcome } from '../../inspection/outcome';
import { ROPE_MATERIAL_IDS, type RopeMaterialId } from '../../rope/materials';
import { type Chance, oneOf } from '../../chance';

const CHECKS = INSPECTION_CHECKS.rope;

/** What a rope to be inspected can have: nothing, or damage of one check. */
export const INSPECTED = ['sound', ...CHECKS.map((c) => c.id)] as [string, ...string[]];

/** What is laid out of a rope: its end with the tag, and two lengths further on; each is looked at in so many parts. */
export const STRETCHES = 3;
export const PARTS = 5;
/** Length of a part, in diameters. */
export const PART_D = 2.1;
const LENGTH_D = PARTS * PART_D;

/** Where something is: a part counted from the end, the tag, the whole rope, nowhere. */
export const WHERES = ['tag', 'whole', 'none'] as const;
export type Place = number | (typeof WHERES)[number];

/** What becomes of a rope, mild to strict. */
export const DECISIONS = ['goes-on', 'worn', 'doubtful', 'isolate', 'retire'] as const;
export type Decision = (typeof DECISIONS)[number];

/** A rope to be inspected, laid out, with what is right to say of it. */
export interface InspectingQuestion {
  readonly material: RopeMaterialId;
  readonly stretches: readonly Stretch[];
  /** What hand, nose and questions tell. */
  readonly felt: string;
  /** Null: there is nothing. */
  readonly damage: { readonly check: InspectionCheck; readonly extent: string } | null;
  /** Every place that is right to point at. */
  readonly places: readonly Place[];
  readonly decision: Decision;
}

/** What an inspection comes to when this is all that is found on a good rope. */
export function decisionFor(check: string, extent: string): Decision {
  const { outcome, condition } = inspectionOutcome({
    kind: 'rope',
    before: 'good',
    lengthM: 20,
    found: [{ check, extent, atM: 10 }],
    answered: CHECKS.map((c) => c.id),
  });
  if (outcome === 'pass') return 'goes-on';
  if (outcome === 'downgrade') return condition === 'worn' ? 'worn' : 'doubtful';
  return outcome;
}

const laidOut = (material: RopeMaterialId): Stretch[] =>
  Array.from({ length: STRETCHES }, (_, i) => {
    const stretch = soundStretch(LAY_OF[material], LENGTH_D, i === 0 ? 'end' : 'on');
    return i === 0 ? { ...stretch, marks: readTag() } : stretch;
  });

/** The parts of a stretch whose rope damage of this width reaches; the middle of each counts. */
const reached = (stretch: number, part: number, parts: readonly number[]): Place[] =>
  parts.map((by) => stretch * PARTS + part + by);

/** Damage that several places make: the one in the middle and those beside it. */
const SEVERAL = [-1, 0, 1];

interface Put {
  readonly stretches: readonly Stretch[];
  readonly places: readonly Place[];
}

/** Damage at one place of one stretch. The rope's very end has its whipping, and several places need room to both sides. */
function atOnePlace(sound: readonly Stretch[], check: string, extent: string, chance: Chance): Put {
  const several = extent === 'several';
  const stretch = Math.floor(chance() * STRETCHES);
  const least = several || stretch === 0 ? 1 : 0;
  const most = several ? PARTS - 2 : PARTS - 1;
  const part = least + Math.floor(chance() * (most - least + 1));
  const xD = (part + 0.5) * PART_D + (several ? 0 : between(chance, -0.15, 0.15));
  return {
    stretches: sound.map((s, i) => (i === stretch ? damaged(s, check, extent, { xD, chance }) : s)),
    places: reached(stretch, part, several ? SEVERAL : [0]),
  };
}

function put(
  sound: readonly Stretch[],
  check: InspectionCheck,
  extent: string,
  chance: Chance,
): Put {
  if (check.local) return atOnePlace(sound, check.id, extent, chance);
  if (check.id === 'label')
    return {
      stretches: sound.map((s, i) =>
        i === 0 ? damaged({ ...s, marks: [] }, check.id, extent, { xD: 0, chance }) : s,
      ),
      places: ['tag'],
    };
  return {
    stretches: sound.map((s) => damaged(s, check.id, extent, { xD: LENGTH_D / 2, chance })),
    places: ['whole'],
  };
}

/** A rope by chance: sound, or with damage of one kind. */
export function askedToInspect(chance: Chance): InspectingQuestion {
  // What it is of is the first thing chance decides, so that a number can be found that asks for a given one.
  const subject = oneOf(chance, INSPECTED);
  const check = CHECKS.find((c) => c.id === subject) ?? null;
  const extent = check && oneOf(chance, check.extents).id;
  const materials = ROPE_MATERIAL_IDS.filter(
    (m) => m !== 'unknown-synthetic' && (!check || canHave(LAY_OF[m], check.id)),
  );
  const material = oneOf(chance, materials as [RopeMaterialId, ...RopeMaterialId[]]);
  const sound = laidOut(material);
  const nothing = oneOf(chance, NOTHING_FELT);
  if (!check || extent === null)
    return {
      material,
      stretches: sound,
      felt: nothing,
      damage: null,
      places: ['none'],
      decision: 'goes-on',
    };
  return {
    material,
    ...put(sound, check, extent, chance),
    felt: FELT[check.id]?.[extent] ?? nothing,
    damage: { check, extent },
    decision: decisionFor(check.id, extent),
  };
}

/** What was answered: where it is, and what becomes of the rope. */
export interface Inspected {
  readonly place: Place;
  readonly decision: Decision;
}

/**
 * How an answer is marked. `strict`: found, and more was asked of the rope than need be; `kind`: found, and it was let pass with
 * less than it needs; `unnoted`: what goes on as it is was taken for nothing at all; `elsewhere`: pointed at a place that is sound,
 * or passed over.
 */
export type InspectingMark = 'right' | 'strict' | 'kind' | 'unnoted' | 'elsewhere';

/** Marks an answer: found is found, and then the decision. */
export function markInspecting(
  { places, decision, damage }: Pick<InspectingQuestion, 'places' | 'decision' | 'damage'>,
  said: Inspected,
): InspectingMark {
  if (!places.includes(said.place)) {
    const passed = said.place === 'none' && damage !== null && decision === 'goes-on';
    return passed ? 'unnoted' : 'elsewhere';
  }
  // Where there is nothing, nothing is to be decided.
  if (damage === null) return 'right';
  const more = DECISIONS.indexOf(said.decision) - DECISIONS.indexOf(decision);
  return more === 0 ? 'right' : more > 0 ? 'strict' : 'kind';
}
