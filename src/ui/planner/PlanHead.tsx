'use client';
import Link from 'next/link';
import { memo, type RefObject, useCallback, useEffect, useRef, useState } from 'react';
import { RULE_SET_IDS, RULE_SET_TITLES, type RuleSetId } from '@/core/securement/rule-set-ids';
import type { Verdict } from '@/core/securement/verdict';
import { totalMassKg } from '@/core/securement/load/describe';
import { formatQuantity, formatTogether } from '@/core/units';
import { VERDICT_WORDS } from '@/wording/verdicts';
import { capital } from '@/wording/text';
import { useDraft } from '../deck/useDraft';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Select } from '../kit/Select';
import { SaveWords } from '../kit/SaveWords';
import { Label, Small } from '../kit/text';
import { HereToo } from '../live/HereToo';
import type { useLive } from '../live/useLive';
import { headline } from '@/wording/headline';
import type { PlanEditor, PlanHand } from './usePlanner';
import {
  Head,
  Name,
  Banner,
  Swatch,
  Word,
  Say,
  Actions,
  Side,
  Stay,
  Strip,
  Alarm,
} from './PlanHead.styles';

const RULE_CHOICES = RULE_SET_IDS.map((id) => ({ id, name: RULE_SET_TITLES[id].name }));

const Rules = memo(function Rules({ ruleSet: id, hand }: { ruleSet: RuleSetId; hand: PlanHand }) {
  const choose = useCallback(
    (next: RuleSetId): void => hand.edit((p) => ({ ...p, ruleSet: next })),
    [hand],
  );
  return <Select<RuleSetId> label="Rules" value={id} choices={RULE_CHOICES} onChange={choose} />;
});

/** Whether an element is in sight. Before anybody knows it counts as in sight. */
function useInSight(): {
  readonly ref: RefObject<HTMLDivElement | null>;
  readonly inSight: boolean;
} {
  const ref = useRef<HTMLDivElement>(null);
  const [inSight, setInSight] = useState(true);
  useEffect(() => {
    const watch = new IntersectionObserver(([entry]) => setInSight(entry!.isIntersecting));
    if (ref.current) watch.observe(ref.current);
    return () => watch.disconnect();
  }, []);
  return { ref, inSight };
}

/** The verdict once more while the head has scrolled away, so that nobody changes a line without seeing what it does. */
function StayingVerdict({
  verdict,
  words,
  shown,
  old,
}: {
  verdict: Verdict;
  words: string;
  shown: boolean;
  old: boolean;
}) {
  return (
    <Stay aria-hidden>
      {shown ? (
        <Strip data-is={verdict} data-staying-verdict={verdict} aria-busy={old}>
          {verdict === 'holds' ? null : <Swatch data-is={verdict} />}
          <Word data-is={verdict}>{VERDICT_WORDS[verdict]}</Word>
          <Say>{words}</Say>
        </Strip>
      ) : null}
    </Stay>
  );
}

interface HeadActionsProps {
  readonly canWrite: boolean;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onDuplicate: () => void;
  readonly checkHref: string;
  readonly historyHref: string;
  readonly onKeys: () => void;
}

/** Actions that stay the same while a plan is typed in: drawn again only when one of them changes. */
const HeadActions = memo(function HeadActions(props: HeadActionsProps) {
  const { canWrite, canUndo, canRedo, onUndo, onRedo, onDuplicate } = props;
  return (
    <>
      {canWrite ? (
        <>
          <Button $kind="quiet" onPress={onDuplicate}>
            Duplicate
          </Button>
          <Button $kind="quiet" isDisabled={!canUndo} onPress={onUndo}>
            Undo
          </Button>
          <Button $kind="quiet" isDisabled={!canRedo} onPress={onRedo}>
            Redo
          </Button>
        </>
      ) : null}
      <ButtonLink as={Link} $kind="quiet" href={props.checkHref} prefetch={false}>
        Check
      </ButtonLink>
      <ButtonLink as={Link} $kind="quiet" href={props.historyHref}>
        History
      </ButtonLink>
      <Button $kind="quiet" onPress={props.onKeys} aria-label="Keys">
        ?
      </Button>
    </>
  );
});

