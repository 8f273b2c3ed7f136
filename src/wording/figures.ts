import type { ElementKindId, ElementOf, LineElement } from '@/core/line/schema';
import { knot } from '@/core/knot/knots';
import { ROPE_MATERIALS } from '@/core/rope/materials';
import type { Line } from '@/core/securement/schema';
import type { TallyRow } from '@/core/securement/verdict';
import { formatNumber, formatQuantity, type Rounding, type UnitChoice } from '@/core/units';
import type { Working } from '@/core/working/working';

/** A figure of the working in the member's units, three digits. */
export function wordValue(
  value: number | null,
  unit: Working['unit'],
  units: UnitChoice,
  rounding: Rounding = 'nearest',
): string {
  if (value === null) return 'not known';
  switch (unit) {
    case 'N':
      return formatQuantity(value, 'force', units, rounding);
    case 'm':
      return formatQuantity(value, 'length', units, rounding, value < 0.2);
    case 'kg':
      return formatQuantity(value, 'mass', units, rounding);
    case 'rad':
      return formatQuantity(value, 'angle', units, rounding);
    case 'g':
      return `${formatNumber(value, rounding)}\u00a0g`;
    case 'count':
      return String(Math.round(value));
    // A rope's stiffness is thousands of newtons a metre, its weight a few.
    case 'N/m':
      return Math.abs(value) < 1000
        ? `${formatNumber(value, rounding)}\u00a0N/m`
        : `${formatNumber(value / 1000, rounding)}\u00a0kN/m`;
    case 'J':
      return `${formatNumber(value, rounding)}\u00a0J`;
    case 'ratio':
      return formatNumber(value, rounding);
  }
}

/** Required and provided of a row, rounded against us. */
export const wordRow = (
  row: TallyRow,
  units: UnitChoice,
): { required: string; provided: string; margin: string | null } => ({
  required: wordValue(row.required.value, row.unit, units, 'demand'),
  provided: wordValue(row.provided.value, row.unit, units, 'capacity'),
  margin:
    row.margin === null
      ? null
      : wordValue(Math.abs(row.margin), row.unit, units, row.margin < 0 ? 'demand' : 'capacity'),
});

const tagged = (words: string, tag: string): string => (tag ? `${words}, ${tag}` : words);

/** What runs along a line, by its kind: its size and what it is. */
const RUN_WORDS: {
  readonly [K in ElementKindId]?: (e: ElementOf<K>, size: (m: number) => string) => string;
} = {
  rope: ({ rope: { diameterM, material, tag } }, size) =>
    tagged(`${size(diameterM)} ${ROPE_MATERIALS[material].name}`, tag && `rope ${tag}`),
  webbing: ({ widthM, tag }, size) => tagged(`${size(widthM)} webbing`, tag),
  chain: ({ sizeM, grade, tag }, size) =>
    tagged(`${size(sizeM)} chain, ${grade === 'unmarked' ? 'unmarked' : `grade ${grade}`}`, tag),
  wire: ({ sizeM, tag }, size) => tagged(`${size(sizeM)} wire rope`, tag),
};

/** What runs along a line, in one phrase. */
export function wordRun(line: Line, units: UnitChoice): string {
  const run = line.elements.find((e) => e.kind in RUN_WORDS);
  if (!run) return 'no rope yet';
  const size = (m: number): string =>
    formatQuantity(m, 'length', units, 'nearest', true).replace(/\.0+(?=\D)/, '');
  // The words of a kind are asked about an element of that kind only, which the compiler cannot see through an index.
  const words = RUN_WORDS[run.kind] as (e: LineElement, size: (m: number) => string) => string;
  return words(run, size);
}

const KIND_WORDS: Record<LineElement['kind'], string> = {
  anchor: 'anchor',
  knot: 'attachment knot',
  rope: 'rope',
  bend: 'bend to another rope',
  edge: 'edge',
  hook: 'hook on the way',
  loop: 'mid-line loop',
  truckers: 'trucker’s hitch',
  tackle: 'tackle of pulleys or rings',
  lock: 'lock',
  webbing: 'webbing',
  ratchet: 'ratchet',
  chain: 'chain',
  wire: 'wire rope',
  binder: 'binder',
  fitting: 'hook, ring or shackle',
};

/** The kind of an element in trade words. */
export const wordKind = (kind: LineElement['kind']): string => KIND_WORDS[kind];
export const ELEMENT_KINDS = Object.keys(KIND_WORDS) as LineElement['kind'][];

/** A choice list of knots. */
export const knotChoices = <K extends Parameters<typeof knot>[0]>(
  ids: readonly K[],
): { id: K; name: string }[] => ids.map((id) => ({ id, name: knot(id).name }));
