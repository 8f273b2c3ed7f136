import type { Issue } from '@/core/result';

/** Which knot of the catalogue an author's mistake lies in. */
const ofKnot = (v: Issue['values']): string => (v['knot'] ? `Knot ${v['knot']}${v['cut'] ? `, ${v['cut']}` : ''}: ` : '');

/** Wording of coded issues, for the screen and the programming interface alike. First what to do, then why. */
const ISSUES: Record<string, (v: Issue['values']) => string> = {
  'quantity-empty': () => 'Enter a figure.',
  'decimal-comma': (v) => `Write a decimal point, not a comma: “${v['text']}” could be one and a half or fifteen.`,
  'fraction-over-zero': (v) => `“${v['text']}” divides by 0. Write the fraction again.`,
  'inches-over-eleven': (v) => `“${v['text']}” has 12 or more inches after the feet. Carry them into feet.`,
  negative: () => 'A quantity here cannot be below 0.',
  'not-a-number': (v) => `“${v['text']}” is not a figure. Write a number and a unit, such as 5 ft 3 in.`,
  'unit-missing': (v) => `Add the unit, such as ${v['dimension'] === 'mass' ? '380 kg' : v['dimension'] === 'force' ? '1,800 lbf' : '1.2 m'}. Nothing beside this figure says what it is.`,
  'unit-unknown': (v) => `The unit “${v['unit']}” is not known here.`,
  'unit-wrong-kind': (v) => `“${v['unit']}” is not a unit of ${v['dimension']}.`,
  'out-of-range': (v) => `Must lie between ${v['least']} and ${v['most']} ${v['unit'] ?? ''}.`.replace(' .', '.'),
  'too-small': (v) => (v['what'] === 'string' ? 'Must not be empty or shorter than allowed.' : `Must be at least ${v['least']}.`),
  'too-big': (v) => (v['what'] === 'string' ? `At most ${v['most']} characters.` : v['what'] === 'array' ? `At most ${v['most']} entries.` : `Must be at most ${v['most']}.`),
  'invalid-value': (v) => `Must be one of: ${v['choices']}.`,
  'invalid-type': (v) => `Must be ${v['expected']}.`,
  'invalid-union': () => 'This has none of the forms that are known here.',
  'invalid-format': () => 'Not in the form that is expected here.',
  'unrecognized-keys': (v) => `Not known here: ${v['keys']}.`,
  'id-twice': (v) => `The id “${v['id']}” is used twice. Ids must differ.`,
  'path-token': (v) => `${ofKnot(v)}token ${v['place']}, “${v['token']}”, is neither a point (x,y) nor marks (O, U, .).`,
  'path-marks-at-end': (v) => `${ofKnot(v)}token ${v['place']}, “${v['token']}”: marks stand between two points.`,
  'path-marks-twice': (v) => `${ofKnot(v)}token ${v['place']}, “${v['token']}”: write all marks between two points in one word.`,
  'path-too-short': (v) => `${ofKnot(v)}a rope needs at least two points.`,
  'path-point-twice': (v) => `${ofKnot(v)}token ${v['place']}, “${v['token']}”, repeats the point before it.`,
  'crossings-unmarked': (v) => `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}, marked “${v['written']}”: ${v['marks']} marks for ${v['crossings']} crossings.`,
  'marks-contradict': (v) => `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}, and rope ${v['other']}, interval ${v['otherInterval']}, both say “${v['mark']}” at their crossing.`,
  'fixture-mark': (v) => `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}: write o or u at a pole, O or U at a rope.`,
  'crossing-undecided': (v) => `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}, and rope ${v['other']}, interval ${v['otherInterval']}: one of them must say which lies over.`,
  'invariant-wrong': (v) => `${ofKnot(v)}closed “${v['closure']}” it must give ${v['expected']}, but gives ${v['obtained']}. ${v['rope']
    ? `It would be right with the crossing turned over that rope ${v['rope']} marks “${v['mark']}” in interval ${v['interval']}.` : 'No single crossing turned over would make it right.'}`,
  'rigging-body-twice': () => 'Two parts of the system have the same name.',
  'rigging-no-load-or-anchor': () => 'A system needs a load and an anchor.',
  'rigging-hand-angle': () => 'The hand pulls between straight toward the anchor (0°) and straight back (180°).',
  'rigging-one-hand': () => 'Exactly one rope must be in the hand.',
  'rigging-unknown-body': (v) => `Rope ${v['rope']} goes to “${v['body']}”, which is not part of the system.`,
  'rigging-strand-nowhere': (v) => `Rope ${v['rope']} goes from a place to the same place.`,
  'rigging-efficiency': (v) => `Rope ${v['rope']}: a turn leaves more than nothing and at most all of the tension.`,
  'rigging-undetermined': (v) => `The system cannot be worked out: ${v['bodies']} travelling parts are held by ${v['ropes']} further ropes. Each travelling part needs one.`,
  'rigging-no-pull': () => 'The system does not pull the load toward the anchor.',
  'rigging-pushes': (v) => `Rope ${v['rope']} would have to push. Check which way it pulls.`,
  'span-impossible': (v) => `A line of ${v['lengthM']} m does not reach over ${v['chordM']} m.`,
  'span-limit-too-low': () => 'No sag is deep enough: each part of the line must carry its share of the load.',
  'load-off-span': () => 'The load must hang between the ends of the span.',
  'meter-busy': (v) => `${v['most']} meters are being read already. Try again in a minute.`,
  'wraps-no-hand': () => 'Enter what the hand holds. Wraps alone, with nothing at the tail, hold nothing here.',
  'text-not-storable': () => 'The text contains characters that cannot be kept (NUL or a broken emoji). Remove them.',
  'body-not-json': () => 'The body is not valid JSON.',
  'body-too-large': (v) => `The body is larger than ${v['most']} bytes.`,
  'version-conflict': () => 'Somebody else saved this plan first. Nothing is lost: choose which version to keep.',
  'version-required': () => 'Send the version you started from in the If-Match header.',
  'not-found': () => 'There is nothing here under this address for your crew.',
  'sign-in-needed': () => 'Step in first: this needs a member of a crew.',
  'not-permitted': (v) => `Your role (${v['role']}) may not do this. Ask your crew’s lead.`,
  'sign-in-wrong': () => 'Name and password do not match. Check both; nothing was changed.',
  'too-many-attempts': (v) => `Too many attempts. Wait ${v['seconds']} seconds, then try again.`,
  'name-taken': (v) => `“${v['name']}” is already in this crew. Choose another name.`,
  'crew-name-taken': (v) => `A crew called “${v['name']}” exists already. Choose another name.`,
  'wrong-origin': () => 'This request came from another site and was refused.',
  'address-unknown': () => 'There is no such address. The description is at /api/v1/openapi.json.',
  internal: () => 'Something broke on our side. What was saved is safe; try again.',
  'demo-absent': () => 'The demo is not loaded here.',
  'rule-set-unknown': (v) => `There is no rule set “${v['id']}”. Known: ${v['known']}.`,
  'cursor-invalid': () => 'This page marker is not one of ours. Start from the first page.',
};

/** One issue in words a driver understands. */
export function wordIssue(issue: Pick<Issue, 'code' | 'values'>): string {
  return ISSUES[issue.code]?.(issue.values) ?? 'This value is not accepted here.';
}

/** Codes that have wording; a test proves that every code in use is among them. */
export const ISSUE_CODES = Object.keys(ISSUES);
