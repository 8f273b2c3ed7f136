import { createEmptyCard, fsrs, type Grade, Rating } from 'ts-fsrs';
import { beforeAll, describe, expect, it } from 'vitest';
import { randomOf } from '../../../../tests/support/knots';
import { DRILL_IDS, type DrillId, isDrillId, partsOf, SUBJECTS } from './drill-ids';
import { forecast } from './forecast';
import {
  afterAnswer,
  type AnswerGrade,
  askedFromMs,
  GRADES,
  likelyKnown,
  type Memory,
  memoryOf,
} from './memory';
import { AHEAD_MS, ENOUGH_DUE, FRESH_A_DAY, freshLeft, nextDrill, type Standing } from './queue';

const DAY = 86_400_000;
const START = Date.UTC(2026, 5, 1, 7);

describe('the memory of one thing', () => {
  it('is what ts-fsrs used directly makes of the same history, 1,000 times', () => {
    const random = randomOf(17);
    const direct = fsrs({ request_retention: 0.9, maximum_interval: 180, enable_fuzz: false });
    const ratings: Record<AnswerGrade, Grade> = {
      again: Rating.Again,
      hard: Rating.Hard,
      good: Rating.Good,
    };
    for (let h = 0; h < 1000; h++) {
      let atMs = START + Math.floor(random() * DAY);
      let card = createEmptyCard(new Date(atMs));
      const history: { grade: AnswerGrade; atMs: number }[] = [];
      const answers = 1 + Math.floor(random() * 25);
      for (let i = 0; i < answers; i++) {
        const grade = GRADES[Math.min(2, Math.floor(random() * 6))]!;
        card = direct.next(card, new Date(atMs), ratings[grade]).card;
        history.push({ grade, atMs });
        // Early, on time and late.
        atMs += Math.max(1000, Math.floor((card.due.getTime() - atMs) * random() * 2));
      }
      const memory = memoryOf(history)!;
      expect(memory.dueMs).toBe(card.due.getTime());
      expect(memory.stabilityDays).toBe(card.stability);
      expect(memory.difficulty).toBe(card.difficulty);
      expect([memory.reviews, memory.lapses, memory.scheduledDays, memory.learningStep]).toEqual([
        card.reps,
        card.lapses,
        card.scheduled_days,
        card.learning_steps,
      ]);
    }
  });
  it('of no history there is none; nothing is put off longer than half a year', () => {
    expect(memoryOf([])).toBeNull();
    let memory: Memory | null = null;
    for (let i = 0; i < 30; i++) memory = afterAnswer(memory, 'good', memory?.dueMs ?? START);
    expect(memory!.dueMs - memory!.lastMs).toBeGreaterThan(170 * DAY);
    // The package keeps a day between its grades beyond its longest interval.
    expect(memory!.dueMs - memory!.lastMs).toBeLessThanOrEqual(181 * DAY);
  });
});

describe('what there is to ask', () => {
  it('is named once each, in an order in which a knot’s first way comes before any second', () => {
    expect(new Set(DRILL_IDS).size).toBe(DRILL_IDS.length);
    const total = Object.values(SUBJECTS).reduce((n, list) => n + list.length, 0);
    expect(DRILL_IDS).toHaveLength(total);
    expect(DRILL_IDS.slice(0, 3)).toEqual([
      'name/overhand/plain',
      'look/overhand/plain',
      'order/overhand/plain',
    ]);
    expect(DRILL_IDS.indexOf('name/truckers-hitch/slip-loop')).toBeLessThan(
      DRILL_IDS.indexOf('name/overhand/slipped'),
    );
    expect(DRILL_IDS.indexOf('reckon/rope-line')).toBeLessThan(20);
    expect(isDrillId('name/overhand/wrong-untucked')).toBe(false);
    expect(partsOf('look/reef/plain')).toEqual({ ask: 'look', subject: 'reef/plain' });
  });
});

