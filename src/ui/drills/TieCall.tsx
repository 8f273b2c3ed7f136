'use client';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { DONE_UNDER, type DoneUnder } from '@/core/training/standing/done-under';
import { wordSeconds } from '@/wording/drill-words';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Cluster, Stack } from '../kit/layout';
import { FullScreen } from '../kit/Sheet';
import { useAwake, useVoice } from '../knots/useHandsBusy';

const Room = styled.div`
  min-height: 100dvh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 12px;
  padding: 16px 20px 24px;
  background: var(--canvas);
  color: var(--ink);
`;
const Call = styled.div`
  align-self: center;
  display: grid;
  gap: 14px;
  & > h2 {
    font: 740 clamp(34px, 7vw, 84px)/1.05 var(--font-figure);
  }
  & > p {
    font: 500 clamp(20px, 3vw, 34px)/1.25 var(--font-read);
  }
`;
const Large = styled(Button)`
  min-height: 96px;
  width: 100%;
  font-size: 24px;
`;

type Stage =
  | { readonly at: 'called' }
  | { readonly at: 'tying'; readonly fromMs: number }
  | { readonly at: 'tied'; readonly tookMs: number };

/** Keys that are meant for the browser or the dialog, and so are not "any key". */
const NOT_ANY = ['Escape', 'Tab', 'Shift', 'Control', 'Alt', 'Meta'];

/** The call over the whole screen: begun and ended by a tap anywhere or any key; in the dark it gives as little light as it can. */
export function TieCall({
  title,
  under,
  points,
  onKeep,
  onClose,
}: {
  title: string;
  under: DoneUnder;
  points: readonly string[];
  onKeep: (tookMs: number, points: readonly boolean[]) => void;
  onClose: () => void;
}) {
  const [stage, setStage] = useState<Stage>({ at: 'called' });
  const [right, setRight] = useState<readonly boolean[]>(points.map(() => false));
  const { available, say } = useVoice();
  useAwake();
  useEffect(() => {
    if (available) say(`${title}, ${DONE_UNDER[under]}.`);
  }, [available, say, title, under]);
  const go = (): void => {
    if (stage.at === 'called') setStage({ at: 'tying', fromMs: performance.now() });
    else if (stage.at === 'tying')
      setStage({
        at: 'tied',
        tookMs: Math.max(300, Math.round(performance.now() - stage.fromMs)),
      });
  };
  const latest = useRef(go);
  useEffect(() => {
    latest.current = go;
  });
  const waits = stage.at !== 'tied';
  useEffect(() => {
    if (!waits) return;
    // Before any button hears it: whoever has rope in hand presses what is near.
    const press = (e: KeyboardEvent): void => {
      if (e.repeat || NOT_ANY.includes(e.key)) return;
      e.preventDefault();
      e.stopPropagation();
      latest.current();
    };
    window.addEventListener('keydown', press, { capture: true });
    return () => window.removeEventListener('keydown', press, { capture: true });
  }, [waits]);
  return (
    <FullScreen label={`${title}, ${DONE_UNDER[under]}`} open onClose={onClose}>
      <Room data-stage={stage.at} {...(under === 'dark' ? { 'data-theme': 'night' } : {})}>
        <Cluster>
          <Button $kind="quiet" onPress={onClose}>
            Leave
          </Button>
        </Cluster>
        {stage.at === 'tied' ? (
          <Stack $gap={10}>
            <h2>{wordSeconds(stage.tookMs)}</h2>
            <p>Now look at it. What is right?</p>
            <div role="group" aria-label="What is right">
              {points.map((p, i) => (
                <Check key={p} selected={right[i]!} onChange={(on) => setRight(right.with(i, on))}>
                  {p}
                </Check>
              ))}
            </div>
          </Stack>
        ) : (
          <Call onClick={go}>
            <h2>{title}</h2>
            <p>{DONE_UNDER[under]}</p>
            <p role="status">
              {stage.at === 'called'
                ? 'Rope in hand? Tap anywhere or press any key to begin.'
                : 'Tie it. Tap anywhere or press any key when it is dressed and set.'}
            </p>
          </Call>
        )}
        {stage.at === 'tied' ? (
          <Large $kind="primary" onPress={() => onKeep(stage.tookMs, right)}>
            {right.every(Boolean) ? 'Keep it: clean' : 'Keep it: fumbled'}
          </Large>
        ) : (
          <Large $kind={stage.at === 'called' ? 'primary' : 'plain'} onPress={go}>
            {stage.at === 'called' ? 'Begin' : 'Done'}
          </Large>
        )}
      </Room>
    </FullScreen>
  );
}
