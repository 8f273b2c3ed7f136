import type { Gear, GearStart } from '../../gear/schema';
import { CHAIN_GRADES, GEAR_KINDS, HARDWARE_FORMS, sizeOf } from '../../gear/vocabulary';
import { CONDITIONS } from '../../rope/condition';
import { ROPE_MATERIAL_IDS, ROPE_MATERIALS } from '../../rope/materials';

/** What a column holds: free text, a quantity in a unit, one of several words, yes or no, a day, a plain number. */
export type ColumnKind =
  | { readonly is: 'text' | 'yes-no' | 'day' | 'number' }
  | { readonly is: 'quantity'; readonly unit: 'mm' | 'N' | 'm' }
  /** Several, apart by semicolons. */
  | { readonly is: 'quantities'; readonly unit: 'm' }
  | { readonly is: 'word'; readonly words: Readonly<Record<string, string>> };

/** A row of the table as it is written: the thing and how it stands. */
export interface GearRow {
  readonly gear: Gear;
  readonly start: GearStart;
}

/** One column: how its header may be written, where it goes, and what is written there on the way out. */
export interface Column {
  readonly id: string;
  readonly header: string;
  readonly also: readonly string[];
  readonly kind: ColumnKind;
  /** Paths in the documents that this column fills; the first that the kind of gear has. */
  readonly paths: readonly (readonly [document: 'gear' | 'start', ...path: string[]])[];
  readonly write: (row: GearRow) => string | number | boolean | readonly number[] | null;
}

const wordsOf = (
  ids: readonly string[],
  names: (id: string) => string = (id) => id,
): Record<string, string> =>
  Object.fromEntries(
    ids.flatMap((id) => [
      [plain(id), id],
      [plain(names(id)), id],
    ]),
  );

/** Letters and digits only, lower case: "Tag code", "tag_code" and "TAG-CODE" are one header. */
export const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9ø]/g, '');

type Item = Gear['item'];
const ofItem =
  (key: string) =>
  ({ gear }: GearRow): string | number | boolean | null =>
    ((gear.item as Record<string, unknown>)[key] as string | number | boolean | undefined) ?? null;
const text = { is: 'text' } as const;

