import { type DangerZone, ZONE } from '@/core/securement/danger-zone';
import type { StoredEnergy } from '@/core/securement/stored-energy';
import type { StageLayout } from '@/core/securement/stage/layout';

const STEPS = 6;

/** A zone as a path: a piece of a disc, or a whole one. */
function pathOf({ at, towardRad, lengthM }: DangerZone, layout: StageLayout): string {
  const word = (x: number, y: number): string =>
    layout
      .plan({ x, y })
      .map((v) => v.toFixed(1))
      .join(' ');
  const half = towardRad === null ? Math.PI : ZONE.halfAngleRad;
  // What goes up comes down near by.
  const reachM = towardRad === null ? lengthM * Math.sin(ZONE.halfAngleRad) : lengthM;
  const rim = Array.from({ length: STEPS + 1 }, (_, i) => {
    const phi = (towardRad ?? 0) - half + (2 * half * i) / STEPS;
    return word(at.x + reachM * Math.cos(phi), at.y + reachM * Math.sin(phi));
  });
  return `M${towardRad === null ? '' : `${word(at.x, at.y)}L`}${rim.join('L')}Z`;
}

/** Where nobody stands while lines are tight. */
export function Zones({
  energies,
  layout,
}: {
  energies: readonly StoredEnergy[];
  layout: StageLayout;
}) {
  return (
    <g data-zones clipPath="url(#above-the-split)">
      <defs>
        <clipPath id="above-the-split">
          <rect width={layout.width} height={layout.splitY} />
        </clipPath>
        <pattern
          id="no-standing"
          width="9"
          height="9"
          patternTransform="rotate(-45)"
          patternUnits="userSpaceOnUse"
        >
          <rect width="1.6" height="9" fill="var(--signal)" />
        </pattern>
      </defs>
      {energies.flatMap((e) =>
        e.zones.map((zone, i) => (
          <path
            key={`${e.lineId} ${i}`}
            d={pathOf(zone, layout)}
            fill="url(#no-standing)"
            stroke="var(--signal)"
            strokeWidth={1}
            opacity={0.55}
          />
        )),
      )}
    </g>
  );
}
