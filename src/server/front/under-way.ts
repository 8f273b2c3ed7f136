import type { ServerResponse } from 'node:http';

/** Whether what is answered is a stream of events, which does not end by itself. */
export const isStream = (response: ServerResponse): boolean =>
  String(response.getHeader('content-type')).startsWith('text/event-stream');

/** Requests that have been accepted and not been answered to the end. */
export class UnderWay {
  private readonly responses = new Set<ServerResponse>();
  private wake: (() => void) | null = null;

  add(response: ServerResponse): void {
    this.responses.add(response);
    response.once('close', () => {
      this.responses.delete(response);
      if (this.responses.size === 0) this.wake?.();
    });
  }

  get size(): number {
    return this.responses.size;
  }

  /** Streams of events that are open. */
  get streams(): number {
    return [...this.responses].filter(isStream).length;
  }

  /** Ends what would never end by itself: streams of events. */
  endStreams(): void {
    for (const response of this.responses) if (isStream(response)) response.destroy();
  }

  /** Waits until all are answered, `patienceMs` at most. @returns how many were not */
  async finished(patienceMs: number): Promise<number> {
    if (this.responses.size === 0) return 0;
    let timer: NodeJS.Timeout | undefined;
    await Promise.race([
      new Promise<void>((resolve) => (this.wake = resolve)),
      new Promise((resolve) => (timer = setTimeout(resolve, patienceMs))),
    ]);
    clearTimeout(timer);
    return this.responses.size;
  }
}
