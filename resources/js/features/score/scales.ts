import { scaleOf } from '@/charts/axis';
import type { ScoreMoment, ScorePlaces } from '@/types/generated';

/** Minutes shown before the first moment and after the last. */
const ROOM = 20;

/** How much larger than the whole night in sight: up to a moment across a desk. */
export const ZOOMS = [1, 1.5, 2.25, 3.4, 5, 7.5] as const;

/** px a minute at the least, so that a whole evening on a phone can still be told apart. */
const LEAST = 1.6;

/** px a minute at which a night fits a width, larger by a zoom. */
export function perMinuteOf([from, until]: readonly [number, number], width: number, zoom: number): number {
  return Math.max(LEAST, width / (until - from)) * zoom;
}

/** px that a character of a label takes. */
const CHARACTER = 6.5;

/** The first of some texts that fits a width, or as much of the last as does. */
export function fitting(texts: readonly string[], width: number): string {
  const fits = Math.floor(width / CHARACTER);
  const last = texts.at(-1) ?? '';
  return texts.find((text) => text.length <= fits) ?? (fits < 3 ? '' : `${last.slice(0, fits - 1)}…`);
}

/** What a night spans, in minutes since six in the morning. */
export function spanOf(moments: readonly ScoreMoment[]): readonly [number, number] {
  return [Math.min(...moments.map((moment) => moment.from)) - ROOM, Math.max(...moments.map((moment) => moment.until)) + ROOM];
}

/** px of a minute, from the left edge of the lanes. */
export function alongOf([from, until]: readonly [number, number], perMinute: number): (minute: number) => number {
  return scaleOf([from, until], [0, (until - from) * perMinute]);
}

/** The row in which each moment is written, so that those that overlap do not cover each other. */
export function rowsOf(moments: readonly { readonly from: number; readonly until: number }[]): readonly number[] {
  const free: number[] = [];
  return moments.map(({ from, until }) => {
    const row = free.findIndex((end) => end <= from);
    const at = row === -1 ? free.length : row;
    free[at] = until;
    return at;
  });
}

/** The minute up to which each moment may be written about: its end, or the next that begins before that. */
export function writtenUntil(moments: readonly { readonly from: number; readonly until: number }[]): readonly number[] {
  return moments.map(({ until }, i) => Math.min(until, ...moments.slice(i + 1).map(({ from }) => from)));
}

/** The lowest and highest of some values, at least a span apart, around their middle. */
export function rangeOf(values: readonly number[], least: number): readonly [number, number] {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const wider = Math.max(0, least - (high - low)) / 2;
  return [low - wider, high + wider];
}

export type Stepped = 'shutter' | 'aperture' | 'iso' | 'output';

/** Bars one after the other in which something stays. */
export interface Run<T> {
  readonly from: number;
  readonly until: number;
  readonly at: T;
  /** The first of them. */
  readonly bar: number;
}

/** By what `of` says of each bar; null is a rest. A bar that begins before the last has ended cuts it short. */
export function runsOf<T extends number | string>(places: readonly Pick<ScorePlaces, 'from' | 'until'>[], of: (bar: number) => T | null): readonly Run<T>[] {
  const runs: Run<T>[] = [];
  let rested = true;
  places.forEach((place, bar) => {
    const at = of(bar);
    const last = runs.at(-1);
    if (at !== null) {
      const until = Math.max(place.from, Math.min(place.until, places[bar + 1]?.from ?? place.until));
      if (!rested && last?.at === at) runs[runs.length - 1] = { ...last, until };
      else runs.push({ from: place.from, until, at, bar });
    }
    rested = at === null;
  });
  return runs;
}
