import { type BenchSystem, type RiggingDocument, riggingSchema } from '@/core/exchange/rigging';
import type { ElementOf, LineElement } from '@/core/line/gear';
import type { Strength } from '@/core/securement/schema';
import type { TackleRoute } from '@/core/tackle/fields';
import { PASS_KINDS, type PassKind } from '@/core/tackle/passes';
import { FORM_IDS, type FormId, SYSTEMS, type SystemId, systemRigging } from '@/core/tackle/systems';
import { TRUCKERS_FORMS, type TruckersForm } from '@/core/tackle/truckers';

/** Names of a tackle's bodies as people say them. */
const bodyName = (kind: 'load' | 'anchor' | 'travelling', round: PassKind): string => (kind === 'load' ? 'load' : kind === 'anchor' ? 'anchor' : round.includes('pulley') ? 'travelling pulley' : 'travelling ring');

/** A named tackle with the same thing at every turn, as an element's or a document's fields. Nothing is rated that nobody has read. */
export function tackleOf(id: SystemId, round: PassKind) {
  const system = SYSTEMS[id];
  const rigging = systemRigging(system, round);
  return {
    title: system.name,
    bodies: rigging.bodies.map((b) => ({ id: b.id, kind: b.kind, name: bodyName(b.kind, round), holds: { by: 'unrated' as const } })),
    ropes: rigging.ropes.map((r): TackleRoute => ({ from: r.from, to: r.to, passes: r.passes.map((p) => ({ body: p.body, turn: { by: 'efficiency', round, efficiency: p.efficiency } })) })),
    handAngleRad: rigging.handAngleRad,
  };
}

const isHitch = (id: string): id is TruckersForm => (TRUCKERS_FORMS as readonly string[]).includes(id);

/** What can be chosen to pull with. */
const FORM_NAMES: Record<TruckersForm, string> = { single: 'trucker’s hitch', 'reeved-twice': 'trucker’s, loop reeved twice', 'second-loop': 'trucker’s, second loop' };
export const formName = (id: FormId): string => (isHitch(id) ? FORM_NAMES[id] : SYSTEMS[id].name);

/** What a rigging is called until somebody names it. */
export const formTitle = (id: FormId): string => formName(id).replace(/^./, (c) => c.toUpperCase());
export const isFormTitle = (title: string): boolean => FORM_IDS.some((id) => formTitle(id) === title);

const HITCH = { kind: 'truckers', loop: 'slip-loop', lock: 'two-half-hitches' } as const;

/** Another system in the place of one: the hand stays, and what a hitch was tied of stays if it still is one. */
export function withForm(system: BenchSystem, id: FormId): BenchSystem {
  const { handForceN, slipM } = system;
  if (!isHitch(id)) return { kind: 'tackle', ...tackleOf(id, 'plain-pulley'), handForceN, slipM };
  if (system.kind === 'truckers') return { ...system, form: id };
  return riggingSchema.shape.system.parse({ ...HITCH, form: id, handForceN, slipM });
}

/** The choice a system is, if it still is a named one. */
export const formOf = (system: BenchSystem): FormId | null =>
  (system.kind === 'truckers' ? system.form : ((Object.keys(SYSTEMS) as SystemId[]).find((id) => SYSTEMS[id].name === system.title) ?? null));

/** Sets what the rope turns round, with what such a turn usually leaves. */
export const turnsRound = (round: PassKind): { by: 'efficiency'; round: PassKind; efficiency: number } => ({ by: 'efficiency', round, efficiency: PASS_KINDS[round].usual });

const RING = { name: 'ring', rating: { state: 'rated', wllN: 5000 }, barDiameterM: 0.02, surface: 'metal' } as const;

/** The rigging the bench begins with: 12 mm polyester whose label nobody has read, on two rings, a slip loop and two gloved hands. */
export function newRigging(strength: Strength, form: FormId = 'single'): RiggingDocument {
  const system = withForm(riggingSchema.shape.system.parse(HITCH), form);
  return riggingSchema.parse({
    format: 'vast-cleat/rigging', version: 1, title: formTitle(form), strength, system, lengthM: 4.78,
    rope: { material: 'polyester', diameterM: 0.012 }, anchor: RING, farAnchor: { ...RING, name: 'far ring' },
  });
}

/** A plan's element as the bench's system, with its lock when it has one. */
export function systemOf(element: ElementOf<'truckers'> | ElementOf<'tackle'>, lock: ElementOf<'lock'> | null): BenchSystem {
  const { id, fromRigging, ...fields } = element;
  return fields.kind === 'tackle' ? fields : { ...fields, lock: lock?.knot ?? HITCH.lock };
}

/** The bench's system as the element of a plan it came from. */
export function elementOf(system: BenchSystem, id: string, fromRigging: ElementOf<'tackle'>['fromRigging']): LineElement {
  if (system.kind === 'tackle') return { id, fromRigging, ...system };
  const { lock, ...fields } = system;
  return { id, fromRigging, ...fields };
}
