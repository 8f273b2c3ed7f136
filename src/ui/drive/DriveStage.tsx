'use client';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { type DrivenUnit, drivenScene } from '@/core/securement/stage/driven';
import { layOut, type StageLayout } from '@/core/securement/stage/layout';
import { outlinePath, pathOf, type Picture, placeOn } from '@/core/securement/stage/paths';
import type { Scene } from '@/core/securement/stage/scene';
import { tagPlaces } from '@/core/securement/stage/tag-places';
import type { StageSide } from '@/core/securement/stage/view';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';
import type { StoredEnergy } from '@/core/securement/stored-energy';
import { DeckSvg } from '../deck/DeckDrawing';
import { Floor, Ground } from '../deck/Floor';
import { LineOnDeck } from '../deck/Ropes';
import { LineTag } from '../deck/Tags';
import { AnchorOnDeck } from '../deck/Things';
import { useUnits } from '../frame/MemberContext';
import { Zones } from './Zones';

/** Sizes that the picture is laid out in, where there is room and on a phone: names keep theirs. */
const WIDE = { width: 760, height: 470 } as const;
const NARROW = { width: 380, height: 430 } as const;

/** Whether something has no more room than a phone gives. */
function useNarrow<E extends Element>() {
  const ref = useRef<E>(null);
  const [narrow, setNarrow] = useState(false);
  useEffect(() => {
    const sized = new ResizeObserver(([entry]) =>
      setNarrow((entry?.contentRect.width ?? WIDE.width) < 560),
    );
    sized.observe(ref.current!);
    return () => sized.disconnect();
  }, []);
  return { ref, narrow };
}

/** A cylinder seen from its end stays round however it turns: it is drawn where its middle has gone. */
const isRoundHere = ({ placed: { unit } }: DrivenUnit, side: StageSide): boolean =>
  unit.shape.kind === 'cylinder-lying' &&
  unit.turnRad === 0 &&
  (side === 'rear') === (unit.shape.axis === 'length');

function Unit({
  unit,
  layout,
  picture,
}: {
  unit: DrivenUnit;
  layout: StageLayout;
  picture: Picture;
}) {
  const at = placeOn(layout, picture);
  const look = { fill: 'var(--cargo)', stroke: 'var(--cargo-ink)', strokeWidth: 1.6 };
  if (picture === 'elevation' && isRoundHere(unit, layout.side)) {
    const [[x0, y0], [x1, y1]] = [at({ x: 0, y: 0, z: 0 }), at(unit.shiftM)];
    return (
      <path
        d={outlinePath(unit.placed, layout, picture)}
        transform={`translate(${x1 - x0} ${y1 - y0})`}
        {...look}
      />
    );
  }
  return (
    <g {...look} strokeLinejoin="round">
      {unit.faces.map((face, i) => (
        <path key={i} d={pathOf(face.map(at), true)} />
      ))}
    </g>
  );
}

function Arrow({ frame, layout, scene }: { frame: DriveFrame; layout: StageLayout; scene: Scene }) {
  const { forwardG, leftG } = frame.push;
  const push = Math.hypot(forwardG, leftG);
  if (push < 0.01 || scene.load.length === 0) return null;
  const xs = scene.load.map((p) => p.middle.x);
  const ys = scene.load.map((p) => p.middle.y);
  const middle = {
    x: (Math.min(...xs) + Math.max(...xs)) / 2,
    y: (Math.min(...ys) + Math.max(...ys)) / 2,
  };
  const [x, y] = layout.plan(middle);
  const [tx, ty] = layout.plan({ x: middle.x + forwardG / push, y: middle.y + leftG / push });
  const angle = (Math.atan2(ty - y, tx - x) * 180) / Math.PI;
  const length = 18 + 46 * Math.min(1, push);
  return (
    <g data-push transform={`translate(${x} ${y}) rotate(${angle})`}>
      <path
        d={`M${-length / 2} -5H${length / 2 - 12}V-12L${length / 2 + 6} 0L${length / 2 - 12} 12V5H${-length / 2}Z`}
        fill="var(--ink)"
        stroke="var(--canvas)"
        strokeWidth={2}
      />
    </g>
  );
}

/** The deck at one time of a drive: the load where it stood, open, and where it is now; every line with how much of what it may carry it bears. */
export const DriveStage = memo(function DriveStage({
  scene,
  run,
  frame,
  times,
  side,
  energies,
}: {
  scene: Scene;
  run: DriveRun | null;
  frame: DriveFrame | null;
  /** How many times larger movement is drawn than it is. */
  times: number;
  side: StageSide;
  /** Lines with where they would go, to be shown; null: not wanted. */
  energies: readonly StoredEnergy[] | null;
}) {
  const units = useUnits();
  const { ref, narrow } = useNarrow<SVGSVGElement>();
  const layout = useMemo(() => layOut(scene, side, narrow ? NARROW : WIDE), [scene, side, narrow]);
  const driven = run && frame ? drivenScene(scene, run, frame, times) : null;
  const lines = driven?.lines ?? scene.lines;
  return (
    <DeckSvg
      ref={ref}
      viewBox={`0 0 ${layout.width} ${layout.height}`}
      role="img"
      aria-label="The load on its deck at this moment of the drive"
    >
      <Floor layout={layout} scene={scene} />
      {(['elevation', 'plan'] as const).map((picture) => (
        <g key={picture} data-picture={picture}>
          {picture === 'elevation' ? <Ground layout={layout} scene={scene} units={units} /> : null}
          {energies && picture === 'plan' ? <Zones energies={energies} layout={layout} /> : null}
          {driven
            ? driven.units.map((u) => (
                <Unit key={u.placed.unit.id} unit={u} layout={layout} picture={picture} />
              ))
            : scene.load.map((p) => (
                <path
                  key={p.unit.id}
                  d={outlinePath(p, layout, picture)}
                  fill="var(--cargo)"
                  stroke="var(--cargo-ink)"
                />
              ))}
          {scene.load.map((p) => (
            <path
              key={p.unit.id}
              d={outlinePath(p, layout, picture)}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={1.2}
              strokeDasharray="3 4"
            />
          ))}
          {lines.map((l) => (
            <LineOnDeck key={l.id} line={l} layout={layout} picture={picture} picked={false} />
          ))}
          {scene.anchors.map((a) => (
            <AnchorOnDeck
              key={a.anchor.id}
              of={a}
              layout={layout}
              picture={picture}
              named={false}
              picked={false}
            />
          ))}
        </g>
      ))}
      {frame ? <Arrow frame={frame} layout={layout} scene={scene} /> : null}
      {tagPlaces({ ...scene, lines }, layout).map((place) => (
        <LineTag key={place.line.id} place={place} width={layout.width} />
      ))}
    </DeckSvg>
  );
});
