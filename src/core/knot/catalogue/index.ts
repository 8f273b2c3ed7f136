import { overhand } from './overhand';
import { doubleOverhand } from './double-overhand';
import { stevedore } from './stevedore';
import { figureEight } from './figure-eight';
import { figureEightOnBight } from './figure-eight-on-bight';
import { bowline } from './bowline';
import { slipLoop } from './slip-loop';
import { alpineButterfly } from './alpine-butterfly';
import { halfHitch } from './half-hitch';
import { twoHalfHitches } from './two-half-hitches';
import { roundTurnTwoHalfHitches } from './round-turn-two-half-hitches';
import { cloveHitch } from './clove-hitch';
import { cowHitch } from './cow-hitch';
import { constrictor } from './constrictor';
import { tautLineHitch } from './taut-line-hitch';
import { rollingHitch } from './rolling-hitch';
import { timberHitch } from './timber-hitch';
import { prusik } from './prusik';
import { marlinspikeHitch } from './marlinspike-hitch';
import { fishermansBend } from './fishermans-bend';
import { reef } from './reef';
import { sheetBend } from './sheet-bend';
import { carrickBend } from './carrick-bend';
import { zeppelin } from './zeppelin';
import { fishermansKnot } from './fishermans-knot';
import { halterHitch } from './halter-hitch';
import { wrapHitch } from './wrap-hitch';
import { truckersHitch } from './truckers-hitch';
import { bowlineOnABight } from './bowline-on-a-bight';
import { runningBowline } from './running-bowline';
import { perfectionLoop } from './perfection-loop';
import { surgeonsLoop } from './surgeons-loop';
import { doubleOverhandNoose } from './double-overhand-noose';
import { wiremansLoop } from './wiremans-loop';
import { inlineFigureEight } from './inline-figure-eight';
import { bellRinger } from './bell-ringer';
import { sheepshank } from './sheepshank';
import { catsPaw } from './cats-paw';
import { pipeHitch } from './pipe-hitch';
import { cleatHitch } from './cleat-hitch';
import { evenkHitch } from './evenk-hitch';
import { muleHitch } from './mule-hitch';
import { munterMule } from './munter-mule';
import { frictionHitch } from './friction-hitch';
import { loopToLoop } from './loop-to-loop';
import { loopAndToggle } from './loop-and-toggle';
import { jamKnot } from './jam-knot';
import { commonWhipping } from './common-whipping';
import { splintLashing } from './splint-lashing';
import { seizing } from './seizing';
import { alternatingCoil } from './alternating-coil';
import type { Entry, TiedForm, WrongForm } from './entry';

/** All entries in the order they are taught. Adding one: `npm run knots:new`, then `docs/adding.md`. */
export const CATALOGUE: readonly Entry[] = [
  overhand,
  doubleOverhand,
  figureEight,
  stevedore,
  figureEightOnBight,
  bowline,
  slipLoop,
  alpineButterfly,
  halfHitch,
  twoHalfHitches,
  roundTurnTwoHalfHitches,
  cloveHitch,
  cowHitch,
  constrictor,
  tautLineHitch,
  rollingHitch,
  timberHitch,
  prusik,
  marlinspikeHitch,
  fishermansBend,
  reef,
  sheetBend,
  zeppelin,
  carrickBend,
  fishermansKnot,
  halterHitch,
  wrapHitch,
  truckersHitch,
  bowlineOnABight,
  runningBowline,
  perfectionLoop,
  surgeonsLoop,
  doubleOverhandNoose,
  wiremansLoop,
  inlineFigureEight,
  bellRinger,
  sheepshank,
  catsPaw,
  pipeHitch,
  cleatHitch,
  evenkHitch,
  muleHitch,
  munterMule,
  frictionHitch,
  loopToLoop,
  loopAndToggle,
  jamKnot,
  commonWhipping,
  splintLashing,
  seizing,
  alternatingCoil,
];

/** The entry with an id, or null. */
export function entryOf(id: string): Entry | null {
  return CATALOGUE.find((e) => e.id === id) ?? null;
}

/** A right or wrong form with its full name, `entry/form`, as errors, reports and files name it. */
export interface NamedForm {
  readonly name: string;
  readonly entry: Entry;
  readonly form: TiedForm | WrongForm;
  readonly wrong: boolean;
}

/** Every form of every entry, right ones first within an entry. */
export function allForms(): NamedForm[] {
  return CATALOGUE.flatMap((entry) => [
    ...entry.forms.map((form) => ({ name: `${entry.id}/${form.id}`, entry, form, wrong: false })),
    ...entry.wrong.map((form) => ({
      name: `${entry.id}/wrong-${form.id}`,
      entry,
      form,
      wrong: true,
    })),
  ]);
}
