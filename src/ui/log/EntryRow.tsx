'use client';
import Link from 'next/link';
import styled from 'styled-components';
import type { LogEntry } from '@/core/log/kept';
import { entryTitle, wordEntry } from '@/wording/log';
import { useMember } from '../frame/MemberContext';
import { Label, Small } from '../kit/text';
import { KindMark } from './KindMark';

const Row = styled.li`
  display: grid;
  grid-template-columns: 52px 34px minmax(0, 1fr) auto;
  gap: 2px 12px;
  align-items: start;
  padding: 10px 0;
  border-top: var(--w-hair) solid var(--line);
  @media (max-width: 600px) {
    grid-template-columns: 30px minmax(0, 1fr);
    & > time {
      grid-column: 2;
      grid-row: 1;
    }
    & > svg {
      grid-row: 1 / span 2;
    }
    & > div {
      grid-column: 2;
    }
  }
`;
const Time = styled.time`
  font: 620 14px/1.5 var(--font-figure);
  font-variant-numeric: tabular-nums;
  color: var(--ink-2);
`;
const Title = styled(Link)`
  font: 680 16px/1.3 var(--font-figure);
  text-decoration-thickness: 1px;
  overflow-wrap: anywhere;
`;
const Says = styled.p<{ $struck: boolean }>`
  font-size: 15px;
  line-height: 1.4;
  overflow-wrap: anywhere;
  ${({ $struck }) => $struck && 'text-decoration:line-through;color:var(--ink-2);'}
`;
const Pictures = styled.div`
  display: flex;
  gap: 6px;
  & > img {
    width: 72px;
    height: 54px;
    object-fit: cover;
    border: var(--w-hair) solid var(--ink);
  }
`;

/** By what an entry was corrected, in a line. */
export function CorrectedBy({ entry: { correctedBy: c } }: { entry: LogEntry }) {
  return c ? (
    <Small $block>
      {c.withdrawn ? 'Never happened' : 'It was otherwise'}: {c.reason} ({c.by}).{' '}
      {c.withdrawn ? null : <Link href={`/log/${c.id}`}>What it says now</Link>}
    </Small>
  ) : null;
}

/** One entry in the log: when, of what kind, what it says, by whom. */
export function EntryRow({ entry, zone }: { entry: LogEntry; zone: string }) {
  const { units } = useMember();
  const { facts, by } = entry;
  return (
    <Row data-entry={entry.kind}>
      <Time dateTime={entry.at}>{clock(entry.at, zone)}</Time>
      <KindMark of={entry.kind} />
      <div>
        <Title href={`/log/${entry.id}`} prefetch={false}>
          {entryTitle(entry)}
        </Title>
        <Says $struck={entry.correctedBy !== null}>{wordEntry(entry, units)}</Says>
        <CorrectedBy entry={entry} />
        <Label>
          <Link href={`/log?person=${by.id}`} prefetch={false}>
            {by.name}
          </Link>
          {facts.plan?.deck ? (
            <>
              {' · '}
              <Link href={`/log?deck=${encodeURIComponent(facts.plan.deck)}`} prefetch={false}>
                {facts.plan.deck}
              </Link>
            </>
          ) : null}
          {facts.gear.slice(0, MOST_TAGS).map((g) => (
            <span key={g.id}>
              {' · '}
              <Link href={`/log?gear=${g.id}`} prefetch={false}>
                {g.code}
              </Link>
            </span>
          ))}
          {facts.gear.length > MOST_TAGS ? ` and ${facts.gear.length - MOST_TAGS} more` : ''}
        </Label>
      </div>
      <Pictures>
        {entry.photos.map((p, i) => (
          <img
            key={p.id}
            src={`/api/v1/log/photos/${p.id}`}
            alt={`Picture ${i + 1} of ${entryTitle(entry)}`}
            loading="lazy"
          />
        ))}
      </Pictures>
    </Row>
  );
}

const MOST_TAGS = 4;

/** A time of day where somebody is. */
export const clock = (iso: string, zone: string): string =>
  new Date(iso).toLocaleTimeString('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  });

/** The day of a time where somebody is, in words. */
export const day = (iso: string, zone: string): string =>
  new Date(iso).toLocaleDateString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: zone,
  });
