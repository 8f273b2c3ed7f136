import { describe, expect, it } from 'vitest';
import { readForm } from '../form/form';
import { knot, KNOTS, type KnotId } from '../knots';
import type { Passage } from '../path/meetings';
import { eitherHand } from '../topology/either-hand';
import { closed } from '../topology/closure';
import { unnoticedFlips, withCrossingFlipped } from '../topology/flip';
import { fingerprintOf, invariantsOf } from '../topology/invariants';
import { jonesInA } from '../topology/jones';
import { planarCode } from '../topology/planar-code';
import { proofOf, prove, provedOrWrong } from '../topology/proof';
import { type ProofView, viewsOf } from '../topology/views';
import { wordIssue } from '../../../wording/issues';
import { allForms, CATALOGUE, entryOf } from '.';
import type { Entry, TiedForm } from './entry';

const forms = allForms();
const named = (name: string) => forms.find((f) => f.name === name)!;
const viewsOfForm = (name: string) => {
  const form = readForm(name, named(name).form.spec);
  if (!form.ok) throw new Error(wordIssue(form.issues[0]!));
  return { form: form.value, views: viewsOf(form.value) };
};
const closes = (name: string, closure: string) =>
  invariantsOf(viewsOfForm(name).views.find((v) => v.name === closure)!);

/** A view without one of its ropes, each of the others closed by itself. */
function withoutRope(view: ProofView, rope: number): ProofView {
  const { ropes, crossings, shut } = view.diagram;
  const kept = (r: number): number => (r > rope ? r - 1 : r);
  const passage = (p: Passage): Passage => ({ ...p, rope: kept(p.rope) });
  return {
    name: 'ends',
    diagram: {
      ropes: ropes.filter((_, r) => r !== rope),
      crossings: crossings
        .filter((c) => c.over.rope !== rope && c.under.rope !== rope)
        .map((c) => ({ over: passage(c.over), under: passage(c.under) })),
      shut: shut.filter((r) => r !== rope).map(kept),
    },
    closure: view.closure
      .filter((_, r) => r !== rope)
      .map(([a, b]) => [
        { ...a, rope: kept(a.rope) },
        { ...b, rope: kept(b.rope) },
      ]),
  };
}

describe('every form is what its entry claims', () => {
  it.each(forms.map((f) => [f.name, f] as const))('%s', (name, { form }) => {
    const proof = proofOf(name, form.spec, form.claims);
    expect(proof.ok ? proof.value.results.filter((r) => !r.holds) : proof.issues).toEqual([]);
  });
});

describe('the claims of a form hold of no other', () => {
  const views = new Map<TiedForm['spec'], ProofView[]>();
  const viewsOfSpec = (spec: TiedForm['spec']): ProofView[] => {
    const kept = views.get(spec);
    if (kept) return kept;
    const form = readForm('other', spec);
    if (!form.ok) throw new Error(wordIssue(form.issues[0]!));
    const made = viewsOf(form.value);
    views.set(spec, made);
    return made;
  };
  const holds = (claims: TiedForm['claims'], spec: TiedForm['spec']): boolean =>
    claims.every((c) => prove(c, viewsOfSpec(spec)).holds);
  it.each(CATALOGUE.map((e) => [e.id, e] as const))('%s', (_, entry) => {
    const all: readonly TiedForm[] = entry.forms;
    for (const form of all) {
      const fits = all.filter((f) => f !== form && holds(form.claims, f.spec));
      const same = (f: TiedForm): boolean =>
        f.sameAs === form.id || form.sameAs === f.id || (!!f.sameAs && f.sameAs === form.sameAs);
      expect(
        fits.filter((f) => !same(f)).map((f) => f.id),
        form.id,
      ).toEqual([]);
      const mistaken = entry.wrong.filter((w) => holds(form.claims, w.spec));
      expect(
        mistaken.filter((w) => w.toldBy === 'invariants').map((w) => w.id),
        form.id,
      ).toEqual([]);
    }
  });
});

describe('a claim of a form closed behind its pole', () => {
  const claimed = forms.filter((f) => f.form.claims.some((c) => c.closure === 'behind'));
  it('is made of some', () => expect(claimed.length).toBeGreaterThan(0));
  it.each(claimed.map((f) => f.name))('%s says something that in front of it is not said', (name) =>
    expect(closes(name, 'behind')).not.toEqual(closes(name, 'ends')),
  );
});

describe('a crossing turned over is noticed by the invariants alone', () => {
  it.each(forms.map((f) => [f.name, f] as const))('every one of %s', (name, { form }) => {
    const allowed = 'idleCrossings' in form ? form.idleCrossings : undefined;
    expect(unnoticedFlips(viewsOfForm(name).form).length).toBe(allowed?.count ?? 0);
    if (allowed) expect(allowed.because.length).toBeGreaterThan(20);
  });
});

