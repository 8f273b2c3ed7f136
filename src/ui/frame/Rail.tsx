'use client';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { RoomMark } from './RoomMark';
import { type Theme, THEME_COOKIE, THEME_WORDS, THEMES } from '@/wording/themes';
import { NearLink } from '../kit/NearLink';
import { useMember } from './MemberContext';

const Bar = styled.nav`
  position: fixed;
  inset: 0 auto 0 0;
  width: var(--rail);
  display: flex;
  flex-direction: column;
  z-index: 5;
  background: var(--canvas);
  overflow: hidden;
  @media (max-width: 760px) {
    inset: auto 0 0 0;
    width: 100vw;
    height: 68px;
    flex-direction: row;
    border-top: var(--w-rule) solid var(--ink);
    overflow: visible;
  }
  @media print {
    display: none;
  }
`;
const RopeEdge = styled.svg`
  position: absolute;
  right: 0;
  top: 0;
  height: 100%;
  width: 14px;
  @media (max-width: 760px) {
    display: none;
  }
`;
const Mark = styled(NearLink)`
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  padding: 14px 12px 10px 0;
  font: 760 11px/1.05 var(--font-figure);
  font-stretch: 112%;
  text-decoration: none;
  @media (max-width: 760px) {
    display: none;
  }
`;
const Room = styled(NearLink)`
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 4px;
  min-height: 61px;
  padding-right: 12px;
  font: 560 12px/1.1 var(--font-figure);
  font-stretch: 80%;
  color: var(--ink-2);
  text-align: center;
  text-decoration: none;
  &[aria-current='page'] {
    color: var(--ink);
    font-weight: 720;
  }
  &[aria-current='page']::after {
    content: '';
    position: absolute;
    right: 0;
    top: 12px;
    bottom: 12px;
    width: 14px;
    background: repeating-linear-gradient(to bottom, var(--plate) 0 4px, var(--canvas) 4px 5.5px);
  }
  @media (max-width: 760px) {
    flex: 1;
    padding: 0;
    &[aria-current='page']::after {
      top: -8px;
      bottom: auto;
      left: calc(50% - 20px);
      right: auto;
      width: 40px;
      height: 12px;
      background: repeating-linear-gradient(to right, var(--plate) 0 4px, var(--canvas) 4px 5.5px);
    }
  }
`;
const Foot = styled.div`
  margin-top: auto;
  padding: 0 14px 12px 6px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: stretch;
  @media (max-width: 760px) {
    margin: 0;
    padding: 0 8px;
    flex-direction: row;
    align-items: center;
    flex: 1;
    justify-content: center;
    min-width: 0;
  }
`;
/** On a phone what does not fit the bar stands behind one more place of it; elsewhere all stand in the rail. */
const Rest = styled.div<{ $open: boolean }>`
  display: contents;
  @media (max-width: 760px) {
    display: ${({ $open }) => ($open ? 'grid' : 'none')};
    grid-auto-rows: minmax(64px, auto);
    position: absolute;
    right: 0;
    bottom: 68px;
    width: 172px;
    background: var(--canvas);
    border: var(--w-rule) solid var(--ink);
  }
`;
const More = styled.button`
  display: none;
  @media (max-width: 760px) {
    flex: 1;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 10px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--ink-2);
    font: 560 12px/1.1 var(--font-figure);
    font-stretch: 80%;
    cursor: pointer;
    &[data-within='true'],
    &[aria-expanded='true'] {
      color: var(--ink);
      font-weight: 720;
    }
  }
`;
/** A plain button: the frame stands on every page, and nothing else of it needs more. */
const Place = styled.button`
  border: var(--w-rule) solid var(--ink);
  background: none;
  color: var(--ink);
  min-width: 62px;
  height: 48px;
  cursor: pointer;
  font: 640 12.5px/1 var(--font-figure);
  font-stretch: 84%;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 6px;
  padding: 0;
`;
const Dots = styled.span`
  display: flex;
  gap: 3px;
`;
const Dot = styled.i<{ $on: boolean }>`
  width: 12px;
  height: 6px;
  border: 1.5px solid var(--ink);
  background: ${({ $on }) => ($on ? 'var(--plate)' : 'none')};
`;

const A_YEAR_S = 31_536_000;

