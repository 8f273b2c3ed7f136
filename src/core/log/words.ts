const MARKS = /\p{M}/gu;
const BETWEEN = /[^\p{L}\p{N}]+/u;
const MOST_LETTERS = 40;

/** The words of a text as they are searched by: small letters without their marks, each once. */
export const searchWords = (text: string): string[] => [
  ...new Set(
    text
      .normalize('NFKD')
      .replace(MARKS, '')
      .toLowerCase()
      .split(BETWEEN)
      .filter((w) => w !== '')
      .map((w) => w.slice(0, MOST_LETTERS)),
  ),
];
