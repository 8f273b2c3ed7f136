'use client';
import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import type { KnotId } from '@/core/knot/knots';
import {
  proposed,
  type ProposedChange,
  thingsOf,
  withChange,
} from '@/core/securement/enough/proposal';
import type { EnoughResult } from '@/core/securement/enough/result';
import { type GearFacts, gearFactIn } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { formatQuantity } from '@/core/units';
import { wordEnoughCost, wordEnoughProgress, wordProposed, wordWhy } from '@/wording/enough';
import { wordFinding } from '@/wording/findings';
import { useEnough } from '@/workers/useEnough';
import { useDraft } from '../deck/useDraft';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Cluster, Stack } from '../kit/layout';
import { Segments } from '../kit/Segments';
import { ErrorText, Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { askWholeLocker } from '../locker/askWholeLocker';
import type { PlanEditor } from './usePlanner';

const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Answer = styled.p`
  font: 680 18px/1.25 var(--font-figure);
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
`;

const MARGINS = [
  { id: '0', name: 'none' },
  { id: '0.1', name: '10 %' },
  { id: '0.25', name: '25 %' },
  { id: '0.5', name: '50 %' },
] as const;
type MarginId = (typeof MARGINS)[number]['id'];

/** What was found, and in which locker. */
interface Proposed {
  readonly result: EnoughResult;
  readonly locker: GearFacts;
}

function Wishes({ mats, setMats, protectors, setProtectors, margin, setMargin }: WishesProps) {
  return (
    <>
      <Segments
        label="Margin beyond what is asked"
        choices={MARGINS}
        value={margin}
        onChange={setMargin}
      />
      <Cluster>
        <Check selected={mats} onChange={setMats}>
          <span>anti-slip mats at hand</span>
        </Check>
        <Check selected={protectors} onChange={setProtectors}>
          <span>edge protectors at hand</span>
        </Check>
      </Cluster>
    </>
  );
}
interface WishesProps {
  readonly mats: boolean;
  readonly setMats: (on: boolean) => void;
  readonly protectors: boolean;
  readonly setProtectors: (on: boolean) => void;
  readonly margin: MarginId;
  readonly setMargin: (id: MarginId) => void;
}

/** What was found, to look at on the deck, and to take whole or line by line. */
function Found({ found: { result, locker }, editor, of, onTaken }: FoundProps) {
  const { units } = useMember();
  const { plan, hand, draft: store } = editor;
  const draft = useDraft(store);
  const { found } = result;
  if (found === null) return null;
  const left = found.changes.filter((c) => !proposed(plan, c));
  const whole = left.reduce(withChange, plan);
  const words = `The cheapest that is enough: ${wordEnoughCost(found.cost, units)}`;
  const shown = draft?.kind === 'proposal' && draft.words === words;
  const learn = (changes: readonly ProposedChange[]): void => {
    for (const c of changes)
      if (c.kind === 'add')
        for (const id of thingsOf(c.line)) {
          const fact = gearFactIn(locker, id);
          if (fact) hand.learn(id, fact);
        }
  };
  const show = (): void => {
    learn(left);
    store.set(shown ? null : { kind: 'proposal', plan: whole, words, assessment: null });
  };
  const take = (changes: readonly ProposedChange[]): void => {
    learn(changes);
    store.set(null);
    const next = changes.reduce(withChange, plan);
    // Somebody else's change may have come in since this was drawn: it stays.
    hand.edit((p) => (p === plan ? next : changes.reduce(withChange, p)));
    onTaken(next);
  };
  return (
    <>
      <Answer>
        <span>{wordEnoughCost(found.cost, units)}</span>
        {plan === of ? <VerdictMark verdict="holds" /> : null}
      </Answer>
      {plan === of ? null : (
        <Small role="status">The plan has changed since: look again to be sure.</Small>
      )}
      {found.changes.length === 0 ? <p>It is what is there already.</p> : null}
      <ul aria-label="What to change">
        {found.changes.map((c, i) => (
          <Row key={i}>
            <span>{wordProposed(c, plan.deck.anchors, units)}</span>
            {left.includes(c) ? (
              <Button
                $kind="quiet"
                onPress={() => take([c])}
                aria-label={`Take it: ${wordProposed(c, plan.deck.anchors, units)}`}
              >
                Take it
              </Button>
            ) : (
              <Small>taken</Small>
            )}
          </Row>
        ))}
      </ul>
      {left.length > 0 ? (
        <Cluster>
          <Button onPress={show} aria-pressed={shown}>
            {shown ? 'Leave it' : 'Show it on the deck'}
          </Button>
          <Button $kind="primary" onPress={() => take(left)}>
            {left.length < found.changes.length ? 'Take the rest' : 'Take all of it'}
          </Button>
        </Cluster>
      ) : null}
    </>
  );
}
interface FoundProps {
  readonly found: Proposed;
  readonly editor: PlanEditor;
  /** The plan it was found for. */
  readonly of: Plan | null;
  readonly onTaken: (next: Plan) => void;
}

const Lines = ({ children }: { children: readonly ReactNode[] }) => (
  <ul>
    {children.map((c, i) => (
      <li key={i}>
        <Small $block>{c}</Small>
      </li>
    ))}
  </ul>
);

/** Looks for the cheapest that is enough with what the locker has. */
export function EnoughPanel({
  editor,
  tied,
}: {
  editor: PlanEditor;
  /** Knots somebody of the crew is signed off in; null: any may be asked for. */
  tied: readonly KnotId[] | null;
}) {
  const { units } = useMember();
  const { progress, searching, result, begin, stop } = useEnough();
  const [margin, setMargin] = useState<MarginId>('0.1');
  const [mats, setMats] = useState(false);
  const [protectors, setProtectors] = useState(true);
  const [asked, setAsked] = useState<GearFacts | null>(null);
  const [of, setOf] = useState<Plan | null>(null);
  const [error, setError] = useState<string | null>(null);
  const look = async (): Promise<void> => {
    setError(null);
    const locker = await askWholeLocker();
    if (!locker.ok) return setError(locker.why);
    const { plan, gear } = editor;
    const facts: GearFacts = new Map([...(gear ?? []), ...locker.facts]);
    setAsked(facts);
    setOf(plan);
    const wishes = {
      marginPart: Number(margin),
      mats,
      protectors: protectors ? null : 0,
    };
    begin({ plan, locker: facts, wishes, tied });
  };
  const hand = formatQuantity(
    editor.plan.strength.handLimitN,
    'force',
    { ...units, ...(units.force === 'kN' ? { force: 'N' } : {}) },
    'nearest',
  );
  return (
    <>
      <Small $block>
        Fewest lines, then least rope, then least to do: of the lines that are there and new ones
        over the load, with ropes and straps of the locker that reach, knots your crew is signed off
        in, and a hand that pulls {hand}. Everything is looked through; what is left out is shown to
        be too little.
      </Small>
      <Wishes {...{ margin, setMargin, mats, setMats, protectors, setProtectors }} />
      <Cluster>
        {searching ? (
          <Button onPress={stop}>Stop, and say what there is</Button>
        ) : (
          <Button onPress={() => void look()}>{result ? 'Look again' : 'Look for it'}</Button>
        )}
      </Cluster>
      <Label role="status" aria-live="polite">
        {searching && progress ? wordEnoughProgress(progress, units) : ''}
      </Label>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {result ? (
        <Stack
          as="section"
          aria-label="What was found"
          data-enough={result.found ? 'found' : 'none'}
        >
          {result.refused.length > 0 ? (
            <Lines>{result.refused.map((f) => wordFinding(f, units))}</Lines>
          ) : (
            <>
              {asked ? (
                <Found found={{ result, locker: asked }} editor={editor} of={of} onTaken={setOf} />
              ) : null}
              <Lines>{wordWhy(result, units)}</Lines>
            </>
          )}
        </Stack>
      ) : null}
    </>
  );
}
