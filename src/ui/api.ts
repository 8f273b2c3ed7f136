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

/** Calls /api/v1. Never throws: no connection is an answer too. */
export async function call<T>(
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<Answer<T>> {
  try {
    const response = await fetch(`/api/v1${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...headers,
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const json: unknown = await response.json();
    if (response.ok) return { ok: true, value: json as T };
    return { ok: false, problem: isProblem(json) ? json : { ...OFFLINE, status: response.status } };
  } catch {
    return { ok: false, problem: OFFLINE };
  }
}

/** All messages of a problem as one text. */
export const messageOf = (problem: Problem): string =>
  problem.issues.map((i) => i.message).join(' ');
