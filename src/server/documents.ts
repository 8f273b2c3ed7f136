import { z } from 'zod';
import type { Answered, Endpoint } from './api/endpoint';
import type { Done } from './once';
import { refuse } from './problem';
import { answer } from './route';

/** A stored document as a response, its version as ETag. */
export const documentResponse = <E extends Endpoint>(
  endpoint: E,
  document: Answered<E> & { readonly version: number },
  status = 200,
): Response => answer(endpoint, document, status, { etag: `"${document.version}"` });

/** What is recorded once, as its answer. */
export const recorded = <E extends Endpoint>(
  _: E,
  body: Answered<E>,
  status: number,
  headers: Record<string, string> = {},
): Done => ({ status, body, headers });

/** The same for a document, its version as ETag. */
export const documentAnswer = <E extends Endpoint>(
  endpoint: E,
  document: Answered<E> & { readonly version: number },
  status: number,
): Done => recorded(endpoint, document, status, { etag: `"${document.version}"` });

/** The id in the address; anything that is no UUID simply does not exist. */
export function documentId(params: Readonly<Record<string, string>>): string {
  const parsed = z.uuid().safeParse(params['id']);
  if (!parsed.success) throw refuse(404, 'not-found', {}, ['id']);
  return parsed.data;
}

/** A version in an address; anything that is none does not exist. */
export function documentVersion(params: Readonly<Record<string, string>>): number {
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

/** A day of the calendar, as 2026-11-28. */
export const isDay = (text: string): boolean => z.iso.date().safeParse(text).success;

const cursorSchema = z.tuple([z.string().max(200), z.uuid()]);
const MICROSECONDS = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{1,6}Z$/;

/** A time that there is, after the year 0: 30 February is none, though a clock would carry it over. */
const isTime = (text: string): boolean =>
  MICROSECONDS.test(text) &&
  text > '0001' &&
  isDay(text.slice(0, 10)) &&
  !Number.isNaN(Date.parse(text));

/** What is searched for in a list, out of an address. */
export const searchText = (search: URLSearchParams): string =>
  (search.get('search') ?? '').replaceAll('\0', '').trim().slice(0, 80);

/** The page marker in an address: key and id of the last entry seen. Opaque to clients. `times`: the key must be a time. */
export function readMarker(
  search: URLSearchParams,
  times: boolean,
): readonly [string, string] | null {
  const marker = search.get('after');
  if (!marker) return null;
  try {
    const parsed = cursorSchema.parse(
      JSON.parse(Buffer.from(marker, 'base64url').toString('utf8')),
    );
    if (times && !isTime(parsed[0])) throw new Error('not a time');
    if (parsed[0].includes('\0')) throw new Error('not text');
    return parsed;
  } catch {
    throw refuse(422, 'cursor-invalid', {}, ['after']);
  }
}

/** A page marker for an address. */
export const writeMarker = (next: readonly [string, string] | null): string | null =>
  next && Buffer.from(JSON.stringify(next)).toString('base64url');
