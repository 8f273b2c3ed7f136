import type { Plan } from '../plan';
import { withoutGear } from '../gear-facts';
import type { LockerWord } from '../locker-word';
import { alternatives } from '../../line/alternatives';
import { newElement } from '../../line/compose';
import { kindOf } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import type { IssueValue } from '../../result';
import { N_PER_LBF } from '../../units/constants';
import { type Assessment, assess, lineContext, sharingOf } from '../assess';
import type { ChangeCode } from '../codes';
import { soundnessOf } from '../rule-input';
import { ruleSet } from '../rules';
import type { LoadUnit } from '../load/schema';
import type { Line } from '../schema';
import { partToSpare } from '../tightest';
import type { Verdict } from '../verdict';

/** One change to a plan, what it is called, and what the plan would be afterwards. */
export interface Change {
  readonly code: ChangeCode;
  readonly values: Readonly<Record<string, IssueValue>>;
  readonly plan: Plan;
  readonly verdict: Verdict;
  /** Smallest margin over all rows, as a part of what is required; null when something is unknown. */
  readonly margin: number | null;
}

type Candidate = Pick<Change, 'code' | 'values' | 'plan'>;

const RANK: Record<Verdict, number> = { barred: 0, short: 1, 'cannot-say': 2, holds: 3 };

/** Smallest margin as a part of what is required, by rule and by statics: advice must move whichever is worse. */
function smallestMargin(a: Assessment): number | null {
  const compared = [...a.rows, ...a.statics.filter((r) => !r.ruleStands)];
  const parts = compared.map(partToSpare);
  return parts.every((p) => p !== null) && parts.length > 0
    ? Math.min(...(parts as number[]))
    : null;
}

function withLine(plan: Plan, id: string, edit: (line: Line) => Line): Plan {
  return { ...plan, lines: plan.lines.map((l) => (l.id === id ? edit(l) : l)) };
}

const onMat = ({ friction }: LoadUnit): boolean =>
  friction.known === 'pair' && ['anti-slip-mat', 'unmarked-mat'].includes(friction.pair);

function matCandidate(plan: Plan): Candidate[] {
  const { mat } = ruleSet(plan.ruleSet);
  if (plan.units.every(onMat)) return [];
  return [
    {
      code: 'put-mat',
      values: {},
      plan: {
        ...plan,
        units: plan.units.map((u) =>
          onMat(u) ? u : { ...u, friction: { known: 'pair', pair: mat }, surface: 'clean' },
        ),
      },
    },
  ];
}

/** Pulls that are tried, N, up to what the crew lets a hand be asked for: 250 N bare, 400 N two gloved hands. Common practice, no source. */
const PULLS_N = [100, 150, 200, 250, 300, 350, 400, 450, 500, 600, 700, 800, 900, 1000];

/** Every element that a hand hauls, with its kind. */
const hauledIn = (plan: Plan) =>
  plan.lines.flatMap((l) =>
    l.elements.flatMap((element) => {
      const { hand } = kindOf(element);
      return hand ? [{ element, hand }] : [];
    }),
  );

const withElements = (plan: Plan, edit: (element: LineElement) => LineElement): Plan => ({
  ...plan,
  lines: plan.lines.map((l) => ({ ...l, elements: l.elements.map(edit) })),
});

function pullCandidates(plan: Plan): Candidate[] {
  const most = Math.max(0, ...hauledIn(plan).map(({ element, hand }) => hand.pullN(element)));
  if (most === 0) return [];
  return PULLS_N.filter((pull) => pull > most && pull <= plan.strength.handLimitN).map((pull) => ({
    code: 'pull-harder',
    values: { fromN: most, toN: pull },
    plan: withElements(plan, (e) => kindOf(e).hand?.pulled(e, pull) ?? e),
  }));
}

/** Where more pull is wanted than a hand gives, a second loop gives it: the same hand, another system. */
function secondLoopCandidates(plan: Plan): Candidate[] {
  const loops = hauledIn(plan).filter(({ element, hand }) => hand.secondLoop?.(element));
  if (loops.length === 0) return [];
  const least = Math.max(0, ...loops.map(({ element, hand }) => hand.pullN(element)));
  const doubled = (e: LineElement, pull: number): LineElement => {
    const { hand } = kindOf(e);
    const twice = hand?.secondLoop?.(e);
    return hand && twice ? hand.pulled(twice, Math.max(pull, hand.pullN(e))) : e;
  };
  return [...new Set([least, ...PULLS_N])]
    .filter((pull) => pull >= least && pull <= plan.strength.handLimitN)
    .map((pull) => ({
      code: 'second-loop',
      values: { pullN: pull },
      plan: withElements(plan, (e) => doubled(e, pull)),
    }));
}

