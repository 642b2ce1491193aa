import type { PictureDocument, PictureShinerDocument } from '@/types/generated';
import { paintFigure } from './figure';
import { paintRoom } from './room';
import { clamp, dot, minus, vec, type Layers, type Vec } from './space';

/** Both layers of a picture so many px wide, with the blur of an aperture. */
export function paint(picture: PictureDocument, width: number, fNumber: number): Layers {
  const height = Math.round(width * picture.aspect);
  const layers = { width, height, room: new Float32Array(width * height * 3), flash: new Float32Array(width * height * 3) };
  paintRoom(picture, layers);
  const things = [...picture.figures.map((figure) => ({ at: vec(figure.at), draw: () => { paintFigure(picture, figure, layers, fNumber); } })), ...picture.shiners.map((shiner) => ({ at: vec(shiner.at), draw: () => { paintShiner(picture, shiner, layers, fNumber); } }))];
  const depth = (at: Vec) => dot(minus(at, vec(picture.eye)), vec(picture.forward));
  for (const { draw } of things.sort((a, b) => depth(b.at) - depth(a.at))) draw();
  return layers;
}

/** Where something lies in the picture, widths of it from its middle, and how many m those are there; null behind the camera. */
export function place(picture: PictureDocument, at: readonly number[]): { readonly across: number; readonly up: number; readonly wide: number } | null {
  const way = minus(vec(at), vec(picture.eye));
  const wide = 2 * picture.half * dot(way, vec(picture.forward));
  return wide <= 0 ? null : { across: dot(way, vec(picture.right)) / wide, up: dot(way, vec(picture.up)) / wide, wide };
}

/** A lamp or a window; what is out of focus spreads the same light over its disc. */
function paintShiner(picture: PictureDocument, shiner: PictureShinerDocument, { width, height, room, flash }: Layers, fNumber: number): void {
  const place = minus(vec(shiner.at), vec(picture.eye));
  const depth = dot(place, vec(picture.forward));
  if (depth <= 0.05) return;
  const perMetre = width / (2 * picture.half * depth);
  const [middle, centre] = [width / 2 + dot(place, vec(picture.right)) * perMetre, height / 2 - dot(place, vec(picture.up)) * perMetre];
  const blur = (shiner.blur / fNumber) * width;
  const [wide, tall] = [shiner.width * perMetre, (shiner.height ?? shiner.width) * perMetre];
  const isRound = shiner.height === null;
  const disc = Math.max(1.5, wide, blur);
  // A round lamp spreads over its disc; a window only grows soft at its edges.
  const light = isRound ? shiner.light * Math.min(1, (wide / disc) ** 2) : shiner.light;
  const [reachX, reachY] = isRound ? [disc / 2 + 1, disc / 2 + 1] : [(wide + blur) / 2 + 1, (tall + blur) / 2 + 1];
  const soft = isRound ? 0.5 : Math.max(0.5, blur / 2);
  for (let y = Math.max(0, Math.floor(centre - reachY)); y < Math.min(height, centre + reachY); y++) {
    for (let x = Math.max(0, Math.floor(middle - reachX)); x < Math.min(width, middle + reachX); x++) {
      const [dx, dy] = [x + 0.5 - middle, y + 0.5 - centre];
      const inside = isRound ? disc / 2 - Math.hypot(dx, dy) : Math.min(wide / 2 - Math.abs(dx), tall / 2 - Math.abs(dy));
      const cover = clamp(0.5 + inside / (2 * soft));
      if (cover === 0) continue;
      for (let band = 0; band < 3; band++) {
        const i = 3 * (y * width + x) + band;
        const added = light * cover * (shiner.tint[band] ?? 1);
        room[i] = isRound ? (room[i] ?? 0) + added : (room[i] ?? 0) * (1 - cover) + added;
        if (!isRound) flash[i] = (flash[i] ?? 0) * (1 - cover);
      }
    }
  }
}
