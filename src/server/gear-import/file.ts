import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { refuse } from '../problem';

/** Passes bytes on and stops at the most that is allowed. */
async function* upTo(most: number, from: AsyncIterable<Uint8Array>): AsyncGenerator<Uint8Array> {
  let size = 0;
  for await (const chunk of from) {
    size += chunk.byteLength;
    if (size > most) throw refuse(413, 'body-too-large', { most });
    yield chunk;
  }
}

/**
 * Keeps what a request brings in a file while `work` reads it: nothing is held in memory, and a slow sender holds no
 * transaction open. The file is gone afterwards.
 * @throws Refusal 413
 */
export async function withFile<T>(
  request: Request,
  most: number,
  work: (file: string) => Promise<T>,
): Promise<T> {
  const folder = await mkdtemp(path.join(tmpdir(), 'vast-cleat-import-'));
  try {
    const file = path.join(folder, 'file');
    const body = (request.body ?? new Blob([]).stream()) as ReadableStream<Uint8Array>;
    await pipeline(upTo(most, Readable.fromWeb(body)), createWriteStream(file));
    return await work(file);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
