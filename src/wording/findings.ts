import type { FindingCode } from '@/core/securement/codes';
import type { Finding } from '@/core/securement/verdict';
import { capital } from './text';
import { formatQuantity, type Rounding, type UnitChoice } from '@/core/units';

type Values = Finding['values'];
type Force = (key: string, rounding?: Rounding) => string;

/** Wording of findings: what to do first, then why. */
const FINDINGS: Record<FindingCode, (v: Values, force: Force, length: Force) => string> = {
  'no-lines': () => 'Put a line over the load. Without one only friction holds it.',
  'knot-prohibited': (v) =>
    `${v['line']}: use webbing with a ratchet or chain with a binder. Tie-downs of commercial vehicles must not contain knots, however strong they are.`,
  'edge-unprotected': (v) =>
    `${v['line']}: put a protector on the sharp edge. Lines must be protected where they can be cut.`,
  'not-adjustable': (v) =>
    `${v['line']}: add a ratchet, binder or tensioner. The driver must be able to tighten it on the road.`,
  'commodity-rules': (v) =>
    `${capital(String(v['commodity']))} have rules of their own (49 CFR ${v['section']}), which are not computed here. Look them up.`,
  'recheck-on-road': () =>
    'Check before driving, again within the first 50 miles, then at every change of duty, 3 hours or 150 miles.',
  'guidance-only': () =>
    'Guidance, not your state’s rule: nothing may drop, shift, leak or escape.',
  'guidance-judges': () =>
    'Guidance by which a securement is judged. What holds the load as well in another way is allowed, too.',
  'site-only': () =>
    'For what stands still. On the road, or where people stand under it, other rules apply.',
  'line-nearly-flat': (v) =>
    `${v['line']}: lead it more steeply. Under 35° it hardly presses the load down.`,
  'tall-without-side-lines': () =>
    'Add lines to the sides, or block it: the load is tall for its width.',
  'no-lashing-capacity': (v) =>
    `${v['line']}: hand-tied rope has no lashing capacity under EN 12195-2. The statics use your crew’s school.`,
  'webbing-knotted': (v) => `${v['line']}: take the knot out. Web lashings must not be knotted.`,
  'pretension-over-half-lc': (v) =>
    `${v['line']}: its tension counts only up to half its lashing capacity.`,
  'tilting-rows': (v) =>
    `Tilting of ${v['rows']} rows side by side is judged row by row, without the lines.`,
  'over-tension': (v, f) =>
    `${v['line']}: pull less. Hauling puts ${f('hauledN', 'demand')} on a line that may carry ${f('wllN', 'capacity')}.`,
  'load-crushed': (v, f) =>
    `${v['line']}: pull less. Hauling presses ${f('hauledN', 'demand')} on a load that takes ${f('limitN', 'capacity')} a line.`,
  'line-not-placed': (v) =>
    `${v['line']}: ${v['kind'] === 'direct' ? 'say where it holds the load, and give it an anchor on the deck' : v['kind'] === 'loop' ? 'say where it holds the load, and give it two anchors on the deck' : 'give it two anchors on the deck, or enter its angle'}. Until then it is not counted.`,
  'lean-unknown': (v) =>
    `${v['line']}: say to which side it leans. Its angle in plan counts on one side only.`,
  'over-same-ring': (v) =>
    `${v['line']}: lead it to another anchor. Both ends on one ring press nothing down; it is not counted.`,
  'over-beyond-load': (v) =>
    `${v['line']}: choose anchors beside the load. Between these it does not lie over it; it is not counted.`,
  'over-one-side': (v) =>
    `${v['line']}: choose anchors on both sides of the load. From one side it does not lie over it; it is not counted.`,
  'over-ring-under-load': (v) =>
    `${v['line']}: choose anchors outside the load. These lie under it; the line is not counted.`,
  'attached-outside-load': (v) =>
    `${v['line']}: say where on the load it holds. That place is not on the load; the line is not counted.`,
  'direct-not-at-load': (v) =>
    `${v['line']}: its other end must be on the load. Choose “something else” for that end and say what it is; until then it is not counted.`,
  'round-askew': (v) =>
    `${v['line']}: lead it straight across the cylinder, or enter the points of its route. Askew over a round back its way is not computed; it is not counted.`,
  'route-leaves-load': (v) =>
    `${v['line']}: correct the points of its route. Along them it would lift off the load it should press; it is not counted.`,
  'line-holds-nothing': (v) =>
    `${v['line']}: say which unit it goes over or pulls at. Until then it is not counted.`,
  'angle-of-several': (v) =>
    `${v['line']}: give it anchors and points. An entered angle says enough of one unit only.`,
  'hooks-not-over': (v) =>
    `${v['line']}: take the hooks off its way. Only a rope led over the load and back is reckoned with them; it is not counted.`,
  'line-through-unit': (v) =>
    `${v['line']}: lead it over ${v['unit']} too, or round it. As it is placed it would run through ${v['unit']}.`,
  'unit-not-touched': (v) =>
    `${v['line']} passes above ${v['unit']} without touching it and gives it nothing.`,
  'units-overlap': (v) =>
    `${v['first']} and ${v['second']} stand in each other. Correct where one of them stands.`,
  'unit-not-carried': (v) =>
    `${v['unit']}: its weight does not lie over what it is said to stand on.`,
  'unit-not-at-board': (v, _, l) =>
    `${v['unit']} stands ${l('gapM', 'demand')} from the board ${v['direction']} that it is said to stand against. Move it, or say that it does not.`,
  'friction-other-surface': (v) =>
    `${v['unit']}: its friction is that of ${v['pair']}, and the deck is another floor.`,
  'edges-not-said': (v) =>
    `${v['line']}: say how it goes round the sharp edges of ${v['unit']}: put a protector there.`,
  'unit-may-not-be-pressed': (v) => `${v['unit']} may not be pressed, and ${v['by']} stands on it.`,
  'cg-too-unsure': () =>
    'Find where the weight of more units lies. With so many that may lie to either side nothing can be said.',
  'end-not-anchored': (v) =>
    `${v['line']}: put an anchor at its ${v['end']} end. A line that is fast at one end only holds nothing; it is not counted.`,
  'anchor-between': (v) => `${v['line']}: anchors stand at its ends only. Make two lines of it.`,
  'rope-end-loose': (v) =>
    `${v['line']}: tie its rope on. Each end needs a knot, a splice or a ratchet; until then it is not counted.`,
  'bend-joins-nothing': (v) =>
    `${v['line']}: put a rope on both sides of the bend. It joins nothing now; the line is not counted.`,
  'knot-without-rope': (v) =>
    `${v['line']}: put in the rope that this knot is tied in, or take the knot out. The line is not counted.`,
  'hitch-not-locked': (v) =>
    `${v['line']}: lock the hitch. Unlocked it lets go with the hand; it is not counted.`,
  'no-run': (v) => `${v['line']}: choose a rope, webbing or chain.`,
  'pressing-unknown': (v, f) =>
    `${v['line']}: enter its pull. The load takes ${f('limitN', 'capacity')} a line, and nobody knows what this one presses.`,
  'bend-not-measured': (v) =>
    `${v['line']}: measure ${v['place']}. Over a bend nobody measured nothing is known.`,
  'webbing-over-edge': (v) =>
    `${v['line']}: protect ${v['place']}. Webbing wants a protected edge or a radius of 25 mm.`,
  'chain-over-edge': (v) =>
    `${v['line']}: protect ${v['place']}. Chain over an edge of less than 3 link diameters is not rated.`,
  'wire-over-edge': (v) =>
    `${v['line']}: protect ${v['place']}. Wire rope over an edge of less than 6 of its diameters is not rated.`,
  'tension-drags': (v, f) =>
    `${v['line']}: even its legs out or pull less. Kept at ${f('keptN', 'demand')} it drags the load toward its flatter leg.`,
  'tension-enough': (v, f) =>
    `Haul ${v['count'] === 1 ? 'it' : 'each'} to at least ${f('tensionN', 'demand')} (${v['lines']}). The rule is met without; nothing but tension holds the load.`,
  'tension-needed': (v) =>
    `Add lines that pull against the motion. The rule is met, but no tension that ${v['lines']} may carry holds the load in every direction.`,
  'breaking-not-known': () =>
    'The rule is met. Whether the lines stand the hardest braking nobody can say: where marked gear breaks is not on its label.',
  'statics-too-close': () =>
    'The rule is met. Statics are too close to call; add a line or more pull.',
  'cg-middle-assumed': () =>
    'Find where the weight lies. It is taken in the middle of the load; a tenth off it would turn the verdict.',
  'line-does-nothing': (v) => `${v['line']} adds nothing in any direction.`,
  'load-overhangs': (v, _, l) =>
    `The load reaches ${l('overM', 'demand')} beyond the deck. Only what stands on the deck counts as its footing; mark the overhang.`,
  'load-off-deck': (v, _, l) =>
    `Put the load on the deck: it reaches ${l('overM', 'demand')} beyond it, and its weight does not lie over what stands on it.`,
  'board-not-measured': (v) =>
    `Measure how high the board ${v['direction']} reaches. Its foot alone counts.`,
  'statics-needs-place': (v) =>
    `${v['line']}: choose its anchors on the deck. By its angle alone the rule counts it, but statics cannot.`,
  'locker-not-asked': (v) =>
    `${v['line']}: the locker could not be asked about its gear. Try again.`,
  'gear-gone-bad': (v) =>
    `${v['line']}: take ${v['code']} off. It was removed from the locker, and it was not fit for use then.`,
  'tension-unknown': (v) =>
    `${v['line']}: enter the label tension or the pull (0 where it is slack). Nobody knows how hard it presses, nor whether it is pulled too far.`,
  'slick-rope': (v) => `${v['line']}: ordinary knots slip in this fibre; they count at most 40 %.`,
  'unrated-anchor': (v) =>
    `${v['line']}: read the plate on ${v['place']}. An unrated anchor gives no working load limit.`,
  'anchor-missing': (v) => `${v['line']}: choose an anchor that is on this deck.`,
  'unknown-rope': (v) =>
    `${v['line']}: enter the rope’s breaking strength from its label. Nothing else says what it carries.`,
  'bend-too-sharp': (v) =>
    `${v['line']}: put a protector on ${v['place']}. Over a bend sharper than the rope nothing is known.`,
  'no-rope': (v) => `${v['line']}: choose a rope, webbing or chain.`,
  'knot-in-webbing': (v) => `${v['line']}: take the ${v['place']} out of the webbing.`,
  'knot-in-chain': (v) => `${v['line']}: take the ${v['place']} out of the chain.`,
  'knot-in-wire': (v) => `${v['line']}: take the ${v['place']} out of the wire rope.`,
  'post-not-measured': (v) =>
    `${v['line']}: measure the post. A wrap hitch loses nothing only on 12 rope diameters or more.`,
  'unrated-fitting': (v) => `${v['line']}: read the marking on the ${v['place']}.`,
  'unmarked-gear': (v) =>
    `${v['line']}: read the label of the ${v['place']}. Unmarked gear counts for nothing under these rules.`,
  'knot-slips-in-stiff-rope': (v) =>
    `${v['line']}: use another knot. A ${v['knot']} does not grip in stiff rope.`,
  'knot-slips-in-slick-rope': (v) =>
    `${v['line']}: use another knot. A ${v['knot']} slips in rope this slick.`,
  'timber-hitch-on-metal': (v) =>
    `${v['line']}: keep the timber hitch off metal; it slips on smooth pipe.`,
  'reef-as-load-join': (v) =>
    `${v['line']}: join with a sheet bend or a fisherman’s. A reef knot falls apart as a load join.`,
  'knot-collapses-when-slack': (v) =>
    `${v['line']}: keep tension on it. A ${v['knot']} lets go when the line goes slack.`,
  'rope-too-short': (v, _, l) =>
    `${v['line']}: take a longer rope, ${l('shortM', 'demand')} short. It takes ${l('needM', 'demand')} with knots and tails, and there is ${l('haveM', 'capacity')}.`,
  'rope-shared': (v) =>
    `${v['code']} is on more than one line: ${v['lines']}. It must run over them as one, or each needs its own.`,
  'rope-shared-short': (v, _, l) =>
    `${v['code']} is on more than one line (${v['lines']}) and ${l('shortM', 'demand')} too short for all of them.`,
  'gear-retired': (v) => `${v['line']}: take ${v['code']} off. It is retired.`,
  'gear-set-aside': (v) =>
    `${v['line']}: take ${v['code']} off, or cut its damage out first. It is set aside.`,
  'gear-worse': (v) =>
    `${v['line']}: take over what the locker says of ${v['code']} now (${v['condition']}), or take another. The plan counts with more.`,
  'gear-suspect': (v) =>
    `${v['line']}: inspect ${v['code']} before it is loaded. Something happened to it.`,
  'gear-overdue': (v) => `${v['line']}: inspect ${v['code']}. Its inspection is overdue.`,
  'kept-not-asked': (v) =>
    `${capital(String(v['what']))}: sign in. What your crew keeps of it was not asked.`,
  'deck-gone': (v) =>
    `${capital(String(v['deck']))}: take another deck, or enter this one here. Your crew keeps it no longer.`,
  'deck-worse': (v) =>
    `${capital(String(v['deck']))}: take it as it is now. Your crew has found it less than this plan counts with, or otherwise: ${v['what']}.`,
  'deck-changed': (v) =>
    `${capital(String(v['deck']))} was read again since this plan took it. What its lines use is no worse.`,
  'load-gone': (v) =>
    `${capital(String(v['unit']))}: say here what it is. Your crew keeps it no longer.`,
  'load-changed': (v) =>
    `${capital(String(v['unit']))}: take it as it is now, or say that this one is otherwise. Your crew has changed what it keeps of it.`,
  'gear-gone': (v) =>
    `${v['line']}: choose ${v['code'] ?? 'its gear'} anew. It is no longer in the locker.`,
  'knot-jams': (v) => `${v['line']}: a ${v['knot']} may jam under load and have to be cut.`,
};

/** One finding in words, forces in the member's unit. */
export function wordFinding(finding: Pick<Finding, 'code' | 'values'>, units: UnitChoice): string {
  const force: Force = (key, rounding = 'nearest') =>
    formatQuantity(Number(finding.values[key]), 'force', units, rounding);
  const length: Force = (key, rounding = 'nearest') =>
    formatQuantity(Number(finding.values[key]), 'length', units, rounding);
  const words = FINDINGS[finding.code](finding.values, force, length);
  const { unit } = finding.values;
  // Of several articles it is said which; some words name it themselves.
  return unit === undefined || words.includes(String(unit)) ? words : `${unit}: ${words}`;
}
