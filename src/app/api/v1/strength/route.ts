import { ropeRatings } from '@/core/gear/rating';
import { traced } from '@/core/working/working';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';

export const POST = route(API.strength, async ({ body: { rope, ...choice } }) =>
  answer(API.strength, {
    schools: ropeRatings(traced, rope, choice).map((r) => ({
      school: r.school,
      name: r.name,
      rule: r.rule,
      wllN: r.wll.value,
      knottedN: r.knotted?.value ?? null,
      doubledN: r.doubled?.value ?? null,
      working: { wll: r.wll, knotted: r.knotted },
    })),
  }),
);
