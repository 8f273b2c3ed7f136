import { KG_PER_LB, M_PER_FT, M_PER_IN, N_PER_LBF, STANDARD_GRAVITY } from './constants';

/** What a typed quantity may be. SI units: force N, mass kg, length m, angle rad. */
export type Dimension = 'force' | 'mass' | 'length' | 'angle';

/** A unit the user may type or read: how many SI units it is, and its dimension. */
interface UnitFact {
  readonly dimension: Dimension;
  readonly si: number;
  readonly spellings: readonly string[];
}

/** Every unit, with the spellings people use. The key is how the program writes it. */
export const UNITS = {
  N: { dimension: 'force', si: 1, spellings: ['n', 'newton', 'newtons'] },
  daN: { dimension: 'force', si: 10, spellings: ['dan', 'decanewton', 'decanewtons'] },
  kN: { dimension: 'force', si: 1000, spellings: ['kn', 'kilonewton', 'kilonewtons'] },
  lbf: {
    dimension: 'force',
    si: N_PER_LBF,
    spellings: ['lbf', 'pound-force', 'pounds-force', 'pound force'],
  },
  kgf: {
    dimension: 'force',
    si: STANDARD_GRAVITY,
    spellings: ['kgf', 'kp', 'kilogram-force', 'kilograms-force'],
  },
  kg: {
    dimension: 'mass',
    si: 1,
    spellings: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'],
  },
  t: { dimension: 'mass', si: 1000, spellings: ['t', 'tonne', 'tonnes'] },
  lb: { dimension: 'mass', si: KG_PER_LB, spellings: ['lb', 'lbs', 'lbm', 'pound', 'pounds', '#'] },
  mm: {
    dimension: 'length',
    si: 0.001,
    spellings: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
  },
  cm: {
    dimension: 'length',
    si: 0.01,
    spellings: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
  },
  m: { dimension: 'length', si: 1, spellings: ['m', 'metre', 'metres', 'meter', 'meters'] },
  in: {
    dimension: 'length',
    si: M_PER_IN,
    spellings: ['in', 'in.', 'inch', 'inches', '"', '″', '”', "''"],
  },
  ft: {
    dimension: 'length',
    si: M_PER_FT,
    spellings: ['ft', 'ft.', 'foot', 'feet', "'", '′', '’'],
  },
  deg: { dimension: 'angle', si: Math.PI / 180, spellings: ['deg', '°', 'degree', 'degrees'] },
  rad: { dimension: 'angle', si: 1, spellings: ['rad', 'radian', 'radians'] },
} as const satisfies Record<string, UnitFact>;

export type UnitId = keyof typeof UNITS;

/** The SI unit in which the program keeps each dimension. */
export const SI_UNIT: Record<Dimension, UnitId> = {
  force: 'N',
  mass: 'kg',
  length: 'm',
  angle: 'rad',
};

/** A mass unit typed where a force is meant is the weight of that mass under standard gravity. */
export const FORCE_OF_MASS_UNIT: Partial<Record<UnitId, UnitId>> = { lb: 'lbf', kg: 'kgf' };

const BY_SPELLING = new Map<string, UnitId>(
  (Object.keys(UNITS) as UnitId[]).flatMap((id) =>
    UNITS[id].spellings.map((s) => [s, id] as const),
  ),
);

/** The unit behind a spelling, or undefined. Case is ignored: nobody means meganewtons by "Kn". */
export function unitOfSpelling(text: string): UnitId | undefined {
  return BY_SPELLING.get(text.trim().toLowerCase());
}
