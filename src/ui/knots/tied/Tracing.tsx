'use client';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import type { ShippedForm } from '@/core/knot/shape/frames';
import type { TraceForm } from '@/server/knots-tied';
import { againstInWords } from '@/wording/traced';
import { useNaming } from '@/workers/useNaming';
import { Button } from '../../kit/Button';
import { Select } from '../../kit/Select';
import { Cluster, Stack } from '../../kit/layout';
import { ErrorText, Label, Small } from '../../kit/text';
import { TraceAnswer } from './TraceAnswer';
import { TraceSheet } from './TraceSheet';
import { type Tool, useTracing } from './useTracing';

const Room = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 392px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Left = styled.div`
  padding: 12px 24px 16px 20px;
  display: grid;
  gap: 10px;
  min-width: 0;
  @media (max-width: 760px) {
    padding: 8px 12px 12px;
  }
`;
const Right = styled.div`
  padding: 14px 24px 20px 20px;
  border-left: var(--w-hair) solid var(--line);
  min-width: 0;
  @media (max-width: 900px) {
    border-left: 0;
    padding: 4px 12px 16px;
  }
`;
const Answer = styled.section`
  border: var(--w-rule) solid var(--ink);
  background: var(--sheet);
  padding: 14px;
  min-height: 170px;
`;

const TOOLS: readonly (readonly [Tool, string, string])[] = [
  [
    'rope',
    'Rope',
    'Trace the rope as it lies, from its standing part to its end, in one go. Lead both ends straight out.',
  ],
  ['pole', 'Pole', 'Draw the pole, rail or line it is tied to, straight across.'],
  ['ring', 'Ring', 'Drag from the middle of the ring to its rim.'],
  ['cleat', 'Cleat', 'Draw the cleat from horn to horn.'],
  ['holds', 'Holds', 'Tap the loop, or bight, that holds something: a hook, a post, a load.'],
];

const NONE = '—';

/** Forms that may be laid down or wanted, as a list of choices. */
function choicesOf(forms: readonly TraceForm[], none: string): { id: string; name: string }[] {
  return [
    { id: NONE, name: none },
    ...forms
      .filter((f) => f.tips !== null)
      .map((f) => ({
        id: f.name,
        name: `${f.entryName}: ${f.formName}${f.says === null ? '' : ' (a mistake)'}`,
      })),
  ];
}

/** A knot traced on the sheet, named while it is drawn, and held against the one that was meant. */
export function Tracing({ forms }: { forms: readonly TraceForm[] }) {
  const tracing = useTracing();
  const [tool, setTool] = useState<Tool>('rope');
  const [wanted, setWanted] = useState(NONE);
  const [laid, setLaid] = useState(NONE);
  const [failed, setFailed] = useState(false);
  const byName = useMemo(() => new Map(forms.map((f) => [f.name, f])), [forms]);
  const examples = useMemo(() => choicesOf(forms, 'nothing yet'), [forms]);
  const meant = useMemo(
    () =>
      choicesOf(
        forms.filter((f) => f.says === null),
        'any knot',
      ),
    [forms],
  );
  const answer = useNaming(tracing.read?.sketch ?? null, wanted === NONE ? null : wanted);
  const layDown = async (name: string): Promise<void> => {
    setLaid(name);
    const form = byName.get(name);
    if (!form) return tracing.clear();
    try {
      const response = await fetch(`/knot-forms/${name.replace('/', '--')}.json`);
      tracing.layDown(form, (await response.json()) as ShippedForm);
      setFailed(false);
    } catch {
      setFailed(true);
    }
  };
  const { against } = answer ?? {};
  const pointed = against?.kind === 'crossings' ? against.crossings : [];
  const unclear = tracing.read?.unclear.length ?? 0;
  return (
    <Room>
      <Left>
        <Cluster $gap={6} role="group" aria-label="What you draw">
          {TOOLS.map(([id, name]) => (
            <Button
              key={id}
              $kind={tool === id ? 'primary' : 'plain'}
              aria-pressed={tool === id}
              onPress={() => setTool(id)}
            >
              {name}
            </Button>
          ))}
          <Button
            $kind="quiet"
            isDisabled={tracing.drawing.lines.length === 0}
            onPress={tracing.back}
          >
            Take the last line away
          </Button>
          <Button
            $kind="quiet"
            isDisabled={tracing.drawing.lines.length === 0}
            onPress={() => void layDown(NONE)}
          >
            Begin anew
          </Button>
        </Cluster>
        <p>
          {TOOLS.find(([id]) => id === tool)![2]} Then tap each crossing until the right strand lies
          on top.
        </p>
        <TraceSheet
          tracing={tracing}
          tool={tool}
          pointed={pointed}
          words="Trace the rope here, with a finger, pen or mouse."
        />
      </Left>
      <Right>
        <Stack $gap={14}>
          <Answer aria-live="polite" aria-label="What it is">
            {answer ? (
              <TraceAnswer naming={answer.naming} forms={byName} />
            ) : tracing.read ? (
              <p>Looking…</p>
            ) : (
              <p>What you trace is named here, while you draw.</p>
            )}
          </Answer>
          {unclear > 0 ? (
            <Small $block>
              An end stops inside the knot. It is taken to go straight on, behind everything; lead
              it out to be sure.
            </Small>
          ) : null}
          <Select label="I meant to tie" value={wanted} choices={meant} onChange={setWanted} />
          {against && wanted !== NONE ? (
            <p role="status">
              {againstInWords(against, byName.get(wanted)?.entryName.toLowerCase() ?? '')}
            </p>
          ) : null}
          <Stack $gap={4}>
            <Select
              label="Lay a form of ours down, to try it"
              value={laid}
              choices={examples}
              onChange={(name) => void layDown(name)}
            />
            <Small $block>
              Turn one of its crossings over and see what it becomes, or whether it still holds.
            </Small>
            {failed ? (
              <ErrorText>Its drawing could not be fetched. Try again with a connection.</ErrorText>
            ) : null}
          </Stack>
          <Label>
            Judged by how the rope runs, not by how tight or neat it is. It says nothing of the
            rope.
          </Label>
        </Stack>
      </Right>
    </Room>
  );
}
