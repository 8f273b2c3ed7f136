import type { CutPlan } from '@/core/cutting/plan';
import type { CutJob } from '@/core/cutting/problem';
import type { DriveAsk, LimitBeside, PlanDrive } from '@/core/securement/drive/plan-drive';
import type { EnoughResult } from '@/core/securement/enough/result';
import type { EnoughProgress } from '@/core/securement/enough/search';
import type { EnoughWishes } from '@/core/securement/enough/vocabulary';
import type { Plan } from '@/core/securement/plan';
import type { Wanted } from '@/core/securement/uncertainty/draws';
import type { DirectionSure } from '@/core/securement/uncertainty/summary';
import type { HoldMap } from '@/core/securement/hold/map';
import type { KeptFact } from '@/core/securement/locker-word';
import type { KnotId } from '@/core/knot/knots';
import type { Change } from '@/core/securement/advice/one-change';
import type { Against } from '@/core/knot/trace/name';
import type { Naming } from '@/core/knot/trace/known';
import type { Sketch } from '@/core/knot/trace/sketch';
import type { Body } from '@/core/knot/shape/body';
import type { ShippedForm } from '@/core/knot/shape/frames';

/** Version of the messages; both sides ship together, so it only guards against a stale cached worker. */
export const PROTOCOL = 1;

export interface AdviceRequest {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly plan: Plan;
  /** What the locker says of the things on the lines; null: not known. */
  readonly gear: readonly (readonly [string, KeptFact])[] | null;
  /** Knots that advice may ask for; null: any. */
  readonly tied: readonly KnotId[] | null;
}

export interface AdviceAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly changes: readonly Change[];
}

/** What the page asks of the drawing-up worker: first the form, then states to work toward. */
export type DrawingRequest =
  | { readonly protocol: typeof PROTOCOL; readonly kind: 'form'; readonly form: ShippedForm }
  | { readonly protocol: typeof PROTOCOL; readonly kind: 'toward'; readonly drawn: number };

/** A state on the way. `strands` and `at` make up a body; `rest`: nothing more will come for what was asked last. */
export interface DrawingAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly at: Float64Array;
  readonly strands: Body['strands'];
  readonly drawn: number;
  readonly rest: boolean;
  /** The wish it follows. */
  readonly wanted: number;
}

/** What the page asks of the cutting worker: a job, or to be content with what there is. */
export type CutRequest =
  | {
      readonly protocol: typeof PROTOCOL;
      readonly kind: 'start';
      readonly id: number;
      readonly job: CutJob;
    }
  | { readonly protocol: typeof PROTOCOL; readonly kind: 'stop'; readonly id: number };

/** The best plan so far. `proven`: there is none better; `gapPart`: else how much less rope a better one could take at most, as a part. */
export interface CutAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly plan: CutPlan;
  readonly tried: number;
  readonly done: boolean;
  readonly proven: boolean;
  readonly gapPart: number;
}

export interface HoldRequest {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly plan: Plan;
}

/** `map` null: mass or place of the load is not known. */
export interface HoldAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly map: HoldMap | null;
}

/** What the page asks of the tracing worker: the name of a tracing, and how it differs from a form that was wanted. */
export interface TraceRequest {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly sketch: Sketch;
  /** `entry/form`, or null. */
  readonly wanted: string | null;
}

/** Sent twice where a form was wanted: first the name alone. */
export interface TraceAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly naming: Naming;
  readonly against: Against | null;
}

/** What the page asks of the drive worker: a drive of a plan, or (null) what elastic lines reach of the map. */
export interface DriveRequest {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly plan: Plan;
  readonly ask: DriveAsk | null;
}

export type DriveAnswer = { readonly protocol: typeof PROTOCOL; readonly id: number } & (
  | { readonly kind: 'drive'; readonly drive: PlanDrive }
  | { readonly kind: 'limits'; readonly limits: readonly LimitBeside[] | null }
);

/** What the page asks of the worker that draws what is not sure. */
export interface SureRequest {
  readonly protocol: typeof PROTOCOL;
  readonly plan: Plan;
  readonly wanted: Wanted;
}

/** How many draws are done; in the end what they say. `refused`: a mass is not known. */
export interface SureAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly done: number;
  readonly sure: readonly DirectionSure[] | null;
  readonly refused: boolean;
}

/** What the page asks of the worker that looks for the cheapest that is enough. `stop`: whatever is found is told. */
export type EnoughRequest =
  | {
      readonly protocol: typeof PROTOCOL;
      readonly kind: 'start';
      readonly plan: Plan;
      readonly locker: readonly (readonly [string, KeptFact])[];
      readonly wishes: Omit<EnoughWishes, 'mayTie'>;
      /** Knots that may be asked for; null: any. */
      readonly tied: readonly KnotId[] | null;
    }
  | { readonly protocol: typeof PROTOCOL; readonly kind: 'stop' };

/** How far it is; in the end what was found. */
export interface EnoughAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly progress: EnoughProgress | null;
  readonly result: EnoughResult | null;
}
