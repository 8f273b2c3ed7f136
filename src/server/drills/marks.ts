import type { z } from 'zod';
import { entryOf, type NamedForm } from '@/core/knot/catalogue';
import type { TiedForm } from '@/core/knot/catalogue/entry';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { tyingSide, type View } from '@/core/knot/drawing/view';
import type { Offered } from '@/core/training/choosing/choosing';
import { firstMisplaced, rightOrder } from '@/core/training/ordering/ordering';
import { levelsOf, mark, markLevel } from '@/core/training/reckoning/mark';
import type { DrillId } from '@/core/training/schedule/drill-ids';
import { DISAGREED } from '@/core/training/disagreed';
import type { AnswerGrade } from '@/core/training/schedule/memory';
import { checksOf, markSoundness } from '@/core/training/soundness/soundness';
import type { ReadingQuestion } from '@/core/training/reading/reading';
import { METRIC } from '@/core/units';
import { type Scene, sceneOf } from '@/core/securement/stage/scene';
import { motionOfRow } from '@/core/securement/stage/motion';
import { kindOf } from '@/core/training/governing/governing';
import { governingSays, governorWords } from '@/wording/governing';
import { type InspectingMark, markInspecting } from '@/core/training/inspecting/inspecting';
import { inspectedSays, inspectingWords } from '@/wording/inspecting';
import { wordFinding } from '@/wording/findings';
import { READING_WORDS } from '@/wording/reading';
import { capital } from '@/wording/text';
import { SLIP_WORDS } from '@/wording/training';
import { reasonInWords } from '@/wording/which';
import type { DRILL_API } from '../api/drill-endpoints';
import type { levelBody, MarkBody } from '../api/drill-schemas';
import type { Answered } from '../api/endpoint';
import { Refusal } from '../problem';
import {
  choosingOf,
  governingOf,
  inspectingOf,
  looseOf,
  namingOf,
  orderingOf,
  readingOf,
  reckoningOf,
  soundnessOf,
  viewOfOrder,
} from './questions';

export type Marked = Answered<typeof DRILL_API.markAnswer>;

/** An answer with what is kept of it: the drill it was of, and what was said instead of what is right. */
export interface MarkedDrill {
  readonly drill: DrillId;
  readonly marked: Marked;
  readonly instead: string | null;
}

type BodyOf<A extends MarkBody['ask']> = Extract<MarkBody, { ask: A }>;

const ofForm = ({ entry, form, name }: NamedForm) => ({
  entry: entry.id,
  form: name.split('/')[1]!,
  name: entry.name,
  way: (form as TiedForm).name,
  disagreed: DISAGREED[entry.id] ?? null,
});
const checksIn = (form: NamedForm, view: View): string[] =>
  checksOf(form).map((c) => turnedWords(c, view));
const gradeOf = (right: boolean): AnswerGrade => (right ? 'good' : 'again');
const drillOf = (ask: 'name' | 'look' | 'order', { name }: NamedForm): DrillId =>
  `${ask}/${name as `${string}/${string}`}`;

/** @throws Refusal 422 where it cannot be read as a figure with a unit */
function markReckoning({ kind, number, typed, unit }: BodyOf<'reckon'>): MarkedDrill {
  const question = reckoningOf(kind, number);
  const marked = mark(question, typed, unit);
  if (!marked.ok)
    throw new Refusal(
      422,
      marked.issues.map((issue) => ({ ...issue, path: ['typed'] })),
    );
  const { sheet } = question.reckoned;
  const slip = marked.value.kind === 'slip' ? marked.value.code : null;
  return {
    drill: `reckon/${kind}`,
    instead: slip ?? (marked.value.kind === 'right' ? null : typed),
    marked: {
      ask: 'reckon',
      grade: gradeOf(marked.value.kind === 'right'),
      mark: marked.value.kind,
      slip,
      says: slip === null ? null : SLIP_WORDS[slip],
      right: sheet.value!,
      steps: levelsOf(sheet),
      working: sheet,
    },
  };
}

/** Marks one step of a reckoning by itself; its figure is told only where it is right. @throws Refusal 422 */
export function markOneLevel({
  kind,
  number,
  level,
  typed,
  unit,
}: z.infer<typeof levelBody>): Answered<typeof DRILL_API.markLevel> {
  const question = reckoningOf(kind, number);
  const marked = markLevel(question, level, typed, unit);
  if (!marked.ok)
    throw new Refusal(
      422,
      marked.issues.map((issue) => ({ ...issue, path: ['typed'] })),
    );
  const step = levelsOf(question.reckoned.sheet)[level]!;
  return { right: marked.value, step: marked.value ? step : null };
}

/** What it is, and what tells it, in words that are right for the side it is tied from: what is behind a pole shows from there. */
function markName({ number, pick }: BodyOf<'name'>): MarkedDrill {
  const { form, view } = namingOf(number);
  const right = pick === form.entry.id;
  return {
    drill: drillOf('name', form),
    instead: right ? null : pick,
    marked: {
      ask: 'name',
      grade: gradeOf(right),
      ...ofForm(form),
      checks: checksIn(form, tyingSide(view)),
    },
  };
}

const LOOK_GRADES = { right: 'good', seen: 'hard', wrong: 'again' } as const;

