'use client';
import { useCallback, useEffect, useRef, useState } from 'react';

/** Seconds a step may take before the next one comes by itself. */
export const PACES_S = [3, 4, 6, 9, 14] as const;
const TICK_MS = 100;

/** Counts down to the next step while running; `part` of the time is over. */
export function usePace(paceS: number, running: boolean, step: number, onDue: () => void): number {
  const [part, setPart] = useState(0);
  const due = useRef(onDue);
  useEffect(() => {
    due.current = onDue;
  });
  useEffect(() => {
    setPart(0);
  }, [step, paceS]);
  useEffect(() => {
    if (!running) return;
    let gone = 0;
    const timer = setInterval(() => {
      gone += TICK_MS;
      if (gone < paceS * 1000) return setPart(gone / (paceS * 1000));
      clearInterval(timer);
      due.current();
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [paceS, running, step]);
  return part;
}

/** Keeps the screen awake as long as the caller is shown, where the browser can. */
export function useAwake(): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) return void lock.release();
        setAwake(true);
        lock.addEventListener('release', () => setAwake(false));
      } catch {
        setAwake(false);
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
  return awake;
}

/** Reads a text aloud, replacing what was being read. `available`: this browser has a voice. */
export function useVoice(): { available: boolean; say: (text: string) => void; hush: () => void } {
  const available = typeof window !== 'undefined' && 'speechSynthesis' in window;
  const hush = useCallback(() => {
    if (available) window.speechSynthesis.cancel();
  }, [available]);
  const say = useCallback(
    (text: string) => {
      if (!available) return;
      window.speechSynthesis.cancel();
      const words = new SpeechSynthesisUtterance(text);
      words.lang = 'en';
      words.rate = 0.95;
      window.speechSynthesis.speak(words);
    },
    [available],
  );
  useEffect(() => hush, [hush]);
  return { available, say, hush };
}
