import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { v7 as uuid } from 'uuid';
import { lastAway } from '@/db/away';
import { log, loggedPath } from '../log';
import { databaseAway, problemResponse, type Refusal, refuse } from '../problem';
import { isSecure, stampCaller, type Trust } from './client';
import type { DatabaseWatch } from './database-watch';
import { mayMeasure, Metrics } from './metrics';
import { plainPage } from './plain-page';
import { screen } from './screen';
import { UnderWay } from './under-way';

export interface FrontOptions {
  /** What answers a request that may pass. */
  readonly handle: (request: IncomingMessage, response: ServerResponse) => Promise<void>;
  readonly database: Pick<DatabaseWatch, 'answers'>;
  readonly trust: Trust;
  readonly publicUrl: string | undefined;
  /** Colours of the themes as CSS, for pages of plain words. */
  readonly tokens: string;
}

/** Where what is measured is read, also while the database is away. To whoever may not, there is no such page. */
const METRICS_PATH = '/metrics';
const DRAIN_MS = 10_000;
/** A page that broke within this time after the database was found away broke because of it. */
const AWAY_MS = 3000;
const HSTS = 'max-age=31536000';

/** Paths that need no database. */
const isFree = (path: string): boolean =>
  path.startsWith('/_next/') ||
  path.startsWith('/icon') ||
  path === '/offline-worker.js' ||
  path.startsWith('/api/v1/health/');

async function answerRefusal(
  request: IncomingMessage,
  response: ServerResponse,
  refusal: Refusal,
  tokens: string,
): Promise<void> {
  const forPrograms = (request.url ?? '').startsWith('/api/');
  const problem = problemResponse(refusal);
  response.statusCode = refusal.status;
  problem.headers.forEach((value, name) => response.setHeader(name, value));
  if (forPrograms) return void response.end(await problem.text());
  response.setHeader('content-type', 'text/html; charset=utf-8');
  response.setHeader(
    'content-security-policy',
    "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
  );
  response.end(plainPage(refusal, request.headers.cookie ?? '', tokens));
}

/** A page that broke while the database went away says that it may be asked again. */
function mapBroken(response: ServerResponse): void {
  const write = response.writeHead.bind(response) as (...rest: unknown[]) => ServerResponse;
  response.writeHead = ((status: number, ...rest: unknown[]) => {
    if (status !== 500 || Date.now() - lastAway() > AWAY_MS) return write(status, ...rest);
    response.setHeader('retry-after', '5');
    return write(503, ...rest);
  }) as ServerResponse['writeHead'];
}

function writeDown(request: IncomingMessage, response: ServerResponse, id: string): void {
  const began = performance.now();
  const { method = '', url = '' } = request;
  response.once('close', () => {
    const status = response.statusCode;
    const level = status >= 500 ? 'warn' : method === 'GET' ? 'debug' : 'info';
    const ms = Math.round(performance.now() - began);
    log[level]({ id, method, path: loggedPath(url), status, ms }, 'request');
  });
}

/**
 * What stands before the application: refuses what is no request, knows who calls, numbers and writes down requests,
 * says so while the database is away, and lets requests finish before the process ends.
 */
export class Front {
  readonly server: Server;
  private readonly underWay = new UnderWay();
  private readonly metrics = new Metrics(() => this.underWay.streams);
  private stopping = false;

  constructor(private readonly options: FrontOptions) {
    this.server = createServer((request, response) => void this.receive(request, response));
    this.server.keepAliveTimeout = 15_000;
  }

  private async refusalOf(request: IncomingMessage): Promise<Refusal | null> {
    const wrong = screen(request);
    if (wrong) return wrong;
    if (this.stopping) return refuse(503, 'stopping', {}, [], { 'retry-after': '5' });
    if (isFree(request.url ?? '') || (await this.options.database.answers())) return null;
    return databaseAway();
  }

  private async receive(request: IncomingMessage, response: ServerResponse): Promise<void> {
    const { trust, publicUrl, tokens, handle } = this.options;
    this.underWay.add(response);
    const id = uuid();
    try {
      const secure = isSecure(request, trust, publicUrl);
      stampCaller(request, trust, { id, secure });
      response.setHeader('x-request-id', id);
      if (secure) response.setHeader('strict-transport-security', HSTS);
      writeDown(request, response, id);
      if (this.stopping) response.setHeader('connection', 'close');
      this.metrics.watch(request, response);
      if (request.url === METRICS_PATH && mayMeasure(request))
        return await this.metrics.answer(response);
      const refusal = await this.refusalOf(request);
      if (refusal) this.metrics.refuse(refusal.message);
      if (refusal) return await answerRefusal(request, response, refusal, tokens);
      mapBroken(response);
      await handle(request, response);
    } catch (error) {
      log.error({ id, err: error }, 'request broke');
      if (!response.headersSent)
        await answerRefusal(request, response, refuse(500, 'internal'), tokens);
      else response.destroy();
    }
  }

  /** Requests that were accepted and are not answered yet. */
  get accepted(): number {
    return this.underWay.size;
  }

  listen(port: number, host: string): Promise<void> {
    return new Promise((resolve, reject) => {
      this.server.once('error', reject);
      this.server.listen(port, host, resolve);
    });
  }

  /** No new requests, then those under way, ten seconds at most. Streams end at once. @returns how many were cut off */
  async stop(patienceMs = DRAIN_MS): Promise<number> {
    this.stopping = true;
    this.server.close();
    this.server.closeIdleConnections();
    this.underWay.endStreams();
    const left = await this.underWay.finished(patienceMs);
    this.server.closeAllConnections();
    return left;
  }
}
