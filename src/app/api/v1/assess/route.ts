import { computeAssessment } from '@/server/api/compute';
import { API } from '@/server/api/endpoints';
import { json, route } from '@/server/route';

export const POST = route(API.assess, async ({ body }) => json(computeAssessment(body)));
