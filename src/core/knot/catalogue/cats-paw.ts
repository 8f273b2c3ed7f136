import type { Entry } from './entry';

/** Cat’s paw. Paths in rope diameters; tying from the trade's common practice. */
export const catsPaw = {
  id: 'cats-paw',
  name: 'Cat’s paw',
  aliases: ['racking hitch', 'hook hitch'],
  family: 'hitch',
  purpose: 'Puts a sling on a hook, or a rope’s middle on a connector, and costs little strength.',
  notFor: 'A hook that is not moused; one leg loaded alone.',
  strength: null,
  jams: 'Never: it falls apart off the hook.',
  unties: 'Take it off the hook; the twists vanish.',
  holds: { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'with care' },
  needs: 'either',
  easy: { tie: 3, untie: 3 },
  gloves: true,
  slipped: 'It needs no slip.',
  backup: 'Mouse the hook.',
  tailD: 0,
  purposes: ['no-end', 'not-jam', 'gloves'],
  crews: ['transport', 'stage', 'farm', 'trades', 'instructors'],
  disputes: [],
  checks: [
    'Three twists at least on each side.',
    'The sides are twisted away from each other.',
    'The hook is moused.',
  ],
  forms: [
    {
      id: 'hook',
      name: 'on a hook',
      note: 'Three twists each side. The hook is drawn as the ring that it is when it is moused.',
      spec: {
        ropes: [
          {
            path: '-9,-9 -6,-4.5 -3.35,0 -2.6,0.75 O -1.85,1.5 -2.6,2.25 U -3.35,3 -2.6,3.75 O -1.85,4.5 U -2.6,5.25 -3.35,6 O -2.6,6.75 -1.85,7.5 U -2.6,8.25 -3.35,9 -3.35,10.2 -3.35,12 o -3.12,13.4 -2.6,14 -2.08,13.4 -1.85,12 u -1.85,10.2 -1.85,9 O -2.6,8.25 -3.35,7.5 U -2.6,6.75 -1.85,6 O -2.6,5.25 -3.35,4.5 -2.6,3.75 U -1.85,3 -2.6,2.25 O -3.35,1.5 -2.6,0.75 U -1.85,0 -1.2,-1.6 0,-2.4 1.2,-1.6 U 3.35,0 U 2.6,0.75 1.85,1.5 O 2.6,2.25 3.35,3 U 2.6,3.75 1.85,4.5 2.6,5.25 O 3.35,6 2.6,6.75 U 1.85,7.5 2.6,8.25 O 3.35,9 3.35,10.2 3.35,12 u 3.13,13.4 2.6,14 2.08,13.4 1.85,12 o 1.85,10.2 1.85,9 2.6,8.25 U 3.35,7.5 2.6,6.75 O 1.85,6 U 2.6,5.25 3.35,4.5 2.6,3.75 O 1.85,3 U 2.6,2.25 3.35,1.5 O 2.6,0.75 1.85,0 O 6,-4.5 9,-9',
          },
        ],
        fixtures: [{ kind: 'ring', at: [0, 15.4], radius: 4.6, tube: 0.7 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [0],
          whole:
            '− A^60 + 2A^56 − 2A^52 + 3A^48 − 4A^44 + 4A^40 − 4A^36 + 4A^32 − 4A^28 + 4A^24 − 4A^20 + 4A^16 − 3A^12 + 3A^8 − A^4 + 1',
        },
      ],
      release: 'in the bight',
      labels: [
        { u: 0.3, text: 'sling' },
        { u: 18, text: 'hook' },
      ],
      steps: [
        {
          shown: { upTo: [34.4] },
          say: 'Turn a loop at one side of the bight and twist it three times.',
          look: 'Its two strands wind round each other.',
        },
        {
          shown: { upTo: [70.4] },
          say: 'The same at the other side, the other way.',
          look: 'Two twisted legs.',
        },
        { shown: 'whole', say: 'Both loops on the hook.', look: 'One bridge between them, below.' },
        { shown: 'drawn up', say: 'Pull both parts alike.', look: 'The twists close up.' },
      ],
    },
    {
      id: 'connector',
      name: 'mid-line, with a connector',
      note: 'Two twists each side; it vanishes when the connector is taken out.',
      aliases: ['mid-line cat’s paw'],
      spec: {
        ropes: [
          {
            path: '-9,-9 -6,-4.5 -3.35,0 O -2.6,0.75 -1.85,1.5 -2.6,2.25 U -3.35,3 -2.6,3.75 O -1.85,4.5 U -2.6,5.25 -3.35,6 -3.35,7.2 -3.35,9 o -3.12,10.4 -2.6,11 -2.08,10.4 -1.85,9 u -1.85,7.2 -1.85,6 -2.6,5.25 O -3.35,4.5 U -2.6,3.75 -1.85,3 O -2.6,2.25 -3.35,1.5 -2.6,0.75 U -1.85,0 -1.2,-1.6 0,-2.4 1.2,-1.6 U 3.35,0 2.6,0.75 U 1.85,1.5 O 2.6,2.25 3.35,3 U 2.6,3.75 1.85,4.5 O 2.6,5.25 3.35,6 3.35,7.2 3.35,9 u 3.13,10.4 2.6,11 2.08,10.4 1.85,9 o 1.85,7.2 1.85,6 U 2.6,5.25 3.35,4.5 O 2.6,3.75 1.85,3 2.6,2.25 U 3.35,1.5 O 2.6,0.75 1.85,0 O 6,-4.5 9,-9',
          },
        ],
        fixtures: [{ kind: 'ring', at: [0, 12.4], radius: 4.6, tube: 0.5 }],
      },
      claims: [
        {
          closure: 'ends',
          alone: ['unknot', 'unknot'],
          linking: [0],
          whole:
            '− A^44 + 2A^40 − 2A^36 + 3A^32 − 4A^28 + 4A^24 − 4A^20 + 4A^16 − 3A^12 + 3A^8 − A^4 + 1',
        },
      ],
      release: 'in the bight',
      checks: [
        'Two twists at least on each side.',
        'The connector goes through both loops.',
        'The connector is shut.',
      ],
      steps: [
        {
          shown: { upTo: [26.4] },
          say: 'Turn a loop in the line and twist it twice.',
          look: 'Its two strands wind round each other.',
        },
        {
          shown: { upTo: [54.4] },
          say: 'The same beside it, the other way.',
          look: 'Two twisted legs.',
        },
        { shown: 'whole', say: 'Connector through both loops.', look: 'Shut it.' },
        {
          shown: 'drawn up',
          say: 'Load both parts.',
          look: 'Taken off the connector nothing stays tied.',
        },
      ],
    },
    {
      id: 'mousing',
      name: 'mousing the hook',
      note: 'Twine round the hook’s point and shank, so that nothing jumps off. Three turns are drawn; make six or more.',
      aliases: ['mousing', 'moused hook'],
      spec: {
        ropes: [
          {
            path: '-4.4,-7.5 -4,-4.5 -3.1,-3 u -1.3,-2.4 OU 1.3,-1.9 u 3.1,-1.6 o 1.4,-1.46 UO -1.39,-1.19 o -3.1,-1.03 u -1.39,-0.89 OU 1.4,-0.59 u 3.1,-0.45 o 1.4,-0.31 UO -1.39,-0.04 o -3.1,0.12 u -1.39,0.26 OU 1.4,0.56 u 3.1,0.7 o 1.4,0.84 UO -1.39,1.11 o -3.1,1.27 u -1.39,1.41 OU 1.4,1.71 u 2.9,1.9 o 1.1,2.9 0,3.3 -0.2,2.2 UUUU -0.2,0 UUUU -0.1,-2.6 0,-3.6 0.2,-2.6 OO 0,-1 OOOO -0.1,1.2 OO -0.5,2.9 -0.2,4.3 o 3.6,6 5,7',
          },
        ],
        fixtures: [
          { kind: 'bar', from: [1.6, -7], to: [1.6, 9], radius: 1 },
          { kind: 'bar', from: [-1.6, -9], to: [-1.6, 5], radius: 1 },
        ],
      },
      claims: [{ closure: 'ends', alone: ['unknot', 'unknot', 'unknot'], linking: [4, 4, 0] }],
      needs: 'an end',
      checks: [
        'Turns side by side round point and shank.',
        'Drawn together between them.',
        'The end is made fast.',
      ],
      steps: [
        {
          shown: { upTo: [22.6] },
          say: 'Turns of twine round point and shank.',
          look: 'Side by side.',
        },
        {
          shown: { upTo: [29.4] },
          say: 'Then between them, {behind} the turns.',
          look: 'At the middle.',
        },
        {
          shown: 'whole',
          say: 'And {in front}: the turns draw together. Make the end fast.',
          look: 'Nothing can jump off now.',
        },
        { shown: 'drawn up', say: 'Pull it snug.', look: 'The hook is closed.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
