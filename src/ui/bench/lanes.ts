import type { BenchSystem } from '@/core/bench/rigging';
import type { Rigging } from '@/core/tackle/rigging';

export const HAND_REACH = { least: 96, more: 90 } as const;

export interface Lane {
  readonly rope: number;
  readonly strand: number;
  readonly x: number;
}

/** A lane a strand for ropes that pass something; a rope that only joins two bodies needs none. */
export function lanesOf({ ropes }: Rigging, hitch: boolean): { lanes: Lane[]; spacing: number } {
  const wanted = ropes.flatMap((r, rope) =>
    r.passes.length === 0 && r.from !== 'hand'
      ? []
      : Array.from({ length: r.passes.length + 1 }, (_, strand) => ({ rope, strand })),
  );
  // A hitch's strands lie close, all of them through one loop; a tackle's run side by side.
  const spacing = Math.min(
    hitch ? (wanted.length > 3 ? 50 : 76) : 92,
    (CANVAS.width - 120) / Math.max(1, wanted.length - 1),
  );
  const right = CANVAS.width / 2 + (spacing * (wanted.length - 1)) / 2 + (hitch ? 30 : -12);
  return { spacing, lanes: wanted.map((w, i) => ({ ...w, x: right - i * spacing })) };
}

/** Heights of the bodies: evenly between load and anchor, a hitch's loop as far up as it is tied. */
export function heightsOf(
  rigging: Rigging,
  system: BenchSystem,
  taut: number,
): Map<string, number> {
  const sorted = [...rigging.bodies].sort((a, b) => a.at - b.at);
  const travelling = sorted.filter((b) => b.kind === 'travelling');
  const heights = new Map<string, number>();
  for (const b of sorted)
    if (b.kind !== 'travelling') heights.set(b.id, b.kind === 'load' ? TOP : BOTTOM);
  const first =
    system.kind === 'truckers'
      ? BOTTOM - 150 - 190 * Math.min(1, system.shortStrandM / 0.6)
      : TOP + (BOTTOM - TOP) / (travelling.length + 1);
  travelling.forEach((b, i) =>
    heights.set(
      b.id,
      first +
        (i * (BOTTOM - first)) / (travelling.length + (system.kind === 'truckers' ? 0.35 : 0.3)) +
        12 * taut,
    ),
  );
  return heights;
}

/**
 * Where everything of a rigging is drawn: load above, anchor below, every strand in a lane of its own, the hand's at
 * the right. Pure geometry in pixels of the drawing's own box; a strand runs behind a body on leaving it and in front
 * on coming to it, so that a turn is seen to go round.
 */
export const CANVAS = { width: 400, height: 640 } as const;

export const TOP = 78;

export const BOTTOM = 548;
