import { describe, expect, test } from 'vitest';
import { readerOf } from './reader';

const metric = readerOf('metres', '24');
const imperial = readerOf('feet', '12');

describe('lengths', () => {
  test.each([
    [0, '0 m', '0 in'],
    [0.3048, '0.3 m', '1 ft'],
    [1.8285, '1.83 m', '6 ft'],
    [4.88, '4.88 m', '16 ft'],
    [5, '5 m', '16 ft 5 in'],
    [-0.5, '−0.5 m', '−1 ft 8 in'],
  ])('%d m is told as "%s" or "%s"', (metres, plain, feet) => {
    expect([metric.length(metres), imperial.length(metres)]).toEqual([plain, feet]);
  });

  test.each([
    ['5 m', 5],
    ['5m', 5],
    ['2,5 m', 2.5],
    ['250 cm', 2.5],
    ['16 ft', 4.88],
    ["16'", 4.88],
    ['16’', 4.88],
    ['16 feet', 4.88],
    ['5 ft 6 in', 1.68],
    ['5\'6"', 1.68],
    ["5'6", 1.68],
    ['66"', 1.68],
    ['5.5 ft', 1.68],
    ['−2 m', -2],
  ])('"%s" is %d m for everybody', (text, metres) => {
    expect([metric.metresOf(text), imperial.metresOf(text)]).toEqual([metres, metres]);
  });

  test('a bare number is in the unit of whoever types it', () => {
    expect([metric.metresOf('16'), imperial.metresOf('16'), metric.metresOf('3.456')]).toEqual([16, 4.88, 3.456]);
  });

  test.each(['', ' ', '-', 'far', '5 yards', '16 ft m', "'", 'ft', '1.2.3 m'])('"%s" is no length', (text) => {
    expect([metric.metresOf(text), imperial.metresOf(text)]).toEqual([NaN, NaN]);
  });

  test('what a field shows is read back as what it showed', () => {
    for (let inches = 1; inches < 3000; inches += 7) {
      const metres = imperial.metresOf(`${inches} in`);
      expect(imperial.metresOf(imperial.entered(metres, 0.1))).toBe(metres);
      expect(metric.metresOf(metric.entered(metres, 0.1))).toBe(metres);
    }
  });

  test('guide numbers are in feet alone', () => {
    expect([imperial.entered(28, 0.5), imperial.metresOf('91.9 ft')]).toEqual(['91.9 ft', 28.01]);
  });

  test('a hand rounds to what can be told', () => {
    expect([metric.length(metric.grid), imperial.length(imperial.grid)]).toEqual(['0.1 m', '3 in']);
  });
});

test('times are told by the clock of the account', () => {
  expect([metric.time('19:30'), metric.hour('19:00'), imperial.time('19:30'), imperial.hour('00:00')]).toEqual(['19:30', '19:00', '7:30 pm', '12 am']);
});
