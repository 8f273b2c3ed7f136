import type { Body, Lift, Side } from './body';
import { heightOver } from './fixtures';

/** Sweeps of smoothing; crossings a few strands deep settle in well under this. */
const SWEEPS = 1500;
/** Pull back to the plane a sweep, so that heights do not drift. */
const TO_PLANE = 0.999;

/**
 * Gives a flat body its heights: smooth along the rope, the over strand clear of the under strand at every crossing,
 * and on the marked side of every bar and ring. Changes `body.at` in place.
 */
export function lift(body: Body): void {
  const { at, strands, lifts } = body;
  const clearances = barClearances(body);
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    for (const { first, count } of strands) {
      for (let i = first + 1; i < first + count - 1; i++) {
        at[3 * i + 2] =
          TO_PLANE * (0.5 * at[3 * i + 2]! + 0.25 * (at[3 * i - 1]! + at[3 * i + 5]!));
      }
      at[3 * first + 2] = at[3 * first + 5]!;
      at[3 * (first + count - 1) + 2] = at[3 * (first + count - 2) + 2]!;
    }
    for (const l of lifts) separate(at, l);
    for (const c of clearances) {
      const z = at[3 * c.node + 2]!;
      if (c.sign * z < c.height) at[3 * c.node + 2] = c.sign * c.height;
    }
    for (const h of body.held)
      if (Math.abs(at[3 * h.node + 2]!) < Math.abs(h.height)) at[3 * h.node + 2] = h.height;
  }
}

/** Height at a fractional node. */
const heightAt = (at: Float64Array, node: number): number => {
  const i = Math.floor(node);
  const t = node - i;
  return at[3 * i + 2]! * (1 - t) + (t > 0 ? at[3 * i + 5]! * t : 0);
};

function raise(at: Float64Array, node: number, by: number): void {
  const i = Math.floor(node);
  const t = node - i;
  at[3 * i + 2] = at[3 * i + 2]! + by * (1 - t);
  if (t > 0) at[3 * i + 5] = at[3 * i + 5]! + by * t;
}

/** Moves the two strands of a crossing apart by half of what is missing each. */
function separate(at: Float64Array, { over, under, gap }: Lift): void {
  const missing = gap - (heightAt(at, over) - heightAt(at, under));
  if (missing <= 0) return;
  raise(at, over, missing / 2);
  raise(at, under, -missing / 2);
}

interface Clearance {
  readonly node: number;
  readonly height: number;
  readonly sign: 1 | -1;
}

/** The nodes near each passage of a bar or ring, with the height each must keep. */
function barClearances(body: Body): Clearance[] {
  return body.sides.flatMap((side) => clearancesOf(body, side));
}

function clearancesOf(body: Body, side: Side): Clearance[] {
  const fixture = body.fixtures[side.fixture]!;
  const strand = body.strands.find((s) => side.node >= s.first && side.node < s.first + s.count)!;
  const clear = strand.diameter / 2;
  const middle = Math.round(side.node);
  const height = (i: number): number =>
    heightOver(fixture, body.at[3 * i]!, body.at[3 * i + 1]!, clear);
  // Where rope turns back while still over the bar, the stretch ends half way to the next passage.
  const others = body.sides
    .filter((s) => s !== side && s.fixture === side.fixture)
    .map((s) => s.node);
  const least = Math.max(
    strand.first,
    ...others.filter((n) => n < side.node).map((n) => Math.ceil((n + side.node) / 2)),
  );
  const most = Math.min(
    strand.first + strand.count - 1,
    ...others.filter((n) => n > side.node).map((n) => Math.floor((n + side.node) / 2)),
  );
  const list: Clearance[] = [];
  for (let i = middle; i >= least && height(i) > 0; i--)
    list.push({ node: i, height: height(i), sign: side.sign });
  for (let i = middle + 1; i <= most && height(i) > 0; i++)
    list.push({ node: i, height: height(i), sign: side.sign });
  return list;
}