async function markLook({ number, says }: BodyOf<'look'>): Promise<MarkedDrill> {
  const { meant, mistake, answer, view } = await soundnessOf(number);
  const grade = LOOK_GRADES[markSoundness(answer, says)];
  return {
    drill: drillOf('look', meant),
    instead: grade === 'good' ? null : String(says),
    marked: {
      ask: 'look',
      grade,
      ...ofForm(meant),
      answer,
      mistake: mistake && {
        id: mistake.id,
        name: mistake.name,
        says: turnedWords(mistake.says, view),
      },
      checks: checksIn(meant, view),
      shouldBe: answer === 'right' ? null : await looseOf(meant),
    },
  };
}

function markOrder({ number, order }: BodyOf<'order'>): MarkedDrill {
  const question = orderingOf(number);
  const view = viewOfOrder(question);
  const misplaced = firstMisplaced(question, order);
  return {
    drill: drillOf('order', question.form),
    instead: misplaced === null ? null : String(misplaced + 1),
    marked: {
      ask: 'order',
      grade: gradeOf(misplaced === null),
      ...ofForm(question.form),
      order: rightOrder(question),
      misplaced,
      steps: (question.form.form as TiedForm).steps.map(({ say, look }) => ({
        say: turnedWords(say, view),
        look: turnedWords(look, view),
      })),
    },
  };
}

/** Why a knot that was offered suits, or does not. */
function saysOf({ entry, is, reasons }: Offered): string[] {
  const found = entryOf(entry)!;
  if (is === 'for something else') return [`It is for something else: ${found.purpose}`];
  return reasons.map((r) => capital(reasonInWords(r)));
}

function markChoice({ number, pick }: BodyOf<'choose'>): MarkedDrill {
  const { job, options } = choosingOf(number);
  const right = options.find((o) => o.is === 'suits')!.entry;
  return {
    drill: `choose/${job}`,
    instead: pick === right ? null : pick,
    marked: {
      ask: 'choose',
      grade: gradeOf(pick === right),
      right,
      options: options.map((o) => ({
        entry: o.entry,
        name: entryOf(o.entry)!.name,
        suits: o.is === 'suits',
        says: saysOf(o),
      })),
    },
  };
}

/** What the findings of a fault say, in words; of too few, how many there should be; of a sound deck, that it holds. */
function readWords({ answer, assessment, lineIds, needed }: ReadingQuestion): string[] {
  if (answer === 'sound') return ['Every strap counts, and rules and statics hold it.'];
  if (answer === 'too-few')
    return [`Straps asked for: ${needed}. On the load: ${assessment.lines.length}.`];
  return assessment.findings
    .filter((f) => f.effect !== 'notice' && (f.lineId === undefined || lineIds.includes(f.lineId)))
    .map((f) => wordFinding(f, METRIC));
}

/** The deck with what is known of it; where no line is wrong none is flagged as the weakest. */
function shownAfter({ plan, assessment, lineIds }: ReadingQuestion): Scene {
  const scene = sceneOf(plan, assessment);
  const unflagged = { weak: null, weakest: false };
  return lineIds.length > 0
    ? scene
    : { ...scene, lines: scene.lines.map((l) => ({ ...l, ...unflagged })) };
}

function markRead({ number, says }: BodyOf<'read'>): MarkedDrill {
  const question = readingOf(number);
  const { answer } = question;
  return {
    drill: `read/${answer}`,
    instead: says === answer ? null : says,
    marked: {
      ask: 'read',
      // That something is wrong is half of it.
      grade: says === answer ? 'good' : says === 'sound' || answer === 'sound' ? 'again' : 'hard',
      answer,
      words: READING_WORDS[answer],
      says: readWords(question),
      scene: shownAfter(question),
    },
  };
}

/** The deck with how it gives way, and the line that governs flagged. */
function markGoverning({ number, says }: BodyOf<'govern'>): MarkedDrill {
  const { plan, assessment, row, answer } = governingOf(number);
  const scene = sceneOf(plan, assessment);
  const right = says === answer;
  return {
    drill: `govern/${kindOf(answer)}`,
    instead: right ? null : says,
    marked: {
      ask: 'govern',
      grade: gradeOf(right),
      answer,
      words: governorWords(answer),
      says: governingSays(row, answer, METRIC),
      scene: {
        ...scene,
        lines: scene.lines.map((l) => ({ ...l, weakest: l.id === answer, weak: null })),
        motion: motionOfRow(row, scene.load),
      },
    },
  };
}

/** Too strict costs a rope, too kind a load; what goes on as it is may be passed over. */
const INSPECTING_GRADES: Record<InspectingMark, AnswerGrade> = {
  right: 'good',
  strict: 'hard',
  unnoted: 'hard',
  kind: 'again',
  elsewhere: 'again',
};

function markInspected({ number, place, decision }: BodyOf<'inspect'>): MarkedDrill {
  const question = inspectingOf(number);
  const mark = markInspecting(question, { place, decision });
  return {
    drill: `inspect/${question.damage?.check.id ?? 'sound'}`,
    instead: mark === 'right' ? null : `${place} ${decision}`,
    marked: {
      ask: 'inspect',
      grade: INSPECTING_GRADES[mark],
      places: [...question.places],
      decision: question.decision,
      words: inspectingWords(mark, question),
      says: inspectedSays(question),
    },
  };
}

/** Marks an answer to a numbered question, and tells then what is right. @throws Refusal 422 */
export async function markOf(body: MarkBody): Promise<MarkedDrill> {
  switch (body.ask) {
    case 'reckon':
      return markReckoning(body);
    case 'name':
      return markName(body);
    case 'look':
      return markLook(body);
    case 'order':
      return markOrder(body);
    case 'choose':
      return markChoice(body);
    case 'read':
      return markRead(body);
    case 'govern':
      return markGoverning(body);
    case 'inspect':
      return markInspected(body);
  }
}
