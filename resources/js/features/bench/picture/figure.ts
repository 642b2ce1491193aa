import type { PictureDocument, PictureFigureDocument } from '@/types/generated';
import { clamp, dot, minus, vec, type Layers, type Vec } from './space';

/** Part of the room’s light that the sides of things get, and what faces up or down. */
const ROUND = { side: 0.85, above: 1.1, below: 0.6 };

/** m over the face where a head ends, and under it where clothes begin. */
export const CROWN = 0.13;
const CHIN = -0.12;
const COLLAR = -0.17;

/** m: half a head is an ellipse about its middle, and goes over into a neck. */
const HEAD = { wide: 0.09, middle: 0.005, neck: { from: -0.06, wide: 0.052 } };

/** m: eye sockets and the shadow of a nose, and how many px a head must have for them. */
const EYE = { aside: 0.032, up: 0.022, wide: 0.02, tall: 0.012 };
const NOSE = { top: 0.015, bottom: -0.035, wide: 0.02, ridge: 0.006 };
const FINE = 14;

/** m: flowers on a table with a cloth, and how far under their middle that begins. */
const DECOR = { flowers: 0.16, table: 0.55, cloth: -0.11 };

/** An upright cut-out that faces the camera; the perspective of its height is true. */
export function paintFigure(picture: PictureDocument, figure: PictureFigureDocument, layers: Layers, fNumber: number): void {
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
export function halfWidth(picture: PictureDocument, figure: PictureFigureDocument, over: number): number | null {
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
