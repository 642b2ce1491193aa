import type { PictureDocument, PictureFigureDocument, PictureShinerDocument, PictureSurfaceDocument } from '@/types/generated';

/** Light of a picture by pixel, linear red, green and blue over mid-grey: of the room where it reads as metered, of the flash where it is correct on the face. */
export interface Layers {
  readonly width: number;
  readonly height: number;
  readonly room: Float32Array;
  readonly flash: Float32Array;
}

/** Part of the room’s light that the sides of things get, and what faces up or down. */
const ROUND = { side: 0.85, above: 1.1, below: 0.6 };

/** m over the face where a head ends, and under it where clothes begin. */
const CROWN = 0.13;
const CHIN = -0.12;
const COLLAR = -0.17;

/** m: half a head is an ellipse about its middle, and goes over into a neck. */
const HEAD = { wide: 0.09, middle: 0.005, neck: { from: -0.06, wide: 0.052 } };

/** m: eye sockets and the shadow of a nose, and how many px a head must have for them. */
const EYE = { aside: 0.032, up: 0.022, wide: 0.02, tall: 0.012 };
const NOSE = { top: 0.015, bottom: -0.035, wide: 0.02, ridge: 0.006 };
const FINE = 14;

/** In which the core counts the flash all over a surface, of the light on the face. */
const UNIT = 1e-5;

/** What the core calls the wall behind the people. */
const FAR = 'far wall';

/** m from the middle of a cut-out to its farthest edge. */
const FARTHEST = 0.8;

/** m: flowers on a table with a cloth, and how far under their middle that begins. */
const DECOR = { flowers: 0.16, table: 0.55, cloth: -0.11 };

type Vec = readonly [number, number, number];

