'use client';
import { useEffect, useState } from 'react';
import { call } from '../api';

/** Ropes that are named; one is taken, and one is there if somebody else took it. */
const NAMED = 2;

/** Which ropes of the locker a new piece can be taken from, by tag; nothing while that is not known or none is needed. */
export function LongEnough({ pieceM }: { pieceM: number }) {
  const [found, setFound] = useState<{ pieceM: number; codes: readonly string[] } | null>(null);
  useEffect(() => {
    if (pieceM <= 0) return;
    let gone = false;
    void call('GET /gear/fit', { query: { lengthM: pieceM } }).then((answer) => {
      if (gone || !answer.ok) return;
      const enough = answer.value.ropes.filter((g) => (g.standing.remainingM ?? 0) >= pieceM);
      setFound({ pieceM, codes: enough.slice(0, NAMED).map((g) => g.document.code) });
    });
    return () => {
      gone = true;
    };
  }, [pieceM]);
  if (pieceM <= 0 || found?.pieceM !== pieceM) return null;
  return found.codes.length > 0 ? (
    <>; long enough: {found.codes.join(', ')}</>
  ) : (
    <>; no rope in the locker is long enough</>
  );
}
