export function writeGlyphs(_all: unknown): void {}
