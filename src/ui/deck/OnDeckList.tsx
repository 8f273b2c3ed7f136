'use client';
import { ListBox, ListBoxItem, ListBoxSection, Header } from 'react-aria-components/ListBox';
import styled from 'styled-components';
import { unitName } from '@/core/securement/load/describe';
import type { Scene } from '@/core/securement/stage/scene';
import { wordAnchor, wordLine, wordUnit } from '@/wording/stage';
import { useMember } from '../frame/MemberContext';
import type { DeckPick } from './pick';

const List = styled(ListBox)`
  border: var(--w-rule) solid var(--ink);
  max-height: 320px;
  overflow: auto;
`;
const Head = styled(Header)`
  padding: 6px 10px 2px;
  font: 680 12px/1.2 var(--font-figure);
  color: var(--ink-2);
`;
const Item = styled(ListBoxItem)`
  min-height: var(--hit);
  padding: 6px 10px;
  border-bottom: var(--w-hair) solid var(--line);
  cursor: pointer;
  font: 600 14px/1.25 var(--font-figure);
  & small {
    display: block;
    font: 500 13px/1.3 var(--font-figure);
    color: var(--ink-2);
  }
  &[data-selected] {
    background: var(--plate);
    color: var(--on-plate);
  }
  &[data-selected] small {
    color: inherit;
  }
  &[data-focus-visible] {
    outline: 3px solid var(--focus, var(--ink));
    outline-offset: -3px;
  }
`;

const keyOf = ({ kind, id }: DeckPick): string => `${kind}/${id}`;
const KINDS = ['unit', 'line', 'anchor'] as const;

function pickOf(key: string): DeckPick | null {
  const kind = KINDS.find((k) => key.startsWith(`${k}/`));
  return kind ? { kind, id: key.slice(kind.length + 1) } : null;
}

/** Everything on the deck, in words: what stands where, which line is weak, what each anchor may take. */
export function OnDeckList({
  scene,
  picked,
  onPick,
}: {
  scene: Scene;
  picked: DeckPick | null;
  onPick: (picked: DeckPick | null) => void;
}) {
  const { units } = useMember();
  return (
    <List
      aria-label="Everything on the deck"
      selectionMode="single"
      selectedKeys={picked ? [keyOf(picked)] : []}
      onSelectionChange={(keys) => {
        const [key] = keys === 'all' ? [] : [...keys];
        onPick(key === undefined ? null : pickOf(String(key)));
      }}
    >
      <ListBoxSection>
        <Head>Units</Head>
        {scene.load.map((p) => (
          <Item key={p.unit.id} id={`unit/${p.unit.id}`} textValue={unitName(p.unit)}>
            {unitName(p.unit)}
            <small>{wordUnit(p, scene, units)}</small>
          </Item>
        ))}
      </ListBoxSection>
      {scene.lines.length > 0 ? (
        <ListBoxSection>
          <Head>Lines</Head>
          {scene.lines.map((l) => (
            <Item key={l.id} id={`line/${l.id}`} textValue={`Line ${l.number}`}>
              Line {l.number}, {l.name}
              {l.weakest ? ': look here first' : ''}
              <small>{wordLine(l, scene, units)}</small>
            </Item>
          ))}
        </ListBoxSection>
      ) : null}
      {scene.anchors.length > 0 ? (
        <ListBoxSection>
          <Head>Anchors</Head>
          {scene.anchors.map((a) => (
            <Item
              key={a.anchor.id}
              id={`anchor/${a.anchor.id}`}
              textValue={a.anchor.name || a.anchor.id}
            >
              {a.anchor.name || a.anchor.id}
              <small>{wordAnchor(a, units)}</small>
            </Item>
          ))}
        </ListBoxSection>
      ) : null}
    </List>
  );
}
