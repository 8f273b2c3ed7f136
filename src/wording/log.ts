import { ENTRY_NAMES } from '@/core/knot/entry-names';
import { KNOT_IDS, knot } from '@/core/knot/knots';
import type { KeptBody, LogEntry } from '@/core/log/kept';
import type { Cause, IncidentGrade, LogKind } from '@/core/log/vocabulary';
import { ROPE_MATERIALS } from '@/core/rope/materials';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { wordHappening } from './gear';
import { OCCASION_WORDS, STATE_WORDS } from './road';
import { capital } from './text';
import { VERDICT_WORDS } from './verdicts';

export const LOG_KIND_WORDS: Record<LogKind, string> = {
  securement: 'Secured',
  check: 'Check',
  're-tension': 'Hauled again',
  incident: 'Incident',
  'rope-event': 'Rope',
  note: 'Note',
  correction: 'Correction',
};

export const GRADE_WORDS: Record<IncidentGrade, string> = {
  'near-miss': 'Near miss',
  incident: 'Incident',
};

export const CAUSE_WORDS: Record<Cause, string> = {
  'granny-or-thief': 'Granny or thief tied for a reef knot',
  'reef-as-bend': 'Reef knot used to join ropes',
  'bowline-wrong': 'Bowline: tail round the wrong leg, or loop crossed the wrong way',
  'half-hitches-wrong': 'Half hitches in opposite directions, or alone',
  'taut-line-reversed': 'Taut-line hitch with its last turn reversed',
  'slip-loop-wrong-side': 'Slip loop made from the wrong side: it closed or fell apart',
  'loop-near-anchor': 'Loop tied too near the anchor: tight before the line was',
  'overhand-loop-jammed': 'Overhand loop as trucker’s loop: jammed',
  'butterfly-undressed': 'Butterfly not dressed: jammed',
  'mule-hitch-wrong': 'Mule hitch: no twist, loop on the inside, or tied high',
  'sheepshank-wrong-leg': 'Sheepshank with the damage in an outer leg',
  'cleat-wrong': 'Cleat: lead too blunt, no full base turn, or locked under heavy pull',
  'toggle-loaded': 'Toggle hitch loaded on the toggle',
  'wll-for-breaking': 'Working load taken for breaking strength',
  'knot-not-counted': 'Knot not counted in the strength',
  'anchor-weaker': 'Anchor weaker than the line',
  'anchor-shared': 'Several lines on one anchor added up wrongly, or not at all',
  other: 'Something else',
  'not-known': 'Not known yet',
};

const MATERIALS: Readonly<Record<string, string>> = {
  webbing: 'webbing',
  chain: 'chain',
  wire: 'wire rope',
  none: 'nothing yet',
  ...Object.fromEntries(Object.entries(ROPE_MATERIALS).map(([id, m]) => [id, m.name])),
};
const LOCKS: Readonly<Record<string, string>> = {
  ratchet: 'ratchet',
  binder: 'binder',
  none: 'no lock of its own',
  ...Object.fromEntries(KNOT_IDS.map((id) => [id, knot(id).name])),
};

/** What a line is made of, by the id that an entry keeps; one that is not known any more stands for itself. */
export const wordMaterial = (id: string): string => MATERIALS[id] ?? id;
/** What keeps the tension in it, likewise. */
export const wordLock = (id: string): string => LOCKS[id] ?? id;

type Named = Pick<LogEntry, 'facts'>;
const lineName = ({ facts }: Named, id: string | null): string =>
  facts.lines.find((l) => l.id === id)?.name ?? '';
const planName = ({ facts }: Named): string => facts.plan?.title ?? '';
const some = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;

function wordCheck(entry: Named, body: Extract<KeptBody, { kind: 'check' }>): string {
  const wrong = body.lines.filter((l) => l.state !== 'tight');
  const names = wrong.map(
    (l) => `${lineName(entry, l.lineId) || 'a line'} ${STATE_WORDS[l.state]}`,
  );
  const tight = body.lines.length - wrong.length;
  return capital(
    [
      OCCASION_WORDS[body.occasion],
      ...names,
      tight > 0 ? `${some(tight, 'line', 'lines')} tight` : '',
      body.notes,
    ]
      .filter(Boolean)
      .join('; '),
  );
}

function wordReadings(
  { beforeN, afterN }: { readonly beforeN: number | null; readonly afterN: number | null },
  units: UnitChoice,
): string {
  const read = (n: number): string => formatQuantity(n, 'force', units);
  if (beforeN !== null && afterN !== null) return `from ${read(beforeN)} to ${read(afterN)}`;
  if (afterN !== null) return `to ${read(afterN)}`;
  return beforeN === null ? 'not measured' : `was at ${read(beforeN)}`;
}

function wordIncident({
  cause,
  knot: id,
  what,
  hurt,
}: Extract<KeptBody, { kind: 'incident' }>): string {
  const of = id ? ` (${ENTRY_NAMES[id]})` : '';
  const known = cause === 'other' || cause === 'not-known' ? '' : `${CAUSE_WORDS[cause]}${of}. `;
  const unknown = cause === 'not-known' ? ` Cause not known yet${of}.` : '';
  return `${known}${what}${unknown}${hurt ? ' Somebody was hurt.' : ''}`;
}

/** What an entry says, in a line or two; null body: another program wrote it. */
export function wordEntry(entry: Pick<LogEntry, 'body' | 'facts'>, units: UnitChoice): string {
  const { body, facts } = entry;
  if (body === null) return 'A later program wrote this; open it there.';
  switch (body.kind) {
    case 'securement': {
      const { frozen, people } = facts;
      const figures = frozen
        ? `${VERDICT_WORDS[frozen.verdict]} with ${some(frozen.lines.length, 'line', 'lines')}`
        : '';
      const who = people.length > 0 ? `with ${people.map((p) => p.name).join(', ')}` : '';
      return [figures, who, body.note].filter(Boolean).join('. ');
    }
    case 'check':
      return wordCheck(entry, body);
    case 're-tension':
      return [
        `${lineName(entry, body.lineId) || 'A line'}, ${wordReadings(body, units)}`,
        body.note,
      ]
        .filter(Boolean)
        .join('. ');
    case 'incident':
      return wordIncident(body);
    case 'rope-event':
      return body.happened.kind === 'corrected'
        ? `Corrected: ${body.happened.reason}`
        : capital(wordHappening(body.happened, units));
    case 'note':
      return body.what;
    case 'correction':
      return body.instead === null
        ? `Never happened: ${body.reason}`
        : `${body.reason}. Instead: ${wordEntry({ body: body.instead, facts }, units)}`;
  }
}

/** What an entry is about, in its heading. */
export function entryTitle(entry: Pick<LogEntry, 'body' | 'facts' | 'kind'>): string {
  const { body, facts } = entry;
  const plan = planName(entry);
  const gear = facts.gear.map((g) => g.code).join(', ');
  const kind = body?.kind === 'incident' ? GRADE_WORDS[body.grade] : LOG_KIND_WORDS[entry.kind];
  const about = entry.kind === 'rope-event' ? gear : plan || gear;
  return about ? `${kind}: ${about}` : kind;
}
