import { pool } from '@/db/pool';
import { foundCrew, request } from '../support/api';
import { rope } from '../support/gear';
import { demoDocument } from '../support/demo';
import { percentile, spread } from './report';

const TAGS = 240;
const PLANS = 400;
/** A list answers within this while others have much done for them. */
export const LIST_MS = 200;

type Plan = { lines: { elements: Record<string, unknown>[] }[] };

/** A plan whose first rope is a thing of the locker. */
function planWith(gearId: string): unknown {
  const plan = structuredClone(demoDocument('carousel-crate')) as Plan;
  const rope = plan.lines.flatMap((l) => l.elements).find((e) => e['kind'] === 'rope')!;
  rope['gearId'] = gearId;
  return plan;
}

/** Asks for a list again and again while something is under way. @returns the times it took, ms */
async function listsDuring(cookie: string, work: Promise<unknown>): Promise<number[]> {
  const times: number[] = [];
  let done = false;
  const ended = work.finally(() => (done = true));
  while (!done) {
    const began = performance.now();
    await request('GET', '/plans', { cookie });
    times.push(performance.now() - began);
  }
  await ended;
  return times;
}

async function withLocker(name: string): Promise<{ cookie: string; ids: string[] }> {
  const cookie = await foundCrew(name);
  const ids: string[] = [];
  for (let i = 0; i < TAGS; i++) {
    const body = { gear: rope({ code: `B-${i}` }), start: {} };
    ids.push(String((await request('POST', '/gear', { body, cookie })).json['id']));
  }
  return { cookie, ids };
}

/** How long a list takes while tags are drawn, while plans are judged again, and while a locker is read in. */
export async function benchBlocking(
  print: (what: string, figure: string) => void,
): Promise<readonly string[]> {
  const { cookie, ids } = await withLocker('Blocking');
  const slow: string[] = [];
  const tell = (what: string, times: number[]): void => {
    const [most, worst] = [percentile(times, 0.99), percentile(times, 1)];
    print(
      `list of plans while ${what}`,
      `${spread(times)}, worst ${worst.toFixed(0)} ms of ${times.length}`,
    );
    if (most > LIST_MS)
      slow.push(`while ${what} lists took up to ${most.toFixed(0)} ms, ${LIST_MS} are allowed`);
  };
  await listsDuring(cookie, request('GET', '/crew', { cookie }));
  const sheet = request('GET', `/gear/tags.pdf?ids=${ids.join(',')}`, { cookie });
  tell(`${TAGS} tags are drawn`, await listsDuring(cookie, sheet));
  const first = await request('POST', '/plans', { body: planWith(ids[0]!), cookie });
  await pool().query(
    `WITH made AS (
       INSERT INTO plan (id, crew_id, version, document, title, title_key, rule_set, verdict, judged_by, line_count, updated_at, updated_by)
       SELECT gen_random_uuid(), crew_id, version, document, title, title_key, rule_set, verdict, judged_by, line_count, updated_at, updated_by
       FROM plan, generate_series(2, ${PLANS}) WHERE id = $1 RETURNING id, crew_id)
     INSERT INTO plan_gear (plan_id, crew_id, gear_id) SELECT id, crew_id, $2 FROM made`,
    [first.json['id'], ids[0]],
  );
  const retire = request('POST', `/gear/${ids[0]}/history`, {
    body: { kind: 'retired', reason: 'bench' },
    cookie,
  });
  tell(`${PLANS} plans are judged again`, await listsDuring(cookie, retire));
  const locker = (await request('GET', '/gear/export.json', { cookie })).text.replaceAll(
    'B-',
    'C-',
  );
  const items = (JSON.parse(locker) as { items: object[] }).items;
  const large = Array.from({ length: 40 }, (_, n) =>
    items.map((i) => JSON.parse(JSON.stringify(i).replaceAll('C-', `C${n}-`)) as object),
  ).flat();
  const file = request('POST', '/gear/import?keep=nothing', {
    raw: JSON.stringify({ format: 'vast-cleat/locker', version: 1, items: large }),
    headers: { 'content-type': 'application/json' },
    cookie,
  });
  tell(`a locker of ${large.length} things is read`, await listsDuring(cookie, file));
  return slow;
}
