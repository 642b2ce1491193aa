import { describe, expect, test } from 'vitest';
import { groundOf } from './ground';

const [W, H] = [120, 80];

/** Dark to the left of a fifth of the picture right of its middle, bright from there on; the pop lights all the other way round. */
const still = {
  width: W,
  height: H,
  room: Float32Array.from({ length: W * H * 3 }, (_, i) => (Math.floor(i / 3) % W < 0.7 * W ? 0 : 1)),
  flash: Float32Array.from({ length: W * H * 3 }, (_, i) => (Math.floor(i / 3) % W < 0.7 * W ? 1 : 0)),
};

/** A zoom to twice the focal length, evenly in its logarithm, in steps of an eighth. */
const zoom = Array.from({ length: 9 }, (_, step) => [2 ** (-step / 8), 0, 0, 0, 2 ** (-step / 8), 0, 0, 0, 1]).flat();

const at = (values: Float32Array, x: number) => values[3 * ((H / 2) * W + Math.round((0.5 + x) * W))] ?? NaN;

describe('what stands still behind somebody who moves', () => {
  test('grows evenly under a camera that stays', () => {
    const { values, times } = groundOf(still, []).room(0.25);
    expect([at(values, 0.1), at(values, 0.3), times]).toEqual([0, 1, 0.25]);
  });

  test('is smeared by a zoom as far as it moved, and the middle stays', () => {
    const { values, times } = groundOf(still, zoom).room(1);
    expect(times).toBe(1);
    // An edge at 0.2 goes to 0.4: half of the way, in the logarithm, is over at 0.2·√2.
    expect(at(values, -0.1)).toBeCloseTo(0, 2);
    expect(at(values, 0.2 * Math.SQRT2)).toBeCloseTo(0.5, 1);
    expect(at(values, 0.42)).toBeCloseTo(1, 2);
  });

  test('is frozen by a pop where it lies then', () => {
    const ground = groundOf(still, zoom);
    expect([at(ground.flash(0), 0.3), at(ground.flash(1), 0.3)]).toEqual([0, 1]);
  });

  test('has gathered the same whether the scrubber came from before or from behind', () => {
    const [there, back] = [groundOf(still, zoom), groundOf(still, zoom)];
    back.room(1);
    for (const share of [0.8, 0.55, 0.1]) {
      const again = back.room(share).values;
      expect(there.room(share).values.every((light, i) => Math.abs(light - (again[i] ?? NaN)) < 1e-4)).toBe(true);
    }
  });
});
