import sharp from 'sharp';
import type { Ask } from './ledger';
import type { Device } from './device';

interface Entry {
  readonly id: string;
  readonly kind: string;
  readonly body: { readonly what?: string } | null;
  readonly photos: readonly unknown[];
}

/** A small picture as a telephone sends it. */
const picture = sharp({ create: { width: 24, height: 16, channels: 3, background: '#806040' } })
  .jpeg()
  .toBuffer()
  .then((bytes) => bytes.toString('base64'));

/** Every entry of one kind that has these words, page by page. */
async function entries(ask: Ask, kind: string, search: string): Promise<Entry[]> {
  const found: Entry[] = [];
  let after: string | null = null;
  do {
    const asked = new URLSearchParams({ kind, search, ...(after === null ? {} : { after }) });
    const { json } = await ask('GET', `/log?${asked}`);
    found.push(...(json['entries'] as Entry[]));
    after = json['next'] as string | null;
  } while (after !== null);
  return found;
}

/** Notes of one program in the log: those that were acknowledged, and those that its device was given. */
export class LogLedger {
  private readonly notes = new Map<string, { photos: number }>();
  private count = 0;

  constructor(
    private readonly ask: Ask,
    /** One word that no other program uses. */
    private readonly word: string,
  ) {}

  /** The body of the next note; every third has a picture. */
  private async next(): Promise<{ what: string; body: unknown; photos: number }> {
    const what = `${this.word} saw ${(this.count += 1)}`;
    const photos = this.count % 3 === 0 ? [await picture] : [];
    return { what, body: { entry: { kind: 'note', what }, photos }, photos: photos.length };
  }

  /** Writes by `insist`, which comes back once it is acknowledged. */
  async write(insist: (path: string, body: unknown) => Promise<unknown>): Promise<void> {
    const { what, body, photos } = await this.next();
    await insist('/log', body);
    this.notes.set(what, { photos });
  }

  /** Leaves it to the device: it has taken it, so it is as good as acknowledged. */
  async leaveTo(device: Device): Promise<void> {
    const { what, body, photos } = await this.next();
    await device.record('/log', body);
    this.notes.set(what, { photos });
  }

  get size(): number {
    return this.notes.size;
  }

  /** What is not in the log exactly once, with its picture. */
  async faults(): Promise<string[]> {
    const kept = new Map<string, Entry[]>();
    for (const e of await entries(this.ask, 'note', this.word)) {
      const what = e.body?.what ?? '';
      kept.set(what, [...(kept.get(what) ?? []), e]);
    }
    const faults = [...this.notes].flatMap(([what, { photos }]) => {
      const found = kept.get(what) ?? [];
      if (found.length !== 1) return [`note “${what}”: ${found.length} times`];
      const has = found[0]!.photos.length;
      return has === photos ? [] : [`note “${what}”: ${has} pictures for ${photos}`];
    });
    const unknown = [...kept.keys()].filter((what) => !this.notes.has(what));
    return [...faults, ...unknown.map((what) => `note “${what}”: of nobody`)];
  }
}
