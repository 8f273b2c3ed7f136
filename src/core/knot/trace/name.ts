import { flipped } from '../topology/diagram';
import { type Known, MOST_CROSSINGS, namedBy, type Naming } from './known';
import { fallsApart, hasPrint, partsOf, printOf } from './print';
import { diagramOfSketch, type Sketch } from './sketch';

/** A tracing held against the form one wanted. */
export type Against =
  | { readonly kind: 'it is' }
  /** Turning any one of these crossings over makes it the form, by number. */
  | { readonly kind: 'crossings'; readonly crossings: readonly number[] }
  /** The form is of other parts than were traced: ropes, poles, rings, loops that hold something. */
  | { readonly kind: 'parts'; readonly traced: string; readonly wanted: string }
  | { readonly kind: 'more' };

/** What a tracing is called, by the prints of the catalogue. */
export function nameOfSketch(known: Known, sketch: Sketch): Naming {
  if (sketch.crossings.length > MOST_CROSSINGS)
    return { kind: 'too many crossings', crossings: sketch.crossings.length };
  const print = printOf(sketch);
  const named = namedBy(known, print);
  if (!fallsApart(sketch)) return named ?? { kind: 'unknown' };
  // Cut at what it holds, a loop that collapses slack looks like nothing at all from a few sides.
  if (named?.kind === 'known') return { kind: 'not sure', names: named.right };
  return { kind: 'falls apart', wrong: named?.kind === 'mistake' ? named.wrong : [] };
}

/** The tracing with one crossing turned over. */
export const withTurned = (sketch: Sketch, crossing: number): Sketch => ({
  ...sketch,
  crossings: flipped(diagramOfSketch(sketch), crossing).crossings,
});

/** Whether a tracing is a form, and if not, which crossings, each by itself turned over, make it so. */
export function against(known: Known, sketch: Sketch, wanted: string): Against {
  const prints = known.find((f) => f.name === wanted)?.prints ?? [];
  if (hasPrint(sketch, prints)) return { kind: 'it is' };
  const [traced, parts] = [partsOf(sketch), prints[0]?.split(' | ')[0] ?? ''];
  if (parts !== '' && traced !== parts) return { kind: 'parts', traced, wanted: parts };
  const crossings = sketch.crossings
    .map((_, i) => i)
    .filter((i) => hasPrint(withTurned(sketch, i), prints));
  return crossings.length > 0 ? { kind: 'crossings', crossings } : { kind: 'more' };
}
