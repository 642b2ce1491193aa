import { describe, expect, test } from 'vitest';
import type { FigureDocument, TrailDocument } from '@/types/generated';
import { makePainter, type Outline, type Told } from './painter';

const STEPS = Array.from({ length: 49 }, (_, i) => i / 48);

/** A square of a fifth of the frame that goes by a tenth to the right. */
const figure: FigureDocument = {
  outlineAcross: [-0.1, 0.1, 0.1, -0.1],
  outlineUp: [0.1, 0.1, -0.1, -0.1],
  across: STEPS.map((at) => 0.1 * at),
  up: STEPS.map(() => 0),
  scale: STEPS.map(() => 1),
  turn: STEPS.map(() => 0),
  room: 0.25,
  pop: 0.75,
};

const trail = (across: (at: number) => number, lights: number): TrailDocument => ({
  shape: 'line',
  sentence: '',
  across: STEPS.map(across),
  up: STEPS.map(() => 0.25),
  lights: STEPS.slice(1).map(() => lights),
  spot: 0.004,
  length: { percent: 20, mm: 7.2, pixels: 1200 },
  level: 0,
  against: 0,
  growsWithTime: false,
  isWhite: false,
  red: 1,
  green: 1,
  blue: 1,
  dashes: null,
});

const W = 300;
const every = (light: number) => new Float32Array(W * 200 * 3).fill(light);
/** A wall of a tenth of mid-grey, and half as much of it by the pop. */
const WALL = { still: { width: W, height: 200, room: every(1), flash: every(1) }, factors: { room: 0.1, flash: 0.05 }, roomTint: [1, 1, 1], flashTint: [1, 1, 1] };
const expose = (told: Told, pops: number, at: number, outlines: readonly Outline[] = [figure]) => makePainter({ ...told, outlines }, WALL)(pops, at);
const at = (values: Float32Array, x: number, y: number) => values[3 * (Math.round(100 - y * W) * W + Math.round(150 + x * W))] ?? NaN;

describe('what gathers while the shutter is open', () => {
  test('the room grows evenly where nothing moves', () => {
    for (const share of [0, 0.25, 1]) expect(at(expose({ figure, trails: [], before: [] }, 2, share).values, -0.4, 0)).toBeCloseTo(0.1 * share, 5);
  });

  test('the pop freezes the figure where it stands then', () => {
    const first = expose({ figure, trails: [], before: [] }, 0, 1).values;
    expect(at(first, -0.05, 0) - at(expose({ figure, trails: [], before: [] }, 2, 1).values, -0.05, 0)).toBeCloseTo(0.75, 5);
    const second = expose({ figure, trails: [], before: [] }, 1, 1).values;
    expect(at(second, -0.05, 0)).toBeLessThan(0.5);
    expect(at(second, 0.15, 0)).toBeGreaterThan(0.75);
  });

  test('all of a group go the same way, and none is covered twice', () => {
    const beside = { outlineAcross: [-0.4, -0.2, -0.2, -0.4], outlineUp: figure.outlineUp };
    const two = expose({ figure, trails: [], before: [] }, 0, 1, [figure, beside]).values;
    expect(at(two, -0.3, 0)).toBeCloseTo(at(two, 0, 0), 5);
    const twice = expose({ figure, trails: [], before: [] }, 0, 1, [figure, figure]).values;
    expect(at(twice, 0, 0)).toBeCloseTo(at(two, 0, 0), 5);
  });

  test('a place in the smear gets the share of the time for which it is covered', () => {
    const { values } = expose({ figure, trails: [], before: [] }, 2, 1);
    for (const share of [0.25, 0.5, 0.75]) expect(at(values, 0.1 + 0.1 * share, 0)).toBeCloseTo((1 - share) * 0.25 + share * 0.1, 1);
  });

  test('the stages are the whole: what comes in a part adds to what was there', () => {
    const picture = { figure, trails: [trail((share) => 0.2 * share, 0.5)], before: [] };
    const [half, whole] = [expose(picture, 0.2, 0.5).values, expose(picture, 0.2, 1).values];
    expect(whole.every((light, i) => light >= (half[i] ?? 0) - 1e-4)).toBe(true);
    expect(at(whole, -0.4, 0) - at(half, -0.4, 0)).toBeCloseTo(0.05, 5);
  });

  test('a trail is as long and as bright as it is told', () => {
    const { values } = expose({ figure, trails: [trail((share) => -0.4 + 0.2 * share, 3)], before: [] }, 2, 1);
    const row = Array.from({ length: W }, (_, x) => (values[3 * (25 * W + x)] ?? 0) - 0.1).filter((light) => light > 1.5);
    expect(row.length).toBeGreaterThan(58);
    expect(row.length).toBeLessThan(62);
    expect(row[30]).toBeCloseTo(3, 2);
  });

  test('a lamp that stands gathers all of its light on one spot', () => {
    expect(at(expose({ figure, trails: [trail(() => 0.3, 0.25)], before: [] }, 2, 1).values, 0.3, 0.25) - 0.1).toBeCloseTo(12, 1);
    expect(at(expose({ figure, trails: [trail(() => 0.3, 0.25)], before: [] }, 2, 0.5).values, 0.3, 0.25) - 0.05).toBeCloseTo(6, 1);
  });
});
