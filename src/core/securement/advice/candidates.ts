import { tackleOf } from '../../tackle/compose';
import { SYSTEMS, type SystemId } from '../../tackle/systems';
import type { Plan } from '../plan';
import { withoutGear } from '../gear-facts';
import { alternatives } from '../../line/alternatives';
import { weightOf } from '../../line/doubts';
import { newElement } from '../../line/compose';
import { kindOf, knotsIn } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import type { IssueValue } from '../../result';
import { N_PER_LBF } from '../../units/constants';
import { type Assessment, lineContext, sharingOf } from '../assess';
import type { ChangeCode } from '../codes';
import { pairOver } from '../compose';
import { freshId } from '../../ids';
import type { LoadUnit } from '../load/schema';
import { namedAnchorIds } from '../route/shape';
import { soundnessOf } from '../soundness';
import { asksOnlyFor, type MayTie } from './may-tie';
import { ruleSet } from '../rules';
import type { Line } from '../schema';

/** A change that may help, before anybody has judged it. */
export interface Candidate {
  readonly code: ChangeCode;
  readonly values: Readonly<Record<string, IssueValue>>;
  readonly plan: Plan;
}

function withLine(plan: Plan, id: string, edit: (line: Line) => Line): Plan {
  return { ...plan, lines: plan.lines.map((l) => (l.id === id ? edit(l) : l)) };
}

const onMat = ({ friction }: LoadUnit): boolean =>
  friction.known === 'pair' && ['anti-slip-mat', 'unmarked-mat'].includes(friction.pair);

/** The plan with the rule set's mat under everything. */
export function onMats(plan: Plan): Plan {
  const { mat } = ruleSet(plan.ruleSet);
  return {
    ...plan,
    units: plan.units.map((u) =>
      onMat(u) ? u : { ...u, friction: { known: 'pair', pair: mat }, surface: 'clean' },
    ),
  };
}

function matCandidate(plan: Plan): Candidate[] {
  if (plan.units.every(onMat)) return [];
  return [{ code: 'put-mat', values: {}, plan: onMats(plan) }];
}

/** Pulls that are tried, N, up to what the crew lets a hand be asked for: 250 N bare, 400 N two gloved hands. Common practice, no source. */
export const PULLS_N = [100, 150, 200, 250, 300, 350, 400, 450, 500, 600, 700, 800, 900, 1000];

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

/** Tackles that are tried in the place of a hitch, the smaller first. */
const TACKLES: readonly SystemId[] = ['simple-3', 'simple-5'];

/** Where a hitch does not give the pull, a tackle on pulleys does, hauled by no more than the crew asks of a hand. Its pulleys are to be read first. */
function tackleCandidates(plan: Plan): Candidate[] {
  const hitches = hauledIn(plan).filter(({ element }) => element.kind === 'truckers');
  if (hitches.length === 0) return [];
  const handForceN = plan.strength.handLimitN;
  return TACKLES.map((id) => ({
    code: 'put-tackle',
    values: { tackle: SYSTEMS[id].name, pullN: handForceN },
    plan: withElements(plan, (e) =>
      e.kind === 'truckers'
        ? ({
            ...newElement('tackle', []),
            ...tackleOf(id, 'plain-pulley'),
            id: e.id,
            handForceN,
          } as LineElement)
        : e,
    ),
  }));
}

