import type { GearItem, GearKind } from './schema';

export const GEAR_FORMAT = 'vast-cleat/gear';
export const GEAR_VERSION = 1;

/** A tag code: what stands on the tag, what a reader types. Letters, digits, dots and dashes, so that every reader can. */
export const CODE_PATTERN = /^[A-Z0-9](?:[A-Z0-9.-]{0,22}[A-Z0-9])?$/;
export const CHAIN_GRADES = ['unmarked', '30', '43', '70', '80', '100'] as const;
export const HARDWARE_FORMS = [
  'ring',
  'hook',
  'shackle',
  'connector',
  'rail',
  'stake',
  'ratchet',
  'binder',
] as const;

export const GEAR_KINDS = [
  'rope',
  'webbing',
  'chain',
  'wire',
  'hardware',
] as const satisfies readonly GearKind[];

/** How hard it is worked: decides how often it is inspected. */
export const USES = ['normal', 'daily'] as const;

/** The size people call a thing by: diameter, width, bar. Null for hardware nobody measured. */
export function sizeOf(item: GearItem): number | null {
  switch (item.kind) {
    case 'rope':
      return item.diameterM;
    case 'webbing':
      return item.widthM;
    case 'chain':
    case 'wire':
      return item.sizeM;
    case 'hardware':
      return item.barDiameterM;
  }
}

/** What it is made of, as the list filters by it: a rope's material, a chain's grade, a fitting's form. */
export function typeOf(item: GearItem): string {
  switch (item.kind) {
    case 'rope':
      return item.material;
    case 'webbing':
      return 'webbing';
    case 'chain':
      return `grade-${item.grade}`;
    case 'wire':
      return 'wire';
    case 'hardware':
      return item.form;
  }
}
