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

/** What the core calls the wall behind the people. */
const FAR = 'far wall';

/** m from the middle of a cut-out to its farthest edge. */
const FARTHEST = 0.8;

/** m: flowers on a table with a cloth, and how far under their middle that begins. */
const DECOR = { flowers: 0.16, table: 0.55, cloth: -0.11 };

type Vec = readonly [number, number, number];

const vec = (values: readonly number[]): Vec => [values[0] ?? 0, values[1] ?? 0, values[2] ?? 0];
const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
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

/** A surface as the rays of the camera meet it: of each number, the part for straight ahead, for a step to the right, and for one upwards. */
interface Plane {
  /** Against the way of a ray; `away` over it is how far the ray goes. */
  readonly steep: Vec;
  readonly away: number;
  /** Places along its sides that a ray passes for each step it goes, and where the eye stands among them. */
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

function planeOf(picture: PictureDocument, surface: PictureSurfaceDocument): Plane {
  const [along, across, corner] = [vec(surface.along), vec(surface.across), minus(vec(surface.corner), vec(picture.eye))];
  const normal = cross(along, across);
  const seen = (way: Vec): Vec => [dot(way, vec(picture.forward)), dot(way, vec(picture.right)), dot(way, vec(picture.up))];
  const [lastColumn, lastRow] = [surface.columns - 1, surface.rows - 1];
  const places = (side: Vec, last: number): Vec => [(side[0] / dot(side, side)) * last, (side[1] / dot(side, side)) * last, (side[2] / dot(side, side)) * last];
  const [columns, rows] = [places(along, lastColumn), places(across, lastRow)];
  const sends = (band: number) => (surface.tone[band] ?? 0) * (picture.flashTint[band] ?? 1);
  const shows = (band: number) => ((surface.tone[band] ?? 0) + surface.shine) * (picture.roomTint[band] ?? 1);
  return {
    steep: seen(normal),
    away: dot(corner, normal),
    column: seen(columns),
    row: seen(rows),
    eyeColumn: -dot(corner, columns),
    eyeRow: -dot(corner, rows),
    lastColumn,
    lastRow,
    room: [shows(0), shows(1), shows(2)],
    takesShadows: picture.shadow !== null && surface.name === FAR,
    flash: Float32Array.from(surface.flash, (light, i) => light * sends(i % 3)),
  };
}

/** Every ray goes to the nearest surface: a room is hollow, so that is the one that is seen. */
function paintRoom(picture: PictureDocument, { width, height, room, flash }: Layers): void {
  const planes = picture.surfaces.map((surface) => planeOf(picture, surface));
  for (let y = 0, i = 0; y < height; y++) {
    const v = (1 - (2 * (y + 0.5)) / height) * picture.half * picture.aspect;
    for (let x = 0; x < width; x++, i += 3) {
      const u = ((2 * (x + 0.5)) / width - 1) * picture.half;
      let reach = Infinity;
      let hit: Plane | null = null;
      for (const plane of planes) {
        const t = plane.away / (plane.steep[0] + u * plane.steep[1] + v * plane.steep[2]);
        if (t > 1e-6 && t < reach) {
          reach = t;
          hit = plane;
        }
      }
      if (hit === null) continue;
      room[i] = hit.room[0];
      room[i + 1] = hit.room[1];
      room[i + 2] = hit.room[2];
      if (hit.flash.length === 0) continue;
      const { column, row } = hit;
      lightAt(hit, hit.eyeColumn + reach * (column[0] + u * column[1] + v * column[2]), hit.eyeRow + reach * (row[0] + u * row[1] + v * row[2]), flash, i);
      if (!hit.takesShadows) continue;
      const left = 1 - shadowAt(picture, along(picture, u, v, reach));
      for (let band = 0; band < 3; band++) flash[i + band] = (flash[i + band] ?? 0) * left;
    }
  }
}

/** Straight between the four places about one. */
function lightAt({ flash: light, lastColumn, lastRow }: Plane, column: number, row: number, into: Float32Array, i: number): void {
  const left = Math.max(0, Math.min(lastColumn - 1, Math.floor(column)));
  const low = Math.max(0, Math.min(lastRow - 1, Math.floor(row)));
  const farX = Math.max(0, Math.min(1, column - left));
  const farY = Math.max(0, Math.min(1, row - low));
  const at = 3 * (low * (lastColumn + 1) + left);
  const up = at + 3 * (lastColumn + 1);
  for (let band = 0; band < 3; band++) {
    const near = (light[at + band] ?? 0) * (1 - farX) + (light[at + 3 + band] ?? 0) * farX;
    const far = (light[up + band] ?? 0) * (1 - farX) + (light[up + 3 + band] ?? 0) * farX;
    into[i + band] = near * (1 - farY) + far * farY;
  }
}

/** Where a ray is after so many of its own lengths. */
function along({ eye, forward, right, up }: PictureDocument, u: number, v: number, reach: number): Vec {
  const place = (axis: number) => (eye[axis] ?? 0) + reach * ((forward[axis] ?? 0) + u * (right[axis] ?? 0) + v * (up[axis] ?? 0));
  return [place(0), place(1), place(2)];
}

/** Share of the flash that people keep off a place on the wall behind them: what they hide of a light of its size, seen from there. */
function shadowAt(picture: PictureDocument, place: Vec): number {
  const { shadow, figures } = picture;
  if (shadow === null) return 0;
  const [x, y, z] = vec(shadow.from);
  let hidden = 0;
  for (const figure of figures) {
    const [its, aside, up] = vec(figure.at);
    const share = (its - x) / (place[0] - x);
    if (share <= 0 || share >= 1) continue;
    const soft = Math.max(0.004, (shadow.size * (1 - share)) / 2);
    const off = Math.abs(y + share * (place[1] - y) - aside);
    const over = z + share * (place[2] - z) - up;
    if (off > FARTHEST + soft || over > CROWN + soft) continue;
    const half = halfWidth(picture, figure, Math.min(over, CROWN - 1e-3));
    if (half === null) continue;
    const top = Math.max(0, Math.min(1, 0.5 + (CROWN - over) / (2 * soft)));
    hidden = Math.max(hidden, top * Math.max(0, Math.min(1, 0.5 + (half - off) / (2 * soft))));
  }
  return hidden * shadow.share;
}

/** An upright cut-out that faces the camera; the perspective of its height is true. */
function paintFigure(picture: PictureDocument, figure: PictureFigureDocument, layers: Layers, fNumber: number): void {
  const { width, height } = layers;
  const place = minus(vec(figure.at), vec(picture.eye));
  const [right, up, forward] = [vec(picture.right), vec(picture.up), vec(picture.forward)];
  const [r, a, d] = [dot(place, right), dot(place, up), dot(place, forward)];
  if (d <= 0.05) return;
  const soft = Math.max(0.7, ((figure.blur / fNumber) * width) / 2);
  for (let y = 0; y < height; y++) {
    // The height over the face that this row of the picture sees, and how far away that is.
    const v = (1 - (2 * (y + 0.5)) / height) * picture.half * picture.aspect;
    const over = (v * d - a) / (up[2] - v * forward[2]);
    const depth = d + over * forward[2];
    const perMetre = width / (2 * picture.half * depth);
    const metres = soft / perMetre;
    const half = halfWidth(picture, figure, Math.min(over, CROWN - 1e-3));
    if (half === null || over > CROWN + metres || depth <= 0.05) continue;
    const top = Math.max(0, Math.min(1, 0.5 + (CROWN - over) / (2 * metres)));
    const middle = width / 2 + r * perMetre;
    const reach = half * perMetre + soft;
    for (let x = Math.max(0, Math.floor(middle - reach)); x < Math.min(width, middle + reach); x++) {
      const aside = (x + 0.5 - middle) / perMetre;
      const cover = top * Math.max(0, Math.min(1, 0.5 + (half - Math.abs(aside)) / (2 * metres)));
      if (cover > 0) shade(picture, figure, layers, y * width + x, cover, aside, over, half, perMetre);
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

/** Light on a round thing, between what comes from the front, the sides, above and below. */
function shade(picture: PictureDocument, figure: PictureFigureDocument, { room, flash }: Layers, pixel: number, cover: number, aside: number, over: number, half: number, perMetre: number): void {
  const isHead = figure.kind === 'person' && over > CHIN;
  const isSkin = figure.kind === 'person' && over > COLLAR;
  const across = Math.max(-0.98, Math.min(0.98, (aside / Math.max(1e-3, half)) * (isHead ? 1 : 0.8)));
  const along = isHead ? Math.max(-0.98, Math.min(0.98, over / CROWN)) * Math.sqrt(1 - across * across) : 0;
  const front = Math.max(0, 1 - across * across - along * along);
  const side = across < 0 ? figure.left : figure.right;
  const popped = front + side * across * across + (along > 0 ? figure.above : figure.below) * along * along;
  const lit = front + ROUND.side * across * across + (along > 0 ? ROUND.above : ROUND.below) * along * along;
  const [shadowOfPop, shadowOfRoom] = isHead && half * perMetre > FINE ? features(figure, aside, over) : [1, 1];
  const tone = isSkin ? figure.face : figure.cloth;
  for (let band = 0; band < 3; band++) {
    const i = 3 * pixel + band;
    const byRoom = tone * figure.room * lit * shadowOfRoom * (picture.roomTint[band] ?? 1);
    const byPop = tone * (figure.front[band] ?? 0) * popped * shadowOfPop * (picture.flashTint[band] ?? 1);
    room[i] = (room[i] ?? 0) * (1 - cover) + byRoom * cover;
    flash[i] = (flash[i] ?? 0) * (1 - cover) + byPop * cover;
  }
}

/** What brow and nose keep off: the more comes from above, and from one side. */
function features(figure: PictureFigureDocument, aside: number, over: number): readonly [number, number] {
  const eye = ((Math.abs(aside) - EYE.aside) / EYE.wide) ** 2 + ((over - EYE.up) / EYE.tall) ** 2;
  if (eye < 1) return [1 / (1 + 0.6 * figure.above), 0.7];
  const lean = (figure.left - figure.right) / Math.max(1e-3, figure.left + figure.right);
  const fall = Math.min(1, (NOSE.top - over) / (NOSE.top - NOSE.bottom));
  const isBeside = over < NOSE.top && over > NOSE.bottom && Math.sign(aside) === Math.sign(lean) && Math.abs(aside) > NOSE.ridge && Math.abs(aside) < NOSE.wide * fall * (0.3 + Math.abs(lean));
  const isUnder = over < NOSE.bottom && over > NOSE.bottom - 0.006 - 0.012 * Math.min(1, figure.above) && Math.abs(aside) < 0.012;
  if (isUnder) return [1 / (1 + 0.5 * figure.above), 0.85];
  return isBeside ? [1 - 0.6 * Math.abs(lean), 0.95] : [1, 1];
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
      const cover = Math.max(0, Math.min(1, 0.5 + inside / (2 * soft)));
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
