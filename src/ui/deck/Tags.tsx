import type { StageLayout } from '@/core/securement/stage/layout';
import type { SceneLine } from '@/core/securement/stage/scene';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { widthOfText } from '../diagrams/names';
import type { TagPlace } from '@/core/securement/stage/tag-places';

/** A line's tag: its number, and under it how much of what it may carry it keeps as tension. */
export function LineTag({ place: { line, x, y, to }, width }: { place: TagPlace; width: number }) {
  const used = line.usedPart === null ? null : Math.min(1, line.usedPart);
  const tooMuch = line.usedPart !== null && line.usedPart > 1;
  const left = x < width / 2;
  const fill = line.weakest ? 'var(--signal)' : line.counted ? 'var(--plate)' : 'var(--sunk)';
  const ink = line.weakest ? 'on-signal' : line.counted ? 'on-plate' : undefined;
  return (
    <g>
      <path
        d={`M${x + (left ? 15 : -15)} ${y}L${to[0]} ${to[1]}`}
        stroke="var(--ink-3)"
        strokeWidth={0.8}
        strokeDasharray="2 2"
      />
      <path
        d={`M${x - 17} ${y}l6 -11h28v22h-28z`}
        fill={fill}
        stroke="var(--ink)"
        strokeWidth={line.counted ? 0 : 1.4}
        strokeDasharray={line.counted ? undefined : '4 3'}
      />
      <circle cx={x - 9} cy={y} r={2} fill="var(--canvas)" />
      <text
        x={x + 5}
        y={y + 4.8}
        textAnchor="middle"
        fontSize={13.5}
        fontWeight={720}
        className={ink}
      >
        {line.number}
      </text>
      {used === null ? null : (
        <g>
          <rect
            x={x - 15}
            y={y + 13}
            width={32}
            height={4}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={0.9}
          />
          <rect
            x={x - 15}
            y={y + 13}
            width={32 * used}
            height={4}
            fill={tooMuch ? 'var(--signal)' : 'var(--ink)'}
          />
        </g>
      )}
    </g>
  );
}

/** The place that governs a line: a small flag; on the line to look at first with what it may carry. */
export function WeakFlag({
  line,
  layout,
  units,
}: {
  line: SceneLine;
  layout: StageLayout;
  units: UnitChoice;
}) {
  const { weak } = line;
  if (!weak?.at) return null;
  const [x, y] = layout.plan(weak.at);
  if (!line.weakest)
    return (
      <path
        d={`M${x} ${y}v-14l10 5l-10 4`}
        fill="var(--ink)"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
    );
  const words = `${line.number}: ${weak.place}`;
  const figure =
    weak.wllN === null ? 'not known' : formatQuantity(weak.wllN, 'force', units, 'capacity');
  const w = Math.max(widthOfText(words, 11.5), widthOfText(figure, 12)) + 16;
  const right = x + w + 14 < layout.width;
  const x0 = right ? x + 12 : x - 12 - w;
  return (
    <g data-weakest={line.number}>
      <circle cx={x} cy={y} r={7} fill="none" stroke="var(--signal)" strokeWidth={3} />
      <path
        d={
          right
            ? `M${x + 6} ${y - 5}L${x0} ${y - 38}h${w}v34h${-w}z`
            : `M${x - 6} ${y - 5}L${x0 + w} ${y - 38}h${-w}v34h${w}z`
        }
        fill="var(--signal)"
      />
      <text x={x0 + w / 2} y={y - 24} textAnchor="middle" fontSize={11.5} className="on-signal">
        {words}
      </text>
      <text
        x={x0 + w / 2}
        y={y - 9}
        textAnchor="middle"
        fontSize={12}
        fontWeight={720}
        className="on-signal"
      >
        {figure}
      </text>
    </g>
  );
}
