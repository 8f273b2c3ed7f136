'use client';
import type { ReactNode } from 'react';
import type { ElementKindId, ElementOf, LineElement } from '@/core/line/schema';
import { knotsFor } from '@/core/knot/knots';
import type { DeckAnchor } from '@/core/securement/schema';
import type { UnitChoice } from '@/core/units';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { RatingField, RopeForm } from '../kit/gearFields';
import { handUnit } from '../bench/strandWords';
import { knotChoices } from '@/wording/figures';

/** What a form is given. */
export interface FormProps<K extends ElementKindId> {
  readonly element: ElementOf<K>;
  readonly set: (change: Partial<ElementOf<K>>) => void;
  readonly units: UnitChoice;
  readonly anchors: readonly DeckAnchor[];
}
type Forms = { readonly [K in ElementKindId]: (props: FormProps<K>) => ReactNode };

const SHAPES = [
  { id: 'protected', name: 'protected' },
  { id: 'rounded', name: 'rounded' },
  { id: 'sharp', name: 'sharp, bare' },
] as const;
const GRADES = [
  { id: 'unmarked', name: 'unmarked' },
  { id: '30', name: 'grade 30' },
  { id: '43', name: 'grade 43' },
  { id: '70', name: 'grade 70' },
  { id: '80', name: 'grade 80' },
  { id: '100', name: 'grade 100' },
] as const;
const OWN = '(not on the deck)';

