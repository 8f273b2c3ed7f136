import { type View, viewSigns } from './view';

/** Words that change with the side one looks from: what lies before becomes what lies behind. */
const DEPTH: Readonly<Record<string, string>> = {
  over: 'under',
  under: 'over',
  behind: 'in front',
  'in front': 'behind',
  'in front of': 'behind',
  'on top': 'underneath',
  underneath: 'on top',
  'up through': 'down through',
  'down through': 'up through',
  'from below': 'from above',
  'from above': 'from below',
};
/** Words that change with it, and with the hand. */
const SIDEWAYS: Readonly<Record<string, string>> = { left: 'right', right: 'left' };

/** Every word that may stand in braces in what is said of a knot. */
export const TURNING_WORDS: ReadonlySet<string> = new Set([
  ...Object.keys(DEPTH),
  ...Object.keys(SIDEWAYS),
]);

/** “In front” takes an “of” before what it is in front of. */
const BEFORE_SOMETHING = /^ (?:the|it|both|them|itself|everything|all|its|a|your)\b/;

const likeIt = (word: string, turned: string): string =>
  /^[A-Z]/.test(word) ? turned[0]!.toUpperCase() + turned.slice(1) : turned;

/**
 * What is said of a knot, as it is right for how it is looked at. Words in braces are those that turn with the view: “take
 * it {over} the standing part, to the {left}”.
 */
export function turnedWords(text: string, view: View): string {
  const { x, z } = viewSigns(view);
  return text.replace(/\{([^}]+)\}/g, (_, word: string, at: number) => {
    const key = word.toLowerCase();
    const other = z < 0 ? DEPTH[key] : undefined;
    const aside = x < 0 ? SIDEWAYS[key] : undefined;
    const after = text.slice(at + word.length + 2);
    const turned = other ?? aside ?? key;
    return likeIt(
      word,
      turned === 'in front' && BEFORE_SOMETHING.test(after) ? 'in front of' : turned,
    );
  });
}

/** Steps whose words are right for how they are looked at. */
export const turnedSteps = <S extends { readonly say: string; readonly look: string }>(
  steps: readonly S[],
  view: View,
): S[] =>
  steps.map((step) => ({
    ...step,
    say: turnedWords(step.say, view),
    look: turnedWords(step.look, view),
  }));
