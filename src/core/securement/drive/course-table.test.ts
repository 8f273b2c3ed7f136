import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { courseOf, DRIVE_PIECES, vehicleAt } from './course';
import { courseRows, readCourseTable } from './course-table';

const read = (...rows: string[]) => readCourseTable(rows.map((r) => r.split(';')));

describe('a drive as a table', () => {
  it('is read by its headers, in any order; what is left empty is nothing', () => {
    expect(read('forward g;time s', '0;0', '-0,4;1', ';2.5')).toMatchObject({
      ok: true,
      value: {
        errors: [],
        course: [
          { atS: 0, forwardG: 0, leftG: 0, upG: 0 },
          { atS: 1, forwardG: -0.4, leftG: 0, upG: 0 },
          { atS: 2.5, forwardG: 0, leftG: 0, upG: 0 },
        ],
      },
    });
  });
  it('says what is wrong where, and drives nothing of it', () => {
    const found = read('time s;forward g;wind', '0;0;3', '2;hard;1', '1;0;1', ';0.1;', '3;9;');
    expect(found.ok && found.value.course).toEqual([]);
    expect(found.ok && found.value.errors.map((e) => [e.row, e.column, e.code])).toEqual([
      [1, 'wind', 'column-unknown'],
      [3, 'forward g', 'not-a-number'],
      [5, 'time s', 'cell-missing'],
      [6, 'forward g', 'too-big'],
    ]);
    expect(read('time s;forward g', '0;0', '2;0.1', '1;0')).toMatchObject({
      value: { course: [], errors: [{ row: 4, column: 'time s', code: 'course-not-onward' }] },
    });
    expect(read('')).toMatchObject({ issues: [{ code: 'table-empty' }] });
    expect(read('forward g', '1')).toMatchObject({ issues: [{ code: 'course-without-time' }] });
  });
  it('written and read again is the same', () => {
    const g = fc.double({ min: -0.9, max: 2, noNaN: true }).map((v) => v + 0);
    fc.assert(
      fc.property(
        fc.array(fc.record({ forwardG: g, leftG: g, upG: g }), { minLength: 2, maxLength: 20 }),
        (points) => {
          const course = points.map((p, i) => ({ atS: i / 4, ...p }));
          const again = readCourseTable(courseRows(course));
          expect(again.ok && again.value.course).toEqual(course.map((p) => ({ ...p })));
        },
      ),
      { seed: 4711, numRuns: 100 },
    );
  });
});

describe('pieces', () => {
  it('come one after another, quiet between them, each as hard as it says', () => {
    const course = courseOf(DRIVE_PIECES);
    expect(course.map((p) => p.atS)).toEqual(course.map((p) => p.atS).toSorted((a, b) => a - b));
    for (const p of DRIVE_PIECES)
      expect(
        course.some((c) => c.forwardG === p.forwardG && c.leftG === p.leftG && c.upG === p.upG),
      ).toBe(true);
    expect(vehicleAt(course, 0.2)).toEqual({ x: 0, y: 0, z: 0 });
    // Half way up to braking.
    expect(vehicleAt(courseOf([DRIVE_PIECES[0]]), 0.7).x).toBeCloseTo(-0.2, 12);
    expect(vehicleAt(course, 1000)).toEqual({ x: 0, y: 0, z: 0 });
  });
});
