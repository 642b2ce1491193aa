import { expect, test } from 'vitest';
import type { ScoreData } from '@/types/generated';
import { HEAD, heights, LANE, STAFF, STAFFS, SUN } from './measures';

function night(moments: readonly (readonly [number, number, string[]])[], rules: readonly (readonly [number, number])[] = [], gel: string | null = null): ScoreData {
  return {
    score: { bars: [{ gel, modifier: null }] },
    moments: moments.map(([from, until, cautions]) => ({ from, until, cautions })),
    rules: rules.map(([from, until]) => ({ from, until })),
  } as unknown as ScoreData;
}

test('lanes lie one under the other, and none on another', () => {
  const { top, sun, curve, ceiling, staffs, head, curtain, lens, care, gel, heat, all } = heights(night([[0, 60, ['Mind the step.']], [30, 90, []]], [[0, 90], [10, 20]], 'Half orange'));
  const lanes = [top, sun, curve, ceiling, staffs, head, curtain, lens, gel ?? NaN, care ?? NaN, heat, all];
  expect(lanes).toEqual([...lanes].sort((a, b) => a - b));
  expect(sun - top).toBeGreaterThanOrEqual(2 * HEAD);
  expect(curve - sun).toBeGreaterThanOrEqual(SUN);
  expect(head - staffs).toBe(STAFFS.length * STAFF);
});

test('a night without rules or cautions takes no room for them', () => {
  const plain = heights(night([[0, 60, []]]));
  const ruled = heights(night([[0, 60, []]], [[0, 60]]));
  const careful = heights(night([[0, 60, ['Mind the step.']]]));
  const gelled = heights(night([[0, 60, []]], [], 'Half orange'));
  expect(plain.care).toBeNull();
  expect(ruled.all - plain.all).toBe(LANE);
  expect(careful.all - plain.all).toBe(LANE);
  expect(plain.gel).toBeNull();
  expect(gelled.all - plain.all).toBe(LANE);
  expect(heights(night([])).all).toBe(plain.all);
});
