'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type RefObject, useRef, useState } from 'react';
import { HARDWARE_FORMS } from '@/core/gear/vocabulary';
import { ROPE_MATERIAL_IDS, ROPE_MATERIALS } from '@/core/rope/materials';
import type { Strength } from '@/core/securement/schema';
import { formatQuantity } from '@/core/units';
import { DUE_WORDS, wordDay, wordItem } from '@/wording/gear';
import { RopeLength } from '../diagrams/RopeLength';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { Button, ButtonLink } from '../kit/Button';
import { ConditionMark } from '../kit/ConditionMark';
import { QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { Tag } from '../kit/Tag';
import { ErrorText, Figure, Hidden, Label, Small } from '../kit/text';
import { useKeys } from '../useKeys';
import { GearForm } from './GearForm';
import { ReaderSheet } from './ReaderSheet';
import {
  type LockerFilter,
  type LockerItem,
  type LockerPage,
  useLockerList,
} from './useLockerList';
import { useTagToPage } from './useTagReader';
import { CalendarSheet } from './CalendarSheet';
import { wllOf } from './figures';
import { Page, Head, More, Find, Columns, Row, Name, Cell } from './LockerList.styles';
import { Grow, Spaced } from '../kit/layout';
import { UnreadableNotice } from './UnreadableNotice';

const TYPES = [
  { id: '', name: 'everything' },
  ...ROPE_MATERIAL_IDS.map((id) => ({ id: id as string, name: ROPE_MATERIALS[id].name })),
  { id: 'webbing', name: 'webbing' },
  ...['30', '43', '70', '80', '100', 'unmarked'].map((g) => ({
    id: `grade-${g}`,
    name: g === 'unmarked' ? 'chain, unmarked' : `chain, grade ${g}`,
  })),
  { id: 'wire', name: 'wire rope' },
  ...HARDWARE_FORMS.map((id) => ({ id: id as string, name: id })),
];

const STATES = [
  { id: '', name: 'not retired' },
  { id: 'in-service', name: 'in service' },
  { id: 'set-aside', name: 'set aside' },
  { id: 'retired', name: 'retired' },
  { id: 'all', name: 'all' },
] as const;

const DUES = [
  { id: '', name: 'any' },
  { id: 'overdue', name: 'overdue' },
  { id: 'soon', name: 'within 30 days' },
  { id: 'later', name: 'later' },
] as const;

/** One thing of the locker in the list. */
function GearRow({ item, strength }: { item: LockerItem; strength: Strength }) {
  const { units } = useMember();
  const { document: gear, standing } = item;
  const wll = wllOf(item, strength);
  return (
    <Row>
      <Tag $hollow={standing.state !== 'in-service'}>{gear.code}</Tag>
      <Name href={`/locker/${item.id}`} prefetch={false}>
        {wordItem(gear.item, units)}
        {gear.name ? (
          <>
            <br />
            <Small>{gear.name}</Small>
          </>
        ) : null}
      </Name>
      <Cell data-cell="wll">
        <Figure $size={16}>
          {wll === null ? 'not known' : formatQuantity(wll, 'force', units, 'capacity')}
        </Figure>
      </Cell>
      <Cell data-cell="length">
        {standing.remainingM === null ? (
          <Small>no length</Small>
        ) : (
          <>
            <RopeLength
              fullM={gear.lengthM ?? standing.remainingM}
              leftM={standing.remainingM}
              damagedAtM={standing.damagedAtM}
              units={units}
              rope={gear.item.kind === 'rope'}
              thickness={9}
            />
            <Small>
              {formatQuantity(standing.remainingM, 'length', units)}
              {gear.lengthM !== null && standing.remainingM < gear.lengthM - 0.005
                ? ` of ${formatQuantity(gear.lengthM, 'length', units)}`
                : ''}
              {gear.neverCut ? ', never cut' : ''}
            </Small>
          </>
        )}
      </Cell>
      <Cell data-cell="standing">
        <ConditionMark standing={standing} />
      </Cell>
      <Cell data-cell="due">
        {item.dueOn === null ? (
          <Small>{DUE_WORDS[item.due]}</Small>
        ) : (
          <Small $alarm={item.due === 'overdue'}>
            {DUE_WORDS[item.due]} <br />
            {wordDay(item.dueOn)}
          </Small>
        )}
      </Cell>
      <Cell data-cell="place">
        <Small>{standing.place}</Small>
      </Cell>
    </Row>
  );
}

function Filters({
  filter,
  narrow,
  search,
}: {
  filter: LockerFilter;
  narrow: (part: Partial<LockerFilter>) => void;
  search: RefObject<HTMLInputElement | null>;
}) {
  const { units } = useMember();
  const [open, setOpen] = useState(false);
  return (
    <Find $open={open}>
      <TextField
        label="Find by tag, name or place"
        type="search"
        boxRef={search}
        value={filter.search}
        onChange={(text) => narrow({ search: text })}
      />
      <More>
        <Button aria-expanded={open} onPress={() => setOpen(!open)}>
          {open ? 'Fewer filters' : 'More filters'}
        </Button>
      </More>
      <Select
        label="What"
        value={filter.type}
        choices={TYPES}
        onChange={(type) => narrow({ type })}
      />
      <QuantityField
        label="Size"
        dimension="length"
        unit={units.size}
        optional
        placeholder="any"
        least={0.001}
        most={0.5}
        value={filter.sizeM}
        onChange={(sizeM) => narrow({ sizeM })}
      />
      <QuantityField
        label="Length left, at least"
        dimension="length"
        unit={units.length}
        optional
        placeholder="any"
        most={5000}
        value={filter.leftM}
        onChange={(leftM) => narrow({ leftM })}
      />
      <Select
        label="State"
        value={filter.state}
        choices={STATES}
        onChange={(state) => narrow({ state })}
      />
      <Select
        label="Inspection"
        value={filter.due}
        choices={DUES}
        onChange={(due) => narrow({ due })}
      />
      <Select
        label="Order"
        value={filter.sort}
        choices={[
          { id: 'code', name: 'by tag' },
          { id: 'due', name: 'next due first' },
        ]}
        onChange={(sort) => narrow({ sort })}
      />
    </Find>
  );
}

/** The room Rope locker: what the crew owns, what it may carry, what is still good. */
export function LockerList({ first, strength }: { first: LockerPage; strength: Strength }) {
  const { viewer } = useMember();
  const router = useRouter();
  const list = useLockerList(first);
  const [sheet, setSheet] = useState<'new' | 'reader' | 'calendar' | null>(null);
  const tag = useTagToPage();
  const search = useRef<HTMLInputElement>(null);
  useKeys({ '/': () => search.current?.focus() });
  const narrowed = Object.entries(list.filter).some(
    ([key, value]) => key !== 'sort' && value !== '' && value !== null,
  );
  return (
    <Page>
      <Head>
        <Grow>
          <Label>{viewer.crewName}</Label>
          <h1>Rope locker</h1>
        </Grow>
        {viewer.canKeepGear ? (
          <Button $kind="primary" onPress={() => setSheet('new')}>
            Enter a rope
          </Button>
        ) : null}
        <ButtonLink as={Link} href="/locker/cuts">
          Cut list
        </ButtonLink>
        <ActionMenu
          label="Import, export, tags, calendar, reader"
          actions={[
            ...(viewer.canKeepGear
              ? [{ id: 'import', name: 'Import a table', run: () => router.push('/locker/import') }]
              : []),
            {
              id: 'csv',
              name: 'Export as CSV',
              run: () => window.location.assign('/api/v1/gear/export.csv'),
            },
            {
              id: 'json',
              name: 'Export as JSON',
              run: () => window.location.assign('/api/v1/gear/export.json'),
            },
            { id: 'tags', name: 'Print tags', run: () => router.push('/locker/tags') },
            {
              id: 'calendar',
              name: 'Inspections in your calendar',
              run: () => setSheet('calendar'),
            },
            { id: 'reader', name: 'Tag reader stand-in', run: () => setSheet('reader') },
          ]}
        />
      </Head>
      <Filters search={search} filter={list.filter} narrow={list.narrow} />
      {(list.error ?? tag.error) ? (
        <ErrorText role="alert">{list.error ?? tag.error}</ErrorText>
      ) : null}
      <Columns aria-hidden>
        <Label>Tag</Label>
        <Label>What</Label>
        <Label>WLL, straight</Label>
        <Label>Length left</Label>
        <Label>Condition</Label>
        <Label>Inspection</Label>
        <Label>Where</Label>
      </Columns>
      <UnreadableNotice things={list.page.unreadable ?? []} />
      <ul aria-label="Gear">
        {list.page.gear.map((g) => (
          <GearRow key={g.id} item={g} strength={strength} />
        ))}
      </ul>
      {list.page.gear.length === 0 ? (
        <Spaced as="p" $top={24} $bottom={24}>
          {narrowed
            ? 'Nothing in the locker is like that.'
            : viewer.canKeepGear
              ? 'The locker is empty. Enter a rope: what its label says, how long it is, how it looks. Or import a table.'
              : 'The locker is empty. Your yard keeper or lead enters what you own.'}
        </Spaced>
      ) : null}
      {list.page.next ? (
        <Spaced as="p" $top={16}>
          <Button onPress={list.more}>
            Show more<Hidden> gear</Hidden>
          </Button>
        </Spaced>
      ) : null}
      {sheet === 'new' ? (
        <GearForm onClose={() => setSheet(null)} onKept={(id) => router.push(`/locker/${id}`)} />
      ) : null}
      <ReaderSheet
        open={sheet === 'reader'}
        onClose={() => setSheet(null)}
        codes={list.page.gear.map((g) => g.document.code)}
      />
      {sheet === 'calendar' ? <CalendarSheet onClose={() => setSheet(null)} /> : null}
    </Page>
  );
}
