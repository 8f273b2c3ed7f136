'use client';
import { type ComponentProps, memo, type ReactNode, useCallback } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import { Disclosure, DisclosurePanel } from 'react-aria-components/Disclosure';
import { Heading } from 'react-aria-components/Heading';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import { KNOT_SCHOOL_CHOICES } from '@/core/knot/efficiency';
import { SCHOOL_IDS, SCHOOLS } from '@/core/rope/schools';
import { FRICTION_PAIR_IDS, FRICTION_PAIRS, SURFACE_CEILING, type FrictionPairId, type SurfaceState } from '@/core/securement/friction';
import type { Cargo, Deck, Strength } from '@/core/securement/schema';
import { COMMODITIES, COMMODITY_IDS, type Direction, DIRECTIONS } from '@/core/securement/vocabulary';
import { formatQuantity } from '@/core/units';
import { useHoldMap } from '@/workers/useHoldMap';
import { useMember } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { FieldGrid, NumberField, QuantityField, TextField } from '../kit/fields';
import { Select } from '../kit/Select';
import { DeckAnchors } from './DeckAnchors';
import { DeckSketch } from './DeckSketch';
import { handUnit } from '../bench/strandWords';
import { HoldMapView } from './HoldMapView';
import type { PlanEditor, PlanHand } from './usePlanner';

const Part = styled(Disclosure)`border-top:var(--w-hair) solid var(--line)`;
const Toggle = styled(AriaButton)`display:flex;align-items:center;gap:8px;width:100%;min-height:var(--hit);border:0;background:none;color:var(--ink);text-align:left;cursor:pointer;font:680 15px/1.2 var(--font-figure);font-stretch:90%;padding:0;
  & > small{font:500 13px/1.2 var(--font-figure);color:var(--ink-2);margin-left:auto;text-align:right}`;
const Inside = styled(DisclosurePanel)`&[data-expanded]{padding:2px 0 14px}`;
const Pictures = styled.div`display:grid;grid-template-columns:minmax(0,1fr) minmax(0,196px);gap:8px;align-items:center;padding-bottom:8px`;
const Body = styled.div`display:grid;gap:12px`;

function Section({ title, summary, open = false, children }: { title: string; summary: string; open?: boolean; children: ReactNode }) {
  return (
    <Part defaultExpanded={open}>
      {({ isExpanded }) => (
        <>
          <Heading level={2} style={{ margin: 0 }}><Toggle slot="trigger" data-section={title}><span aria-hidden>{isExpanded ? '▾' : '▸'}</span>{title}<small>{summary}</small></Toggle></Heading>
          <Inside><Body>{children}</Body></Inside>
        </>
      )}
    </Part>
  );
}

type SetCargo = (change: Partial<Cargo>) => void;
/** Stays the same while the plan changes, so that a field is drawn again only when its own figure changes. */
const useSetCargo = (hand: PlanHand): SetCargo =>
  useCallback((change) => hand.edit((p) => ({ ...p, cargo: { ...p.cargo, ...change } }), `cargo/${Object.keys(change).join()}`), [hand]);

type QuantityKey = 'massKg' | 'lengthM' | 'widthM' | 'heightM' | 'cgHeightM' | 'cgForwardM' | 'cgLeftM' | 'fromFrontM' | 'fromCentreM' | 'maxLineForceN';
type CargoQuantityProps = Omit<ComponentProps<typeof QuantityField>, 'onChange'> & { readonly field: QuantityKey; readonly set: SetCargo };
const CargoQuantity = memo(function CargoQuantity({ field, set, ...rest }: CargoQuantityProps) {
  return <QuantityField {...rest} onChange={(v) => { if (v !== null || rest.optional) set({ [field]: v }); }} />;
});

const CargoName = memo(function CargoName({ name, set }: { name: string; set: SetCargo }) {
  return <TextField label="What it is" value={name} onChange={(next) => set({ name: next.slice(0, 80) })} />;
});

const GOODS = COMMODITY_IDS.map((id) => ({ id, name: COMMODITIES[id].name }));
const Goods = memo(function Goods({ commodity, set }: { commodity: Cargo['commodity']; set: SetCargo }) {
  return <Select label="Goods" value={commodity} choices={GOODS} onChange={(next) => set({ commodity: next })} />;
});

