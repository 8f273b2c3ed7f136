import { z } from 'zod';
import {
  createDocument,
  type ZodOpenApiOperationObject,
  type ZodOpenApiResponseObject,
} from 'zod-openapi';
import { PLAN_FORMAT, PLAN_VERSION } from '@/core/securement/vocabulary';
import { planSchema } from '@/core/securement/plan';
import { gearSchema } from '@/core/gear/schema';
import { riggingSchema } from '@/core/bench/rigging';
import { SESSION_COOKIE } from '../session';
import { ENDPOINTS } from './endpoints';
import type { Endpoint } from './endpoint';

const problem = z
  .object({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    issues: z.array(
      z.object({
        code: z.string(),
        path: z.array(z.union([z.string(), z.number()])),
        values: z.record(z.string(), z.unknown()).optional(),
        message: z.string(),
      }),
    ),
  })
  .meta({ id: 'Problem' });

const refused = (description: string): ZodOpenApiResponseObject => ({
  description,
  content: { 'application/problem+json': { schema: problem } },
});

/** JSON Schema of what a schema accepts: text with units included. */
export function inputSchema(schema: z.ZodType): unknown {
  return z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any', reused: 'inline' });
}

/** The published JSON Schema of the plan document. */
export function planJsonSchema(): unknown {
  return {
    ...(inputSchema(planSchema) as object),
    $id: `urn:vast-cleat:schema:plan:${PLAN_VERSION}`,
    title: `${PLAN_FORMAT}, version ${PLAN_VERSION}`,
  };
}

/** The published JSON Schema of the rigging document. */
export function riggingJsonSchema(): unknown {
  return {
    ...(inputSchema(riggingSchema) as object),
    $id: 'urn:vast-cleat:schema:rigging:1',
    title: 'vast-cleat/rigging, version 1',
  };
}

/** The published JSON Schema of the gear document. */
export function gearJsonSchema(): unknown {
  return {
    ...(inputSchema(gearSchema) as object),
    $id: 'urn:vast-cleat:schema:gear:1',
    title: 'vast-cleat/gear, version 1',
  };
}

const IF_MATCH = z.object({ 'If-Match': z.string() });

/** What a request brings besides its body: the names in its path, and for a document that is saved its version. */
function parametersOf(e: Endpoint): ZodOpenApiOperationObject['requestParams'] {
  const names = [...e.path.matchAll(/\{(\w+)\}/g)].map((m) => m[1]!);
  const saves = e.method === 'PUT' && (e.path.endsWith('/{id}') || e.path === '/crew');
  return {
    ...(names.length > 0
      ? { path: z.object(Object.fromEntries(names.map((n) => [n, z.string()]))) }
      : {}),
    ...(e.query
      ? { query: z.object(Object.fromEntries(e.query.map((n) => [n, z.string().optional()]))) }
      : {}),
    ...(saves ? { header: IF_MATCH } : {}),
  };
}

const BODY_REFUSED = {
  '400': refused('Body is not JSON'),
  '413': refused('Body is too large'),
  '422': refused('Input refused; every issue is located'),
};
const MEMBER_REFUSED = { '401': refused('No session'), '403': refused('Role may not do this') };

const operationId = (e: Endpoint): string =>
  e.method.toLowerCase() +
  e.path.replace(/[^a-z]+(\w)?/gi, (_, c?: string) => (c ?? '').toUpperCase());

/** The body of a request: a document or a form in JSON, or a file as it is. */
function requestBody(e: Endpoint): Pick<ZodOpenApiOperationObject, 'requestBody'> {
  const example = e.example === undefined ? {} : { example: e.example };
  const content = e.body
    ? { 'application/json': { schema: e.body, ...example } }
    : Object.fromEntries((e.file ?? []).map((type) => [type, {}]));
  return Object.keys(content).length > 0 ? { requestBody: { required: true, content } } : {};
}

function operation(e: Endpoint): ZodOpenApiOperationObject {
  const content = e.answers ? { content: { 'application/json': { schema: e.answers } } } : {};
  return {
    summary: e.summary,
    operationId: operationId(e),
    requestParams: parametersOf(e),
    ...requestBody(e),
    security: e.action === null ? [] : [{ session: [] }],
    responses: {
      '2XX': { description: e.answer, ...content },
      ...(e.body || e.file ? BODY_REFUSED : {}),
      ...(e.action === null ? {} : MEMBER_REFUSED),
      '429': refused('Too many requests'),
    },
  };
}

/** The OpenAPI 3.1 document, made from the same endpoints and schemas that the handlers use. */
export function openApi(): object {
  const paths: Record<string, Record<string, ZodOpenApiOperationObject>> = {};
  for (const e of ENDPOINTS) (paths[e.path] ??= {})[e.method.toLowerCase()] = operation(e);
  return createDocument(
    {
      openapi: '3.1.0',
      info: {
        title: 'Vast Cleat',
        version: '1',
        description:
          'What each line may carry, and whether all lines together hold the load. Planning aid: labels, markings and local code first; never for lifting people or overhead.',
      },
      servers: [{ url: '/api/v1' }],
      paths,
      components: {
        securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: SESSION_COOKIE } },
      },
    },
    // A quantity is text with a unit or a number: what it becomes has no schema, what it accepts has.
    { allowEmptySchema: { unknown: true, custom: true, transform: true } },
  );
}
