import { parseCookie } from 'cookie';
import { THEME_COOKIE, THEMES } from '@/wording/themes';
import { wordIssue } from '@/wording/issues';
import type { Refusal } from '../problem';

const escape = (text: string): string => text.replace(/[&<>"]/g, (c) => `&#${c.codePointAt(0)};`);

const LOOK = `body{margin:0;background:var(--canvas);color:var(--ink);font:var(--t-lead)/1.5 system-ui,sans-serif}
main{max-width:36em;margin:12vh auto;padding:0 var(--s5)}h1{font-size:var(--t-title)}a{color:inherit}`;

/**
 * A page of plain words for when the application itself cannot draw one. It asks again by itself while what is missing
 * may come back. `tokens`: the colours of all themes as CSS.
 */
export function plainPage(refusal: Refusal, cookies: string, tokens: string): string {
  const wanted = parseCookie(cookies)[THEME_COOKIE];
  const theme = THEMES.find((t) => t === wanted) ?? 'shade';
  const seconds = refusal.headers['retry-after'];
  const again = seconds
    ? `<p>This page asks again by itself every ${escape(seconds)} seconds. <a href="">Ask now</a></p>`
    : '<p><a href="/">To the first page</a></p>';
  return `<!doctype html><html lang="en" data-theme="${theme}"><head><meta charset="utf-8"><title>Vast Cleat</title>
<meta name="viewport" content="width=device-width">${seconds ? `<meta http-equiv="refresh" content="${escape(seconds)}">` : ''}
<style>${tokens}${LOOK}</style></head><body><main><h1>${escape(refusal.title)}</h1>
${refusal.issues.map((i) => `<p>${escape(wordIssue(i))}</p>`).join('\n')}
${again}</main></body></html>`;
}
