'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { memo, useCallback, useDeferredValue, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import type { ServedScene } from '@/core/securement/stage/scene';
import type { Plan } from '@/core/securement/plan';
import type { LineMake } from '@/core/securement/vocabulary';
import { wordFault } from '@/wording/stage';
import { wordCount } from '@/wording/text';
import { useHoldMap } from '@/workers/useHoldMap';
import type { DeckPick } from '../deck/pick';
import { DeckStage, type StageSize } from '../deck/DeckStage';
import { MapWords } from '../deck/MapWords';
import { useDraftJudged } from '../deck/useDraft';
import { useScene, useSceneMaker } from '../deck/useScene';
import { useMember } from '../frame/MemberContext';
import { ButtonLink } from '../kit/Button';
import { orMissing } from '../orMissing';
import { Section } from './Section';
import type { PlanEditor, PlanHand } from './usePlanner';

const PickedBar = dynamic(() => orMissing(import('./PickedBar').then((m) => m.PickedBar)), {
  loading: () => null,
});
const OnDeckList = dynamic(
  () => orMissing(import('../deck/OnDeckList').then((m) => m.OnDeckList)),
  {
    loading: () => null,
  },
);

const Faults = styled.ul`
  display: grid;
  gap: 4px;
  padding: 4px 0 8px;
  & li {
    padding-left: 10px;
    border-left: 4px solid var(--signal);
    font-size: 14px;
    line-height: 1.3;
  }
`;

/**
 * The plan as the stage shows it: at once when it is changed there, and when it is changed in a field as soon as typing leaves
 * time.
 */
function useOnStage(plan: Plan, edit: PlanHand['edit']) {
  const later = useDeferredValue(plan);
  const [byHand, setByHand] = useState(false);
  if (byHand && later === plan) setByHand(false);
  const onEdit: PlanHand['edit'] = useCallback(
    (change, key) => {
      setByHand(true);
      edit(change, key);
    },
    [edit],
  );
  return { shown: byHand ? plan : later, onEdit };
}

/** The deck, what is wrong on it, what is picked, and everything on it in words. */
export const StageColumn = memo(function StageColumn({
  editor,
  served,
  picked,
  onPick,
  size,
  onSize,
  onShow,
  driveHref,
}: {
  editor: PlanEditor;
  /** The plan as it was drawn when it was served. */
  served: ServedScene;
  picked: DeckPick | null;
  onPick: (picked: DeckPick | null) => void;
  size: StageSize;
  onSize: (size: StageSize) => void;
  onShow: (number: number) => void;
  driveHref: string;
}) {
  const { units } = useMember();
  const { plan, drawn, assessment, hand, draft } = editor;
  const [make, setMake] = useState<LineMake>('rope');
  const stage = useRef<HTMLElement>(null);
  const takeKeys = useCallback(
    (): void =>
      stage.current
        ?.querySelector<SVGElement>('[data-picture=plan][role=button][tabindex="0"]')
        ?.focus(),
    [],
  );
  const hold = useHoldMap(drawn);
  useDraftJudged(draft, editor.gear ?? LOCKER_NOT_ASKED);
  // What was proposed for the plan as it was says nothing of the plan as it is.
  useEffect(() => () => draft.set(null), [plan, draft]);
  const maker = useSceneMaker();
  const { shown, onEdit } = useOnStage(plan, hand.edit);
  const scene = useScene(maker, shown, assessment, served, drawn !== shown);
  return (
    <>
      <DeckStage
        plan={shown}
        assessment={assessment}
        scene={scene}
        make={maker}
        draft={draft}
        map={hold.map}
        picked={picked}
        onPick={onPick}
        onEdit={editor.readOnly ? null : onEdit}
        lineMake={make}
        size={size}
        onSize={onSize}
        stage={stage}
      />
      <MapWords map={hold.map} fresh={hold.fresh} plan={drawn} />
      <ButtonLink as={Link} $kind="quiet" href={driveHref} prefetch={false}>
        Take it for a test drive
      </ButtonLink>
      {scene.faults.length > 0 ? (
        <Faults aria-label="Marked on the deck">
          {scene.faults.map((f, i) => (
            <li key={i}>{wordFault(f, scene, units)}</li>
          ))}
        </Faults>
      ) : null}
      {editor.readOnly ? null : (
        <PickedBar
          plan={plan}
          hand={hand}
          picked={picked}
          onPick={onPick}
          make={make}
          onMake={setMake}
          onKeys={takeKeys}
          onShow={onShow}
        />
      )}
      <Section
        title="Everything on the deck"
        summary={`${wordCount(scene.load.length, 'unit')} and ${wordCount(scene.lines.length, 'line')}`}
      >
        <OnDeckList scene={scene} picked={picked} onPick={onPick} />
      </Section>
    </>
  );
});
