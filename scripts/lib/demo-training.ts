import { z } from 'zod';
import { passedStatement, voidingStatement } from '@/core/exchange/xapi/statement';
import { v7 as uuid } from 'uuid';
import { DONE_UNDER_IDS } from '@/core/training/standing/done-under';
import { SKILL_IDS } from '@/core/training/standing/skills';
import type { DrillId } from '@/core/training/schedule/drill-ids';
import { afterAnswer, askedFromMs, type Memory } from '@/core/training/schedule/memory';
import { nextDrill } from '@/core/training/schedule/queue';
import type { Database } from '@/db/pool';
import { addReview, keepMemory } from '@/db/queries/drills';
import { addSignOff, revokeSignOff } from '@/db/queries/sign-offs';
import { addStatement } from '@/db/queries/statements';
import { chanceOf } from '@/core/chance';
import { numberFor } from '@/server/drills/numbers';
import { homeOf } from '@/server/statements';
import { pointsInWords } from '@/server/training';
import { skillTitle } from '@/wording/training';

const DAY_MS = 86_400_000;

export const trainingSchema = z.object({
  signOffs: z.array(
    z.object({
      who: z.string(),
      by: z.string(),
      skill: z.enum(SKILL_IDS),
      daysAgo: z.number(),
      times: z.number(),
      under: z.array(z.enum(DONE_UNDER_IDS)),
      note: z.string(),
      revoked: z.object({ daysAgo: z.number(), by: z.string(), reason: z.string() }).optional(),
    }),
  ),
  drills: z.record(
    z.string(),
    z.object({ days: z.number(), perDay: z.number(), known: z.number() }),
  ),
});
type Training = z.infer<typeof trainingSchema>;

/** A person of the demo by name. */
export interface DemoPerson {
  readonly id: string;
  readonly crewId: string;
}

/** What was signed, with days counted back from today, and the statements that say so. */
export async function loadSignOffs(
  db: Database,
  people: ReadonlyMap<string, DemoPerson>,
  { signOffs }: Pick<Training, 'signOffs'>,
): Promise<void> {
  const ago = (days: number): Date => new Date(Date.now() - days * DAY_MS);
  const home = homeOf(process.env);
  for (const { who, by, skill, daysAgo, times, under, note, revoked } of signOffs) {
    const { id: memberId, crewId } = people.get(who)!;
    const points = pointsInWords(skill);
    const at = ago(daysAgo);
    const body = { points, times, under, note };
    const signer = { id: people.get(by)!.id, name: by };
    const id = await addSignOff(db, { crewId, memberId, skill, by: signer.id, at, body });
    const said = {
      id,
      skill,
      points,
      times,
      under,
      title: skillTitle(skill),
      at: at.toISOString(),
    };
    await addStatement(
      db,
      crewId,
      passedStatement(home, { ...said, who: { id: memberId, name: who }, by: signer }),
      at,
    );
    if (!revoked) continue;
    const taken = ago(revoked.daysAgo);
    const taker = { id: people.get(revoked.by)!.id, name: revoked.by };
    await revokeSignOff(db, crewId, id, { memberId: taker.id, reason: revoked.reason, at: taken });
    await addStatement(
      db,
      crewId,
      voidingStatement(home, uuid(), { of: id, by: taker, at: taken.toISOString() }),
      taken,
    );
  }
}

/** Answers of some weeks, as somebody gives them who knows so much of what is asked: what is asked follows the schedule. */
export async function loadDrills(
  db: Database,
  people: ReadonlyMap<string, DemoPerson>,
  { drills }: Pick<Training, 'drills'>,
): Promise<void> {
  for (const [n, [name, { days, perDay, known }]] of Object.entries(drills).entries()) {
    const learner = people.get(name)!;
    const chance = chanceOf(1000 + n);
    const memories = new Map<DrillId, Memory>();
    for (let day = days; day > 0; day--) {
      let [nowMs, begunToday, just] = [Date.now() - day * DAY_MS, 0, null as DrillId | null];
      for (let i = 0; i < perDay; i++) {
        const waiting = [...memories]
          .map(([id, m]) => ({ id, fromMs: askedFromMs(m) }))
          .toSorted((a, b) => a.fromMs - b.fromMs);
        const id = nextDrill(
          {
            next: waiting.slice(0, 2),
            due: waiting.filter((w) => w.fromMs <= nowMs).length,
            begun: new Set(memories.keys()),
            begunToday,
          },
          nowMs,
          just,
        );
        if (!id) break;
        const before = memories.get(id) ?? null;
        const grade = chance() < known ? 'good' : 'again';
        const memory = afterAnswer(before, grade, nowMs);
        const number = numberFor(id, chance);
        const tookMs = 3000 + Math.floor(chance() * 20_000);
        const answered = { drill: id, number, grade, instead: null, tookMs } as const;
        await addReview(db, learner, { ...answered, at: new Date(nowMs) });
        if (!before) await keepMemory(db, learner, id, memory, askedFromMs(memory));
        memories.set(id, memory);
        if (!before) begunToday++;
        just = id;
        nowMs += 30_000;
      }
    }
    for (const [id, memory] of memories)
      await keepMemory(db, learner, id, memory, askedFromMs(memory));
  }
}
