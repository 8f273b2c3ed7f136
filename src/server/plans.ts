import { PLAN_SORTS, type PlanQuery } from '@/db/queries/plans';
import { readMarker, searchText } from './documents';
import { refuse } from './problem';

/** What of the list of plans is asked for, out of an address. */
export function planQuery(search: URLSearchParams): PlanQuery {
  const sort = PLAN_SORTS.find((s) => s === (search.get('sort') ?? 'changed'));
  if (!sort) throw refuse(422, 'invalid-value', { choices: PLAN_SORTS.join(', ') }, ['sort']);
  return { search: searchText(search), sort, after: readMarker(search, sort === 'changed') };
}
