'use client';
import { type ChangeEvent, useRef, useState } from 'react';
import type { ReadUnits } from '@/core/securement/load/table';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Issue, Result } from '@/core/result';
import { MOST_UNITS } from '@/core/securement/vocabulary';
import { formatQuantity, formatTogether } from '@/core/units';
import { wordIssue } from '@/wording/issues';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Small } from '../kit/text';
import { RowErrors } from '../kit/RowErrors';
import { ScrollTable } from '../kit/ScrollTable';

/** A file read as units; the library and the reader come when a file is chosen. */
async function readFile(file: File): Promise<Result<ReadUnits>> {
  const [{ default: Papa }, { readUnitsTable }] = await Promise.all([
    import('papaparse'),
    import('@/core/securement/load/table'),
  ]);
  const text = (await file.text()).replace(/^\uFEFF/, '');
  return readUnitsTable(Papa.parse<string[]>(text, { delimiter: '' }).data);
}

function Report({ read, room }: { read: ReadUnits; room: number }) {
  const { units } = useMember();
  const tooMany = read.good.length - room;
  return (
    <>
      <p role="status" data-good={read.good.length} data-bad={read.errors.length}>
        {read.good.length} good {read.good.length === 1 ? 'row' : 'rows'}
        {read.errors.length > 0 ? `, ${read.errors.length} to be mended` : ''}.
      </p>
      {tooMany > 0 ? (
        <ErrorText role="alert">
          A plan has room for {room} more; the last {tooMany} stay out.
        </ErrorText>
      ) : null}
      {read.errors.length > 0 ? (
        <RowErrors errors={read.errors.map((e) => ({ ...e, message: wordIssue(e) }))} />
      ) : null}
      {read.good.length > 0 ? (
        <ScrollTable tabIndex={0}>
          <table aria-label="How the good rows read">
            <thead>
              <tr>
                <th>Unit</th>
                <th>Mass</th>
                <th>Size</th>
                <th>From front</th>
              </tr>
            </thead>
            <tbody>
              {read.good.map(({ unit }) => (
                <tr key={unit.id}>
                  <td>{unit.name || unit.id}</td>
                  <td>
                    {unit.massKg === null
                      ? 'not known'
                      : formatQuantity(unit.massKg, 'mass', units)}
                  </td>
                  <td>
                    {formatTogether([unit.lengthM, unit.widthM, unit.heightM], 'length', units)}
                  </td>
                  <td>{formatQuantity(unit.fromFrontM, 'length', units)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollTable>
      ) : null}
    </>
  );
}

/** Units out of a table: look first, row by row, then put in what is good. */
export function UnitsFromTable({
  room,
  onTake,
  onClose,
}: {
  /** How many more units the plan has room for; those it has may be replaced. */
  room: { readonly beside: number; readonly instead: number };
  onTake: (units: readonly LoadUnit[], how: 'beside' | 'instead') => void;
  onClose: () => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<ReadUnits | null>(null);
  const [issues, setIssues] = useState<readonly Issue[]>([]);
  const chosen = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = event.target.files?.[0];
    event.target.value = '';
    if (!file) return;
    const result = await readFile(file);
    setRead(result.ok ? result.value : null);
    setIssues(result.ok ? [] : result.issues);
  };
  const take = (how: 'beside' | 'instead'): void =>
    onTake(
      read!.good.slice(0, room[how]).map((g) => g.unit),
      how,
    );
  return (
    <Sheet open title="Units from a table" onClose={onClose}>
      <p>
        A CSV with headers in its first row, in any order: name, mass, length, width, height, from
        front, left of middle, CG height, friction, stands on. Say units in the header, “Mass (kg)”,
        or in the cells. Nothing is put in until you have seen what was read.
      </p>
      <input
        ref={input}
        type="file"
        accept=".csv,.txt,text/csv"
        onChange={(e) => void chosen(e)}
        hidden
        aria-label="Table of units"
      />
      <Cluster $gap={8} $top={12} $bottom={12}>
        <Button $kind={read ? 'plain' : 'primary'} onPress={() => input.current?.click()}>
          {read ? 'Choose another file' : 'Choose a file'}
        </Button>
        {read && read.good.length > 0 ? (
          <>
            <Button $kind="primary" onPress={() => take('instead')}>
              Put in the {Math.min(read.good.length, room.instead)} good rows
            </Button>
            <Button isDisabled={room.beside < 1} onPress={() => take('beside')}>
              Beside what is there
            </Button>
          </>
        ) : null}
      </Cluster>
      {issues.map((i) => (
        <ErrorText key={i.code} role="alert">
          {wordIssue(i)}
        </ErrorText>
      ))}
      {read ? (
        <Report read={read} room={room.instead} />
      ) : (
        <Small>One file, at most {MOST_UNITS} units.</Small>
      )}
    </Sheet>
  );
}
