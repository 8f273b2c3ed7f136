import { unitName } from '@/core/securement/load/describe';
import type { Placed } from '@/core/securement/load/placed';
import type { StageLayout } from '@/core/securement/stage/layout';
import type { Scene, SceneAnchor } from '@/core/securement/stage/scene';
import {
  inOrder,
  middleOn,
  outlinePath,
  type Picture,
  sizeOn,
} from '@/core/securement/stage/paths';
import { brokenToFit, heightOfText, widthOfText, withRoom } from '../diagrams/names';

/** A unit as it stands. */
export function UnitOnDeck({
  placed,
  layout,
  picture,
  picked,
}: {
  placed: Placed;
  layout: StageLayout;
  picture: Picture;
  picked: boolean;
}) {
  return (
    <path
      data-unit-on-deck={picture === 'plan' ? placed.unit.id : undefined}
      data-length={placed.unit.lengthM}
      d={outlinePath(placed, layout, picture)}
      fill="var(--cargo)"
      stroke={picked ? 'var(--ink)' : 'var(--cargo-ink)'}
      strokeWidth={picked ? 3 : 1.8}
      strokeLinejoin="round"
    />
  );
}

const NAME = 11.5;

/** Names of units as far as there is room, those on top first. */
export function UnitNames({
  scene,
  layout,
  picture,
}: {
  scene: Scene;
  layout: StageLayout;
  picture: Picture;
}) {
  const load = inOrder(scene.load, layout, picture).toReversed();
  const carrying = new Set(
    scene.load.flatMap(({ unit: { on } }) => (on.kind === 'unit' ? on.unitId : [])),
  );
  const names = load.filter((p) => picture === 'elevation' || !carrying.has(p.unit.id));
  const places = names.map((p) => {
    const [x, y] = middleOn(p, layout, picture);
    const lines = brokenToFit(unitName(p.unit), NAME, sizeOn(p, layout, picture));
    const width = Math.max(...lines.map((line) => widthOfText(line, NAME)));
    return { x, y, lines, width, height: heightOfText(lines.length, NAME) };
  });
  const room = withRoom(places);
  return names.map((p, i) =>
    room[i] ? (
      <text
        key={p.unit.id}
        y={places[i]!.y + 4 - heightOfText(places[i]!.lines.length - 1, NAME) / 2}
        textAnchor="middle"
        fontSize={NAME}
        className="on-cargo"
      >
        {places[i]!.lines.map((line, k) => (
          <tspan key={k} x={places[i]!.x} dy={k === 0 ? 0 : heightOfText(1, NAME)}>
            {k === 0 ? line : ` ${line}`}
          </tspan>
        ))}
      </text>
    ) : null,
  );
}

/** An anchor: a ring, open where nobody has read what it may take. */
export function AnchorOnDeck({
  of: { anchor, at },
  layout,
  picture,
  named,
  picked,
}: {
  of: SceneAnchor;
  layout: StageLayout;
  picture: Picture;
  named: boolean;
  picked: boolean;
}) {
  const [x, y] = picture === 'plan' ? layout.plan(at) : layout.elevation(at);
  const read = anchor.rating.state === 'rated';
  const { deck } = layout;
  const across = layout.side === 'rear';
  const before = across ? x < deck.x + deck.w / 2 : y < deck.y + deck.h / 2;
  const [nx, ny] = across ? [x + (before ? -13 : 13), y + 4] : [x, y + (before ? -12 : 20)];
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={picture === 'plan' ? 7 : 5}
        fill="var(--canvas)"
        stroke={picked || !read ? 'var(--ink)' : 'var(--steel)'}
        strokeWidth={picked ? 4 : read ? 3.4 : 2}
        strokeDasharray={read ? undefined : '4 3'}
      />
      {named && picture === 'plan' ? (
        <text
          x={nx}
          y={ny}
          textAnchor={across ? (before ? 'end' : 'start') : 'middle'}
          fontSize={12}
        >
          {anchor.id}
        </text>
      ) : null}
    </g>
  );
}
