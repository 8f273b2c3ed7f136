import type { z } from 'zod';
import type { Issue, IssueValue, Result } from '../result';
import { keysAt, nearest } from './known-keys';

type RawIssue = z.core.$ZodIssue;

function valuesOf(issue: RawIssue): Record<string, IssueValue> {
  switch (issue.code) {
    case 'too_small':
      return { least: Number(issue.minimum), what: issue.origin };
    case 'too_big':
      return { most: Number(issue.maximum), what: issue.origin };
    case 'invalid_value':
      return { choices: issue.values.map(String).join(', ') };
    case 'invalid_type':
      return { expected: issue.expected };
    default:
      return {};
  }
}

/** The most specific failure inside a union: a quantity that was text with a unit, say. */
function deepest(issue: RawIssue): RawIssue {
  if (issue.code !== 'invalid_union' || issue.errors.length === 0) return issue;
  const branch = issue.errors.reduce((best, b) =>
    (b[0]?.path.length ?? 0) > (best[0]?.path.length ?? 0) ? b : best,
  );
  const inner = branch[0];
  return inner && inner.path.length > 0
    ? { ...deepest(inner), path: [...issue.path, ...inner.path] }
    : issue;
}

const pathOf = (issue: RawIssue): (string | number)[] =>
  issue.path.map((step) => (typeof step === 'symbol' ? String(step) : step));

/** A name that nobody knows is an issue of its own, located, with what was probably meant. */
function unknownKeys(issue: RawIssue & { readonly keys: string[] }, schema: z.ZodType): Issue[] {
  const known = keysAt(schema, issue.path);
  return issue.keys.map((key) => ({
    code: 'unknown-key',
    path: [...pathOf(issue), key],
    values: { key: key.slice(0, 60), nearest: nearest(key, known) },
  }));
}

/** Most issues that are told: a document that is wrong everywhere is not worth a list. */
const MOST_ISSUES = 100;

/** Turns the Zod error of a schema into the project's coded issues. */
export function issuesOf(error: z.ZodError, schema: z.ZodType): Issue[] {
  return error.issues
    .slice(0, MOST_ISSUES)
    .flatMap((raw): Issue[] => {
      const issue = deepest(raw);
      const path = pathOf(issue);
      if (issue.code === 'unrecognized_keys') return unknownKeys(issue, schema);
      if (issue.code === 'custom') {
        const params = issue.params as
          { code?: string; values?: Record<string, IssueValue> } | undefined;
        return [{ code: params?.code ?? 'invalid', path, values: params?.values ?? {} }];
      }
      return [{ code: issue.code.replaceAll('_', '-'), path, values: valuesOf(issue) }];
    })
    .slice(0, MOST_ISSUES);
}

/** Parses by a schema; what is wrong comes out as issues with their place. */
export const parserOf =
  <T>(schema: z.ZodType<T>) =>
  (input: unknown): Result<T> => {
    const parsed = schema.safeParse(input);
    return parsed.success
      ? { ok: true, value: parsed.data }
      : { ok: false, issues: issuesOf(parsed.error, schema) };
  };
