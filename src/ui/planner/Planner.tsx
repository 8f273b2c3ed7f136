'use client';
import equal from 'fast-deep-equal';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useCallback, useReducer, useState } from 'react';
import type { Assessment } from '@/core/securement/assess';
import type { KnotId } from '@/core/knot/knots';
import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import type { ServedScene } from '@/core/securement/stage/scene';
import { useAdvice } from '@/workers/useAdvice';
import { call, messageOf, type StoredPlan } from '../api';
import { keepJson } from '../files';
import { useMember } from '../frame/MemberContext';
import { useLive } from '../live/useLive';
import { useAutosave } from '../useAutosave';
import type { StageSize } from '../deck/DeckStage';
import { useFetchAhead } from '../useFetchAhead';
import { useKeys } from '../useKeys';
import { pressWorking } from '../working/pressWorking';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';

import { Findings } from './Findings';
import { Helps } from './Helps';
import { LoadPanel } from './LoadPanel';
import { Section } from './Section';
import { StageColumn } from './StageColumn';
import { Columns, FieldsPart, Left, Right, StagePart } from './Planner.styles';
import { Lines, NewLine } from './PlanLines';
import { PlanHead } from './PlanHead';
import { useDeckPick, usePicking } from './usePicking';
import { Tally } from './Tally';
import type { FactEntries } from '../locker/useGearFacts';
import { EditorProvider, usePlanner } from './usePlanner';
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
const PeopleStrip = dynamic(() => orNothing(import('./PeopleStrip').then((m) => m.PeopleStrip)), {
  ssr: false,
});
const RoadStrip = dynamic(() => orNothing(import('../road/RoadStrip').then((m) => m.RoadStrip)), {
  ssr: false,
});
const EnoughPanel = dynamic(() => orMissing(import('./EnoughPanel').then((m) => m.EnoughPanel)), {
  loading: () => null,
});
const TagRead = dynamic(() => orNothing(import('./TagRead').then((m) => m.TagRead)), {
  ssr: false,
});

/** What the planner opens on demand: on the road there may be no connection when it is wanted. */
const ON_DEMAND = [
  () => import('./LoadFields'),
  () => import('./LoadUnits'),
  () => import('./FrictionFields'),
  () => import('../deck/DeckAnchors'),
  () => import('./KeptBars'),
  () => import('./NotesFields'),
  () => import('./StrengthFields'),
  () => import('./ElementEditor'),
  () => import('./LineSettings'),
  () => import('./OtherSchools'),
  () => import('./PickedBar'),
  () => import('../deck/OnDeckList'),
  () => import('./AllRows'),
  () => import('./EnoughPanel'),
  () => import('./PlanConflict'),
  () => import('../kit/Modals'),
  () => import('../kit/SelectList'),
  () => import('../kit/ActionList'),
  () => import('../working/WorkingLevels'),
] as const;

/** Said while the verdict cannot follow what is changed. */
const NOT_JUDGED =
  'The verdict is of the plan as you opened it: what judges your changes could not be fetched. It is asked for again by itself.';

const PLANNER_KEYS = [
  ['1 to 9', 'pick a line'],
  ['[  and  ]', 'walk the elements of the picked line'],
  ['/', 'find a load (in the list)'],
] as const;

/** The planner: load, lines, tally, verdict. Recomputes as one types; keeps itself. */
export function Planner({
  stored,
  facts,
  assessment,
  scene,
}: {
  stored: StoredPlan;
  facts: FactEntries;
  /** What it comes to as it was served, in outline: the first picture shows it. */
  assessment: Assessment;
  /** How it is drawn. */
  scene: ServedScene;
}) {
  const { viewer } = useMember();
  const router = useRouter();
  const [news, hear] = useReducer((n: number) => n + 1, 0);
  const editor = usePlanner(stored.document, !viewer.canWrite, facts, assessment, news);
  const { save, words, resolve, follow, pending, version } = useAutosave(
    'PUT /plans/{id}',
    stored,
    editor.plan,
    viewer.canWrite,
    editor.replace,
  );
  const here = useLive('plans', stored.id, { version, follow, onNews: hear });
  useFetchAhead(ON_DEMAND);
  const [tied, setTied] = useState<readonly KnotId[] | null>(null);
  // The same knots are asked for again with every version: advice need not be looked for again.
  const learnTied = useCallback(
    (next: readonly KnotId[] | null) => setTied((now) => (equal(now, next) ? now : next)),
    [],
  );
  const advice = useAdvice(editor.plan, editor.gear, tied);
  const { room, picked, setPicked, walk, pickLine, showLine } = usePicking(editor);
  const { deckPick, pickOnDeck, chosen } = useDeckPick(editor, picked, setPicked);
  const chooseUnit = useCallback(
    (id: string): void => pickOnDeck({ kind: 'unit', id }),
    [pickOnDeck],
  );
  const [size, setSize] = useState<StageSize>('beside');
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const [keys, setKeys] = useState(false);
  const [alarm, setAlarm] = useState<string | null>(null);
  const showKeys = useCallback(() => setKeys(true), []);
  useKeys({
    '$mod+z': editor.undo,
    '$mod+Shift+z': editor.redo,
    '$mod+y': editor.redo,
    '[': () => walk(-1),
    ']': () => walk(1),
    w: () => pressWorking(room.current),
    '?': showKeys,
    ...Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8, 9].map((n) => [String(n), () => pickLine(n)])),
  });
  const openWorking = useCallback(
    (opened: OpenedWorking): void => {
      if (editor.whole) setWorking(opened);
      else setAlarm('The working is still being fetched: press again in a moment.');
    },
    [editor.whole],
  );
  const duplicate = useCallback(async (): Promise<void> => {
    const answer = await call('POST /plans/{id}/duplicate', { params: { id: stored.id } });
    if (answer.ok) router.push(`/loads/${answer.value.id}`);
    else setAlarm(messageOf(answer.problem));
  }, [router, stored.id]);
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
        here={here}
        alarm={alarm ?? (editor.failing ? NOT_JUDGED : save.state === 'not-kept' ? save.why : null)}
        printHref={`/loads/${stored.id}/print`}
        checkHref={`/loads/${stored.id}/check`}
        historyHref={`/loads/${stored.id}/history`}
        onKeys={showKeys}
        onExport={() => keepJson(editor.plan.title, editor.plan)}
        onDuplicate={duplicate}
      />
      <Columns $size={size} ref={room} aria-busy={!editor.whole}>
        <Left $size={size}>
          <StagePart $size={size}>
            <StageColumn
              editor={editor}
              served={scene}
              picked={deckPick}
              onPick={pickOnDeck}
              size={size}
              onSize={setSize}
              onShow={showLine}
              driveHref={`/loads/${stored.id}/drive`}
            />
          </StagePart>
          <FieldsPart $size={size}>
            <LoadPanel editor={editor} chosen={chosen} onChoose={chooseUnit} />
          </FieldsPart>
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
            draft={editor.draft}
          />
          {editor.readOnly ? null : (
            <Section title="The cheapest that is enough" summary="fewest lines, least rope">
              <EnoughPanel editor={editor} tied={tied} />
            </Section>
          )}
          <PeopleStrip planId={stored.id} version={version} onTied={learnTied} />
          <RoadStrip
            planId={stored.id}
            plan={editor.plan}
            onEdit={editor.readOnly ? null : editor.edit}
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
