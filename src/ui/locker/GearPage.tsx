'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { inspectionDue } from '@/core/gear/due';
import type { InspectionIntervals } from '@/core/gear/intervals';
import type { HistoryEntry } from '@/core/gear/events';
import { soundParts } from '@/core/gear/history';
import { ROPE_MATERIALS } from '@/core/rope/materials';
import type { Strength } from '@/core/securement/schema';
import { formatNumber, formatQuantity } from '@/core/units';
import type { UsingPlan } from '@/db/queries/plan-gear';
import { DUE_WORDS, wordDay, wordDue, wordItem } from '@/wording/gear';
import { wordCount } from '@/wording/text';
import { call, messageOf } from '../api';
import { RopeLength } from '../diagrams/RopeLength';
import { keepJson } from '../files';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { ButtonLink } from '../kit/Button';
import { ConditionMark } from '../kit/ConditionMark';
import { Tag } from '../kit/Tag';
import { ErrorText, Label, Small } from '../kit/text';
import { GearForm } from './GearForm';
import { History } from './History';
import { CutSheet, type TextRecord, TextSheet } from './RecordSheets';
import { Schools } from './Schools';
import type { LockerItem } from './useLockerList';
import { useTagToPage } from './useTagReader';
import { Page, Head, Title, Columns, Facts, Lying } from './GearPage.styles';
import { Spaced, Stack } from '../kit/layout';

type Sheet = 'change' | 'cut' | TextRecord | null;

function LabelFacts({ item }: { item: LockerItem }) {
  const { units } = useMember();
  const { document: gear } = item;
  const force = (n: number | null): string =>
    n === null ? 'not on the label' : formatQuantity(n, 'force', units, 'capacity');
  const day = (d: string | null): string => (d === null ? 'not known' : wordDay(d));
  return (
    <section aria-label="What is known of it">
      <Spaced as="h2" $bottom={6}>
        Label and purchase
      </Spaced>
      <Facts>
        <dt>
          <Label>Breaking strength</Label>
        </dt>
        <dd>
          {force(gear.item.mbsN)}
          {gear.item.mbsN === null && gear.item.kind === 'rope' ? ': the table counts half' : ''}
        </dd>
        <dt>
          <Label>Marked WLL</Label>
        </dt>
        <dd>{gear.item.markedWllN === null ? 'none' : force(gear.item.markedWllN)}</dd>
        {gear.item.kind === 'rope' ? (
          <>
            <dt>
              <Label>History</Label>
            </dt>
            <dd>{gear.item.historyKnown ? 'known' : 'not known: counts as doubtful at best'}</dd>
            <dt>
              <Label>Stretch at a fifth of MBS</Label>
            </dt>
            <dd>
              {formatNumber(ROPE_MATERIALS[gear.item.material].workingStrain * 100, 'nearest', 2)} %
            </dd>
          </>
        ) : null}
        {gear.item.kind === 'hardware' && gear.item.marking ? (
          <>
            <dt>
              <Label>Marking</Label>
            </dt>
            <dd>{gear.item.marking}</dd>
          </>
        ) : null}
        <dt>
          <Label>Bought, first used</Label>
        </dt>
        <dd>
          {day(gear.boughtOn)}, {day(gear.firstUsedOn)}
        </dd>
        {gear.pricePerM === null ? null : (
          <>
            <dt>
              <Label>Price of a metre</Label>
            </dt>
            <dd>{formatNumber(gear.pricePerM)}</dd>
          </>
        )}
        <dt>
          <Label>Where it is</Label>
        </dt>
        <dd>{item.standing.place || 'not said'}</dd>
        {gear.notes ? (
          <>
            <dt>
              <Label>Notes</Label>
            </dt>
            <dd>{gear.notes}</dd>
          </>
        ) : null}
      </Facts>
    </section>
  );
}

function Length({ item }: { item: LockerItem }) {
  const { units } = useMember();
  const { document: gear, standing } = item;
  if (standing.remainingM === null) return null;
  const length = (m: number): string => formatQuantity(m, 'length', units, 'capacity');
  const sound = soundParts(standing);
  return (
    <Lying aria-label="Length">
      <RopeLength
        fullM={gear.lengthM ?? standing.remainingM}
        leftM={standing.remainingM}
        damagedAtM={standing.damagedAtM}
        units={units}
        rope={gear.item.kind === 'rope'}
        thickness={18}
        withRuler
      />
      <p>
        <Small>
          {length(standing.remainingM)} left
          {gear.lengthM !== null && standing.remainingM < gear.lengthM - 0.005
            ? ` of ${length(gear.lengthM)}`
            : ''}
          , from the tagged end{gear.neverCut ? '; never cut' : ''}
        </Small>
      </p>
      {sound.length > 0 ? (
        <p>Cut the damage out and {sound.map(length).join(' and ')} stay sound.</p>
      ) : null}
    </Lying>
  );
}

