import type { Stage } from '@/core/knot/knots';
import drawings from './drawings.json';

/** Drawn by the bake into one file, so that a list of knots costs the page no geometry. */
const FILE = `/knot-drawings.svg?v=${drawings.version}`;

/** Forms that are told apart, in a file of their own. */
const FORMS = `/knot-look-alikes.svg?v=${drawings.version}`;

/** A knot in small, from the shipped drawings. Decorative: its name stands beside it. */
export function KnotPicture({ id }: { id: string }) {
  return (
    <svg viewBox="0 0 100 100" aria-hidden focusable="false">
      <use href={`${FILE}#${id}`} />
    </svg>
  );
}

/** A taught knot as it stands on a line, its standing part to the right. */
export function LineKnot({ stage, className }: { stage: Stage; className?: string }) {
  return (
    <svg viewBox="0 0 100 100" className={className} aria-hidden focusable="false">
      <use href={`${FILE}#line-${stage.entry}--${stage.form}`} />
    </svg>
  );
}

/** A right or wrong form of the look-alikes by its full name, loose, so that its crossings show. Decorative: words stand beside it. */
export function FormPicture({ name }: { name: string }) {
  return (
    <svg viewBox="0 0 100 100" aria-hidden focusable="false">
      <use href={`${FORMS}#${name.replace('/', '--')}`} />
    </svg>
  );
}
