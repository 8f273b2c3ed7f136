import { randomUUID } from 'node:crypto';
import { demoDocument, demoPlan } from './demo';
import { Device } from './device';
import { LogLedger } from './ledger-log';

/** A request to the programming interface of a running application. */
export type Ask = (
  method: string,
  path: string,
  body?: unknown,
  headers?: Record<string, string>,
) => Promise<{ status: number; json: Record<string, unknown> }>;

const LINES = demoPlan('water-tote').lines.map((l) => l.id);

/** What a crew of programs wrote, and what was acknowledged of it. */
export class Ledger {
  readonly plans = new Map<string, { version: number; notes: string }>();
  readonly gear = new Map<string, string>();
  readonly places: string[] = [];
  acknowledged = 0;
  readonly statuses = new Map<number, number>();
  readonly log: LogLedger;
  readonly device: Device;
  /** Checks that the device was given, by plan. */
  private readonly checks = new Map<string, number>();
  private count = 0;
  private rope = '';

  constructor(
    private readonly ask: Ask,
    private readonly name: string,
  ) {
    this.log = new LogLedger(ask, name);
    this.device = new Device((...request) => this.sent(...request), name);
  }

  private async sent(...request: Parameters<Ask>): ReturnType<Ask> {
    const answer = await this.ask(...request);
    this.statuses.set(answer.status, (this.statuses.get(answer.status) ?? 0) + 1);
    return answer;
  }

  /** Sends something that is recorded until it is answered, under one key. */
  private async insist(path: string, body: unknown): Promise<Record<string, unknown> | null> {
    const key = randomUUID();
    for (;;) {
      try {
        const { status, json } = await this.sent('POST', path, body, { 'idempotency-key': key });
        if (status === 201) {
          this.acknowledged += 1;
          return json;
        }
        if (status !== 503) throw new Error(`${path}: ${status} ${JSON.stringify(json)}`);
      } catch (error) {
        if (!(error instanceof TypeError)) throw error;
      }
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
  }

  async newPlan(): Promise<void> {
    const title = `${this.name} plan ${(this.count += 1)}`;
    const made = await this.insist('/plans', { ...(demoDocument('water-tote') as object), title });
    this.plans.set(String(made!['id']), { version: 1, notes: '' });
  }

  async newThing(): Promise<void> {
    const code = `${this.name}-${(this.count += 1)}`.toUpperCase();
    const item = { kind: 'rope', material: 'polyester', diameterM: 0.012, mbsN: 21000 };
    const gear = { format: 'vast-cleat/gear', version: 1, code, lengthM: 30, item };
    const made = await this.insist('/gear', { gear });
    this.gear.set(code, String(made!['id']));
    this.rope ||= String(made!['id']);
  }

  async move(): Promise<void> {
    if (!this.rope) return this.newThing();
    const place = `${this.name} place ${(this.count += 1)}`;
    await this.insist(`/gear/${this.rope}/history`, { kind: 'moved', place });
    this.places.push(place);
  }

  /** Saves a plan with the version it is known to have; what got no answer may have been saved or not. */
  async save(): Promise<void> {
    const [id] = this.plans.keys();
    if (id === undefined) return this.newPlan();
    const plan = this.plans.get(id)!;
    const notes = `${this.name} note ${(this.count += 1)}`;
    const document = { ...(demoDocument('water-tote') as object), title: 'saved', notes };
    try {
      const { status, json } = await this.sent('PUT', `/plans/${id}`, document, {
        'if-match': `"${plan.version}"`,
      });
      if (status === 200) {
        this.acknowledged += 1;
        this.plans.set(id, { version: Number(json['version']), notes });
        return;
      }
      if (status !== 409 && status !== 503) throw new Error(`save: ${status}`);
      if (status === 409) {
        const current = json['current'] as { version: number; document: { notes: string } };
        this.plans.set(id, { version: current.version, notes: current.document.notes });
      }
    } catch (error) {
      if (!(error instanceof TypeError)) throw error;
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }

  /** A look at every line of a plan, left to the device. */
  private async check(): Promise<void> {
    const [id] = this.plans.keys();
    if (id === undefined) return this.newPlan();
    await this.device.record(`/plans/${id}/checks`, {
      occasion: 'before-driving',
      lines: LINES.map((lineId) => ({ lineId, state: 'tight' })),
    });
    this.checks.set(id, (this.checks.get(id) ?? 0) + 1);
  }

  /** What a day in the yard brings: the network goes, things are recorded, it comes back. */
  private async yard(): Promise<void> {
    this.device.hasNetwork = !this.device.hasNetwork;
    await this.log.leaveTo(this.device);
    await this.check();
    if (this.device.hasNetwork) await this.device.reopen();
  }

  /** Writes until it is told to stop, a bit of everything. */
  async write(stopped: () => boolean): Promise<void> {
    const kinds = [
      () => this.save(),
      () => this.move(),
      () => this.log.write((path, body) => this.insist(path, body)),
      () => this.yard(),
      () => this.newThing(),
      () => this.newPlan(),
    ];
    for (let i = 0; !stopped(); i++) await kinds[i % kinds.length]!();
    this.device.hasNetwork = true;
    while (this.device.waiting().some((e) => e.refused === null)) {
      await this.device.reopen();
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }

  /** What was acknowledged and is not there exactly once; empty when all is well. */
  async faults(): Promise<string[]> {
    const faults: string[] = [];
    for (const [id, { version, notes }] of this.plans) {
      const { status, json } = await this.ask('GET', `/plans/${id}`);
      const kept = json as { version: number; document?: { notes: string } };
      if (status !== 200) faults.push(`plan ${id}: ${status}`);
      else if (kept.version < version)
        faults.push(`plan ${id}: version ${kept.version} < ${version}`);
      else if (kept.version === version && kept.document!.notes !== notes)
        faults.push(`plan ${id}: other notes`);
    }
    for (const [code, id] of this.gear) {
      const { json } = await this.ask('GET', `/gear?search=${encodeURIComponent(code)}&state=all`);
      const ids = (json['gear'] as { id: string; document: { code: string } }[])
        .filter((g) => g.document.code === code)
        .map((g) => g.id);
      if (ids.join() !== id) faults.push(`thing ${code}: ${ids.length}`);
    }
    if (this.rope) {
      const { json } = await this.ask('GET', `/gear/${this.rope}/history`);
      const kept = (json['history'] as { body: { kind: string; place?: string } }[])
        .filter((e) => e.body.kind === 'moved')
        .map((e) => e.body.place);
      if (kept.join() !== this.places.join())
        faults.push(`history: ${kept.length} kept, ${this.places.length} acknowledged`);
    }
    for (const [id, made] of this.checks) {
      const kept = await this.checksOf(id);
      if (kept !== made) faults.push(`checks of ${id}: ${kept} kept, ${made} made`);
    }
    for (const { words, refused } of this.device.waiting())
      faults.push(`left on the device: ${words} ${JSON.stringify(refused)}`);
    return [...faults, ...(await this.log.faults())];
  }

  /** Checks of a plan, page by page. */
  private async checksOf(id: string): Promise<number> {
    let count = 0;
    let after: unknown = null;
    do {
      const asked = typeof after === 'string' ? `?after=${encodeURIComponent(after)}` : '';
      const { json } = await this.ask('GET', `/plans/${id}/checks${asked}`);
      count += (json['checks'] as unknown[]).length;
      after = json['next'];
    } while (after !== null);
    return count;
  }
}
