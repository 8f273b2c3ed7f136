'use client';
import Link from 'next/link';
import { useCallback, useState } from 'react';
import type { SpanFigures, SpanInput } from '@/core/bench/span';
import type { Strength } from '@/core/securement/schema';
import { atMost, formatNumber, formatQuantity, type UnitChoice } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Chart, type ChartColours } from '../kit/Chart';
import { FieldGrid, QuantityField } from '../kit/fields';
import { Segments } from '../kit/Segments';
import { Slide } from '../kit/Slide';
import { Figure, Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { WorkingFigure } from '../working/WorkingFigure';
import { wordValue } from '@/wording/figures';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import { BenchNav } from './BenchNav';
import { Legs } from './Legs';
import { SpanPicture } from './SpanPicture';
import { SpanRope } from './SpanRope';
import { useSpan } from './useSpan';
import { Head, Page, Answer, Facts } from './SpanRoom.styles';
import { curveOption } from './spanChart';
import { Spaced } from '../kit/layout';

/** Part of the span that a sag is, at most what the slider shows. */
const MOST_SAG = 0.25;

function SpanAnswer({
  input,
  figures,
  units,
}: {
  input: SpanInput;
  figures: SpanFigures;
  units: UnitChoice;
}) {
  const tension = figures.ends.greatestN.value!;
  const wll = figures.wll.value;
  const holds = wll !== null && atMost(tension, wll);
  const say = (n: number): string => formatQuantity(n, 'force', units, 'capacity');
  return (
    <Answer
      $bad={!holds && wll !== null}
      role="status"
      data-span-verdict={wll === null ? 'cannot-say' : holds ? 'holds' : 'short'}
    >
      <VerdictMark verdict={wll === null ? 'cannot-say' : holds ? 'holds' : 'short'} />
      <p>
        <b>
          {say(input.loadN)} on the line pulls it with{' '}
          {formatQuantity(tension, 'force', units, 'demand')}: {formatNumber(figures.timesLoad)}{' '}
          times the load.
        </b>{' '}
        {wll === null
          ? 'What this rope may carry is not known.'
          : figures.sagAtWllM === null
            ? `The load alone is more than the line’s WLL of ${say(wll)}.`
            : holds
              ? `Its WLL is ${say(wll)}; with less than ${wordValue(figures.sagAtWllM, 'm', units, 'demand')} of sag it would be more.`
              : `Its WLL is ${say(wll)}. Let it hang at least ${wordValue(figures.sagAtWllM, 'm', units, 'demand')}.`}
      </p>
    </Answer>
  );
}

function SpanFacts({
  input,
  figures,
  onWorking,
}: {
  input: SpanInput;
  figures: SpanFigures;
  onWorking: (w: OpenedWorking) => void;
}) {
  const { units } = useMember();
  const fig = (
    title: string,
    working: SpanFigures['wll'],
    rounding: 'demand' | 'capacity' = 'demand',
  ) => (
    <WorkingFigure
      working={working}
      title={title}
      text={wordValue(working.value, 'N', units, rounding)}
      onOpen={onWorking}
      rounding={rounding}
      size={15}
    />
  );
  const { alone, parabolaN } = figures;
  return (
    <Facts>
      <dt>At the first end</dt>
      <dd>{fig('Tension at the first end', figures.ends.firstN)}</dd>
      <dt>At the second end</dt>
      <dd>{fig('Tension at the second end', figures.ends.secondN)}</dd>
      <dt>WLL, tied with bowlines</dt>
      <dd>{fig('WLL of the span', figures.wll, 'capacity')}</dd>
      <dt>Sag at the load</dt>
      <dd>
        {wordValue(figures.sagM, 'm', units)},{' '}
        {formatNumber((figures.sagM / input.spanM) * 100, 'nearest', 2)} %
      </dd>
      <dt>The line alone, as deep: by the catenary</dt>
      <dd>{wordValue(alone.greatestN, 'N', units)}</dd>
      {parabolaN === null ? null : (
        <>
          <dt>
            by the parabola,{' '}
            {Math.abs(parabolaN / alone.horizontalN - 1) < 0.0005
              ? 'the same'
              : `${formatNumber(Math.abs(parabolaN / alone.horizontalN - 1) * 100, 'nearest', 2)} % less`}{' '}
            along the span
          </dt>
          <dd>{wordValue(parabolaN, 'N', units)}</dd>
        </>
      )}
      <dt>Weight of the line</dt>
      <dd>{formatNumber(figures.weightNPerM)} N/m</dd>
    </Facts>
  );
}

/** Ridge lines, clotheslines, trolley lines: what a small load does to a tight line; and legs of a sling. */
export function SpanRoom({ strength }: { strength: Strength }) {
  const { units } = useMember();
  const { input, set, figures } = useSpan(strength);
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const option = useCallback((c: ChartColours) => curveOption(figures, c, units), [figures, units]);
  const part = input.sagM / input.spanM;
  return (
    <>
      <Head>
        <Label>
          <Link href="/bench">Tension bench</Link>
        </Label>
        <h1>Spans and legs</h1>
      </Head>
      <BenchNav />
      <Page>
        <div>
          <SpanPicture input={input} figures={figures} units={units} />
          <SpanAnswer input={input} figures={figures} units={units} />
          <Segments
            label="The line is"
            value={input.by}
            choices={[
              { id: 'sag', name: 'measured: its sag' },
              { id: 'length', name: 'elastic: its length before' },
            ]}
            onChange={(by) => set({ by })}
          />
          {input.by === 'sag' ? (
            <Slide
              label="Sag"
              value={Math.min(1, part / MOST_SAG)}
              step={0.004}
              text={wordValue(input.sagM, 'm', units)}
              onChange={(v) =>
                set({ sagM: Math.max(0.002 * input.spanM, v * MOST_SAG * input.spanM) })
              }
              notes={[
                'drum-tight',
                <Figure key="s" $size={15}>
                  {wordValue(input.sagM, 'm', units)}, {formatNumber(part * 100, 'nearest', 2)} % of
                  the span
                </Figure>,
                'a quarter of the span',
              ]}
            />
          ) : null}
          <Spaced as="h2" $top={14}>
            Tension against sag
          </Spaced>
          <Chart
            label={`Tension falls as the sag grows; now ${wordValue(figures.ends.greatestN.value, 'N', units)} at ${wordValue(figures.sagM, 'm', units)}`}
            option={option}
            height={270}
          />
        </div>
        <div>
          <FieldGrid $min={150}>
            <QuantityField
              label="Span"
              dimension="length"
              unit={units.length}
              least={0.5}
              most={500}
              value={input.spanM}
              onChange={(m) =>
                m !== null &&
                set({
                  spanM: m,
                  atM: Math.min(input.atM, m * 0.99),
                  sagM: Math.max(0.002 * m, Math.min(input.sagM, m)),
                })
              }
            />
            <QuantityField
              label="Second end higher by"
              dimension="length"
              unit={units.length}
              signed
              least={-100}
              most={100}
              value={input.riseM}
              onChange={(m) => m !== null && set({ riseM: m })}
            />
            <QuantityField
              label="Load"
              dimension="force"
              unit={units.force}
              least={1}
              most={1e5}
              value={input.loadN}
              onChange={(n) => n !== null && set({ loadN: n })}
            />
            <QuantityField
              label="Load from the first end"
              dimension="length"
              unit={units.length}
              least={0.01}
              most={input.spanM * 0.99}
              value={input.atM}
              onChange={(m) => m !== null && set({ atM: m })}
            />
            {input.by === 'sag' ? (
              <QuantityField
                label="Sag at the load"
                dimension="length"
                unit={units.length}
                least={0.001}
                most={input.spanM}
                value={input.sagM}
                onChange={(m) => m !== null && set({ sagM: m })}
              />
            ) : (
              <QuantityField
                label="Length of the line before"
                dimension="length"
                unit={units.length}
                least={0.9 * Math.hypot(input.spanM, input.riseM)}
                most={3 * input.spanM}
                value={input.unstretchedM}
                onChange={(m) => m !== null && set({ unstretchedM: m })}
              />
            )}
          </FieldGrid>
          <SpanFacts input={input} figures={figures} onWorking={setWorking} />
          <SpanRope rope={input.rope} set={(rope) => set({ rope })} />
          <Small>
            Weight of rope from makers’ tables, from memory. What the line is tied to must bear the
            same.
          </Small>
          <Legs onWorking={setWorking} />
        </div>
      </Page>
      <WorkingSheet opened={working} over="Spans and legs" onClose={() => setWorking(null)} />
    </>
  );
}
