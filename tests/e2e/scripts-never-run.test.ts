/**
 * Every page of the product, with a script in every text field that it keeps: none of them ever runs, and no page breaks the policy
 * that would stop it if it did. Pages are read off the application's folders, so that a new one is walked too.
 */
import { readdirSync } from 'node:fs';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { z } from 'zod';
import { API } from '@/server/api/endpoints';
import { BASE, launch, Person } from '../support/browser';
import { demoPlan } from '../support/demo';

/** Ends an attribute and a text, and runs where somebody forgot to write it as text. */
const SCRIPT = '"><img src=x onerror=ran=1>';

let browser: Browser;
let who: Person;
const poisoned = new Set<string>();

type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

/** Places of a document that hold text, from the outside in. */
function texts(value: Json, path: readonly (string | number)[] = []): (string | number)[][] {
  if (typeof value === 'string') return [[...path]];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, v]) =>
    texts(v as Json, [...path, Array.isArray(value) ? Number(key) : key]),
  );
}

function put(value: Json, [first, ...rest]: readonly (string | number)[], text: string): Json {
  if (first === undefined) return text;
  if (Array.isArray(value))
    return value.map((v: Json, i) => (i === first ? put(v, rest, text) : v));
  const record = value as Record<string, Json>;
  return { ...record, [first]: put(record[first]!, rest, text) };
}

/** A body with the script in every text that takes it. */
function poison(schema: z.ZodType, body: unknown): Json {
  const known = JSON.parse(JSON.stringify(schema.parse(body))) as Json;
  return texts(known).reduce((made, path) => {
    const tried = put(made, path, SCRIPT);
    if (!schema.safeParse(tried).success) return made;
    poisoned.add(String(path.findLast((p) => typeof p === 'string')));
    return tried;
  }, known);
}

/** Sends it poisoned. @returns the answer, which must be yes */
async function send(
  e: { readonly method: string; readonly path: string; readonly body: z.ZodType | null },
  body: unknown,
  params: Record<string, string> = {},
  headers: Record<string, string> = {},
): Promise<Record<string, unknown>> {
  const path = e.path.replace(/\{(\w+)\}/g, (_, name: string) => params[name]!);
  const { status, json } = await who.api(e.method, path, poison(e.body!, body), headers);
  expect(status, `${e.path} ${JSON.stringify(json)}`).toBeLessThan(300);
  return json;
}

const NOTES = { notes: 'x' };
const withNotes = (document: object): object => ({ ...document, ...NOTES });
/** Ids by what stands in the folders' names. */
const ids: Record<string, string> = {};

beforeAll(async () => {
  browser = await launch();
  who = await Person.at(browser);
  await who.page.evaluateOnNewDocument(() => {
    const seen: string[] = [];
    Object.assign(window, { broken: seen });
    document.addEventListener('securitypolicyviolation', (e) =>
      seen.push(`${e.effectiveDirective} ${e.blockedURI} ${e.sourceFile}:${e.lineNumber}`),
    );
  });
  await who.page.goto(BASE);
  const founded = { crew: 'Crew', name: 'Ada', password: 'long enough indeed' };
  // Names of crews are told apart from those of other runs.
  const crew = `${SCRIPT}${String(Date.now())}`;
  const { status } = await who.api('POST', '/crews', { ...founded, crew, name: SCRIPT });
  expect(status).toBe(201);
  await who.api('POST', '/cautions', { version: 1 });
});
afterAll(() => browser.close());

