/** Themes follow the place, not taste: glare, workshop, dark. */
export const THEMES = ['day', 'shade', 'night'] as const;
export type Theme = (typeof THEMES)[number];
export const THEME_WORDS: Record<Theme, string> = { day: 'Day', shade: 'Shade', night: 'Night' };
/** Remembers the theme, so that the first paint already wears it. */
export const THEME_COOKIE = 'vc_theme';
