'use client';
import Link from 'next/link';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import styled, { css } from 'styled-components';
import type { Crew, Ease, Purpose } from '@/core/knot/catalogue/entry';
import { findKnots } from '@/core/knot/find';
import type { KnotCard } from '@/server/knots';
import { Button, ButtonLink } from '../kit/Button';
import { Check } from '../kit/Check';
import { TextField } from '../kit/TextField';
import { Hidden, Label, Small } from '../kit/text';
import { useKeys } from '../useKeys';
import { KnotPicture } from './KnotPicture';

const Head = styled.header`display:grid;grid-template-columns:auto minmax(220px,420px) 1fr;gap:10px 24px;align-items:end;padding:16px 24px 12px 20px;border-bottom:var(--w-rule) solid var(--ink);@media (max-width:760px){grid-template-columns:1fr;padding:12px}`;
const Filters = styled.div`display:flex;flex-wrap:wrap;gap:6px;padding:10px 24px 10px 20px;border-bottom:var(--w-hair) solid var(--line);@media (max-width:760px){padding:8px 12px;flex-wrap:nowrap;overflow-x:auto;& > *{flex:none}}`;
const Chip = styled(Button)`min-height:36px;padding:0 11px;font-size:13px;font-stretch:86%;@media (max-width:760px){min-height:44px}`;
const Grid = styled.ul`display:grid;grid-template-columns:repeat(auto-fill,minmax(226px,1fr));@media (max-width:760px){grid-template-columns:1fr}`;
const Card = styled.li<{ $picked: boolean }>`
  border-right:var(--w-hair) solid var(--line);border-bottom:var(--w-hair) solid var(--line);display:grid;grid-template-rows:auto 1fr auto;min-width:0;${({ $picked }) => $picked && css`background:var(--sheet);box-shadow:inset 0 0 0 var(--w-strong) var(--ink);`}
  & > a{display:block;text-decoration:none;padding:12px 16px 0}& > a > svg{display:block;width:100%;height:132px}& > a > h2{font-size:18px;margin-top:6px}& > a[data-hovered] > h2,& > a:hover > h2{text-decoration:underline}
  & > div{padding:2px 16px 4px}& > footer{padding:0 16px 6px;border-top:var(--w-hair) solid var(--line);margin-top:6px}
  @media (max-width:760px){& > a{display:grid;grid-template-columns:104px 1fr;align-items:center;gap:12px}& > a > svg{height:104px}}
`;
const Marks = styled.dl`display:grid;grid-template-columns:auto 1fr;gap:2px 10px;font-size:13px;margin:6px 0 0;& dt{color:var(--ink-2);font:560 12px/1.5 var(--font-figure);font-stretch:84%}& dd{margin:0;font:600 13px/1.4 var(--font-figure)}`;
const Bar = styled.div`position:sticky;bottom:30px;background:var(--sheet);border-top:var(--w-strong) solid var(--ink);padding:10px 20px;display:flex;flex-wrap:wrap;gap:12px;align-items:center;@media (max-width:760px){bottom:68px;padding:8px 12px}`;

const EASE_WORDS: Record<Ease, string> = { 1: 'takes practice', 2: 'fair', 3: 'easy' };

/** Three steps from hard to easy, as knots on a line. */
function EaseMark({ ease }: { ease: Ease }) {
  return <><span aria-hidden style={{ letterSpacing: 2 }}>{'●'.repeat(ease)}{'○'.repeat(3 - ease)}</span> {EASE_WORDS[ease]}</>;
}

