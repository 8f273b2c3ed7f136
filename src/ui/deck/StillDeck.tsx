'use client';
import { useMemo } from 'react';
import { layOut } from '@/core/securement/stage/layout';
import type { Scene } from '@/core/securement/stage/scene';
import { useUnits } from '../frame/MemberContext';
import { DeckDrawing, DeckSvg } from './DeckDrawing';

/** A deck that is only looked at. */
export function StillDeck({ scene, label }: { scene: Scene; label: string }) {
  const units = useUnits();
  const layout = useMemo(() => layOut(scene, 'rear', { width: 352, height: 420 }), [scene]);
  return (
    <DeckSvg viewBox={`0 0 ${layout.width} ${layout.height}`} role="img" aria-label={label}>
      <DeckDrawing scene={scene} layout={layout} units={units} />
    </DeckSvg>
  );
}
