import { historyAnswer, riggingAnswer } from './answers/documents';
import { done } from './answers/parts';
import { planSchema } from '@/core/securement/plan';
import { riggingSchema } from '@/core/bench/rigging';
import { z } from 'zod';
import { endpoint, type Endpoint } from './endpoint';

const nameBody = z.strictObject({ name: z.string().trim().min(1).max(80).nullable() });

/** The past of plans and riggings, and documents as they are kept. */
export const HISTORY_API = {
  planHistory: endpoint({
    method: 'GET',
    path: '/plans/{id}/revisions',
    query: ['after'],
    summary: 'Versions of a plan, newest first, each with what changed: ?after=',
    body: null,
    action: 'plan.read',
    answers: historyAnswer,
    answer: 'revisions[], next',
  }),
  planRevision: endpoint({
    method: 'GET',
    path: '/plans/{id}/revisions/{version}',
    summary: 'The document of one version',
    body: null,
    action: 'plan.read',
    answers: planSchema,
    answer: 'A plan document',
  }),
  namePlanRevision: endpoint({
    method: 'PUT',
    path: '/plans/{id}/revisions/{version}',
    summary: 'Name a version, so that it is kept for ever, or take its name away',
    body: nameBody,
    example: { name: 'as agreed' },
    action: 'plan.write',
    answers: done,
    answer: 'Nothing',
  }),
  planDocument: endpoint({
    method: 'GET',
    path: '/plans/{id}/document',
    summary: 'The document exactly as it is kept, also one that cannot be read',
    body: null,
    action: 'plan.read',
    answers: null,
    answer: 'JSON',
  }),
  riggingHistory: endpoint({
    method: 'GET',
    path: '/riggings/{id}/revisions',
    query: ['after'],
    summary: 'Versions of a rigging, newest first, each with what changed: ?after=',
    body: null,
    action: 'rigging.read',
    answers: historyAnswer,
    answer: 'revisions[], next',
  }),
  riggingRevision: endpoint({
    method: 'GET',
    path: '/riggings/{id}/revisions/{version}',
    summary: 'The document of one version',
    body: null,
    action: 'rigging.read',
    answers: riggingSchema,
    answer: 'A rigging document',
  }),
  nameRiggingRevision: endpoint({
    method: 'PUT',
    path: '/riggings/{id}/revisions/{version}',
    summary: 'Name a version, so that it is kept for ever, or take its name away',
    body: nameBody,
    example: { name: 'as agreed' },
    action: 'rigging.write',
    answers: done,
    answer: 'Nothing',
  }),
  riggingDocument: endpoint({
    method: 'GET',
    path: '/riggings/{id}/document',
    summary: 'The document exactly as it is kept, also one that cannot be read',
    body: null,
    action: 'rigging.read',
    answers: null,
    answer: 'JSON',
  }),
  restoreRigging: endpoint({
    method: 'POST',
    path: '/riggings/{id}/restore',
    summary: 'Bring a deleted rigging back',
    body: null,
    action: 'rigging.write',
    answers: riggingAnswer,
    answer: 'The rigging',
  }),
  gearDocument: endpoint({
    method: 'GET',
    path: '/gear/{id}/document',
    summary: 'The document exactly as it is kept, also one that cannot be read',
    body: null,
    action: 'gear.read',
    answers: null,
    answer: 'JSON',
  }),
} as const satisfies Record<string, Endpoint>;
