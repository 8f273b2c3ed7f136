import type { Assessment } from '@/core/securement/assess';
import type { Plan } from '@/core/securement/plan';

/** A plan that is tried and not taken yet: while something is dragged, or to see what a proposal would do. */
export interface Draft {
  readonly kind: 'drag' | 'proposal';
  readonly plan: Plan;
  /** What is tried, in words. */
  readonly words: string;
  /** What it comes to; null while that is being found out. */
  readonly assessment: Assessment | null;
}

/** Holds the draft outside of React's state: a picture sixty times a second must draw the deck and the verdict again, not the page. */
export class DraftStore {
  private draft: Draft | null = null;
  private readonly listeners = new Set<() => void>();

  readonly get = (): Draft | null => this.draft;

  readonly set = (draft: Draft | null): void => {
    if (draft === this.draft) return;
    this.draft = draft;
    for (const told of this.listeners) told();
  };

  readonly subscribe = (told: () => void): (() => void) => {
    this.listeners.add(told);
    return () => this.listeners.delete(told);
  };
}
