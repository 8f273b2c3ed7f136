import { type Gear, gearSchema } from '../gear/schema';
import { GEAR_FORMAT, GEAR_VERSION } from '../gear/vocabulary';
import { parserOf } from './issues';
import { type DocumentKind, readDocument, type Reading } from './read';

/** Things of a locker, of every version there was. */
export const GEAR: DocumentKind<Gear> = {
  format: GEAR_FORMAT,
  version: GEAR_VERSION,
  upgrades: {},
  parse: parserOf(gearSchema),
};

/** Reads a thing that was kept or brought, of whatever version. */
export const readGear = (input: unknown): Reading<Gear> => readDocument(GEAR, input);
