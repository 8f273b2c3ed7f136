import {
  type StrengthRow,
  tabulatedAtMost,
  US_CHAIN_WLL,
  US_WEBBING_WLL,
} from '../../rope/strength-tables';
import type { Tracer } from '../../working/working';
import type { LineContext } from '../context';
import { makePlace, type PlaceProblem, unknownCapacity } from '../place';
import { chainStiffnessN, webbingStiffnessN } from './elasticity';
import { lessMarked } from './gear-fits';
import type { ElementKind } from './kind';
import { atBreaking } from './marked';

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

/** Webbing wants a protected edge or one at least this round. Source: makers' instructions, from memory. */
const WEBBING_LEAST_DIAMETER_M = 0.05;
/** Chain wants this many link diameters under it, about its pitch. Source: makers' instructions, from memory. */
const CHAIN_LEAST_LINKS = 3;

/** Why it has no figure over a bend of this diameter; null: its own marking covers it. */
function tooSharp(
  diameterM: number | null,
  leastM: number,
  code: PlaceProblem,
): PlaceProblem | null {
  if (diameterM === null) return 'bend-not-measured';
  return diameterM >= leastM * (1 - 1e-9) ? null : code;
}

export const webbingKind: ElementKind<'webbing'> = {
  kind: 'webbing',
  role: 'run',
  beginning: { widthM: 0.05, markedWllN: null, tag: '', gearId: null },
  run: (element) => ({
    kind: 'webbing',
    rope: null,
    get stiffnessN() {
      return webbingStiffnessN(element);
    },
    noKnots: 'knot-in-webbing',
    overEdge: (shape, diameterM) =>
      shape === 'protected'
        ? null
        : tooSharp(diameterM, WEBBING_LEAST_DIAMETER_M, 'webbing-over-edge'),
  }),
  gear: {
    item: 'webbing',
    worse(element, now) {
      const { item } = now.gear;
      const sizeM = item.kind === 'webbing' ? item.widthM : null;
      return lessMarked(
        { wllN: element.markedWllN, sizeM: element.widthM, grade: null },
        { wllN: item.markedWllN, sizeM, grade: null },
        now,
      );
    },
    taken: (element, { gear: { item, code } }) =>
      item.kind === 'webbing'
        ? { ...element, tag: code, widthM: item.widthM, markedWllN: item.markedWllN }
        : null,
    another: (element) => ({ ...element, tag: '' }),
  },
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
  role: 'run',
  beginning: { grade: '70', sizeM: 0.009525, markedWllN: null, tag: '', gearId: null },
  run: (element) => ({
    kind: 'chain',
    rope: null,
    get stiffnessN() {
      return chainStiffnessN(element);
    },
    noKnots: 'knot-in-chain',
    overEdge: (_shape, diameterM) =>
      tooSharp(diameterM, CHAIN_LEAST_LINKS * element.sizeM, 'chain-over-edge'),
  }),
  gear: {
    item: 'chain',
    worse(element, now) {
      const { item } = now.gear;
      const [sizeM, grade] = item.kind === 'chain' ? [item.sizeM, item.grade] : [null, null];
      return lessMarked(
        { wllN: element.markedWllN, sizeM: element.sizeM, grade: element.grade },
        { wllN: item.markedWllN, sizeM, grade },
        now,
      );
    },
    taken: (element, { gear: { item, code } }) =>
      item.kind === 'chain'
        ? {
            ...element,
            tag: code,
            grade: item.grade,
            sizeM: item.sizeM,
            markedWllN: item.markedWllN,
          }
        : null,
    another: (element) => ({ ...element, tag: '' }),
  },
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
