import type { PictureDocument, PictureSurfaceDocument } from '@/types/generated';
import { CROWN, halfWidth } from './figure';
import { clamp, cross, dot, minus, vec, type Layers, type Vec } from './space';

/** In which the core counts the flash all over a surface, of the light on the face. */
const UNIT = 1e-5;

/** What the core calls the wall behind the people. */
const FAR = 'far wall';

/** The light all over a surface is found at one pixel of so many along a row, 1 % of the picture’s width, and runs straight between them. */
const STRIDE = 4;

/** m from the middle of a cut-out to its farthest edge. */
const FARTHEST = 0.8;

/**
 * A surface as the rays of the camera meet it: of each number, the part for straight ahead, for a step to the right, and for
 * one upwards.
 */
interface Plane {
  /** How near it is on the way of a ray: one over the ray's own lengths; not over 0 where the ray does not meet it. */
  readonly near: Vec;
  /** Places along its sides that a ray passes for each of its lengths, and where the eye stands among them. */
  readonly column: Vec;
  readonly row: Vec;
  readonly eyeColumn: number;
  readonly eyeRow: number;
  readonly lastColumn: number;
  readonly lastRow: number;
  readonly room: Vec;
  /** Whether people throw their shadows on it. */
  readonly takesShadows: boolean;
  /** Light of the flash that it sends, by place; empty for none. */
  readonly flash: Float32Array;
}

/** Null for a surface that the eye stands in. */
function planeOf(picture: PictureDocument, surface: PictureSurfaceDocument): Plane | null {
  const [along, across, corner] = [vec(surface.along), vec(surface.across), minus(vec(surface.corner), vec(picture.eye))];
  const normal = cross(along, across);
  const away = dot(corner, normal);
  if (away === 0) return null;
  const seen = (way: Vec): Vec => [dot(way, vec(picture.forward)), dot(way, vec(picture.right)), dot(way, vec(picture.up))];
  const [lastColumn, lastRow] = [surface.columns - 1, surface.rows - 1];
  const places = (side: Vec, last: number): Vec => [(side[0] / dot(side, side)) * last, (side[1] / dot(side, side)) * last, (side[2] / dot(side, side)) * last];
  const [columns, rows] = [places(along, lastColumn), places(across, lastRow)];
  const sent = [0, 1, 2].map((band) => (surface.tone[band] ?? 0) * (picture.flashTint[band] ?? 1));
  const shows = (band: number) => ((surface.tone[band] ?? 0) + surface.shine) * (picture.roomTint[band] ?? 1);
  const steep = seen(normal);
  return {
    near: [steep[0] / away, steep[1] / away, steep[2] / away],
    column: seen(columns),
    row: seen(rows),
    eyeColumn: -dot(corner, columns),
    eyeRow: -dot(corner, rows),
    lastColumn,
    lastRow,
    room: [shows(0), shows(1), shows(2)],
    takesShadows: picture.shadow !== null && surface.name === FAR,
    flash: Float32Array.from(surface.flash, (light, i) => light * UNIT * (sent[i % 3] ?? 0)),
  };
}

/** Every ray goes to the nearest surface: a room is hollow, so that is the one that is seen. Along a row it stays the same until a nearer one begins. */
export function paintRoom(picture: PictureDocument, layers: Layers): void {
  const { width, height } = layers;
  const planes = picture.surfaces.map((surface) => planeOf(picture, surface)).filter((plane) => plane !== null);
  const shadow = shadowsOf(picture);
  const step = (2 * picture.half) / width;
  for (let y = 0; y < height; y++) {
    const v = (1 - (2 * (y + 0.5)) / height) * picture.half * picture.aspect;
    for (let x = 0; x < width;) {
      const u = (x + 0.5) * step - picture.half;
      const nearest = planes.reduce<Plane | null>((best, plane) => (nearness(plane, u, v) > (best === null ? 0 : nearness(best, u, v)) ? plane : best), null);
      const end = Math.min(width, planes.reduce((first, plane) => Math.min(first, begins(plane, nearest, u, v, step)), Infinity) + x);
      if (nearest !== null) paintRun(nearest, layers, shadow, y * width + x, end - x, u, v, step);
      x = end;
    }
  }
}

function nearness({ near }: Plane, u: number, v: number): number {
  return near[0] + u * near[1] + v * near[2];
}

/** After how many pixels, at least one, a plane comes nearer than what is seen so far. */
function begins(plane: Plane, seen: Plane | null, u: number, v: number, step: number): number {
  const gains = (plane.near[1] - (seen?.near[1] ?? 0)) * step;
  const lacks = (seen === null ? 0 : nearness(seen, u, v)) - nearness(plane, u, v);
  return plane === seen || gains <= 0 ? Infinity : Math.max(1, Math.ceil(lacks / gains));
}

