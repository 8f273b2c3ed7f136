import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { NamedForm } from '@/core/knot/catalogue';
import { type FormSpec, readForm } from '@/core/knot/form/form';
import { laidOf } from '@/core/knot/catalogue/by-form';
import type { Body } from '@/core/knot/shape/body';
import {
  frameOf,
  FRAME_STATES,
  type ShippedForm,
  type ShippedLaid,
  shippedStrands,
} from '@/core/knot/shape/frames';
import { ropeInside } from '@/core/knot/shape/measure';
import { framesOf } from '@/core/knot/shape/states';
import { looseOf } from '@/core/knot/shape/tighten';
import { wordIssue } from '@/wording/issues';

const FOLDER = fileURLToPath(new URL('../../public/knot-forms/', import.meta.url));
/** Raised when the physics changes, so that everything is made anew. */
const PHYSICS = 3;

/** Where a form's geometry is kept. */
export const fileOf = (name: string): string => `${FOLDER}${name.replace('/', '--')}.json`;

/** Fingerprint of what the geometry of a form is made from. */
export const sourceOf = (named: NamedForm): string =>
  createHash('sha256')
    .update(
      JSON.stringify([PHYSICS, named.form.spec, ...laidOf(named.form).map((l) => l.laid.spec)]),
    )
    .digest('hex')
    .slice(0, 16);

/** The kept geometry, or null when there is none or the path has changed since. */
export function kept(named: NamedForm): ShippedForm | null {
  if (!existsSync(fileOf(named.name))) return null;
  const shipped = JSON.parse(readFileSync(fileOf(named.name), 'utf8')) as ShippedForm;
  return shipped.source === sourceOf(named) ? shipped : null;
}

/** A path given body. Throws, with the words an author needs, when it is wrong. */
function loosened(name: string, spec: FormSpec): Body {
  const form = readForm(name, spec);
  if (!form.ok) throw new Error(wordIssue(form.issues[0]!));
  return looseOf(form.value);
}

function makeLaid(named: NamedForm): ShippedLaid[] {
  return laidOf(named.form).map(({ step, laid }) => {
    const body = loosened(`${named.name}, step ${step + 1}`, laid.spec);
    return {
      step,
      strands: shippedStrands(body),
      fixtures: body.fixtures,
      frame: frameOf(body, 0),
    };
  });
}

/** Tightens a form and makes its frames. Throws, with the words an author needs, when the path is wrong. */
export function make(named: NamedForm): ShippedForm {
  const loose = loosened(named.name, named.form.spec);
  const laid = makeLaid(named);
  const frames = framesOf(loose, named.form.spec.light);
  const tight = frames.at(-1)!;
  return {
    version: 1,
    source: sourceOf(named),
    strands: shippedStrands(loose),
    fixtures: loose.fixtures,
    ...(named.form.spec.light ? { light: true } : {}),
    frames: frames.map((f, i) => frameOf(f, FRAME_STATES[i]!)),
    ...(laid.length > 0 ? { laid } : {}),
    insideD: tight.strands.map((_, k) => Math.round(ropeInside(tight, k) * 10) / 10),
  };
}
