import type { z } from 'zod';
import { catenaryOfSag, parabolaTensionN } from '@/core/span/catenary';
import { endTensions, sagForLimit } from '@/core/span/loaded-line';
import type { TackleTurn } from '@/core/tackle/fields';
import { riggingOf, type Tackle } from '@/core/tackle/tackle';
import {
  type RiggingForces,
  riggingForces,
  travelRatio,
  withoutFriction,
} from '@/core/tackle/rigging';
import { tackleForces } from '@/core/tackle/rigging-working';
import { loopDistance, takeUp, tensionWhenLoopArrivesN } from '@/core/tackle/take-up';
import { keptAfterTieOff, settledFormula } from '@/core/tackle/tie-off';
import { tailForce, turnsWanted } from '@/core/tackle/wraps';
import { type Given, traced, type WorkingUnit } from '@/core/working/working';
import type { Result } from '@/core/result';
import { refuse } from '../problem';
import type { spanBody, tackleBody, takeUpBody, tieOffBody, wrapsBody } from './tension-schemas';

/** A value, or a refusal in the words of its issue. */
function must<T>(result: Result<T>): T {
  if (result.ok) return result.value;
  const [issue] = result.issues;
  throw refuse(422, issue!.code, issue!.values, [...issue!.path]);
}

const entered = (
  label: string,
  symbol: string,
  value: number,
  unit: WorkingUnit,
): ReturnType<typeof traced.given> =>
  traced.given({
    label,
    symbol,
    value,
    unit,
    source: 'your entry',
    confidence: 'entered',
  } satisfies Given);

const forcesOut = (f: RiggingForces, handN: number) => ({
  ratio: f.loadRatio,
  loadN: f.loadRatio * handN,
  anchorsN: Object.fromEntries([...f.anchors].map(([id, n]) => [id, n * handN])),
  strandsN: f.strands.map((rope) => rope.map((t) => t * handN)),
});

/** A system of bodies and ropes: counted, hauling, holding, and the rope hauled for a travel of 1. */
export function computeTackle({
  bodies,
  ropes,
  handAngleRad,
  handForceN,
}: z.infer<typeof tackleBody>) {
  const turn = (p: (typeof ropes)[number]['passes'][number]): TackleTurn =>
    'mu' in p
      ? { by: 'friction', mu: p.mu, wrapRad: p.wrapRad }
      : { by: 'efficiency', round: null, efficiency: p.efficiency };
  const tackle: Tackle = {
    title: '',
    handForceN,
    handAngleRad,
    slipM: 0,
    bodies: bodies.map((b) => ({ ...b, name: '', holds: { by: 'unrated' } })),
    ropes: ropes.map((r) => ({
      ...r,
      passes: r.passes.map((p) => ({ body: p.body, turn: turn(p) })),
    })),
  };
  const rigging = riggingOf(tackle);
  const hauling = must(riggingForces(rigging, 'hauling'));
  const counted = must(riggingForces(withoutFriction(rigging), 'hauling')).loadRatio;
  return {
    countedRatio: counted,
    travelRatio: must(travelRatio(rigging)),
    efficiency: counted === 0 ? null : hauling.loadRatio / counted,
    hauling: forcesOut(hauling, handForceN),
    holding: forcesOut(must(riggingForces(rigging, 'holding')), handForceN),
    working: tackleForces(traced, tackle).loadN,
  };
}

/** What a line keeps when the hand lets go, and what the rules count of it. */
export function computeTieOff(body: z.infer<typeof tieOffBody>) {
  const kept = keptAfterTieOff(
    traced,
    {
      hauledN: entered('hauled to', 'T', body.hauledN, 'N'),
      handN: entered('hand along the line', 'H', body.handN, 'N'),
      stiffnessN: entered('stiffness of the rope', 'EA', body.stiffnessN, 'N'),
      loadLengthM: entered('load line', 'L₁', body.loadLengthM, 'm'),
      shortLengthM: entered('each short strand', 'L₂', body.shortLengthM, 'm'),
      slipM: entered('tail that slips in', 'd', body.slipM, 'm'),
      anchorStrandN: entered('strand up from the anchor', 'S₂', body.anchorStrandN, 'N'),
    },
    body.anchor,
  );
  const settled = traced.apply(settledFormula, 'after settling', {
    T: kept,
    z: entered('settling', 'z', body.settling, 'ratio'),
  });
  return { keptN: kept.value, settledN: settled.value, working: settled };
}

/** How far from the anchor a loop is to be tied, and what happens where it is tied. */
export function computeTakeUp(body: z.infer<typeof takeUpBody>) {
  const inputs = {
    lengthM: entered('line that stretches', 'L', body.lengthM, 'm'),
    stiffnessN: entered('stiffness of the rope', 'EA', body.stiffnessN, 'N'),
    tensionN: entered('hauled to', 'T', body.tensionN, 'N'),
    spanM: entered('span', 'L', body.spanM, 'm'),
    sagM: entered('sag while slack', 's', body.sagM, 'm'),
    settingM: entered('knots drawing up', 'k', body.settingM, 'm'),
  };
  const distance = loopDistance(traced, inputs, entered('hand’s width', 'h', body.handWidthM, 'm'));
  return {
    takeUpM: takeUp(traced, inputs).value,
    loopFromAnchorM: distance.value,
    tiedAt:
      body.tiedAtM === null
        ? null
        : {
            enough: body.tiedAtM >= (takeUp(traced, inputs).value ?? 0),
            tensionWhenLoopArrivesN: tensionWhenLoopArrivesN(body, body.tiedAtM),
          },
    working: distance,
  };
}

/** A span: its own weight, a load on it, and the sag that keeps it at a limit. */
export function computeSpan({
  spanM,
  riseM,
  sagM,
  weightNPerM,
  load,
  limitN,
}: z.infer<typeof spanBody>) {
  const hanging = { spanM, riseM, weightNPerM };
  const curve = catenaryOfSag(hanging, sagM);
  const loaded = load && { ...hanging, ...load };
  // Without a load the line's own weight alone, by the parabola: the catenary has no formula that ends.
  const ends = endTensions(traced, loaded ?? { ...hanging, loadN: 0, atM: spanM / 2 }, sagM);
  return {
    catenary: curve,
    parabolaHorizontalN: riseM === 0 ? parabolaTensionN(hanging, sagM) : null,
    load: loaded && {
      horizontalN: ends.horizontalN.value,
      firstN: ends.firstN.value,
      secondN: ends.secondN.value,
      greatestN: ends.greatestN.value,
    },
    sagAtLimitM: loaded && limitN !== null ? must(sagForLimit(loaded, limitN)) : null,
    working: ends.greatestN,
  };
}

/** Wraps round something round: what is to be held at the tail, and the turns wanted for a hand. */
export function computeWraps({ loadN, handN, round, angleRad }: z.infer<typeof wrapsBody>) {
  const { least, greatest } = tailForce(traced, { loadN, angleRad, round });
  return {
    tailN: { least: least.value, greatest: greatest.value },
    turnsWanted: must(turnsWanted(loadN, handN, round)),
    working: greatest,
  };
}
