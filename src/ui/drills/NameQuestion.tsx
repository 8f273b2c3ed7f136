'use client';
import { tyingSide } from '@/core/knot/drawing/view';
import type { AskedAs } from '@/server/drills/question';
import { Button } from '../kit/Button';
import { KnotPicture } from './KnotPicture';
import { Small } from '../kit/text';
import { Beside, Choices, Marking, WhatTells } from './Marking';
import type { QuestionProps } from './question';

/** The knot; once it is named, from the side it is tied from: there what tells it is in sight. */
export function NamedPicture({
  asked,
  isShown,
  height,
}: {
  asked: AskedAs<'name'>;
  isShown: boolean;
  height?: string;
}) {
  const turned = isShown && asked.view.side !== 'mine';
  return (
    <div>
      <KnotPicture
        drawn={asked.drawn}
        view={isShown ? tyingSide(asked.view) : asked.view}
        thickness={asked.thickness}
        label={isShown ? 'The knot, from the side it is tied from' : 'The knot to be named'}
        height={height}
      />
      {turned ? <Small $block>Turned to the side it is tied from.</Small> : null}
    </div>
  );
}

/** A knot from any side: which is it? Four names, and then what tells it. */
export function NameQuestion({ asked, marked, sending, give }: QuestionProps<'name'>) {
  return (
    <Beside>
      <NamedPicture asked={asked} isShown={marked !== null} />
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
