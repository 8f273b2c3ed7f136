import {
  type StrengthRow,
  tabulatedAtMost,
  US_CHAIN_WLL,
  US_WEBBING_WLL,
} from '../../rope/strength-tables';
import type { Tracer } from '../../working/working';
import type { LineContext } from '../chain';
import type { Flexible } from '../chain';
import {
  type ElementKind,
  makePlace,
  type Place,
  type PlaceProblem,
  unknownCapacity,
} from '../place';
import { atBreaking } from './marked';
import { bendAt, bendOver, bendProblem, noLoss, ropePlace } from './rope-places';

export const ropeKind: ElementKind<'rope'> = {
  kind: 'rope',
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'rope',
      'rope itself',
      ropePlace(t, element.rope, context, 'rope itself', noLoss(t)),
      'unknown-rope',
    ),
  ],
};

/** Marked WLL, else the US default table where the rule set allows it, else unknown. */
function gearCapacity<V>(
  t: Tracer<V>,
  name: string,
  markedWllN: number | null,
  rows: readonly StrengthRow[],
  sizeM: number,
  context: LineContext,
): V {
  if (markedWllN !== null) {
    return atBreaking(
      t,
      t.given({
        label: `${name}, marked WLL`,
        symbol: 'C',
        value: markedWllN,
        unit: 'N',
        source: 'marking',
        confidence: 'rope-tag',
      }),
      context,
    );
  }
  const entry = context.unmarkedByUsTable ? tabulatedAtMost(rows, sizeM) : null;
  if (!entry) return unknownCapacity(t, name, 'not marked');
  return atBreaking(
    t,
    t.given({
      label: `${name}, unmarked`,
      symbol: 'C',
      value: entry.strengthN,
      unit: 'N',
      source: `49 CFR 393.108, ${entry.sizeIn} in`,
      confidence: 'from-memory',
    }),
    context,
  );
}

export const webbingKind: ElementKind<'webbing'> = {
  kind: 'webbing',
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'webbing',
      'webbing',
      gearCapacity(t, 'webbing', element.markedWllN, US_WEBBING_WLL, element.widthM, context),
      'unmarked-gear',
    ),
  ],
};

export const chainKind: ElementKind<'chain'> = {
  kind: 'chain',
  places(t, element, _at, context) {
    // 49 CFR 393.108: unmarked welded chain counts as grade 30.
    const rows = US_CHAIN_WLL[element.grade === 'unmarked' ? '30' : element.grade];
    return [
      makePlace(
        t,
        'chain',
        'chain',
        gearCapacity(t, 'chain', element.markedWllN, rows, element.sizeM, context),
        'unmarked-gear',
      ),
    ];
  },
};

/** Webbing wants a protected edge or one at least this round. Source: makers' instructions, from memory. */
const WEBBING_LEAST_DIAMETER_M = 0.05;
/** Chain wants this many link diameters under it, about its pitch. Source: makers' instructions, from memory. */
const CHAIN_LEAST_LINKS = 3;

/** Why webbing or chain has no figure over this edge; null: its own marking covers it. */
function edgeRefused(
  flexible: Exclude<Flexible, { kind: 'rope' }>,
  shape: 'rounded' | 'protected',
  diameterM: number | null,
): PlaceProblem | null {
  if (flexible.kind === 'webbing' && shape === 'protected') return null;
  if (diameterM === null) return 'bend-not-measured';
  const [least, code] =
    flexible.kind === 'webbing'
      ? ([WEBBING_LEAST_DIAMETER_M, 'webbing-over-edge'] as const)
      : ([CHAIN_LEAST_LINKS * flexible.sizeM, 'chain-over-edge'] as const);
  return diameterM >= least * (1 - 1e-9) ? null : code;
}

export const edgeKind: ElementKind<'edge'> = {
  kind: 'edge',
  places(t, element, at, context) {
    const name = element.name || 'edge';
    const { shape } = element;
    if (shape === 'sharp') {
      return [
        makePlace(
          t,
          'edge',
          name,
          unknownCapacity(t, name, 'sharp edge without protection'),
          'bend-too-sharp',
        ),
      ];
    }
    // Whatever may lie over it must be able to.
    return at.runs.flatMap((flexible): Place<ReturnType<typeof t.given>>[] => {
      if (flexible.kind === 'rope') {
        const over = bendOver(element.bendDiameterM);
        const capacity = ropePlace(t, flexible.rope, context, name, bendAt(t, flexible.rope, over));
        return [makePlace(t, 'edge', name, capacity, bendProblem(flexible.rope, over))];
      }
      const refused = edgeRefused(flexible, shape, element.bendDiameterM);
      return refused === null
        ? []
        : [
            makePlace(
              t,
              'edge',
              name,
              unknownCapacity(
                t,
                name,
                refused === 'bend-not-measured' ? 'not measured' : `too sharp for ${flexible.kind}`,
              ),
              refused,
            ),
          ];
    });
  },
};
