import { allForms, type NamedForm } from '../../knot/catalogue';
import type { TiedForm, WrongForm } from '../../knot/catalogue/entry';
import { type View, viewSigns } from '../../knot/drawing/view';
import type { Passage } from '../../knot/path/meetings';
import type { Body } from '../../knot/shape/body';
import { projected } from '../../knot/shape/project';
import { type Chance, oneOf } from '../../chance';
import TOLD from './told.json';
import { readOnce, type Soundness, type Told } from './told';
import { ropeCrossings, withTurned } from './turned';

/** What tells forms from what they are not, by name; worked out when geometry is made. */
const KNOWN = TOLD as Told;

/** More crossings than this are not gone through by eye one after another. */
const MOST_CROSSINGS = 14;

const rightForms = allForms().filter((f) => !f.wrong);
/** Forms that are few enough crossings to be looked through. */
export const LOOKED_THROUGH: readonly NamedForm[] = rightForms.filter(
  (f) => readOnce(f).diagram.crossings.length <= MOST_CROSSINGS,
);

/** What is asked: what it is meant to be, and which geometry is needed for it. */
export interface SoundnessPlan {
  readonly meant: NamedForm;
  /** The form whose geometry is shown: the one meant, or what people tie instead of it. */
  readonly shown: NamedForm;
  /** Whether a crossing of it is to be turned over. */
  readonly turn: boolean;
  readonly view: View;
  /** Which of several, 0 to 1. */
  readonly part: number;
}

export type { Soundness };

/** A place in picture coordinates. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

export interface SoundnessQuestion {
  readonly meant: NamedForm;
  /** What people tie instead, where that is shown. */
  readonly mistake: WrongForm | null;
  readonly body: Body;
  readonly view: View;
  /** Places where rope lies on rope, in the order their numbers say. */
  readonly crossings: readonly PicturePoint[];
  readonly answer: Soundness;
}

/** Mistakes that are told from the form they stand for by what they are, not by how they lie. */
export const mistakesOf = ({ entry, form }: NamedForm): NamedForm[] =>
  allForms().filter(
    (f) =>
      f.wrong &&
      f.entry.id === entry.id &&
      (f.form as WrongForm).insteadOf === form.id &&
      (f.form as WrongForm).toldBy === 'invariants' &&
      readOnce(f).diagram.crossings.length <= MOST_CROSSINGS,
  );

/** What is asked by chance: as often right as not; of a given form where one is given. */
export function soundnessAsked(chance: Chance, form?: NamedForm): SoundnessPlan {
  const meant = form ?? oneOf(chance, LOOKED_THROUGH as [NamedForm, ...NamedForm[]]);
  const kind = chance();
  const mistakes = mistakesOf(meant);
  const mistaken = kind > 0.7 && mistakes.length > 0;
  return {
    meant,
    shown: mistaken ? oneOf(chance, mistakes as [NamedForm, ...NamedForm[]]) : meant,
    turn: kind > 0.5 && !mistaken,
    view: { side: oneOf(chance, ['mine', 'facing']), leftHanded: chance() < 0.5 },
    part: chance(),
  };
}

const placeOf = (body: Body, { rope, piece, along }: Passage, view: View): PicturePoint => {
  const i = 3 * (body.strands[rope]!.first + piece);
  const at = (axis: number): number =>
    body.at[i + axis]! * (1 - along) + body.at[i + 3 + axis]! * along;
  return { x: viewSigns(view).x * at(0), y: -at(1) };
};

function turnedByChance({ meant, part }: SoundnessPlan, body: Body): [number, Body] | null {
  const form = readOnce(meant);
  const numbers = ropeCrossings(projected(body), form.paths.length);
  const first = Math.floor(part * numbers.length);
  const tells = KNOWN.crossings[meant.name] ?? [];
  for (const n of [...numbers.slice(first), ...numbers.slice(0, first)]) {
    const turned = tells.includes(n) ? withTurned(body, n) : null;
    if (turned) return [n, turned];
  }
  return null;
}

/**
 * The question with the geometry it needs. Where nothing of what was meant to be wrong can be told for certain, it is
 * answered right only if the form itself is shown.
 * @param body the loose state of `plan.shown`
 * @returns null where there is no one answer
 */
export function soundnessQuestion(plan: SoundnessPlan, body: Body): SoundnessQuestion | null {
  const mistake = plan.shown === plan.meant ? null : (plan.shown.form as WrongForm);
  const turned = plan.turn ? turnedByChance(plan, body) : null;
  const wrong = mistake ? KNOWN.mistakes[plan.shown.name]! : (turned?.[0] ?? 'right');
  if (wrong === null) return null;
  const shown = turned?.[1] ?? body;
  const diagram = projected(shown);
  const numbers = ropeCrossings(diagram, shown.strands.length);
  return {
    meant: plan.meant,
    mistake,
    body: shown,
    view: plan.view,
    crossings: numbers.map((n) => placeOf(shown, diagram.crossings[n]!.over, plan.view)),
    answer: typeof wrong === 'number' ? numbers.indexOf(wrong) : wrong,
  };
}

/** How an answer is marked: a wrong knot that was seen to be wrong, but not where, is half an answer. */
export function markSoundness(answer: Soundness, given: Soundness): 'right' | 'seen' | 'wrong' {
  if (answer === given) return 'right';
  return answer !== 'right' && given !== 'right' ? 'seen' : 'wrong';
}

/** The checks that tell a form right: its own, or its entry's. */
export const checksOf = ({ entry, form }: NamedForm): readonly string[] =>
  (form as TiedForm).checks ?? entry.checks;
