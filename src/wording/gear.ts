import type { FitReason } from '@/core/securement/rope-fit';
import type { DueState, InspectionDue } from '@/core/gear/due';
import type { Happening, Inspection } from '@/core/gear/events';
import type { Gear, GearItem, GearKind } from '@/core/gear/schema';
import { sizeOf } from '@/core/gear/vocabulary';
import type { GearState, GearStateId } from '@/core/gear/history';
import { checkOf } from '@/core/inspection/checks';
import type { Outcome, OutcomeReason } from '@/core/inspection/outcome';
import type { JoinReason } from '@/core/cutting/joining';
import { VERDICT_WORDS } from './verdicts';
import { ROPE_MATERIALS } from '@/core/rope/materials';
import { fieldText, formatQuantity, UNIT_CHOICES, type UnitChoice } from '@/core/units';

export const KIND_WORDS: Record<GearKind, string> = {
  rope: 'rope',
  webbing: 'webbing',
  chain: 'chain',
  wire: 'wire rope',
  hardware: 'fitting',
};
const STATE_WORDS: Record<GearStateId, string> = {
  'in-service': 'in service',
  'set-aside': 'set aside',
  retired: 'retired',
};
export const DUE_WORDS: Record<DueState, string> = {
  overdue: 'overdue',
  soon: 'due soon',
  later: 'next',
  never: 'not inspected any more',
};
export const OUTCOME_WORDS: Record<Outcome, string> = {
  pass: 'PASS',
  downgrade: 'DOWNGRADE',
  isolate: 'SET ASIDE',
  retire: 'RETIRE',
};

/** What an outcome means, in a sentence. */
export const OUTCOME_SAYS: Record<Outcome, string> = {
  pass: 'It goes back where it hangs, as it was.',
  downgrade: 'It goes on, counting less from now on.',
  isolate:
    'Nothing may hang on it until the damage is cut out, or isolated in a loop on a temporary line.',
  retire: 'It is never loaded again. Cut it up so that nobody picks it up.',
};

/** A nominal size: three figures at most, so that 3/8 in reads 9.53 mm. */
const nominal = (sizeM: number, units: UnitChoice): string =>
  units.size === 'mm'
    ? `${fieldText(Number(sizeM.toPrecision(3)), 'mm')} mm`
    : `${inches(sizeM)} in`;

const SIXTEENTHS = 16;
/** Inches as they are said: 3/8, 1 1/2; as a decimal when they are no sixteenths. */
function inches(sizeM: number): string {
  const sixteenths = (sizeM / 0.0254) * SIXTEENTHS;
  const whole = Math.round(sixteenths);
  if (Math.abs(sixteenths - whole) > 0.2 || whole === 0)
    return fieldText(Number((sizeM / 0.0254).toPrecision(3)) * 0.0254, 'in');
  let [over, under] = [whole % SIXTEENTHS, SIXTEENTHS];
  while (over > 0 && over % 2 === 0) {
    over /= 2;
    under /= 2;
  }
  const units = Math.floor(whole / SIXTEENTHS);
  return [units > 0 ? String(units) : '', over > 0 ? `${over}/${under}` : '']
    .filter(Boolean)
    .join(' ');
}

/** What a thing is, in a few words: "12 mm polyester three-strand", "3/8 in chain, grade 70". */
export function wordItem(item: GearItem, units: UnitChoice): string {
  const size = sizeOf(item);
  const sized = size === null ? '' : `${nominal(size, units)} `;
  switch (item.kind) {
    case 'rope':
      return item.material === 'paracord'
        ? '550 cord'
        : `${sized}${ROPE_MATERIALS[item.material].name}`;
    case 'webbing':
      return `${sized}webbing`;
    case 'chain':
      return `${sized}chain, ${item.grade === 'unmarked' ? 'unmarked' : `grade ${item.grade}`}`;
    case 'wire':
      return `${sized}wire rope`;
    case 'hardware':
      return `${sized}${item.form}`;
  }
}

/** What stands on a printed tag under the code. */
export function tagLines(gear: Gear, system: 'metric' | 'us'): string[] {
  const units = UNIT_CHOICES[system];
  const force = (n: number): string => formatQuantity(n, 'force', units, 'capacity');
  const { item, lengthM } = gear;
  return [
    wordItem(item, units),
    ...(lengthM === null ? [] : [formatQuantity(lengthM, 'length', units)]),
    item.markedWllN !== null
      ? `WLL ${force(item.markedWllN)}`
      : item.mbsN !== null
        ? `MBS ${force(item.mbsN)}`
        : 'no strength on the label',
  ];
}

const DAY = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A day as people say it: 3 Nov 2026. */
export const wordDay = (day: string): string => DAY.format(new Date(`${day}T00:00:00Z`));

