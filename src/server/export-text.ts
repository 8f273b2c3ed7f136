import Papa from 'papaparse';

/** Rows as text of a table. */
export const csvText = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(rows as string[][], { newline: '\r\n' })}\r\n`;

/** A list of JSON, one element a line. */
export async function* jsonList(items: AsyncIterable<unknown>): AsyncGenerator<string> {
  let isFirst = true;
  yield '[';
  for await (const item of items) {
    yield `${isFirst ? '' : ','}\n${JSON.stringify(item)}`;
    isFirst = false;
  }
  yield '\n]';
}
