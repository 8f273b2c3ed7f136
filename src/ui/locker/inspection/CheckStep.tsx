'use client';
import { type ReactNode, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import type { InspectionCheck } from '@/core/inspection/checks';
import type { DamageFound } from '@/core/inspection/outcome';
import { formatQuantity } from '@/core/units';
import { useMember } from '../../frame/MemberContext';
import { Button } from '../../kit/Button';
import { Small } from '../../kit/text';
import { useKeys } from '../../useKeys';
import type { LockerItem } from '../useLockerList';
import { DamageLooks, LooksLike } from './Looks';
import { PlaceOnRope } from './PlaceOnRope';
import type { InspectionState } from './useInspection';

const Step = styled.div`
  display: flex;
  flex-direction: column;
  gap: 12px;
  flex: 1;
`;
const Name = styled.h2`
  font: 700 26px/1.15 var(--font-figure);
  outline: none;
`;
const Looks = styled.p`
  font-size: 18px;
  line-height: 1.4;
  max-width: 52ch;
`;
const Keys = styled.p`
  @media (hover: none) {
    display: none;
  }
`;
/** Where the thumb is. */
const Thumbs = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-top: 18px;
  & button {
    min-height: 72px;
    font-size: 19px;
  }
  & > :only-child {
    grid-column: 1 / -1;
  }
  @media (max-width: 760px) {
    margin-top: auto;
  }
`;
const Extents = styled.div`
  display: grid;
  gap: 10px;
  & button {
    min-height: 60px;
    font-size: 17px;
    justify-content: flex-start;
    text-align: left;
    gap: 12px;
  }
`;
/** On the button that says it; nothing where it is not drawn. */
const Pictured = styled.span`
  flex: 0 1 210px;
  background: var(--sheet);
  &:empty {
    display: none;
  }
`;
const Found = styled.li`
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
  border-bottom: var(--w-hair) solid var(--line);
  font: 600 16px/1.3 var(--font-figure);
  & > span {
    flex: 1;
  }
`;

function FoundList({ check, state }: { check: InspectionCheck; state: InspectionState }) {
  const { units } = useMember();
  return (
    <ul aria-label="Found so far">
      {state.here.map((f, i) => (
        <Found key={i}>
          <span>
            {check.extents.find((e) => e.id === f.extent)?.name}
            {f.atM === null ? '' : `, at ${formatQuantity(f.atM, 'length', units)}`}
          </span>
          <Button $kind="quiet" onPress={() => state.unmark(f)}>
            Take off
          </Button>
        </Found>
      ))}
    </ul>
  );
}

/** How bad it is, and where: one tap on the extent marks it. */
function Marking({
  check,
  item,
  state,
  onDone,
}: {
  check: InspectionCheck;
  item: LockerItem;
  state: InspectionState;
  onDone: () => void;
}) {
  const lengthM = check.local ? item.standing.remainingM : null;
  const [atM, setAt] = useState(lengthM === null ? 0 : Math.round(lengthM * 5) / 10);
  const mark = (extent: string): void => {
    const damage: DamageFound = {
      check: check.id,
      extent,
      atM: lengthM === null ? null : Math.round(atM * 1000) / 1000,
    };
    state.mark(damage);
    onDone();
  };
  useKeys(Object.fromEntries(check.extents.map((e, i) => [String(i + 1), () => mark(e.id)])));
  return (
    <>
      {lengthM === null || lengthM <= 0 ? null : (
        <PlaceOnRope
          lengthM={lengthM}
          atM={atM}
          onChange={setAt}
          rope={item.document.item.kind === 'rope'}
          marks={state.draft.found.map((f) => f.atM).filter((m) => m !== null)}
        />
      )}
      <Small>
        {lengthM === null ? 'How bad is it?' : 'Put the mark where it is, then say how bad it is.'}
      </Small>
      <Extents>
        {check.extents.map((e, i) => (
          <Button key={e.id} onPress={() => mark(e.id)}>
            <Pictured>
              <DamageLooks item={item.document.item} check={check} extent={e.id} />
            </Pictured>
            <span>
              {i + 1}. {e.name}
            </span>
          </Button>
        ))}
      </Extents>
      <Thumbs>
        <Button onPress={onDone}>Back to the check</Button>
      </Thumbs>
    </>
  );
}

/** One check of the walk-through: what to look for, and two targets for a thumb. `overview`: the rope with what was marked so far. */
export function CheckStep({
  check,
  item,
  state,
  overview,
}: {
  check: InspectionCheck;
  item: LockerItem;
  state: InspectionState;
  overview: ReactNode;
}) {
  const [marking, setMarking] = useState(false);
  const heading = useRef<HTMLHeadingElement>(null);
  // The focus follows the walk, so that keys and readers stay with it; not when the page opens.
  const { walked } = state;
  useEffect(() => {
    if (walked) heading.current?.focus();
  }, [walked]);
  const any = state.here.length > 0;
  useKeys(
    marking
      ? {}
      : {
          c: state.clear,
          f: () => setMarking(true),
          n: () => {
            if (any) state.next();
          },
        },
  );
  return (
    <Step>
      {marking ? null : overview}
      <Name ref={heading} tabIndex={-1}>
        {check.name}
      </Name>
      {marking ? (
        <Marking check={check} item={item} state={state} onDone={() => setMarking(false)} />
      ) : (
        <>
          <Looks>{check.looks}</Looks>
          <LooksLike item={item.document.item} check={check} />
          {any ? <FoundList check={check} state={state} /> : null}
          <Keys>
            <Small>
              Keys: {any ? 'n goes on, f marks another place' : 'c clear, f found'}; digits say how
              bad
            </Small>
          </Keys>
          <Thumbs>
            <Button onPress={() => setMarking(true)}>{any ? 'Another place' : 'Found'}</Button>
            {any ? (
              <Button $kind="primary" onPress={state.next}>
                Next check
              </Button>
            ) : (
              <Button $kind="primary" onPress={state.clear}>
                Clear
              </Button>
            )}
          </Thumbs>
        </>
      )}
    </Step>
  );
}
