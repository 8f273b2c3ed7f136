import { knotPlace, bendAt, ropePlace } from './rope-places';
import type { PassKind } from '../../tackle/passes';
import type { Tackle, TackleBody } from '../../tackle/fields';
import { type TackleForces, tackleForces } from '../../tackle/rigging-working';
import { formula, type Tracer } from '../../working/working';
import type { Flexible } from '../chain';
import { type ElementKind, makePlace, type Place, unknownCapacity } from '../place';

const share = formula({
  symbol: 's', unit: 'ratio', text: 'F ÷ T', source: 'its force over the load line’s, while hauling', confidence: 'exact', symbols: { F: 'F', T: 'T' },
  compute: ({ F, T }: Record<'F' | 'T', number>) => F / T,
});

/** The anchor body that the chain's own anchor stands for: the one farthest from the load. */
const mainAnchor = (tackle: Tackle): string | undefined => tackle.bodies.findLast((b) => b.kind === 'anchor')?.id;

/**
 * Largest share of the load line's tension that the anchor of a tackle bears. While hauling the hand may bear part of it, or add
 * to it over a redirect; once the hauled end is made fast, the anchor alone bears the line.
 */
export function tackleAnchorShare<V>(t: Tracer<V>, tackle: Tackle): V {
  const forces = tackleForces(t, tackle);
  const hauling = t.apply(share, 'share while hauling', { F: forces.bodiesN.get(mainAnchor(tackle)!)!, T: forces.loadN });
  const madeFast = t.given({ label: 'share made fast', symbol: 's', value: 1, unit: 'ratio', source: 'equilibrium without the hand', confidence: 'exact' });
  return t.extreme('greatest', 'largest share', 's', [hauling, madeFast]);
}

/** A pulley is made for its rope; what else a rope turns round is taken as thick as the rope itself. Source: pulley makers, from memory. */
const PULLEY_DIAMETERS = 8;
const PULLEYS: readonly PassKind[] = ['ball-bearing-pulley', 'plain-pulley'];

/** The sharpest bend of the tackle's rope, by what it goes round. */
function sharpestBend(tackle: Tackle, ropeDiameterM: number): number | null {
  const rounds = tackle.ropes.flatMap((r) => r.passes.map((p) => (p.turn.by === 'efficiency' ? p.turn.round : null)));
  return rounds.length > 0 && rounds.every((r) => r !== null && PULLEYS.includes(r)) ? PULLEY_DIAMETERS * ropeDiameterM : null;
}

function bodyPlace<V>(t: Tracer<V>, body: TackleBody, forces: TackleForces<V>, flexible: Flexible | null, context: Parameters<typeof knotPlace>[4]): Place<V> {
  const name = body.name || body.id;
  const own = t.apply(share, `share of ${name}`, { F: forces.bodiesN.get(body.id)!, T: forces.loadN });
  if (body.holds.by === 'knot') return knotPlace(t, 'tackle-block', body.holds.knot, flexible, context, undefined, own);
  const capacity = body.holds.by === 'rated'
    ? t.given({ label: `${name}, marked WLL`, symbol: 'C', value: body.holds.wllN, unit: 'N', source: 'marking', confidence: 'rope-tag' })
    : unknownCapacity(t, name, 'no rating plate');
  return makePlace(t, 'tackle-block', name, capacity, 'unrated-fitting', own);
}

/**
 * A tackle on a line: each block or grip by its own force, and its rope by the hardest pulled strand. Its anchor is the
 * line's own. Knots at the ends of its ropes bear a strand each and are never the weakest where the load line is knotted.
 */
export const tackleKind: ElementKind<'tackle'> = {
  kind: 'tackle',
  places(t, element, at, context) {
    const forces = tackleForces(t, element);
    const held = element.bodies.filter((b) => b.kind !== 'load' && b.id !== mainAnchor(element));
    const places = held.map((b) => bodyPlace(t, b, forces, at.flexible, context));
    if (at.flexible?.kind !== 'rope') return places;
    const { rope } = at.flexible;
    const most = t.extreme('greatest', 'hardest pulled strand', 'F', forces.strandsN.flat());
    const capacity = ropePlace(t, rope, context, 'rope of the tackle', bendAt(t, rope, sharpestBend(element, rope.diameterM)));
    places.push(makePlace(t, 'tackle-rope', 'rope of the tackle', capacity, 'unknown-rope', t.apply(share, 'share of the hardest pulled strand', { F: most, T: forces.loadN })));
    return places;
  },
};
