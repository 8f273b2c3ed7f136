import { RULE_SETS } from '@/core/securement/rules';
import { computeRules } from '@/server/api/compute';
import { API } from '@/server/api/endpoints';
import { refuse } from '@/server/problem';
import { answer, route } from '@/server/route';

export const POST = route(API.rules, async ({ body, params }) => {
  const rules = RULE_SETS.find((r) => r.id === params['set']);
  if (!rules)
    throw refuse(
      404,
      'rule-set-unknown',
      { id: (params['set'] ?? '').slice(0, 40), known: RULE_SETS.map((r) => r.id).join(', ') },
      ['set'],
    );
  return answer(API.rules, computeRules(rules, body));
});
