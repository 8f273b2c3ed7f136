'use client';
import dynamic from 'next/dynamic';
import type { Asked } from '@/server/drills/question';
import { orMissing } from '../orMissing';
import { ChooseQuestion } from './ChooseQuestion';
import { LookQuestion } from './LookQuestion';
import { NameQuestion } from './NameQuestion';
import { OrderQuestion } from './OrderQuestion';
import type { Marked, MarkedAs, QuestionProps } from './question';
import { ReckonQuestion } from './ReckonQuestion';

/** A deck's drawing is fetched only where a deck is asked about. */
const ReadQuestion = dynamic(
  () => orMissing(import('./ReadQuestion').then((m) => m.ReadQuestion)),
  {
    loading: () => null,
  },
);

const GovernQuestion = dynamic(
  () => orMissing(import('./GovernQuestion').then((m) => m.GovernQuestion)),
  { loading: () => null },
);

/** Nor is rope drawn from close by anywhere else. */
const InspectQuestion = dynamic(
  () => orMissing(import('./InspectQuestion').then((m) => m.InspectQuestion)),
  { loading: () => null },
);

/** A question in whatever manner it is asked. */
export function AnyQuestion({
  asked,
  marked,
  ...rest
}: Omit<QuestionProps<'name'>, 'asked' | 'marked'> & {
  asked: Asked;
  marked: Marked | null;
}) {
  const as = <A extends Asked['ask']>(): MarkedAs<A> | null => marked as MarkedAs<A> | null;
  switch (asked.ask) {
    case 'reckon':
      return <ReckonQuestion asked={asked} marked={as<'reckon'>()} {...rest} />;
    case 'name':
      return <NameQuestion asked={asked} marked={as<'name'>()} {...rest} />;
    case 'look':
      return <LookQuestion asked={asked} marked={as<'look'>()} {...rest} />;
    case 'order':
      return <OrderQuestion asked={asked} marked={as<'order'>()} {...rest} />;
    case 'choose':
      return <ChooseQuestion asked={asked} marked={as<'choose'>()} {...rest} />;
    case 'read':
      return <ReadQuestion asked={asked} marked={as<'read'>()} {...rest} />;
    case 'govern':
      return <GovernQuestion asked={asked} marked={as<'govern'>()} {...rest} />;
    case 'inspect':
      return <InspectQuestion asked={asked} marked={as<'inspect'>()} {...rest} />;
  }
}
