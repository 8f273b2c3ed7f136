import { describe, expect, it } from 'vitest';
import { CATALOGUE, entryOf } from '.';

/**
 * Every knot and every way of tying it that the trades this is made for ask for, and where the catalogue has it.
 * Common practice, no source.
 */
const ASKED = {
  stoppers: [
    'overhand/plain',
    'overhand/slipped',
    'double-overhand/plain',
    'figure-eight/plain',
    'figure-eight/twisted',
    'stevedore/plain',
    'stevedore/tail-trapped',
    'stevedore/slipped',
  ],
  'end loops': [
    'bowline/facing-away',
    'bowline/facing-toward',
    'bowline/anti',
    'bowline/tail-outside',
    'bowline/at-a-ring',
    'bowline-on-a-bight/plain',
    'bowline-on-a-bight/doubled-end',
    'running-bowline/plain',
    'perfection-loop/plain',
    'figure-eight-on-bight/plain',
    'surgeons-loop/plain',
    'overhand/on-a-bight',
    'double-overhand-noose/plain',
  ],
  'mid-line': [
    'alpine-butterfly/twist',
    'alpine-butterfly/hand',
    'alpine-butterfly/palm',
    'alpine-butterfly/middle',
    'alpine-butterfly/crossed',
    'wiremans-loop/plain',
    'inline-figure-eight/plain',
    'slip-loop/plain',
    'bell-ringer/plain',
    'bell-ringer/folded',
    'sheepshank/plain',
    'cats-paw/connector',
  ],
  hitches: [
    'half-hitch/plain',
    'half-hitch/slipped',
    'half-hitch/in-the-bight',
    'half-hitch/dropped',
    'two-half-hitches/same-way',
    'two-half-hitches/slipped',
    'round-turn-two-half-hitches/plain',
    'round-turn-two-half-hitches/slipped',
    'clove-hitch/passed',
    'clove-hitch/dropped',
    'clove-hitch/half-hitch',
    'cow-hitch/plain',
    'cow-hitch/tucked',
    'cow-hitch/girth',
    'timber-hitch/plain',
    'rolling-hitch/two',
    'rolling-hitch/three',
    'rolling-hitch/two-half-hitches',
    'pipe-hitch/plain',
    'fishermans-bend/plain',
    'fishermans-bend/two-half-hitches',
    'cats-paw/hook',
    'cats-paw/mousing',
    'marlinspike-hitch/plain',
    'halter-hitch/slipped',
    'evenk-hitch/slipped',
    'cleat-hitch/open',
    'cleat-hitch/locked',
    'wrap-hitch/plain',
    'mule-hitch/plain',
    'mule-hitch/half-hitch',
    'mule-hitch/overhand',
    'mule-hitch/wrong-no-twist',
    'mule-hitch/wrong-inside',
    'mule-hitch/wrong-low',
    'munter-mule/plain',
    'constrictor/plain',
    'constrictor/slipped',
    'constrictor/handle',
    'constrictor/in-the-bight',
  ],
  'adjustable and grip': [
    'taut-line-hitch/plain',
    'taut-line-hitch/reversed',
    'taut-line-hitch/crossed',
    'taut-line-hitch/slipped',
    'taut-line-hitch/on-a-bight',
    'friction-hitch/three',
    'friction-hitch/four',
    'prusik/two',
    'prusik/three',
    'prusik/with-an-end',
  ],
  bends: [
    'reef/plain',
    'reef/crossings',
    'reef/wrong-granny',
    'reef/wrong-thief',
    'sheet-bend/single',
    'sheet-bend/double',
    'sheet-bend/triple',
    'sheet-bend/corner',
    'zeppelin/plain',
    'fishermans-knot/single',
    'fishermans-knot/double',
    'carrick-bend/plain',
    'carrick-bend/seized',
    'loop-to-loop/plain',
    'loop-to-loop/wrong-girth',
    'loop-and-toggle/plain',
    'loop-and-toggle/eyelet',
  ],
  'binding and storing': [
    'jam-knot/plain',
    'jam-knot/slipped',
    'common-whipping/plain',
    'splint-lashing/plain',
    'seizing/plain',
    'alternating-coil/hang',
    'alternating-coil/stow',
  ],
  tensioners: [
    'truckers-hitch/slip-loop',
    'truckers-hitch/butterfly',
    'truckers-hitch/double-pass',
    'truckers-hitch/double',
    'truckers-hitch/ring',
    'truckers-hitch/no-end',
    'truckers-hitch/no-end-other',
    ...[
      'slip-loop',
      'bell-ringer',
      'half-sheepshank',
      'butterfly',
      'inline-figure-eight',
      'figure-eight',
    ].flatMap((loop) =>
      ['slipped', 'two-half-hitches', 'taut-line'].map((lock) => `truckers-hitch/${loop}-${lock}`),
    ),
  ],
} as const;

describe('what the trades ask for is in the catalogue', () => {
  it.each(Object.entries(ASKED).flatMap(([group, names]) => names.map((n) => [group, n] as const)))(
    '%s: %s',
    (_, name) => {
      const [id, form = ''] = name.split('/');
      const entry = entryOf(id!);
      expect(entry).not.toBeNull();
      const ids = [
        ...entry!.forms.map((f) => f.id as string),
        ...entry!.wrong.map((w) => `wrong-${w.id}`),
      ];
      expect(ids).toContain(form);
    },
  );
  it('no entry is asked for by nobody', () => {
    const asked = new Set(
      Object.values(ASKED)
        .flat()
        .map((n) => n.split('/')[0]),
    );
    expect(CATALOGUE.filter((e) => !asked.has(e.id)).map((e) => e.id)).toEqual([]);
  });
});
