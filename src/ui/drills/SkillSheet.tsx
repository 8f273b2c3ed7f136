'use client';
import { useRouter } from 'next/navigation';
import { type FormEvent, useEffect, useState } from 'react';
import styled from 'styled-components';
import {
  DONE_UNDER,
  DONE_UNDER_IDS,
  type DoneUnder,
  LEAST_TIMES,
} from '@/core/training/standing/done-under';
import { counts } from '@/core/training/standing/standing';
import type { SignOff } from '@/server/training';
import { STANDING_WORDS } from '@/wording/drill-words';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Check } from '../kit/Check';
import { NumberField } from '../kit/fields';
import { Cluster, Stack } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { Signature } from './Signature';
import type { Opened } from './Standing';

/** The sign-off that counts now, in full, and the form by which it is taken back. */
function Signed({ signed, onDone }: { signed: SignOff; onDone: () => void }) {
  const { viewer } = useMember();
  const [reason, setReason] = useState('');
  const [error, setError] = useState<string | null>(null);
  const takeBack = async (): Promise<void> => {
    const answer = await call('POST /sign-offs/{id}/revocation', {
      params: { id: signed.id },
      body: { reason },
    });
    if (answer.ok) onDone();
    else setError(messageOf(answer.problem));
  };
  const may = viewer.canSign && signed.memberId !== viewer.id && signed.revoked === null;
  return (
    <Stack $gap={8}>
      <p>
        Signed by <b>{signed.signedBy}</b> on {signed.signedAt.slice(0, 10)}: {signed.times} times,{' '}
        {signed.under.map((u) => DONE_UNDER[u]).join(', ')}.
      </p>
      <ul>
        {signed.points.map((p) => (
          <li key={p}>{p}</li>
        ))}
      </ul>
      {signed.note ? <p>{signed.note}</p> : null}
      <Cluster>
        <ButtonLink $kind="quiet" href={`/api/v1/sign-offs/${signed.id}/certificate.pdf`} download>
          Certificate
        </ButtonLink>
        <ButtonLink $kind="quiet" href={`/api/v1/sign-offs/${signed.id}/badge.json`} download>
          Credential, JSON
        </ButtonLink>
      </Cluster>
      {signed.revoked ? (
        <p>
          Taken back by {signed.revoked.by} on {signed.revoked.at.slice(0, 10)}:{' '}
          {signed.revoked.reason}
        </p>
      ) : null}
      {may ? (
        <>
          <TextField label="Why it is taken back" value={reason} onChange={setReason} />
          {error ? <ErrorText role="alert">{error}</ErrorText> : null}
          <Cluster>
            <Button isDisabled={reason.trim().length < 3} onPress={() => void takeBack()}>
              Take it back
            </Button>
          </Cluster>
        </>
      ) : null}
    </Stack>
  );
}

const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
`;

/** What was seen, point by point, and the signature. */
function SignForm({
  opened: { person, skill },
  points,
  onDone,
}: {
  opened: Opened;
  points: readonly string[];
  onDone: () => void;
}) {
  const [seen, setSeen] = useState<readonly boolean[]>(points.map(() => false));
  const [times, setTimes] = useState<number>(LEAST_TIMES);
  const [under, setUnder] = useState<readonly DoneUnder[]>(['on-a-bar']);
  const [note, setNote] = useState('');
  const [password, setPassword] = useState('');
  const [error, setError] = useState<string | null>(null);
  const submit = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    const answer = await call('POST /sign-offs', {
      body: {
        memberId: person.id,
        skill: skill.id,
        points: [...seen],
        times,
        under: [...under],
        note,
        password,
      },
    });
    if (answer.ok) onDone();
    else setError(messageOf(answer.problem));
  };
  return (
    <Stack $gap={8} as="form" onSubmit={(e) => void submit(e as FormEvent)}>
      <h3>I saw {person.name} do it</h3>
      <div role="group" aria-label="Each point was right">
        {points.map((p, i) => (
          <Check key={p} selected={seen[i]!} onChange={(on) => setSeen(seen.with(i, on))}>
            {p}
          </Check>
        ))}
      </div>
      <NumberField
        label="How many times, clean"
        value={times}
        least={LEAST_TIMES}
        most={100}
        whole
        onChange={setTimes}
      />
      <Small>Done</Small>
      <Two role="group" aria-label="Done">
        {DONE_UNDER_IDS.map((u) => (
          <Check
            key={u}
            selected={under.includes(u)}
            onChange={(on) =>
              setUnder(DONE_UNDER_IDS.filter((x) => (x === u ? on : under.includes(x))))
            }
          >
            {DONE_UNDER[u]}
          </Check>
        ))}
      </Two>
      <TextField label="Note" value={note} onChange={setNote} />
      <Signature
        password={password}
        onPassword={setPassword}
        error={error}
        isOpen={!seen.includes(false) && under.length > 0}
      />
    </Stack>
  );
}

/** Somebody and a skill: how it stands, what was signed, and the form to sign. */
export function SkillSheet({ opened, onClose }: { opened: Opened; onClose: () => void }) {
  const router = useRouter();
  const { viewer } = useMember();
  const { person, skill, standing } = opened;
  const [signed, setSigned] = useState<SignOff | null>(null);
  // What counts already is looked at first.
  const [anew, setAnew] = useState(!counts(standing));
  useEffect(() => {
    let gone = false;
    if (standing.signOffId === null) return;
    void call('GET /sign-offs/{id}', { params: { id: standing.signOffId } }).then((answer) => {
      if (!gone && answer.ok) setSigned(answer.value);
    });
    return () => {
      gone = true;
    };
  }, [standing.signOffId]);
  const done = (): void => {
    onClose();
    router.refresh();
  };
  return (
    <Sheet
      title={`${skill.title}: ${person.name}`}
      over="Who can do what"
      open
      onClose={onClose}
      side
    >
      <Stack $gap={16}>
        <p>
          <b>{STANDING_WORDS[standing.state]}</b>
          {standing.until ? ` until ${standing.until}` : ''}.
          {skill.comesBefore.length > 0 ? (
            <Small $block>Comes after: {skill.comesBefore.join(', ')}.</Small>
          ) : null}
        </p>
        {signed ? <Signed signed={signed} onDone={done} /> : null}
        {viewer.canSign && person.id !== viewer.id ? (
          anew ? (
            <SignForm opened={opened} points={skill.points} onDone={done} />
          ) : (
            <Cluster>
              <Button onPress={() => setAnew(true)}>Sign anew</Button>
            </Cluster>
          )
        ) : (
          <Small>
            {viewer.canSign ? 'Nobody signs for themselves.' : 'An instructor or the lead signs.'}
          </Small>
        )}
      </Stack>
    </Sheet>
  );
}
