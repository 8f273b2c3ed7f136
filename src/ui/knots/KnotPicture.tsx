import drawings from './drawings.json';

/** Drawn by the bake into one file, so that a list of knots costs the page no geometry. */
const FILE = `/knot-drawings.svg?v=${drawings.version}`;

/** A knot in small, from the shipped drawings. Decorative: its name stands beside it. */
export function KnotPicture({ id }: { id: string }) {
  return <svg viewBox="0 0 100 100" aria-hidden focusable="false"><use href={`${FILE}#${id}`} /></svg>;
}
