import { entryOf } from '@/core/knot/catalogue';
import { type Job, JOBS } from '@/core/knot/which/situation';
import { type Ask, type DrillId, type FormAsk, partsOf } from '@/core/training/schedule/drill-ids';
import type { Question, ReckoningId } from '@/core/training/reckoning/kinds';
import type { SlipCode } from '@/core/training/reckoning/reckoning';
import type { CourseId } from '@/core/training/standing/courses';
import { formOfSkill, type SkillId } from '@/core/training/standing/skills';
import type { Governs } from '@/core/training/governing/governing';
import type { Reading } from '@/core/training/reading/reading';
import { type Dimension, type UnitChoice, unitFor, UNITS } from '@/core/units';
import { GOVERNS_WORDS } from './governing';
import { inspectedTitle } from './inspecting';
import { READING_WORDS } from './reading';

/** What each kind of question practises. */
export const RECKONING_TITLES: Record<ReckoningId, string> = {
  'rope-line': 'What a line may carry',
  hauling: 'What a hand really pulls',
  'turned-line': 'What a ring bears',
  'held-by-turns': 'What turns hold',
  'kept-pull': 'What is left after tying off',
  'loop-height': 'Where to tie the loop',
  'loaded-span': 'A load on a span',
  'least-sag': 'How flat it may be',
  'tie-down-sum': 'Which straps count',
};

/** What was done instead, and what is right. */
export const SLIP_WORDS: Record<SlipCode, string> = {
  'breaking-as-working':
    'That is the breaking strength. Nothing may be worked near it: divide by the design factor.',
  'not-doubled': 'A tenth, but not doubled: a design factor of 5 is a tenth, twice.',
  'knot-forgotten': 'The knot is left out: the rope is weakest there.',
  'not-divided': 'The knot is counted, but the design factor is not: that is where it breaks.',
  'loss-kept': 'That is the part the knot takes. What it leaves is asked for.',
  'percent-subtracted': 'Per cent were taken off as pounds. They are a part of the strength.',
  'knots-multiplied':
    'Two knots were multiplied. They lie at different places: the weaker one governs alone.',
  'wet-forgotten': 'The rope is wet, and nylon loses by it.',
  'fitting-forgotten': 'The ring in the same line is weaker: the least of all governs.',
  'fitting-divided':
    'The ring’s working load limit was divided again. Its factor is in it already.',
  frictionless: 'That is without friction. Every turn of rope keeps a part of the pull.',
  'angle-ignored': 'Reckoned as if the hand pulled toward the anchor. It pulls square to the line.',
  'one-strand': 'One strand was counted. The ring bears both, turned toward each other.',
  'load-halved':
    'Half the load would be right for a line that hangs straight down. A flat one bears far more.',
  'not-halved': 'The load was taken whole on each side. Each side of the line bears half of it.',
  'half-as-full': 'Counted in full. From the vehicle to the cargo a strap counts half.',
  'full-as-half':
    'Counted half. Over the cargo to the other side of the vehicle it counts in full.',
  'turns-as-radians': 'Turns were taken for radians. One turn is 2π.',
  'stretch-only':
    'That is the stretch alone. Slack, the knots drawing up and a hand’s width come to it.',
  'tie-off-forgotten':
    'Letting go is left out: when the hand’s strand is gone the loop moves back.',
  'settling-forgotten': 'Settling is left out: a part goes in the first hour.',
  'dan-as-kgf': 'Decanewton and kilogram-force are not the same: 1 kgf is 0.98 daN.',
};

/** Figures of a question carry a digit more than answers need, so that what is reckoned from them is right. */
const FIGURES = new Intl.NumberFormat('en', { maximumSignificantDigits: 4 });

function figure(value: number, dimension: Dimension, units: UnitChoice, small = false): string {
  const unit = unitFor(dimension, units, small);
  return `${FIGURES.format(value / UNITS[unit].si)}\u00a0${unit}`;
}

const percent = (part: number): string => `${FIGURES.format(part * 100)}\u00a0%`;

const HAULED: Record<string, string> = {
  single: 'A trucker’s hitch',
  'reeved-twice': 'A trucker’s hitch led twice through the same loop and anchor',
  'second-loop': 'A trucker’s hitch with a second loop in the hauling part',
};

