import { addressOf, type AnswerOf, type Asked, type AskOf, type JsonRoute } from './routes';
import type { StoredDocument } from '@/db/queries/documents';
import type { StoredPlan } from '@/db/queries/plans';
import type { StoredRigging } from '@/db/queries/riggings';

export type { StoredDocument, StoredPlan, StoredRigging };

/** The one way to the server. Failure is data: status, issues with their wording, and (on conflict) the version saved first. */
export interface Problem {
  readonly status: number;
  readonly issues: readonly {
    readonly code: string;
    readonly values?: Readonly<Record<string, string | number | boolean | null>>;
    readonly path: readonly (string | number)[];
    readonly message: string;
  }[];
  readonly current?: StoredDocument<unknown>;
}

export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

/** Our own server's refusals have this shape; anything else (a proxy's page, say) does not. A schema here would cost every page its library. */
function isProblem(json: unknown): json is Problem {
  const { status, issues } = (json ?? {}) as { status?: unknown; issues?: unknown };
  return (
    typeof status === 'number' &&
    Array.isArray(issues) &&
    issues.every((i: { message?: unknown } | null) => typeof i?.message === 'string')
  );
}

const OFFLINE: Problem = {
  status: 0,
  issues: [
    {
      code: 'offline',
      path: [],
      message:
        'No answer from the server. Whether it arrived is not known: look again before you send it once more.',
    },
  ],
};

async function ask<T>(path: string, init: RequestInit): Promise<Answer<T>> {
  try {
    const response = await fetch(`/api/v1${path}`, init);
    const json: unknown = await response.json();
    if (response.ok) return { ok: true, value: json as T };
    return { ok: false, problem: isProblem(json) ? json : { ...OFFLINE, status: response.status } };
  } catch {
    return { ok: false, problem: OFFLINE };
  }
}

/** What is sent as it was put together before, like a record that waited on the device. */
export const post = <T>(
  path: string,
  body: unknown,
  headers: Record<string, string>,
): Promise<Answer<T>> =>
  ask(path, {
    method: 'POST',
    headers: { 'content-type': 'application/json', ...headers },
    body: JSON.stringify(body),
  });

/** Asks a route of /api/v1. Never throws: no connection is an answer too. */
export function call<R extends JsonRoute>(
  route: R,
  ...[asked]: Record<never, never> extends AskOf<R> ? [AskOf<R>?] : [AskOf<R>]
): Promise<Answer<AnswerOf<R>>> {
  const { body, version, ...rest } = (asked ?? {}) as Asked;
  const [method, path] = addressOf(route, rest);
  return ask(path, {
    method,
    headers: {
      ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      ...(version === undefined ? {} : { 'if-match': `"${version}"` }),
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
}

/** Sends a file as it is; it need not fit into memory. */
export function sendFile<R extends 'POST /gear/import'>(
  route: R,
  asked: AskOf<R>,
  file: File,
  type: string,
): Promise<Answer<AnswerOf<R>>> {
  const [method, path] = addressOf(route, asked as Asked);
  return ask(path, { method, headers: { 'content-type': type }, body: file });
}

/** All messages of a problem as one text. */
export const messageOf = (problem: Problem): string =>
  problem.issues.map((i) => i.message).join(' ');
