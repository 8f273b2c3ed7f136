'use client';
import { KNOT_SCHOOL_CHOICES } from '@/core/knot/efficiency';
import { SCHOOL_IDS, SCHOOLS } from '@/core/rope/schools';
import type { Strength } from '@/core/securement/schema';
import { handUnit } from '../bench/strandWords';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { KNOT_SCHOOL_NAMES } from '../kit/schoolNames';
import { Select } from '../kit/Select';

/** School, design factor and knot school; the crew's page sets the same as its default. */
export function StrengthFields({
  strength,
  onChange,
}: {
  strength: Strength;
  onChange: (change: Partial<Strength>) => void;
}) {
  const { units } = useMember();
  return (
    <FieldGrid $min={150}>
      <Select
        label="Working load from"
        value={strength.school}
        choices={SCHOOL_IDS.map((id) => ({ id, name: `${SCHOOLS[id].name}: ${SCHOOLS[id].rule}` }))}
        onChange={(school) => onChange({ school })}
      />
      {strength.school === 'design-factor' ? (
        <NumberField
          label="Design factor N"
          value={strength.designFactor}
          least={3}
          most={20}
          onChange={(designFactor) => onChange({ designFactor })}
        />
      ) : null}
      <Select
        label="Knots after"
        value={strength.knotSchool}
        choices={KNOT_SCHOOL_CHOICES.map((id) => ({ id, name: KNOT_SCHOOL_NAMES[id] }))}
        onChange={(knotSchool) => onChange({ knotSchool })}
      />
      <QuantityField
        label="Most pull asked of a hand"
        dimension="force"
        unit={handUnit(units)}
        least={50}
        most={1000}
        value={strength.handLimitN}
        onChange={(v) => v !== null && onChange({ handLimitN: v })}
      />
      <NumberField
        label="On site: what moves counts"
        value={strength.dynamicAllowance}
        least={1}
        most={5}
        onChange={(dynamicAllowance) => onChange({ dynamicAllowance })}
      />
    </FieldGrid>
  );
}
