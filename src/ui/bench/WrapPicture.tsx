'use client';
import styled from 'styled-components';
import { WRAP_FORMS, type WrapFormId } from '@/core/tackle/wraps';
import { RopeStroke } from '../diagrams/RopeStroke';

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-height: 230px;
  margin-top: 10px;
  & text {
    font: 680 15px var(--font-figure);
    fill: var(--ink);
  }
  & .l {
    font-size: 12.5px;
    font-weight: 560;
    fill: var(--ink-2);
  }
`;

const MOST_DRAWN = 8;
const PITCH = 15;

/** A cleat's horns and the figure-eights over them. */
function Cleat({ count }: { count: number }) {
  return (
    <>
      <path
        d="M170 128q90 20 180 0c4 16-10 26-34 26h-24l6 34h-76l6-34h-24c-24 0-38-10-34-26z"
        fill="var(--steel)"
        stroke="var(--steel-ink)"
        strokeWidth={2.5}
      />
      {Array.from({ length: Math.min(MOST_DRAWN, count) }, (_, i) => {
        const [a, b] = [198 + i * 9, 322 - i * 9];
        return (
          <RopeStroke
            key={i}
            d={`M${a} 122C232 104 288 170 ${b} 156C${b + 24} 148 ${b + 24} 128 ${b} 121C288 108 232 168 ${a} 156C${a - 24} 148 ${a - 24} 128 ${a} 122`}
            w={8}
          />
        );
      })}
    </>
  );
}

/** What is wrapped, with as many turns as are counted: the load pulls at the left, the tail is held at the right. */
export function WrapPicture({
  form,
  count,
  load,
  tail,
}: {
  form: WrapFormId;
  count: number;
  load: string;
  tail: string;
}) {
  const spec = WRAP_FORMS[form];
  const turns = Math.max(0, Math.min(MOST_DRAWN, Math.round(count)));
  const strands = form === 'prusik' ? turns * 2 : turns + (spec.baseRad > 0 ? 1 : 0);
  const top = 112 - (strands * PITCH) / 2;
  const [fill, edge] =
    spec.round === 'post'
      ? ['var(--cargo)', 'var(--cargo-ink)']
      : spec.round === 'ring'
        ? ['var(--steel)', 'var(--steel-ink)']
        : ['var(--rope)', 'var(--rope-ink)'];
  const half = spec.grips ? 15 : 34;
  const out = top + strands * PITCH;
  return (
    <Svg
      viewBox="0 0 520 224"
      role="img"
      aria-label={`${spec.name}, ${count} ${spec.unit}: ${load} on the loaded part, ${tail} left at the tail`}
    >
      {form === 'cleat' ? (
        <>
          <RopeStroke d="M20 140H196" w={10} />
          <Cleat count={turns} />
          <RopeStroke d="M320 150C380 150 400 150 486 170" w={10} />
        </>
      ) : (
        <>
          <RopeStroke d={`M20 ${top}H${260 - half}`} w={11} />
          <rect
            x={260 - half}
            y={6}
            width={2 * half}
            height={212}
            fill={fill}
            stroke={edge}
            strokeWidth={2.5}
          />
          {Array.from({ length: strands }, (_, i) => (
            <RopeStroke
              key={i}
              d={`M${260 - half - 4} ${top + i * PITCH + 4}Q260 ${top + i * PITCH + 16} ${260 + half + 4} ${top + (i + 1) * PITCH - 4}`}
              w={11}
            />
          ))}
          {strands === 0 ? <RopeStroke d={`M${260 - half} ${top}H${260 + half}`} w={11} /> : null}
          <RopeStroke
            d={`M${260 + half} ${out}C${330 + half} ${out} 400 ${out + 6} 486 ${Math.min(196, out + 16)}`}
            w={11}
          />
        </>
      )}
      <path
        d="M44 92H18M28 84 18 92l10 8"
        transform={`translate(0,${(form === 'cleat' ? 140 : top) - 116})`}
        stroke="var(--signal)"
        strokeWidth={3}
        fill="none"
      />
      <text x={20} y={(form === 'cleat' ? 140 : top) - 38}>
        {load}
      </text>
      <text x={500} y={Math.min(186, form === 'cleat' ? 160 : out + 6) - 16} textAnchor="end">
        {tail}
      </text>
      <text
        className="l"
        x={500}
        y={Math.min(216, (form === 'cleat' ? 184 : out + 20) + 20)}
        textAnchor="end"
      >
        {spec.grips ? 'left to pinch' : 'left at the tail'}
      </text>
    </Svg>
  );
}
