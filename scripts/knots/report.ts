import { readFileSync } from 'node:fs';
import type { allForms, NamedForm } from '@/core/knot/catalogue';
import { readForm } from '@/core/knot/form/form';
import { checkShape } from '@/core/knot/shape/check';
import { laidOf } from '@/core/knot/catalogue/by-form';
import { bodyOfFrame, bodyOfStep, type ShippedForm } from '@/core/knot/shape/frames';
import { SHAPE_LIMITS } from '@/core/knot/shape/limits';
import { polynomialsOf } from '@/core/knot/topology/invariants';
import { unnoticedFlips } from '@/core/knot/topology/flip';
import { type Proved, proofOf, provedOrWrong } from '@/core/knot/topology/proof';
import { wordIssue } from '@/wording/issues';
import { fileOf, kept } from './forms';

const CLOSURES = `How a form is closed, so that ropes with ends can be judged as closed curves:

| closure | what is joined |
|---|---|
| ends | each rope's end to its own start, behind everything; a pole's ends behind the rope's |
| behind | the same, with the pole's closing line behind and the rope's before it |
| bend | standing parts to each other, tails to each other |
| cut n | the rope is cut at its nth bight and each part closed by itself: what is tied in the bight is invisible otherwise |
| cut all | cut at all bights together |

Components are named in order, ropes first, then pole or ring. Names are those of the tables of knots; both mirror images of a
knot carry one name. Linking numbers are written without sign, because a knot tied left-handed has the other sign.`;

/** Everything proved of every form, as a page. */
export function reportOf(all: ReturnType<typeof allForms>, parts: readonly Part[]): string {
  const crossings = parts.reduce((n, p) => n + p.crossings, 0);
  const noticed = parts.reduce((n, p) => n + p.noticed, 0);
  return [
    '# Knots: what was proved',
    '',
    `Made by \`npm run knots:bake\`. ${all.length} forms, ${all.filter((f) => f.wrong).length} of them wrong ones that people tie by mistake.`,
    '',
    CLOSURES,
    '',
    '## Topology: expected and obtained',
    '',
    '| form | closure | expected | obtained | holds |',
    '|---|---|---|---|---|',
    ...parts.flatMap((p) => p.claims),
    '',
    '## Crossings turned over',
    '',
    `Every crossing of every form is turned over by itself (both its marks) and must be noticed by the invariants. ${noticed} of ${crossings} are. The others leave the form what it is:`,
    '',
    '| form | crossings | reason |',
    '|---|---|---|',
    ...parts.flatMap((p) => p.idle),
    '',
    '## Polynomials',
    '',
    'Of every rope that closes to one curve by itself, ends joined: Alexander from the lowest power on, Jones in t.',
    '',
    '| form | Alexander | Jones |',
    '|---|---|---|',
    ...parts.flatMap((p) => p.polynomials),
    '',
    '## Geometry',
    '',
    `Five states from loose to drawn up. In every one the invariants of the projection are those of the authored path. Limits: overlap ${SHAPE_LIMITS.overlapD * 100} % of the diameter, turn from node to node ${SHAPE_LIMITS.turnRad} rad, ${SHAPE_LIMITS.bytes / 1000} kB.`,
    '',
    '| form | nodes | invariants | worst overlap | sharpest turn | rope inside | size |',
    '|---|--:|---|--:|--:|--:|--:|',
    ...parts.map((p) => p.geometry),
    '',
  ].join('\n');
}

/** Rows of the report on one form, and what does not hold of it. */
export interface Part {
  readonly faults: readonly string[];
  readonly claims: string[];
  readonly polynomials: string[];
  readonly idle: string[];
  readonly geometry: string;
  readonly crossings: number;
  readonly noticed: number;
}

