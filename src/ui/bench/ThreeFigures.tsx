'use client';
import { memo, type ReactNode } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import { formatNumber, formatQuantity } from '@/core/units';
import type { Working } from '@/core/working/working';
import { useMember } from '../frame/MemberContext';
import { Hidden } from '../kit/text';
import type { OpenedWorking } from '../working/WorkingSheet';
import { practiceWords, schoolWords } from './schools';
import type { Bench } from './useBench';

const Row = styled.section`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  border-bottom: var(--w-rule) solid var(--ink);
`;
const Box = styled.div<{ $dark?: boolean }>`
  padding: 10px 14px 12px;
  border-right: var(--w-hair) solid var(--line);
  min-width: 0;
  &:last-child {
    border-right: 0;
  }
  @media (max-width: 600px) {
    padding: 8px 9px;
  }
  & > p {
    font-size: 13.5px;
    line-height: 1.32;
    margin-top: 6px;
  }
  @media (max-width: 600px) {
    & > p {
      font-size: 12.5px;
    }
  }
  ${({ $dark }) =>
    $dark &&
    css`
      background: var(--plate);
      color: var(--on-plate);
      && * {
        color: inherit;
      }
    `}
`;
const Open = styled(AriaButton)`
  display: block;
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
  padding: 0;
  text-align: left;
  min-height: var(--hit);
  width: 100%;
`;
const Name = styled.span`
  display: block;
  font: 560 12px/1.25 var(--font-figure);
  font-stretch: 88%;
  color: var(--ink-2);
  min-height: 30px;
`;
const Ratio = styled.span<{ $strong?: boolean }>`
  display: block;
  font: ${({ $strong }) => ($strong ? 700 : 480)} 38px/1.05 var(--font-figure);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  & small {
    font-size: 17px;
    font-weight: 560;
    margin-left: 4px;
  }
  @media (max-width: 600px) {
    font-size: 27px;
    & small {
      font-size: 13px;
    }
  }
`;
const Force = styled.span`
  display: block;
  font: 680 18px/1.2 var(--font-figure);
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 1.2px;
  white-space: nowrap;
  @media (max-width: 600px) {
    font-size: 15px;
  }
`;

function Third({
  name,
  ratio,
  forceN,
  working,
  title,
  dark,
  onOpen,
  children,
}: {
  name: [string, string];
  ratio: number | null;
  forceN: number | null;
  working: Working;
  title: string;
  dark?: boolean;
  onOpen: (w: OpenedWorking) => void;
  children: ReactNode;
}) {
  const { units } = useMember();
  const shown = forceN === null ? 'not known' : formatQuantity(forceN, 'force', units, 'capacity');
  return (
    <Box $dark={dark === true}>
      <Open data-working onPress={() => onOpen({ working, title, rounding: 'capacity' })}>
        <Name>
          {name[0]} <br />
          {name[1]}{' '}
        </Name>
        <Ratio $strong={dark === true}>
          {ratio === null ? '?' : formatNumber(ratio)}
          <small>: 1 </small>
        </Ratio>
        <Force>
          {shown}
          <Hidden>, show working</Hidden>
        </Force>
      </Open>
      <p>{children}</p>
    </Box>
  );
}

/** Counted, while hauling, and kept after tie-off: never one without the others. */
export const ThreeFigures = memo(function ThreeFigures({
  bench,
  onWorking,
}: {
  bench: Bench;
  onWorking: (w: OpenedWorking) => void;
}) {
  const { units } = useMember();
  const { figures, doc } = bench;
  const { tension, afterHour, band } = figures;
  const H = doc.system.handForceN;
  const kept = tension.kept.value;
  const slip = formatQuantity(doc.system.slipM, 'length', units, 'nearest', true).replace(
    /\.0+(?=\D)/,
    '',
  );
  const settled = (n: number): string => formatQuantity(n, 'force', units, 'capacity');
  return (
    <Row aria-label="Counted, hauling, kept">
      <Third
        name={['counted', 'no friction']}
        ratio={figures.counted}
        forceN={figures.countedTension.value}
        working={figures.countedTension}
        title="Counted"
        onOpen={onWorking}
      >
        {schoolWords(doc.system, figures)}
      </Third>
      <Third
        name={['while', 'hauling']}
        ratio={tension.ratio?.value ?? null}
        forceN={tension.hauled.value}
        working={tension.hauled}
        title="While hauling"
        onOpen={onWorking}
      >
        {practiceWords(doc.system, band)}
      </Third>
      <Third
        name={['kept after', 'tie-off']}
        ratio={kept === null ? null : kept / H}
        forceN={kept}
        working={tension.pretension}
        title="Kept after tie-off"
        dark
        onOpen={onWorking}
      >
        {kept === null || !afterHour ? (
          'How far this rope stretches is not known: enter its breaking strength.'
        ) : kept === 0 ? (
          'Nothing is left when your hand lets go: the line is too short and stiff for the slip.'
        ) : (
          <>
            {doc.system.kind === 'truckers' ? 'Your hand lets go' : 'The hauled end is made fast'},{' '}
            {slip} slips while {doc.system.kind === 'truckers' ? 'the lock sets' : 'it sets'}.{' '}
            {settled(afterHour.leastN)} to {settled(afterHour.mostN)} after the first hour: pull
            again.
          </>
        )}
      </Third>
    </Row>
  );
});
