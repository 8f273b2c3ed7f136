import type { EntryId } from '../entry-ids';

/** A knot that builds on another: what changes, and the step of its first form in which it shows. */
export interface Lead {
  readonly from: EntryId;
  readonly to: EntryId;
  /** Number of the step, from 0. */
  readonly step: number;
  readonly changes: string;
}

/** Which knot leads to which. Order of teaching: common practice, no source. */
export const LEADS: readonly Lead[] = [
  {
    from: 'overhand',
    to: 'double-overhand',
    step: 2,
    changes: 'Once more round before the end comes out.',
  },
  {
    from: 'overhand',
    to: 'figure-eight',
    step: 2,
    changes: 'Half a turn more, and the end goes through from the other side.',
  },
  {
    from: 'overhand',
    to: 'reef',
    step: 2,
    changes: 'A second half knot upon the first, crossed the other way.',
  },
  {
    from: 'overhand',
    to: 'fishermans-knot',
    step: 1,
    changes: 'One in the end of each rope, round the other rope.',
  },
  {
    from: 'overhand',
    to: 'surgeons-loop',
    step: 2,
    changes: 'Tied in a doubled rope, with a second pass.',
  },
  {
    from: 'overhand',
    to: 'jam-knot',
    step: 2,
    changes: 'Tied round the line itself; a second one stops the tail.',
  },
  {
    from: 'overhand',
    to: 'zeppelin',
    step: 2,
    changes: 'One with each rope, through both loops laid on each other.',
  },
  {
    from: 'double-overhand',
    to: 'double-overhand-noose',
    step: 2,
    changes: 'Tied round the line: the loop slides.',
  },
  {
    from: 'figure-eight',
    to: 'stevedore',
    step: 2,
    changes: 'One turn more round the standing part.',
  },
  {
    from: 'figure-eight',
    to: 'figure-eight-on-bight',
    step: 2,
    changes: 'Tied in a doubled rope: the nose is the loop.',
  },
  {
    from: 'figure-eight-on-bight',
    to: 'inline-figure-eight',
    step: 1,
    changes: 'The bight goes round the line alone, and the loop lies along it.',
  },
  {
    from: 'figure-eight-on-bight',
    to: 'wrap-hitch',
    step: 3,
    changes: 'The loop that keeps its end, slack.',
  },
  {
    from: 'bowline',
    to: 'sheet-bend',
    step: 3,
    changes: 'The same form: a bight of the other rope takes the place of the loop.',
  },
  { from: 'bowline', to: 'running-bowline', step: 2, changes: 'Tied round its own line.' },
  {
    from: 'bowline',
    to: 'bowline-on-a-bight',
    step: 2,
    changes: 'Begun in a doubled rope; the nose goes round both loops.',
  },
  {
    from: 'slip-loop',
    to: 'truckers-hitch',
    step: 2,
    changes: 'The end goes round the anchor and back through the loop.',
  },
  {
    from: 'slip-loop',
    to: 'mule-hitch',
    step: 3,
    changes: 'The loop is turned in one part, and its bight closes round both.',
  },
  { from: 'half-hitch', to: 'two-half-hitches', step: 2, changes: 'A second one, the same way.' },
  { from: 'half-hitch', to: 'halter-hitch', step: 3, changes: 'The last tuck is a bight.' },
  {
    from: 'half-hitch',
    to: 'timber-hitch',
    step: 2,
    changes: 'The end is wound round its own turn, three times.',
  },
  {
    from: 'half-hitch',
    to: 'bell-ringer',
    step: 2,
    changes: 'Turned in the line, with the slack pushed through it as a bight.',
  },
  {
    from: 'two-half-hitches',
    to: 'round-turn-two-half-hitches',
    step: 1,
    changes: 'One more turn round the rail first.',
  },
  {
    from: 'two-half-hitches',
    to: 'clove-hitch',
    step: 1,
    changes: 'The same two turns, round a pole in place of the line.',
  },
  {
    from: 'two-half-hitches',
    to: 'taut-line-hitch',
    step: 2,
    changes: 'Two turns inside the loop before the hitch outside.',
  },
  {
    from: 'round-turn-two-half-hitches',
    to: 'fishermans-bend',
    step: 3,
    changes: 'The first hitch is tucked under both turns.',
  },
  {
    from: 'clove-hitch',
    to: 'constrictor',
    step: 4,
    changes: 'One more tuck, under the standing part too.',
  },
  {
    from: 'clove-hitch',
    to: 'rolling-hitch',
    step: 1,
    changes: 'One turn more, on the side of the pull.',
  },
  {
    from: 'clove-hitch',
    to: 'marlinspike-hitch',
    step: 2,
    changes: 'A turn laid on the line, with a toggle through it.',
  },
  {
    from: 'rolling-hitch',
    to: 'pipe-hitch',
    step: 1,
    changes: 'Five turns and more, with two half hitches on the line.',
  },
  { from: 'cow-hitch', to: 'prusik', step: 1, changes: 'The loop goes round twice more.' },
  {
    from: 'cow-hitch',
    to: 'cats-paw',
    step: 0,
    changes: 'Each loop is twisted before it goes on the hook.',
  },
  {
    from: 'taut-line-hitch',
    to: 'friction-hitch',
    step: 1,
    changes: 'Three turns inside the loop, or four.',
  },
  { from: 'alpine-butterfly', to: 'truckers-hitch', step: 0, changes: 'It may be the loop.' },
  { from: 'inline-figure-eight', to: 'truckers-hitch', step: 0, changes: 'It may be the loop.' },
  { from: 'bell-ringer', to: 'truckers-hitch', step: 0, changes: 'It may be the loop.' },
  {
    from: 'bell-ringer',
    to: 'sheepshank',
    step: 2,
    changes: 'A second hitch, round the lower bight.',
  },
  {
    from: 'halter-hitch',
    to: 'truckers-hitch',
    step: 4,
    changes: 'Its last tuck locks it: a bight in place of the end.',
  },
  {
    from: 'mule-hitch',
    to: 'munter-mule',
    step: 1,
    changes: 'The rope goes round the connector and across itself first: a brake.',
  },
  { from: 'reef', to: 'loop-to-loop', step: 1, changes: 'Two loops take the place of the ends.' },
  {
    from: 'loop-to-loop',
    to: 'loop-and-toggle',
    step: 1,
    changes: 'A toggle holds the bight, in place of the far end.',
  },
  { from: 'common-whipping', to: 'splint-lashing', step: 1, changes: 'The same, round a pole.' },
  {
    from: 'common-whipping',
    to: 'seizing',
    step: 1,
    changes: 'Round two ropes, and then between them.',
  },
];

/** Knots that build on one. */
export const leadsFrom = (id: EntryId): readonly Lead[] => LEADS.filter((l) => l.from === id);
/** Knots that one builds on. */
export const leadsTo = (id: EntryId): readonly Lead[] => LEADS.filter((l) => l.to === id);

/** Everything a knot builds on, what comes first before what follows from it, the knot itself last: the way to learn it. */
export function wayTo(id: EntryId): EntryId[] {
  const way: EntryId[] = [];
  const visit = (at: EntryId): void => {
    if (way.includes(at)) return;
    for (const lead of leadsTo(at)) visit(lead.from);
    way.push(at);
  };
  visit(id);
  return way;
}

/** How many steps a knot is from one that builds on nothing, by the longest way. */
export function depthOf(id: EntryId): number {
  return Math.max(-1, ...leadsTo(id).map((l) => depthOf(l.from))) + 1;
}
