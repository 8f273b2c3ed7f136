import type { Direction3 } from './directions';
import { FREEDOMS, type PlacedPoint } from './pose';

/**
 * Forces on all bodies and how they change with movement: `force` in N and N·m, `stiffness` = −∂force/∂freedom by rows.
 * Entries are written through directions at points, so that no row or column is ever addressed by hand.
 */
export class Balance {
  readonly size: number;
  readonly force: Float64Array;
  readonly stiffness: Float64Array;
  /** Whether how forces change is wanted too. */
  stiff = true;

  constructor(bodies: number) {
    this.size = bodies * FREEDOMS;
    this.force = new Float64Array(this.size);
    this.stiffness = new Float64Array(this.size * this.size);
  }

  /** Begins anew. `stiff`: how forces change is wanted too. */
  clear(stiff: boolean): void {
    this.force.fill(0);
    this.stiff = stiff;
    if (stiff) this.stiffness.fill(0);
  }

  /** Adds a force on a point of a body. A point of no body takes whatever comes. */
  push(body: number | null, p: PlacedPoint, x: number, y: number, z: number): void {
    if (body === null) return;
    const { force } = this;
    const k = body * FREEDOMS;
    const { leverX: rx, leverY: ry, leverZ: rz } = p;
    force[k] = force[k]! + x;
    force[k + 1] = force[k + 1]! + y;
    force[k + 2] = force[k + 2]! + z;
    force[k + 3] = force[k + 3]! + ry * z - rz * y;
    force[k + 4] = force[k + 4]! + rz * x - rx * z;
    force[k + 5] = force[k + 5]! + rx * y - ry * x;
  }

  /** Adds `by` times a gradient to the forces. */
  pull(gradient: Gradient, by: number): void {
    for (let i = 0; i < gradient.count; i++)
      this.force[gradient.at[i]!] = this.force[gradient.at[i]!]! + by * gradient.value[i]!;
  }

  /**
   * Adds what a force at a point of a body resists being turned about, because its lever turns with the body: the moment of
   * (θ × r) × F, times `by`. A point of no body does not turn.
   */
  swivel(body: number | null, p: PlacedPoint, force: Direction3, by: number): void {
    if (body === null || !this.stiff) return;
    const { size, stiffness } = this;
    const r = [p.leverX, p.leverY, p.leverZ] as const;
    const along = r[0] * force[0] + r[1] * force[1] + r[2] * force[2];
    const k = body * FREEDOMS + 3;
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 3; j++) {
        const at = (k + i) * size + k + j;
        stiffness[at] = stiffness[at]! + by * ((i === j ? along : 0) - r[i]! * force[j]!);
      }
  }

  /** Adds `by` times the product of two gradients to the stiffness: rows of the first, columns of the second. */
  stiffen(rows: Gradient, columns: Gradient, by: number): void {
    if (!this.stiff) return;
    const { size, stiffness } = this;
    for (let i = 0; i < rows.count; i++) {
      const row = rows.at[i]! * size;
      const a = by * rows.value[i]!;
      for (let j = 0; j < columns.count; j++) {
        const k = row + columns.at[j]!;
        stiffness[k] = stiffness[k]! + a * columns.value[j]!;
      }
    }
  }
}

/** How a distance changes with the freedoms: their places and the change for each. */
export class Gradient {
  count = 0;
  readonly at: Int32Array;
  readonly value: Float64Array;

  constructor(most: number) {
    this.at = new Int32Array(most);
    this.value = new Float64Array(most);
  }

  clear(): this {
    this.count = 0;
    return this;
  }

  /** Adds the movement of a point of a body along a direction, times `by`. A point of no body does not move. */
  along(body: number | null, p: PlacedPoint, x: number, y: number, z: number, by: number): this {
    if (body === null) return this;
    const k = body * FREEDOMS;
    const { leverX: rx, leverY: ry, leverZ: rz } = p;
    this.add(k, by * x);
    this.add(k + 1, by * y);
    this.add(k + 2, by * z);
    this.add(k + 3, by * (ry * z - rz * y));
    this.add(k + 4, by * (rz * x - rx * z));
    this.add(k + 5, by * (rx * y - ry * x));
    return this;
  }

  private add(at: number, value: number): void {
    this.at[this.count] = at;
    this.value[this.count] = value;
    this.count += 1;
  }
}
