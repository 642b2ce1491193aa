import { describe, expect, it } from 'vitest';
import type { PictureDocument, PictureFigureDocument, PictureShinerDocument } from '@/types/generated';
import { BINS, develop, histogramOf, lightOf, PLAIN, toneTable } from './develop';
import { paint } from './painter';

const WIDTH = 360;
const EYE_TO_FACE = 4;
const HALF = 18 / 35;

const FACE: PictureFigureDocument = { kind: 'person', isOfGroup: true, isSubject: true, at: [EYE_TO_FACE, 3, 1.5], cloth: 1, face: 1.5, room: 0.5, front: [1, 1, 1], left: 0.5, right: 0.2, above: 0.4, below: 0.1, blur: 0 };
const LAMP: PictureShinerDocument = { name: 'Lamp', at: [8, 4, 2], width: 0.05, height: null, light: 100, tint: [1, 1, 1], blur: 0.1 };

/** A level camera that looks along a room of 10 x 6 x 3 m at a far wall of twice mid-grey, lit as strongly as the face. */
function pictureOf(parts: Partial<PictureDocument> = {}): PictureDocument {
  return {
    eye: [0, 3, 1.5],
    forward: [1, 0, 0],
    right: [0, -1, 0],
    up: [0, 0, 1],
    half: HALF,
    aspect: 2 / 3,
    surfaces: [{ name: 'far wall', corner: [10, -20, -20], along: [0, 50, 0], across: [0, 0, 50], tone: [2, 2, 2], shine: 0, columns: 2, rows: 2, flash: Array.from({ length: 12 }, () => 1e5) }],
    figures: [],
    shiners: [],
    outlineAcross: [0, 0.08, 0.1, 0.2, 0.2, 0.15],
    outlineUp: [0.13, 0.07, -0.15, -0.25, -0.8, -1.62],
    roomTint: [1, 1, 1],
    flashTint: [1, 1, 1],
    tones: Array.from({ length: 513 }, (_, i) => (i / 512) * 255),
    brightest: 64,
    shadow: null,
    grain: { shot: 0, read: 0 },
    bars: [],
    ...parts,
  } as unknown as PictureDocument;
}

const ONE = { room: 1, flash: 1 };

