/** What it was done under, easy to hard. The order: common practice, no source. */
export const DONE_UNDER = {
  'on-a-bar': 'on a bar, in calm',
  'on-the-thing': 'on the thing itself',
  gloves: 'in gloves',
  'other-hand': 'with the other hand',
  'behind-back': 'behind the back',
  dark: 'in the dark',
  'stiff-rope': 'in stiff or slick rope',
  wet: 'in wet rope',
  'under-load': 'on a live line',
} as const;
export type DoneUnder = keyof typeof DONE_UNDER;
export const DONE_UNDER_IDS = Object.keys(DONE_UNDER) as [DoneUnder, ...DoneUnder[]];

/** Three clean times running; proposed default, no source. */
export const LEAST_TIMES = 3;
