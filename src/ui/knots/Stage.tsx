'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { type RefObject, lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import type { WordsOfKnot } from '@/server/knot-words';
import type { StageData } from '@/server/knots';
import { keepFile } from '../files';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Label } from '../kit/text';
import { useKeys } from '../useKeys';
import { BeginHere } from './BeginHere';
import { CrewWords } from './CrewWords';
import { DrawUpSlider } from './DrawUpSlider';
import { FormChoice } from './FormChoice';
import { pngOf, svgText } from './downloads';
import { Checks, Disputes, Facts } from './KnotAside';
import type { ModelColours } from './model3d';
import { RightWrong } from './RightWrong';
import { lookStyle, type RopeLookId, thicknessOf } from '../diagrams/ropeLooks';
import { StagePicture } from './StagePicture';
import { StepList } from './StepList';
import { type StageState, useStage } from './useStage';
import { Head, Body, Middle, Now, Views, Aside, Actions, Picture } from './Stage.styles';
import { orMissing } from '../orMissing';

const Turn3D = lazy(() => import('./Turn3D'));

const handsBusy = () => import('./HandsBusy').then((m) => m.HandsBusy);

/** Side matters are fetched after the first step is on the screen. */
const HandsBusy = dynamic(() => orMissing(handsBusy()), { ssr: false });

const RopeChoice = dynamic(() => orMissing(import('./RopeChoice').then((m) => m.RopeChoice)), {
  ssr: false,
});

const ActionMenu = dynamic(() => orMissing(import('../kit/ActionMenu').then((m) => m.ActionMenu)), {
  ssr: false,
});

/** Where and how the knot is looked at. */
function ViewButtons({
  state,
  turning,
  onTurn,
}: {
  state: StageState;
  turning: boolean;
  onTurn: (on: boolean) => void;
}) {
  const { view, setView } = state;
  const side = (to: 'mine' | 'facing', words: string) => (
    <Button
      $kind={view.side === to ? 'primary' : 'plain'}
      aria-pressed={view.side === to}
      onPress={() => setView({ ...view, side: to })}
    >
      {words}
    </Button>
  );
  return (
    <Views role="group" aria-label="How you look at it">
      <div>
        {side('mine', 'my side')}
        {side('facing', 'facing me')}
      </div>
      <Button
        $kind={view.leftHanded ? 'primary' : 'plain'}
        aria-pressed={view.leftHanded}
        onPress={() => setView({ ...view, leftHanded: !view.leftHanded })}
      >
        left-handed
      </Button>
      <Button
        $kind={turning ? 'primary' : 'plain'}
        aria-pressed={turning}
        onPress={() => onTurn(!turning)}
      >
        turn in 3D
      </Button>
    </Views>
  );
}

/** The colours of the page as plain values, for a canvas. */
function coloursOf(element: Element): ModelColours {
  const style = getComputedStyle(element);
  const of = (name: string): string => style.getPropertyValue(name).trim();
  // Mixed colours are for the flat picture; the model takes the rope's own.
  const plain = (name: string, otherwise: string): string =>
    /^#/.test(of(name)) ? of(name) : (/#[0-9A-Fa-f]{6}/.exec(of(name))?.[0] ?? otherwise);
  return {
    ropes: [plain('--rope', '#C39A58'), plain('--rope-2', '#E6DCC4')],
    steel: plain('--steel', '#8C989D'),
    post: plain('--cargo', '#E6DABD'),
  };
}

/** The picture, flat or in space. */
function Look({
  state,
  turning,
  thickness,
  look,
}: {
  state: StageState;
  turning: boolean;
  thickness: number;
  look: RopeLookId;
}) {
  const { stage, steps, step, data, view } = state;
  const place = useRef<HTMLDivElement>(null);
  const title = `${stage.facts.name}, step ${step + 1}: ${steps[step]!.say}`;
  const [colours, setColours] = useState<ModelColours | null>(null);
  // The rope, or the theme, may have changed since the model was last asked for.
  useEffect(() => {
    if (turning && place.current) setColours(coloursOf(place.current));
  }, [turning, look]);
  return (
    <Picture ref={place}>
      {turning && colours ? (
        <Suspense fallback={<p>Fetching the picture in space…</p>}>
          <Turn3D body={state.body} colours={colours} view={view} title={title} />
        </Suspense>
      ) : (
        <StagePicture {...data} thickness={thickness} title={title} />
      )}
    </Picture>
  );
}