/** Switches the theme in one place: the attribute on <html>, remembered in a cookie. */
function ThemeSwitch({ served }: { served: Theme }) {
  const [theme, setTheme] = useState<Theme>(served);
  const next = (): void => {
    const to = THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length]!;
    document.documentElement.dataset['theme'] = to;
    document.cookie = `${THEME_COOKIE}=${to}; Path=/; Max-Age=${A_YEAR_S}; SameSite=Lax`;
    setTheme(to);
  };
  return (
    <Place type="button" onClick={next} aria-label={`Theme: ${THEME_WORDS[theme]}. Change`}>
      <span>{THEME_WORDS[theme]}</span>
      <Dots aria-hidden>
        {THEMES.map((t) => (
          <Dot key={t} $on={t === theme} />
        ))}
      </Dots>
    </Place>
  );
}

/** The cleat of the mark. */
export function CleatMark() {
  return (
    <svg width="40" height="26" viewBox="0 0 40 26" aria-hidden>
      <path d="M2 6q18 4 36 0c1 4-3 7-9 7h-3l2 10H12l2-10h-3C5 13 1 10 2 6z" fill="var(--ink)" />
      <path
        d="M10 15 30 4M30 15 10 4"
        stroke="var(--rope-ink)"
        strokeWidth="5"
        strokeLinecap="round"
      />
      <path d="M10 15 30 4M30 15 10 4" stroke="var(--rope)" strokeWidth="3" strokeLinecap="round" />
    </svg>
  );
}

/** Rooms that stand behind one more place on a phone. */
const WITHIN = ['/drills', '/log', '/crew'];

/** The rooms in the order of the work. Only rooms that exist are here. */
export function Rail({ theme }: { theme: Theme }) {
  const path = usePathname();
  const { viewer } = useMember();
  const [open, setOpen] = useState(false);
  const current = (room: string): 'page' | undefined =>
    path.startsWith(room) ? 'page' : undefined;
  return (
    <Bar aria-label="Rooms">
      <RopeEdge aria-hidden>
        <defs>
          <pattern id="rail-rope" width="14" height="12" patternUnits="userSpaceOnUse">
            <rect width="14" height="12" fill="var(--rope-ink)" />
            <rect x="2" width="10" height="12" fill="var(--rope)" />
            <path d="M2 11 12 3M2 -1 12 -9" stroke="var(--rope-ink)" strokeWidth="1.6" />
            <path d="M3 7 10 1.5" stroke="var(--rope-lit)" strokeWidth="2" />
          </pattern>
        </defs>
        <rect x="2" width="10" height="100%" fill="url(#rail-rope)" />
      </RopeEdge>
      <Mark href="/today">
        <CleatMark />
        Vast Cleat
      </Mark>
      <Room href="/today" aria-current={current('/today')}>
        <RoomMark of="today" />
        Today
      </Room>
      <Room href="/loads" aria-current={current('/loads')}>
        <RoomMark of="loads" />
        Loads
      </Room>
      <Room href="/locker" aria-current={current('/locker')}>
        <RoomMark of="locker" />
        Rope locker
      </Room>
      <Room href="/bench" aria-current={current('/bench')}>
        <RoomMark of="bench" />
        Tension bench
      </Room>
      <Room href="/knots" aria-current={current('/knots')}>
        <RoomMark of="knots" />
        Knots
      </Room>
      <More
        type="button"
        aria-expanded={open}
        data-within={WITHIN.some((room) => path.startsWith(room))}
        onClick={() => setOpen(!open)}
      >
        <Dots aria-hidden>
          <Dot $on />
          <Dot $on />
          <Dot $on />
        </Dots>
        More
      </More>
      <Rest $open={open} onClick={() => setOpen(false)}>
        <Room href="/drills" aria-current={current('/drills')}>
          <RoomMark of="drills" />
          Drills
        </Room>
        <Room href="/log" aria-current={current('/log')}>
          <RoomMark of="log" />
          Log
        </Room>
        <Room href="/crew" aria-current={current('/crew')}>
          <RoomMark of="crew" />
          {viewer.crewName}
        </Room>
        <Foot onClick={(e) => e.stopPropagation()}>
          <ThemeSwitch served={theme} />
        </Foot>
      </Rest>
    </Bar>
  );
}
