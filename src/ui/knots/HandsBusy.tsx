'use client';
import { Volume2, VolumeX } from 'lucide-react';
import { type CSSProperties, type KeyboardEvent, useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '../kit/Button';
import { FullScreen } from '../kit/Sheet';
import { Hidden, Small } from '../kit/text';
import { StagePicture } from './StagePicture';
import { PACES_S, useAwake, usePace, useVoice } from './useHandsBusy';
import type { StageState } from './useStage';

const Left = styled(Small)`
  color: inherit;
`;

const Room = styled.div`
  height: 100dvh;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto auto auto;
  outline: none;
`;
const Top = styled.header`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  padding: 10px 12px;
`;
const Tap = styled.div`
  min-height: 0;
  padding: 4px 12px;
  cursor: pointer;
  touch-action: manipulation;
`;
const Line = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 14px;
  padding: 4px 16px 14px;
  align-items: start;
  & > b {
    background: var(--plate);
    color: var(--on-plate);
    min-width: 46px;
    height: 46px;
    display: grid;
    place-items: center;
    font: 720 28px/1 var(--font-figure);
  }
  & > p {
    font: 680 clamp(26px, 4.4vw, 46px)/1.12 var(--font-figure);
    font-stretch: 92%;
  }
  & > p > small {
    display: block;
    font: 400 clamp(17px, 2vw, 24px)/1.3 var(--font-read);
    color: var(--ink-2);
    margin-top: 4px;
  }
`;
const Rope = styled.div`
  height: 14px;
  border-top: 2px dotted var(--line);
  margin-top: 6px;
  position: relative;
`;
const Run = styled.i`
  position: absolute;
  left: 0;
  top: -8px;
  height: 14px;
  background: repeating-linear-gradient(115deg, var(--rope) 0 7px, var(--rope-ink) 7px 8.5px);
  border: 1.5px solid var(--rope-ink);
  border-left: 0;
  width: var(--part);
`;
const Foot = styled.footer`
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) 84px;
  border-top: var(--w-rule) solid var(--ink);
  & > button {
    min-height: 84px;
    border: 0;
  }
`;
const Paces = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  display: grid;
  gap: 0;
`;

interface Props {
  readonly state: StageState;
  readonly onDone: () => void;
  readonly thickness: number;
  /** Colours of the rope chosen: a dialog stands outside the stage and does not inherit them. */
  readonly ropeStyle: CSSProperties;
}

/** Hands on the rope: a huge picture, one line, the next step by itself, by any key, or by a tap anywhere. */
export function HandsBusy(props: Props) {
  return (
    <FullScreen label={`${props.state.stage.facts.name}, hands-busy`} open onClose={props.onDone}>
      <Inside {...props} />
    </FullScreen>
  );
}

function Inside({ state, onDone, thickness, ropeStyle }: Props) {
  const {
    step,
    show,
    steps,
    stage: { facts },
  } = state;
  const [pace, setPace] = useState(2);
  const [held, setHeld] = useState(false);
  const [aloud, setAloud] = useState(true);
  const { available, say, hush } = useVoice();
  const awake = useAwake();
  const last = step === steps.length - 1;
  const next = (): void => {
    if (!last) show(step + 1);
  };
  const paceS = PACES_S[pace]!;
  const part = usePace(paceS, !held && !last, step, next);
  const now = steps[step]!;
  useEffect(() => {
    if (aloud) say(`${step + 1}. ${now.say} ${now.look}`);
    else hush();
  }, [aloud, step, now, say, hush]);
  const key = (event: KeyboardEvent): void => {
    if (
      event.key === 'Escape' ||
      event.key === 'Tab' ||
      event.key === 'Shift' ||
      event.ctrlKey ||
      event.metaKey ||
      event.altKey
    )
      return;
    // A button in focus keeps its own keys.
    if (event.target instanceof HTMLButtonElement && (event.key === 'Enter' || event.key === ' '))
      return;
    event.preventDefault();
    if (event.key === 'ArrowLeft' || event.key === 'Backspace') show(step - 1);
    else next();
  };
  const left = Math.max(1, Math.ceil(paceS * (1 - part)));
  return (
    <Room
      style={ropeStyle}
      onKeyDown={key}
      tabIndex={-1}
      ref={(e) => {
        if (e && !e.contains(document.activeElement)) e.focus();
      }}
      data-hands-busy={step + 1}
    >
      <Top>
        <Button onPress={onDone}>Done</Button>
        <Small>
          {facts.name} · {state.view.side === 'mine' ? 'my side' : 'facing me'}
          {state.view.leftHanded ? ' · left-handed' : ''}
          {awake ? ' · screen stays on' : ''}
        </Small>
        {available ? (
          <Button
            aria-label={aloud ? 'Reading aloud. Stop' : 'Read aloud'}
            aria-pressed={aloud}
            onPress={() => setAloud(!aloud)}
          >
            {aloud ? <Volume2 size={22} aria-hidden /> : <VolumeX size={22} aria-hidden />}
          </Button>
        ) : (
          <span />
        )}
      </Top>
      <Tap onClick={next} data-tap>
        <StagePicture
          {...state.data}
          labels={[]}
          thickness={thickness}
          title={`${facts.name}, step ${step + 1}: ${now.say}`}
        />
      </Tap>
      <Line onClick={next}>
        <b aria-hidden>{step + 1}</b>
        <p>
          {now.say}
          <small>{now.look}</small>
        </p>
        <Hidden role="status">{`Step ${step + 1} of ${steps.length}. ${now.say} ${now.look}`}</Hidden>
      </Line>
      <Rope aria-hidden>{last ? null : <Run style={{ '--part': `${part * 100}%` }} />}</Rope>
      <Foot>
        <Button onPress={() => show(step - 1)} isDisabled={step === 0}>
          Back
        </Button>
        {last ? (
          <Button $kind="primary" onPress={() => show(0)}>
            From the start again
          </Button>
        ) : (
          <Button $kind="primary" onPress={next}>
            <span>
              Tap anywhere: next
              <br />
              <Left>{held ? 'held: goes on when you tap' : `by itself in ${left} s`}</Left>
            </span>
          </Button>
        )}
        <Paces>
          <Button $kind="quiet" aria-pressed={held} onPress={() => setHeld(!held)}>
            {held ? 'Go on' : 'Hold on'}
          </Button>
          <Button
            $kind="quiet"
            aria-label={`${paceS} s a step. Change the pace`}
            onPress={() => setPace((pace + 1) % PACES_S.length)}
          >
            {paceS} s
          </Button>
        </Paces>
      </Foot>
    </Room>
  );
}