function LoadFields({ cargo, hand }: { cargo: Cargo; hand: PlanHand }) {
  const { units } = useMember();
  const set = useSetCargo(hand);
  const length = { dimension: 'length', unit: units.length, set } as const;
  return (
    <>
      <FieldGrid>
        <CargoName name={cargo.name} set={set} />
        <CargoQuantity field="massKg" label="Mass" dimension="mass" unit={units.mass} optional least={0.1} most={100_000} value={cargo.massKg} set={set} />
        <CargoQuantity field="lengthM" label="Length" {...length} least={0.01} most={60} value={cargo.lengthM} />
        <CargoQuantity field="widthM" label="Width" {...length} least={0.01} most={60} value={cargo.widthM} />
        <CargoQuantity field="heightM" label="Height" {...length} least={0.01} most={60} value={cargo.heightM} />
        <CargoQuantity field="cgHeightM" label="CG height" {...length} optional least={0.01} most={60} value={cargo.cgHeightM} />
        <CargoQuantity field="cgForwardM" label="CG before the middle" {...length} optional placeholder="in the middle" signed least={-cargo.lengthM / 2} most={cargo.lengthM / 2} value={cargo.cgForwardM} />
        <CargoQuantity field="cgLeftM" label="CG left of the middle" {...length} optional placeholder="in the middle" signed least={-cargo.widthM / 2} most={cargo.widthM / 2} value={cargo.cgLeftM} />
        <CargoQuantity field="fromFrontM" label="Behind front edge" {...length} most={60} value={cargo.fromFrontM} />
        <CargoQuantity field="fromCentreM" label="Left of the middle" {...length} signed least={-10} most={10} value={cargo.fromCentreM} />
        <CargoQuantity field="maxLineForceN" label="Most force a line" dimension="force" unit={units.force} optional placeholder="no limit" least={1} most={1e6} value={cargo.maxLineForceN} set={set} />
        <NumberField label="Rows side by side" value={cargo.rows} least={1} most={10} onChange={(rows) => set({ rows: Math.round(rows) })} />
      </FieldGrid>
      <Goods commodity={cargo.commodity} set={set} />
    </>
  );
}

const SURFACES = Object.keys(SURFACE_CEILING).map((id) => ({ id: id as SurfaceState, name: { clean: 'dry and clean', unswept: 'not swept', icy: 'ice or grease' }[id] ?? id }));
type FrictionChoice = FrictionPairId | 'entered' | 'no';

type FrictionPart = Pick<Cargo, 'friction' | 'surface' | 'fullyContained'>;

function Blocking({ direction, board, hand }: { direction: Direction; board: Deck['blocking'][Direction]; hand: PlanHand }) {
  const { units } = useMember();
  const change = (next: Partial<typeof board>): void =>
    hand.edit((p) => ({ ...p, deck: { ...p.deck, blocking: { ...p.deck.blocking, [direction]: { ...p.deck.blocking[direction], ...next } } } }), `blocking/${direction}`);
  return (
    <div>
      <Check selected={board.touching} onChange={(touching) => change({ touching })}>Touches a board {direction === 'left' || direction === 'right' ? `on the ${direction}` : direction}</Check>
      {board.touching ? (
        <FieldGrid $min={150}>
          <QuantityField label="The board takes" dimension="force" unit={units.force} optional most={5e6} value={board.capacityN} onChange={(capacityN) => change({ capacityN })} />
          <QuantityField label="It reaches up" dimension="length" unit={units.length} optional placeholder="not measured" least={0.01} most={6} value={board.heightM} onChange={(heightM) => change({ heightM })} />
        </FieldGrid>
      ) : null}
    </div>
  );
}

const FrictionFields = memo(function FrictionFields({ friction, surface, fullyContained, blocking, hand }: FrictionPart & { blocking: Deck['blocking']; hand: PlanHand }) {
  const cargo: FrictionPart = { friction, surface, fullyContained };
  const set = (change: Partial<FrictionPart>): void => hand.edit((p) => ({ ...p, cargo: { ...p.cargo, ...change } }), 'friction');
  const choice: FrictionChoice = cargo.friction.known === 'pair' ? cargo.friction.pair : cargo.friction.known;
  const choose = (id: FrictionChoice): void => set({ friction: id === 'no' ? { known: 'no' } : id === 'entered' ? { known: 'entered', mu: 0.3 } : { known: 'pair', pair: id } });
  return (
    <>
      <Select label="Stands on" value={choice} onChange={choose} choices={[
        ...FRICTION_PAIR_IDS.map((id) => ({ id, name: `${FRICTION_PAIRS[id].name}, μ ${FRICTION_PAIRS[id].mu}` })), { id: 'entered', name: 'friction entered' }, { id: 'no', name: 'not known' }]} />
      <FieldGrid $min={150}>
        {cargo.friction.known === 'entered' ? <NumberField label="Friction μ" value={cargo.friction.mu} least={0} most={1.5} onChange={(mu) => set({ friction: { known: 'entered', mu } })} /> : null}
        <Select label="Surface" value={cargo.surface} choices={SURFACES} onChange={(surface) => set({ surface })} />
      </FieldGrid>
      {DIRECTIONS.map((d) => <Blocking key={d} direction={d} board={blocking[d]} hand={hand} />)}
      <Check selected={cargo.fullyContained} onChange={(fullyContained) => set({ fullyContained })}>Fully contained by the body</Check>
    </>
  );
});

