/** From which side the learner looks. */
export type Side = 'mine' | 'facing';

/** How a form is looked at: from which side, and whether it is tied left-handed. */
export interface View {
  readonly side: Side;
  readonly leftHanded: boolean;
}

export const MY_SIDE: View = { side: 'mine', leftHanded: false };

/** The same hand, from the side it is tied from. */
export const tyingSide = ({ leftHanded }: View): View => ({ side: 'mine', leftHanded });

/**
 * Factors on x and z that turn a form to a view; y stays up.
 * Facing: half a turn about the upright axis. Left-handed: the mirror image.
 */
export function viewSigns(view: View): { readonly x: 1 | -1; readonly z: 1 | -1 } {
  const facing = view.side === 'facing';
  return { x: facing !== view.leftHanded ? -1 : 1, z: facing ? -1 : 1 };
}
