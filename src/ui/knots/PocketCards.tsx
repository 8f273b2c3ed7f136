'use client';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { MY_SIDE } from '@/core/knot/drawing/view';
import Link from 'next/link';
import styled from 'styled-components';
import type { StageData } from '@/server/knots';
import { CAUTION_LINE } from '@/wording/cautions';
import { Button, ButtonLink } from '../kit/Button';
import { KnotStrokes, NextArrow, viewBox } from './KnotDrawing';
import { useStepPictures } from './useStage';

const FormName = styled.small`
  font-weight: 500;
  font-size: 10pt;
`;

const Bar = styled.div`
  display: flex;
  gap: 10px;
  padding: 12px 20px;
  align-items: center;
  flex-wrap: wrap;
  @media print {
    display: none;
  }
`;
/** Four A6 cards on an A4 sheet, to be cut along the lines. */
const Sheet = styled.div`
  display: grid;
  grid-template-columns: 105mm 105mm;
  grid-auto-rows: 148mm;
  width: 210mm;
  margin: 0 auto 20px;
  background: #fff;
  color: #000;
  --ink: #000;
  --ink-2: #222;
  --line: #777;
  --signal: #000;
  --signal-wash: #999;
  --plate: #000;
  --on-plate: #fff;
  --sheet: #fff;
  --canvas: #fff;
  --rope: #d9d2c2;
  --rope-ink: #222;
  --rope-lit: #fff;
  --rope-2: #fff;
  --rope-2-ink: #222;
  --rope-2-lit: #fff;
  --cargo: #eee;
  --cargo-ink: #444;
  --steel: #bbb;
  --steel-ink: #222;
  --steel-lit: #eee;
  @media print {
    margin: 0;
    @page {
      size: A4;
      margin: 0;
    }
  }
`;
const Card = styled.article`
  border: 1px dashed #777;
  padding: 5mm 5mm 4mm;
  display: grid;
  grid-template-rows: auto auto 1fr auto auto;
  gap: 1.5mm;
  overflow: hidden;
  font: 9.5pt/1.25 var(--font-read);
  & h2 {
    font-size: 15pt;
  }
  & ol {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 2mm;
    align-content: start;
  }
  & li > svg {
    display: block;
    width: 100%;
    height: 29mm;
  }
  & li {
    font-size: 8.5pt;
    line-height: 1.2;
  }
  & li > b {
    font: 700 10pt/1 var(--font-figure);
  }
  & ul {
    font-size: 8.5pt;
    line-height: 1.25;
  }
  & ul li {
    font-size: 8.5pt;
    padding-left: 4mm;
    text-indent: -4mm;
  }
  & footer {
    font-size: 7pt;
    line-height: 1.2;
    border-top: 0.5pt solid #777;
    padding-top: 1mm;
  }
`;

function Pocket({ stage }: { stage: StageData }) {
  const pictureOf = useStepPictures(stage);
  const { facts, form } = stage;
  return (
    <Card>
      <h2>
        {facts.name}
        {stage.forms.length > 1 ? <FormName>, {form.name}</FormName> : null}
      </h2>
      <p>
        {facts.purpose} Not for: {facts.notFor}
      </p>
      <ol>
        {form.steps.map((step, i) => {
          const { picture, box, accents, arrow } = pictureOf(i);
          return (
            <li key={step.say}>
              <svg viewBox={viewBox(box)} role="img" aria-label={`Step ${i + 1}`}>
                <KnotStrokes picture={picture} accents={accents} lay={false} />
                {arrow ? <NextArrow arrow={arrow} size={box.height / 24} /> : null}
              </svg>
              <b>{i + 1}</b> {turnedWords(step.say, MY_SIDE)}
            </li>
          );
        })}
      </ol>
      <ul>
        {facts.checks.map((c) => (
          <li key={c}>☐ {turnedWords(c, MY_SIDE)}</li>
        ))}
        {facts.tailD > 0 ? <li>☐ Tail: {facts.tailD} rope diameters.</li> : null}
      </ul>
      <footer>{CAUTION_LINE}</footer>
    </Card>
  );
}

/** Cards for the pocket: four to a sheet, of one knot or of up to four. */
export function PocketCards({ stages }: { stages: readonly StageData[] }) {
  const four = Array.from({ length: 4 }, (_, i) => stages[i % stages.length]!);
  return (
    <>
      <Bar>
        <h1>Pocket cards</h1>
        <Button $kind="primary" onPress={() => window.print()}>
          Print
        </Button>
        <ButtonLink as={Link} href={`/knots/${stages[0]!.facts.id}`}>
          Back to the knot
        </ButtonLink>
        <span>Four A6 cards on an A4 sheet. Cut along the lines.</span>
      </Bar>
      <Sheet>
        {four.map((s, i) => (
          <Pocket key={i} stage={s} />
        ))}
      </Sheet>
    </>
  );
}
