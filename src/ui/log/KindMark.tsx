import type { LogKind } from '@/core/log/vocabulary';

/** What kind of entry it is, as a drawing beside its word: one path each. */
const MARKS: Record<LogKind, string> = {
  /** A line over a box. */
  securement: 'M2 19h24M7 19v-8h14v8M2 19 8 7h12l6 12',
  /** A line with a tick at it. */
  check: 'M2 16h6M20 16h6M9 12l4 5 7-11',
  /** A rope that is pulled on. */
  're-tension': 'M2 12h19M16 6l6 6-6 6M5 8v8M9 8v8',
  /** A line that has parted. */
  incident: 'M2 15c4 0 6-4 9-4M17 13c3 0 5 3 9 3M11 11l2-4M11 11l3 1M17 13l-2 4M17 13l-3-1',
  /** A coil. */
  'rope-event': 'M5 12a9 6.5 0 1 0 18 0 9 6.5 0 1 0-18 0M9.5 12a4.5 3 0 1 0 9 0 4.5 3 0 1 0-9 0',
  /** Written lines. */
  note: 'M4 7h20M4 12h20M4 17h11',
  /** A line struck out, and one below it. */
  correction: 'M4 8h20M9 4l10 8M4 18h20',
};

/** The drawing of a kind of entry; its word stands beside it. */
export const KindMark = ({ of }: { of: LogKind }) => (
  <svg
    width="28"
    height="24"
    viewBox="0 0 28 24"
    aria-hidden
    fill="none"
    stroke={of === 'incident' ? 'var(--signal)' : 'currentColor'}
    strokeWidth="2"
  >
    <path d={MARKS[of]} />
  </svg>
);
