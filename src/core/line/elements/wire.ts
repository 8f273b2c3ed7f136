import { MARINE_FRACTIONS } from '../../gear/rating';
import { US_WIRE_WLL, tabulatedAtMost } from '../../rope/strength-tables';
import { formula, type Tracer } from '../../working/working';
import type { LineContext } from '../context';
import { makePlace, unknownCapacity } from '../place';
import type { ElementOf } from '../schema';
import { wireStiffnessN } from './elasticity';
import type { ElementKind } from './kind';
import { lessMarked } from './gear-fits';
import { atBreaking } from './marked';

/** Wire rope wants this many of its diameters under it. Common practice, no source. */
const LEAST_DIAMETERS = 6;

const byFraction = formula({
  symbol: 'C',
  unit: 'N',
  text: 'MBS × d',
  source: 'CSS Code Annex 13: maximum securing load of wire rope',
  confidence: 'from-memory',
  compute: ({ MBS, d }: Record<'MBS' | 'd', number>) => MBS * d,
});
const byFactor = formula({
  symbol: 'C',
  unit: 'N',
  text: 'MBS ÷ N',
  source: 'breaking strength over the design factor',
  confidence: 'practice',
  compute: ({ MBS, N }: Record<'MBS' | 'N', number>) => MBS / N,
});

type Wire = ElementOf<'wire'>;

const breaking = <V>(t: Tracer<V>, { mbsN }: Wire): V =>
  t.given({
    label: 'breaking strength',
    symbol: 'MBS',
    value: mbsN,
    unit: 'N',
    source: 'label',
    confidence: 'rope-tag',
  });

/** What its breaking strength allows: by the marine fraction where the set counts so, else by the crew's design factor. */
function byStrength<V>(t: Tracer<V>, element: Wire, { basis }: LineContext): V {
  const MBS = breaking(t, element);
  if (basis.school !== 'marine-msl')
    return t.apply(byFactor, 'wire rope', {
      MBS,
      N: t.given({
        label: 'design factor',
        symbol: 'N',
        value: basis.designFactor,
        unit: 'ratio',
        source: 'your crew’s choice',
        confidence: 'entered',
      }),
    });
  return t.apply(byFraction, 'wire rope', {
    MBS,
    d: t.given({
      label: `${element.singleUse ? 'single use' : 're-usable'}, part of its strength`,
      symbol: 'd',
      value: element.singleUse ? MARINE_FRACTIONS.wireSingleUse : MARINE_FRACTIONS.wire,
      unit: 'ratio',
      source: 'CSS Code Annex 13',
      confidence: 'from-memory',
    }),
  });
}

/** Marked WLL; else by its breaking strength, where the set lets a crew reckon; else the US default table, where it allows that. */
function capacityOf<V>(t: Tracer<V>, element: Wire, context: LineContext): V {
  const { markedWllN, mbsN, sizeM } = element;
  const { basis, limit, unmarkedByUsTable } = context;
  if (limit === 'breaking' && mbsN !== null) return breaking(t, element);
  const given = (label: string, value: number, source: string, rated: boolean): V =>
    t.given({
      label,
      symbol: 'C',
      value,
      unit: 'N',
      source,
      confidence: rated ? 'rope-tag' : 'from-memory',
    });
  const marked =
    markedWllN === null ? null : given('wire rope, marked WLL', markedWllN, 'marking', true);
  const reckoned =
    mbsN !== null && !basis.markedOrTableOnly ? byStrength(t, element, context) : null;
  // A marking is a ceiling: whoever reckons may say less, never more.
  if (marked !== null)
    return atBreaking(
      t,
      reckoned === null ? marked : t.extreme('least', 'wire rope', 'C', [marked, reckoned]),
      context,
    );
  if (reckoned !== null) return atBreaking(t, reckoned, context);
  const entry = unmarkedByUsTable ? tabulatedAtMost(US_WIRE_WLL, sizeM) : null;
  if (!entry) return unknownCapacity(t, 'wire rope', 'not marked');
  return atBreaking(
    t,
    given(
      'wire rope, unmarked',
      entry.strengthN,
      `49 CFR 393.108, 6 × 37 fibre core, ${entry.sizeIn} in`,
      false,
    ),
    context,
  );
}

export const wireKind: ElementKind<'wire'> = {
  kind: 'wire',
  role: 'run',
  beginning: { sizeM: 0.01, singleUse: false, mbsN: null, markedWllN: null, tag: '', gearId: null },
  run: ({ sizeM }) => ({
    kind: 'wire',
    rope: null,
    stiffnessN: wireStiffnessN({ sizeM }),
    noKnots: 'knot-in-wire',
    overEdge: (_shape, diameterM) =>
      diameterM === null
        ? 'bend-not-measured'
        : diameterM >= LEAST_DIAMETERS * sizeM * (1 - 1e-9)
          ? null
          : 'wire-over-edge',
  }),
  gear: {
    item: 'wire',
    worse(element, now) {
      const { item } = now.gear;
      if (item.kind !== 'wire' || item.singleUse !== element.singleUse) return true;
      const weaker =
        element.mbsN !== null && (item.mbsN === null || item.mbsN < element.mbsN * (1 - 1e-9));
      return (
        weaker ||
        lessMarked(
          { wllN: element.markedWllN, sizeM: element.sizeM, grade: null },
          { wllN: item.markedWllN, sizeM: item.sizeM, grade: null },
          now,
        )
      );
    },
    taken: (element, { gear: { item, code } }) =>
      item.kind === 'wire'
        ? {
            ...element,
            tag: code,
            sizeM: item.sizeM,
            singleUse: item.singleUse,
            mbsN: item.mbsN,
            markedWllN: item.markedWllN,
          }
        : null,
    another: (element) => ({ ...element, tag: '' }),
  },
  places: (t, element, _at, context) => [
    makePlace(t, 'wire', 'wire rope', capacityOf(t, element, context), 'unmarked-gear'),
  ],
};
