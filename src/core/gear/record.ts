import { checkOf } from '../inspection/checks';
import { OUTCOMES } from '../inspection/outcome';
import { fail, ok, type Result } from '../result';
import type { Happening, HistoryBody, HistoryEntry, Inspection } from './events';
import type { Gear } from './schema';
import { type GearState, outcomeOf, stateOf } from './history';

type Known = Pick<Gear, 'item' | 'lengthM' | 'place' | 'code'>;

function checkInspection(gear: Known, state: GearState, inspection: Inspection): Result<null> {
  for (const [i, f] of inspection.found.entries()) {
    const check = checkOf(gear.item.kind, f.check);
    if (!check?.extents.some((e) => e.id === f.extent))
      return fail('damage-unknown', { check: f.check, extent: f.extent }, ['found', i]);
    if (f.atM !== null && (state.remainingM === null || f.atM > state.remainingM))
      return fail('damage-off-rope', { atM: f.atM, lengthM: state.remainingM }, [
        'found',
        i,
        'atM',
      ]);
  }
  const computed = outcomeOf(gear, state, inspection);
  if (computed.unchecked > 0)
    return fail('checks-left', { count: computed.unchecked }, ['answered']);
  const milder = OUTCOMES.indexOf(inspection.decided) < OUTCOMES.indexOf(computed.outcome);
  const otherwise =
    inspection.decided !== computed.outcome ||
    (inspection.condition !== null && inspection.condition !== computed.condition);
  if (otherwise && inspection.reason === '')
    return fail(milder ? 'reason-needed-milder' : 'reason-needed', { computed: computed.outcome }, [
      'reason',
    ]);
  return ok(null);
}

function checkCut(state: GearState, cut: Extract<Happening, { kind: 'cut' }>): Result<null> {
  const total = cut.scrapM + cut.pieces.reduce((sum, p) => sum + p.lengthM, 0);
  if (state.remainingM === null) return fail('nothing-to-cut', {}, ['pieces']);
  if (total > state.remainingM + 1e-9)
    return fail('cut-too-long', { cutM: total, leftM: state.remainingM }, ['pieces']);
  return ok(null);
}

function checkHappening(gear: Known, state: GearState, happening: Happening): Result<null> {
  if (happening.kind === 'inspected') return checkInspection(gear, state, happening);
  if (happening.kind === 'cut') return checkCut(state, happening);
  return ok(null);
}

/** How a thing stood just before an entry. */
function before(gear: Known, entries: readonly HistoryEntry[], id: string): GearState {
  const at = entries.findIndex((e) => e.id === id);
  const earlier = new Set(entries.slice(0, at).map((e) => e.id));
  return stateOf(
    gear,
    entries.filter(
      (e, i) => i < at || (e.body.kind === 'corrected' && earlier.has(e.body.corrects)),
    ),
  );
}

/**
 * Whether something may be recorded of a thing with this history. Fails with `gear-retired`, `checks-left`,
 * `damage-unknown`, `damage-off-rope`, `reason-needed`, `reason-needed-milder`, `nothing-to-cut`, `cut-too-long`,
 * `entry-unknown`, `correction-of-correction`, `correction-of-kind`.
 */
export function checkRecord(
  gear: Known,
  entries: readonly HistoryEntry[],
  body: HistoryBody,
): Result<null> {
  const state = stateOf(gear, entries);
  if (body.kind !== 'corrected') {
    if (state.state === 'retired') return fail('gear-retired', { code: gear.code });
    return checkHappening(gear, state, body);
  }
  const target = entries.find((e) => e.id === body.corrects);
  if (!target) return fail('entry-unknown', {}, ['corrects']);
  if (target.body.kind === 'corrected') return fail('correction-of-correction', {}, ['corrects']);
  // How a thing was entered can be put right but not taken back: something was there.
  if (
    (body.instead === null && target.body.kind === 'entered') ||
    (body.instead !== null && body.instead.kind !== target.body.kind)
  )
    return fail('correction-of-kind', { kind: target.body.kind }, ['instead']);
  if (body.instead === null) return ok(null);
  const checked = checkHappening(gear, before(gear, entries, target.id), body.instead);
  return checked.ok
    ? checked
    : { ok: false, issues: checked.issues.map((i) => ({ ...i, path: ['instead', ...i.path] })) };
}
