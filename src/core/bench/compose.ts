import type { BenchSystem, RiggingDocument } from './rigging';
import { RIGGING_FORMAT, RIGGING_VERSION } from './line-elements';
import type { ElementOf, LineElement } from '../line/schema';
import type { Strength } from '../securement/schema';
import { PASS_KINDS, type PassKind } from '../tackle/passes';
import { FORM_IDS, type FormId, SYSTEMS, type SystemId } from '../tackle/systems';
import { plainRope } from '../rope/plain';
import { plainHitch, tackleOf } from '../tackle/compose';
import { TRUCKERS_FORMS, type TruckersForm } from '../tackle/truckers';

const isHitch = (id: string): id is TruckersForm =>
  (TRUCKERS_FORMS as readonly string[]).includes(id);

/** What can be chosen to pull with. */
const FORM_NAMES: Record<TruckersForm, string> = {
  single: 'trucker’s hitch',
  'reeved-twice': 'trucker’s, loop reeved twice',
  'second-loop': 'trucker’s, second loop',
};
export const formName = (id: FormId): string => (isHitch(id) ? FORM_NAMES[id] : SYSTEMS[id].name);

/** What a rigging is called until somebody names it. */
export const formTitle = (id: FormId): string => formName(id).replace(/^./, (c) => c.toUpperCase());
export const isFormTitle = (title: string): boolean =>
  FORM_IDS.some((id) => formTitle(id) === title);

/** A hitch as it is tied where nothing is said, with its lock. */
const HITCH: Extract<BenchSystem, { kind: 'truckers' }> = {
  kind: 'truckers',
  ...plainHitch('slip-loop'),
  lock: 'two-half-hitches',
};

/** Another system in the place of one: the hand stays, and what a hitch was tied of stays if it still is one. */
export function withForm(system: BenchSystem, id: FormId): BenchSystem {
  const { handForceN, slipM } = system;
  if (!isHitch(id)) return { kind: 'tackle', ...tackleOf(id, 'plain-pulley'), handForceN, slipM };
  if (system.kind === 'truckers') return { ...system, form: id };
  return { ...HITCH, form: id, handForceN, slipM };
}

/** The choice a system is, if it still is a named one. */
export const formOf = (system: BenchSystem): FormId | null =>
  system.kind === 'truckers'
    ? system.form
    : ((Object.keys(SYSTEMS) as SystemId[]).find((id) => SYSTEMS[id].name === system.title) ??
      null);

/** Sets what the rope turns round, with what such a turn usually leaves. */
export const turnsRound = (
  round: PassKind,
): { by: 'efficiency'; round: PassKind; efficiency: number } => ({
  by: 'efficiency',
  round,
  efficiency: PASS_KINDS[round].usual,
});

const RING = {
  name: 'ring',
  rating: { state: 'rated', wllN: 5000 },
  barDiameterM: 0.02,
  surface: 'metal',
} as const;

/** The rigging the bench begins with: 12 mm polyester whose label nobody has read, on two rings, a slip loop and two gloved hands. */
export function newRigging(strength: Strength, form: FormId = 'single'): RiggingDocument {
  return {
    format: RIGGING_FORMAT,
    version: RIGGING_VERSION,
    title: formTitle(form),
    notes: '',
    strength,
    system: withForm(HITCH, form),
    lengthM: 4.78,
    sagM: 0,
    rope: plainRope({ material: 'polyester', diameterM: 0.012 }),
    farKnot: 'bowline',
    anchor: RING,
    farAnchor: { ...RING, name: 'far ring' },
    settling: 0.2,
    loadBearsN: null,
    readings: [],
  };
}

/** A plan's element as the bench's system, with its lock when it has one. */
export function systemOf(
  element: ElementOf<'truckers'> | ElementOf<'tackle'>,
  lock: ElementOf<'lock'> | null,
): BenchSystem {
  const { id, fromRigging, ...fields } = element;
  return fields.kind === 'tackle' ? fields : { ...fields, lock: lock?.knot ?? HITCH.lock };
}

/** The bench's system as the element of a plan it came from. */
export function elementOf(
  system: BenchSystem,
  id: string,
  fromRigging: ElementOf<'tackle'>['fromRigging'],
): LineElement {
  if (system.kind === 'tackle') return { id, fromRigging, ...system };
  const { lock, ...fields } = system;
  return { id, fromRigging, ...fields };
}
