import type { Tracer } from '../working/working';
import { kindOf } from './elements';
import type { LineElement } from './schema';
import { entered, type LineTension, settle, type TensionInputs } from './tension-parts';

/** Of several tensioners on one line the least that is kept counts, and the most that is hauled. */
function ofSeveral<V>(t: Tracer<V>, all: readonly LineTension<V>[]): LineTension<V> {
  const least = all.reduce((a, b) =>
    (t.value(b.pretension) ?? -1) < (t.value(a.pretension) ?? -1) ? b : a,
  );
  return all.length === 1
    ? least
    : {
        ...least,
        hauled: t.extreme(
          'greatest',
          'hardest hauled',
          'T',
          all.map((x) => x.hauled),
        ),
      };
}

/**
 * Tension of a line: hauled, kept after tie-off, and F_T after settling.
 * A tension that was measured and entered replaces the model. Without tension system everything is unknown.
 */
export function lineTension<V>(
  t: Tracer<V>,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  if (inputs.enteredPretensionN !== null) {
    const measured = entered(
      t,
      'tension measured',
      'T′',
      inputs.enteredPretensionN,
      'N',
      inputs.reading
        ? `${inputs.reading.meter}, ${inputs.reading.at.slice(0, 16).replace('T', ' ')} UTC`
        : 'your entry',
    );
    return {
      system: 'entered',
      counted: null,
      ratio: null,
      hauled: measured,
      kept: measured,
      pretension: settle(t, measured, inputs.settling),
    };
  }
  const systems = elements.flatMap((e) => kindOf(e).tension?.(t, e, elements, inputs) ?? []);
  if (systems.length > 0) return ofSeveral(t, systems);
  const unknown = entered(t, 'tension', 'T', null, 'N', 'no tension system on this line');
  return {
    system: 'none',
    counted: null,
    ratio: null,
    hauled: unknown,
    kept: unknown,
    pretension: unknown,
  };
}
