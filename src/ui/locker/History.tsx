'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { HistoryEntry } from '@/core/gear/events';
import { readHistory, type ReadEntry } from '@/core/gear/history';
import { wordDay, wordFindings, wordHappening } from '@/wording/gear';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Small } from '../kit/text';
import { CorrectionSheet } from './RecordSheets';
import type { LockerItem } from './useLockerList';
import { Spaced } from '../kit/layout';

const List = styled.ol`
  position: relative;
  padding-left: 26px;
  &::before {
    content: '';
    position: absolute;
    left: 6px;
    top: 10px;
    bottom: 10px;
    width: 6px;
    border: 1px solid var(--rope-ink);
    background: repeating-linear-gradient(
      28deg,
      var(--rope-ink) 0 1px,
      var(--rope) 1px 3px,
      var(--rope-lit) 3px 5px,
      var(--rope) 5px 7px
    );
  }
`;
const Entry = styled.li<{ $struck: boolean }>`
  position: relative;
  padding: 9px 0;
  border-bottom: var(--w-hair) solid var(--line);
  display: flex;
  gap: 10px;
  align-items: flex-start;
  &::before {
    content: '';
    position: absolute;
    left: -24px;
    top: 14px;
    width: 14px;
    height: 8px;
    background: var(--plate);
  }
  & > div {
    flex: 1;
    min-width: 0;
  }
  & p {
    font-size: 15px;
    line-height: 1.35;
    overflow-wrap: anywhere;
  }
  ${({ $struck }) => $struck && '& [data-said]{text-decoration:line-through;color:var(--ink-2)}'}
`;

function OneEntry({
  entry,
  item,
  canCorrect,
}: {
  entry: ReadEntry;
  item: LockerItem;
  canCorrect: boolean;
}) {
  const { units } = useMember();
  const [open, setOpen] = useState(false);
  const { body } = entry;
  if (body.kind === 'corrected') {
    return (
      <Entry $struck={false}>
        <div>
          <p>
            Corrected an earlier entry:{' '}
            {body.instead ? wordHappening(body.instead, units) : 'it is taken back'}. {body.reason}
          </p>
          <Small>
            {wordDay(entry.at.slice(0, 10))}, {entry.by}
          </Small>
        </div>
      </Entry>
    );
  }
  return (
    <Entry $struck={entry.correctedBy !== null}>
      <div>
        <p data-said>{wordHappening(body, units)}</p>
        {body.kind === 'inspected' && body.found.length > 0 ? (
          <ul>
            {wordFindings(item.document.item.kind, body.found, units).map((text) => (
              <li key={text}>
                <Small>{text}</Small>
              </li>
            ))}
          </ul>
        ) : null}
        {entry.correctedBy ? (
          <p>
            <Small>
              Corrected by {entry.correctedBy.by}, {wordDay(entry.correctedBy.at.slice(0, 10))}
              :{' '}
            </Small>
            {entry.counts ? wordHappening(entry.counts, units) : 'taken back'}
          </p>
        ) : null}
        <Small>
          {wordDay(entry.at.slice(0, 10))}, {entry.by}
        </Small>
      </div>
      {canCorrect ? (
        <Button $kind="quiet" onPress={() => setOpen(true)}>
          Correct
        </Button>
      ) : null}
      {open ? (
        <CorrectionSheet item={item} entry={entry} body={body} onClose={() => setOpen(false)} />
      ) : null}
    </Entry>
  );
}

/** Everything that happened to a thing, latest first. Nothing is changed here: a correction is a later entry. */
export function History({ item, entries }: { item: LockerItem; entries: readonly HistoryEntry[] }) {
  const { viewer } = useMember();
  return (
    <section aria-label="History">
      <Spaced as="h2" $bottom={6}>
        History
      </Spaced>
      <List>
        {readHistory(entries)
          .toReversed()
          .map((e) => (
            <OneEntry key={e.id} entry={e} item={item} canCorrect={viewer.canRecordGear} />
          ))}
      </List>
    </section>
  );
}
