import { problemResponse, refuse } from '@/server/problem';

/** Addresses under /api/v1 that do not exist answer like every other refusal, not with a page. */
const nothing = (): Response => problemResponse(refuse(404, 'address-unknown'));

export { nothing as DELETE, nothing as GET, nothing as PATCH, nothing as POST, nothing as PUT };
