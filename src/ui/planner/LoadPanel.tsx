'use client';
import dynamic from 'next/dynamic';
import { memo, type ReactNode, useId, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import { SCHOOLS } from '@/core/rope/schools';
import { FRICTION_PAIRS } from '@/core/securement/friction';
import { totalMassKg, unitName } from '@/core/securement/load/describe';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Strength } from '@/core/securement/schema';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { useHoldMap } from '@/workers/useHoldMap';
import { useMember } from '../frame/MemberContext';
import { DeckSketch } from './DeckSketch';
import { HoldMapView } from './HoldMapView';
import type { PlanEditor, PlanHand } from './usePlanner';
import { Fields } from '../kit/layout';
import { orMissing } from '../orMissing';

/** What a section holds is fetched when it is opened for the first time. */
const LoadFields = dynamic(() => orMissing(import('./LoadFields').then((m) => m.LoadFields)), {
  loading: () => null,
});
const LoadUnits = dynamic(() => orMissing(import('./LoadUnits').then((m) => m.LoadUnits)), {
  loading: () => null,
});
const FrictionFields = dynamic(
  () => orMissing(import('./FrictionFields').then((m) => m.FrictionFields)),
  {
    loading: () => null,
  },
);
const DeckAnchors = dynamic(() => orMissing(import('./DeckAnchors').then((m) => m.DeckAnchors)), {
  loading: () => null,
});
const NotesFields = dynamic(() => orMissing(import('./NotesFields').then((m) => m.NotesFields)), {
  loading: () => null,
});
const StrengthFields = dynamic(
  () => orMissing(import('./StrengthFields').then((m) => m.StrengthFields)),
  {
    loading: () => null,
  },
);

const Part = styled.div`
  & h2 {
    margin: 0;
  }
  border-top: var(--w-hair) solid var(--line);
`;
const Toggle = styled(AriaButton)`
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: var(--hit);
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
  font: 680 15px/1.2 var(--font-figure);
  font-stretch: 90%;
  padding: 0;
  & > small {
    font: 500 13px/1.2 var(--font-figure);
    color: var(--ink-2);
    margin-left: auto;
    text-align: right;
  }
`;
const Inside = styled.div`
  padding: 2px 0 14px;
  &[hidden] {
    display: none;
  }
`;
const Pictures = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 196px);
  gap: 8px;
  align-items: center;
  padding-bottom: 8px;
`;
const Body = styled.div`
  display: grid;
  gap: 12px;
`;

/** Nothing until it is opened, and from then on always: what cannot be read yet must not be lost by closing it. */
function Once({ open, children }: { open: boolean; children: ReactNode }) {
  const [opened, setOpened] = useState(open);
  if (open && !opened) setOpened(true);
  return opened || open ? <Body>{children}</Body> : null;
}

function Section({
  title,
  summary,
  open = false,
  children,
}: {
  title: string;
  summary: string;
  open?: boolean;
  children: ReactNode;
}) {
  const id = useId();
  const [expanded, setExpanded] = useState(open);
  return (
    <Part>
      <h2>
        <Toggle
          data-section={title}
          aria-expanded={expanded}
          aria-controls={id}
          onPress={() => setExpanded(!expanded)}
        >
          <span aria-hidden>{expanded ? '▾' : '▸'}</span>
          {title}
          <small>{summary}</small>
        </Toggle>
      </h2>
      <Inside id={id} role="group" aria-label={title} hidden={!expanded}>
        <Once open={expanded}>{children}</Once>
      </Inside>
    </Part>
  );
}

/** By itself, so that a map that comes in draws nothing else again. */
const PlanHoldMap = memo(function PlanHoldMap({ plan }: { plan: Plan }) {
  const hold = useHoldMap(plan);
  return <HoldMapView map={hold.map} fresh={hold.fresh} plan={plan} />;
});

const StrengthSection = memo(function StrengthSection({
  strength,
  hand,
}: {
  strength: Strength;
  hand: PlanHand;
}) {
  return (
    <StrengthFields
      strength={strength}
      onChange={(change) =>
        hand.edit((p) => ({ ...p, strength: { ...p.strength, ...change } }), 'strength')
      }
    />
  );
});

function muOf({ friction }: LoadUnit): string {
  if (friction.known === 'no') return 'friction not known';
  return `μ ${friction.known === 'pair' ? FRICTION_PAIRS[friction.pair].mu : friction.mu}`;
}

/** What the load weighs, and of how many units it consists. */
function loadInShort(load: readonly LoadUnit[], units: UnitChoice): string {
  const mass = totalMassKg(load);
  const weighs = mass === null ? 'mass not known' : formatQuantity(mass, 'mass', units);
  return load.length > 1 ? `${load.length} units, ${weighs}` : weighs;
}

/** The left side of the planner: the load, what it stands on, the deck, the schools. */
export const LoadPanel = memo(function LoadPanel({ editor }: { editor: PlanEditor }) {
  const { units } = useMember();
  const { plan, drawn, hand } = editor;
  const { deck } = plan;
  const [chosen, choose] = useState<string | null>(null);
  const unit = plan.units.find((u) => u.id === chosen) ?? plan.units[0]!;
  const several = plan.units.length > 1;
  const unrated = deck.anchors.filter((a) => a.rating.state === 'unrated').length;
  return (
    <Fields disabled={editor.readOnly}>
      <Pictures>
        <DeckSketch plan={drawn} lines={editor.assessment.lines} />
        <PlanHoldMap plan={drawn} />
      </Pictures>
      <Section
        title="Load"
        open={plan.units.some((u) => u.massKg === null)}
        summary={loadInShort(plan.units, units)}
      >
        <LoadUnits plan={plan} unit={unit} hand={hand} onChoose={choose} />
        <LoadFields key={unit.id} unit={unit} load={plan.units} hand={hand} />
      </Section>
      <Section
        title="Friction and blocking"
        summary={several ? `${unitName(unit)}: ${muOf(unit)}` : muOf(unit)}
      >
        <FrictionFields key={unit.id} unit={unit} boards={deck.boards} hand={hand} />
      </Section>
      <Section
        title="Deck and anchors"
        summary={`${deck.anchors.length} anchors${unrated ? `, ${unrated} unrated` : ''}`}
      >
        <DeckAnchors deck={deck} hand={hand} />
      </Section>
      <Section title="Rope strength" summary={SCHOOLS[plan.strength.school].name}>
        <StrengthSection strength={plan.strength} hand={hand} />
      </Section>
      <Section title="Name and notes" summary={plan.title}>
        <NotesFields title={plan.title} notes={plan.notes} hand={hand} />
      </Section>
    </Fields>
  );
});
