'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import styled from 'styled-components';
import { freshId } from '@/core/ids';
import { standsOnWords, unitName } from '@/core/securement/load/describe';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Plan } from '@/core/securement/plan';
import { formatQuantity } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { orMissing } from '../orMissing';
import type { PlanHand } from './usePlanner';

const UnitsFromTable = dynamic(
  () => orMissing(import('./UnitsFromTable').then((m) => m.UnitsFromTable)),
  { loading: () => null },
);

const List = styled(ListBox)`
  border: var(--w-rule) solid var(--ink);
  max-height: 268px;
  overflow: auto;
`;
const Item = styled(ListBoxItem)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: baseline;
  min-height: var(--hit);
  padding: 6px 10px;
  border-bottom: var(--w-hair) solid var(--line);
  cursor: pointer;
  font: 600 14px/1.25 var(--font-figure);
  &[data-selected] {
    background: var(--plate);
    color: var(--on-plate);
  }
  &[data-focus-visible] {
    outline: 3px solid var(--focus);
    outline-offset: -3px;
  }
  & small {
    grid-column: 1 / -1;
    font: 500 13px/1.2 var(--font-figure);
    color: var(--ink-2);
  }
  &[data-selected] small {
    color: inherit;
  }
`;

/** The most units a plan has room for. */
const MOST_UNITS = 24;

/** A new unit like another: behind it on the deck, or on top of it. */
function another(unit: LoadUnit, load: readonly LoadUnit[], where: 'behind' | 'on'): LoadUnit {
  const id = freshId('u', load);
  const rear = Math.max(...load.map((u) => u.fromFrontM + u.lengthM));
  return {
    ...unit,
    id,
    name: `${unitName(unit).replace(/ \d+$/, '')} ${load.length + 1}`.slice(0, 80),
    against: [],
    ...(where === 'on'
      ? { on: { kind: 'unit', unitId: unit.id } }
      : { on: { kind: 'deck' }, fromFrontM: Math.min(60, rear) }),
  };
}

/** The plan without a unit: what stood on it stands on what it stood on, and lines no longer name it. */
function without(plan: Plan, id: string): Plan {
  const gone = plan.units.find((u) => u.id === id);
  if (!gone || plan.units.length < 2) return plan;
  return {
    ...plan,
    units: plan.units
      .filter((u) => u.id !== id)
      .map((u) => (u.on.kind === 'unit' && u.on.unitId === id ? { ...u, on: gone.on } : u)),
    lines: plan.lines.map((l) => ({
      ...l,
      units: l.units.filter((u) => u !== id),
      points: l.points.filter((p) => p.unitId !== id),
    })),
  };
}

/** Units of a table beside those that are there, under ids of their own, or instead of them; lines keep what is still there. */
function withUnits(plan: Plan, read: readonly LoadUnit[], how: 'beside' | 'instead'): Plan {
  const kept = how === 'beside' ? plan.units : [];
  const ids = new Map<string, string>();
  for (const u of read)
    ids.set(u.id, freshId('u', [...kept, ...[...ids.values()].map((id) => ({ id }))]));
  const units = [
    ...kept,
    ...read.map((u): LoadUnit => ({
      ...u,
      id: ids.get(u.id)!,
      on: u.on.kind === 'unit' ? { kind: 'unit', unitId: ids.get(u.on.unitId)! } : u.on,
    })),
  ];
  const there = (id: string): boolean => kept.some((u) => u.id === id);
  return {
    ...plan,
    units,
    lines: plan.lines.map((l) => ({
      ...l,
      units: l.units.filter(there),
      points: l.points.filter((p) => there(p.unitId)),
    })),
  };
}

/** Every unit of the load and what it stands on; the chosen one is what the fields below are about. */
export function LoadUnits({
  plan,
  unit,
  hand,
  onChoose,
}: {
  plan: Plan;
  unit: LoadUnit;
  hand: PlanHand;
  onChoose: (id: string) => void;
}) {
  const { units } = useMember();
  const add = (where: 'behind' | 'on'): void => {
    const next = another(unit, plan.units, where);
    hand.edit((p) => ({ ...p, units: [...p.units, next] }));
    onChoose(next.id);
  };
  const full = plan.units.length >= MOST_UNITS;
  const [table, setTable] = useState(false);
  return (
    <>
      {plan.units.length > 1 ? (
        <List
          aria-label="Units of the load"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[unit.id]}
          onSelectionChange={(keys) => {
            const [key] = [...keys];
            if (key !== undefined) onChoose(String(key));
          }}
        >
          {plan.units.map((u) => (
            <Item key={u.id} id={u.id} textValue={unitName(u)}>
              <span>{unitName(u)}</span>
              <span>
                {u.massKg === null ? 'mass not known' : formatQuantity(u.massKg, 'mass', units)}
              </span>
              <small>on {standsOnWords(u, plan)}</small>
            </Item>
          ))}
        </List>
      ) : null}
      <Cluster>
        <Button $kind="quiet" isDisabled={full} onPress={() => add('behind')}>
          Add a unit behind
        </Button>
        <Button $kind="quiet" isDisabled={full} onPress={() => add('on')}>
          Stack one on it
        </Button>
        <Button $kind="quiet" onPress={() => setTable(true)}>
          From a table
        </Button>
        {plan.units.length > 1 ? (
          <Button $kind="quiet" onPress={() => hand.edit((p) => without(p, unit.id))}>
            Remove {unitName(unit)}
          </Button>
        ) : null}
      </Cluster>
      {table ? (
        <UnitsFromTable
          room={{ beside: MOST_UNITS - plan.units.length, instead: MOST_UNITS }}
          onTake={(read, how) => {
            hand.edit((p) => withUnits(p, read, how));
            setTable(false);
          }}
          onClose={() => setTable(false)}
        />
      ) : null}
    </>
  );
}
