import { type Plan, parsePlan } from '@/core/securement/plan';
import type { Random } from './random';
import type { RawElement, RawPlan } from './make-plan';
import { ruleOpinion } from '@/core/securement/assess';
import { judge } from '../../support/demo';

/** A change to a plan and what may not come of it. Each takes the document and its verdict, and says what is wrong, or null. */
export interface Relation {
  readonly name: string;
  check(raw: RawPlan, plan: Plan, verdict: string, r: Random): string | null;
}

const copy = (raw: RawPlan): RawPlan => structuredClone(raw);
const NO_LOCKER = new Map();
/** Statics are asked only where the rule's own opinion is HOLDS: where it denies, nothing can mend it. */
export function wordOf(plan: Plan): string {
  const { verdict } = ruleOpinion(plan, NO_LOCKER);
  return verdict === 'holds' ? judge(plan).verdict : verdict;
}
const verdictOf = (raw: RawPlan, word: (plan: Plan) => string): string | null => {
  const p = parsePlan(raw);
  return p.ok ? word(p.value) : null;
};

/** Something that can be left out, and the plan without it; made when asked for, as few of many are looked at. */
export interface Forgetting {
  readonly what: string;
  plan(): RawPlan;
}

/** Everything that can be left out of a plan, one thing at a time. */
export function forgettings(raw: RawPlan): Forgetting[] {
  const list: Forgetting[] = [];
  const add = (what: string, edit: (p: RawPlan) => void): void => {
    const plan = (): RawPlan => {
      const p = copy(raw);
      edit(p);
      return p;
    };
    list.push({ what, plan });
  };
  raw.deck.anchors.forEach((a, i) => {
    if ((a['rating'] as { state: string }).state === 'rated')
      add(`rating of ${String(a['id'])}`, (p) => {
        p.deck.anchors[i]!['rating'] = { state: 'unrated' };
      });
    add(`anchor ${String(a['id'])}`, (p) => {
      p.deck.anchors.splice(i, 1);
    });
  });
  raw.lines.forEach((line, i) => {
    if (line['attach'])
      add(`attachment of ${line.id}`, (p) => {
        p.lines[i]!['attach'] = null;
      });
    line.elements.forEach((e, k) => {
      const set = (what: string, edit: (e: RawElement) => void): void =>
        add(`${what} of ${line.id}/${e.id}`, (p) => edit(p.lines[i]!.elements[k]!));
      // An edge nobody describes is no edge: the load may be round, or the line may run free. Nor is a shackle: two knots may
      // hold each other.
      if (e.kind !== 'edge' && e.kind !== 'fitting')
        add(`element ${line.id}/${e.id}`, (p) => {
          p.lines[i]!.elements.splice(k, 1);
        });
      if ((e['rating'] as { state?: string } | undefined)?.state === 'rated')
        set('rating', (x) => {
          x['rating'] = { state: 'unrated' };
        });
      if (e['markedWllN'])
        set('marking', (x) => {
          x['markedWllN'] = null;
        });
      const labelled = (e['rope'] as { mbsN?: unknown; markedWllN?: unknown } | undefined) ?? {};
      if (labelled.mbsN || labelled.markedWllN)
        set('labels', (x) => {
          x['rope'] = { ...(x['rope'] as object), mbsN: null, markedWllN: null };
        });
      // The commercial rule does not ask for tension and its word stands without: leaving one out there is no forgetting.
      if (e['standardTensionN'] && raw.ruleSet !== 'us-cmv')
        set('tension', (x) => {
          x['standardTensionN'] = null;
        });
      if (e.kind === 'edge' && e['bendDiameterM'])
        set('measure', (x) => {
          x['bendDiameterM'] = null;
        });
    });
  });
  return list;
}

/** What is itself the gap in its line: a bend that joins nothing is not forgotten but put right by taking it out. */
const STRAY: readonly string[] = ['bend-joins-nothing', 'knot-without-rope', 'anchor-between'];
const isStray = (plan: Plan, what: string): boolean =>
  ruleOpinion(plan, NO_LOCKER).findings.some(
    (f) => STRAY.includes(f.code) && what === `element ${f.lineId}/${f.elementId}`,
  );

const WRONG: readonly string[] = ['attached-outside-load', 'line-through-unit'];
/**
 * Points that are said to lie where the unit is not, or behind another, are no fact that could be forgotten: without them
 * the line counts for nothing.
 */
export const isWrong = (plan: Plan, what: string): boolean =>
  ruleOpinion(plan, NO_LOCKER).findings.some(
    (f) =>
      WRONG.includes(f.code) &&
      [`points of ${f.lineId}`, `attachment of ${f.lineId}`].includes(what),
  );

/** Text of a quantity in other units, where the document gives a number. */
function inOtherUnits(raw: RawPlan): RawPlan {
  const p = copy(raw);
  const mm = (v: unknown): unknown => (typeof v === 'number' ? `${v * 1000} mm` : v);
  for (const key of ['lengthM', 'widthM', 'heightM']) p.cargo[key] = mm(p.cargo[key]);
  if (typeof p.cargo['massKg'] === 'number') p.cargo['massKg'] = `${p.cargo['massKg'] * 1000} g`;
  for (const a of p.deck.anchors) {
    const rating = a['rating'] as { wllN?: unknown };
    if (typeof rating.wllN === 'number')
      a['rating'] = { state: 'rated', wllN: `${rating.wllN / 1000} kN` };
  }
  return p;
}

