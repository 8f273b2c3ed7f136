/** What can be taken hold of on the deck, and what a drag of it does to the plan. */
import { unitName } from '@/core/securement/load/describe';
import { fromMiddle, type Placed, placeUnits } from '@/core/securement/load/placed';
import { contains, type Spot } from '@/core/securement/load/outline';
import type { Plan } from '@/core/securement/plan';
import {
  movedUnit,
  sizedUnit,
  snappedStep,
  standingOn,
  turnedUnit,
  underneath,
  type UnitGrip,
} from '@/core/securement/stage/edits';
import type { StageLayout } from '@/core/securement/stage/layout';
import { type LineEnd } from '@/core/securement/stage/ends';
import { bentTo, ledTo, lineOver, lineTo } from '@/core/securement/stage/lines';
import { clearances, legReadings } from '@/core/securement/stage/readings';
import type { Scene } from '@/core/securement/stage/scene';
import { stepOnDeck } from '@/core/securement/stage/view';
import type { LineMake } from '@/core/securement/vocabulary';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { wordClearances, wordLegs } from '@/wording/stage';
import type { Picture } from '@/core/securement/stage/paths';

export type Grip =
  | { readonly kind: 'unit'; readonly id: string; readonly picture: Picture }
  | { readonly kind: 'size'; readonly id: string; readonly side: UnitGrip }
  | { readonly kind: 'turn'; readonly id: string }
  | { readonly kind: 'end'; readonly id: string; readonly end: LineEnd }
  | {
      readonly kind: 'bend';
      readonly id: string;
      readonly index: number;
      readonly picture: Picture;
    }
  | { readonly kind: 'anchor'; readonly id: string };

/** What a grip is called among all others: its kind, what it is of, and which of several. */
export function nameOfGrip(grip: Grip): string {
  const which =
    grip.kind === 'size'
      ? `/${grip.side}`
      : grip.kind === 'end'
        ? `/${grip.end}`
        : grip.kind === 'bend'
          ? `/${grip.index}`
          : '';
  return `${grip.kind}/${grip.id}${which}`;
}

/** A drag on the picture, from where to where. */
export interface Drag {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}

/** So near, in units of the picture, a drag is caught by what lies there. */
const CATCH = 30;
const STOP = 7;
/** Turns stop at whole degrees, and at these where they are near. */
const DEGREE = Math.PI / 180;
const STOP_TURN = 15 * DEGREE;

const near = (
  layout: StageLayout,
  plan: Plan,
  [x, y]: readonly [number, number],
): string | null => {
  const found = plan.deck.anchors
    .map((a) => {
      const [ax, ay] = layout.plan({ x: -a.fromFrontM, y: a.fromCentreM });
      return { id: a.id, far: Math.hypot(ax - x, ay - y) };
    })
    .reduce<{ id: string; far: number } | null>((a, b) => (a && a.far <= b.far ? a : b), null);
  return found && found.far <= CATCH ? found.id : null;
};

/** The unit that lies topmost under a place of the plan. */
const unitAt = (plan: Plan, spot: Spot): Placed | null =>
  placeUnits(plan.units)
    .filter((p) => contains(p.outline, spot))
    .reduce<Placed | null>((a, b) => (a && a.topM >= b.topM ? a : b), null);

function moved(
  plan: Plan,
  grip: Extract<Grip, { kind: 'unit' }>,
  drag: Drag,
  layout: StageLayout,
): Plan {
  const [du, dv] = [
    (drag.to[0] - drag.from[0]) / layout.perM,
    grip.picture === 'plan' ? (drag.to[1] - drag.from[1]) / layout.perM : 0,
  ];
  const step = snappedStep(
    plan,
    grip.id,
    stepOnDeck(layout.side, { u: du, v: dv }),
    STOP / layout.perM,
  );
  const put = movedUnit(plan, grip.id, step);
  return grip.picture === 'plan' ? standingOn(put, grip.id, underneath(put, grip.id)) : put;
}

function sized(
  plan: Plan,
  { id, side }: Extract<Grip, { kind: 'size' }>,
  drag: Drag,
  layout: StageLayout,
): Plan {
  const placed = placeUnits(plan.units).find((p) => p.unit.id === id);
  if (!placed) return plan;
  const grid = (m: number): number => Math.round(m * 100) / 100;
  if (side === 'top')
    return sizedUnit(plan, id, side, grid(layout.heightAt(drag.to[1]) - placed.baseM));
  const at = layout.deckAt(...drag.to);
  const away = { x: at.x - placed.middle.x, y: at.y - placed.middle.y };
  const back = { middle: { x: 0, y: 0 }, unit: { ...placed.unit, turnRad: -placed.unit.turnRad } };
  const own = fromMiddle(back, away);
  const { lengthM, widthM } = placed.unit;
  const toM = {
    front: lengthM / 2 + own.x,
    rear: lengthM / 2 - own.x,
    left: widthM / 2 + own.y,
    right: widthM / 2 - own.y,
  }[side];
  return sizedUnit(plan, id, side, grid(toM));
}

