'use client';
import { memo } from 'react';
import { Radio, RadioGroup } from 'react-aria-components/RadioGroup';
import styled from 'styled-components';
import { riggingOfSystem } from '@/core/bench/figures';
import { riggingForces, withoutFriction } from '@/core/tackle/rigging';
import { USUAL_LOOP_M } from '@/core/tackle/take-up';
import { formatNumber, formatQuantity, UNITS, type UnitId } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { QuantityField } from '../kit/fields';
import { Slide } from '../kit/Slide';
import { Figure, Label, Small } from '../kit/text';
import { handUnit } from './strandWords';
import { type Bench, MOST_HAND_N } from './useBench';
import { Spaced } from '../kit/layout';

const Two = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 6px 28px;
  padding: 10px 0 8px;
  border-bottom: var(--w-hair) solid var(--line);
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Ways = styled(RadioGroup)`
  padding: 8px 0;
  border-bottom: var(--w-rule) solid var(--ink);
`;
const Way = styled(Radio)`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) 70px 60px 78px 74px;
  gap: 8px;
  align-items: center;
  min-height: 46px;
  padding: 0 10px 0 6px;
  border-top: var(--w-hair) solid var(--line);
  border-left: 5px solid transparent;
  cursor: pointer;
  font: 620 15px/1.15 var(--font-figure);
  &[data-selected] {
    background: var(--sheet);
    border-left-color: var(--plate);
  }
  &[data-hovered] {
    background: var(--sunk);
  }
  &[data-focus-visible] {
    outline: var(--w-focus) solid var(--ink);
    outline-offset: -3px;
  }
  & > b {
    text-align: right;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  @media (max-width: 600px) {
    grid-template-columns: 36px minmax(0, 1fr) 76px 70px;
    & > i,
    & > small {
      display: none;
    }
  }
`;
const Bar = styled.i`
  display: block;
  height: 12px;
  background: var(--plate);
  max-width: 100%;
  width: var(--reach);
`;

/** Two digits, no idle zeros. */
const trimmed = (n: number): string => String(Number(n.toPrecision(2)));

const DIRECTIONS = [
  { id: 'toward', angleRad: 0, name: 'toward the anchor', d: 'M17 19v13M12.5 27l4.5 6 4.5-6' },
  { id: 'sideways', angleRad: Math.PI / 2, name: 'sideways', d: 'M18 18h19M31 13l6 5-6 5' },
  { id: 'back', angleRad: Math.PI, name: 'back to the load', d: 'M17 17V4M12.5 9L17 3l4.5 6' },
] as const;

/** Where the hand pulls, with what each way makes of the same pull. */
const WhereYouPull = memo(function WhereYouPull({ bench }: { bench: Bench }) {
  const { units } = useMember();
  const { system } = bench.doc;
  const rows = DIRECTIONS.map((way) => {
    const rigging = riggingOfSystem({ ...system, handAngleRad: way.angleRad });
    const [hauling, counted] = [
      riggingForces(rigging, 'hauling'),
      riggingForces(withoutFriction(rigging), 'hauling'),
    ];
    return {
      ...way,
      ratio: hauling.ok ? hauling.value.loadRatio : null,
      counted: counted.ok ? counted.value.loadRatio : null,
    };
  });
  const most = Math.max(...rows.map((r) => r.ratio ?? 0), 0.1);
  const now = DIRECTIONS.find((d) => Math.abs(d.angleRad - system.handAngleRad) < 0.01)?.id ?? null;
  return (
    <Ways
      value={now ?? ''}
      onChange={(id) =>
        bench.editSystem({ handAngleRad: DIRECTIONS.find((d) => d.id === id)!.angleRad })
      }
      aria-label="Where you pull"
    >
      <Label>
        Where you pull
        {now === null
          ? `, now ${Math.round((system.handAngleRad * 180) / Math.PI)}° from the anchor`
          : ''}
      </Label>
      {rows.map((r) => (
        <Way key={r.id} value={r.id} isDisabled={r.ratio === null || r.ratio <= 0}>
          <svg viewBox="0 0 44 36" width="40" height="33" aria-hidden>
            <circle cx="12" cy="18" r="5" fill="none" stroke="currentColor" strokeWidth="2" />
            <path d="M12 2v11" stroke="currentColor" strokeWidth="3" />
            <path d={r.d} fill="none" stroke="currentColor" strokeWidth="2.2" />
          </svg>
          <span>{r.name}</span>
          <Small as="small">{r.counted === null ? '' : `counted ${trimmed(r.counted)}`}</Small>
          <Bar aria-hidden style={{ '--reach': `${(100 * Math.max(0, r.ratio ?? 0)) / most}%` }} />
          <b>{r.ratio === null ? 'no pull' : `${formatNumber(r.ratio)} : 1`}</b>
          <b>
            {r.ratio === null
              ? ''
              : formatQuantity(r.ratio * system.handForceN, 'force', {
                  ...units,
                  force: handUnit(units),
                })}
          </b>
        </Way>
      ))}
    </Ways>
  );
});

