import { parseCookie } from 'cookie';
import { Readable } from 'node:stream';
import type { z } from 'zod';
import { issuesOf } from '@/core/exchange/issues';
import { nearest } from '@/core/exchange/known-keys';
import type { Issue } from '@/core/result';
import { isAway } from '@/db/away';
import { ConflictError, NotFoundError, pool } from '@/db/pool';
import { UnreadableError } from '@/db/unreadable';
import type { Member } from '@/db/queries/members';
import type { Answered, Endpoint } from './api/endpoint';
import { ADDRESS_HEADER, REQUEST_ID_HEADER, SECURE_HEADER } from './front/headers';
import { limitRequests } from './limiter';
import { log } from './log';
import { type Action, may, scopesAllow } from './permissions';
import { databaseAway, problemResponse, Refusal, refuse } from './problem';
import { isStorable } from './storable';
import {
  DEVICE_COOKIE,
  memberOfProgram,
  memberOfToken,
  rotate,
  SESSION_COOKIE,
  sessionCookie,
} from './session';

/** Largest body of a route that says nothing else. */
const MOST_BODY_BYTES = 1_000_000;

/** What a handler is given. `member` is there exactly when the endpoint asks for a session. */
export interface Call<E extends Endpoint> {
  readonly request: Request;
  readonly params: Readonly<Record<string, string>>;
  readonly body: E['body'] extends z.ZodType ? z.infer<E['body']> : undefined;
  readonly member: E['action'] extends null ? null : Member;
  readonly who: string;
  /** The session token that came with the request, if any. */
  readonly token: string | undefined;
  /** The token of the device, if somebody signed in on it before. */
  readonly device: string | undefined;
  readonly now: Date;
  readonly secure: boolean;
}

type Handler<E extends Endpoint> = (call: Call<E>) => Promise<Response>;
type NextContext = { params: Promise<Record<string, string>> };

/**
 * A request that changes something must come from our own pages (or from a program, which sends no Origin). Ours are
 * those at the address that was asked, and those at `PUBLIC_URL`: a proxy may write another address in its place.
 */
function checkOrigin(request: Request): void {
  const origin = request.headers.get('origin');
  if (request.method === 'GET' || origin === null) return;
  if (!URL.canParse(origin)) throw refuse(403, 'wrong-origin');
  const { host } = new URL(origin);
  const ours = process.env['PUBLIC_URL'];
  if (ours && URL.canParse(ours) && new URL(ours).origin === new URL(origin).origin) return;
  if (host !== request.headers.get('host')) throw refuse(403, 'wrong-origin');
}

/** Reads at most the allowed bytes, so that an endless body cannot fill memory. */
async function readBody(request: Request, most: number): Promise<string> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += chunk.byteLength;
    if (size > most) throw refuse(413, 'body-too-large', { most });
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString('utf8');
}

async function parseBody(
  request: Request,
  { body: schema, mostBytes, upgrade }: Endpoint,
): Promise<unknown> {
  if (schema === null) return undefined;
  const text = await readBody(request, mostBytes ?? MOST_BODY_BYTES);
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw refuse(400, 'body-not-json');
  }
  if (!isStorable(json)) throw refuse(422, 'text-not-storable');
  const upgraded = upgrade?.apply(json) ?? { ok: true, value: json };
  if (!upgraded.ok) throw new Refusal(422, upgraded.issues);
  const parsed = schema.safeParse(upgraded.value);
  if (parsed.success) return parsed.data;
  const issues = issuesOf(parsed.error, schema);
  throw new Refusal(
    422,
    upgrade ? issues.map((i) => ({ ...i, path: upgrade.placeAsSent(i.path, json) })) : issues,
  );
}

/** What stands behind the question mark must be known, once each: a filter that is misspelt would show everything. */
function checkQuery(request: Request, { query: known = [] }: Endpoint): void {
  const asked = [...new URL(request.url).searchParams.keys()];
  const issues = [...new Set(asked)].flatMap((key): Issue[] => {
    const values = { key: key.slice(0, 60), nearest: nearest(key, known) };
    if (!known.includes(key))
      return [{ code: 'unknown-key', path: ['?', key.slice(0, 60)], values }];
    const twice = asked.indexOf(key) !== asked.lastIndexOf(key);
    return twice ? [{ code: 'said-twice', path: ['?', key], values }] : [];
  });
  if (issues.length > 0) throw new Refusal(422, issues.slice(0, 20));
}

/** Expected failures become problems; anything else is our fault and says no more than that. */
function toResponse(error: unknown, id: string | null): Response {
  if (error instanceof Refusal) return problemResponse(error);
  if (error instanceof NotFoundError) return problemResponse(refuse(404, 'not-found'));
  if (error instanceof ConflictError)
    return problemResponse(
      new Refusal(409, [{ code: 'version-conflict', path: [], values: {} }], {
        current: error.current,
      }),
    );
  if (error instanceof UnreadableError)
    return problemResponse(new Refusal(422, error.issues, { reason: error.why.reason }));
  if (isAway(error)) return problemResponse(databaseAway());
  log.error({ id, err: error }, 'request broke');
  return problemResponse(refuse(500, 'internal'));
}

