import { describe, expect, it } from 'vitest';
import { Refusal, problemResponse, refuse } from '../problem';
import { documentId, ifMatch, writeMarker } from '../documents';
import { planQuery } from '../plans';
import { ENDPOINTS } from './endpoints';
import { openApi, planJsonSchema } from './openapi';

const refused = (work: () => unknown): Refusal => {
  try {
    work();
  } catch (e) {
    if (e instanceof Refusal) return e;
    throw e;
  }
  throw new Error('not refused');
};

describe('addresses', () => {
  const id = '0190b5a0-0000-7000-8000-000000000000';
  it('ids that are none do not exist', () => {
    expect(documentId({ id })).toBe(id);
    expect(refused(() => documentId({ id: '1; DROP TABLE plan' })).status).toBe(404);
  });
  it('page markers come back as they were written, and foreign ones are refused', () => {
    const next = ['2026-11-25T01:02:03.456789Z', id] as const;
    expect(planQuery(new URLSearchParams({ after: writeMarker(next)! })).after).toEqual(next);
    for (const after of [
      'x',
      writeMarker(['yesterday', id])!,
      writeMarker(['2026-11-25T01:02:03.456789Z', 'x'])!,
    ]) {
      expect(refused(() => planQuery(new URLSearchParams({ after }))).issues[0]).toMatchObject({
        code: 'cursor-invalid',
        path: ['after'],
      });
    }
    expect(
      planQuery(new URLSearchParams({ sort: 'title', after: writeMarker(['hay', id])! })).after,
    ).toEqual(['hay', id]);
  });
  it('the version in If-Match, strong or weak; anything else is asked for', () => {
    const at = (value?: string) =>
      ifMatch(
        new Request('http://x', value === undefined ? {} : { headers: { 'if-match': value } }),
      );
    expect([at('"12"'), at('W/"3"')]).toEqual([12, 3]);
    for (const bad of [undefined, '*', '12', '"x"', '"12345678901"'])
      expect(refused(() => at(bad)).status).toBe(428);
  });
});

describe('problems', () => {
  it('carry code, place, values and words', async () => {
    const response = problemResponse(
      refuse(422, 'decimal-comma', { text: '1,5 m' }, ['cargo', 'lengthM']),
    );
    expect(response.headers.get('content-type')).toBe('application/problem+json');
    expect(await response.json()).toMatchObject({
      type: 'urn:vast-cleat:problem:decimal-comma',
      status: 422,
      issues: [
        {
          code: 'decimal-comma',
          path: ['cargo', 'lengthM'],
          values: { text: '1,5 m' },
          message: expect.stringContaining('decimal point'),
        },
      ],
    });
  });
});

describe('the description', () => {
  const document = openApi() as {
    paths: Record<
      string,
      Record<
        string,
        { operationId: string; requestBody?: { content: Record<string, { schema: unknown }> } }
      >
    >;
  };
  it('has one operation an endpoint, each with an id of its own', () => {
    const ids = Object.values(document.paths).flatMap((p) =>
      Object.values(p).map((o) => o.operationId),
    );
    expect(ids).toHaveLength(ENDPOINTS.length);
    expect(new Set(ids).size).toBe(ids.length);
  });
  it('describes what is accepted: numbers in SI or text with a unit', () => {
    const text = JSON.stringify(planJsonSchema());
    expect(text).toContain('"anyOf":[{"type":"number"},{"type":"string","maxLength":60}]');
    expect(text).toContain('number in kg (0.1 to 100000), or text with a unit such as');
    expect(text).not.toContain('"$ref":"#/$defs/__schema');
  });
});
