import { DRILL_IDS } from '@/core/training/schedule/drill-ids';
import { METRIC } from '@/core/units';
import { pool } from '@/db/pool';
import { chanceOf } from '@/core/chance';
import { numberFor } from '@/server/drills/numbers';
import { askedForDrill } from '@/server/drills/questions';
import { nextAsked, today } from '@/server/drills/today';
import { foundCrew } from '../support/api';
import { print, spread, timed } from './report';

const REVIEWS = 200_000;
const PEOPLE = 700;
const AT_ONCE = 50;

/** A crew in which so many people gave so many answers. @returns somebody of it */
async function fillReviews(): Promise<{ id: string; crewId: string }> {
  const { id: crewId } = (
    await pool().query('SELECT id FROM crew ORDER BY created_at DESC LIMIT 1')
  ).rows[0] as { id: string };
  await pool().query(
    `INSERT INTO member (id, crew_id, name, name_key, sign_in_name, role, password_hash)
     SELECT gen_random_uuid(), $1, 'Learner ' || n, 'learner ' || n, 'bench.learner.' || n, 'trainee', 'x'
     FROM generate_series(1, ${PEOPLE}) AS n`,
    [crewId],
  );
  // In parts: one statement may take eight seconds.
  for (let from = 1; from <= PEOPLE; from += AT_ONCE) {
    await pool().query(
      `INSERT INTO drill_memory (crew_id, member_id, drill, first_at, last_at, due_at, asked_from, stability_days, difficulty,
         scheduled_days, learning_step, stage, reviews, lapses)
       SELECT $1, m.id, d.drill, now() - interval '60 days', now() - interval '9 days', now() + (d.n % 40 - 10) * interval '1 day',
         now() + (d.n % 40 - 10) * interval '1 day', 12, 5, 12, 0, 'known', 4, 0
       FROM generate_series($3::int, $4::int) AS g JOIN member m ON m.sign_in_name = 'bench.learner.' || g,
         unnest($2::text[]) WITH ORDINALITY AS d(drill, n)`,
      [crewId, DRILL_IDS.slice(0, Math.ceil(REVIEWS / PEOPLE)), from, from + AT_ONCE - 1],
    );
    await pool().query(
      `INSERT INTO drill_review (id, crew_id, member_id, at, drill, number, grade)
       SELECT gen_random_uuid(), d.crew_id, d.member_id, d.last_at, d.drill, 7, 'good'
       FROM generate_series($1::int, $2::int) AS g JOIN member m ON m.sign_in_name = 'bench.learner.' || g
       JOIN drill_memory d ON d.member_id = m.id`,
      [from, from + AT_ONCE - 1],
    );
  }
  await pool().query('ANALYZE drill_review, drill_memory, member');
  const { id } = (
    await pool().query("SELECT id FROM member WHERE sign_in_name = 'bench.learner.350'")
  ).rows[0] as { id: string };
  return { id, crewId };
}

/** The next question, made for any drill; what is asked today of one of many learners. */
export async function benchDrills(): Promise<void> {
  const chance = chanceOf(50);
  for (const when of ['first time', 'again']) {
    let n = 0;
    const times = await timed(DRILL_IDS.length, () => {
      const id = DRILL_IDS[n++]!;
      return askedForDrill(id, numberFor(id, chance), METRIC);
    });
    print(`next question, of any drill in turn, ${when}`, spread(times));
  }
  await foundCrew('drills');
  const learner = await fillReviews();
  print(
    `today’s next question, ${REVIEWS.toLocaleString('en-US')} answers kept`,
    spread(await timed(300, () => nextAsked(pool(), learner, METRIC, new Date(), chance))),
  );
  print(
    '  today’s page with its forecast',
    spread(await timed(30, () => today(pool(), learner, new Date()))),
  );
}
