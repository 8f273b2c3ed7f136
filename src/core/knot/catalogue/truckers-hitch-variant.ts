import type { KnotId } from '../knots';
import type { FormSpec } from '../form/form';
import type { TiedForm } from './entry';

/** The loops a trucker's hitch is made with: how each is tied into the load line, and what is looked at. */
const LOOPS = {
  'slip-loop': {
    name: 'slip loop',
    strength: 'slip-loop',
    say: 'Tie a slip loop in the load line.',
    look: 'The sliding leg toward the anchor.',
    check: 'The loop is loaded on the leg that does not slide.',
  },
  'bell-ringer': {
    name: 'bell-ringer loop',
    strength: 'bell-ringer',
    say: 'Turn a loop in the load line and push a bight of the slack up through it.',
    look: 'The lower bight is the hauling loop.',
    check: 'The upper bight stands a hand long out of its turn.',
  },
  butterfly: {
    name: 'butterfly loop',
    strength: 'alpine-butterfly',
    say: 'Tie a butterfly in the load line.',
    look: 'Parallel on one side.',
    check: 'The butterfly’s parts lie parallel on one side.',
  },
  'inline-figure-eight': {
    name: 'inline figure-eight',
    strength: 'inline-figure-eight',
    say: 'Tie an inline figure-eight in the load line.',
    look: 'The loop points toward the anchor.',
    check: 'The loop points toward the anchor.',
  },
  'figure-eight': {
    name: 'figure-eight on a bight',
    strength: 'figure-eight-on-bight',
    say: 'Tie a figure-eight on a bight in the load line.',
    look: 'All strands parallel.',
    check: 'The figure-eight’s strands run parallel.',
  },
} as const satisfies Record<string, Record<string, string> & { strength: KnotId }>;

/** What locks it. */
const LOCKS = {
  slipped: {
    name: 'slipped half hitch',
    with: 'a slipped half hitch',
    say: 'Pinch it at the loop. Half hitch round both short strands, its last tuck a bight.',
    look: '{Over}, {behind}, the bight out {over} itself.',
    check: 'The lock is hard against the loop, and slipped.',
  },
  'two-half-hitches': {
    name: 'two half hitches',
    with: 'two half hitches',
    say: 'Pinch it at the loop. Two half hitches round both short strands, the same way.',
    look: '{Over}, {behind}, out {over} itself, twice.',
    check: 'Two half hitches the same way, hard against the loop.',
  },
  'taut-line': {
    name: 'taut-line hitch',
    with: 'a taut-line hitch',
    say: 'Two turns round both short strands, toward the loop; then one beyond, the same way.',
    look: '{Over}, {behind}, out {over} itself.',
    check: 'Two turns toward the loop and one beyond, all the same way.',
  },
} as const;

/** What is a variant's own: its path, what is claimed of it, and where on its path the steps end and the parts lie. */
export interface Variant {
  readonly loop: keyof typeof LOOPS;
  readonly lock: keyof typeof LOCKS;
  readonly spec: FormSpec;
  readonly claims: TiedForm['claims'];
  readonly ends: readonly [looped: number, anchored: number, reeved: number];
  readonly labels: readonly [loop: number, anchor: number, lock: number];
}

/** A trucker's hitch by its loop and its lock. */
export function truckersVariant({ loop, lock, spec, claims, ends, labels }: Variant): TiedForm {
  const [l, k] = [LOOPS[loop], LOCKS[lock]];
  return {
    id: `${loop}-${lock}`,
    name: `${l.name}, ${k.name}`,
    note: `The ${l.name} with ${k.with} for a lock.`,
    spec,
    claims,
    strength: l.strength,
    checks: [l.check, 'There is travel to spare between loop and anchor.', k.check],
    steps: [
      { shown: { upTo: [ends[0]] }, say: l.say, look: l.look },
      {
        shown: { upTo: [ends[1]] },
        say: 'Take the end round the anchor.',
        look: 'Leave travel: a hand’s width and the stretch.',
      },
      {
        shown: { upTo: [ends[2]] },
        say: 'Up through the loop and down: pull.',
        look: 'Your purchase.',
      },
      { shown: 'whole', say: k.say, look: k.look },
      { shown: 'drawn up', say: 'Draw the lock up close.', look: 'The loop stays open.' },
    ],
    labels: [
      { u: 0.3, text: 'to the load' },
      { u: labels[0], text: l.name, inset: true },
      { u: labels[1], text: 'anchor' },
      { u: labels[2], text: 'lock', inset: true },
    ],
  };
}

/** The same with its loop made by folding the slack first. */
export function foldedFirst(form: TiedForm): TiedForm {
  return {
    ...form,
    id: form.id.replace('bell-ringer', 'half-sheepshank'),
    name: form.name.replace('bell-ringer loop', 'half sheepshank'),
    note: 'The same as the bell-ringer loop, made by folding the slack first.',
    strength: 'half-sheepshank',
    sameAs: form.id,
  };
}
