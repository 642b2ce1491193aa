import type { DragDocument, FigureDocument, TrailDocument } from '@/types/generated';
import type { Factors } from '../picture/develop';
import type { Layers } from '../picture/space';
import { groundOf, type Ground } from './ground';

/** Levels and geometry of a picture, as the server tells them. */
export type Told = Pick<DragDocument, 'figure' | 'trails' | 'before'>;

/** Corners of a cut-out, from the first face. */
export type Outline = Pick<FigureDocument, 'outlineAcross' | 'outlineUp'>;

/** The same, and all who go the way of the first figure. */
export interface Picture extends Told {
  readonly outlines: readonly Outline[];
}

/** Light of a picture, linear red, green and blue by pixel, as a ratio to mid-grey. */
interface Light {
  readonly width: number;
  readonly height: number;
  readonly values: Float32Array;
}

/** px that a trail is wide at the least, so that its middle is a whole pixel. */
const THINNEST = 2.6;

/** What stands still behind somebody who moves, and by how much its light counts over the whole exposure. */
export interface Scene {
  readonly still: Layers;
  readonly factors: Factors;
  /** Colours of both lights. */
  readonly roomTint: readonly number[];
  readonly flashTint: readonly number[];
}

type GroundLight = ReturnType<Ground['room']>;

/** What a picture looks like at any share of its exposure, with a pop at any other. */
export type Painter = (pops: number, at: number) => Light;

/** A painter that remembers what the figures cover, for both curtains are painted for the same share of the exposure. */
export function makePainter(picture: Picture, scene: Scene): Painter {
  const { width, height } = scene.still;
  const frozen = new Map<number, Float32Array>();
  const ground = groundOf(scene.still, picture.before);
  let last: { readonly at: number; readonly covered: Float32Array; readonly room: GroundLight } | null = null;
  return (pops, at) => {
    if (last?.at !== at) last = { at, covered: coverage(picture, width, height, at), room: ground.room(at) };
    const stands = frozen.get(pops) ?? standing(picture, width, height, pops);
    frozen.set(pops, stands);
    const popped = at >= pops ? { stands, ground: ground.flash(pops) } : null;
    return gather(picture, scene, { width, height, values: new Float32Array(width * height * 3) }, last.covered, last.room, popped, at);
  };
}

/**
 * What has gathered on the sensor when a share of the exposure is over: the room's light grows evenly,
 * the moving figure covers what is behind it, lamps draw on, and the pop adds the figure where it stood then.
 *
 * @param popped what the figure covered as it popped, and what stood behind; null before that
 */
function gather({ figure, trails }: Picture, scene: Scene, light: Light, covered: Float32Array, ground: GroundLight, popped: { readonly stands: Float32Array; readonly ground: Float32Array } | null, at: number): Light {
  const { width, height, values } = light;
  const { factors } = scene;
  const [roomRed = 0, roomGreen = 0, roomBlue = 0] = scene.roomTint.map((band) => band * figure.room);
  const [popRed = 0, popGreen = 0, popBlue = 0] = scene.flashTint.map((band) => band * figure.pop);
  const opened = ground.times * factors.room;
  // By band without a loop: this is done for every pixel of every step of a scrubber.
  for (let i = 0, j = 0; i < width * height; i++, j += 3) {
    const cover = covered[i] ?? 0;
    const open = at > 0 ? (1 - cover / at) * opened : 0;
    values[j] = cover * roomRed + open * (ground.values[j] ?? 0);
    values[j + 1] = cover * roomGreen + open * (ground.values[j + 1] ?? 0);
    values[j + 2] = cover * roomBlue + open * (ground.values[j + 2] ?? 0);
    if (popped === null) continue;
    const stands = popped.stands[i] ?? 0;
    const behind = (1 - stands) * factors.flash;
    values[j] = (values[j] ?? 0) + stands * popRed + behind * (popped.ground[j] ?? 0);
    values[j + 1] = (values[j + 1] ?? 0) + stands * popGreen + behind * (popped.ground[j + 1] ?? 0);
    values[j + 2] = (values[j + 2] ?? 0) + stands * popBlue + behind * (popped.ground[j + 2] ?? 0);
  }
  for (const trail of trails) draw(trail, light, at, covered);
  return light;
}

/** For which share of the exposure the figures have covered each pixel. */
function coverage({ figure, outlines }: Picture, width: number, height: number, at: number): Float32Array {
  const steps = figure.across.length - 1;
  const sum = new Float32Array((width + 2) * height);
  const parts = Math.max(1, Math.ceil(farthest(figure) * width * (1 / steps)));
  const count = Math.max(1, Math.round(at * steps * parts));
  for (const outline of outlines) for (let i = 0; i < count; i++) add(figure, outline, ((i + 0.5) / count) * at, at / count, width, height, sum);
  return gathered(sum, width, height, at);
}

function standing({ figure, outlines }: Picture, width: number, height: number, at: number): Float32Array {
  const sum = new Float32Array((width + 2) * height);
  for (const outline of outlines) add(figure, outline, at, 1, width, height, sum);
  return gathered(sum, width, height, 1);
}

/** Frame widths that the face goes over all. */
function farthest({ across, up, scale, turn }: FigureDocument): number {
  const last = across.length - 1;
  const moved = Math.hypot((across[last] ?? 0) - (across[0] ?? 0), (up[last] ?? 0) - (up[0] ?? 0));
  return moved + Math.abs((scale[last] ?? 1) - 1) + Math.abs(turn[last] ?? 0);
}

