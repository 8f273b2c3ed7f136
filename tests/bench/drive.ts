import { DRIVE_PIECES, courseOf } from '@/core/securement/drive/course';
import { drivePlan, limitsBeside } from '@/core/securement/drive/plan-drive';
import { drawing, type Drawn } from '@/core/securement/uncertainty/draws';
import { DOUBTS } from '@/core/securement/uncertainty/vocabulary';
import { summary } from '@/core/securement/uncertainty/summary';
import { demoPlan } from '../support/demo';
import { print } from './report';

const DRAWS = 100_000;

/** Test drives and draws of what is not sure, as the page's workers reckon them. */
export function benchDrive(): void {
  const ten = courseOf(DRIVE_PIECES.filter((p) => ['brake', 'bend-left', 'bump'].includes(p.id)));
  const once = (work: () => unknown): string => {
    const began = performance.now();
    work();
    return `${Math.round(performance.now() - began)} ms`;
  };
  for (const name of ['apple-bins', 'carousel-crate', 'fair-flatbed'] as const) {
    const plan = demoPlan(name);
    const what = `${plan.units.length} units, ${plan.lines.length} lines`;
    print(
      `a drive of ${ten.at(-1)!.atS.toFixed(0)} s, ${what} (in a worker)`,
      once(() => drivePlan(plan, { kind: 'course', course: ten })),
    );
    print(
      `pushed slowly until it gives way, ${what}`,
      once(() => drivePlan(plan, { kind: 'slow', towardRad: 0 })),
    );
    print(
      `elastic limits in four directions, ${what}`,
      once(() => limitsBeside(plan)),
    );
    print(
      `${DRAWS.toLocaleString('en')} draws in four directions, ${what}`,
      once(() => {
        const draws = drawing(plan, { seed: 1, draws: DRAWS, open: DOUBTS });
        let step = draws.next();
        while (!step.done) step = draws.next();
        return summary(step.value as Drawn, DOUBTS);
      }),
    );
  }
}
