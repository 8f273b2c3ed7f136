import type { Difference, Leaf, Step } from '@/core/exchange/differences';
import { formatNumber, formatQuantity, type UnitChoice } from '@/core/units';

/** Names of fields as the screens call them; what is not here is read from its own name. */
const FIELDS: Readonly<Record<string, string>> = {
  title: 'name',
  ruleSet: 'rules',
  school: 'rope strength by',
  knotSchool: 'knots by',
  handLimitN: 'a hand is asked for',
  cargo: 'load',
  massKg: 'mass',
  lengthM: 'length',
  widthM: 'width',
  heightM: 'height',
  cgHeightM: 'height of the centre of gravity',
  cgForwardM: 'centre of gravity forward of the middle',
  cgLeftM: 'centre of gravity left of the middle',
  fromFrontM: 'from the front of the deck',
  fromCentreM: 'from the centre line',
  mu: 'friction',
  maxLineForceN: 'most the load bears under a line',
  wllN: 'WLL',
  markedWllN: 'marked WLL',
  mbsN: 'breaking strength',
  capacityN: 'capacity',
  barDiameterM: 'bar diameter',
  bendDiameterM: 'bend diameter',
  diameterM: 'diameter',
  sizeM: 'size',
  routeLengthM: 'length along its route',
  enteredPretensionN: 'pretension, entered',
  handForceN: 'hand force',
  standardTensionN: 'standard tension force on the label',
  anchorId: 'anchor',
  anchors: 'anchors',
  lines: 'lines',
  elements: 'parts',
  sagM: 'sag',
  gearId: 'thing of the locker',
};

/** `historyKnown` as “history known”; units at the end of a name are said with the figure. */
const fieldName = (key: string): string =>
  FIELDS[key] ??
  key
    .replace(/(?<=[a-z])(?:Kg|Rad|N|M)$/, '')
    .replace(/([A-Z])/g, (c) => ` ${c.toLowerCase()}`)
    .trim();

const DIMENSIONS = [
  [/Kg$/, 'mass'],
  [/Rad$/, 'angle'],
  [/[a-z]N$/, 'force'],
  [/[a-z]M$/, 'length'],
] as const;

function wordLeaf(key: string, value: Leaf, units: UnitChoice): string {
  if (value === null) return 'not known';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value === '' ? 'empty' : `“${value.slice(0, 80)}”`;
  const dimension = DIMENSIONS.find(([suffix]) => suffix.test(key))?.[1];
  return dimension
    ? formatQuantity(value, dimension, units, 'nearest', dimension === 'length' && value < 0.2)
    : formatNumber(value);
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const placeOf = (path: readonly Step[]): string =>
  path.map((step) => (typeof step === 'string' ? fieldName(step) : `“${step.thing}”`)).join(', ');

/** One difference as one sentence, in the reader's units. */
export function wordDifference(difference: Difference, units: UnitChoice): string {
  const { path } = difference;
  if (difference.what === 'reordered') return `${capital(placeOf(path))}: in another order.`;
  if (difference.what !== 'changed')
    return `${capital(placeOf(path))}: “${difference.name}” ${difference.what}.`;
  const last = path.at(-1);
  const key = typeof last === 'string' ? last : '';
  const [before, after] = [difference.before, difference.after].map((v) => wordLeaf(key, v, units));
  return `${capital(placeOf(path))}: ${after}, before ${before}.`;
}
