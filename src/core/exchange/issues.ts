import type { z } from 'zod';
import type { Issue, IssueValue } from '../result';

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
    case 'unrecognized_keys':
      return { keys: issue.keys.join(', ') };
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

/** Turns a Zod error into the project's coded issues. */
export function issuesOf(error: z.ZodError): Issue[] {
  return error.issues.slice(0, 100).map((raw) => {
    const issue = deepest(raw);
    const path = issue.path.map((step) => (typeof step === 'symbol' ? String(step) : step));
    if (issue.code === 'custom') {
      const params = issue.params as
        { code?: string; values?: Record<string, IssueValue> } | undefined;
      return { code: params?.code ?? 'invalid', path, values: params?.values ?? {} };
    }
    return { code: issue.code.replaceAll('_', '-'), path, values: valuesOf(issue) };
  });
}