function mirrored(raw: RawPlan): RawPlan {
  const p = copy(raw);
  p.cargo['fromCentreM'] = -Number(p.cargo['fromCentreM'] ?? 0);
  if (p.cargo['cgLeftM'] !== undefined && p.cargo['cgLeftM'] !== null)
    p.cargo['cgLeftM'] = -Number(p.cargo['cgLeftM']);
  for (const a of p.deck.anchors) a['fromCentreM'] = -Number(a['fromCentreM']);
  const side: Record<string, string> = { left: 'right', right: 'left' };
  for (const l of p.lines) {
    const attach = l['attach'] as { fromCentreM: number } | null | undefined;
    if (attach) l['attach'] = { ...attach, fromCentreM: -attach.fromCentreM };
    const angle = l['angle'] as { restrains?: string; leans?: string | null } | undefined;
    if (angle)
      l['angle'] = {
        ...angle,
        ...(angle.restrains ? { restrains: side[angle.restrains] ?? angle.restrains } : {}),
        ...(angle.leans ? { leans: side[angle.leans] ?? angle.leans } : {}),
      };
  }
  const blocking = p.deck['blocking'] as Record<string, unknown>;
  p.deck['blocking'] = { ...blocking, left: blocking['right'], right: blocking['left'] };
  return p;
}

/** One more line like a sound one, on rings of its own beside the old ones. */
function oneMore(raw: RawPlan, r: Random): RawPlan | null {
  const sound = raw.lines.filter(
    (l) =>
      l.kind !== 'loop' &&
      l.elements.every(
        (e) =>
          e.kind !== 'anchor' ||
          (e['at'] as { on: string }).on === 'own' ||
          raw.deck.anchors.some((a) => a['id'] === (e['at'] as { anchorId: string }).anchorId),
      ),
  );
  if (sound.length === 0) return null;
  const p = copy(raw);
  const line = structuredClone(r.pick(sound));
  for (const e of line.elements) {
    const at = e['at'] as { on: string; anchorId: string } | undefined;
    if (at?.on !== 'deck') continue;
    const ring = p.deck.anchors.find((a) => a['id'] === at.anchorId)!;
    p.deck.anchors.push({ ...ring, id: `${at.anchorId}x`, name: 'another ring' });
    e['at'] = { on: 'deck', anchorId: `${at.anchorId}x` };
  }
  const ids = new Set(p.deck.anchors.map((a) => a['id']));
  if (ids.size !== p.deck.anchors.length) return null;
  p.lines.push({ ...line, id: `${line.id}x` });
  return p;
}

const same = (name: string, change: (raw: RawPlan) => RawPlan): Relation => ({
  name,
  check: (raw, _plan, verdict) => {
    const after = verdictOf(change(raw), wordOf);
    return after !== null && after !== verdict ? `${name}: ${verdict} became ${after}` : null;
  },
});

export const RELATIONS: readonly Relation[] = [
  {
    name: 'more mass',
    check(raw, plan, verdict) {
      if (plan.units[0]!.massKg === null || verdict !== 'short') return null;
      const p = copy(raw);
      p.cargo['massKg'] = plan.units[0]!.massKg * 1.3;
      return verdictOf(p, wordOf) === 'holds' ? 'more mass turned SHORT into HOLDS' : null;
    },
  },
  {
    name: 'forgetting',
    check(raw, plan, verdict, r) {
      if (verdict === 'holds') return null;
      const list = forgettings(raw);
      if (list.length === 0) return null;
      const one = r.pick(list);
      return verdictOf(one.plan(), wordOf) === 'holds' &&
        !isStray(plan, one.what) &&
        !isWrong(plan, one.what)
        ? `without ${one.what} ${verdict} became HOLDS`
        : null;
    },
  },
  {
    name: 'one more line',
    check(raw, plan, verdict, r) {
      if (verdict !== 'holds') return null;
      const p = oneMore(raw, r);
      const parsed = p && parsePlan(p);
      if (!parsed || !parsed.ok) return null;
      const [before, after] = [judge(plan), judge(parsed.value)];
      const said = after.findings.some(
        (f) =>
          f.effect !== 'notice' ||
          f.code === 'tension-drags' ||
          !before.findings.some((b) => b.code === f.code),
      );
      return after.verdict === 'short' && !said
        ? 'one more line turned HOLDS into SHORT without a word'
        : null;
    },
  },
  same('read from the other end', (raw) => {
    const p = copy(raw);
    for (const l of p.lines) l.elements.reverse();
    return p;
  }),
  same('mirrored', mirrored),
  same('other units', inOtherUnits),
  same('other order', (raw) => {
    const p = copy(raw);
    p.lines.reverse();
    return p;
  }),
];
