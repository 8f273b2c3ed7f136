import { softestRunN } from '../line/elements';
import { formula, type Tracer, type Working } from '../working/working';
import { farEnd, type Leg } from './leg';
import type { DangerZone } from './danger-zone';
import type { LineFacts } from './rule-input';
import { soundnessOf } from './soundness';

const storedFormula = formula<'T' | 'L' | 'EA'>({
  symbol: 'E',
  unit: 'J',
  text: 'T² × L ÷ (2 × EA)',
  source: 'energy of a stretched line',
  confidence: 'exact',
  compute: ({ T, L, EA }) => (T * T * L) / (2 * EA),
});

/** A leg that rises steeper than this points to no side of the deck, as a part of its length. */
const NO_SIDE = 0.05;

/** What a tight line has stored, and where it would go. */
export interface StoredEnergy {
  readonly lineId: string;
  readonly name: string;
  /** Null within: not known, and the working says what is missing. */
  readonly energy: Working;
  /** The same at the line's working load limit: what it may come to on the way. */
  readonly atLimit: Working;
  readonly zones: readonly DangerZone[];
}

/** Beyond both ends of a leg: past its anchor, and past where it holds the load. */
function zonesOf(leg: Leg, lengthM: number): DangerZone[] {
  const far = farEnd(leg);
  if (leg.at === null || far === null) return [];
  const [dx, dy] = [far.x - leg.at.x, far.y - leg.at.y];
  const steep = Math.hypot(dx, dy) < NO_SIDE * (leg.lengthM ?? 0);
  const towardRad = steep ? null : Math.atan2(dy, dx);
  return [
    { at: { x: far.x, y: far.y }, towardRad, lengthM },
    {
      at: { x: leg.at.x, y: leg.at.y },
      towardRad: towardRad === null ? null : towardRad + Math.PI,
      lengthM,
    },
  ];
}

function stored(t: Tracer<Working>, facts: LineFacts, tension: Working, label: string): Working {
  const { line, shape } = facts;
  return t.apply(storedFormula, label, {
    T: tension,
    L: t.given({
      label: 'length of the line',
      symbol: 'L',
      value: shape.routeLengthM,
      unit: 'm',
      source: 'its route',
      confidence: 'computed',
    }),
    EA: t.given({
      label: 'stiffness',
      symbol: 'EA',
      // What gives most stores most.
      value: softestRunN(line.elements),
      unit: 'N',
      source: 'what runs along it',
      confidence: 'from-memory',
    }),
  });
}

/**
 * Energy of every line that holds something, J, and where nobody stands while it is tight: past each end of each leg, for the
 * length of the line, 15° to both sides; and never inside a bight, which a drawing shows by itself.
 * Source: energy of a spring; zones: practice, no source.
 */
export function storedEnergies(t: Tracer<Working>, lines: readonly LineFacts[]): StoredEnergy[] {
  return lines
    .filter((facts) => soundnessOf(facts) === 'sound')
    .map((facts): StoredEnergy => ({
      lineId: facts.line.id,
      name: facts.line.name,
      energy: stored(t, facts, facts.tension.kept, 'stored in the line'),
      atLimit: stored(t, facts, facts.capacity.wll, 'stored at its working load limit'),
      zones: facts.shape.legs.flatMap((leg) => zonesOf(leg, facts.shape.routeLengthM ?? 0)),
    }));
}
