'use client';
import { useEffect, useMemo, useState } from 'react';
import type { Assessment } from '@/core/securement/assess';
import type { Plan } from '@/core/securement/plan';
import type { Scene, sceneOf, ServedScene } from '@/core/securement/stage/scene';

export type SceneMaker = typeof sceneOf;

/** What makes a scene of a plan. It weighs more than the picture, so it comes after the first one; null until then. */
export function useSceneMaker(): SceneMaker | null {
  const [made, setMade] = useState<{ readonly of: SceneMaker } | null>(null);
  useEffect(() => {
    let gone = false;
    void import('@/core/securement/stage/scene').then(
      (m) => {
        if (!gone) setMade({ of: m.sceneOf });
      },
      // What judges the plan is asked for again by itself, and brings this along.
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, []);
  return made?.of ?? null;
}

/** A plan as it is drawn: as it was served at first, then as it is made here. `moved`: the assessment is of the plan before. */
export function useScene(
  make: SceneMaker | null,
  plan: Plan,
  assessment: Assessment,
  served: ServedScene,
  moved: boolean,
): Scene {
  return useMemo(
    () => (make === null ? { ...served, plan } : make(plan, assessment, moved)),
    [make, plan, assessment, served, moved],
  );
}
