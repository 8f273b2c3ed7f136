'use client';
import dynamic from 'next/dynamic';
import { memo, useState } from 'react';
import styled from 'styled-components';
import { knot } from '@/core/knot/knots';
import type { BenchSystem } from '@/core/bench/rigging';
import { PASS_KIND_IDS, PASS_KINDS, type PassKind } from '@/core/tackle/passes';
import { FORM_IDS, type FormId } from '@/core/tackle/systems';
import { Button } from '../kit/Button';
import { FieldGrid, NumberField } from '../kit/fields';
import { Segments } from '../kit/Segments';
import { Select } from '../kit/Select';
import { formName, formOf } from '@/core/bench/compose';
import type { Bench } from './useBench';
import { orMissing } from '../orMissing';

/** Fetched when somebody rigs a route of their own. */
const RouteEditor = dynamic(() => orMissing(import('./RouteEditor').then((m) => m.RouteEditor)), {
  loading: () => null,
});

const Whole = styled.section`
  display: grid;
  gap: 6px;
  padding: 8px 0;
`;
const More = styled.div`
  padding-top: 6px;
  display: grid;
  gap: 8px;
`;

type Hitch = Extract<BenchSystem, { kind: 'truckers' }>;
const LOOPS = [
  { id: 'slip-loop', name: 'slip loop' },
  { id: 'bell-ringer', name: 'bell-ringer' },
  { id: 'half-sheepshank', name: 'half sheepshank' },
  { id: 'alpine-butterfly', name: 'butterfly' },
  { id: 'inline-figure-eight', name: 'inline figure-eight' },
  { id: 'figure-eight-on-bight', name: 'on a bight' },
] as const;
const LOCKS = [
  { id: 'slipped-half-hitch', name: 'slipped half hitch' },
  { id: 'two-half-hitches', name: 'two half hitches' },
  { id: 'taut-line-hitch', name: 'taut-line' },
] as const;
const IN_LOOP = [
  { id: 'rope-loop', name: 'nothing, rope in rope' },
  { id: 'ring', name: 'ring or connector' },
  { id: 'plain-pulley', name: 'pulley' },
] as const;
const ROUND = PASS_KIND_IDS.filter((id) => id !== 'rope-loop').map((id) => ({
  id,
  name: PASS_KINDS[id].name,
}));
const WITH = [
  { id: 'end', name: 'the end' },
  { id: 'bight', name: 'a bight, end never touched' },
] as const;

/** All forms that can be pulled with. */
const FORM_CHOICES: readonly { id: FormId; name: string }[] = FORM_IDS.map((id) => ({
  id,
  name: formName(id),
}));

function HitchMore({ system, bench }: { system: Hitch; bench: Bench }) {
  const set = (change: Partial<Hitch>): void => bench.editSystem(change);
  return (
    <More>
      <Segments
        label="Turns"
        value={String(system.passes) as '1' | '2'}
        choices={[
          { id: '1', name: 'single pass' },
          { id: '2', name: 'round turn on the loop' },
        ]}
        onChange={(p) => set({ passes: p === '2' ? 2 : 1 })}
      />
      <Segments
        label="Tied with"
        value={system.tiedWith}
        choices={WITH}
        onChange={(tiedWith) => set({ tiedWith })}
      />
      <Segments
        label="At the anchor"
        value={system.anchorMode}
        choices={[
          { id: 'slides', name: 'rope evens out' },
          { id: 'holds', name: 'rope holds' },
        ]}
        onChange={(anchorMode) => set({ anchorMode })}
      />
      <FieldGrid $min={150}>
        <Select
          label="Round the anchor"
          value={system.roundAnchor}
          choices={ROUND}
          onChange={(roundAnchor: PassKind) =>
            set({ roundAnchor, anchorEfficiency: PASS_KINDS[roundAnchor].usual })
          }
        />
        <NumberField
          label="Left past the loop, e"
          value={system.loopEfficiency}
          least={0.05}
          most={1}
          onChange={(loopEfficiency) => set({ loopEfficiency })}
        />
        <NumberField
          label="Left past the anchor, e"
          value={system.anchorEfficiency}
          least={0.05}
          most={1}
          onChange={(anchorEfficiency) => set({ anchorEfficiency })}
        />
      </FieldGrid>
      {system.tiedWith === 'bight' ? (
        <p>
          Twist a loop in the load line and push a bight of the slack through it, from the side on
          which it locks; if it falls apart, go in from the other side. Begin the run with a clove
          hitch, end it with a clove hitch or a round turn and two half hitches. The figures are the
          same.
        </p>
      ) : null}
      {system.passes === 2 ? (
        <p>
          The round turn holds the line while you tie off. It adds friction (the cube of one pass),
          never advantage.
        </p>
      ) : null}
    </More>
  );
}

/** What pulls: a form of the trucker’s hitch with its loop and lock, or a tackle with its route. */
export const FamilyPicker = memo(function FamilyPicker({ bench }: { bench: Bench }) {
  const { system } = bench.doc;
  const [more, setMore] = useState(false);
  const form = formOf(system);
  const choices =
    form === null
      ? [...FORM_CHOICES, { id: 'own' as FormId, name: 'a route of your own' }]
      : FORM_CHOICES;
  return (
    <Whole aria-label="What pulls">
      <Select
        label="What pulls"
        value={form ?? ('own' as FormId)}
        choices={choices}
        onChange={(id) => {
          if (id !== ('own' as FormId)) bench.choose(id);
        }}
      />
      {system.kind === 'truckers' ? (
        <>
          <Segments
            label="Loop"
            value={system.loop}
            choices={
              LOOPS.some((l) => l.id === system.loop)
                ? LOOPS
                : [...LOOPS, { id: system.loop, name: knot(system.loop).name }]
            }
            onChange={(loop) => bench.editSystem({ loop: loop as Hitch['loop'] })}
          />
          <Segments
            label="Lock"
            value={system.lock}
            choices={
              LOCKS.some((l) => l.id === system.lock)
                ? LOCKS
                : [...LOCKS, { id: system.lock, name: knot(system.lock).name }]
            }
            onChange={(lock) => bench.editSystem({ lock: lock as Hitch['lock'] })}
          />
          <Segments
            label="In the loop"
            value={system.inLoop}
            choices={IN_LOOP}
            onChange={(inLoop) =>
              bench.editSystem({ inLoop, loopEfficiency: PASS_KINDS[inLoop as PassKind].usual })
            }
          />
          <div>
            <Button $kind="quiet" aria-expanded={more} onPress={() => setMore(!more)}>
              {more ? 'Less' : 'Round turn, no-end form, friction'}
            </Button>
          </div>
          {more ? <HitchMore system={system} bench={bench} /> : null}
        </>
      ) : (
        <RouteEditor system={system} bench={bench} />
      )}
    </Whole>
  );
});
