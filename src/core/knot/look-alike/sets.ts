/** A form of the catalogue as its files name it: `entry/form`, or `entry/wrong-form`. */
export type FormName = `${string}/${string}`;

/** What one looks at, with answers that are pictures. */
export interface Question {
  readonly ask: string;
  readonly answers: readonly [Answer, Answer, ...Answer[]];
}

/** An answer: what is seen, a form that shows it, and what follows. */
export interface Answer {
  readonly says: string;
  readonly shows: FormName;
  readonly then: Question | FormName;
}

/** Knots that are mistaken for each other, and the looks that tell them apart. */
export interface LookAlikes {
  readonly id: string;
  readonly name: string;
  readonly question: Question;
}

/**
 * The sets people mix up most. What is asked is what the entries' own checks say; which sets there are is common practice,
 * no source.
 */
export const LOOK_ALIKES: readonly LookAlikes[] = [
  {
    id: 'flat-joins',
    name: 'Two ends joined flat: reef, granny, thief',
    question: {
      ask: 'Take one rope. Where do its two strands leave the bight of the other rope?',
      answers: [
        {
          says: 'Both on the same side of the bight, both over it or both under it.',
          shows: 'reef/plain',
          then: {
            ask: 'Where are the two short ends?',
            answers: [
              {
                says: 'On the same side of the knot.',
                shows: 'reef/plain',
                then: 'reef/plain',
              },
              {
                says: 'On opposite sides, one above and one below.',
                shows: 'reef/wrong-thief',
                then: 'reef/wrong-thief',
              },
            ],
          },
        },
        {
          says: 'One over the bight, the other under it.',
          shows: 'reef/wrong-granny',
          then: 'reef/wrong-granny',
        },
      ],
    },
  },
  {
    id: 'sliding-hitches',
    name: 'A hitch that slides on its own line: the taut-line family',
    question: {
      ask: 'How many turns does the end make round the standing part inside the big loop?',
      answers: [
        {
          says: 'One: two hitches in all.',
          shows: 'taut-line-hitch/wrong-one-inside',
          then: 'taut-line-hitch/wrong-one-inside',
        },
        {
          says: 'Two, and one more hitch outside.',
          shows: 'taut-line-hitch/plain',
          then: {
            ask: 'Which way round does the hitch outside go?',
            answers: [
              {
                says: 'The same way as the two turns.',
                shows: 'taut-line-hitch/plain',
                then: {
                  ask: 'How do the two turns inside lie?',
                  answers: [
                    {
                      says: 'Side by side.',
                      shows: 'taut-line-hitch/plain',
                      then: 'taut-line-hitch/plain',
                    },
                    {
                      says: 'The second rides across the first.',
                      shows: 'taut-line-hitch/crossed',
                      then: 'taut-line-hitch/crossed',
                    },
                  ],
                },
              },
              {
                says: 'Back the other way.',
                shows: 'taut-line-hitch/reversed',
                then: 'taut-line-hitch/reversed',
              },
            ],
          },
        },
      ],
    },
  },
  {
    id: 'bowlines',
    name: 'A loop at an end that looks like a bowline',
    question: {
      ask: 'Round what does the end go before it comes back down the small loop?',
      answers: [
        {
          says: 'Round the standing part.',
          shows: 'bowline/facing-away',
          then: {
            ask: 'Pull the standing part against the loop. What does the small loop do?',
            answers: [
              {
                says: 'It closes on the two strands in it and grips.',
                shows: 'bowline/facing-away',
                then: {
                  ask: 'Where does the short end lie?',
                  answers: [
                    {
                      says: 'Inside the big loop.',
                      shows: 'bowline/facing-away',
                      then: 'bowline/facing-away',
                    },
                    {
                      says: 'Outside, beside the big loop.',
                      shows: 'bowline/tail-outside',
                      then: 'bowline/tail-outside',
                    },
                  ],
                },
              },
              {
                says: 'It rolls open: it was turned the wrong way, and the rope runs out.',
                shows: 'bowline/wrong-turned-wrong',
                then: 'bowline/wrong-turned-wrong',
              },
            ],
          },
        },
        {
          says: 'Round a leg of the big loop.',
          shows: 'bowline/anti',
          then: 'bowline/anti',
        },
      ],
    },
  },
  {
    id: 'middle-loops',
    name: 'A loop in the middle: butterfly and false butterfly',
    question: {
      ask: 'Look at the two parts that go round the legs of the loop, from both sides.',
      answers: [
        {
          says: 'Parallel on one side; they cross at the back only.',
          shows: 'alpine-butterfly/hand',
          then: 'alpine-butterfly/hand',
        },
        {
          says: 'They cross on this side and at the back.',
          shows: 'alpine-butterfly/wrong-false',
          then: {
            ask: 'Loosen it and lay the two parts side by side with the fingers.',
            answers: [
              {
                says: 'They go: it was only not dressed.',
                shows: 'alpine-butterfly/wrong-undressed',
                then: 'alpine-butterfly/wrong-undressed',
              },
              {
                says: 'They cross whatever one does.',
                shows: 'alpine-butterfly/wrong-false',
                then: 'alpine-butterfly/wrong-false',
              },
            ],
          },
        },
      ],
    },
  },
  {
    id: 'half-hitches',
    name: 'Two hitches round the standing part: the right ones, or a cow',
    question: {
      ask: 'Look at the two turns round the standing part.',
      answers: [
        {
          says: 'Two parallel turns and one across: a clove hitch on the standing part.',
          shows: 'two-half-hitches/same-way',
          then: 'two-half-hitches/same-way',
        },
        {
          says: 'One turn is the mirror of the other, both under one bridge.',
          shows: 'two-half-hitches/wrong-reversed',
          then: 'two-half-hitches/wrong-reversed',
        },
      ],
    },
  },
  {
    id: 'two-turns-on-a-pole',
    name: 'Two turns on a pole: clove, cow, constrictor',
    question: {
      ask: 'Look at where the two ends leave.',
      answers: [
        {
          says: 'Both under one bridge that lies along the pole.',
          shows: 'cow-hitch/plain',
          then: 'cow-hitch/plain',
        },
        {
          says: 'Under a turn that slants across, on opposite sides.',
          shows: 'clove-hitch/passed',
          then: {
            ask: 'Lift the slanting turn. What lies under it?',
            answers: [
              {
                says: 'The ends pass each other without being knotted.',
                shows: 'clove-hitch/passed',
                then: 'clove-hitch/passed',
              },
              {
                says: 'One end is wound round the other: half a knot.',
                shows: 'constrictor/plain',
                then: 'constrictor/plain',
              },
            ],
          },
        },
        {
          says: 'No turn lies across: the turns are only stacked.',
          shows: 'clove-hitch/wrong-stacked',
          then: 'clove-hitch/wrong-stacked',
        },
      ],
    },
  },
];

/** Every form a set asks about or ends at. */
export function formsIn({ answers }: Question): FormName[] {
  return answers.flatMap((a) => [
    a.shows,
    ...(typeof a.then === 'string' ? [a.then] : formsIn(a.then)),
  ]);
}

/** Where a row of answers leads, each by its number from 0: a question, a form, or null where there is no such answer. */
export function after(question: Question, path: readonly number[]): Question | FormName | null {
  let here: Question | FormName = question;
  for (const n of path) {
    if (typeof here === 'string') return null;
    const answer: Answer | undefined = here.answers[n];
    if (!answer) return null;
    here = answer.then;
  }
  return here;
}
