'use client';
import Link from 'next/link';
import { type ChangeEvent, useRef, useState } from 'react';
import { formatCount } from '@/core/units';
import { guardCell } from '@/core/exchange/gear-csv/cells';
import type { ImportReport, Keep } from '@/server/gear-import/import';
import { wordItem } from '@/wording/gear';
import { messageOf, sendFile } from '../api';
import { keepFile } from '../files';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { ErrorText, Figure, Label, Small } from '../kit/text';
import { RowErrors } from '../kit/RowErrors';
import { ScrollTable } from '../kit/ScrollTable';
import { Page, Head, Sums, Columns } from './ImportPage.styles';
import { Cluster, Grow, Spaced, Narrow } from '../kit/layout';

const typeOf = (file: File): string =>
  /\.json$/i.test(file.name) ? 'application/json' : 'text/csv';

function Report({ report }: { report: ImportReport }) {
  const { units } = useMember();
  return (
    <>
      <Sums>
        <span>
          <Label>Rows</Label>
          <Figure $size={22} data-rows>
            {formatCount(report.rows)}
          </Figure>
        </span>
        <span>
          <Label>Good</Label>
          <Figure $size={22} data-good>
            {formatCount(report.good)}
          </Figure>
        </span>
        <span>
          <Label>With errors</Label>
          <Figure $size={22} data-bad $alarm={report.bad > 0}>
            {formatCount(report.bad)}
          </Figure>
        </span>
      </Sums>
      {report.columns.length > 0 ? (
        <section aria-label="Columns">
          <h2>Columns</h2>
          <Columns>
            {report.columns.map((c, i) => (
              <li key={i} data-unknown={c.means === null}>
                {c.header || 'no header'}
                {c.means === null ? ': left out' : c.means === c.header ? '' : `: ${c.means}`}
                {c.unit ? `, in ${c.unit}` : ''}
              </li>
            ))}
          </Columns>
        </section>
      ) : null}
      {report.errors.length > 0 ? (
        <Spaced aria-label="Errors" as="section" $bottom={18}>
          <Spaced as="h2" $bottom={6}>
            Errors, row by row
          </Spaced>
          <RowErrors errors={report.errors} />
        </Spaced>
      ) : null}
      {report.sample.length > 0 ? (
        <section aria-label="Preview">
          <Spaced as="h2" $bottom={6}>
            How the first good rows read
          </Spaced>
          <ScrollTable tabIndex={0}>
            <table>
              <thead>
                <tr>
                  <th>Tag</th>
                  <th>What</th>
                  <th>Condition</th>
                  <th>Where</th>
                </tr>
              </thead>
              <tbody>
                {report.sample.map(({ gear, start }) => (
                  <tr key={gear.code}>
                    <td>{gear.code}</td>
                    <td>{wordItem(gear.item, units)}</td>
                    <td>{start.retired ? 'retired' : start.condition}</td>
                    <td>{gear.place}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </ScrollTable>
        </section>
      ) : null}
    </>
  );
}

/** The errors as a table to work through beside the original. Its library comes when it is asked for. */
async function keepErrors(report: ImportReport): Promise<void> {
  const { default: Papa } = await import('papaparse');
  const rows = report.errors.map((e) => [String(e.row), guardCell(e.column), guardCell(e.message)]);
  keepFile(
    'import-errors.csv',
    Papa.unparse([['row', 'column', 'what to do'], ...rows]),
    'text/csv',
  );
}

/** Import of a table: look first, row by row, then keep everything or only what is good. */
export function ImportPage() {
  const input = useRef<HTMLInputElement>(null);
  const [source, setSource] = useState<File | null>(null);
  const [report, setReport] = useState<ImportReport | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (file: File, keep: Keep): Promise<void> => {
    setBusy(true);
    const answer = await sendFile('POST /gear/import', { query: { keep } }, file, typeOf(file));
    setBusy(false);
    setError(answer.ok ? null : messageOf(answer.problem));
    if (answer.ok) setReport(answer.value);
  };
  const chosen = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = event.target.files?.[0];
    event.target.value = '';
    if (!file) return;
    setReport(null);
    setSource(file);
    await send(file, 'nothing');
  };
  const done = report !== null && report.kept > 0;
  return (
    <Page>
      <Head>
        <Grow>
          <Label>
            <Link href="/locker">Rope locker</Link>
          </Label>
          <h1>Import a table</h1>
        </Grow>
        <Button $kind={source ? 'plain' : 'primary'} onPress={() => input.current?.click()}>
          {source ? 'Choose another file' : 'Choose a file'}
        </Button>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,text/csv,.json,application/json"
          onChange={(e) => void chosen(e)}
          hidden
          aria-label="Table of gear"
        />
      </Head>
      {source ? null : (
        <Narrow as="p" $most={620} $top={16} $bottom={16}>
          A CSV with headers in its first row, in any order: tag code, material, size, breaking
          strength, length, condition, where it is. Say units in the header, “Size (mm)”, or in the
          cells, “12 mm”. Nothing is kept until you have seen what was read. A JSON export of a
          locker works too.
        </Narrow>
      )}
      {error ? (
        <Spaced $top={12}>
          <ErrorText role="alert">{error}</ErrorText>
        </Spaced>
      ) : null}
      {busy ? (
        <Spaced role="status" as="p" $top={12}>
          Reading…
        </Spaced>
      ) : null}
      {source && report ? (
        <>
          {done ? (
            <Spaced role="status" as="p" $top={12}>
              {formatCount(report.kept)} {report.kept === 1 ? 'thing is' : 'things are'} in the
              locker now
              {report.bad > 0 ? `; ${formatCount(report.bad)} rows with errors are not` : ''}.
            </Spaced>
          ) : null}
          <Cluster $top={14}>
            {done ? (
              <ButtonLink as={Link} $kind="primary" href="/locker">
                To the locker
              </ButtonLink>
            ) : (
              <>
                <Button
                  $kind={report.bad === 0 ? 'primary' : 'plain'}
                  isDisabled={busy || report.good === 0 || report.bad > 0}
                  onPress={() => void send(source, 'all')}
                >
                  Keep all {formatCount(report.rows)}
                </Button>
                {report.bad > 0 ? (
                  <Button
                    $kind="primary"
                    isDisabled={busy || report.good === 0}
                    onPress={() => void send(source, 'good')}
                  >
                    Keep only the {formatCount(report.good)} good rows
                  </Button>
                ) : null}
              </>
            )}
            {report.errors.length > 0 ? (
              <Button onPress={() => void keepErrors(report)}>Errors as a file</Button>
            ) : null}
          </Cluster>
          <Spaced as="p" $top={10}>
            <Small>{source.name}</Small>
          </Spaced>
          <Report report={report} />
        </>
      ) : null}
    </Page>
  );
}
