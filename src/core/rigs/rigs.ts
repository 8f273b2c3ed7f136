import { hauledOverBranch, joint, spanned, together, weight, weightOfRow } from './loads';
import type { Rig } from './rig';

/** Whole arrangements. What is joined to what: common practice, no source. */
export const RIGS: readonly Rig[] = [
  {
    id: 'hanger',
    name: 'Hanger that is raised and lowered',
    purpose:
      'A lantern, a feed sack, a curtain: up over a branch or beam, and down again from the ground.',
    notFor: 'People, anything over people, and anything that would hurt somebody if it fell.',
    uses: ['loadN', 'designFactor'],
    steps: [
      'Tie the load on with a bowline.',
      'Lead the line over the branch, and over something smooth where it rubs.',
      'Haul it up, and take a round turn on the post below before you let go with one hand.',
      'Make it fast there with two half hitches; or end it in a taut-line hitch to its own line, and slide that.',
    ],
    loads: (inputs) => {
      const [w, hauled] = [weight(inputs), hauledOverBranch(inputs)];
      return {
        joints: [
          joint(inputs, 'the load on the line', { entry: 'bowline', form: 'facing-away' }, w),
          joint(
            inputs,
            'the line to the post below',
            { entry: 'round-turn-two-half-hitches', form: 'plain' },
            hauled,
          ),
          joint(
            inputs,
            'or the line to itself, to slide it',
            { entry: 'taut-line-hitch', form: 'plain' },
            w,
          ),
        ],
        bearings: [
          { what: 'the branch, while it is raised', loadN: together('on the branch', [w, hauled]) },
        ],
      };
    },
  },
  {
    id: 'retrievable',
    name: 'Line over a branch that comes down again',
    purpose: 'A line choked round a branch from the ground, and pulled down when the load is off.',
    notFor: 'People; a branch that nobody has looked at; a load that swings.',
    uses: ['loadN', 'designFactor'],
    steps: [
      'Throw a light line over the branch and pull the rope over with it.',
      'Tie a butterfly in the part that hangs on one side.',
      'Pass the other part through the butterfly’s loop and pull: the loop runs up to the branch.',
      'Load the part that went through. Leave the other end so long that it reaches the ground: it pulls the loop down again.',
    ],
    loads: (inputs) => {
      const w = weight(inputs);
      return {
        joints: [
          joint(
            inputs,
            'the loop that closes round the branch',
            { entry: 'alpine-butterfly', form: 'twist' },
            w,
          ),
          joint(inputs, 'the load on the line', { entry: 'bowline', form: 'facing-away' }, w),
        ],
        bearings: [{ what: 'the branch', loadN: w }],
      };
    },
  },
  {
    id: 'row',
    name: 'Sliding row of loops',
    purpose: 'Things hung along a tight line, each slid to its place: cables, curtains, tools.',
    notFor: 'A line over people; cord as thick as the line; anything that swings hard.',
    uses: ['loadN', 'count', 'spanM', 'sagM', 'designFactor'],
    steps: [
      'Make the line fast at the far end with a round turn and two half hitches.',
      'Put one prusik of thinner cord on it for each thing, before it is tight.',
      'Pull the line with a trucker’s hitch; leave it the sag you reckon with.',
      'Hang each thing in its loop, and slide the loop by its wraps.',
    ],
    loads: (inputs) => {
      const [w, end] = [weight(inputs), spanned(inputs, weightOfRow(inputs))];
      return {
        joints: [
          joint(inputs, 'each thing on the line', { entry: 'prusik', form: 'three' }, w),
          joint(
            inputs,
            'the far end',
            { entry: 'round-turn-two-half-hitches', form: 'plain' },
            end,
          ),
          joint(inputs, 'the near end, tight', { entry: 'truckers-hitch', form: 'butterfly' }, end),
        ],
        bearings: [{ what: 'each anchor', loadN: end }],
      };
    },
  },
  {
    id: 'ridge',
    name: 'Kit cords joined into a ridge line',
    purpose: 'Short cords with a loop at each end, made into one line for a tarp or a fence.',
    notFor: 'Cords of unequal thickness; a line that somebody leans on.',
    uses: ['loadN', 'spanM', 'sagM', 'designFactor'],
    steps: [
      'Tie a figure-eight loop in each end that has none.',
      'Join the cords loop to loop, and seat each joint flat, as a reef; never as a girth.',
      'Make one end fast with a bowline.',
      'Pull the other with a trucker’s hitch.',
    ],
    loads: (inputs) => {
      const end = spanned(inputs, weight(inputs));
      return {
        joints: [
          joint(
            inputs,
            'each cord’s own loop',
            { entry: 'figure-eight-on-bight', form: 'plain' },
            end,
          ),
          joint(inputs, 'cord to cord', { entry: 'loop-to-loop', form: 'plain' }, end),
          joint(inputs, 'the far end', { entry: 'bowline', form: 'facing-away' }, end),
          joint(inputs, 'the near end, tight', { entry: 'truckers-hitch', form: 'slip-loop' }, end),
        ],
        bearings: [{ what: 'each anchor', loadN: end }],
      };
    },
  },
  {
    id: 'pipe',
    name: 'Pipe hauled up lengthwise, with a guide',
    purpose: 'A pipe or spar hauled up by hand from below, standing clear of it.',
    notFor: 'Anything somebody stands under; a crane or a hoist.',
    uses: ['loadN', 'designFactor'],
    steps: [
      'Pipe hitch below the middle: five turns or more, two half hitches on the line.',
      'A half hitch round the pipe near its top: the guide, which keeps it upright and bears little.',
      'A stopper in the tail.',
      'A second line to its foot, with a clove hitch and a half hitch, so that nobody need hold the pipe.',
    ],
    loads: (inputs) => {
      const w = weight(inputs);
      return {
        joints: [
          joint(inputs, 'the pipe on the line', { entry: 'pipe-hitch', form: 'plain' }, w),
          joint(
            inputs,
            'the guide, should the pipe hitch slip',
            { entry: 'half-hitch', form: 'plain' },
            w,
          ),
          joint(
            inputs,
            'the second line, should it have to hold the pipe',
            { entry: 'clove-hitch', form: 'half-hitch' },
            w,
          ),
        ],
        bearings: [{ what: 'who hauls, or what it is made fast to', loadN: w }],
      };
    },
  },
];

/** A rig by its id, or null. */
export const rigOf = (id: string): Rig | null => RIGS.find((r) => r.id === id) ?? null;
