import { type LineFault, type MeterReading, readLine } from './reading';

/** Readings kept for the trace: a minute at ten a second. What is older goes, so that a day of readings takes no more room. */
export const MOST_KEPT = 600;

/** What is known of a meter: the latest reading, a trace, and everything that went wrong, counted. */
export interface MeterLog {
  readonly latest: MeterReading | null;
  readonly trace: readonly MeterReading[];
  readonly peakN: number | null;
  readonly read: number;
  readonly faults: Readonly<Record<LineFault, number>>;
  /** Readings that never came, by their sequence. */
  readonly missed: number;
}

export const EMPTY_LOG: MeterLog = {
  latest: null,
  trace: [],
  peakN: null,
  read: 0,
  faults: { garbage: 0, check: 0, 'out-of-range': 0 },
  missed: 0,
};

function withReading(log: MeterLog, reading: MeterReading): MeterLog {
  // A cell that was switched on again counts from the start: nothing was missed.
  const gap =
    log.latest && reading.sequence > log.latest.sequence
      ? reading.sequence - log.latest.sequence - 1
      : 0;
  return {
    ...log,
    latest: reading,
    trace: [...log.trace.slice(-(MOST_KEPT - 1)), reading],
    read: log.read + 1,
    missed: log.missed + gap,
    peakN: Math.max(log.peakN ?? -Infinity, reading.tensionN),
  };
}

/** The log after some lines more. Damaged lines are counted and dropped; blank ones are nothing. */
export function withLines(log: MeterLog, lines: readonly string[]): MeterLog {
  return lines.reduce((now, line) => {
    if (line.trim() === '') return now;
    const read = readLine(line);
    return typeof read === 'string'
      ? { ...now, faults: { ...now.faults, [read]: now.faults[read] + 1 } }
      : withReading(now, read);
  }, log);
}

/** Longest line that is waited for: what goes on longer without an end is no reading. */
const MOST_LINE = 200;

/** Cuts a stream of text into lines. Keeps the unfinished rest, but never more than a line's worth of it. */
export class LineCutter {
  private rest = '';

  push(text: string): string[] {
    const parts = (this.rest + text).split(/\r?\n/);
    this.rest = parts.pop()!.slice(-MOST_LINE);
    return parts;
  }
}
