import type { Rigging, RiggingRope } from './rigging';
import { loopPassage, loopWrapRad, type TruckersPull } from './truckers';

/**
 * A hitch of the trucker's family as the mechanism it is: loop knots that travel between the load and the anchor.
 * The general solver must find what the family's own formulas say.
 */
export function truckersRigging(pull: TruckersPull): Rigging {
  const anchor = { body: 'A', efficiency: pull.anchorEfficiency };
  const inHand = { body: 'P', efficiency: loopPassage(pull), wrapRad: loopWrapRad(pull) };
  const bodies: Rigging['bodies'] = [
    { id: 'L', kind: 'load', at: 0 },
    { id: 'P', kind: 'travelling', at: 1 },
    { id: 'A', kind: 'anchor', at: 3 },
  ];
  const again = { body: 'P', efficiency: pull.loopEfficiency };
  const toLoad: RiggingRope = { from: { body: 'P' }, passes: [], to: 'L' };
  const { handAngleRad } = pull;
  switch (pull.form) {
    case 'single':
      return {
        bodies,
        handAngleRad,
        ropes: [{ from: 'hand', passes: [inHand, anchor], to: 'P' }, toLoad],
      };
    case 'reeved-twice':
      return {
        bodies,
        handAngleRad,
        ropes: [{ from: 'hand', passes: [inHand, anchor, again, anchor], to: 'P' }, toLoad],
      };
    case 'second-loop':
      return {
        handAngleRad,
        bodies: [bodies[0]!, bodies[1]!, { id: 'Q', kind: 'travelling', at: 2 }, bodies[2]!],
        ropes: [
          { from: 'hand', passes: [{ ...inHand, body: 'Q' }, anchor], to: 'Q' },
          { from: { body: 'Q' }, passes: [again, anchor], to: 'P' },
          toLoad,
        ],
      };
  }
}
