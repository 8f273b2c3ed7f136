'use client';
import Link from 'next/link';
import styled from 'styled-components';
import type { PrintedDeck, PrintInk } from '@/core/securement/stage/printed';
import { CAUTIONS } from '@/wording/cautions';
import { wordUtc } from '@/wording/text';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import type { Printed, PrintedLine } from '@/wording/printed';

const Verdict = styled.div`
  text-align: right;
`;

const Paper = styled.article`
  max-width: 760px;
  margin: 20px auto;
  padding: 28px;
  background: #fff;
  color: #000;
  font-size: 14px;
  --ink: #000;
  --ink-2: #222;
  --signal: #000;
  --plate: #000;
  --sheet: #fff;
  --line: #777;
  --p-short: repeating-linear-gradient(135deg, #000 0 2px, transparent 2px 6px);
  --p-barred:
    linear-gradient(to bottom, transparent 0 40%, #fff 40% 60%, transparent 60%),
    linear-gradient(#000, #000);
  & table {
    font-family: var(--font-figure);
    width: 100%;
    border-collapse: collapse;
    margin: 6px 0 14px;
  }
  & th,
  & td {
    text-align: left;
    padding: 4px 8px 4px 0;
    border-bottom: 1px solid #777;
    vertical-align: top;
  }
  & h2 {
    margin-top: 14px;
    border-bottom: 2px solid #000;
  }
  & a {
    color: #000;
  }
  @media print {
    margin: 0;
    padding: 0;
    max-width: none;
    /* One page, with the deck on it. */
    font-size: 12px;
    & th,
    & td {
      padding: 2px 6px 2px 0;
    }
    & table {
      margin: 4px 0 8px;
    }
    & h2 {
      margin-top: 8px;
    }
  }
`;
const Bar = styled.div`
  display: flex;
  gap: 10px;
  max-width: 760px;
  margin: 16px auto 0;
  padding: 0 12px;
  @media print {
    display: none;
  }
`;
const Top = styled.header`
  display: flex;
  justify-content: space-between;
  gap: 20px;
  border-bottom: 3px solid #000;
  padding-bottom: 8px;
  margin-bottom: 10px;
`;

const INKS: Record<PrintInk, string> = {
  none: 'none',
  black: '#000',
  grey: '#8a8a8a',
  pale: '#efeadc',
  white: '#fff',
};
/** What is said of the load, and the deck beside it. */
const Beside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px;
  gap: 16px;
  align-items: start;
`;
const Drawing = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    font-family: var(--font-figure);
    font-weight: 700;
  }
`;

/** The deck as the card shows it too. */
function DeckOnPaper({ deck }: { deck: PrintedDeck }) {
  return (
    <Drawing
      viewBox={`0 0 ${deck.width} ${deck.height}`}
      role="img"
      aria-label="The deck from above and from behind"
    >
      {deck.shapes.map((shape, i) =>
        shape.kind === 'path' ? (
          <path
            key={i}
            d={shape.d}
            fill={INKS[shape.fill]}
            stroke={INKS[shape.stroke]}
            strokeWidth={shape.width}
            strokeDasharray={shape.dash}
          />
        ) : (
          <text
            key={i}
            x={shape.x}
            y={shape.y}
            fill={INKS[shape.ink]}
            textAnchor={shape.anchor}
            fontSize={shape.size}
          >
            {shape.text}
          </text>
        ),
      )}
    </Drawing>
  );
}

function LineRow({ line, number }: { line: PrintedLine; number: number }) {
  return (
    <tr>
      <td>{number}</td>
      <td>
        <b>{line.name}</b>
        <br />
        {line.run}
      </td>
      <td>{line.places}</td>
      <td>
        {line.wll}
        <br />
        <Small>{line.weakest}</Small>
      </td>
      <td>
        {line.tension}
        <br />
        <Small>counts {line.counts}</Small>
      </td>
    </tr>
  );
}

/** What a driver carries: verdict, load, lines, comparisons, findings, cautions. A4 and Letter. */
export function PrintSheet({
  planId,
  printed,
  version,
  savedBy,
  savedAt,
}: {
  planId: string;
  printed: Printed;
  version: number;
  savedBy: string;
  savedAt: string;
}) {
  const { viewer } = useMember();
  return (
    <>
      <Bar>
        <Button $kind="primary" onPress={() => window.print()}>
          Print
        </Button>
        <ButtonLink href={`/api/v1/plans/${planId}/card.pdf`}>Card, A4</ButtonLink>
        <ButtonLink href={`/api/v1/plans/${planId}/card.pdf?paper=letter`}>Card, Letter</ButtonLink>
        <Link
          href="../"
          onClick={(e) => {
            e.preventDefault();
            window.history.back();
          }}
        >
          Back to the plan
        </Link>
      </Bar>
      <Paper>
        <Top>
          <div>
            <h1>{printed.title}</h1>
            {viewer.crewName}. Version {version}, {savedBy}, {wordUtc(savedAt)}
          </div>
          <Verdict>
            <VerdictMark verdict={printed.verdict} />
            <br />
            <Small>{printed.edition}</Small>
          </Verdict>
        </Top>
        <Beside>
          <div>
            <p>
              <b>{printed.headline}</b> {printed.scope}
            </p>
            {printed.units.map((u) => (
              <p key={u.id}>{u.words}</p>
            ))}
            {printed.findings.length > 0 ? (
              <>
                <h2>What to know</h2>
                <ul>
                  {printed.findings.map((f, i) => (
                    <li key={i}>
                      {f.words} <Small>{f.clause}</Small>
                    </li>
                  ))}
                </ul>
              </>
            ) : null}
            {printed.notes ? (
              <>
                <h2>Notes</h2>
                <p>{printed.notes}</p>
              </>
            ) : null}
          </div>
          <DeckOnPaper deck={printed.deck} />
        </Beside>
        <h2>Lines</h2>
        <table>
          <thead>
            <tr>
              <th>No.</th>
              <th>Line</th>
              <th>From anchor to anchor</th>
              <th>WLL, weakest</th>
              <th>Tension</th>
            </tr>
          </thead>
          <tbody>
            {printed.lines.map((line, i) => (
              <LineRow key={line.id} line={line} number={i + 1} />
            ))}
          </tbody>
        </table>
        <h2>Held against needed, by the rule and by statics</h2>
        <table>
          <thead>
            <tr>
              <th>Direction</th>
              <th>Rule</th>
              <th>Statics</th>
              <th>What gives way</th>
              <th>The worse</th>
            </tr>
          </thead>
          <tbody>
            {printed.rows.map((row) => (
              <tr key={row.key}>
                <td>{row.what}</td>
                <td>{row.rule}</td>
                <td>{row.statics}</td>
                <td>
                  {row.gives} <Small>{row.clause}</Small>
                </td>
                <td>
                  <VerdictMark verdict={row.verdict} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <h2>Cautions</h2>
        <ul>
          {CAUTIONS.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      </Paper>
    </>
  );
}
