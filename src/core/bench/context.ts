import type { RiggingDocument } from './rigging';
import type { LineContext } from '../line/context';

/** A rigging is judged on its own: the crew's school, no rule set, no other lines. */
export function benchContext({ strength }: Pick<RiggingDocument, 'strength'>): LineContext {
  return {
    basis: {
      school: strength.school,
      designFactor: strength.designFactor,
      markedOrTableOnly: false,
    },
    knotSchool: strength.knotSchool,
    unmarkedByUsTable: true,
    temporary: false,
    anchors: new Map(),
    anchorSharing: new Map(),
  };
}
