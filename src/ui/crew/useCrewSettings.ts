'use client';
import { useRef, useState } from 'react';
import type { CrewSettings } from '@/db/queries/crews';
import { call, messageOf, type Problem } from '../api';

type Part = 'strength' | 'intervals' | 'defaults';

/** Settings of the crew while somebody changes them: each change is saved with the version it began with, one after the other. */
export function useCrewSettings(first: CrewSettings) {
  const [settings, setSettings] = useState(first);
  const [notes, setNotes] = useState<Partial<Record<Part, string>>>({});
  const [theirs, setTheirs] = useState<CrewSettings | null>(null);
  const wanted = useRef(first);
  const version = useRef(first.version);
  const queue = useRef(Promise.resolve());
  const save = async (part: Part, kept: string): Promise<void> => {
    const sent = wanted.current[part];
    const answer = await call('PUT /crew', { body: { [part]: sent }, version: version.current });
    if (answer.ok) version.current = answer.value.version;
    else if (answer.problem.status === 409) setTheirs(currentOf(answer.problem));
    setNotes((n) => ({ ...n, [part]: answer.ok ? kept : messageOf(answer.problem) }));
  };
  const change = <P extends Part>(
    part: P,
    change: Partial<CrewSettings[P]>,
    kept: string,
  ): void => {
    wanted.current = { ...wanted.current, [part]: { ...wanted.current[part], ...change } };
    setSettings(wanted.current);
    queue.current = queue.current.then(() => save(part, kept));
  };
  /** Both versions have been looked at: mine goes over theirs, or theirs stands. */
  const settle = (which: 'mine' | 'theirs'): void => {
    if (!theirs) return;
    version.current = theirs.version;
    setTheirs(null);
    setNotes({});
    if (which === 'mine') {
      change('strength', {}, 'Kept, over theirs.');
      change('intervals', {}, 'Kept, over theirs.');
      change('defaults', {}, 'Kept, over theirs.');
    } else setSettings((wanted.current = theirs));
  };
  return { settings, notes, theirs, change, settle };
}

/** What a conflict of the crew's settings carries is not a stored document but the settings themselves. */
const currentOf = (problem: Problem): CrewSettings => problem.current as unknown as CrewSettings;
