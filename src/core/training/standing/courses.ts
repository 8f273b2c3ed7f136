import { entryOf } from '../../knot/catalogue';
import type { EntryId } from '../../knot/entry-ids';
import type { ReckoningId } from '../reckoning/kinds';
import type { SkillId } from './skills';

export const COURSE_IDS = ['transport', 'stage', 'farm', 'trades'] as const;
export type CourseId = (typeof COURSE_IDS)[number];

/** A knot by its first form, one by a form of its own, or something to reckon. */
type Item = EntryId | readonly [EntryId, string] | { readonly reckon: ReckoningId };

/**
 * What crews of a kind learn, in order: purpose first, then the ladder of teaching, cut to what their work needs. Order and choice:
 * common practice, no source; that nothing stands before what it builds on is tested.
 */
const ITEMS: Readonly<Record<CourseId, readonly Item[]>> = {
  transport: [
    { reckon: 'rope-line' },
    'overhand',
    'half-hitch',
    'two-half-hitches',
    'round-turn-two-half-hitches',
    'clove-hitch',
    'figure-eight',
    'reef',
    'bowline',
    'sheet-bend',
    ['sheet-bend', 'double'],
    'slip-loop',
    { reckon: 'loop-height' },
    'truckers-hitch',
    { reckon: 'hauling' },
    { reckon: 'kept-pull' },
    'taut-line-hitch',
    { reckon: 'tie-down-sum' },
  ],
  stage: [
    { reckon: 'rope-line' },
    'overhand',
    'figure-eight',
    'half-hitch',
    'two-half-hitches',
    'round-turn-two-half-hitches',
    'clove-hitch',
    'reef',
    'bowline',
    'sheet-bend',
    'figure-eight-on-bight',
    'alpine-butterfly',
    'cleat-hitch',
    { reckon: 'turned-line' },
    { reckon: 'held-by-turns' },
    'rolling-hitch',
    { reckon: 'loaded-span' },
    { reckon: 'least-sag' },
  ],
  farm: [
    { reckon: 'rope-line' },
    'overhand',
    'half-hitch',
    'two-half-hitches',
    'round-turn-two-half-hitches',
    'clove-hitch',
    'reef',
    'bowline',
    'sheet-bend',
    'slip-loop',
    'halter-hitch',
    'timber-hitch',
    'constrictor',
    'taut-line-hitch',
    'truckers-hitch',
    { reckon: 'tie-down-sum' },
  ],
  trades: [
    { reckon: 'rope-line' },
    'overhand',
    'half-hitch',
    'two-half-hitches',
    'round-turn-two-half-hitches',
    'clove-hitch',
    'reef',
    'bowline',
    'sheet-bend',
    'slip-loop',
    'rolling-hitch',
    'timber-hitch',
    'truckers-hitch',
    { reckon: 'hauling' },
    { reckon: 'held-by-turns' },
  ],
};

function skillOf(item: Item): SkillId {
  if (typeof item === 'string') return `${item}/${entryOf(item)!.forms[0].id}`;
  return 'reckon' in item ? `reckon/${item.reckon}` : `${item[0]}/${item[1]}`;
}

/** The skills of a course, in the order they are taught. */
export const courseOf = (id: CourseId): readonly SkillId[] => ITEMS[id].map(skillOf);
