/** What is fastened to what, in trade words. */
export const JOBS = {
  rail: 'a line to a rail or a pole',
  post: 'a line to a thick post or a tree, 12 rope diameters or more',
  ring: 'a line to a ring or an eye',
  hook: 'a sling or a line to a hook',
  cleat: 'a line to a cleat',
  along: 'a line to a pole or pipe, pulling along it',
  log: 'a line to a log or a bundle, to drag it',
  'end-loop': 'a fixed loop at the end of a line',
  noose: 'a loop that closes on what it holds',
  'middle-loop': 'a loop in the middle of a line',
  join: 'two lines to each other',
  'join-loops': 'two slings or loops to each other',
  grip: 'a cord to another rope, to grip it',
  adjust: 'a line that is lengthened and shortened again',
  tighten: 'a line that is pulled hard and made fast',
  lower: 'a load that is lowered by hand',
  bind: 'something round a bundle, a sack or a hose',
  stop: 'nothing: the rope must not run through its hole',
  shorten: 'a line that is too long, or has a bad place',
} as const;
export type Job = keyof typeof JOBS;

/** What else must be so, or may happen. */
export const CONDITIONS = {
  'off-under-load': 'it must come off under load',
  'goes-slack': 'the line goes slack at times',
  wet: 'it gets wet',
  gloves: 'I tie in gloves',
  unequal: 'the lines are of unequal thickness',
  'no-end': 'I have no end at hand',
  'slick-thing': 'what I tie to is slick: pipe, metal',
  'slick-rope': 'the rope itself is slick',
  stiff: 'the rope is stiff',
  untie: 'it must untie again after load',
} as const;
export type Condition = keyof typeof CONDITIONS;

export interface Situation {
  readonly job: Job;
  readonly conditions: readonly Condition[];
}
