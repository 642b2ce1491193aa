import type { DarkBarDocument, GrainDocument, LevelsDocument, PictureDocument } from '@/types/generated';
import type { Layers } from './space';

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

/** How finely light is told apart. */
const CODES = 4096;

/** Codes of the tone curve, fine enough to be looked up by the square root of the light times the scale. */
export function toneTable({ tones, brightest }: Pick<PictureDocument, 'tones' | 'brightest'>): { readonly codes: Uint8ClampedArray; readonly scale: number } {
  const codes = Uint8ClampedArray.from({ length: CODES + 1 }, (_, i) => {
    const at = (i / CODES) * (tones.length - 1);
    const low = Math.min(tones.length - 2, Math.floor(at));
    return (tones[low] ?? 0) + (at - low) * ((tones[low + 1] ?? 0) - (tones[low] ?? 0));
  });
  return { codes, scale: CODES / Math.sqrt(brightest) };
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

/** How many pixels of a row the second curtain leaves free as the flash pops. */
function litOf({ width, height }: Layers, bar: DarkBarDocument | null, y: number): number {
  if (bar === null) return width;
  if (bar.isAtRight) return Math.ceil(width * (1 - bar.share));
  return y < height * (1 - bar.share) ? width : 0;
}

/** The picture as it is seen. */
export function develop(layers: Layers, factors: Factors, tones: ToneTable, { showsLost, grain, bar }: Manner, into: Uint8ClampedArray): void {
  const { width, height } = layers;
  for (let y = 0; y < height; y++) {
    const lit = litOf(layers, bar, y);
    expose(layers, y * width, lit, factors.room, factors.flash, tones, grain, into);
    expose(layers, y * width + lit, width - lit, factors.room, 0, tones, grain, into);
  }
  if (showsLost) stripe(layers, factors, tones, bar, into);
}

/** A run of pixels in one row. */
function expose({ room, flash }: Layers, from: number, count: number, byRoom: number, byFlash: number, { codes, scale }: ToneTable, grain: GrainDocument | null, into: Uint8ClampedArray): void {
  const [shot, read] = [grain?.shot ?? 0, grain?.read ?? 0];
  for (let i = 3 * from, j = 4 * from; j < 4 * (from + count); i += 3, j += 4) {
    into[j] = toneOf(codes, scale, noisy(byRoom * (room[i] ?? 0) + byFlash * (flash[i] ?? 0), shot, read, i));
    into[j + 1] = toneOf(codes, scale, noisy(byRoom * (room[i + 1] ?? 0) + byFlash * (flash[i + 1] ?? 0), shot, read, i + 1));
    into[j + 2] = toneOf(codes, scale, noisy(byRoom * (room[i + 2] ?? 0) + byFlash * (flash[i + 2] ?? 0), shot, read, i + 2));
    into[j + 3] = 255;
  }
}

/** Paints over what is without detail. */
function stripe(layers: Layers, factors: Factors, { codes, scale }: ToneTable, bar: DarkBarDocument | null, into: Uint8ClampedArray): void {
  const { width, height } = layers;
  for (let y = 0; y < height; y++) {
    const lit = litOf(layers, bar, y);
    for (let x = 0; x < width; x++) {
      const pixel = y * width + x;
      const { room, flash } = lightAt(layers, factors, pixel, x < lit);
      const tone = toneOf(codes, scale, room + flash);
      if ((tone >= WHITE || tone <= BLACK) && (pixel + y * (width % 2 === 0 ? 1 : 2)) % 8 < 4) into.set(tone >= WHITE ? STRIPES.white : STRIPES.black, 4 * pixel);
    }
  }
}

/** How the tones of a picture lie. */
export function histogramOf(layers: Layers, factors: Factors, { codes, scale }: ToneTable, bar: DarkBarDocument | null): Histogram {
  const { width, height } = layers;
  const all = new Float32Array(BINS);
  const byFlash = new Float32Array(BINS);
  let [white, black, counted] = [0, 0, 0];
  for (let pixel = 0; pixel < width * height; pixel += EACH, counted++) {
    const y = Math.floor(pixel / width);
    const { room, flash } = lightAt(layers, factors, pixel, pixel - y * width < litOf(layers, bar, y));
    const tone = toneOf(codes, scale, room + flash);
    const bin = (tone * BINS) >> 8;
    all[bin] = (all[bin] ?? 0) + EACH;
    if (flash > 0) byFlash[bin] = (byFlash[bin] ?? 0) + (EACH * flash) / (room + flash);
    if (tone >= WHITE) white++;
    else if (tone <= BLACK) black++;
  }
  return { all, flash: byFlash, white: white / counted, black: black / counted };
}

/** Light of three bands by pixel as it is seen. */
export function seen(values: Float32Array, { codes, scale }: ToneTable, into: Uint8ClampedArray): void {
  for (let i = 0, j = 0; i < values.length; i += 3, j += 4) {
    into[j] = toneOf(codes, scale, values[i] ?? 0);
    into[j + 1] = toneOf(codes, scale, values[i + 1] ?? 0);
    into[j + 2] = toneOf(codes, scale, values[i + 2] ?? 0);
    into[j + 3] = 255;
  }
}

function noisy(light: number, shot: number, read: number, place: number): number {
  return light + (CHANCE[(place * SPREAD) & (CHANCES - 1)] ?? 0) * Math.sqrt(shot * light + read);
}

function toneOf(codes: Uint8ClampedArray, scale: number, light: number): number {
  return light <= 0 ? (codes[0] ?? 0) : (codes[Math.min(CODES, (Math.sqrt(light) * scale + 0.5) | 0)] ?? 255);
}

/** Light of a pixel over mid-grey, of the room and of the flash. */
export function lightOf(layers: Layers, factors: Factors, x: number, y: number, bar: DarkBarDocument | null = null): Factors {
  return lightAt(layers, factors, y * layers.width + x, x < litOf(layers, bar, y));
}

function lightAt({ room, flash }: Layers, factors: Factors, pixel: number, isLit: boolean): Factors {
  return { room: factors.room * luminance(room, 3 * pixel), flash: isLit ? factors.flash * luminance(flash, 3 * pixel) : 0 };
}

/** As the eye weighs linear light (ITU-R BT.709). */
function luminance(layer: Float32Array, i: number): number {
  return 0.2126 * (layer[i] ?? 0) + 0.7152 * (layer[i + 1] ?? 0) + 0.0722 * (layer[i + 2] ?? 0);
}
