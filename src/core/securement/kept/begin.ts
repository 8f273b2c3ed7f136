import { newLine, newPlan } from '../compose';
import type { LineElement } from '../../line/schema';
import type { LoadUnit } from '../load/schema';
import type { Plan } from '../plan';
import type { KeptAs, Strength } from '../schema';
import type { KeptDeck, KeptLoad } from './schema';
import { onKeptDeck, withKeptLoad } from './take';

/** What a plan is begun with; what is left out is blank, and nothing is claimed of it. */
export interface Beginning {
  readonly deck: { readonly keptAs: KeptAs; readonly document: KeptDeck } | null;
  readonly load: { readonly keptAs: KeptAs; readonly document: KeptLoad } | null;
  /** A load that is not kept: what is known of it. */
  readonly own: Partial<Pick<LoadUnit, 'name' | 'massKg' | 'lengthM' | 'widthM' | 'heightM'>>;
  /** Puts a rope of the locker on a line; null: a plain one. */
  readonly rope: ((element: LineElement) => LineElement) | null;
}

/** A unit put in the middle of the deck's length, where lines reach it on both sides. */
const inTheMiddle = (plan: Plan): Plan => ({
  ...plan,
  units: plan.units.map((u) => ({
    ...u,
    fromFrontM: Math.max(0, Math.round(50 * (plan.deck.lengthM - u.lengthM)) / 100),
  })),
});

/** A plan with a deck, a load in its middle, and a line over it where the anchors let one lie there. */
export function begunPlan(
  { deck, load, own, rope }: Beginning,
  strength: Strength,
  system: 'metric' | 'us',
  ruleSet: Plan['ruleSet'] | null = null,
): Plan {
  const blank = newPlan(strength, system, ruleSet);
  const onDeck = deck ? onKeptDeck(blank, deck.keptAs, deck.document) : blank;
  const withLoad = load
    ? withKeptLoad({ ...onDeck, units: [] }, load.keptAs, load.document)
    : { ...onDeck, units: onDeck.units.map((u) => ({ ...u, ...own })) };
  const plan = inTheMiddle(withLoad);
  const title = load?.document.title ?? own.name;
  const line = newLine('rope', plan);
  const lines = line
    ? [
        {
          ...line,
          elements: rope
            ? line.elements.map((e) => (e.kind === 'rope' ? rope(e) : e))
            : line.elements,
        },
      ]
    : [];
  return { ...plan, ...(title ? { title } : {}), lines };
}
