'use client';
import { useDrag, useGesture } from '@use-gesture/react';
import {
  type KeyboardEvent,
  type RefObject,
  type SVGAttributes,
  useEffect,
  useRef,
  useState,
} from 'react';
import styled from 'styled-components';
import { unitName } from '@/core/securement/load/describe';
import type { Plan } from '@/core/securement/plan';
import type { StageLayout } from '@/core/securement/stage/layout';
import { NOT_JUDGED } from '@/core/securement/stage/not-judged';
import { type Scene, sceneOf } from '@/core/securement/stage/scene';
import type { LineMake } from '@/core/securement/vocabulary';
import { wordAnchor, wordLine, wordUnit } from '@/wording/stage';
import { useMember } from '../frame/MemberContext';
import type { DeckPick } from './pick';
import { type Zoom, zoomed } from './zoom';
import type { DraftStore } from './draft';
import { type Drag, dragged, type Grip, nameOfGrip, readingsOf } from './grips';
import { keyedEdit } from './keyed';
import { Knob, Knobs } from './Knobs';
import { inOrder, outlinePath, pathOf, placeOn } from '@/core/securement/stage/paths';

/** A finger scrolls the page over what it does not hold. */
const Hit = styled.path<{ $held: boolean }>`
  fill: transparent;
  stroke: transparent;
  pointer-events: all;
  cursor: grab;
  outline: none;
  touch-action: ${({ $held }) => ($held ? 'none' : 'pan-y')};
  &:focus-visible {
    stroke: var(--ink);
    stroke-width: 3px;
    stroke-dasharray: 2 3;
  }
`;
const LineHit = styled(Hit)`
  fill: none;
  stroke-width: 16px;
  pointer-events: stroke;
  cursor: pointer;
`;
const Ground = styled.rect<{ $pans: boolean }>`
  fill: transparent;
  pointer-events: all;
  touch-action: ${({ $pans }) => ($pans ? 'none' : 'pan-y')};
`;
/** While a line is pulled it runs from its anchor to the hand. */
const Pulled = styled.path`
  stroke: var(--rope-ink);
  stroke-width: 4px;
  stroke-dasharray: 6 4;
  pointer-events: none;
`;

/** What is read off while something is dragged, and whether it stands at the foot of the picture. */
export interface StageReading {
  readonly words: readonly string[];
  readonly low: boolean;
}

export interface HandsProps {
  readonly svg: RefObject<SVGSVGElement>;
  readonly plan: Plan;
  /** As it is shown: of the plan, or of what is dragged. */
  readonly scene: Scene;
  readonly layout: StageLayout;
  readonly zoom: Zoom;
  readonly onZoom: (zoom: Zoom) => void;
  readonly picked: DeckPick | null;
  readonly onPick: (picked: DeckPick | null) => void;
  readonly onEdit: ((change: (plan: Plan) => Plan, key?: string) => void) | null;
  readonly make: LineMake;
  readonly draft: DraftStore;
  readonly onReading: (reading: StageReading | null) => void;
}

/** A place on the screen as one of the picture. */
function pictured(
  svg: SVGSVGElement | null,
  [x, y]: readonly [number, number],
): readonly [number, number] {
  const matrix = svg?.getScreenCTM()?.inverse();
  if (!matrix) return [0, 0];
  const at = new DOMPoint(x, y).matrixTransform(matrix);
  return [at.x, at.y];
}

const pickOf = (grip: Grip): DeckPick => ({
  kind:
    grip.kind === 'anchor'
      ? 'anchor'
      : grip.kind === 'end' || grip.kind === 'bend'
        ? 'line'
        : 'unit',
  id: grip.id,
});

const samePick = (a: DeckPick | null, b: DeckPick): boolean => a?.kind === b.kind && a.id === b.id;

/** What a finger holds it moves, and the page stays where it is. */
function useHeldFast(svg: RefObject<SVGSVGElement>): void {
  useEffect(() => {
    const picture = svg.current;
    const hold = (event: TouchEvent): void => {
      if (event.target instanceof Element && event.target.closest('[data-held=true]'))
        event.preventDefault();
    };
    picture?.addEventListener('touchmove', hold, { passive: false });
    return () => picture?.removeEventListener('touchmove', hold);
  }, [svg]);
}

