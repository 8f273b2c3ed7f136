import type { ElementOf } from '@/core/line/schema';
import type { UnitChoice } from '@/core/units';
import { Check } from '../../kit/Check';
import { FieldGrid, NumberField, QuantityField } from '../../kit/fields';
import { RatingField } from '../../kit/gearFields';
import { Select } from '../../kit/Select';
import { TextField } from '../../kit/TextField';
import type { Forms } from './form';

const SHAPES = [
  { id: 'protected', name: 'protected' },
  { id: 'rounded', name: 'rounded' },
  { id: 'sharp', name: 'sharp, bare' },
] as const;
const OWN = '(not on the deck)';

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

/** Forms of anchors, hooks on the way, and edges. */
export const PLACE_FORMS: Pick<Forms, 'anchor' | 'hook' | 'edge'> = {
  hook: ({ element, set, anchors }) => (
    <>
      <FieldGrid $min={150}>
        <Select
          label="Turns round"
          value={element.anchorId}
          choices={anchors.map((a) => ({ id: a.id, name: a.name || a.id }))}
          onChange={(anchorId) => set({ anchorId })}
        />
        <NumberField
          label="Lets through while hauled, part of 1"
          value={element.efficiency}
          least={0.05}
          most={1}
          onChange={(efficiency) => set({ efficiency })}
        />
      </FieldGrid>
      <Check selected={element.locked} onChange={(locked) => set({ locked })}>
        Locked there by a knot or hitch of its own
      </Check>
    </>
  ),
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
};
