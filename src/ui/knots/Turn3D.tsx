'use client';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import {
  AmbientLight,
  Box3,
  DirectionalLight,
  PerspectiveCamera,
  Scene,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import type { View } from '@/core/knot/drawing/view';
import type { Body } from '@/core/knot/shape/body';
import { type ModelColours, modelOf } from './model3d';

const Stage = styled.div`
  position: relative;
  width: 100%;
  height: 100%;
  min-height: 0;
  & > canvas {
    position: absolute;
    inset: 0;
    width: 100% !important;
    height: 100% !important;
    touch-action: none;
    outline-offset: -4px;
  }
`;
const Words = styled.p`
  position: absolute;
  left: 0;
  right: 0;
  bottom: 4px;
  text-align: center;
  font-size: 13px;
  color: var(--ink-2);
  pointer-events: none;
`;

const STEP_RAD = 0.16;
/** So near that long ends run out of the picture. */
const DISTANCE = 1.3;

interface Shown {
  readonly renderer: WebGLRenderer;
  readonly scene: Scene;
  readonly camera: PerspectiveCamera;
  readonly controls: OrbitControls;
}

function shownIn(place: HTMLElement, mirrored: boolean): Shown {
  const renderer = new WebGLRenderer({ antialias: true, alpha: true });
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  const scene = new Scene();
  const key = new DirectionalLight('#ffffff', 2.4);
  key.position.set(-6, 10, 14);
  scene.add(new AmbientLight('#ffffff', 1.5), key);
  scene.scale.x = mirrored ? -1 : 1;
  const camera = new PerspectiveCamera(32, 1, 0.1, 500);
  const controls = new OrbitControls(camera, renderer.domElement);
  controls.enablePan = false;
  renderer.domElement.tabIndex = 0;
  renderer.domElement.setAttribute('role', 'img');
  place.append(renderer.domElement);
  return { renderer, scene, camera, controls };
}

/** Turns the eye round the knot by arrow keys, for those who do not drag. */
function onKey(event: KeyboardEvent, { camera, controls }: Shown): void {
  const turns: Record<string, [number, number]> = {
    ArrowLeft: [-STEP_RAD, 0],
    ArrowRight: [STEP_RAD, 0],
    ArrowUp: [0, STEP_RAD],
    ArrowDown: [0, -STEP_RAD],
  };
  const turn = turns[event.key];
  if (!turn) return;
  event.preventDefault();
  // The same keys walk the steps elsewhere on the page.
  event.stopPropagation();
  const from = camera.position.clone().sub(controls.target);
  from.applyAxisAngle(new Vector3(0, 1, 0), turn[0]);
  from.applyAxisAngle(new Vector3(1, 0, 0), -turn[1]);
  camera.position.copy(controls.target).add(from);
  controls.update();
}

/** The knot in space, turned by dragging or by arrow keys. */
export default function Turn3D({
  body,
  colours,
  view,
  title,
}: {
  body: Body;
  colours: ModelColours;
  view: View;
  title: string;
}) {
  const place = useRef<HTMLDivElement>(null);
  const [failed, setFailed] = useState(false);
  const { leftHanded, side } = view;
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    let shown: Shown;
    try {
      shown = shownIn(element, leftHanded);
    } catch {
      setFailed(true);
      return;
    }
    const { renderer, scene, camera, controls } = shown;
    renderer.domElement.setAttribute('aria-label', title);
    const model = modelOf(body, colours);
    scene.add(model);
    const box = new Box3().setFromObject(model);
    const [middle, size] = [box.getCenter(new Vector3()), box.getSize(new Vector3())];
    controls.target.copy(middle);
    camera.position
      .copy(middle)
      .add(
        new Vector3(
          0,
          0,
          (side === 'facing' ? -1 : 1) * (Math.max(size.x, size.y) * DISTANCE + size.z),
        ),
      );
    const paint = (): void => renderer.render(scene, camera);
    const fit = (): void => {
      renderer.setSize(element.clientWidth, element.clientHeight, false);
      camera.aspect = element.clientWidth / Math.max(1, element.clientHeight);
      camera.updateProjectionMatrix();
      controls.update();
      paint();
    };
    const observer = new ResizeObserver(fit);
    observer.observe(element);
    controls.addEventListener('change', paint);
    const key = (e: KeyboardEvent): void => onKey(e, shown);
    renderer.domElement.addEventListener('keydown', key);
    fit();
    return () => {
      observer.disconnect();
      controls.dispose();
      renderer.dispose();
      renderer.domElement.remove();
    };
  }, [body, colours, leftHanded, side, title]);
  return (
    <Stage ref={place}>
      {failed ? (
        <p>This device cannot draw in space. The flat picture shows the same knot.</p>
      ) : (
        <Words>Drag, or arrow keys, to turn it.</Words>
      )}
    </Stage>
  );
}
