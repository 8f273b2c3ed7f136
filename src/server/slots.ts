import type { Refusal } from './problem';

/** Streams that are open now, by who listens: so many of one, so many in all. A slot ends with its stream. */
export class Slots {
  private readonly open = new Map<string, number>();

  constructor(
    private readonly most: { readonly ofOne: number; readonly inAll: number },
    private readonly refusal: (why: 'own' | 'all') => Refusal,
  ) {}

  /** Streams open now. */
  get taken(): number {
    return [...this.open.values()].reduce((a, b) => a + b, 0);
  }

  /** Takes a slot. @returns what gives it back, once. @throws Refusal when the listener, or everybody, has enough */
  take(who: string): () => void {
    const own = this.open.get(who) ?? 0;
    if (own >= this.most.ofOne) throw this.refusal('own');
    if (this.taken >= this.most.inAll) throw this.refusal('all');
    this.open.set(who, own + 1);
    let given = false;
    return () => {
      if (given) return;
      given = true;
      const left = (this.open.get(who) ?? 1) - 1;
      if (left > 0) this.open.set(who, left);
      else this.open.delete(who);
    };
  }
}
