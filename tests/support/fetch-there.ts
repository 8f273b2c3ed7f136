/** Runs in the page, with its cookies: a call of the programming interface, and what came back. */
export async function fetchThere(
  method: string,
  path: string,
  body: unknown,
  headers: Record<string, string>,
): Promise<{ status: number; json: Record<string, unknown>; etag: string | null }> {
  const r = await fetch(path, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  return {
    status: r.status,
    json: (await r.json().catch(() => ({}))) as Record<string, unknown>,
    etag: r.headers.get('etag'),
  };
}
