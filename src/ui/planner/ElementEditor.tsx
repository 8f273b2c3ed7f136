'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import { knot } from '@/core/knot/knots';
import { type Alternative, alternatives } from '@/core/line/alternatives';
import { knotsIn } from '@/core/line/elements';
import type { ElementKindId } from '@/core/line/schema';
import { lineContext, sharingOf } from '@/core/securement/assess';
import type { Line } from '@/core/securement/schema';
import { formatQuantity } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink, IconButton } from '../kit/Button';
import { Select } from '../kit/Select';
import { Label, Small } from '../kit/text';
import { ElementForm } from './forms/ElementForm';
import { FromLibrary } from './FromLibrary';
import { FromLocker } from './FromLocker';
import { newElement } from '@/core/line/compose';
import { type PlanEditor, useEditor } from './usePlanner';
import { wordDoubts } from '@/wording/doubts';
import { ELEMENT_KINDS, wordKind } from '@/wording/figures';
import { orMissing } from '../orMissing';

/** The whole bench is fetched when it is asked for. */
const PlanBench = dynamic(() => orMissing(import('./PlanBench').then((m) => m.PlanBench)), {
  ssr: false,
});

const Box = styled.section`
  border: var(--w-strong) solid var(--ink);
  background: var(--sheet);
  margin-top: -2px;
  position: relative;
  z-index: 1;
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  padding: 4px 6px 4px 14px;
  border-bottom: var(--w-hair) solid var(--line);
  & > h3 {
    margin-right: auto;
  }
`;
const Choices = styled.ul`
  display: flex;
  overflow-x: auto;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Choice = styled(AriaButton)<{ $now: boolean }>`
  display: block;
  width: 146px;
  min-height: 92px;
  padding: 9px 12px;
  border: 0;
  border-right: var(--w-hair) solid var(--line);
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
  font-family: var(--font-figure);
  ${({ $now }) =>
    $now &&
    css`
      background: var(--sunk);
    `} &[data-hovered] {
    background: var(--sunk);
  }
  & > b {
    display: block;
    font-size: 18px;
    font-weight: 740;
    font-stretch: 108%;
    line-height: 1.15;
  }
  & > em {
    display: block;
    font: 640 13px/1.2 var(--font-figure);
    margin: 2px 0;
  }
  & > small {
    display: block;
    font-size: 12px;
    line-height: 1.25;
    color: var(--ink-2);
  }
`;
const Form = styled.div`
  padding: 12px 14px;
`;
const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-end;
  padding: 0 14px 12px;
  & > div {
    min-width: 170px;
  }
`;

/** "+27 %" or "same" or "not known". */
const percent = (change: number | null): string =>
  change === null
    ? 'not known'
    : Math.abs(change) < 0.005
      ? 'same'
      : `${change > 0 ? '+' : '−'}${Math.abs(Math.round(change * 100))} %`;

function AlternativeChoice({ a, onPick }: { a: Alternative; onPick: () => void }) {
  const { units } = useMember();
  const force = (n: number | null): string =>
    n === null ? 'not known' : formatQuantity(n, 'force', units, 'capacity');
  return (
    <li>
      <Choice $now={a.current} onPress={onPick} aria-current={a.current ? 'true' : undefined}>
        <b>{a.current ? 'now' : percent(a.hereChange)}</b>
        <em>{a.label}</em>
        <small>
          {a.hint ? `${a.hint}. ` : ''}here {force(a.hereN)}
        </small>
        {a.doubts.length > 0 ? <small data-doubts>{wordDoubts(a)}</small> : null}
        <small>
          line {a.current ? '' : `${percent(a.lineChange)}, `}
          {force(a.lineWllN)}
        </small>
      </Choice>
    </li>
  );
}

