'use client';
import dynamic from 'next/dynamic';
import { memo, useDeferredValue, useState } from 'react';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import styled from 'styled-components';
import { standsOnWords, unitName } from '@/core/securement/load/describe';
import { anotherUnit, withoutUnit, withUnits } from '@/core/securement/load/edit';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Plan } from '@/core/securement/plan';
import { MOST_UNITS } from '@/core/securement/vocabulary';
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

/** Every unit and what it stands on, to choose from. */
const UnitList = memo(function UnitList({
  plan,
  chosen,
  onChoose,
}: {
  plan: Plan;
  chosen: string;
  onChoose: (id: string) => void;
}) {
  const { units } = useMember();
  return (
    <List
      aria-label="Units of the load"
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[chosen]}
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
  );
});

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
  // With many units the list is the most to draw: it follows as soon as typing leaves time.
  const later = useDeferredValue(plan);
  const add = (where: 'behind' | 'on'): void => {
    const next = anotherUnit(unit, plan.units, where);
    hand.edit((p) => ({ ...p, units: [...p.units, next] }));
    onChoose(next.id);
  };
  const full = plan.units.length >= MOST_UNITS;
  const [table, setTable] = useState(false);
  return (
    <>
      {plan.units.length > 1 ? (
        <UnitList plan={later} chosen={unit.id} onChoose={onChoose} />
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
          <Button $kind="quiet" onPress={() => hand.edit((p) => withoutUnit(p, unit.id))}>
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
