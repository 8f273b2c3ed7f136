'use client';
import type { Plan } from '@/core/securement/plan';
import { TOWARD, wordLimit } from '@/wording/drive';
import { useDriveLimits } from '@/workers/useDrive';
import { Small } from '../kit/text';
import { Part, Table } from './DrivePage.styles';

/** What limit analysis takes for granted, beside what lines that must first be stretched reach. */
export function Limits({ plan, names }: { plan: Plan; names: ReadonlyMap<string, string> }) {
  const limits = useDriveLimits(plan);
  if (limits === null) return null;
  return (
    <Part aria-label="How lines share" data-limits={limits ? 'there' : 'coming'}>
      <h2>How lines share</h2>
      <Small $block>
        The hold map lets every line take its best share at once. Real lines take hold one after
        another, as the load moves.
      </Small>
      {limits === undefined ? (
        <p role="status">Reckoning…</p>
      ) : (
        <Table>
          <tbody>
            {limits.map((l) => (
              <tr key={l.direction}>
                <th scope="row">{TOWARD[l.direction]}</th>
                <td>{wordLimit(l, names)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </Part>
  );
}
