import type { Finding } from '@/core/securement/verdict';

/** The same said of several lines is said once, with all their names. */
export function grouped(findings: readonly Finding[]): Finding[] {
  const groups = new Map<string, Finding>();
  for (const f of findings) {
    const { line, ...rest } = f.values;
    const key = JSON.stringify([f.code, f.effect, f.clause, rest]);
    const before = groups.get(key);
    const names =
      before && String(before.values['line']).split('; ').includes(String(line))
        ? before.values['line']!
        : before
          ? `${before.values['line']}; ${line}`
          : (line ?? null);
    groups.set(key, {
      ...(before ?? f),
      values: line === undefined ? f.values : { ...f.values, line: names },
    });
  }
  return [...groups.values()];
}
