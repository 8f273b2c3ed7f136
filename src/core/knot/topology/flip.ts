import type { Result } from '../../result';
import { ok } from '../../result';
import { fixedLine, type Form } from '../form/form';
import type { Mark, RopePath } from '../path/notation';
import type { Passage } from '../path/meetings';
import { type Diagram, diagramOf, flipped } from './diagram';
import { fingerprint } from './invariants';
import { type ProofView, viewsOf } from './views';

const OTHER: Record<Mark, Mark> = { O: 'U', U: 'O', o: 'u', u: 'o', '.': '.' };

/** Which mark of its rope a passage is, counted along the rope. */
function markNumber(form: Form, passage: Passage): number {
  const earlier = (p: Passage): boolean =>
    p.rope === passage.rope &&
    (p.piece < passage.piece || (p.piece === passage.piece && p.along < passage.along));
  return form.diagram.crossings.flatMap((c) => [c.over, c.under]).filter(earlier).length;
}

function withMarkTurned(path: RopePath, number: number): RopePath {
  let n = -1;
  return {
    ...path,
    marks: path.marks.map((marks) => marks.map((m) => (++n === number ? OTHER[m] : m))),
  };
}

/** The form with one crossing turned over: both its marks in the notation are changed, and everything is read anew. */
export function withCrossingFlipped(form: Form, crossing: number): Result<Form> {
  const { over, under } = form.diagram.crossings[crossing]!;
  let paths = form.paths;
  for (const passage of [over, under]) {
    if (passage.rope < paths.length)
      paths = paths.map((p, i) =>
        i === passage.rope ? withMarkTurned(p, markNumber(form, passage)) : p,
      );
  }
  const diagram = diagramOf(
    paths,
    form.fixtures.map(fixedLine).filter((f) => f !== null),
  );
  return diagram.ok ? ok({ ...form, paths, diagram: diagram.value }) : diagram;
}

/** The crossings whose turning over the invariants of the form do not notice. */
export const unnoticedFlips = (form: Form): number[] => unnoticedIn(viewsOf(form));

/** The crossings whose turning over a form's views, in any one state of it, do not notice. */
export function unnoticedIn(views: readonly ProofView[]): number[] {
  // One view that tells is enough, and most crossings need no second.
  const asked = views.map((view) => ({ view, print: fingerprint(view) }));
  return views[0]!.diagram.crossings.flatMap((_, i) =>
    asked.every(
      ({ view, print }) => fingerprint({ ...view, diagram: flipped(view.diagram, i) }) === print,
    )
      ? [i]
      : [],
  );
}

/** Whether a crossing is a mere kink: the rope between its two passages meets nothing but itself, so that it can be turned out. */
export function isKink({ crossings }: Diagram, which: number): boolean {
  const { over, under } = crossings[which]!;
  if (over.rope !== under.rope) return false;
  const place = (p: Passage): number => p.piece + p.along;
  const [from, to] = [place(over), place(under)].sort((a, b) => a - b) as [number, number];
  const within = (p: Passage): boolean => p.rope === over.rope && place(p) > from && place(p) < to;
  return crossings.every((c, i) => i === which || within(c.over) === within(c.under));
}
