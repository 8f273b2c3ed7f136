import type { Page } from 'puppeteer-core';

/** Notes when each picture of a knot comes from its worker, and of how many nodes: `window.times`, `window.nodes`. */
export const countPictures = (page: Page): Promise<unknown> =>
  page.evaluateOnNewDocument(() => {
    const times: number[] = [];
    Object.assign(window, { times });
    const Plain = Worker;
    window.Worker = class extends Plain {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        this.addEventListener('message', (e: MessageEvent<{ at?: Float64Array }>) => {
          if (e.data.at) {
            times.push(performance.now());
            Object.assign(window, { nodes: e.data.at.length / 3 });
          }
        });
      }
    };
  });