/** The question in words, its figures in the units of who is asked. */
export function askOf(question: Question, units: UnitChoice): string {
  const force = (n: number): string => figure(n, 'force', units);
  const length = (m: number, small = false): string => figure(m, 'length', units, small);
  switch (question.kind) {
    case 'rope-line': {
      const { breakingN, divisor, knots, wet, fittingN } = question.facts;
      return [
        `A new braided nylon rope breaks at ${force(breakingN)}${wet ? ' dry, and it is wet' : ''}. Design factor ${divisor}.`,
        ...(knots.length === 1 ? [`Its knot leaves ${percent(knots[0]!)}.`] : []),
        ...(knots.length > 1
          ? [
              `At one end a knot that leaves ${percent(knots[0]!)}, at the other one that leaves ${percent(knots[1]!)}.`,
            ]
          : []),
        ...(fittingN === null ? [] : [`The ring is marked WLL ${force(fittingN)}.`]),
        'What may the line carry?',
      ].join(' ');
    }
    case 'hauling': {
      const { handN, form, loopEfficiency, anchorEfficiency, square } = question.facts;
      return `${HAULED[form]}; the loop lets ${percent(loopEfficiency)} through, the anchor ${percent(anchorEfficiency)}. The hand pulls ${force(handN)} ${square ? 'square to the line' : 'toward the anchor'}. What does the load line get while hauling?`;
    }
    case 'turned-line': {
      const { tensionN, turnRad } = question.facts;
      return `A ring turns a line by ${Math.round((turnRad * 180) / Math.PI)}°. The line is tight at ${force(tensionN)}. What does the ring bear?`;
    }
    case 'held-by-turns': {
      const { loadN, turns, friction } = question.facts;
      return `A line loaded with ${force(loadN)} goes ${turns} full ${turns === 1 ? 'turn' : 'turns'} round a post; friction μ ${friction}. What must the tail hold?`;
    }
    case 'kept-pull': {
      const f = question.facts;
      return `A trucker’s hitch is hauled to ${force(f.hauledN)} by a hand that pulls ${force(f.handN)}. Load line ${length(f.loadLengthM)}, loop to anchor ${length(f.shortLengthM)}, stiffness of the rope ${force(f.stiffnessN)}; ${length(f.slipM, true)} of tail slip in while the lock sets, and ${percent(f.settling)} settle on the way. What is left?`;
    }
    case 'loop-height': {
      const f = question.facts;
      return `A line of ${length(f.lengthM)} hangs ${length(f.sagM)} slack; it is to be hauled to ${force(f.tensionN)}, stiffness of the rope ${force(f.stiffnessN)}. Knots draw up ${length(0.03, true)}, a hand is ${length(0.1, true)} wide. How far from the anchor must the loop be tied?`;
    }
    case 'loaded-span': {
      const { loadN, spanM, sagM } = question.facts;
      return `A load of ${force(loadN)} hangs in the middle of a level line over ${length(spanM)}; the sag there is ${length(sagM)}. What is the tension of the line?`;
    }
    case 'least-sag': {
      const { loadN, spanM, limitN } = question.facts;
      return `A load of ${force(loadN)} is to hang in the middle of a level line over ${length(spanM)}; the line may carry ${force(limitN)}. How much must it sag at least?`;
    }
    case 'tie-down-sum': {
      const { count, wllN, across } = question.facts;
      return `US commercial road: ${count} straps, WLL ${force(wllN)} each, ${across ? 'from the vehicle over the cargo to the vehicle’s other side' : 'from the vehicle to the cargo'}. What do they count together?`;
    }
  }
}

/** The manners of asking, as titles. */
export const ASK_TITLES: Record<Ask, string> = {
  name: 'Which knot is it?',
  look: 'Is it right?',
  order: 'Steps in order',
  choose: 'Which knot for it?',
  reckon: 'Reckoning',
  read: 'What is wrong with this deck?',
  govern: 'What governs here?',
  inspect: 'May this rope go on?',
};

const IN_FULL: Record<FormAsk, (knot: string) => string> = {
  name: (knot) => `${knot}: known by its looks`,
  look: (knot) => `${knot}: right or wrong`,
  order: (knot) => `${knot}: its steps`,
};

/** A form's name in a list: its knot's, and which way of several. */
function formTitle(name: string): string {
  const [entryId = '', formId] = name.split('/');
  const entry = entryOf(entryId);
  const form = entry?.forms.find((f) => f.id === formId);
  const way = entry && entry.forms.length > 1 && form ? ` (${form.name.toLowerCase()})` : '';
  return `${entry?.name ?? entryId}${way}`;
}

/** A drill's name in a list: what it is of, and what is asked. */
export function drillTitle(id: DrillId): string {
  const { ask, subject } = partsOf(id);
  if (ask === 'reckon') return RECKONING_TITLES[subject as ReckoningId];
  if (ask === 'read') return `Reading a deck: ${READING_WORDS[subject as Reading]}`;
  if (ask === 'govern') return `What governs: ${GOVERNS_WORDS[subject as Governs]}`;
  if (ask === 'inspect') return `Inspecting rope: ${inspectedTitle(subject)}`;
  if (ask === 'choose') return `A knot for ${JOBS[subject as Job]}`;
  return IN_FULL[ask](formTitle(subject));
}

/** Courses that ship. */
export const COURSE_TITLES: Record<CourseId, string> = {
  transport: 'Transport',
  stage: 'Stage',
  farm: 'Farm',
  trades: 'Trades',
};

/** A skill's name. */
export function skillTitle(id: SkillId): string {
  const form = formOfSkill(id);
  return form ? formTitle(form.name) : RECKONING_TITLES[id.split('/')[1] as ReckoningId];
}
