import { DRIVE_PIECES, courseOf } from '@/core/securement/drive/course';
import { drivePlan, limitsBeside } from '@/core/securement/drive/plan-drive';
import { benchPlans } from './hold';
import { print } from './report';

/** Test drives, as the page's worker reckons them. */
export function benchDrive(): void {
  const ten = courseOf(DRIVE_PIECES.filter((p) => ['brake', 'bend-left', 'bump'].includes(p.id)));
  const once = (work: () => unknown): string => {
    const began = performance.now();
    work();
    return `${Math.round(performance.now() - began)} ms`;
  };
  for (const plan of benchPlans()) {
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
  }
}
