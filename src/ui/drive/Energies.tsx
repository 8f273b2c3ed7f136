'use client';
import type { StoredEnergy } from '@/core/securement/stored-energy';
import { wordValue } from '@/wording/figures';
import { useUnits } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { Small } from '../kit/text';
import { Part, Table } from './DrivePage.styles';

/** What every tight line has stored, and whether the stage shows where it would go. */
export function Energies({
  energies,
  shown,
  onShow,
}: {
  energies: readonly StoredEnergy[];
  shown: boolean;
  onShow: (shown: boolean) => void;
}) {
  const units = useUnits();
  if (energies.length === 0) return null;
  const word = (e: StoredEnergy['energy']): string => wordValue(e.value, e.unit, units, 'demand');
  return (
    <Part aria-label="Stored energy">
      <h2>If a line parts</h2>
      <Small $block>
        A tight line is a drawn spring. It goes where it points: nobody stands in line with it,
        beyond its ends, or inside its bight.
      </Small>
      <Check selected={shown} onChange={onShow}>
        Show where nobody stands
      </Check>
      <Table>
        <thead>
          <tr>
            <th scope="col">Line</th>
            <th scope="col" className="figure">
              as it is kept
            </th>
            <th scope="col" className="figure">
              at its WLL
            </th>
          </tr>
        </thead>
        <tbody>
          {energies.map((e) => (
            <tr key={e.lineId}>
              <th scope="row">{e.name}</th>
              <td className="figure">{word(e.energy)}</td>
              <td className="figure">{word(e.atLimit)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Part>
  );
}