describe('one knot by several ways', () => {
  const pairs = forms.flatMap((f) =>
    'sameAs' in f.form && f.form.sameAs
      ? [[f.name, `${f.entry.id}/${f.form.sameAs}`] as const]
      : [],
  );
  it('the entries say which', () =>
    expect(pairs.map((p) => p[0])).toEqual(
      expect.arrayContaining([
        'alpine-butterfly/hand',
        'alpine-butterfly/palm',
        'clove-hitch/dropped',
        'bowline/facing-toward',
      ]),
    ));
  it.each(pairs)('%s is %s', (a, b) => {
    const [va, vb] = [viewsOfForm(a).views, viewsOfForm(b).views];
    const shared = va.filter((v) => vb.some((w) => w.name === v.name));
    expect(shared.length).toBeGreaterThan(0);
    // Which closing line of a pole counts as in front depends on how the pole lies: every view of the one must be a view of the other.
    const seen = (views: typeof va): string[] =>
      views.map((v) => invariantsOf(v)).map((i) => `${i.alone.join()} ${eitherHand(i.whole)}`);
    expect(seen(vb.filter((w) => shared.some((v) => v.name === w.name)))).toEqual(
      expect.arrayContaining(seen(shared)),
    );
  });
});

describe('tied in the bight, slipped, told apart', () => {
  const released = forms.flatMap((f) =>
    'release' in f.form && f.form.release ? [[f.name, f.form.release] as const] : [],
  );
  it('many are', () => expect(released.length).toBeGreaterThanOrEqual(12));
  it.each(released)('%s, %s, closes to what is left', (name, release) => {
    expect(closes(name, 'ends').alone[0]).toBe(
      typeof release === 'string' ? 'unknot' : release.leaves,
    );
  });
  const slipped = forms.flatMap((f) =>
    'slippedOf' in f.form && f.form.slippedOf
      ? [[f.name, `${f.entry.id}/${f.form.slippedOf}`] as const]
      : [],
  );
  it('some are another form slipped', () => expect(slipped.length).toBeGreaterThanOrEqual(4));
  it.each(slipped)('%s with an end for its bight is %s', (name, plain) => {
    const cut = viewsOfForm(name).views.find((v) => v.name === 'cut 1')!;
    expect(invariantsOf(withoutRope(cut, 1))).toEqual(closes(plain, 'ends'));
  });
  it('what is said to be tied in the bight, or that its bight pulls out, is marked so', () => {
    for (const { name, form } of forms)
      for (const c of form.claims)
        if (/in the bight|fully slipped/.test(c.because ?? ''))
          expect('release' in form && form.release, name).toBeTruthy();
  });
  it.each(
    forms
      .filter((f) => f.wrong && 'toldBy' in f.form && f.form.toldBy === 'invariants')
      .map((f) => [f.name, f] as const),
  )('%s differs from what it is mistaken for', (name, { entry, form }) => {
    const right = viewsOfForm(`${entry.id}/${'insteadOf' in form ? form.insteadOf : ''}`).views;
    // Which part of a cut rope is knotted counts too: a slip loop made from the wrong side is the same rope the other way round.
    expect(viewsOfForm(name).views.map(invariantsOf)).not.toEqual(right.map(invariantsOf));
  });
  it('an undressed butterfly is told by how it lies only', () => {
    expect(
      fingerprintOf(
        viewsOfForm('alpine-butterfly/wrong-undressed')
          .views.filter((v) => v.name === 'cut 1')
          .map((v) => ({ ...v, name: 'cut 1' as const })),
      ),
    ).toBe(
      fingerprintOf(viewsOfForm('alpine-butterfly/twist').views.filter((v) => v.name === 'cut 1')),
    );
  });
});

describe('a bad path is refused with knot, mark and place', () => {
  const bowline = named('bowline/facing-away').form;
  const path = bowline.spec.ropes[0]!.path;
  const said = (changed: string): string => {
    const result = provedOrWrong(
      'bowline/facing-away',
      { ...bowline.spec, ropes: [{ ...bowline.spec.ropes[0]!, path: changed }] },
      bowline.claims,
    );
    return result.ok ? 'ok' : wordIssue(result.issues[0]!);
  };
  it('as it stands it is right', () => expect(said(path)).toBe('ok'));
  it('a syntax error', () =>
    expect(said(path.replace('O 0,9', 'Q 0,9'))).toBe(
      'Knot bowline/facing-away: token 2, “Q”, is neither a point (x,y) nor marks (O, U, .).',
    ));
  it('an unmatched mark', () =>
    expect(said(path.replace('-2.2,9 OO', '-2.2,9 O'))).toBe(
      'Knot bowline/facing-away: rope 1, interval 25, marked “O”: 1 marks for 2 crossings.',
    ));
  it('a rope through itself, where no mark says who lies over', () =>
    expect(said(path.replace('0,17 O 0,9', '0,17 0,9'))).toMatch(
      /^Knot bowline\/facing-away: rope 1, interval 1, marked “”: 0 marks for 1 crossings\.$/,
    ));
  it('marks that contradict each other', () =>
    expect(said(path.replace('0,17 O 0,9', '0,17 U 0,9'))).toMatch(
      /^Knot bowline\/facing-away: rope 1, interval 1, and rope 1, interval 23, both say “U”/,
    ));
  it('a wrong invariant, with the crossing to blame', () => {
    const { form } = viewsOfForm('bowline/facing-away');
    const turned = withCrossingFlipped(form, 0);
    if (!turned.ok) throw new Error('a turned crossing is readable');
    const text = turned.value.paths[0]!.points.map(
      (p, i) =>
        `${i === 0 ? '' : `${turned.value.paths[0]!.marks[i - 1]!.join('')} `}${p.x},${p.y}`,
    ).join(' ');
    expect(said(text)).toMatch(
      /^Knot bowline\/facing-away: closed “ends” it must give 8₂₀, but gives \S+\. It would be right with the crossing turned over that rope 1 marks “O” in interval \d+\.$/,
    );
  });
});

