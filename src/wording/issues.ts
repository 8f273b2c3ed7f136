import type { Issue } from '@/core/result';
import { INPUT_ISSUES } from './input';

/** Which knot of the catalogue an author's mistake lies in. */
const ofKnot = (v: Issue['values']): string => (v['knot'] ? `Knot ${v['knot']}: ` : '');

/** Wording of coded issues, for the screen and the programming interface alike. First what to do, then why. */
const ISSUES: Record<string, (v: Issue['values']) => string> = {
  ...INPUT_ISSUES,
  'too-small': (v) =>
    v['what'] === 'string'
      ? 'Must not be empty or shorter than allowed.'
      : `Must be at least ${v['least']}.`,
  'too-big': (v) =>
    v['what'] === 'string'
      ? `At most ${v['most']} characters.`
      : v['what'] === 'array'
        ? `At most ${v['most']} entries.`
        : `Must be at most ${v['most']}.`,
  'invalid-value': (v) => `Must be one of: ${v['choices']}.`,
  'invalid-type': (v) => `Must be ${v['expected']}.`,
  'invalid-union': () => 'This has none of the forms that are known here.',
  'invalid-format': () => 'Not in the form that is expected here.',
  'document-too-new': (v) =>
    `A later program wrote this (version ${v['version']}; here ${v['newest']} is the newest). It stays as it is; open it there.`,
  'document-too-old': (v) =>
    `This is of version ${v['version']}, which is not read any more. It stays as it is.`,
  'document-broken': (v) =>
    `What is kept here is damaged${v['path'] ? ` at ${v['path']}` : ''}. It stays as it is; export it, or go back to an earlier version.`,
  'said-twice': (v) => `“${v['key']}” is said twice. Say it once.`,
  'unknown-key': (v) =>
    v['nearest'] === null
      ? `“${v['key']}” is not known here. Take it out.`
      : `“${v['key']}” is not known here. Did you mean “${v['nearest']}”?`,
  'course-not-onward': (v) => `Point ${v['at']} of the drive must come after the one before it.`,
  'course-without-time': (v) =>
    `A drive needs a column of its time in seconds, “time s”. Found: ${v['headers']}.`,
  'takes-too-long': () =>
    'This takes longer than a request may. Ask for less: a shorter drive, fewer draws, fewer units.',
  'id-twice': (v) => `The id “${v['id']}” is used twice. Ids must differ.`,
  'path-token': (v) =>
    `${ofKnot(v)}token ${v['place']}, “${v['token']}”, is neither a point (x,y) nor marks (O, U, .).`,
  'path-marks-at-end': (v) =>
    `${ofKnot(v)}token ${v['place']}, “${v['token']}”: marks stand between two points.`,
  'path-marks-twice': (v) =>
    `${ofKnot(v)}token ${v['place']}, “${v['token']}”: write all marks between two points in one word.`,
  'path-too-short': (v) => `${ofKnot(v)}a rope needs at least two points.`,
  'path-point-twice': (v) =>
    `${ofKnot(v)}token ${v['place']}, “${v['token']}”, repeats the point before it.`,
  'crossings-unmarked': (v) =>
    `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}, marked “${v['written']}”: ${v['marks']} marks for ${v['crossings']} crossings.`,
  'marks-contradict': (v) =>
    `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}, and rope ${v['other']}, interval ${v['otherInterval']}, both say “${v['mark']}” at their crossing.`,
  'fixture-mark': (v) =>
    `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}: write o or u at a pole, O or U at a rope.`,
  'crossing-undecided': (v) =>
    `${ofKnot(v)}rope ${v['rope']}, interval ${v['interval']}, and rope ${v['other']}, interval ${v['otherInterval']}: one of them must say which lies over.`,
  'invariant-wrong': (v) =>
    `${ofKnot(v)}closed “${v['closure']}” it must give ${v['expected']}, but gives ${v['obtained']}. ${
      v['rope']
        ? `It would be right with the crossing turned over that rope ${v['rope']} marks “${v['mark']}” in interval ${v['interval']}.`
        : 'No single crossing turned over would make it right.'
    }`,
  'rigging-body-twice': () => 'Two parts of the system have the same name.',
  'rigging-no-load-or-anchor': () => 'A system needs a load and an anchor.',
  'rigging-hand-angle': () =>
    'The hand pulls between straight toward the anchor (0°) and straight back (180°).',
  'rigging-one-hand': () => 'Exactly one rope must be in the hand.',
  'rigging-unknown-body': (v) =>
    `Rope ${v['rope']} goes to “${v['body']}”, which is not part of the system.`,
  'rigging-strand-nowhere': (v) => `Rope ${v['rope']} goes from a place to the same place.`,
  'rigging-efficiency': (v) =>
    `Rope ${v['rope']}: a turn leaves more than nothing and at most all of the tension.`,
  'rigging-undetermined': (v) =>
    `The system cannot be worked out: ${v['bodies']} travelling parts are held by ${v['ropes']} further ropes. Each travelling part needs one.`,
  'rigging-no-pull': () => 'The system does not pull the load toward the anchor.',
  'rigging-pushes': (v) => `Rope ${v['rope']} would have to push. Check which way it pulls.`,
  'span-impossible': (v) => `A line of ${v['lengthM']} m does not reach over ${v['chordM']} m.`,
  'span-limit-too-low': () =>
    'No sag is deep enough: each part of the line must carry its share of the load.',
  'load-off-span': () => 'The load must hang between the ends of the span.',
  'not-in-run': (v) =>
    `Name one of the run’s ${v['legs']} legs, or a turn that is locked; turn 0 is the hauled end.`,
  'meter-yours': (v) =>
    `You read ${v['most']} meters already, perhaps on another page. Close one of them first.`,
  'meter-busy': (v) => `${v['most']} meters are being read already. Try again in a minute.`,
  'wraps-no-hand': () =>
    'Enter what the hand holds. Wraps alone, with nothing at the tail, hold nothing here.',
  'code-unusable': (v) =>
    `“${v['code']}” cannot be a tag code: letters, digits, dots and dashes only, 1 to 24 of them.`,
  'code-taken': (v) =>
    `The tag ${v['code']} is on something in your locker already. Give this one another.`,
  'code-worn-before': (v) =>
    `Something that was removed wore the tag ${v['code']}. Give this another, or say that you mean the same tag.`,
  'gear-removed': (v) => `${v['code']} was removed from the locker. Take another.`,
  'cg-outside-load': (v) =>
    `The weight cannot lie outside the load: at most ${v['mostM']} m from its middle.`,
  'token-unknown': () => 'This token is not known, was ended, or is too old. Make a new one.',
  'token-not-for-this': (v) =>
    `This token is for ${v['scopes'] || 'nothing'} only. Make one that may do this.`,
  'crew-name-wrong': () => 'Write the name of the crew as it is.',
  'line-of-no-plan': () => 'Say of which load the line is.',
  'nobody-of-crew': () => 'Nobody of your crew is that. Choose again.',
  'gear-not-there': () => 'Your locker has no such thing. Choose again.',
  'one-view': () => 'Ask for one of rope, person, deck or knot at a time.',
  'not-your-entry': (v) =>
    `${v['by']} wrote this. Let them correct it, or somebody who leads or instructs.`,
  'corrected-already': (v) =>
    `${v['by']} has corrected this meanwhile. Look at it again, and correct that.`,
  'withdrawn-already': () => 'This says that nothing happened. Write a new entry instead.',
  'correct-in-locker': () => 'Correct it in the history of the rope: it counts there.',
  'check-only-withdrawn': () => 'A check can be taken back. Then record it as it was.',
  'other-kind': () => 'A correction is of the same kind as what it corrects.',
  'photo-unreadable': () => 'This is no picture that can be kept. Take JPEG, PNG or WebP.',
  'photo-too-large': (v) => `At most ${Math.floor(Number(v['most']) / 1e6)} MB a picture.`,
  'line-not-there': (v) => `The plan has no line “${v['id']}” any more. Look at it again.`,
  'unit-not-there': (v) => `There is no unit “${v['id']}”. Name one that is there.`,
  'stands-on-itself': (v) => `“${v['id']}” cannot stand on what stands on it.`,
  'unit-named-twice': () => 'A line names each unit once.',
  'point-not-on-unit': (v) => `The line does not name the unit “${v['id']}” of this point.`,
  'cylinder-not-round': () => 'A cylinder is as wide as it is high, or long: enter one diameter.',
  'chocks-too-high': (v) => `Chocks reach at most to the axis: ${v['mostM']} m.`,
  'table-without-size': (v) =>
    `No columns for length, width and height among: ${v['headers']}. Name them so in the first row.`,
  'stands-on-unknown': (v) =>
    v['text']
      ? `No good row, or more than one, is called “${v['text']}”: write the name of one it stands on.`
      : 'What it stands on cannot be put in.',
  'mass-needed': () => 'Enter its mass: without it nothing can be computed.',
  'least-over-most': () => 'The most cannot be less than the least.',
  'stretch-not-there': () => 'Stretches are counted from 0, one more than there are ratios.',
  'code-twice': (v) => `The tag ${v['code']} stands in row ${v['row']} already.`,
  'tag-unknown': (v) => `Nothing in your locker wears the tag “${v['code']}”.`,
  'length-missing': () => 'Enter its length: how much there was of it when it came.',
  'used-before-bought': () => 'First used before it was bought: one of the two days is wrong.',
  'word-unknown': (v) => `“${v['text']}” is not known here. One of: ${v['choices']}.`,
  'not-yes-or-no': (v) => `Write yes or no, not “${v['text']}”.`,
  'not-a-day': (v) => `Write the day as 2026-11-25, not “${v['text']}”.`,
  'column-unknown': (v) =>
    v['nearest'] === null
      ? `“${v['header']}” is no column of the locker: what stands in it is left out.`
      : `“${v['header']}” is no column of the locker; did you mean “${v['nearest']}”? Name it so, or begin its header with # to leave it out. Nothing was read.`,
  'column-twice': (v) =>
    `“${v['header']}” and “${v['twin']}” mean the same. Keep one of them. Nothing was read.`,
  'cell-not-for-kind': (v) => `A ${v['kind']} has nothing of the sort. Empty this cell.`,
  'day-out-of-range': (v) => `A day between ${v['least']} and ${v['most']} is needed.`,
  'control-character': () =>
    'A name is one line of text: take line breaks and control characters out.',
  'inspected-in-future': (v) =>
    `It cannot have been inspected on ${v['on']}: that day is still to come.`,
  'history-moved': (v) =>
    v['incident']
      ? 'Something happened to it after this inspection was begun: an incident is on its record. Look at it again with that in mind.'
      : 'Something was recorded of it after this inspection was begun. Look at its history, then say again.',
  'cell-missing': () => 'This cell is needed and is empty.',
  'row-too-long': (v) =>
    `The row has ${v['cells']} cells under ${v['headers']} headers. Is there a comma in a text without quotes?`,
  'left-over-length': (v) => `More is left (${v['leftM']} m) than there was (${v['lengthM']} m).`,
  'table-empty': () => 'The table is empty. Its first row must be headers.',
  'table-too-long': (v) => `At most ${v['most']} rows at once; this table has ${v['rows']}.`,
  'table-without-code': (v) =>
    `No column holds tag codes. Call it “Tag code”. Found: ${v['headers']}.`,
  'row-bad': () => 'This row cannot be kept.',
  'csv-broken': () => 'A quotation mark is not closed from here on. Mend it and import again.',
  'import-has-errors': (v) =>
    `Nothing was imported: ${v['bad']} rows have errors. Mend them, or keep only the good rows.`,
  'gear-retired': (v) => `${v['code']} is retired. Take another.`,
  'checks-left': (v) =>
    `${v['count']} checks are not answered yet. Answer every one: clear, or found.`,
  'damage-unknown': (v) => `“${v['check']}, ${v['extent']}” is not on the list for this gear.`,
  'damage-off-rope': (v) =>
    `There is no place at ${v['atM']} m: it is ${v['lengthM'] ?? 'not'} m long.`,
  'reason-needed': () => 'Say why: you decide other than what was found comes to.',
  'reason-needed-milder': (v) =>
    `Say why: what was found comes to “${v['computed']}”, and you decide milder.`,
  'nothing-to-cut': () => 'This has no length to cut from.',
  'cut-too-long': (v) => `That is ${v['cutM']} m, and only ${v['leftM']} m are left.`,
  'entry-unknown': () => 'The entry to correct is not in this history.',
  'correction-of-correction': () =>
    'Correct the entry itself, not its correction: the latest correction counts.',
  'correction-of-kind': () =>
    'A correction puts an entry of the same kind in its place, or takes it back; how a thing was entered cannot be taken back.',
  'calendar-unknown': () => 'This calendar address is not valid, or was ended.',
  'no-tags': () => 'Choose what to print tags for.',
  'text-not-storable': () =>
    'The text contains characters that cannot be kept (NUL or a broken emoji). Remove them.',
  'file-not-json': () => 'The file is not valid JSON. Nothing was imported.',
  'wrong-media-type': (v) => `The content type must be one of: ${v['choices']}.`,
  'body-not-json': () => 'The body is not valid JSON.',
  'body-too-large': (v) => `The body is larger than ${v['most']} bytes.`,
  'version-conflict': () =>
    'Somebody else saved this plan first. Nothing is lost: choose which version to keep.',
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
  missing: () => 'This is needed.',
  busy: () => 'Too much is asked at once. Try again in a few seconds.',
  'key-unusable': () => 'The key of a record is a UUID.',
  'key-used': () => 'This key stands for another record already. Give each record its own.',
  'last-lead': () => 'A crew needs a lead. Make somebody else a lead first.',
  'link-void': () =>
    'This link is used up, older than seven days, or was never made. Ask your lead for another.',
  'password-wrong': () => 'This is not your present password.',
  'talk-code-unknown': () =>
    'No talk is held under this code. Look at the screen again; codes end with the talk.',
  'talk-code-needed': () => 'Join first: type the code that stands on the screen.',
  'talk-other-question': () => 'This answers another question than the one that is asked.',
  'talk-moved-on': () => 'The talk has gone on meanwhile. What is asked now is shown.',
  'talk-over': () => 'This talk is over.',
  'talk-shown-before': () => 'The talk has gone by this question: it is not asked again. Go on.',
  'drill-unknown': (v) => `There is no drill “${v['drill']}”.`,
  'too-many-streams': (v) =>
    `It is open on ${v['most']} pages already. Close one of them, then look again.`,
  'sign-self': () => 'Nobody signs for themselves. Ask another instructor.',
  'points-open': () => 'Sign only when every point was right. What is not, is to be shown again.',
  'form-unknown': (v) =>
    `There is no form “${v['form']}”. Write knot and form, such as bowline/facing-away.`,
  'no-plain-number': (v) => `“${v['text']}” is no number. Write 0.6, or 60 %.`,
  'level-unknown': () => 'This question has no such step.',
  'points-count': (v) =>
    `There are ${v['points']} points to look at; say of each whether it was right.`,
  'revoked-before': () => 'It was taken back already.',
  'sign-in-name-taken': (v) => `Somebody signs in as “${v['name']}” already. Choose another.`,
  'sign-in-name-empty': () => 'At least one letter or digit.',
  'address-broken': () =>
    'This address has a part that is no text. Follow a link, or begin at the first page.',
  'address-too-long': (v) => `The address is longer than ${v['most']} characters.`,
  'method-unknown': (v) => `Nothing here answers to ${v['method']}.`,
  stopping: () => 'The program is being stopped. What was saved is safe; ask again when it runs.',
  'database-away': () =>
    'The database does not answer just now. What was saved is safe; what is not saved yet stays on the page where it was typed.',
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
