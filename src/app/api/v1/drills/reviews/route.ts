import { pool } from '@/db/pool';
import { reviewPage } from '@/db/queries/drills';
import { API } from '@/server/api/endpoints';
import { readMarker, writeMarker } from '@/server/documents';
import { review, titled } from '@/server/drills/today';
import { answer, route } from '@/server/route';

export const GET = route(API.listReviews, async ({ request, member }) => {
  const after = readMarker(new URL(request.url).searchParams, true);
  const { reviews, next } = await reviewPage(pool(), member.id, after);
  return answer(API.listReviews, { reviews: titled(reviews), next: writeMarker(next) });
});

export const POST = route(API.review, async ({ body, member, now }) =>
  answer(API.review, await review(member, body, now)),
);
