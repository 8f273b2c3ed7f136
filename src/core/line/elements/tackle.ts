import { type BendOver, bendAt, bendProblem, knotPlace, ropePlace, ropesOf } from './rope-places';
import { ratedCapacity } from './marked';
import { tackleOf } from '../../tackle/compose';
import type { PassKind } from '../../tackle/passes';
import type { TackleBody } from '../../tackle/fields';
import type { Tackle } from '../../tackle/tackle';
import { type TackleForces, tackleForces } from '../../tackle/rigging-working';
import { formula, type Tracer } from '../../working/working';
import type { LineContext, Run } from '../context';
import { makePlace, type Place, weakestPlace } from '../place';
import type { ElementKind } from './kind';
import { tackleTension } from './tackle-tension';

const share = formula({
  symbol: 's',
  unit: 'ratio',
  text: 'F ÷ T',
  source: 'its force over the load line’s, while hauling',
  confidence: 'exact',
  symbols: { F: 'F', T: 'T' },
  compute: ({ F, T }: Record<'F' | 'T', number>) => F / T,
});

/** The anchor body that the line's own anchor stands for: the one farthest from the load. */
const mainAnchor = (tackle: Tackle): string | undefined =>
  tackle.bodies.findLast((b) => b.kind === 'anchor')?.id;

/**
 * Largest share of the load line's tension that the anchor of a tackle bears. While hauling the hand may bear part of it, or add
 * to it over a redirect; once the hauled end is made fast, the anchor alone bears the line.
 */
function tackleAnchorShare<V>(t: Tracer<V>, tackle: Tackle): V {
  const forces = tackleForces(t, tackle);
  const hauling = t.apply(share, 'share while hauling', {
    F: forces.bodiesN.get(mainAnchor(tackle)!)!,
    T: forces.loadN,
  });
  const madeFast = t.given({
    label: 'share made fast',
    symbol: 's',
    value: 1,
    unit: 'ratio',
    source: 'equilibrium without the hand',
    confidence: 'exact',
  });
  return t.extreme('greatest', 'largest share', 's', [hauling, madeFast]);
}

/** A pulley is made for its rope; what else a rope turns round is taken as thick as the rope itself. Source: pulley makers, from memory. */
const PULLEY_DIAMETERS = 8;
const PULLEYS: readonly PassKind[] = ['ball-bearing-pulley', 'plain-pulley'];

/** The sharpest bend of the tackle's rope, by what it goes round. */
function sharpestBend(tackle: Tackle, ropeDiameterM: number): BendOver {
  const rounds = tackle.ropes.flatMap((r) =>
    r.passes.map((p) => (p.turn.by === 'efficiency' ? p.turn.round : null)),
  );
  return rounds.length > 0 && rounds.every((r) => r !== null && PULLEYS.includes(r))
    ? { diameterM: PULLEY_DIAMETERS * ropeDiameterM }
    : 'as-thick-as-the-rope';
}

/** What a body bears, as a part of the load line's tension: the load's and a travelling body's own force, the anchor's largest. */
function bodyShare<V>(t: Tracer<V>, tackle: Tackle, body: TackleBody, forces: TackleForces<V>): V {
  if (body.id === mainAnchor(tackle)) return tackleAnchorShare(t, tackle);
  return t.apply(share, `share of ${body.name || body.id}`, {
    F: forces.bodiesN.get(body.id)!,
    T: forces.loadN,
  });
}

function bodyPlace<V>(
  t: Tracer<V>,
  tackle: Tackle,
  body: TackleBody,
  forces: TackleForces<V>,
  runs: readonly Run[],
  context: LineContext,
): Place<V> {
  const name = body.name || body.id;
  const own = bodyShare(t, tackle, body, forces);
  if (body.holds.by === 'knot')
    return knotPlace(t, 'tackle-block', body.holds.knot, runs, context, undefined, own);
  const rating =
    body.holds.by === 'rated'
      ? { state: 'rated' as const, wllN: body.holds.wllN }
      : { state: 'unrated' as const };
  return makePlace(
    t,
    'tackle-block',
    name,
    ratedCapacity(t, name, rating, context),
    'unrated-fitting',
    own,
  );
}

/** A slip while the hauled end is made fast, and a hand, where nothing is said: as a plan takes them. */
const HAULED = { handForceN: 250, slipM: 0.005, fromRigging: null } as const;

/**
 * A tackle on a line: every block, grip and fastening by its own force, at the load and at the anchor too, and its rope by
 * the hardest pulled strand. The ring behind its anchor block is the line's own. Knots at the ends of its ropes bear a
 * strand each and are never the weakest where the load line is knotted.
 */
export const tackleKind: ElementKind<'tackle'> = {
  kind: 'tackle',
  role: 'knot',
  beginning: { ...tackleOf('simple-3', 'plain-pulley'), ...HAULED },
  fastens: true,
  adjustable: () => true,
  knots: ({ bodies }) => bodies.flatMap((b) => (b.holds.by === 'knot' ? [b.holds.knot] : [])),
  hauling: (element) => ({
    share: (t, part) => (part === 'anchor' ? tackleAnchorShare(t, element) : undefined),
  }),
  hand: {
    pullN: ({ handForceN }) => handForceN,
    pulled: (element, handForceN) => ({ ...element, handForceN }),
  },
  tension: (t, element, elements, inputs) => tackleTension(t, element, elements, inputs),
  places(t, element, at, context) {
    const forces = tackleForces(t, element);
    const places = element.bodies.map((b) => bodyPlace(t, element, b, forces, at.runs, context));
    const most = t.extreme('greatest', 'hardest pulled strand', 'F', forces.strandsN.flat());
    const rope = ropesOf(at.runs).map((r): Place<ReturnType<typeof t.given>> => {
      const over = sharpestBend(element, r.diameterM);
      const capacity = ropePlace(t, r, context, 'rope of the tackle', bendAt(t, r, over));
      return makePlace(
        t,
        'tackle-rope',
        'rope of the tackle',
        capacity,
        bendProblem(r, over),
        t.apply(share, 'share of the hardest pulled strand', { F: most, T: forces.loadN }),
      );
    });
    return [...places, ...weakestPlace(t, rope)];
  },
};
