import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { PictureDocument } from '@/types/generated';
import { lightOf } from './develop';
import { paint } from './painter';

type Changes = Readonly<Record<string, unknown>>;

const CORE = new URL('../../../../../core/', import.meta.url).pathname;
const WIDTH = 560;

/** What the core says of a moment, asked at the shell. */
function pictureOf(changes: Changes): PictureDocument {
  const supper = JSON.parse(readFileSync(`${CORE}examples/supper.json`, 'utf8')) as Record<string, unknown>;
  const merged = Object.fromEntries(
    Object.entries({ ...supper, ...changes }).map(([name, part]) => {
      const before = supper[name];
      return [name, part !== null && typeof part === 'object' && typeof before === 'object' ? { ...before, ...part } : part];
    }),
  );
  return JSON.parse(execFileSync(process.env['PHP'] ?? 'php8.2', [`${CORE}bin/light`, 'picture'], { input: JSON.stringify(merged), encoding: 'utf8' })) as PictureDocument;
}

const MOMENTS: readonly (readonly [string, Changes])[] = [
  ['the supper', {}],
  ['straight at them', { head: 'direct' }],
  ['by the left wall', { head: 'left' }],
  ['a group before a band', { people: { count: 8, rows: 2, rowGap: 1, behind: 'band' }, subject: { distance: 4 }, head: 'up' }],
  ['through a gel, in warm light', { flash: { gel: { kind: 'full-orange' } }, roomKelvin: 2700 }],
  ['under a roof, a wide lens', { room: { roof: { ridge: 6.5, runs: 'along' } }, lens: { focalLength: 24 }, head: 'up' }],
  ['before a window', { people: { behind: 'window' }, outdoors: 8 }],
  ['without flash', { look: { withoutFlash: true } }],
];

describe('what the core says of a place', () => {
  it.each(MOMENTS)('is what is painted there: %s', (_, changes) => {
    const picture = pictureOf(changes);
    const layers = paint(picture, WIDTH, 1000);
    const luminance = (tint: readonly number[]) => 0.2126 * (tint[0] ?? 0) + 0.7152 * (tint[1] ?? 0) + 0.0722 * (tint[2] ?? 0);
    expect([luminance(picture.roomTint), luminance(picture.flashTint)]).toEqual([expect.closeTo(1, 2), expect.closeTo(1, 2)]);
    const seen = picture.spots.map(({ name, across, up, room, flash }) => {
      const there = lightOf(layers, { room: 1, flash: 1 }, Math.min(WIDTH - 1, Math.floor((0.5 + across) * WIDTH)), Math.min(layers.height - 1, Math.floor(layers.height / 2 - up * WIDTH)));
      return { name, off: Math.max(off(there.room, room), off(there.flash, flash)) };
    });
    expect(seen.length).toBeGreaterThanOrEqual(12);
    expect(seen.filter(({ off: stops }) => stops > 0.05)).toEqual([]);
  });
});

/** Stops between two lights; 0 where neither is seen. */
function off(light: number, told: number): number {
  return Math.max(light, told) < 1e-3 ? 0 : Math.abs(Math.log2(light / told));
}
