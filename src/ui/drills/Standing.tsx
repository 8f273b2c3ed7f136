'use client';
import Link from 'next/link';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { StandingState } from '@/core/training/standing/standing';
import type { Standing } from '@/server/training';
import { STANDING_WORDS } from '@/wording/drill-words';
import { useMember } from '../frame/MemberContext';
import { ButtonLink } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { ScrollTable } from '../kit/ScrollTable';
import { Small } from '../kit/text';
import { type DrillKinds, DrillRoom } from './DrillRoom';
import { SkillSheet } from './SkillSheet';

const Courses = styled(Cluster)`
  & a[aria-current] {
    font-weight: 700;
    text-decoration: none;
  }
`;
const Table = styled(ScrollTable)`
  max-height: none;
  & td {
    padding: 0 8px 0 0;
    vertical-align: middle;
    overflow-wrap: normal;
  }
  & td:first-child {
    padding: 8px 14px 8px 0;
    min-width: 190px;
  }
`;
const Cell = styled(AriaButton)`
  display: grid;
  grid-template-columns: 18px auto;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-width: 112px;
  min-height: var(--hit);
  padding: 0 6px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 500 13px/1.2 var(--font-figure);
  text-align: left;
  cursor: pointer;
  &[data-hovered] {
    background: var(--sunk);
  }
`;
/** Full, half, struck out, crossed, empty: told apart without any colour. */
const Mark = styled.i<{ $state: StandingState }>`
  width: 16px;
  height: 16px;
  border: 2px ${({ $state }) => ($state === 'missing' ? 'dotted var(--ink-2)' : 'solid var(--ink)')};
  background: ${({ $state }) =>
    ({
      current: 'var(--ink)',
      lapsing: 'linear-gradient(90deg, var(--ink) 50%, transparent 50%)',
      lapsed: 'linear-gradient(45deg, transparent 44%, var(--signal) 44% 56%, transparent 56%)',
      revoked:
        'linear-gradient(45deg, transparent 44%, var(--signal) 44% 56%, transparent 56%), linear-gradient(-45deg, transparent 44%, var(--signal) 44% 56%, transparent 56%)',
      missing: 'none',
    })[$state]};
`;

/** What was opened: somebody and a skill. */
export interface Opened {
  readonly person: Standing['people'][number];
  readonly skill: Standing['skills'][number];
  readonly standing: Standing['people'][number]['standing'][number];
}

/** Skills by people: what is current, lapsing, lapsed, missing; opened, it can be signed or taken back. */
export function StandingRoom({ standing, kinds }: { standing: Standing; kinds: DrillKinds }) {
  const [opened, setOpened] = useState<Opened | null>(null);
  const { viewer } = useMember();
  const { skills, people, months, course, courses } = standing;
  return (
    <DrillRoom
      current="standing"
      kinds={kinds}
      title="Who can do what"
      says={`Seen done and signed by somebody else; good for ${months} months.`}
    >
      <Courses role="group" aria-label="Course">
        {courses.map(({ id, title }) => (
          <Link
            key={id}
            href={`/drills/standing?course=${id}`}
            prefetch={false}
            {...(id === course ? { 'aria-current': 'true' } : {})}
          >
            {title}
          </Link>
        ))}
        <Link href="/drills/courses" prefetch={false}>
          {viewer.canSign ? 'Courses: change or add' : 'All courses'}
        </Link>
      </Courses>
      <Table tabIndex={0} role="region" aria-label="Skills by people">
        <table>
          <thead>
            <tr>
              <th scope="col">In the order it is taught</th>
              {people.map((p) => (
                <th key={p.id} scope="col">
                  {p.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {skills.map((skill, i) => (
              <tr key={skill.id}>
                <td>{skill.title}</td>
                {people.map((person) => {
                  const at = person.standing[i]!;
                  return (
                    <td key={person.id}>
                      <Cell
                        aria-label={`${person.name}, ${skill.title}: ${STANDING_WORDS[at.state]}${at.until ? ` ${at.until}` : ''}`}
                        onPress={() => setOpened({ person, skill, standing: at })}
                      >
                        <Mark aria-hidden $state={at.state} />
                        <span>
                          {STANDING_WORDS[at.state]}{' '}
                          {at.until ? <Small $block>{at.until}</Small> : null}
                        </span>
                      </Cell>
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Table>
      <Cluster>
        <ButtonLink $kind="quiet" href="/api/v1/sign-offs/export.csv" download>
          All sign-offs, CSV
        </ButtonLink>
        <ButtonLink $kind="quiet" href="/api/v1/sign-offs/statements.json" download>
          xAPI statements, JSON
        </ButtonLink>
      </Cluster>
      {opened ? <SkillSheet opened={opened} onClose={() => setOpened(null)} /> : null}
    </DrillRoom>
  );
}