describe('the picture', () => {
  it('shows a wall by both lights, each at its own level', () => {
    const layers = paint(pictureOf(), WIDTH, 4);
    const there = lightOf(layers, { room: 0.5, flash: 0.25 }, 20, 20);
    expect(there.room).toBeCloseTo(1, 4);
    expect(there.flash).toBeCloseTo(0.5, 4);
  });

  it('makes a person as tall as the lens does', () => {
    const layers = paint(pictureOf({ figures: [FACE] }), WIDTH, 4);
    // The wall sends 2 of the room, cloth 0.5 and skin 0.75.
    const rows = Array.from({ length: layers.height }, (_, y) => lightOf(layers, ONE, WIDTH / 2, y).room < 1.4);
    const perMetre = WIDTH / (2 * HALF * EYE_TO_FACE);
    expect(rows.indexOf(true)).toBeCloseTo(layers.height / 2 - 0.13 * perMetre, -0.5);
    expect(rows.filter(Boolean).length).toBeCloseTo(Math.min(1.63 * perMetre, layers.height / 2 + 0.13 * perMetre), -0.5);
  });

  it('gives the middle of a face the light of the face', () => {
    const layers = paint(pictureOf({ figures: [FACE] }), WIDTH, 4);
    const face = lightOf(layers, ONE, WIDTH / 2, layers.height / 2);
    expect(face.flash).toBeCloseTo(1.5, 1);
    expect(face.room).toBeCloseTo(0.75, 1);
    const [left, right] = [-5, 4].map((aside) => lightOf(layers, ONE, WIDTH / 2 + aside, Math.round(layers.height / 2 + 3)).flash);
    expect(left).toBeGreaterThan(right ?? Infinity);
  });

  it('spreads the light of a lamp over a disc of the width of its blur', () => {
    const bare = paint(pictureOf(), WIDTH, 2);
    for (const fNumber of [2, 4]) {
      const layers = paint(pictureOf({ shiners: [LAMP] }), WIDTH, fNumber);
      const disc = (LAMP.blur / fNumber) * WIDTH;
      let [sum, most] = [0, 0];
      const across = new Set<number>();
      for (let y = 0; y < layers.height; y++) {
        for (let x = 0; x < WIDTH; x++) {
          const added = lightOf(layers, ONE, x, y).room - lightOf(bare, ONE, x, y).room;
          sum += added;
          most = Math.max(most, added);
          if (added > most / 2) across.add(x);
        }
      }
      const own = 0.05 * (WIDTH / (2 * HALF * 8));
      expect(across.size / disc).toBeCloseTo(1, 0.7);
      expect(most).toBeCloseTo(100 * (own / disc) ** 2, 2);
      expect(sum / (100 * Math.PI * (own / 2) ** 2)).toBeCloseTo(1, 1);
    }
  });

  it('puts what is nearer over what is farther', () => {
    const farther = { ...FACE, at: [6, 3, 1.5], cloth: 9, face: 9 };
    for (const figures of [[FACE, farther], [farther, FACE]]) {
      const layers = paint(pictureOf({ figures }), WIDTH, 4);
      expect(lightOf(layers, ONE, WIDTH / 2, layers.height / 2).room).toBeLessThan(1);
    }
  });

  it('counts its tones by light and tells what is lost', () => {
    const picture = pictureOf();
    const layers = paint(picture, 60, 4);
    const into = new Uint8ClampedArray(60 * 40 * 4);
    const tones = toneTable(picture);
    const grey = histogramOf(layers, { room: 0.5, flash: 0.5 }, tones, null);
    const bin = grey.all.indexOf(60 * 40);
    expect(grey.flash[bin]).toBeCloseTo(60 * 40 * 0.5, 0);
    expect([grey.white, grey.black]).toEqual([0, 0]);
    develop(layers, { room: 0.5, flash: 0.5 }, tones, PLAIN, into);
    expect(Array.from(into.subarray(0, 4))).toEqual([45, 45, 45, 255]);
    const burnt = histogramOf(layers, { room: 100, flash: 0 }, tones, null);
    expect(burnt.white).toBe(1);
    expect(burnt.all[BINS - 1]).toBe(60 * 40);
    develop(layers, { room: 100, flash: 0 }, tones, { ...PLAIN, showsLost: true }, into);
    expect(Array.from(into.subarray(0, 3))).toEqual([176, 46, 38]);
  });

  it('throws the shadow of a person on the wall, away from the light and as soft as that is large', () => {
    const wall = [{ name: 'far wall', corner: [4.5, -20, -20], along: [0, 50, 0], across: [0, 0, 50], tone: [2, 2, 2], shine: 0, columns: 2, rows: 2, flash: Array.from({ length: 12 }, () => 1e5) }];
    // A light a metre to the left of the lens: half a metre behind a face at 4 m its shadow lies 0.125 m to the right.
    const cast = (size: number) => paint(pictureOf({ figures: [FACE], surfaces: wall, shadow: { from: [0, 4, 1.5], size, share: 0.8 } }), WIDTH, 4);
    const perMetre = WIDTH / (2 * HALF * 4.5);
    const at = (layers: ReturnType<typeof cast>, aside: number) => lightOf(layers, ONE, Math.round(WIDTH / 2 + aside * perMetre), Math.round(layers.height / 2)).flash;
    const hard = cast(0.02);
    expect(at(hard, 0.17)).toBeCloseTo(0.4, 1);
    expect(at(hard, -0.3)).toBeCloseTo(2, 4);
    expect(at(hard, 0.6)).toBeCloseTo(2, 4);
    const edge = 0.125 + 0.09 * (4.5 / 4);
    expect(at(cast(0.6), edge + 0.02)).toBeLessThan(at(hard, edge + 0.02));
  });

  it('leaves the flash out where the curtain stands, at the bottom or at the side', () => {
    const layers = paint(pictureOf(), WIDTH, 4);
    const flash = (isAtRight: boolean, x: number, y: number) => lightOf(layers, ONE, x, y, { shutter: '1/400', share: 0.5, isAtRight }).flash;
    expect([flash(false, 5, layers.height - 3), flash(false, 5, 3), flash(true, WIDTH - 3, 3), flash(true, 3, layers.height - 3)].map((light) => Math.round(100 * light) / 100)).toEqual([0, 2, 0, 2]);
    const into = new Uint8ClampedArray(layers.width * layers.height * 4);
    develop(layers, ONE, toneTable(pictureOf()), { ...PLAIN, bar: { shutter: '1/400', share: 0.5, isAtRight: false } }, into);
    expect(into[0] ?? 0).toBeGreaterThan(into[into.length - 4] ?? 255);
    const whole = histogramOf(layers, ONE, toneTable(pictureOf()), null).flash;
    const barred = histogramOf(layers, ONE, toneTable(pictureOf()), { shutter: '1/400', share: 0.5, isAtRight: true }).flash;
    const sum = (counts: Float32Array) => counts.reduce((all, count) => all + count, 0);
    expect(sum(barred) / sum(whole)).toBeCloseTo(0.5, 2);
  });

  it('scatters noise about the light by as much as it is told', () => {
    const layers = paint(pictureOf(), WIDTH, 4);
    const codes = (grain: { shot: number; read: number } | null) => {
      const into = new Uint8ClampedArray(layers.width * layers.height * 4);
      develop(layers, { room: 0.25, flash: 0 }, toneTable({ tones: [0, 255], brightest: 1 }), { ...PLAIN, grain }, into);
      return Array.from({ length: 4000 }, (_, i) => into[4 * i] ?? 0);
    };
    // By a straight line from the square root of the light to its code.
    const light = codes({ shot: 0, read: 0.0025 }).map((code) => (code / 255) ** 2);
    const mean = light.reduce((sum, value) => sum + value, 0) / light.length;
    const spread = Math.sqrt(light.reduce((sum, value) => sum + (value - mean) ** 2, 0) / light.length);
    expect(spread).toBeCloseTo(0.05, 2);
    expect(new Set(codes(null)).size).toBe(1);
  });
});
