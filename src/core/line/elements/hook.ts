import type { Tracer } from '../../working/working';
import type { AnchorFact, LineContext, Run } from '../context';
import { makePlace, type Place, unknownCapacity } from '../place';
import { sharedBetweenLines } from './anchor-share';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';
import { bendAt, bendOver, bendProblem, ropePlace } from './rope-places';

/** What the rope loses by turning round a hook; webbing and chain turned back round one have no maker's figure unless it is thick enough. */
function turnOf<V>(t: Tracer<V>, run: Run, fact: AnchorFact, context: LineContext): Place<V>[] {
  const name = `turn at ${fact.name}`;
  if (run.rope) {
    const over = bendOver(fact.barDiameterM);
    const capacity = ropePlace(t, run.rope, context, name, bendAt(t, run.rope, over));
    return [makePlace(t, 'edge', name, capacity, bendProblem(run.rope, over))];
  }
  const refused = run.overEdge('rounded', fact.barDiameterM);
  return refused === null
    ? []
    : [makePlace(t, 'edge', name, unknownCapacity(t, name, 'no figure'), refused)];
}

/** A hook or ring of the deck that the rope turns round on its way: one rope led back and forth over a load. */
export const hookKind: ElementKind<'hook'> = {
  kind: 'hook',
  role: 'corner',
  beginning: { anchorId: '', efficiency: 0.55, locked: false },
  variants: (element, context) =>
    [...context.anchors].map(([anchorId, a]) => ({
      key: anchorId,
      label: a.name,
      hint: '',
      element: { ...element, anchorId },
    })),
  places(t, element, at, context) {
    const fact = context.anchors.get(element.anchorId);
    if (!fact)
      return [
        makePlace(
          t,
          'hook',
          'hook',
          unknownCapacity(t, 'hook', 'not on this deck'),
          'anchor-missing',
        ),
      ];
    const bends = at.runs.flatMap((run) => turnOf(t, run, fact, context));
    return [
      makePlace(
        t,
        'hook',
        fact.name,
        ratedCapacity(t, fact.name, fact.rating, context),
        'unrated-anchor',
        sharedBetweenLines(t, undefined, element.anchorId, context),
      ),
      ...bends,
    ];
  },
};