async function keepEverything(): Promise<void> {
  const gear = API.createGear.example;
  const document = { ...(gear.gear as object), name: 'x', notes: 'x' };
  const thing = await send(API.createGear, { ...gear, gear: document });
  const hook = { kind: 'hardware', form: 'hook', mbsN: null, markedWllN: 9000, marking: 'x' };
  await send(API.createGear, {
    gear: { ...document, code: 'HK-1', item: hook, lengthM: null },
    start: gear.start,
  });
  ids['locker'] = String(thing['id']);
  const params = { id: ids['locker'] };
  for (const body of [
    { kind: 'moved', place: 'x' },
    { kind: 'incident', what: 'x' },
    { kind: 'cut', pieces: [{ lengthM: 1, what: 'x' }] },
  ])
    await send(API.recordGear, body, params);
  for (const name of ['fair-flatbed', 'pipe-bundle', 'carousel-crate', 'maypole'])
    ids['loads'] = String((await send(API.createPlan, withNotes(demoPlan(name))))['id']);
  const plan = { id: ids['loads']! };
  const { json } = await who.api('GET', `/plans/${plan.id}`);
  const lineId = (json['document'] as { lines: { id: string }[] }).lines[0]!.id;
  const check = { occasion: 'before-driving', lines: [{ lineId, state: 'slack' }], ...NOTES };
  // Lines are called what they are on the plan.
  const checked = await who.api('POST', `/plans/${plan.id}/checks`, { ...check, notes: SCRIPT });
  expect(checked.status).toBe(201);
  await send(API.namePlanRevision, { name: 'x' }, { ...plan, version: '1' });
  ids['bench'] = String(
    (await send(API.createRigging, withNotes(API.createRigging.example as object)))['id'],
  );
  ids['loads/decks'] = String(
    (await send(API.createDeck, withNotes(API.createDeck.example as object)))['id'],
  );
  await send(API.createLoad, withNotes(API.createLoad.example as object));
  ids['drills/courses'] = String(
    (await send(API.createCourse, withNotes(API.createCourse.example as object)))['id'],
  );
  const incident = { kind: 'incident', grade: 'incident', cause: 'other', what: 'x' };
  const made = await send(API.addLogEntry, { entry: incident });
  ids['log'] = String(made['id']);
  await send(API.addLogEntry, { entry: { kind: 'note', what: 'x' } });
  const secured = { kind: 'securement', planId: plan.id, planVersion: 1, note: SCRIPT };
  await who.api('POST', '/log', { entry: secured });
  const correction = { kind: 'correction', corrects: made['id'], instead: null, reason: 'x' };
  await send(API.addLogEntry, { entry: correction });
  await send(
    API.saveKnotWords,
    { names: ['x'], note: 'x' },
    { entry: 'bowline' },
    {
      'if-match': '"0"',
    },
  );
  await send(API.makeToken, { name: 'x', scopes: ['read'] });
  const link = await who.api('POST', '/members/links', { role: 'hand' });
  ids['join'] = String(link.json['path']).split('/').at(-1)!;
  await who.api('POST', '/members', {
    name: `${SCRIPT} 2`,
    password: 'long enough indeed',
    role: 'trainee',
  });
}

/** Addresses of all pages; what needs a thing gets one that is poisoned. */
function addresses(): string[] {
  const pages = readdirSync('src/app', { recursive: true, encoding: 'utf8' }).filter((f) =>
    /(^|\/)page\.tsx$/.test(f),
  );
  return pages.map((file) => {
    const folders = file
      .split('/')
      .slice(0, -1)
      .filter((f) => !f.startsWith('('));
    return `/${folders
      .map((f, i) => {
        if (!f.startsWith('[')) return f;
        const room = folders.slice(0, i).join('/');
        return room === 'knots' ? 'bowline' : (ids[room] ?? 'none');
      })
      .join('/')}`;
  });
}

describe('a script in every text field', () => {
  it('is kept as text, never runs, and breaks no policy on any page', async () => {
    await keepEverything();
    const fields = [
      'name',
      'marking',
      'place',
      'notes',
      'what',
      'reason',
      'note',
      'title',
      'names',
    ];
    expect(fields.filter((f) => !poisoned.has(f))).toEqual([]);
    const all = addresses();
    expect(all.length).toBeGreaterThan(40);
    const wrong: string[] = [];
    for (const address of all) {
      await who.page.goto(`${BASE}${address}`, { waitUntil: 'networkidle2' });
      const { ran, broken } = await who.page.evaluate(() => {
        const w = window as unknown as { ran?: number; broken: string[] };
        return { ran: w.ran, broken: w.broken };
      });
      if (ran !== undefined) wrong.push(`${address}: it ran`);
      wrong.push(...broken.map((b) => `${address}: ${b}`));
    }
    expect(wrong).toEqual([]);
    // It was there to be seen.
    await who.goto('/log');
    expect(await who.text('main')).toContain(SCRIPT);
  });
});
