import { checkAnswer } from './answers';

export const BASE = process.env['APP_URL'] ?? 'http://127.0.0.1:3000';

export interface ApiAnswer {
  readonly status: number;
  readonly json: Record<string, never> & { [key: string]: unknown };
  readonly headers: Headers;
  /** The body as it came, for answers that are no JSON. */
  readonly text: string;
}

/** A plain program at the programming interface: no browser, its own cookie. */
export async function request(
  method: string,
  path: string,
  options: { body?: unknown; raw?: string; cookie?: string; headers?: Record<string, string> } = {},
): Promise<ApiAnswer> {
  const { body, raw, cookie, headers = {} } = options;
  const response = await fetch(`${BASE}/api/v1${path}`, {
    method,
    headers: {
      ...(body === undefined && raw === undefined ? {} : { 'content-type': 'application/json' }),
      ...(cookie ? { cookie } : {}),
      ...headers,
    },
    ...(raw !== undefined
      ? { body: raw }
      : body === undefined
        ? {}
        : { body: JSON.stringify(body) }),
  });
  const text = await response.text();
  const isJson = text !== '' && (response.headers.get('content-type') ?? '').includes('json');
  const json = isJson ? (JSON.parse(text) as ApiAnswer['json']) : ({} as ApiAnswer['json']);
  checkAnswer(method, path, response.status, json);
  return {
    status: response.status,
    json,
    headers: response.headers,
    text,
  };
}

let founded = 0;

/** Addresses that nobody has: of documentation, one for each crew that any process founds. */
const address = (n: number): string =>
  `2001:db8::${(process.pid % 65_536).toString(16)}:${n.toString(16)}`;

/** Founds a crew of its own for a test and returns its lead's cookie. Each from an address of its own: founding is limited by address. */
export async function foundCrew(name: string): Promise<string> {
  founded += 1;
  const answer = await request('POST', '/crews', {
    body: {
      crew: `${name} ${Date.now()}`,
      name: `Lead of ${name}`,
      password: 'long enough indeed',
    },
    headers: { 'x-forwarded-for': address(founded) },
  });
  if (answer.status !== 201) throw new Error(JSON.stringify(answer.json));
  return answer.headers.get('set-cookie')!.split(';')[0]!;
}

/** Imports a file of things as a program does. */
export const importFile = (
  cookie: string,
  keep: string,
  raw: string,
  type: 'text/csv' | 'application/json' = 'text/csv',
): Promise<ApiAnswer> =>
  request('POST', `/gear/import?keep=${keep}`, {
    raw,
    cookie,
    headers: { 'content-type': type },
  });
