/**
 * The line protocol of an in-line load cell: text, one reading a line, five fields parted by single spaces.
 *
 *     <sequence> <milliseconds> <newtons> <state> <check>
 *     812 81200 843.2 ok 07
 *
 * `sequence` counts up by one; `milliseconds` since the cell was switched on; `newtons` with at most three decimals,
 * negative when the cell is pushed; `state` is `ok`, `over` (beyond what the cell may take) or `low-battery`; `check` is the
 * exclusive or of all bytes before its space, two hex digits. Whoever reads drops what does not check, and goes on.
 */
export interface MeterReading {
  readonly sequence: number;
  readonly atMs: number;
  readonly tensionN: number;
  readonly state: MeterState;
}
export const METER_STATES = ['ok', 'over', 'low-battery'] as const;
export type MeterState = (typeof METER_STATES)[number];

/** What cannot be a tension of a rope: no cell reads it, so the line is damaged or the cell is not for this work. */
export const MOST_READABLE_N = 1_000_000;

/** The check of a line's first four fields. */
export function checkOf(text: string): string {
  let sum = 0;
  for (let i = 0; i < text.length; i++) sum ^= text.charCodeAt(i) & 0xff;
  return sum.toString(16).padStart(2, '0');
}

/** A reading as its line, without the line end. */
export function meterLine({ sequence, atMs, tensionN, state }: MeterReading): string {
  const text = `${sequence} ${Math.round(atMs)} ${tensionN.toFixed(1)} ${state}`;
  return `${text} ${checkOf(text)}`;
}

/** Why a line is no reading. */
export type LineFault = 'garbage' | 'check' | 'out-of-range';

const LINE =
  /^(\d{1,12}) (\d{1,15}) (-?\d{1,12}(?:\.\d{1,3})?) (ok|over|low-battery) ([0-9a-f]{2})$/;

/** Reads one line. Never throws: a damaged line says what is wrong with it. */
export function readLine(line: string): MeterReading | LineFault {
  const match = LINE.exec(line);
  if (!match) return 'garbage';
  const [, sequence, atMs, newtons, state, check] = match;
  if (checkOf(line.slice(0, line.lastIndexOf(' '))) !== check) return 'check';
  const tensionN = Number(newtons);
  if (Math.abs(tensionN) > MOST_READABLE_N) return 'out-of-range';
  return { sequence: Number(sequence), atMs: Number(atMs), tensionN, state: state as MeterState };
}
