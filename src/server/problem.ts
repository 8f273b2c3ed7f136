import type { Issue, IssueValue } from '@/core/result';
import { wordIssue } from '@/wording/issues';

/** A refusal with an HTTP status and coded issues. Thrown by handlers, turned into application/problem+json in one place. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly issues: readonly Issue[],
    readonly extra: Record<string, unknown> = {},
    readonly headers: Record<string, string> = {},
  ) {
    super(issues[0]?.code ?? 'refused');
  }

  /** What happened, in two or three words. */
  get title(): string {
    return TITLES[this.status] ?? 'Refused';
  }
}

/** A refusal with one issue. */
export function refuse(
  status: number,
  code: string,
  values: Record<string, IssueValue> = {},
  path: (string | number)[] = [],
  headers: Record<string, string> = {},
): Refusal {
  return new Refusal(status, [{ code, path, values }], {}, headers);
}

const AWAY_SECONDS = 5;

/** The database is away; the same request may succeed later. */
export const databaseAway = (): Refusal =>
  refuse(503, 'database-away', {}, [], { 'retry-after': String(AWAY_SECONDS) });

const TITLES: Record<number, string> = {
  400: 'Some input is not accepted',
  401: 'Not signed in',
  403: 'Not permitted',
  404: 'Not found',
  405: 'Not done here',
  409: 'Somebody saved first',
  412: 'Somebody saved first',
  413: 'Too large',
  414: 'Too long',
  415: 'Not a file that can be read here',
  422: 'Some input is not accepted',
  428: 'Version missing',
  429: 'Too many attempts',
  500: 'Something broke here',
  503: 'Back in a moment',
};

/** The response of a refusal. Every issue carries its code, where it is, and what to do. */
export function problemResponse(refusal: Refusal): Response {
  const body = {
    type: `urn:vast-cleat:problem:${refusal.issues[0]?.code ?? 'refused'}`,
    title: refusal.title,
    status: refusal.status,
    issues: refusal.issues.map((i) => ({
      code: i.code,
      path: i.path,
      values: i.values,
      message: wordIssue(i),
    })),
    ...refusal.extra,
  };
  return new Response(JSON.stringify(body), {
    status: refusal.status,
    headers: {
      'content-type': 'application/problem+json',
      'cache-control': 'no-store',
      ...refusal.headers,
    },
  });
}
