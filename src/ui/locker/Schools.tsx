'use client';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { ratingsOf, type SchoolRating } from '@/core/gear/rating';
import { knotsFor, type KnotId } from '@/core/knot/knots';
import type { Rope } from '@/core/rope/rope';
import { WEATHERS } from '@/core/rope/weather';
import type { Strength } from '@/core/securement/schema';
import { traced, type Working } from '@/core/working/working';
import { useMember } from '../frame/MemberContext';
import { QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import { Label, Small } from '../kit/text';
import { WorkingFigure } from '../working/WorkingFigure';
import { knotChoices, wordValue } from '@/wording/figures';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import type { LockerItem } from './useLockerList';
import { Spaced } from '../kit/layout';

const GRID = 'minmax(130px,1.2fr) repeat(3,minmax(92px,1fr))';
const Head = styled.div`
  display: grid;
  grid-template-columns: ${GRID};
  gap: 12px;
  align-items: end;
  border-bottom: var(--w-rule) solid var(--ink);
  padding: 0 0 4px 12px;
  @media (max-width: 600px) {
    display: none;
  }
`;
const Row = styled.li<{ $now: boolean }>`
  display: grid;
  grid-template-columns: ${GRID};
  gap: 12px;
  align-items: center;
  min-height: 56px;
  border-bottom: var(--w-hair) solid var(--line);
  padding-left: 8px;
  border-left: 4px solid ${({ $now }) => ($now ? 'var(--ink)' : 'transparent')};
  ${({ $now }) => $now && 'background:var(--sheet);'}
  @media (max-width:600px) {
    grid-template-columns: repeat(3, 1fr);
    padding: 8px 0 8px 8px;
    & > :first-child {
      grid-column: 1 / -1;
    }
  }
`;
const Narrow = styled.span`
  @media (min-width: 601px) {
    display: none;
  }
`;
const Under = styled.div`
  display: grid;
  grid-template-columns: minmax(150px, 1.5fr) 1fr 1fr;
  gap: 12px;
  padding: 10px 0;
  @media (max-width: 600px) {
    grid-template-columns: 1fr 1fr;
    & > :first-child {
      grid-column: 1 / -1;
    }
  }
`;
const Name = styled.span`
  font: 640 14px/1.2 var(--font-figure);
`;

function Cell({
  working,
  title,
  label,
  onOpen,
}: {
  working: Working | null;
  title: string;
  label: string;
  onOpen: (o: OpenedWorking) => void;
}) {
  const { units } = useMember();
  if (working === null) return <span />;
  return (
    <span>
      <Narrow>
        <Label>{label}</Label>
        <br />
      </Narrow>
      <WorkingFigure
        working={working}
        title={title}
        text={wordValue(working.value, 'N', units, 'capacity')}
        onOpen={onOpen}
        size={17}
      />
    </span>
  );
}

/** One thing under all schools, side by side: straight, with a knot, as two strands. The crew's own is marked. */
export function Schools({ item, strength }: { item: LockerItem; strength: Strength }) {
  const [knot, setKnot] = useState<KnotId>('bowline');
  const [weather, setWeather] = useState<Rope['weather']>('dry');
  const [bendDiameterM, setBend] = useState<number | null>(null);
  const [opened, setOpened] = useState<OpenedWorking | null>(null);
  const { units } = useMember();
  const { document: gear, standing } = item;
  const rope = gear.item.kind === 'rope';
  const ratings = useMemo(
    () => ratingsOf(traced, gear, standing, { ...strength, knot, bendDiameterM }, weather),
    [gear, standing, strength, knot, bendDiameterM, weather],
  );
  // The same in every school: condition, weather and, straight, the bend.
  const shared = ratings[0]?.wll.inputs.filter((i) => ['κ', 'ω'].includes(i.symbol)) ?? [];
  const now = (r: SchoolRating<Working>): boolean =>
    rope ? r.school === strength.school : r.school === 'marking';
  return (
    <section aria-label="Strength by every school">
      <h2>What it may carry</h2>
      {rope ? (
        <Under>
          <Select
            label="With this knot"
            value={knot}
            choices={knotChoices(knotsFor('attachment'))}
            onChange={(k) => setKnot(k as KnotId)}
          />
          <Select
            label="Weather"
            value={weather}
            choices={WEATHERS.map((id) => ({ id, name: id }))}
            onChange={setWeather}
          />
          <QuantityField
            label="Over a bend of"
            dimension="length"
            unit={units.size}
            optional
            placeholder="straight"
            least={0.001}
            most={2}
            value={bendDiameterM}
            onChange={setBend}
          />
        </Under>
      ) : null}
      <Head aria-hidden>
        <Label>School</Label>
        <Label>{bendDiameterM === null ? 'Straight' : 'Over the bend'}</Label>
        {rope ? (
          <>
            <Label>With the knot</Label>
            <Label>Two strands</Label>
          </>
        ) : null}
      </Head>
      <ul>
        {ratings.map((r) => (
          <Row key={r.school} $now={now(r)} data-school={r.school}>
            <Name>
              {r.name}
              {now(r) ? <Small>, yours</Small> : null}
              <br />
              <Small>{r.rule}</Small>
            </Name>
            <Cell
              working={r.wll}
              title={`${r.name}, straight`}
              label="Straight"
              onOpen={setOpened}
            />
            <Cell
              working={r.knotted}
              title={`${r.name}, with the knot`}
              label="With the knot"
              onOpen={setOpened}
            />
            <Cell
              working={r.doubled}
              title={`${r.name}, two strands`}
              label="Two strands"
              onOpen={setOpened}
            />
          </Row>
        ))}
      </ul>
      {rope && shared.length > 0 ? (
        <Spaced as="p" $top={10}>
          <Small>
            Counted in every figure:{' '}
            {shared.map((f) => `${f.label}, ${wordValue(f.value, f.unit, units)}`).join('; ')}.
          </Small>
        </Spaced>
      ) : null}
      <WorkingSheet opened={opened} over={gear.code} onClose={() => setOpened(null)} />
    </section>
  );
}
