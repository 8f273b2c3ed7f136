import { planAnswer, plansAnswer, riggingAnswer, riggingsAnswer } from './answers/documents';
import { done } from './answers/parts';
import { METER_QUERY } from '../meter';
import { endpoint, type Endpoint, upgradeOf } from './endpoint';
import { GEAR_API } from './gear-endpoints';
import { RIGGING, riggingSchema } from '@/core/bench/rigging';
import { PLAN } from '@/core/securement/plan';
import { COMPUTE_API } from './compute-endpoints';
import { COURSE_API } from './course-endpoints';
import { CREW_API } from './crew-endpoints';
import { DRILL_API } from './drill-endpoints';
import { HISTORY_API } from './history-endpoints';
import { KEPT_API } from './kept-endpoints';
import { KNOT_API } from './knot-endpoints';
import { LIVE_API } from './live-endpoints';
import { LOG_API } from './log-endpoints';
import { ROAD_API } from './road-endpoints';
import { TALK_API } from './talk-endpoints';
import { TODAY_API } from './today-endpoints';
import { TRAINING_API } from './training-endpoints';
import { assessExample, riggingExample } from './examples';
import { planBody } from './schemas';

/** Every endpoint of the programming interface, under /api/v1. */
export const API = {
  ...GEAR_API,
  ...COMPUTE_API,
  ...CREW_API,
  ...DRILL_API,
  ...TRAINING_API,
  ...COURSE_API,
  ...TODAY_API,
  ...TALK_API,
  ...HISTORY_API,
  ...ROAD_API,
  ...LOG_API,
  ...LIVE_API,
  ...KEPT_API,
  ...KNOT_API,
  openapi: endpoint({
    method: 'GET',
    path: '/openapi.json',
    summary: 'This description',
    body: null,
    action: null,
    answers: null,
    answer: 'OpenAPI 3.1',
  }),
  planSchema: endpoint({
    method: 'GET',
    path: '/schemas/plan.json',
    summary: 'JSON Schema of the plan document',
    body: null,
    action: null,
    answers: null,
    answer: 'JSON Schema 2020-12',
  }),
  listPlans: endpoint({
    method: 'GET',
    path: '/plans',
    query: ['search', 'sort', 'after'],
    summary: 'A page of your crew’s plans: ?search=&sort=changed|title&after=',
    body: null,
    action: 'plan.read',
    answers: plansAnswer,
    answer: 'plans[], next',
  }),
  createPlan: endpoint({
    method: 'POST',
    path: '/plans',
    summary: 'Keep a new plan',
    body: planBody,
    upgrade: upgradeOf(PLAN),
    action: 'plan.write',
    example: assessExample,
    answers: planAnswer,
    answer: 'The plan; its version as ETag',
  }),
  readPlan: endpoint({
    method: 'GET',
    path: '/plans/{id}',
    summary: 'One plan',
    body: null,
    action: 'plan.read',
    answers: planAnswer,
    answer: 'The plan; its version as ETag',
  }),
  savePlan: endpoint({
    method: 'PUT',
    path: '/plans/{id}',
    summary: 'Save a plan; If-Match carries the version you started from',
    body: planBody,
    upgrade: upgradeOf(PLAN),
    action: 'plan.write',
    example: assessExample,
    answers: planAnswer,
    answer: 'The plan, or 409 with the version that was saved first',
  }),
  deletePlan: endpoint({
    method: 'DELETE',
    path: '/plans/{id}',
    summary: 'Delete a plan; it can be brought back',
    body: null,
    action: 'plan.delete',
    answers: done,
    answer: 'Nothing',
  }),
  restorePlan: endpoint({
    method: 'POST',
    path: '/plans/{id}/restore',
    summary: 'Bring a deleted plan back',
    body: null,
    action: 'plan.delete',
    answers: planAnswer,
    answer: 'The plan',
  }),
  riggingSchema: endpoint({
    method: 'GET',
    path: '/schemas/rigging.json',
    summary: 'JSON Schema of the rigging document',
    body: null,
    action: null,
    answers: null,
    answer: 'JSON Schema 2020-12',
  }),
  listRiggings: endpoint({
    method: 'GET',
    path: '/riggings',
    query: ['search', 'after'],
    summary: 'A page of your crew’s library of riggings: ?search=&after=',
    body: null,
    action: 'rigging.read',
    answers: riggingsAnswer,
    answer: 'riggings[], next',
  }),
  createRigging: endpoint({
    method: 'POST',
    path: '/riggings',
    summary: 'Keep a new rigging',
    body: riggingSchema,
    upgrade: upgradeOf(RIGGING),
    action: 'rigging.write',
    example: riggingExample,
    answers: riggingAnswer,
    answer: 'The rigging; its version as ETag',
  }),
  readRigging: endpoint({
    method: 'GET',
    path: '/riggings/{id}',
    summary: 'One rigging',
    body: null,
    action: 'rigging.read',
    answers: riggingAnswer,
    answer: 'The rigging; its version as ETag',
  }),
  saveRigging: endpoint({
    method: 'PUT',
    path: '/riggings/{id}',
    summary: 'Save a rigging; If-Match carries the version you started from',
    body: riggingSchema,
    upgrade: upgradeOf(RIGGING),
    action: 'rigging.write',
    example: riggingExample,
    answers: riggingAnswer,
    answer: 'The rigging, or 409 with the version that was saved first',
  }),
  deleteRigging: endpoint({
    method: 'DELETE',
    path: '/riggings/{id}',
    summary: 'Take a rigging out of the library; it can be brought back',
    body: null,
    action: 'rigging.write',
    answers: done,
    answer: 'Nothing',
  }),
  meter: endpoint({
    method: 'GET',
    path: '/meter',
    query: METER_QUERY,
    summary:
      'A load cell’s stand-in, ten lines a second: ?hauledN=&keptN=&since=&settling=&capacityN=&fault=none|garbage|cut|over&pace=',
    body: null,
    action: 'meter.read',
    answers: null,
    answer: 'Server-sent events; each holds one line of the cell’s protocol',
  }),
  duplicatePlan: endpoint({
    method: 'POST',
    path: '/plans/{id}/duplicate',
    summary: 'Keep a copy of a plan',
    body: null,
    action: 'plan.write',
    answers: planAnswer,
    answer: 'The copy',
  }),
} as const satisfies Record<string, Endpoint>;

export const ENDPOINTS: readonly Endpoint[] = Object.values(API);