describe('what is asked next', () => {
  const standing = (over: Partial<Standing>): Standing => ({
    next: [],
    due: 0,
    begun: new Set(),
    begunToday: 0,
    ...over,
  });
  const [a, b] = [DRILL_IDS[0]!, DRILL_IDS[1]!];
  it('what is due before what is new, what is new before what is due soon', () => {
    const begun = new Set<string>([a]);
    const due = [{ id: a, fromMs: START - 1 }];
    const soon = [{ id: a, fromMs: START + 60_000 }];
    expect(nextDrill(standing({ next: due, due: 1, begun }), START, null)).toBe(a);
    expect(nextDrill(standing({ next: soon, begun }), START, null)).toBe(b);
    expect(nextDrill(standing({ next: soon, begun, begunToday: FRESH_A_DAY }), START, null)).toBe(
      a,
    );
    expect(nextDrill(standing({ next: due, due: 1, begun }), START, a)).toBe(b);
  });
  it('nothing new while enough is due, nor more than a day’s; and it ends', () => {
    expect(freshLeft(standing({ due: ENOUGH_DUE }))).toBe(0);
    expect(freshLeft(standing({ begunToday: 4 }))).toBe(2);
    const later = [{ id: a, fromMs: START + DAY }];
    expect(nextDrill(standing({ next: later, begunToday: FRESH_A_DAY }), START, null)).toBeNull();
  });
});

/** Learners who answer whatever is asked, once a day, each somewhat better or worse than the model expects. */
class Learner {
  readonly memories = new Map<DrillId, Memory>();
  private readonly begun = new Set<string>();
  constructor(
    private readonly random: () => number,
    private readonly ability: number,
  ) {}

  private standing(nowMs: number, begunToday: number): Standing {
    let due = 0;
    const next: { id: DrillId; fromMs: number }[] = [];
    for (const [id, memory] of this.memories) {
      const fromMs = askedFromMs(memory);
      if (fromMs <= nowMs + AHEAD_MS) due++;
      const after = next.findIndex((n) => n.fromMs > fromMs);
      if (after >= 0 || next.length < 2)
        next.splice(after >= 0 ? after : next.length, 0, { id, fromMs });
      next.length = Math.min(2, next.length);
    }
    return { next, due, begun: this.begun, begunToday };
  }

  /** A day's sitting; how many questions it took, and how many were due when it began. */
  day(startMs: number): { asked: number; due: number } {
    let [asked, begunToday, nowMs] = [0, 0, startMs];
    let just: DrillId | null = null;
    const due = this.standing(startMs, 0).due;
    for (;;) {
      const id = nextDrill(this.standing(nowMs, begunToday), nowMs, just);
      if (!id) return { asked, due };
      const before = this.memories.get(id) ?? null;
      if (!before) begunToday++;
      this.begun.add(id);
      const known = before ? likelyKnown(before, nowMs) ** this.ability : 0.7;
      this.memories.set(id, afterAnswer(before, this.random() < known ? 'good' : 'again', nowMs));
      asked++;
      just = id;
      nowMs += 20_000;
    }
  }
}

describe('a season of 60 learners', () => {
  const [FROM, AHEAD] = [40, 14];
  let [most, foreseen, happened] = [0, 0, 0];
  beforeAll(() => {
    const random = randomOf(4_711);
    const learners = Array.from({ length: 60 }, () => new Learner(random, 0.6 + 0.8 * random()));
    for (let d = 0; d < FROM + AHEAD; d++)
      for (const learner of learners) {
        const startMs = START + d * DAY;
        if (d === FROM)
          foreseen += forecast([...learner.memories.values()], startMs, AHEAD, {
            today: FRESH_A_DAY,
            aDay: FRESH_A_DAY,
            inAll: DRILL_IDS.length - learner.memories.size,
          }).reduce((sum, n) => sum + n, 0);
        const { asked, due } = learner.day(startMs);
        most = Math.max(most, due);
        if (d >= FROM) happened += asked;
      }
  });
  it('what is due at the start of a day stays bounded', () => {
    expect(most).toBeGreaterThan(ENOUGH_DUE / 2);
    expect(most).toBeLessThan(3 * ENOUGH_DUE);
  });
  it('the forecast of two weeks is within 10 % of what happens', () => {
    expect(happened).toBeGreaterThan(10_000);
    expect(Math.abs(foreseen / happened - 1)).toBeLessThan(0.1);
  });
});
