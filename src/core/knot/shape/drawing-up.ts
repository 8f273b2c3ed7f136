import { assert } from '../../result';
import { type Body, copyOf, lengthOf, thinned } from './body';
import { bodyOfFrame, type ShippedForm } from './frames';
import { LIVE, settled, Tightening } from './tighten';

/** States remembered on the way, evenly by how far the form is drawn up: letting go walks back through them. */
const REMEMBERED = 60;
const TENSION = 0.15;
/** Near the wanted state the pull is eased, so that the rope does not stop under full tension. */
const EASED = 0.05;
const EASE_WITHIN = 0.004;

const ropeLength = (body: Body): number =>
  body.strands.reduce((sum, s) => sum + lengthOf(body, s), 0);

/**
 * A form in the learner's hand: pulled toward drawn up or let go again, by a slider.
 * `drawn` is the part of the whole shortening done, as in the shipped frames.
 */
export class DrawingUp {
  private run: Tightening;
  private readonly loose: Body;
  private readonly long: number;
  private readonly short: number;
  private readonly states: (Float64Array | undefined)[] = [];

  /** @param form its first frame is loose, its last drawn up. */
  constructor(form: ShippedForm, spacing = LIVE) {
    const [first, last] = [form.frames[0], form.frames.at(-1)];
    assert(first && last, 'a shipped form has frames');
    this.loose = thinned(bodyOfFrame(form, first), spacing);
    this.long = ropeLength(this.loose);
    this.short = ropeLength(thinned(bodyOfFrame(form, last), spacing));
    this.run = new Tightening(this.loose, TENSION);
    this.remember();
  }

  get body(): Body {
    return this.run.body;
  }

  /** 0 loose, 1 drawn up. */
  get drawn(): number {
    return Math.max(
      0,
      Math.min(1, (this.long - ropeLength(this.run.body)) / (this.long - this.short)),
    );
  }

  /**
   * Works toward the wanted state.
   * @param iterations at most so many, so that pictures can be shown between.
   * @returns whether it is reached, or the rope gives no more.
   */
  toward(wanted: number, iterations: number): boolean {
    if (this.drawn > wanted + 1 / REMEMBERED) this.letGo(wanted);
    const before = this.drawn;
    for (let i = 0; i < iterations; i++) {
      const missing = wanted - this.drawn;
      if (missing <= 0) return true;
      this.run.advance(missing < EASE_WITHIN ? EASED : TENSION);
      this.remember();
    }
    return this.drawn - before < 1e-5 * iterations;
  }

  /** The body with the tension let go, for showing at rest. */
  atRest(): Body {
    return this.drawn === 0 ? this.run.body : settled(this.run.body);
  }

  private remember(): void {
    const slot = Math.floor(this.drawn * REMEMBERED);
    if (!this.states[slot]) this.states[slot] = this.run.body.at.slice();
  }

  private letGo(wanted: number): void {
    const slot = Math.floor(wanted * REMEMBERED);
    const kept = this.states.slice(0, slot + 1).findLast((s) => s !== undefined);
    const body = copyOf(this.loose);
    if (kept) body.at.set(kept);
    this.run = new Tightening(body, TENSION);
  }
}
