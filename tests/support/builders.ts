import type { ElementHandle } from 'puppeteer-core';
import type { UnitGrip } from '@/core/securement/stage/edits';
import type { Person } from './browser';
import { drag, dragByFinger, perMetre, placeOf } from './deck';

/** How somebody works on the drawn deck: by mouse, by keys alone, or by finger. Metres; left and back as the deck lies. */
export interface Builder {
  /** Picks a unit, so that it can be worked on. */
  pick(id: string): Promise<void>;
  /** Moves what is picked. */
  move(id: string, backM: number, leftM: number): Promise<void>;
  /** Makes what is picked larger by one of its sides. */
  grow(id: string, side: UnitGrip, byM: number): Promise<void>;
  /** Pulls a line from ring to ring over what lies between. */
  pull(from: string, to: string): Promise<void>;
  /** Presses a button of the bar below the deck. */
  press(text: string): Promise<void>;
  /** Leads the line that is picked on over the hook where it ends. */
  leadOn(line: number, to: string): Promise<void>;
  /** Types into a field of a part of the page, which is opened first where it is closed. */
  enter(part: string, label: string, text: string): Promise<void>;
  /** Chooses in a select of such a part. */
  take(part: string, label: string, option: string): Promise<void>;
  /** Enters what stands on the plate of a ring. */
  rate(ring: string, text: string): Promise<void>;
}

type Place = readonly [number, number];
type Dragging = (p: Person, from: Place, to: Place) => Promise<void>;

/** The way a side of a unit goes on the picture when it grows: to the right and down. */
const OUT: Record<UnitGrip, Place> = {
  front: [0, -1],
  rear: [0, 1],
  left: [-1, 0],
  right: [1, 0],
  top: [0, -1],
};

const isPicked = (p: Person, id: string): Promise<unknown> =>
  p.page.waitForSelector(`[data-hand="unit/${id}"][aria-pressed=true]`);

/** Pixels a metre, by the unit's own measure across. */
async function scale(p: Person, id: string): Promise<number> {
  const [, lengthM] = await p.page.$eval(`[data-unit-on-deck="${id}"]`, (e) => [
    e.getAttribute('data-unit-on-deck'),
    Number(e.getAttribute('data-length')),
  ]);
  return perMetre(p, id, Number(lengthM));
}

type Pressing = (element: ElementHandle) => Promise<void>;

/** Opens a part of the page unless it is open. */
async function opened(p: Person, part: string, press: Pressing): Promise<void> {
  const toggle = await p.page.$(`[data-section="${part}"][aria-expanded=false]`);
  if (!toggle) return;
  await press(toggle);
  await p.page.waitForSelector(`[data-section="${part}"][aria-expanded=true]`);
}

/** Types into a field with this label in a part of the page, in place of what stood there. */
async function entered(
  p: Person,
  part: string,
  label: string,
  text: string,
  press: Pressing,
): Promise<void> {
  const found = await p.page.waitForFunction(
    (within, l) =>
      [...document.querySelectorAll<HTMLInputElement>(`[aria-label="${within}"] input`)].find((e) =>
        [...(e.labels ?? [])].some((x) => x.textContent === l),
      ),
    {},
    part,
    label,
  );
  const field = found.asElement() as ElementHandle<HTMLInputElement>;
  await press(field);
  await p.page.waitForFunction((e) => document.activeElement === e, {}, field);
  await field.evaluate((e) => e.select());
  await p.page.keyboard.type(text);
}

/** Drags by whatever drags; what is not dragged is chosen from the bar below the deck. */
function byDragging(
  p: Person,
  dragging: Dragging,
  press: (at: Place) => Promise<void>,
  pressOn: Pressing,
): Builder {
  /** In the middle of the screen: clear of the verdict above and of the line at the foot. */
  const onIt: Pressing = async (e) => {
    await e.evaluate((x) => x.scrollIntoView({ block: 'center' }));
    await pressOn(e);
  };
  return {
    pick: async (id) => {
      if (await p.page.$(`[data-hand="unit/${id}"][aria-pressed=true]`)) return;
      const [x, y] = await placeOf(p, `unit/${id}`);
      // Beside the middle: a line may lie over it.
      await press([x - 8, y + 12]);
      await isPicked(p, id);
    },
    move: async (id, backM, leftM) => {
      const m = await scale(p, id);
      const [x, y] = await placeOf(p, `unit/${id}`);
      const from: Place = [x - 8, y + 12];
      await dragging(p, from, [from[0] - leftM * m, from[1] + backM * m]);
    },
    grow: async (id, side, byM) => {
      const m = await scale(p, id);
      const [x, y] = await placeOf(p, `size/${id}/${side}`);
      const [dx, dy] = OUT[side];
      await dragging(p, [x, y], [x + dx * byM * m, y + dy * byM * m]);
    },
    pull: async (from, to) => {
      await dragging(p, await placeOf(p, `anchor/${from}`), await placeOf(p, `anchor/${to}`));
    },
    press: (text) => p.clickText(text),
    leadOn: (line, to) => p.choose(`Lead line ${line} on to`, `ring ${to}`),
    enter: async (part, label, text) => {
      await opened(p, part, onIt);
      await entered(p, part, label, text, onIt);
    },
    take: async (part, label, option) => {
      await opened(p, part, onIt);
      await p.choose(label, option);
    },
    rate: async (ring, text) => {
      await press(await placeOf(p, `anchor/${ring}`));
      await entered(p, `Picked: ring ${ring}`, `ring ${ring} may take`, text, onIt);
    },
  };
}