/** A run of pixels in one row that see the same surface. */
function paintRun(plane: Plane, { room, flash }: Layers, shadow: Shadow, from: number, count: number, first: number, v: number, step: number): void {
  const [red, green, blue] = plane.room;
  const end = 3 * (from + count);
  for (let i = 3 * from; i < end; i += 3) {
    room[i] = red;
    room[i + 1] = green;
    room[i + 2] = blue;
  }
  if (plane.flash.length === 0) return;
  const known = lightAlong(plane, count, first, v, step);
  for (let i = 3 * from, k = 0; i < end; i += 3 * STRIDE, k += 3) {
    const r = known[k] ?? 0;
    const g = known[k + 1] ?? 0;
    const b = known[k + 2] ?? 0;
    const byR = ((known[k + 3] ?? 0) - r) / STRIDE;
    const byG = ((known[k + 4] ?? 0) - g) / STRIDE;
    const byB = ((known[k + 5] ?? 0) - b) / STRIDE;
    const next = Math.min(end, i + 3 * STRIDE);
    for (let j = i, n = 0; j < next; j += 3, n++) {
      flash[j] = r + n * byR;
      flash[j + 1] = g + n * byG;
      flash[j + 2] = b + n * byB;
    }
  }
  if (!plane.takesShadows) return;
  for (let i = 3 * from, u = first; i < end; i += 3, u += step) {
    const lit = 1 - shadow(u, v, 1 / nearness(plane, u, v));
    flash[i] = lit * (flash[i] ?? 0);
    flash[i + 1] = lit * (flash[i + 1] ?? 0);
    flash[i + 2] = lit * (flash[i + 2] ?? 0);
  }
}

/** Flash that a surface sends where rays of a row meet it, at one pixel of so many: straight between the four places about each. */
function lightAlong({ near, column, row, eyeColumn, eyeRow, lastColumn, lastRow, flash }: Plane, count: number, first: number, v: number, step: number): Float64Array {
  const known = new Float64Array(3 * Math.ceil(count / STRIDE) + 3);
  const [nearAhead, columnAhead, rowAhead] = [near[0] + v * near[2], column[0] + v * column[2], row[0] + v * row[2]];
  const [nearAside, columnAside, rowAside] = [near[1], column[1], row[1]];
  const line = 3 * (lastColumn + 1);
  for (let k = 0, pixel = 0; k < known.length; k += 3, pixel += STRIDE) {
    // Past the end of a run a ray may miss the plane.
    const u = first + Math.min(pixel, count - 1) * step;
    const reach = 1 / (nearAhead + u * nearAside);
    const x = eyeColumn + reach * (columnAhead + u * columnAside);
    const y = eyeRow + reach * (rowAhead + u * rowAside);
    // To whole numbers of 32 bits, by which places are found much sooner than by others.
    const left = Math.max(0, Math.min(lastColumn - 1, x)) | 0;
    const low = Math.max(0, Math.min(lastRow - 1, y)) | 0;
    const farX = clamp(x - left);
    const farY = clamp(y - low);
    const at = low * line + 3 * left;
    const w00 = (1 - farX) * (1 - farY);
    const w10 = farX * (1 - farY);
    const w01 = (1 - farX) * farY;
    const w11 = farX * farY;
    known[k] = w00 * (flash[at] ?? 0) + w10 * (flash[at + 3] ?? 0) + w01 * (flash[at + line] ?? 0) + w11 * (flash[at + line + 3] ?? 0);
    known[k + 1] = w00 * (flash[at + 1] ?? 0) + w10 * (flash[at + 4] ?? 0) + w01 * (flash[at + line + 1] ?? 0) + w11 * (flash[at + line + 4] ?? 0);
    known[k + 2] = w00 * (flash[at + 2] ?? 0) + w10 * (flash[at + 5] ?? 0) + w01 * (flash[at + line + 2] ?? 0) + w11 * (flash[at + line + 5] ?? 0);
  }
  return known;
}

/** Share of the flash that people keep off where a ray ends on the wall behind them. */
type Shadow = (u: number, v: number, reach: number) => number;

/** What people hide of a light of its size, seen from there. */
function shadowsOf(picture: PictureDocument): Shadow {
  const { shadow } = picture;
  if (shadow === null) return () => 0;
  const [x, y, z] = vec(shadow.from);
  const [eye, forward, right, up] = [vec(picture.eye), vec(picture.forward), vec(picture.right), vec(picture.up)];
  const figures = picture.figures.map((figure) => ({ figure, at: vec(figure.at) }));
  return (u, v, reach) => {
    const away = eye[0] + reach * (forward[0] + u * right[0] + v * up[0]) - x;
    const aside = eye[1] + reach * (forward[1] + u * right[1] + v * up[1]) - y;
    const above = eye[2] + reach * (forward[2] + u * right[2] + v * up[2]) - z;
    let hidden = 0;
    for (const { figure, at } of figures) {
      const share = (at[0] - x) / away;
      if (share <= 0 || share >= 1) continue;
      const soft = Math.max(0.004, (shadow.size * (1 - share)) / 2);
      const off = Math.abs(y + share * aside - at[1]);
      const over = z + share * above - at[2];
      if (off > FARTHEST + soft || over > CROWN + soft) continue;
      const half = halfWidth(picture, figure, Math.min(over, CROWN - 1e-3));
      if (half === null) continue;
      const top = clamp(0.5 + (CROWN - over) / (2 * soft));
      hidden = Math.max(hidden, top * clamp(0.5 + (half - off) / (2 * soft)));
    }
    return hidden * shadow.share;
  };
}
