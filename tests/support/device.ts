import { randomUUID } from 'node:crypto';
import type { Answer } from '@/ui/api';
import { Outbox, type OutboxEntry } from '@/ui/outbox/outbox';
import type { Ask } from './ledger';

const noAnswer: Answer<unknown> = {
  ok: false,
  problem: { status: 0, issues: [{ code: 'offline', path: [], message: 'No answer.' }] },
};

/**
 * A telephone in the yard: what is recorded on it waits in the product's own outbox until it is acknowledged. Its network
 * comes and goes; where it goes while something is sent, that arrives and its answer does not.
 */
export class Device {
  /** What the browser keeps: text, which outlives the page. */
  private kept = '[]';
  private lock: Promise<unknown> = Promise.resolve();
  private box: Outbox;
  private sent = 0;
  hasNetwork = true;
  /** Records whose first answer was lost on the way. */
  lost = 0;

  constructor(
    private readonly ask: Ask,
    private readonly owner: string,
  ) {
    this.box = this.page();
  }

  private page(): Outbox {
    return new Outbox(
      {
        read: () => JSON.parse(this.kept) as OutboxEntry[],
        write: (entries) => (this.kept = JSON.stringify(entries)),
        send: (entry) => this.send(entry),
        alone: (work) => {
          const next = this.lock.then(work);
          this.lock = next.catch(() => undefined);
          return next;
        },
      },
      this.owner,
    );
  }

  private async send({ key, path, body }: OutboxEntry): Promise<Answer<unknown>> {
    if (!this.hasNetwork) return noAnswer;
    try {
      const { status, json } = await this.ask('POST', path, body, { 'idempotency-key': key });
      if (status !== 201)
        return { ok: false, problem: { status, issues: json['issues'] as never } };
      if ((this.sent += 1) % 3 !== 0) return { ok: true, value: json };
      this.lost += 1;
      return noAnswer;
    } catch (error) {
      if (error instanceof TypeError) return noAnswer;
      throw error;
    }
  }

  async record(path: string, body: unknown): Promise<void> {
    const madeAt = new Date().toISOString();
    await this.box.record({ key: randomUUID(), path, body, words: path, madeAt });
  }

  /** The page is closed and opened again: what it kept is all it knows, and it sends that. */
  async reopen(): Promise<void> {
    this.box = this.page();
    await this.box.flush();
  }

  waiting(): readonly OutboxEntry[] {
    return this.box.entries();
  }
}
