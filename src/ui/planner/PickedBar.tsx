'use client';
import { memo } from 'react';
import styled from 'styled-components';
import { freshId } from '@/core/ids';
import { newUnit } from '@/core/securement/compose';
import { unitName } from '@/core/securement/load/describe';
import { anotherUnit, carriersFor, withoutUnit } from '@/core/securement/load/edit';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Plan } from '@/core/securement/plan';
import type { DeckAnchor, Line } from '@/core/securement/schema';
import { standingOn, turnedUnit } from '@/core/securement/stage/edits';
import { endAnchor } from '@/core/securement/stage/ends';
import { ledOn, ledTo, lineOver, lineTo } from '@/core/securement/stage/lines';
import { LINE_MAKES, type LineMake, MOST_LINES, MOST_UNITS } from '@/core/securement/vocabulary';
import type { DeckPick } from '../deck/pick';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { RatingField } from '../kit/gearFields';
import { Cluster } from '../kit/layout';
import { Select } from '../kit/Select';
import { Small } from '../kit/text';
import type { PlanHand } from './usePlanner';

const Bar = styled.div`
  display: grid;
  gap: 6px;
  padding: 8px 0;
  border-top: var(--w-rule) solid var(--ink);
`;
const Choices = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px;
  align-items: end;
`;

/** Turned a little by each press. */
const TURN_RAD = (5 * Math.PI) / 180;
const NOTHING = 'no';

interface Of<T> {
  readonly of: T;
  readonly plan: Plan;
  readonly hand: PlanHand;
  readonly onPick: (picked: DeckPick | null) => void;
}

function UnitBar({ of: unit, plan, hand, onPick, onKeys }: Of<LoadUnit> & { onKeys: () => void }) {
  const name = unitName(unit);
  const full = plan.units.length >= MOST_UNITS;
  const add = (where: 'behind' | 'on'): void => {
    const next = anotherUnit(unit, plan.units, where);
    hand.edit((p) => ({ ...p, units: [...p.units, next] }));
    onPick({ kind: 'unit', id: next.id });
  };
  const under = carriersFor(unit, plan.units);
  return (
    <Bar role="group" aria-label={`Picked: ${name}`}>
      <b>{name}</b>
      <Cluster $gap={2}>
        <Button $kind="quiet" onPress={onKeys}>
          Move with the arrow keys
        </Button>
        <Button
          $kind="quiet"
          aria-label={`Turn left: ${name}`}
          onPress={() => hand.edit((p) => turnedUnit(p, unit.id, TURN_RAD))}
        >
          Turn left
        </Button>
        <Button
          $kind="quiet"
          aria-label={`Turn right: ${name}`}
          onPress={() => hand.edit((p) => turnedUnit(p, unit.id, -TURN_RAD))}
        >
          Turn right
        </Button>
        <Button $kind="quiet" isDisabled={full} onPress={() => add('behind')}>
          One more behind
        </Button>
        <Button $kind="quiet" isDisabled={full} onPress={() => add('on')}>
          One more on top
        </Button>
        {plan.units.length > 1 ? (
          <Button
            $kind="quiet"
            aria-label={`Take it off: ${name}`}
            onPress={() => {
              hand.edit((p) => withoutUnit(p, unit.id));
              onPick(null);
            }}
          >
            Take it off
          </Button>
        ) : null}
      </Cluster>
      {under.length > 0 ? (
        <Select
          label={`${name} stands on`}
          value={unit.on.kind === 'unit' ? `u/${unit.on.unitId}` : 'deck'}
          choices={[
            { id: 'deck', name: 'the deck' },
            ...under.map((u) => ({ id: `u/${u.id}`, name: unitName(u) })),
          ]}
          onChange={(on) =>
            hand.edit((p) => standingOn(p, unit.id, on === 'deck' ? null : on.slice(2)))
          }
        />
      ) : null}
    </Bar>
  );
}

function AnchorBar({ of: anchor, plan, hand, onPick, make }: Of<DeckAnchor> & { make: LineMake }) {
  const { units } = useMember();
  const name = anchor.name || anchor.id;
  const pull = (to: string): void => {
    const line = to.startsWith('a/')
      ? lineOver(plan, anchor.id, to.slice(2), make)
      : lineTo(plan, anchor.id, to.slice(2), null, make);
    if (!line) return;
    hand.edit((p) => ({ ...p, lines: [...p.lines, line] }));
    onPick({ kind: 'line', id: line.id });
  };
  // Only where something lies between is there something to pull a line over.
  const over = plan.deck.anchors.filter((a) => lineOver(plan, anchor.id, a.id, make) !== null);
  return (
    <Bar role="group" aria-label={`Picked: ${name}`}>
      <b>{name}</b>
      <Choices>
        <RatingField
          label={`${name} may take`}
          rating={anchor.rating}
          units={units}
          onChange={(rating) =>
            hand.edit(
              (p) => ({
                ...p,
                deck: {
                  ...p.deck,
                  anchors: p.deck.anchors.map((a) => (a.id === anchor.id ? { ...a, rating } : a)),
                },
              }),
              `anchor/${anchor.id}/rating`,
            )
          }
        />
        <Select
          label={`Pull a line from ${name} to`}
          value={NOTHING}
          choices={[
            { id: NOTHING, name: plan.lines.length < MOST_LINES ? 'choose' : 'no more room' },
            ...over.map((a) => ({ id: `a/${a.id}`, name: `${a.name || a.id}, over the load` })),
            ...plan.units.map((u) => ({ id: `u/${u.id}`, name: `${unitName(u)}, made fast` })),
          ]}
          onChange={pull}
        />
      </Choices>
    </Bar>
  );
}

function LineBar({
  of: line,
  plan,
  hand,
  onPick,
  onShow,
}: Of<Line> & { onShow: (number: number) => void }) {
  const number = plan.lines.indexOf(line) + 1;
  const anchors = plan.deck.anchors.map((a) => ({ id: a.id, name: a.name || a.id }));
  const ends = (['first', 'last'] as const).flatMap((end) => {
    const at = endAnchor(line, end);
    return at === null ? [] : [{ end, at }];
  });
  return (
    <Bar role="group" aria-label={`Picked: line ${number}`}>
      <b>
        Line {number}, {line.name}
      </b>
      <Choices>
        {ends.map(({ end, at }) => (
          <Select
            key={end}
            label={`Line ${number} ${end === 'first' ? 'begins at' : 'ends at'}`}
            value={at}
            choices={
              anchors.some((a) => a.id === at)
                ? anchors
                : [{ id: at, name: `${at}, not there` }, ...anchors]
            }
            onChange={(id) => hand.editLine(line.id, (l) => ledTo(l, end, id))}
          />
        ))}
        {line.kind === 'over' ? (
          <Select
            label={`Lead line ${number} on to`}
            value={NOTHING}
            choices={[
              { id: NOTHING, name: 'choose a hook' },
              ...anchors.filter((a) => a.id !== endAnchor(line, 'last')),
            ]}
            onChange={(id) =>
              hand.edit((p) => ({
                ...p,
                lines: p.lines.map((l) => (l.id === line.id ? ledOn(p, l, id) : l)),
              }))
            }
          />
        ) : null}
      </Choices>
      <Cluster $gap={2}>
        <Button $kind="quiet" onPress={() => onShow(number)}>
          Its strength line
        </Button>
        {line.points.length > 0 && line.kind === 'over' ? (
          <Button
            $kind="quiet"
            onPress={() => hand.editLine(line.id, (l) => ({ ...l, points: [] }))}
          >
            Let it lie as a tight line does
          </Button>
        ) : null}
        <Button
          $kind="quiet"
          aria-label={`Take it off: line ${number}`}
          onPress={() => {
            hand.edit((p) => ({ ...p, lines: p.lines.filter((l) => l.id !== line.id) }));
            onPick(null);
          }}
        >
          Take it off
        </Button>
      </Cluster>
    </Bar>
  );
}

/** What can be done with what is picked on the deck; with nothing picked, how one begins. */
export const PickedBar = memo(function PickedBar({
  plan,
  hand,
  picked,
  onPick,
  make,
  onMake,
  onKeys,
  onShow,
}: {
  plan: Plan;
  hand: PlanHand;
  picked: DeckPick | null;
  onPick: (picked: DeckPick | null) => void;
  /** What a line is made of that is pulled on the stage. */
  make: LineMake;
  onMake: (make: LineMake) => void;
  /** Gives the arrow keys to what is picked. */
  onKeys: () => void;
  /** Brings a line's strength line into sight. */
  onShow: (number: number) => void;
}) {
  const rest = { plan, hand, onPick };
  const unit = picked?.kind === 'unit' ? plan.units.find((u) => u.id === picked.id) : undefined;
  if (unit) return <UnitBar of={unit} {...rest} onKeys={onKeys} />;
  const line = picked?.kind === 'line' ? plan.lines.find((l) => l.id === picked.id) : undefined;
  if (line) return <LineBar of={line} {...rest} onShow={onShow} />;
  const anchor =
    picked?.kind === 'anchor' ? plan.deck.anchors.find((a) => a.id === picked.id) : undefined;
  if (anchor) return <AnchorBar of={anchor} {...rest} make={make} />;
  const putDown = (): void => {
    const rear = Math.max(0, ...plan.units.map((u) => u.fromFrontM + u.lengthM));
    const id = freshId('u', plan.units);
    hand.edit((p) => ({
      ...p,
      units: [...p.units, newUnit(id, `unit ${p.units.length + 1}`, Math.min(60, rear))],
    }));
    onPick({ kind: 'unit', id });
  };
  return (
    <Bar role="group" aria-label="Nothing picked">
      <Small>
        Drag a unit to move it. Drag from a ring to another over the load, or to the load, and a
        line is pulled.
      </Small>
      <Choices>
        <Select label="Lines pulled here are" value={make} choices={LINE_MAKES} onChange={onMake} />
        <Button isDisabled={plan.units.length >= MOST_UNITS} onPress={putDown}>
          Put a unit down
        </Button>
      </Choices>
    </Bar>
  );
});
