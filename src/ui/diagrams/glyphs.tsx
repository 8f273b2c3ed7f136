'use client';
import type { ReactNode } from 'react';
import type { PlacePart } from '@/core/line/place';
import { knot, type KnotId } from '@/core/knot/knots';
import { RopeStroke as Strand } from './RopeStroke';
import { Ratchet, Binder, Fitting, Block } from './hardwareGlyphs';
import { type GlyphProps, Through } from './glyphParts';

const Ring = ({ x, unknown }: { x: number; unknown: boolean }) =>
  unknown ? (
    <circle
      cx={x}
      cy={32}
      r={15}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={2}
      strokeDasharray="4 3"
    />
  ) : (
    <>
      <circle cx={x} cy={32} r={15} fill="none" stroke="var(--steel-ink)" strokeWidth={9} />
      <circle cx={x} cy={32} r={15} fill="none" stroke="var(--steel)" strokeWidth={6} />
      <path
        d={`M${x - 10} 21A15 15 0 0 1 ${x + 6} 18`}
        fill="none"
        stroke="var(--steel-lit)"
        strokeWidth={2}
      />
    </>
  );

function AnchorGlyph({ run, widthPx: w, paired, unknown }: GlyphProps) {
  if (run !== 'rope')
    return (
      <>
        <Through run={run} w={w} unknown={false} from={40} />
        <Ring x={28} unknown={unknown} />
      </>
    );
  return (
    <>
      {paired ? <Strand d="M80 40H52C38 40 34 32 34 30" w={w} /> : null}
      <Ring x={28} unknown={unknown} />
      <Strand d={paired ? 'M80 24H56C44 24 36 24 34 33' : 'M80 32H50C42 32 38 30 36 26'} w={w} />
    </>
  );
}

const WRAPPED: readonly KnotId[] = [
  'clove-hitch',
  'round-turn-two-half-hitches',
  'two-half-hitches',
  'fishermans-bend',
  'timber-hitch',
  'taut-line-hitch',
  'rolling-hitch',
  'cow-hitch',
  'wrap-hitch',
];

/** Two strands from the eye's side run into one. */
const IntoOne = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M0 40C18 40 26 36 40 33" w={w} />
    <Strand d="M0 24C18 24 26 30 40 32H80" w={w} />
  </>
);

function KnotGlyph({ widthPx: w, knot: id }: GlyphProps) {
  if (id && knot(id).splice) {
    return (
      <>
        <Strand d="M0 24C16 24 24 32 36 32H80" w={w} />
        <Strand d="M0 40C16 40 24 34 40 33H58" w={w * 0.8} />
        <path d="M34 26 40 38M42 26 48 38M50 26 56 38" stroke="var(--rope-ink)" strokeWidth={2} />
      </>
    );
  }
  if (id && WRAPPED.includes(id)) {
    return (
      <>
        <Strand d="M30 44C26 58 38 60 44 56" w={w * 0.9} />
        <Strand d="M0 40C14 40 22 38 32 34" w={w} />
        <Strand d="M0 24C14 24 22 32 34 32H80" w={w} />
        <Strand d="M33 20C28 30 30 40 34 46" w={w} />
        <Strand d="M46 20C41 30 43 40 47 46" w={w} />
      </>
    );
  }
  return (
    <>
      <Strand d="M0 40C18 42 28 40 40 30C46 24 52 22 56 28" w={w} />
      <Strand d="M56 28C60 38 48 46 38 44" w={w} />
      <Strand d="M0 24C18 22 28 26 42 33H80" w={w} />
      <Strand d="M40 18C32 24 34 42 44 46C54 48 56 38 52 33" w={w} />
      <Strand d="M44 46C46 54 42 58 36 58" w={w * 0.9} />
    </>
  );
}

const BendGlyph = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M0 28H42C54 28 54 44 42 44H26" w={w} />
    <Strand d="M80 36H38C26 36 26 20 38 20H54" w={w} />
    <Strand d="M14 28H34" w={w} />
  </>
);