/** Everything one can take hold of on the deck, by mouse, finger or keys, lying over the drawing. */
export function Hands(props: HandsProps) {
  const { svg, plan, scene, layout, zoom, onZoom, picked, onPick, onEdit, make, draft, onReading } =
    props;
  const { units } = useMember();
  const [rubber, setRubber] = useState<Drag | null>(null);
  const frame = useRef(0);
  const show = (grip: Grip, base: Plan, drag: Drag): void => {
    cancelAnimationFrame(frame.current);
    frame.current = requestAnimationFrame(() => {
      const next = dragged(base, grip, drag, layout, make);
      const now = draft.get();
      if (grip.kind === 'anchor') setRubber(drag);
      if (now?.plan !== next)
        draft.set(
          next === base
            ? null
            : { kind: 'drag', plan: next, words: 'while you drag', assessment: null },
        );
      onReading({
        words: readingsOf(grip, sceneOf(next, NOT_JUDGED, true), units),
        // Out of the way of what is dragged.
        low: drag.to[1] < layout.height / 2,
      });
    });
  };
  const end = (): void => {
    cancelAnimationFrame(frame.current);
    setRubber(null);
    onReading(null);
    draft.set(null);
  };
  const bind = useDrag(
    ({ args: [grip], initial, xy, first, last, tap, canceled, event, memo, cancel }) => {
      const taken = grip as Grip;
      const pick = pickOf(taken);
      if (tap) {
        onPick(samePick(picked, pick) && taken.kind === 'unit' ? null : pick);
        return undefined;
      }
      const byFinger = 'pointerType' in event && event.pointerType === 'touch';
      // A finger on what is not picked scrolls the page.
      const scrolls = byFinger && taken.kind === 'unit' && !samePick(picked, pick);
      if (onEdit === null || (first && scrolls)) {
        cancel();
        return undefined;
      }
      if (scrolls) return undefined;
      const begun = (memo as { base: Plan; from: readonly [number, number] } | undefined) ?? {
        base: plan,
        from: pictured(svg.current, initial),
      };
      const drag = { from: begun.from, to: pictured(svg.current, xy) };
      if (!last) {
        if (first && taken.kind !== 'anchor' && !samePick(picked, pick)) onPick(pick);
        show(taken, begun.base, drag);
        return begun;
      }
      end();
      if (canceled) return undefined;
      const done = dragged(begun.base, taken, drag, layout, make);
      if (done === begun.base) return undefined;
      onEdit((now) => (now === begun.base ? done : dragged(now, taken, drag, layout, make)));
      if (taken.kind === 'anchor') onPick({ kind: 'line', id: done.lines.at(-1)!.id });
      return undefined;
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  useHeldFast(svg);
  useGesture(
    {
      onPinch: ({ origin, movement: [times], memo, first }) => {
        const begun = first ? zoom : ((memo as Zoom | undefined) ?? zoom);
        onZoom(zoomed(begun, begun.times * times, pictured(svg.current, origin), layout));
        return begun;
      },
    },
    { target: svg, eventOptions: { passive: false } },
  );
  const pan = useDrag(
    ({ delta: [dx, dy], tap, event }) => {
      if (tap) return onPick(null);
      if (zoom.times === 1) return;
      if (event.cancelable) event.preventDefault();
      const rect = svg.current?.getBoundingClientRect();
      const per = rect ? layout.width / zoom.times / rect.width : 1;
      const moved = { ...zoom, x: zoom.x - dx * per, y: zoom.y - dy * per };
      onZoom(zoomed(moved, zoom.times, [moved.x, moved.y], layout));
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  /** The arrow keys move what is in focus as a drag would; it stays what it stands on. */
  const onKey =
    (grip: Grip) =>
    (event: KeyboardEvent): void => {
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        onPick(pickOf(grip));
        return;
      }
      if (event.key === 'Escape') onPick(null);
      const keyed = keyedEdit(grip, event, layout.side);
      if (onEdit === null || keyed === null) return;
      event.preventDefault();
      onEdit(keyed, `${nameOfGrip(grip)}/keys`);
    };
  const hand = (grip: Grip, label: string, tabbed: boolean) => ({
    role: 'button',
    tabIndex: tabbed ? 0 : -1,
    'aria-label': label,
    'data-hand': nameOfGrip(grip),
    'data-held': grip.kind !== 'unit' || samePick(picked, pickOf(grip)),
    onKeyDown: onKey(grip),
    ...(bind(grip) as Pick<SVGAttributes<SVGElement>, 'onPointerDown'>),
  });
  return (
    <>
      <Ground
        width={layout.width}
        height={layout.height}
        $pans={zoom.times > 1}
        {...(pan() as Pick<SVGAttributes<SVGElement>, 'onPointerDown'>)}
        data-hand="deck"
      />
      {(['elevation', 'plan'] as const).flatMap((picture) =>
        inOrder(scene.load, layout, picture).map((p) => {
          const mine = picked?.kind === 'unit' && picked.id === p.unit.id;
          return (
            <Hit
              key={`${picture}/${p.unit.id}`}
              d={outlinePath(p, layout, picture)}
              $held={mine}
              data-picture={picture}
              {...hand(
                { kind: 'unit', id: p.unit.id, picture },
                `${unitName(p.unit)}: ${wordUnit(p, scene, units)}`,
                mine && picture === 'plan',
              )}
              aria-pressed={mine}
            />
          );
        }),
      )}
      {scene.lines.flatMap((l) => {
        if (l.way.length < 2) return [];
        const mine = picked?.kind === 'line' && picked.id === l.id;
        const pick = (): void => onPick(mine ? null : { kind: 'line', id: l.id });
        return (['plan', 'elevation'] as const).map((picture) => (
          <LineHit
            key={`${picture}/${l.id}`}
            d={pathOf(l.way.map(placeOn(layout, picture)))}
            $held={false}
            role="button"
            tabIndex={mine && picture === 'plan' ? 0 : -1}
            aria-label={`Line ${l.number}, ${l.name}: ${wordLine(l, scene, units)}`}
            aria-pressed={mine}
            data-hand={`line/${l.id}`}
            data-picture={picture}
            onClick={pick}
            onKeyDown={(e) => {
              if (e.key === 'Enter' || e.key === ' ') pick();
              if (e.key === 'Escape') onPick(null);
            }}
          />
        ));
      })}
      {scene.anchors.map((a) => {
        const at = layout.plan(a.at);
        const mine = picked?.kind === 'anchor' && picked.id === a.anchor.id;
        return (
          <Knob
            key={a.anchor.id}
            {...hand(
              { kind: 'anchor', id: a.anchor.id },
              `${a.anchor.name || a.anchor.id}: ${wordAnchor(a, units)}`,
              mine,
            )}
            aria-pressed={mine}
          >
            <circle className="rim" cx={at[0]} cy={at[1]} r={15} />
          </Knob>
        );
      })}
      {onEdit === null ? null : <Knobs scene={scene} layout={layout} picked={picked} hand={hand} />}
      {rubber ? <Pulled d={pathOf([rubber.from, rubber.to])} /> : null}
    </>
  );
}
