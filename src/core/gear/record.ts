import { checkOf } from '../inspection/checks';
import { OUTCOMES } from '../inspection/outcome';
import { fail, ok, type Result } from '../result';
import type { Happening, HistoryBody, HistoryEntry, Inspection } from './events';
import type { Gear, GearStart } from './schema';
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

/**
 * Whether a thing can stand as it is entered. `latest`: the last day that may be today anywhere. Fails with
 * `inspected-in-future`, `left-over-length`, `damage-off-rope`, each at its place in the start.
 */
export function checkStart(
  gear: Pick<Gear, 'lengthM'>,
  start: GearStart,
  latest: string,
): Result<null> {
  const { lastInspectedOn: on, remainingM } = start;
  const left = remainingM ?? gear.lengthM;
  if (on !== null && on > latest) return fail('inspected-in-future', { on }, ['lastInspectedOn']);
  if (gear.lengthM !== null && remainingM !== null && remainingM > gear.lengthM)
    return fail('left-over-length', { leftM: remainingM, lengthM: gear.lengthM }, ['remainingM']);
  const off = start.damagedAtM.find((m) => left === null || m > left);
  return off === undefined
    ? ok(null)
    : fail('damage-off-rope', { atM: off, lengthM: left }, ['damagedAtM']);
}

function checkCut(state: GearState, cut: Extract<Happening, { kind: 'cut' }>): Result<null> {
  const total = cut.scrapM + cut.pieces.reduce((sum, p) => sum + p.lengthM, 0);
  if (state.remainingM === null) return fail('nothing-to-cut', {}, ['pieces']);
  if (total > state.remainingM + 1e-9)
    return fail('cut-too-long', { cutM: total, leftM: state.remainingM }, ['pieces']);
  return ok(null);
}

function checkHappening(
  gear: Known,
  state: GearState,
  happening: Happening,
  latest: string,
): Result<null> {
  if (happening.kind === 'entered') return checkStart(gear, happening, latest);
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

/** What was recorded since an entry: how much, and whether an incident is among it. An inspection from before it does not know of it. */
function movedSince(
  entries: readonly HistoryEntry[],
  seen: string | null,
): { readonly entries: number; readonly last: string; readonly incident: boolean } {
  const later = entries.slice(entries.findIndex((e) => e.id === seen) + 1);
  return {
    entries: later.length,
    last: later.at(-1)?.id ?? '',
    incident: later.some((e) => e.body.kind === 'incident'),
  };
}

/**
 * Whether something may be recorded of a thing with this history. An inspection must have seen the whole of it: one that was
 * begun before something else was recorded fails with `history-moved`, and is for the inspector to confirm. `latest`: the last
 * day that may be today anywhere. Fails with `gear-retired`, `checks-left`,
 * `damage-unknown`, `damage-off-rope`, `reason-needed`, `reason-needed-milder`, `nothing-to-cut`, `cut-too-long`,
 * `entry-unknown`, `correction-of-correction`, `correction-of-kind`, and as `checkStart` for how it was entered.
 */
export function checkRecord(
  gear: Known,
  entries: readonly HistoryEntry[],
  body: HistoryBody,
  latest: string,
): Result<null> {
  const state = stateOf(gear, entries);
  if (body.kind !== 'corrected') {
    if (state.state === 'retired') return fail('gear-retired', { code: gear.code });
    if (body.kind === 'inspected' && body.seen !== (entries.at(-1)?.id ?? null))
      return fail('history-moved', { ...movedSince(entries, body.seen) }, ['seen']);
    return checkHappening(gear, state, body, latest);
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
  const checked = checkHappening(gear, before(gear, entries, target.id), body.instead, latest);
  return checked.ok
    ? checked
    : { ok: false, issues: checked.issues.map((i) => ({ ...i, path: ['instead', ...i.path] })) };
}
