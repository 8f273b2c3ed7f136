'use client';
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
import type { PlanHand } from './usePlanner';

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
        {plan.units.length > 1 ? (
          <Button $kind="quiet" onPress={() => hand.edit((p) => without(p, unit.id))}>
            Remove {unitName(unit)}
          </Button>
        ) : null}
      </Cluster>
    </>
  );
}
