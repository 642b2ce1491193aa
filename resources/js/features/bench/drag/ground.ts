import type { Layers } from '../picture/space';

/** What stands still behind somebody who moves, while the camera does or does not. */
export interface Ground {
  /** Light of the room that has gathered at a share of the exposure: these values, as often as `times`. */
  readonly room: (at: number) => { readonly values: Float32Array; readonly times: number };
  /** Light of a pop at a share of the exposure. */
  readonly flash: (pops: number) => Float32Array;
}

/** Numbers that take a place of the picture to where it lay as the shutter opened. */
const EACH = 9;

/** Steps of time after which what has gathered is kept, so that a scrubber that goes back need not begin again. */
const KEPT = 6;

/** @param before by step of time, EACH numbers; none for a camera that stays */
export function groundOf(still: Layers, before: readonly number[]): Ground {
  const steps = before.length / EACH - 1;
  if (steps < 1) return { room: (at) => ({ values: still.room, times: at }), flash: () => still.flash };
  const none = new Float32Array(still.room.length);
  /** What had gathered after every KEPT steps. */
  const kept = [none];
  let last = { step: 0, sum: none.slice() };
  const pops = new Map<number, Float32Array>();
  /** What has gathered when so many steps are over. */
  const gatheredAt = (step: number): Float32Array => {
    const start = Math.min(kept.length - 1, Math.floor(step / KEPT));
    if (last.step > step || last.step < start * KEPT) last = { step: start * KEPT, sum: (kept[start] ?? none).slice() };
    for (let i = last.step; i < step; i++) {
      addMoved(still, still.room, matrixAt(before, i + 0.5), 1 / steps, last.sum);
      if ((i + 1) % KEPT === 0) kept[(i + 1) / KEPT] ??= last.sum.slice();
    }
    last = { step, sum: last.sum };
    return last.sum;
  };
  return {
    room: (at) => {
      const step = Math.min(steps, Math.floor(at * steps));
      const rest = at * steps - step;
      const values = gatheredAt(step).slice();
      if (rest > 1e-6) addMoved(still, still.room, matrixAt(before, step + rest / 2), rest / steps, values);
      return { values, times: 1 };
    },
    flash: (at) => {
      const known = pops.get(at) ?? addMoved(still, still.flash, matrixAt(before, at * steps), 1, new Float32Array(still.flash.length));
      pops.set(at, known);
      return known;
    },
  };
}

function matrixAt(before: readonly number[], step: number): number[] {
  const from = Math.min(before.length / EACH - 2, Math.floor(step));
  const share = step - from;
  return Array.from({ length: EACH }, (_, i) => (1 - share) * (before[from * EACH + i] ?? 0) + share * (before[(from + 1) * EACH + i] ?? 0));
}

/** Adds light as it lies after a move; what the lens did not see before is taken to be like the edge of the picture. */
function addMoved({ width, height }: Layers, light: Float32Array, matrix: readonly number[], weight: number, sum: Float32Array): Float32Array {
  const [a = 1, b = 0, c = 0, d = 0, e = 1, f = 0, g = 0, h = 0, i = 1] = matrix;
  for (let row = 0, j = 0; row < height; row++) {
    const y = (height / 2 - row - 0.5) / width;
    for (let column = 0; column < width; column++, j += 3) {
      const x = (column + 0.5) / width - 0.5;
      const third = Math.max(1e-3, g * x + h * y + i);
      const px = clamp(((a * x + b * y + c) / third + 0.5) * width - 0.5, width - 1);
      const py = clamp(height / 2 - ((d * x + e * y + f) / third) * width - 0.5, height - 1);
      const left = Math.min(width - 2, px) | 0;
      const top = Math.min(height - 2, py) | 0;
      const across = px - left;
      const down = py - top;
      const at = 3 * (top * width + left);
      const below = at + 3 * width;
      const w00 = weight * (1 - across) * (1 - down);
      const w10 = weight * across * (1 - down);
      const w01 = weight * (1 - across) * down;
      const w11 = weight * across * down;
      for (let band = 0; band < 3; band++) {
        sum[j + band] = (sum[j + band] ?? 0) + w00 * (light[at + band] ?? 0) + w10 * (light[at + 3 + band] ?? 0) + w01 * (light[below + band] ?? 0) + w11 * (light[below + 3 + band] ?? 0);
      }
    }
  }
  return sum;
}

function clamp(value: number, most: number): number {
  return value < 0 ? 0 : value > most ? most : value;
}
