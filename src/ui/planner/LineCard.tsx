'use client';
import dynamic from 'next/dynamic';
import { memo, type ReactNode, useCallback, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { LineFacts } from '@/core/securement/rule-input';
import type { LineElement } from '@/core/line/schema';
import { withoutGear } from '@/core/securement/gear-facts';
import type { Line } from '@/core/securement/schema';
import { LINE_KINDS } from '@/core/securement/vocabulary';
import { formatNumber, formatQuantity, type Rounding } from '@/core/units';
import type { Working } from '@/core/working/working';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { FieldGrid, NumberField, QuantityField, TextField } from '../kit/fields';
import { Select } from '../kit/Select';
import { Tag } from '../kit/Tag';
import { Figure, Label, Small } from '../kit/text';
import type { OpenedWorking } from '../working/WorkingSheet';
import { shortTime } from '../loads/PlanList';
import { ElementBench } from './ElementBench';
import { loadEnd } from '../../core/line/compose';
import { OtherSchools } from './OtherSchools';
import { StrengthLine } from './StrengthLine';
import { type PlanHand, useEditor } from './usePlanner';
import { freshId } from '@/core/ids';
import { wordRun, wordValue } from './words';

/** Fetched when a meter is read. */
const MeterPanel = dynamic(() => import('../meter/MeterPanel').then((m) => m.MeterPanel), { ssr: false });

const Card = styled.article`padding:12px 0 18px;border-top:var(--w-rule) solid var(--ink);break-inside:avoid`;
const Head = styled.header`display:flex;flex-wrap:wrap;align-items:center;gap:2px 12px;& h3{font-size:16px}`;
const Title = styled.div`flex:1 1 220px;min-width:0;display:flex;flex-direction:column`;
const FigureButton = styled(AriaButton)`border:0;background:none;color:inherit;cursor:pointer;padding:8px 2px;min-height:var(--hit);min-width:28px;text-decoration:underline;text-underline-offset:5px;text-decoration-thickness:1.5px;font:inherit`;
const Kept = styled.div`display:flex;flex-direction:column;align-items:flex-end;& > button{min-height:28px;padding:2px}@media (max-width:760px){order:3;flex-basis:100%;align-items:flex-start;& > button{min-height:var(--hit)}}`;
const Settings = styled.div`padding:12px 14px;border:var(--w-rule) solid var(--ink);background:var(--sheet);margin-bottom:10px;display:grid;gap:12px`;

/** Opens the working of a figure. */
export type OpenWorking = (opened: OpenedWorking) => void;

/** A figure that opens its working. `data-working` lets the key `w` find the one in focus. */
export function WorkingFigure({ working, text, title, onOpen, size = 18, rounding = 'capacity', extra }: {
  working: Working; text: string; title: string; onOpen: OpenWorking; size?: number; rounding?: Rounding; extra?: ReactNode;
}) {
  return <FigureButton data-working onPress={() => onOpen({ working, title, rounding, extra })} aria-label={`${title}: ${text}. Show working`}><Figure $size={size}>{text}</Figure></FigureButton>;
}

function Attach({ line, hand }: { line: Line; hand: PlanHand }) {
  const { units } = useMember();
  const attach = line.attach ?? { fromFrontM: 0, fromCentreM: 0, heightM: 0.5 };
  const set = (change: Partial<typeof attach>): void => hand.editLine(line.id, (l) => ({ ...l, attach: { ...attach, ...change } }), `${line.id}/attach`);
  return (
    <FieldGrid>
      <QuantityField label="Holds the load, behind front edge" dimension="length" unit={units.length} most={60} value={attach.fromFrontM} onChange={(v) => v !== null && set({ fromFrontM: v })} />
      <QuantityField label="Left of the middle" dimension="length" unit={units.length} signed least={-10} most={10} value={attach.fromCentreM} onChange={(v) => v !== null && set({ fromCentreM: v })} />
      <QuantityField label="Height" dimension="length" unit={units.length} most={60} value={attach.heightM} onChange={(v) => v !== null && set({ heightM: v })} />
    </FieldGrid>
  );
}

const RESTRAINS = [{ id: 'forward', name: 'forward' }, { id: 'rearward', name: 'rearward' }, { id: 'left', name: 'to the left' }, { id: 'right', name: 'to the right' }] as const;

function Angle({ line, hand }: { line: Line; hand: PlanHand }) {
  const { angle } = line;
  const set = (next: Line['angle']): void => hand.editLine(line.id, (l) => ({ ...l, angle: next }), `${line.id}/angle`);
  return (
    <FieldGrid $min={150}>
      <Select label="Angles" value={angle.by} choices={[{ id: 'anchors', name: 'from anchors and load' }, { id: 'entered', name: 'entered' }]}
        onChange={(by) => set(by === 'anchors' ? { by } : { by, alphaRad: Math.PI / 3, betaRad: 0, restrains: 'forward', leans: null })} />
      {angle.by === 'entered' ? (
        <>
          <QuantityField label="Against the deck" dimension="angle" unit="deg" most={Math.PI / 2} value={angle.alphaRad} onChange={(v) => v !== null && set({ ...angle, alphaRad: v })} />
          <QuantityField label="In plan" dimension="angle" unit="deg" most={Math.PI} value={angle.betaRad} onChange={(v) => v !== null && set({ ...angle, betaRad: v })} />
          <Select label="Restrains" value={angle.restrains} choices={RESTRAINS} onChange={(restrains) => set({ ...angle, restrains })} />
          {line.kind !== 'over' && Math.abs(Math.sin(angle.betaRad)) > 1e-9
            ? <Select label="Leans" value={angle.leans ?? 'no'} choices={[{ id: 'no', name: 'not said' }, ...RESTRAINS]} onChange={(leans) => set({ ...angle, leans: leans === 'no' ? null : leans })} /> : null}
        </>
      ) : null}
    </FieldGrid>
  );
}

const KIND_NAMES = { over: 'over the load', direct: 'direct to the load', loop: 'round the load' };

function LineSettings({ line }: { line: Line }) {
  const { units } = useMember();
  const editor = useEditor();
  const set = (change: Partial<Line>, key = `${line.id}/${Object.keys(change).join()}`): void => editor.editLine(line.id, (l) => ({ ...l, ...change }), key);
  // A line straight to the load ends there: its second end on the deck becomes a lug of the load.
  const endsFor = (next: Line['kind']): LineElement[] => {
    const onDeck = line.elements.filter((e) => e.kind === 'anchor' && e.at.on === 'deck');
    return next === 'direct' && onDeck.length > 1 ? line.elements.map((e) => (e === onDeck.at(-1) ? loadEnd(e.id) : e)) : line.elements;
  };
  const kind = (next: Line['kind']): void => set({ kind: next, elements: endsFor(next), attach: next === 'over' ? null : (line.attach ?? { fromFrontM: editor.plan.cargo.fromFrontM, fromCentreM: 0, heightM: editor.plan.cargo.heightM / 2 }) }, `${line.id}/kind`);
  return (
    <Settings>
      <FieldGrid $min={150}>
        <TextField label="Name" value={line.name} onChange={(name) => set({ name: name.slice(0, 80) })} />
        <Select label="How it works" value={line.kind} choices={LINE_KINDS.map((id) => ({ id, name: KIND_NAMES[id] }))} onChange={kind} />
        <QuantityField label="Route length" dimension="length" unit={units.length} optional placeholder="from the geometry" least={0.01} most={60} value={line.routeLengthM} onChange={(routeLengthM) => set({ routeLengthM })} />
        <QuantityField label="Tension measured" dimension="force" unit={units.force} optional placeholder="computed" most={1e6} value={line.enteredPretensionN} onChange={(enteredPretensionN) => set({ enteredPretensionN, reading: null })} />
        <NumberField label="Settling, part of 1" value={line.settling} least={0} most={0.9} onChange={(settling) => set({ settling })} />
      </FieldGrid>
      {line.kind === 'over' ? null : <Attach line={line} hand={editor.hand} />}
      <Angle line={line} hand={editor.hand} />
      <Check selected={line.temporary} onChange={(temporary) => set({ temporary })}>Temporary line: isolated damage may count</Check>
    </Settings>
  );
}

/** The element that is picked. */
export interface Picked {
  readonly lineId: string;
  readonly elementId: string;
}

interface Props {
  /** The newest; its facts follow as soon as typing leaves time. */
  readonly line: Line;
  readonly facts: LineFacts;
  readonly number: number;
  readonly hand: PlanHand;
  readonly picked: string | null;
  readonly onPicked: (picked: Picked | null) => void;
  readonly onWorking: OpenWorking;
}

function LineActions({ line, number, hand, onSettings, onMeter }: { line: Line; number: number; hand: PlanHand; onSettings: () => void; onMeter: () => void }) {
  const copy = (): void => hand.edit((p) => ({ ...p, lines: [...p.lines, { ...line, elements: withoutGear(line.elements), id: freshId('l', p.lines), name: `${line.name.slice(0, 73)} (copy)` }] }));
  const remove = (): void => hand.edit((p) => ({ ...p, lines: p.lines.filter((l) => l.id !== line.id) }));
  return (
    <ActionMenu label={`Line ${number}: settings, copy, remove`} actions={[
      { id: 'settings', name: 'Settings', run: onSettings }, { id: 'meter', name: 'Read the meter', run: onMeter }, { id: 'copy', name: 'Copy', run: copy }, { id: 'remove', name: 'Remove', run: remove },
    ]} />
  );
}

/** One line of the plan: what it may carry, what tension it keeps, and the strength line. */
export const LineCard = memo(function LineCard({ line, facts, number, hand, picked, onPicked, onWorking }: Props) {
  const { units } = useMember();
  const [open, setOpen] = useState(false);
  const [meter, setMeter] = useState(false);
  const { capacity, tension, shape, rope } = facts;
  const onPick = useCallback((elementId: string | null): void => onPicked(elementId === null ? null : { lineId: line.id, elementId }), [onPicked, line.id]);
  const onToggle = useCallback((elementId: string): void => onPick(picked === elementId ? null : elementId), [onPick, picked]);
  const wll = capacity.wll.value;
  const pull = tension.pretension.value;
  const f = (n: number): string => formatQuantity(n, 'force', units, 'capacity');
  const add = (): void => { const last = line.elements.at(-1); if (last) onPick(last.id); else setOpen(true); };
  return (
    <Card aria-label={`Line ${number}: ${line.name}`} data-line={number}>
      <Head>
        <Tag $hollow={wll === null}>{number}</Tag>
        <Label>WLL</Label>
        <WorkingFigure working={capacity.wll} title={`WLL of line ${number}`} text={wll === null ? 'not known' : f(wll)} onOpen={onWorking} size={22} extra={<OtherSchools lineId={line.id} />} />
        <Title><h3>{line.name}</h3><Small>{wordRun(line, units)}{shape.routeLengthM ? `, ${wordValue(shape.routeLengthM, 'm', units)}` : ''}</Small></Title>
        <Kept>
          <WorkingFigure working={tension.pretension} title={`Tension kept by line ${number}`} text={pull === null ? 'tension not known' : `kept ${f(pull)}${wll ? `, ${Math.round((pull / wll) * 100)} % of it` : ''}`} onOpen={onWorking} size={14} />
          {rope.value === null || !line.elements.some((e) => e.kind === 'rope') ? null : <WorkingFigure working={rope} title={`Rope line ${number} takes`} text={`takes ${wordValue(rope.value, 'm', units, 'demand')} of rope`} onOpen={onWorking} size={14} rounding="demand" />}
          {line.reading ? <Small suppressHydrationWarning>read {shortTime(line.reading.at)}, {line.reading.meter}</Small> : null}
          {tension.counted !== null && tension.ratio ? <Small>counted {formatNumber(tension.counted)} to 1, hauling {formatNumber(tension.ratio.value ?? 0)} to 1</Small> : null}
        </Kept>
        {hand.readOnly ? null : <LineActions line={line} number={number} hand={hand} onSettings={() => setOpen(!open)} onMeter={() => setMeter(true)} />}
      </Head>
      {open ? <LineSettings line={line} /> : null}
      {line.elements.length === 0 ? <p>This line is empty. <Button $kind="quiet" onPress={add}>Begin with an anchor</Button></p> : null}
      <StrengthLine facts={facts} units={units} pickedElement={picked} onPick={onToggle} />
      {meter ? <MeterPanel line={line.name} expected={{ hauledN: tension.hauled.value ?? 0, keptN: tension.kept.value ?? 0, settling: line.settling }} recorded={line.reading ? [line.reading] : []} canRecord onClose={() => setMeter(false)}
        onRecord={(reading) => hand.editLine(line.id, (l) => ({ ...l, reading, enteredPretensionN: Math.max(0, reading.tensionN) }))} /> : null}
      {picked !== null ? <ElementBench key={picked} line={line} elementId={picked} onPick={onPick} /> : null}
    </Card>
  );
});
