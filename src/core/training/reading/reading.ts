import { assess, type Assessment } from '../../securement/assess';
import { LOCKER_NOT_ASKED } from '../../securement/locker-word';
import type { Plan } from '../../securement/plan';
import { type Chance, oneOf, shuffled } from '../../chance';
import { soundDeck } from './deck';
import { FAULT_IDS, type FaultId, FAULTS, faultsShown, linesShown } from './faults';

/** What a deck can be read to be: one fault, or sound. */
export const READINGS = ['sound', ...FAULT_IDS] as const;
export type Reading = (typeof READINGS)[number];

/** A deck to be read, and what could be said of it: one of it is so. */
export interface ReadingQuestion {
  readonly answer: Reading;
  readonly plan: Plan;
  readonly assessment: Assessment;
  /** How many such straps, as they should be, hold the load. */
  readonly needed: number;
  /** Lines the fault lies in; none where it lies in none of them. */
  readonly lineIds: readonly string[];
  readonly options: readonly Reading[];
}

/** What could be said of a deck with a fault as well, and so is not offered beside it: from one side no strap lies over the load. */
const ALSO_SO: Readonly<Partial<Record<Reading, FaultId>>> = { 'one-side': 'beyond-load' };

type Made = Pick<ReadingQuestion, 'plan' | 'assessment' | 'needed'>;

/** What is shown is the fault that was put in, and no other. */
function withFault(fault: FaultId, chance: Chance): Made {
  for (;;) {
    const whole = soundDeck(chance);
    const plan = FAULTS[fault].put(whole, chance);
    if (!plan) continue;
    const assessment = assess(plan, LOCKER_NOT_ASKED);
    const shown = faultsShown(assessment);
    if (assessment.verdict !== 'holds' && shown.length === 1 && shown[0] === fault)
      return { plan, assessment, needed: whole.lines.length };
  }
}

function withoutFault(chance: Chance): Made {
  const plan = soundDeck(chance);
  return { plan, assessment: assess(plan, LOCKER_NOT_ASKED), needed: plan.lines.length };
}

/** A deck by chance: sound, or with one fault put into a sound one. */
export function askedToRead(chance: Chance): ReadingQuestion {
  // What it is of is the first thing chance decides, so that a number can be found that asks for a given one.
  const answer = oneOf(chance, READINGS);
  const made = answer === 'sound' ? withoutFault(chance) : withFault(answer, chance);
  const others = shuffled(
    chance,
    FAULT_IDS.filter((id) => id !== answer && id !== ALSO_SO[answer]),
  );
  // That it is sound can always be said.
  const options =
    answer === 'sound' ? others.slice(0, 3) : ['sound' as const, ...others.slice(0, 2)];
  return {
    answer,
    ...made,
    lineIds: answer === 'sound' ? [] : linesShown(made.assessment, answer),
    options: shuffled(chance, [answer, ...options]),
  };
}