function knotCandidates(plan: Plan, a: Assessment): Candidate[] {
  const sharing = sharingOf(plan);
  return a.lines.flatMap(({ line, capacity }) => {
    const place = capacity.places[capacity.governing[0] ?? -1];
    if (!place) return [];
    // A splice is made at home, not at the roadside: it is no advice.
    const best = alternatives(
      line.elements,
      place.elementIndex,
      lineContext(plan, line, sharing),
    ).find((x) => x.key !== 'eye-splice');
    if (!best || best.current || (best.lineChange ?? 0) <= 0) return [];
    return [
      {
        code: 'use-instead',
        values: { line: line.name, instead: best.label },
        plan: withLine(plan, line.id, (l) => ({
          ...l,
          elements: l.elements.with(place.elementIndex, best.element),
        })),
      },
    ];
  });
}

/** What a rating would have to be before it stops mattering is not known; a common lashing ring is tried. Common practice, no source. */
const COMMON_RING_N = 800 * N_PER_LBF;

function ratingCandidates(plan: Plan): Candidate[] {
  return plan.deck.anchors
    .filter((a) => a.rating.state === 'unrated')
    .map((anchor) => ({
      code: 'enter-rating',
      values: { anchor: anchor.name, tryN: COMMON_RING_N },
      plan: {
        ...plan,
        deck: {
          ...plan.deck,
          anchors: plan.deck.anchors.map((x) =>
            x.id === anchor.id ? { ...x, rating: { state: 'rated', wllN: COMMON_RING_N } } : x,
          ),
        },
      },
    }));
}

const isSharp = (e: LineElement): boolean => kindOf(e).sharp?.(e) ?? false;
const protectedEdge = (e: LineElement): LineElement => kindOf(e).protect?.(e) ?? e;

function edgeCandidates(plan: Plan): Candidate[] {
  return plan.lines
    .filter((line) => line.elements.some(isSharp))
    .map((line) => ({
      code: 'protect-edge',
      values: { line: line.name },
      plan: withLine(plan, line.id, (l) => ({
        ...l,
        elements: l.elements.map((e) => (isSharp(e) ? protectedEdge(e) : e)),
      })),
    }));
}

/** Marking of the ratchets that are proposed: as much as 49 CFR 393.108 gives 2 in webbing. The words of the advice name it. */
const PROPOSED_RATCHET_N = 2000 * N_PER_LBF;

/** Its webbing: 2 in. */
const TWO_INCHES_M = 0.0508;

/** The compliant way where knots are forbidden: 2 in webbing with a ratchet on every line that is knotted now. */
function webbingLine(line: Line): Line {
  const ofRole = (role: 'anchor' | 'corner'): LineElement[] =>
    line.elements.filter((e) => kindOf(e).role === role);
  const [first, ...last] = ofRole('anchor');
  const edges = ofRole('corner').map(protectedEdge);
  const webbing = { ...newElement('webbing', line.elements), widthM: TWO_INCHES_M };
  const ratchet = {
    ...newElement('ratchet', line.elements),
    rating: { state: 'rated', wllN: PROPOSED_RATCHET_N },
  };
  return {
    ...line,
    settling: 0,
    elements: [...(first ? [first] : []), webbing, ...edges, ratchet, ...last] as LineElement[],
  };
}

function webbingCandidate(plan: Plan, a: Assessment): Candidate[] {
  const knotted = new Set(
    a.findings.filter((f) => f.code === 'knot-prohibited').map((f) => f.lineId),
  );
  if (knotted.size === 0) return [];
  return [
    {
      code: 'use-webbing',
      values: { lines: knotted.size, ratchetN: PROPOSED_RATCHET_N },
      plan: { ...plan, lines: plan.lines.map((l) => (knotted.has(l.id) ? webbingLine(l) : l)) },
    },
  ];
}

