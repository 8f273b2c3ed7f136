'use client';
import { useCallback, useState } from 'react';
import styled from 'styled-components';
import type { BenchLine } from '@/core/bench/figures';
import type { BenchSystem, RiggingDocument } from '@/core/bench/rigging';
import type { ElementOf } from '@/core/line/schema';
import { lineContext, sharingOf } from '@/core/securement/assess';
import type { Line } from '@/core/securement/schema';
import { BenchTable } from '../bench/BenchTable';
import { elementOf } from '@/core/bench/compose';
import { useBench } from '../bench/useBench';
import { usePulling } from '../bench/usePulling';
import { Button } from '../kit/Button';
import { FullScreen } from '../kit/Sheet';
import { Label } from '../kit/text';
import { benchOfLine, lineWithSystem } from '@/core/bench/in-plan';
import type { PlanEditor } from './usePlanner';

const Page = styled.div`
  height: 100%;
  overflow: auto;
  background: var(--canvas);
`;
const Head = styled.header`
  position: sticky;
  top: 0;
  z-index: 4;
  background: var(--canvas);
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 10px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  & > :first-child {
    margin-right: auto;
  }
  @media (max-width: 600px) {
    padding: 8px 12px;
  }
`;

/** The pull bench in the plan: the line's own rope, ends and system; what is chosen goes back into the line. */
export function PlanBench({
  line,
  element,
  editor,
  onClose,
}: {
  line: Line;
  element: ElementOf<'truckers'> | ElementOf<'tackle'>;
  editor: PlanEditor;
  onClose: () => void;
}) {
  const withChoice = useCallback(
    (l: Line, system: BenchSystem): Line =>
      lineWithSystem(l, element.id, system, (id) => elementOf(system, id, element.fromRigging)),
    [element],
  );
  const facts = editor.assessment.lines.find((l) => l.line.id === line.id);
  const [initial] = useState(() =>
    benchOfLine(editor.plan, line, element, facts?.shape.routeLengthM ?? null),
  );
  const { plan } = editor;
  // The plan's own line, edges and fittings and all: the bench must not promise more than the plan will hold.
  const lineOf = useCallback(
    (doc: RiggingDocument): BenchLine => ({
      elements: withChoice(line, doc.system).elements,
      context: lineContext(plan, line, sharingOf(plan)),
    }),
    [plan, line, withChoice],
  );
  const bench = useBench(initial, lineOf);
  const pulling = usePulling(bench);
  const take = (): void => {
    editor.editLine(line.id, (l) => withChoice(l, bench.doc.system));
    onClose();
  };
  return (
    <FullScreen label={`Pull bench of ${line.name}`} open onClose={onClose}>
      <Page>
        <Head>
          <div>
            <Label>{editor.plan.title}</Label>
            <h1>{line.name}</h1>
          </div>
          <Button onPressStart={pulling.start} onPressEnd={pulling.stop}>
            Pull
          </Button>
          <Button onPress={() => bench.tie(!bench.tied)} aria-pressed={bench.tied}>
            {bench.tied ? 'Untie' : 'Tie off'}
          </Button>
          <Button $kind="quiet" isDisabled={!bench.canUndo} onPress={bench.undo}>
            Undo
          </Button>
          <Button $kind="primary" onPress={take}>
            Take it into the plan
          </Button>
          <Button onPress={onClose}>Leave it as it was</Button>
        </Head>
        <BenchTable bench={bench} title={line.name} />
      </Page>
    </FullScreen>
  );
}
