import { PASS_KINDS, type PassKind } from './passes';
import { TRUCKERS_FORMS, type TruckersForm } from './truckers';
import type { Rigging, RiggingBody, RiggingRope } from './rigging';

/**
 * The usual tackles as data. A rope is written as the bodies it passes from the pulled end to the end made fast:
 * `L` the load, `A` the anchor, `P`, `Q`, `R` travelling bodies; `hand` is the hand.
 * Source of the routes: common practice; their ratios follow from statics and are checked in tests.
 */
export interface NamedSystem {
  readonly name: string;
  readonly family: 'simple' | 'compound' | 'complex' | 'burton';
  /** What it counts to without friction; checked, never used. */
  readonly counted: number;
  readonly travelling: readonly string[];
  readonly ropes: readonly string[];
  /** Back toward the load where the rope leaves from the anchor. */
  readonly handBack?: true;
  readonly hint: string;
}

const simple = (counted: number, route: string, hint: string): NamedSystem => ({
  name: `simple ${counted} to 1`,
  family: 'simple',
  counted,
  travelling: [],
  ropes: [route],
  hint,
});

export const SYSTEMS = {
  'simple-2': simple(2, 'hand L A', 'one turn at the load, end at the anchor'),
  'simple-3': simple(3, 'hand L A L', 'load, anchor, end at the load'),
  'simple-4': simple(4, 'hand L A L A', 'two turns at the load'),
  'simple-5': simple(5, 'hand L A L A L', 'two at the load, two at the anchor'),
  redirect: {
    name: 'redirect',
    family: 'simple',
    counted: 1,
    travelling: [],
    ropes: ['hand A L'],
    handBack: true,
    hint: 'turns the pull, gains nothing',
  },
  'compound-4': {
    name: 'compound 4 to 1',
    family: 'compound',
    counted: 4,
    travelling: ['P'],
    ropes: ['hand P A', 'P L A'],
    hint: '2 to 1 pulling a 2 to 1',
  },
  'compound-6': {
    name: 'compound 6 to 1',
    family: 'compound',
    counted: 6,
    travelling: ['P'],
    ropes: ['hand P A', 'P L A L'],
    hint: '2 to 1 pulling a 3 to 1',
  },
  'compound-9': {
    name: 'compound 9 to 1',
    family: 'compound',
    counted: 9,
    travelling: ['P'],
    ropes: ['hand P A P', 'P L A L'],
    hint: '3 to 1 pulling a 3 to 1',
  },
  'compound-8': {
    name: 'compound 8 to 1',
    family: 'compound',
    counted: 8,
    travelling: ['P', 'Q'],
    ropes: ['hand Q A', 'Q P A', 'P L A'],
    hint: 'three 2 to 1 in a row',
  },
  'complex-5': {
    name: 'complex 5 to 1',
    family: 'complex',
    counted: 5,
    travelling: ['P'],
    ropes: ['hand L P L', 'P A L'],
    hint: 'a travelling pulley on the load’s own rope',
  },
  'complex-7': {
    name: 'complex 7 to 1',
    family: 'complex',
    counted: 7,
    travelling: ['P'],
    ropes: ['hand L P L P', 'P A L'],
    hint: 'the travelling pulley is passed and tied to',
  },
  'spanish-burton': {
    name: 'Spanish burton',
    family: 'burton',
    counted: 3,
    travelling: ['P'],
    ropes: ['hand P L', 'P A L'],
    handBack: true,
    hint: 'single burton: two ropes, one travelling pulley',
  },
} as const satisfies Record<string, NamedSystem>;
export type SystemId = keyof typeof SYSTEMS;
export const SYSTEM_IDS = Object.keys(SYSTEMS) as [SystemId, ...SystemId[]];

/** Bodies of a named system from the load to the anchor. */
const bodiesOf = (travelling: readonly string[]): RiggingBody[] => [
  { id: 'L', kind: 'load', at: 0 },
  ...travelling.map((id, i): RiggingBody => ({ id, kind: 'travelling', at: i + 1 })),
  { id: 'A', kind: 'anchor', at: travelling.length + 1 },
];

/** One written rope as data, every pass over the same kind of thing. */
export function ropeOf(route: string, efficiency: number): RiggingRope {
  const [from, ...rest] = route.split(' ');
  return {
    from: from === 'hand' ? 'hand' : { body: from! },
    passes: rest.slice(0, -1).map((body) => ({ body, efficiency })),
    to: rest.at(-1)!,
  };
}

/** A named system with the same thing at every pass. */
export function systemRigging(system: NamedSystem, round: PassKind): Rigging {
  const efficiency = PASS_KINDS[round].usual;
  return {
    bodies: bodiesOf(system.travelling),
    ropes: system.ropes.map((r) => ropeOf(r, efficiency)),
    handAngleRad: system.handBack ? Math.PI : 0,
  };
}

/** Everything that can be chosen to pull with: the trucker's forms and the named tackles. */
export type FormId = TruckersForm | SystemId;
export const FORM_IDS: readonly FormId[] = [...TRUCKERS_FORMS, ...SYSTEM_IDS];
