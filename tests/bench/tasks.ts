import type { Page } from 'puppeteer-core';

/** What a browser tells of a task. */
interface Told {
  readonly name: string;
  readonly ph: string;
  readonly pid: number;
  readonly tid: number;
  readonly dur?: number;
  readonly tdur?: number;
  readonly args: { readonly name?: string };
}

/** A task longer than this is felt. */
export const LONG_MS = 50;

/**
 * Every task of a page's main thread meanwhile: what the processor did for it, ms, and how long it took by the clock, whatever else
 * ran on the same core.
 */
export async function tasksDuring(
  page: Page,
  work: () => Promise<void>,
): Promise<{ readonly ownMs: readonly number[]; readonly wallMs: readonly number[] }> {
  await page.tracing.start({ categories: ['-*', 'toplevel'] });
  await work();
  const { traceEvents: told } = JSON.parse(
    Buffer.from((await page.tracing.stop())!).toString(),
  ) as { traceEvents: readonly Told[] };
  const threadOf = (e: Told): string => `${e.pid}/${e.tid}`;
  const mains = new Set(
    told.filter((e) => e.name === 'thread_name' && e.args.name === 'CrRendererMain').map(threadOf),
  );
  const tasks = told.filter(
    (e) => e.ph === 'X' && /RunTask$/.test(e.name) && mains.has(threadOf(e)),
  );
  if (tasks.length === 0) throw new Error('The browser told of no task.');
  return {
    ownMs: tasks.map((t) => (t.tdur ?? t.dur!) / 1000),
    wallMs: tasks.map((t) => t.dur! / 1000),
  };
}
