'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { LINE_MAKES, type LineMake, MOST_LINES } from '@/core/securement/vocabulary';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import type { OpenWorking } from '../working/WorkingFigure';
import { LineCard, type Picked } from './LineCard';
import { AddLine } from './Planner.styles';
import type { PlanEditor } from './usePlanner';

/**
 * With many lines they are most of the page, and a key in a field of the load changes none of them: what was painted of all of them
 * is taken again, also where they move. Each clip inside would be put together anew for every picture, so they have none.
 */
const Cards = styled.div`
  contain: content;
  overflow-clip-margin: 20px;
`;

/** Every line of the plan. They are most of what there is to draw, so each is drawn again only when something of it changes. */
export function Lines({
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
  return (
    <Cards>
      {editor.plan.lines.map((line, i) => {
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
      })}
    </Cards>
  );
}

/** Where the next line is begun. */
export function NewLine({ editor }: { editor: PlanEditor }) {
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