function EdgeGlyph(p: GlyphProps) {
  return (
    <>
      <path
        d={
          p.shape === 'sharp' ? 'M24 38H56V64H24z' : 'M24 44a6 6 0 0 1 6-6H50a6 6 0 0 1 6 6V64H24z'
        }
        fill="var(--cargo)"
        stroke="var(--cargo-ink)"
        strokeWidth={1.5}
      />
      <Through run={p.run} w={p.widthPx} unknown={false} />
      {p.shape === 'protected' ? (
        <path
          d="M20 52V44a6 6 0 0 1 6-6H54a6 6 0 0 1 6 6V52"
          fill="none"
          stroke="var(--plate)"
          strokeWidth={5}
        />
      ) : null}
      {p.shape === 'sharp' ? (
        <path d="M40 44v12M40 59v2" stroke="var(--signal)" strokeWidth={3.5} />
      ) : null}
    </>
  );
}

const MidLoop = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M34 36C22 60 58 60 46 36" w={w} />
    <Strand d="M0 32H28C40 32 42 24 36 20" w={w} />
    <Strand d="M80 32H52C40 32 38 24 44 20" w={w} />
    <Strand d="M30 30C34 42 46 42 50 30" w={w} />
  </>
);

const LoopKnot = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M80 40H54C44 40 40 36 36 30" w={w} />
    <Strand d="M0 32H26C40 32 46 24 80 24" w={w} />
    <Strand d="M36 18C26 24 26 42 38 46C50 48 48 32 40 26" w={w} />
  </>
);

const LoopTurn = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M0 40H28C40 40 44 32 36 26" w={w} />
    <Strand d="M80 40H44C30 40 28 30 38 28" w={w} />
    <Strand d="M0 24H80" w={w} />
  </>
);

const Pair = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M0 24H80" w={w} />
    <Strand d="M0 40H80" w={w} />
  </>
);

const LoopStrands = ({ widthPx: w }: GlyphProps) => (
  <>
    <Strand d="M80 40C62 40 54 36 40 33" w={w} />
    <Strand d="M0 32H40C54 32 62 24 80 24" w={w} />
  </>
);

const LockStrands = (p: GlyphProps) =>
  p.paired ? <Pair {...p} /> : <Strand d="M0 32H80" w={p.widthPx} />;

const LockGlyph = (p: GlyphProps) =>
  p.paired ? (
    <>
      <Pair {...p} />
      <Strand d="M32 16C26 26 28 42 33 48" w={p.widthPx} />
      <Strand d="M46 16C40 26 42 42 47 48" w={p.widthPx} />
      <Strand d="M33 48C34 56 30 60 24 60" w={p.widthPx * 0.9} />
    </>
  ) : (
    <>
      <Strand d="M0 32H80" w={p.widthPx} />
      <Strand d="M32 22C27 30 29 38 33 44" w={p.widthPx} />
      <Strand d="M46 22C41 30 43 38 47 44" w={p.widthPx} />
    </>
  );

const Strands = (p: GlyphProps) => (
  <>
    <Through run={p.run} w={p.widthPx} unknown={false} y={18} />
    <Through run={p.run} w={p.widthPx} unknown={false} y={32} />
    <Through run={p.run} w={p.widthPx} unknown={false} y={46} />
  </>
);

const Straight = (p: GlyphProps) => <Through run={p.run} w={p.widthPx} unknown={p.unknown} />;

const GLYPHS: Record<PlacePart, (p: GlyphProps) => ReactNode> = {
  anchor: AnchorGlyph,
  knot: KnotGlyph,
  rope: Straight,
  webbing: Straight,
  wire: Straight,
  chain: Straight,
  bend: BendGlyph,
  edge: EdgeGlyph,
  loop: MidLoop,
  'loop-knot': LoopKnot,
  'loop-turn': LoopTurn,
  'anchor-turn': Pair,
  lock: LockGlyph,
  ratchet: Ratchet,
  binder: Binder,
  fitting: Fitting,
  hook: Fitting,
  'tackle-block': Block,
  'tackle-rope': Strands,
};

/** What leads to a knot that is drawn over its glyph. */
const STRANDS: Partial<Record<PlacePart, (p: GlyphProps) => ReactNode>> = {
  knot: IntoOne,
  bend: Straight,
  loop: Straight,
  'loop-knot': LoopStrands,
  lock: LockStrands,
};

/** One element drawn on the rope. Decorative: its name and figures stand beside it as text. */
export function Glyph(props: GlyphProps) {
  const Draw = (props.strandsOnly ? STRANDS[props.part] : undefined) ?? GLYPHS[props.part];
  return (
    <svg viewBox="0 0 80 64" preserveAspectRatio="none" aria-hidden focusable="false">
      <g transform={props.mirrored ? 'matrix(-1 0 0 1 80 0)' : undefined}>
        <Draw {...props} />
      </g>
    </svg>
  );
}
