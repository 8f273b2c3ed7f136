import { v7 as uuid } from 'uuid';
import { endStream, keepStreams, openStream, type Stream } from '@/db/queries/streams';
import { log } from './log';
import type { Refusal } from './problem';

/** Where open streams are kept, so that all processes know of them. */
export interface StreamStore {
  readonly open: (stream: Stream, most: number) => Promise<boolean>;
  readonly keep: (ids: readonly string[]) => Promise<void>;
  readonly end: (id: string) => Promise<void>;
}
const DATABASE: StreamStore = { open: openStream, keep: keepStreams, end: endStream };

const BEAT_MS = 15_000;

/** Streams that are open now: so many of one over all processes, so many in all in this one. A slot ends with its stream. */
export class Slots {
  private readonly open = new Set<string>();
  private beat: NodeJS.Timeout | undefined;

  constructor(
    private readonly kind: string,
    private readonly most: { readonly ofOne: number; readonly inAll: number },
    private readonly refusal: (why: 'own' | 'all') => Refusal,
    private readonly store: StreamStore = DATABASE,
  ) {}

  /** Streams open now in this process. */
  get taken(): number {
    return this.open.size;
  }

  /**
   * Takes a slot. `at`: what is looked at, so that others see who is there. @returns what gives it back, once; resolves when that is done
   * @throws Refusal when the listener, or everybody, has enough; what the database throws while it is away
   */
  async take(who: string, at: Stream['at'] = null): Promise<() => Promise<void>> {
    if (this.taken >= this.most.inAll) throw this.refusal('all');
    const id = uuid();
    this.open.add(id);
    try {
      if (!(await this.store.open({ id, kind: this.kind, who, at }, this.most.ofOne)))
        throw this.refusal('own');
    } catch (error) {
      this.open.delete(id);
      throw error;
    }
    this.beat ??= setInterval(() => this.keep(), BEAT_MS).unref();
    return async () => {
      if (!this.open.delete(id)) return;
      if (this.open.size === 0) {
        clearInterval(this.beat);
        this.beat = undefined;
      }
      // Where the database is away it is forgotten there by itself, some time after.
      await this.store.end(id).catch((error: unknown) => log.debug({ err: error }, 'stream left'));
    };
  }

  private keep(): void {
    this.store.keep([...this.open]).catch((error: unknown) => {
      log.debug({ err: error }, 'streams not kept');
    });
  }
}
