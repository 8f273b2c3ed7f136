import { z } from 'zod';
import { PLAN_SORTS, type PlanQuery, type StoredPlan } from '@/db/queries/plans';
import { refuse } from './problem';
import { json } from './route';

/** A stored plan as a response, its version as ETag. */
export function planResponse(plan: StoredPlan, status = 200): Response {
  return json(plan, status, { etag: `"${plan.version}"` });
}

/** The id in the address; anything that is no UUID simply does not exist. */
export function planId(params: Readonly<Record<string, string>>): string {
  const parsed = z.uuid().safeParse(params['id']);
  if (!parsed.success) throw refuse(404, 'not-found', {}, ['id']);
  return parsed.data;
}

/** A version in an address; anything that is none does not exist. */
export function planVersion(params: Readonly<Record<string, string>>): number {
  const text = params['version'] ?? '';
  if (!/^\d{1,9}$/.test(text)) throw refuse(404, 'not-found', {}, ['version']);
  return Number(text);
}

/** The version the client started from. */
export function ifMatch(request: Request): number {
  const version = /^(?:W\/)?"(\d{1,9})"$/.exec(request.headers.get('if-match') ?? '')?.[1];
  if (version === undefined) throw refuse(428, 'version-required', {}, ['If-Match']);
  return Number(version);
}

const cursorSchema = z.tuple([z.string().max(200), z.uuid()]);
const MICROSECONDS = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{1,6}Z$/;

/** What of the list is asked for, out of an address. Markers are opaque to clients. */
export function planQuery(search: URLSearchParams): PlanQuery {
  const sort = PLAN_SORTS.find((s) => s === (search.get('sort') ?? 'changed'));
  if (!sort) throw refuse(422, 'invalid-value', { choices: PLAN_SORTS.join(', ') }, ['sort']);
  const text = (search.get('search') ?? '').replaceAll('\0', '').trim().slice(0, 80);
  const marker = search.get('after');
  return { search: text, sort, after: marker ? readMarker(marker, sort) : null };
}

function readMarker(marker: string, sort: PlanQuery['sort']): readonly [string, string] {
  try {
    const parsed = cursorSchema.parse(JSON.parse(Buffer.from(marker, 'base64url').toString('utf8')));
    if (sort === 'changed' && (!MICROSECONDS.test(parsed[0]) || Number.isNaN(Date.parse(parsed[0])))) throw new Error('not a time');
    if (parsed[0].includes('\0')) throw new Error('not text');
    return parsed;
  } catch {
    throw refuse(422, 'cursor-invalid', {}, ['after']);
  }
}

export const writeMarker = (next: readonly [string, string] | null): string | null =>
  next && Buffer.from(JSON.stringify(next)).toString('base64url');
