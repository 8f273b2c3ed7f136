import {
  CanvasTexture,
  CatmullRomCurve3,
  Color,
  CylinderGeometry,
  Group,
  Mesh,
  MeshStandardMaterial,
  RepeatWrapping,
  SRGBColorSpace,
  TorusGeometry,
  TubeGeometry,
  Vector3,
} from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import type { BarLook } from '@/core/knot/form/form';
import { type Body, lengthOf } from '@/core/knot/shape/body';

/** Colours of ropes and things tied to, as CSS colours. */
export interface ModelColours {
  readonly ropes: readonly [string, string];
  readonly steel: string;
  readonly post: string;
}

/** A bar looks like what it is drawn as. */
const barMaterial = (as: BarLook | undefined, colours: ModelColours): MeshStandardMaterial =>
  as === 'cleat'
    ? material(colours.steel, 0.7)
    : material(as === 'rope' ? colours.ropes[1] : colours.post);

const AROUND = 14;
const BAR_DEPTH = 14;

const material = (colour: string, metalness = 0): MeshStandardMaterial =>
  new MeshStandardMaterial({
    color: new Color(colour),
    roughness: metalness > 0 ? 0.35 : 0.8,
    metalness,
  });

/** Turns of the lay in a diameter of rope. */
const LAY_PER_DIAMETER = 1.05;

/** The lay of a rope as a picture to wrap round it: dark slanted lines between its strands. */
function layOf(colour: string, lengthD: number): CanvasTexture {
  const canvas = Object.assign(document.createElement('canvas'), { width: 64, height: 64 });
  const paint = canvas.getContext('2d')!;
  paint.fillStyle = colour;
  paint.fillRect(0, 0, 64, 64);
  paint.strokeStyle = 'rgba(40,24,4,.55)';
  paint.lineWidth = 6;
  for (const shift of [-64, 0, 64]) {
    paint.beginPath();
    paint.moveTo(shift - 4, 68);
    paint.lineTo(shift + 68, -4);
    paint.stroke();
  }
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.repeat.set(Math.round(lengthD * LAY_PER_DIAMETER), 3);
  return texture;
}

/** A body as tubes, bars, posts and rings, in rope diameters. */
export function modelOf(body: Body, colours: ModelColours): Group {
  const group = new Group();
  body.strands.forEach((s, k) => {
    const points = Array.from(
      { length: s.count },
      (_, i) =>
        new Vector3(
          ...(body.at.slice(3 * (s.first + i), 3 * (s.first + i) + 3) as unknown as [
            number,
            number,
            number,
          ]),
        ),
    );
    const tube = new TubeGeometry(
      new CatmullRomCurve3(points),
      s.count * 2,
      s.diameter / 2,
      AROUND,
    );
    const rope = material('#ffffff');
    rope.map = layOf(colours.ropes[k === 1 ? 1 : 0], lengthOf(body, s) / s.diameter);
    const mesh = new Mesh(tube, rope);
    mesh.name = `rope ${k + 1}`;
    group.add(mesh);
  });
  for (const f of body.fixtures) {
    if (f.kind === 'ring') {
      const ring = new Mesh(
        new TorusGeometry(f.radius, f.tube, 16, 48),
        material(colours.steel, 0.7),
      );
      ring.position.set(f.at[0], f.at[1], 0);
      group.add(ring);
    } else if (f.kind === 'bar') {
      const [dx, dy] = [f.to[0] - f.from[0], f.to[1] - f.from[1]];
      const bar = new Mesh(
        new CylinderGeometry(f.radius * 0.98, f.radius * 0.98, Math.hypot(dx, dy), 32),
        barMaterial(f.as, colours),
      );
      bar.position.set((f.from[0] + f.to[0]) / 2, (f.from[1] + f.to[1]) / 2, 0);
      bar.rotation.z = Math.atan2(dy, dx) - Math.PI / 2;
      group.add(bar);
    } else if (!f.hidden) {
      const post = new Mesh(
        new CylinderGeometry(f.radius * 0.98, f.radius * 0.98, BAR_DEPTH, 40),
        material(colours.post),
      );
      post.position.set(f.at[0], f.at[1], 0);
      post.rotation.x = Math.PI / 2;
      group.add(post);
    }
  }
  return group;
}

/** A body as a binary glTF file. */
export async function gltfOf(body: Body, colours: ModelColours): Promise<Blob> {
  const file = await new GLTFExporter().parseAsync(modelOf(body, colours), { binary: true });
  return new Blob([file as ArrayBuffer], { type: 'model/gltf-binary' });
}
