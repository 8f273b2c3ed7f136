import type { StageLayout } from '@/core/securement/stage/layout';
import type { SceneLine } from '@/core/securement/stage/scene';
import { RopeStroke } from '../diagrams/RopeStroke';
import { pathOf, type Picture, placeOn, widthOf } from '@/core/securement/stage/paths';

/** No line is drawn thinner, in units of the picture. */
const LEAST_WIDTH = 4.5;

/** A line of the deck as what it is: rope with its lay, webbing as a band, chain and wire as steel; open where it is not counted. */
export function LineOnDeck({
  line,
  layout,
  picture,
  picked,
}: {
  line: SceneLine;
  layout: StageLayout;
  picture: Picture;
  picked: boolean;
}) {
  if (line.way.length < 2) return null;
  const d = pathOf(line.way.map(placeOn(layout, picture)));
  const w = widthOf(line.thicknessM, layout, LEAST_WIDTH);
  return (
    <g data-line-on-deck={picture === 'plan' ? line.number : undefined} strokeLinejoin="round">
      {picked ? (
        <path d={d} fill="none" stroke="var(--ink)" strokeWidth={w + 9} opacity={0.22} />
      ) : null}
      {line.counted ? <Run line={line} d={d} w={w} /> : <Open d={d} />}
    </g>
  );
}

function Open({ d }: { d: string }) {
  return (
    <>
      <path d={d} fill="none" stroke="var(--canvas)" strokeWidth={5} />
      <path d={d} fill="none" stroke="var(--ink)" strokeWidth={2.2} strokeDasharray="7 4" />
    </>
  );
}

function Run({ line: { gear }, d, w }: { line: SceneLine; d: string; w: number }) {
  if (gear === 'rope') return <RopeStroke d={d} w={w} />;
  if (gear === 'webbing')
    return (
      <g fill="none">
        <path d={d} stroke="var(--ink)" strokeWidth={w + 2} />
        <path d={d} stroke="var(--sheet)" strokeWidth={w} />
        <path d={d} stroke="var(--ink)" strokeWidth={1} />
      </g>
    );
  return (
    <g fill="none">
      <path d={d} stroke="var(--steel-ink)" strokeWidth={w + 2.4} />
      <path
        d={d}
        stroke="var(--steel-lit)"
        strokeWidth={w}
        strokeDasharray={gear === 'chain' ? `${1.6 * w} ${0.5 * w}` : undefined}
      />
    </g>
  );
}
