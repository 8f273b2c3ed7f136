import { z } from 'zod';
import { planSchema } from '@/core/securement/plan';
import { gearSchema } from '@/core/gear/schema';
import { riggingSchema } from '@/core/bench/rigging';
import { ENDPOINTS } from './endpoints';
import type { Endpoint } from './endpoint';

const problem = {
  type: 'object',
  required: ['type', 'title', 'status', 'issues'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    issues: {
      type: 'array',
      items: {
        type: 'object',
        required: ['code', 'path', 'message'],
        properties: {
          code: { type: 'string' },
          path: { type: 'array', items: { type: ['string', 'number'] } },
          values: { type: 'object' },
          message: { type: 'string' },
        },
      },
    },
  },
};

const refused = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
});

/** JSON Schema of what a schema accepts: text with units included. */
export function inputSchema(schema: z.ZodType): unknown {
  return z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any', reused: 'inline' });
}

/** The published JSON Schema of the plan document. */
export function planJsonSchema(): unknown {
  return {
    ...(inputSchema(planSchema) as object),
    $id: 'urn:vast-cleat:schema:plan:1',
    title: 'vast-cleat/plan, version 1',
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

function operation(e: Endpoint): object {
  const parameters = [...e.path.matchAll(/\{(\w+)\}/g)].map((m) => ({
    name: m[1],
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
  const ifMatch =
    e.method === 'PUT' && e.path.endsWith('/{id}')
      ? [{ name: 'If-Match', in: 'header', required: true, schema: { type: 'string' } }]
      : [];
  return {
    summary: e.summary,
    operationId: `${e.method.toLowerCase()}${e.path.replace(/[^a-z]+(\w)?/gi, (_, c?: string) => (c ?? '').toUpperCase())}`,
    ...(parameters.length + ifMatch.length > 0 ? { parameters: [...parameters, ...ifMatch] } : {}),
    ...(e.body
      ? {
          requestBody: {
            required: true,
            content: {
              'application/json': {
                schema: inputSchema(e.body),
                ...(e.example === undefined ? {} : { example: e.example }),
              },
            },
          },
        }
      : {}),
    security: e.action === null ? [] : [{ session: [] }],
    responses: {
      '2XX': { description: e.answer },
      ...(e.body
        ? {
            '400': refused('Body is not JSON'),
            '413': refused('Body is too large'),
            '422': refused('Input refused; every issue is located'),
          }
        : {}),
      ...(e.action === null
        ? {}
        : { '401': refused('No session'), '403': refused('Role may not do this') }),
      '429': refused('Too many requests'),
    },
  };
}

/** The OpenAPI 3.1 document, made from the same endpoints and schemas that the handlers use. */
export function openApi(): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const e of ENDPOINTS) (paths[e.path] ??= {})[e.method.toLowerCase()] = operation(e);
  return {
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
      schemas: { Problem: problem },
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'vc_session' } },
    },
  };
}