const FORMS: Forms = {
  anchor: ({ element, set, units, anchors }) => (
    <FieldGrid $min={150}>
      <Select
        label="Anchor"
        value={element.at.on === 'deck' ? element.at.anchorId : OWN}
        choices={[
          ...anchors.map((a) => ({ id: a.id, name: a.name || a.id })),
          { id: OWN, name: 'tree, post or other' },
        ]}
        onChange={(id) =>
          set({
            at:
              id === OWN
                ? {
                    on: 'own',
                    name: 'post',
                    rating: { state: 'unrated' },
                    barDiameterM: null,
                    surface: 'wood',
                  }
                : { on: 'deck', anchorId: id },
          })
        }
      />
      {element.at.on === 'own' ? <OwnAnchor at={element.at} set={set} units={units} /> : null}
    </FieldGrid>
  ),
  knot: ({ element, set, units }) => (
    <FieldGrid $min={150}>
      <Select
        label="Knot"
        value={element.knot}
        choices={knotChoices(knotsFor('attachment'))}
        onChange={(k) => set({ knot: k as typeof element.knot })}
      />
      <QuantityField
        label="Lies on another edge of"
        dimension="length"
        unit={units.size}
        optional
        placeholder="lies free"
        least={0.001}
        most={2}
        value={element.liesOnBarM}
        onChange={(liesOnBarM) => set({ liesOnBarM })}
      />
    </FieldGrid>
  ),
  rope: ({ element, set, units }) => (
    <>
      <RopeForm
        rope={element.rope}
        units={units}
        set={(change) => set({ rope: { ...element.rope, ...change } })}
      />
      <div style={{ maxWidth: 180, paddingTop: 10 }}>
        <QuantityField
          label="Length there is of it"
          dimension="length"
          unit={units.length}
          optional
          placeholder="not measured"
          least={0.01}
          most={5000}
          value={element.lengthM}
          onChange={(lengthM) => set({ lengthM })}
        />
      </div>
    </>
  ),
  bend: ({ element, set }) => (
    <Select
      label="Bend"
      value={element.knot}
      choices={knotChoices(knotsFor('bend'))}
      onChange={(k) => set({ knot: k as typeof element.knot })}
    />
  ),
  edge: ({ element, set, units }) => (
    <FieldGrid $min={150}>
      <Select
        label="Edge"
        value={element.shape}
        choices={SHAPES}
        onChange={(shape) => set({ shape })}
      />
      {element.shape === 'sharp' ? null : (
        <QuantityField
          label="Bend diameter"
          dimension="length"
          unit={units.size}
          optional
          placeholder="not measured"
          least={0.001}
          most={2}
          value={element.bendDiameterM}
          onChange={(bendDiameterM) => set({ bendDiameterM })}
        />
      )}
      <Select
        label="Friction on it"
        value={element.mu === null ? 'no' : String(element.mu)}
        choices={edgeFrictions(element.mu)}
        onChange={(mu) => set({ mu: mu === 'no' ? null : Number(mu) })}
      />
      <TextField
        label="Name"
        value={element.name}
        onChange={(name) => set({ name: name.slice(0, 60) })}
      />
    </FieldGrid>
  ),
  loop: ({ element, set }) => (
    <Select
      label="Loop"
      value={element.knot}
      choices={knotChoices(knotsFor('loop'))}
      onChange={(k) => set({ knot: k as typeof element.knot })}
    />
  ),
  truckers: ({ element, set, units }) => (
    <FieldGrid>
      <Select
        label="Loop"
        value={element.loop}
        choices={knotChoices(knotsFor('loop'))}
        onChange={(k) => set({ loop: k as typeof element.loop })}
      />
      <QuantityField
        label="Hand pull"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
      <QuantityField
        label="Hand, 0° to the anchor"
        dimension="angle"
        unit="deg"
        most={Math.PI}
        value={element.handAngleRad}
        onChange={(v) => v !== null && set({ handAngleRad: v })}
      />
      <NumberField
        label="Pass through the loop"
        value={element.loopEfficiency}
        least={0.05}
        most={1}
        onChange={(loopEfficiency) => set({ loopEfficiency })}
      />
      <NumberField
        label="Pass round the anchor"
        value={element.anchorEfficiency}
        least={0.05}
        most={1}
        onChange={(anchorEfficiency) => set({ anchorEfficiency })}
      />
      <Select
        label="Passes"
        value={String(element.passes) as '1' | '2'}
        choices={[
          { id: '1', name: 'single' },
          { id: '2', name: 'double pass' },
        ]}
        onChange={(p) => set({ passes: p === '2' ? 2 : 1 })}
      />
      <Select
        label="Rope at the anchor"
        value={element.anchorMode}
        choices={[
          { id: 'slides', name: 'slides' },
          { id: 'holds', name: 'holds' },
        ]}
        onChange={(anchorMode) => set({ anchorMode })}
      />
      <QuantityField
        label="Tail that slips in"
        dimension="length"
        unit={units.size}
        most={0.1}
        value={element.slipM}
        onChange={(v) => v !== null && set({ slipM: v })}
      />
      <QuantityField
        label="Short strands"
        dimension="length"
        unit={units.length}
        least={0.05}
        most={5}
        value={element.shortStrandM}
        onChange={(v) => v !== null && set({ shortStrandM: v })}
      />
    </FieldGrid>
  ),
  tackle: ({ element, set, units }) => (
    <FieldGrid $min={150}>
      <QuantityField
        label="Hand pull"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
      <QuantityField
        label="Hand, 0° to the anchor"
        dimension="angle"
        unit="deg"
        most={Math.PI}
        value={element.handAngleRad}
        onChange={(v) => v !== null && set({ handAngleRad: v })}
      />
      <QuantityField
        label="Rope that runs back"
        dimension="length"
        unit={units.size}
        most={0.1}
        value={element.slipM}
        onChange={(v) => v !== null && set({ slipM: v })}
      />
    </FieldGrid>
  ),
  lock: ({ element, set }) => (
    <Select
      label="Lock"
      value={element.knot}
      choices={knotChoices(knotsFor('lock'))}
      onChange={(k) => set({ knot: k as typeof element.knot })}
    />
  ),
  webbing: ({ element, set, units }) => (
    <FieldGrid>
      <QuantityField
        label="Width"
        dimension="length"
        unit={units.size}
        least={0.001}
        most={2}
        value={element.widthM}
        onChange={(v) => v !== null && set({ widthM: v })}
      />
      <QuantityField
        label="Marked WLL or LC"
        dimension="force"
        unit={units.force}
        optional
        placeholder="no label"
        least={1}
        most={5e6}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
      <TextField
        label="Tag"
        value={element.tag}
        onChange={(tag) => set({ tag: tag.slice(0, 40) })}
      />
    </FieldGrid>
  ),
  ratchet: ({ element, set, units }) => (
    <FieldGrid>
      <RatingField
        label="Marked WLL"
        rating={element.rating}
        units={units}
        onChange={(rating) => set({ rating })}
      />
      <QuantityField
        label="Label tension (STF)"
        dimension="force"
        unit={units.force}
        optional
        placeholder="not read"
        least={1}
        most={5e6}
        value={element.standardTensionN}
        onChange={(standardTensionN) => set({ standardTensionN })}
      />
      <QuantityField
        label="Hand on the handle"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
    </FieldGrid>
  ),
  chain: ({ element, set, units }) => (
    <FieldGrid>
      <Select
        label="Grade"
        value={element.grade}
        choices={GRADES}
        onChange={(grade) => set({ grade })}
      />
      <QuantityField
        label="Size"
        dimension="length"
        unit={units.size}
        least={0.001}
        most={2}
        value={element.sizeM}
        onChange={(v) => v !== null && set({ sizeM: v })}
      />
      <QuantityField
        label="Marked WLL"
        dimension="force"
        unit={units.force}
        optional
        placeholder="none"
        least={1}
        most={5e6}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
    </FieldGrid>
  ),
  binder: ({ element, set, units }) => (
    <FieldGrid>
      <RatingField
        label="Marked WLL"
        rating={element.rating}
        units={units}
        onChange={(rating) => set({ rating })}
      />
      <NumberField
        label="Lever ratio"
        value={element.leverRatio}
        least={1}
        most={200}
        onChange={(leverRatio) => set({ leverRatio })}
      />
      <NumberField
        label="Efficiency"
        value={element.efficiency}
        least={0.01}
        most={1}
        onChange={(efficiency) => set({ efficiency })}
      />
      <QuantityField
        label="Hand on the lever"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
    </FieldGrid>
  ),
  fitting: ({ element, set, units }) => (
    <FieldGrid>
      <TextField
        label="What it is"
        value={element.name}
        onChange={(name) => set({ name: name.slice(0, 60) })}
      />
      <RatingField
        label="Marked WLL"
        rating={element.rating}
        units={units}
        onChange={(rating) => set({ rating })}
      />
      <QuantityField
        label="Turns the line by"
        dimension="angle"
        unit="deg"
        most={Math.PI}
        value={element.turnRad}
        onChange={(v) => v !== null && set({ turnRad: v })}
      />
      <QuantityField
        label="Bar diameter"
        dimension="length"
        unit={units.size}
        optional
        placeholder="not measured"
        least={0.001}
        most={2}
        value={element.barDiameterM}
        onChange={(barDiameterM) => set({ barDiameterM })}
      />
    </FieldGrid>
  ),
};

