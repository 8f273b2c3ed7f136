import { Refusal } from '@/server/problem';

/** The code with which something was refused; `nothing` where it was done. */
export async function refused(work: Promise<unknown>): Promise<string> {
  try {
    await work;
  } catch (error) {
    if (error instanceof Refusal) return error.issues[0]!.code;
    throw error;
  }
  return 'nothing';
}