export const KNOT_SCHOOL_NAMES = { lowest: 'the lowest of all', seamanship: 'seamanship', field: 'field', rescue: 'rope-rescue pull tests' };

/** School, design factor and knot school; the crew's page sets the same as its default. */
export function StrengthFields({ strength, onChange }: { strength: Strength; onChange: (change: Partial<Strength>) => void }) {
  const { units } = useMember();
  return (
    <FieldGrid $min={150}>
      <Select label="Working load from" value={strength.school} choices={SCHOOL_IDS.map((id) => ({ id, name: `${SCHOOLS[id].name}: ${SCHOOLS[id].rule}` }))} onChange={(school) => onChange({ school })} />
      {strength.school === 'design-factor' ? <NumberField label="Design factor N" value={strength.designFactor} least={3} most={20} onChange={(designFactor) => onChange({ designFactor })} /> : null}
      <Select label="Knots after" value={strength.knotSchool} choices={KNOT_SCHOOL_CHOICES.map((id) => ({ id, name: KNOT_SCHOOL_NAMES[id] }))} onChange={(knotSchool) => onChange({ knotSchool })} />
      <QuantityField label="Most pull asked of a hand" dimension="force" unit={handUnit(units)} least={50} most={1000} value={strength.handLimitN} onChange={(v) => v !== null && onChange({ handLimitN: v })} />
    </FieldGrid>
  );
}

/** By itself, so that a map that comes in draws nothing else again. */
const PlanHoldMap = memo(function PlanHoldMap({ plan }: { plan: Plan }) {
  const hold = useHoldMap(plan);
  return <HoldMapView map={hold.map} fresh={hold.fresh} plan={plan} />;
});

const StrengthSection = memo(function StrengthSection({ strength, hand }: { strength: Strength; hand: PlanHand }) {
  return <StrengthFields strength={strength} onChange={(change) => hand.edit((p) => ({ ...p, strength: { ...p.strength, ...change } }), 'strength')} />;
});

/** The left side of the planner: the load, what it stands on, the deck, the schools. */
export const LoadPanel = memo(function LoadPanel({ editor }: { editor: PlanEditor }) {
  const { units } = useMember();
  const { plan, drawn, hand } = editor;
  const { cargo, deck } = plan;
  const mu = cargo.friction.known === 'pair' ? `μ ${FRICTION_PAIRS[cargo.friction.pair].mu}` : cargo.friction.known === 'entered' ? `μ ${cargo.friction.mu}` : 'friction not known';
  const unrated = deck.anchors.filter((a) => a.rating.state === 'unrated').length;
  return (
    <fieldset disabled={editor.readOnly} style={{ border: 0, padding: 0, minWidth: 0 }}>
      <Pictures><DeckSketch plan={drawn} lines={editor.assessment.lines} /><PlanHoldMap plan={drawn} /></Pictures>
      <Section title="Load" open={cargo.massKg === null} summary={cargo.massKg === null ? 'mass not known' : formatQuantity(cargo.massKg, 'mass', units)}><LoadFields cargo={cargo} hand={hand} /></Section>
      <Section title="Friction and blocking" summary={mu}><FrictionFields friction={cargo.friction} surface={cargo.surface} fullyContained={cargo.fullyContained} blocking={deck.blocking} hand={hand} /></Section>
      <Section title="Deck and anchors" summary={`${deck.anchors.length} anchors${unrated ? `, ${unrated} unrated` : ''}`}><DeckAnchors deck={deck} hand={hand} /></Section>
      <Section title="Rope strength" summary={SCHOOLS[plan.strength.school].name}>
        <StrengthSection strength={plan.strength} hand={hand} />
      </Section>
      <Section title="Name and notes" summary={plan.title}>
        <TextField label="Name of the plan" value={plan.title} onChange={(title) => title.trim() !== '' && editor.edit((p) => ({ ...p, title: title.slice(0, 120) }), 'title')} />
        <TextField label="Notes" multiline value={plan.notes} onChange={(notes) => editor.edit((p) => ({ ...p, notes: notes.slice(0, 4000) }), 'notes')} />
      </Section>
    </fieldset>
  );
});
