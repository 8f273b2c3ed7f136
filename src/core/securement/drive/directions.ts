/** Coordinates of a direction: x, y, z. */
export type Direction3 = readonly [x: number, y: number, z: number];

/** Two unit vectors across a unit vector and across each other. */
export function acrossOf(x: number, y: number, z: number): readonly [Direction3, Direction3] {
  const [hx, hy, hz] = Math.abs(z) > 0.9 ? [1, 0, 0] : [0, 0, 1];
  const [ax, ay, az] = [y * hz! - z * hy!, z * hx! - x * hz!, x * hy! - y * hx!];
  const length = Math.hypot(ax, ay, az);
  const a: Direction3 = [ax / length, ay / length, az / length];
  return [a, [y * a[2] - z * a[1], z * a[0] - x * a[2], x * a[1] - y * a[0]]];
}
