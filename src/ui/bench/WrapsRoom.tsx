'use client';
import Link from 'next/link';
import { GRIP_CORD } from '@/core/knot/grip-cord';
import { useState } from 'react';
import styled from 'styled-components';
import { PASS_KIND_IDS, PASS_KINDS, type PassKind } from '@/core/tackle/passes';
import {
  tailForce,
  turnsWanted,
  WRAP_FORM_IDS,
  WRAP_FORMS,
  type WrapFormId,
  wrappedAngle,
} from '@/core/tackle/wraps';
import { formatNumber, formatQuantity } from '@/core/units';
import { traced } from '@/core/working/working';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import { Label, Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { WorkingFigure } from '../working/WorkingFigure';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import { BenchNav } from './BenchNav';
import { handUnit } from './strandWords';
import { WrapPicture } from './WrapPicture';
import { Spaced } from '../kit/layout';

const Head = styled.header`
  padding: 14px 20px 10px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;
const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0 32px;
  padding: 12px 20px 24px;
  max-width: 1180px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;
const Answer = styled.div<{ $bad: boolean }>`
  border: var(--w-strong) solid ${({ $bad }) => ($bad ? 'var(--signal)' : 'var(--ink)')};
  background: var(--sheet);
  padding: 12px 16px;
  display: grid;
  gap: 6px;
  margin-top: 12px;
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 150px;
  gap: 12px;
  align-items: center;
  min-height: 46px;
  border-bottom: var(--w-hair) solid var(--line);
  font: 560 15px/1.25 var(--font-figure);
  & > b {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  &[data-now='true'] {
    background: var(--sheet);
    border-left: 5px solid var(--plate);
    padding-left: 8px;
  }
`;

const COUNTS = [0, 1, 2, 3, 4, 5] as const;

/** Turns on a post, a cleat, a tree or another rope: what is left to hold at the tail, and how many turns a hand wants. */
export function WrapsRoom() {
  const { units } = useMember();
  const [form, setForm] = useState<WrapFormId>('post');
  const [loadN, setLoadN] = useState(3000);
  const [handN, setHandN] = useState(100);
  const [count, setCount] = useState<number>(WRAP_FORMS.post.usual);
  const [round, setRound] = useState<PassKind>(WRAP_FORMS.post.round);
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const spec = WRAP_FORMS[form];
  const choose = (id: WrapFormId): void => {
    setForm(id);
    setCount(WRAP_FORMS[id].usual);
    setRound(WRAP_FORMS[id].round);
  };
  const left = tailForce(traced, { loadN, angleRad: wrappedAngle(form, count), round });
  const hand = (n: number, up = true): string =>
    formatQuantity(n, 'force', { ...units, force: handUnit(units) }, up ? 'demand' : 'nearest');
  const wanted = turnsWanted(loadN, handN, round);
  const most = left.greatest.value ?? 0;
  const held = (n: number): string => (n < 1 ? 'under 1 N' : hand(n));
  const range = (a: number, b: number): string =>
    b - a < 0.5 ? held(b) : `${held(a)} to ${held(b)}`;
  const percent = (n: number): string => `${formatNumber((n / loadN) * 100, 'nearest', 2)} %`;
  return (
    <>
      <Head>
        <Label>
          <Link href="/bench">Tension bench</Link>
        </Label>
        <h1>Wraps</h1>
      </Head>
      <BenchNav />
      <Page>
        <div>
          <FieldGrid $min={200}>
            <Select
              label="Wrapped as"
              value={form}
              choices={WRAP_FORM_IDS.map((id) => ({ id, name: WRAP_FORMS[id].name }))}
              onChange={choose}
            />
            <Select
              label="Round"
              value={round}
              choices={PASS_KIND_IDS.map((id) => ({ id, name: PASS_KINDS[id].name }))}
              onChange={setRound}
            />
            <QuantityField
              label="Pull on the loaded part"
              dimension="force"
              unit={units.force}
              least={1}
              most={1e6}
              value={loadN}
              onChange={(n) => n !== null && setLoadN(n)}
            />
            <QuantityField
              label="What the hand holds"
              dimension="force"
              unit={handUnit(units)}
              least={1}
              most={5000}
              value={handN}
              onChange={(n) => n !== null && setHandN(n)}
            />
            <NumberField
              label={`How many ${spec.unit}`}
              value={count}
              least={0}
              most={20}
              onChange={setCount}
            />
          </FieldGrid>
          <WrapPicture
            form={form}
            count={count}
            load={formatQuantity(loadN, 'force', units)}
            tail={hand(most)}
          />
          <Answer $bad={most > handN} role="status" data-wraps={most <= handN ? 'holds' : 'short'}>
            <VerdictMark verdict={most <= handN ? 'holds' : 'short'} />
            <p>
              {spec.grips ? 'Left for the hitch to pinch' : 'Left to hold at the tail'}:{' '}
              <WorkingFigure
                working={left.greatest}
                title="Left at the tail, least friction"
                text={hand(most)}
                rounding="demand"
                onOpen={setWorking}
                size={26}
              />
            </p>
            <Small>
              {percent(left.least.value ?? 0)} to {percent(most)} of the pull, between the most and
              the least friction a {PASS_KINDS[round].name} is known for. Plan with the greater.
            </Small>
          </Answer>
          <Spaced as="p" $top={12}>
            <b>For a hand of {hand(handN, false)}:</b>{' '}
            {wanted.ok
              ? wanted.value === 0
                ? 'no turn is wanted.'
                : `${String(wanted.value)} turn${wanted.value === 1 ? '' : 's'} of 360° round a ${PASS_KINDS[round].name}, counted with the least friction.`
              : 'a hand that holds nothing holds nothing.'}
          </Spaced>
          {spec.grips ? (
            <Spaced as="p" $top={8}>
              An estimate from the capstan model, as a range: grip hitches slip before they break.
              The cord must be softer and thinner, {GRIP_CORD.least * 100} to {GRIP_CORD.most * 100}{' '}
              % of the rope it grips. Try it with a gentle load first.
            </Spaced>
          ) : null}
        </div>
        <section>
          <Spaced as="h2" $bottom={6}>
            {spec.name.replace(/^./, (c) => c.toUpperCase())}: what is left
          </Spaced>
          <ul aria-label="Left by number of turns">
            {COUNTS.map((n) => {
              const t = tailForce(traced, { loadN, angleRad: wrappedAngle(form, n), round });
              return (
                <Row key={n} data-now={n === count}>
                  <span>
                    {n === 0 && spec.baseRad > 0
                      ? 'base turn only'
                      : `${n} ${n === 1 ? spec.unit.replace(/s$/, '') : spec.unit}`}{' '}
                    <Small>{Math.round((wrappedAngle(form, n) * 180) / Math.PI)}°</Small>
                  </span>
                  <b>{range(t.least.value ?? 0, t.greatest.value ?? 0)}</b>
                </Row>
              );
            })}
          </ul>
        </section>
      </Page>
      <WorkingSheet opened={working} over="Wraps" onClose={() => setWorking(null)} />
    </>
  );
}
