'use client';
import { memo, type ReactNode, useCallback, useId, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';

const Part = styled.div`
  & h2 {
    margin: 0;
  }
  border-top: var(--w-hair) solid var(--line);
`;
const Toggle = styled(AriaButton)`
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: var(--hit);
  border: 0;
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
  font: 680 15px/1.2 var(--font-figure);
  font-stretch: 90%;
  padding: 0;
  & > small {
    font: 500 13px/1.2 var(--font-figure);
    color: var(--ink-2);
    margin-left: auto;
    text-align: right;
  }
`;
const Inside = styled.div`
  padding: 2px 0 14px;
  &[hidden] {
    display: none;
  }
`;
const Body = styled.div`
  display: grid;
  gap: 12px;
`;

/** Nothing until it is opened, and from then on always: what cannot be read yet must not be lost by closing it. */
function Once({ open, children }: { open: boolean; children: ReactNode }) {
  const [opened, setOpened] = useState(open);
  if (open && !opened) setOpened(true);
  return opened || open ? <Body>{children}</Body> : null;
}

/** Drawn again only when something of it changes: what it stands over changes with every key. */
const Head = memo(function Head({
  title,
  summary,
  controls,
  expanded,
  onToggle,
}: {
  title: string;
  summary: string;
  /** Id of what it opens. */
  controls: string;
  expanded: boolean;
  onToggle: () => void;
}) {
  return (
    <h2>
      <Toggle
        data-section={title}
        aria-expanded={expanded}
        aria-controls={controls}
        onPress={onToggle}
      >
        <span aria-hidden>{expanded ? '▾' : '▸'}</span>
        {title}
        <small>{summary}</small>
      </Toggle>
    </h2>
  );
});

/** A part of the planner's left side that is opened when it is wanted. */
export function Section({
  title,
  summary,
  open = false,
  children,
}: {
  title: string;
  summary: string;
  open?: boolean;
  children: ReactNode;
}) {
  const id = useId();
  const [expanded, setExpanded] = useState(open);
  const toggle = useCallback(() => setExpanded((now) => !now), []);
  return (
    <Part>
      <Head title={title} summary={summary} controls={id} expanded={expanded} onToggle={toggle} />
      <Inside id={id} role="group" aria-label={title} hidden={!expanded}>
        <Once open={expanded}>{children}</Once>
      </Inside>
    </Part>
  );
}
