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
  return (
    <>
      <path d={d} fill="none" stroke="var(--rope-ink)" strokeWidth={w + 2.6} />
      <path d={d} fill="none" stroke="var(--rope)" strokeWidth={w} />
      <path
        d={d}
        fill="none"
        stroke="var(--rope-lit)"
        strokeWidth={w * 0.55}
        strokeDasharray="2.6 2.9"
        strokeDashoffset={-1.4}
      />
      <path
        d={d}
        fill="none"
        stroke="var(--rope-ink)"
        strokeWidth={w}
        strokeDasharray="0.9 4.6"
        opacity={0.6}
      />
    </>
  );
});
