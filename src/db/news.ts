import pg from 'pg';
import { isAway } from './away';
import { connectionOptions, type Database, directUrl } from './pool';

/**
 * News between processes: whoever changes something tells its topic, and every process that has somebody listening hears it. A
 * process listens on one connection of its own. News says only that something changed: what it is now is asked for.
 */

const CHANNEL = 'vast_cleat';
const AGAIN_MS = 1000;

/** Tells a topic that it changed; heard when the transaction is through. */
export async function tell(db: Database, topic: string): Promise<void> {
  await db.query('SELECT pg_notify($1, $2)', [CHANNEL, topic]);
}

type Heard = () => void;

/** One process's ear. */
class Ear {
  private readonly topics = new Map<string, Set<Heard>>();
  private client: pg.Client | null = null;
  private connecting = false;

  add(topic: string, heard: Heard): () => void {
    const all = this.topics.get(topic) ?? new Set();
    this.topics.set(topic, all.add(heard));
    void this.connect();
    return () => {
      all.delete(heard);
      if (all.size === 0) this.topics.delete(topic);
      if (this.topics.size === 0) void this.close();
    };
  }

  private hear(topic: string | undefined): void {
    for (const heard of this.topics.get(topic ?? '') ?? []) heard();
  }

  private async connect(): Promise<void> {
    if (this.client || this.connecting || this.topics.size === 0) return;
    this.connecting = true;
    const { connectionString, keepAlive } = connectionOptions(directUrl());
    const client = new pg.Client({ connectionString, keepAlive });
    client.on('notification', (said) => this.hear(said.payload));
    client.on('error', (error) => this.lost(client, error));
    client.on('end', () => this.lost(client, null));
    try {
      await client.connect();
      await client.query(`LISTEN ${CHANNEL}`);
      this.client = client;
    } catch (error) {
      client.end().catch(() => undefined);
      this.later(error);
    } finally {
      this.connecting = false;
    }
    // What was told while nobody listened was not heard.
    if (this.client) for (const topic of this.topics.keys()) this.hear(topic);
    if (this.topics.size === 0) await this.close();
  }

  private lost(client: pg.Client, error: unknown): void {
    if (this.client !== client) return;
    this.client = null;
    this.later(error);
  }

  private later(error: unknown): void {
    if (this.topics.size === 0) return;
    // Known to whoever asks how the database does.
    isAway(error);
    setTimeout(() => void this.connect(), AGAIN_MS).unref();
  }

  private async close(): Promise<void> {
    const { client } = this;
    this.client = null;
    await client?.end().catch(() => undefined);
  }
}

// One ear a process; kept on globalThis because routes may be loaded more than once.
const holder = globalThis as { vastCleatEar?: Ear };

/** Hears of a topic until what is returned is called. */
export function listen(topic: string, heard: Heard): () => void {
  holder.vastCleatEar ??= new Ear();
  return holder.vastCleatEar.add(topic, heard);
}
