import type { EntryId } from '@/core/knot/entry-ids';
import type { Written } from '@/core/log/schema';
import type { Cause, IncidentGrade } from '@/core/log/vocabulary';

/** What somebody writes down, as the form asks for it. */
export const WRITTEN_KINDS = ['near-miss', 'incident', 'securement', 're-tension', 'note'] as const;
export type WrittenKind = (typeof WRITTEN_KINDS)[number];
export const WRITTEN_WORDS: Record<WrittenKind, string> = {
  'near-miss': 'Near miss',
  incident: 'Incident',
  securement: 'Load secured',
  're-tension': 'Hauled again',
  note: 'Note',
};

/** An entry while it is written; empty text: not said. */
export interface Draft {
  readonly kind: WrittenKind;
  readonly planId: string;
  readonly lineId: string;
  readonly gearId: string;
  readonly person: string;
  readonly cause: Cause;
  readonly knot: '' | EntryId;
  readonly hurt: boolean;
  readonly beforeN: number | null;
  readonly afterN: number | null;
  readonly words: string;
}

export const EMPTY_DRAFT: Draft = {
  kind: 'near-miss',
  planId: '',
  lineId: '',
  gearId: '',
  person: '',
  cause: 'not-known',
  knot: '',
  hurt: false,
  beforeN: null,
  afterN: null,
  words: '',
};

const orNull = (text: string): string | null => text || null;
const orNone = (text: string): string[] => (text ? [text] : []);

/** What is missing before it can be written down; null: nothing. */
export function missing(d: Draft): string | null {
  const ofLoad = d.kind === 'securement' || d.kind === 're-tension';
  if (ofLoad && !d.planId) return 'Say which load.';
  if (d.kind === 're-tension' && !d.lineId) return 'Say which line.';
  if (!ofLoad && d.words.trim() === '') return 'Say what it was.';
  return null;
}

/** The entry that a draft is. `planVersion`: the version that was secured. */
export function writtenOf(d: Draft, planVersion: number): Written {
  const { planId, lineId, words } = d;
  switch (d.kind) {
    case 'securement':
      return { kind: 'securement', planId, planVersion, people: orNone(d.person), note: words };
    case 're-tension':
      return {
        kind: 're-tension',
        planId,
        lineId,
        beforeN: d.beforeN,
        afterN: d.afterN,
        note: words,
      };
    case 'note':
      return { kind: 'note', what: words, planId: orNull(planId), gearIds: orNone(d.gearId) };
    default:
      return {
        kind: 'incident',
        grade: d.kind satisfies IncidentGrade,
        cause: d.cause,
        knot: d.knot || null,
        hurt: d.hurt,
        what: words,
        planId: orNull(planId),
        lineId: planId ? orNull(lineId) : null,
        gearIds: orNone(d.gearId),
      };
  }
}

/** The draft that an entry was, to be corrected. */
export function draftOf(entry: Written): Draft {
  const planId = entry.planId ?? '';
  switch (entry.kind) {
    case 'securement':
      return {
        ...EMPTY_DRAFT,
        kind: 'securement',
        planId,
        person: entry.people[0] ?? '',
        words: entry.note,
      };
    case 're-tension':
      return {
        ...EMPTY_DRAFT,
        kind: 're-tension',
        planId,
        lineId: entry.lineId,
        beforeN: entry.beforeN,
        afterN: entry.afterN,
        words: entry.note,
      };
    case 'note':
      return {
        ...EMPTY_DRAFT,
        kind: 'note',
        planId,
        gearId: entry.gearIds[0] ?? '',
        words: entry.what,
      };
    case 'incident':
      return {
        ...EMPTY_DRAFT,
        kind: entry.grade,
        planId,
        lineId: entry.lineId ?? '',
        gearId: entry.gearIds[0] ?? '',
        cause: entry.cause,
        knot: entry.knot ?? '',
        hurt: entry.hurt,
        words: entry.what,
      };
  }
}
