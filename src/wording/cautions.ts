/** Version of the cautions; members acknowledge each version once. */
export const CAUTIONS_VERSION = 1;

/** Always shown: on the planner, on the print, and once per member at first use. */
export const CAUTIONS = [
  'Not for lifting people, fall arrest, overhead lifting or rescue: those need rated equipment, local codes and licensed persons.',
  'Stay out of the line of a loaded rope: it recoils. Keep hands out of bights. Wear gloves. Never stand under a load.',
  'Numbers are planning aids. The rope maker’s label, the equipment’s marking and the local code come first.',
] as const;

/** The same in one line, for the foot of a screen. */
export const CAUTION_LINE =
  'Planning aid: labels, markings and local code first. Never for lifting people or overhead.';
