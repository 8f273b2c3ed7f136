'use client';
import { knotsFor } from '@/core/knot/knots';
import type { RiggingDocument } from '@/core/bench/rigging';
import { SCHOOL_IDS, SCHOOLS } from '@/core/rope/schools';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { Sheet } from '../kit/Sheet';
import { RatingField, RopeForm } from '../kit/gearFields';
import { knotChoices, wordValue } from '@/wording/figures';
import { WorkingFigure, type OpenWorking } from '../working/WorkingFigure';
import type { Bench } from './useBench';
import { Spaced } from '../kit/layout';

function End({
  title,
  anchor,
  onChange,
}: {
  title: string;
  anchor: RiggingDocument['anchor'];
  onChange: (a: RiggingDocument['anchor']) => void;
}) {
  const { units } = useMember();
  return (
    <Spaced as="section" $top={14}>
      <Spaced as="h3" $bottom={6}>
        {title}
      </Spaced>
      <FieldGrid $min={140}>
        <TextField
          label={`${title}: what it is`}
          value={anchor.name}
          onChange={(name) => onChange({ ...anchor, name: name.slice(0, 60) })}
        />
        <RatingField
          label={`${title}: may take`}
          rating={anchor.rating}
          units={units}
          onChange={(rating) => onChange({ ...anchor, rating })}
        />
        <QuantityField
          label={`${title}: bar diameter`}
          dimension="length"
          unit={units.size}
          optional
          placeholder="not measured"
          least={0.001}
          most={2}
          value={anchor.barDiameterM}
          onChange={(barDiameterM) => onChange({ ...anchor, barDiameterM })}
        />
      </FieldGrid>
    </Spaced>
  );
}

/** The line that is pulled: its rope, its ends, its length, what the load bears; and where the loop must be tied. */
export function LineSheet({
  bench,
  onClose,
  onWorking,
}: {
  bench: Bench;
  onClose: () => void;
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  const {
    doc,
    figures: { loop },
    edit,
  } = bench;
  return (
    <Sheet title="The line" side open onClose={onClose}>
      <FieldGrid $min={150}>
        <TextField
          label="Name of the rigging"
          value={doc.title}
          onChange={(title) => edit({ title: title.slice(0, 120) || 'Rigging' }, 'title')}
        />
        <QuantityField
          label="Anchor to anchor"
          dimension="length"
          unit={units.length}
          least={0.2}
          most={200}
          value={doc.lengthM}
          onChange={(lengthM) => lengthM !== null && edit({ lengthM }, 'length')}
        />
        <QuantityField
          label="Sag while slack"
          dimension="length"
          unit={units.length}
          most={50}
          value={doc.sagM}
          onChange={(sagM) => sagM !== null && edit({ sagM }, 'sag')}
        />
        <QuantityField
          label="Line tension the load bears"
          dimension="force"
          unit={units.force}
          optional
          placeholder="not said"
          least={1}
          most={1e6}
          value={doc.loadBearsN}
          onChange={(loadBearsN) => edit({ loadBearsN }, 'bears')}
        />
        <NumberField
          label="Settling, part of 1"
          value={doc.settling}
          least={0}
          most={0.9}
          onChange={(settling) => edit({ settling }, 'settling')}
        />
        <Select
          label="Working load by"
          value={doc.strength.school}
          choices={SCHOOL_IDS.map((id) => ({ id, name: SCHOOLS[id].name }))}
          onChange={(school) => edit({ strength: { ...doc.strength, school } })}
        />
      </FieldGrid>
      <Spaced as="h3" $top={14} $bottom={6}>
        Rope
      </Spaced>
      <RopeForm
        rope={doc.rope}
        units={units}
        set={(change) => edit({ rope: { ...doc.rope, ...change } }, 'rope')}
      />
      <Spaced $top={14}>
        <Select
          label="Knot at the far end"
          value={doc.farKnot}
          choices={knotChoices(knotsFor('attachment'))}
          onChange={(k) => edit({ farKnot: k as typeof doc.farKnot })}
        />
      </Spaced>
      <End title="Anchor" anchor={doc.anchor} onChange={(anchor) => edit({ anchor }, 'anchor')} />
      <End
        title="Far anchor"
        anchor={doc.farAnchor}
        onChange={(farAnchor) => edit({ farAnchor }, 'farAnchor')}
      />
      {loop ? (
        <Spaced as="section" $top={14} aria-label="Where to tie the loop">
          <h3>Where to tie the loop</h3>
          <p>
            At least{' '}
            <WorkingFigure
              working={loop.needed}
              title="Loop from the anchor"
              text={wordValue(loop.needed.value, 'm', units, 'demand')}
              rounding="demand"
              onOpen={onWorking}
              size={16}
            />{' '}
            from the anchor: slack, stretch and knots take{' '}
            <WorkingFigure
              working={loop.takeUp}
              title="Take-up"
              text={wordValue(loop.takeUp.value, 'm', units, 'demand')}
              rounding="demand"
              onOpen={onWorking}
              size={16}
            />
            , and your hand wants room. Longer spans and doubles want it further up.
          </p>
        </Spaced>
      ) : null}
    </Sheet>
  );
}
