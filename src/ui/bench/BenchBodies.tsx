import { memo } from 'react';
import { RopeStroke } from '../diagrams/RopeStroke';
import { type DrawnBody, type DrawnPass, KNOT_ABOVE } from './drawing';
import { CANVAS } from './lanes';

const Sheave = ({ p }: { p: DrawnPass }) => (
  <>
    <circle
      cx={p.x}
      cy={p.y}
      r={p.radius - 3}
      fill="var(--steel)"
      stroke="var(--steel-ink)"
      strokeWidth={2}
    />
    <circle cx={p.x} cy={p.y} r={4} fill="var(--steel-ink)" />
  </>
);

/** A ring whose near rim the rope goes round: under the top of an anchor's, over the bottom of a hanging one. */
function Ring({ p, steel = true }: { p: DrawnPass; steel?: boolean }) {
  const cy = p.y + (p.over ? -1 : 1) * 22;
  return (
    <>
      <circle
        cx={p.x}
        cy={cy}
        r={24}
        fill="none"
        stroke={steel ? 'var(--steel-ink)' : 'var(--rope-ink)'}
        strokeWidth={12}
      />
      <circle
        cx={p.x}
        cy={cy}
        r={24}
        fill="none"
        stroke={steel ? 'var(--steel)' : 'var(--rope)'}
        strokeWidth={8.5}
      />
      {steel ? (
        <path
          d={`M${p.x - 17} ${cy - 15}A23 23 0 0 1 ${p.x + 12} ${cy - 19}`}
          fill="none"
          stroke="var(--steel-lit)"
          strokeWidth={2.4}
        />
      ) : null}
    </>
  );
}

const Post = ({ p }: { p: DrawnPass }) => (
  <circle
    cx={p.x}
    cy={p.y}
    r={p.radius - 2}
    fill="var(--cargo)"
    stroke="var(--cargo-ink)"
    strokeWidth={2.4}
  />
);

const Turned = ({ p }: { p: DrawnPass }) =>
  p.round?.includes('pulley') ? (
    <Sheave p={p} />
  ) : p.round === 'post' ? (
    <Post p={p} />
  ) : (
    <Ring p={p} />
  );

/** A loop knot: three wraps and an eye that hangs below them. */
function LoopKnot({ body, w }: { body: DrawnBody; w: number }) {
  const { x, y } = body;
  const top = y - KNOT_ABOVE;
  const pass = body.passes[0];
  const wide = Math.max(30, body.halfWidth + 16);
  const eye = `M${x - 7} ${top + 6}C${x - wide} ${top + 20} ${x - wide} ${y + 17} ${x} ${y + 17}C${x + wide} ${y + 17} ${x + wide} ${top + 20} ${x + 7} ${top + 6}`;
  return (
    <>
      <RopeStroke d={eye} w={w} />
      {pass && pass.round !== 'rope-loop' ? (
        <Turned
          p={{ ...pass, y: pass.y + (pass.round === 'ring' ? 22 : 0), over: pass.round === 'ring' }}
        />
      ) : null}
      {[10, 0, -10].map((dy) => (
        <RopeStroke
          key={dy}
          d={`M${x - 15} ${top + dy + 4}C${x - 6} ${top + dy + 10} ${x + 8} ${top + dy - 2} ${x + 15} ${top + dy - 4}`}
          w={w * 0.95}
        />
      ))}
    </>
  );
}

function Plate({ body }: { body: DrawnBody }) {
  const { x, y, halfWidth, kind } = body;
  const half = Math.max(26, halfWidth + 10);
  const low = kind === 'anchor' ? 34 : 0;
  return (
    <>
      <rect
        x={x - half}
        y={y - 13 + low * 0.4}
        width={2 * half}
        height={26}
        fill="var(--steel-lit)"
        stroke="var(--steel-ink)"
        strokeWidth={2}
      />
      {kind === 'load' ? <RopeStroke d={`M${x} ${y - 13}V-4`} w={13} /> : null}
    </>
  );
}

/** The ground an anchor stands on. */
export const Ground = () => (
  <>
    <path
      d={`M60 ${CANVAS.height - 38}H${CANVAS.width - 60}`}
      stroke="var(--ink)"
      strokeWidth={2.5}
    />
    {Array.from({ length: 15 }, (_, i) => (
      <path
        key={i}
        d={`M${70 + i * 19} ${CANVAS.height - 37}l-10 12`}
        stroke="var(--edge)"
        strokeWidth={1.5}
      />
    ))}
  </>
);

function AnchorFoot({ body }: { body: DrawnBody }) {
  return (
    <path
      d={`M${body.x - 16} ${CANVAS.height - 38}V${body.y + 20}H${body.x + 16}V${CANVAS.height - 38}`}
      fill="none"
      stroke="var(--steel-ink)"
      strokeWidth={7}
    />
  );
}

export const Body = memo(function Body({ body, w }: { body: DrawnBody; w: number }) {
  if (body.knotted) return <LoopKnot body={body} w={w} />;
  const plate =
    body.kind !== 'anchor' || body.passes.length !== 1 || body.passes[0]?.round?.includes('pulley');
  // A load that is only tied to needs no plate: the line itself goes up.
  if (body.kind === 'load' && body.passes.length === 0 && body.halfWidth === 0) return null;
  return (
    <>
      {body.kind === 'anchor' ? <AnchorFoot body={body} /> : null}
      {plate ? <Plate body={body} /> : null}
      {body.passes.map((p, i) => (
        <Turned key={i} p={p} />
      ))}
    </>
  );
});
