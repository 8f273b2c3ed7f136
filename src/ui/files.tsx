'use client';
import { type ChangeEvent, type ReactNode, useEffect, useMemo, useRef } from 'react';
import { call } from './api';
import type { BodyOf } from './routes';

/** Hands a file to the browser to keep. */
export function keepFile(name: string, content: Blob | string, type = 'text/plain'): void {
  const url = URL.createObjectURL(
    typeof content === 'string' ? new Blob([content], { type }) : content,
  );
  const link = Object.assign(document.createElement('a'), { href: url, download: name });
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** Hands a document to the person as a JSON file of its title. */
export const keepJson = (title: string, document: unknown): void =>
  keepFile(`${title}.json`, `${JSON.stringify(document, null, 2)}\n`, 'application/json');

/** Import of a document from a file: `route` is how documents of its family are kept. The same control while the page stands. */
export function useImport(
  route: 'POST /plans' | 'POST /riggings',
  open: (id: string) => void,
  setError: (text: string | null) => void,
): { readonly control: ReactNode; readonly ask: () => void } {
  const input = useRef<HTMLInputElement>(null);
  const latest = useRef({ open, setError });
  useEffect(() => {
    latest.current = { open, setError };
  });
  return useMemo(() => {
    const chosen = async (event: ChangeEvent<HTMLInputElement>): Promise<void> => {
      const file = event.target.files?.[0];
      event.target.value = '';
      if (!file) return;
      let document: unknown;
      try {
        document = JSON.parse(await file.text());
      } catch {
        return latest.current.setError(`${file.name} is not JSON. Nothing was imported.`);
      }
      // Whether it is one of its family, the server says.
      const answer = await call(route, { body: document as BodyOf<typeof route> });
      if (answer.ok) return latest.current.open(answer.value.id);
      const where = answer.problem.issues
        .slice(0, 3)
        .map((i) => `${i.path.join(' › ') || 'document'}: ${i.message}`)
        .join(' ');
      latest.current.setError(`${file.name} was not imported. ${where}`);
    };
    return {
      control: (
        <input
          ref={input}
          type="file"
          accept="application/json,.json"
          onChange={(e) => void chosen(e)}
          hidden
          aria-label="Document file"
        />
      ),
      ask: () => input.current?.click(),
    };
  }, [route]);
}
