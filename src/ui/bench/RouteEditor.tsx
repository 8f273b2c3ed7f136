'use client';
import { useEffect, useState } from 'react';
import type { BenchSystem } from '@/core/bench/rigging';
import { MOST_BODIES, MOST_PASSES, MOST_ROPES, tackleProblem } from '@/core/tackle/tackle';
import type { TackleRoute, TackleTurn } from '@/core/tackle/fields';
import { PASS_KIND_IDS, PASS_KINDS, type PassKind } from '@/core/tackle/passes';
import { wordIssue } from '@/wording/issues';
import { useMember } from '../frame/MemberContext';
import { Button, IconButton } from '../kit/Button';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { ErrorText, Label } from '../kit/text';
import {
  addPass,
  addTravelling,
  removeBody,
  removePass,
  setBody,
  setEnd,
  setPass,
  setStart,
  type TackleDraft,
} from './route';
import { turnsRound } from '@/core/bench/compose';
import type { Bench } from './useBench';
import { Rope, Stops, Stop, End, Bodies, Held } from './RouteEditor.styles';
import { Spaced } from '../kit/layout';

type TackleSystem = Extract<BenchSystem, { kind: 'tackle' }>;

const ROUNDS = [
  ...PASS_KIND_IDS.map((id) => ({
    id: id as PassKind | 'own' | 'wrap',
    name: PASS_KINDS[id].name,
  })),
  { id: 'own' as const, name: 'e of your own' },
  { id: 'wrap' as const, name: 'μ and wrapped angle' },
];

function TurnFields({
  turn,
  onChange,
}: {
  turn: TackleTurn;
  onChange: (turn: TackleTurn) => void;
}) {
  const now = turn.by === 'friction' ? 'wrap' : (turn.round ?? 'own');
  const choose = (id: PassKind | 'own' | 'wrap'): void =>
    onChange(
      id === 'wrap'
        ? { by: 'friction', mu: 0.2, wrapRad: Math.PI }
        : id === 'own'
          ? {
              by: 'efficiency',
              round: null,
              efficiency: turn.by === 'efficiency' ? turn.efficiency : 0.9,
            }
          : turnsRound(id),
    );
  return (
    <>
      <Select label="Round" value={now} choices={ROUNDS} onChange={choose} />
      {turn.by === 'efficiency' ? (
        <NumberField
          label="Left, e"
          value={turn.efficiency}
          least={0.01}
          most={1}
          onChange={(efficiency) => onChange({ ...turn, efficiency })}
        />
      ) : (
        <>
          <NumberField
            label="Friction μ"
            value={turn.mu}
            least={0}
            most={1}
            onChange={(mu) => onChange({ ...turn, mu })}
          />
          <QuantityField
            label="Wrapped"
            dimension="angle"
            unit="deg"
            least={0.01}
            most={40}
            value={turn.wrapRad}
            onChange={(wrapRad) => wrapRad !== null && onChange({ ...turn, wrapRad })}
          />
        </>
      )}
    </>
  );
}