/** What it is, the verdict, and the actions that matter. */
export function PlanHead({
  editor,
  saved,
  pending,
  version,
  here,
  alarm,
  onExport,
  onDuplicate,
  printHref,
  checkHref,
  historyHref,
  onKeys,
}: {
  editor: PlanEditor;
  saved: string;
  pending: boolean;
  version: number;
  here: ReturnType<typeof useLive>;
  alarm: string | null;
  onExport: () => void;
  onDuplicate: () => void;
  printHref: string;
  checkHref: string;
  historyHref: string;
  onKeys: () => void;
}) {
  const { units, viewer, setUnits } = useMember();
  const { plan, assessment } = editor;
  const [first, ...others] = plan.units;
  const mass = totalMassKg(plan.units);
  const size =
    first && others.length === 0
      ? formatTogether([first.lengthM, first.widthM, first.heightM], 'length', units)
      : `${plan.units.length} units`;
  const other = viewer.units === 'metric' ? 'us' : 'metric';
  const { ref, inSight } = useInSight();
  const draft = useDraft(editor.draft);
  // While something is tried, the word is of what is tried.
  const shown = draft?.assessment ?? assessment;
  const words = draft?.assessment
    ? `${capital(draft.words)}: ${headline(shown, units)}`
    : headline(shown, units);
  const old = editor.drawn !== plan || (draft !== null && draft.assessment === null);
  const { verdict } = shown;
  return (
    <>
      <Head>
        <Name>
          <div>
            <Label>
              <Link href="/loads">Loads</Link> / {viewer.crewName}
            </Label>
            <h1>{plan.title}</h1>
            <Small>
              {mass === null ? 'mass not known' : formatQuantity(mass, 'mass', units)}, {size},{' '}
              {plan.deck.name}
            </Small>
          </div>
          <Rules ruleSet={plan.ruleSet} hand={editor.hand} />
        </Name>
        <Banner
          ref={ref}
          data-is={verdict}
          role="status"
          data-verdict={verdict}
          data-tried={draft !== null}
          aria-busy={old}
        >
          {verdict === 'holds' ? null : <Swatch data-is={verdict} aria-hidden />}
          <Word data-is={verdict}>{VERDICT_WORDS[verdict]}</Word>
          <Say>{words}</Say>
        </Banner>
        <Actions>
          <ButtonLink $kind="primary" href={printHref}>
            Print sheet
          </ButtonLink>
          <Button
            onPress={() => setUnits(other)}
            aria-label={`Units: ${units.force}, ${units.mass}, ${units.length}. Change`}
          >
            {units.force}, {units.mass}, {units.length}
          </Button>
        </Actions>
        {alarm ? <Alarm role="alert">{alarm}</Alarm> : null}
        <Side>
          <Small>
            {RULE_SET_TITLES[plan.ruleSet].edition}. {RULE_SET_TITLES[plan.ruleSet].scope}
          </Small>
          <Button $kind="quiet" onPress={onExport}>
            Export
          </Button>
          <HeadActions
            canWrite={viewer.canWrite}
            canUndo={editor.canUndo}
            canRedo={editor.canRedo}
            onUndo={editor.undo}
            onRedo={editor.redo}
            onDuplicate={onDuplicate}
            checkHref={checkHref}
            historyHref={historyHref}
            onKeys={onKeys}
          />
          <HereToo {...here} />
          <SaveWords words={saved} pending={pending} version={version} canWrite={viewer.canWrite} />
        </Side>
      </Head>
      <StayingVerdict verdict={verdict} words={words} shown={!inSight} old={old} />
    </>
  );
}
