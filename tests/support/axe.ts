import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from 'puppeteer-core';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What a theme changes: colours, and nothing else. */
const BY_COLOUR = ['color-contrast', 'link-in-text-block'];

/** Violations of WCAG 2.2 AA and best practice on what is shown now, or of those rules alone that are named. */
export async function violations(page: Page, rules?: readonly string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  return page.evaluate(async (only) => {
    const { axe } = window as unknown as {
      axe: {
        run: (o: object) => Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[];
        }>;
      };
    };
    const { violations: found } = await axe.run({
      resultTypes: ['violations'],
      ...(only ? { runOnly: { type: 'rule', values: only } } : {}),
    });
    return found.flatMap((v) =>
      v.nodes
        .slice(0, 3)
        .map((n) => `${v.id}: ${n.html.slice(0, 160)} ${n.failureSummary.slice(0, 200)}`),
    );
  }, rules);
}

const THEMES = ['day', 'shade', 'night'] as const;

/** The same in all three themes, put on where the page stands: the server's part in a theme is one attribute. */
export async function violationsInThemes(page: Page): Promise<string[]> {
  const put = (theme: string | undefined): Promise<void> =>
    page.evaluate((t) => {
      document.documentElement.dataset['theme'] = t;
    }, theme);
  const served = await page.evaluate(() => document.documentElement.dataset['theme']);
  const found: string[] = [];
  for (const theme of THEMES) {
    await put(theme);
    const rules = theme === THEMES[0] ? undefined : BY_COLOUR;
    found.push(...(await violations(page, rules)).map((v) => `${theme}: ${v}`));
  }
  await put(served);
  return found;
}
