const asked = Number(process.env['VAST_CLEAT_PATIENCE'] ?? 1);
if (!(asked >= 1 && asked <= 100))
  throw new Error('VAST_CLEAT_PATIENCE must be a number from 1 to 100');

/** How long something is waited for before it counts as failed, ms: as many times as long as a slow machine was given. */
export const patient = (ms: number): number => ms * asked;
