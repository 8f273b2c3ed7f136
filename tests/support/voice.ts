import type { Person } from './browser';

/** Gives pages to come a voice that keeps what it says: `window.said`. */
export const giveVoice = (p: Person): Promise<unknown> =>
  p.page.evaluateOnNewDocument(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { speak: (u: { text: string }) => said.push(u.text), cancel: () => {} },
    });
    Object.defineProperty(window, 'SpeechSynthesisUtterance', {
      value: class {
        constructor(readonly text: string) {}
      },
    });
  });
