'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { RoadClock } from '@/core/securement/road/clock';
import { minutesLeft } from '@/core/securement/road/minutes';
import { foundOnLines } from '@/core/securement/road/found';
import type { KeptCheck } from '@/core/securement/road/schema';
import { type CheckOccasion, LINE_STATES, type LineState } from '@/core/securement/road/vocabulary';
import { formatQuantity } from '@/core/units';
import { OCCASION_WORDS, STATE_WORDS, wordClock, wordFound } from '@/wording/road';
import { messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { NumberField, QuantityField } from '../kit/fields';
import { Stack } from '../kit/layout';
import { Segments } from '../kit/Segments';
import { Tag } from '../kit/Tag';
import { ErrorText, Label, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import { isKept, useOutbox } from '../outbox/OutboxContext';
import { useNow } from '../useNow';

const Page = styled.div`
  max-width: 760px;
  padding: 14px 20px 28px;
  display: grid;
  gap: 14px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Clock = styled.p<{ $late: boolean }>`
  font: 680 19px/1.3 var(--font-figure);
  padding: 12px 14px;
  border: var(--w-strong) solid ${({ $late }) => ($late ? 'var(--signal)' : 'var(--ink)')};
  ${({ $late }) => $late && 'color: var(--signal);'}
`;
const Lines = styled.ol`
  border-top: var(--w-rule) solid var(--ink);
  & > li {
    display: grid;
    gap: 8px;
    padding: 12px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
`;
const Head = styled.div`
  display: flex;
  gap: 12px;
  align-items: center;
  & > div {
    min-width: 0;
  }
`;
const Large = styled(Button)`
  min-height: 64px;
  width: 100%;
  font-size: 18px;
`;
const Meter = styled.div`
  max-width: 200px;
`;

/** A line as whoever checks it must find it. */
export interface CheckedLine {
  readonly id: string;
  readonly name: string;
  /** From where to where, and where it is weak. */
  readonly words: string;
  readonly keptN: number | null;
}

const STATES = LINE_STATES.map((id) => ({ id, name: STATE_WORDS[id] }));

interface Props {
  readonly planId: string;
  readonly title: string;
  readonly lines: readonly CheckedLine[];
  readonly checks: readonly KeptCheck[];
  readonly clock: RoadClock;
}

const RECORDED = 'Recorded.';

/** What one check of all lines is put together from. */
function useCheck({ planId, title, lines, clock }: Props) {
  const { viewer } = useMember();
  const outbox = useOutbox();
  const router = useRouter();
  const [states, setStates] = useState<ReadonlyMap<string, LineState>>(new Map());
  const [readings, setReadings] = useState<ReadonlyMap<string, number>>(new Map());
  const [driven, setDriven] = useState<number | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const perUnitM = viewer.units === 'us' ? 1609.344 : 1000;
  const record = async (occasion: CheckOccasion, all?: LineState): Promise<void> => {
    setBusy(true);
    const checked = lines.flatMap(({ id }) => {
      const state = all ?? states.get(id);
      return state ? [{ lineId: id, state, readingN: readings.get(id) ?? null }] : [];
    });
    const body = {
      occasion,
      madeAt: new Date().toISOString(),
      drivenM: clock.state === 'on-the-road' && driven !== null ? driven * perUnitM : null,
      lines: checked,
      notes: '',
    };
    const words = `${title}: check ${OCCASION_WORDS[occasion]}`;
    const answer = await outbox.record(
      'POST /plans/{id}/checks',
      { params: { id: planId }, body },
      words,
    );
    setBusy(false);
    if (!answer.ok && !isKept(answer)) return setSaid(messageOf(answer.problem));
    setStates(new Map());
    setReadings(new Map());
    if (!answer.ok)
      return setSaid('No answer: the check is kept on this device and sent by itself.');
    setSaid(RECORDED);
    // Without an answer there is nothing to fetch: what sends it later shows the page anew.
    router.refresh();
  };
  return { states, setStates, readings, setReadings, driven, setDriven, said, busy, record };
}

/** A check of a plan's lines, on a phone beside the load: one tap where all is well, a tap a line where not. */
export function CheckPage(props: Props) {
  const { planId, title, lines, checks, clock } = props;
  const { viewer, units } = useMember();
  const now = useNow();
  const check = useCheck(props);
  const driving = clock.state === 'on-the-road';
  const late = driving && now !== null && minutesLeft(clock.dueAt, now) < 0;
  const occasion: CheckOccasion = driving ? 'on-the-road' : 'before-driving';
  const open = lines.filter((l) => !check.states.has(l.id)).length;
  const found = foundOnLines({ lines }, checks);
  return (
    <Page>
      <div>
        <Label>
          <Link href={`/loads/${planId}`}>{title}</Link>
        </Label>
        <h1>Check the lines</h1>
      </div>
      <Clock role="status" data-road={clock.state} data-late={late} $late={late}>
        {now === null ? '…' : wordClock(clock, now, viewer.units)}
      </Clock>
      {found.map((f) => (
        <p key={f.lineId} data-found={f.lineId}>
          {wordFound(f)}
        </p>
      ))}
      {viewer.canWrite && clock.state !== 'not-driven' ? (
        <>
          <Large
            $kind="primary"
            isDisabled={check.busy || lines.length === 0}
            onPress={() => void check.record(occasion, 'tight')}
          >
            All {lines.length} tight: {driving ? 'drive on' : 'drive off'}
          </Large>
          <Lines aria-label="Lines">
            {lines.map((l, i) => (
              <li key={l.id} data-check-line={i + 1}>
                <Head>
                  <Tag>{i + 1}</Tag>
                  <div>
                    <b>{l.name}</b>
                    <br />
                    <Small>
                      {l.words}
                      {l.keptN === null
                        ? ''
                        : `; should keep ${formatQuantity(l.keptN, 'force', units, 'capacity')}`}
                    </Small>
                  </div>
                </Head>
                <Segments
                  label={`Line ${i + 1}`}
                  value={check.states.get(l.id) ?? null}
                  choices={STATES}
                  onChange={(state) => check.setStates((now) => new Map(now).set(l.id, state))}
                />
                {check.states.has(l.id) ? (
                  <Meter>
                    <QuantityField
                      label={`Meter on line ${i + 1}`}
                      dimension="force"
                      unit={units.force}
                      optional
                      placeholder="not read"
                      most={1e6}
                      value={check.readings.get(l.id) ?? null}
                      onChange={(n) =>
                        check.setReadings((now) => {
                          const next = new Map(now);
                          if (n === null) next.delete(l.id);
                          else next.set(l.id, n);
                          return next;
                        })
                      }
                    />
                  </Meter>
                ) : null}
              </li>
            ))}
          </Lines>
          {driving ? (
            <Meter>
              <NumberField
                label={viewer.units === 'us' ? 'Miles driven so far' : 'Kilometres driven so far'}
                value={check.driven ?? 0}
                least={0}
                most={20_000}
                onChange={check.setDriven}
              />
            </Meter>
          ) : null}
          <Large
            isDisabled={check.busy || open === lines.length}
            onPress={() => void check.record(occasion)}
          >
            {open === 0 ? 'Record what was found' : `Record; ${open} not looked at`}
          </Large>
          {driving ? (
            <Stack $gap={8}>
              {clock.interval.atChangeOfDuty ? (
                <Button
                  isDisabled={check.busy || open > 0}
                  onPress={() => void check.record('change-of-duty')}
                >
                  Record it as a change of duty
                </Button>
              ) : null}
              <Button isDisabled={check.busy} onPress={() => void check.record('arrived')}>
                Arrived
              </Button>
            </Stack>
          ) : null}
        </>
      ) : null}
      {check.said ? (
        check.said === RECORDED ? (
          <p role="status" data-said>
            {check.said}
          </p>
        ) : (
          <ErrorText role="alert">{check.said}</ErrorText>
        )
      ) : null}
      <section>
        <h2>Checks so far</h2>
        <Small $block>
          <Link href={`/log?plan=${planId}`}>Everything that was done with this load</Link>
        </Small>
        {checks.length === 0 ? <p>None yet.</p> : null}
        <ol aria-label="Checks so far">
          {checks.map((c) => (
            <li key={c.id}>
              <b>{shortTime(c.at)}</b>, {c.by}, {OCCASION_WORDS[c.occasion]}:{' '}
              {c.lines
                .map(({ lineId, state, readingN }) => {
                  const n = lines.findIndex((l) => l.id === lineId);
                  const read =
                    readingN === null ? '' : ` (${formatQuantity(readingN, 'force', units)})`;
                  return `${n < 0 ? 'a line that is gone' : `line ${n + 1}`} ${STATE_WORDS[state]}${read}`;
                })
                .join(', ') || 'no line looked at'}
            </li>
          ))}
        </ol>
      </section>
    </Page>
  );
}
