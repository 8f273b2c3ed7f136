import { describe, expect, it } from 'vitest';
import type { Stream } from '@/db/queries/streams';
import { Refusal, refuse } from './problem';
import { Slots, type StreamStore } from './slots';

/** What several processes share, in memory. */
function shared(): StreamStore & { readonly all: Map<string, Stream> } {
  const all = new Map<string, Stream>();
  return {
    all,
    open: (s, most) => {
      const own = [...all.values()].filter((o) => o.kind === s.kind && o.who === s.who).length;
      if (own < most) all.set(s.id, s);
      return Promise.resolve(own < most);
    },
    keep: () => Promise.resolve(),
    end: (id) => Promise.resolve(void all.delete(id)),
  };
}
const slots = (store: StreamStore, inAll = 50) =>
  new Slots('meter', { ofOne: 2, inAll }, (why) => refuse(429, why), store);

describe('slots', () => {
  it('somebody has two at most, in whatever process; what one gives back another may take', async () => {
    const store = shared();
    const [here, there] = [slots(store), slots(store)];
    const give = await here.take('ada');
    await there.take('ada');
    await expect(here.take('ada')).rejects.toThrow(Refusal);
    await expect(there.take('ada')).rejects.toThrow(Refusal);
    await there.take('bea');
    await give();
    await give();
    await there.take('ada');
    expect([here.taken, there.taken, store.all.size]).toEqual([0, 3, 3]);
  });
  it('a process has so many in all, and what is refused takes none', async () => {
    const store = shared();
    const few = slots(store, 3);
    for (const who of ['a', 'b', 'c']) await few.take(who);
    await expect(few.take('d')).rejects.toMatchObject({ issues: [{ code: 'all' }] });
    expect(few.taken).toBe(3);
    expect(store.all.size).toBe(3);
  });
  it('while the database is away nothing is taken', async () => {
    const away = slots({ ...shared(), open: () => Promise.reject(new Error('away')) });
    await expect(away.take('a')).rejects.toThrow('away');
    expect(away.taken).toBe(0);
  });
});
