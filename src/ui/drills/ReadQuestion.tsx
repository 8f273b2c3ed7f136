'use client';
import type { Scene } from '@/core/securement/stage/scene';
import { StillDeck } from '../deck/StillDeck';
import { Button } from '../kit/Button';
import { Facts } from './Facts';
import { Beside, Choices, Marking } from './Marking';
import type { QuestionProps } from './question';

/** A deck, drawn and told line by line: what is wrong with it? Then the same deck with what is known of it. */
export function ReadQuestion({ asked, marked, sending, give }: QuestionProps<'read'>) {
  return (
    <Beside>
      <StillDeck
        scene={marked ? (marked.scene as Scene) : asked.scene}
        label={marked ? 'The deck, with what is wrong' : 'The deck to be read'}
      />
      <div>
        <p>{asked.load}</p>
        <Facts label="Straps" lines={asked.lines} />
        {marked ? (
          <Marking
            grade={marked.grade}
            words={marked.grade === 'good' ? 'Right.' : `Not right. ${marked.words}.`}
          >
            {marked.says.map((words) => (
              <p key={words}>{words}</p>
            ))}
          </Marking>
        ) : (
          <Choices role="group" aria-label="What is wrong">
            {asked.options.map((o) => (
              <Button
                key={o.id}
                isDisabled={sending}
                onPress={() => give({ ask: 'read', number: asked.number, says: o.id })}
              >
                {o.name}
              </Button>
            ))}
          </Choices>
        )}
      </div>
    </Beside>
  );
}
