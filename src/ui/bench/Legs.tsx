'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { legFactor, legTension } from '@/core/span/legs';
import { formatNumber } from '@/core/units';
import { traced } from '@/core/working/working';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, QuantityField } from '../kit/fields';
import { Segments } from '../kit/Segments';
import { Slide } from '../kit/Slide';
import { Small } from '../kit/text';
import { WorkingFigure } from '../working/WorkingFigure';
import { wordValue } from '@/wording/figures';
import type { OpenedWorking } from '../working/WorkingSheet';
import { RopeStroke } from '../diagrams/RopeStroke';

const Angle = styled.text`
  font: 660 13px var(--font-figure);
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--canvas);
  stroke-width: 4px;
`;

const Whole = styled.section`
  padding-top: 18px;
`;
const Row = styled.div`
  display: grid;
  grid-template-columns: 180px minmax(0, 1fr);
  gap: 16px;
  align-items: center;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const STEEPEST = Math.PI / 2;
const FLATTEST = Math.PI / 18;
const KNOWN = [60, 45, 30] as const;

/** Legs of a sling or bridle: the flatter they lie, the more each bears. */
export function Legs({ onWorking }: { onWorking: (w: OpenedWorking) => void }) {
  const { units } = useMember();
  const [loadN, setLoadN] = useState(2000);
  const [legs, setLegs] = useState<'2' | '3' | '4'>('2');
  const [angleRad, setAngleRad] = useState(Math.PI / 4);
  const tension = legTension(traced, loadN, Number(legs), angleRad);
  const [half, high] = [80 * Math.cos(angleRad), 80 * Math.sin(angleRad)];
  const degrees = Math.round((angleRad * 180) / Math.PI);
  return (
    <Whole aria-label="Legs and slings">
      <h2>Legs and slings</h2>
      <Row>
        <svg
          viewBox="0 0 180 130"
          role="img"
          aria-label={`Two legs at ${degrees}° from the horizontal`}
        >
          <RopeStroke d={`M${90 - half} ${20 + high}L90 20L${90 + half} ${20 + high}`} w={7} />
          <rect
            x={90 - half - 8}
            y={20 + high}
            width={2 * half + 16}
            height={20}
            fill="var(--cargo)"
            stroke="var(--cargo-ink)"
            strokeWidth={2}
          />
          <circle cx={90} cy={16} r={8} fill="none" stroke="var(--steel-ink)" strokeWidth={4} />
          <Angle x={90 - half + 20} y={14 + high}>
            {degrees}°
          </Angle>
        </svg>
        <div>
          <p>
            Each leg bears{' '}
            <WorkingFigure
              working={tension}
              title="Each leg"
              text={wordValue(tension.value, 'N', units, 'demand')}
              rounding="demand"
              onOpen={onWorking}
              size={22}
            />
            : {formatNumber(legFactor(angleRad))} times its share.
          </p>
          <Slide
            label="Leg from the horizontal"
            value={(angleRad - FLATTEST) / (STEEPEST - FLATTEST)}
            step={1 / 80}
            text={`${degrees}°`}
            onChange={(v) => setAngleRad(FLATTEST + v * (STEEPEST - FLATTEST))}
            notes={['10°', `${degrees}° from the horizontal`, '90°']}
          />
        </div>
      </Row>
      <Segments
        label="Legs"
        value={legs}
        choices={[
          { id: '2', name: 'two' },
          { id: '3', name: 'three' },
          { id: '4', name: 'four, all bearing' },
        ]}
        onChange={setLegs}
      />
      <FieldGrid $min={150}>
        <QuantityField
          label="Load on the legs"
          dimension="force"
          unit={units.force}
          least={1}
          most={1e6}
          value={loadN}
          onChange={(n) => n !== null && setLoadN(n)}
        />
      </FieldGrid>
      <Small>
        {KNOWN.map((d) => `${d}° ${legFactor((d * Math.PI) / 180).toFixed(3)}`).join(' · ')}. A
        rigid load on four legs may hang on two. Never for lifting people or overhead.
      </Small>
    </Whole>
  );
}
