'use client';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { METRIC, type Rounding, type UnitChoice, US_CUSTOMARY } from '@/core/units';
import type { Working } from '@/core/working/working';
import { useUnits } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Sheet } from '../kit/Sheet';
import { SourceMark } from '../kit/SourceMark';
import { Label, Small } from '../kit/text';
import { wordValue } from '@/wording/figures';
import type { OpenedWorking } from './WorkingSheet';
import { Cluster } from '../kit/layout';

const Level = styled.section`
  border-bottom: var(--w-rule) solid var(--ink);
  padding: 0 0 10px;
  margin-bottom: 10px;
`;
const Formula = styled.p`
  font: 560 20px/1.3 var(--font-figure);
  padding: 12px 0 4px;
  overflow-wrap: anywhere;
`;
const Numbers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  background: var(--sunk);
  padding: 10px 12px;
  font-family: var(--font-figure);
  align-items: flex-start;
`;
const Term = styled.span`
  display: inline-flex;
  flex-direction: column;
  min-width: 0;
  & > b {
    font-size: 22px;
    font-weight: 680;
    line-height: 1.15;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
  & > small {
    font-size: 12px;
    color: var(--ink-2);
    max-width: 15ch;
    line-height: 1.2;
  }
`;
const Sign = styled.span`
  font-size: 20px;
  line-height: 1.3;
`;
const Row = styled.li<{ $governs?: boolean }>`
  display: grid;
  grid-template-columns: 64px 104px minmax(0, 1fr) auto 44px;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  border-bottom: var(--w-hair) solid var(--line);
  @media (max-width: 600px) {
    grid-template-columns: 48px 1fr auto 44px;
    & > .why {
      grid-column: 1 / -1;
      grid-row: 2;
      padding-bottom: 6px;
    }
  }
  ${({ $governs }) => $governs && 'background:var(--signal-wash);'}
`;
const Symbol = styled.span`
  font: 480 18px/1.1 var(--font-figure);
`;
const Amount = styled.span`
  font: 680 15px/1.2 var(--font-figure);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
`;
const Open = styled(AriaButton)`
  border: 0;
  background: none;
  color: inherit;
  min-width: 44px;
  min-height: 44px;
  cursor: pointer;
  font-size: 20px;
`;
const Crumb = styled(AriaButton)`
  border: 0;
  background: none;
  color: var(--ink-2);
  padding: 0;
  min-height: 28px;
  cursor: pointer;
  font: 560 13px/1.2 var(--font-figure);
  text-decoration: underline;
  text-underline-offset: 3px;
`;

/** Splits a formula's text into its inputs and what stands between them. */
function terms(w: Working): { input: Working | null; text: string }[] {
  const symbols = w.inputs
    .map((i) => i.symbol)
    .sort((a, b) => b.length - a.length)
    .map((s) => s.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&'));
  if (symbols.length === 0) return [{ input: null, text: w.formula }];
  return w.formula
    .split(new RegExp(`(cos|sin|min|max|${symbols.join('|')})`, 'u'))
    .filter((t) => t.trim() !== '')
    .map((text) => ({ input: w.inputs.find((i) => i.symbol === text) ?? null, text: text.trim() }));
}

/** A computed figure is rounded in the sense of the sheet (capacities down, demands up), a given one to the nearest. */
const say = (w: Working, units: UnitChoice, rounding: Rounding): string =>
  wordValue(w.value, w.unit, units, w.inputs.length > 0 ? rounding : 'nearest');

/** Beyond this many terms the list below says it better. */
const MOST_IN_PLACE = 6;

function InPlace({ w, units, rounding }: { w: Working; units: UnitChoice; rounding: Rounding }) {
  return (
    <Numbers>
      <Term>
        <b>{say(w, units, rounding)}</b>
        <small>{w.label}</small>
      </Term>
      <Sign>=</Sign>
      {terms(w).map((t, i) =>
        t.input ? (
          <Term key={i}>
            <b>{say(t.input, units, rounding)}</b>
            <small>{t.input.label}</small>
          </Term>
        ) : (
          <Sign key={i}>{t.text}</Sign>
        ),
      )}
    </Numbers>
  );
}

function Inputs({
  w,
  units,
  rounding,
  onOpen,
}: {
  w: Working;
  units: UnitChoice;
  rounding: Rounding;
  onOpen: (w: Working) => void;
}) {
  const least = Math.min(...w.inputs.map((i) => i.value ?? Infinity));
  const isMin = w.formula.startsWith('min(');
  return (
    <ul aria-label="Where each number came from">
      {w.inputs.map((input, i) => (
        <Row key={i} $governs={isMin && input.value === least}>
          <Symbol>{input.symbol}</Symbol>
          <Amount>{say(input, units, rounding)}</Amount>
          <span className="why">
            {input.label}
            {isMin && input.value === least ? <b>, governs</b> : null}
            <br />
            <Small>{input.source}</Small>
          </span>
          <SourceMark confidence={input.confidence} />
          {input.inputs.length > 0 ? (
            <Open aria-label={`Working of ${input.label}`} onPress={() => onOpen(input)}>
              ›
            </Open>
          ) : (
            <span />
          )}
        </Row>
      ))}
    </ul>
  );
}

/** A figure's working: formula in symbols, numbers in place, where each came from; one level at a time. */
export function WorkingLevels({
  working,
  title,
  rounding,
  extra,
  over,
  onClose,
}: OpenedWorking & { over: string; onClose: () => void }) {
  const units = useUnits();
  const [path, setPath] = useState<readonly Working[]>([working]);
  const w = path.at(-1)!;
  const other = units.force === 'lbf' ? METRIC : US_CUSTOMARY;
  return (
    <Sheet
      side
      open
      onClose={onClose}
      title={`${title}: ${say(working, units, rounding)}`}
      over={<Small>{over}</Small>}
      actions={<Button onPress={() => window.print()}>Print</Button>}
    >
      {path.length > 1 ? (
        <Cluster aria-label="Levels" as="nav" $gap={8} $bottom={8}>
          {path.slice(0, -1).map((p, i) => (
            <Crumb key={i} onPress={() => setPath(path.slice(0, i + 1))}>
              {p.label} ›
            </Crumb>
          ))}
          <Small>{w.label}</Small>
        </Cluster>
      ) : null}
      <Level>
        <Formula>
          {w.symbol} = {w.formula || say(w, units, rounding)}
        </Formula>
        {w.formula && w.inputs.length <= MOST_IN_PLACE ? (
          <InPlace w={w} units={units} rounding={rounding} />
        ) : null}
        <Cluster as="p" $top={8}>
          <SourceMark confidence={w.confidence} />
          <Small>{w.source}</Small>
          {w.unit === 'N' || w.unit === 'm' || w.unit === 'kg' ? (
            <Small>also {say(w, other, rounding)}</Small>
          ) : null}
        </Cluster>
      </Level>
      {w.inputs.length > 0 ? (
        <>
          <Label as="h3">Where each number came from</Label>
          <Inputs
            w={w}
            units={units}
            rounding={rounding}
            onOpen={(next) => setPath([...path, next])}
          />
        </>
      ) : null}
      {path.length === 1 ? extra : null}
    </Sheet>
  );
}
