'use client';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { AskedAs, Drawn } from '@/server/drills/question';
import type { PicturePoint } from '@/core/training/soundness/soundness';
import { Button } from '../kit/Button';
import { KnotPicture } from './KnotPicture';
import { Beside, Choices, Marking, WhatTells } from './Marking';
import type { MarkedAs, QuestionProps } from './question';

const dot = `
  position: absolute;
  transform: translate(-50%, -50%);
  width: 18px;
  height: 18px;
  border-radius: 50%;
  padding: 0;
`;
const Dot = styled(AriaButton)`
  ${dot}
  border: 2.5px solid var(--ink);
  background: color-mix(in srgb, var(--sheet) 60%, transparent);
  cursor: pointer;
  &[data-hovered] {
    background: var(--sheet);
  }
  &[aria-pressed='true'] {
    background: var(--ink);
    box-shadow: 0 0 0 5px var(--sheet);
  }
`;
/** Two rings round the crossing that is turned over. */
const Ring = styled.span`
  ${dot}
  width: 46px;
  height: 46px;
  border: 4px double var(--signal);
  pointer-events: none;
`;

const wordsOf = ({ grade, answer }: MarkedAs<'look'>): string => {
  if (grade === 'good') return answer === 'right' ? 'Right: it is tied right.' : 'Right.';
  if (grade === 'hard') return 'Wrong it is; but not there.';
  return answer === 'right' ? 'Not so: it is tied right.' : 'Not so: it is tied wrong.';
};

function Explained({ marked }: { marked: MarkedAs<'look'> }) {
  return (
    <Marking grade={marked.grade} words={wordsOf(marked)}>
      {marked.mistake ? (
        <p>
          <b>{marked.mistake.name}.</b> {marked.mistake.says}
        </p>
      ) : null}
      {typeof marked.answer === 'number' ? (
        <p>
          <b>The one move that mends it:</b> at the ringed crossing take what lies over to the other
          side, so that it lies under.
        </p>
      ) : marked.answer === 'otherwise' ? (
        <p>No one crossing mends it: tie it again.</p>
      ) : null}
      <WhatTells {...marked} />
    </Marking>
  );
}

const Pair = styled.div<{ $two: boolean }>`
  display: grid;
  grid-template-columns: repeat(${({ $two }) => ($two ? 2 : 1)}, minmax(0, 1fr));
  gap: 10px;
  & figcaption {
    font: 600 14px/1.3 var(--font-figure);
  }
`;

/** The same knot as it should be, beside the one that is not. What is tied otherwise lies otherwise: then no crossing is the same. */
function ShouldBe({ marked, asked }: { marked: MarkedAs<'look'>; asked: AskedAs<'look'> }) {
  const { answer, mistake } = marked;
  const at = typeof answer === 'number' && !mistake ? asked.crossings[answer]! : null;
  return (
    <figure>
      <KnotPicture
        drawn={marked.shouldBe as Drawn}
        view={asked.view}
        label="The knot as it should be"
        over={(place) => (at ? <Ring style={place(at.x, at.y)} /> : null)}
      />
      <figcaption>As it should be</figcaption>
    </figure>
  );
}

/** A knot that is meant to be one: is it? And where not, at which crossing it goes wrong. */
export function LookQuestion({ asked, marked, sending, give }: QuestionProps<'look'>) {
  const [pointing, setPointing] = useState(false);
  const [at, setAt] = useState<number | null>(null);
  const nearest = ({ x, y }: PicturePoint): number => {
    const far = asked.crossings.map((c) => Math.hypot(c.x - x, c.y - y));
    return far.indexOf(Math.min(...far));
  };
  const says = (what: 'right' | 'otherwise' | number): void =>
    give({ ask: 'look', number: asked.number, says: what });
  return (
    <>
      <p>
        It is meant to be: <b>{asked.name}</b>, {asked.way.toLowerCase()}.
      </p>
      <Beside $wide>
        <Pair $two={Boolean(marked?.shouldBe)}>
          <figure>
            <KnotPicture
              drawn={asked.drawn}
              view={asked.view}
              label="The knot to be looked at"
              onPoint={pointing && !marked ? (p) => setAt(nearest(p)) : undefined}
              over={(place) =>
                marked ? (
                  typeof marked.answer === 'number' ? (
                    <Ring
                      style={place(
                        asked.crossings[marked.answer]!.x,
                        asked.crossings[marked.answer]!.y,
                      )}
                    />
                  ) : null
                ) : pointing ? (
                  asked.crossings.map((c, i) => (
                    <Dot
                      key={i}
                      style={place(c.x, c.y)}
                      aria-label={`Crossing ${i + 1}`}
                      isDisabled={sending}
                      aria-pressed={i === at}
                      onPress={() => setAt(i)}
                    />
                  ))
                ) : null
              }
            />
            {marked?.shouldBe ? <figcaption>As it is shown</figcaption> : null}
          </figure>
          {marked?.shouldBe ? <ShouldBe marked={marked} asked={asked} /> : null}
        </Pair>
        {marked ? (
          <Explained marked={marked} />
        ) : pointing ? (
          <Choices role="group" aria-label="Where">
            <p>Point at the crossing that makes it wrong: turned over, all would be right.</p>
            <Button
              $kind="primary"
              isDisabled={sending || at === null}
              onPress={() => at !== null && says(at)}
            >
              That is the crossing
            </Button>
            <Button isDisabled={sending} onPress={() => says('otherwise')}>
              No one crossing: it is tied otherwise
            </Button>
            <Button $kind="quiet" onPress={() => setPointing(false)}>
              Back
            </Button>
          </Choices>
        ) : (
          <Choices role="group" aria-label="Is it?">
            <Button isDisabled={sending} onPress={() => says('right')}>
              It is tied right
            </Button>
            <Button onPress={() => setPointing(true)}>Something is wrong</Button>
          </Choices>
        )}
      </Beside>
    </>
  );
}
