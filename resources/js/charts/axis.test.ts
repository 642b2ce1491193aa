import { describe, expect, it } from 'vitest';
import { clockOf, DAY, levelMark, minutesSince, scaleOf, stopMark, ticks } from './axis';

describe('a scale', () => {
  it('runs from one end to the other, and on beyond both', () => {
    const x = scaleOf([2, 4], [100, 300]);
    expect([2, 3, 4, 5, 1].map(x)).toEqual([100, 200, 300, 400, 0]);
  });

  it('turns round where its ends do', () => {
    const y = scaleOf([0, 10], [200, 0]);
    expect([0, 5, 10].map(y)).toEqual([200, 100, 0]);
  });

  it('gives equal travel to equal ratios where it is told to', () => {
    const x = scaleOf([1, 16], [0, 400], Math.log2);
    expect([1, 2, 4, 8, 16].map((metres) => Math.round(x(metres)))).toEqual([0, 100, 200, 300, 400]);
  });

  it('has no holes where both ends are one', () => {
    expect(Number.isFinite(scaleOf([3, 3], [0, 100])(3))).toBe(true);
  });
});

describe('marks of a scale', () => {
  it('are the multiples between its ends, the ends included', () => {
    expect(ticks(0, 4)).toEqual([0, 1, 2, 3, 4]);
    expect(ticks(1, 13, 4)).toEqual([4, 8, 12]);
    expect(ticks(-5, 5, 5)).toEqual([-5, 0, 5]);
    expect(ticks(0.2, 0.8)).toEqual([]);
    expect(ticks(4, 2)).toEqual([]);
  });

  it('are written with a sign that is as wide as a plus', () => {
    expect([-2, 0, 3].map(stopMark)).toEqual(['−2', '0', '+3']);
    expect([-2, 0, 3].map(levelMark)).toEqual(['−2', '0', '3']);
  });
});

describe('times', () => {
  it('are told from the turn of the day, at six in the morning', () => {
    expect([0, 750, 1080, 1439, -60].map(clockOf)).toEqual(['06:00', '18:30', '00:00', '05:59', '05:00']);
  });

  it('come back as they went, through the whole day', () => {
    for (const minute of ticks(0, DAY - 1, 7)) expect(minutesSince(360, clockOf(minute))).toBe(minute);
  });

  it('count on over midnight', () => {
    expect(minutesSince(20 * 60, '01:30')).toBe(330);
    expect(minutesSince(20 * 60, '20:00')).toBe(0);
  });
});
