import { type Body, distance } from './body';
import { closest, type Contacts, farApart, findContacts, noContacts, radiiOf } from './contacts';
import { pushOut } from './fixtures';

/** How one iteration treats the rope. */
export interface Pull {
  /** Rest length between nodes as a part of each strand's present mean; at most 1. */
  readonly rest: number;
  /** Least rest length between nodes, in diameters of the strand. */
  readonly least: number;
  readonly bend: number;
  /** Whether the rope also resists bending over ±0.6 diameters (drawing up), not only from node to node. */
  readonly far: boolean;
  /** Factor on all heights: flattens a loose form. */
  readonly flatten: number;
}

const PASSES = 6;
const REBUILD_EVERY = 3;
/** Most a contact may push, and most a node may move in one iteration, in diameters: rope never passes through rope. */
const MOST_PUSH = 0.1;
const MOST_MOVE = 0.08;
const FAR_STENCIL = 0.6;

/**
 * The working state of the relaxation (position-based dynamics: constraints are projected in turn).
 * Method: Müller and others, "Position based dynamics", 2007, from memory; parameters by trial on all forms.
 */
export class Solver {
  private readonly contacts: Contacts = noContacts();
  private readonly before: Float64Array;
  private readonly radii: Float64Array;
  private readonly near = { s: 0, t: 0, far: 0 };
  private iterations = 0;

  constructor(private readonly body: Body) {
    this.before = body.at.slice();
    this.radii = radiiOf(body);
  }

  /** One iteration in place. */
  iterate(pull: Pull): void {
    const { at, free, strands } = this.body;
    if (this.iterations++ % REBUILD_EVERY === 0) findContacts(this.body, this.contacts);
    this.before.set(at);
    if (pull.flatten !== 1)
      for (let i = 0; i < free.length; i++)
        if (free[i]) at[3 * i + 2] = at[3 * i + 2]! * pull.flatten;
    const rests = strands.map((s) =>
      Math.max(pull.least * s.diameter, pull.rest * this.meanStep(s.first, s.count)),
    );
    for (let pass = 0; pass < PASSES; pass++) {
      strands.forEach((s, k) => this.keepLength(s.first, s.count, rests[k]!));
      for (const s of strands) this.bendOver(s.first, s.count, 1, pull.bend);
      if (pull.far)
        strands.forEach((s, k) =>
          this.bendOver(
            s.first,
            s.count,
            Math.max(2, Math.round((FAR_STENCIL * s.diameter) / rests[k]!)),
            pull.bend,
          ),
        );
      this.separate();
      this.clearFixtures();
    }
    this.limitMoves();
  }

  private meanStep(first: number, count: number): number {
    const { at } = this.body;
    let sum = 0;
    for (let i = first; i < first + count - 1; i++) sum += distance(at, i, i + 1);
    return sum / (count - 1);
  }

  private keepLength(first: number, count: number, rest: number): void {
    const { at, free } = this.body;
    for (let i = first; i < first + count - 1; i++) {
      const weight = free[i]! + free[i + 1]!;
      if (weight === 0) continue;
      const a = 3 * i;
      const dx = at[a + 3]! - at[a]!,
        dy = at[a + 4]! - at[a + 1]!,
        dz = at[a + 5]! - at[a + 2]!;
      const far = Math.sqrt(dx * dx + dy * dy + dz * dz) || 1e-9;
      const by = (far - rest) / far / weight;
      if (free[i]) {
        at[a] = at[a]! + dx * by;
        at[a + 1] = at[a + 1]! + dy * by;
        at[a + 2] = at[a + 2]! + dz * by;
      }
      if (free[i + 1]) {
        at[a + 3] = at[a + 3]! - dx * by;
        at[a + 4] = at[a + 4]! - dy * by;
        at[a + 5] = at[a + 5]! - dz * by;
      }
    }
  }

  /** Moves every node toward the middle of its neighbours `reach` nodes away, and those half as far back. */
  private bendOver(first: number, count: number, reach: number, bend: number): void {
    const { at, free } = this.body;
    for (let i = first + reach; i < first + count - reach; i++) {
      const [p, q] = [3 * (i - reach), 3 * (i + reach)];
      for (let k = 0; k < 3; k++) {
        const off = (0.5 * (at[p + k]! + at[q + k]!) - at[3 * i + k]!) * bend * 0.5;
        if (free[i]) at[3 * i + k] = at[3 * i + k]! + off;
        if (free[i - reach]) at[p + k] = at[p + k]! - off / 2;
        if (free[i + reach]) at[q + k] = at[q + k]! - off / 2;
      }
    }
  }

  private separate(): void {
    const { at, free } = this.body;
    const { pairs, count } = this.contacts;
    const { near } = this;
    for (let n = 0; n < count; n++) {
      const i = pairs[2 * n]!,
        j = pairs[2 * n + 1]!;
      const touch = this.radii[i]! + this.radii[j]!;
      if (farApart(at, i, j, touch)) continue;
      closest(at, i, j, near);
      if (near.far >= touch || near.far < 1e-9) continue;
      const { s, t } = near;
      const w0 = free[i]! * (1 - s),
        w1 = free[i + 1]! * s,
        w2 = free[j]! * (1 - t),
        w3 = free[j + 1]! * t;
      const sum = w0 * (1 - s) + w1 * s + w2 * (1 - t) + w3 * t;
      if (sum < 1e-9) continue;
      const by = Math.min(MOST_PUSH, touch - near.far) / near.far / sum;
      for (let k = 0; k < 3; k++) {
        const apart =
          (at[3 * i + k]! * (1 - s) +
            at[3 * i + 3 + k]! * s -
            at[3 * j + k]! * (1 - t) -
            at[3 * j + 3 + k]! * t) *
          by;
        at[3 * i + k] = at[3 * i + k]! + apart * w0;
        at[3 * i + 3 + k] = at[3 * i + 3 + k]! + apart * w1;
        at[3 * j + k] = at[3 * j + k]! - apart * w2;
        at[3 * j + 3 + k] = at[3 * j + 3 + k]! - apart * w3;
      }
    }
  }

  private clearFixtures(): void {
    const { at, free, fixtures } = this.body;
    for (const fixture of fixtures)
      for (let i = 0; i < free.length; i++)
        if (free[i]) pushOut(fixture, at, i, this.radii[i]!, MOST_PUSH);
  }

  private limitMoves(): void {
    const { at } = this.body;
    for (let i = 0; i < this.radii.length; i++) {
      const a = 3 * i;
      const [dx, dy, dz] = [
        at[a]! - this.before[a]!,
        at[a + 1]! - this.before[a + 1]!,
        at[a + 2]! - this.before[a + 2]!,
      ];
      const far = Math.sqrt(dx * dx + dy * dy + dz * dz);
      const most = MOST_MOVE * 2 * this.radii[i]!;
      if (far <= most) continue;
      const keep = most / far;
      at[a] = this.before[a]! + dx * keep;
      at[a + 1] = this.before[a + 1]! + dy * keep;
      at[a + 2] = this.before[a + 2]! + dz * keep;
    }
  }
}
