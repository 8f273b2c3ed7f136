import { launch, Person } from '../support/browser';
import { handsReady, placeOf } from '../support/deck';
import { watchFrames } from './frames';
import { fullDeck } from './hold';

type Print = (what: string, figure: string) => void;

/** How long a unit is dragged to and fro, ms. */
const DRAG_MS = 4000;

/** A unit of a full deck dragged to and fro: pictures a second, and the longest task meanwhile. */
export async function benchDragging(print: Print): Promise<void> {
  const browser = await launch();
  const person = await Person.at(browser);
  await person.stepInAs('Ilse Varrow');
  const plan = { ...fullDeck(), title: 'Dragging' };
  const { json } = await person.api('POST', '/plans', plan);
  await person.goto(`/loads/${json['id'] as string}`);
  await handsReady(person);
  await person.page.waitForSelector('[data-hold-map][aria-busy=false]');
  await new Promise((r) => setTimeout(r, 1500));
  const [x, y] = await placeOf(person, `unit/${plan.units[0]!.id}`);
  const { mouse } = person.page;
  await mouse.move(x, y);
  await mouse.down();
  await mouse.move(x + 4, y);
  const told = await watchFrames(person);
  const until = performance.now() + DRAG_MS;
  for (let i = 0; performance.now() < until; i++)
    await mouse.move(x + 20 * Math.sin(i / 9), y + 12 * Math.cos(i / 7));
  const { perS, long } = await told();
  await mouse.up();
  print(
    'dragging a unit of 12 under 16 lines',
    `${perS.toFixed(0)} pictures a second, longest task ${long.length === 0 ? 'under 50' : `${Math.max(...long).toFixed(0)} (${long.length} over 50)`} ms`,
  );
  await browser.close();
}
