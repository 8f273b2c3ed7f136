import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Whether a process of that number runs. */
export const alive = (pid) => {
  try {
    process.kill(pid, 0);
  } catch (e) {
    if (e.code !== 'EPERM') return false;
  }
  const stat = statOf(pid);
  return stat === null || stat.state !== 'Z';
};

/** What the system says of a process: numbers of processes are used again, times of birth are not. */
function statOf(pid) {
  const file = `/proc/${pid}/stat`;
  try {
    if (!existsSync('/proc/self/stat')) return null;
    const fields = readFileSync(file, 'utf8')
      .replace(/^.*\) /s, '')
      .split(' ');
    return { state: fields[0], born: fields[19] };
  } catch {
    return { state: 'Z', born: '' };
  }
}

/** A process as it can be written down and found again. */
export const identity = (pid) => ({ pid, born: statOf(pid)?.born ?? null });

/** Whether it is still the same process that runs. */
export const isStill = ({ pid, born }) =>
  alive(pid) && (born === null || statOf(pid)?.born === born);

/** What a mark says, or null when there is none that can be read. */
export const readMark = (file) => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
};

/** Takes a lock file; one whose owner is gone is taken over. @returns whether it is ours */
export function take(file) {
  const own = JSON.stringify(identity(process.pid));
  try {
    writeFileSync(file, own, { flag: 'wx' });
    return true;
  } catch {
    const owner = readMark(file);
    if (owner !== null && isStill(owner)) return false;
    rmSync(file, { force: true });
    return false;
  }
}

/** Who uses something, one file each; those who died without leaving do not count. */
export class Users {
  constructor(folder) {
    this.folder = folder;
    this.own = path.join(folder, String(process.pid));
  }

  /** What the others who still run call themselves. */
  others() {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder).flatMap((name) => {
      const file = path.join(this.folder, name);
      if (file === this.own) return [];
      const mark = readMark(file);
      if (mark !== null && isStill(mark)) return [mark.who];
      rmSync(file, { force: true });
      return [];
    });
  }

  enter(who) {
    mkdirSync(this.folder, { recursive: true, mode: 0o700 });
    writeFileSync(this.own, JSON.stringify({ ...identity(process.pid), who }));
  }

  leave() {
    rmSync(this.own, { force: true });
  }
}
