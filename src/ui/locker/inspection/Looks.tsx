'use client';
import { useMemo } from 'react';
import styled from 'styled-components';
import { chanceOf } from '@/core/chance';
import type { GearItem } from '@/core/gear/schema';
import type { InspectionCheck } from '@/core/inspection/checks';
import { canHave, damaged, soundStretch } from '@/core/inspection/drawing/damage';
import { LAY_OF, LAYS } from '@/core/inspection/drawing/lay';
import { RopeClose } from '../../diagrams/RopeClose';
import { Small } from '../../kit/text';

const LENGTH_D = 6.4;
/** Fibres lie by chance; in a picture that teaches they always lie alike. */
const ALWAYS = 5;

const Row = styled.ul`
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 8px;
  & > li {
    display: grid;
    grid-template-rows: 1fr auto;
    background: var(--sheet);
    border: var(--w-hair) solid var(--line);
    padding: 2px 6px 6px;
  }
  @media (max-width: 760px) {
    grid-template-columns: 1fr 1fr;
  }
`;

/** How an extent of damage looks on this rope; nothing for gear that is not rope, and for what rope of its lay cannot have. */
export function DamageLooks({
  item,
  check,
  extent,
}: {
  item: GearItem;
  check: InspectionCheck;
  extent: string;
}) {
  const material = item.kind === 'rope' ? item.material : null;
  const stretch = useMemo(() => {
    if (material === null || !canHave(LAY_OF[material], check.id)) return null;
    const sound = soundStretch(LAY_OF[material], LENGTH_D, check.id === 'label' ? 'end' : 'on');
    return damaged(sound, check.id, extent, { xD: LENGTH_D / 2, chance: chanceOf(ALWAYS) });
  }, [material, check.id, extent]);
  return stretch && material ? (
    <RopeClose stretch={stretch} material={material} label={null} />
  ) : null;
}

/** What a check looks for on this rope, from mild to bad, drawn; where it can have none, that is said. */
export function LooksLike({ item, check }: { item: GearItem; check: InspectionCheck }) {
  if (item.kind !== 'rope') return null;
  const lay = LAY_OF[item.material];
  if (!canHave(lay, check.id))
    return <Small>Rope of this make ({LAYS[lay].name}) has no sheath: it is clear of this.</Small>;
  return (
    <Row aria-label="How it looks">
      {check.extents.map((e) => (
        <li key={e.id}>
          <DamageLooks item={item} check={check} extent={e.id} />
          <Small>
            {e.name}
            {check.id === 'shock' ? ': often nothing shows' : ''}
          </Small>
        </li>
      ))}
    </Row>
  );
}
