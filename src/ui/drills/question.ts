import type { Asked, AskedAs } from '@/server/drills/question';
import type { AnswerOf, BodyOf } from '../routes';

/** What is said to an answer. */
export type Marked = AnswerOf<'POST /drills/marks'>;
export type MarkedAs<A extends Asked['ask']> = Extract<Marked, { readonly ask: A }>;
export type Given = BodyOf<'POST /drills/marks'>;

/** What every manner of asking is drawn from. */
export interface QuestionProps<A extends Asked['ask']> {
  readonly asked: AskedAs<A>;
  /** Null until it is answered. */
  readonly marked: MarkedAs<A> | null;
  readonly error: string | null;
  readonly sending: boolean;
  readonly give: (answer: Given) => void;
  readonly onProblem: (words: string | null) => void;
}
