/** How a knot behaves in a rope that goes slack, is wet, is stiff, is slick. */
export type Holding = 'yes' | 'with care' | 'no';
export interface Holds {
  readonly slack: Holding;
  readonly wet: Holding;
  readonly stiff: Holding;
  readonly slick: Holding;
}
