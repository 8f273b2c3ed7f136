import type { Person } from './browser';

/** Places on the drawn deck, as a person finds them on the screen. */

type Place = readonly [x: number, y: number];

/** The middle of something on the deck. `hand`: as the stage names it, "anchor/L1", "unit/load". */
export async function placeOf(p: Person, hand: string, picture = 'plan'): Promise<Place> {
  const found = await p.page.waitForFunction(
    (name, of) => {
      const all = [...document.querySelectorAll(`[data-hand="${name}"]`)];
      const found = all.find((e) => (e.getAttribute('data-picture') ?? of) === of);
      if (!found) return null;
      const column = found.closest('[data-stage]')!;
      column.scrollIntoView({ block: 'nearest' });
      const { x, y, width, height } = found.getBoundingClientRect();
      return width > 0 ? ([x + width / 2, y + height / 2] as const) : null;
    },
    {},
    hand,
    picture,
  );
  return (await found.jsonValue()) as Place;
}

/** How many pixels of the screen a metre of the deck is, by a unit of known length that lies along it. */
export async function perMetre(p: Person, unit: string, lengthM: number): Promise<number> {
  const height = await p.page.$eval(
    `[data-hand="unit/${unit}"][data-picture=plan]`,
    (e) => (e as SVGGraphicsElement).getBoundingClientRect().height,
  );
  return height / lengthM;
}

const STEPS = 6;
const along = (from: Place, to: Place, i: number): Place => [
  from[0] + ((to[0] - from[0]) * i) / STEPS,
  from[1] + ((to[1] - from[1]) * i) / STEPS,
];

/** Drags by mouse; `let go`: what is done before the button is let go. */
export async function drag(
  p: Person,
  from: Place,
  to: Place,
  before: () => Promise<unknown> = async () => undefined,
): Promise<void> {
  const { mouse } = p.page;
  await mouse.move(...from);
  await mouse.down();
  for (let i = 1; i <= STEPS; i++) await mouse.move(...along(from, to, i));
  await before();
  await mouse.up();
}

/** Drags by finger. */
export async function dragByFinger(p: Person, from: Place, to: Place): Promise<void> {
  const { touchscreen } = p.page;
  await touchscreen.touchStart(...from);
  for (let i = 1; i <= STEPS; i++) await touchscreen.touchMove(...along(from, to, i));
  await touchscreen.touchEnd();
}

/** Waits until what takes hold of things is there. */
export const handsReady = (p: Person): Promise<unknown> =>
  p.page.waitForSelector('[data-hand="deck"]');
