import type { Bar, Fixture } from '../form/form';
import type { PathPoint } from '../path/notation';
import type { Thing } from './sketch';

/** What a fixture is traced as; null: it only holds a loop open. */
export function thingOf(fixture: Fixture): Thing | null {
  if (fixture.kind === 'ring') return 'ring';
  if (fixture.kind === 'post') return fixture.axis ? 'pole' : null;
  return fixture.as === 'cleat' ? 'cleat' : 'pole';
}

/** A bar's axis, so far to either side of its middle. */
export function barEnds({ from, to }: Bar, reach: number): [PathPoint, PathPoint] {
  const [[ax, ay], [bx, by]] = [from, to];
  const long = Math.hypot(bx - ax, by - ay);
  const end = (side: 1 | -1): PathPoint => ({
    x: (ax + bx) / 2 + (side * reach * (bx - ax)) / long,
    y: (ay + by) / 2 + (side * reach * (by - ay)) / long,
  });
  return [end(-1), end(1)];
}
