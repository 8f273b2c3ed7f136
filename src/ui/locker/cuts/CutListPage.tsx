'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { cutLength, END_KNOT_IDS, END_KNOTS } from '@/core/cutting/piece';
import { formatNumber, formatQuantity } from '@/core/units';
import { traced } from '@/core/working/working';
import { wordItem } from '@/wording/gear';
import { messageOf } from '../../api';
import { isKept, useOutbox } from '../../outbox/OutboxContext';
import { useMember } from '../../frame/MemberContext';
import { Button, IconButton } from '../../kit/Button';
import { Check } from '../../kit/Check';
import { NumberField, QuantityField } from '../../kit/fields';
import { TextField } from '../../kit/TextField';
import { Select } from '../../kit/Select';
import { ErrorText, Label, Small } from '../../kit/text';
import { WorkingFigure } from '../../working/WorkingFigure';
import { type OpenedWorking, WorkingSheet } from '../../working/WorkingSheet';
import type { LockerItem } from '../useLockerList';
import { gearOfTag, useTagReader } from '../useTagReader';
import { CutPlanView, Joins } from './CutPlanView';
import { type CutList, MOST_PIECES, useCutList, type Wanted } from './useCutList';
import { Page, Head, Columns, Row, Below, Ropes, Choice, Unchecked } from './CutListPage.styles';
import { Cluster, Grow, Spaced, Narrow } from '../../kit/layout';

const KNOTS = END_KNOT_IDS.map((id) => ({ id, name: END_KNOTS[id].name }));

/** The kit people make most: a ridge line and utility cords out of one hank. */
const KIT: readonly Wanted[] = [
  {
    key: 1,
    count: 1,
    finishedM: 35 * 0.3048,
    ends: ['none', 'none'],
    secures: false,
    what: 'ridge line',
  },
  {
    key: 2,
    count: 8,
    finishedM: 6 * 0.3048,
    ends: ['bowline', 'figure-eight'],
    secures: false,
    what: 'utility cord',
  },
];

function WantedRow({
  wanted,
  list,
  onWorking,
}: {
  wanted: CutList['lengths'][number];
  list: CutList;
  onWorking: (o: OpenedWorking) => void;
}) {
  const { units } = useMember();
  const set = (part: Partial<Wanted>): void => list.set(wanted.key, part);
  const [a, b] = wanted.ends;
  const working = cutLength(traced, wanted, list.diameterM);
  return (
    <Row>
      <NumberField
        label="Pieces"
        value={wanted.count}
        least={1}
        most={200}
        whole
        onChange={(count) => set({ count })}
      />
      <QuantityField
        label="Finished length"
        dimension="length"
        unit={units.length}
        least={0.05}
        most={2000}
        value={wanted.finishedM}
        onChange={(v) => v !== null && set({ finishedM: v })}
      />
      <Select
        label="At one end"
        value={a}
        choices={KNOTS}
        onChange={(k) => set({ ends: [k, b] })}
      />
      <Select
        label="At the other"
        value={b}
        choices={KNOTS}
        onChange={(k) => set({ ends: [a, k] })}
      />
      <TextField
        label="What for"
        value={wanted.what}
        onChange={(what) => set({ what: what.slice(0, 80) })}
      />
      <IconButton
        aria-label={`Take ${wanted.what || 'this'} off the list`}
        onPress={() => list.remove(wanted.key)}
      >
        ×
      </IconButton>
      <Below>
        {list.diameterM > 0 ? (
          <span>
            <Label>cut </Label>
            <WorkingFigure
              working={working}
              title="Length to cut"
              text={formatQuantity(wanted.cutM, 'length', units, 'demand')}
              onOpen={onWorking}
              size={16}
              rounding="demand"
            />
          </span>
        ) : null}
        <Check selected={wanted.secures} onChange={(secures) => set({ secures })}>
          Secures a load: tails of 100 mm at least
        </Check>
      </Below>
    </Row>
  );
}

function RopeChoice({ item, list }: { item: LockerItem; list: CutList }) {
  const { units } = useMember();
  const { document: gear, standing } = item;
  const about = `${wordItem(gear.item, units)}, ${formatQuantity(standing.remainingM ?? 0, 'length', units)}${gear.pricePerM === null ? '' : `, ${formatNumber(gear.pricePerM)} a metre`}`;
  if (!list.mayBeCut(item))
    return (
      <Choice>
        <Unchecked>
          <b>{gear.code}</b>{' '}
          <Small>
            {about}, {gear.neverCut ? 'never cut' : 'not in service'}
          </Small>
        </Unchecked>
      </Choice>
    );
  return (
    <Choice>
      <Check selected={list.chosen.has(item.id)} onChange={(on) => list.choose(item.id, on)}>
        <b>{gear.code}</b> <Small>{about}</Small>
      </Check>
    </Choice>
  );
}

