import { INSPECTION_CHECKS } from '@/core/inspection/checks';
import {
  type Decision,
  type InspectingMark,
  type InspectingQuestion,
  type Place,
  PARTS,
} from '@/core/training/inspecting/inspecting';
import { ROPE_MATERIALS, type RopeMaterialId } from '@/core/rope/materials';
import { capital } from './text';

/** What becomes of a rope, as it is said after an inspection. */
export const DECISION_WORDS: Record<Decision, string> = {
  'goes-on': 'It goes on as it is',
  worn: 'It counts as worn',
  doubtful: 'It counts as doubtful',
  isolate: 'That place may carry nothing; the rest is good',
  retire: 'It is retired',
};

/** What a question of inspecting is of, in a list. */
export const inspectedTitle = (subject: string): string =>
  INSPECTION_CHECKS.rope.find((c) => c.id === subject)?.name ?? 'A sound rope';

/** The rope that is laid out. */
export const laidOutWords = (material: RopeMaterialId): string =>
  `A rope of ${ROPE_MATERIALS[material].name}, so far good: its end with the tag, and two lengths further on.`;

/** A place, as it is pointed at. */
export function placeWords(place: Place): string {
  if (place === 'tag') return 'the tag';
  if (place === 'whole') return 'all along the rope';
  if (place === 'none') return 'nowhere';
  return `length ${Math.floor(place / PARTS) + 1}, part ${(place % PARTS) + 1}`;
}

const MARKS: Record<Exclude<InspectingMark, 'right' | 'elsewhere'>, string> = {
  strict: 'Found. It need not go so far',
  kind: 'Found, and let off too lightly',
  unnoted: 'It does go on as it is; but there is something to note',
};

/** What is said to an answer, in one line. */
export function inspectingWords(
  mark: InspectingMark,
  { damage, places }: Pick<InspectingQuestion, 'damage' | 'places'>,
): string {
  if (mark === 'right') return damage ? 'Right.' : 'Right: there is nothing.';
  if (mark !== 'elsewhere') return `${MARKS[mark]}.`;
  if (!damage) return 'Not so: there is nothing.';
  return `Not there, but here: ${placeWords(places[Math.floor(places.length / 2)]!)}.`;
}

/** What it is and what follows, once it is told. */
export function inspectedSays({ damage, decision }: InspectingQuestion): string[] {
  if (!damage) return ['No check finds anything. Run it through the hand once more all the same.'];
  const { check, extent } = damage;
  const name = check.extents.find((e) => e.id === extent)!.name;
  return [
    `${check.name}: ${name}. ${DECISION_WORDS[decision]}.`,
    check.looks,
    ...(check.id === 'shock' ? ['The eye finds nothing: ask who had it last.'] : []),
  ].map(capital);
}
