'use client';
import type { Asked, AskedAs } from '@/server/drills/question';
import type { TalkWall } from '@/server/talk/leading';
import type { MarkedAs } from '../drills/question';
import { Rows } from './wallParts';

export type Spread = NonNullable<TalkWall['spread']>;

/** How many answered that; null: what is right. */
export const countOf = (spread: Spread, instead: string | null): number =>
  spread.filter((s) => s.instead === instead).reduce((n, s) => n + s.count, 0);

/** A question on the big screen. `right`: null until the answer is shown. */
export interface WallProps<A extends Asked['ask']> {
  readonly asked: AskedAs<A>;
  readonly right: MarkedAs<A> | null;
  readonly spread: Spread;
}

/** Names to choose from; once shown how many chose each, and the right one on dark ground. */
export function Options({
  options,
  right,
  spread,
}: {
  options: readonly { readonly id: string; readonly name: string }[];
  right: string | null;
  spread: Spread;
}) {
  return (
    <Rows aria-label="Answers">
      {options.map((o) => (
        <li key={o.id} {...(o.id === right ? { 'data-right': '' } : {})}>
          <span>{o.name}</span>
          {right === null ? null : <b>{countOf(spread, o.id === right ? null : o.id)}</b>}
        </li>
      ))}
    </Rows>
  );
}