/** Adds a figure as it stands at a share of the exposure: in every row where it begins and where it ends. */
function add(figure: FigureDocument, { outlineAcross, outlineUp }: Outline, at: number, weight: number, width: number, height: number, sum: Float32Array): void {
  const place = at * (figure.across.length - 1);
  const [x0, y0, size, angle] = [figure.across, figure.up, figure.scale, figure.turn].map((values) => between(values, place)) as [number, number, number, number];
  const [cos, sin] = [Math.cos(angle) * size * width, Math.sin(angle) * size * width];
  const corners = outlineAcross.map((across, i) => {
    const up = outlineUp[i] ?? 0;
    return [width / 2 + x0 * width + across * cos - up * sin, height / 2 - y0 * width - across * sin - up * cos] as const;
  });
  const left = new Float32Array(height).fill(Infinity);
  const right = new Float32Array(height).fill(-Infinity);
  corners.forEach(([ax, ay], i) => {
    const [bx, by] = corners[(i + 1) % corners.length] ?? [ax, ay];
    const [top, bottom] = ay < by ? [ay, by] : [by, ay];
    for (let row = Math.max(0, Math.ceil(top - 0.5)); row < Math.min(height, bottom - 0.5); row++) {
      const x = ax + ((row + 0.5 - ay) / (by - ay)) * (bx - ax);
      left[row] = Math.min(left[row] ?? x, x);
      right[row] = Math.max(right[row] ?? x, x);
    }
  });
  for (let row = 0; row < height; row++) {
    const [from, to] = [Math.max(0, left[row] ?? 0), Math.min(width, right[row] ?? 0)];
    if (to <= from) continue;
    edge(sum, row * (width + 2), from, weight);
    edge(sum, row * (width + 2), to, -weight);
  }
}

/** A change from a place on, shared out over the pixel in which it lies. */
function edge(sum: Float32Array, row: number, at: number, weight: number): void {
  const pixel = Math.floor(at);
  const part = at - pixel;
  sum[row + pixel] = (sum[row + pixel] ?? 0) + weight * (1 - part);
  sum[row + pixel + 1] = (sum[row + pixel + 1] ?? 0) + weight * part;
}

/** @param most where one figure stands before another, no more is covered than there is */
function gathered(sum: Float32Array, width: number, height: number, most: number): Float32Array {
  const whole = new Float32Array(width * height);
  for (let row = 0; row < height; row++) {
    let level = 0;
    for (let x = 0; x < width; x++) {
      level += sum[row * (width + 2) + x] ?? 0;
      whole[row * width + x] = Math.min(level, most);
    }
  }
  return whole;
}

function between(values: readonly number[], place: number): number {
  const i = Math.min(values.length - 2, Math.floor(place));
  const [from, to] = [values[i] ?? 0, values[i + 1] ?? 0];
  return from + (place - i) * (to - from);
}

/** What a lamp has drawn so far, where the figure has not stood before it. */
function draw(trail: TrailDocument, light: Light, at: number, covered: Float32Array): void {
  const steps = trail.lights.length;
  const radius = Math.max(THINNEST, trail.spot * light.width) / 2;
  const px = trail.across.map((x) => light.width / 2 + x * light.width);
  const py = trail.up.map((y) => light.height / 2 - y * light.width);
  let stood = 0;
  for (let i = 0; i < steps && i < at * steps; i++) {
    const part = Math.min(1, at * steps - i);
    const [ax, ay, bx, by] = [px[i] ?? 0, py[i] ?? 0, px[i + 1] ?? 0, py[i + 1] ?? 0];
    const added = trail.lights[i] ?? 0;
    if (Math.hypot(bx - ax, by - ay) > (trail.spot * light.width) / 2) {
      line(trail, light, covered, at, added, radius, ax, ay, ax + part * (bx - ax), ay + part * (by - ay));
      continue;
    }
    stood += part * added;
    if (i + 1 >= at * steps || px[i + 1] !== ax || py[i + 1] !== ay || i + 1 === steps) {
      line(trail, light, covered, at, stood, radius, ax, ay, ax, ay);
      stood = 0;
    }
  }
}

/** A piece of a trail, or a spot; ends are cut straight, so that pieces join without a bead. */
function line(trail: TrailDocument, light: Light, covered: Float32Array, at: number, added: number, radius: number, ax: number, ay: number, bx: number, by: number): void {
  const { width, height, values } = light;
  const length = Math.hypot(bx - ax, by - ay);
  const [ux, uy] = length > 0 ? [(bx - ax) / length, (by - ay) / length] : [1, 0];
  const reach = radius + 1;
  for (let y = Math.max(0, Math.floor(Math.min(ay, by) - reach)); y < Math.min(height, Math.max(ay, by) + reach); y++) {
    for (let x = Math.max(0, Math.floor(Math.min(ax, bx) - reach)); x < Math.min(width, Math.max(ax, bx) + reach); x++) {
      const [dx, dy] = [x + 0.5 - ax, y + 0.5 - ay];
      const along = dx * ux + dy * uy;
      const across = length > 0 ? Math.abs(dx * uy - dy * ux) : Math.hypot(dx, dy);
      const ends = length > 0 ? Math.max(0, Math.min(1, along + 0.5) - Math.max(0, Math.min(1, along - length + 0.5))) : 1;
      const share = Math.max(0, Math.min(1, radius - across + 0.5)) * ends;
      if (share === 0) continue;
      const i = y * width + x;
      const shown = added * share * (at > 0 ? 1 - (covered[i] ?? 0) / at : 1);
      values[3 * i] = (values[3 * i] ?? 0) + shown * trail.red;
      values[3 * i + 1] = (values[3 * i + 1] ?? 0) + shown * trail.green;
      values[3 * i + 2] = (values[3 * i + 2] ?? 0) + shown * trail.blue;
    }
  }
}
