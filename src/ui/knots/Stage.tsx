'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { type RefObject, lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import type { StageData } from '@/server/knots';
import { keepFile } from '../files';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Label } from '../kit/text';
import { useKeys } from '../useKeys';
import { DrawUpSlider } from './DrawUpSlider';
import { pngOf, svgText } from './downloads';
import { Checks, Disputes, Facts } from './KnotAside';
import type { ModelColours } from './model3d';
import { RightWrong } from './RightWrong';
import { lookStyle, type RopeLookId, thicknessOf } from './ropeLooks';
import { StagePicture } from './StagePicture';
import { StepList } from './StepList';
import { type StageState, useStage } from './useStage';

const Turn3D = lazy(() => import('./Turn3D'));
const handsBusy = () => import('./HandsBusy').then((m) => m.HandsBusy);
/** Side matters are fetched after the first step is on the screen. */
const HandsBusy = dynamic(handsBusy, { ssr: false });
const RopeChoice = dynamic(() => import('./RopeChoice').then((m) => m.RopeChoice), { ssr: false });
const ActionMenu = dynamic(() => import('../kit/ActionMenu').then((m) => m.ActionMenu), { ssr: false });

const NARROW = '@media (max-width:760px)';
const Head = styled.header`
  display:grid;grid-template-columns:auto minmax(0,1fr) auto;gap:4px 30px;align-items:center;padding:14px 24px 12px 20px;border-bottom:var(--w-rule) solid var(--ink);
  & > p{max-width:560px} ${NARROW}{grid-template-columns:minmax(0,1fr) auto;padding:8px 12px;gap:4px 10px;& > p,& [data-wide],& span{display:none}& h1{font-size:22px}& button{padding:0 12px}}
`;
const Body = styled.div`display:grid;grid-template-columns:232px minmax(0,1fr) 372px;align-items:start;
  @media (max-width:1180px){grid-template-columns:200px minmax(0,1fr)} ${NARROW}{grid-template-columns:minmax(0,1fr)}`;
const Middle = styled.div`
  position:sticky;top:0;height:calc(100vh - 172px);min-height:500px;display:grid;grid-template-rows:minmax(0,1fr) auto auto auto;padding:10px 24px 8px;gap:8px;border-right:var(--w-hair) solid var(--line);
  @media (max-width:1180px){border-right:0} ${NARROW}{position:static;height:calc(100dvh - 184px);min-height:480px;padding:6px 12px;order:-1}
`;
const Now = styled.div`display:flex;align-items:center;justify-content:center;gap:14px;padding:6px 0 10px;border-bottom:var(--w-rule) solid var(--ink);
  & > b{background:var(--plate);color:var(--on-plate);width:32px;height:32px;display:grid;place-items:center;font:720 18px/1 var(--font-figure);flex:none}
  & > p{font:660 23px/1.15 var(--font-figure);font-stretch:94%} ${NARROW}{justify-content:flex-start;& > p{font-size:19px;flex:1}}`;
const Views = styled.div`display:flex;flex-wrap:wrap;justify-content:center;gap:8px;& > div{display:flex}& > div > button + button{border-left:0} ${NARROW}{gap:6px;& button{padding:0 10px;font-size:13px}}`;
const Aside = styled.aside`padding:12px 24px 28px 20px;min-width:0;@media (max-width:1180px){grid-column:1 / -1;border-top:var(--w-rule) solid var(--ink)} ${NARROW}{padding:12px}`;
const Actions = styled.div`display:flex;align-items:center;gap:8px`;
const Forms = styled.nav`display:flex;flex-wrap:wrap;align-items:center;gap:6px 14px;padding:8px 20px;border-bottom:var(--w-hair) solid var(--line);font-size:14px;& a[aria-current]{font-weight:700;text-decoration-thickness:3px} ${NARROW}{padding:0 12px;flex-wrap:nowrap;overflow-x:auto;white-space:nowrap;& > span{display:none}& > a{line-height:44px}}`;

/** Where and how the knot is looked at. */
function ViewButtons({ state, turning, onTurn }: { state: StageState; turning: boolean; onTurn: (on: boolean) => void }) {
  const { view, setView } = state;
  const side = (to: 'mine' | 'facing', words: string) => <Button $kind={view.side === to ? 'primary' : 'plain'} aria-pressed={view.side === to} onPress={() => setView({ ...view, side: to })}>{words}</Button>;
  return (
    <Views role="group" aria-label="How you look at it">
      <div>{side('mine', 'my side')}{side('facing', 'facing me')}</div>
      <Button $kind={view.leftHanded ? 'primary' : 'plain'} aria-pressed={view.leftHanded} onPress={() => setView({ ...view, leftHanded: !view.leftHanded })}>left-handed</Button>
      <Button $kind={turning ? 'primary' : 'plain'} aria-pressed={turning} onPress={() => onTurn(!turning)}>turn in 3D</Button>
    </Views>
  );
}