function knotCandidates(plan: Plan, a: Assessment, mayTie: MayTie): Candidate[] {
  const sharing = sharingOf(plan);
  return a.lines.flatMap(({ line, capacity }) => {
    const place = capacity.places[capacity.governing[0] ?? -1];
    if (!place) return [];
    const list = alternatives(line.elements, place.elementIndex, lineContext(plan, line, sharing));
    const now = list.find((x) => x.current)?.doubts ?? [];
    // A splice is made at home, not at the roadside: it is no advice. Nor is what suits the place less than what is there.
    const best = list.find(
      (x) =>
        x.key !== 'eye-splice' &&
        (x.lineChange ?? 0) > 0 &&
        knotsIn(x.element).every(mayTie) &&
        (weightOf(x.doubts) === 0 || weightOf(x.doubts) <= weightOf(now)),
    );
    if (!best || best.current) return [];
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

/** Ratings that are tried for plates nobody has read, the least first. Common practice, no source. */
const PLATES_N = [200, 300, 400, 600, 800, 1000, 1500, 2000, 3000, 4000].map(
  (lbf) => lbf * N_PER_LBF,
);

/** Anchors in use that nobody has read: what their plates would have to say. Judging decides from which figure on that is enough. */
export function plateCandidates(plan: Plan): Candidate[] {
  const used = new Set(plan.lines.flatMap((l) => namedAnchorIds(l.elements)));
  const unread = plan.deck.anchors.filter((a) => a.rating.state === 'unrated' && used.has(a.id));
  if (unread.length === 0) return [];
  const ids = new Set(unread.map((a) => a.id));
  return PLATES_N.map((wllN) => ({
    code: 'enter-rating',
    values: { anchors: unread.map((a) => a.name || a.id).join(', '), enoughN: wllN },
    plan: {
      ...plan,
      deck: {
        ...plan.deck,
        anchors: plan.deck.anchors.map((a) =>
          ids.has(a.id) ? { ...a, rating: { state: 'rated', wllN } } : a,
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

/** The plan with one more line like one over a unit, on anchors that are there; null: there are none left for it. */
function oneMore(plan: Plan, like: Line): Plan | null {
  const unit = plan.units.find((u) => like.units.length === 1 && u.id === like.units[0]);
  const ends = unit ? pairOver(unit, plan) : null;
  if (!ends) return null;
  const [first, last] = ends;
  const onDeck = like.elements.filter((e) => e.kind === 'anchor' && e.at.on === 'deck');
  const elements = withoutGear(like.elements).map((e): LineElement =>
    e.kind === 'anchor' && e.at.on === 'deck'
      ? { ...e, at: { on: 'deck', anchorId: e.id === onDeck[0]?.id ? first : last } }
      : e,
  );
  const name = `${like.name} ${plan.lines.length + 1}`.slice(0, 80);
  return {
    ...plan,
    lines: [...plan.lines, { ...like, id: freshId('l', plan.lines), name, elements }],
  };
}

/** More lines like an over-line that holds, on the deck's own anchors. */
const MOST_NEW_LINES = 4;
function moreLines(plan: Plan, a: Assessment): Candidate[] {
  const over = a.lines.find(
    (facts) => facts.line.kind === 'over' && soundnessOf(facts) === 'sound',
  )?.line;
  if (!over) return [];
  const list: Candidate[] = [];
  let grown: Plan | null = plan;
  for (let count = 1; count <= MOST_NEW_LINES; count++) {
    grown = oneMore(grown, over);
    if (!grown) break;
    list.push({ code: 'add-lines', values: { count, like: over.name }, plan: grown });
  }
  return list;
}

/**
 * Every single change that is tried, whatever it is good for, that asks for no knot but those that may be tied. What only a plate
 * could say is tried apart.
 */
export const candidatesFor = (plan: Plan, now: Assessment, mayTie: MayTie): Candidate[] =>
  everyCandidate(plan, now, mayTie).filter((c) => asksOnlyFor(plan, c.plan, mayTie));

const everyCandidate = (plan: Plan, now: Assessment, mayTie: MayTie): Candidate[] => [
  ...webbingCandidate(plan, now),
  ...edgeCandidates(plan),
  ...matCandidate(plan),
  ...pullCandidates(plan),
  ...secondLoopCandidates(plan),
  ...tackleCandidates(plan),
  ...knotCandidates(plan, now, mayTie),
  ...moreLines(plan, now),
];
