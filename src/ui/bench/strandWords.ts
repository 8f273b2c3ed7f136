import { formatIn, formatQuantity, type UnitChoice } from '@/core/units';
import { strandTensions } from '@/core/bench/strands';
import { strandSymbol } from '@/core/tackle/rigging-working';
import type { Bench } from './useBench';

/** What stands on a strand: its tension, and its name where it has one. */
export interface StrandWord {
  readonly figure: string;
  readonly name: string;
  /** The hardest pulled of all. */
  readonly most: boolean;
}

/** A hand and single strands are read in newtons where lines are read in kilonewtons. */
export const handUnit = (units: UnitChoice): 'N' | 'daN' | 'kgf' | 'lbf' =>
  units.force === 'kN' ? 'N' : units.force;

const HITCH_NAMES: Record<string, readonly (readonly string[])[]> = {
  single: [['your hand', 'loop to anchor', 'anchor to loop'], ['load line']],
  'reeved-twice': [['your hand', '2', '3', '4', '5'], ['load line']],
  'second-loop': [['your hand', '2', '3'], ['4', '5', '6'], ['load line']],
};

/** Words for every strand, and the whole for somebody who cannot see it. */
export function strandWords(
  bench: Pick<Bench, 'figures' | 'doc' | 'tied'>,
  units: UnitChoice,
): { of: (rope: number, strand: number) => StrandWord | null; say: string } {
  const tensions = strandTensions(bench.doc, bench.figures, bench.tied);
  const { system } = bench.doc;
  const small = handUnit(units);
  const figure = (n: number): string => {
    const f = n >= 2000 && units.force === 'kN' ? formatIn(n, 'kN') : formatIn(n, small);
    return `${f.number}\u00a0${f.unit}`;
  };
  const most = Math.max(...tensions.flat());
  const name = (rope: number, strand: number): string =>
    system.kind === 'truckers'
      ? (HITCH_NAMES[system.form]![rope]?.[strand] ?? '')
      : rope === 0 && strand === 0
        ? 'your hand'
        : strandSymbol(rope, strand);
  const of = (rope: number, strand: number): StrandWord | null => {
    const n = tensions[rope]?.[strand];
    return n === undefined
      ? null
      : { figure: figure(n), name: name(rope, strand), most: n >= most - 1e-9 };
  };
  const list = tensions
    .flatMap((strands, r) => strands.map((n, s) => `${name(r, s)} ${figure(n)}`))
    .join(', ');
  const line = bench.tied ? bench.figures.tension.kept.value : bench.figures.tension.hauled.value;
  return {
    of,
    say: `${bench.tied ? 'Tied off' : 'Hauling'}: ${list}${line === null ? '' : `. Load line ${formatQuantity(line, 'force', units)}`}`,
  };
}