function AddElement({
  line,
  index,
  editor,
  onAdded,
}: {
  line: Line;
  index: number;
  editor: PlanEditor;
  onAdded: (id: string) => void;
}) {
  const [kind, setKind] = useState<ElementKindId>('edge');
  const add = (): void => {
    const element = newElement(kind, line.elements);
    editor.editLine(line.id, (l) => ({
      ...l,
      elements: l.elements.toSpliced(index + 1, 0, element),
    }));
    onAdded(element.id);
  };
  return (
    <Foot>
      <div>
        <Select
          label="Put after it"
          value={kind}
          onChange={setKind}
          choices={ELEMENT_KINDS.map((id) => ({ id, name: wordKind(id) }))}
        />
      </div>
      <Button onPress={add}>Add</Button>
    </Foot>
  );
}

/** The picked element: what else could be here, what suits first; its own figures; order and removal. */
export function ElementEditor({
  line,
  elementId,
  onPick,
}: {
  line: Line;
  elementId: string;
  onPick: (id: string | null) => void;
}) {
  const { units } = useMember();
  const editor = useEditor();
  const index = line.elements.findIndex((e) => e.id === elementId);
  const element = line.elements[index];
  const { plan } = editor;
  const [bench, setBench] = useState(false);
  const list = useMemo(
    () => alternatives(line.elements, index, lineContext(plan, line, sharingOf(plan))),
    [plan, line, index],
  );
  if (!element) return null;
  const [tied] = knotsIn(element);
  const stage = tied ? knot(tied).taught : null;
  // What the bench can draw.
  const pulls = element.kind === 'truckers' || element.kind === 'tackle';
  const move = (by: -1 | 1): void =>
    editor.editLine(line.id, (l) => {
      const elements = [...l.elements];
      [elements[index], elements[index + by]] = [elements[index + by]!, elements[index]!];
      return { ...l, elements };
    });
  const remove = (): void => {
    editor.editLine(line.id, (l) => ({
      ...l,
      elements: l.elements.filter((e) => e.id !== elementId),
    }));
    onPick(null);
  };
  const set = (change: object): void =>
    editor.editElement(
      line.id,
      elementId,
      (e) => ({ ...e, ...change }) as typeof e,
      `${line.id}/${elementId}/${Object.keys(change).join()}`,
    );
  return (
    <Box aria-label={`Picked: ${wordKind(element.kind)}`}>
      <Head>
        <h3>{list.length > 0 ? 'What else could be here' : wordKind(element.kind)}</h3>
        {list.length > 0 ? <Small>what suits first, then the strongest</Small> : null}
        {pulls && !editor.readOnly ? (
          <Button $kind="quiet" onPress={() => setBench(true)}>
            Open the pull bench
          </Button>
        ) : null}
        {stage ? (
          <ButtonLink as={Link} $kind="quiet" href={`/knots/${stage.entry}?form=${stage.form}`}>
            How to tie it
          </ButtonLink>
        ) : null}
        {editor.readOnly ? null : (
          <>
            <IconButton
              aria-label="Move toward the start"
              isDisabled={index === 0}
              onPress={() => move(-1)}
            >
              ←
            </IconButton>
            <IconButton
              aria-label="Move toward the end"
              isDisabled={index === line.elements.length - 1}
              onPress={() => move(1)}
            >
              →
            </IconButton>
            <Button $kind="quiet" onPress={remove}>
              Remove
            </Button>
          </>
        )}
        <IconButton aria-label="Close this element" onPress={() => onPick(null)}>
          ×
        </IconButton>
      </Head>
      {list.length > 0 ? (
        <Choices>
          {list.map((a) => (
            <AlternativeChoice key={a.key} a={a} onPick={() => set(a.element)} />
          ))}
        </Choices>
      ) : null}
      {pulls ? <FromLibrary element={element} /> : null}
      {'gearId' in element ? (
        <FromLocker line={line} element={element} editor={editor} set={set} />
      ) : null}
      {editor.readOnly ? (
        <Form>
          <Label>Your role reads plans; it does not change them.</Label>
        </Form>
      ) : (
        <>
          <Form>
            <ElementForm element={element} set={set} units={units} anchors={plan.deck.anchors} />
          </Form>
          <AddElement line={line} index={index} editor={editor} onAdded={onPick} />
        </>
      )}
      {bench && pulls ? (
        <PlanBench line={line} element={element} editor={editor} onClose={() => setBench(false)} />
      ) : null}
    </Box>
  );
}