/** The member in whose name a program asks. A token that is none is not made up for by a cookie beside it. */
async function byProgram(action: Action, authorization: string, who: string): Promise<Member> {
  const found = await memberOfProgram(pool(), authorization);
  await (found ? limitRequests('member', found.member.id) : limitRequests('address', who));
  if (!found) throw refuse(401, 'token-unknown');
  if (!scopesAllow(found.scopes, action))
    throw refuse(403, 'token-not-for-this', { scopes: found.scopes.join(', ') });
  if (!may(found.member.role, action))
    throw refuse(403, 'not-permitted', { role: found.member.role });
  return found.member;
}

/** Members are counted one by one, strangers by address: nobody is shut out by what others ask. */
async function authorise(
  endpoint: Endpoint,
  token: string | undefined,
  who: string,
  now: Date,
  authorization: string | null,
): Promise<{ member: Member | null; rotate: boolean }> {
  if (endpoint.action === null) {
    await limitRequests('address', who);
    return { member: null, rotate: false };
  }
  if (authorization !== null)
    return { member: await byProgram(endpoint.action, authorization, who), rotate: false };
  const found = await memberOfToken(pool(), token, now);
  await (found ? limitRequests('member', found.member.id) : limitRequests('address', who));
  if (!found) throw refuse(401, 'sign-in-needed');
  if (!may(found.member.role, endpoint.action))
    throw refuse(403, 'not-permitted', { role: found.member.role });
  return found;
}

/** Makes a route handler of an endpoint: origin, limiter, session, permission, body, then the work. */
export function route<E extends Endpoint>(
  endpoint: E,
  handler: Handler<E>,
): (request: Request, context: NextContext) => Promise<Response> {
  return async (request, context) => {
    const now = new Date();
    const secure = request.headers.get(SECURE_HEADER) === 'yes';
    const cookies = parseCookie(request.headers.get('cookie') ?? '');
    const token = cookies[SESSION_COOKIE] || undefined;
    const device = cookies[DEVICE_COOKIE]?.slice(0, 100) || undefined;
    const who = request.headers.get(ADDRESS_HEADER) ?? 'local';
    try {
      checkOrigin(request);
      const session = await authorise(
        endpoint,
        token,
        who,
        now,
        request.headers.get('authorization'),
      );
      checkQuery(request, endpoint);
      const body = await parseBody(request, endpoint);
      const response = await handler({
        request,
        params: await context.params,
        body,
        member: session.member,
        who,
        token,
        device,
        now,
        secure,
      } as Call<E>);
      const fresh = session.rotate && token ? await rotate(pool(), token, now) : null;
      if (fresh) response.headers.append('set-cookie', sessionCookie(fresh, secure));
      return response;
    } catch (error) {
      return toResponse(error, request.headers.get(REQUEST_ID_HEADER));
    }
  };
}

/** Makes a handler of an endpoint that says how the program does: nobody is counted or asked who they are. */
export function open(
  endpoint: Endpoint,
  handler: () => Promise<Response>,
): (request: Request) => Promise<Response> {
  return async (request) => {
    try {
      checkQuery(request, endpoint);
      return await handler();
    } catch (error) {
      return toResponse(error, request.headers.get(REQUEST_ID_HEADER));
    }
  };
}

/** A response that sets cookies. */
export function withCookies(response: Response, cookies: readonly string[]): Response {
  for (const cookie of cookies) response.headers.append('set-cookie', cookie);
  return response;
}

/** What an endpoint answers, in the shape it says. */
export const answer = <E extends Endpoint>(
  _: E,
  value: Answered<E>,
  status = 200,
  headers: Record<string, string> = {},
): Response => json(value, status, headers);

/** A JSON response that no cache keeps. */
export function json(body: unknown, status = 200, headers: Record<string, string> = {}): Response {
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store', ...headers },
  });
}

async function* utf8(texts: AsyncIterable<string>): AsyncGenerator<Buffer> {
  for await (const text of texts) yield Buffer.from(text);
}

function bodyOf(content: string | Buffer | AsyncIterable<string>): BodyInit {
  if (typeof content === 'string') return content;
  if (Buffer.isBuffer(content)) return new Uint8Array(content);
  return Readable.toWeb(Readable.from(utf8(content), { objectMode: false })) as ReadableStream;
}

/** A file that the browser keeps under a name; what is long is sent while it is made. */
export function fileResponse(
  content: string | Buffer | AsyncIterable<string>,
  type: string,
  name: string,
): Response {
  return new Response(bodyOf(content), {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}
