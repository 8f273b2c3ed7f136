import { z } from 'zod';
import { CONDITIONS, type Condition, type Job, JOBS } from '@/core/knot/which/situation';
import { type Choice, whichKnots } from '@/core/knot/which/which';
import { ROPE_MATERIALS, type RopeMaterialId } from '@/core/rope/materials';
import { capital } from '@/wording/text';
import { reasonInWords } from '@/wording/which';
import { type Address, saidFirst } from './asked';

const keys = <K extends string>(record: Record<K, unknown>): [K, ...K[]] =>
  Object.keys(record) as [K, ...K[]];

/** What the address asks for; what it does not know is left out of it. */
const ASKED = z.object({
  job: z.enum(keys(JOBS)).catch('rail'),
  c: z
    .string()
    .catch('')
    .transform((text) => keys(CONDITIONS).filter((c) => text.split(',').includes(c))),
  of: z.enum(keys(ROPE_MATERIALS)).catch('polyester'),
  /** Breaking strength of the rope, N. */
  mbs: z.coerce.number().positive().max(10_000_000).nullable().catch(null),
});

/** A knot that was chosen, as the page shows it. */
export interface ChosenKnot {
  readonly entry: string;
  readonly name: string;
  readonly form: string;
  readonly formName: string | null;
  readonly purpose: string;
  readonly notFor: string;
  readonly efficiency: number;
  readonly published: boolean;
  /** What it leaves of the rope's breaking strength, N; null: that is not known. */
  readonly leftN: number | null;
  readonly reasons: readonly { readonly says: 'suits' | 'care' | 'out'; readonly words: string }[];
}

/** What was asked, and the knots for it. */
export interface WhichKnot {
  readonly job: Job;
  readonly conditions: readonly Condition[];
  readonly material: RopeMaterialId;
  readonly mbsN: number | null;
  readonly suits: readonly ChosenKnot[];
  readonly out: readonly ChosenKnot[];
}

const WORST_FIRST = ['out', 'care', 'suits'];

const chosen = (
  { entry, form, reasons, efficiency, published }: Choice,
  mbsN: number | null,
): ChosenKnot => ({
  entry: entry.id,
  name: entry.name,
  form: form.id,
  formName: entry.forms.length > 1 ? form.name : null,
  purpose: entry.purpose,
  notFor: entry.notFor,
  efficiency,
  published,
  leftN: mbsN === null ? null : mbsN * efficiency,
  reasons: reasons
    .map((r) => ({ says: r.says, words: capital(reasonInWords(r)) }))
    .toSorted((a, b) => WORST_FIRST.indexOf(a.says) - WORST_FIRST.indexOf(b.says)),
});

/** Conditions that follow from what the rope is made of. */
const ofMaterial = (id: RopeMaterialId): Condition[] => [
  ...(ROPE_MATERIALS[id].slick ? (['slick-rope'] as const) : []),
  ...(ROPE_MATERIALS[id].stiff ? (['stiff'] as const) : []),
];

/** The knots for what an address asks. */
export function whichKnot(asked: Address): WhichKnot {
  const first = (key: string): string | null => saidFirst(asked, key);
  const { job, c, of, mbs } = ASKED.parse({
    job: first('job'),
    c: first('c') ?? '',
    of: first('of'),
    mbs: first('mbs'),
  });
  const conditions = [...new Set([...c, ...ofMaterial(of)])];
  const { suits, out } = whichKnots({ job, conditions }, of);
  return {
    job,
    conditions,
    material: of,
    mbsN: mbs,
    suits: suits.map((k) => chosen(k, mbs)),
    out: out.map((k) => chosen(k, mbs)),
  };
}
