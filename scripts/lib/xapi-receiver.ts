import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { checkStatement } from '@/core/exchange/xapi/rules';

/** A small store of learning records on this machine, to be sent to while there is no other: a stand-in. */
export interface Receiver {
  /** Address of its interface. */
  readonly endpoint: string;
  /** What it has, by number, in the order it came; how often each was sent. */
  readonly statements: ReadonlyMap<string, { readonly statement: unknown; readonly sent: number }>;
  readonly close: () => Promise<void>;
}

/**
 * Takes statements by PUT as the Experience API says: 204 when it has it (also the second time, of the same), 409 when another
 * has the number, 400 for what is no statement, 401 for strangers. GET answers with all it has.
 */
export async function startReceiver({
  port = 0,
  user,
  password,
  onReceived = () => undefined,
}: {
  readonly port?: number;
  readonly user: string;
  readonly password: string;
  readonly onReceived?: (statement: unknown) => void;
}): Promise<Receiver> {
  const statements = new Map<string, { statement: unknown; sent: number }>();
  const known = `Basic ${Buffer.from(`${user}:${password}`).toString('base64')}`;
  const take = (id: string, text: string): number => {
    const statement: unknown = JSON.parse(text);
    if (!checkStatement(statement).ok || (statement as { id: string }).id !== id) return 400;
    const before = statements.get(id);
    if (before && JSON.stringify(before.statement) !== JSON.stringify(statement)) return 409;
    statements.set(id, { statement, sent: (before?.sent ?? 0) + 1 });
    if (!before) onReceived(statement);
    return 204;
  };
  const server: Server = createServer((request, response) => {
    const chunks: Buffer[] = [];
    request.on('data', (chunk: Buffer) => chunks.push(chunk));
    request.on('end', () => {
      const url = new URL(request.url ?? '/', 'http://localhost');
      const answer = (status: number, body = ''): void => {
        response.writeHead(status, { 'x-experience-api-version': '1.0.3' });
        response.end(body);
      };
      if (request.headers.authorization !== known) return answer(401);
      if (url.pathname !== '/xapi/statements') return answer(404);
      if (request.method === 'GET')
        return answer(
          200,
          JSON.stringify({
            statements: [...statements.values()].map((s) => s.statement),
            more: '',
          }),
        );
      if (request.method !== 'PUT') return answer(405);
      try {
        return answer(
          take(url.searchParams.get('statementId') ?? '', Buffer.concat(chunks).toString('utf8')),
        );
      } catch {
        return answer(400);
      }
    });
  });
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
  return {
    endpoint: `http://127.0.0.1:${(server.address() as AddressInfo).port}/xapi`,
    statements,
    close: () =>
      new Promise((resolve) => {
        server.closeAllConnections();
        server.close(() => resolve());
      }),
  };
}
