'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { ButtonLink } from '../../kit/Button';
import { Label } from '../../kit/text';

const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 30px;
  align-items: end;
  padding: 14px 24px 12px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  & > nav {
    display: flex;
    gap: 6px;
  }
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;

const WAYS = [
  ['looks', 'By looks', '/knots/tied'],
  ['tracing', 'By tracing', '/knots/tied?by=tracing'],
] as const;

/** The head of the room that names what somebody has tied. */
export function TiedHead({ by }: { by: 'looks' | 'tracing' }) {
  return (
    <Head>
      <div>
        <Label>
          <Link href="/knots">Knots</Link> /
        </Label>
        <h1>What have I tied?</h1>
      </div>
      <nav aria-label="Two ways to find out">
        {WAYS.map(([id, name, href]) => (
          <ButtonLink
            as={Link}
            key={id}
            href={href}
            $kind={by === id ? 'primary' : 'plain'}
            {...(by === id ? { 'aria-current': 'page' } : {})}
          >
            {name}
          </ButtonLink>
        ))}
      </nav>
    </Head>
  );
}
