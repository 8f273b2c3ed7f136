import { timingSafeEqual } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { pool } from '@/db/pool';
import { isLoopback } from './client';
import { ADDRESS_HEADER } from './headers';
import { isStream } from './under-way';

/** What this process measures of itself, in the text format that Prometheus reads. */
export class Metrics {
  private readonly registry = new Registry();
  private readonly seconds: Histogram;
  private readonly refused: Counter;

  constructor(openStreams: () => number) {
    const { registry } = this;
    collectDefaultMetrics({ register: registry });
    this.seconds = new Histogram({
      name: 'vast_cleat_request_seconds',
      help: 'How long requests took until they were answered; streams are left out',
      labelNames: ['method', 'room', 'status'],
      buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.2, 0.4, 0.8, 1.6, 5, 15],
      registers: [registry],
    });
    this.refused = new Counter({
      name: 'vast_cleat_refused_total',
      help: 'Requests that were refused before they reached the application',
      labelNames: ['code'],
      registers: [registry],
    });
    new Gauge({
      name: 'vast_cleat_streams',
      help: 'Server-sent streams that are open',
      registers: [registry],
      collect() {
        this.set(openStreams());
      },
    });
    new Gauge({
      name: 'vast_cleat_database_connections',
      help: 'Connections of the pool, and who waits for one',
      labelNames: ['state'],
      registers: [registry],
      collect() {
        const { totalCount, idleCount, waitingCount } = pool();
        this.set({ state: 'busy' }, totalCount - idleCount);
        this.set({ state: 'idle' }, idleCount);
        this.set({ state: 'waited-for' }, waitingCount);
      },
    });
  }

  /** Measures a request until it is answered. */
  watch(request: IncomingMessage, response: ServerResponse): void {
    const began = performance.now();
    const { method = '', url = '' } = request;
    response.once('close', () => {
      if (isStream(response)) return;
      const status = `${Math.floor(response.statusCode / 100)}xx`;
      this.seconds.observe(
        { method, room: roomOf(url), status },
        (performance.now() - began) / 1000,
      );
    });
  }

  /** Counts a request that went no further. */
  refuse(code: string): void {
    this.refused.inc({ code });
  }

  /** Everything measured so far. */
  async answer(response: ServerResponse): Promise<void> {
    response.setHeader('content-type', this.registry.contentType);
    response.setHeader('cache-control', 'no-store');
    response.end(await this.registry.metrics());
  }
}

/** What of the product a path is of: few values, and nothing that somebody chose. */
export function roomOf(path: string): string {
  const [first = '', second = '', third = ''] = path.split('?')[0]!.split('/').slice(1);
  if (first !== 'api') return ROOMS.has(first) ? `/${first}` : 'other';
  return second === 'v1' && ROOMS.has(third) ? `/api/v1/${third}` : '/api';
}
const ROOMS: ReadonlySet<string> = new Set([
  ...['', '_next', 'today', 'loads', 'locker', 'bench', 'knots', 'drills', 'log', 'crew', 'talk'],
  ...['plans', 'gear', 'riggings', 'decks', 'courses', 'assess', 'sign-offs', 'talks', 'health'],
  ...['session', 'me', 'members', 'hold', 'strength', 'kept', 'calendar', 'join'],
]);

const same = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/**
 * Who may read what is measured: whoever knows `METRICS_TOKEN`; where there is none, this machine itself. The caller must be stamped.
 */
export function mayMeasure(request: IncomingMessage): boolean {
  const token = process.env['METRICS_TOKEN'];
  if (!token) return isLoopback(String(request.headers[ADDRESS_HEADER] ?? ''));
  return same(request.headers.authorization ?? '', `Bearer ${token}`);
}
