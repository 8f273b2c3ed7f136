import styled from 'styled-components';

/** The bar between the tips of its horns, along which turns are laid. */
const [FIRST_X, LAST_X] = [34, 206];
const [TOP_Y, BOTTOM_Y] = [37, 65];
/** A turn leans so far along the bar, and is no thicker than a rope that fits it. */
const LEAN = 7;
const WIDEST = 8;
/** Fewer than so many people would make turns that stand apart. */
const LEAST_PLACES = 16;

const Drawing = styled.svg`
  display: block;
  height: 100%;
  width: auto;
  & .iron {
    fill: var(--steel);
    stroke: var(--steel-ink);
    stroke-width: 2;
    stroke-linejoin: round;
  }
  & .edge {
    stroke: var(--rope-ink);
  }
  & .rope {
    stroke: var(--rope);
  }
  & path:not(.iron) {
    fill: none;
    stroke-linecap: round;
  }
`;

/** Turns taken on a cleat beside each other, one for each that came in; the bar is full when all have. */
export function CleatTurns({ turns, of, label }: { turns: number; of: number; label: string }) {
  const apart = (LAST_X - FIRST_X) / Math.max(LEAST_PLACES, of, turns);
  const width = Math.min(WIDEST, 0.8 * apart);
  const rope = (d: string, key: string | number) => (
    <g key={key}>
      <path className="edge" d={d} strokeWidth={width + 1.6} />
      <path className="rope" d={d} strokeWidth={width} />
    </g>
  );
  return (
    <Drawing viewBox="0 0 240 100" role="img" aria-label={label}>
      <path
        className="iron"
        d="M 12 46 Q 16 40 40 42 L 200 42 Q 224 40 228 46 Q 222 58 196 60 L 160 62 Q 158 80 168 92 L 72 92 Q 82 80 80 62 L 44 60 Q 18 58 12 46 Z"
      />
      {Array.from({ length: turns }, (_, i) => {
        const x = FIRST_X + (i + 0.5) * apart;
        return rope(`M ${x - LEAN} ${BOTTOM_Y} L ${x + LEAN} ${TOP_Y}`, i);
      })}
    </Drawing>
  );
}
