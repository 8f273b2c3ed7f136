import type { Answer, Problem } from '../api';

/** Something that is recorded, kept on the device until the server has acknowledged it. */
export interface OutboxEntry {
  /** Sent along: the server does what carries it once, however often it comes. */
  readonly key: string;
  readonly memberId: string;
  readonly path: string;
  readonly body: unknown;
  /** Pictures belong to it, which are kept elsewhere. */
  readonly attached?: boolean;
  /** What it is, for the person. */
  readonly words: string;
  readonly madeAt: string;
  /** Why the server did not take it; null: it waits to be sent. */
  readonly refused: Problem | null;
}

export interface OutboxPorts {
  readonly read: () => readonly OutboxEntry[];
  readonly write: (entries: readonly OutboxEntry[]) => void;
  readonly send: (entry: OutboxEntry) => Promise<Answer<unknown>>;
  /** Runs one at a time, over all pages of the device where the browser can. */
  readonly alone: <T>(work: () => Promise<T>) => Promise<T>;
}

/** Nothing was answered, or nothing that is about the record: it will be another answer later. */
const isForLater = ({ status }: Problem): boolean =>
  status === 0 || status >= 500 || [401, 408, 425, 429].includes(status);

const KEPT: Problem = {
  status: 0,
  issues: [
    {
      code: 'kept-on-device',
      path: [],
      message: 'No answer. It is kept on this device and sent by itself, once.',
    },
  ],
};

/** Keeps what is recorded until it is acknowledged: in the order it was made, each sent until answered, each done once. */
export class Outbox {
  constructor(
    private readonly ports: OutboxPorts,
    private readonly memberId: string,
  ) {}

  /** What is kept for this member. */
  entries(): readonly OutboxEntry[] {
    return this.ports.read().filter((e) => e.memberId === this.memberId);
  }

  private replace(key: string, by: OutboxEntry | null): void {
    this.ports.write(
      this.ports.read().flatMap((e) => (e.key !== key ? [e] : by === null ? [] : [by])),
    );
  }

  /**
   * Keeps a record and sends it after those before it. A refusal comes back to whoever made it, and nothing is kept; without
   * an answer it stays, and the answer says so (`kept-on-device`).
   */
  async record<T>(
    entry: Pick<OutboxEntry, 'key' | 'path' | 'body' | 'attached' | 'words' | 'madeAt'>,
  ): Promise<Answer<T>> {
    const whole: OutboxEntry = { ...entry, memberId: this.memberId, refused: null };
    this.ports.write([...this.ports.read(), whole]);
    const answer = (await this.flush()).get(entry.key);
    if (!answer) return { ok: false, problem: KEPT };
    if (!answer.ok) this.replace(entry.key, null);
    return answer as Answer<T>;
  }

  /** Sends what waits, in order, until one gets no answer. @returns what was answered, by key */
  flush(): Promise<ReadonlyMap<string, Answer<unknown>>> {
    return this.ports.alone(async () => {
      const answers = new Map<string, Answer<unknown>>();
      for (;;) {
        const next = this.entries().find((e) => e.refused === null);
        if (!next) return answers;
        const answer = await this.ports.send(next);
        if (!answer.ok && isForLater(answer.problem)) return answers;
        answers.set(next.key, answer);
        this.replace(next.key, answer.ok ? null : { ...next, refused: answer.problem });
      }
    });
  }

  /** Lets go of a record: the person has read why it was not taken, or does not want it any more. */
  discard(key: string): void {
    this.replace(key, null);
  }
}
