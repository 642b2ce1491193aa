import { expect, test } from 'vitest';
import { shownWhen, storedWhen, timeOf, type WhenKind } from './when';

test.each<[WhenKind, string, string]>([
  ['time', '19:30', '19:30'],
  ['time', '1930', '19:30'],
  ['time', '19.30', '19:30'],
  ['time', '7:30 pm', '19:30'],
  ['time', '7:30PM', '19:30'],
  ['time', '7 p.m.', '19:00'],
  ['time', '12 am', '00:00'],
  ['time', '12:15 pm', '12:15'],
  ['time', '9:05', '09:05'],
  ['date', '2027-09-18', '2027-09-18'],
  ['date', '2027-9-8', '2027-09-08'],
  ['date', '18 Sep 2027', '2027-09-18'],
  ['date', 'Sat, 18 September 2027', '2027-09-18'],
  ['date', 'September 18th, 2027', '2027-09-18'],
  ['date', '18.9.2027', '2027-09-18'],
  ['datetime-local', '2027-09-18T19:30', '2027-09-18T19:30'],
  ['datetime-local', '2027-09-18 19:30', '2027-09-18T19:30'],
  ['datetime-local', '18 Sep 2027, 7:30 pm', '2027-09-18T19:30'],
])('%s "%s" is stored as %s', (kind, typed, stored) => {
  expect(storedWhen(kind, typed)).toBe(stored);
});

test.each<[WhenKind, string]>([
  ['time', '25:00'],
  ['time', '19:75'],
  ['time', '19'],
  ['time', '13 pm'],
  ['time', 'late'],
  ['date', '9/8/2027'],
  ['date', '18 Brumaire 2027'],
  ['date', '18.13.2027'],
  ['datetime-local', '18 Sep 2027'],
  ['datetime-local', '19:30'],
])('%s "%s" is left as it is, for the server to refuse', (kind, typed) => {
  expect(storedWhen(kind, typed)).toBe(typed);
  expect(shownWhen(kind, typed, timeOf)).toBe(typed);
});

test('what a field shows is read back as what is stored', () => {
  for (const [kind, stored, shown] of [
    ['time', '00:05', '12:05 am'],
    ['date', '2027-09-18', '18 Sep 2027'],
    ['datetime-local', '2027-12-01T12:30', '1 Dec 2027, 12:30 pm'],
  ] as const) {
    expect(shownWhen(kind, stored, timeOf)).toBe(shown);
    expect(storedWhen(kind, shown)).toBe(stored);
  }
});