function turned(plan: Plan, id: string, drag: Drag, layout: StageLayout): Plan {
  const placed = placeUnits(plan.units).find((p) => p.unit.id === id);
  if (!placed) return plan;
  const angle = (at: readonly [number, number]): number => {
    const spot = layout.deckAt(...at);
    return Math.atan2(spot.y - placed.middle.y, spot.x - placed.middle.x);
  };
  const wanted = placed.unit.turnRad + angle(drag.to) - angle(drag.from);
  const stop = Math.round(wanted / STOP_TURN) * STOP_TURN;
  const to = Math.abs(stop - wanted) < 3 * DEGREE ? stop : Math.round(wanted / DEGREE) * DEGREE;
  return turnedUnit(plan, id, to - placed.unit.turnRad);
}

const withLine = (
  plan: Plan,
  id: string,
  change: (l: Plan['lines'][number]) => Plan['lines'][number],
): Plan => ({
  ...plan,
  lines: plan.lines.map((l) => (l.id === id ? change(l) : l)),
});

/** A new line from an anchor to wherever the drag ends: another anchor, or a unit. Null where it ends at nothing. */
function pulled(
  plan: Plan,
  id: string,
  drag: Drag,
  layout: StageLayout,
  make: LineMake,
): Plan | null {
  const anchorId = near(layout, plan, drag.to);
  const spot = layout.deckAt(...drag.to);
  const line =
    anchorId !== null
      ? lineOver(plan, id, anchorId, make)
      : ((unit) => (unit ? lineTo(plan, id, unit.unit.id, spot, make) : null))(unitAt(plan, spot));
  return line ? { ...plan, lines: [...plan.lines, line] } : null;
}

/** What a drag of a grip makes of the plan; the plan itself where it does nothing. */
export function dragged(
  plan: Plan,
  grip: Grip,
  drag: Drag,
  layout: StageLayout,
  make: LineMake,
): Plan {
  switch (grip.kind) {
    case 'unit':
      return moved(plan, grip, drag, layout);
    case 'size':
      return sized(plan, grip, drag, layout);
    case 'turn':
      return turned(plan, grip.id, drag, layout);
    case 'end': {
      const anchorId = near(layout, plan, drag.to);
      return anchorId === null
        ? plan
        : withLine(plan, grip.id, (l) => ledTo(l, grip.end, anchorId));
    }
    case 'bend':
      return withLine(plan, grip.id, (l) => {
        const point = l.points[grip.index];
        return grip.picture === 'plan' || !point
          ? bentTo(plan, l, grip.index, layout.deckAt(...drag.to))
          : bentTo(
              plan,
              l,
              grip.index,
              { x: -point.fromFrontM, y: point.fromCentreM },
              layout.heightAt(drag.to[1]),
            );
      });
    case 'anchor':
      return pulled(plan, grip.id, drag, layout, make) ?? plan;
  }
}

/** What is read off while a grip is dragged: place and clearance, measures, angles and lengths. */
export function readingsOf(grip: Grip, scene: Scene, units: UnitChoice): readonly string[] {
  const placed = scene.load.find((p) => p.unit.id === grip.id);
  const length = (m: number): string => formatQuantity(m, 'length', units);
  switch (grip.kind) {
    case 'unit':
      return placed
        ? wordClearances(placed, clearances(placed, scene.load, scene.plan.deck), scene, units)
        : [];
    case 'size':
      return placed
        ? [
            `${unitName(placed.unit)}: ${length(placed.unit.lengthM)} long, ${length(placed.unit.widthM)} wide, ${length(placed.unit.heightM)} high`,
          ]
        : [];
    case 'turn':
      return placed ? [`turned ${formatQuantity(placed.unit.turnRad, 'angle', units)}`] : [];
    case 'anchor': {
      const last = scene.lines.at(-1);
      return last ? [last.name, ...wordLegs(legReadings(last.legs), units)] : [];
    }
    default: {
      const line = scene.lines.find((l) => l.id === grip.id);
      return line ? [`line ${line.number}`, ...wordLegs(legReadings(line.legs), units)] : [];
    }
  }
}
