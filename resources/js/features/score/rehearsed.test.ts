import { expect, test } from 'vitest';
import type { ScoreData } from '@/types/generated';
import { missingAround, Rehearsed } from './rehearsed';

const score = (minute: number, moments = 14) => ({ sunset: minute, moments: Array.from({ length: moments }) }) as unknown as ScoreData;

test('times are asked for around the hand, nearest first, within the day', () => {
  expect(missingAround(600, 1, () => false, 5)).toEqual([600, 605, 595, 610, 590]);
  expect(missingAround(600, -1, (minute) => minute >= 600, 2)).toEqual([595, 590]);
  expect(missingAround(0, 1, () => false, 3)).toEqual([0, 5, 10]);
  expect(missingAround(1435, 1, () => false, 2)).toEqual([1435, 1430]);
  expect(missingAround(600, -1, () => false, 99).slice(-2)).toEqual([560, 555]);
});

test('one request at a time follows the hand, and few come first', async () => {
  const asked: (readonly number[])[] = [];
  const answers: (() => void)[] = [];
  let came = 0;
  const rehearsed = new Rehearsed(
    (minutes) => {
      asked.push(minutes);
      return new Promise((resolve) => answers.push(() => { resolve(minutes.map((minute) => score(minute))); }));
    },
    () => { came += 1; },
    600,
    score(600),
  );
  const answer = async () => {
    answers.shift()?.();
    await new Promise((resolve) => setTimeout(resolve));
  };
  rehearsed.want(600);
  rehearsed.want(700);
  expect(asked).toEqual([[605, 595, 610]]);
  await answer();
  expect(rehearsed.at(605)).toEqual(score(605));
  expect(asked).toHaveLength(2);
  expect(asked[1]?.slice(0, 3)).toEqual([700, 705, 695]);
  await answer();
  expect(rehearsed.at(700)).toEqual(score(700));
  expect(came).toBe(2);
  expect(asked[2]).toEqual([745]);
});

test('where no score comes nothing more is asked until the hand moves', async () => {
  let asked = 0;
  const rehearsed = new Rehearsed(
    () => {
      asked += 1;
      return Promise.resolve(null);
    },
    () => undefined,
    600,
    score(600),
  );
  rehearsed.want(600);
  await new Promise((resolve) => setTimeout(resolve));
  expect(asked).toBe(1);
  rehearsed.want(605);
  expect(asked).toBe(2);
  expect(rehearsed.at(605)).toBeUndefined();
});

test('a night of very many moments is asked for two at a time', () => {
  const asked: (readonly number[])[] = [];
  const rehearsed = new Rehearsed(
    (minutes) => {
      asked.push(minutes);
      return Promise.resolve(null);
    },
    () => undefined,
    600,
    score(600, 300),
  );
  rehearsed.want(605);
  expect(asked).toEqual([[605, 610]]);
});
