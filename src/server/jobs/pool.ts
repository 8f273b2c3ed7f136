import { availableParallelism } from 'node:os';
import path from 'node:path';
import { Piscina } from 'piscina';
import type { Result } from '@/core/result';
import { patient } from '@/db/patience';
import type { ImportReport, ImportWork } from '../gear-import/import';
import { log } from '../log';
import { refuse } from '../problem';
import {
  type CardWork,
  type CertificateWork,
  type LogSheetWork,
  type TalkSheetWork,
  type CompareWork,
  type Comparison,
  type DriveWork,
  type Driven,
  type Enough,
  type EnoughWork,
  judge,
  type JudgeWork,
  type TagWork,
  type ToJudge,
  type Uncertain,
  type UncertaintyWork,
  type VerdictId,
} from './work';

export type { ToJudge };

/** One processor stays with those who wait for an answer. */
const MOST_THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
const IDLE_MS = 60_000;
/** More work than this waiting is refused: whoever asked has gone by then. */
const MOST_WAITING = 200;

/** Files are read by a thread of their own: nobody's plan waits to be judged behind one. */
const IMPORT_THREADS = 1;
/** Comparisons too: anybody may ask for one, and each takes as long as some hundred plans. */
const COMPARISON_THREADS = 1;
const MOST_COMPARISONS_WAITING = 20;

// Kept on globalThis because development reloads modules.
const holder = globalThis as {
  vastCleatJobs?: Piscina;
  vastCleatImports?: Piscina;
  vastCleatComparisons?: Piscina;
};

const threads = (): Piscina => (holder.vastCleatJobs ??= begin(MOST_THREADS));
const importThreads = (): Piscina => (holder.vastCleatImports ??= begin(IMPORT_THREADS));
const comparisonThreads = (): Piscina =>
  (holder.vastCleatComparisons ??= begin(COMPARISON_THREADS));

function begin(maxThreads: number): Piscina {
  const pool = new Piscina({
    filename: path.join(process.cwd(), 'src/server/jobs/worker.mjs'),
    execArgv: [],
    minThreads: 0,
    maxThreads,
    idleTimeout: IDLE_MS,
    maxQueue: MOST_WAITING,
  });
  // A thread that dies fails what it was doing; the process goes on with another.
  pool.on('error', (error) => log.error({ err: error }, 'a thread died'));
  return pool;
}

/** Ends the threads; what they were doing fails. The next work begins new ones. */
export async function endThreads(): Promise<void> {
  const pools = [holder.vastCleatJobs, holder.vastCleatImports, holder.vastCleatComparisons];
  delete holder.vastCleatJobs;
  delete holder.vastCleatImports;
  delete holder.vastCleatComparisons;
  await Promise.all(pools.map((p) => p?.destroy()));
}

/** Nothing here takes as long; whoever waits had better be told. */
const patience = (ms = 60_000): AbortSignal => AbortSignal.timeout(patient(ms));
/** The largest file takes some minutes where everything else is busy, too. */
const IMPORT_MS = 600_000;

/** Below this a thread would take longer to be told than to do it. */
const FEW = 3;
/** Plans judged by a thread in one go. */
const AT_ONCE = 20;

/** Judges plans as they are kept, in threads when there are many: who asks something else meanwhile does not wait. */
export async function judgePlans(work: JudgeWork): Promise<{ id: string; verdict: VerdictId }[]> {
  if (work.plans.length <= FEW) return judge(work);
  const parts = Array.from({ length: Math.ceil(work.plans.length / AT_ONCE) }, (_, i) =>
    work.plans.slice(i * AT_ONCE, (i + 1) * AT_ONCE),
  );
  const judged = await Promise.all(
    parts.map(
      (plans) =>
        threads().run(
          { plans, facts: work.facts },
          { name: 'judge', signal: patience() },
        ) as Promise<{ id: string; verdict: VerdictId }[]>,
    ),
  );
  return judged.flat();
}

/** A sheet of tags as PDF, made in a thread. */
export async function drawTags(work: TagWork): Promise<Buffer> {
  return Buffer.from(
    (await threads().run(work, { name: 'tags', signal: patience() })) as Uint8Array,
  );
}

/** A plan's card as PDF, made in a thread. */
export async function drawCard(work: CardWork): Promise<Buffer> {
  return Buffer.from(
    (await threads().run(work, { name: 'card', signal: patience() })) as Uint8Array,
  );
}

/** The certificate of a sign-off as PDF, made in a thread. */
export async function drawCertificate(work: CertificateWork): Promise<Buffer> {
  return Buffer.from(
    (await threads().run(work, { name: 'certificate', signal: patience() })) as Uint8Array,
  );
}

/** The record of a talk as PDF, made in a thread. */
export async function drawTalkSheet(work: TalkSheetWork): Promise<Buffer> {
  return Buffer.from(
    (await threads().run(work, { name: 'talkSheet', signal: patience() })) as Uint8Array,
  );
}

/** The log as PDF, made in a thread. */
export async function drawLogSheet(work: LogSheetWork): Promise<Buffer> {
  return Buffer.from(
    (await threads().run(work, { name: 'logSheet', signal: patience() })) as Uint8Array,
  );
}

/** What a signal gives up with. */
const isGivenUp = (error: unknown): boolean =>
  error instanceof Error && ['AbortError', 'TimeoutError'].includes(error.name);

/**
 * What anybody may ask for and takes long, in a thread.
 * @throws Refusal 503 while too many wait for theirs, 422 where it takes longer than a request may
 */
async function inComparisonThread(
  name: string,
  work: unknown,
  signal = patience(),
): Promise<unknown> {
  const pool = comparisonThreads();
  if (pool.queueSize >= MOST_COMPARISONS_WAITING)
    throw refuse(503, 'busy', {}, [], { 'retry-after': '5' });
  try {
    return await pool.run(work, { name, signal });
  } catch (error) {
    throw isGivenUp(error) ? refuse(422, 'takes-too-long') : error;
  }
}

/** A plan under every rule set with what would help. See {@link inComparisonThread}. */
export const compareInThread = async (work: CompareWork): Promise<Comparison> =>
  (await inComparisonThread('compare', work)) as Comparison;

/** A plan on a test drive. See {@link inComparisonThread}. */
export const driveInThread = async (work: DriveWork, signal?: AbortSignal): Promise<Driven> =>
  (await inComparisonThread('drive', work, signal)) as Driven;

/** How sure a plan is. See {@link inComparisonThread}. */
export const uncertaintyInThread = async (work: UncertaintyWork): Promise<Uncertain> =>
  (await inComparisonThread('uncertainty', work)) as Uncertain;

/** The cheapest securement of a plan that is enough. See {@link inComparisonThread}. */
export const enoughInThread = async (work: EnoughWork): Promise<Enough> =>
  (await inComparisonThread('enough', work)) as Enough;

/** Reads a file of things, and keeps them, in a thread. */
export const importInThread = (work: ImportWork): Promise<Result<ImportReport>> =>
  importThreads().run(work, { name: 'importFile', signal: patience(IMPORT_MS) });
