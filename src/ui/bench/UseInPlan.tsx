'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { wordCount } from '@/wording/text';
import type { BenchSystem } from '@/core/bench/rigging';
import { kindOf } from '@/core/line/elements';
import { assess } from '@/core/securement/assess';
import type { Line } from '@/core/securement/schema';
import type { Verdict } from '@/core/securement/verdict';
import { call, messageOf, type StoredPlan } from '../api';
import { Button } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { wordKind } from '@/wording/figures';
import { askLocker } from '../locker/useGearFacts';
import { putSystem } from './putSystem';
import { Spaced } from '../kit/layout';

const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 54px;
  border-bottom: var(--w-hair) solid var(--line);
`;

interface Summary {
  readonly id: string;
  readonly title: string;
  readonly lineCount: number;
}

/** What pulls a line now, in a word. */
const pulledBy = (line: Line): string => {
  const e = line.elements.find((x) => kindOf(x).tension);
  if (e === undefined) return 'nothing pulls it yet';
  return `${(e.kind === 'tackle' && e.title) || wordKind(e.kind)} now`;
};

/** Puts the bench's system on a line of one of the crew's plans: pick the plan, pick the line. */
export function UseInPlan({
  system,
  rigging,
  onClose,
}: {
  system: BenchSystem;
  rigging: { id: string; title: string } | null;
  onClose: () => void;
}) {
  const [search, setSearch] = useState('');
  const [plans, setPlans] = useState<readonly Summary[] | null>(null);
  const [plan, setPlan] = useState<StoredPlan | null>(null);
  const [done, setDone] = useState<{ readonly plan: StoredPlan; readonly verdict: Verdict } | null>(
    null,
  );
  const [error, setError] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void call('GET /plans', { query: { search } }).then((answer) => {
      if (gone) return;
      if (answer.ok) setPlans(answer.value.plans);
      else setError(messageOf(answer.problem));
    });
    return () => {
      gone = true;
    };
  }, [search]);
  const pick = async (id: string): Promise<void> => {
    const answer = await call('GET /plans/{id}', { params: { id } });
    if (answer.ok) setPlan(answer.value);
    else setError(messageOf(answer.problem));
  };
  const put = async (lineId: string): Promise<void> => {
    if (!plan) return;
    const document = {
      ...plan.document,
      lines: plan.document.lines.map((l) => (l.id === lineId ? putSystem(l, system, rigging) : l)),
    };
    const answer = await call('PUT /plans/{id}', {
      params: { id: plan.id },
      body: document,
      version: plan.version,
    });
    if (answer.ok)
      setDone({
        plan: answer.value,
        verdict: assess(answer.value.document, await askLocker(answer.value.document)).verdict,
      });
    else
      setError(
        answer.problem.status === 409
          ? 'Somebody saved this plan meanwhile. Nothing was changed; pick it again.'
          : messageOf(answer.problem),
      );
  };
  return (
    <Sheet title="Use in a plan" side open onClose={onClose}>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {done ? (
        <p>
          It is on the line. The plan: <VerdictMark verdict={done.verdict} />
          <br />
          <Link href={`/loads/${done.plan.id}`}>Open {done.plan.document.title}</Link>
        </p>
      ) : plan ? (
        <>
          <Label>{plan.document.title}: on which line?</Label>
          <ul aria-label="Lines">
            {plan.document.lines.map((l, i) => (
              <Row key={l.id}>
                <span>
                  {i + 1} {l.name} <Small>{pulledBy(l)}</Small>
                </span>
                <Button onPress={() => void put(l.id)} aria-label={`Put it on line ${i + 1}`}>
                  Put it here
                </Button>
              </Row>
            ))}
          </ul>
          {plan.document.lines.length === 0 ? (
            <p>This plan has no line yet. Open it and add one.</p>
          ) : null}
          <Spaced as="p" $top={12}>
            <Button
              $kind="quiet"
              onPress={() => {
                setPlan(null);
                setError(null);
              }}
            >
              Another plan
            </Button>
          </Spaced>
        </>
      ) : (
        <>
          <TextField label="Find a load" type="search" value={search} onChange={setSearch} />
          <ul aria-label="Plans to choose from">
            {(plans ?? []).map((p) => (
              <Row key={p.id}>
                <span>
                  {p.title} <Small>{wordCount(p.lineCount, 'line')}</Small>
                </span>
                <Button onPress={() => void pick(p.id)} aria-label={`Choose ${p.title}`}>
                  Choose
                </Button>
              </Row>
            ))}
          </ul>
          {plans?.length === 0 ? (
            <Spaced as="p" $top={12}>
              No load is called so.
            </Spaced>
          ) : null}
        </>
      )}
    </Sheet>
  );
}
