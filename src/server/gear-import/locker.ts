import { createReadStream } from 'node:fs';
import { JSONParser } from '@streamparser/json';
import { LOCKER, type Locker } from '@/core/exchange/locker';
import type { RowError } from '@/core/exchange/gear-csv/head';
import type { GoodRow } from '@/core/exchange/gear-csv/read';
import { readDocument, resultOf } from '@/core/exchange/read';
import { fail, ok, type Result } from '@/core/result';
import { isStorable } from '../storable';
import { BATCH, type Batch, type GearSource, MOST_ROWS } from './source';

type Loose = Record<string, unknown>;

/** The file is not JSON. */
class NotJsonError extends Error {}

/** The things of a locker in its order, each let go of once it was taken; at last the document without them. */
async function* partsOf(file: string): AsyncGenerator<{ item: unknown } | { rest: unknown }> {
  let parts: ({ item: unknown } | { rest: unknown })[] = [];
  // What is asked for is kept whole by the parser, so things are taken out of their list one by one.
  const parser = new JSONParser({ paths: ['$', '$.items.*'] });
  let failed = false;
  let isWhole = false;
  parser.onError = () => void (failed = true);
  parser.onValue = ({ value, key, parent }) => {
    if (parent === undefined) {
      isWhole = true;
      return void parts.push({ rest: value });
    }
    if (!Array.isArray(parent) || typeof key !== 'number') return;
    parent[key] = null;
    parts.push({ item: value });
  };
  for await (const chunk of createReadStream(file)) {
    parser.write(chunk as Uint8Array);
    if (failed) throw new NotJsonError();
    yield* parts;
    parts = [];
  }
  if (!parser.isEnded) parser.end();
  yield* parts;
  if (failed || !parser.isEnded || !isWhole) throw new NotJsonError();
}

/** The document around the things, and how many there are. @throws NotJsonError */
async function lookThrough(file: string): Promise<{ rest: unknown; count: number }> {
  let count = 0;
  let rest: unknown;
  for await (const part of partsOf(file)) {
    if ('rest' in part) rest = part.rest;
    else count++;
  }
  const hasList =
    typeof rest === 'object' && rest !== null && 'items' in rest && Array.isArray(rest.items);
  return { rest: hasList ? { ...(rest as Loose), items: [] } : rest, count };
}

/** One thing with the document around it, by the rules of the document's version. */
function readItem(around: unknown, item: unknown, row: number): Batch {
  const read = resultOf(
    readDocument<Locker>(LOCKER, { ...(around as Loose), unreadable: undefined, items: [item] }),
  );
  const error = (code: string, path: readonly (string | number)[], values = {}): RowError => ({
    row,
    column: path.join('.'),
    code,
    values,
  });
  if (!isStorable(item)) return { good: [], errors: [error('text-not-storable', [])] };
  if (!read.ok)
    return {
      good: [],
      // Issues are told where they stand in the thing: its row says which one it is.
      errors: read.issues.map((i) => error(i.code, i.path.slice(2), i.values)),
    };
  const { gear, start } = read.value.items[0]!;
  const good: GoodRow = {
    row,
    gear,
    start: { ...start, remainingM: start.remainingM ?? gear.lengthM },
  };
  return { good: [good], errors: [] };
}

async function* batchesOf(file: string, around: unknown): AsyncGenerator<Batch> {
  let row = 0;
  let good: GoodRow[] = [];
  let errors: RowError[] = [];
  for await (const part of partsOf(file)) {
    if ('rest' in part) continue;
    const read = readItem(around, part.item, ++row);
    good.push(...read.good);
    errors.push(...read.errors);
    if (row % BATCH !== 0) continue;
    yield { good, errors };
    [good, errors] = [[], []];
  }
  yield { good, errors };
}

/**
 * A whole locker as a source. Fails with `file-not-json`, with what is wrong with the document around the things, or with
 * `table-too-long`; what is wrong with one thing is an error of its row, counted from 1.
 */
export async function openLocker(file: string): Promise<Result<GearSource>> {
  try {
    const { rest, count } = await lookThrough(file);
    const around = resultOf(readDocument(LOCKER, rest));
    if (!around.ok) return around;
    if (count > MOST_ROWS) return fail('table-too-long', { most: MOST_ROWS, rows: count });
    return ok({ columns: [], code: 'code', errors: [], batches: () => batchesOf(file, rest) });
  } catch (error) {
    if (error instanceof NotJsonError) return fail('file-not-json');
    throw error;
  }
}
