import type { Point } from '../leg';
import type { DriveEnergy } from './energy';
import type { DriveEvent } from './watch';
import type { WayOfGiving } from './vocabulary';

/** The load at one time of a drive. */
export interface DriveFrame {
  readonly atS: number;
  /** How the load is pushed, g: forward, to the left; and how much more it weighs. */
  readonly push: { readonly forwardG: number; readonly leftG: number; readonly heavierG: number };
  /** Shifts in m and a rotation vector in rad since it stood still, six for each body. */
  readonly moved: readonly number[];
  readonly movedM: number;
  /** Tension of each line where it is highest, N; null: it has parted. */
  readonly tensionN: readonly (number | null)[];
}

/** A drive from beginning to end. */
export interface DriveRun {
  /** Bodies with their centres of gravity, and lines with what they may carry, in the order that frames count them. */
  readonly bodies: readonly { readonly id: string; readonly centre: Point }[];
  readonly lines: readonly { readonly id: string; readonly wllN: number }[];
  readonly frames: readonly DriveFrame[];
  readonly events: readonly DriveEvent[];
  /** How it gave way; null: it did not. */
  readonly way: WayOfGiving | null;
  /** How hard it was pushed when balance was lost, or when it had moved too far, g; null: it held. */
  readonly gaveWayAtG: number | null;
  readonly mostMovedM: number;
  readonly energy: DriveEnergy;
}
