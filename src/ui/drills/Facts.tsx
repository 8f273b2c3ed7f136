import styled from 'styled-components';

const List = styled.ol`
  list-style: decimal;
  padding-left: 22px;
  margin-bottom: 12px;
  & > li {
    padding: 4px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
`;

/** What is told of the lines of a deck, by the numbers on their tags. */
export function Facts({ label, lines }: { label: string; lines: readonly string[] }) {
  return (
    <List aria-label={label}>
      {lines.map((words, i) => (
        <li key={i}>{words}</li>
      ))}
    </List>
  );
}
