import { foundCrew, request } from '../support/api';
import { demoDocument } from '../support/demo';
import { print, spread } from './report';

const SAVES = 100;

/**
 * How long it takes from the moment a plan is saved on one process until somebody who looks at it on another has read what
 * is new: the save itself, its news, and the question that the news makes the page ask.
 */
export async function benchNews(other: string): Promise<void> {
  const cookie = await foundCrew('News');
  const body = demoDocument('apple-bins') as object;
  const made = await request('POST', '/plans', { cookie, body });
  const id = String(made.json['id']);
  const gone = new AbortController();
  const stream = await fetch(`${other}/api/v1/plans/${id}/news`, {
    headers: { cookie },
    signal: gone.signal,
  });
  let told: () => void = () => undefined;
  const reading = (async () => {
    for await (const part of stream.body as unknown as AsyncIterable<Uint8Array>)
      if (Buffer.from(part).toString().includes('data: news')) told();
  })().catch(() => undefined);
  const times: number[] = [];
  for (let version = 1; version <= SAVES; version++) {
    const began = performance.now();
    const seen = new Promise<void>((resolve) => {
      told = () =>
        void fetch(`${other}/api/v1/plans/${id}`, { headers: { cookie } })
          .then((r) => r.json() as Promise<{ version: number }>)
          .then((plan) => {
            if (plan.version > version) resolve();
          });
    });
    await request('PUT', `/plans/${id}`, {
      cookie,
      body: { ...body, notes: `note ${version}` },
      headers: { 'if-match': `"${version}"` },
    });
    await seen;
    times.push(performance.now() - began);
  }
  gone.abort();
  await reading;
  print('a plan saved on one process, read on another', spread(times));
}
