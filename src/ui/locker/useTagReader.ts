'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { isBurst, type Keystroke, LONGEST_GAP_MS } from '@/core/gear/reader';
import type { LockerItem } from './useLockerList';
import { call, messageOf } from '../api';

const editable = (target: EventTarget | null): HTMLInputElement | HTMLTextAreaElement | null =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement ? target : null;

/**
 * While a dialog is open a reader types into it like any keyboard: a new tag's code goes into its field, and no form is
 * left behind. An open list or menu takes letters to find its entries.
 */
const busyElsewhere = (): boolean =>
  document.querySelector('[role=dialog],[role=alertdialog],[role=listbox],[role=menu]') !== null;

/** Puts a text into a field the way typing would, so that whoever owns the field hears of it. */
function setText(field: HTMLInputElement | HTMLTextAreaElement, text: string): void {
  const set = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field) as object, 'value')?.set;
  set?.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

/** A key that was held back while it might have begun a burst, sent on to whoever it was for. */
const REPLAYED = Symbol('replayed');
type Replayed = KeyboardEvent & { [REPLAYED]?: true };

/**
 * Hears a tag reader that types: characters faster than anybody's fingers, then Enter. The code goes to `onCode`; what it
 * typed into a field is taken out again. A single key outside a field waits until it is plain that no burst follows, so
 * that the keys of the page do not answer to a reader.
 */
export function useTagReader(onCode: (code: string) => void): void {
  const latest = useRef(onCode);
  useEffect(() => {
    latest.current = onCode;
  });
  useEffect(() => {
    let strokes: Keystroke[] = [];
    let held: KeyboardEvent[] = [];
    let timer: ReturnType<typeof setTimeout> | undefined;
    let field: {
      readonly element: HTMLInputElement | HTMLTextAreaElement;
      readonly before: string;
    } | null = null;
    const replay = (): void => {
      const keys = held;
      [held, strokes, field] = [[], [], null];
      for (const e of keys) {
        const again: Replayed = new KeyboardEvent(e.type, {
          key: e.key,
          code: e.code,
          shiftKey: e.shiftKey,
          bubbles: true,
          cancelable: true,
        });
        again[REPLAYED] = true;
        (e.target ?? document.body).dispatchEvent(again);
      }
    };
    const swallow = (event: KeyboardEvent): void => {
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    const finish = (event: KeyboardEvent): void => {
      const code = strokes.map((s) => s.key).join('');
      swallow(event);
      if (field) setText(field.element, field.before);
      [held, strokes, field] = [[], [], null];
      latest.current(code);
    };
    const press = (event: Replayed): void => {
      if (
        event[REPLAYED] ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        event.repeat ||
        busyElsewhere()
      )
        return;
      const gap = strokes.length > 0 ? event.timeStamp - strokes.at(-1)!.atMs : 0;
      if (gap > LONGEST_GAP_MS) {
        clearTimeout(timer);
        replay();
      }
      if (event.key === 'Enter') {
        clearTimeout(timer);
        if (isBurst(strokes, event.timeStamp)) finish(event);
        else replay();
        return;
      }
      // Space presses buttons; no tag has one.
      if (event.key.length !== 1 || event.key === ' ') return;
      const element = editable(event.target);
      if (strokes.length === 0 && element) field = { element, before: element.value };
      strokes.push({ key: event.key, atMs: event.timeStamp });
      if (!element) {
        held.push(event);
        swallow(event);
      }
      clearTimeout(timer);
      timer = setTimeout(replay, LONGEST_GAP_MS + 5);
    };
    // A key that is let go while it is held back is let go after it is sent on, not before.
    const letGo = (event: Replayed): void => {
      if (event[REPLAYED] || !held.some((e) => e.key === event.key)) return;
      held.push(event);
      swallow(event);
    };
    window.addEventListener('keydown', press, true);
    window.addEventListener('keyup', letGo, true);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('keydown', press, true);
      window.removeEventListener('keyup', letGo, true);
    };
  }, []);
}

/** Finds the thing a code is on. */
export async function gearOfTag(
  code: string,
): Promise<{ readonly item: LockerItem } | { readonly error: string }> {
  const answer = await call('GET /tags/{code}', { params: { code } });
  return answer.ok ? { item: answer.value } : { error: messageOf(answer.problem) };
}

/** A tag that is read anywhere on a page of the locker opens the page of the thing. */
export function useTagToPage(): { readonly error: string | null } {
  const router = useRouter();
  const [error, setError] = useState<string | null>(null);
  useTagReader(
    (code) =>
      void gearOfTag(code).then((found) => {
        if ('error' in found) return setError(found.error);
        setError(null);
        router.push(`/locker/${found.item.id}`);
      }),
  );
  return { error };
}
