/** What an entry of the log is of. */
export const LOG_KINDS = [
  'securement',
  'check',
  're-tension',
  'incident',
  'rope-event',
  'note',
  'correction',
] as const;
export type LogKind = (typeof LOG_KINDS)[number];

/** It came to nothing, or it did not. */
export const INCIDENT_GRADES = ['near-miss', 'incident'] as const;
export type IncidentGrade = (typeof INCIDENT_GRADES)[number];

/** The mistakes that crews know, and what is none of them. Common practice, no source. */
export const CAUSES = [
  'granny-or-thief',
  'reef-as-bend',
  'bowline-wrong',
  'half-hitches-wrong',
  'taut-line-reversed',
  'slip-loop-wrong-side',
  'loop-near-anchor',
  'overhand-loop-jammed',
  'butterfly-undressed',
  'mule-hitch-wrong',
  'sheepshank-wrong-leg',
  'cleat-wrong',
  'toggle-loaded',
  'wll-for-breaking',
  'knot-not-counted',
  'anchor-weaker',
  'anchor-shared',
  'other',
  'not-known',
] as const;
export type Cause = (typeof CAUSES)[number];

/** Photos of one entry at most, and bytes of each as it is sent. */
export const MOST_PHOTOS = 4;
export const MOST_PHOTO_BYTES = 3_000_000;
