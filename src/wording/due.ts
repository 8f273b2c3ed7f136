import { minutesLeft } from '@/core/securement/road/minutes';

/** So much time, as short as it can be said; never more than there is. */
function wordMinutes(minutes: number): string {
  const whole = Math.abs(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}

/** When a check is due: "check due in 12 min", "check overdue by 5 min". */
export function wordDue(dueAt: string, now: Date): string {
  const left = minutesLeft(dueAt, now);
  return left < 0 ? `check overdue by ${wordMinutes(-left)}` : `check due in ${wordMinutes(left)}`;
}
