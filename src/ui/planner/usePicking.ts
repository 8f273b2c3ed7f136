'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { weakElement } from '@/core/securement/stage/weak-element';
import type { DeckPick } from '../deck/pick';
import type { Picked } from './LineCard';
import type { PlanEditor } from './usePlanner';

/** The element that is picked. */
export function usePicking(editor: PlanEditor) {
  const [picked, setPicked] = useState<Picked | null>(null);
  const room = useRef<HTMLDivElement>(null);
  const line = editor.plan.lines.find((l) => l.id === picked?.lineId);
  const walk = (by: -1 | 1): void => {
    if (!line || !picked) return;
    const at = line.elements.findIndex((e) => e.id === picked.elementId);
    const next = line.elements[(at + by + line.elements.length) % line.elements.length];
    if (next) setPicked({ lineId: line.id, elementId: next.id });
  };
  const showLine = useCallback((n: number): void => {
    room.current?.querySelector(`[data-line="${n}"]`)?.scrollIntoView({ block: 'nearest' });
  }, []);
  const pickLine = (n: number): void => {
    const target = editor.plan.lines[n - 1];
    const first = target?.elements[0];
    if (target && first) setPicked({ lineId: target.id, elementId: first.id });
    showLine(n);
  };
  return { room, picked, setPicked, walk, pickLine, showLine };
}

/** What is picked on the deck. A line that is picked there is picked among the strength lines, at its weak place, and the other way round. */
export function useDeckPick(
  { assessment }: PlanEditor,
  picked: Picked | null,
  setPicked: (picked: Picked | null) => void,
) {
  const [own, setOwn] = useState<DeckPick | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const lineId = picked?.lineId;
  const deckPick = useMemo(
    (): DeckPick | null => (lineId === undefined ? own : { kind: 'line', id: lineId }),
    [lineId, own],
  );
  const lines = useRef(assessment.lines);
  /** A line that was picked before anybody judged it: its strength line is picked as soon as there is one. */
  const awaited = useRef<string | null>(null);
  const pickLine = useCallback(
    (id: string | null): void => {
      const facts = lines.current.find((f) => f.line.id === id);
      const weak = facts ? weakElement(facts.capacity) : null;
      awaited.current = id !== null && !facts ? id : null;
      setPicked(facts && weak ? { lineId: facts.line.id, elementId: weak.elementId } : null);
    },
    [setPicked],
  );
  useEffect(() => {
    lines.current = assessment.lines;
    if (awaited.current !== null && assessment.lines.some((f) => f.line.id === awaited.current))
      pickLine(awaited.current);
  }, [assessment, pickLine]);
  const pickOnDeck = useCallback(
    (pick: DeckPick | null): void => {
      setOwn(pick);
      if (pick?.kind === 'unit') setChosen(pick.id);
      pickLine(pick?.kind === 'line' ? pick.id : null);
    },
    [pickLine],
  );
  return { deckPick, pickOnDeck, chosen };
}
