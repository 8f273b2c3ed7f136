'use client';
import styled from 'styled-components';
import { loadEnd } from '@/core/line/compose';
import type { LineElement } from '@/core/line/schema';
import { middleOfFront } from '@/core/securement/load/edit';
import type { Line } from '@/core/securement/schema';
import { LINE_KINDS } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { RouteFields } from './RouteFields';
import { type PlanHand, useEditor } from './usePlanner';

const Settings = styled.div`
  padding: 12px 14px;
  border: var(--w-rule) solid var(--ink);
  background: var(--sheet);
  margin-bottom: 10px;
  display: grid;
  gap: 12px;
`;

const RESTRAINS = [
  { id: 'forward', name: 'forward' },
  { id: 'rearward', name: 'rearward' },
  { id: 'left', name: 'to the left' },
  { id: 'right', name: 'to the right' },
] as const;

function Angle({ line, hand }: { line: Line; hand: PlanHand }) {
  const { angle } = line;
  const set = (next: Line['angle']): void =>
    hand.editLine(line.id, (l) => ({ ...l, angle: next }), `${line.id}/angle`);
  return (
    <FieldGrid $min={150}>
      <Select
        label="Angles"
        value={angle.by}
        choices={[
          { id: 'anchors', name: 'from anchors and load' },
          { id: 'entered', name: 'entered' },
        ]}
        onChange={(by) =>
          set(
            by === 'anchors'
              ? { by }
              : { by, alphaRad: Math.PI / 3, betaRad: 0, restrains: 'forward', leans: null },
          )
        }
      />
      {angle.by === 'entered' ? (
        <>
          <QuantityField
            label="Against the deck"
            dimension="angle"
            unit="deg"
            most={Math.PI / 2}
            value={angle.alphaRad}
            onChange={(v) => v !== null && set({ ...angle, alphaRad: v })}
          />
          <QuantityField
            label="In plan"
            dimension="angle"
            unit="deg"
            most={Math.PI}
            value={angle.betaRad}
            onChange={(v) => v !== null && set({ ...angle, betaRad: v })}
          />
          <Select
            label="Restrains"
            value={angle.restrains}
            choices={RESTRAINS}
            onChange={(restrains) => set({ ...angle, restrains })}
          />
          {line.kind !== 'over' && Math.abs(Math.sin(angle.betaRad)) > 1e-9 ? (
            <Select
              label="Leans"
              value={angle.leans ?? 'no'}
              choices={[{ id: 'no', name: 'not said' }, ...RESTRAINS]}
              onChange={(leans) => set({ ...angle, leans: leans === 'no' ? null : leans })}
            />
          ) : null}
        </>
      ) : null}
    </FieldGrid>
  );
}

const HAULING = [
  { id: 'from-one-end', name: 'all at once, from its end' },
  { id: 'leg-by-leg', name: 'leg by leg, locked as they come' },
] as const;

const KIND_NAMES = { over: 'over the load', direct: 'direct to the load', loop: 'round the load' };

/** What a line is called, how it works, and what was measured of it. */
export function LineSettings({ line }: { line: Line }) {
  const { units } = useMember();
  const editor = useEditor();
  const set = (change: Partial<Line>, key = `${line.id}/${Object.keys(change).join()}`): void =>
    editor.editLine(line.id, (l) => ({ ...l, ...change }), key);
  // A line straight to the load ends there: its second end on the deck becomes a lug of the load.
  const endsFor = (next: Line['kind']): LineElement[] => {
    const onDeck = line.elements.filter((e) => e.kind === 'anchor' && e.at.on === 'deck');
    return next === 'direct' && onDeck.length > 1
      ? line.elements.map((e) => (e === onDeck.at(-1) ? loadEnd(e.id) : e))
      : line.elements;
  };
  const unit = editor.plan.units.find((u) => line.units.includes(u.id));
  const kind = (next: Line['kind']): void =>
    set(
      {
        kind: next,
        elements: endsFor(next),
        points:
          next === 'over' || !unit
            ? []
            : line.points.length > 0
              ? line.points
              : [middleOfFront(unit, editor.plan.units)],
      },
      `${line.id}/kind`,
    );
  return (
    <Settings>
      <FieldGrid $min={150}>
        <TextField
          label="Name"
          value={line.name}
          onChange={(name) => set({ name: name.slice(0, 80) })}
        />
        <Select
          label="How it works"
          value={line.kind}
          choices={LINE_KINDS.map((id) => ({ id, name: KIND_NAMES[id] }))}
          onChange={kind}
        />
        <QuantityField
          label="Route length"
          dimension="length"
          unit={units.length}
          optional
          placeholder="computed"
          least={0.01}
          most={60}
          value={line.routeLengthM}
          onChange={(routeLengthM) => set({ routeLengthM })}
        />
        <QuantityField
          label="Tension measured"
          dimension="force"
          unit={units.force}
          optional
          placeholder="computed"
          most={1e6}
          value={line.enteredPretensionN}
          onChange={(enteredPretensionN) => set({ enteredPretensionN, reading: null })}
        />
        <NumberField
          label="Settling, part of 1"
          value={line.settling}
          least={0}
          most={0.9}
          onChange={(settling) => set({ settling })}
        />
      </FieldGrid>
      <RouteFields line={line} plan={editor.plan} hand={editor.hand} />
      {line.elements.some((e) => e.kind === 'hook') ? (
        <Select
          label="Its legs are hauled"
          value={line.hauling}
          choices={HAULING}
          onChange={(hauling) => set({ hauling })}
        />
      ) : null}
      <Angle line={line} hand={editor.hand} />
      <Check selected={line.temporary} onChange={(temporary) => set({ temporary })}>
        Temporary line: isolated damage may count
      </Check>
    </Settings>
  );
}