const LOOP = { least: 0.05, most: 1 } as const;
/** Numbers without their unit, for the ends of a scale. */
const bare = (si: number, unit: UnitId): string => trimmed(si / UNITS[unit].si);

/** The hand's pull: dragged, stepped with the arrow keys, or typed. */
function HandPull({ bench }: { bench: Bench }) {
  const { units } = useMember();
  const {
    doc: { system },
    figures,
    pull,
  } = bench;
  const unit = handUnit(units);
  const hand = (n: number): string =>
    formatQuantity(n, 'force', { ...units, force: unit }, 'capacity');
  const limit = figures.pullLimit.value;
  return (
    <div>
      <QuantityField
        label="Hand pull"
        dimension="force"
        unit={unit}
        least={1}
        most={5000}
        value={system.handForceN}
        onChange={(n) => n !== null && pull(n)}
      />
      <Slide
        label="Hand pull"
        value={Math.min(1, system.handForceN / MOST_HAND_N)}
        text={hand(system.handForceN)}
        onChange={(v) => pull(Math.max(1, v * MOST_HAND_N))}
        notes={[
          '0',
          limit === null ? 'WLL not known' : `${hand(limit)} reaches the WLL`,
          hand(MOST_HAND_N),
        ]}
      />
    </div>
  );
}

/** Where the loop is tied, or how much of a tackle's rope runs back. */
const LoopPlace = memo(function LoopPlace({ bench }: { bench: Bench }) {
  const { units } = useMember();
  const {
    doc: { system },
    figures,
  } = bench;
  if (system.kind === 'tackle') {
    return (
      <div>
        <QuantityField
          label="Rope that runs back while it is made fast"
          dimension="length"
          unit={units.size}
          most={0.1}
          value={system.slipM}
          onChange={(m) => m !== null && bench.editSystem({ slipM: m }, 'slip')}
        />
        <Spaced as="p" $top={12}>
          <Label>To lower, friction helps: the hand holds </Label>
          <Figure $size={15}>{formatNumber(figures.lowering * 100, 'nearest', 2)} %</Figure>
          <Label> of what it hauled with</Label>
        </Spaced>
      </div>
    );
  }
  return (
    <div>
      <QuantityField
        label="Loop to anchor"
        dimension="length"
        unit={units.length}
        least={0.05}
        most={5}
        value={system.shortStrandM}
        onChange={(m) => m !== null && bench.editSystem({ shortStrandM: m }, 'loop')}
      />
      <Slide
        label="Loop to anchor"
        value={Math.min(
          1,
          Math.max(0, (system.shortStrandM - LOOP.least) / (LOOP.most - LOOP.least)),
        )}
        text={formatQuantity(system.shortStrandM, 'length', units)}
        onChange={(v) =>
          bench.editSystem(
            { shortStrandM: Number((LOOP.least + v * (LOOP.most - LOOP.least)).toFixed(3)) },
            'loop',
          )
        }
        notes={[
          bare(LOOP.least, units.length),
          `usual ${bare(USUAL_LOOP_M.least, units.length)} to ${bare(USUAL_LOOP_M.most, units.length)}, short lines`,
          bare(LOOP.most, units.length),
        ]}
      />
    </div>
  );
});

/** The hand, the loop, and where the hand pulls. `later`: the bench for what only follows the pull. */
export function HandControls({
  bench,
  still,
  later,
}: {
  bench: Bench;
  still: Bench;
  later: Bench;
}) {
  return (
    <>
      <Two>
        <HandPull bench={bench} />
        <LoopPlace bench={still} />
      </Two>
      <WhereYouPull bench={later} />
    </>
  );
}
