import { z } from 'zod';
import { entryOf } from '@/core/knot/catalogue';
import type { Bearing, Joint, Rig, RigInputs } from '@/core/rigs/rig';
import { rigOf, RIGS } from '@/core/rigs/rigs';
import { type Address, saidFirst } from './asked';

const number = (usual: number, least: number, most: number) =>
  z.coerce.number().min(least).max(most).catch(usual);

/** What the address says, in SI; what it does not say, or says wrongly, is taken as usual and shown in its field. */
const INPUTS = z.object({
  loadN: number(300, 1, 100_000),
  count: number(4, 1, 50).transform(Math.round),
  spanM: number(8, 0.5, 200),
  sagM: number(0.4, 0.01, 50),
  designFactor: number(5, 1, 20),
});

/** A rig with its loads, and the others by name. */
export interface RigPage {
  readonly rigs: readonly { readonly id: string; readonly name: string }[];
  readonly rig: Omit<Rig, 'loads'>;
  readonly inputs: RigInputs;
  readonly joints: readonly (Joint & { readonly knotName: string })[];
  readonly bearings: readonly Bearing[];
}

/** The page of a rig; the first one where none is named, null where there is none of that name. */
export function rigPage(asked: Address): RigPage | null {
  const first = (key: string): string | undefined => saidFirst(asked, key) ?? undefined;
  const rig = rigOf(first('rig') ?? RIGS[0]!.id);
  if (!rig) return null;
  const inputs: RigInputs = INPUTS.parse(
    Object.fromEntries(Object.keys(INPUTS.shape).map((key) => [key, first(key)])),
  );
  const { loads, ...said } = rig;
  const { joints, bearings } = loads(inputs);
  return {
    rigs: RIGS.map(({ id, name }) => ({ id, name })),
    rig: said,
    inputs,
    joints: joints.map((j) => ({ ...j, knotName: entryOf(j.stage.entry)?.name ?? '' })),
    bearings,
  };
}
