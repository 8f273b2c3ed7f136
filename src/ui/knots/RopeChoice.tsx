'use client';
import styled from 'styled-components';
import type { UnitChoice } from '@/core/units';
import { Select } from '../kit/Select';
import { DIAMETERS_M, ROPE_LOOKS, type RopeLookId, thicknessText } from '../diagrams/ropeLooks';

const Row = styled.section`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-top: 16px;
`;
const LOOKS = (Object.keys(ROPE_LOOKS) as RopeLookId[]).map((id) => ({
  id,
  name: ROPE_LOOKS[id].name,
}));

/** The rope the knot is shown in: its colour, and its thickness for the lengths. */
export function RopeChoice({
  look,
  onLook,
  diameterM,
  onDiameter,
  units,
}: {
  look: RopeLookId;
  onLook: (id: RopeLookId) => void;
  diameterM: number;
  onDiameter: (m: number) => void;
  units: UnitChoice;
}) {
  return (
    <Row aria-label="Your rope">
      <Select label="Your rope" value={look} choices={LOOKS} onChange={onLook} />
      <Select
        label="Its thickness"
        value={String(diameterM)}
        choices={DIAMETERS_M.map((m) => ({ id: String(m), name: thicknessText(m, units) }))}
        onChange={(m) => onDiameter(Number(m))}
      />
    </Row>
  );
}
