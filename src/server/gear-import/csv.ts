import { createReadStream } from 'node:fs';
import { PassThrough } from 'node:stream';
import Papa from 'papaparse';
import { filledColumns, readHead, type RowError } from '@/core/exchange/gear-csv/head';
import { readRows } from '@/core/exchange/gear-csv/read';
import { fail, ok, type Result } from '@/core/result';
import { BATCH, type GearSource, MOST_ROWS } from './source';

/** Text read in one go. A row that is longer is none: a quote was never closed. */
const CHUNK_BYTES = 1 << 18;

interface Chunk {
  readonly rows: readonly (readonly string[])[];
  /** The row at which a quote breaks off, from 0 within these. */
  readonly brokenAt: number | null;
}

/** The rows of a table, some at a time, no faster than they are taken. */
function chunksOf(file: string): AsyncIterable<Chunk> {
  const input = createReadStream(file, { encoding: 'utf8', highWaterMark: CHUNK_BYTES });
  const out = new PassThrough({ objectMode: true, highWaterMark: 1 });
  out.once('close', () => input.destroy());
  Papa.parse<string[]>(input, {
    delimiter: '',
    skipEmptyLines: false,
    beforeFirstChunk: (text) => text.replace(/^\uFEFF/, ''),
    chunk: ({ data, errors }, parser) => {
      if (out.destroyed) return parser.abort();
      const broken = errors.find((e) => e.type === 'Quotes');
      const isEndless = data.length === 0 && !input.readableEnded;
      const brokenAt = isEndless ? 0 : broken ? (broken.row ?? 0) : null;
      const isTaken = out.write({ rows: data, brokenAt } satisfies Chunk);
      if (isEndless) return parser.abort();
      if (isTaken) return;
      parser.pause();
      out.once('drain', () => parser.resume());
    },
    complete: () => void (out.destroyed || out.end()),
    error: (error) => out.destroy(error),
  });
  return out as AsyncIterable<Chunk>;
}

interface Look {
  readonly headers: readonly string[];
  readonly filled: readonly boolean[];
  readonly rows: number;
  /** As a spreadsheet counts; null when every quote is closed. */
  readonly brokenRow: number | null;
}

/** Looks through a table once: its header, which columns say something, where it breaks off. */
async function lookThrough(file: string): Promise<Look> {
  let headers: readonly string[] | null = null;
  let filled: readonly boolean[] = [];
  let seen = 0;
  for await (const { rows, brokenAt } of chunksOf(file)) {
    headers ??= rows[0] ?? null;
    if (headers) {
      const here = filledColumns(headers, seen === 0 ? rows.slice(1) : rows);
      filled = here.map((says, i) => says || (filled[i] ?? false));
    }
    if (brokenAt !== null)
      return { headers: headers ?? [], filled, rows: seen, brokenRow: seen + brokenAt + 1 };
    seen += rows.length;
  }
  return { headers: headers ?? [], filled, rows: Math.max(0, seen - 1), brokenRow: null };
}

/** Rows below the header with the number of the first, up to the row where the table breaks off. */
async function* rowsOf(
  file: string,
  brokenRow: number | null,
): AsyncGenerator<{ rows: readonly (readonly string[])[]; firstRow: number }> {
  let row = 1;
  for await (const { rows } of chunksOf(file)) {
    for (let i = row === 1 ? 1 : 0; i < rows.length; i += BATCH) {
      const firstRow = row + i;
      const most = brokenRow === null ? BATCH : Math.min(BATCH, brokenRow - firstRow);
      if (most <= 0) return;
      yield { rows: rows.slice(i, i + most), firstRow };
    }
    row += rows.length;
  }
}

/**
 * A table of gear as a source. A quote that never closes swallows the rest of the file: nothing from there on is read.
 * Fails with `table-empty`, `table-without-code` or `table-too-long`.
 */
export async function openCsv(file: string): Promise<Result<GearSource>> {
  const look = await lookThrough(file);
  if (look.rows > MOST_ROWS) return fail('table-too-long', { most: MOST_ROWS, rows: look.rows });
  const head = readHead(look.headers, look.filled);
  if (!head.ok) return head;
  const { columns, code, errors, trusted } = head.value;
  const broken: RowError[] =
    look.brokenRow === null
      ? []
      : [{ row: look.brokenRow, column: '', code: 'csv-broken', values: {} }];
  return ok({
    columns,
    code,
    errors: [...errors, ...broken],
    batches: async function* () {
      if (!trusted) return;
      for await (const { rows, firstRow } of rowsOf(file, look.brokenRow))
        yield readRows(columns, rows, firstRow);
    },
  });
}
