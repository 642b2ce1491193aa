import { expect, test } from 'vitest';
import { areEqual, shared } from './shared';

const before = { levels: { face: 0, room: -2 }, reasons: ['hands', 'movers'], zoom: null };

test('what is equal is the older value itself, part by part', () => {
  const after = shared(before, { levels: { face: 0, room: -1 }, reasons: ['hands', 'movers'], zoom: null });
  expect(after).toEqual({ levels: { face: 0, room: -1 }, reasons: ['hands', 'movers'], zoom: null });
  expect(after.reasons).toBe(before.reasons);
  expect(shared(before, structuredClone(before))).toBe(before);
});

test.each([
  ['a number', { ...before, levels: { face: 0, room: -1 } }],
  ['a part more', { ...before, tint: 1 }],
  ['a part under another name', { levels: before.levels, reasons: before.reasons, zooms: null }],
  ['a longer list', { ...before, reasons: ['hands', 'movers', 'room'] }],
  ['a shorter list', { ...before, reasons: ['hands'] }],
  ['a list for a record', { ...before, levels: [0, -2] }],
  ['nothing', null],
])('differs by %s', (_, other) => {
  expect(areEqual(before, other)).toBe(false);
  expect(areEqual(other, before)).toBe(false);
  expect(shared(before, other)).toEqual(other);
});

test('a copy is equal', () => {
  expect(areEqual(before, structuredClone(before))).toBe(true);
});