export const byMouse = (p: Person): Builder =>
  byDragging(
    p,
    drag,
    (at) => p.page.mouse.click(...at),
    (e) => e.click(),
  );

export const byFinger = (p: Person): Builder =>
  byDragging(
    p,
    dragByFinger,
    (at) => p.page.touchscreen.tap(...at),
    (e) => e.tap(),
  );

/** Chooses in a select by keys. */
async function chooseByKeys(p: Person, label: string, option: string): Promise<void> {
  const button = await p.page.waitForSelector(
    `::-p-xpath(//*[normalize-space(text())="${label}"]/following::button[1])`,
  );
  await button!.focus();
  await p.page.keyboard.press('Enter');
  await p.page.waitForFunction(
    (o) => [...document.querySelectorAll('[role=option]')].some((e) => e.textContent === o),
    {},
    option,
  );
  await p.page.keyboard.type(option);
  await p.page.waitForFunction((o) => document.activeElement?.textContent === o, {}, option);
  await p.page.keyboard.press('Enter');
  await p.page.waitForFunction(
    (o) => ![...document.querySelectorAll('[role=option]')].some((e) => e.textContent === o),
    {},
    option,
  );
}

/** Whole steps of the arrow keys: tens of centimetres with Shift, centimetres without. */
async function step(p: Person, key: string, metres: number): Promise<void> {
  const cm = Math.round(metres * 100);
  await p.page.keyboard.down('Shift');
  for (let i = 0; i < Math.floor(cm / 10); i++) await p.page.keyboard.press(key as 'ArrowUp');
  await p.page.keyboard.up('Shift');
  for (let i = 0; i < cm % 10; i++) await p.page.keyboard.press(key as 'ArrowUp');
}

const ROWS = '[aria-label="Everything on the deck"] [role=option]';

export function byKeys(p: Person): Builder {
  const byEnter: Pressing = async (e) => {
    await e.focus();
    await p.page.keyboard.press('Enter');
  };
  const inList = async (start: string): Promise<void> => {
    if (!(await p.page.$(ROWS))) {
      const section = await p.page.waitForSelector('[data-section="Everything on the deck"]');
      await section!.focus();
      await p.page.keyboard.press('Enter');
      await p.page.waitForSelector(ROWS);
    }
    await p.page.evaluate(
      (rows, text) =>
        [...document.querySelectorAll<HTMLElement>(rows)]
          .find((e) => e.textContent!.startsWith(text))!
          .focus(),
      ROWS,
      start,
    );
    await p.page.keyboard.press('Enter');
  };
  const focused = async (hand: string): Promise<void> => {
    const found = await p.page.waitForSelector(`[data-hand="${hand}"][tabindex="0"]`);
    await found!.evaluate((e) => (e as SVGElement).focus());
  };
  const nameOf = (id: string): Promise<string> =>
    p.page.$eval(`[data-hand="unit/${id}"]`, (e) => e.getAttribute('aria-label')!.split(':')[0]!);
  return {
    pick: async (id) => {
      if (await p.page.$(`[data-hand="unit/${id}"][aria-pressed=true]`)) return;
      await inList(await nameOf(id));
      await isPicked(p, id);
    },
    move: async (id, backM, leftM) => {
      await focused(`unit/${id}`);
      await step(p, backM < 0 ? 'ArrowUp' : 'ArrowDown', Math.abs(backM));
      await step(p, leftM < 0 ? 'ArrowRight' : 'ArrowLeft', Math.abs(leftM));
    },
    grow: async (id, side, byM) => {
      await focused(`size/${id}/${side}`);
      const [dx, dy] = OUT[side];
      const [u, v] = byM < 0 ? [-dx, -dy] : [dx, dy];
      const key = u < 0 ? 'ArrowLeft' : u > 0 ? 'ArrowRight' : v < 0 ? 'ArrowUp' : 'ArrowDown';
      await step(p, key, Math.abs(byM));
    },
    pull: async (from, to) => {
      await inList(`ring ${from}`);
      await p.page.waitForSelector(`[role=group][aria-label="Picked: ring ${from}"]`);
      await chooseByKeys(p, `Pull a line from ring ${from} to`, `ring ${to}, over the load`);
    },
    press: async (text) => {
      const button = await p.page.waitForSelector(
        `::-p-xpath(//button[starts-with(normalize-space(.),"${text}")])`,
      );
      await button!.focus();
      await p.page.keyboard.press('Enter');
    },
    leadOn: (line, to) => chooseByKeys(p, `Lead line ${line} on to`, `ring ${to}`),
    enter: async (part, label, text) => {
      await opened(p, part, byEnter);
      await entered(p, part, label, text, (e) => e.focus());
    },
    take: async (part, label, option) => {
      await opened(p, part, byEnter);
      await chooseByKeys(p, label, option);
    },
    rate: async (ring, text) => {
      await inList(`ring ${ring}`);
      await entered(p, `Picked: ring ${ring}`, `ring ${ring} may take`, text, (e) => e.focus());
    },
  };
}
