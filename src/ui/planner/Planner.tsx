'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useCallback, useRef, useState } from 'react';
import styled from 'styled-components';
import type { Assessment } from '@/core/securement/assess';
import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { useAdvice } from '@/workers/useAdvice';
import { call, messageOf, type StoredPlan } from '../api';
import { keepJson } from '../files';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { useAutosave } from '../useAutosave';
import { useFetchAhead } from '../useFetchAhead';
import { useKeys } from '../useKeys';
import { pressWorking } from '../working/pressWorking';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';

import { Findings } from './Findings';
import { Helps } from './Helps';
import { LineCard, type Picked } from './LineCard';
import type { OpenWorking } from '../working/WorkingFigure';
import { LoadPanel } from './LoadPanel';
import { LINE_MAKES, type LineMake, MOST_LINES } from '@/core/securement/vocabulary';
import { PlanHead } from './PlanHead';
import { Tally } from './Tally';
import type { FactEntries } from '../locker/useGearFacts';
import { EditorProvider, type PlanEditor, usePlanner } from './usePlanner';
import { Spaced } from '../kit/layout';
import { orMissing, orNothing } from '../orMissing';

/** Fetched when they are asked for. */
const KeysSheet = dynamic(() => orMissing(import('../kit/KeysSheet').then((m) => m.KeysSheet)), {
  loading: () => null,
});
const PlanConflict = dynamic(
  () => orMissing(import('./PlanConflict').then((m) => m.PlanConflict)),
  {
    loading: () => null,
  },
);
const TagRead = dynamic(() => orNothing(import('./TagRead').then((m) => m.TagRead)), {
  ssr: false,
});

/** What the planner opens on demand: on the road there may be no connection when it is wanted. */
const ON_DEMAND = [
  () => import('./LoadFields'),
  () => import('./LoadUnits'),
  () => import('./FrictionFields'),
  () => import('./DeckAnchors'),
  () => import('./NotesFields'),
  () => import('./StrengthFields'),
  () => import('./ElementEditor'),
  () => import('./LineSettings'),
  () => import('./OtherSchools'),
  () => import('./AllRows'),
  () => import('./PlanConflict'),
  () => import('../kit/Modals'),
  () => import('../kit/SelectList'),
  () => import('../kit/ActionList'),
  () => import('../working/WorkingLevels'),
] as const;

const Columns = styled.div`
  display: grid;
  grid-template-columns: 392px minmax(0, 1fr);
  align-items: start;
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Left = styled.div`
  padding: 10px 18px 20px 20px;
  border-right: var(--w-hair) solid var(--line);
  min-height: 100%;
  @media (max-width: 1100px) {
    border: 0;
    order: 2;
  }
  @media (max-width: 760px) {
    padding: 10px 14px;
  }
`;
const Right = styled.div`
  padding: 8px 20px 24px;
  min-width: 0;
  @media (max-width: 760px) {
    padding: 8px 14px;
  }
`;
const AddLine = styled.div`
  display: flex;
  gap: 10px;
  align-items: flex-end;
  padding-top: 14px;
  border-top: var(--w-rule) solid var(--ink);
  flex-wrap: wrap;
  & > div {
    min-width: 250px;
  }
