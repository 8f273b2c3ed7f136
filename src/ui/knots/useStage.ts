'use client';
import { useCallback, useMemo, useState } from 'react';
import type { PartLabel, Step } from '@/core/knot/catalogue/entry';
import {
  type Box,
  boxOf,
  knotBoxOf,
  mixed,
  type Picture,
  pictureOf,
  pictureOfTraces,
  ropeTraces,
} from '@/core/knot/drawing/picture';
import { type Accent, accentsOf, type Arrow, arrowOf, withGrips } from '@/core/knot/drawing/step';
import { turnedSteps, turnedWords } from '@/core/knot/drawing/turned-words';
import { MY_SIDE, type View } from '@/core/knot/drawing/view';
import type { Body } from '@/core/knot/shape/body';
import { bodyOfFrame, bodyOfStep, type ShippedForm } from '@/core/knot/shape/frames';
import { useDrawingUp } from '@/workers/useDrawingUp';
import type { StageData } from '@/server/knots';
import { labelsOf } from './layout';

export interface StagePictureData {
  readonly picture: Picture;
  readonly box: Box;
  readonly accents: readonly Accent[];
  readonly arrow: Arrow | null;
  readonly labels: readonly PartLabel[];
  /** What the knot must look like once it is dressed, beside how it lies. */
  readonly dressed: Seen | null;
}

/** A picture and the part of it to look at. */
export interface Seen {
  readonly picture: Picture;
  readonly box: Box;
}

/** In the list a diameter is two to five pixels. */
const THUMBNAIL_SAMPLE = 0.6;

const NO_ACCENTS: readonly Accent[] = [];

export interface StageState {
  readonly stage: StageData;
  /** Its steps in words that are right for the view. */
  readonly steps: readonly Step[];
  /** The same of any other text about the form. */
  readonly words: (text: string) => string;
  readonly step: number;
  readonly view: View;
  readonly setView: (view: View) => void;
  readonly show: (step: number) => void;
  /** Where the slider stands, and the move it makes. */
  readonly drawn: number;
  readonly moving: boolean;
  readonly drawUp: (drawn: number) => void;
  readonly data: StagePictureData;
  /** The whole knot in the state the slider has, in space. */
  readonly body: Body;
  /** The picture of any step as it lies loose, for the list. */
  readonly thumbnail: (step: number) => StagePictureData;
}

/** Which step is shown, from which side, and how far the knot is drawn up. The last step is the knot drawn up. */
export function useStage(stage: StageData): StageState {
  const last = stage.form.steps.length - 1;
  const { body, wanted, moving, draw } = useDrawingUp(stage.shipped);
  const [step, setStep] = useState(0);
  const [view, setView] = useState<View>(MY_SIDE);
  const show = useCallback(
    (next: number): void => {
      const to = Math.max(0, Math.min(last, next));
      setStep(to);
      draw(to === last ? 1 : 0);
    },
    [draw, last],
  );
  const drawUp = useCallback(
    (drawn: number): void => {
      setStep(last);
      draw(drawn);
    },
    [draw, last],
  );
  const loose = useStepPictures(stage, view);
  const thumbnail = useStepPictures(stage, view, THUMBNAIL_SAMPLE);
  const dressed = useMemo(
    (): Seen | null => (stage.dressed ? drawnUpSeen(stage.dressed, view) : null),
    [stage, view],
  );
  const data = useMemo((): StagePictureData => {
    if (step < last) return loose(step);
    const traces = ropeTraces(body, view);
    const picture = pictureOfTraces(traces, body.fixtures, view);
    return {
      picture,
      box: mixed(boxOf(picture), knotBoxOf(picture), wanted * NEAR),
      accents: NO_ACCENTS,
      arrow: null,
      labels: stage.form.labels.filter((l) => l.inset),
      dressed,
    };
  }, [step, last, loose, body, view, wanted, stage, dressed]);
  const words = useCallback((text: string): string => turnedWords(text, view), [view]);
  const steps = useMemo(() => turnedSteps(stage.form.steps, view), [stage, view]);
  return {
    stage,
    steps,
    words,
    step,
    view,
    setView,
    show,
    drawn: wanted,
    moving,
    drawUp,
    data,
    body,
    thumbnail,
  };
}

/** How near the eye goes to a knot drawn up. */
const NEAR = 0.85;

function drawnUpSeen(form: ShippedForm, view: View): Seen {
  const picture = pictureOf(bodyOfFrame(form, form.frames.at(-1)!), view);
  return { picture, box: mixed(boxOf(picture), knotBoxOf(picture), NEAR) };
}

/** Pictures of all steps as they lie loose, the last one drawn up; each made once for a view. */
export function useStepPictures(
  stage: StageData,
  view: View = MY_SIDE,
  sample?: number,
): (step: number) => StagePictureData {
  return useMemo(() => {
    const made = new Map<number, StagePictureData>();
    const {
      shipped,
      form: { steps, labels },
    } = stage;
    return (index) => {
      const known = made.get(index);
      if (known) return known;
      const step = steps[index]!;
      const up = step.shown === 'drawn up';
      const body = bodyOfStep(shipped, index, up);
      const accents = accentsOf(steps, index, body.strands.length);
      const picture = withGrips(pictureOf(body, view, step.shown, sample), step, view);
      const box = up ? mixed(boxOf(picture), knotBoxOf(picture), NEAR) : boxOf(picture);
      const data = {
        picture,
        box,
        accents,
        arrow: arrowOf(picture, accents, step),
        labels: labelsOf(labels, step, accents),
        dressed: null,
      };
      made.set(index, data);
      return data;
    };
  }, [stage, view, sample]);
}
