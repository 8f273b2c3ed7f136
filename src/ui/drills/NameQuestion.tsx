'use client';
import { Button } from '../kit/Button';
import { KnotPicture } from './KnotPicture';
import { Beside, Choices, Marking, WhatTells } from './Marking';
import type { QuestionProps } from './question';

/** A knot from any side: which is it? Four names, and then what tells it. */
export function NameQuestion({ asked, marked, sending, give }: QuestionProps<'name'>) {
  return (
    <Beside>
      <KnotPicture
        drawn={asked.drawn}
        view={asked.view}
        thickness={asked.thickness}
        label="The knot to be named"
      />
      {marked ? (
        <Marking
          grade={marked.grade}
          words={marked.grade === 'good' ? 'Right.' : `Not right. It is: ${marked.name}.`}
        >
          <WhatTells {...marked} />
        </Marking>
      ) : (
        <Choices role="group" aria-label="It is">
          {asked.options.map((o) => (
            <Button
              key={o.id}
              isDisabled={sending}
              onPress={() => give({ ask: 'name', number: asked.number, pick: o.id })}
            >
              {o.name}
            </Button>
          ))}
        </Choices>
      )}
    </Beside>
  );
}
