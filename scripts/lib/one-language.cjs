/**
 * Build loader: of a component library's texts in thirty languages keeps the one the application speaks. The library falls
 * back to it for everybody.
 */
const KEPT = 'en-US';
const OTHER_IMPORT = /^import \S+ from "[^"]*\/[a-z]{2}-[A-Z]{2}\.mjs";\n/gm;
const OTHER_ENTRY = /^\s*"[a-z]{2}-[A-Z]{2}": \S+\n/gm;

module.exports = function oneLanguage(source) {
  const kept = (line) => (line.includes(KEPT) ? line : '');
  return source.replace(OTHER_IMPORT, kept).replace(OTHER_ENTRY, kept);
};
