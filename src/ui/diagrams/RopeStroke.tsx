import { memo } from 'react';

/** A strand with its outline and lay, so that what is drawn later lies over what was drawn before. */
export const RopeStroke = memo(function RopeStroke({
  d,
  w,
  open,
}: {
  d: string;
  w: number;
  open?: boolean;
}) {
  if (open)
    return <path d={d} fill="none" stroke="var(--ink)" strokeWidth={1.6} strokeDasharray="5 3" />;
  // Of a thin rope the lay is finer.
  const k = w < 7 ? w / 8 : 1;
  return (
    <>
      <path d={d} fill="none" stroke="var(--rope-ink)" strokeWidth={w + 2.6 * k} />
      <path d={d} fill="none" stroke="var(--rope)" strokeWidth={w} />
      <path
        d={d}
        fill="none"
        stroke="var(--rope-lit)"
        strokeWidth={w * 0.55}
        strokeDasharray={`${2.6 * k} ${2.9 * k}`}
        strokeDashoffset={-1.4 * k}
      />
      <path
        d={d}
        fill="none"
        stroke="var(--rope-ink)"
        strokeWidth={w}
        strokeDasharray={`${0.9 * k} ${4.6 * k}`}
        opacity={0.6}
      />
    </>
  );
});
