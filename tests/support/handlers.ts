import path from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Endpoint } from '@/server/api/endpoint';

const ROUTES = fileURLToPath(new URL('../../src/app/api/v1', import.meta.url));

export type Handler = (
  request: Request,
  context: { params: Promise<Record<string, string>> },
) => Promise<Response>;

/** The handler that the framework would call for an endpoint. */
export async function handlerOf(e: Endpoint): Promise<Handler> {
  const file = path.join(ROUTES, e.path.replaceAll('{', '[').replaceAll('}', ']'), 'route.ts');
  const module = (await import(file)) as Record<string, Handler>;
  return module[e.method]!;
}
