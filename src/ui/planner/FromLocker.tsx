'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { type Candidate, type Fit, type OnTheLine, rankRopes } from '@/core/securement/rope-fit';
import type { LineElement } from '@/core/line/schema';
import { UNLIMITED_N } from '@/core/line/line';
import { assess } from '@/core/securement/assess';
import { type GearFacts, gearFactIn } from '@/core/securement/locker-word';
import type { Line } from '@/core/securement/schema';
import { formatQuantity } from '@/core/units';
import { wordFit, wordItem, wordStanding } from '@/wording/gear';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import type { LockerItem } from '../locker/useLockerList';
import { Button } from '../kit/Button';
import { Sheet } from '../kit/Sheet';
import { Tag } from '../kit/Tag';
import { ErrorText, Small } from '../kit/text';
import { refusal, withGear } from '../locker/putGear';
import { factOf } from '../locker/useGearFacts';
import type { PlanEditor } from './usePlanner';

const Bar = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 8px 14px 0;
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 6px 12px;
  align-items: center;
  padding: 10px 0;
  border-bottom: var(--w-hair) solid var(--line);
  @media (max-width: 600px) {
    grid-template-columns: auto minmax(0, 1fr);
    & > :last-child {
      grid-column: 1 / -1;
    }
  }
`;

function FitRow({ fit, onTake }: { fit: Fit; onTake: () => void }) {
  const { units } = useMember();
  const { gear } = fit.candidate;
  return (
    <Row data-fits={fit.fits}>
      <Tag $hollow={!fit.usable}>{gear.code}</Tag>
      <span>
        <b>{wordItem(gear.item, units)}</b>, {wordStanding(fit.candidate.state)}
        <br />
        <Small>{fit.reasons.map((r) => wordFit(r, units)).join('; ')}</Small>
      </span>
      <Button $kind={fit.fits ? 'primary' : 'plain'} isDisabled={!fit.usable} onPress={onTake}>
        Take it
      </Button>
    </Row>
  );
}

function ChooseRope({
  line,
  element,
  needM,
  editor,
  onTake,
  onClose,
}: {
  line: Line;
  element: LineElement;
  needM: number | null;
  editor: PlanEditor;
  onTake: (item: LockerItem) => void;
  onClose: () => void;
}) {
  const { units } = useMember();
  const [items, setItems] = useState<readonly LockerItem[] | null>(null);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void call('GET /gear/fit', { query: { lengthM: needM ?? 0 } }).then((answer) => {
      if (gone) return;
      if (answer.ok) setItems(answer.value.ropes);
      else setError(messageOf(answer.problem));
    });
    return () => {
      gone = true;
    };
  }, [needM]);
  const { plan, assessment, gear } = editor;
  const hauledN = assessment.lines.find((l) => l.line.id === line.id)?.tension.hauled.value ?? null;
  const tryOn = (candidate: Candidate): OnTheLine => {
    const item = items!.find((g) => g.id === candidate.id)!;
    const changed = {
      ...plan,
      lines: plan.lines.map((l) =>
        l.id === line.id
          ? {
              ...l,
              elements: l.elements.map((e) => (e.id === element.id ? (withGear(e, item) ?? e) : e)),
            }
          : l,
      ),
    };
    const judged = assess(changed, new Map([...(gear ?? []), factOf(item)]));
    const capacity = judged.lines.find((l) => l.line.id === line.id)?.capacity;
    return {
      verdict: judged.verdict,
      wllN: capacity && capacity.range.highN < UNLIMITED_N ? capacity.range.highN : null,
    };
  };
  const fits = items
    ? rankRopes(
        items.map((g) => ({ id: g.id, gear: g.document, state: g.standing, due: g.due })),
        { lengthM: needM, pullN: hauledN, verdict: assessment.verdict, tryOn },
      )
    : [];
  return (
    <Sheet
      side
      title="A rope from the locker"
      over={<Small>{line.name}</Small>}
      open
      onClose={onClose}
    >
      <p>
        {needM === null
          ? 'How long it must be is not known: place the line, or enter its route.'
          : `The line takes ${formatQuantity(needM, 'length', units, 'demand')} with knots and tails.`}{' '}
        {hauledN === null
          ? ''
          : `Hauling puts ${formatQuantity(hauledN, 'force', units, 'demand')} on it.`}{' '}
        Best fit first: what does all of that and makes the plan no worse, the cheapest metre before
        the dearer, the least left over.
      </p>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {items && fits.length === 0 ? (
        <p>
          No rope in service is in the locker. <Link href="/locker">Open the locker</Link>
        </p>
      ) : null}
      <ul aria-label="Ropes of the locker, best fit first">
        {fits.map((f) => (
          <FitRow
            key={f.candidate.id}
            fit={f}
            onTake={() => onTake(items!.find((g) => g.id === f.candidate.id)!)}
          />
        ))}
      </ul>
    </Sheet>
  );
}

/** Where the rope of a line comes from, and what the locker says of it now. */
export function FromLocker({
  line,
  element,
  editor,
  set,
}: {
  line: Line;
  element: Extract<LineElement, { gearId: string | null }>;
  editor: PlanEditor;
  set: (e: LineElement) => void;
}) {
  const [open, setOpen] = useState(false);
  const facts: GearFacts | null = editor.gear;
  const fact = element.gearId === null || !facts ? undefined : gearFactIn(facts, element.gearId);
  const worse = editor.assessment.findings.some(
    (f) => f.elementId === element.id && f.lineId === line.id && f.code === 'gear-worse',
  );
  const needM = editor.assessment.lines.find((l) => l.line.id === line.id)?.rope.value ?? null;
  const take = (item: LockerItem): void => {
    const next = withGear(element, item);
    if (!next || refusal(item)) return;
    editor.learn(...factOf(item));
    set(next);
    setOpen(false);
  };
  const retake = (): void => {
    if (fact && element.gearId)
      take({
        id: element.gearId,
        document: fact.gear,
        standing: fact.state,
        due: fact.due ?? 'later',
        version: 0,
        dueOn: null,
        enteredOn: '',
        updatedAt: '',
        updatedBy: '',
        removed: false,
      });
  };
  return (
    <Bar>
      {fact && element.gearId ? (
        <span>
          From the locker: <Link href={`/locker/${element.gearId}`}>{fact.gear.code}</Link>,{' '}
          {wordStanding(fact.state)}{' '}
        </span>
      ) : null}
      {worse && !editor.readOnly ? (
        <Button onPress={retake}>Take what the locker says now</Button>
      ) : null}
      {element.kind === 'rope' && !editor.readOnly ? (
        <Button onPress={() => setOpen(true)}>
          {fact ? 'Choose another' : 'Choose from the locker'}
        </Button>
      ) : null}
      {open ? (
        <ChooseRope
          line={line}
          element={element}
          needM={needM}
          editor={editor}
          onTake={take}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </Bar>
  );
}