function RopeRow({
  rope,
  index,
  draft,
  set,
}: {
  rope: TackleRoute;
  index: number;
  draft: TackleDraft;
  set: (d: TackleDraft) => void;
}) {
  const names = draft.bodies.map((b) => ({ id: b.id, name: b.name || b.id }));
  return (
    <Rope aria-label={`Rope ${index + 1}`}>
      <Stops>
        <End>
          <header>
            <Label>{rope.from === 'hand' ? 'your hand' : 'made fast to'}</Label>
          </header>
          {rope.from === 'hand' ? null : (
            <Select
              hideLabel
              label={`Rope ${index + 1} begins at`}
              value={rope.from.body}
              choices={names}
              onChange={(id) => set(setStart(draft, index, id))}
            />
          )}
        </End>
        {rope.passes.map((p, i) => (
          <Stop key={i}>
            <header>
              <Label>turn {i + 1}</Label>
              <IconButton
                aria-label={`Take out turn ${i + 1} of rope ${index + 1}`}
                onPress={() => set(removePass(draft, index, i))}
              >
                ×
              </IconButton>
            </header>
            <Select
              label="At"
              value={p.body}
              choices={names}
              onChange={(body) => set(setPass(draft, index, i, { body }))}
            />
            <TurnFields
              turn={p.turn}
              onChange={(turn) => set(setPass(draft, index, i, { turn }))}
            />
          </Stop>
        ))}
        <End>
          <header>
            <Label>end at</Label>
          </header>
          <Select
            hideLabel
            label={`Rope ${index + 1} ends at`}
            value={rope.to}
            choices={names}
            onChange={(id) => set(setEnd(draft, index, id))}
          />
          <Button
            $kind="quiet"
            isDisabled={rope.passes.length >= MOST_PASSES}
            onPress={() =>
              set(
                addPass(
                  draft,
                  index,
                  names.find((n) => n.id !== (rope.passes.at(-1)?.body ?? ''))?.id ?? names[0]!.id,
                  'plain-pulley',
                ),
              )
            }
          >
            Add a turn
          </Button>
        </End>
      </Stops>
    </Rope>
  );
}

/** The route of a tackle as a route: stop after stop from the hand, every turn with what it goes round. */
export function RouteEditor({ system, bench }: { system: TackleSystem; bench: Bench }) {
  const { units } = useMember();
  const [draft, setDraft] = useState<TackleDraft>(system);
  // A change from elsewhere (undo, another system) replaces what is being edited.
  useEffect(
    () => setDraft({ bodies: system.bodies, ropes: system.ropes }),
    [system.bodies, system.ropes],
  );
  const problem = tackleProblem({ ...system, ...draft });
  const why = problem ? wordIssue(problem) : null;
  const set = (next: TackleDraft): void => {
    setDraft(next);
    if (!tackleProblem({ ...system, ...next })) bench.editSystem({ ...next, title: '' });
  };
  return (
    <div>
      <Label>Route, from your hand</Label>
      {why ? (
        <ErrorText role="alert">{why} The figures still show the route before.</ErrorText>
      ) : null}
      <ul>
        {draft.ropes.map((rope, i) => (
          <RopeRow key={i} rope={rope} index={i} draft={draft} set={set} />
        ))}
      </ul>
      <p>
        <Button
          onPress={() => set(addTravelling(draft, 'plain-pulley'))}
          isDisabled={draft.bodies.length >= MOST_BODIES || draft.ropes.length >= MOST_ROPES}
        >
          Add a travelling pulley
        </Button>
      </p>
      <Spaced as="h2" $top={10} $bottom={6}>
        What holds the turns
      </Spaced>
      <Bodies>
        {draft.bodies.map((b) => (
          <Held key={b.id}>
            <header>
              <Label>{b.kind}</Label>
              {b.kind === 'travelling' ? (
                <IconButton
                  aria-label={`Take out ${b.name || b.id}`}
                  onPress={() => set(removeBody(draft, b.id))}
                >
                  ×
                </IconButton>
              ) : null}
            </header>
            <FieldGrid $min={90}>
              <TextField
                label="Name"
                value={b.name}
                onChange={(name) => set(setBody(draft, b.id, { name: name.slice(0, 40) }))}
              />
              <QuantityField
                label={`Marked WLL, ${b.name || b.id}`}
                dimension="force"
                unit={units.force}
                optional
                placeholder={b.holds.by === 'knot' ? 'a knot' : 'not read'}
                least={1}
                most={5e6}
                value={b.holds.by === 'rated' ? b.holds.wllN : null}
                onChange={(wllN) =>
                  set(
                    setBody(draft, b.id, {
                      holds: wllN === null ? { by: 'unrated' } : { by: 'rated', wllN },
                    }),
                  )
                }
              />
            </FieldGrid>
          </Held>
        ))}
      </Bodies>
    </div>
  );
}
