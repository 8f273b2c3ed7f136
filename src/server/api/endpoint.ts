import type { z } from 'zod';
import { type DocumentKind, placeAsBrought, resultOf, upgradeDocument } from '@/core/exchange/read';
import type { Issue, Result } from '@/core/result';
import type { Action } from '../permissions';

/** How documents of earlier versions in a body become those of today, and where something of them stood as it was sent. */
export interface Upgrade {
  apply(json: unknown): Result<unknown>;
  placeAsSent(path: Issue['path'], json: unknown): Issue['path'];
}

/** One endpoint of the programming interface: the route handlers, the OpenAPI document and the tests over all routes read it. */
export interface Endpoint {
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Path under /api/v1, parameters in braces. */
  readonly path: string;
  readonly summary: string;
  /** Names that may stand behind the question mark. */
  readonly query?: readonly string[];
  readonly body: z.ZodType | null;
  /** Media types of a file that is the body; the handler reads it. */
  readonly file?: readonly string[];
  /** Makes documents of earlier versions in the body into those of today, before it is parsed. */
  readonly upgrade?: Upgrade;
  /** What a member must be permitted to do; null: open to anybody, without a session. */
  readonly action: Action | null;
  readonly example?: unknown;
  /** What it answers with in JSON; null: a file, a stream, or a description of its own kind. */
  readonly answers: z.ZodType | null;
  /** The same in words. */
  readonly answer: string;
  /** Largest body, where it is not the usual one. */
  readonly mostBytes?: number;
}

/** The same, and everything in it, to be read only; lists of a fixed length stay such. */
export type DeepReadonly<T> = T extends object
  ? { readonly [K in keyof T]: DeepReadonly<T[K]> }
  : T;

/** What a handler answers with. */
export type Answered<E extends Endpoint> = E['answers'] extends z.ZodType
  ? DeepReadonly<z.input<E['answers']>>
  : never;

/** Declares an endpoint, keeping its literal types for the handler. */
export function endpoint<const E extends Endpoint>(e: E): E {
  return e;
}

/** For bodies that are a document: of whatever version it is, as one of the newest. */
export const upgradeOf = (kind: DocumentKind<unknown>): Upgrade => ({
  apply: (json) => resultOf(upgradeDocument(kind, json)),
  placeAsSent: (path, json) => placeAsBrought(kind, path, json),
});

/** For bodies that hold a document under a name. */
export function upgradeAt(name: string, kind: DocumentKind<unknown>): Upgrade {
  const inner = upgradeOf(kind);
  const within = (json: unknown): unknown =>
    typeof json === 'object' && json !== null ? (json as Record<string, unknown>)[name] : undefined;
  return {
    apply(json) {
      const document = within(json);
      if (document === undefined) return { ok: true, value: json };
      const upgraded = inner.apply(document);
      return upgraded.ok
        ? { ok: true, value: { ...(json as object), [name]: upgraded.value } }
        : { ok: false, issues: upgraded.issues.map((i) => ({ ...i, path: [name, ...i.path] })) };
    },
    placeAsSent: ([first, ...path], json) =>
      first === name
        ? [name, ...inner.placeAsSent(path, within(json))]
        : first === undefined
          ? []
          : [first, ...path],
  };
}
