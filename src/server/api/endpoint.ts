import type { z } from 'zod';
import type { Action } from '../permissions';

/** One endpoint of the programming interface: the route handlers, the OpenAPI document and the tests over all routes read it. */
export interface Endpoint {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Path under /api/v1, parameters in braces. */
  readonly path: string;
  readonly summary: string;
  /** Names that may stand behind the question mark. */
  readonly query?: readonly string[];
  readonly body: z.ZodType | null;
  /** What a member must be permitted to do; null: open to anybody, without a session. */
  readonly action: Action | null;
  readonly example?: unknown;
  readonly answer: string;
  /** Largest body, where it is not the usual one. */
  readonly mostBytes?: number;
}

/** Declares an endpoint, keeping its literal types for the handler. */
export function endpoint<const E extends Endpoint>(e: E): E {
  return e;
}
