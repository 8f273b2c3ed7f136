import {
  assessAnswer,
  compareAnswer,
  lineAnswer,
  rulesAnswer,
  runAnswer,
  spanAnswer,
  tackleAnswer,
  takeUpAnswer,
  tieOffAnswer,
  wrapsAnswer,
} from './answers/compute';
import { PLAN } from '@/core/securement/plan';
import { driveAnswer } from './answers/drive';
import { endpoint, upgradeAt, upgradeOf } from './endpoint';
import { assessExample, enoughExample, lineExample, rulesExample } from './examples';
import { holdAnswer } from './answers/hold';
import { holdBody, holdExample } from './hold-schemas';
import { uncertaintyAnswer } from './answers/uncertainty';
import { enoughAnswer } from './answers/enough';
import { enoughBody } from './enough-schemas';
import { driveBody, lineBody, planBody, rulesBody, uncertaintyBody } from './schemas';
import {
  runBody,
  runExample,
  spanBody,
  spanExample,
  tackleBody,
  tackleExample,
  takeUpBody,
  takeUpExample,
  tieOffBody,
  tieOffExample,
  wrapsBody,
  wrapsExample,
} from './tension-schemas';

/** What is computed for whoever asks; nothing is stored. */
export const COMPUTE_API = {
  assess: endpoint({
    method: 'POST',
    path: '/assess',
    summary: 'Judge a plan document; nothing is stored',
    body: planBody,
    upgrade: upgradeOf(PLAN),
    action: null,
    example: assessExample,
    answers: assessAnswer,
    answer:
      'Verdict, every comparison with required, provided and margin, findings, lines, working',
  }),
  compare: endpoint({
    method: 'POST',
    path: '/compare',
    summary: 'Judge a plan document under every rule set; nothing is stored',
    body: planBody,
    upgrade: upgradeOf(PLAN),
    action: null,
    example: assessExample,
    answers: compareAnswer,
    answer:
      'For each set: verdict, the comparison or finding that governs, its margin as a part of what is required, how many over-lines or what kept tension is enough, and the change that helps most',
  }),
  hold: endpoint({
    method: 'POST',
    path: '/hold',
    summary: 'What statics hold of units where they stand',
    body: holdBody,
    action: null,
    example: holdExample,
    answers: holdAnswer,
    answer:
      'The contacts that were found; for each direction the largest acceleration that is held in g (null: dragged), how it gives way and which units move, what each line and board adds and what each newton more of a line would, and the velocities at that moment (the multipliers)',
  }),
  drive: endpoint({
    method: 'POST',
    path: '/drive',
    summary:
      'Take a plan for a test drive: pushed slowly toward a side, along pieces, or along a course of its own; nothing is stored',
    body: driveBody,
    upgrade: upgradeAt('plan', PLAN),
    action: null,
    example: { plan: assessExample, drive: { kind: 'pieces', pieces: ['brake', 'bend-left'] } },
    answers: driveAnswer,
    answer:
      'Pictures (how far each unit moved and turned, what each line bears), what happened, where the energy went; and for each direction what elastic lines reach of the hold map. What is unknown is taken at its worst',
  }),
  uncertainty: endpoint({
    method: 'POST',
    path: '/uncertainty',
    summary:
      'How sure it is that statics hold a plan: what nobody knows exactly is drawn many times; nothing is stored',
    body: uncertaintyBody,
    upgrade: upgradeAt('plan', PLAN),
    action: null,
    example: { plan: assessExample, draws: 1000, open: ['friction', 'pull', 'mass'] },
    answers: uncertaintyAnswer,
    answer:
      'For each direction that the rule set asks for: the part of the draws that hold, what is held in 95, 50 and 5 of 100, and how much of the spread each doubt makes by itself; the same for the same seed',
  }),
  enough: endpoint({
    method: 'POST',
    path: '/enough',
    summary:
      'The cheapest securement of a plan that is enough, of the lines that are there and of the things that are sent; nothing is stored',
    body: enoughBody,
    upgrade: upgradeAt('plan', PLAN),
    action: null,
    example: enoughExample,
    answers: enoughAnswer,
    answer:
      'Fewest lines, then least rope, then least to do: what to change, the plan with it, which is HOLDS with the margin, and why nothing cheaper is enough; where the steps did not suffice, what is still open',
  }),
  line: endpoint({
    method: 'POST',
    path: '/line',
    summary: 'What the elements of one line may carry',
    body: lineBody,
    action: null,
    example: lineExample,
    answers: lineAnswer,
    answer:
      'wllN, elements[].allowedLineTensionN, governing[], tension, working; unrounded newtons',
  }),
  rules: endpoint({
    method: 'POST',
    path: '/rules/{set}',
    summary: 'An article and its tie-downs under one rule set',
    body: rulesBody,
    action: null,
    example: rulesExample,
    answers: rulesAnswer,
    answer: 'Findings with clause, required, provided, margin',
  }),
  tackle: endpoint({
    method: 'POST',
    path: '/tackle',
    summary: 'What a system of bodies and ropes makes of a pull',
    body: tackleBody,
    action: null,
    example: tackleExample,
    answers: tackleAnswer,
    answer:
      'countedRatio, travelRatio, efficiency, hauling and holding with every strand and anchor, working',
  }),
  tieOff: endpoint({
    method: 'POST',
    path: '/tie-off',
    summary: 'What a line keeps when the hand lets go',
    body: tieOffBody,
    action: null,
    example: tieOffExample,
    answers: tieOffAnswer,
    answer: 'keptN, settledN, working',
  }),
  takeUp: endpoint({
    method: 'POST',
    path: '/take-up',
    summary: 'How far from the anchor the loop is to be tied',
    body: takeUpBody,
    action: null,
    example: takeUpExample,
    answers: takeUpAnswer,
    answer: 'takeUpM, loopFromAnchorM, what happens where it is tied, working',
  }),
  span: endpoint({
    method: 'POST',
    path: '/span',
    summary: 'Tension of a line over a span, by its own weight and with a load on it',
    body: spanBody,
    action: null,
    example: spanExample,
    answers: spanAnswer,
    answer: 'catenary, load, sagAtLimitM, working',
  }),
  run: endpoint({
    method: 'POST',
    path: '/run',
    summary: 'One rope led back and forth over many anchors',
    body: runBody,
    action: null,
    example: runExample,
    answers: runAnswer,
    answer:
      'From the hauled end: tension of each leg hauled from one end and leg by leg; for each part between locks the least (it presses), the greatest (anchors and WLL bear it) and the mean (the road evens it out); what goes slack, how it is hauled again; tieDowns is 1',
  }),
  wraps: endpoint({
    method: 'POST',
    path: '/wraps',
    summary: 'What wraps leave to be held at the tail',
    body: wrapsBody,
    action: null,
    example: wrapsExample,
    answers: wrapsAnswer,
    answer: 'tailN, turnsWanted, working',
  }),
};
