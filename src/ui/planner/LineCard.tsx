'use client';
import dynamic from 'next/dynamic';
import { memo, useCallback, useState } from 'react';
import styled from 'styled-components';
import type { LineFacts } from '@/core/securement/rule-input';
import type { Line } from '@/core/securement/schema';
import { formatNumber, formatQuantity } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { Button } from '../kit/Button';
import { Tag } from '../kit/Tag';
import { Label, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import { StrengthLine } from './StrengthLine';
import type { PlanHand } from './usePlanner';
import { type OpenWorking, WorkingFigure } from '../working/WorkingFigure';
import { wordRun, wordValue } from '@/wording/figures';
import { orMissing } from '../orMissing';

/** Fetched when they are asked for. */
const ElementEditor = dynamic(
  () => orMissing(import('./ElementEditor').then((m) => m.ElementEditor)),
  {
    loading: () => null,
  },
);
const RunLegs = dynamic(() => orMissing(import('./RunLegs').then((m) => m.RunLegs)), {
  loading: () => null,
});
const LineSettings = dynamic(
  () => orMissing(import('./LineSettings').then((m) => m.LineSettings)),
  {
    loading: () => null,
  },
);
const OtherSchools = dynamic(
  () => orMissing(import('./OtherSchools').then((m) => m.OtherSchools)),
  {
    loading: () => null,
  },
);
/** Fetched when a meter is read. */
const MeterPanel = dynamic(
  () => orMissing(import('../meter/MeterPanel').then((m) => m.MeterPanel)),
  {
    ssr: false,
  },
);

const Card = styled.article`
  scroll-margin-top: 52px;
  padding: 12px 0 18px;
  border-top: var(--w-rule) solid var(--ink);
  break-inside: avoid;
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 12px;
  & h3 {
    font-size: 16px;
  }
`;
const Title = styled.div`
  flex: 1 1 220px;
  min-width: 0;
  display: flex;
  flex-direction: column;
`;
const Kept = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  & > button {
    min-height: 28px;
    padding: 2px;
  }
  @media (max-width: 760px) {
    order: 3;
    flex-basis: 100%;
    align-items: flex-start;
    & > button {
      min-height: var(--hit);
    }
  }
`;

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

function LineActions({
  line,
  number,
  hand,
  onSettings,
  onMeter,
}: {
  line: Line;
  number: number;
  hand: PlanHand;
  onSettings: () => void;
  onMeter: () => void;
}) {
  const copy = async (): Promise<void> => {
    const { copyOfLine } = await import('@/core/securement/compose');
    hand.edit((p) => ({ ...p, lines: [...p.lines, copyOfLine(line, p.lines)] }));
  };
  const remove = (): void =>
    hand.edit((p) => ({ ...p, lines: p.lines.filter((l) => l.id !== line.id) }));
  return (
    <ActionMenu
      label={`Line ${number}: settings, copy, remove`}
      actions={[
        { id: 'settings', name: 'Settings', run: onSettings },
        { id: 'meter', name: 'Read the meter', run: onMeter },
        { id: 'copy', name: 'Copy', run: () => void copy() },
        { id: 'remove', name: 'Remove', run: remove },
      ]}
    />
  );
}

/** One line of the plan: what it may carry, what tension it keeps, and the strength line. */
export const LineCard = memo(function LineCard({
  line,
  facts,
  number,
  hand,
  picked,
  onPicked,
  onWorking,
}: Props) {
  const { units } = useMember();
  const [open, setOpen] = useState(false);
  const [meter, setMeter] = useState(false);
  const { capacity, tension, shape, rope } = facts;
  const onPick = useCallback(
    (elementId: string | null): void =>
      onPicked(elementId === null ? null : { lineId: line.id, elementId }),
    [onPicked, line.id],
  );
  const onToggle = useCallback(
    (elementId: string): void => onPick(picked === elementId ? null : elementId),
    [onPick, picked],
  );
  const wll = capacity.wll.value;
  const pull = tension.pretension.value;
  const f = (n: number): string => formatQuantity(n, 'force', units, 'capacity');
  const add = (): void => {
    const last = line.elements.at(-1);
    if (last) onPick(last.id);
    else setOpen(true);
  };
  return (
    <Card aria-label={`Line ${number}: ${line.name}`} data-line={number}>
      <Head>
        <Tag $hollow={wll === null}>{number}</Tag>
        <Label>WLL</Label>
        <WorkingFigure
          working={capacity.wll}
          title={`WLL of line ${number}`}
          text={wll === null ? 'not known' : f(wll)}
          onOpen={onWorking}
          size={22}
          extra={<OtherSchools lineId={line.id} />}
        />
        <Title>
          <h3>{line.name}</h3>
          <Small>
            {wordRun(line, units)}
            {shape.routeLengthM ? `, ${wordValue(shape.routeLengthM, 'm', units)}` : ''}
          </Small>
        </Title>
        <Kept>
          <WorkingFigure
            working={tension.pretension}
            title={`Tension kept by line ${number}`}
            text={
              pull === null
                ? 'tension not known'
                : `kept ${f(pull)}${wll ? `, ${Math.round((pull / wll) * 100)} % of it` : ''}`
            }
            onOpen={onWorking}
            size={14}
          />
          {rope.value === null || !line.elements.some((e) => e.kind === 'rope') ? null : (
            <WorkingFigure
              working={rope}
              title={`Rope line ${number} takes`}
              text={`takes ${wordValue(rope.value, 'm', units, 'demand')} of rope`}
              onOpen={onWorking}
              size={14}
              rounding="demand"
            />
          )}
          {line.reading ? (
            <Small suppressHydrationWarning>
              read {shortTime(line.reading.at)}, {line.reading.meter}
            </Small>
          ) : null}
          {tension.counted !== null && tension.ratio ? (
            <Small>
              counted {formatNumber(tension.counted)} to 1, hauling{' '}
              {formatNumber(tension.ratio.value ?? 0)} to 1
            </Small>
          ) : null}
        </Kept>
        {hand.readOnly ? null : (
          <LineActions
            line={line}
            number={number}
            hand={hand}
            onSettings={() => setOpen(!open)}
            onMeter={() => setMeter(true)}
          />
        )}
      </Head>
      {line.elements.some((e) => e.kind === 'hook') ? <RunLegs line={line} keptN={pull} /> : null}
      {open ? <LineSettings line={line} /> : null}
      {line.elements.length === 0 ? (
        <p>
          This line is empty.{' '}
          <Button $kind="quiet" onPress={add}>
            Begin with an anchor
          </Button>
        </p>
      ) : null}
      <StrengthLine facts={facts} units={units} pickedElement={picked} onPick={onToggle} />
      {meter ? (
        <MeterPanel
          line={line.name}
          expected={{
            hauledN: tension.hauled.value ?? 0,
            keptN: tension.kept.value ?? 0,
            settling: line.settling,
          }}
          recorded={line.reading ? [line.reading] : []}
          canRecord
          onClose={() => setMeter(false)}
          onRecord={(reading) =>
            hand.editLine(line.id, (l) => ({
              ...l,
              reading,
              enteredPretensionN: Math.max(0, reading.tensionN),
            }))
          }
        />
      ) : null}
      {picked !== null ? (
        <ElementEditor key={picked} line={line} elementId={picked} onPick={onPick} />
      ) : null}
    </Card>
  );
});
