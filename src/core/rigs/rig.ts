import type { Stage } from '../knot/knots';
import type { Working } from '../working/working';

/** What a rig is asked with; all of them for every rig, each uses its own. */
export interface RigInputs {
  /** Weight of what hangs, or of each thing that hangs, N. */
  readonly loadN: number;
  /** How many hang in a row. */
  readonly count: number;
  readonly spanM: number;
  /** How far the line sags at the load, m. */
  readonly sagM: number;
  /** Breaking strength over what may be on the line. */
  readonly designFactor: number;
}

/** One place of a rig where a form is tied. */
export interface Joint {
  /** What it does there. */
  readonly what: string;
  readonly stage: Stage;
  /** The most that comes on it, N. */
  readonly loadN: Working;
  /** Breaking strength the rope must have for it, N. */
  readonly neededN: Working;
}

/** What is not a joint but bears as well: a branch, an anchor. */
export interface Bearing {
  readonly what: string;
  readonly loadN: Working;
}

/** A whole arrangement: forms joined, in the order they are made. */
export interface Rig {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  readonly notFor: string;
  readonly uses: readonly (keyof RigInputs)[];
  readonly steps: readonly string[];
  readonly loads: (inputs: RigInputs) => {
    readonly joints: readonly Joint[];
    readonly bearings: readonly Bearing[];
  };
}
