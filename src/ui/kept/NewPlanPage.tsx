'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { RuleSetId } from '@/core/securement/rule-set-ids';
import type { Strength } from '@/core/securement/schema';
import { formatQuantity } from '@/core/units';
import { call, messageOf } from '../api';
import { tagLines } from '@/wording/gear';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { FieldGrid, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { ErrorText, Label, Small } from '../kit/text';
import type { LockerItem } from '../locker/useLockerList';
import { refusal, withGear } from '../locker/putGear';
import { KeptPicker, type KeptPart } from './KeptPicker';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 1120px;
  display: grid;
  gap: 16px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Steps = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 24px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Step = styled.section`
  display: grid;
  gap: 10px;
  align-content: start;
  padding-top: 10px;
  border-top: var(--w-strong) solid var(--ink);
`;
/** Always in sight, however many ropes there are. */
const Foot = styled.div`
  position: sticky;
  bottom: 30px;
  padding: 10px 0;
  background: var(--canvas);
  box-shadow: 0 12px var(--canvas);
  border-top: var(--w-rule) solid var(--ink);
  @media (max-width: 760px) {
    bottom: 68px;
  }
`;
const Ropes = styled.ul`
  display: grid;
  gap: 6px;
`;
const Choice = styled(Button)`
  width: 100%;
  justify-content: flex-start;
  &[aria-pressed='true'] {
    background: var(--plate);
    color: var(--on-plate);
  }
`;

type Own = Partial<Pick<LoadUnit, 'name' | 'massKg' | 'lengthM' | 'widthM' | 'heightM'>>;

/** What is known of a load that is not kept; everything may stay blank. */
function OwnLoad({ own, onOwn }: { own: Own; onOwn: (own: Own) => void }) {
  const { units } = useMember();
  const set = (change: Own): void => onOwn({ ...own, ...change });
  const length = {
    dimension: 'length',
    unit: units.length,
    least: 0.01,
    most: 60,
    optional: true,
    // What nobody has measured begins as a metre, and can be seen on the deck.
    placeholder: `${formatQuantity(1, 'length', units)} so far`,
  } as const;
  const measure = (key: 'lengthM' | 'widthM' | 'heightM') => (v: number | null) => {
    const { [key]: _, ...rest } = own;
    onOwn(v === null ? rest : { ...rest, [key]: v });
  };
  return (
    <FieldGrid $min={150}>
      <TextField
        label="What it is"
        value={own.name ?? ''}
        onChange={(name) => set({ name: name.slice(0, 80) })}
      />
      <QuantityField
        label="Mass"
        dimension="mass"
        unit={units.mass}
        optional
        least={0.1}
        most={100_000}
        value={own.massKg ?? null}
        onChange={(massKg) => set({ massKg })}
      />
      <QuantityField
        label="Length"
        {...length}
        value={own.lengthM ?? null}
        onChange={measure('lengthM')}
      />
      <QuantityField
        label="Width"
        {...length}
        value={own.widthM ?? null}
        onChange={measure('widthM')}
      />
      <QuantityField
        label="Height"
        {...length}
        value={own.heightM ?? null}
        onChange={measure('heightM')}
      />
    </FieldGrid>
  );
}

/** Which deck, which load, which rope: a plan begins with what is kept, or with what is known. */
export function NewPlanPage({
  strength,
  ruleSet,
  ropes,
  more,
}: {
  strength: Strength;
  /** The crew's own; null: by the units of who plans. */
  ruleSet: RuleSetId | null;
  /** The first ropes of the locker that are in service, by code. */
  ropes: readonly LockerItem[];
  /** Whether the locker has more of them. */
  more: boolean;
}) {
  const { viewer } = useMember();
  const router = useRouter();
  const [deck, setDeck] = useState<KeptPart | null>(null);
  const [load, setLoad] = useState<KeptPart | null>(null);
  const [rope, setRope] = useState<LockerItem | null>(null);
  const [own, setOwn] = useState<Own>({});
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const begin = async (): Promise<void> => {
    setBusy(true);
    const [keptDeck, keptLoad, { begunPlan }] = await Promise.all([
      deck ? call('GET /decks/{id}', { params: { id: deck.id } }) : null,
      load ? call('GET /loads/{id}', { params: { id: load.id } }) : null,
      import('@/core/securement/kept/begin'),
    ]);
    const failed = [keptDeck, keptLoad].find((a) => a && !a.ok);
    if (failed && !failed.ok) {
      setBusy(false);
      return setError(messageOf(failed.problem));
    }
    const part = <D,>(
      answer: { ok: boolean; value?: { id: string; version: number; document: D } } | null,
    ) =>
      answer?.value
        ? {
            keptAs: { id: answer.value.id, version: answer.value.version },
            document: answer.value.document,
          }
        : null;
    const plan = begunPlan(
      {
        deck: part(keptDeck),
        load: part(keptLoad),
        own,
        rope: rope ? (e) => withGear(e, rope) ?? e : null,
      },
      strength,
      viewer.units,
      ruleSet,
    );
    const answer = await call('POST /plans', { body: plan });
    if (answer.ok) return router.push(`/loads/${answer.value.id}`);
    setBusy(false);
    setError(messageOf(answer.problem));
  };
  return (
    <Page>
      <div>
        <Label>
          <Link href="/loads">Loads</Link> / {viewer.crewName}
        </Label>
        <h1>Plan a load</h1>
      </div>
      <Steps>
        <Step aria-label="Which deck">
          <h2>Which deck?</h2>
          <Choice aria-pressed={deck === null} onPress={() => setDeck(null)}>
            A small trailer; I enter its rings later
          </Choice>
          <KeptPicker kind="deck" chosen={deck?.id ?? null} onChoose={setDeck} />
        </Step>
        <Step aria-label="Which load">
          <h2>Which load?</h2>
          <Choice aria-pressed={load === null} onPress={() => setLoad(null)}>
            Something else; what you know of it
          </Choice>
          {load === null ? <OwnLoad own={own} onOwn={setOwn} /> : null}
          <KeptPicker kind="load" chosen={load?.id ?? null} onChoose={setLoad} />
        </Step>
        <Step aria-label="Which rope">
          <h2>Which rope?</h2>
          <Choice aria-pressed={rope === null} onPress={() => setRope(null)}>
            A plain rope; I say later which
          </Choice>
          <Ropes aria-label="Ropes of the locker">
            {ropes.map((r) => (
              <li key={r.id}>
                <Choice
                  aria-pressed={rope?.id === r.id}
                  isDisabled={refusal(r) !== null}
                  onPress={() => setRope(r)}
                >
                  {r.document.code}
                  <Small as="small">{tagLines(r.document, viewer.units)[0]}</Small>
                </Choice>
              </li>
            ))}
          </Ropes>
          {more ? (
            <Small>The locker holds more: put another on the line once the plan is begun.</Small>
          ) : null}
          {ropes.length === 0 ? <Small>The locker holds no rope that is in service.</Small> : null}
        </Step>
      </Steps>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Foot>
        <Button $kind="primary" isDisabled={busy} onPress={() => void begin()}>
          Begin
        </Button>
      </Foot>
    </Page>
  );
}