/** The plan with one more line like `line`, on anchors of its own beside the old ones. */
function again(plan: Plan, line: Line, n: number): Plan {
  const copies = new Map(
    plan.deck.anchors.map((a) => [a.id, { ...a, id: `${a.id}+${n}`.slice(-40) }]),
  );
  const moved = withoutGear(line.elements).map((e): LineElement =>
    e.kind === 'anchor' && e.at.on === 'deck' && copies.has(e.at.anchorId)
      ? { ...e, at: { on: 'deck', anchorId: copies.get(e.at.anchorId)!.id } }
      : e,
  );
  return {
    ...plan,
    deck: { ...plan.deck, anchors: [...plan.deck.anchors, ...copies.values()] },
    lines: [...plan.lines, { ...line, id: `${line.id}+${n}`.slice(-40), elements: moved }],
  };
}

/** More lines like an over-line that holds: only their effect is judged, where they lie is for the driver. */
const MOST_NEW_LINES = 4;
function moreLines(plan: Plan, a: Assessment): Candidate[] {
  const over = a.lines.find(
    (facts) => facts.line.kind === 'over' && soundnessOf(facts) === 'sound',
  )?.line;
  if (!over) return [];
  const list: Candidate[] = [];
  let grown = { ...plan, deck: { ...plan.deck, anchors: plan.deck.anchors } };
  for (let count = 1; count <= MOST_NEW_LINES; count++) {
    const base = plan.deck.anchors;
    const next = again({ ...plan, deck: { ...plan.deck, anchors: base } }, over, count);
    grown = {
      ...grown,
      lines: [...grown.lines, next.lines.at(-1)!],
      deck: {
        ...grown.deck,
        anchors: [...grown.deck.anchors, ...next.deck.anchors.slice(base.length)],
      },
    };
    list.push({ code: 'add-lines', values: { count, like: over.name }, plan: grown });
  }
  return list;
}

function better(a: Change, b: Change): number {
  return RANK[b.verdict] - RANK[a.verdict] || (b.margin ?? -Infinity) - (a.margin ?? -Infinity);
}

/** Whether a line that was not there before adds nothing by statics: such a line is no advice. */
function idleNewcomer(before: Plan, after: Assessment): boolean {
  const had = new Set(before.lines.map((l) => l.id));
  return after.findings.some(
    (f) => f.code === 'line-does-nothing' && f.lineId !== undefined && !had.has(f.lineId),
  );
}

/** Of several strengths of the same remedy the gentlest that holds, else the strongest. */
function pick(changes: readonly Change[]): Change[] {
  const kinds = new Map<string, Change[]>();
  for (const c of changes) {
    const key = [c.code, c.values['line'], c.values['anchor']].join('/');
    kinds.set(key, [...(kinds.get(key) ?? []), c]);
  }
  return [...kinds.values()].map(
    (list) =>
      list.find((c) => c.verdict === 'holds') ?? list.reduce((x, y) => (better(y, x) < 0 ? y : x)),
  );
}

/**
 * Single changes that would help, the most helpful first: each is judged by assessing the changed plan.
 * Changes that help nothing are left out. Nothing is said about a plan that HOLDS. `gear`: what the locker says today.
 */
export function helpfulChanges(
  plan: Plan,
  gear: LockerWord,
  now: Assessment = assess(plan, gear),
): Change[] {
  if (now.verdict === 'holds') return [];
  const candidates = [
    ...webbingCandidate(plan, now),
    ...ratingCandidates(plan),
    ...edgeCandidates(plan),
    ...matCandidate(plan),
    ...pullCandidates(plan),
    ...secondLoopCandidates(plan),
    ...knotCandidates(plan, now),
    ...moreLines(plan, now),
  ];
  const before = { verdict: now.verdict, margin: smallestMargin(now) };
  const changes = candidates.map((c): Change & { readonly idle: boolean } => {
    const after = assess(c.plan, gear);
    return {
      ...c,
      verdict: after.verdict,
      margin: smallestMargin(after),
      idle: idleNewcomer(plan, after),
    };
  });
  // While something is forbidden, more strength is no help.
  const helps = (c: Change & { readonly idle: boolean }): boolean =>
    !c.idle &&
    (RANK[c.verdict] > RANK[before.verdict] ||
      (before.verdict !== 'barred' &&
        c.verdict === before.verdict &&
        c.margin !== null &&
        before.margin !== null &&
        c.margin > before.margin + 1e-6));
  return pick(changes.filter(helps).map(({ idle: _, ...c }) => c)).sort(better);
}
