import { type Plan, parsePlan } from '@/core/securement/plan';
import type { RawSeveral } from './make-several';
import type { Random } from './random';
import { isWrong, wordOf } from './relations';

/** A change to a plan of several units and what may not come of it; as `relations.ts` for one. */
interface Relation {
  readonly name: string;
  check(raw: RawSeveral, plan: Plan, verdict: string, r: Random): string | null;
}

const verdictOf = (raw: RawSeveral): string | null => {
  const p = parsePlan(raw);
  return p.ok ? wordOf(p.value) : null;
};
const changed = (raw: RawSeveral, edit: (p: RawSeveral) => void): RawSeveral => {
  const p = structuredClone(raw);
  edit(p);
  return p;
};

/** Everything that can be left out of a plan of several units, one thing at a time. */
export function forgettingsOfSeveral(raw: RawSeveral): { what: string; plan(): RawSeveral }[] {
  const list: { what: string; plan(): RawSeveral }[] = [];
  const add = (what: string, edit: (p: RawSeveral) => void): void => {
    list.push({ what, plan: () => changed(raw, edit) });
  };
  raw.deck.anchors.forEach((a, i) => {
    add(`rating of ${String(a['id'])}`, (p) => {
      p.deck.anchors[i]!['rating'] = { state: 'unrated' };
    });
    add(`anchor ${String(a['id'])}`, (p) => {
      p.deck.anchors.splice(i, 1);
    });
  });
  raw.units.forEach((u, i) => {
    for (const key of ['massKg', 'cgHeightM'])
      add(`${key} of ${u.id}`, (p) => {
        p.units[i]![key] = null;
      });
    add(`friction of ${u.id}`, (p) => {
      p.units[i]!['friction'] = { known: 'no' };
    });
    const shape = u['shape'] as { chocks?: { capacityN: number | null } | null } | undefined;
    if (shape?.chocks)
      add(`strength of the chocks of ${u.id}`, (p) => {
        (p.units[i]!['shape'] as typeof shape).chocks!.capacityN = null;
      });
  });
  raw.lines.forEach((line, i) => {
    add(`units of ${line.id}`, (p) => {
      p.lines[i]!.units = [];
      p.lines[i]!['points'] = [];
    });
    if (line['points'])
      add(`points of ${line.id}`, (p) => {
        p.lines[i]!['points'] = [];
      });
    line.elements.forEach((e, k) => {
      // A hook left out is another way of the rope, not a fact that is missing.
      if (e.kind !== 'edge' && e.kind !== 'fitting' && e.kind !== 'hook')
        add(`element ${line.id}/${e.id}`, (p) => {
          p.lines[i]!.elements.splice(k, 1);
        });
    });
  });
  return list;
}

function mirrored(raw: RawSeveral): RawSeveral {
  return changed(raw, (p) => {
    for (const u of p.units) {
      u['fromCentreM'] = -Number(u['fromCentreM'] ?? 0);
      u['turnRad'] = -Number(u['turnRad'] ?? 0);
      if (typeof u['cgLeftM'] === 'number') u['cgLeftM'] = -u['cgLeftM'];
    }
    for (const a of p.deck.anchors) a['fromCentreM'] = -Number(a['fromCentreM']);
    for (const l of p.lines)
      for (const point of (l['points'] as { fromCentreM: number }[] | undefined) ?? [])
        point.fromCentreM = -point.fromCentreM;
  });
}

const same = (name: string, edit: (raw: RawSeveral) => RawSeveral): Relation => ({
  name,
  check: (raw, _plan, verdict) => {
    const after = verdictOf(edit(raw));
    return after !== null && after !== verdict ? `${name}: ${verdict} became ${after}` : null;
  },
});

export const SEVERAL_RELATIONS: readonly Relation[] = [
  {
    name: 'forgetting',
    check(raw, plan, verdict, r) {
      if (verdict === 'holds') return null;
      const one = r.pick(forgettingsOfSeveral(raw));
      if (isWrong(plan, one.what)) return null;
      return verdictOf(one.plan()) === 'holds'
        ? `without ${one.what} ${verdict} became HOLDS`
        : null;
    },
  },
  {
    name: 'more mass of everything',
    check(raw, _plan, verdict) {
      if (verdict !== 'short') return null;
      const heavier = changed(raw, (p) => {
        for (const u of p.units)
          if (typeof u['massKg'] === 'number') u['massKg'] = u['massKg'] * 1.3;
      });
      return verdictOf(heavier) === 'holds' ? 'more mass turned SHORT into HOLDS' : null;
    },
  },
  {
    name: 'one more unit, untied',
    check(raw, plan, verdict) {
      if (verdict === 'holds') return null;
      const alone = {
        ...raw.units[0]!,
        id: 'alone',
        fromFrontM: 30,
        on: { kind: 'deck' },
        against: [],
      };
      const more = changed(raw, (p) => {
        p.deck['lengthM'] = 40;
        p.units.push({ ...alone, fullyContained: true });
      });
      void plan;
      return verdictOf(more) === 'holds' ? 'a unit more, far off, turned it into HOLDS' : null;
    },
  },
  same('read from the other end', (raw) =>
    changed(raw, (p) => {
      for (const l of p.lines) {
        l.elements.reverse();
        l.units.reverse();
        if (Array.isArray(l['points'])) (l['points'] as unknown[]).reverse();
      }
    }),
  ),
  same('mirrored', mirrored),
  same('other order', (raw) =>
    changed(raw, (p) => {
      p.lines.reverse();
      p.units.reverse();
      p.deck.anchors.reverse();
    }),
  ),
];
