import { expect, test } from 'vitest';
import type { ScoreMoment, ScorePlaces } from '@/types/generated';
import { alongOf, fitting, perMinuteOf, rangeOf, rowsOf, runsOf, spanOf, type Stepped, writtenUntil } from './scales';

const moment = (from: number, until: number) => ({ from, until }) as unknown as ScoreMoment;
const place = (from: number, until: number, iso: number, output: number | null = -4): ScorePlaces => ({ from, until, shutter: 6, aperture: 4, iso, output, shutterLabel: '1/60', apertureLabel: 'f/4', isoLabel: '' });

const runs = (places: readonly ScorePlaces[], control: Stepped) => runsOf(places, (i) => places[i]?.[control] ?? null);

test('a night spans its moments and a little more', () => {
  const span = spanOf([moment(720, 780), moment(700, 730)]);
  expect(span).toEqual([680, 800]);
  expect(alongOf(span, 2)(700)).toBe(40);
});

test('moments that overlap stand in rows of their own', () => {
  expect(rowsOf([moment(0, 60), moment(30, 90), moment(60, 80), moment(85, 95), moment(90, 99)])).toEqual([0, 1, 0, 0, 1]);
});

test('what is written about a moment ends where the next begins', () => {
  expect(writtenUntil([moment(0, 60), moment(30, 90), moment(120, 130)])).toEqual([30, 90, 130]);
});

test('a night fits what it is drawn on, but for a phone', () => {
  expect(perMinuteOf([0, 500], 1000, 1.5)).toBe(3);
  expect(perMinuteOf([0, 500], 300, 1)).toBe(1.6);
});

test('a label says as much as there is room for', () => {
  const texts = ['1/4 s, 10 slower', '1/4 s'];
  expect([200, 40, 26, 10].map((width) => fitting(texts, width))).toEqual(['1/4 s, 10 slower', '1/4 s', '1/4…', '']);
});

test('a staff that hardly moves is not stretched', () => {
  expect(rangeOf([4, 4], 2)).toEqual([3, 5]);
  expect(rangeOf([0, 6], 2)).toEqual([0, 6]);
});

test('a control that stays is one run, and says where it came there', () => {
  expect(runs([place(0, 30, 3), place(40, 60, 3), place(60, 90, 4)], 'iso')).toEqual([
    { from: 0, until: 60, at: 3, bar: 0 },
    { from: 60, until: 90, at: 4, bar: 2 },
  ]);
});

test('a flash that is off leaves a rest', () => {
  expect(runs([place(0, 30, 3), place(30, 60, 3, null), place(60, 90, 3)], 'output')).toEqual([
    { from: 0, until: 30, at: -4, bar: 0 },
    { from: 60, until: 90, at: -4, bar: 2 },
  ]);
});

test('a bar that overlaps the next is cut short, so that the staff has one line', () => {
  expect(runs([place(0, 60, 3), place(30, 90, 4)], 'iso').map(({ from, until }) => [from, until])).toEqual([[0, 30], [30, 90]]);
});
