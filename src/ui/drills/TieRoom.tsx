'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { DONE_UNDER, DONE_UNDER_IDS, type DoneUnder } from '@/core/training/standing/done-under';
import type { Tyings } from '@/server/drills/tying';
import { wordSeconds } from '@/wording/drill-words';
import { messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Select } from '../kit/Select';
import { ScrollTable } from '../kit/ScrollTable';
import { Small } from '../kit/text';
import { isKept, useOutbox } from '../outbox/OutboxContext';
import { type DrillKinds, DrillRoom } from './DrillRoom';
import { TieCall } from './TieCall';

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 320px));
  gap: 12px;
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const CONDITIONS = DONE_UNDER_IDS.map((id) => ({ id, name: DONE_UNDER[id] }));

/** By condition: how often, how quickly, how many fumbles. */
function Times({ by }: Pick<Tyings, 'by'>) {
  return (
    <ScrollTable tabIndex={0} role="region" aria-label="Times by condition">
      <table>
        <thead>
          <tr>
            <th scope="col">Tied</th>
            <th scope="col">Times</th>
            <th scope="col">Fumbles</th>
            <th scope="col">Clean running</th>
            <th scope="col">Best</th>
            <th scope="col">Typical</th>
          </tr>
        </thead>
        <tbody>
          {by.map((t) => (
            <tr key={t.under}>
              <td>{DONE_UNDER[t.under]}</td>
              <td>{t.tied}</td>
              <td>{t.fumbled}</td>
              <td>{t.running}</td>
              <td>{wordSeconds(t.bestMs)}</td>
              <td>{wordSeconds(t.typicalMs)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </ScrollTable>
  );
}

/** With real rope: the screen calls a form and how it is to be tied, takes the time, and keeps what was honest. */
export function TieRoom({
  tyings,
  forms,
  kinds,
}: {
  tyings: Tyings;
  forms: readonly { readonly id: string; readonly title: string }[];
  kinds: DrillKinds;
}) {
  const router = useRouter();
  const outbox = useOutbox();
  const [now, setNow] = useState(tyings);
  const [under, setUnder] = useState<DoneUnder>(tyings.next);
  const [called, setCalled] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const keep = async (tookMs: number, points: readonly boolean[]): Promise<void> => {
    setCalled(false);
    const answer = await outbox.record(
      'POST /drills/ties',
      {
        body: {
          skill: now.skill,
          under,
          tookMs,
          points: [...points],
          madeAt: new Date().toISOString(),
        },
      },
      `${now.title}: tied in ${wordSeconds(tookMs)}`,
    );
    if (answer.ok) {
      setNow(answer.value);
      setUnder(answer.value.next);
      setSaid(`${wordSeconds(tookMs)}, kept.`);
    } else
      setSaid(
        isKept(answer)
          ? 'No answer: it is kept on this device and sent by itself.'
          : messageOf(answer.problem),
      );
  };
  return (
    <DrillRoom
      current="tie"
      kinds={kinds}
      title="With real rope"
      says="Three clean times running, then one new condition. Be honest: nobody else counts."
    >
      <Stack $gap={18}>
        <Fields>
          <Select
            label="Knot"
            value={now.skill}
            choices={forms.map((f) => ({ id: f.id, name: f.title }))}
            onChange={(id) => router.push(`/drills/tie?skill=${id}`)}
          />
          <Select label="Tied" value={under} choices={CONDITIONS} onChange={setUnder} />
        </Fields>
        <Cluster>
          <Button $kind="primary" onPress={() => setCalled(true)}>
            Call it
          </Button>
          {under === now.next ? <Small>Next for you: {DONE_UNDER[now.next]}.</Small> : null}
          {said ? <Small role="status">{said}</Small> : null}
        </Cluster>
        {now.by.length > 0 ? <Times by={now.by} /> : null}
      </Stack>
      {called ? (
        <TieCall
          title={now.title}
          under={under}
          points={now.points}
          onKeep={(ms, points) => void keep(ms, points)}
          onClose={() => setCalled(false)}
        />
      ) : null}
    </DrillRoom>
  );
}
