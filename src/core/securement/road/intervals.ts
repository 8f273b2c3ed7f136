import type { RuleSetId } from '../rule-set-ids';

/** After what a check is due, whichever comes first. */
export interface CheckInterval {
  /** The first one after driving off: metres driven, and the time that is taken for them where nobody measures. */
  readonly firstM: number | null;
  readonly firstS: number;
  /** Every further one. */
  readonly thenM: number | null;
  readonly thenS: number;
  readonly atChangeOfDuty: boolean;
  readonly source: string;
}

const MILE_M = 1609.344;
/** A truck on the road makes hardly more in an hour. Common practice, no source. */
const MILES_AN_HOUR = 50;
const HOUR_S = 3600;

/** 49 CFR 392.9(b): within the first 50 miles, then at every change of duty, 3 hours or 150 miles, whichever is first. From memory. */
const US: CheckInterval = {
  firstM: 50 * MILE_M,
  firstS: (50 / MILES_AN_HOUR) * HOUR_S,
  thenM: 150 * MILE_M,
  thenS: 3 * HOUR_S,
  atChangeOfDuty: true,
  source: '49 CFR 392.9(b)',
};

/** The load settles first: the first check comes sooner, wherever the crew's interval is longer. Common practice, no source. */
const FIRST_MINUTES = 60;

const ofCrew = (minutes: number): CheckInterval => ({
  firstM: null,
  firstS: Math.min(minutes, FIRST_MINUTES) * 60,
  thenM: null,
  thenS: minutes * 60,
  atChangeOfDuty: false,
  source: 'your crew’s interval',
});

/** How often lines are looked at on the road; null: nothing is driven. */
export function checkInterval(ruleSet: RuleSetId, crewMinutes: number): CheckInterval | null {
  if (ruleSet === 'site') return null;
  return ruleSet === 'us-cmv' || ruleSet === 'us-light' ? US : ofCrew(crewMinutes);
}
