import { turnOfTheDay } from '@/types/generated';

/** Minutes of a day. */
export const DAY = 1440;

/** Minutes to which a hand sets times. */
export const GRAIN = 5;

/** Values to px, from one end of a scale to the other; equal travel is an equal step, or by `along` what it makes of them. */
export function scaleOf([from, to]: readonly [number, number], [start, end]: readonly [number, number], along: (value: number) => number = same): (value: number) => number {
  const first = along(from);
  const span = along(to) - first;
  return (value) => start + ((along(value) - first) / (Math.abs(span) < 1e-6 ? 1e-6 : span)) * (end - start);
}

function same(value: number): number {
  return value;
}

/** The multiples of a step between two ends, the ends included. */
export function ticks(from: number, to: number, step = 1): number[] {
  const first = Math.ceil(from / step);
  return Array.from({ length: Math.max(0, Math.floor(to / step) - first + 1) }, (_, i) => (first + i) * step);
}

/** Whole stops as a scale has them: "+2", "0", "−1". */
export function stopMark(stops: number): string {
  return stops > 0 ? `+${stops}` : levelMark(stops);
}

/** Whole EV as a scale has them: "6", "−2". */
export function levelMark(ev: number): string {
  return String(ev).replace('-', '−');
}

/** "19:30" of minutes since the turn of the day. */
export function clockOf(minutes: number): string {
  const ofDay = (minutes + turnOfTheDay + DAY) % DAY;
  return `${String(Math.floor(ofDay / 60)).padStart(2, '0')}:${String(ofDay % 60).padStart(2, '0')}`;
}

/** Minutes of "19:30" since a minute of the day. */
export function minutesSince(start: number, clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return (hours * 60 + minutes - start + DAY) % DAY;
}
