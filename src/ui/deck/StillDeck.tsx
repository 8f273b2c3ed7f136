'use client';
import { type CSSProperties, type ReactNode, useMemo } from 'react';
import styled from 'styled-components';
import { layOut } from '@/core/securement/stage/layout';
import type { Scene } from '@/core/securement/stage/scene';
import { tagPlaces } from '@/core/securement/stage/tag-places';
import { useUnits } from '../frame/MemberContext';
import { DeckDrawing, DeckSvg } from './DeckDrawing';

const Whole = styled.div`
  position: relative;
`;

/** A deck that is only looked at. `over`: what lies on the tags of its lines. */
export function StillDeck({
  scene,
  label,
  over,
}: {
  scene: Scene;
  label: string;
  over?: (tags: readonly { readonly id: string; readonly style: CSSProperties }[]) => ReactNode;
}) {
  const units = useUnits();
  const layout = useMemo(() => layOut(scene, 'rear', { width: 352, height: 420 }), [scene]);
  const tags = over
    ? tagPlaces(scene, layout).map(({ line, x, y }) => ({
        id: line.id,
        style: { left: `${(100 * x) / layout.width}%`, top: `${(100 * y) / layout.height}%` },
      }))
    : [];
  return (
    <Whole>
      <DeckSvg viewBox={`0 0 ${layout.width} ${layout.height}`} role="img" aria-label={label}>
        <DeckDrawing scene={scene} layout={layout} units={units} />
      </DeckSvg>
      {over?.(tags)}
    </Whole>
  );
}