`;

/** Said while the verdict cannot follow what is changed. */
const NOT_JUDGED =
  'The verdict is of the plan as you opened it: what judges your changes could not be fetched. It is asked for again by itself.';

const PLANNER_KEYS = [
  ['1 to 9', 'pick a line'],
  ['[  and  ]', 'walk the elements of the picked line'],
  ['/', 'find a load (in the list)'],
] as const;

/** The element that is picked. */
function usePicking(editor: PlanEditor) {
  const [picked, setPicked] = useState<Picked | null>(null);
  const room = useRef<HTMLDivElement>(null);
  const line = editor.plan.lines.find((l) => l.id === picked?.lineId);
  const walk = (by: -1 | 1): void => {
    if (!line || !picked) return;
    const at = line.elements.findIndex((e) => e.id === picked.elementId);
    const next = line.elements[(at + by + line.elements.length) % line.elements.length];
    if (next) setPicked({ lineId: line.id, elementId: next.id });
  };
  const pickLine = (n: number): void => {
    const target = editor.plan.lines[n - 1];
    const first = target?.elements[0];
    if (target && first) setPicked({ lineId: target.id, elementId: first.id });
    room.current?.querySelector(`[data-line="${n}"]`)?.scrollIntoView({ block: 'nearest' });
  };
  return { room, picked, setPicked, walk, pickLine };
}

/** Every line of the plan. They are most of what there is to draw, so each is drawn again only when something of it changes. */
function Lines({
  editor,
  picked,
  onPicked,
  onWorking,
}: {
  editor: PlanEditor;
  picked: Picked | null;
  onPicked: (picked: Picked | null) => void;
  onWorking: OpenWorking;
}) {
  const facts = new Map(editor.assessment.lines.map((f) => [f.line.id, f]));
  return editor.plan.lines.map((line, i) => {
    const known = facts.get(line.id);
    return known ? (
      <LineCard
        key={line.id}
        line={line}
        facts={known}
        number={i + 1}
        hand={editor.hand}
        picked={picked?.lineId === line.id ? picked.elementId : null}
        onPicked={onPicked}
        onWorking={onWorking}
      />
    ) : null;
  });
}

function NewLine({ editor }: { editor: PlanEditor }) {
  const [make, setMake] = useState<LineMake>('rope');
  const { plan } = editor;
  const [none, setNone] = useState(false);
  const add = async (): Promise<void> => {
    const { newLine } = await import('@/core/securement/compose');
    setNone(newLine(make, plan) === null);
    editor.edit((p) => {
      const line = newLine(make, p);
      return line ? { ...p, lines: [...p.lines, line] } : p;
    });
  };
  return (
    <AddLine>
      <div>
        <Select label="New line" value={make} choices={LINE_MAKES} onChange={setMake} />
      </div>
      <Button
        onPress={() => void add()}
        $kind={plan.lines.length === 0 ? 'primary' : 'plain'}
        isDisabled={plan.lines.length >= MOST_LINES}
      >
        Put a line over the load
      </Button>
      {none ? (
        <p role="alert">
          No two anchors of this deck lie on both sides of the load, between its ends. Enter the
          anchors under “Deck and anchors”, or move the load.
        </p>
      ) : null}
    </AddLine>
  );
}

/** The planner: load, lines, tally, verdict. Recomputes as one types; keeps itself. */
export function Planner({
  stored,
  facts,
  assessment,
}: {
  stored: StoredPlan;
  facts: FactEntries;
  /** What it comes to as it was served, in outline: the first picture shows it. */
  assessment: Assessment;
}) {
  const { viewer } = useMember();
  const router = useRouter();
  const editor = usePlanner(stored.document, !viewer.canWrite, facts, assessment);
  const { save, words, resolve, pending, version } = useAutosave(
    'PUT /plans/{id}',
    stored,
    editor.plan,
    viewer.canWrite,
  );
  useFetchAhead(ON_DEMAND);
  const advice = useAdvice(editor.plan, editor.gear);
  const { room, picked, setPicked, walk, pickLine } = usePicking(editor);
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const [keys, setKeys] = useState(false);
  const [alarm, setAlarm] = useState<string | null>(null);
  useKeys({
    '$mod+z': editor.undo,
    '$mod+Shift+z': editor.redo,
    '$mod+y': editor.redo,
    '[': () => walk(-1),
    ']': () => walk(1),
    w: () => pressWorking(room.current),
    '?': () => setKeys(true),
    ...Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8, 9].map((n) => [String(n), () => pickLine(n)])),
  });
  const openWorking = useCallback(
    (opened: OpenedWorking): void => {
      if (editor.whole) setWorking(opened);
      else setAlarm('The working is still being fetched: press again in a moment.');
    },
    [editor.whole],
  );
  const duplicate = async (): Promise<void> => {
    const answer = await call('POST /plans/{id}/duplicate', { params: { id: stored.id } });
    if (answer.ok) router.push(`/loads/${answer.value.id}`);
    else setAlarm(messageOf(answer.problem));
  };
  const settle = (which: 'mine' | 'theirs', theirs: StoredPlan): void => {
    if (which === 'theirs') editor.edit(() => theirs.document);
    resolve(which, theirs, which === 'theirs' ? theirs.document : null);
  };
  return (
    <EditorProvider value={editor}>
      <PlanHead
        editor={editor}
        saved={words}
        pending={pending}
        version={version}
        alarm={alarm ?? (editor.failing ? NOT_JUDGED : save.state === 'not-kept' ? save.why : null)}
        printHref={`/loads/${stored.id}/print`}
        historyHref={`/loads/${stored.id}/history`}
        onKeys={() => setKeys(true)}
        onExport={() => keepJson(editor.plan.title, editor.plan)}
        onDuplicate={() => void duplicate()}
      />
      <Columns ref={room} aria-busy={!editor.whole}>
        <Left>
          <LoadPanel editor={editor} />
        </Left>
        <Right>
          <Tally
            assessment={editor.assessment}
            rulesHref={`/loads/${stored.id}/rules`}
            onWorking={openWorking}
          />
          <Helps
            changes={advice.changes}
            fresh={advice.fresh}
            verdict={editor.assessment.verdict}
            hand={editor.hand}
          />
          <Lines editor={editor} picked={picked} onPicked={setPicked} onWorking={openWorking} />
          {editor.readOnly ? null : <NewLine editor={editor} />}
          <Spaced as="section" $top={20}>
            <h2>What to know</h2>
            <Findings findings={editor.assessment.findings} />
          </Spaced>
        </Right>
      </Columns>
      <WorkingSheet opened={working} over={editor.plan.title} onClose={() => setWorking(null)} />
      <TagRead editor={editor} picked={picked} />
      {keys ? <KeysSheet keys={PLANNER_KEYS} open onClose={() => setKeys(false)} /> : null}
      {save.state === 'conflict' ? (
        <PlanConflict
          mine={editor.plan}
          theirs={save.theirs}
          locker={editor.gear ?? LOCKER_NOT_ASKED}
          onKeep={(which) => settle(which, save.theirs)}
        />
      ) : null}
    </EditorProvider>
  );
}
