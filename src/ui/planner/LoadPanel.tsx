'use client';
import dynamic from 'next/dynamic';
import { memo } from 'react';
import { SCHOOLS } from '@/core/rope/schools';
import { FRICTION_PAIRS } from '@/core/securement/friction';
import { totalMassKg, unitName } from '@/core/securement/load/describe';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Strength } from '@/core/securement/schema';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Section } from './Section';
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
const KeptDeckBar = dynamic(() => orMissing(import('./KeptBars').then((m) => m.KeptDeckBar)), {
  loading: () => null,
});
const KeptLoadBar = dynamic(() => orMissing(import('./KeptBars').then((m) => m.KeptLoadBar)), {
  loading: () => null,
});
const FrictionFields = dynamic(
  () => orMissing(import('./FrictionFields').then((m) => m.FrictionFields)),
  {
    loading: () => null,
  },
);
const DeckAnchors = dynamic(
  () => orMissing(import('../deck/DeckAnchors').then((m) => m.DeckAnchors)),
  {
    loading: () => null,
  },
);
const NotesFields = dynamic(() => orMissing(import('./NotesFields').then((m) => m.NotesFields)), {
  loading: () => null,
});
const StrengthFields = dynamic(
  () => orMissing(import('./StrengthFields').then((m) => m.StrengthFields)),
  {
    loading: () => null,
  },
);

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
export const LoadPanel = memo(function LoadPanel({
  editor,
  chosen,
  onChoose: choose,
}: {
  editor: PlanEditor;
  /** The unit that the fields are of; null: the first. */
  chosen: string | null;
  onChoose: (unitId: string) => void;
}) {
  const { units } = useMember();
  const { plan, hand } = editor;
  const { deck } = plan;
  const unit = plan.units.find((u) => u.id === chosen) ?? plan.units[0]!;
  const several = plan.units.length > 1;
  const unrated = deck.anchors.filter((a) => a.rating.state === 'unrated').length;
  return (
    <Fields disabled={editor.readOnly}>
      <Section
        title="Load"
        open={plan.units.some((u) => u.massKg === null)}
        summary={loadInShort(plan.units, units)}
      >
        <LoadUnits plan={plan} unit={unit} hand={hand} onChoose={choose} />
        {editor.readOnly ? null : <KeptLoadBar plan={plan} unit={unit} hand={hand} />}
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
        {editor.readOnly ? null : <KeptDeckBar plan={plan} hand={hand} />}
        <DeckAnchors deck={deck} edit={hand.edit} />
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
