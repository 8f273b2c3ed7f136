import puppeteer, {
  type Browser,
  type BrowserContext,
  type ElementHandle,
  type Page,
} from 'puppeteer-core';
import { SESSION_COOKIE } from '@/server/session';
// The scripts are plain JavaScript: they run before any package is installed.
// @ts-expect-error no types
import { chromiumPath } from '../../scripts/lib/prerequisites.mjs';
import { BASE, request } from './api';
import { countAsked } from './asked';
import { fetchThere } from './fetch-there';
import { demoDocument } from './demo';
import { freshWindow, leaveWindow } from './windows';
import { cookieOf, sessionOf } from './world';

export { BASE };
const ARGS = [
  '--no-sandbox',
  '--enable-unsafe-swiftshader',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Waits until the page has been drawn a number of times: what would still move has moved by then. */
export const frames = (page: Page, count: number): Promise<unknown> =>
  page.evaluate(
    (n) =>
      new Promise<void>((done) => {
        const next = (left: number): void => {
          if (left === 0) done();
          else requestAnimationFrame(() => next(left - 1));
        };
        next(n);
      }),
    count,
  );

/** One browser for a test file; each person gets a window of their own. */
export async function launch(): Promise<Browser> {
  return puppeteer.launch({
    executablePath: chromiumPath() as string,
    args: ARGS,
  });
}

const COOKIE = { domain: new URL(BASE).hostname, path: '/' };

/** A person at the application, with their own cookies, and with page errors collected. */
export class Person {
  /** Versions of plans that this person has seen kept, by address; a new plan begins at 1. */
  private readonly versions = new Map<string, number>();

  private constructor(
    readonly page: Page,
    readonly context: BrowserContext,
    readonly errors: string[],
    private readonly keeps: boolean,
  ) {}

  static async at(
    browser: Browser,
    options: {
      width?: number;
      height?: number;
      theme?: string;
      phone?: boolean;
      /** Whether the device keeps the program and the day's pages, as it does where pages come encrypted. */
      keeps?: boolean;
    } = {},
  ): Promise<Person> {
    const { keeps = false } = options;
    const [context, page] = await freshWindow(browser, keeps);
    // A busy machine takes its time; what never comes fails all the same.
    page.setDefaultTimeout(90_000);
    // The runner of scripts wraps functions in a helper that a page does not know.
    await page.evaluateOnNewDocument('window.__name = (f) => f');
    if (!keeps)
      await page.evaluateOnNewDocument(() => {
        delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker;
      });
    await page.evaluateOnNewDocument(countAsked);
    const phone = options.phone ?? false;
    await page.setViewport({
      width: options.width ?? (phone ? 390 : 1280),
      height: options.height ?? (phone ? 844 : 800),
      hasTouch: phone,
      isMobile: phone,
    });
    if (options.theme)
      await context.setCookie({ ...COOKIE, name: 'vc_theme', value: options.theme });
    const errors: string[] = [];
    page.on('pageerror', (e) => errors.push(String(e)));
    page.on('console', (m) => {
      if (m.type() === 'error' && !/status of 4\d\d/.test(m.text())) errors.push(m.text());
    });
    return new Person(page, context, errors, keeps);
  }

  async goto(path: string): Promise<void> {
    await this.page.goto(`${BASE}${path}`, { waitUntil: 'domcontentloaded' });
    await this.ready();
  }

  /**
   * Waits until the page works: its handlers are attached, and neither the server nor a worker owes it an answer that would move
   * things.
   */
  async ready(): Promise<void> {
    await this.page.evaluate(() => {
      (window as unknown as { asked: { quiet: number } }).asked.quiet = 0;
    });
    await this.page.waitForFunction(
      () => {
        const w = window as unknown as { asked: { open: number; quiet: number } };
        const controls = [
          ...document.querySelectorAll('main button, main a, main input, body > div button'),
        ];
        const attached = controls.every((e) =>
          Object.keys(e).some((k) => k.startsWith('__reactProps')),
        );
        const works =
          document.readyState === 'complete' &&
          controls.length > 0 &&
          attached &&
          w.asked.open === 0 &&
          !document.querySelector('[aria-busy=true]');
        w.asked.quiet = works ? w.asked.quiet + 1 : 0;
        return w.asked.quiet > 2;
      },
      { polling: 'raf' },
    );
    const version = await this.page.evaluate(
      () => document.querySelector<HTMLElement>('[data-save]')?.dataset['version'],
    );
    if (version !== undefined)
      this.versions.set(new URL(this.page.url()).pathname, Number(version));
  }

  /** Opens a page as one of the demo people of this test file's own crews; without one, only where programs ask. */
  async stepInAs(name: string, path?: string): Promise<void> {
    await this.bringSession(name);
    if (path !== undefined) await this.goto(path);
    else await this.page.goto(`${BASE}/api/v1/health/live`);
  }

  /** Is one of the demo people from the next page on. */
  async bringSession(name: string): Promise<void> {
    const value = await sessionOf(name);
    await this.context.setCookie({ ...COOKIE, name: SESSION_COOKIE, value });
  }

  /** The same at the door, as somebody who comes for the first time: as one of the crews everybody sees. */
  async comeInAs(name: string): Promise<void> {
    await this.goto('/');
    await this.clickText(name);
    await this.page.waitForFunction(() => location.pathname === '/today');
    await this.readCautions();
  }

  /** Reads the cautions where this member has not yet: they come by themselves and cover the page until they are answered. */
  async readCautions(): Promise<void> {
    await this.page.waitForSelector('main[data-cautions=unread], main[data-cautions=read]');
    if (await this.page.$('main[data-cautions=unread]')) {
      await this.page.waitForSelector('[role=dialog]');
      await this.clickText('I have read this');
      await this.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    }
    await this.ready();
  }

  /** Opens a plan from the list. */
  async openPlan(title: string): Promise<void> {
    if (new URL(this.page.url()).pathname !== '/loads') await this.goto('/loads');
    await this.page.waitForFunction(
      (t) =>
        [...document.querySelectorAll('ul[aria-label="Plans"] a')].some((a) => a.textContent === t),
      {},
      title,
    );
    await this.page.evaluate(
      (t) =>
        (
          [...document.querySelectorAll('ul[aria-label="Plans"] a')].find(
            (a) => a.textContent === t,
          ) as HTMLElement
        ).click(),
      title,
    );
    await this.page.waitForSelector('[data-verdict]');
    await this.ready();
  }

  /** Clicks the button, link, option or label with this text or accessible name, once it stands still. */
  async clickText(text: string): Promise<void> {
    const handle = await this.page.waitForFunction(
      (t) => {
        // Advice that is still to come would move what lies below it.
        if (document.querySelector('[aria-label="What would help most"][aria-busy=true]'))
          return null;
        const all = [
          ...document.querySelectorAll<HTMLElement>('button,a,[role=option],[role=menuitem],label'),
        ].filter((e) => e.offsetParent !== null || e.getClientRects().length > 0);
        const name = (e: HTMLElement): string =>
          e.getAttribute('aria-label') ?? e.textContent?.trim() ?? '';
        const found =
          all.find((e) => name(e) === t) ??
          all.find((e) => name(e).startsWith(t)) ??
          all.find((e) => name(e).includes(t));
        const { x = 0, y = 0 } = found?.getBoundingClientRect() ?? {};
        const w = window as unknown as { stood?: { found: unknown; x: number; y: number } };
        const still = w.stood?.found === found && w.stood?.x === x && w.stood?.y === y;
        w.stood = { found, x, y };
        return still ? found : null;
      },
      { polling: 'raf' },
      text,
    );
    const element = handle.asElement() as ElementHandle<HTMLElement>;
    // What the verdict in sight, or the foot, covers is scrolled clear of it, as a person would.
    await element.evaluate((e) => {
      const { x, y, width, height } = e.getBoundingClientRect();
      const there = document.elementFromPoint(x + width / 2, y + height / 2);
      const clear = there !== null && (e.contains(there) || there.contains(e));
      if (!clear) e.scrollIntoView({ block: 'center' });
    });
    await element.click();
  }

  /** Opens or closes a section of the planner's left side. */
  async section(title: string): Promise<void> {
    await this.page.locator(`[data-section="${title}"]`).click();
  }

  /** Puts a text into the field with this label, replacing what stood there. */
  async fill(label: string, text: string): Promise<void> {
    const found = await this.page.waitForFunction(
      (l) =>
        [...document.querySelectorAll<HTMLInputElement>('input,textarea')].find(
          (e) =>
            e.getClientRects().length > 0 &&
            (e.getAttribute('aria-label') === l ||
              [...(e.labels ?? [])].some((x) => x.textContent === l)),
        ),
      {},
      label,
    );
    const field = found.asElement() as ElementHandle<HTMLInputElement>;
    await field.evaluate((e) => {
      e.focus();
      e.select();
    });
    if (text === '') await field.press('Backspace');
    else await field.type(text);
  }

  /** Chooses in the select with this label. */
  async choose(label: string, option: string): Promise<void> {
    const button = await this.page.waitForSelector(
      `::-p-xpath(//*[normalize-space(text())="${label}"]/following::button[1])`,
    );
    // Clear of the caution line at the foot, which would take the click.
    await button!.evaluate((e) => e.scrollIntoView({ block: 'center' }));
    // A list that stands on the page by itself is not the one that opens.
    const standing = (await this.page.$$('[role=listbox]')).length;
    await button!.click();
    const lists = (count: number, open: boolean): Promise<unknown> =>
      this.page.waitForFunction(
        (n, more) => document.querySelectorAll('[role=listbox]').length > n === more,
        {},
        count,
        open,
      );
    await lists(standing, true);
    await this.clickText(option);
    await lists(standing, false);
  }

  verdict(): Promise<string | null> {
    return this.page.$eval('[data-verdict]', (e) => e.getAttribute('data-verdict'));
  }

  async untilVerdict(word: string): Promise<void> {
    await this.page.waitForFunction(
      (w) => document.querySelector('[data-verdict]')?.getAttribute('data-verdict') === w,
      {},
      word,
    );
  }

  /** Waits until everything typed is kept. */
  async untilKept(): Promise<void> {
    await this.page.waitForFunction(
      () => /^kept \d\d:\d\d/.test(document.querySelector('[data-save]')?.textContent ?? ''),
      {},
    );
  }

  /** Waits for the save that follows an edit: a later version than was seen of this plan, and nothing that still waits. */
  async afterEdit(): Promise<void> {
    const path = new URL(this.page.url()).pathname;
    const version = await this.page.waitForFunction(
      (seen) => {
        const save = document.querySelector<HTMLElement>('[data-save]');
        const now = Number(save?.dataset['version']);
        return save?.dataset['pending'] === 'false' && now > seen ? now : null;
      },
      {},
      this.versions.get(path) ?? 1,
    );
    this.versions.set(path, (await version.jsonValue()) as number);
  }

  /** What is read there, once it is there: some parts are fetched when they are asked for. */
  async text(selector = 'body'): Promise<string> {
    return (await this.page.waitForSelector(selector))!.evaluate(
      (e) => (e as HTMLElement).innerText,
    );
  }

  /** Calls the programming interface with this person's cookies. */
  api(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<{ status: number; json: Record<string, unknown>; etag: string | null }> {
    return this.page.evaluate(fetchThere, method, `/api/v1${path}`, body, headers);
  }

  async leave(): Promise<void> {
    await (this.keeps ? this.context.close() : leaveWindow(this.context));
  }
}

/** A person of Haulage at a plan of their own, made from a demo document. */
export async function atOwnPlan(
  browser: Browser,
  demo: string,
  title: string,
  who = 'Ilse Varrow',
): Promise<Person> {
  const person = await Person.at(browser);
  const { json } = await request('POST', '/plans', {
    body: { ...demoDocument(demo), title },
    cookie: await cookieOf(who),
  });
  await person.stepInAs(who, `/loads/${String(json['id'])}`);
  return person;
}
