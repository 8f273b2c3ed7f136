'use client';
import styled from 'styled-components';
import { Small } from '../kit/text';
import type { Other } from './useLive';

const Names = styled(Small)`
  display: block;
  & > b {
    display: inline-block;
    padding: 1px 8px 1px 16px;
    margin: 2px 6px 2px 0;
    border: var(--w-hair) solid var(--ink);
    background: radial-gradient(circle at 8px 50%, var(--ink) 2.5px, transparent 3px) var(--sheet);
  }
`;

/** Who else looks at this now, as tags, and whose change was taken in last. */
export function HereToo({ others, from }: { others: readonly Other[]; from: string | null }) {
  return (
    <Names role="status" data-here={others.length}>
      {others.length > 0 ? 'Here too: ' : ''}
      {others.map((o) => (
        <b key={o.id}>{o.name}</b>
      ))}
      {from === null ? '' : `Taken in what ${from} saved.`}
    </Names>
  );
}
