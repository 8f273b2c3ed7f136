import { unitName } from '@/core/securement/load/describe';
import type { Placed } from '@/core/securement/load/placed';
import type { StageFault } from '@/core/securement/stage/faults';
import { stopsInWords } from '@/core/securement/stage/ends';
import type { Clearance, LegReading } from '@/core/securement/stage/readings';
import type { Scene, SceneAnchor, SceneLine } from '@/core/securement/stage/scene';
import type { StageSide } from '@/core/securement/stage/view';
import type { Direction } from '@/core/securement/vocabulary';
import { formatQuantity, type UnitChoice } from '@/core/units';

/** From where the elevation is seen. */
export const SIDE_WORDS: Record<StageSide, string> = {
  rear: 'seen from behind',
  side: 'seen from the left side',
};

const metres = (m: number, units: UnitChoice): string => formatQuantity(m, 'length', units);
const angle = (rad: number, units: UnitChoice): string => formatQuantity(rad, 'angle', units);

const nameIn = ({ load }: Pick<Scene, 'load'>, id: string): string => {
  const found = load.find((p) => p.unit.id === id);
  return found ? unitName(found.unit) : id;
};

const lineIn = ({ lines }: Pick<Scene, 'lines'>, id: string): string =>
  `line ${lines.find((l) => l.id === id)?.number ?? '?'}`;

const anchorName = ({ anchor }: SceneAnchor): string => anchor.name || anchor.id;

/** What is wrong at one place of the deck: what it is, then what to do where that is not plain. */
export function wordFault(fault: StageFault, scene: Scene, units: UnitChoice): string {
  switch (fault.code) {
    case 'units-overlap':
      return `${nameIn(scene, fault.unitIds[0])} and ${nameIn(scene, fault.unitIds[1])} stand in each other.`;
    case 'hangs-over':
      return `${nameIn(scene, fault.unitId)} hangs over the edge of the deck by ${metres(fault.byM, units)}.`;
    case 'stands-on-little':
      return `Less than half of ${nameIn(scene, fault.unitId)} stands on ${nameIn(scene, fault.underId)}.`;
    case 'runs-through':
      return `Lead ${lineIn(scene, fault.lineId)} round ${nameIn(scene, fault.unitId)}: it would run through it.`;
    case 'anchor-not-read': {
      const found = scene.anchors.find((a) => a.anchor.id === fault.anchorId);
      const lines = fault.lineIds.map((id) => lineIn(scene, id)).join(', ');
      return `Read the plate on ${found ? anchorName(found) : fault.anchorId}: ${lines} ${fault.lineIds.length > 1 ? 'pull' : 'pulls'} there.`;
    }
    case 'leg-flat':
      return `Lead ${lineIn(scene, fault.lineId)} more steeply: at ${angle(fault.alphaRad, units)} to the deck it hardly presses.`;
  }
}

/** The same where it stands, as short as it can be said. */
export function wordFaultShortly(fault: StageFault, units: UnitChoice): string {
  switch (fault.code) {
    case 'units-overlap':
      return 'in each other';
    case 'hangs-over':
      return `over by ${metres(fault.byM, units)}`;
    case 'stands-on-little':
      return 'hardly carried';
    case 'runs-through':
      return 'through it';
    case 'anchor-not-read':
      return 'not read';
    case 'leg-flat':
      return `${angle(fault.alphaRad, units)}, flat`;
  }
}

/** Where a unit lies on the deck. */
function placeWords({ unit, baseM }: Placed, scene: Scene, units: UnitChoice): string {
  const { fromFrontM, fromCentreM, on } = unit;
  const aside =
    Math.abs(fromCentreM) < 5e-4
      ? 'in the middle'
      : `${metres(Math.abs(fromCentreM), units)} ${fromCentreM > 0 ? 'left' : 'right'} of the middle`;
  const under =
    on.kind === 'unit'
      ? `on ${nameIn(scene, on.unitId)}, ${metres(baseM, units)} up`
      : 'on the deck';
  return `${under}, ${metres(fromFrontM, units)} behind the front edge, ${aside}`;
}

/** A unit as the list of the deck has it. */
export function wordUnit(placed: Placed, scene: Scene, units: UnitChoice): string {
  const { unit } = placed;
  const mass = unit.massKg === null ? 'mass not known' : formatQuantity(unit.massKg, 'mass', units);
  const turned =
    unit.turnRad === 0
      ? ''
      : `, turned ${angle(Math.abs(unit.turnRad), units)} to the ${unit.turnRad > 0 ? 'left' : 'right'}`;
  return `${mass}, ${placeWords(placed, scene, units)}${turned}`;
}

/** A line as the list of the deck has it: where it leads, whether it counts, its weak place. */
export function wordLine(line: SceneLine, scene: Scene, units: UnitChoice): string {
  const found = scene.plan.lines.find((l) => l.id === line.id)!;
  const over = found.units.map((id) => nameIn(scene, id)).join(', ');
  const way = `${stopsInWords(found) || 'no anchor'}${over ? ` ${found.kind === 'direct' ? 'to' : 'over'} ${over}` : ''}`;
  const carries =
    line.weak === null
      ? 'nothing on it yet'
      : line.weak.wllN === null
        ? `not known at ${line.weak.place}`
        : `${formatQuantity(line.weak.wllN, 'force', units, 'capacity')}, weakest at ${line.weak.place}`;
  return `${way}; ${carries}${line.counted ? '' : '; not counted'}`;
}

/** An anchor as the list of the deck has it. */
export function wordAnchor(anchor: SceneAnchor, units: UnitChoice): string {
  const { rating } = anchor.anchor;
  const takes =
    rating.state === 'rated'
      ? `may take ${formatQuantity(rating.wllN, 'force', units, 'capacity')}`
      : 'plate not read';
  return `${takes}${anchor.used ? ', in use' : ''}`;
}

const TO_SIDE: Record<Direction, string> = {
  forward: 'ahead',
  rearward: 'behind',
  left: 'to the left',
  right: 'to the right',
};

/** Where a unit is and what is near it, while it is moved. */
export function wordClearances(
  placed: Placed,
  gaps: readonly Clearance[],
  scene: Scene,
  units: UnitChoice,
): readonly string[] {
  const near = gaps
    .toSorted((a, b) => a.gapM - b.gapM)
    .slice(0, 2)
    .map(({ direction, gapM, unitId }) =>
      gapM < 0
        ? `${metres(-gapM, units)} over the edge ${TO_SIDE[direction]}`
        : `${metres(gapM, units)} to ${unitId === null ? 'the edge' : nameIn(scene, unitId)} ${TO_SIDE[direction]}`,
    );
  return [placeWords(placed, scene, units), ...near];
}

/** A line's legs while it is led: angle to the deck and length of each. */
export const wordLegs = (legs: readonly LegReading[], units: UnitChoice): readonly string[] =>
  legs.map(
    ({ anchorId, alphaRad, lengthM }) =>
      `${anchorId ?? 'leg'}: ${angle(alphaRad, units)}${lengthM === null ? '' : `, ${metres(lengthM, units)}`}`,
  );
