'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { Facts, LogEntry } from '@/core/log/kept';
import type { Written } from '@/core/log/schema';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { entryTitle, wordEntry, wordLock, wordMaterial } from '@/wording/log';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Figure, Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { orMissing } from '../orMissing';
import { clock, CorrectedBy, day } from './EntryRow';
import type { EntryChoices } from './EntrySheet';
import { useZone } from './useZone';

const CorrectSheet = dynamic(() => orMissing(import('./EntrySheet').then((m) => m.CorrectSheet)), {
  loading: () => null,
});

const Page = styled.article`
  max-width: 860px;
  padding: 16px 24px 28px;
  display: grid;
  gap: 14px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Says = styled.p<{ $struck: boolean }>`
  font-size: 17px;
  line-height: 1.45;
  overflow-wrap: anywhere;
  ${({ $struck }) => $struck && 'text-decoration:line-through;color:var(--ink-2);'}
`;
const Pictures = styled.div`
  display: grid;
  gap: 12px;
  & > img {
    max-width: 100%;
    height: auto;
    border: var(--w-rule) solid var(--ink);
  }
`;
const Lines = styled.ol`
  list-style: none;
  padding: 0;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr) minmax(0, 1fr);
    gap: 4px 12px;
    padding: 8px 0;
    border-top: var(--w-hair) solid var(--line);
  }
  @media (max-width: 600px) {
    & > li {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      & > :first-child {
        grid-column: 1 / -1;
      }
    }
  }
`;

const force = (n: number | null, units: UnitChoice): string =>
  n === null ? 'not known' : formatQuantity(n, 'force', units, 'capacity');

/** The figures of what was secured, as they were. */
function Frozen({ frozen }: { frozen: NonNullable<Facts['frozen']> }) {
  const { units } = useMember();
  return (
    <section aria-label="As it was secured">
      <h2>As it was secured</h2>
      <Cluster $top={6} $bottom={8}>
        <VerdictMark verdict={frozen.verdict} />
        <span>
          version {frozen.version},{' '}
          {frozen.massKg === null ? 'mass not known' : formatQuantity(frozen.massKg, 'mass', units)}
          , on {frozen.deck}
        </span>
      </Cluster>
      <Lines aria-label="Lines">
        {frozen.lines.map((l) => (
          <li key={l.id}>
            <span>
              <b>{l.name}</b>
              <br />
              <Small>
                {wordMaterial(l.material)}; {wordLock(l.lock)}
              </Small>
            </span>
            <span>
              <Label>WLL{l.weakest ? `, at ${l.weakest}` : ''}</Label>
              <br />
              <Figure>{force(l.wllN, units)}</Figure>
            </span>
            <span>
              <Label>Keeps</Label>
              <br />
              <Figure>{force(l.keptN, units)}</Figure>
            </span>
          </li>
        ))}
      </Lines>
    </section>
  );
}

const WRITTEN: readonly string[] = ['securement', 're-tension', 'incident', 'note'];

/** What an entry said that can be said otherwise; null: it can only be taken back. */
const writtenIn = ({ body }: LogEntry): Written | null =>
  body?.kind === 'correction'
    ? body.instead
    : body && WRITTEN.includes(body.kind)
      ? (body as Written)
      : null;

/** Whether it can be corrected here: nothing corrected it, it says that something happened, and it is no rope's own history. */
const canCorrect = (entry: LogEntry): boolean =>
  entry.correctedBy === null &&
  entry.body !== null &&
  entry.kind !== 'rope-event' &&
  !(entry.body.kind === 'correction' && entry.body.instead === null);

/** One entry of the log, with everything that is kept of it. */
export function EntryPage({ entry, choices }: { entry: LogEntry; choices: EntryChoices }) {
  const { viewer, units } = useMember();
  const router = useRouter();
  const zone = useZone();
  const [correcting, setCorrecting] = useState(false);
  const mine = entry.by.id === viewer.id || viewer.role === 'lead' || viewer.role === 'instructor';
  const { body, facts } = entry;
  return (
    <Page>
      <div>
        <Label>
          <Link href="/log">Log</Link> · {day(entry.at, zone)}, {clock(entry.at, zone)} ·{' '}
          {entry.by.name}
        </Label>
        <h1>{entryTitle(entry)}</h1>
      </div>
      <div>
        <Says $struck={entry.correctedBy !== null}>{wordEntry(entry, units)}</Says>
        <CorrectedBy entry={entry} />
        {body?.kind === 'correction' ? (
          <Link href={`/log/${body.corrects}`}>The entry that this corrects</Link>
        ) : null}
        {facts.plan ? (
          <p>
            <Link href={`/loads/${facts.plan.id}`}>{facts.plan.title}</Link>, version{' '}
            {facts.plan.version}
            {' · '}
            <Link href={`/log?plan=${facts.plan.id}`}>everything of this load</Link>
          </p>
        ) : null}
        {facts.gear.map((g) => (
          <p key={g.id}>
            <Link href={`/locker/${g.id}`}>{g.code}</Link>
            {' · '}
            <Link href={`/log?gear=${g.id}`}>everything of {g.code}</Link>
          </p>
        ))}
      </div>
      <Pictures>
        {entry.photos.map((p, i) => (
          <img
            key={p.id}
            src={`/api/v1/log/photos/${p.id}`}
            alt={`Picture ${i + 1}`}
            width={p.widthPx}
            height={p.heightPx}
          />
        ))}
      </Pictures>
      {facts.frozen ? <Frozen frozen={facts.frozen} /> : null}
      <Small>Came here {entry.recordedAt.slice(0, 16).replace('T', ' ')} UTC.</Small>
      {mine && canCorrect(entry) ? (
        <div>
          <Button onPress={() => setCorrecting(true)}>Correct it</Button>
        </div>
      ) : null}
      {correcting ? (
        <CorrectSheet
          id={entry.id}
          written={writtenIn(entry)}
          choices={choices}
          onClose={() => setCorrecting(false)}
          onDone={() => {
            setCorrecting(false);
            router.refresh();
          }}
        />
      ) : null}
    </Page>
  );
}
