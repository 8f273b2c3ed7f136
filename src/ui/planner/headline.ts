import type { Assessment } from '@/core/securement/assess';
import type { UnitChoice } from '@/core/units';
import { wordFinding } from '@/wording/findings';
import { DIRECTION_WORDS, ROW_WORDS } from '@/wording/verdicts';
import { wordRow } from './words';

/** The verdict in one sentence: where and by how much; what to do stands in "what would help most". */
export function headline(a: Assessment, units: UnitChoice): string {
  const decisive = a.findings.find((f) => f.effect === a.verdict);
  if (a.verdict === 'barred' && decisive) return firstSentence(wordFinding(decisive, units));
  const rows = a.rows.filter((r) => r.verdict === a.verdict);
  const tightest = rows.reduce<(typeof rows)[number] | null>((t, r) => (t === null || relative(r) < relative(t) ? r : t), null);
  if (tightest && a.verdict !== 'cannot-say') {
    const by = wordRow(tightest, units).margin;
    const where = `${DIRECTION_WORDS[tightest.direction]} ${ROW_WORDS[tightest.code] ?? ''}`.trim();
    return a.verdict === 'holds' ? `Least margin: ${where}, ${by} to spare.` : `${where}: short by ${by}.`;
  }
  if (decisive) return firstSentence(wordFinding(decisive, units));
  const unknown = a.findings.find((f) => f.lineId !== undefined && f.elementId !== undefined) ?? a.findings.find((f) => f.lineId !== undefined);
  return a.verdict === 'cannot-say' && unknown ? firstSentence(wordFinding(unknown, units)) : 'Enter what is not known: mass, friction, ratings.';
}

/** What to do; the reason stands in the findings below. */
const firstSentence = (text: string): string => /^.*?\.(?= |$)/.exec(text)?.[0] ?? text;

const relative = (r: Assessment['rows'][number]): number => (r.margin === null || !r.required.value ? 0 : r.margin / r.required.value);
