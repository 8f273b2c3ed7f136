'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import type { EntryId } from '@/core/knot/entry-ids';
import { boxOf, knotBoxOf, pictureOf } from '@/core/knot/drawing/picture';
import { bodyOfFrame } from '@/core/knot/shape/frames';
import type { NamePage } from '@/server/drills';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { ErrorText } from '../kit/text';
import { KnotStrokes, viewBox } from '../knots/KnotDrawing';
import { nearer } from '../knots/layout';
import type { AnswerOf } from '../routes';
import { type DrillKinds, DrillRoom, Word } from './DrillRoom';

type Marked = AnswerOf<'POST /drills/names/marks'>;

const Asked = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 420px) minmax(220px, 1fr);
  gap: 24px;
  align-items: start;
  & > svg {
    display: block;
    width: 100%;
    height: min(420px, 52vh);
    background: var(--sheet);
    border: var(--w-hair) solid var(--line);
  }
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    & > svg {
      height: 300px;
    }
  }
`;
const Choices = styled.div`
  display: grid;
  gap: 8px;
  & > button {
    justify-content: start;
    text-align: left;
    min-height: 48px;
  }
`;

function Answered({ marked, next }: { marked: Marked; next: () => void }) {
  return (
    <Stack $gap={10} role="status" data-mark={marked.right ? 'right' : 'wrong'}>
      <Word $right={marked.right}>
        {marked.right ? 'Right.' : `Not right. It is: ${marked.name}.`}
      </Word>
      <div>
        <b>What tells it</b> ({marked.way}):
        <ul>
          {marked.checks.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      </div>
      <Cluster>
        <Button $kind="primary" onPress={next} autoFocus>
          Next knot
        </Button>
        <Link href={`/knots/${marked.entry}?form=${marked.form}`} prefetch={false}>
          How it is tied
        </Link>
      </Cluster>
    </Stack>
  );
}

/** A knot from any side: which is it? Four names, and then what tells it. */
export function NameDrill({ page, kinds }: { page: NamePage; kinds: DrillKinds }) {
  const router = useRouter();
  const [marked, setMarked] = useState<Marked | null>(null);
  const [error, setError] = useState<string | null>(null);
  const { picture, box } = useMemo(() => {
    const drawn = pictureOf(bodyOfFrame(page.drawn, page.drawn.frame), page.view);
    return { picture: drawn, box: nearer(boxOf(drawn), knotBoxOf(drawn)) };
  }, [page]);
  const pick = async (id: EntryId): Promise<void> => {
    const answer = await call('POST /drills/names/marks', {
      body: { number: page.number, pick: id },
    });
    if (answer.ok) setMarked(answer.value);
    setError(answer.ok ? null : messageOf(answer.problem));
  };
  return (
    <DrillRoom current="names" kinds={kinds} title="Which knot is it?">
      <Asked>
        <svg viewBox={viewBox(box)} role="img" aria-label="The knot to be named">
          <KnotStrokes picture={picture} thickness={page.thickness} />
        </svg>
        {marked ? (
          <Answered
            marked={marked}
            next={() => router.push(`/drills/names?n=${String(page.next)}`)}
          />
        ) : (
          <Choices role="group" aria-label="It is">
            {page.options.map((o) => (
              <Button key={o.id} onPress={() => void pick(o.id)}>
                {o.name}
              </Button>
            ))}
            {error ? <ErrorText>{error}</ErrorText> : null}
          </Choices>
        )}
      </Asked>
    </DrillRoom>
  );
}
