import type { CSSProperties, ReactNode } from 'react';

// No sheet of the page's own: where this is shown the rest may be broken, and a style that cannot be put in would break it again.
const PAGE: CSSProperties = { padding: 32, display: 'grid', gap: 12, justifyItems: 'start', maxWidth: 640 };
const CORD: CSSProperties = { width: 160, height: 9, background: 'repeating-linear-gradient(115deg,var(--rope) 0 7px,var(--rope-ink) 7px 9px)' };

/** A page that has nothing else to show: what happened, and the way on. */
export function Notice({ title, children }: { title: string; children?: ReactNode }) {
  return <div role="status" style={PAGE}><i aria-hidden style={CORD} /><h1>{title}</h1>{children}</div>;
}
