import type { Entry } from './entry';

/** Sheepshank. Paths in rope diameters; tying from the trade's common practice. */
export const sheepshank = {
  id: 'sheepshank',
  name: 'Sheepshank',
  aliases: ['shortener', 'dogshank'],
  family: 'mid-line loop',
  purpose: 'Shortens a tight line, or takes the load off a damaged part until it is replaced.',
  notFor: 'A line that goes slack; more than a short emergency.',
  strength: null,
  jams: 'Never.',
  unties: 'Let the line go slack.',
  holds: { slack: 'no', wet: 'with care', stiff: 'with care', slick: 'no' },
  needs: 'a bight',
  easy: { tie: 2, untie: 3 },
  gloves: true,
  slipped: 'It is all slipped.',
  backup: 'Tape both ears to the line.',
  tailD: 0,
  purposes: ['no-end', 'not-jam'],
  crews: ['farm', 'transport', 'instructors'],
  disputes: [],
  checks: [
    'The damaged part is the middle one: it passes through both hitches.',
    'A half hitch holds each end.',
    'The line stays tight, and both ears are taped.',
  ],
  forms: [
    {
      id: 'plain',
      name: 'damaged part in the middle',
      note: 'Three parts; the middle one may be without tension. Temporary: only while the line is tight.',
      spec: {
        ropes: [
          {
            path: '-1.6,19 -1.7,12 O -1.5,8.6 -0.6,7 O 1.1,6.6 O 3.2,7 3.5,8.4 U 1.4,9.2 U -1,9.3 U -2.8,8.8 -3,6 -2.2,2 U -2,-7.8 O -2,-9.6 -3,-12 -2.2,-14 -1.1,-14.4 0,-14 0.8,-12 -0.2,-9.6 O -0.2,-7.8 U 0,0 U 0.2,7.8 O 0.2,9.6 -0.8,12 0,14 1.1,14.4 2.2,14 3,12 2,9.6 O 2,7.8 U 2.2,-2 3,-6 2.8,-8.8 U 1,-9.3 U -1.4,-9.2 U -3.5,-8.4 -3.2,-7 O -1.1,-6.6 O 0.6,-7 1.5,-8.6 O 1.7,-12 1.6,-19',
            taut: [12, 30],
            tips: [16, 26],
          },
        ],
      },
      claims: [
        { closure: 'ends', alone: ['unknot'] },
        { closure: 'cut all', alone: ['unknot', 'unknot', 'unknot'], linking: [1, 2, 1] },
      ],
      release: 'in the bight',
      labels: [
        { u: 0.3, text: 'line' },
        { u: 21, text: 'damaged part' },
        { u: 26, text: 'ear' },
        { u: 16, text: 'ear' },
      ],
      steps: [
        {
          shown: { upTo: [11.4] },
          say: 'Turn a half hitch in the line.',
          look: 'Its lower part comes out {under} the line.',
        },
        {
          shown: { upTo: [30.4] },
          say: 'Fold the slack in three, the damaged part in the middle, and push the upper bight through the hitch.',
          look: 'An ear above.',
        },
        {
          shown: 'whole',
          say: 'A second half hitch round the lower bight.',
          look: 'An ear below.',
        },
        {
          shown: 'drawn up',
          say: 'Pull the line tight; tape the ears.',
          look: 'The hitches hold; the damaged part lies between them.',
        },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