/** Why an inspection is due when it is. */
export function wordDue(due: InspectionDue): string {
  switch (due.because) {
    case 'retired':
      return 'Retired: not inspected any more.';
    case 'never-inspected':
      return 'Never inspected on record: due now.';
    case 'incident':
      return 'Something happened to it since the last inspection: due now.';
    case 'interval':
      return `Last inspected ${wordDay(due.from!)}; every ${due.months === 1 ? 'month' : `${due.months} months`}.`;
  }
}

const FIT: {
  readonly [C in FitReason['code']]: (
    r: Extract<FitReason, { code: C }>,
    units: UnitChoice,
  ) => string;
} = {
  retired: () => 'retired',
  damaged: () => 'damaged, set aside',
  overdue: () => 'inspection overdue',
  suspect: () => 'something happened to it: inspect first',
  'no-strength': () => 'no strength on the label and none in a table',
  'history-unknown': () => 'history unknown: counts as doubtful',
  'too-short': (r, u) => `${formatQuantity(r.byM, 'length', u, 'demand')} too short`,
  'long-enough': (r, u) => `long enough, ${formatQuantity(r.spareM, 'length', u, 'capacity')} over`,
  'too-weak': (r, u) =>
    `the line carries ${formatQuantity(r.wllN, 'force', u, 'capacity')} with it, and is hauled to ${formatQuantity(r.wantedN, 'force', u, 'demand')}`,
  'strong-enough': (r, u) =>
    `the line carries ${formatQuantity(r.wllN, 'force', u, 'capacity')} with it`,
  'plan-worse': (r) => `the plan is ${VERDICT_WORDS[r.verdict]} with it`,
  price: (r) => `${r.pricePerM} a metre`,
};

/** One reason for or against a rope. */
export function wordFit<C extends FitReason['code']>(
  reason: Extract<FitReason, { code: C }>,
  units: UnitChoice,
): string {
  return (FIT[reason.code] as (r: FitReason, u: UnitChoice) => string)(reason, units);
}

export const JOIN_WORDS: Record<JoinReason, string> = {
  slick: 'slick fibre: only knots with many turns hold',
  unequal: 'ropes of unequal thickness: the bight in the thicker',
  'thin-cord': 'thin cord of one thickness',
  alike: 'ropes alike: unties after any load',
};

/** What an inspection met, in a line. */
export function wordReason(reason: OutcomeReason, units: UnitChoice): string {
  const where =
    reason.found.atM === null ? '' : ` at ${formatQuantity(reason.found.atM, 'length', units)}`;
  const then = {
    note: 'nothing follows',
    downgrade: `counts as ${reason.then.does === 'downgrade' ? reason.then.to : ''}`,
    isolate: 'that place may carry nothing',
    retire: 'retire it',
  }[reason.then.does];
  return `${reason.name}${where}: ${reason.extent}. ${then[0]!.toUpperCase()}${then.slice(1)}.`;
}

/** What happened, in a line of the history. */
export function wordHappening(h: Happening, units: UnitChoice): string {
  const length = (m: number): string => formatQuantity(m, 'length', units);
  switch (h.kind) {
    case 'entered':
      return `Entered as ${h.condition}${h.remainingM === null ? '' : `, ${length(h.remainingM)} long`}${h.lastInspectedOn ? `, inspected ${wordDay(h.lastInspectedOn)}` : ''}${h.retired ? ', retired' : ''}`;
    case 'inspected':
      return `Inspected: ${OUTCOME_WORDS[h.decided]}${h.condition ? `, counts as ${h.condition}` : ''}${h.found.length > 0 ? '' : ', nothing found'}${h.reason ? `. ${h.reason}` : ''}`;
    case 'cut':
      return `Cut: ${h.pieces.map((p) => `${length(p.lengthM)}${p.what ? ` ${p.what}` : ''}`).join(', ') || 'nothing kept'}${h.scrapM > 0 ? `, ${length(h.scrapM)} thrown away` : ''}${h.damageGone ? ', the damage with it' : ''}`;
    case 'moved':
      return `Moved to ${h.place}`;
    case 'incident':
      return `Happened: ${h.what}`;
    case 'retired':
      return `Retired: ${h.reason}`;
  }
}

/** What an inspection found, thing by thing. */
export function wordFindings(
  kind: GearKind,
  found: Inspection['found'],
  units: UnitChoice,
): string[] {
  return found.map((f) => {
    const check = checkOf(kind, f.check);
    const extent = check?.extents.find((e) => e.id === f.extent)?.name ?? f.extent;
    return `${check?.name ?? f.check}${f.atM === null ? '' : ` at ${formatQuantity(f.atM, 'length', units)}`}: ${extent}`;
  });
}

/** How a thing stands, in a word or two: condition for what is in service, else the state. */
export const wordStanding = (s: Pick<GearState, 'state' | 'condition'>): string =>
  s.state === 'in-service' ? s.condition : STATE_WORDS[s.state];
