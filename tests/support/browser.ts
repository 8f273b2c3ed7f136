import puppeteer, { type Browser, type BrowserContext, type ElementHandle, type Page } from 'puppeteer-core';
import { demoDocument } from './demo';

export const BASE = process.env['APP_URL'] ?? 'http://127.0.0.1:3000';
const ARGS = ['--no-sandbox', '--enable-unsafe-swiftshader', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'];

/** One browser for a test file; each person gets a window of their own. */
export async function launch(): Promise<Browser> {
  return puppeteer.launch({ executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: ARGS });
}

/** A person at the application, with their own cookies, and with page errors collected. */
export class Person {
  private constructor(readonly page: Page, readonly context: BrowserContext, readonly errors: string[]) {}

  static async at(browser: Browser, options: { width?: number; height?: number; theme?: string; phone?: boolean } = {}): Promise<Person> {
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    // The runner of scripts wraps functions in a helper that a page does not know.
    await page.evaluateOnNewDocument('window.__name = (f) => f');
    const phone = options.phone ?? false;
    await page.setViewport({ width: options.width ?? (phone ? 390 : 1280), height: options.height ?? (phone ? 844 : 800), hasTouch: phone, isMobile: phone });
    if (options.theme) await context.setCookie({ name: 'vc_theme', value: options.theme, domain: new URL(BASE).hostname, path: '/' });
    const errors: string[] = [];
    page.on('pageerror', (e) => errors.push(String(e)));
    page.on('console', (m) => { if (m.type() === 'error' && !/status of 4\d\d/.test(m.text())) errors.push(m.text()); });
    return new Person(page, context, errors);
  }

  async goto(path: string): Promise<void> {
    await this.page.goto(`${BASE}${path}`, { waitUntil: 'networkidle0' });
  }

  /** Steps in as one of the demo people and acknowledges the cautions if they are asked for. */
  async stepInAs(name: string): Promise<void> {
    await this.goto('/');
    await this.clickText(name);
    await this.page.waitForFunction(() => location.pathname === '/loads');
    await this.page.waitForSelector('ul[aria-label="Plans"]');
    // Handlers are attached by hydration, shortly after the first paint.
    await this.page.waitForNetworkIdle({ idleTime: 300 });
    // The cautions are fetched only for those who have not read them, and may come late.
    if (await this.page.$('main[data-cautions=unread]')) {
      await this.page.waitForSelector('[role=dialog]');
      await this.clickText('I have read this');
      await this.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    }
  }

  async openPlan(title: string): Promise<void> {
    await this.page.waitForFunction((t) => [...document.querySelectorAll('ul[aria-label="Plans"] a')].some((a) => a.textContent === t), {}, title);
    await this.page.evaluate((t) => ([...document.querySelectorAll('ul[aria-label="Plans"] a')].find((a) => a.textContent === t) as HTMLElement).click(), title);
    await this.page.waitForSelector('[data-verdict]');
    await this.page.waitForNetworkIdle({ idleTime: 300 });
  }

  /** Clicks the button, link, option or label with this text or accessible name. */
  async clickText(text: string): Promise<void> {
    const handle = await this.page.waitForFunction((t) => {
      const all = [...document.querySelectorAll<HTMLElement>('button,a,[role=option],[role=menuitem],label')].filter((e) => e.offsetParent !== null || e.getClientRects().length > 0);
      const name = (e: HTMLElement): string => e.getAttribute('aria-label') ?? e.textContent?.trim() ?? '';
      return all.find((e) => name(e) === t) ?? all.find((e) => name(e).startsWith(t)) ?? all.find((e) => name(e).includes(t));
    }, { timeout: 10_000 }, text);
    await (handle.asElement() as ElementHandle<HTMLElement>).click();
  }

  /** Opens or closes a section of the planner's left side. */
  async section(title: string): Promise<void> {
    await (await this.page.waitForSelector(`[data-section="${title}"]`))!.click();
  }

  /** Puts a text into the field with this label, replacing what stood there. */
  async fill(label: string, text: string): Promise<void> {
    const found = await this.page.waitForFunction((l) => [...document.querySelectorAll<HTMLInputElement>('input,textarea')].find((e) =>
      e.getClientRects().length > 0 && (e.getAttribute('aria-label') === l || [...(e.labels ?? [])].some((x) => x.textContent === l))), { timeout: 10_000 }, label);
    const field = found.asElement() as ElementHandle<HTMLInputElement>;
    await field.evaluate((e) => { e.focus(); e.select(); });
    if (text === '') await field.press('Backspace');
    else await field.type(text);
  }

  /** Chooses in the select with this label. */
  async choose(label: string, option: string): Promise<void> {
    const button = await this.page.waitForSelector(`::-p-xpath(//*[normalize-space(text())="${label}"]/following::button[1])`, { timeout: 10_000 });
    // Clear of the caution line at the foot, which would take the click.
    await button!.evaluate((e) => e.scrollIntoView({ block: 'center' }));
    await button!.click();
    await this.page.waitForSelector('[role=listbox]');
    await this.clickText(option);
    await this.page.waitForFunction(() => !document.querySelector('[role=listbox]'));
  }

  verdict(): Promise<string | null> {
    return this.page.$eval('[data-verdict]', (e) => e.getAttribute('data-verdict'));
  }

  async untilVerdict(word: string): Promise<void> {
    await this.page.waitForFunction((w) => document.querySelector('[data-verdict]')?.getAttribute('data-verdict') === w, { timeout: 10_000 }, word);
  }

  /** Waits until everything typed is kept. */
  async untilKept(): Promise<void> {
    await this.page.waitForFunction(() => /^kept \d\d:\d\d/.test(document.querySelector('[data-save]')?.textContent ?? ''), { timeout: 15_000 });
  }

  /** Waits for the save that follows an edit: first it must leave "kept". */
  async afterEdit(): Promise<void> {
    await this.page.waitForResponse((r) => r.request().method() === 'PUT' && r.url().includes('/plans/'), { timeout: 15_000 });
    await this.untilKept();
  }

  text(selector = 'body'): Promise<string> {
    return this.page.$eval(selector, (e) => (e as HTMLElement).innerText);
  }

  /** Calls the programming interface with this person's cookies. */
  api(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<{ status: number; json: Record<string, unknown>; etag: string | null }> {
    return this.page.evaluate(async (m, p, b, h) => {
      const r = await fetch(p, { method: m, headers: { 'content-type': 'application/json', ...h }, ...(b === undefined ? {} : { body: JSON.stringify(b) }) });
      return { status: r.status, json: (await r.json().catch(() => ({}))) as Record<string, unknown>, etag: r.headers.get('etag') };
    }, method, `/api/v1${path}`, body, headers);
  }

  async leave(): Promise<void> {
    await this.context.close();
  }
}

/** A person of Haulage at a plan of their own, made from a demo document. */
export async function atOwnPlan(browser: Browser, demo: string, title: string, who = 'Ilse Varrow'): Promise<Person> {
  const person = await Person.at(browser);
  await person.stepInAs(who);
  const { json } = await person.api('POST', '/plans', { ...demoDocument(demo), title });
  await person.goto(`/loads/${json['id'] as string}`);
  return person;
}
