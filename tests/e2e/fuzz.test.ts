/** Bad bodies over HTTP; thousands more go to the same handlers without the network (tests/db). */
import { beforeAll, describe, expect, it } from 'vitest';
import { API } from '@/server/api/endpoints';
import { badBodies, FUZZED, sendAll } from '../support/bad-bodies';
import { foundCrew, request } from '../support/api';
import { demoDocument } from '../support/demo';

const BODIES = 50;
let cookie: string;
let ids: Record<string, string>;
const idOf = async (path: string, body: unknown): Promise<string> =>
  String((await request('POST', path, { body, cookie })).json['id']);

beforeAll(async () => {
  cookie = await foundCrew('Fuzz');
  ids = {
    '/plans': await idOf('/plans', demoDocument('apple-bins')),
    '/riggings': await idOf('/riggings', API.createRigging.example),
    '/gear': await idOf('/gear', API.createGear.example),
  };
});

describe(`${BODIES} bad bodies to each route over HTTP`, () => {
  it.each(FUZZED)('%s', async (_, e) => {
    const path = e.path
      .replace('{id}', ids[`/${e.path.split('/')[1]}`] ?? ids['/plans']!)
      .replace('{set}', 'eu-road');
    const { located, others } = await sendAll(badBodies(e, BODIES), 8, (raw) =>
      request(e.method, path, { raw, cookie, headers: { 'if-match': '"1"' } }),
    );
    expect(located, others.join('\n')).toBeGreaterThanOrEqual(0.95);
  });
  it('a body larger than allowed is refused while it is read', async () => {
    expect(
      (await request('POST', '/plans', { raw: `"${'x'.repeat(1_200_000)}"`, cookie })).status,
    ).toBe(413);
  });
});
