import { useState } from 'react';
import styled from 'styled-components';
import { type Answer, messageOf, type Problem } from '../api';

/** A form at the door. */
export const DoorForm = styled.form`
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 0 0 24px;
  margin-bottom: 24px;
  border-bottom: var(--w-hair) solid var(--line);
`;
export const DoorPage = styled.main`
  max-width: 1120px;
  margin: 0 auto;
  padding: 28px 24px 40px;
`;
export const DoorHead = styled.header`
  display: flex;
  align-items: center;
  gap: 16px;
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: 16px;
  margin-bottom: 20px;
`;

const goIn = (): void => window.location.assign('/today');

/** Sends a form and goes in; what was refused stays beside its field. */
export function useEntry(): {
  problem: Problem | null;
  busy: boolean;
  send: (work: Promise<Answer<unknown>>) => Promise<void>;
} {
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (work: Promise<Answer<unknown>>): Promise<void> => {
    setBusy(true);
    const answer = await work;
    if (answer.ok) return goIn();
    setProblem(answer.problem);
    setBusy(false);
  };
  return { problem, busy, send };
}

/** What is wrong with one field. */
export const at = (problem: Problem | null, field: string): string | null =>
  problem?.issues.find((i) => i.path[0] === field)?.message ?? null;
/** What is wrong with none of the fields. */
export const general = (problem: Problem | null): string | null =>
  problem && problem.issues.every((i) => i.path.length === 0) ? messageOf(problem) : null;