/** One thing of the locker: what it may carry by every school, how it stands, and everything that happened to it. */
export function GearPage({
  item,
  entries,
  plans,
  strength,
  intervals,
}: {
  item: LockerItem;
  entries: readonly HistoryEntry[];
  plans: readonly UsingPlan[];
  strength: Strength;
  intervals: InspectionIntervals;
}) {
  const { viewer, units } = useMember();
  const router = useRouter();
  const [sheet, setSheet] = useState<Sheet>(null);
  const [error, setError] = useState<string | null>(null);
  const tag = useTagToPage();
  const { document: gear, standing } = item;
  const close = (): void => setSheet(null);
  const retired = standing.state === 'retired';
  const due = inspectionDue(gear, standing, intervals, item.enteredOn);
  const remove = async (): Promise<void> => {
    const answer = await call('DELETE /gear/{id}', { params: { id: item.id } });
    if (answer.ok) router.push('/locker');
    else setError(messageOf(answer.problem));
  };
  const actions = [
    ...(viewer.canRecordGear && !retired
      ? [
          ...(standing.remainingM === null
            ? []
            : [{ id: 'cut', name: 'Cut', run: () => setSheet('cut') }]),
          { id: 'moved', name: 'Move', run: () => setSheet('moved') },
          { id: 'incident', name: 'Something happened', run: () => setSheet('incident') },
          { id: 'retired', name: 'Retire', run: () => setSheet('retired') },
        ]
      : []),
    ...(viewer.canKeepGear
      ? [
          { id: 'change', name: 'Change label and notes', run: () => setSheet('change') },
          { id: 'remove', name: 'Remove: entered by mistake', run: () => void remove() },
        ]
      : []),
    { id: 'tag', name: 'Print its tag', run: () => router.push(`/locker/tags?ids=${item.id}`) },
    { id: 'json', name: 'Export as JSON', run: () => keepJson(gear.code, gear) },
  ];
  return (
    <Page>
      <Head>
        <Title>
          <Label>
            <Link href="/locker">Rope locker</Link>
          </Label>
          <h1>
            <Tag $hollow={standing.state !== 'in-service'}>{gear.code}</Tag>
            {wordItem(gear.item, units)}
          </h1>
          {gear.name ? <Small>{gear.name}</Small> : null}
        </Title>
        <Stack $gap={4}>
          <ConditionMark standing={standing} />
          <Small $alarm={item.due === 'overdue'}>
            {item.dueOn ? `${DUE_WORDS[item.due]}, ${wordDay(item.dueOn)}` : DUE_WORDS[item.due]}
          </Small>
        </Stack>
        {viewer.canRecordGear && !retired ? (
          <ButtonLink as={Link} $kind="primary" href={`/locker/${item.id}/inspect`}>
            Inspect
          </ButtonLink>
        ) : null}
        <ActionMenu label={`${gear.code}: cut, move, retire, change`} actions={actions} />
      </Head>
      {(error ?? tag.error) ? <ErrorText role="alert">{error ?? tag.error}</ErrorText> : null}
      <Length item={item} />
      <Columns>
        <Stack $gap={24}>
          <Schools item={item} strength={strength} />
          <History item={item} entries={entries} />
          <p>
            <Link href={`/log?gear=${item.id}`} prefetch={false}>
              Everything {gear.code} was used for
            </Link>
          </p>
        </Stack>
        <Stack $gap={24}>
          <section aria-label="Inspection">
            <Spaced as="h2" $bottom={6}>
              Inspection
            </Spaced>
            <p>{wordDue(due)}</p>
            <Small>{wordCount(standing.inspections, 'inspection')} on record</Small>
          </section>
          <LabelFacts item={item} />
          <section aria-label="Plans that use it">
            <Spaced as="h2" $bottom={6}>
              Plans that use it
            </Spaced>
            {plans.length === 0 ? (
              <Small>none</Small>
            ) : (
              <ul>
                {plans.map((p) => (
                  <Spaced key={p.id} as="li" $top={4} $bottom={4}>
                    <Link href={`/loads/${p.id}`}>{p.title}</Link>
                  </Spaced>
                ))}
              </ul>
            )}
          </section>
        </Stack>
      </Columns>
      {sheet === 'change' ? (
        <GearForm
          stored={item}
          onClose={close}
          onKept={() => {
            close();
            router.refresh();
          }}
        />
      ) : null}
      {sheet === 'cut' ? <CutSheet item={item} onClose={close} /> : null}
      {sheet === 'moved' || sheet === 'incident' || sheet === 'retired' ? (
        <TextSheet what={sheet} item={item} onClose={close} />
      ) : null}
    </Page>
  );
}
