import { mkdirSync } from 'node:fs';
import type { ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { allForms, CATALOGUE, type NamedForm } from '@/core/knot/catalogue';
import type { TiedForm } from '@/core/knot/catalogue/entry';
import { boxOf, knotBoxOf, mixed, type Picture, pictureOf } from '@/core/knot/drawing/picture';
import { accentsOf, arrowOf, withGrips } from '@/core/knot/drawing/step';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { MY_SIDE } from '@/core/knot/drawing/view';
import { bodyOfFrame, bodyOfStep, FRAME_STATES, SNUG } from '@/core/knot/shape/frames';
import { KnotStrokes, NextArrow, viewBox } from '@/ui/knots/KnotDrawing';
import { tokens } from '@/ui/theme/tokens';
import { THEMES } from '@/wording/themes';
import { launch } from '../../tests/support/browser';
import { kept, make } from './forms';

/**
 * Pictures for the author's eye: the steps of an entry's forms and its wrong forms, or of all.
 * npm run knots:look -- bowline [pixels] [theme] [steps|states|sheet]
 * `all 96 shade sheet` writes the contact sheet of docs/screenshots: all forms as they lie snug.
 */

const [id = '', pixels = '260', theme = 'shade', what = 'steps'] = process.argv.slice(2);
const wanted = allForms().filter((f) => id === 'all' || f.entry.id === id);
if (wanted.length === 0 || !THEMES.some((t) => t === theme)) {
  console.log(
    `Which knot? One of: all, ${CATALOGUE.map((e) => e.id).join(', ')}. Themes: ${THEMES.join(', ')}.`,
  );
  process.exit(1);
}
const px = Number(pixels);

function Cell({
  picture,
  drawn,
  say,
  extra,
  accents,
}: {
  picture: Picture;
  drawn: number;
  say: string;
  extra?: ReactNode;
  accents?: ReturnType<typeof accentsOf>;
}) {
  const box = mixed(boxOf(picture), knotBoxOf(picture), drawn);
  return (
    <figure style={{ width: px, margin: 0 }}>
      <svg width={px} height={px} viewBox={viewBox(box)}>
        <KnotStrokes picture={picture} lay={px > 120} {...(accents ? { accents } : {})} />
        {extra}
      </svg>
      <figcaption
        style={{
          font: `${what === 'sheet' ? 9 : 11}px sans-serif`,
          color: 'var(--ink)',
          overflowWrap: 'anywhere',
        }}
      >
        {say}
      </figcaption>
    </figure>
  );
}

function stepsOf(form: TiedForm, named: NamedForm): ReactNode[] {
  const shipped = kept(named) ?? make(named);
  return form.steps.map((step, i) => {
    const up = step.shown === 'drawn up';
    const accents = accentsOf(form.steps, i, shipped.strands.length);
    const picture = withGrips(pictureOf(bodyOfStep(shipped, i, up), undefined, step.shown), step);
    const arrow = arrowOf(picture, accents, step);
    return (
      <Cell
        key={`${named.name}${i}`}
        picture={picture}
        accents={accents}
        drawn={up ? 1 : 0}
        say={`${named.name} ${i + 1}: ${turnedWords(step.say, MY_SIDE)}`}
        extra={arrow ? <NextArrow arrow={arrow} /> : null}
      />
    );
  });
}

function statesOf(named: NamedForm): ReactNode[] {
  const shipped = kept(named) ?? make(named);
  return shipped.frames
    .filter((_, i) => (what === 'sheet' ? i === FRAME_STATES.indexOf(SNUG) : [0, 3, 4].includes(i)))
    .map((f) => (
      <Cell
        key={named.name + f.drawn}
        picture={pictureOf(bodyOfFrame(shipped, f), undefined)}
        drawn={f.drawn}
        say={what === 'sheet' ? named.name : `${named.name} ${f.drawn}`}
      />
    ));
}

const cells = wanted.flatMap((named) =>
  'steps' in named.form && what === 'steps'
    ? stepsOf(named.form, named)
    : what === 'steps'
      ? []
      : statesOf(named),
);
const columns = Math.max(3, Math.floor(1500 / px));
const html = `<html data-theme="${theme}"><style>${tokens} body{background:var(--sheet);margin:4px;display:grid;grid-template-columns:repeat(${columns},${px}px);gap:3px}</style>${renderToStaticMarkup(<>{cells}</>)}</html>`;
mkdirSync('.data/knots-look', { recursive: true });
const file: `${string}.png` =
  what === 'sheet' && id === 'all'
    ? '.data/knots-look/contact-sheet.png'
    : `.data/knots-look/${id}-${px}-${theme}-${what}.png`;
const browser = await launch();
const page = await browser.newPage();
await page.setViewport({ width: columns * (px + 3) + 10, height: 400 });
await page.setContent(html);
await page.screenshot({ path: file, fullPage: true });
await browser.close();
console.log(`${cells.length} pictures: ${file}`);