/** Every column, in the order of an export. */
export const COLUMNS: readonly Column[] = [
  {
    id: 'code',
    header: 'Tag code',
    also: ['tag', 'code', 'id', 'number', 'no', 'ropeno', 'ropenumber'],
    kind: text,
    paths: [['gear', 'code']],
    write: ({ gear }) => gear.code,
  },
  {
    id: 'name',
    header: 'Name',
    also: ['description', 'what'],
    kind: text,
    paths: [['gear', 'name']],
    write: ({ gear }) => gear.name,
  },
  {
    id: 'kind',
    header: 'Kind',
    also: ['type', 'gear', 'sort'],
    kind: {
      is: 'word',
      words: {
        ...wordsOf(GEAR_KINDS),
        line: 'rope',
        strap: 'webbing',
        wirerope: 'wire',
        fitting: 'hardware',
      },
    },
    paths: [['gear', 'item', 'kind']],
    write: ({ gear }) => gear.item.kind,
  },
  {
    id: 'material',
    header: 'Material',
    also: ['fibre', 'fiber', 'rope'],
    kind: {
      is: 'word',
      words: wordsOf(
        ROPE_MATERIAL_IDS,
        (id) => ROPE_MATERIALS[id as keyof typeof ROPE_MATERIALS].name,
      ),
    },
    paths: [['gear', 'item', 'material']],
    write: ofItem('material'),
  },
  {
    id: 'grade',
    header: 'Grade',
    also: ['chaingrade'],
    kind: { is: 'word', words: wordsOf(CHAIN_GRADES) },
    paths: [['gear', 'item', 'grade']],
    write: ofItem('grade'),
  },
  {
    id: 'form',
    header: 'Fitting',
    also: ['form', 'hardware'],
    kind: { is: 'word', words: wordsOf(HARDWARE_FORMS) },
    paths: [['gear', 'item', 'form']],
    write: ofItem('form'),
  },
  {
    id: 'size',
    header: 'Size',
    also: ['diameter', 'dia', 'ø', 'width', 'thickness', 'd'],
    kind: { is: 'quantity', unit: 'mm' },
    paths: [
      ['gear', 'item', 'diameterM'],
      ['gear', 'item', 'widthM'],
      ['gear', 'item', 'sizeM'],
      ['gear', 'item', 'barDiameterM'],
    ],
    write: ({ gear }) => sizeOf(gear.item),
  },
  {
    id: 'mbs',
    header: 'Breaking strength',
    also: ['mbs', 'mbl', 'breakingload', 'tensile', 'tensilestrength', 'strength'],
    kind: { is: 'quantity', unit: 'N' },
    paths: [['gear', 'item', 'mbsN']],
    write: ofItem('mbsN'),
  },
  {
    id: 'wll',
    header: 'WLL',
    also: ['workingloadlimit', 'workingload', 'swl', 'lc', 'lashingcapacity', 'markedwll'],
    kind: { is: 'quantity', unit: 'N' },
    paths: [['gear', 'item', 'markedWllN']],
    write: ofItem('markedWllN'),
  },
  {
    id: 'marking',
    header: 'Marking',
    also: ['marked'],
    kind: text,
    paths: [['gear', 'item', 'marking']],
    write: ofItem('marking'),
  },
  {
    id: 'length',
    header: 'Length',
    also: ['fulllength', 'len'],
    kind: { is: 'quantity', unit: 'm' },
    paths: [['gear', 'lengthM']],
    write: ({ gear }) => gear.lengthM,
  },
  {
    id: 'left',
    header: 'Length left',
    also: ['left', 'remaining', 'remaininglength', 'rest'],
    kind: { is: 'quantity', unit: 'm' },
    paths: [['start', 'remainingM']],
    write: ({ start }) => start.remainingM,
  },
  {
    id: 'condition',
    header: 'Condition',
    also: ['state'],
    kind: { is: 'word', words: wordsOf(CONDITIONS) },
    paths: [['start', 'condition']],
    write: ({ start }) => start.condition,
  },
  {
    id: 'history',
    header: 'History known',
    also: ['history', 'knownhistory'],
    kind: { is: 'yes-no' },
    paths: [['gear', 'item', 'historyKnown']],
    write: ofItem('historyKnown'),
  },
  {
    id: 'singleUse',
    header: 'Single use',
    also: ['singleuse'],
    kind: { is: 'yes-no' },
    paths: [['gear', 'item', 'singleUse']],
    write: ofItem('singleUse'),
  },
  {
    id: 'neverCut',
    header: 'Never cut',
    also: ['keepwhole', 'donotcut'],
    kind: { is: 'yes-no' },
    paths: [['gear', 'neverCut']],
    write: ({ gear }) => gear.neverCut,
  },
  {
    id: 'price',
    header: 'Price per metre',
    also: ['price', 'cost', 'priceperm', 'costpermetre', 'pricepermeter'],
    kind: { is: 'number' },
    paths: [['gear', 'pricePerM']],
    write: ({ gear }) => gear.pricePerM,
  },
  {
    id: 'use',
    header: 'Use',
    also: ['usage', 'inuse'],
    kind: { is: 'word', words: { normal: 'normal', daily: 'daily', everyday: 'daily' } },
    paths: [['gear', 'use']],
    write: ({ gear }) => gear.use,
  },
  {
    id: 'bought',
    header: 'Bought',
    also: ['boughton', 'purchased', 'purchase'],
    kind: { is: 'day' },
    paths: [['gear', 'boughtOn']],
    write: ({ gear }) => gear.boughtOn,
  },
  {
    id: 'firstUsed',
    header: 'First used',
    also: ['firstuse', 'firstusedon', 'inservicesince'],
    kind: { is: 'day' },
    paths: [['gear', 'firstUsedOn']],
    write: ({ gear }) => gear.firstUsedOn,
  },
  {
    id: 'inspected',
    header: 'Last inspected',
    also: ['inspected', 'lastinspection', 'inspectedon'],
    kind: { is: 'day' },
    paths: [['start', 'lastInspectedOn']],
    write: ({ start }) => start.lastInspectedOn,
  },
  {
    id: 'suspect',
    header: 'Inspect first',
    also: ['suspect', 'incident', 'doubted', 'shockloaded'],
    kind: { is: 'yes-no' },
    paths: [['start', 'suspect']],
    write: ({ start }) => start.suspect,
  },
  {
    id: 'damagedAt',
    header: 'Damaged at',
    also: ['damage', 'damageat', 'damagedplaces'],
    kind: { is: 'quantities', unit: 'm' },
    paths: [['start', 'damagedAtM']],
    write: ({ start }) => start.damagedAtM,
  },
  {
    id: 'retired',
    header: 'Retired',
    also: ['outofservice'],
    kind: { is: 'yes-no' },
    paths: [['start', 'retired']],
    write: ({ start }) => start.retired,
  },
  {
    id: 'place',
    header: 'Where',
    also: ['place', 'location', 'whereitis', 'kept'],
    kind: text,
    paths: [['gear', 'place']],
    write: ({ gear }) => gear.place,
  },
  {
    id: 'notes',
    header: 'Notes',
    also: ['note', 'remarks', 'comment', 'comments'],
    kind: text,
    paths: [['gear', 'notes']],
    write: ({ gear }) => gear.notes,
  },
];

/** Columns a kind of gear has no use for stay empty; which keys of an item each kind has. */
export const ITEM_KEYS: Record<Item['kind'], readonly string[]> = {
  rope: ['material', 'diameterM', 'mbsN', 'markedWllN', 'historyKnown'],
  webbing: ['widthM', 'mbsN', 'markedWllN'],
  chain: ['grade', 'sizeM', 'mbsN', 'markedWllN'],
  wire: ['sizeM', 'mbsN', 'markedWllN', 'singleUse'],
  hardware: ['form', 'barDiameterM', 'mbsN', 'markedWllN', 'marking'],
};
