import type { Point } from '../leg';
import type { Spot } from '../load/outline';
import type { Scene } from './scene';
import { type Flat, inElevation, inPlan, onDeck, type StageSide } from './view';

/** Where things of a deck lie on a picture of its plan and one elevation, which share their level axis. */
export interface StageLayout {
  readonly side: StageSide;
  readonly width: number;
  readonly height: number;
  /** Units of the picture for a metre. */
  readonly perM: number;
  /** The deck in plan. */
  readonly deck: { readonly x: number; readonly y: number; readonly w: number; readonly h: number };
  /** The deck's top in the elevation. */
  readonly floorY: number;
  /** From here on down it is the elevation. */
  readonly splitY: number;
  plan(at: Spot): readonly [x: number, y: number];
  elevation(at: Point): readonly [x: number, y: number];
  /** Where on the deck a point of the plan lies. */
  deckAt(x: number, y: number): Spot;
  /** Height above the deck of a point of the elevation, m. */
  heightAt(y: number): number;
}

/** Room round the deck for names and tags, in units of the picture. */
const ROOMS = {
  rear: { aside: 70, top: 40, between: 40, bottom: 22 },
  side: { aside: 60, top: 66, between: 92, bottom: 22 },
} as const;
/** There is never less to see than this, m. */
const LEAST_M = 0.5;

/** How far a deck, and what stands on it, reaches on the picture; m. */
function reach(scene: Scene, side: StageSide) {
  const { deck } = scene.plan;
  const corners: Spot[] = [
    { x: 0, y: deck.widthM / 2 },
    { x: -deck.lengthM, y: -deck.widthM / 2 },
    ...scene.load.flatMap((p) => p.outline),
    ...scene.anchors.map((a) => a.at),
  ];
  const flat = corners.map((c) => inPlan(side, c));
  const [us, vs] = [flat.map((f) => f.u), flat.map((f) => f.v)];
  const boards = Object.values(deck.boards).map((b) => b.heightM ?? 0);
  return {
    left: Math.min(...us),
    right: Math.max(...us),
    top: Math.min(...vs),
    bottom: Math.max(...vs),
    high: Math.max(LEAST_M, ...scene.load.map((p) => p.topM), ...boards),
  };
}

/**
 * Lays a scene out on a picture of a width, as large as it fits.
 * @param height the most it may be high; the picture is no higher than it needs to be
 */
export function layOut(
  scene: Scene,
  side: StageSide,
  { width, height }: { readonly width: number; readonly height: number },
): StageLayout {
  const r = reach(scene, side);
  const room = ROOMS[side];
  const [wide, deep] = [Math.max(LEAST_M, r.right - r.left), Math.max(LEAST_M, r.bottom - r.top)];
  const perM = Math.min(
    (width - 2 * room.aside) / wide,
    (height - room.top - room.between - room.bottom) / (deep + r.high),
  );
  const offX = (width - wide * perM) / 2 - r.left * perM;
  const offY = room.top - r.top * perM;
  const splitY = room.top + deep * perM + room.between / 2;
  const floorY = splitY + room.between / 2 + r.high * perM;
  const at = ({ u, v }: Flat, downTo: number): readonly [number, number] => [
    offX + u * perM,
    downTo + v * perM,
  ];
  const { lengthM, widthM } = scene.plan.deck;
  const [x1, y1] = at(inPlan(side, { x: 0, y: widthM / 2 }), offY);
  const [x2, y2] = at(inPlan(side, { x: -lengthM, y: -widthM / 2 }), offY);
  return {
    side,
    width,
    height: floorY + room.bottom,
    perM,
    deck: {
      x: Math.min(x1, x2),
      y: Math.min(y1, y2),
      w: Math.abs(x2 - x1),
      h: Math.abs(y2 - y1),
    },
    floorY,
    splitY,
    plan: (spot) => at(inPlan(side, spot), offY),
    elevation: (point) => at(inElevation(side, point), floorY),
    deckAt: (x, y) => onDeck(side, { u: (x - offX) / perM, v: (y - offY) / perM }),
    heightAt: (y) => (floorY - y) / perM,
  };
}
