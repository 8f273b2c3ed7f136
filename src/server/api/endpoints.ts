import { z } from 'zod';
import { endpoint, type Endpoint } from './endpoint';
import { GEAR_API } from './gear-endpoints';
import { riggingSchema } from '@/core/bench/rigging';
import { assessExample, lineExample, riggingExample, rulesExample } from './examples';
import { spanBody, spanExample, tackleBody, tackleExample, takeUpBody, takeUpExample, tieOffBody, tieOffExample, wrapsBody, wrapsExample } from './tension-schemas';
import { addMemberBody, crewBody, demoBody, foundCrewBody, lineBody, planBody, rulesBody, selfBody, signInBody } from './schemas';

/** Every endpoint of the programming interface, under /api/v1. */
export const API = {
  ...GEAR_API,
  assess: endpoint({
    method: 'POST', path: '/assess', summary: 'Judge a plan document; nothing is stored', body: planBody, action: null, example: assessExample,
    answer: 'Verdict, every comparison with required, provided and margin, findings, lines, working',
  }),
  line: endpoint({
    method: 'POST', path: '/line', summary: 'What one chain of elements may carry', body: lineBody, action: null, example: lineExample,
    answer: 'wllN, elements[].allowedLineTensionN, governing[], tension, working; unrounded newtons',
  }),
  rules: endpoint({
    method: 'POST', path: '/rules/{set}', summary: 'An article and its tie-downs under one rule set', body: rulesBody, action: null, example: rulesExample,
    answer: 'Findings with clause, required, provided, margin',
  }),
  tackle: endpoint({
    method: 'POST', path: '/tackle', summary: 'What a system of bodies and ropes makes of a pull', body: tackleBody, action: null, example: tackleExample,
    answer: 'countedRatio, travelRatio, efficiency, hauling and holding with every strand and anchor, working',
  }),
  tieOff: endpoint({ method: 'POST', path: '/tie-off', summary: 'What a line keeps when the hand lets go', body: tieOffBody, action: null, example: tieOffExample, answer: 'keptN, settledN, working' }),
  takeUp: endpoint({ method: 'POST', path: '/take-up', summary: 'How far from the anchor the loop is to be tied', body: takeUpBody, action: null, example: takeUpExample, answer: 'takeUpM, loopFromAnchorM, what happens where it is tied, working' }),
  span: endpoint({ method: 'POST', path: '/span', summary: 'Tension of a line over a span, by its own weight and with a load on it', body: spanBody, action: null, example: spanExample, answer: 'catenary, load, sagAtLimitM, working' }),
  wraps: endpoint({ method: 'POST', path: '/wraps', summary: 'What wraps leave to be held at the tail', body: wrapsBody, action: null, example: wrapsExample, answer: 'tailN, turnsWanted, working' }),
  openapi: endpoint({ method: 'GET', path: '/openapi.json', summary: 'This description', body: null, action: null, answer: 'OpenAPI 3.1' }),
  planSchema: endpoint({ method: 'GET', path: '/schemas/plan.json', summary: 'JSON Schema of the plan document', body: null, action: null, answer: 'JSON Schema 2020-12' }),
  signIn: endpoint({ method: 'POST', path: '/session', summary: 'Sign in with name and password', body: signInBody, action: null, answer: 'The session cookie' }),
  signOut: endpoint({ method: 'DELETE', path: '/session', summary: 'Sign out', body: null, action: null, answer: 'Nothing' }),
  stepIn: endpoint({ method: 'POST', path: '/session/demo', summary: 'Step in as one of the demo people', body: demoBody, action: null, answer: 'The session cookie' }),
  foundCrew: endpoint({ method: 'POST', path: '/crews', summary: 'Found a crew and become its lead', body: foundCrewBody, action: null, answer: 'The session cookie' }),
  crew: endpoint({ method: 'GET', path: '/crew', summary: 'Your crew, its defaults and members', body: null, action: 'crew.read', answer: 'Crew' }),
  changeCrew: endpoint({ method: 'PUT', path: '/crew', summary: 'Change the crew’s default school', body: crewBody, action: 'crew.change', answer: 'Crew defaults' }),
  addMember: endpoint({ method: 'POST', path: '/members', summary: 'Add a member to your crew', body: addMemberBody, action: 'member.add', answer: 'The member' }),
  changeSelf: endpoint({ method: 'PUT', path: '/me', summary: 'Change the units you read in', body: selfBody, action: 'self.change', answer: 'Your settings' }),
  acknowledge: endpoint({ method: 'POST', path: '/cautions', summary: 'Record that you have read the cautions', body: z.object({ version: z.int().min(1).max(1000) }), action: 'self.change', answer: 'Nothing' }),
  listPlans: endpoint({ method: 'GET', path: '/plans', summary: 'A page of your crew’s plans: ?search=&sort=changed|title&after=', body: null, action: 'plan.read', answer: 'plans[], next' }),
  createPlan: endpoint({ method: 'POST', path: '/plans', summary: 'Keep a new plan', body: planBody, action: 'plan.write', example: assessExample, answer: 'The plan; its version as ETag' }),
  readPlan: endpoint({ method: 'GET', path: '/plans/{id}', summary: 'One plan', body: null, action: 'plan.read', answer: 'The plan; its version as ETag' }),
  savePlan: endpoint({ method: 'PUT', path: '/plans/{id}', summary: 'Save a plan; If-Match carries the version you started from', body: planBody, action: 'plan.write', example: assessExample, answer: 'The plan, or 409 with the version that was saved first' }),
  deletePlan: endpoint({ method: 'DELETE', path: '/plans/{id}', summary: 'Delete a plan; it can be brought back', body: null, action: 'plan.delete', answer: 'Nothing' }),
  restorePlan: endpoint({ method: 'POST', path: '/plans/{id}/restore', summary: 'Bring a deleted plan back', body: null, action: 'plan.delete', answer: 'The plan' }),
  planHistory: endpoint({ method: 'GET', path: '/plans/{id}/revisions', summary: 'Versions of a plan, newest first', body: null, action: 'plan.read', answer: 'revisions[]' }),
  planRevision: endpoint({ method: 'GET', path: '/plans/{id}/revisions/{version}', summary: 'The document of one version', body: null, action: 'plan.read', answer: 'A plan document' }),
  riggingSchema: endpoint({ method: 'GET', path: '/schemas/rigging.json', summary: 'JSON Schema of the rigging document', body: null, action: null, answer: 'JSON Schema 2020-12' }),
  listRiggings: endpoint({ method: 'GET', path: '/riggings', summary: 'A page of your crew’s library of riggings: ?search=&after=', body: null, action: 'rigging.read', answer: 'riggings[], next' }),
  createRigging: endpoint({ method: 'POST', path: '/riggings', summary: 'Keep a new rigging', body: riggingSchema, action: 'rigging.write', example: riggingExample, answer: 'The rigging; its version as ETag' }),
  readRigging: endpoint({ method: 'GET', path: '/riggings/{id}', summary: 'One rigging', body: null, action: 'rigging.read', answer: 'The rigging; its version as ETag' }),
  saveRigging: endpoint({ method: 'PUT', path: '/riggings/{id}', summary: 'Save a rigging; If-Match carries the version you started from', body: riggingSchema, action: 'rigging.write', example: riggingExample, answer: 'The rigging, or 409 with the version that was saved first' }),
  deleteRigging: endpoint({ method: 'DELETE', path: '/riggings/{id}', summary: 'Take a rigging out of the library', body: null, action: 'rigging.write', answer: 'Nothing' }),
  meter: endpoint({ method: 'GET', path: '/meter', summary: 'A load cell’s stand-in, ten lines a second: ?hauledN=&keptN=&since=&settling=&capacityN=&fault=none|garbage|cut|over&pace=', body: null, action: 'meter.read', answer: 'Server-sent events; each holds one line of the cell’s protocol' }),
  duplicatePlan: endpoint({ method: 'POST', path: '/plans/{id}/duplicate', summary: 'Keep a copy of a plan', body: null, action: 'plan.write', answer: 'The copy' }),
} as const satisfies Record<string, Endpoint>;

export const ENDPOINTS: readonly Endpoint[] = Object.values(API);
