import type { GearState } from '../../gear/history';
import type { Gear, GearItem } from '../../gear/schema';
import type { KnotId } from '../../knot/knots';
import type { Tracer } from '../../working/working';
import type { Hauling, LineContext, LinePosition, Run } from '../context';
import type { Place } from '../place';
import type { ElementKindId, ElementOf, LineElement } from '../schema';
import type { LineTension, TensionInputs } from '../tension-parts';

/** What the knots of a line are counted with when its rope is cut to length. */
export interface RopeNeeds<V> {
  readonly ropes: readonly ElementOf<'rope'>[];
  /** Diameter of its thickest rope, m. */
  readonly diameterM: number;
  /** Route of the line, m. */
  readonly route: V;
  /** Tension while it is hauled, N. */
  readonly hauled: V;
}

/** What else may stand in an element's place. */
export interface Variant {
  readonly key: string;
  readonly label: string;
  readonly hint: string;
  readonly element: LineElement;
}

/** A thing of the locker as a plan takes it: its label, and how it stands. */
export interface GearNow {
  readonly gear: Pick<Gear, 'item' | 'code'>;
  readonly state: Pick<GearState, 'condition'>;
}

/** How a kind of element is a thing of the locker. */
export interface GearFit<K extends ElementKindId> {
  readonly item: GearItem['kind'];
  /** Whether the locker's word is worse than what the plan counts with; the thing is of the right sort. */
  worse(element: ElementOf<K>, now: GearNow): boolean;
  /** What is damaged of it is marked off and lies outside the line. */
  isolated?(element: ElementOf<K>): boolean;
  /** The element as that thing, `lengthM` of it left; null: it does not fit here. */
  taken(element: ElementOf<K>, now: GearNow, lengthM: number | null): ElementOf<K> | null;
  /** The element as another of the same sort would be: tag and measured length are the thing's own. */
  another(element: ElementOf<K>): ElementOf<K>;
}

/**
 * Everything an element kind can do, in one place: whoever asks about a kind asks here. One file a kind or a family of
 * kinds; registered in `index.ts`.
 */
export interface ElementKind<K extends ElementKindId> {
  readonly kind: K;
  /** What it is in a line: an end, what runs along it, hardware that rope cannot reach through, a knot, a corner it lies over. */
  readonly role: 'anchor' | 'run' | 'hardware' | 'knot' | 'corner';
  /** What a new one begins as. Nothing is rated that nobody has read. */
  readonly beginning: Omit<ElementOf<K>, 'id' | 'kind'>;
  /** What limits the line here. */
  places<V>(
    t: Tracer<V>,
    element: ElementOf<K>,
    at: LinePosition,
    context: LineContext,
  ): Place<V>[];
  /** It makes the end of a rope beside it fast by itself. */
  readonly fastens?: true;
  /** In how many ropes it is tied: without them it holds nothing. */
  readonly tiedIn?: 1 | 2;
  /** Its hauled end must be made fast by a lock on the same line. */
  readonly needsLock?: true;
  /** It is such a lock. */
  readonly locks?: true;
  /** Both its ends must be made fast. */
  readonly endsFastened?: true;
  /** As what runs along the line. */
  run?(element: ElementOf<K>): Run;
  /** Knots that are tied in it, or that it is. The first is the one it is known by. */
  knots?(element: ElementOf<K>): readonly KnotId[];
  /** It hauls the line toward the anchor it reaches. */
  hauling?(element: ElementOf<K>): Hauling;
  /** The tension it brings into the line. */
  tension?<V>(
    t: Tracer<V>,
    element: ElementOf<K>,
    elements: readonly LineElement[],
    inputs: TensionInputs,
  ): LineTension<V>;
  /** The line can be drawn tight again by it under way. */
  adjustable?(element: ElementOf<K>): boolean;
  /** An edge that cuts what lies over it. */
  sharp?(element: ElementOf<K>): boolean;
  /** The same edge with a protector on it. */
  protect?(element: ElementOf<K>): ElementOf<K>;
  /** The hand that hauls it, and the same with another hand. */
  readonly hand?: {
    pullN(element: ElementOf<K>): number;
    pulled(element: ElementOf<K>, pullN: number): ElementOf<K>;
    /** The same rope reeved through one more loop; null: it is already, or cannot be. */
    secondLoop?(element: ElementOf<K>): ElementOf<K> | null;
  };
  /** Rope it takes beside the route, m. */
  rope?<V>(t: Tracer<V>, element: ElementOf<K>, needs: RopeNeeds<V>): V[];
  /** What else could stand here. */
  variants?(element: ElementOf<K>, context: LineContext): Variant[];
  /** As a thing of the locker. */
  readonly gear?: GearFit<K>;
}
