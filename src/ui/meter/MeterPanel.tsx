'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { MOST_KEPT } from '@/core/meter/log';
import type { MeterReading } from '@/core/meter/reading';
import type { KeptReading } from '@/core/meter/kept-reading';
import { formatIn, formatQuantity, type UnitChoice } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Label, Small } from '../kit/text';
import { type MeterSource, serialOf, useMeter } from './useMeter';
import { Cluster, Spaced } from '../kit/layout';

const Choose = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 12px;
  align-items: end;
`;
const Now = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
  padding: 16px 0 4px;
`;
const Big = styled.b<{ $faint: boolean }>`
  font: 700 64px/1 var(--font-figure);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  ${({ $faint }) => $faint && 'color:var(--ink-2);font-weight:480;'}& small {
    font-size: 26px;
    font-weight: 560;
    margin-left: 6px;
  }
  @media (max-width: 600px) {
    font-size: 46px;
  }
`;
const Link = styled.p<{ $bad: boolean }>`
  display: flex;
  align-items: center;
  gap: 8px;
  font: 680 15px/1.25 var(--font-figure);
  ${({ $bad }) => $bad && 'color:var(--signal);'}& > i {
    width: 16px;
    height: 16px;
    border: 2px solid;
    flex: none;
    background: ${({ $bad }) => ($bad ? 'var(--p-short)' : 'var(--plate)')};
  }
`;
const Trace = styled.svg`
  display: block;
  width: 100%;
  height: 150px;
  border-bottom: var(--w-rule) solid var(--ink);
  border-top: var(--w-hair) solid var(--line);
  background: var(--canvas);
`;
const Row = styled.li`
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 7px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;

/** What a reading on this line should be, so that the stand-in plays the right scene. */
export interface Expected {
  readonly hauledN: number;
  readonly keptN: number;
  readonly settling: number;
}

const FAULTS = [
  { id: 'none', name: 'nothing' },
  { id: 'garbage', name: 'a bad plug: damaged lines' },
  { id: 'cut', name: 'a loose cable: cut every 5 s' },
  { id: 'over', name: 'too small a cell: overload' },
] as const;
const PACES = [
  { id: '1', name: 'as in life' },
  { id: '60', name: '60 times faster' },
] as const;
const STAND_IN = 'stand-in cell';
const SERIAL = 'cell at the serial port';

/** The last minute as a line, with the hauled and the kept tension it should show. */
function TracePicture({ trace, expected }: { trace: readonly MeterReading[]; expected: Expected }) {
  const most = Math.max(1, expected.hauledN * 1.15, ...trace.map((r) => r.tensionN));
  const y = (n: number): number => 140 - (Math.max(0, n) / most) * 128;
  const path = trace
    .map(
      (r, i) =>
        `${i === 0 ? 'M' : 'L'}${((i + MOST_KEPT - trace.length) / (MOST_KEPT - 1)) * 600} ${y(r.tensionN).toFixed(1)}`,
    )
    .join('');
  return (
    <Trace viewBox="0 0 600 150" preserveAspectRatio="none" aria-hidden>
      {[expected.hauledN, expected.keptN].map((n, i) => (
        <path
          key={i}
          d={`M0 ${y(n)}H600`}
          stroke="var(--edge)"
          strokeWidth={1.5}
          strokeDasharray={i === 0 ? '2 5' : '9 5'}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <path
        d={path}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </Trace>
  );
}

const LINKS = {
  off: 'not connected',
  connecting: 'connecting…',
  live: 'reading',
  lost: 'connection lost, trying again',
} as const;

function linkWords(
  link: keyof typeof LINKS,
  latest: MeterReading | null,
): { words: string; bad: boolean } {
  if (link === 'lost') return { words: LINKS.lost, bad: true };
  if (link === 'live' && latest?.state === 'over')
    return {
      words: 'OVER: beyond what the cell may take, it reads no higher. Ease off.',
      bad: true,
    };
  if (link === 'live' && latest?.state === 'low-battery')
    return { words: 'reading, battery low', bad: false };
  return { words: LINKS[link], bad: false };
}

const counted = (n: number, what: string): string =>
  n === 0 ? '' : `${n} ${what}${n === 1 ? '' : 's'}`;
const clock = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  });

function Recorded({ readings, units }: { readings: readonly KeptReading[]; units: UnitChoice }) {
  if (readings.length === 0) return null;
  return (
    <Spaced as="section" $top={16}>
      <h3>Recorded on this line</h3>
      <ul aria-label="Recorded readings">
        {readings
          .toReversed()
          .slice(0, 8)
          .map((r) => (
            <Row key={`${r.at}/${r.tensionN}`}>
              <b>{formatQuantity(r.tensionN, 'force', units)}</b>
              <Small>
                {clock(r.at)}, {r.meter}
              </Small>
            </Row>
          ))}
      </ul>
    </Spaced>
  );
}

/** Reads a load cell in the line: the stand-in that comes with the product, or a real one; records what it shows. */
export function MeterPanel({
  line,
  expected,
  recorded,
  canRecord,
  onRecord,
  onClose,
}: {
  line: string;
  expected: Expected;
  recorded: readonly KeptReading[];
  canRecord: boolean;
  onRecord: (reading: KeptReading) => void;
  onClose: () => void;
}) {
  const { units } = useMember();
  const meter = useMeter();
  const [fault, setFault] = useState<(typeof FAULTS)[number]['id']>('none');
  const [pace, setPace] = useState<(typeof PACES)[number]['id']>('1');
  const [by, setBy] = useState(STAND_IN);
  const [hasSerial, setHasSerial] = useState(false);
  useEffect(() => setHasSerial(serialOf() !== null), []);
  const { link, log, trouble } = meter;
  const { latest, faults } = log;
  const begin = (source: MeterSource, name: string): void => {
    setBy(name);
    meter.connect(source);
  };
  const query = (): string =>
    new URLSearchParams({
      hauledN: expected.hauledN.toFixed(1),
      keptN: expected.keptN.toFixed(1),
      settling: String(expected.settling),
      since: String(Date.now()),
      fault,
      pace,
    }).toString();
  const state = linkWords(link, latest);
  const shown = latest ? formatIn(latest.tensionN, units.force) : null;
  const damaged = faults.garbage + faults.check + faults['out-of-range'];
  const fresh = link === 'live' && latest !== null && latest.state !== 'over';
  return (
    <Sheet title={`Meter on ${line}`} side open onClose={onClose}>
      <Choose>
        <Select
          label="The stand-in gets wrong"
          value={fault}
          choices={FAULTS}
          onChange={setFault}
        />
        <Select label="Time runs" value={pace} choices={PACES} onChange={setPace} />
        <Button
          $kind="primary"
          onPress={() => begin({ kind: 'stand-in', query: query() }, STAND_IN)}
        >
          Read the stand-in
        </Button>
        {hasSerial ? (
          <Button onPress={() => begin({ kind: 'serial' }, SERIAL)}>Plug in a real cell</Button>
        ) : (
          <Small>A real cell can be plugged in where the browser can read serial ports.</Small>
        )}
      </Choose>
      <Now>
        <Big $faint={link !== 'live'} data-meter>
          {shown ? shown.number : '–'}
          <small>{shown ? shown.unit : units.force}</small>
        </Big>
        <Link $bad={state.bad} role="status" data-link={link}>
          <i aria-hidden />
          {state.words}
        </Link>
      </Now>
      {trouble ? <ErrorText role="alert">{trouble}</ErrorText> : null}
      <TracePicture trace={log.trace} expected={expected} />
      <Label>the last minute of readings; dotted: hauled, dashed: kept, as computed</Label>
      <Spaced as="p" $top={8} $bottom={8}>
        <Small data-counts>
          {log.read} read
          {log.peakN === null ? '' : `, peak ${formatQuantity(log.peakN, 'force', units)}`}
          {damaged > 0 ? `, ${counted(damaged, 'damaged line')} dropped` : ''}
          {log.missed > 0 ? `, ${counted(log.missed, 'reading')} missed` : ''}
        </Small>
      </Spaced>
      <Cluster as="p" $gap={8}>
        <Button
          $kind="primary"
          isDisabled={!canRecord || !fresh}
          onPress={() =>
            latest &&
            onRecord({ tensionN: latest.tensionN, at: new Date().toISOString(), meter: by })
          }
        >
          Record this reading
        </Button>
        <Button isDisabled={link === 'off'} onPress={meter.stop}>
          Stop reading
        </Button>
      </Cluster>
      <Recorded readings={recorded} units={units} />
    </Sheet>
  );
}
