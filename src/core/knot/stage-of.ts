import type { EntryId } from './holding';
import type { KnotId } from './knots';

/** Where the catalogue teaches a knot that can stand on a line: entry and form. */
export interface Stage {
  readonly entry: EntryId;
  readonly form: string;
}

const TAUGHT: Partial<Record<KnotId, Stage>> = {
  bowline: { entry: 'bowline', form: 'facing-away' },
  'round-turn-two-half-hitches': { entry: 'round-turn-two-half-hitches', form: 'plain' },
  'two-half-hitches': { entry: 'two-half-hitches', form: 'same-way' },
  'clove-hitch': { entry: 'clove-hitch', form: 'passed' },
  'fishermans-bend': { entry: 'fishermans-bend', form: 'plain' },
  'figure-eight-on-bight': { entry: 'figure-eight-on-bight', form: 'plain' },
  'taut-line-hitch': { entry: 'taut-line-hitch', form: 'plain' },
  'rolling-hitch': { entry: 'rolling-hitch', form: 'two' },
  'wrap-hitch': { entry: 'wrap-hitch', form: 'plain' },
  'sheet-bend': { entry: 'sheet-bend', form: 'single' },
  'double-sheet-bend': { entry: 'sheet-bend', form: 'double' },
  'fishermans-knot': { entry: 'fishermans-knot', form: 'single' },
  'double-fishermans': { entry: 'fishermans-knot', form: 'double' },
  zeppelin: { entry: 'zeppelin', form: 'plain' },
  reef: { entry: 'reef', form: 'plain' },
  'slip-loop': { entry: 'slip-loop', form: 'plain' },
  'alpine-butterfly': { entry: 'alpine-butterfly', form: 'twist' },
  'overhand-on-bight': { entry: 'overhand', form: 'on-a-bight' },
  'slipped-half-hitch': { entry: 'half-hitch', form: 'plain' },
  'halter-hitch': { entry: 'halter-hitch', form: 'slipped' },
};

/** Where a knot is taught, or null when the catalogue does not teach it yet. */
export function stageOf(id: KnotId): Stage | null {
  return TAUGHT[id] ?? null;
}
