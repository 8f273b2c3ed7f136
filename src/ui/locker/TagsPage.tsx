'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { wordItem } from '@/wording/gear';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Check } from '../kit/Check';
import { NumberField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { ErrorText, Label, Small } from '../kit/text';
import { gearOfTag, useTagReader } from './useTagReader';
import { type LockerItem, type LockerPage, useLockerList } from './useLockerList';
import { Grow, Spaced } from '../kit/layout';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 1000px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 12px;
  padding-bottom: 14px;
  border-bottom: var(--w-strong) solid var(--ink);
`;
const Find = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 12px;
  padding: 12px 0;
  align-items: end;
`;
const Row = styled.li`
  border-bottom: var(--w-hair) solid var(--line);
`;

const SHEETS = [
  { id: 'a4', name: 'A4, 3 by 8' },
  { id: 'letter', name: 'Letter, 3 by 10' },
] as const;
const LABELS = { a4: 24, letter: 30 };
const MOST_TAGS = 240;

/** Tags to print, each with its code for readers and cameras. */
export function TagsPage({
  first,
  chosen: initial,
}: {
  first: LockerPage;
  chosen: readonly LockerItem[];
}) {
  const { units } = useMember();
  const list = useLockerList(first);
  const [chosen, setChosen] = useState<ReadonlyMap<string, LockerItem>>(
    new Map(initial.map((g) => [g.id, g])),
  );
  const [sheet, setSheet] = useState<'a4' | 'letter'>(units.length === 'ft' ? 'letter' : 'a4');
  const [from, setFrom] = useState(0);
  const [error, setError] = useState<string | null>(null);
  const choose = (item: LockerItem, on: boolean): void =>
    setChosen((map) => {
      const next = new Map(map);
      if (on) next.set(item.id, item);
      else next.delete(item.id);
      return next;
    });
  useTagReader(
    (code) =>
      void gearOfTag(code).then((found) => {
        if ('error' in found) setError(found.error);
        else {
          setError(null);
          choose(found.item, true);
        }
      }),
  );
  const ids = [...chosen.keys()];
  const href = `/api/v1/gear/tags.pdf?${new URLSearchParams({ ids: ids.join(','), sheet, from: String(from) })}`;
  const shown = [
    ...initial.filter((g) => !list.page.gear.some((x) => x.id === g.id)),
    ...list.page.gear,
  ];
  return (
    <Page>
      <Head>
        <Grow>
          <Label>
            <Link href="/locker">Rope locker</Link>
          </Label>
          <h1>Print tags</h1>
        </Grow>
        {ids.length > 0 && ids.length <= MOST_TAGS ? (
          <ButtonLink $kind="primary" href={href}>
            Make {ids.length === 1 ? 'one tag' : `${ids.length} tags`} (PDF)
          </ButtonLink>
        ) : null}
      </Head>
      <Find>
        <TextField
          label="Find by tag, name or place"
          type="search"
          value={list.filter.search}
          onChange={(search) => list.narrow({ search })}
        />
        <Select
          label="Sheet of labels"
          value={sheet}
          choices={SHEETS}
          onChange={(next) => {
            setSheet(next);
            setFrom(0);
          }}
        />
        <NumberField
          label="Labels used up on the first sheet"
          value={from}
          least={0}
          most={LABELS[sheet] - 1}
          whole
          onChange={setFrom}
        />
        <Button onPress={() => list.page.gear.forEach((g) => choose(g, true))}>
          Choose all shown
        </Button>
        <Button isDisabled={ids.length === 0} onPress={() => setChosen(new Map())}>
          Choose none
        </Button>
      </Find>
      {ids.length > MOST_TAGS ? (
        <ErrorText role="alert">At most {MOST_TAGS} tags at once.</ErrorText>
      ) : null}
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <ul aria-label="Gear to print tags for">
        {shown.map((g) => (
          <Row key={g.id}>
            <Check selected={chosen.has(g.id)} onChange={(on) => choose(g, on)}>
              <b>{g.document.code}</b> {wordItem(g.document.item, units)}{' '}
              <Small>{g.standing.place}</Small>
            </Check>
          </Row>
        ))}
      </ul>
      {list.page.next ? (
        <Spaced as="p" $top={14}>
          <Button onPress={list.more}>Show more</Button>
        </Spaced>
      ) : null}
    </Page>
  );
}
