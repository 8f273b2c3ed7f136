import type { Confidence } from '../../working/working';
import type { FormSpec } from '../form/form';
import type { EntryId } from '../entry-ids';
import type { Holds } from '../holding';
import type { KnotId } from '../knots';
import type { KnotName } from '../topology/names';
import type { ClosureName } from '../topology/views';

export const FAMILIES = [
  'stopper',
  'end loop',
  'mid-line loop',
  'hitch',
  'grip hitch',
  'bend',
  'binding',
  'tensioner',
] as const;
export type Family = (typeof FAMILIES)[number];

/** What people look for a knot by, in their words. */
export const PURPOSES = {
  'does-not-bind': 'does not bind',
  'off-under-load': 'comes off under load',
  'no-end': 'no end needed',
  'unequal-ropes': 'unequal ropes',
  'slick-pole': 'slick pole',
  gloves: 'with gloves',
  'not-jam': 'does not jam',
  adjusts: 'can be adjusted',
  'grips-rope': 'grips another rope',
  'keeps-strength': 'costs little strength',
  tightens: 'pulls a line tight',
  joins: 'joins two ropes',
  stops: 'stops a rope running out',
} as const;
export type Purpose = keyof typeof PURPOSES;

export const CREWS = ['transport', 'stage', 'farm', 'trades', 'instructors'] as const;
export type Crew = (typeof CREWS)[number];

/** Three steps from hard to easy. */
export type Ease = 1 | 2 | 3;

/**
 * How the rope lies at a step in which it is no part of the finished form yet: on the hand, in a twist still to be folded. A
 * path of its own, with proofs of its own.
 */
export interface Laid {
  readonly spec: FormSpec;
  readonly claims: readonly [Claim, ...Claim[]];
  /** The hand goes on at the middle of what is added, not at its end. */
  readonly byNose?: true;
}

/**
 * What of a form a step shows. `upTo`: each rope from its start to a control parameter; `bight`: the rope without this
 * stretch, bridged; `laid`: another path altogether.
 */
export type Shown =
  | { readonly upTo: readonly number[] }
  | { readonly bight: readonly [from: number, to: number] }
  | { readonly laid: Laid }
  | 'whole'
  | 'drawn up';

/** A hand that holds the rope at a control parameter of the first rope. */
export interface Grip {
  readonly at: number;
  /** Where its arm comes from, in degrees against the clock, 0 from the right, as the one who ties sees it. */
  readonly arm: number;
  /** The wrist turns over. */
  readonly turns?: true;
}

/** One thing to do, then what to look at. */
export interface Step {
  readonly shown: Shown;
  readonly say: string;
  readonly look: string;
  /** What it adds of the first rope, by control parameter, where that does not follow from the step before. */
  readonly adds?: readonly [from: number, to: number];
  /** Where it is made by a movement of the hand. */
  readonly grips?: readonly Grip[];
}

/** What the topology of a form must be, closed in a stated way. Numbers and names do not depend on the hand it is tied with. */
export interface Claim {
  readonly closure: ClosureName;
  /** Each component by itself, in order, fixtures last. */
  readonly alone?: readonly KnotName[];
  /** Absolute linking numbers of all pairs. */
  readonly linking?: readonly number[];
  /** Bracket polynomial of the whole, whichever hand ties it: for what components and linking numbers cannot tell apart. */
  readonly whole?: string;
  /** The whole equals its own mirror image. */
  readonly amphichiral?: true;
  /** Why a partly slipped form closes to what it does, or which tail is meant. */
  readonly because?: string;
}

/** A part of the drawing with its name beside it. */
export interface PartLabel {
  readonly rope?: 0 | 1;
  readonly u: number;
  readonly text: string;
  /** A busy place of a long form, shown enlarged beside it. */
  readonly inset?: true;
}

/** Crossings that may be turned over without changing what is tied, with the reason. All others must be noticed. */
export interface IdleCrossings {
  readonly count: number;
  readonly because: string;
}

/** A way to tie the knot. */
export interface TiedForm {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly spec: FormSpec;
  readonly claims: readonly [Claim, ...Claim[]];
  readonly steps: readonly [Step, ...Step[]];
  readonly labels?: readonly PartLabel[];
  /** How it comes off: without an end, by pulling its bight, or partly, with the knot that is left named as the tables name it. */
  readonly release?:
    'in the bight' | 'fully slipped' | { readonly leaves: KnotName; readonly says: string };
  /** Another form of this entry it must have the same invariants as: the same knot made another way. */
  readonly sameAs?: string;
  /** The form it is with an end in place of its bight: proved on the rope up to the bight's nose. */
  readonly slippedOf?: string;
  readonly idleCrossings?: IdleCrossings;
  /** What this way of tying it is called, where it has names of its own. */
  readonly aliases?: readonly string[];
  /** What it is tied this way for. */
  readonly serves?: readonly Purpose[];
  /** What it is tied with, where that does not follow from how it comes off. */
  readonly needs?: 'an end' | 'a bight';
  /** What is looked at, counted and expected of this form where it is not as the entry says. */
  readonly checks?: Entry['checks'];
  readonly strength?: KnotId | null;
  readonly holds?: Holds;
  readonly tailD?: number;
  /** The form whose drawn-up picture shows what this one must look like once it is dressed. */
  readonly dressedAs?: string;
}

/** A knot people tie by mistake instead. */
export interface WrongForm {
  readonly id: string;
  readonly name: string;
  /** What differs and what it does. */
  readonly says: string;
  /** The form it is compared with. */
  readonly insteadOf: string;
  readonly spec: FormSpec;
  readonly claims: readonly [Claim, ...Claim[]];
  /** How it is told from the right form: by invariants, or by how it lies although the invariants agree. */
  readonly toldBy: 'invariants' | 'geometry';
  readonly idleCrossings?: IdleCrossings;
  /** Where the two part: control parameter on the right form and on this one. */
  readonly partsAt: { readonly rope?: 0 | 1; readonly right: number; readonly wrong: number };
}

/** A fact two schools dispute, with both named. */
export interface Dispute {
  readonly about: string;
  readonly sides: readonly {
    readonly school: string;
    readonly says: string;
    readonly source: Confidence;
  }[];
  readonly pick: string;
}

/** Everything an entry must say; one that lacks something does not compile. */
export interface Entry {
  readonly id: EntryId;
  readonly name: string;
  readonly aliases: readonly string[];
  readonly family: Family;
  readonly purpose: string;
  readonly notFor: string;
  /** Row of the strength table, or null when no school has a value for it. */
  readonly strength: KnotId | null;
  readonly jams: string;
  readonly unties: string;
  readonly holds: Holds;
  readonly needs: 'an end' | 'a bight' | 'either';
  readonly easy: { readonly tie: Ease; readonly untie: Ease };
  readonly gloves: boolean;
  readonly slipped: string;
  readonly backup: string;
  /** Least tail, in rope diameters. */
  readonly tailD: number;
  readonly purposes: readonly Purpose[];
  readonly crews: readonly Crew[];
  readonly disputes: readonly Dispute[];
  readonly checks: readonly [string, ...string[]];
  readonly forms: readonly [TiedForm, ...TiedForm[]];
  readonly wrong: readonly WrongForm[];
}
