import { REMEMBERED } from './contact-law';
import type { DriveState, DriveSystem, Step } from './system';
import { storedIn } from './tensions';

/** Where the work of a drive has gone, J. */
export interface DriveEnergy {
  /** Work of inertia and weight on the load since it stood still. */
  readonly workJ: number;
  /** Stored in lines, more than they had at rest. */
  readonly linesJ: number;
  /** Stored in what the load stands on and leans against, more than at rest. */
  readonly contactsJ: number;
  readonly kineticJ: number;
  /** Gone into friction: under the load, and where rope ran over edges. */
  readonly frictionJ: number;
  /** Taken up by damping, that of the reckoning included. */
  readonly dampingJ: number;
  /** Gone with lines that parted and boards that broke. */
  readonly brokenJ: number;
}

/** What is left over when everything is counted, as a part of the largest share. */
export function unclosed(e: DriveEnergy): number {
  const { workJ, linesJ, contactsJ, kineticJ, frictionJ, dampingJ, brokenJ } = e;
  const gone = linesJ + contactsJ + kineticJ + frictionJ + dampingJ + brokenJ;
  const most = Math.max(
    ...[workJ, linesJ, contactsJ, kineticJ, frictionJ, dampingJ, brokenJ].map(Math.abs),
  );
  return most === 0 ? 0 : Math.abs(workJ - gone) / most;
}

/** Adds up, step by step, where the work goes. Each share is reckoned from forces and ways of its own, none as what is left. */
export class EnergyBook {
  private workJ = 0;
  private frictionJ = 0;
  private dampingJ = 0;
  private brokenJ = 0;
  private readonly linesAtRestJ: number;
  private readonly contactsAtRestJ: number;

  constructor(
    private readonly system: DriveSystem,
    private last: DriveState,
  ) {
    this.linesAtRestJ = this.linesJ(last);
    this.contactsAtRestJ = this.contactsJ(last);
  }

  private linesJ(state: DriveState): number {
    return this.system.model.lines.reduce((sum, l, i) => {
      const { tensionN, longerM, parted } = state.lines[i]!;
      if (parted) return sum;
      // What keeps its tension whatever moves stores by its way.
      const still = l.stretches.reduce(
        (way, s, k) => (s.stiffnessNPerM === 0 ? way + tensionN[k]! * longerM[k]! : way),
        0,
      );
      return sum + storedIn(l, tensionN) + still;
    }, 0);
  }

  private contactsJ(state: DriveState): number {
    return this.system.contacts.reduce((sum, { contact: { stiffnessNPerM: k, limit } }, i) => {
      if (limit !== null && state.broken[limit]) return sum;
      const at = REMEMBERED.each * i;
      const strain = at + REMEMBERED.strainM;
      const of = state.contacts;
      return sum + 0.5 * k * (Math.max(0, of[at]!) ** 2 + of[strain]! ** 2 + of[strain + 1]! ** 2);
    }, 0);
  }

  /** Counts a step. */
  add({ state, by, outside, normalN, frictionN, heldBackN }: Step): void {
    const before = this.last;
    for (let i = 0; i < by.length; i++) this.workJ += outside[i]! * by[i]!;
    // Mass that only kept a movement within bounds took up what it held back.
    if (heldBackN) for (let i = 0; i < by.length; i++) this.dampingJ += heldBackN[i]! * by[i]!;
    this.contacts(before.contacts, state.contacts, normalN, frictionN);
    this.lines(before, state, heldBackN !== null);
    this.last = state;
  }

  private contacts(
    was: Float64Array,
    is: Float64Array,
    normalN: Float64Array,
    frictionN: Float64Array,
  ): void {
    const laws = this.system.contacts;
    for (let i = 0; i < laws.length; i++) {
      const k = laws[i]!.contact.stiffnessNPerM;
      const at = REMEMBERED.each * i;
      const [depth, before] = [is[at]!, was[at]!];
      this.dampingJ +=
        normalN[i]! * (depth - before) -
        0.5 * k * (Math.max(0, depth) ** 2 - Math.max(0, before) ** 2);
      for (let axis = 0; axis < 2; axis++) {
        const strain = at + REMEMBERED.strainM + axis;
        const shift = at + REMEMBERED.shiftM + axis;
        const strained = is[strain]! - was[strain]!;
        const slipped = is[shift]! - was[shift]! - strained;
        this.frictionJ += -frictionN[2 * i + axis]! * slipped;
        // A spring that is held at its end takes up the half of what it gained in the step.
        this.dampingJ += 0.5 * k * strained * strained;
      }
    }
  }

  private lines(before: DriveState, state: DriveState, still: boolean): void {
    this.system.model.lines.forEach((line, i) => {
      const [was, is] = [before.lines[i]!, state.lines[i]!];
      if (is.parted) return;
      line.ratios.forEach((_, e) => {
        const ran = is.ranM[e]! - was.ranM[e]!;
        const mean = (l: typeof is): number => l.tensionN[e]! - l.tensionN[e + 1]!;
        this.frictionJ += ran * (still ? mean(is) : 0.5 * (mean(is) + mean(was)));
      });
      if (!still) return;
      line.stretches.forEach(({ stiffnessNPerM: k }, s) => {
        if (k > 0) this.dampingJ += (is.tensionN[s]! - was.tensionN[s]!) ** 2 / (2 * k);
      });
    });
  }

  /** Takes over a state in which something has broken; what was stored in it is gone. */
  broke(state: DriveState): void {
    const stored = (s: DriveState): number => this.linesJ(s) + this.contactsJ(s);
    this.brokenJ += stored(this.last) - stored(state);
    this.last = state;
  }

  get now(): DriveEnergy {
    return {
      workJ: this.workJ,
      linesJ: this.linesJ(this.last) - this.linesAtRestJ,
      contactsJ: this.contactsJ(this.last) - this.contactsAtRestJ,
      kineticJ: this.system.kineticJ(this.last.speed),
      frictionJ: this.frictionJ,
      dampingJ: this.dampingJ,
      brokenJ: this.brokenJ,
    };
  }
}
