'use client';
import styled from 'styled-components';
import type { TallyRow } from '@/core/securement/verdict';
import { withSubject } from '@/wording/mechanism';
import { OPINION_WORDS, ROW_WORDS } from '@/wording/verdicts';
import { useMember } from '../frame/MemberContext';
import { Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { type OpenWorking, WorkingFigure } from '../working/WorkingFigure';
import type { OpinionRow } from '@/wording/opinions';
import { wordRow, wordValue } from '@/wording/figures';

const Item = styled.li`
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: center;
  border-bottom: var(--w-hair) solid var(--line);
`;
const What = styled.span`
  flex: 1 1 200px;
`;

/** Every comparison the rule makes, where the row of a direction shows only its tightest. */
export function AllRows({
  rows,
  onWorking,
}: {
  rows: readonly TallyRow[];
  onWorking: OpenWorking;
}) {
  const { units } = useMember();
  return (
    <ul aria-label="Every comparison of the rule">
      {rows
        .filter((r) => r.direction !== 'all' || r.of !== undefined)
        .map((r) => {
          const [text, name] = [
            wordRow(r, units),
            withSubject(
              r.of ?? '',
              r.direction === 'all'
                ? ROW_WORDS[r.code]
                : `${OPINION_WORDS[r.direction as OpinionRow['direction']]}, ${ROW_WORDS[r.code]}`,
            ),
          ];
          return (
            <Item key={`${r.of}/${r.code}/${r.direction}`}>
              <What>
                {name} <Small>{r.clause}</Small>
              </What>
              <WorkingFigure
                working={r.provided}
                title={`${name}, one of all: held`}
                text={text.provided}
                onOpen={onWorking}
                size={15}
              />
              <Small>of {text.required}</Small>
              {r.beside ? (
                <Small title={r.beside.label}>
                  older {wordValue(r.beside.value, r.unit, units, 'capacity')}
                </Small>
              ) : null}
              <VerdictMark verdict={r.verdict} />
            </Item>
          );
        })}
    </ul>
  );
}
