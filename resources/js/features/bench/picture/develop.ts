import type { DarkBarDocument, GrainDocument, LevelsDocument, PictureDocument } from '@/types/generated';
import type { Layers } from './painter';

/** By how much each layer counts. */
export interface Factors {
  readonly room: number;
  readonly flash: number;
}

/** How far each layer is from where it is told. */
export function factorsOf({ room, faceFlash }: LevelsDocument): Factors {
  return { room: room === null ? 0 : 2 ** room, flash: faceFlash === null ? 0 : 2 ** faceFlash };
}

/** How many columns a histogram has. */
export const BINS = 64;

export interface Histogram {
  /** Pixels by tone; of each, the part that the flash gives. */
  readonly all: Float32Array;
  readonly flash: Float32Array;
  /** Shares of the picture without detail, 0 to 1. */
  readonly white: number;
  readonly black: number;
}

/** One pixel of so many is counted: the tones of a picture run on from pixel to pixel. */
const EACH = 5;

/** Codes from which nothing can be told apart any more, and under which. */
const WHITE = 250;
const BLACK = 12;

/** Codes are looked up by the square root of the light. */
const CODES = 4096;

/** Codes of the tone curve, fine enough to be looked up. */
export function toneTable({ tones, brightest }: Pick<PictureDocument, 'tones' | 'brightest'>): { readonly codes: Uint8ClampedArray; readonly brightest: number } {
  const codes = Uint8ClampedArray.from({ length: CODES + 1 }, (_, i) => {
    const at = (i / CODES) * (tones.length - 1);
    const low = Math.min(tones.length - 2, Math.floor(at));
    return (tones[low] ?? 0) + (at - low) * ((tones[low + 1] ?? 0) - (tones[low] ?? 0));
  });
  return { codes, brightest };
}

export type ToneTable = ReturnType<typeof toneTable>;

/** What is without detail is painted over in stripes. */
const STRIPES = { white: [176, 46, 38], black: [58, 96, 170] } as const;

/** How a picture is to be seen, besides its light. */
export interface Manner {
  /** Whether what is without detail is painted over. */
  readonly showsLost: boolean;
  /** Null for a picture without noise. */
  readonly grain: GrainDocument | null;
  /** What the curtain keeps from the flash; null for a frame that is wholly open. */
  readonly bar: DarkBarDocument | null;
}

export const PLAIN: Manner = { showsLost: false, grain: null, bar: null };

/** Numbers that lie about 0 as chance has them, always the same: how often, and how they are spread over the pixels. */
const CHANCES = 1 << 14;
const SPREAD = 40503;

/** By sums of twelve even numbers (their variance is 1), from a row of numbers that is as good as chance (Park and Miller). */
const CHANCE = (() => {
  let seed = 1;
  const even = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
  return Float32Array.from({ length: CHANCES }, () => Array.from({ length: 12 }, even).reduce((sum, part) => sum + part, -6));
})();

/** Whether the second curtain stands before a pixel as the flash pops. */
function isBarred({ width, height }: Layers, bar: DarkBarDocument | null, x: number, y: number): boolean {
  return bar !== null && (bar.isAtRight ? x >= width * (1 - bar.share) : y >= height * (1 - bar.share));
}

/** The picture as it is seen, and how its tones lie. */
export function develop(layers: Layers, factors: Factors, { codes, brightest }: ToneTable, { showsLost, grain, bar }: Manner, into: Uint8ClampedArray): Histogram {
  const { width, height, room, flash } = layers;
  const all = new Float32Array(BINS);
  const byFlash = new Float32Array(BINS);
  const pixels = width * height;
  const scale = CODES / Math.sqrt(brightest);
  const { room: byRoom } = factors;
  let [white, black] = [0, 0];
  for (let i = 0, j = 0, pixel = 0; pixel < pixels; i += 3, j += 4, pixel++) {
    const byPop = bar !== null && isBarred(layers, bar, pixel % width, Math.floor(pixel / width)) ? 0 : factors.flash;
    const fr = byPop * (flash[i] ?? 0);
    const fg = byPop * (flash[i + 1] ?? 0);
    const fb = byPop * (flash[i + 2] ?? 0);
    const r = byRoom * (room[i] ?? 0) + fr;
    const g = byRoom * (room[i + 1] ?? 0) + fg;
    const b = byRoom * (room[i + 2] ?? 0) + fb;
    into[j] = toneOf(codes, scale, noisy(r, grain, i));
    into[j + 1] = toneOf(codes, scale, noisy(g, grain, i + 1));
    into[j + 2] = toneOf(codes, scale, noisy(b, grain, i + 2));
    into[j + 3] = 255;
    const isCounted = pixel % EACH === 0;
    if (!isCounted && !showsLost) continue;
    const light = luminance(r, g, b);
    const tone = toneOf(codes, scale, light);
    if (isCounted) {
      const bin = (tone * BINS) >> 8;
      all[bin] = (all[bin] ?? 0) + EACH;
      if (light > 0) byFlash[bin] = (byFlash[bin] ?? 0) + (EACH * luminance(fr, fg, fb)) / light;
      if (tone >= WHITE) white += EACH;
      else if (tone <= BLACK) black += EACH;
    }
    if (showsLost && (tone >= WHITE || tone <= BLACK) && (pixel + Math.floor(pixel / width) * (width % 2 === 0 ? 1 : 2)) % 8 < 4) into.set(tone >= WHITE ? STRIPES.white : STRIPES.black, j);
  }
  return { all, flash: byFlash, white: white / pixels, black: black / pixels };
}

/** Light of three bands by pixel as it is seen, and nothing told of it: for pictures that follow each other quickly. */
export function seen(values: Float32Array, { codes, brightest }: ToneTable, into: Uint8ClampedArray): void {
  const scale = CODES / Math.sqrt(brightest);
  for (let i = 0, j = 0; i < values.length; i += 3, j += 4) {
    into[j] = toneOf(codes, scale, values[i] ?? 0);
    into[j + 1] = toneOf(codes, scale, values[i + 1] ?? 0);
    into[j + 2] = toneOf(codes, scale, values[i + 2] ?? 0);
    into[j + 3] = 255;
  }
}

function noisy(light: number, grain: GrainDocument | null, place: number): number {
  return grain === null ? light : light + (CHANCE[(place * SPREAD) & (CHANCES - 1)] ?? 0) * Math.sqrt(grain.shot * light + grain.read);
}

function toneOf(codes: Uint8ClampedArray, scale: number, light: number): number {
  return light <= 0 ? (codes[0] ?? 0) : (codes[Math.min(CODES, (Math.sqrt(light) * scale + 0.5) | 0)] ?? 255);
}

/** Light of a pixel over mid-grey, of the room and of the flash. */
export function lightOf(layers: Layers, factors: Factors, x: number, y: number, bar: DarkBarDocument | null = null): Factors {
  const { width, room, flash } = layers;
  const i = 3 * (y * width + x);
  const of = (layer: Float32Array) => luminance(layer[i] ?? 0, layer[i + 1] ?? 0, layer[i + 2] ?? 0);
  return { room: factors.room * of(room), flash: isBarred(layers, bar, x, y) ? 0 : factors.flash * of(flash) };
}

/** As the eye weighs linear light (ITU-R BT.709). */
function luminance(r: number, g: number, b: number): number {
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