function useCutsRecorded(list: CutList) {
  const outbox = useOutbox();
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const record = async (): Promise<void> => {
    const plan = list.answer?.plan;
    if (!plan) return;
    const whatOf = (id: string): string =>
      list.wanted.find((w) => w.key === Number(id.split('.')[0]))?.what ?? '';
    const body = {
      cuts: plan.cuts.map((c) => ({
        gearId: c.hankId,
        pieces: c.pieces.map((p) => ({ lengthM: p.lengthM, what: whatOf(p.pieceId) })),
        scrapM: c.restIsScrap ? c.restM : 0,
      })),
    };
    const answer = await outbox.record(
      'POST /gear/cuts',
      { body },
      `Cuts of ${plan.cuts.length} ropes`,
    );
    const kept = isKept(answer);
    if (kept) list.forget();
    setSaid(kept ? 'Kept on this device; it is sent by itself.' : null);
    if (kept) return setError(null);
    setError(answer.ok ? null : messageOf(answer.problem));
    if (!answer.ok) return;
    setSaid(`Recorded on ${plan.cuts.length === 1 ? 'one rope' : `${plan.cuts.length} ropes`}.`);
    list.forget();
    router.refresh();
  };
  return { said, error, record };
}

/** The cut list: pieces wanted, ropes that may be cut, and the plan that wastes least. */
export function CutListPage({ ropes }: { ropes: readonly LockerItem[] }) {
  const { viewer, units } = useMember();
  const list = useCutList(ropes, KIT);
  const [opened, setOpened] = useState<OpenedWorking | null>(null);
  const [tagError, setTagError] = useState<string | null>(null);
  const recorded = useCutsRecorded(list);
  useTagReader(
    (code) =>
      void gearOfTag(code).then((found) => {
        const item =
          'item' in found
            ? ropes.find((r) => r.id === found.item.id && list.mayBeCut(r))
            : undefined;
        setTagError(
          'error' in found
            ? found.error
            : item
              ? null
              : `${found.item.document.code} is no rope that may be cut.`,
        );
        if (item) list.choose(item.id, true);
      }),
  );
  const ready = list.pieces.length > 0 && list.chosen.size > 0 && !list.tooMany;
  return (
    <Page>
      <Head>
        <Grow>
          <Label>
            <Link href="/locker">Rope locker</Link>
          </Label>
          <h1>Cut list</h1>
        </Grow>
      </Head>
      <Columns>
        <div>
          <h2>Pieces wanted</h2>
          <ul aria-label="Pieces wanted">
            {list.lengths.map((w) => (
              <WantedRow key={w.key} wanted={w} list={list} onWorking={setOpened} />
            ))}
          </ul>
          <Spaced as="p" $top={10} $bottom={10}>
            <Button onPress={list.add}>Add a piece</Button>
          </Spaced>
          {list.tooMany ? (
            <ErrorText role="alert">At most {MOST_PIECES} pieces at once.</ErrorText>
          ) : null}
          <Joins list={list} ropes={ropes} />
          <Cluster $gap={12} $top={14} $bottom={14}>
            <Button $kind="primary" isDisabled={!ready || list.searching} onPress={list.find}>
              Find the plan that wastes least
            </Button>
            {list.answer?.done && viewer.canRecordGear ? (
              <Button onPress={() => void recorded.record()}>Record these cuts</Button>
            ) : null}
            {recorded.said ? <span role="status">{recorded.said}</span> : null}
          </Cluster>
        </div>
        <div>
          <Spaced as="h2" $bottom={6}>
            Ropes that may be cut
          </Spaced>
          {tagError ? <ErrorText role="alert">{tagError}</ErrorText> : null}
          {ropes.length === 0 ? (
            <p>There is no rope in service in the locker.</p>
          ) : (
            <Ropes aria-label="Ropes that may be cut" tabIndex={0}>
              {ropes.map((r) => (
                <RopeChoice key={r.id} item={r} list={list} />
              ))}
            </Ropes>
          )}
          <Narrow $most={220} $top={12}>
            <QuantityField
              label="A rest is worth keeping from"
              dimension="length"
              unit={units.length}
              most={100}
              value={list.keepM}
              onChange={(v) => v !== null && list.setKeep(v)}
            />
          </Narrow>
        </div>
      </Columns>
      {recorded.error ? <ErrorText role="alert">{recorded.error}</ErrorText> : null}
      <CutPlanView list={list} ropes={ropes} />
      <WorkingSheet opened={opened} over="Cut list" onClose={() => setOpened(null)} />
    </Page>
  );
}
