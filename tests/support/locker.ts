import type { ElementHandle, KeyInput } from 'puppeteer-core';
import { frames, type Person } from './browser';

/** Enters a new rope through the programming interface and returns its id. */
export async function enter(
  p: Person,
  code: string,
  extra: Record<string, unknown> = {},
  start: Record<string, unknown> = { condition: 'new', lastInspectedOn: '2026-11-01' },
): Promise<string> {
  const gear = {
    format: 'vast-cleat/gear',
    version: 1,
    code,
    lengthM: 30,
    item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN' },
    ...extra,
  };
  const { status, json } = await p.api('POST', '/gear', { gear, start });
  if (status !== 201) throw new Error(JSON.stringify(json));
  return json['id'] as string;
}

/** The page of the thing with a tag. */
export const gearPath = async (p: Person, code: string): Promise<string> =>
  `/locker/${(await p.api('GET', `/tags/${code}`)).json['id'] as string}`;

/** Tags of the rows that are shown. */
export const rowsShown = (p: Person): Promise<string[]> =>
  p.page.$$eval('ul[aria-label=Gear] > li > :first-child', (tags) =>
    tags.map((t) => t.textContent ?? ''),
  );

/** Waits until the rows are as wanted. */
export async function untilRows(p: Person, wanted: (rows: string[]) => boolean): Promise<void> {
  const until = Date.now() + 90_000;
  let rows = await rowsShown(p);
  while (!wanted(rows)) {
    if (Date.now() > until) throw new Error(`rows are ${rows.join(', ')}`);
    await frames(p.page, 5);
    rows = await rowsShown(p);
  }
}

interface Held {
  readonly release: () => void;
}

/** Stops a page's timers and the clock of its events: keys that come late on a busy machine still come close together. */
const holdClock = (): void => {
  const [set, clear, stamp] = [
    window.setTimeout,
    window.clearTimeout,
    Object.getOwnPropertyDescriptor(Event.prototype, 'timeStamp')!,
  ];
  const waiting = new Map<number, () => void>();
  let [made, now] = [1e9, performance.now()];
  const later = (work: () => void): number => {
    made += 1;
    waiting.set(made, work);
    return made;
  };
  const never = (id: number): void => {
    if (!waiting.delete(id)) clear.call(window, id);
  };
  Object.assign(window, {
    setTimeout: later,
    clearTimeout: never,
    held: {
      release: () => {
        Object.assign(window, { setTimeout: set, clearTimeout: clear });
        Object.defineProperty(Event.prototype, 'timeStamp', stamp);
        for (const work of waiting.values()) set.call(window, work, 0);
      },
    } satisfies Held,
  });
  Object.defineProperty(Event.prototype, 'timeStamp', {
    configurable: true,
    get: () => {
      now += 1;
      return now;
    },
  });
};

/** Reads a tag as a reader does: keys one after the other without waiting for the page, then Enter. */
export async function readTag(p: Person, code: string): Promise<void> {
  const { keyboard } = p.page;
  // Nobody reads a tag within a tenth of a second of typing.
  await p.page.evaluate(
    () =>
      new Promise((r) => {
        setTimeout(r, 120);
      }),
  );
  await p.page.evaluate(holdClock);
  await Promise.all(
    [...code, 'Enter'].flatMap((key) => [
      keyboard.down(key as KeyInput),
      keyboard.up(key as KeyInput),
    ]),
  );
  await p.page.evaluate(() =>
    (window as unknown as { held: { release: () => void } }).held.release(),
  );
}

/** Ticks exactly the ropes of the cut list whose tag begins so. Tried again until it is so: the page may still be waking up. */
export async function chooseOnly(p: Person, prefix: string): Promise<void> {
  const until = Date.now() + 90_000;
  for (;;) {
    const wrong = await p.page.$$eval(
      'ul[aria-label="Ropes that may be cut"] label',
      (labels, begin) => {
        const off = labels.filter(
          (l) =>
            (l.getAttribute('data-selected') === 'true') !==
            (l.querySelector('b')?.textContent ?? '').startsWith(begin),
        );
        for (const l of off) l.querySelector('input')!.click();
        return off.length;
      },
      prefix,
    );
    if (wrong === 0) return;
    if (Date.now() > until) throw new Error(`${wrong} ropes are not as wanted`);
    await frames(p.page, 10);
  }
}

/** Fills the fields that share a label, in order. */
export async function fillAll(p: Person, label: string, texts: readonly string[]): Promise<void> {
  for (const [n, text] of texts.entries()) {
    const found = await p.page.evaluateHandle(
      (l, k) =>
        [...document.querySelectorAll<HTMLInputElement>('input')].filter((e) =>
          [...(e.labels ?? [])].some((x) => x.textContent === l),
        )[k]!,
      label,
      n,
    );
    const field = found.asElement() as ElementHandle<HTMLInputElement>;
    await field.evaluate((e) => {
      e.focus();
      e.select();
    });
    await field.type(text);
  }
}

export const until = (p: Person, selector: string, text: string) =>
  p.page.waitForFunction(
    (s, t) =>
      [...document.querySelectorAll(s)].some((e) =>
        (e as HTMLElement).innerText.replaceAll('\u00a0', ' ').includes(t),
      ),
    {},
    selector,
    text,
  );
