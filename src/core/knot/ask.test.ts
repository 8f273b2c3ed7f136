import { describe, expect, it } from 'vitest';
import { askedKnots } from './ask';
import { CATALOGUE } from './catalogue';
import { namesOf } from './catalogue/by-form';

const items = CATALOGUE.map((entry) => ({ ...entry, ...namesOf(entry) }));
const ask = (question: string): string[] => askedKnots(items, question).map((f) => f.item.id);

/** Plain questions and what may come first. Common practice, no source. */
const QUESTIONS: readonly (readonly [string, readonly string[]])[] = [
  ['tie two ropes of different thickness together', ['sheet-bend']],
  ['join a thick rope and a thin one', ['sheet-bend']],
  ['join two ropes', ['zeppelin', 'sheet-bend']],
  ['join two heavy stiff ropes', ['carrick-bend']],
  ['join two slings', ['loop-to-loop']],
  ['connect two loops so that they come apart at once', ['loop-and-toggle']],
  ['will not jam when wet', ['zeppelin', 'bowline']],
  ['a bend I can untie after a heavy load', ['zeppelin', 'bowline']],
  ['hang a lantern I can raise and lower', ['taut-line-hitch']],
  ['adjust a tent guy', ['taut-line-hitch']],
  ['a fixed loop in the end of a rope', ['bowline', 'figure-eight-on-bight']],
  ['a loop that does not slip', ['bowline', 'figure-eight-on-bight']],
  ['a loop in the middle of a rope', ['alpine-butterfly']],
  ['two loops for a towing bridle', ['bowline-on-a-bight']],
  ['get a rope round a branch out of reach', ['running-bowline']],
  ['tie a rope to a ring', ['round-turn-two-half-hitches', 'fishermans-bend', 'bowline']],
  ['tie a bucket', ['fishermans-bend']],
  ['fasten a line to a post', ['round-turn-two-half-hitches', 'clove-hitch']],
  ['tie to a slick steel pipe', ['pipe-hitch']],
  ['pull along a pole', ['rolling-hitch']],
  ['lift a pipe', ['pipe-hitch']],
  ['drag a log', ['timber-hitch']],
  ['pull a line tight over a load', ['truckers-hitch']],
  ['tie down cargo on a trailer', ['truckers-hitch']],
  ['tie something that comes off under load', ['halter-hitch', 'cleat-hitch']],
  ['tie up a horse', ['halter-hitch']],
  ['tie with thick gloves in the cold', ['round-turn-two-half-hitches']],
  ['lower a load slowly', ['munter-mule', 'taut-line-hitch']],
  ['tie a boat to a dock', ['cleat-hitch']],
  ['put a sling on a hook', ['cats-paw']],
  ['close a sack', ['constrictor']],
  ['bind a bundle', ['constrictor', 'jam-knot']],
  ['tie a parcel', ['reef', 'constrictor']],
  ['stop the rope running out of a block', ['figure-eight', 'stevedore']],
  ['a bulky stopper for a large hole', ['stevedore']],
  ['keep the end from fraying', ['common-whipping']],
  ['take the load off a damaged part', ['alpine-butterfly', 'sheepshank']],
  ['shorten a rope without cutting', ['sheepshank']],
  ['mend a cracked handle', ['splint-lashing']],
  ['store a rope without kinks', ['alternating-coil']],
  ['tie a line to a tarp corner', ['sheet-bend']],
  ['hold a tarp by its eyelet', ['loop-and-toggle']],
  ['grip another rope', ['prusik']],
  ['lose no strength at the anchor', ['wrap-hitch']],
];

describe('a question in plain words', () => {
  it.each(QUESTIONS)('“%s”', (question, answers) => expect(answers).toContain(ask(question)[0]));
  it('is answered by no knot that must not do it', () => {
    expect(ask('join two ropes')).not.toContain('reef');
    expect(ask('tie something that comes off under load')).not.toContain('half-hitch');
  });
  it('about nothing of this is not answered, nor is a name written wrong', () => {
    for (const typed of ['xyzzy', 'double sheet bnd', 'clov hich', 'fishermens bend'])
      expect(ask(typed), typed).toEqual([]);
  });
});
