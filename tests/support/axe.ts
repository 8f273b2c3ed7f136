import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from 'puppeteer-core';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** Violations of WCAG 2.2 AA and best practice on what is shown now. */
export async function violations(page: Page): Promise<string[]> {
  await page.evaluate(AXE);
  return page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: {
        run: (o: object) => Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[];
        }>;
      };
    };
    const { violations: found } = await axe.run({ resultTypes: ['violations'] });
    return found.flatMap((v) =>
      v.nodes
        .slice(0, 3)
        .map((n) => `${v.id}: ${n.html.slice(0, 160)} ${n.failureSummary.slice(0, 200)}`),
    );
  });
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
    found.push(...(await violations(page)).map((v) => `${theme}: ${v}`));
  }
  await put(served);
  return found;
}