/** Proves a form with all it claims; its geometry must be there. */
export function partOf(named: NamedForm): Part {
  const { name, form } = named;
  const faults: string[] = [];
  const proof = proofOf(name, form.spec, form.claims);
  if (!proof.ok) {
    faults.push(wordIssue(proof.issues[0]!));
    return {
      faults,
      claims: [],
      polynomials: [],
      idle: [],
      geometry: `| ${name} | | path is wrong | | | | |`,
      crossings: 0,
      noticed: 0,
    };
  }
  const laid = laidClaims(named, faults);
  const demanded = provedOrWrong(name, form.spec, form.claims);
  if (!demanded.ok) faults.push(wordIssue(demanded.issues[0]!));
  const unnoticed = unnoticedFlips(proof.value.form);
  const allowed = 'idleCrossings' in form ? form.idleCrossings : undefined;
  if (unnoticed.length !== (allowed?.count ?? 0))
    faults.push(`${name}: ${unnoticed.length} crossings can be turned over unnoticed`);
  const crossings = proof.value.form.diagram.crossings.length;
  const known = polynomialsOf(proof.value.views[0]!);
  // Before the faults are read: it adds to them.
  const geometry = geometryRow(named, faults);
  return {
    faults,
    claims: [...proof.value.results.map((r) => claimRow(named, r)), ...laid],
    polynomials:
      known && known.alexander.length > 1
        ? [`| ${name} | ${known.alexander.join(' ')} | ${known.jones} |`]
        : [],
    idle: allowed ? [`| ${name} | ${allowed.count} | ${allowed.because} |`] : [],
    geometry,
    crossings,
    noticed: crossings - unnoticed.length,
  };
}

/** Rows of what steps show that is no part of the finished form; what does not hold, or has no good shape, is added to the faults. */
function laidClaims(named: NamedForm, faults: string[]): string[] {
  return laidOf(named.form).flatMap(({ step, laid }) => {
    const name = `${named.name}, step ${step + 1}`;
    const proof = provedOrWrong(name, laid.spec, laid.claims);
    if (!proof.ok) {
      faults.push(wordIssue(proof.issues[0]!));
      return [];
    }
    const check = checkShape(proof.value.form, bodyOfStep(kept(named)!, step, false));
    if (!check.holds)
      faults.push(
        `${name}: geometry, invariants ${check.sameInvariants ? 'kept' : 'changed'}, overlap ${(check.overlapD * 100).toFixed(1)} %, turn ${check.turnRad.toFixed(2)} rad`,
      );
    return proof.value.results.map((r) => claimRow({ ...named, name }, r));
  });
}

function claimRow({ name, form }: NamedForm, r: Proved): string {
  const geometry =
    'toldBy' in form && form.toldBy === 'geometry'
      ? ' (told from the right form by how it lies)'
      : '';
  const because = r.claim.because ? ` (${r.claim.because})` : '';
  return `| ${name} | ${r.claim.closure} | ${r.expected}${because}${geometry} | ${r.obtained} | ${r.holds ? 'yes' : '**no**'} |`;
}

function geometryRow(named: NamedForm, faults: string[]): string {
  const text = readFileSync(fileOf(named.name), 'utf8');
  const shipped = JSON.parse(text) as ShippedForm;
  const form = readForm(named.name, named.form.spec);
  if (!form.ok) return '';
  const checks = shipped.frames.map((f) => checkShape(form.value, bodyOfFrame(shipped, f)));
  const [overlap, turn] = [
    Math.max(...checks.map((c) => c.overlapD)),
    Math.max(...checks.map((c) => c.turnRad)),
  ];
  const same = checks.every((c) => c.sameInvariants);
  if (!checks.every((c) => c.holds))
    faults.push(
      `${named.name}: geometry, invariants ${same ? 'kept' : 'changed'}, overlap ${(overlap * 100).toFixed(1)} %, turn ${turn.toFixed(2)} rad`,
    );
  if (text.length > SHAPE_LIMITS.bytes) faults.push(`${named.name}: ${text.length} bytes`);
  const nodes = shipped.strands.map((s) => s.u.length).join(' + ');
  return `| ${named.name} | ${nodes} | ${same ? 'same' : '**changed**'} | ${(overlap * 100).toFixed(1)} % | ${turn.toFixed(2)} rad | ${shipped.insideD.map((d) => `${d.toFixed(1)} d`).join(', ')} | ${(text.length / 1000).toFixed(1)} kB |`;
}
