'use client';
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from 'react';
import { UNIT_CHOICES, type UnitChoice } from '@/core/units';
import { call } from '../api';

/** What the interface knows of the member. */
export interface Viewer {
  readonly id: string;
  readonly name: string;
  readonly signInName: string;
  readonly crewName: string;
  readonly role: string;
  readonly units: 'metric' | 'us';
  readonly cautioned: boolean;
  readonly canWrite: boolean;
  readonly canDelete: boolean;
  readonly canChangeCrew: boolean;
  /** Signs for what others were seen to do. */
  readonly canSign: boolean;
  /** Enters and changes gear; records what happens to it. */
  readonly canKeepGear: boolean;
  readonly canRecordGear: boolean;
}

interface MemberState {
  readonly viewer: Viewer;
  readonly units: UnitChoice;
  readonly setUnits: (system: 'metric' | 'us') => void;
}

const Context = createContext<MemberState | null>(null);
const Units = createContext<UnitChoice>(UNIT_CHOICES.metric);

/** Units for what is shown to somebody who is no member. */
export const UnitsProvider = ({
  system,
  children,
}: {
  system: Viewer['units'];
  children: ReactNode;
}) => <Units.Provider value={UNIT_CHOICES[system]}>{children}</Units.Provider>;

/** The units of who is looking, member or not. */
export const useUnits = (): UnitChoice => useContext(Units);

export function MemberProvider({ viewer, children }: { viewer: Viewer; children: ReactNode }) {
  const [system, setSystem] = useState(viewer.units);
  const setUnits = useCallback((next: 'metric' | 'us') => {
    setSystem(next);
    void call('PUT /me', { body: { units: next } });
  }, []);
  const state = useMemo(
    () => ({ viewer: { ...viewer, units: system }, units: UNIT_CHOICES[system], setUnits }),
    [viewer, system, setUnits],
  );
  return (
    <Context.Provider value={state}>
      <UnitsProvider system={system}>{children}</UnitsProvider>
    </Context.Provider>
  );
}

/** The member who is looking. Throws outside a signed-in page. */
export function useMember(): MemberState {
  const state = useContext(Context);
  if (!state) throw new Error('Broken invariant: no member here');
  return state;
}
