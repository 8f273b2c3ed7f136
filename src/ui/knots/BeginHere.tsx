'use client';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { beginning, HAND_M, roundOf } from '@/core/knot/begin';
import type { ShippedForm } from '@/core/knot/shape/frames';
import { formatQuantity } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Select } from '../kit/Select';

const Box = styled.section`
  margin-top: 12px;
  display: grid;
  gap: 8px;
  font-size: 14px;
`;

/** What it may be tied round, in mm; 0 is as it is drawn. */
const OBJECTS_MM = ['0', '25', '50', '75', '100', '150', '200', '300', '400', '600'] as const;
type ObjectMm = (typeof OBJECTS_MM)[number];

/** How far from the end to begin: the rope the form takes round the real thing, and its tail. */
export function BeginHere({
  shipped,
  tailD,
  diameterM,
}: {
  shipped: ShippedForm;
  tailD: number;
  diameterM: number;
}) {
  const { units } = useMember();
  const [objectMm, setObject] = useState<ObjectMm>('0');
  const round = useMemo(() => roundOf(shipped), [shipped]);
  const size = (m: number): string => formatQuantity(m, 'length', units, 'demand', true);
  const { fromEndM, insideM } = beginning(
    { insideD: shipped.insideD[0]!, tailD, round },
    diameterM,
    objectMm === '0' ? null : Number(objectMm) / 1000,
  );
  const hands = Math.max(1, Math.ceil(fromEndM / HAND_M));
  return (
    <Box aria-label="Begin here">
      {round === null ? null : (
        <Select
          label="Round what, how thick"
          value={objectMm}
          choices={OBJECTS_MM.map((id) => ({
            id,
            name: id === '0' ? 'as it is drawn' : size(Number(id) / 1000),
          }))}
          onChange={setObject}
        />
      )}
      <p>
        {tailD === 0 ? null : (
          <b>
            Begin {size(fromEndM)} from the end, {hands} {hands === 1 ? 'hand' : 'hands'}.{' '}
          </b>
        )}
        {size(insideM)} of rope goes into it, any loop as wide as drawn.
      </p>
    </Box>
  );
}
