'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { memo, useRef, useState } from 'react';
import styled from 'styled-components';
import type { RiggingDocument } from '@/core/bench/rigging';
import type { StoredRigging } from '../api';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { Button } from '../kit/Button';
import { ErrorText, Label, Small } from '../kit/text';
import { useKeys } from '../useKeys';
import { pressWorking } from '../working/pressWorking';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import { BenchNav } from './BenchNav';
import { BenchTable } from './BenchTable';
import { formName, formOf } from '@/core/bench/compose';
import { lineWords } from './lineWords';
import { type Bench, useBench, useStill } from './useBench';
import { type Keeping, useKeeping } from './useKeeping';
import { type Pulling, usePulling } from './usePulling';
import { orMissing } from '../orMissing';

const Wrong = styled(ErrorText)`
  grid-column: 1 / -1;
`;

const MeterPanel = dynamic(
  () => orMissing(import('../meter/MeterPanel').then((m) => m.MeterPanel)),
  {
    ssr: false,
  },
);
const UseInPlan = dynamic(() => orMissing(import('./UseInPlan').then((m) => m.UseInPlan)), {
  ssr: false,
});
const LineSheet = dynamic(() => orMissing(import('./LineSheet').then((m) => m.LineSheet)), {
  ssr: false,
});
const KeysSheet = dynamic(() => orMissing(import('./BenchKeys').then((m) => m.BenchKeys)), {
  ssr: false,
});

const Head = styled.header`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 6px 28px;
  align-items: center;
  padding: 12px 20px 10px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 8px 12px;
    & h1 {
      font-size: 22px;
    }
  }
  @media (max-width: 600px) {
    & > p {
      display: none;
    }
    & button {
      padding: 0 12px;
    }
  }
`;
const Actions = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
`;
const Kbd = styled.kbd`
  font: 600 11px/1 var(--font-figure);
  border: 1px solid currentColor;
  padding: 2px 4px;
  opacity: 0.85;
  @media (max-width: 760px) {
    display: none;
  }
`;

/** Side matters, at the end of the row of places. */
const BenchTools = memo(function BenchTools({ bench, keeping, onSheet }: HeadProps) {
  return (
    <>
      <Small>
        {bench.doc.readings.length > 0
          ? `${bench.doc.readings.length} meter reading${bench.doc.readings.length === 1 ? '' : 's'} recorded`
          : ''}
      </Small>
      <Button $kind="quiet" onPress={() => onSheet('line')}>
        Change the line
      </Button>
      <Button $kind="quiet" onPress={() => onSheet('meter')}>
        Read the meter
      </Button>
      <Button $kind="quiet" isDisabled={!bench.canUndo} onPress={bench.undo}>
        Undo
      </Button>
      <Button $kind="quiet" isDisabled={!bench.canRedo} onPress={bench.redo}>
        Redo
      </Button>
      <Button $kind="quiet" onPress={() => onSheet('keys')} aria-label="Keys">
        ?
      </Button>
      <Small role="status" data-save suppressHydrationWarning>
        {keeping.words}
      </Small>
      {keeping.control}
    </>
  );
});

interface HeadProps {
  readonly bench: Bench;
  readonly keeping: Keeping;
  readonly onSheet: (which: 'line' | 'meter' | 'plan' | 'keys') => void;
}

const BenchHead = memo(function BenchHead({
  bench,
  keeping,
  pulling,
  onSheet,
}: HeadProps & { readonly pulling: Pulling }) {
  const { units, viewer } = useMember();
  const { doc, tied } = bench;
  return (
    <Head>
      <div>
        <Label>
          <Link href="/bench">Tension bench</Link> /{' '}
          {formOf(doc.system) === null ? 'a route of your own' : formName(formOf(doc.system)!)}
        </Label>
        <h1>{doc.title}</h1>
      </div>
      <p>{lineWords(doc, units)}</p>
      <Actions>
        <Button
          $kind="primary"
          onPressStart={pulling.start}
          onPressEnd={pulling.stop}
          data-pulling={pulling.active}
        >
          Pull <Kbd aria-hidden>p</Kbd>
        </Button>
        <Button onPress={() => bench.tie(!tied)} aria-pressed={tied}>
          {tied ? 'Untie' : 'Tie off'} <Kbd aria-hidden>t</Kbd>
        </Button>
        {viewer.canWrite ? <Button onPress={() => onSheet('plan')}>Use in a plan</Button> : null}
        <ActionMenu label="Keep, export, import" actions={keeping.actions} />
      </Actions>
      {keeping.error ? <Wrong role="alert">{keeping.error}</Wrong> : null}
    </Head>
  );
});

/** The pull bench: pull, see what every strand and part bears, tie off, see what is kept. */
export function PullBench({
  initial,
  stored,
}: {
  initial: RiggingDocument;
  stored: StoredRigging | null;
}) {
  const bench = useBench(initial);
  const still = useStill(bench);
  const { keeping, conflict } = useKeeping(bench, stored);
  const pulling = usePulling(bench);
  const [sheet, setSheet] = useState<'line' | 'meter' | 'plan' | 'keys' | null>(null);
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const close = (): void => setSheet(null);
  const room = useRef<HTMLDivElement>(null);
  useKeys({
    t: () => bench.tie(!bench.tied),
    '?': () => setSheet('keys'),
    '$mod+z': bench.undo,
    '$mod+Shift+z': bench.redo,
    '$mod+y': bench.redo,
    w: () => pressWorking(room.current),
  });
  return (
    <>
      <BenchHead bench={still} keeping={keeping} pulling={pulling} onSheet={setSheet} />
      <BenchNav>
        <BenchTools bench={still} keeping={keeping} onSheet={setSheet} />
      </BenchNav>
      <div ref={room}>
        <BenchTable bench={bench} title={bench.doc.title} />
      </div>
      {sheet === 'line' ? <LineSheet bench={bench} onClose={close} onWorking={setWorking} /> : null}
      {sheet === 'meter' ? (
        <MeterPanel
          line={bench.doc.title}
          expected={{
            hauledN: bench.figures.tension.hauled.value ?? 0,
            keptN: bench.figures.tension.kept.value ?? 0,
            settling: bench.doc.settling,
          }}
          recorded={bench.doc.readings}
          canRecord
          onRecord={(r) => bench.edit({ readings: [...bench.doc.readings, r].slice(-100) })}
          onClose={close}
        />
      ) : null}
      {sheet === 'plan' ? (
        <UseInPlan
          system={bench.doc.system}
          rigging={stored ? { id: stored.id, title: bench.doc.title } : null}
          onClose={close}
        />
      ) : null}
      {sheet === 'keys' ? <KeysSheet onClose={close} /> : null}
      {conflict}
      <WorkingSheet opened={working} over={bench.doc.title} onClose={() => setWorking(null)} />
    </>
  );
}
