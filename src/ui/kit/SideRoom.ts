'use client';
import styled from 'styled-components';

/** A room whose choices stand in a list at its side. */
export const SideRoom = styled.div`
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  align-items: start;
  & > main,
  & > section {
    padding: 14px 24px 28px;
    min-width: 0;
    max-width: 960px;
  }
  & h2 {
    font-size: 24px;
  }
  & h3 {
    font-size: 17px;
  }
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
    & > section {
      padding: 10px 12px 20px;
    }
  }
`;
/** The list, of links; the one that is open is marked. */
export const SideLinks = styled.ul`
  padding: 8px 0 0 20px;
  & a {
    display: block;
    padding: 11px 10px;
    border-bottom: var(--w-hair) solid var(--line);
    color: var(--ink);
    text-decoration: none;
    font: 600 15px/1.25 var(--font-figure);
  }
  & a:hover {
    background: var(--sunk);
  }
  & a[aria-current] {
    background: var(--plate);
    color: var(--on-plate);
  }
  @media (max-width: 820px) {
    display: flex;
    overflow-x: auto;
    padding: 6px 12px;
    & a {
      white-space: nowrap;
      border: var(--w-hair) solid var(--line);
      margin-right: 6px;
    }
  }
`;