function useActions(
  state: StageState,
  room: RefObject<HTMLElement | null>,
): { name: string; id: string; run: () => void }[] {
  const { stage } = state;
  const file = `${stage.facts.id}-${stage.form.id}`;
  const picture = (): SVGSVGElement | null =>
    room.current?.querySelector<SVGSVGElement>('svg[data-knot-picture]') ?? null;
  const gltf = async (): Promise<void> => {
    const { gltfOf } = await import('./model3d');
    keepFile(
      `${file}.glb`,
      await gltfOf(state.body, coloursOf(room.current ?? document.documentElement)),
    );
  };
  return [
    {
      id: 'svg',
      name: 'Picture, SVG',
      run: () => {
        const svg = picture();
        if (svg) keepFile(`${file}.svg`, svgText(svg), 'image/svg+xml');
      },
    },
    {
      id: 'png',
      name: 'Picture, PNG',
      run: () => {
        const svg = picture();
        if (svg) void pngOf(svg).then((png) => keepFile(`${file}.png`, png));
      },
    },
    { id: 'gltf', name: 'Model in space, glTF', run: () => void gltf() },
    {
      id: 'pd',
      name: 'Planar code, text',
      run: () => keepFile(`${file}.pd.txt`, `${stage.planarCode}\n`),
    },
  ];
}

/** One knot: its steps large, from any side, loose to drawn up, right beside wrong, checks to tick, and what schools dispute. */
export function Stage({ stage, words }: { stage: StageData; words: WordsOfKnot }) {
  const state = useStage(stage);
  const [turning, setTurning] = useState(false);
  const [busy, setBusy] = useState(false);
  const [look, setLook] = useState<RopeLookId>('hemp');
  const [diameterM, setDiameterM] = useState(0.012);
  const { units } = useMember();
  const thickness = thicknessOf(diameterM);
  const room = useRef<HTMLDivElement>(null);
  const actions = useActions(state, room);
  const { facts, forms, form } = stage;
  useKeys({
    ArrowRight: () => state.show(state.step + 1),
    ArrowLeft: () => state.show(state.step - 1),
    h: () => setBusy(true),
  });
  const style = useMemo(() => lookStyle(look), [look]);
  // Ready before it is asked for: the yard may have no signal by then.
  useEffect(() => void handsBusy(), []);
  const now = state.steps[state.step]!;
  return (
    <div ref={room} style={style} data-stage>
      <Head>
        <div>
          <Label>
            <Link href="/knots">Knots</Link> / {facts.family}
          </Label>
          <h1>{facts.name}</h1>
        </div>
        <p>
          {facts.purpose} <b>Not for:</b> {facts.notFor}
        </p>
        <Actions>
          <Button $kind="primary" onPress={() => setBusy(true)}>
            Hands-busy mode
          </Button>
          <ButtonLink as={Link} href={`/knots/${facts.id}/card?form=${form.id}`} data-wide>
            Pocket card
          </ButtonLink>
          <ActionMenu label="Keep this picture" actions={actions} />
        </Actions>
      </Head>
      <FormChoice id={facts.id} forms={forms} form={form} note={state.words(form.note)} />
      <Body>
        <StepList state={state} />
        <Middle data-moving={state.moving}>
          <Look state={state} turning={turning} thickness={thickness} look={look} />
          <Now>
            <b aria-hidden>{state.step + 1}</b>
            <p role="status">{now.say}</p>
            <Actions>
              <Button
                aria-label="Step back"
                isDisabled={state.step === 0}
                onPress={() => state.show(state.step - 1)}
              >
                ‹
              </Button>
              <Button
                aria-label="Next step"
                isDisabled={state.step === form.steps.length - 1}
                onPress={() => state.show(state.step + 1)}
              >
                ›
              </Button>
            </Actions>
          </Now>
          <ViewButtons state={state} turning={turning} onTurn={setTurning} />
          <DrawUpSlider value={state.drawn} onChange={state.drawUp} />
        </Middle>
        <Aside>
          <RightWrong stage={stage} view={state.view} />
          <Checks facts={facts} words={state.words} diameterM={diameterM} />
          <RopeChoice
            look={look}
            onLook={setLook}
            diameterM={diameterM}
            onDiameter={setDiameterM}
            units={units}
          />
          {/* What a tensioner or a coil takes is decided by its travel or the length of the rope. */}
          {facts.family === 'tensioner' ||
          facts.family === 'binding' ||
          stage.shipped.strands.length > 1 ||
          stage.shipped.light ? null : (
            <BeginHere shipped={stage.shipped} tailD={facts.tailD} diameterM={diameterM} />
          )}
          <CrewWords words={words} />
          <Disputes stage={stage} />
          <Facts stage={stage} diameterM={diameterM} />
        </Aside>
      </Body>
      {busy ? (
        <HandsBusy
          state={state}
          thickness={thickness}
          ropeStyle={style}
          onDone={() => setBusy(false)}
        />
      ) : null}
    </div>
  );
}
