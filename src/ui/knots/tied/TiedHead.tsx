'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { ButtonLink } from '../../kit/Button';
import { RoomHead } from '../RoomHead';

const Ways = styled.nav`
  display: flex;
  gap: 6px;
`;

const WAYS = [
  ['looks', 'By looks', '/knots/tied'],
  ['tracing', 'By tracing', '/knots/tied?by=tracing'],
] as const;

/** The head of the room that names what somebody has tied. */
export function TiedHead({ by }: { by: 'looks' | 'tracing' }) {
  return (
    <RoomHead title="What have I tied?">
      <Ways aria-label="Two ways to find out">
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
      </Ways>
    </RoomHead>
  );
}
