'use client';
import { useState } from 'react';
import type { Place } from '@/core/training/inspecting/inspecting';
import { placeWords } from '@/wording/inspecting';
import { capital } from '@/wording/text';
import { Button } from '../kit/Button';
import { Stack } from '../kit/layout';
import { Beside, Choices, Marking } from './Marking';
import type { QuestionProps } from './question';
import { RopeLaidOut } from './RopeLaidOut';

/** A rope laid out: is there anything on it, where, and what becomes of it? Then the same with the place ringed. */
export function InspectQuestion({ asked, marked, sending, give }: QuestionProps<'inspect'>) {
  const [at, setAt] = useState<Place | null>(null);
  const wrongly = marked && at !== null && !marked.places.includes(at) ? [at] : [];
  return (
    <>
      <p>{asked.rope}</p>
      <Beside $wide>
        <RopeLaidOut
          asked={asked}
          at={at}
          isDisabled={sending}
          {...(marked
            ? {
                told: [
                  ...marked.places.map((place) => ({ place, right: true })),
                  ...wrongly.map((place) => ({ place, right: false })),
                ],
              }
            : { onPoint: setAt })}
        />
        <Stack $gap={14}>
          <p>
            <b>Hand, nose and questions:</b> {asked.felt}
          </p>
          {marked ? (
            <Marking grade={marked.grade} words={marked.words}>
              {marked.says.map((words) => (
                <p key={words}>{words}</p>
              ))}
            </Marking>
          ) : at === null || at === 'none' ? (
            <Choices role="group" aria-label="Where">
              <p>Point at the damage on the rope, or at its tag.</p>
              <Button isDisabled={sending} onPress={() => setAt('whole')}>
                It is all along the rope
              </Button>
              <Button
                isDisabled={sending}
                onPress={() => {
                  setAt('none');
                  give({
                    ask: 'inspect',
                    number: asked.number,
                    place: 'none',
                    decision: 'goes-on',
                  });
                }}
              >
                There is nothing: it goes on
              </Button>
            </Choices>
          ) : (
            <Choices role="group" aria-label="What becomes of it">
              <p>
                <b>{capital(placeWords(at))}.</b> What becomes of the rope?
              </p>
              {asked.decisions.map((d) => (
                <Button
                  key={d.id}
                  isDisabled={sending}
                  onPress={() =>
                    give({ ask: 'inspect', number: asked.number, place: at, decision: d.id })
                  }
                >
                  {d.name}
                </Button>
              ))}
              <Button $kind="quiet" onPress={() => setAt(null)}>
                Look elsewhere
              </Button>
            </Choices>
          )}
        </Stack>
      </Beside>
    </>
  );
}