const vec = (values: readonly number[]): Vec => [values[0] ?? 0, values[1] ?? 0, values[2] ?? 0];
const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const clamp = (share: number): number => (share < 0 ? 0 : share > 1 ? 1 : share);
const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const cross = (a: Vec, b: Vec): Vec => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];

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
function paintRoom(picture: PictureDocument, layers: Layers): void {
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

/** A run of pixels in one row that see the same surface; the light on it is straight between the four places about each. */
function paintRun({ near, room: tone, flash: light, column, row, eyeColumn, eyeRow, lastColumn, lastRow, takesShadows }: Plane, { room, flash }: Layers, shadow: Shadow, from: number, count: number, first: number, v: number, step: number): void {
  const [red, green, blue] = tone;
  const [nearAhead, columnAhead, rowAhead] = [near[0] + v * near[2], column[0] + v * column[2], row[0] + v * row[2]];
  const [nearAside, columnAside, rowAside] = [near[1], column[1], row[1]];
  const line = 3 * (lastColumn + 1);
  for (let i = 3 * from, u = first; i < 3 * (from + count); i += 3, u += step) {
    room[i] = red;
    room[i + 1] = green;
    room[i + 2] = blue;
    if (light.length === 0) continue;
    const reach = 1 / (nearAhead + u * nearAside);
    const x = eyeColumn + reach * (columnAhead + u * columnAside);
    const y = eyeRow + reach * (rowAhead + u * rowAside);
    // To whole numbers of 32 bits, by which places are found much sooner than by others.
    const left = Math.max(0, Math.min(lastColumn - 1, x)) | 0;
    const low = Math.max(0, Math.min(lastRow - 1, y)) | 0;
    const farX = clamp(x - left);
    const farY = clamp(y - low);
    const at = low * line + 3 * left;
    const lit = takesShadows ? 1 - shadow(u, v, reach) : 1;
    const w00 = lit * (1 - farX) * (1 - farY);
    const w10 = lit * farX * (1 - farY);
    const w01 = lit * (1 - farX) * farY;
    const w11 = lit * farX * farY;
    flash[i] = w00 * (light[at] ?? 0) + w10 * (light[at + 3] ?? 0) + w01 * (light[at + line] ?? 0) + w11 * (light[at + line + 3] ?? 0);
    flash[i + 1] = w00 * (light[at + 1] ?? 0) + w10 * (light[at + 4] ?? 0) + w01 * (light[at + line + 1] ?? 0) + w11 * (light[at + line + 4] ?? 0);
    flash[i + 2] = w00 * (light[at + 2] ?? 0) + w10 * (light[at + 5] ?? 0) + w01 * (light[at + line + 2] ?? 0) + w11 * (light[at + line + 5] ?? 0);
  }
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

/** An upright cut-out that faces the camera; the perspective of its height is true. */
function paintFigure(picture: PictureDocument, figure: PictureFigureDocument, layers: Layers, fNumber: number): void {
  const { width, height } = layers;
  const place = minus(vec(figure.at), vec(picture.eye));
  const [right, up, forward] = [vec(picture.right), vec(picture.up), vec(picture.forward)];
  const [r, a, d] = [dot(place, right), dot(place, up), dot(place, forward)];
  if (d <= 0.05) return;
  const soft = Math.max(0.7, ((figure.blur / fNumber) * width) / 2);
  const lit = litOf(picture, figure);
  for (let y = 0; y < height; y++) {
    // The height over the face that this row of the picture sees, and how far away that is.
    const v = (1 - (2 * (y + 0.5)) / height) * picture.half * picture.aspect;
    const over = (v * d - a) / (up[2] - v * forward[2]);
    const depth = d + over * forward[2];
    const perMetre = width / (2 * picture.half * depth);
    const metres = soft / perMetre;
    const half = halfWidth(picture, figure, Math.min(over, CROWN - 1e-3));
    if (half === null || over > CROWN + metres || depth <= 0.05) continue;
    const top = clamp(0.5 + (CROWN - over) / (2 * metres));
    const middle = width / 2 + r * perMetre;
    const reach = half * perMetre + soft;
    for (let x = Math.max(0, Math.floor(middle - reach)); x < Math.min(width, middle + reach); x++) {
      const aside = (x + 0.5 - middle) / perMetre;
      const cover = top * clamp(0.5 + (half - Math.abs(aside)) / (2 * metres));
      if (cover > 0) shade(figure, lit, layers, y * width + x, cover, aside, over, half, perMetre);
    }
  }
}

/** Of a figure at a height over its face, m; null under its feet. */
function halfWidth(picture: PictureDocument, figure: PictureFigureDocument, over: number): number | null {
  if (over < -(figure.at[2] ?? 0)) return null;
  if (figure.kind === 'decor') return over > DECOR.cloth ? DECOR.flowers * Math.sqrt(Math.max(0, 1 - (over / CROWN) ** 2)) : DECOR.table * (1 + 0.12 * (DECOR.cloth - over));
  if (over > CHIN) return Math.max(HEAD.wide * Math.sqrt(Math.max(0, 1 - ((over - HEAD.middle) / (CROWN - HEAD.middle)) ** 2)), over < HEAD.neck.from ? HEAD.neck.wide : 0);
  const { outlineAcross, outlineUp } = picture;
  for (let i = 1; i < outlineUp.length; i++) {
    const [high, low] = [outlineUp[i - 1] ?? 0, outlineUp[i] ?? 0];
    if (over <= high && over >= low) {
      const share = (high - over) / Math.max(1e-6, high - low);
      return (outlineAcross[i - 1] ?? 0) * (1 - share) + (outlineAcross[i] ?? 0) * share;
    }
  }
  return outlineAcross[outlineAcross.length - 1] ?? 0;
}

/** Light on the front of a figure, by band. */
interface Lit {
  readonly room: Vec;
  readonly pop: Vec;
}

function litOf({ roomTint, flashTint }: PictureDocument, { room, front }: PictureFigureDocument): Lit {
  const [red, green, blue] = vec(roomTint);
  const pop = (band: number) => (front[band] ?? 0) * (flashTint[band] ?? 1);
  return { room: [room * red, room * green, room * blue], pop: [pop(0), pop(1), pop(2)] };
}

/** Light on a round thing, between what comes from the front, the sides, above and below. */
function shade(figure: PictureFigureDocument, { room: byRoom, pop: byPop }: Lit, { room, flash }: Layers, pixel: number, cover: number, aside: number, over: number, half: number, perMetre: number): void {
  const isHead = figure.kind === 'person' && over > CHIN;
  const isSkin = figure.kind === 'person' && over > COLLAR;
  const across = Math.max(-0.98, Math.min(0.98, (aside / Math.max(1e-3, half)) * (isHead ? 1 : 0.8)));
  const along = isHead ? Math.max(-0.98, Math.min(0.98, over / CROWN)) * Math.sqrt(1 - across * across) : 0;
  const front = Math.max(0, 1 - across * across - along * along);
  const side = across < 0 ? figure.left : figure.right;
  const popped = front + side * across * across + (along > 0 ? figure.above : figure.below) * along * along;
  const lit = front + ROUND.side * across * across + (along > 0 ? ROUND.above : ROUND.below) * along * along;
  const kept = isHead && half * perMetre > FINE ? features(figure, aside, over) : OPEN;
  const tone = cover * (isSkin ? figure.face : figure.cloth);
  const ofRoom = tone * lit * kept.room;
  const ofPop = tone * popped * kept.pop;
  const left = 1 - cover;
  const i = 3 * pixel;
  room[i] = (room[i] ?? 0) * left + ofRoom * byRoom[0];
  room[i + 1] = (room[i + 1] ?? 0) * left + ofRoom * byRoom[1];
  room[i + 2] = (room[i + 2] ?? 0) * left + ofRoom * byRoom[2];
  flash[i] = (flash[i] ?? 0) * left + ofPop * byPop[0];
  flash[i + 1] = (flash[i + 1] ?? 0) * left + ofPop * byPop[1];
  flash[i + 2] = (flash[i + 2] ?? 0) * left + ofPop * byPop[2];
}

/** Shares of both lights that come in. */
interface Kept {
  readonly pop: number;
  readonly room: number;
}

const OPEN: Kept = { pop: 1, room: 1 };

/** What brow and nose keep off: the more comes from above, and from one side. */
function features(figure: PictureFigureDocument, aside: number, over: number): Kept {
  const eye = ((Math.abs(aside) - EYE.aside) / EYE.wide) ** 2 + ((over - EYE.up) / EYE.tall) ** 2;
  if (eye < 1) return { pop: 1 / (1 + 0.6 * figure.above), room: 0.7 };
  const lean = (figure.left - figure.right) / Math.max(1e-3, figure.left + figure.right);
  const fall = Math.min(1, (NOSE.top - over) / (NOSE.top - NOSE.bottom));
  const isBeside = over < NOSE.top && over > NOSE.bottom && Math.sign(aside) === Math.sign(lean) && Math.abs(aside) > NOSE.ridge && Math.abs(aside) < NOSE.wide * fall * (0.3 + Math.abs(lean));
  const isUnder = over < NOSE.bottom && over > NOSE.bottom - 0.006 - 0.012 * Math.min(1, figure.above) && Math.abs(aside) < 0.012;
  if (isUnder) return { pop: 1 / (1 + 0.5 * figure.above), room: 0.85 };
  return isBeside ? { pop: 1 - 0.6 * Math.abs(lean), room: 0.95 } : OPEN;
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
