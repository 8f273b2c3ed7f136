'use client';
import { memo, useMemo, useState } from 'react';
import styled from 'styled-components';
import type { BenchFigures } from '@/core/bench/figures';
import { strandWorkings } from '@/core/bench/strands';
import { alternatives } from '@/core/line/alternatives';
import type { Verdict } from '@/core/securement/verdict';
import { strandSymbol } from '@/core/tackle/rigging-working';
import { atMost, formatQuantity, type UnitChoice } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Sheet } from '../kit/Sheet';
import { Figure, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { WorkingFigure, type OpenWorking } from '../working/WorkingFigure';
import { handUnit, strandWords } from './strandWords';
import type { Bench } from './useBench';
import { Spaced } from '../kit/layout';

const Saying = styled.p`
  font-size: 14px;
  line-height: 1.35;
`;

const Box = styled.section<{ $bad: boolean }>`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  border: var(--w-strong) solid ${({ $bad }) => ($bad ? 'var(--signal)' : 'var(--ink)')};
  background: var(--sheet);
  padding: 8px 12px;
  min-height: 72px;
  margin: 8px 0 2px;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 120px 120px;
  gap: 10px;
  align-items: center;
  min-height: 46px;
  border-bottom: var(--w-hair) solid var(--line);
  font: 560 15px/1.25 var(--font-figure);
  & > :nth-child(n + 2) {
    text-align: right;
  }
`;

/** What the bench says: the word, the sentence, and what stands behind it. */
export interface BenchSaying {
  readonly verdict: Verdict;
  readonly first: string;
  readonly then: string;
}

const inHand = (n: number, units: UnitChoice): string =>
  formatQuantity(n, 'force', { ...units, force: handUnit(units) }, 'capacity');

/** Travel first, then strength, then the load: whatever stops the pull first is said first. */
export function sayingOf(
  figures: BenchFigures,
  loadBearsN: number | null,
  units: UnitChoice,
): BenchSaying {
  const force = (n: number): string => formatQuantity(n, 'force', units, 'capacity');
  const { capacity, tension, pullLimit, loop } = figures;
  const [wll, hauled] = [capacity.wll.value, tension.hauled.value ?? 0];
  if (loop && loop.arrivesAtN !== null && loop.needed.value !== null) {
    const needed = formatQuantity(loop.needed.value, 'length', units, 'demand');
    return {
      verdict: 'short',
      first:
        loop.arrivesAtN === 0
          ? 'Tied too near: the loop reaches the anchor before the line is tight.'
          : `Tied too near: the loop reaches the anchor at ${force(loop.arrivesAtN)}.`,
      then: `Tie it at least ${needed} from the anchor for this pull.`,
    };
  }
  if (wll === null) {
    const unknown = capacity.places.find((p) => p.problem !== null);
    return {
      verdict: 'cannot-say',
      first: `Nobody has said what ${unknown ? `“${unknown.name}”` : 'this line'} bears.`,
      then: 'Enter what its plate or label says, or use something that has one.',
    };
  }
  const weakest = capacity.places[capacity.governing[0] ?? 0]?.name ?? 'the line';
  if (loadBearsN !== null && !atMost(hauled, loadBearsN))
    return {
      verdict: 'short',
      first: `${force(hauled)} crushes the load, which bears ${force(loadBearsN)}.`,
      then: `Do not pull more than ${inHand(Math.min(figures.crushPull?.value ?? 0, pullLimit.value ?? 0), units)}, or spread it with protectors.`,
    };
  if (!atMost(hauled, wll))
    return {
      verdict: 'short',
      first: `${force(hauled)} is more than the line’s WLL of ${force(wll)}.`,
      then: `Do not pull more than ${inHand(pullLimit.value!, units)}: ${weakest} gives first.`,
    };
  return {
    verdict: 'holds',
    first: `${force(hauled)} stays under the line’s WLL of ${force(wll)}.`,
    then: `Do not pull more than ${inHand(pullLimit.value!, units)}: ${weakest} gives first.`,
  };
}

/** The best other loop, if there is a better one. */
function useBetterLoop({ doc, figures, line }: Bench): { name: string; wllN: number } | null {
  const { system } = doc;
  const loop = system.kind === 'truckers' ? system.loop : null;
  const key = `${loop}/${figures.capacity.wll.value}`;
  return useMemo(() => {
    if (loop === null) return null;
    const list = alternatives(
      line.elements,
      line.elements.findIndex((e) => e.kind === 'truckers'),
      line.context,
    );
    const best = list.find((a) => a.lineWllN !== null && a.doubts.length === 0);
    const now = list.find((a) => a.current)?.lineWllN ?? null;
    return best && !best.current && now !== null && best.lineWllN! > now * 1.01
      ? { name: best.label, wllN: best.lineWllN! }
      : null;
    // The document changes with every movement of the hand; only what decides strength matters here.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
}

function Limits({
  bench,
  onClose,
  onWorking,
}: {
  bench: Bench;
  onClose: () => void;
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  const { limits, crushPull } = bench.figures;
  const words = strandWords(bench, units);
  return (
    <Sheet title="How hard each part may be pulled" side open onClose={onClose}>
      <Spaced as="p" $bottom={8}>
        The line tension each part allows, and the hand pull that reaches it. The first row stops
        the pull.
      </Spaced>
      <ul aria-label="Limits">
        <Row as="li">
          <Small>part</Small>
          <Small>line tension</Small>
          <Small>hand pull</Small>
        </Row>
        {limits.map(({ place, pull }, i) => (
          <Row key={i}>
            <span>{place.name}</span>
            <WorkingFigure
              working={place.allowed}
              title={place.name}
              text={
                place.allowed.value === null
                  ? 'not known'
                  : formatQuantity(place.allowed.value, 'force', units, 'capacity')
              }
              onOpen={onWorking}
              size={15}
            />
            <WorkingFigure
              working={pull}
              title={`Pull that ${place.name} bears`}
              text={pull.value === null ? 'not known' : inHand(pull.value, units)}
              onOpen={onWorking}
              size={15}
            />
          </Row>
        ))}
        {crushPull ? (
          <Row>
            <span>the load</span>
            <Figure $size={15}>
              {formatQuantity(bench.doc.loadBearsN!, 'force', units, 'capacity')}
            </Figure>
            <WorkingFigure
              working={crushPull}
              title="Pull that crushes the load"
              text={inHand(crushPull.value ?? 0, units)}
              onOpen={onWorking}
              size={15}
            />
          </Row>
        ) : null}
      </ul>
      <Spaced as="h3" $top={18}>
        Strands while hauling
      </Spaced>
      <ul aria-label="Strands">
        {strandWorkings(bench.doc.system).strandsN.flatMap((rope, r) =>
          rope.map((w, s) => {
            const name = words.of(r, s)?.name || strandSymbol(r, s);
            return (
              <Row key={`${r}/${s}`}>
                <span>{name}</span>
                <span />
                <WorkingFigure
                  working={w}
                  title={`Strand: ${name}`}
                  text={inHand(w.value ?? 0, units)}
                  onOpen={onWorking}
                  size={15}
                />
              </Row>
            );
          }),
        )}
      </ul>
    </Sheet>
  );
}

/** The answer of the bench, with the most the hand may pull. */
export const BenchVerdict = memo(function BenchVerdict({
  bench,
  onWorking,
}: {
  bench: Bench;
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  const [open, setOpen] = useState(false);
  const saying = sayingOf(bench.figures, bench.doc.loadBearsN, units);
  const better = useBetterLoop(bench);
  return (
    <Box $bad={saying.verdict === 'short'} role="status" data-bench-verdict={saying.verdict}>
      <VerdictMark verdict={saying.verdict} />
      <Saying>
        <b>{saying.first}</b> {saying.then}
        {better
          ? ` ${better.name.replace(/^./, (c) => c.toUpperCase())} here: ${formatQuantity(better.wllN, 'force', units, 'capacity')}.`
          : ''}
      </Saying>
      <Button $kind="quiet" onPress={() => setOpen(true)}>
        What bears what
      </Button>
      {open ? <Limits bench={bench} onClose={() => setOpen(false)} onWorking={onWorking} /> : null}
    </Box>
  );
});