/** The colours of the page as plain values, for a canvas. */
function coloursOf(element: Element): ModelColours {
  const style = getComputedStyle(element);
  const of = (name: string): string => style.getPropertyValue(name).trim();
  // Mixed colours are for the flat picture; the model takes the rope's own.
  const plain = (name: string, otherwise: string): string => (/^#/.test(of(name)) ? of(name) : (/#[0-9A-Fa-f]{6}/.exec(of(name))?.[0] ?? otherwise));
  return { ropes: [plain('--rope', '#C39A58'), plain('--rope-2', '#E6DCC4')], steel: plain('--steel', '#8C989D'), post: plain('--cargo', '#E6DABD') };
}

/** The picture, flat or in space. */
function Look({ state, turning, thickness, look }: { state: StageState; turning: boolean; thickness: number; look: RopeLookId }) {
  const { stage, step, data, view } = state;
  const place = useRef<HTMLDivElement>(null);
  const title = `${stage.facts.name}, step ${step + 1}: ${stage.form.steps[step]!.say}`;
  const [colours, setColours] = useState<ModelColours | null>(null);
  // The rope, or the theme, may have changed since the model was last asked for.
  useEffect(() => { if (turning && place.current) setColours(coloursOf(place.current)); }, [turning, look]);
  return (
    <div ref={place} style={{ minHeight: 0, minWidth: 0 }}>
      {turning && colours ? <Suspense fallback={<p>Fetching the picture in space…</p>}><Turn3D body={state.body} colours={colours} view={view} title={title} /></Suspense>
        : <StagePicture {...data} thickness={thickness} title={title} />}
    </div>
  );
}

function useActions(state: StageState, room: RefObject<HTMLElement | null>): { name: string; id: string; run: () => void }[] {
  const { stage } = state;
  const file = `${stage.facts.id}-${stage.form.id}`;
  const picture = (): SVGSVGElement | null => room.current?.querySelector<SVGSVGElement>('svg[data-knot-picture]') ?? null;
  const gltf = async (): Promise<void> => {
    const { gltfOf } = await import('./model3d');
    keepFile(`${file}.glb`, await gltfOf(state.body, coloursOf(room.current ?? document.documentElement)));
  };
  return [
    { id: 'svg', name: 'Picture, SVG', run: () => { const svg = picture(); if (svg) keepFile(`${file}.svg`, svgText(svg), 'image/svg+xml'); } },
    { id: 'png', name: 'Picture, PNG', run: () => { const svg = picture(); if (svg) void pngOf(svg).then((png) => keepFile(`${file}.png`, png)); } },
    { id: 'gltf', name: 'Model in space, glTF', run: () => void gltf() },
    { id: 'pd', name: 'Planar code, text', run: () => keepFile(`${file}.pd.txt`, `${stage.planarCode}\n`) },
  ];
}

/** One knot: its steps large, from any side, loose to drawn up, right beside wrong, checks to tick, and what schools dispute. */
export function Stage({ stage }: { stage: StageData }) {
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
  useKeys({ arrowright: () => state.show(state.step + 1), arrowleft: () => state.show(state.step - 1), h: () => setBusy(true) });
  const style = useMemo(() => lookStyle(look), [look]);
  // Ready before it is asked for: the yard may have no signal by then.
  useEffect(() => void handsBusy(), []);
  const now = form.steps[state.step]!;
  return (
    <div ref={room} style={style} data-stage>
      <Head>
        <div><Label><Link href="/knots">Knots</Link> / {facts.family}</Label><h1>{facts.name}</h1></div>
        <p>{facts.purpose} <b>Not for:</b> {facts.notFor}</p>
        <Actions>
          <Button $kind="primary" onPress={() => setBusy(true)}>Hands-busy mode</Button>
          <ButtonLink as={Link} href={`/knots/${facts.id}/card?form=${form.id}`} data-wide>Pocket card</ButtonLink>
          <ActionMenu label="Keep this picture" actions={actions} />
        </Actions>
      </Head>
      {forms.length > 1 ? <Forms aria-label="Ways to tie it">{forms.map((f) => <Link key={f.id} href={`/knots/${facts.id}?form=${f.id}`} aria-current={f.id === form.id ? 'page' : undefined}>{f.name}</Link>)}<Label>{form.note}</Label></Forms> : null}
      <Body>
        <StepList state={state} />
        <Middle data-moving={state.moving}>
          <Look state={state} turning={turning} thickness={thickness} look={look} />
          <Now><b aria-hidden>{state.step + 1}</b><p role="status">{now.say}</p>
            <Actions><Button aria-label="Step back" isDisabled={state.step === 0} onPress={() => state.show(state.step - 1)}>‹</Button><Button aria-label="Next step" isDisabled={state.step === form.steps.length - 1} onPress={() => state.show(state.step + 1)}>›</Button></Actions></Now>
          <ViewButtons state={state} turning={turning} onTurn={setTurning} />
          <DrawUpSlider value={state.drawn} onChange={state.drawUp} />
        </Middle>
        <Aside>
          <RightWrong stage={stage} view={state.view} />
          <Checks facts={facts} diameterM={diameterM} />
          <RopeChoice look={look} onLook={setLook} diameterM={diameterM} onDiameter={setDiameterM} units={units} />
          <Disputes stage={stage} />
          <Facts stage={stage} diameterM={diameterM} />
        </Aside>
      </Body>
      {busy ? <HandsBusy state={state} thickness={thickness} ropeStyle={style} onDone={() => setBusy(false)} /> : null}
    </div>
  );
}
