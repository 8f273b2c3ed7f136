'use client';
import type { EChartsCoreOption } from 'echarts/core';
import Link from 'next/link';
import { useCallback, useMemo, useState } from 'react';
import type { RiggingDocument } from '@/core/bench/rigging';
import type { Strength } from '@/core/securement/schema';
import { PASS_KIND_IDS, type PassKind } from '@/core/tackle/passes';
import { FORM_IDS, type FormId } from '@/core/tackle/systems';
import { UNITS } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Button, IconButton } from '../kit/Button';
import { CHART_TEXT, Chart, type ChartColours } from '../kit/Chart';
import { QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import { Label, Small } from '../kit/text';
import { type OpenWorking, WorkingFigure } from '../working/WorkingFigure';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import { BenchNav } from './BenchNav';
import { type Compared, compared, compareRows, roundName, withTurns } from './compareRows';
import { formName, newRigging } from '@/core/bench/compose';
import { handUnit } from './strandWords';
import { MOST_HAND_N } from './useBench';
import { Page, Head, Controls, Two, Wide, Table, Key, Named } from './SideBySide.styles';

/** Lines told apart by their dash, never by colour alone. */
const DASHES: readonly (number[] | 'solid')[] = ['solid', [8, 5], [2, 4], [12, 4, 2, 4]];

const dashText = (dash: number[] | 'solid'): string | undefined =>
  dash === 'solid' ? undefined : dash.join(' ');

const MOST = 4;

/** A library entry as a choice among the named systems. */
export interface LibraryChoice {
  readonly id: string;
  readonly title: string;
  readonly document: RiggingDocument;
}

function chartOption(
  list: readonly Compared[],
  c: ChartColours,
  hand: number,
  line: number,
  units: { hand: string; line: string },
): EChartsCoreOption {
  const steps = [0, MOST_HAND_N];
  const points = (ratio: number): number[][] => steps.map((n) => [n / hand, (n * ratio) / line]);
  const axis = {
    axisLabel: { color: c.faint, ...CHART_TEXT },
    axisLine: { show: true, lineStyle: { color: c.ink, width: 1.5 } },
    splitLine: { lineStyle: { color: c.line, opacity: 0.5 } },
    nameTextStyle: { color: c.ink, fontWeight: 700, ...CHART_TEXT },
  } as const;
  return {
    textStyle: CHART_TEXT,
    grid: { left: 54, right: 128, top: 34, bottom: 48 },
    tooltip: {
      trigger: 'axis',
      backgroundColor: c.canvas,
      borderColor: c.ink,
      textStyle: { color: c.ink, ...CHART_TEXT },
      valueFormatter: (v: unknown) =>
        typeof v === 'number' ? `${Number(v.toPrecision(3))} ${units.line}` : '',
    },
    xAxis: {
      type: 'value',
      max: MOST_HAND_N / hand,
      name: `hand pull, ${units.hand}`,
      nameLocation: 'middle',
      nameGap: 30,
      ...axis,
    },
    yAxis: { type: 'value', name: `line, ${units.line}`, ...axis },
    series: list.flatMap((s, i) => [
      {
        type: 'line',
        silent: true,
        stack: `band${i}`,
        stackStrategy: 'all',
        data: points(s.figures.band.least),
        symbol: 'none',
        lineStyle: { opacity: 0 },
        tooltip: { show: false },
      },
      {
        type: 'line',
        silent: true,
        stack: `band${i}`,
        stackStrategy: 'all',
        data: points(s.figures.band.most - s.figures.band.least),
        symbol: 'none',
        lineStyle: { opacity: 0 },
        areaStyle: { color: c.ink, opacity: 0.13 },
        tooltip: { show: false },
      },
      {
        type: 'line',
        name: s.name,
        data: points(s.figures.hauling.loadRatio),
        symbol: 'none',
        lineStyle: { color: c.ink, width: 2.6, type: DASHES[i] },
        itemStyle: { color: c.ink },
        endLabel: {
          show: true,
          formatter: s.name,
          color: c.ink,
          width: 118,
          overflow: 'break',
          ...CHART_TEXT,
          fontSize: 12,
          lineHeight: 15,
        },
        labelLayout: { moveOverlap: 'shiftY' },
      },
    ]),
  };
}

function Columns({
  list,
  onDrop,
  onWorking,
}: {
  list: readonly Compared[];
  onDrop: (key: string) => void;
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  const rows = compareRows(list, units);
  return (
    <Wide tabIndex={0} role="region" aria-label="Systems side by side">
      <Table>
        <thead>
          <tr>
            <th scope="col">
              <Small>best in its row is framed</Small>
            </th>
            {list.map((s, i) => (
              <th scope="col" key={s.key}>
                <Named>
                  <span>{s.name}</span>
                  {list.length > 1 ? (
                    <IconButton aria-label={`Leave out ${s.name}`} onPress={() => onDrop(s.key)}>
                      ×
                    </IconButton>
                  ) : null}
                </Named>
                <Key viewBox="0 0 64 12" aria-hidden>
                  <path
                    d="M0 6H64"
                    stroke="var(--ink)"
                    strokeWidth={2.6}
                    strokeDasharray={dashText(DASHES[i]!)}
                  />
                </Key>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.what}>
              <th scope="row">{r.what}</th>
              {r.cells.map((cell, i) => (
                <td key={list[i]!.key} data-best={r.best === i}>
                  {r.workings[i] ? (
                    <WorkingFigure
                      working={r.workings[i]}
                      title={`${list[i]!.name}: ${r.what}`}
                      text={cell}
                      onOpen={onWorking}
                      size={14.5}
                    />
                  ) : (
                    cell
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </Wide>
  );
}

/** Up to four systems on the same line with the same hand: a table, and hand pull against line tension with the band of friction. */
export function SideBySide({
  strength,
  library,
}: {
  strength: Strength;
  library: readonly LibraryChoice[];
}) {
  const { units } = useMember();
  const [chosen, setChosen] = useState<readonly string[]>(['single', 'second-loop', 'simple-3']);
  const [next, setNext] = useState<string>('compound-9');
  const [handN, setHandN] = useState(250);
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const [round, setRound] = useState<PassKind>('plain-pulley');
  const choices = useMemo(
    () => [
      ...FORM_IDS.map((id) => ({ id: id as string, name: formName(id) })),
      ...library.map((l) => ({ id: l.id, name: `library: ${l.title}` })),
    ],
    [library],
  );
  const list = useMemo(
    () =>
      chosen.map((id) => {
        const kept = library.find((l) => l.id === id);
        return compared(
          id,
          kept?.title ?? formName(id as FormId),
          kept?.document ?? withTurns(newRigging(strength, id as FormId), round),
          handN,
        );
      }),
    [chosen, library, strength, round, handN],
  );
  const [hand, line] = [UNITS[handUnit(units)].si, UNITS[units.force].si];
  const option = useCallback(
    (c: ChartColours) =>
      chartOption(list, c, hand, line, { hand: handUnit(units), line: units.force }),
    [list, hand, line, units],
  );
  const rest = choices.filter((c) => !chosen.includes(c.id));
  const add = rest.some((c) => c.id === next) ? next : (rest[0]?.id ?? '');
  return (
    <>
      <Head>
        <Label>
          <Link href="/bench">Tension bench</Link>
        </Label>
        <h1>Side by side</h1>
      </Head>
      <BenchNav />
      <Page>
        <Controls>
          <QuantityField
            label="Hand pull"
            dimension="force"
            unit={handUnit(units)}
            least={1}
            most={5000}
            value={handN}
            onChange={(n) => n !== null && setHandN(n)}
          />
          <Select
            label="Tackles turn round"
            value={round}
            choices={PASS_KIND_IDS.map((id) => ({ id, name: roundName(id) }))}
            onChange={setRound}
          />
          <Select label="One more system" value={add} choices={rest} onChange={setNext} />
          <Button
            onPress={() => setChosen([...chosen, add])}
            isDisabled={chosen.length >= MOST || add === ''}
          >
            {chosen.length >= MOST ? 'Four at most' : 'Add it'}
          </Button>
        </Controls>
        <Two>
          <Columns
            list={list}
            onDrop={(key) => setChosen(chosen.filter((k) => k !== key))}
            onWorking={setWorking}
          />
          <section aria-label="Chart">
            <h2>Hand pull against line tension</h2>
            <Chart
              label={`Line tension for hand pulls up to ${MOST_HAND_N} N: ${list.map((s) => `${s.name} ${s.figures.hauling.loadRatio.toFixed(2)} to 1`).join(', ')}`}
              option={option}
              height={420}
            />
            <Small>
              Grey: between the least and the most that its turns are known to leave. 12 mm
              polyester by its table, 4.78 m from anchor to anchor; a library system on its own
              line.
            </Small>
          </section>
        </Two>
      </Page>
      <WorkingSheet opened={working} over="Side by side" onClose={() => setWorking(null)} />
    </>
  );
}
