import type { ScoreData } from '@/types/generated';
import { rowsOf, type Stepped } from './scales';

/** px of the names beside the lanes. */
export const NAMES = 78;
export const HEAD = 30;
export const SUN = 40;
export const CURVE = 104;
export const CEILING = 56;
export const STAFF = 58;
export const LANE = 26;
export const HEAT = 46;

export const STAFFS: readonly (readonly [Stepped, string])[] = [
  ['shutter', 'Shutter'],
  ['aperture', 'Aperture'],
  ['iso', 'ISO'],
  ['output', 'Output'],
];

/** px from the top at which the lanes begin. */
export function heights(score: ScoreData) {
  const rows = 1 + Math.max(0, ...rowsOf(score.moments));
  const top = 22 + (score.rules.length === 0 ? 0 : LANE * (1 + Math.max(...rowsOf(score.rules))));
  const sun = top + rows * HEAD + 6;
  const curve = sun + SUN + 4;
  const ceiling = curve + CURVE;
  const staffs = ceiling + CEILING + 16;
  const head = staffs + STAFFS.length * STAFF;
  const lens = head + 2 * LANE;
  const gel = score.score.bars.some((bar) => bar.gel !== null || bar.modifier !== null) ? lens + LANE : null;
  const care = score.moments.some((moment) => moment.cautions.length > 0) ? (gel ?? lens) + LANE : null;
  const heat = (care ?? gel ?? lens) + LANE;
  return { top, sun, curve, ceiling, staffs, head, curtain: head + LANE, lens, gel, care, heat, all: heat + HEAT + 6 };
}

/** px of a minute since six in the morning. */
export type Along = (minute: number) => number;
