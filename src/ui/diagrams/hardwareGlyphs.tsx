import { type GlyphProps, Through } from './glyphParts';

export const Ratchet = (p: GlyphProps) => (
  <>
    <Through run={p.run} w={p.widthPx} unknown={false} />
    <rect
      x={22}
      y={22}
      width={36}
      height={20}
      fill="var(--steel)"
      stroke="var(--steel-ink)"
      strokeWidth={2}
    />
    <path d="M46 22 66 8" stroke="var(--steel-ink)" strokeWidth={6} />
    <circle
      cx={40}
      cy={32}
      r={6}
      fill="var(--steel-lit)"
      stroke="var(--steel-ink)"
      strokeWidth={2}
    />
  </>
);

export const Binder = (p: GlyphProps) => (
  <>
    <Through run={p.run} w={p.widthPx} unknown={false} to={26} />
    <Through run={p.run} w={p.widthPx} unknown={false} from={56} />
    <path d="M24 32H58" stroke="var(--steel-ink)" strokeWidth={8} />
    <path d="M36 32 62 16" stroke="var(--steel-ink)" strokeWidth={6} />
    <circle
      cx={36}
      cy={32}
      r={5}
      fill="var(--steel-lit)"
      stroke="var(--steel-ink)"
      strokeWidth={2}
    />
  </>
);

export const Fitting = (p: GlyphProps) => (
  <>
    <Through run={p.run} w={p.widthPx} unknown={false} to={26} />
    <Through run={p.run} w={p.widthPx} unknown={false} from={54} />
    <rect
      x={22}
      y={23}
      width={36}
      height={18}
      rx={9}
      fill="none"
      stroke="var(--steel-ink)"
      strokeWidth={8}
    />
    <rect
      x={22}
      y={23}
      width={36}
      height={18}
      rx={9}
      fill="none"
      stroke="var(--steel)"
      strokeWidth={5}
    />
  </>
);

export const Block = (p: GlyphProps) => (
  <>
    <Through run={p.run} w={p.widthPx} unknown={false} y={22} />
    <Through run={p.run} w={p.widthPx} unknown={false} y={42} />
    <circle
      cx={40}
      cy={32}
      r={14}
      fill="var(--steel)"
      stroke="var(--steel-ink)"
      strokeWidth={2.5}
    />
    <circle cx={40} cy={32} r={4} fill="var(--steel-ink)" />
  </>
);
