import { randomInt } from 'node:crypto';

/** Letters and figures that are not taken for each other, said or written by hand. */
const ALPHABET = 'ACDEFHJKMNPRTUWXY3479';
const LENGTH = 6;

/** A code to be read off a screen and typed: one of 85 million. */
export const newCode = (): string =>
  Array.from({ length: LENGTH }, () => ALPHABET[randomInt(ALPHABET.length)]).join('');

/** A code as it was typed: small letters, spaces and dashes are of no account. */
export const codeTyped = (typed: string): string => typed.toUpperCase().replace(/[\s-]/g, '');