type OwnAt = Extract<ElementOf<'anchor'>['at'], { on: 'own' }>;
function OwnAnchor({
  at,
  set,
  units,
}: {
  at: OwnAt;
  set: (change: Partial<ElementOf<'anchor'>>) => void;
  units: UnitChoice;
}) {
  const change = (next: Partial<OwnAt>): void => set({ at: { ...at, ...next } });
  return (
    <>
      <TextField
        label="What it is"
        value={at.name}
        onChange={(name) => change({ name: name.slice(0, 60) })}
      />
      <RatingField
        label="May take"
        rating={at.rating}
        units={units}
        onChange={(rating) => change({ rating })}
      />
      <QuantityField
        label="Diameter"
        dimension="length"
        unit={units.size}
        optional
        placeholder="not measured"
        least={0.001}
        most={2}
        value={at.barDiameterM}
        onChange={(barDiameterM) => change({ barDiameterM })}
      />
      <Select
        label="Surface"
        value={at.surface}
        choices={[
          { id: 'metal', name: 'metal' },
          { id: 'wood', name: 'wood' },
          { id: 'other', name: 'other' },
        ]}
        onChange={(surface) => change({ surface })}
      />
    </>
  );
}

/** Friction of a line on an edge as people have it; a figure from a document stays what it is. Common practice, no source. */
function edgeFrictions(mu: number | null): { id: string; name: string }[] {
  const known = [
    { id: 'no', name: 'not known: both sides alike' },
    { id: '0.1', name: 'μ 0.1, roller or plastic' },
    { id: '0.2', name: 'μ 0.2, smooth protector' },
    { id: '0.3', name: 'μ 0.3, wood or rope' },
  ];
  return mu === null || known.some((k) => k.id === String(mu))
    ? known
    : [...known, { id: String(mu), name: `μ ${mu}` }];
}

/** The form of one element. */
export function ElementForm({
  element,
  ...rest
}: {
  element: LineElement;
  set: (change: Partial<LineElement>) => void;
  units: UnitChoice;
  anchors: readonly DeckAnchor[];
}) {
  // Element and form match key by key, which the compiler cannot see through an index.
  const Form = FORMS[element.kind] as (props: FormProps<ElementKindId>) => ReactNode;
  return <Form element={element} {...(rest as Omit<FormProps<ElementKindId>, 'element'>)} />;
}
