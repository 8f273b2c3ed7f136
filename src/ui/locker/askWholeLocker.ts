import type { GearFact } from '@/core/securement/locker-word';
import { call, messageOf } from '../api';
import { factOf } from './useGearFacts';

/** More things than any crew keeps in service; beyond it the rest is left out. */
const MOST_PAGES = 20;

/** Everything of the locker that is in service, page by page. */
export async function askWholeLocker(): Promise<
  | { readonly ok: true; readonly facts: readonly (readonly [string, GearFact])[] }
  | { readonly ok: false; readonly why: string }
> {
  const facts: (readonly [string, GearFact])[] = [];
  let after: string | null = null;
  for (let page = 0; page < MOST_PAGES; page++) {
    const answer: Awaited<ReturnType<typeof call<'GET /gear'>>> = await call('GET /gear', {
      query: { state: 'in-service', after },
    });
    if (!answer.ok) return { ok: false, why: messageOf(answer.problem) };
    facts.push(...answer.value.gear.map(factOf));
    after = answer.value.next;
    if (after === null) break;
  }
  return { ok: true, facts };
}
