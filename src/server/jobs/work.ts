import { type KeptFact, LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { assess } from '@/core/securement/assess';
import { type Plan, readPlan } from '@/core/securement/plan';
import type { VERDICTS } from '@/core/securement/verdict';
import { fail, type Result } from '@/core/result';
import { isAway } from '@/db/away';
import type { ImportReport, ImportWork } from '../gear-import/import';
import type { computeComparison } from '../api/comparison';
import type { computeDrive } from '../api/drive';
import type { computeEnough } from '../api/enough';
import type { computeUncertainty } from '../api/uncertainty';
import type { CardText } from '../card';
import type { PaperId } from '../papers';
import type { CertificateText } from '../records/certificate';
import type { LogSheetText } from '../log-book/sheet';
import type { TalkSheetText } from '../records/talk-sheet';
import type { TagText } from '../tag-sheet';
import type { LabelSheetId } from '../tag-sheets';

export type Comparison = ReturnType<typeof computeComparison>;
export type Driven = ReturnType<typeof computeDrive>;
export type DriveWork = Parameters<typeof computeDrive>[0];
export type Enough = ReturnType<typeof computeEnough>;
export type EnoughWork = Parameters<typeof computeEnough>[0];
export type Uncertain = ReturnType<typeof computeUncertainty>;
export type UncertaintyWork = Parameters<typeof computeUncertainty>[0];
export type VerdictId = (typeof VERDICTS)[number];

/** A plan as it is kept, to be judged. */
export interface ToJudge {
  readonly id: string;
  readonly document: unknown;
}

export interface JudgeWork {
  readonly plans: readonly ToJudge[];
  /** What the locker says of everything these plans use. */
  readonly facts: readonly (readonly [string, KeptFact])[];
}

/** Judges plans as they are kept; what cannot be read cannot be said. */
export function judge({ plans, facts }: JudgeWork): { id: string; verdict: VerdictId }[] {
  const locker = new Map(facts);
  return plans.map(({ id, document }) => {
    const plan = readPlan(document);
    return { id, verdict: plan.ok ? assess(plan.value, locker).verdict : 'cannot-say' };
  });
}

export interface CompareWork {
  readonly plan: Plan;
  /** What the locker says of what it uses; null: it was not asked. */
  readonly facts: readonly (readonly [string, KeptFact])[] | null;
}

/** A plan under every rule set. */
export const compare = async ({ plan, facts }: CompareWork): Promise<Comparison> =>
  (await import('../api/comparison')).computeComparison(
    plan,
    facts ? new Map(facts) : LOCKER_NOT_ASKED,
  );

/** A plan on a test drive. */
export const drive = async (body: DriveWork): Promise<Driven> =>
  (await import('../api/drive')).computeDrive(body);

/** How sure a plan is. */
export const uncertainty = async (body: UncertaintyWork): Promise<Uncertain> =>
  (await import('../api/uncertainty')).computeUncertainty(body);

/** The cheapest securement of a plan that is enough. */
export const enough = async (body: EnoughWork): Promise<Enough> =>
  (await import('../api/enough')).computeEnough(body);

export interface TagWork {
  readonly tags: readonly TagText[];
  readonly sheet: LabelSheetId;
  readonly from: number;
}

/** A sheet of tags as PDF. */
export const tags = async ({ tags: list, sheet, from }: TagWork): Promise<Buffer> =>
  // Only who draws needs what draws.
  (await import('../tag-sheet')).tagSheet(list, sheet, from);

export interface CardWork {
  readonly card: CardText;
  readonly paper: PaperId;
}

/** A plan's card as PDF. */
export const card = async ({ card: text, paper }: CardWork): Promise<Buffer> =>
  (await import('../card')).cardPdf(text, paper);

export interface CertificateWork {
  readonly certificate: CertificateText;
  readonly paper: PaperId;
}

/** The certificate of a sign-off as PDF. */
export const certificate = async ({ certificate: text, paper }: CertificateWork): Promise<Buffer> =>
  (await import('../records/certificate')).certificatePdf(text, paper);

/** Reads a file of things, and keeps them. Fails with `database-away` too: an error loses on its way out of a thread what says so. */
export async function importFile(work: ImportWork): Promise<Result<ImportReport>> {
  try {
    return await (await import('../gear-import/import')).importFile(work);
  } catch (error) {
    if (isAway(error)) return fail('database-away');
    throw error;
  }
}

/** The record of a talk, and on what paper. */
export interface TalkSheetWork {
  readonly sheet: TalkSheetText;
  readonly paper: PaperId;
}

/** The record of a talk as PDF. */
export const talkSheet = async ({ sheet, paper }: TalkSheetWork): Promise<Buffer> =>
  (await import('../records/talk-sheet')).talkSheetPdf(sheet, paper);

/** A part of the log, and on what paper. */
export interface LogSheetWork {
  readonly sheet: LogSheetText;
  readonly paper: PaperId;
}

/** The log as PDF. */
export const logSheet = async ({ sheet, paper }: LogSheetWork): Promise<Buffer> =>
  (await import('../log-book/sheet')).logSheetPdf(sheet, paper);
