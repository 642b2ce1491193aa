import { expect, test } from 'vitest';
import { begunBy, minuteOfNight } from './tonight';

const bars = [{ from: '18:00' }, { from: '23:30' }, { from: '00:45' }];

test('during the night the card is the one that has begun last, after midnight too', () => {
  const at = (time: string) => begunBy(bars, '2027-09-18', new Date(time));
  expect([at('2027-09-18T17:00'), at('2027-09-18T18:00'), at('2027-09-18T23:59'), at('2027-09-19T00:30'), at('2027-09-19T02:00')]).toEqual([0, 0, 1, 1, 2]);
});

test('on any other day it is the first', () => {
  expect([begunBy(bars, '2027-09-18', new Date('2027-09-17T23:40')), begunBy(bars, '2027-09-18', new Date('2027-09-19T07:00')), begunBy([], '2027-09-18', new Date('2027-09-18T20:00'))]).toEqual([0, 0, 0]);
});

test('the night stands at its minute while it lasts, and nowhere before or after', () => {
  expect([minuteOfNight('2027-09-18', new Date('2027-09-18T19:30')), minuteOfNight('2027-09-18', new Date('2027-09-19T00:30')), minuteOfNight('2027-09-18', new Date('2027-09-19T06:00'))]).toEqual([810, 1110, null]);
});