function Result({ card, picked, full, onPick }: { card: KnotCard; picked: boolean; full: boolean; onPick: (on: boolean) => void }) {
  return (
    <Card $picked={picked}>
      <Link href={`/knots/${card.id}`}><KnotPicture id={card.id} /><h2>{card.name}</h2></Link>
      <div>
        <Small>{card.aliases.slice(0, 3).join(', ')}</Small>
        <p style={{ fontSize: 14, marginTop: 2 }}>{card.purpose}</p>
        <Marks>
          <dt>strength left</dt><dd>{Math.round(card.counted * 100)} %{card.published ? '' : ', no published value'}</dd>
          <dt>tying</dt><dd><EaseMark ease={card.easy.tie} /></dd><dt>untying</dt><dd><EaseMark ease={card.easy.untie} /></dd>
        </Marks>
      </div>
      <footer>{picked || !full ? <Check selected={picked} onChange={onPick}>Compare<Hidden> {card.name}</Hidden></Check> : <Small style={{ display: 'block', padding: '12px 0' }}>four are picked</Small>}</footer>
    </Card>
  );
}

const MOST_COMPARED = 4;

/** Finds a knot by any name people call it, by what it must do, and by crew; picks some to put side by side. */
export function Finder({ cards, purposes, crews }: { cards: readonly KnotCard[]; purposes: readonly (readonly [Purpose, string])[]; crews: readonly Crew[] }) {
  const [typed, setTyped] = useState('');
  const [wanted, setWanted] = useState<readonly Purpose[]>([]);
  const [crew, setCrew] = useState<Crew | null>(null);
  const [picked, setPicked] = useState<readonly string[]>([]);
  const search = useRef<HTMLDivElement>(null);
  const text = useDeferredValue(typed);
  const words = useMemo(() => new Map<string, string>(purposes), [purposes]);
  const found = useMemo(() => findKnots(cards, text, { purposes: wanted, crew }, (id) => words.get(id) ?? id), [cards, text, wanted, crew, words]);
  useKeys({ '/': () => search.current?.querySelector('input')?.focus() });
  const toggle = (p: Purpose): void => setWanted((w) => (w.includes(p) ? w.filter((x) => x !== p) : [...w, p]));
  const pick = (id: string) => (on: boolean): void => setPicked((all) => (on ? [...all, id].slice(0, MOST_COMPARED) : all.filter((x) => x !== id)));
  return (
    <>
      <Head>
        <h1>Knots</h1>
        <div ref={search}><TextField label="Any name, or what it must do" value={typed} onChange={setTyped} type="search" /></div>
        <Label role="status">{found.length === cards.length ? `${cards.length} knots` : `${found.length} of ${cards.length} knots`}</Label>
      </Head>
      <Filters role="group" aria-label="What it must do">
        {purposes.map(([id, name]) => <Chip key={id} $kind={wanted.includes(id) ? 'primary' : 'plain'} aria-pressed={wanted.includes(id)} onPress={() => toggle(id)}>{name}</Chip>)}
      </Filters>
      <Filters role="group" aria-label="Who ties it">
        <Chip $kind={crew === null ? 'primary' : 'plain'} aria-pressed={crew === null} onPress={() => setCrew(null)}>every crew</Chip>
        {crews.map((c) => <Chip key={c} $kind={crew === c ? 'primary' : 'plain'} aria-pressed={crew === c} onPress={() => setCrew(c)}>{c}</Chip>)}
      </Filters>
      {found.length === 0 ? <p style={{ padding: 24 }}>No knot here is called that and does all of this. Take one condition away.</p> : null}
      <Grid aria-label="Knots found">{found.map((c) => <Result key={c.id} card={c} picked={picked.includes(c.id)} full={picked.length >= MOST_COMPARED} onPick={pick(c.id)} />)}</Grid>
      {picked.length > 0 ? (
        <Bar role="region" aria-label="Picked to compare">
          <b>{picked.map((id) => cards.find((c) => c.id === id)?.name).join(' · ')}</b>
          {picked.length > 1 ? <ButtonLink as={Link} $kind="primary" href={`/knots/compare?ids=${picked.join(',')}`}>Put side by side</ButtonLink> : <Small>Pick one more to compare.</Small>}
          <Button $kind="quiet" onPress={() => setPicked([])}>None</Button>
        </Bar>
      ) : null}
    </>
  );
}
