'use client';
import styled from 'styled-components';
import { loadEnd } from '@/core/line/compose';
import type { LineElement } from '@/core/line/schema';
import type { Line } from '@/core/securement/schema';
import { LINE_KINDS } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { type PlanHand, useEditor } from './usePlanner';

const Settings = styled.div`
  padding: 12px 14px;
  border: var(--w-rule) solid var(--ink);
  background: var(--sheet);
  margin-bottom: 10px;
  display: grid;
  gap: 12px;
`;

function Attach({ line, hand }: { line: Line; hand: PlanHand }) {
  const { units } = useMember();
  const attach = line.attach ?? { fromFrontM: 0, fromCentreM: 0, heightM: 0.5 };
  const set = (change: Partial<typeof attach>): void =>
    hand.editLine(
      line.id,
      (l) => ({ ...l, attach: { ...attach, ...change } }),
      `${line.id}/attach`,
    );
  return (
    <FieldGrid>
      <QuantityField
        label="Holds the load, behind front edge"
        dimension="length"
        unit={units.length}
        most={60}
        value={attach.fromFrontM}
        onChange={(v) => v !== null && set({ fromFrontM: v })}
      />
      <QuantityField
        label="Left of the middle"
        dimension="length"
        unit={units.length}
        signed
        least={-10}
        most={10}
        value={attach.fromCentreM}
        onChange={(v) => v !== null && set({ fromCentreM: v })}
      />
      <QuantityField
        label="Height"
        dimension="length"
        unit={units.length}
        most={60}
        value={attach.heightM}
        onChange={(v) => v !== null && set({ heightM: v })}
      />
    </FieldGrid>
  );
}

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
  const kind = (next: Line['kind']): void =>
    set(
      {
        kind: next,
        elements: endsFor(next),
        attach:
          next === 'over'
            ? null
            : (line.attach ?? {
                fromFrontM: editor.plan.cargo.fromFrontM,
                fromCentreM: 0,
                heightM: editor.plan.cargo.heightM / 2,
              }),
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
          placeholder="from the geometry"
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
      {line.kind === 'over' ? null : <Attach line={line} hand={editor.hand} />}
      <Angle line={line} hand={editor.hand} />
      <Check selected={line.temporary} onChange={(temporary) => set({ temporary })}>
        Temporary line: isolated damage may count
      </Check>
    </Settings>
  );
}
