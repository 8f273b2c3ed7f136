import { CATALOGUE } from '../catalogue';
import { formFor, needsOf } from '../catalogue/by-form';
import type { Entry, Purpose, TiedForm } from '../catalogue/entry';
import { knotEfficiency, UNPUBLISHED_EFFICIENCY } from '../efficiency';
import type { Holding } from '../holding';
import { ROPE_MATERIALS, type RopeMaterialId, SLICK_KNOT_CAP } from '../../rope/materials';
import type { Condition, Situation } from './situation';
import { SUITS } from './suits';

/** What a knot has to say to a condition: that it suits, that it wants care, or that it is out; and why. */
export interface Reason {
  readonly condition: Condition;
  readonly says: 'suits' | 'care' | 'out';
  /** From which of its properties: the entry's *not for*, how it holds, how it unties, and so on. */
  readonly because:
    'not for' | 'holds' | 'unties' | 'comes off' | 'gloves' | 'end' | 'thickness' | 'slick thing';
  /** What mends it. */
  readonly unless?: string;
}

/** A knot for a situation, in the form that suits it. */
export interface Choice {
  readonly entry: Entry;
  readonly form: TiedForm;
  readonly reasons: readonly Reason[];
  /** Part of breaking strength it leaves, the lowest school. */
  readonly efficiency: number;
  /** Whether any school has published one. */
  readonly published: boolean;
}

/** Knots for a situation, best first; and those for the job that are out, with the reason. */
export interface Which {
  readonly suits: readonly Choice[];
  readonly out: readonly Choice[];
}

const HOLDING: Record<Holding, Reason['says']> = { yes: 'suits', 'with care': 'care', no: 'out' };
const HELD = {
  'goes-slack': 'slack',
  wet: 'wet',
  stiff: 'stiff',
  'slick-rope': 'slick',
} as const;

/** Purposes that pick a form. */
const PURPOSE_OF: Partial<Record<Condition, Purpose>> = {
  'off-under-load': 'off-under-load',
  unequal: 'unequal-ropes',
};

/** The form that can be tied: without an end where there is none; one that comes off where it must. */
function formOf(entry: Entry, conditions: readonly Condition[]): TiedForm | null {
  const forms: readonly TiedForm[] = entry.forms;
  const noEnd = conditions.includes('no-end');
  const may = forms.filter((f) => !noEnd || needsOf(entry, f) === 'a bight');
  const asked = conditions.map((c) => PURPOSE_OF[c]).filter((p) => p !== undefined);
  const served = asked.map((p) => formFor(entry, p)).find((f) => may.includes(f));
  return served ?? may[0] ?? null;
}

/** What an entry has to say to one condition by its own properties, its *not for* left aside. */
function ownReason(entry: Entry, form: TiedForm, condition: Condition): Omit<Reason, 'condition'> {
  switch (condition) {
    case 'goes-slack':
    case 'wet':
    case 'stiff':
    case 'slick-rope':
      return { says: HOLDING[(form.holds ?? entry.holds)[HELD[condition]]], because: 'holds' };
    case 'off-under-load':
      return {
        says: entry.purposes.includes('off-under-load') ? 'suits' : 'out',
        because: 'comes off',
      };
    case 'gloves':
      return { says: entry.gloves ? 'suits' : 'care', because: 'gloves' };
    case 'unequal':
      return {
        says: entry.family !== 'bend' || entry.purposes.includes('unequal-ropes') ? 'suits' : 'out',
        because: 'thickness',
      };
    case 'slick-thing':
      return {
        says: entry.purposes.includes('slick-pole') ? 'suits' : 'care',
        because: 'slick thing',
      };
    case 'untie':
      return {
        says: (['out', 'care', 'suits'] as const)[entry.easy.untie - 1]!,
        because: 'unties',
      };
    case 'no-end':
      return { says: 'suits', because: 'end' };
  }
}

const WORSE: Record<Reason['says'], number> = { suits: 0, care: 1, out: 2 };

/** The same with the *not for*: out, or with care where something mends it; the worse of the two counts. */
function reasonFor(entry: Entry, form: TiedForm, condition: Condition): Reason {
  const own = { condition, ...ownReason(entry, form, condition) };
  const unless = SUITS[entry.id].notFor?.[condition];
  if (unless === undefined) return own;
  const says = unless === null ? 'out' : 'care';
  // What mends it, mends how it unties or holds as well.
  if (unless !== null && own.says === 'out') return { ...own, says, unless };
  return WORSE[own.says] > WORSE[says]
    ? own
    : { condition, says, because: 'not for', ...(unless === null ? {} : { unless }) };
}

function choiceOf(entry: Entry, situation: Situation, material: RopeMaterialId): Choice {
  const { conditions } = situation;
  const form = formOf(entry, conditions);
  const tied = form ?? entry.forms[0];
  const reasons = conditions.map((c): Reason =>
    c === 'no-end' && !form
      ? { condition: c, says: 'out', because: 'end' }
      : reasonFor(entry, tied, c),
  );
  const strength = tied.strength === undefined ? entry.strength : tied.strength;
  const given = strength ? knotEfficiency(strength, 'lowest', material) : null;
  return {
    entry,
    form: tied,
    reasons,
    efficiency:
      given?.value ??
      (ROPE_MATERIALS[material].slick
        ? Math.min(SLICK_KNOT_CAP, UNPUBLISHED_EFFICIENCY)
        : UNPUBLISHED_EFFICIENCY),
    published: given !== null && given.source !== 'no published value',
  };
}

/** In how many ways of four it does not hold: in rope that goes slack, wet, stiff, slick. */
const doubts = ({ entry, form }: Choice): number =>
  Object.values(form.holds ?? entry.holds).filter((h) => h === 'no').length;

const count = (choice: Choice, says: Reason['says']): number =>
  choice.reasons.filter((r) => r.says === says).length;

/**
 * Knots for a situation: first those that need no care, then what holds in more kinds of rope, then what leaves more of the rope, then what unties and ties more
 * easily, then in the order they are taught. Every reason is computed from what the catalogue says of the knot.
 */
export function whichKnots(situation: Situation, material: RopeMaterialId): Which {
  const all = CATALOGUE.filter((e) => SUITS[e.id].jobs.includes(situation.job)).map((e) =>
    choiceOf(e, situation, material),
  );
  const isOut = (c: Choice): boolean => count(c, 'out') > 0;
  return {
    suits: all
      .filter((c) => !isOut(c))
      .toSorted(
        (a, b) =>
          count(a, 'care') - count(b, 'care') ||
          doubts(a) - doubts(b) ||
          b.efficiency - a.efficiency ||
          b.entry.easy.untie - a.entry.easy.untie ||
          b.entry.easy.tie - a.entry.easy.tie,
      ),
    out: all.filter(isOut),
  };
}
