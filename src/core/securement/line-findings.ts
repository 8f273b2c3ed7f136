import type { FindingCode } from './codes';
import { knot, type KnotId } from '../knot/knots';
import { ROPE_MATERIALS } from '../rope/materials';
import type { LinePlace } from '../line/line';
import { ropeShortBy } from '../line/rope-needed';
import { atMost } from '../units/constants';
import { knotsIn, ropesIn } from '../line/elements';
import type { LineElement } from '../line/schema';
import type { Working } from '../working/working';
import type { LineFacts } from './rule-input';
import type { LoadUnit } from './load/schema';
import type { Finding } from './verdict';

/**
 * A place nobody knows the capacity of. The line counts for nothing; and while it is hauled, nobody can say that it is not
 * hauled too far: leaving a rating out must not pass where a low one would not.
 */
function unknownPlaces({ line, capacity, tension }: LineFacts): Finding[] {
  const effect = (tension.hauled.value ?? 0) > 0 ? 'cannot-say' : 'notice';
  return capacity.places.flatMap((place: LinePlace<Working>) =>
    place.problem === null
      ? []
      : [
          {
            code: place.problem,
            effect,
            clause: '',
            lineId: line.id,
            elementId: place.elementId,
            values: { line: line.name, place: place.name },
          },
        ],
  );
}

const HAZARD_CODES = {
  'slips-on-metal': 'timber-hitch-on-metal',
  'not-for-joining-loads': 'reef-as-load-join',
  jams: 'knot-jams',
  // What a place of a line asks is told where a knot is chosen for it.
  'equal-ropes-only': null,
  'needs-thick-post': null,
  'along-a-pole-only': null,
  'both-legs-loaded': null,
} as const;

/** How a knot behaves in this line's rope, and once it goes slack. */
function slipsInRope({ line }: LineFacts, id: KnotId): FindingCode[] {
  const materials = ropesIn(line.elements).map((rope) => ROPE_MATERIALS[rope.material]);
  if (materials.length === 0) return [];
  const { holds } = knot(id);
  const [stiff, slick] = [materials.some((m) => m.stiff), materials.some((m) => m.slick)];
  const codes: readonly (FindingCode | false)[] = [
    stiff && holds.stiff === 'no' && 'knot-slips-in-stiff-rope',
    slick && holds.slick === 'no' && 'knot-slips-in-slick-rope',
    holds.slack === 'no' && 'knot-collapses-when-slack',
  ];
  return codes.filter((code) => code !== false);
}

function hazardsOf(facts: LineFacts, element: LineElement): Finding[] {
  return knotsIn(element).flatMap((id) => hazardsOfKnot(facts, element, id));
}

function hazardsOfKnot(facts: LineFacts, element: LineElement, id: KnotId): Finding[] {
  const codes = [
    ...slipsInRope(facts, id),
    ...knot(id)
      .hazards.map((hazard) => HAZARD_CODES[hazard])
      .filter((code) => code !== null),
  ];
  return codes.map((code): Finding => ({
    // A reef that joins a loaded line is the one that kills: the line counts as short, not as a warning.
    code,
    effect: code === 'reef-as-load-join' ? 'short' : 'notice',
    clause: '',
    lineId: facts.line.id,
    elementId: element.id,
    values: { line: facts.line.name, knot: knot(id).name },
  }));
}

/** Over-tension: the hauling figure against what the known parts of the line may carry, whatever the others take; nothing is clamped. */
function overTension({ line, capacity, tension }: LineFacts): Finding[] {
  const [hauled, wll] = [tension.hauled.value, capacity.range.highN];
  if (hauled === null || atMost(hauled, wll)) return [];
  return [
    {
      code: 'over-tension',
      effect: 'short',
      clause: '',
      lineId: line.id,
      values: { line: line.name, hauledN: hauled, wllN: wll },
    },
  ];
}

/** A load that must not be pressed hard: every kind of line presses it where it holds. A pull nobody knows may be too much. */
function crush({ line, tension }: LineFacts, units: readonly LoadUnit[]): Finding[] {
  const limits = units.flatMap((u) =>
    line.units.includes(u.id) && u.maxLineForceN !== null ? [u.maxLineForceN] : [],
  );
  if (limits.length === 0) return [];
  const [hauled, limit] = [tension.hauled.value, Math.min(...limits)];
  if (hauled === null)
    return [
      {
        code: 'pressing-unknown',
        effect: 'cannot-say',
        clause: '',
        lineId: line.id,
        values: { line: line.name, limitN: limit },
      },
    ];
  return atMost(hauled, limit)
    ? []
    : [
        {
          code: 'load-crushed',
          effect: 'short',
          clause: '',
          lineId: line.id,
          values: { line: line.name, hauledN: hauled, limitN: limit },
        },
      ];
}

/** What is missing for it to be a line: it is not counted, and nobody can say before it is mended. */
function gapsOf({ line, gaps }: LineFacts): Finding[] {
  return gaps.map((gap): Finding => ({
    code: gap.code,
    effect: 'cannot-say',
    clause: '',
    lineId: line.id,
    ...(gap.elementId === null ? {} : { elementId: gap.elementId }),
    values: { line: line.name, ...(gap.end ? { end: gap.end } : {}) },
  }));
}

/** A route that does not hold the load. An over-line that nobody has placed could still drag it; the others at worst do nothing. */
function routeOf({ line, shape }: LineFacts): Finding[] {
  if (shape.problem === null) return [];
  const effect =
    shape.problem === 'line-not-placed' && line.kind !== 'over' ? 'notice' : 'cannot-say';
  return [
    {
      code: shape.problem,
      effect,
      clause: '',
      lineId: line.id,
      values: { line: line.name, kind: line.kind },
    },
  ];
}

/** A tension nobody knows, where the rule set counts tensions: it may press nothing, and it may be pulled too far. */
function missing({ line, tension }: LineFacts, countsPretension: boolean): Finding[] {
  if (!countsPretension || tension.hauled.value !== null) return [];
  return [
    {
      code: 'tension-unknown',
      effect: 'cannot-say',
      clause: '',
      lineId: line.id,
      values: { line: line.name },
    },
  ];
}

function slickRope({ line }: LineFacts): Finding[] {
  const slick = ropesIn(line.elements).some((rope) => ROPE_MATERIALS[rope.material].slick);
  return slick
    ? [
        {
          code: 'slick-rope',
          effect: 'notice',
          clause: '',
          lineId: line.id,
          values: { line: line.name },
        },
      ]
    : [];
}

/** Rope on the line against what it takes. A rope that cannot reach is short in the plainest sense. */
function ropeTooShort({ line, rope }: LineFacts): Finding[] {
  const compared = ropeShortBy(rope.value, line.elements);
  if (compared === null || atMost(compared.shortM, 0)) return [];
  return [
    {
      code: 'rope-too-short',
      effect: 'short',
      clause: '',
      lineId: line.id,
      values: {
        line: line.name,
        shortM: compared.shortM,
        needM: rope.value,
        haveM: compared.haveM,
      },
    },
  ];
}

/** Everything to be said about one line that no rule set says. */
export function lineFindings(
  facts: LineFacts,
  units: readonly LoadUnit[],
  countsPretension: boolean,
): Finding[] {
  return [
    ...gapsOf(facts),
    ...routeOf(facts),
    ...unknownPlaces(facts),
    ...overTension(facts),
    ...crush(facts, units),
    ...missing(facts, countsPretension),
    ...slickRope(facts),
    ...ropeTooShort(facts),
    ...facts.line.elements.flatMap((e) => hazardsOf(facts, e)),
  ];
}
