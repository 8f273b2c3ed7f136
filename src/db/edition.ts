/**
 * Which edition of the rules, and of the program that judges by them, runs here: the start script takes it from the
 * sources of the core, so that nobody has to remember to count it up.
 */
export const edition = (): string => process.env['VAST_CLEAT_EDITION'] ?? 'unmarked';
