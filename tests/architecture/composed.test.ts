/** What is composed without a schema is what the schema would make of the little that was said. */
import { describe, expect, it } from 'vitest';
import { newRigging, withForm } from '@/core/bench/compose';
import { riggingSchema } from '@/core/bench/rigging';
import { newElement } from '@/core/line/compose';
import { type ElementKindId, elementSchema } from '@/core/line/schema';
import { plainRope } from '@/core/rope/plain';
import { ropeSchema } from '@/core/rope/rope';
import { newLine, newPlan } from '@/core/securement/compose';
import { LINE_MAKES } from '@/core/securement/vocabulary';
import { planSchema } from '@/core/securement/plan';
import { lineSchema, strengthSchema } from '@/core/securement/schema';
import { FORMS } from '@/ui/planner/forms/ElementForm';
import { FORM_IDS } from '@/core/tackle/systems';

const KINDS = elementSchema.options.map((o) => o.shape.kind.value) as ElementKindId[];
/** Kept of a new element: what no default could say. */
const SAID: Partial<Record<ElementKindId, readonly string[]>> = {
  anchor: ['at'],
  knot: ['knot'],
  rope: ['rope'],
  bend: ['knot'],
  edge: ['name', 'shape', 'bendDiameterM'],
  hook: ['anchorId'],
  loop: ['knot'],
  truckers: ['loop'],
  tackle: ['title', 'bodies', 'ropes'],
  lock: ['knot'],
  webbing: ['widthM'],
  ratchet: ['rating'],
  chain: ['grade', 'sizeM'],
  wire: ['sizeM'],
  binder: ['rating'],
  fitting: ['name', 'rating'],
};

describe('composed documents', () => {
  it.each(KINDS)('a new %s has the defaults of its schema', (kind) => {
    const element = newElement(kind, []);
    const said = Object.fromEntries(
      Object.entries(element).filter(([key]) => ['id', 'kind', ...SAID[kind]!].includes(key)),
    );
    expect(element).toEqual(elementSchema.parse(said));
  });
  it.each(KINDS)('a %s can be entered: it has a form', (kind) => {
    expect(FORMS[kind]).toBeTypeOf('function');
  });
  it('a rope, a plan, its lines, and every rigging are what their schemas make of them', () => {
    const strength = strengthSchema.parse({});
    expect(plainRope({ material: 'manila', diameterM: 0.016 })).toEqual(
      ropeSchema.parse({ material: 'manila', diameterM: 0.016 }),
    );
    for (const system of ['metric', 'us'] as const) {
      const {
        format,
        version,
        title,
        ruleSet,
        units: load,
        deck,
        ...rest
      } = newPlan(strength, system);
      const { id, name, massKg, lengthM, widthM, heightM, fromFrontM } = load[0]!;
      const bare = {
        ...deck,
        anchors: deck.anchors.map(({ barDiameterM, surface, on, heightM: _, ...a }) => a),
        boards: undefined,
        surface: undefined,
      };
      const plan = planSchema.parse({
        format,
        version,
        title,
        ruleSet,
        units: [{ id, name, massKg, lengthM, widthM, heightM, fromFrontM }],
        deck: bare,
      });
      expect({ format, version, title, ruleSet, units: load, deck, ...rest }).toEqual(plan);
      for (const { id } of LINE_MAKES) {
        const line = newLine(id, plan);
        expect(line).toEqual(lineSchema.parse(line));
      }
    }
    const hitch = newRigging(strength);
    for (const form of FORM_IDS) {
      const rigging = newRigging(strength, form);
      expect(rigging).toEqual(riggingSchema.parse(rigging));
      expect(
        riggingSchema.parse({ ...hitch, system: withForm(hitch.system, form) }).system,
      ).toEqual(withForm(hitch.system, form));
    }
    const { format, version, title, rope, anchor, farAnchor, lengthM, system } = hitch;
    expect(hitch).toEqual(
      riggingSchema.parse({
        format,
        version,
        title,
        rope,
        anchor,
        farAnchor,
        lengthM,
        system: { kind: 'truckers', loop: system.kind === 'truckers' ? system.loop : '' },
      }),
    );
  });
});
