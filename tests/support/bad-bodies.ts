import fc from 'fast-check';
import type { Endpoint } from '@/server/api/endpoint';
import { API, ENDPOINTS } from '@/server/api/endpoints';
import { demoDocument } from './demo';

const VALID: Record<string, unknown> = {
  [API.assess.path]: demoDocument('carousel-crate'),
  [API.compare.path]: demoDocument('carousel-crate'),
  [API.createPlan.path]: demoDocument('pipe-bundle'),
  [API.savePlan.path]: demoDocument('apple-bins'),
  [API.markAnswer.path]: API.markAnswer.example,
  [API.markLevel.path]: API.markLevel.example,
  [API.review.path]: API.review.example,
  [API.tie.path]: API.tie.example,
  [API.signOff.path]: API.signOff.example,
  [API.beginTalk.path]: API.beginTalk.example,
  [API.stepTalk.path]: API.stepTalk.example,
  [API.signTalk.path]: API.signTalk.example,
  [API.joinTalk.path]: API.joinTalk.example,
  [API.answerTalk.path]: API.answerTalk.example,
  [API.revokeSignOff.path]: API.revokeSignOff.example,
  [API.line.path]: API.line.example,
  [API.rules.path]: API.rules.example,
  [API.tackle.path]: API.tackle.example,
  [API.tieOff.path]: API.tieOff.example,
  [API.takeUp.path]: API.takeUp.example,
  [API.span.path]: API.span.example,
  [API.run.path]: API.run.example,
  [API.hold.path]: API.hold.example,
  [API.drive.path]: API.drive.example,
  [API.enough.path]: API.enough.example,
  [API.uncertainty.path]: API.uncertainty.example,
  [API.wraps.path]: API.wraps.example,
  [API.signIn.path]: { name: 'A', password: 'b' },
  [API.stepIn.path]: { memberId: '0190b5a0-0000-7000-8000-000000000000' },
  [API.foundCrew.path]: { crew: 'C', name: 'N', password: 'long enough indeed' },
  [API.changeCrew.path]: { strength: { school: 'design-factor' } },
  [API.addMember.path]: { name: 'N', password: 'long enough indeed', role: 'hand' },
  [API.createRigging.path]: API.createRigging.example,
  [API.saveRigging.path]: API.saveRigging.example,
  ...Object.fromEntries(
    [
      API.createDeck,
      API.saveDeck,
      API.createLoad,
      API.saveLoad,
      API.createCourse,
      API.saveCourse,
      API.goingOut,
      API.strength,
      API.createGear,
      API.saveGear,
      API.recordGear,
      API.recordCuts,
      API.addLogEntry,
      API.makeToken,
      API.deleteCrew,
    ].map((e) => [e.path, e.example]),
  ),
  [API.recordCheck.path]: API.recordCheck.example,
  [API.changeSelf.path]: { units: 'metric' },
  [API.acknowledge.path]: { version: 1 },
};

const junk = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    -1,
    1e308,
    -0.5,
    [],
    {},
    'NaN',
    '1,5 m',
    '-3 kg',
    '5',
    '1/0 in',
    'x'.repeat(5000),
    '\u0000',
    '\ud800',
    '🪢',
    { $ne: null },
    ['a'],
    '../../etc',
    '<script>',
    "'; DROP TABLE plan;--",
  ),
  fc.string(),
  fc.double(),
  fc.anything({ maxDepth: 2, withBigInt: false }),
);

type Path = (string | number)[];
function paths(value: unknown, at: Path = []): Path[] {
  if (value === null || typeof value !== 'object') return [at];
  return [
    at,
    ...Object.entries(value).flatMap(([k, v]) =>
      paths(v, [...at, Array.isArray(value) ? Number(k) : k]),
    ),
  ];
}

/** A copy with one place removed or replaced. */
function spoil(value: unknown, [step, ...rest]: Path, by: unknown, remove: boolean): unknown {
  if (step === undefined) return by;
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<
    string | number,
    unknown
  >;
  if (rest.length === 0 && remove) {
    if (Array.isArray(copy)) copy.splice(Number(step), 1);
    else delete copy[step];
  } else copy[step] = spoil(copy[step], rest, by, remove);
  return copy;
}

/** Whether a route's own schema refuses a body, of an older version too. */
function isBad({ body, upgrade }: Endpoint, json: unknown): boolean {
  const read = upgrade?.apply(json) ?? { ok: true, value: json };
  return !read.ok || !body!.safeParse(read.value).success;
}

/** Raw bodies that the route's own schema refuses, or that are not JSON at all. */
export function badBodies(e: Endpoint, count: number): string[] {
  const valid = VALID[e.path];
  const places = paths(valid);
  const arbitrary = fc.oneof(
    {
      weight: 8,
      arbitrary: fc
        .tuple(fc.nat(), junk, fc.boolean())
        .map(([n, by, remove]) => spoil(valid, places[n % places.length]!, by, remove)),
    },
    { weight: 1, arbitrary: junk },
  );
  const bodies: string[] = [
    '',
    '{',
    '[1,',
    'null',
    '"text"',
    '[]',
    '{"a":',
    '\u0000',
    `${'['.repeat(20_000)}${']'.repeat(20_000)}`,
    '{"__proto__":{"x":1}}',
  ];
  for (let seed = 1; bodies.length < count; seed++) {
    for (const candidate of fc.sample(arbitrary, { numRuns: count, seed })) {
      let text: string | undefined;
      try {
        text = JSON.stringify(candidate);
      } catch {
        continue;
      }
      if (text === undefined || text.length > 900_000) continue;
      if (isBad(e, JSON.parse(text))) bodies.push(text);
      if (bodies.length >= count) break;
    }
  }
  return bodies;
}

export const FUZZED = ENDPOINTS.filter((e) => e.body !== null).map(
  (e) => [`${e.method} ${e.path}`, e] as const,
);

/** What came back for a bad body: refused with the place of the fault, refused otherwise, or worse. */
export interface Answered {
  readonly status: number;
  readonly json: Record<string, unknown>;
}

/** Whether an answer names at least one fault with its place and in words. */
export function isLocated({ status, json }: Answered): boolean {
  const issues = json['issues'] as { code: string; path: unknown[]; message: string }[] | undefined;
  return (
    (status === 400 || status === 422) &&
    !!issues?.[0]?.code &&
    Array.isArray(issues[0].path) &&
    issues[0].message.length > 0
  );
}

/**
 * Sends bad bodies, some at once. @returns the part that was refused with place and words, and the first others.
 * @throws Error when one of them is a fault of ours.
 */
export async function sendAll(
  bodies: readonly string[],
  atOnce: number,
  send: (raw: string) => Promise<Answered>,
): Promise<{ readonly located: number; readonly others: readonly string[] }> {
  const others: string[] = [];
  for (let i = 0; i < bodies.length; i += atOnce) {
    await Promise.all(
      bodies.slice(i, i + atOnce).map(async (raw) => {
        const answer = await send(raw);
        if (answer.status >= 500) throw new Error(`${answer.status} for ${raw.slice(0, 300)}`);
        if (!isLocated(answer)) others.push(`${answer.status} ${raw.slice(0, 120)}`);
      }),
    );
  }
  return { located: 1 - others.length / bodies.length, others: others.slice(0, 3) };
}
