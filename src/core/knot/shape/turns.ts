import type { Bar, Post } from '../form/form';
import type { Body } from './body';

/** A node this far from touching, in diameters, still lies round the object and not on its way to it. */
const HUGS_WITHIN = 0.75;

/** Where a node is, seen along a fixture's axis. */
function seenAlong(fixture: Bar | Post, x: number, y: number, z: number): [number, number] {
  if (fixture.kind === 'post') return [x - fixture.at[0], y - fixture.at[1]];
  const [[ax, ay], [bx, by]] = [fixture.from, fixture.to];
  const length = Math.hypot(bx - ax, by - ay);
  return [((x - ax) * (ay - by) + (y - ay) * (bx - ax)) / length, z];
}

/** How often a rope lies round a bar or a post: the angle it goes round while it hugs it, in whole turns and parts. */
export function turnsRound(body: Body, strand: number, fixture: Bar | Post): number {
  const { first, count, diameter } = body.strands[strand]!;
  const reach = fixture.radius + diameter * (0.5 + HUGS_WITHIN);
  let swept = 0;
  let last: number | null = null;
  for (let i = first; i < first + count; i++) {
    const [a, b] = seenAlong(fixture, body.at[3 * i]!, body.at[3 * i + 1]!, body.at[3 * i + 2]!);
    const angle = Math.hypot(a, b) <= reach ? Math.atan2(b, a) : null;
    if (angle !== null && last !== null) {
      const step = Math.abs(angle - last);
      swept += Math.min(step, 2 * Math.PI - step);
    }
    last = angle;
  }
  return swept / (2 * Math.PI);
}