describe('the largest form', () => {
  it('has its polynomial in its largest closure', () => {
    const codes = forms.flatMap((f) =>
      viewsOfForm(f.name).views.map((v) => planarCode(closed(v.diagram, v.closure))),
    );
    const largest = codes.reduce((a, b) => (b.crossings.length > a.crossings.length ? b : a));
    expect(largest.crossings.length).toBeGreaterThan(20);
    // At t = 1 every Jones polynomial is (−2)^(components − 1). Source: standard property of the polynomial.
    const sum = Math.abs(
      [...jonesInA(largest).values()].reduce((total, c) => total + Number(c), 0),
    );
    expect(Number.isInteger(Math.log2(sum)), `coefficients add up to ${sum}`).toBe(true);
  });
});

describe('an entry that lacks something', () => {
  it('does not compile', () => {
    const without: Omit<Entry, 'checks'> = entryOf('reef')!;
    // @ts-expect-error the checks are missing
    const lacking: Entry = without;
    // @ts-expect-error a knot has at least one form
    const formless: Entry = { ...entryOf('reef')!, forms: [] };
    expect([lacking.id, formless.forms]).toEqual(['reef', []]);
  });
});

describe('the entries', () => {
  it('carry ids that do not repeat', () =>
    expect(new Set(CATALOGUE.map((e) => e.id)).size).toBe(CATALOGUE.length));
  it.each(CATALOGUE.map((e) => [e.id, e] as const))(
    '%s: steps, labels and comparisons point at its own ropes',
    (_, entry) => {
      for (const form of entry.forms) {
        const last = form.spec.ropes.map(
          (r) => r.path.split(' ').filter((t) => t.includes(',')).length - 1,
        );
        for (const step of form.steps)
          if (typeof step.shown === 'object' && 'upTo' in step.shown)
            step.shown.upTo.forEach((u, i) => expect(u).toBeLessThanOrEqual(last[i]!));
        for (const label of form.labels ?? [])
          expect(label.u).toBeLessThanOrEqual(last[label.rope ?? 0]!);
        expect(form.steps.at(-1)!.shown).toBe('drawn up');
      }
      for (const form of entry.forms) if (form.dressedAs) expect(form.dressedAs).toBe(form.sameAs);
      for (const wrong of entry.wrong)
        expect(entry.forms.map((f) => f.id)).toContain(wrong.insteadOf);
      for (const dispute of entry.disputes) expect(dispute.sides.length).toBeGreaterThanOrEqual(2);
    },
  );
  it('what is said to cost little strength has a figure that says so', () => {
    for (const { id, purposes, strength } of CATALOGUE)
      if (purposes.includes('keeps-strength')) {
        const least = strength ? Object.values(knot(strength).efficiency).map((e) => e[0]) : [];
        expect(Math.max(0, ...least), id).toBeGreaterThanOrEqual(0.7);
      }
  });
  it('every knot of a line that is taught is taught in a form that exists', () => {
    const taught = (Object.keys(KNOTS) as KnotId[])
      .map((id) => knot(id).taught)
      .filter((s) => s !== null);
    expect(taught.length).toBeGreaterThanOrEqual(20);
    for (const stage of taught)
      expect(entryOf(stage.entry)?.forms.map((f) => f.id)).toContain(stage.form);
  });
  it.each((Object.keys(KNOTS) as KnotId[]).filter((id) => knot(id).taught !== null))(
    '%s counts, holds and wants the tail that its form says',
    (id) => {
      const { taught, holds, rope } = knot(id);
      const entry = entryOf(taught!.entry)!;
      const form: TiedForm = entry.forms.find((f) => f.id === taught!.form)!;
      expect(form.strength ?? entry.strength).toBe(id);
      expect(form.holds ?? entry.holds).toEqual(holds);
      if (rope) expect(form.tailD ?? entry.tailD).toBe(rope.tailD);
    },
  );
});
